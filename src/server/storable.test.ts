/** Nothing is stored that a page cannot show; and where something is there all the same, only that one is lost. */
import { sql } from 'drizzle-orm'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startBatchSchema } from '@/contract/batch'
import { kitchenSchemas } from '@/contract/kitchen'
import { type FormulaDocument, mix } from '@/core'
import { type Db, listFormulas, UnreadableRow } from '@/db'
import { demoFormulas } from '@/demo/formulas'
import { boilsOn, startBatch } from './batches'
import { boil, logAct, snapshot } from './cook'
import { exportFormulas, exportIngredients, importIngredients } from './files'
import { addFormula, formula } from './formulas'
import { parseJson } from './json'
import { keepThing, kitchen } from './kitchen'
import { adviceFor, batchStory, logbook } from './logbook'
import { freshWorkshop, problem, request } from './testing'

let db: Db
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
})
afterAll(() => close())

const caramels = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument

describe('a batch', () => {
  it.each([
    ['a weight of next to nothing', { size: { by: 'weight', grams: 5e-324 } }],
    ['a piece as fine as dust', { shape: { kind: 'cut', lengthMm: 1e-5, widthMm: 1e-5, heightMm: 1e-5 } }],
    ['a slab a kilometre high', { shape: { kind: 'broken', thicknessMm: 1e6, gramsEach: 5 } }],
    ['more trays than there are', { size: { by: 'vessels', count: 1e9 } }],
    ['half a piece', { size: { by: 'pieces', pieces: 0.5 } }],
  ])('of %s is refused at the boundary', (_, part) => {
    expect(startBatchSchema.safeParse({ ...request(), ...part }).success).toBe(false)
  })

  it.each([
    [
      'more than a kitchen makes',
      { size: { by: 'ingredient' as const, line: 'sugar', grams: 99_999 }, formula: 'smoked-salt-tamarind-caramels' },
    ],
    ['one drop', { size: { by: 'weight' as const, grams: 1 } }],
    ['a line that is not there', { size: { by: 'ingredient' as const, line: 'constructor', grams: 5 } }],
  ])('of %s is shown by every page, or refused with a sentence', async (_, part) => {
    const r = { ...request(), ...part }
    const refused = await problem(startBatch(r, new Date()))
    if (refused) expect(refused).toMatchObject({ status: 400 })
    else expect((await batchStory(r.id)).entry.outGrams).toBeGreaterThan(0)
    await logbook()
    await boilsOn(new Date())
  })
})

