import { describe, expect, it, test } from 'vitest'
import { chance } from '../../../tests/rough/chance'
import { apart, type Together, togetherAfter } from './together'

/** Surprises of a thermometer whose error is drawn anew every so many readings, one a second. */
function surprised(every: number, readings = 1500, variance = 1): Together {
  const c = chance(every, 2)
  let together = apart
  let error = 0
  for (let at = 1; at <= readings; at++) {
    if (at % every === 0) error = Math.sqrt(variance) * c.normal()
    together = togetherAfter(together, { off: error, variance, worth: 1 }, at)
  }
  return together
}

describe('whether readings err together', () => {
  it('readings that err each by itself err by as much as they should', () => {
    expect(surprised(1).factor).toBeGreaterThan(0.4)
    expect(surprised(1).factor).toBeLessThan(1.8)
  })

  test.each([5, 10])('what stays wrong for %d readings counts for fewer', (every) => {
    expect(surprised(every).factor).toBeGreaterThan(every / 2.5)
  })

  it('does not depend on how much they scatter', () => {
    expect(surprised(5, 1500, 0.04).factor).toBeCloseTo(surprised(5).factor, 9)
  })

  it('what says nothing moves nothing', () => {
    let together = surprised(5)
    const before = together.factor
    for (let at = 1501; at < 1600; at++) together = togetherAfter(together, { off: 0, variance: 1, worth: 0 }, at)
    // the block under way when they fell silent still counts, and no other
    expect(Math.abs(together.factor - before)).toBeLessThanOrEqual(12 / 15)
    expect(Number.isFinite(together.factor)).toBe(true)
  })
})
