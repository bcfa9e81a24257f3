/** The kitchen's own ingredients as CSV; make-up in grams per 100 g. */
import Papa from 'papaparse'
import { type KitchenFacts, kitchenSchemas } from '@/contract/kitchen'
import { firstProblem } from '@/contract/text'
import { allergens, type Component, components, idFor, ingredients, mix, readNumber } from '@/core'
import { Problem } from '../problem'
import { plainCell, writeCsv } from './csv'

const KEPT = 'Nothing of it was taken in, and nothing was changed.'

const plain = ['id', 'name', 'density', 'whole', 'price_per_kg', 'allergens', 'synonyms'] as const

export const writeIngredients = (own: readonly KitchenFacts<'ingredient'>[]): string =>
  writeCsv(
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

/** The ingredients of a CSV, all of them or none. Columns may be in any order; water is what is left to 100 g. @throws Problem 400 that names the row. */
export function readIngredients(text: string): { id: string; facts: KitchenFacts<'ingredient'> }[] {
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
  return data.map((row, i) => {
    const facts = factsOf(row, `Row ${i + 2}`, taken)
    taken.add(facts.ingredient.id)
    return { id: facts.ingredient.id, facts }
  })
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
