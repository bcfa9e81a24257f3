import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { poursFromPot, workingWindows } from '../cooling/working'
import { type Mix, mix } from '../matter/mix'
import { exchangeGelatin } from './gelatin'
import { keepingIn, keeps } from './humidity'
import { inversionRate, invertedShare } from './inversion'
import { slabThickness } from './slab'
import { grainRisk } from './solubility'

describe('inversion', () => {
  it('follows Vukov: ten times faster a unit of pH, and faster hot', () => {
    expect(inversionRate(80, 3, 1.29, 0.8) / inversionRate(80, 4, 1.29, 0.8)).toBeCloseTo(10, 6)
    expect(inversionRate(100, 3, 1.2, 0.6) / inversionRate(80, 3, 1.2, 0.6)).toBeGreaterThan(6)
    expect(Math.log10(inversionRate(90, 3.5, 1.3, 0.9))).toBeCloseTo(16.91 + Math.log10(0.4) - 5670 / 363.15 - 3.5, 9)
  })

  it('a lemony syrup boiled ten minutes makes invert worth minding, a plain one hardly any', () => {
    const syrup = mix({ sucrose: 75, water: 25 })
    expect(invertedShare(syrup, 107, 3.2, 10)).toBeGreaterThan(0.1)
    expect(invertedShare(syrup, 107, 6.5, 10)).toBeLessThan(0.01)
    expect(invertedShare(syrup, 107, 3, 0)).toBe(0)
  })

  it('says where it is not known', () => {
    expect(() => inversionRate(100, 11, 1.2, 0.5)).toThrow(/pH 0 to 8/)
    expect(() => inversionRate(100, 4, 0.5, 0.6)).toThrow(RangeError)
  })
})

describe('gelatin', () => {
  it('exchanges by the root of the bloom and comes back', () => {
    expect(exchangeGelatin(10, 200, 250)).toBeCloseTo(8.944, 3)
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.integer({ min: 80, max: 300 }),
        fc.integer({ min: 80, max: 300 }),
        (g, a, b) => {
          expect(exchangeGelatin(exchangeGelatin(g, a, b), b, a)).toBeCloseTo(g, 9)
        },
      ),
    )
  })

  it('says which strengths are sold', () => expect(() => exchangeGelatin(10, 20, 200)).toThrow(/80 to 300/))
})

describe('keeping', () => {
  const published: [string, Mix, number, number][] = [
    ['saturated sucrose', mix({ sucrose: 67.1, water: 32.9 }), 0.84, 0.88],
    ['a 70/30 syrup at 10 % water', mix({ sucrose: 63, glucoseSolids: 27, water: 10 }), 0.47, 0.49],
  ]

  test.each(published)('%s has the published water activity', (_, m, low, high) => {
    const { own } = keeps(m, 25, false)
    expect(own).toBeGreaterThan(low)
    expect(own).toBeLessThan(high)
  })

  it('has two sides: sticky above, dry below', () => {
    const chew = keeps(mix({ sucrose: 60, glucoseSolids: 30, water: 10 }), 21, false)
    expect(keepingIn(chew, 0.75)).toBe('sticky')
    expect(keepingIn(chew, 0.5)).toBe('steady')
    expect(keepingIn(chew, 0.2)).toBe('dries')
  })

  it('a glass is not sticky at its own humidity but where its skin flows, and never dries', () => {
    for (const water of [2, 3, 4]) {
      const glass = keeps(mix({ sucrose: 70, glucoseSolids: 30, water }), 21, false)
      expect(glass.own).toBeLessThan(0.26)
      expect(glass.stickyAbove).toBeGreaterThan(0.29)
      expect(glass.stickyAbove).toBeLessThan(0.38)
      expect(keepingIn(glass, 0.05)).toBe('steady')
    }
  })

  it('counts grained sucrose as crystal: more sugar in a grained sweet changes nothing', () => {
    const fudge = (sucrose: number) =>
      keeps(mix({ sucrose, lactose: 4, glucoseSolids: 4, fat: 10, water: 10 }), 21, true)
    expect(fudge(72).own).toBeCloseTo(fudge(90).own, 9)
    expect(fudge(72).own).toBeGreaterThan(0.65)
    expect(fudge(72).own).toBeLessThan(0.85)
    expect(keepingIn(fudge(72), 0.63)).toBe('dries')
  })
})

test('grain: dissolved is safe, then the doctors decide', () => {
  expect(grainRisk(mix({ sucrose: 50, water: 50 }), 20)).toBe('none')
  expect(grainRisk(mix({ sucrose: 95, glucoseSolids: 5, water: 10 }), 20)).toBe('readily')
  expect(grainRisk(mix({ sucrose: 82, glucoseSolids: 18, water: 10 }), 20)).toBe('may')
  expect(grainRisk(mix({ sucrose: 74, glucoseSolids: 26, water: 10 }), 20)).toBe('if-stirred')
  expect(grainRisk(mix({ sucrose: 60, glucoseSolids: 40, water: 10 }), 20)).toBe('resists')
})

describe('a slab', () => {
  const candy = mix({ sucrose: 700, glucoseSolids: 300, water: 25 })

  it('is as thick as its volume over its area', () => {
    expect(slabThickness(candy, 900, 300 * 200)).toBeCloseTo(9.8, 0)
    expect(slabThickness(candy, 900, 300 * 200, 0.5)).toBeCloseTo(2 * slabThickness(candy, 900, 300 * 200), 6)
    expect(() => slabThickness(candy, 900, 0)).toThrow(/area/)
    expect(() => slabThickness(candy, 900, 100, 0.95)).toThrow(/Air/)
  })

  it('is worked longer when thicker, and in a warm room some of it never comes', () => {
    expect(workingWindows(candy, 10, 150, 21).scores).toBeGreaterThan(1.6 * workingWindows(candy, 5, 150, 21).scores)
    const soft = mix({ sucrose: 400, glucoseSolids: 300, water: 90 })
    expect(workingWindows(soft, 10, 118, 35).set).toBe(Number.POSITIVE_INFINITY)
    expect(workingWindows(candy, 10, 100, 21).spreads).toBe(0)
  })

  it('stops flowing, then spreading, then taking a score, in minutes a maker knows', () => {
    const w = workingWindows(candy, 7, 147, 21)
    expect(w.flows).toBeLessThan(w.spreads)
    expect(w.spreads).toBeLessThan(w.scores)
    expect(w.scores).toBeLessThan(w.set)
    expect(w.spreads).toBeLessThan(10)
    expect(w.scores).toBeGreaterThan(3)
    expect(w.scores).toBeLessThan(20)
  })

  it('pours out of its pot for minutes, the longer the more there is and the heavier the pot; a sauce always', () => {
    const pot = { name: 'pot', litres: 4, diameterMm: 200, massKg: 1.2, metal: 'steel' } as const
    const little = mix({ sucrose: 140, glucoseSolids: 60, water: 5 })
    const [short, long] = [little, candy].map((m) => poursFromPot(m, pot, 149, 21))
    expect(short).toBeGreaterThan(1)
    expect(long).toBeGreaterThan(2 * (short ?? 0))
    expect(long).toBeLessThan(20)
    expect(poursFromPot(little, { ...pot, massKg: 4 }, 149, 21)).toBeGreaterThan(short ?? 0)
    expect(poursFromPot(candy, pot, 110, 21)).toBe(0)
    expect(poursFromPot(mix({ sucrose: 400, glucoseSolids: 100, water: 220 }), pot, 106, 21)).toBe(
      Number.POSITIVE_INFINITY,
    )
  })
})
