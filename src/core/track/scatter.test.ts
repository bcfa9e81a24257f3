import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { chance } from '../../../tests/rough/chance'
import { learn, loosen, mean, newState, ROW, setRow, surprise } from './heat-state'
import { roundedTo, type Scatter, scatterAfter, scatterBefore, unrounded } from './scatter'

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

  test.each([
    [0.2, 0.5],
    [0.3, 1],
    [0.5, 0.5],
    [0.5, 1],
  ])('what scatters by %d° under steps of %d° is told without the rounding', (sd, step) => {
    // a climb through many steps, so that every part of a step is met
    const found = Math.sqrt(unrounded(seen(sd, step, 0.05, 1200)))
    expect(found / sd).toBeGreaterThan(0.6)
    expect(found / sd).toBeLessThan(1.5)
  })
})

describe('a rounded reading', () => {
  it('is itself where nothing rounds it', () => {
    expect(roundedTo(112.3, 0, 110, 0.2)).toEqual({ mean: 112.3, variance: 0 })
  })

  it('says nothing new of what was foreseen well within its step, and draws to its edge what was foreseen beyond it', () => {
    expect(roundedTo(112, 1, 112.1, 0.01).mean).toBeCloseTo(112.1, 2)
    const late = roundedTo(112, 1, 113, 0.01).mean
    expect(late).toBeLessThanOrEqual(112.5)
    expect(late).toBeGreaterThan(112.4)
  })

  it('lies within its step, as near what was expected as that allows, and leaves no more in doubt than a step does', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: 0.01, max: 9, noNaN: true }),
        fc.constantFrom(0.1, 0.5, 1),
        (off, variance, step) => {
          const stood = roundedTo(112, step, 112 + off, variance)
          expect(Math.abs(stood.mean - 112)).toBeLessThanOrEqual(step / 2)
          expect((stood.mean - 112) * off).toBeGreaterThanOrEqual(-1e-9)
          expect(stood.variance).toBeLessThanOrEqual(Math.min(variance + 1e-9, step ** 2 / 12 + 1e-9))
        },
      ),
    )
  })

  it('on average says where the tip was: a coarse thermometer on a steady climb is followed to a fifth of its step', () => {
    const c = chance(5, 1)
    const state = newState()
    setRow(state, ROW.tip, 100, 1)
    let worst = 0
    for (let at = 1; at <= 900; at++) {
      const tip = 100 + 0.02 * at
      state.x[ROW.tip] = mean(state, ROW.tip) + 0.02
      loosen(state, ROW.tip, 0.01)
      learn(state, surprise(state, Math.round(tip + 0.1 * c.normal()), 1, 0.01))
      if (at > 120) worst = Math.max(worst, Math.abs(mean(state, ROW.tip) - tip))
    }
    expect(worst).toBeLessThan(0.2)
  })
})
