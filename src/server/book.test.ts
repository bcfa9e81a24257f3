import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it, test } from 'vitest'
import { type BookQuery, bookQuerySchema } from '@/contract/book'
import { FILE_BYTES, type FormulaFile } from '@/contract/files'
import { type FormulaDocument, inSchool, pantryOf, readRecipe, recipesIn, toRecipe } from '@/core'
import { addRevision, type Db, findFormula, insertBatch, listFormulas, putThings, readThings } from '@/db'
import { freshDatabase } from '@/db/testing'
import { demoFormulas } from '@/demo/formulas'
import { demoHistory } from '@/demo/history'
import { demoIngredients } from '@/demo/kitchen'
import { exportFormulas, exportIngredients, importFormulas, importIngredients } from './files'
import { addFormula, revise, search } from './formulas'
import { dropThing, keepThing, kitchen } from './kitchen'
import { offThread } from './long/off-thread'
import type { Problem } from './problem'

let db: Db
let close: () => Promise<void>
const caramels = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument

beforeAll(async () => {
  const fresh = await freshDatabase()
  db = fresh.db
  close = fresh.close
  ;(globalThis as { imbryDb?: Db }).imbryDb = db
  for (const [id, document] of Object.entries(demoFormulas)) await addRevision(db, id, document, new Date())
  await putThings(db, 'room', [
    { id: 'quay', facts: { name: 'Quay', altitudeM: 12, barometerHPa: 1003, roomC: 21, humidity: 0.6 } },
  ])
})

afterAll(() => close())

const problem = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (e: unknown) => e as Problem,
  )

const find = async (asked: Record<string, string>) => {
  const { query, page } = await search(bookQuerySchema.parse(asked))
  return { query, ids: page.entries.map((e) => e.id), page }
}

describe('finding', () => {
  test.each<[Record<string, string>, string[]]>([
    [{ q: 'tamarind caramel' }, ['smoked-salt-tamarind-caramels']],
    [{ q: 'PISTACHIO' }, ['bay-leaf-honey-nougat']],
    [{ family: 'fudge', school: 'stir-soon' }, ['quick-tahini-fudge']],
    [
      { family: 'hard-candy', sort: 'target' },
      ['quince-lollipops', 'rhubarb-nettle-elderflower-drops', 'water-mint-pillows'],
    ],
    [{ q: '100%' }, []],
    [{ q: 'unobtainium' }, []],
  ])('%j', async (asked, ids) => expect((await find(asked)).ids.sort()).toEqual([...ids].sort()))

  it('leaves out what would harm someone', async () => {
    const { page } = await find({ without: 'milk,nuts' })
    expect(page.entries.length).toBeGreaterThan(3)
    for (const e of page.entries) for (const a of ['milk', 'nuts']) expect(e.allergens).not.toContain(a)
  })

  it('keeps to a range of targets', async () => {
    const { page } = await find({ from: '117', to: '127' })
    for (const e of page.entries) {
      expect(e.targetC).toBeGreaterThanOrEqual(117)
      expect(e.targetC).toBeLessThanOrEqual(127)
    }
  })

  it('says what can be made with 400 g of cream, and how much of it', async () => {
    const { query, page } = await find({ q: '400 g cream' })
    expect(query).toMatchObject({ q: '', have: 'cream-36', grams: 400 })
    const found = page.entries.find((e) => e.id === 'smoked-salt-tamarind-caramels')
    expect(found?.uses).toMatchObject({ ingredient: 'cream-36', grams: 540 })
    expect(found?.uses?.gives).toBeCloseTo(((found?.outGrams ?? 0) * 400) / 540, 6)
    expect(page.entries.every((e) => e.uses !== null)).toBe(true)
  })

  it('puts what was cooked last first', async () => {
    const sample = demoHistory().find((h) => h.batch.formulaId === 'orchard-toffee')
    if (!sample) throw new Error('the demo log has no toffee')
    const orchard = await findFormula(db, 'orchard-toffee')
    if (!orchard) throw new Error('the book has no toffee')
    const [boil] = sample.boils
    if (!boil) throw new Error('it has no boil')
    await insertBatch(db, sample.batch, orchard.document, { ...boil.boil, channelId: null })
    const { page } = await find({ sort: 'cooked' })
    expect(page.entries[0]).toMatchObject({
      id: 'orchard-toffee',
      lastCooked: sample.batch.startedAt.toISOString(),
    })
    expect(page.entries[1]?.lastCooked).toBeNull()
  })

  it('understands what it can of a broken address, and never fails', () => {
    const parsed: BookQuery = bookQuerySchema.parse({
      family: 'stones',
      from: 'hot',
      page: '-4',
      sort: "'; drop table",
    })
    expect(parsed).toMatchObject({ family: undefined, from: undefined, page: 1, sort: 'name' })
  })
})

