import { isDeepStrictEqual } from 'node:util'
import Papa from 'papaparse'
import { entrySchema, FILE_FORMAT, type FormulaFile, type Imported, MOST_FORMULAS } from '@/contract/files'
import { type KitchenFacts, kitchenSchemas } from '@/contract/kitchen'
import { firstProblem } from '@/contract/text'
import { allergens, type Component, components, faultsOf, idFor, ingredients, mix, readNumber } from '@/core'
import { addRevisionIn, db, type FormulaRecord, findFormula, listFormulas, putThings, readThings, transact } from '@/db'
import { plainCell, writeCsv } from './csv'
import { formula } from './formulas'
import { checkSound } from './http'
import { inTurns } from './in-turns'
import { Problem } from './problem'
import { checkWorkable } from './workable'

const KEPT = 'Nothing of it was taken in, and nothing was changed.'

/** How many formulas are read at once: between them others have their turn. */
const AT_ONCE = 50

/** The whole book, or one formula of it, as the text of a file. */
export async function exportFormulas(id?: string): Promise<string> {
  const entries: string[] = []
  for await (const { id: address, document } of id === undefined ? wholeBook() : [await formula(id)])
    entries.push(JSON.stringify({ address, document }, null, 1))
  if (entries.length === 0) throw new Problem(404, 'The book is empty: there is nothing to export')
  return `{ "format": "${FILE_FORMAT}", "version": 1, "formulas": [\n${entries.join(',\n')}\n] }\n`
}

async function* wholeBook(): AsyncGenerator<FormulaRecord> {
  let after = ''
  for (;;) {
    const { records, last } = await listFormulas(db(), after, AT_ONCE)
    yield* records
    if (last === null) return
    after = last
  }
}

/** Where in a text a JSON parser gave up, in lines and columns. */
function placeIn(text: string, error: Error): string {
  const at = Number(/position (\d+)/.exec(error.message)?.[1] ?? Number.NaN)
  if (Number.isNaN(at)) return 'It ends before it is complete'
  const before = text.slice(0, at).split('\n')
  return `Line ${before.length}, column ${(before.at(-1)?.length ?? 0) + 1}`
}

/** Checks a file of formulas, letting others have their turn meanwhile. @throws Problem 400 that names the place. */
export async function readFile(text: string): Promise<FormulaFile> {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (error) {
    throw new Problem(400, `This is not JSON. ${placeIn(text, error as Error)}`, KEPT)
  }
  const head = value as { format?: unknown; version?: unknown; formulas?: unknown } | null
  if (head?.format !== FILE_FORMAT)
    throw new Problem(400, `This is not a file of formulas: its format is not "${FILE_FORMAT}"`, KEPT)
  if (head.version !== 1)
    throw new Problem(
      400,
      `This file is of version ${JSON.stringify(head.version)?.slice(0, 20)}; version 1 is understood here`,
      KEPT,
    )
  const { formulas } = head
  if (!Array.isArray(formulas) || formulas.length === 0)
    throw new Problem(400, 'formulas: there is none in the file', KEPT)
  if (formulas.length > MOST_FORMULAS)
    throw new Problem(413, `At most ${MOST_FORMULAS} formulas are taken at once, not ${formulas.length}`, KEPT)
  const addresses = new Set<string>()
  const read = await inTurns(formulas, (one, i) => {
    checkSound(one, `formulas.${i}`)
    const parsed = entrySchema.safeParse(one)
    const name = (one as { document?: { name?: unknown } } | null)?.document?.name
    const which = typeof name === 'string' ? ` (formula ${i + 1}, “${name.slice(0, 60)}”)` : ''
    if (!parsed.success) throw new Problem(400, `formulas.${i}.${firstProblem(parsed.error)}${which}`, KEPT)
    const { address, document } = parsed.data
    if (addresses.has(address)) throw new Problem(400, `formulas.${i}.address: "${address}" stands twice`, KEPT)
    addresses.add(address)
    const fault = faultsOf(document)[0]
    if (fault) throw new Problem(400, `formulas.${i} (“${document.name}”): ${fault}`, KEPT)
    checkWorkable(document, KEPT)
    return parsed.data
  })
  return { format: FILE_FORMAT, version: 1, formulas: read }
}

/** Takes a file in whole or not at all: new formulas are added, changed ones get a revision. */
export async function importFormulas(text: string, now: Date): Promise<Imported> {
  const { formulas } = await readFile(text)
  return transact(db(), async (tx) => {
    const counts = { added: 0, revised: 0, same: 0 }
    for (const { address, document } of formulas) {
      const newest = await findFormula(tx, address)
      if (newest && isDeepStrictEqual(newest.document, document)) {
        counts.same++
        continue
      }
      await addRevisionIn(tx, address, document, now)
      if (newest) counts.revised++
      else counts.added++
    }
    return counts
  })
}

