/** What came of a boil, in a few figures: what lists show of it. */
import type { CookAssessment } from './assess'
import { powerIn } from './learned'
import { thinned } from './readings'

export interface CookSummary {
  /** Hottest once it was pulled, °C; null for a boil that never was. */
  readonly reachedC: number | null
  readonly pulled: boolean
  /** Share of its plate that the ring gave; null where it could not be told. */
  readonly power: number | null
  /** From the first flame to the pull, or to the end where there was none. */
  readonly minutes: number
  /** [s, °C] of the curve, as believed, at most `POINTS` of them. */
  readonly curve: readonly (readonly [number, number])[]
}

const POINTS = 40

/** Sums a finished cook up. */
export function summaryOf(assessment: CookAssessment): CookSummary {
  const { cook, readings } = assessment
  const { pulledAt, pulledC, finishedAt } = cook.state
  const since = pulledAt === null ? [] : readings.filter((r) => r.at >= pulledAt)
  // by hand nothing may be read until it has cooled again: what was believed at the pull counts too
  const hottest = since.reduce((most, r) => Math.max(most, r.celsius), pulledC ?? Number.NEGATIVE_INFINITY)
  const end = pulledAt ?? finishedAt ?? readings.at(-1)?.at ?? 0
  return {
    reachedC: Number.isFinite(hottest) ? hottest : null,
    pulled: pulledAt !== null,
    power: powerIn(assessment),
    minutes: end / 60,
    curve: thinned(readings, POINTS).map(({ at, celsius }) => [Math.round(at), Math.round(10 * celsius) / 10] as const),
  }
}
