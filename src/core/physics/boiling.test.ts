import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { mix } from '../matter/mix'
import { boilingPoint, temperatureToday, waterActivity, waterLeftAt } from './boiling'
import { sucroseBoilingPoints } from './check-values'
import { saturationPressure, standardPressure } from './water'

const sucrose = (percent: number) => mix({ sucrose: percent, water: 100 - percent })
/** 70/30 sucrose and 42 DE solids with this share of the whole dry. */
const seventyThirty = (dry: number) => mix({ sucrose: 70 * dry, glucoseSolids: 30 * dry, water: 100 * (1 - dry) })

describe('published figures', () => {
  test.each(sucroseBoilingPoints)('%d %% sucrose boils at %d °C', (percent, celsius) => {
    expect(Math.abs(boilingPoint(sucrose(percent)) - celsius)).toBeLessThan(0.05)
  })

  test.each([
    ['thread', 80, 110, 113],
    ['soft ball', 85, 113, 116],
    ['firm ball', 87, 118, 121],
    ['hard ball', 92, 121, 130],
    ['soft crack', 95, 132, 143],
  ])('kitchen table: %s (%d %% solids) lies in or at most 1.5° below %d to %d °C', (_, percent, low, high) => {
    const t = boilingPoint(sucrose(percent))
    expect(t).toBeGreaterThan(low - 1.5)
    expect(t).toBeLessThanOrEqual(high)
  })

  test.each([
    [145, 2.94],
    [150, 2.11],
    [119, 10.04],
  ])('a 70/30 syrup at %d °C keeps %d %% water', (celsius, percent) => {
    const w = waterLeftAt(seventyThirty(1), celsius)
    expect((100 * w) / (100 + w)).toBeCloseTo(percent, 1)
  })

  it('follows altitude by composition, not by the boiling-water rule', () => {
    const p = standardPressure(1480)
    expect(p).toBeCloseTo(84764, -1)
    expect(boilingPoint(mix({ water: 1 }), p)).toBeCloseTo(95.05, 1)
    expect(boilingPoint(seventyThirty(0.97))).toBeCloseTo(144.7, 1)
    expect(boilingPoint(seventyThirty(0.97), p)).toBeCloseTo(138.5, 1)
    expect(temperatureToday(seventyThirty(1), 144.67, p)).toBeCloseTo(138.54, 1)
  })

  it('saturation: 101 324 Pa at 99.974 °C', () => {
    expect(saturationPressure(99.974)).toBeCloseTo(101324, -1)
  })

  it('a saturated sucrose solution at 25 °C stands at 0.85', () => {
    expect(waterActivity(mix({ sucrose: 67.4, water: 32.6 }), 25)).toBeCloseTo(0.85, 1)
  })
})

const syrup = fc
  .record({
    sucrose: fc.double({ min: 1, max: 900, noNaN: true }),
    monosaccharide: fc.double({ min: 0, max: 300, noNaN: true }),
    lactose: fc.double({ min: 0, max: 100, noNaN: true }),
    glucoseSolids: fc.double({ min: 0, max: 500, noNaN: true }),
    fat: fc.double({ min: 0, max: 500, noNaN: true }),
    de: fc.double({ min: 25, max: 65, noNaN: true }),
  })
  .map(mix)
const celsius = fc.double({ min: 102, max: 165, noNaN: true })
const pascal = fc.double({ min: 75e3, max: 103e3, noNaN: true })

describe('laws', () => {
  it('boiling point and water left undo each other', () => {
    fc.assert(
      fc.property(syrup, celsius, pascal, (m, t, p) => {
        const water = waterLeftAt(m, t, p)
        expect(boilingPoint({ ...m, water }, p)).toBeCloseTo(t, 4)
      }),
    )
  })

  it('hotter is drier', () => {
    fc.assert(
      fc.property(syrup, celsius, pascal, (m, t, p) => {
        expect(waterLeftAt(m, t + 0.5, p)).toBeLessThan(waterLeftAt(m, t, p))
      }),
    )
  })

  it('beyond the published boiling points every degree drives off less water than the one before', () => {
    fc.assert(
      fc.property(syrup, fc.double({ min: 160, max: 200, noNaN: true }), (m, t) => {
        const [before, there, after] = [t - 1, t, t + 1].map((c) => waterLeftAt(m, c)) as [number, number, number]
        expect(before - there).toBeGreaterThan(there - after)
      }),
    )
  })

  it('the drier, the lower its water activity, as dry as it gets', () => {
    fc.assert(
      fc.property(
        syrup,
        fc.double({ min: 20, max: 180, noNaN: true }),
        fc.double({ min: 0.001, max: 0.3, noNaN: true }),
        (m, t, share) => {
          const water = share * (m.sucrose + m.monosaccharide + m.lactose + m.glucoseSolids)
          expect(waterActivity({ ...m, water: 0.9 * water }, t)).toBeLessThan(waterActivity({ ...m, water }, t))
        },
      ),
    )
  })

  it('goes on beyond the last published boiling point as steeply as it comes to it', () => {
    const water = (t: number) => Math.log(waterLeftAt(sucrose(100), t))
    const last = boilingPoint(sucrose(98))
    const near = 0.02
    expect((water(last + near) - water(last)) / (water(last) - water(last - near))).toBeCloseTo(1, 2)
  })

  it('higher is cooler', () => {
    fc.assert(
      fc.property(syrup, celsius, pascal, (m, t, p) => {
        const wet = { ...m, water: waterLeftAt(m, t) }
        expect(boilingPoint(wet, p - 1000)).toBeLessThan(boilingPoint(wet, p))
      }),
    )
  })

  it('fat and insolubles change nothing', () => {
    fc.assert(
      fc.property(syrup, celsius, (m, t) => {
        expect(waterLeftAt({ ...m, fat: 0, insoluble: 300 }, t)).toBeCloseTo(waterLeftAt(m, t), 8)
      }),
    )
  })

  it('water left is proportional to the batch', () => {
    fc.assert(
      fc.property(syrup, celsius, (m, t) => {
        const doubled = mix({
          sucrose: m.sucrose * 2,
          monosaccharide: m.monosaccharide * 2,
          lactose: m.lactose * 2,
          glucoseSolids: m.glucoseSolids * 2,
          de: m.de,
        })
        expect(waterLeftAt(doubled, t)).toBeCloseTo(2 * waterLeftAt(m, t), 6)
      }),
    )
  })
})

it('says so outside its range', () => {
  expect(boilingPoint(mix({ sucrose: 1 }))).toBe(Number.POSITIVE_INFINITY)
  expect(waterLeftAt(mix({ sucrose: 100 }), 99)).toBe(Number.POSITIVE_INFINITY)
  expect(waterLeftAt(mix({ fat: 100 }), 120)).toBe(0)
  expect(() => boilingPoint(sucrose(80), 0)).toThrow(/20 and 200 kPa/)
  expect(() => boilingPoint(sucrose(80), Number.NaN)).toThrow(RangeError)
  expect(() => standardPressure(20000)).toThrow(/Altitude/)
})
