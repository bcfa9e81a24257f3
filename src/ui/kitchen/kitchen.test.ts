import { describe, expect, it } from 'vitest'
import { type KitchenFacts, kitchenKinds, kitchenSchemas } from '@/contract/kitchen'
import { demoThings } from '@/demo/kitchen'
import { measureOf, metric, sayIn } from '@/words'
import { belongs, sections } from './fields'
import { saidOf, thermometerSaid } from './said'

const inCelsius = sayIn(metric)
const inFahrenheit = sayIn({ temperature: 'F', weight: 'oz', length: 'in' })
type Facts = Record<string, unknown>

describe('what is asked about a thing', () => {
  it.each(sections.map((s) => [s.id, s] as const))(
    '%s: each demo thing goes into its boxes and comes out the same, in both systems of units',
    (_, s) => {
      const things = demoThings[s.kind].filter((t) => belongs(s, t as { kind?: string }))
      expect(things.length).toBeGreaterThan(0)
      for (const { units } of [inCelsius, inFahrenheit])
        for (const thing of things)
          for (const field of s.fields) {
            const fact = (thing as unknown as Facts)[field.name]
            if (
              typeof fact !== 'number' ||
              field.as === 'text' ||
              field.as === 'choice' ||
              field.as === 'yes' ||
              field.as === 'date'
            )
              continue
            const measure = measureOf(field.as)
            const back = measure.read(measure.show(fact, units), units)
            expect(Math.abs(back - fact), field.name).toBeLessThan(0.003 * Math.abs(fact) + 0.06)
          }
    },
  )

  it.each(sections.map((s) => [s.id, s] as const))('%s: what its schema asks for is asked about or given', (_, s) => {
    const { id: _id, ...thing } = demoThings[s.kind].find((t) => belongs(s, t as { kind?: string })) as { id: string }
    expect(kitchenSchemas[s.kind].safeParse({ ...s.fresh, ...thing }).success).toBe(true)
    for (const field of s.fields)
      if (!field.optional && field.as !== 'yes')
        expect(kitchenSchemas[s.kind].safeParse({ ...thing, [field.name]: Number.NaN }).success, field.name).toBe(false)
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
    for (const say of [inCelsius, inFahrenheit])
      for (const thing of demoThings[kind]) {
        const said = saidOf(kind, thing as never, say, Date.UTC(2026, 10, 25))
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
    expect(thermometerSaid({ ...facts(100), checks: [] }, inCelsius, now)).toBe('never checked')
    expect(thermometerSaid(facts(100), inCelsius, now)).toMatch(/^true, ± /)
    expect(thermometerSaid(facts(102), inCelsius, now)).toMatch(/^shows 2\.0° too much, ± /)
    expect(thermometerSaid(facts(97.5), inCelsius, now)).toMatch(/^shows 2\.5° too little, ± /)
    expect(thermometerSaid(facts(102), inFahrenheit, now)).toMatch(/^shows 3\.6° too much, ± /)
  })

  it('height tells what water boils at, and a barometer tells it better', () => {
    const room = { name: 'Hill', altitudeM: 1480, barometerHPa: null, roomC: 20, humidity: 0.4 }
    const [where, boils] = saidOf('room', room, inCelsius, 0)
    expect(where).toContain('40 % damp')
    expect(boils).toBe('water boils at 95.0°')
    expect(saidOf('room', { ...room, barometerHPa: 1013.25 }, inCelsius, 0)[1]).toBe('water boils at 100.0°')
  })
})
