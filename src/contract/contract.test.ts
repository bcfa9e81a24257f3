import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { allergens, deeds, type FormulaDocument, signs, smells, stageTable, standardPressure } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoThings } from '@/demo/kitchen'
import { sizeSchema, startBatchSchema } from './batch'
import { bookQuerySchema } from './book'
import { actSchema, loggedActSchema, readingSchema } from './cook'
import { pressureSchema, weightSchema } from './devices'
import { eventsOf, LONGEST_COOK_MS } from './events'
import { formulaSchema } from './formula'
import { kitchenKinds, kitchenSchemas } from './kitchen'
import { correctionOf, pressureIn } from './kitchen-figures'
import { firstProblem, handle, instant, plainText, shortText, ulid } from './text'

const ULID = '01JD3M9Q6S8ZK3V3N8C0A7T4QX'
const START = Date.UTC(2026, 10, 24, 10)

/** What is wrong with a value, in the words a maker would read; null for nothing. */
function wrong(schema: z.ZodType, value: unknown): string | null {
  const parsed = schema.safeParse(value)
  return parsed.success ? null : firstProblem(parsed.error)
}

const within = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const words = fc.stringMatching(/^[a-z][a-z ]{0,30}[a-z]$/)
const acts = fc.oneof(
  fc.record({ type: fc.constant('step' as const), step: words }),
  fc.record({ type: fc.constant('pulled' as const), step: words, celsius: fc.option(within(-50, 400)) }),
  fc.record({ type: fc.constant('heat' as const), dial: within(0, 10) }),
  fc.record({ type: fc.constant('lid' as const), on: fc.boolean() }),
  fc.record({
    type: fc.constant('test' as const),
    test: fc.constant('drop' as const),
    result: fc.constantFrom(...stageTable.map((s) => s.id)),
  }),
  fc.record({
    type: fc.constant('test' as const),
    test: fc.constant('sign' as const),
    sign: fc.constantFrom(...(Object.keys(signs) as (keyof typeof signs)[])),
  }),
  fc.record({
    type: fc.constant('test' as const),
    test: fc.constant('smell' as const),
    smell: fc.constantFrom(...(Object.keys(smells) as (keyof typeof smells)[])),
  }),
  fc.record({ type: fc.constant('reads' as const), celsius: within(-50, 400) }),
  fc.record({
    type: fc.constant('did' as const),
    what: fc.constantFrom(...deeds),
  }),
  fc.record({ type: fc.constant('note' as const), text: words }),
  fc.record({ type: fc.constant('moved' as const), of: fc.constant(ULID), to: within(0, LONGEST_COOK_MS / 1000) }),
  fc.record({ type: fc.constant('undo' as const), of: fc.constant(ULID) }),
)

describe('acts at the boundary', () => {
  it('come through a line of JSON as they were, and nothing that does not belong comes with them', () => {
    fc.assert(
      fc.property(acts, (act) => {
        const sent = JSON.parse(JSON.stringify({ ...act, admin: true }))
        expect(actSchema.parse(sent)).toEqual(JSON.parse(JSON.stringify(act)))
      }),
    )
  })

  it.each([
    ['a deed nobody knows', { type: 'dance' }],
    ['a dial past its top', { type: 'heat', dial: 11 }],
    ['a stage that is none', { type: 'test', test: 'drop', result: 'mush' }],
    ['a sign that is none', { type: 'test', test: 'sign', sign: 'an omen' }],
    ['a temperature hotter than any sugar', { type: 'reads', celsius: 401 }],
    ['a correction no thermometer needs', { type: 'correction', celsius: 41 }],
    ['an empty note', { type: 'note', text: '   ' }],
    ['a note as long as a book', { type: 'note', text: 'x'.repeat(2001) }],
    ['a clock that runs away', { type: 'clock', rate: 61, wall: '2026-11-24T10:00:00.000Z' }],
    ['giving up without a reason', { type: 'abandoned', reason: '' }],
    ['a move to before the cook', { type: 'moved', of: ULID, to: -1 }],
    ['an undoing of nothing', { type: 'undo', of: 'the last one' }],
  ])('refuse %s', (_, act) => {
    expect(wrong(actSchema, act)).not.toBeNull()
  })

  it('become events on the cook’s own clock, oldest first, whatever their order', () => {
    const logged = fc.array(
      fc
        .tuple(acts, fc.integer({ min: 0, max: 7200_000 }))
        .map(([act, ms]) => loggedActSchema.parse({ id: ULID, at: new Date(START + ms).toISOString(), act })),
    )
    fc.assert(
      fc.property(logged, (all) => {
        const events = eventsOf(all, START)
        expect(events).toHaveLength(all.length)
        for (const [i, e] of events.entries()) {
          expect(e.at).toBeGreaterThanOrEqual(0)
          if (i > 0) expect(e.at).toBeGreaterThanOrEqual((events[i - 1] as { at: number }).at)
        }
        const ms = all.map((a) => Date.parse(a.at) - START).sort((a, b) => a - b)
        expect(events.map((e) => Math.round(e.at * 1000))).toEqual(ms)
      }),
    )
  })
})

