/** How far past its target a cook is: the one definition of "too far". */
import { type Cook, slackOf } from './cook'
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
  const above = (bands: number) => targetC + bands * formula.target.within + slackOf(probe)
  if (pulledAt !== null)
    return { beyond: false, trouble: readings.some((r) => r.at >= pulledAt && r.celsius > above(TROUBLE)) }
  const waits = formula.steps[state.next]?.when.on === 'target' && celsius !== null
  return { beyond: waits && celsius > above(1), trouble: waits && celsius > above(TROUBLE) }
}
