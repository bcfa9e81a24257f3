/** How far past its target a cook is: the one definition of "too far". */
import { isBoiled } from '../formula/document'
import { fedAt } from '../log/log'
import type { Reading } from '../log/readings'
import { type Cook, slackOf } from '../track/cook'
import { saw } from './do-now'

/** ◊ A little past the band is a matter of taste; this many times the band is trouble. */
const TROUBLE = 1.5

export interface PastTarget {
  /** Beyond what is still good, on the heat: it has to come off. */
  readonly beyond: boolean
  /** So far beyond that it wants bringing back. */
  readonly trouble: boolean
}

/** ◊ s after something went in for which a probe may tell of before. */
const SETTLES = 60

/** Whether its target is what it is cooked to now: it is next, or only times are waited for on the way and nothing goes in, as in "boil for 15 minutes". */
export function isOnItsWay({ formula, state }: Cook, now: number): boolean {
  const left = formula.steps.slice(state.next)
  const pull = left.findIndex((s) => s.when.on === 'target')
  const isTimed = left
    .slice(0, pull)
    .every((s) => (s.when.on === 'after' || s.when.on === 'ready') && s.adds === undefined && !s.offHeat)
  return pull === 0 || (pull > 0 && isTimed && now - (fedAt(state).at(-1) ?? 0) > SETTLES)
}

/**
 * Whether the syrup, `celsius` at `now`, s, is past its target of `targetC` (both °C). Once it has been pulled, the hottest it has
 * been since counts: the pan carries on.
 */
export function pastTarget(
  cook: Cook,
  readings: readonly Reading[],
  celsius: number | null,
  targetC: number,
  now: number,
): PastTarget {
  const { formula, state, probe } = cook
  const { pulledAt } = state
  if (!isBoiled(formula)) return { beyond: false, trouble: false }
  const byEye = probe.byHand ?? false
  const above = (bands: number) => targetC + bands * formula.target.within + slackOf(probe)
  if (pulledAt !== null)
    return { beyond: false, trouble: readings.some((r) => r.at >= pulledAt && r.celsius > above(TROUBLE)) }
  const step = formula.steps[state.next]
  // what is reckoned gives way to what was seen: a sign that it is there says that it is not past it
  const there = byEye && step?.shows !== undefined && saw(state, step.shows)
  const waits = isOnItsWay(cook, now) && celsius !== null && !there
  return { beyond: waits && celsius > above(1), trouble: waits && celsius > above(TROUBLE) }
}