describe('writing', () => {
  it('gives a formula an address of its own, once for a write', async () => {
    const write = ulid()
    const one = await addFormula(caramels, write, new Date())
    const again = await addFormula(caramels, write, new Date())
    const other = await addFormula(caramels, ulid(), new Date())
    expect(again).toEqual(one)
    expect(other.id).not.toBe(one.id)
    expect((await findFormula(db, one.id))?.document).toEqual(caramels)
  })

  it('adds a revision after the one it began from, and not over another', async () => {
    const { id } = await addFormula({ ...caramels, name: 'Twice written' }, ulid(), new Date())
    const write = ulid()
    const next = { document: { ...caramels, about: 'mine' }, from: 1, write }
    expect(await revise(id, next, new Date())).toEqual({ id, revision: 2 })
    expect(await revise(id, next, new Date())).toEqual({ id, revision: 2 })
    const late = await problem(
      revise(id, { document: { ...caramels, about: 'theirs' }, from: 1, write: ulid() }, new Date()),
    )
    expect(late).toMatchObject({ status: 409, message: expect.stringMatching(/Revision 2 was written/) })
    expect((await findFormula(db, id))?.document.about).toBe('mine')
  })

  it('finds it by what the newest revision says', async () => {
    const { id } = await addFormula({ ...caramels, name: 'Zebra squares' }, ulid(), new Date())
    const dry = inSchool({ ...caramels, name: 'Zebra slabs' }, 'dry').formula
    await revise(id, { document: dry, from: 1, write: ulid() }, new Date())
    expect((await find({ q: 'zebra squares' })).ids).toEqual([])
    expect((await find({ q: 'zebra', school: 'dry' })).ids).toEqual([id])
  })

  it('refuses what cannot be cooked', async () => {
    const broken = { ...caramels, steps: caramels.steps.filter((s) => s.when.on !== 'target') }
    expect(await problem(addFormula(broken, ulid(), new Date()))).toMatchObject({
      status: 400,
      message: expect.stringMatching(/target/),
    })
  })
})

