/**
 * How well a cook has been foreseen so far. Where burner, losses or road do not do as reckoned, what was foreseen minutes ago has come out
 * further off than it was said to be, and so will what is foreseen next.
 */
import { copyOf, type HeatState, type Moves, mean, move, ROW, sdOf } from './heat-state'

export interface Hindsight {
  /** The state as it was at `since`, carried on from there with nothing read; null where none is. */
  readonly blind: HeatState | null
  readonly since: number
  /** Squares of what the pot's heat came out off by, in standard deviations, and how many; the least that is believed of their mean. */
  readonly squares: number
  readonly count: number
  readonly least: number
}

/** ◊ s for which it is carried on; the most that one square counts for. */
const BLIND = { seconds: 100, most: 25 }
/**
 * ◊ What is taken for granted before the first such square, as if it had been found so many times, and the least that is believed: what a filter
 * leaves in doubt of flame, loss and probe at once is more than it is off by; by a hand that reads now and then less is left in doubt.
 */
const USUAL = { probe: { first: 0.7, least: 0.45 }, hand: { first: 0.6, least: 0.3 }, times: 4 }
/** ◊ The most by which a road is taken to go further astray than usual. */
const WILDEST = 4

export function noHindsight(byHand: boolean): Hindsight {
  const { first, least } = byHand ? USUAL.hand : USUAL.probe
  return { blind: null, since: 0, squares: first * USUAL.times, count: USUAL.times, least }
}

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
  return { ...h, ...from, squares: squares + Math.min(BLIND.most, off ** 2), count: count + 1 }
}

/**
 * What forecasts are off by, in the standard deviations the filter gives them. A good hindsight speaks for the heat of the last minutes: not for
 * the road ahead nor for what the thermometer is off by, so there is an end to how sure it makes.
 */
export const offBy = ({ squares, count, least }: Hindsight): number => Math.sqrt(Math.max(least, squares / count))

/** Times more than usual that the road is taken to go astray (variance), 1 or more. */
export const wilder = (h: Hindsight): number => Math.min(WILDEST, Math.max(1, offBy(h) ** 2))
