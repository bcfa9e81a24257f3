import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { alongRamp, linear, throughKnots } from './scale'

const finite = fc.double({ min: -1e4, max: 1e4, noNaN: true })

describe('scales', () => {
  it('a line goes through its two points, and on beyond them', () => {
    const x = linear([0, 60], [100, 400])
    expect([x(0), x(30), x(60), x(120)]).toEqual([100, 250, 400, 700])
    expect(linear([5, 5], [1, 9])(5)).toBe(1)
  })

  it('through knots: each is met, nothing lies outside the two beside it, and the ends hold', () => {
    fc.assert(
      fc.property(
        // seconds and degrees, to a thousandth: knots so close that numbers end between them are none of a chart's
        fc.uniqueArray(
          fc.integer({ min: -1e7, max: 1e7 }).map((n) => n / 1000),
          { minLength: 2, maxLength: 8 },
        ),
        fc.array(finite, { minLength: 8, maxLength: 8 }),
        finite,
        (knots, values, at) => {
          const domain = [...knots].sort((a, b) => a - b)
          const range = values.slice(0, domain.length)
          const line = throughKnots(domain, range)
          for (const [i, d] of domain.entries()) expect(line(d)).toBeCloseTo(range[i] as number, 4)
          expect(line(at)).toBeLessThanOrEqual(Math.max(...range) + 1e-4)
          expect(line(at)).toBeGreaterThanOrEqual(Math.min(...range) - 1e-4)
        },
      ),
    )
  })

  it('a ramp has its own colours at its steps, and mixes them between', () => {
    const at = alongRamp(['#000000', '#ff8000', '#ffffff'])
    expect([at(0), at(0.5), at(1)]).toEqual(['rgb(0, 0, 0)', 'rgb(255, 128, 0)', 'rgb(255, 255, 255)'])
    expect(at(0.25)).toBe('rgb(128, 64, 0)')
    expect(at(7)).toBe('rgb(255, 255, 255)')
  })
})
