import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mix, stagesOf } from '@/core'
import { bandsOf, ladderScale, spread, sugarColour } from './ladder-scale'

describe('the ladder', () => {
  const y = ladderScale(20, 180, 500, 20)

  it('stands on its ends and rises all the way', () => {
    expect(y(20)).toBeCloseTo(500)
    expect(y(180)).toBeCloseTo(20)
    for (let t = 20; t < 180; t += 2) expect(y(t + 2)).toBeLessThan(y(t))
  })

  it('gives the most room where sweets are decided', () => {
    const room = (from: number) => y(from) - y(from + 10)
    expect(room(112)).toBeGreaterThan(1.8 * room(165))
    expect(room(112)).toBeGreaterThan(8 * room(50))
  })

  it('holds what lies beyond its ends at its ends', () => {
    expect(y(-40)).toBeCloseTo(500)
    expect(y(400)).toBeCloseTo(20)
  })

  it('darkens as it gets hotter', () => {
    const light = (t: number) => (sugarColour(t).match(/\d+/g) ?? []).map(Number).reduce((a, b) => a + b, 0)
    for (let t = 105; t < 190; t += 5) expect(light(t + 5)).toBeLessThanOrEqual(light(t))
  })

  it('is banded without gaps, from the stages into the colours', () => {
    const bands = bandsOf(stagesOf(mix({ sucrose: 70, glucoseSolids: 30 })), 96, 180)
    expect(bands[0]?.from).toBeCloseTo(100, 0)
    for (let i = 1; i < bands.length; i++) expect(bands[i]?.from).toBeCloseTo(bands[i - 1]?.to ?? 0, 6)
    expect(bands.map((b) => b.label)).toContain('firm ball')
    expect(bands.at(-1)?.label).toBe('amber')
  })
})

describe('labels', () => {
  it('stay in order, apart and inside, wherever they wanted to be', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 400, noNaN: true }), { minLength: 1, maxLength: 8 }), (wanted) => {
        const placed = spread(wanted, 20, 0, 400)
        const order = wanted.map((w, i) => [w, placed[i] as number] as const).sort((a, b) => a[0] - b[0])
        for (let i = 1; i < order.length; i++) {
          expect((order[i]?.[1] ?? 0) - (order[i - 1]?.[1] ?? 0)).toBeGreaterThan(14)
        }
        for (const p of placed) {
          expect(p).toBeGreaterThanOrEqual(0)
          expect(p).toBeLessThanOrEqual(400)
        }
      }),
    )
  })

  it('are left alone when there is room', () => expect(spread([10, 100, 200], 20, 0, 400)).toEqual([10, 100, 200]))
})
