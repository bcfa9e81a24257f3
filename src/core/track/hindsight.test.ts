import { describe, expect, it, test } from 'vitest'
import { mix } from '../matter/mix'
import { heatPath } from './heat-path'
import { type HeatState, type Moves, newState, ROW, setRow } from './heat-state'
import {
  carryBlind,
  copyHindsight,
  forgets,
  type Hindsight,
  hindsightAfter,
  noHindsight,
  offBy,
  wilder,
} from './hindsight'

const moves: Moves = {
  path: heatPath(mix({ sucrose: 2000, water: 1000 }), 101_325),
  seconds: 4,
  feltS: 4,
  roomC: 20,
  memoryS: 200,
  lid: false,
  wilder: 1,
}
const UNTIL = 1200

/** A pot of `watts`, of which the filter believes `believed`, give or take a tenth. */
function pot(joules: number, believed: number): HeatState {
  const state = newState()
  setRow(state, ROW.joules, joules, 2000)
  setRow(state, ROW.watts, believed, believed / 10)
  return state
}

/** Foreseen again and again by somebody who believes in `believed` W, of a pot that gives `gives`. */
function foreseen(gives: number, believed: number): Hindsight {
  let h = noHindsight(false)
  let joules = 400_000
  for (let at = 0; at < UNTIL; at += moves.seconds) {
    h = hindsightAfter(h, pot(joules, believed), at)
    carryBlind(h, moves)
    joules += gives * moves.seconds
  }
  return h
}

describe('how well a cook was foreseen', () => {
  it('what does as it should makes the next forecast surer, to an end, and its road is not taken to stray', () => {
    expect(offBy(foreseen(800, 800))).toBeLessThan(offBy(noHindsight(false)))
    expect(offBy(foreseen(800, 800))).toBeGreaterThan(0.6)
    expect(wilder(foreseen(800, 800))).toBe(1)
  })

  it('the further off it came out, the further off the next may be', () => {
    const off = [800, 900, 1000, 1200].map((gives) => offBy(foreseen(gives, 800)))
    expect(off).toEqual([...off].sort((a, b) => a - b))
    expect(new Set(off).size).toBe(off.length)
    expect(off.at(-1)).toBeGreaterThan(1.5)
  })

  it('one bad hour has its bound', () => {
    expect(offBy(foreseen(80_000, 800))).toBeLessThanOrEqual(5)
    expect(wilder(foreseen(80_000, 800))).toBeLessThanOrEqual(4)
  })

  test.each([400, 1600])('a pot of %d W that was just turned to is compared with nothing before', (gives) => {
    const before = foreseen(800, 800)
    const after = hindsightAfter(forgets(before), pot(gives * UNTIL, 800), UNTIL + 500)
    expect([after.squares, after.count]).toEqual([before.squares, before.count])
  })

  it('a copy goes its own way', () => {
    const one = foreseen(800, 800)
    const other = copyHindsight(one)
    const was = [...(one.blind?.x ?? [])]
    carryBlind(other, moves)
    expect([...(one.blind?.x ?? [])]).toEqual(was)
    expect([...(other.blind?.x ?? [])]).not.toEqual(was)
  })
})