describe('readings, weights and pressures at the boundary', () => {
  const at = '2026-11-24T10:00:00.000Z'
  const id = 'reading-1'
  it.each([
    ['a reading', readingSchema, { id, at, celsius: 120.5 }],
    ['a reading that names its boil', readingSchema, { id, at, celsius: 120.5, boil: ULID }],
    ['a weight', weightSchema, { id, at, grams: -2.5 }],
    ['a pressure', pressureSchema, { at, hPa: 1013 }],
  ])('%s is taken', (_, schema, value) => {
    expect(wrong(schema, value)).toBeNull()
  })

  it.each([
    ['celsius', readingSchema, { id, at, celsius: 401 }],
    ['celsius', readingSchema, { id, at, celsius: null }],
    ['celsius', readingSchema, { id, at, celsius: '120' }],
    ['at', readingSchema, { id, at: 'yesterday', celsius: 20 }],
    ['at', readingSchema, { id, at: '2026-11-24T10:00:00', celsius: 20 }],
    ['id', readingSchema, { id: 'short', at, celsius: 20 }],
    ['boil', readingSchema, { id, at, celsius: 20, boil: 'that one' }],
    ['grams', weightSchema, { id, at, grams: 1e9 }],
    ['hPa', pressureSchema, { at, hPa: 101_300 }],
  ])('a wrong %s is named', (place, schema, value) => {
    expect(wrong(schema, value)).toMatch(new RegExp(`^${place}: `))
  })
})

describe('a formula at the boundary', () => {
  it.each(Object.entries(demoFormulas))('%s comes through JSON as it was', (_, document) => {
    expect(formulaSchema.parse(JSON.parse(JSON.stringify(document)))).toEqual(JSON.parse(JSON.stringify(document)))
  })

  const toffee = demoFormulas['orchard-toffee'] as FormulaDocument
  const changed = (path: string, value: unknown): unknown => {
    const copy = JSON.parse(JSON.stringify(toffee))
    const keys = path.split('.')
    const last = keys.pop() as string
    const place = keys.reduce((at, key) => at[key], copy)
    place[last] = value
    return copy
  }
  it.each([
    ['version', 2],
    ['name', ''],
    ['name', '<script>alert(1)</script>'],
    ['about', 'hello <img src=x>'],
    ['family', 'soup'],
    ['lines.0.grams', 0],
    ['lines.0.grams', -5],
    ['lines.0.grams', Number.MAX_VALUE],
    ['lines.0.grams', '100'],
    ['target.celsius', 900],
    ['target.within', 0],
    ['steps', []],
    ['steps.0.when.on', 'whenever'],
    ['steps.0.heat', 99],
    ['waste', 0.9],
    ['air', 1],
    ['shape.kind', 'heap'],
  ])('%s of %j is refused, and the place named', (path, value) => {
    const problem = wrong(formulaSchema, changed(path, value))
    expect(problem).toContain(path.split('.').at(-1) === 'kind' || path.endsWith('on') ? path.split('.')[0] : path)
  })

  it('takes parts, but none in a part', () => {
    const bars = JSON.parse(JSON.stringify(demoFormulas['rye-shortcake-bars'])) as FormulaDocument
    const deep = { ...bars, parts: bars.parts?.map((p) => ({ ...p, formula: { ...p.formula, parts: [] } })) }
    expect(wrong(formulaSchema, bars)).toBeNull()
    expect(wrong(formulaSchema, deep)).toMatch(/parts\.0\.formula.*parts/)
  })

  it('keeps a makeshift ingredient only if it adds up', () => {
    const own = demoThings.ingredient[0]?.ingredient
    expect(own).toBeDefined()
    expect(wrong(formulaSchema, changed('own', [own]))).toBeNull()
    expect(wrong(formulaSchema, changed('own', [{ ...own, per100: { ...own?.per100, water: 99 } }]))).toMatch(
      /own\.0\.per100: must add up to 100 g/,
    )
  })
})

