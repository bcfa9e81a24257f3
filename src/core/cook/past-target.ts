/** How far past its target a cook is: the one definition of "too far". */
import { isBoiled } from '../formula/document'
import { type Cook, slackOf } from './cook'
import { saw } from './do-now'
import type { Reading } from './readings'

/** ◊ A little past the band is a matter of taste; this many times the band is trouble. */
const TROUBLE = 1.5

export interface PastTarget {
  /** Beyond what is still good, on the heat: it has to come off. */
  readonly beyond: boolean
  /** So far beyond that it wants bringing back. */
  readonly trouble: boolean
}

/**
 * Whether the syrup, `celsius` now, is past its target of `targetC` (both °C). Once it has been pulled, the hottest it has
 * been since counts: the pan carries on.
 */
export function pastTarget(
  { formula, state, probe }: Cook,
  readings: readonly Reading[],
  celsius: number | null,
  targetC: number,
): PastTarget {
  const { pulledAt } = state
  if (!isBoiled(formula)) return { beyond: false, trouble: false }
  const byEye = probe.byHand ?? false
  const above = (bands: number) => targetC + bands * formula.target.within + slackOf(probe)
  if (pulledAt !== null)
    return { beyond: false, trouble: readings.some((r) => r.at >= pulledAt && r.celsius > above(TROUBLE)) }
  const step = formula.steps[state.next]
  // what is reckoned gives way to what was seen: a sign that it is there says that it is not past it
  const there = byEye && step?.shows !== undefined && saw(state, step.shows)
  const waits = step?.when.on === 'target' && celsius !== null && !there
  return { beyond: waits && celsius > above(1), trouble: waits && celsius > above(TROUBLE) }
}