const plain = ['id', 'name', 'density', 'whole', 'price_per_kg', 'allergens', 'synonyms'] as const

/** The kitchen's own ingredients as CSV; make-up in grams per 100 g. */
export async function exportIngredients(): Promise<string> {
  const { ingredient: own } = await readThings(db())
  return writeCsv(
    [...plain, ...components],
    own.map(({ ingredient: i, pricePerKg }) => [
      i.id,
      i.name,
      i.density,
      i.whole ? 'yes' : 'no',
      pricePerKg ?? '',
      i.allergens.join(';'),
      i.synonyms.join(';'),
      ...components.map((c) => i.per100[c]),
    ]),
  )
}

const figure = (text: string | undefined, where: string): number => {
  if (text === undefined || text.trim() === '') return 0
  const n = readNumber(text)
  if (!Number.isFinite(n)) throw new Problem(400, `${where}: “${text.slice(0, 40)}” is not a number`, KEPT)
  return n
}

const listOf = (text: string | undefined): string[] =>
  (text ?? '')
    .split(';')
    .map((s) => s.trim())
    .filter(Boolean)

/** Takes a CSV of ingredients in whole or not at all. Columns may be in any order; water is what is left to 100 g. */
export async function importIngredients(text: string): Promise<{ taken: number }> {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim(),
    transform: plainCell,
  })
  const broken = errors.find((e) => e.type !== 'Delimiter')
  if (broken) throw new Problem(400, `Row ${(broken.row ?? 0) + 2}: ${broken.message}`, KEPT)
  if (!meta.fields?.includes('name'))
    throw new Problem(400, 'The first row has to name the columns, and one of them is “name”', KEPT)
  const unknown = meta.fields.find((f) => !([...plain, ...components] as string[]).includes(f))
  if (unknown) throw new Problem(400, `No column is called “${unknown.slice(0, 40)}”`, KEPT)
  if (data.length === 0) throw new Problem(400, 'There is no ingredient in it', KEPT)
  if (data.length > 2000) throw new Problem(400, 'At most 2 000 ingredients are taken at once', KEPT)
  const taken = new Set(ingredients.map((i) => i.id))
  const rows = data.map((row, i) => {
    const facts = factsOf(row, `Row ${i + 2}`, taken)
    taken.add(facts.ingredient.id)
    return { id: facts.ingredient.id, facts }
  })
  await putThings(db(), 'ingredient', rows)
  return { taken: rows.length }
}

function factsOf(row: Record<string, string>, where: string, taken: ReadonlySet<string>): KitchenFacts<'ingredient'> {
  const name = row.name?.trim() ?? ''
  const id = row.id?.trim() || `own-${idFor(name, taken)}`.slice(0, 40)
  if (taken.has(id)) throw new Problem(400, `${where}: “${id}” is in the pantry or in this file already`, KEPT)
  const parts = Object.fromEntries(components.map((c) => [c, figure(row[c], `${where}, ${c}`)])) as Record<
    Component,
    number
  >
  const dry = components.reduce((sum, c) => (c === 'water' ? sum : sum + parts[c]), 0)
  if (dry > 100.5) throw new Problem(400, `${where}: it adds up to ${Math.round(dry * 10) / 10} g, more than 100`, KEPT)
  const wrong = listOf(row.allergens).find((a) => !(allergens as readonly string[]).includes(a))
  if (wrong) throw new Problem(400, `${where}: no allergen is called “${wrong.slice(0, 40)}”`, KEPT)
  const facts = {
    pricePerKg: row.price_per_kg?.trim() ? figure(row.price_per_kg, `${where}, price_per_kg`) : null,
    ingredient: {
      id,
      name,
      per100: mix({ ...parts, water: row.water?.trim() ? parts.water : Math.max(0, 100 - dry) }),
      density: row.density?.trim() ? figure(row.density, `${where}, density`) : 1,
      unitGrams: {},
      whole: /^(yes|true|1)$/i.test(row.whole?.trim() ?? ''),
      allergens: listOf(row.allergens),
      prepare: [],
      synonyms: listOf(row.synonyms),
      source: 'computed',
    },
  }
  const parsed = kitchenSchemas.ingredient.safeParse(facts)
  if (!parsed.success) throw new Problem(400, `${where}: ${firstProblem(parsed.error)}`, KEPT)
  return parsed.data
}
