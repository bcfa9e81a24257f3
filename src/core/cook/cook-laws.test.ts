import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { bookTau } from '../cooling/pot'
import { gramsAsWritten } from '../formula/document'
import { traceSteps } from '../formula/trace'
import type { Reading } from '../log/readings'
import { type Mix, mix } from '../matter/mix'
import { testConditions } from '../testing'
import { coolingTo } from '../track/cooling'
import { heatPath, joulesAt, joulesPerDegree, temperatureAt } from '../track/heat-path'

const within = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const syrup: fc.Arbitrary<Mix> = fc
  .tuple(within(100, 3000), within(0, 1500), within(0.25, 1.2))
  .map(([sucrose, glucoseSolids, wet]) => mix({ sucrose, glucoseSolids, water: wet * sucrose }))
const pressure = within(75_000, 104_000)

describe('the road a syrup travels', () => {
  it('only ever climbs: every degree costs something', () => {
    fc.assert(
      fc.property(syrup, pressure, (m, p) => {
        const path = heatPath(m, p, 900)
        for (let t = 0; t < 204; t += 1.5) {
          expect(joulesPerDegree(path, t)).toBeGreaterThan(0)
          expect(joulesAt(path, t + 1)).toBeGreaterThan(joulesAt(path, t))
        }
      }),
      { numRuns: 40 },
    )
  })

  it('is the same road there and back', () => {
    fc.assert(
      fc.property(syrup, pressure, within(1, 200), (m, p, t) => {
        const path = heatPath(m, p)
        expect(temperatureAt(path, joulesAt(path, t))).toBeCloseTo(t, 6)
      }),
    )
  })

  it('ends where it is held: nothing is colder than its beginning nor hotter than its end', () => {
    fc.assert(
      fc.property(syrup, pressure, within(-1e9, 1e9), (m, p, joules) => {
        const t = temperatureAt(heatPath(m, p), joules)
        expect(t).toBeGreaterThanOrEqual(0)
        expect(t).toBeLessThanOrEqual(205)
      }),
    )
  })

  it('is twice as long for twice the syrup, and boils at the same heat', () => {
    fc.assert(
      fc.property(syrup, pressure, within(20, 190), (m, p, t) => {
        const twice = Object.fromEntries(Object.entries(m).map(([k, v]) => [k, k === 'de' ? v : 2 * v])) as Mix
        const [one, two] = [heatPath(m, p), heatPath(twice, p)]
        expect(two.boilC).toBeCloseTo(one.boilC, 9)
        expect(joulesAt(two, t) / joulesAt(one, t)).toBeCloseTo(2, 9)
      }),
    )
  })

  it('on a hill it boils sooner, and there is more to boil away below any target', () => {
    fc.assert(
      fc.property(syrup, (m) => {
        const [sea, hill] = [heatPath(m, 101_325), heatPath(m, 84_700)]
        expect(hill.boilC).toBeLessThan(sea.boilC)
        expect(joulesAt(hill, hill.boilC + 8)).toBeGreaterThan(joulesAt(sea, hill.boilC + 8) - 1e-6)
      }),
    )
  })

  it('water costs most of it: more water, a longer road to the same target', () => {
    fc.assert(
      fc.property(syrup, pressure, within(50, 500), (m, p, more) => {
        const wetter = heatPath({ ...m, water: m.water + more }, p)
        const path = heatPath(m, p)
        // boiling off a gram takes more than two kilojoules
        expect(joulesAt(wetter, 150) - joulesAt(path, 150)).toBeGreaterThan(2000 * more)
      }),
    )
  })
})

describe('cooling', () => {
  const pot = testConditions.pot
  const roomC = 21
  const inIt = mix({ sucrose: 700, water: 90, fat: 60 })
  const fallen = (tau: number, from: number, n: number, every = 10): Reading[] =>
    Array.from({ length: n }, (_, i) => ({
      at: i * every,
      celsius: roomC + (from - roomC) * Math.exp((-i * every) / tau),
    }))

  it('that falls as cooling does is foreseen to the second', () => {
    fc.assert(
      fc.property(
        within(600, 6000),
        within(90, 125),
        fc.integer({ min: 10, max: 50 }),
        within(30, 60),
        (tau, from, n, to) => {
          const readings = fallen(tau, from, n)
          const now = (readings.at(-1) as Reading).at
          const seen = coolingTo(to, readings, { now, mix: inIt, pot, roomC, since: 0 })
          const truth = Math.max(0, tau * Math.log((from - roomC) / (to - roomC)) - now)
          expect(seen?.seconds).toBeCloseTo(truth, 0)
          expect(seen?.low).toBeLessThanOrEqual(truth + 1)
          expect(seen?.high).toBeGreaterThanOrEqual(truth - 1)
        },
      ),
    )
  })

  it('is by the book until it has been watched, and less sure', () => {
    const one = [{ at: 0, celsius: 115 }]
    const book = coolingTo(50, one, { now: 0, mix: inIt, pot, roomC, since: 0 })
    const tau = bookTau(inIt, pot, 115)
    expect(tau).toBeGreaterThan(600)
    // cold water at its base takes most of it
    expect(bookTau(inIt, pot, 115, true)).toBeLessThan(0.6 * tau)
    expect(book?.seconds).toBeCloseTo(tau * Math.log((115 - roomC) / (50 - roomC)), 3)
    const watched = fallen(tau, 115, 40)
    const seen = coolingTo(50, watched, { now: 390, mix: inIt, pot, roomC, since: 0 })
    const share = (c: typeof seen) => ((c?.high ?? 0) - (c?.low ?? 0)) / (c?.seconds ?? 1)
    expect(share(seen)).toBeLessThan(share(book) / 3)
  })

  it('goes on between readings: what it is now is reckoned, by the book after a long silence', () => {
    const readings = fallen(1800, 110, 30)
    const now = 290 + 120
    const seen = coolingTo(45, readings, { now, mix: inIt, pot, roomC, since: 0 })
    expect(seen?.nowC).toBeCloseTo(roomC + 89 * Math.exp(-now / 1800), 1)
    const later = coolingTo(45, readings, { now: 2000, mix: inIt, pot, roomC, since: 0 })
    const byTheBook = coolingTo(45, readings.slice(-1), { now: 2000, mix: inIt, pot, roomC, since: 0 })
    expect(later).toEqual(byTheBook)
  })

  it('says nothing of readings before it came off, or of an empty pot', () => {
    const readings = fallen(1800, 110, 30)
    const context = { now: 290, mix: inIt, pot, roomC, since: 0 }
    expect(coolingTo(45, readings, { ...context, since: 300 })).toBeNull()
    expect(coolingTo(45, [], context)).toBeNull()
    expect(coolingTo(45, readings, { ...context, mix: mix({}) })).toBeNull()
  })
})

describe('the mix along a method', () => {
  test.each(['orchard-toffee', 'smoked-salt-tamarind-caramels', 'rhubarb-nettle-elderflower-drops'])(
    '%s: nothing is lost in the pot but water',
    (id) => {
      const formula = demoBoil(id)
      for (const stop of traceSteps(formula, gramsAsWritten(formula)))
        for (const [what, grams] of Object.entries(stop.after)) {
          expect(grams, what).toBeGreaterThanOrEqual(0)
          if (what !== 'water' && what !== 'de')
            expect(grams).toBeGreaterThanOrEqual(stop.before[what as 'sucrose'] - 1e-9)
        }
    },
  )
})
