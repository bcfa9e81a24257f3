import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ingredientById } from '../matter/ingredients'
import { massOf, mix } from '../matter/mix'
import { mixOf } from '../matter/portions'
import { boilingPoint } from '../physics/boiling'
import {
  advancePot,
  applyToPot,
  contentsOf,
  heatHeld,
  type PotEvent,
  type PotSetup,
  simulatePot,
  startPot,
} from './simulate'

const setup: PotSetup = {
  pot: { name: 'pot', litres: 4, diameterMm: 220, massKg: 2, metal: 'steel' },
  burner: { name: 'ring', watts: 1800, efficiency: 0.6, responseS: 2 },
  roomC: 20,
  pressurePa: 101325,
}
const portion = (id: string, grams: number) => ({ ingredient: ingredientById(id), grams })
const syrup = mixOf([portion('sugar', 1000), portion('glucose-42', 300), portion('water', 330)])
const sugar = mixOf([portion('sugar', 250)])
const cream = mixOf([portion('cream-36', 400)])
const lit: PotEvent[] = [
  { at: 0, kind: 'add', mix: syrup, celsius: 20 },
  { at: 0, kind: 'heat', dial: 10 },
]

describe('a kilo of sugar on 1.8 kW', () => {
  const samples = simulatePot(setup, lit, { until: 2400 })
  const when = (t: number) => samples.find((s) => s.celsius >= t)?.at ?? Number.NaN

  it('takes about 15 minutes from 105 to 150 °C: slow, then racing', () => {
    expect((when(150) - when(105)) / 60).toBeGreaterThan(13)
    expect((when(150) - when(105)) / 60).toBeLessThan(17)
    expect((when(110) - when(105)) / 60).toBeGreaterThan(4)
    expect(when(150) - when(142)).toBeLessThan(75)
  })

  it('stays on its boiling curve while it boils', () => {
    for (const s of samples.filter((x) => x.boiling && x.celsius < 160))
      expect(boilingPoint({ ...syrup, water: s.water })).toBeCloseTo(s.celsius, 1)
  })

  it('browns past the last water', () => {
    expect(samples.at(-1)?.celsius).toBeGreaterThan(185)
    expect(samples.at(-1)?.dose).toBeGreaterThan(samples.find((s) => s.celsius > 150)?.dose ?? 1)
  })

  it('carries on after it is taken off, then cools', () => {
    const off = when(147)
    const pulled = simulatePot(setup, [...lit, { at: off, kind: 'off' }], { until: off + 900 })
    const hottest = Math.max(...pulled.map((s) => s.celsius))
    expect(hottest).toBeGreaterThan(147.5)
    expect(hottest).toBeLessThan(151)
    expect(pulled.at(-1)?.celsius).toBeLessThan(hottest - 10)
  })

  it('loses hardly any water under a lid', () => {
    const open = simulatePot(setup, lit, { until: 900 }).at(-1)
    const lidded = simulatePot(setup, [{ at: 0, kind: 'lid', on: true }, ...lit], { until: 900 }).at(-1)
    expect(syrup.water - (lidded?.water ?? 0)).toBeLessThan(0.15 * (syrup.water - (open?.water ?? 0)))
  })
})

it('sugar alone climbs slowly while it melts, and a second lot sets it back', () => {
  const dry = (more: PotEvent[]) =>
    simulatePot(setup, [{ at: 0, kind: 'add', mix: sugar, celsius: 20 }, { at: 0, kind: 'heat', dial: 5 }, ...more], {
      until: 900,
      stopWhen: (s) => s.celsius > 195,
    })
  const one = dry([])
  const between = (low: number, high: number) => one.filter((s) => s.celsius > low && s.celsius < high).length
  expect(between(162, 186)).toBeGreaterThan(2 * between(132, 156))
  expect(one.at(-1)?.crystals).toBe(0)
  const two = dry([{ at: 250, kind: 'add', mix: sugar, celsius: 20 }])
  expect(two.at(-1)?.at).toBeGreaterThan((one.at(-1)?.at ?? 0) + 60)
  expect(two.at(-1)?.grams).toBeCloseTo(500, -1)
})

