import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { mix } from '../matter/mix'
import { atDepth, conduct, conductivityOf, type Layer, openFace, type Stack, sliced } from './conduction'

const SLICES = 40
const air = { airC: 21, gives: () => 10 }
const slab = (mm: number): Layer => ({ mm, k: 0.35, holds: 1350 * 2100, slices: SLICES })
const bases: Record<string, Layer[]> = {
  rack: [],
  marble: [{ mm: 30, k: 2.8, holds: 2700 * 880, slices: 20 }],
  wood: [{ mm: 30, k: 0.15, holds: 600 * 1700, slices: 20 }],
}

/** Minutes until the middle is down to each of `wanted`. */
function minutesTo(mm: number, pouredC: number, under: Layer[], wanted: readonly number[]): number[] {
  const slices = sliced({ layers: [slab(mm), ...under], top: air, beneath: air })
  const celsius = new Float64Array(slices.count).fill(21)
  celsius.fill(pouredC, 0, SLICES)
  const out: number[] = []
  let now = 0
  while (out.length < wanted.length && now < 40_000) {
    const step = Math.max(0.5, 0.005 * now)
    const before = atDepth(celsius, SLICES, 0.5)
    conduct(slices, celsius, step)
    const after = atDepth(celsius, SLICES, 0.5)
    for (const c of wanted.slice(out.length).filter((w) => after <= w))
      out.push((now + (step * (before - c)) / (before - after)) / 60)
    now += step
  }
  return out
}

describe('a slab on what it lies on', () => {
  test.each([
    ['rack', 16, 111, [80, 60, 40], [18.6, 35.5, 64.7]],
    ['marble', 16, 111, [80, 60, 40], [6.0, 14.4, 57.2]],
    ['wood', 16, 111, [80, 60, 40], [16.5, 42, 100]],
    ['rack', 5, 145, [100, 60, 40], [5.6, 14.1, 22.8]],
  ] as const)('on %s, %d mm poured at %d°: as published', (on, mm, pouredC, wanted, minutes) => {
    const found = minutesTo(mm, pouredC, bases[on] as Layer[], wanted)
    for (const [i, m] of minutes.entries()) expect(Math.abs((found[i] as number) / m - 1)).toBeLessThan(0.03)
  })

  it('on marble, 5 mm poured at 145°: to the tenth of a minute it is given in', () => {
    const found = minutesTo(5, 145, bases.marble as Layer[], [100, 60, 40])
    for (const [i, m] of [0.7, 2.6, 7.4].entries()) expect(Math.abs((found[i] as number) - m)).toBeLessThan(0.1)
  })
})

const layers = fc.array(
  fc.record({
    mm: fc.double({ min: 0.5, max: 60, noNaN: true }),
    k: fc.double({ min: 0.03, max: 5, noNaN: true }),
    holds: fc.double({ min: 3e5, max: 4e6, noNaN: true }),
    slices: fc.integer({ min: 1, max: 12 }),
    under: fc.double({ min: 0, max: 0.01, noNaN: true }),
  }),
  { minLength: 1, maxLength: 4 },
)
const heatOf = (holds: Float64Array, celsius: Float64Array): number =>
  celsius.reduce((sum, c, i) => sum + c * (holds[i] as number), 0)

describe('laws of conduction', () => {
  it('no heat is made or lost where no face gives any', () => {
    fc.assert(
      fc.property(layers, fc.double({ min: 0.5, max: 600, noNaN: true }), (stack, seconds) => {
        const shut = { airC: 0, gives: () => 0 }
        const slices = sliced({ layers: stack, top: shut, beneath: null })
        const celsius = Float64Array.from({ length: slices.count }, (_, i) => 20 + ((37 * i) % 90))
        const before = heatOf(slices.holds, celsius)
        for (let i = 0; i < 20; i++) conduct(slices, celsius, seconds)
        expect(Math.abs(heatOf(slices.holds, celsius) / before - 1)).toBeLessThan(1e-7)
      }),
    )
  })

  it('nothing becomes warmer than the warmest or cooler than the air, however long the step', () => {
    fc.assert(
      fc.property(layers, fc.double({ min: 0.1, max: 1e5, noNaN: true }), (stack, seconds) => {
        const face = { airC: 21, gives: openFace }
        const slices = sliced({ layers: stack, top: face, beneath: face })
        const celsius = Float64Array.from({ length: slices.count }, (_, i) => 21 + ((53 * i) % 120))
        const hottest = Math.max(...celsius)
        for (let i = 0; i < 10; i++) conduct(slices, celsius, seconds)
        for (const c of celsius) {
          expect(c).toBeLessThanOrEqual(hottest + 1e-6)
          expect(c).toBeGreaterThanOrEqual(21 - 1e-6)
        }
      }),
    )
  })

  it('a finer cut changes little', () => {
    const at = (slices: number): number => {
      const stack: Stack = { layers: [{ ...slab(20), slices }], top: air, beneath: air }
      const cut = sliced(stack)
      const celsius = new Float64Array(cut.count).fill(110)
      for (let i = 0; i < 600; i++) conduct(cut, celsius, 2)
      return atDepth(celsius, slices, 0.5)
    }
    expect(Math.abs(at(20) - at(80))).toBeLessThan(0.05)
  })
})

describe('conductivity', () => {
  it('of a caramel is about 0.35, of water 0.6, and air takes most of it away', () => {
    const caramel = mix({ sucrose: 40, glucoseSolids: 25, water: 9, fat: 18, milkProtein: 4, lactose: 4 })
    expect(conductivityOf(caramel, 80)).toBeGreaterThan(0.24)
    expect(conductivityOf(caramel, 80)).toBeLessThan(0.38)
    expect(conductivityOf(mix({ water: 1 }), 25)).toBeCloseTo(0.611, 2)
    expect(conductivityOf(caramel, 80, 0.7)).toBeLessThan(0.4 * conductivityOf(caramel, 80))
  })
})
