import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type DialTurn, feltDial } from './felt-dial'

/** The same by small steps: what the ring gives, what the base hands on, and the sum of that. */
function stepped(turns: readonly DialTurn[], base: number, ring: number, until: number) {
  const dt = 0.01
  let [given, felt, sum, dial] = [0, 0, 0, 0]
  let next = 0
  for (let at = 0; at < until - dt / 2; at += dt) {
    while (next < turns.length && (turns[next] as DialTurn).at <= at + dt / 2) {
      dial = (turns[next++] as DialTurn).dial / 10
      if (dial === 0) given = 0
    }
    given += ((dial - given) * dt) / ring
    const was = felt
    felt += ((given - felt) * dt) / base
    sum += ((was + felt) / 2) * dt
  }
  return { felt, sum }
}

describe('the dial as the syrup feels it', () => {
  it('is what a ring that follows late hands to a base that stores it, however alike the two delays', () => {
    const turn = fc.record({ at: fc.integer({ min: 0, max: 80 }), dial: fc.constantFrom(0, 2, 5, 8, 10) })
    const seconds = fc.constantFrom(2, 8, 30, 60)
    fc.assert(
      fc.property(fc.array(turn, { minLength: 1, maxLength: 3 }), seconds, seconds, (drawn, base, ring) => {
        const turns = drawn.sort((a, b) => a.at - b.at)
        const felt = feltDial(turns, base, ring)
        const { felt: level, sum } = stepped(turns, base, ring, 120)
        expect(felt.level(120)).toBeCloseTo(level, 2)
        expect(Math.abs(felt.until(120) - sum)).toBeLessThan(0.3)
      }),
      { numRuns: 40 },
    )
  })

  it('off the ring it gets nothing more from it, and what the base holds', () => {
    const felt = feltDial(
      [
        { at: 0, dial: 10 },
        { at: 600, dial: 0 },
      ],
      10,
      60,
    )
    expect(felt.level(600)).toBeCloseTo(1, 2)
    expect(felt.until(700) - felt.until(600)).toBeCloseTo(10, 1)
  })
})