it('water alone boils away, and what goes in after that is as warm as it is', () => {
  const pot = startPot(setup)
  applyToPot(pot, { at: 0, kind: 'add', mix: mix({ water: 60 }), celsius: 20 })
  applyToPot(pot, { at: 0, kind: 'heat', dial: 6 })
  while (pot.at < 900) advancePot(pot, 1)
  expect(pot.water).toBeLessThan(1)
  expect(pot.celsius).toBeCloseTo(100, 0)
  applyToPot(pot, { at: pot.at, kind: 'off' })
  applyToPot(pot, { at: pot.at, kind: 'add', mix: syrup, celsius: 20 })
  expect(pot.celsius).toBeCloseTo(20, 0)
})

it.each([0, 1, 20, 400])(
  '%d g of butter over a full flame for an hour get no hotter than a ring makes a pan',
  (grams) => {
    const pot = startPot(setup)
    const atStart = heatHeld(pot)
    if (grams > 0) applyToPot(pot, { at: 0, kind: 'add', mix: mixOf([portion('butter', grams)]), celsius: 20 })
    applyToPot(pot, { at: 0, kind: 'heat', dial: 10 })
    while (pot.at < 3600) {
      advancePot(pot, 1)
      expect(Math.max(pot.baseC, pot.celsius)).toBeLessThan(600)
    }
    expect(pot.baseC).toBeGreaterThan(250)
    const { burner, added, lost, steam, melting } = pot.ledger
    const came = atStart + burner + added
    expect(Math.abs(came - lost - steam - melting - heatHeld(pot))).toBeLessThan(0.001 * came)
  },
)

it('a slow plate answers later than gas', () => {
  const slow = { ...setup, burner: { ...setup.burner, responseS: 90 } }
  const at = (s: PotSetup) => simulatePot(s, lit, { until: 900, stopWhen: (x) => x.celsius > 90 }).at(-1)?.at ?? 0
  expect(at(slow)).toBeGreaterThan(at(setup) + 60)
})

it('cream into amber sugar flashes steam and cools the pot', () => {
  const pot = startPot(setup)
  for (const e of lit) applyToPot(pot, e)
  while (pot.celsius < 165) advancePot(pot, 1)
  applyToPot(pot, { at: pot.at, kind: 'add', mix: cream, celsius: 85 })
  const held = pot.water
  advancePot(pot, 1)
  expect(pot.celsius).toBeLessThan(120)
  expect(held - pot.water).toBeGreaterThan(5)
})

const anyEvents = fc.array(
  fc.oneof(
    fc.record({
      at: fc.integer({ min: 0, max: 2400 }),
      kind: fc.constant('heat' as const),
      dial: fc.integer({ min: 0, max: 10 }),
    }),
    fc.record({ at: fc.integer({ min: 0, max: 2400 }), kind: fc.constant('lid' as const), on: fc.boolean() }),
    fc.record({
      at: fc.integer({ min: 0, max: 2400 }),
      kind: fc.constant('add' as const),
      mix: fc.constantFrom(syrup, cream, sugar),
      celsius: fc.integer({ min: 0, max: 90 }),
    }),
    fc.record({ at: fc.integer({ min: 1200, max: 2400 }), kind: fc.constant('off' as const) }),
  ),
  { maxLength: 12 },
)

it('keeps its books: heat within 0.1 %, mass exactly, over any cook', () => {
  fc.assert(
    fc.property(anyEvents, (events) => {
      const all: PotEvent[] = [...lit, ...events].sort((a, b) => a.at - b.at)
      const pot = startPot(setup)
      const atStart = heatHeld(pot)
      let next = 0
      while (pot.at < 3000) {
        while (next < all.length && (all[next] as PotEvent).at <= pot.at) applyToPot(pot, all[next++] as PotEvent)
        advancePot(pot, 1)
      }
      const { burner, added, lost, steam, melting, gramsAdded, gramsSteam } = pot.ledger
      const put = atStart + burner + added
      expect(Math.abs(put - lost - steam - melting - heatHeld(pot))).toBeLessThan(0.001 * put)
      expect(massOf(contentsOf(pot))).toBeCloseTo(gramsAdded - gramsSteam, 3)
    }),
    { numRuns: 60 },
  )
})
