import { describe, expect, it, test } from 'vitest'
import { chance } from '../../../tests/rough/chance'
import { roundingOf, type Scatter, scatterAfter, scatterBefore } from './scatter'

/** A thermometer of scatter `sd`, in steps of `step`, on a syrup that climbs by `climb` °C/s. */
function seen(sd: number, step: number, climb: number, n = 600): Scatter {
  const c = chance(Math.round(1000 * sd), 1)
  let scatter = scatterBefore(0.3)
  for (let at = 1; at <= n; at++) {
    const celsius = 100 + climb * at + sd * c.normal()
    scatter = scatterAfter(scatter, { at, celsius: Math.round(celsius / step) * step })
  }
  return scatter
}

describe('the scatter of readings', () => {
  test.each([0.1, 0.3, 0.6])('of %d° is found, however fast the syrup climbs', (sd) => {
    for (const climb of [0, 0.02, 0.2])
      expect(Math.abs(Math.sqrt(seen(sd, 0.01, climb).variance) / sd - 1)).toBeLessThan(0.35)
  })

  test.each([0.5, 1])('steps of %d° are found', (step) => {
    expect(seen(0.4, step, 0.05).step).toBeCloseTo(step, 6)
  })

  it('one spattered reading hardly moves it', () => {
    const quiet = seen(0.2, 0.01, 0.05)
    const spattered = scatterAfter(quiet, { at: 601, celsius: 180 })
    expect(spattered.variance / quiet.variance).toBeLessThan(1.25)
  })

  it('rounding weighs most where the syrup dwells on one step, and least where it scatters over several', () => {
    const still = roundingOf(seen(0.05, 1, 0.002), 0.002)
    const fast = roundingOf(seen(0.05, 1, 0.5), 0.5)
    expect(still).toBeGreaterThan(10 * fast)
    expect(roundingOf(seen(0.2, 0.1, 0.01), 0.01)).toBeLessThan(0.01)
  })

  test.each([0.5, 0.8])(
    'rounding is counted once: what scatters by %d° over steps of 1° errs by both together',
    (sd) => {
      const loud = seen(sd, 1, 0.002)
      const whole = (loud.variance + roundingOf(loud, 0.002)) / (sd ** 2 + 1 / 12)
      expect(whole).toBeGreaterThan(0.65)
      expect(whole).toBeLessThan(1.35)
    },
  )
})
