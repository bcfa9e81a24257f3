import { describe, expect, it, test } from 'vitest'
import { mix } from '../matter/mix'
import { browningRate, colourTemperature, rampDose } from './browning'
import { sodaLitres, sodaMoles } from './gas'
import { densityOf, heatCapacity, heatContent } from './heat'
import { doctorShare, sucroseSolubility, supersaturation } from './solubility'
import { latentHeat } from './water'

describe('solubility', () => {
  test.each([
    [20, 66.6],
    [100, 83.18],
  ])('at %d °C %d %%', (t, percent) => expect(sucroseSolubility(t)).toBeCloseTo(percent, 1))

  it('is refused where nobody has measured it', () => {
    expect(() => sucroseSolubility(-5)).toThrow(RangeError)
    expect(() => sucroseSolubility(150)).toThrow(/0 to 140/)
  })

  it('a syrup saturated hot is supersaturated cold', () => {
    const m = mix({ sucrose: 80, water: 20 })
    expect(supersaturation(m, 90)).toBeLessThan(1.05)
    expect(supersaturation(m, 20)).toBeGreaterThan(1.9)
  })

  it('counts doctors among the sweeteners only', () => {
    expect(doctorShare(mix({ sucrose: 70, glucoseSolids: 20, lactose: 10, fat: 500 }))).toBeCloseTo(0.3)
    expect(doctorShare(mix({ fat: 1 }))).toBe(0)
  })
})

describe('colour', () => {
  test.each([
    [10, 165, 189],
    [5, 150, 165],
    [20, 140, 171],
  ])('%d min at %d °C is coloured like %d °C', (minutes, held, like) => {
    expect(colourTemperature(minutes * browningRate(held))).toBeCloseTo(like, -0.3)
  })

  it('reads a ramp as where the ramp stopped', () => {
    for (const t of [120, 150, 170, 190]) expect(colourTemperature(rampDose(t))).toBeCloseTo(t, 2)
  })

  it('agrees with a plain sum over the ramp', () => {
    let dose = 0
    for (let t = 20; t < 175; t += 0.01) dose += (browningRate(t + 0.005) * 0.01) / 8
    expect(rampDose(175) / dose).toBeCloseTo(1, 2)
  })
})

test('soda: 5.95 mmol and 0.207 l a gram at 150 °C', () => {
  expect(sodaMoles(1) * 1000).toBeCloseTo(5.95, 2)
  expect(sodaLitres(1, 150)).toBeCloseTo(0.207, 3)
})

describe('heat', () => {
  it('content is the sum of capacity', () => {
    const m = mix({ sucrose: 700, water: 200, fat: 100 })
    let sum = 0
    for (let i = 0; i < 1200; i++) sum += heatCapacity(m, (i + 0.5) / 10) / 10
    expect(heatContent(m, 120) / sum).toBeCloseTo(1, 5)
  })

  it('gives water its ordinary figures', () => {
    const water = mix({ water: 1000 })
    expect(heatCapacity(water, 20)).toBeCloseTo(4180, -2)
    expect(densityOf(water, 20)).toBeCloseTo(0.996, 2)
    expect(latentHeat(100)).toBeCloseTo(2.265e6, -4)
  })

  it('a 75 % syrup weighs about 1.38 g/ml', () => {
    expect(densityOf(mix({ sucrose: 75, water: 25 }), 20)).toBeCloseTo(1.38, 1)
  })
})
