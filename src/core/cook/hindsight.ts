/**
 * How well a cook has been foreseen so far. Where burner, losses or road do not do as reckoned, what was foreseen minutes ago has come out
 * further off than it was said to be, and so will what is foreseen next.
 */
import { copyOf, type HeatState, type Moves, mean, move, ROW, sdOf } from './heat-state'

export interface Hindsight {
  /** The state as it was at `since`, carried on from there with nothing read; null where none is. */
  readonly blind: HeatState | null
  readonly since: number
  /** Squares of what the pot's heat came out off by, in standard deviations, and how many. */
  readonly squares: number
  readonly count: number
}

/**
 * ◊ s for which it is carried on. Before the first such square this one is taken for granted, as if it had been found so many times: what a
 * filter leaves in doubt of flame, loss and probe at once is more than it is off by; by a hand that reads now and then less is left in doubt.
 * The most that one square counts for.
 */
const BLIND = { seconds: 100, usual: 0.5, usualByHand: 0.6, times: 4, most: 25 }
/** ◊ The most by which a road is taken to go further astray than usual. */
const WILDEST = 4

export const noHindsight = (byHand: boolean): Hindsight => ({
  blind: null,
  since: 0,
  squares: (byHand ? BLIND.usualByHand : BLIND.usual) * BLIND.times,
  count: BLIND.times,
})

export const copyHindsight = (h: Hindsight): Hindsight => ({ ...h, blind: h.blind && copyOf(h.blind) })

/** Something was done to the pot: what was foreseen before it is compared with nothing any more. What was found out stays. */
export const forgets = (h: Hindsight): Hindsight => ({ ...h, blind: null })

/** Carries it on by a step. What it is carried by is changed in place. */
export function carryBlind({ blind }: Hindsight, moves: Moves): void {
  if (blind) move(blind, moves)
}

/** Compares with `state`, as read until `now`, where it is time; and begins anew from there. */
export function hindsightAfter(h: Hindsight, state: HeatState, now: number): Hindsight {
  const { blind, since, squares, count } = h
  if (blind && now - since < BLIND.seconds) return h
  const from = { blind: copyOf(state), since: now }
  if (!blind) return { ...h, ...from }
  const off = (mean(state, ROW.joules) - mean(blind, ROW.joules)) / Math.max(1, sdOf(blind, ROW.joules))
  return { ...from, squares: squares + Math.min(BLIND.most, off ** 2), count: count + 1 }
}

/** What forecasts are off by, in the standard deviations the filter gives them. */
export const offBy = ({ squares, count }: Hindsight): number => Math.sqrt(squares / count)

/** Times more than usual that the road is taken to go astray (variance), 1 or more. */
export const wilder = (h: Hindsight): number => Math.min(WILDEST, Math.max(1, offBy(h) ** 2))
