/** What came of a boil, in a few figures: what lists show of it. */
import { isBoiled } from '../formula/document'
import { hottestIn, thinned } from '../log/readings'
import type { CookAssessment } from './assess'
import { powerIn } from './learned'

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

/** The greater of two figures either of which may not be known. */
const most = (a: number | null, b: number | null): number | null => (a === null ? b : b === null ? a : Math.max(a, b))

/** Sums a finished cook up. */
export function summaryOf(assessment: CookAssessment): CookSummary {
  const { cook, readings } = assessment
  const { pulledAt, pulledC, finishedAt } = cook.state
  // by hand nothing may be read until it has cooled again: what was believed at the pull counts too
  // what was baked was never read
  const boiled = isBoiled(assessment.boil.formula)
  const hottest = pulledAt === null ? null : hottestIn(readings.filter((r) => r.at >= pulledAt))
  const end = pulledAt ?? finishedAt ?? readings.at(-1)?.at ?? 0
  return {
    reachedC: pulledAt === null || !boiled ? null : most(hottest, pulledC),
    pulled: pulledAt !== null,
    power: powerIn(assessment),
    minutes: end / 60,
    curve: thinned(readings, POINTS).map(({ at, celsius }) => [Math.round(at), Math.round(10 * celsius) / 10] as const),
  }
}
