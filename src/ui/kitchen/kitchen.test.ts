import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type KitchenFacts, kitchenKinds, kitchenSchemas } from '@/contract/kitchen'
import type { TemperatureUnit } from '@/core'
import { demoThings } from '@/demo/kitchen'
import { belongs, type Field, sections, toFact, toText } from './fields'
import { saidOf, thermometerSaid } from './said'

const units: readonly TemperatureUnit[] = ['C', 'F']
const words = {
  C: { unit: 'C' as const, say: (c: number) => `${Math.round(c)}°`, step: (c: number) => c.toFixed(1) },
  F: {
    unit: 'F' as const,
    say: (c: number) => `${Math.round(c * 1.8 + 32)}°`,
    step: (c: number) => (c * 1.8).toFixed(1),
  },
}
type Facts = Record<string, string | number | boolean | null | undefined>

describe('what is asked about a thing', () => {
  it.each(sections.map((s) => [s.id, s] as const))(
    '%s: each demo thing goes into its boxes and comes out the same',
    (_, s) => {
      const things = demoThings[s.kind].filter((t) => belongs(s, t as { kind?: string }))
      expect(things.length).toBeGreaterThan(0)
      for (const unit of units)
        for (const thing of things)
          for (const field of s.fields) {
            const fact = (thing as unknown as Facts)[field.name]
            const back = toFact(field, toText(field, fact, unit), unit)
            if (typeof fact === 'number') expect(back, field.name).toBeCloseTo(fact, 2)
            else expect(back ?? null, field.name).toEqual(fact ?? null)
          }
    },
  )

  it('numbers are read with a point or a comma, in the unit that is shown', () => {
    const number: Field = { name: 'litres', label: '', as: 'number' }
    const heat: Field = { name: 'roomC', label: '', as: 'temperature' }
    fc.assert(
      fc.property(fc.integer({ min: -9999, max: 9999 }), (hundredths) => {
        const n = hundredths / 100
        const said = String(n)
        for (const text of [said, said.replace('.', ','), ` ${said} `])
          expect(toFact(number, text, 'C')).toBeCloseTo(n, 9)
        expect(toFact(heat, said, 'F')).toBeCloseTo((n - 32) / 1.8, 9)
        expect(Number(toText(heat, toFact(heat, said, 'F'), 'F'))).toBeCloseTo(n, 2)
      }),
    )
  })

  it.each([
    [{ as: 'number' }, 'a lot', Number.NaN],
    [{ as: 'number' }, '', Number.NaN],
    [{ as: 'number', optional: true }, ' ', null],
    [{ as: 'percent' }, '40', 0.4],
    [{ as: 'length' }, '20 cm', 200],
    [{ as: 'length' }, '8 in', 203.2],
    [{ as: 'length' }, 'wide', Number.NaN],
    [{ as: 'length', optional: true }, '', undefined],
    [{ as: 'text' }, '  big pot ', 'big pot'],
    [{ as: 'choice' }, 'copper', 'copper'],
  ] as const)('%j and “%s” is %s', (field, text, fact) => {
    expect(toFact({ name: 'x', label: 'X', ...field }, text, 'C')).toEqual(fact)
  })

  it('what is no number is refused by name, and nothing is written', () => {
    const { id: _, ...pot } = demoThings.pot[0] as KitchenFacts<'pot'> & { id: string }
    const litres = toFact({ name: 'litres', label: '', as: 'number' }, 'big', 'C')
    const parsed = kitchenSchemas.pot.safeParse({ ...pot, litres })
    expect(parsed.error?.issues[0]?.path).toEqual(['litres'])
  })

  it('a tray is not asked about cavities, nor a mould about its length', () => {
    const [tray, mould] = ['tray', 'mould'].map((kind) =>
      sections.find((s) => s.kind === 'vessel' && belongs(s, { kind })),
    )
    expect(tray?.fields.map((f) => f.name)).not.toContain('cavities')
    expect(mould?.fields.map((f) => f.name)).not.toContain('lengthMm')
  })
})

describe('what is said of a thing', () => {
  it.each(kitchenKinds)('every %s of the demo has something to say, in both units', (kind) => {
    for (const unit of units)
      for (const thing of demoThings[kind]) {
        const said = saidOf(kind, thing as never, words[unit], Date.UTC(2026, 10, 25))
        expect(said.length).toBeGreaterThan(0)
        expect(said.join(' ')).not.toMatch(/NaN|undefined|null|Infinity/)
      }
  })

  it('a thermometer says how far it is off where it matters, and whether that is known', () => {
    const at = '2026-11-24T10:00:00.000Z'
    const now = Date.parse(at)
    const facts = (reads: number): KitchenFacts<'thermometer'> => ({
      name: 'clip',
      maxC: 200,
      channel: null,
      checks: [{ at, bath: 'boil', reads, pressurePa: 101_325 }],
    })
    expect(thermometerSaid({ ...facts(100), checks: [] }, words.C, now)).toBe('never checked')
    expect(thermometerSaid(facts(100), words.C, now)).toMatch(/^true, ± /)
    expect(thermometerSaid(facts(102), words.C, now)).toMatch(/^shows 2\.0° too much, ± /)
    expect(thermometerSaid(facts(97.5), words.C, now)).toMatch(/^shows 2\.5° too little, ± /)
    expect(thermometerSaid(facts(102), words.F, now)).toMatch(/^shows 3\.6° too much, ± /)
  })

  it('height tells what water boils at, and a barometer tells it better', () => {
    const room = { name: 'Hill', altitudeM: 1480, barometerHPa: null, roomC: 20, humidity: 0.4 }
    const [where, boils] = saidOf('room', room, words.C, 0)
    expect(where).toContain('40 % damp')
    expect(boils).toBe('water boils at 95.0°')
    expect(saidOf('room', { ...room, barometerHPa: 1013.25 }, words.C, 0)[1]).toBe('water boils at 100.0°')
  })
})