describe('a thing of the kitchen', () => {
  it.each([
    ['vessel', { kind: 'mould', name: 'x', cavities: 2 ** 53, millilitres: 5 }],
    ['vessel', { kind: 'tray', name: 'x', lengthMm: 1e12, widthMm: 200 }],
    ['pot', { name: 'x', litres: 1e-6, diameterMm: 200, massKg: 1, metal: 'steel' }],
    ['burner', { name: 'x', watts: 1e-9, efficiency: 0.5, responseS: 5, tests: [] }],
    ['measure', { name: 'x', millilitres: 1e-300 }],
    ['room', { name: 'x', altitudeM: 9000, barometerHPa: null, roomC: 20, humidity: 0.5 }],
  ] as const)('beyond what can be is refused: %s %j', (kind, facts) => {
    expect(kitchenSchemas[kind].safeParse(facts).success).toBe(false)
  })

  it('takes the place of nothing in the pantry', async () => {
    const own = caramels.lines[0]?.ingredient ?? ''
    const facts = { ingredient: { ...pine, id: own }, pricePerKg: null }
    expect(await problem(keepThing('ingredient', own, facts))).toMatchObject({ status: 409 })
    expect(await problem(keepThing('ingredient', 'pine', facts))).toMatchObject({ status: 400 })
  })

  it('goes out as text a spreadsheet will not carry out, and comes back as it was', async () => {
    const name = '=HYPERLINK("x")'
    await keepThing('ingredient', 'odd', { ingredient: { ...pine, id: 'odd', name }, pricePerKg: 3 })
    const csv = await exportIngredients()
    expect(csv).toContain(`"'=HYPERLINK(""x"")"`)
    expect(csv).not.toMatch(/(^|[,"\n])[=+@]/)
    await importIngredients(csv)
    expect((await kitchen()).ingredient.find((i) => i.id === 'odd')?.ingredient.name).toBe(name)
  })
})

const pine = {
  id: 'pine',
  name: 'Pine syrup',
  per100: mix({ water: 100 }),
  density: 1,
  unitGrams: {},
  whole: false,
  allergens: [],
  prepare: [],
  synonyms: [],
  source: 'computed' as const,
}

describe('a formula', () => {
  it('of nothing but water is refused with a sentence, and one that can be worked out is taken', async () => {
    const lines = caramels.lines.map((l) => ({ ...l, ingredient: 'water' }))
    const refused = await problem(addFormula({ ...caramels, lines }, ulid(), new Date()))
    expect(refused).toMatchObject({ status: 400, kept: expect.stringMatching(/The book is as it was/) })
    expect(await addFormula({ ...caramels, name: 'New' }, ulid(), new Date())).toMatchObject({ id: 'new-2' })
  })
})

describe('an address', () => {
  it.each([
    'ORCHARD-TOFFEE',
    'orchard-tóffee',
    'orchard-toffee ',
    'orchard-toffe%',
    '../orchard-toffee',
    'constructor',
  ])('is read letter by letter: %j is another', async (id) => {
    expect(await formula('orchard-toffee')).toBeDefined()
    expect(await problem(formula(id))).toMatchObject({ status: 404 })
  })

  it('of a boil is no other boil’s in small letters', async () => {
    const r = request(null)
    await startBatch(r, new Date())
    expect(await problem(boil(r.boilId.toLowerCase()))).toMatchObject({ status: 404 })
  })
})

describe('text', () => {
  it.each([
    ['half an emoji', '{"name":"\\ud83c"}', /half a character/],
    ['half an emoji as a name', '{"\\ud83c":1}', /half a character/],
    ['a document ten thousand deep', `${'['.repeat(10_000)}${']'.repeat(10_000)}`, /nested too deep/],
  ])('that is %s is refused', (_, body, message) => {
    expect(() => parseJson(body, kitchenSchemas.measure)).toThrow(message)
  })

  it('of whole emoji is taken', () => {
    expect(parseJson('{"name":"\\ud83c\\udf6c cup","millilitres":240}', kitchenSchemas.measure).name).toBe('🍬 cup')
  })
})

describe('a row that cannot be read', () => {
  it('of a batch costs that batch its page, and no list anything', async () => {
    const [good, bad] = [request('one'), request('two')]
    for (const r of [good, bad]) await startBatch(r, new Date())
    await db.execute(sql`update batches set plan = '{"factor": 5e-324}', score = 3 where id = ${bad.id}`)
    const { boils, lost } = await boilsOn(new Date())
    expect(boils.map((b) => b.boil.id)).toContain(good.boilId)
    expect(lost).toEqual([expect.objectContaining({ id: bad.boilId, name: expect.stringMatching(/drops/i) })])
    expect((await logbook()).entries.map((e) => e.id)).toEqual(expect.arrayContaining([good.id, bad.id]))
    expect((await adviceFor(bad.formula, 120)).kind).toBe('too-few')
    expect(await problem(batchStory(bad.id))).toBeInstanceOf(UnreadableRow)
    expect(await problem(boil(bad.boilId))).toBeInstanceOf(UnreadableRow)
  })

  it('of an act is a note that shows what stands there', async () => {
    const r = request('three')
    await startBatch(r, new Date())
    const act = { id: ulid(), at: (await boil(r.boilId)).startedAt, act: { type: 'lid' as const, on: true } }
    await logAct(r.boilId, act, new Date())
    await db.execute(sql`update events set act = '{"type":"dance"}' where id = ${act.id}`)
    expect((await snapshot(r.boilId)).acts.at(-1)?.act).toEqual({ type: 'note', text: '? {"type":"dance"}' })
  })

  it('of a formula costs the book no other', async () => {
    const { id } = await addFormula({ ...caramels, name: 'To be lost' }, ulid(), new Date())
    const before = (await listFormulas(db, '', 100)).records.length
    await db.execute(sql`update formula_revisions set document = '{"version":7}' where formula_id = ${id}`)
    expect((await listFormulas(db, '', 100)).records).toHaveLength(before - 1)
    expect(JSON.parse(await exportFormulas()).formulas).toHaveLength(before - 1)
    expect(await problem(formula(id))).toBeInstanceOf(UnreadableRow)
  })

  it('of the kitchen is named, and the rest is there', async () => {
    await db.execute(sql`update kitchen_things set facts = '{"litres":-1}' where kind = 'pot' limit 1`)
    const now = await kitchen()
    expect(now.unreadable).toEqual([{ kind: 'pot', id: expect.any(String) }])
    expect(now.pot.length).toBeGreaterThan(0)
  })
})