describe('files', () => {
  const exported = async (id?: string) => JSON.parse(await exportFormulas(id)) as FormulaFile
  const text = (change: (file: FormulaFile) => unknown) => async () => JSON.stringify(change(await exported()))

  it('come back as they went out', async () => {
    const file = await exportFormulas()
    expect(await importFormulas(file, new Date())).toEqual({
      added: 0,
      revised: 0,
      same: JSON.parse(file).formulas.length,
    })
  })

  it('of a book of 2 500 formulas are taken, and nobody waits for it', async () => {
    const { formulas, ...head } = await exported()
    const many = Array.from({ length: 2500 }, (_, i) => {
      const { document } = formulas[i % formulas.length] as FormulaFile['formulas'][number]
      return { address: `of-many-${i}`, document }
    })
    const text = JSON.stringify({ ...head, formulas: many }, null, 1)
    expect(text.length).toBeGreaterThan(8 * 2 ** 20)
    expect(text.length).toBeLessThan(FILE_BYTES)
    let turns = 0
    const others = setInterval(() => turns++, 5)
    expect(await offThread('readBook', text)).toHaveLength(2500)
    clearInterval(others)
    expect(turns).toBeGreaterThan(10)
  })

  it('add what is new and revise what differs', async () => {
    const file = await exported('orchard-toffee')
    const [only] = file.formulas
    if (!only) throw new Error('nothing exported')
    const changed = {
      ...file,
      formulas: [
        { ...only, document: { ...only.document, about: 'changed elsewhere' } },
        { address: 'from-afar', document: only.document },
      ],
    }
    expect(await importFormulas(JSON.stringify(changed), new Date())).toEqual({ added: 1, revised: 1, same: 0 })
    expect(await findFormula(db, 'orchard-toffee')).toMatchObject({
      revision: 2,
      document: { about: 'changed elsewhere' },
    })
    expect((await findFormula(db, 'orchard-toffee', 1))?.document).toEqual(only.document)
  })

  const first = (f: FormulaFile, change: (d: FormulaDocument) => unknown) => ({
    ...f,
    formulas: f.formulas.map((x, i) =>
      i === 2 ? { ...x, address: 'hostile', document: change(x.document) } : { ...x, address: `h-${i}` },
    ),
  })
  const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument
  test.each<[string, () => Promise<string>, RegExp]>([
    ['bad JSON', async () => '{"format": "imbry-formulas",\n "version": 1, oops', /not JSON\. Line 2, column 16/],
    ['half a file', async () => '{"format": "imbry-form', /not JSON/],
    ['another format', async () => '{"format": "cookbook", "version": 1}', /not a file of formulas/],
    ['a list', async () => '[]', /not a file of formulas/],
    ['null', async () => 'null', /not a file of formulas/],
    ['a wrong version', text((f) => ({ ...f, version: 7 })), /version 7; version 1/],
    ['no formulas', text((f) => ({ ...f, formulas: [] })), /formulas/],
    [
      'a script in a name',
      text((f) => first(f, (d) => ({ ...d, name: '<script>alert(1)</script>' }))),
      /formulas\.2\.document\.name: must be plain words/,
    ],
    [
      'markup in a step',
      text((f) =>
        first(f, (d) => ({ ...d, steps: d.steps.map((s) => ({ ...s, say: '<img src=x onerror=alert(1)>' })) })),
      ),
      /formulas\.2\.document\.steps\.0\.say/,
    ],
    [
      'a negative weight',
      text((f) => first(f, (d) => ({ ...d, lines: [{ ...d.lines[0], grams: -1 }] }))),
      /formulas\.2\.document\.lines\.0\.grams.*formula 3/,
    ],
    [
      'an unknown ingredient',
      text((f) => first(f, (d) => ({ ...d, lines: [{ ...d.lines[0], ingredient: 'stardust' }, ...d.lines.slice(1)] }))),
      /stardust/,
    ],
    [
      'parts in a circle',
      text((f) =>
        first(f, () => ({
          ...bars,
          parts: bars.parts?.map((p) => (p.id === 'base' ? { ...p, needs: [{ part: 'top', state: 'firm' }] } : p)),
        })),
      ),
      /circle: base → top → filling → base/,
    ],
    [
      'an address twice',
      text((f) => ({ ...f, formulas: f.formulas.map((x) => ({ ...x, address: 'one' })) })),
      /"one" stands twice/,
    ],
    [
      'a path for an address',
      text((f) => ({ ...f, formulas: f.formulas.map((x) => ({ ...x, address: '../../etc' })) })),
      /address/,
    ],
  ])('%s: is named, and nothing changes', async (_, make, message) => {
    const before = await listFormulas(db, '', 100)
    const found = await problem(importFormulas(await make(), new Date()))
    expect(found).toMatchObject({ status: 400, message: expect.stringMatching(message) })
    expect(found?.kept).toMatch(/nothing was changed/i)
    expect(await listFormulas(db, '', 100)).toEqual(before)
  })

  it('as recipes go out in grams and come back as a draft with nothing lost', () => {
    const [recipe] = recipesIn(JSON.parse(JSON.stringify(toRecipe(caramels))))
    if (!recipe) throw new Error('no recipe in it')
    const { formula, questions } = readRecipe(recipe.text, pantryOf())
    expect(questions).toEqual([])
    expect(formula.lines.map((l) => [l.ingredient, l.grams])).toEqual(
      caramels.lines.map((l) => [l.ingredient, l.grams]),
    )
    expect(formula.target?.celsius).toBe(119)
  })

  test.each([
    [
      'a graph',
      {
        '@graph': [
          { '@type': 'WebPage' },
          { '@type': ['Recipe'], name: 'A', recipeIngredient: ['1 cup sugar'], recipeInstructions: 'Boil it.' },
        ],
      },
      1,
    ],
    [
      'a list with sections',
      [
        {
          '@type': 'Recipe',
          name: '<b>B</b>',
          recipeIngredient: 'x',
          recipeInstructions: [{ '@type': 'HowToSection', itemListElement: [{ text: 'Boil.' }] }],
        },
      ],
      1,
    ],
    ['nothing of the kind', { '@type': 'Person', name: 'x' }, 0],
    ['a number', 7, 0],
  ])('a recipe is found in %s', (_, value, n) => {
    const found = recipesIn(value)
    expect(found).toHaveLength(n)
    for (const r of found) expect(r.text).not.toMatch(/[<>]/)
  })
})