describe('words at the boundary', () => {
  it.each(['tamarind & salt', 'below 5 < 6', 'i <3 fudge', 'two\nlines\tand a tab', 'Crème brûlée № 5', '100 % sugar'])(
    '“%s” is taken',
    (text) => {
      expect(plainText(100).parse(text)).toBe(text)
    },
  )

  it.each(['<b>', '< script', '</p>', '<!-- -->', '<!DOCTYPE html>', 'a\u0000b', 'bell \u0007', '<\nimg src=x>'])(
    '%j is not',
    (text) => {
      expect(wrong(plainText(100), text)).toMatch(/markup/)
    },
  )

  it('short texts lose the space around them and are not empty', () => {
    expect(shortText.parse('  copper pot ')).toBe('copper pot')
    expect(wrong(shortText, '   ')).not.toBeNull()
    expect(wrong(shortText, 'x'.repeat(201))).not.toBeNull()
  })

  it('addresses and ids are what they are and nothing else', () => {
    const injected = fc.stringMatching(/^[a-z0-9-]{0,20}[/'"; .%\\][a-z0-9-]{0,20}$/)
    fc.assert(
      fc.property(injected, (text) => {
        expect(handle.safeParse(text).success).toBe(false)
        expect(ulid.safeParse(text).success).toBe(false)
        expect(instant.safeParse(text).success).toBe(false)
      }),
    )
    expect(handle.parse('copper-9')).toBe('copper-9')
    expect(ulid.parse(ULID)).toBe(ULID)
  })
})

describe('looking in the book', () => {
  const anything = fc.oneof(fc.string(), fc.integer().map(String), fc.constantFrom('milk,egg', 'NaN', '1e99', '-3', ''))
  const query = fc.dictionary(
    fc.constantFrom('q', 'family', 'school', 'without', 'from', 'to', 'have', 'grams', 'sort', 'page', 'other'),
    anything,
  )
  it('whatever an address says, it is a question that can be asked, and asking it again is the same', () => {
    fc.assert(
      fc.property(query, (said) => {
        const asked = bookQuerySchema.parse(said)
        expect(asked.q.length).toBeLessThanOrEqual(100)
        expect(asked.page).toBeGreaterThanOrEqual(1)
        for (const a of asked.without) expect(allergens).toContain(a)
        expect(bookQuerySchema.parse(JSON.parse(JSON.stringify(asked)))).toEqual(asked)
      }),
    )
  })

  it('one word that is not understood spoils no other', () => {
    expect(
      bookQuerySchema.parse({ q: ' fudge ', family: 'soup', from: 'warm', page: '2', without: 'milk,egg' }),
    ).toEqual({ q: 'fudge', page: 2, without: ['milk', 'egg'], sort: 'name' })
  })
})

describe('the kitchen at the boundary', () => {
  it.each(kitchenKinds)('every %s of the demo is one', (kind) => {
    const things = demoThings[kind]
    expect(things.length).toBeGreaterThan(0)
    for (const { id: _, ...facts } of things) expect(wrong(kitchenSchemas[kind], facts)).toBeNull()
  })

  it.each([
    ['room', { humidity: 40 }],
    ['room', { altitudeM: 9000 }],
    ['room', { barometerHPa: 101_300 }],
    ['pot', { litres: 0 }],
    ['pot', { name: '<i>copper</i>' }],
    ['pot', { name: ' ' }],
    ['burner', { efficiency: 1.4 }],
    ['vessel', { lengthMm: -300 }],
    ['thermometer', { maxC: 20 }],
    ['shade', { celsius: 90 }],
    ['measure', { millilitres: 0 }],
    ['ingredient', { pricePerKg: -1 }],
  ] as const)('a %s with %j is refused', (kind, change) => {
    const { id: _, ...facts } = demoThings[kind][0] as { id: string }
    expect(wrong(kitchenSchemas[kind], { ...facts, ...change })).toContain(Object.keys(change)[0])
  })

  it('a room’s barometer is believed before its altitude', () => {
    const room = { name: 'Attic', altitudeM: 1480, roomC: 21, humidity: 0.5 }
    expect(pressureIn({ ...room, barometerHPa: null })).toBe(standardPressure(1480))
    expect(pressureIn({ ...room, barometerHPa: 842 })).toBe(84_200)
  })

  it('a thermometer checked in ice and in boiling water is put right by both, and believed more than one never checked', () => {
    const day = 86_400_000
    const at = new Date(START).toISOString()
    const checks = [
      { at, bath: 'ice' as const, reads: 2, pressurePa: 101_325 },
      { at, bath: 'boil' as const, reads: 102, pressurePa: 101_325 },
    ]
    const checked = correctionOf(checks, START + day)
    expect(checked.shift + checked.gain * 52).toBeCloseTo(50, 1)
    const never = correctionOf([], START)
    expect(never).toMatchObject({ gain: 1, shift: 0 })
    expect(checked.sd).toBeLessThan(never.sd)
  })
})

describe('asking for a batch', () => {
  it.each([
    ['pieces', { by: 'pieces', pieces: 1.5 }],
    ['pieces', { by: 'pieces', pieces: 0 }],
    ['grams', { by: 'weight', grams: -1 }],
    ['grams', { by: 'weight', grams: Number.POSITIVE_INFINITY }],
    ['count', { by: 'vessels', count: 0 }],
    ['by', { by: 'luck' }],
  ])('a wrong %s is named', (place, size) => {
    expect(wrong(sizeSchema, size)).toMatch(new RegExp(`^${place}: `))
  })

  it('a cook may be read by eye, by a thermometer or by none', () => {
    const batch = {
      id: ULID,
      boilId: ULID,
      formula: 'orchard-toffee',
      revision: 1,
      size: { by: 'weight', grams: 900 },
      shape: { kind: 'mould', millilitres: 3 },
      room: 'quay',
      pot: 'copper-9',
      burner: 'induction',
      vessel: null,
      channel: null,
      rate: 1,
    }
    expect(startBatchSchema.parse(batch).thermometer).toBeNull()
    expect(startBatchSchema.parse({ ...batch, thermometer: 'clip' }).thermometer).toBe('clip')
    expect(wrong(startBatchSchema, { ...batch, room: '../../etc' })).toMatch(/^room: /)
  })
})

describe('a clock that is set back in the middle of a cook', () => {
  const act = (n: number, s: number) => ({
    id: `${ULID.slice(0, -2)}${String(n).padStart(2, '0')}`,
    at: new Date(START + s * 1000).toISOString(),
    act: { type: 'lid' as const, on: n % 2 === 0 },
  })

  it('loses no act: what it dates before the flame stands where it was logged, and is told apart', () => {
    const events = eventsOf([act(1, 0), act(2, 300), act(3, -3200), act(4, -3100), act(5, 420)], START)
    expect(events.map((e) => [e.id.slice(-2), e.at, e.unsure ?? false])).toEqual([
      ['01', 0, false],
      ['02', 300, false],
      ['03', 300, true],
      ['04', 300, true],
      ['05', 420, false],
    ])
  })

  it('changes nothing for acts that are in time, in whatever order they came', () => {
    expect(eventsOf([act(2, 300), act(1, -0.5), act(3, 40)], START).map((e) => [e.at, e.unsure])).toEqual([
      [-0.5, undefined],
      [40, undefined],
      [300, undefined],
    ])
  })
})
