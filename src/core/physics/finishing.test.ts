import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { mix } from '../matter/mix'
import { exchangeGelatin, exchangeSheets } from './gelatin'
import { equilibriumHumidity, keepingIn } from './humidity'
import { inversionRate, invertedShare } from './inversion'
import { coolingMinutes, slabThickness, workingWindows } from './slab'
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

  it('sheets of every grade set about alike, as they are sold to', () => {
    expect(exchangeSheets(6, 'gold', 'platinum')).toBeCloseTo(6.31, 1)
    expect(exchangeSheets(1, 'packet', 'gold')).toBeCloseTo(3.71, 1)
    expect(() => exchangeGelatin(10, 20, 200)).toThrow(/80 to 300/)
  })
})

describe('keeping', () => {
  it('has the published figures', () => {
    expect(equilibriumHumidity(mix({ sucrose: 67.1, water: 32.9 }))).toBeCloseTo(0.85, 1)
    expect(equilibriumHumidity(mix({ sucrose: 63, glucoseSolids: 27, water: 10 }))).toBeCloseTo(0.48, 2)
  })

  it('turns sticky in damp air and dries in dry air', () => {
    const chew = mix({ sucrose: 60, glucoseSolids: 30, water: 10 })
    expect(keepingIn(chew, 21, 0.75)).toBe('sticky')
    expect(keepingIn(chew, 21, 0.5)).toBe('steady')
    expect(keepingIn(chew, 21, 0.2)).toBe('dries')
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

  it('cools slower when thicker, and never below the room', () => {
    expect(coolingMinutes(candy, 10, 150, 60, 21)).toBeGreaterThan(1.9 * coolingMinutes(candy, 5, 150, 60, 21))
    expect(coolingMinutes(candy, 10, 150, 20, 21)).toBe(Number.POSITIVE_INFINITY)
    expect(coolingMinutes(candy, 10, 100, 120, 21)).toBe(0)
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
})