describe('ingredients as CSV', () => {
  it('come back as they went out', async () => {
    await putThings(
      db,
      'ingredient',
      demoIngredients.map(({ id, ...facts }) => ({ id, facts })),
    )
    const before = (await readThings(db)).ingredient
    await importIngredients(await exportIngredients())
    expect((await readThings(db)).ingredient).toEqual(before)
  })

  it('are read in any order of columns, and water is what is left', async () => {
    await importIngredients('sucrose,name,allergens,price_per_kg\n60,Pine syrup,nuts;milk,"12,5"\n')
    const own = (await readThings(db)).ingredient.find((i) => i.ingredient.name === 'Pine syrup')
    expect(own).toMatchObject({
      pricePerKg: 12.5,
      ingredient: { allergens: ['nuts', 'milk'], per100: { sucrose: 60, water: 40 } },
    })
  })

  test.each([
    ['', /name/],
    ['name,flavour_of\nx,y\n', /No column is called “flavour_of”/],
    ['name,sucrose\nA,60\nB,lots\n', /Row 3, sucrose: “lots” is not a number/],
    ['name,sucrose,fat\nA,80,40\n', /Row 2: it adds up to 120 g/],
    ['name,allergens\nA,gold\n', /Row 2: no allergen is called “gold”/],
    ['name,sucrose\n<script>x</script>,10\n', /Row 2: ingredient\.name: must be plain words/],
    ['name,id\nA,sugar\n', /Row 2: “sugar” is in the pantry/],
    ['name\n', /no ingredient/],
  ])('%j is refused whole', async (csv, message) => {
    const before = await readThings(db)
    expect(await problem(importIngredients(csv))).toMatchObject({
      status: 400,
      message: expect.stringMatching(message),
    })
    expect(await readThings(db)).toEqual(before)
  })
})

describe('the kitchen', () => {
  it('keeps what is right and names what is wrong', async () => {
    await keepThing('pot', 'red', { name: 'Red pot', litres: 3, diameterMm: 200, massKg: 1, metal: 'steel' })
    expect((await kitchen()).pot).toHaveLength(1)
    expect(await problem(keepThing('pot', 'red', { name: 'Red pot', litres: -3 }))).toMatchObject({
      status: 400,
      message: expect.stringMatching(/litres/),
    })
    expect((await kitchen()).pot[0]?.litres).toBe(3)
  })

  it('never gives up its last pot', async () => {
    expect(await problem(dropThing('pot', 'red'))).toMatchObject({ status: 409 })
    await keepThing('pot', 'blue', { name: 'Blue pot', litres: 5, diameterMm: 240, massKg: 2, metal: 'iron' })
    await dropThing('pot', 'red')
    expect((await kitchen()).pot.map((p) => p.id)).toEqual(['blue'])
    expect(await problem(dropThing('cutter', 'none'))).toMatchObject({ status: 404 })
  })
})
