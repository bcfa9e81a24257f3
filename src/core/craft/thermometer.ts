/** How far a thermometer is off, from checks in ice and in boiling water, and how late it is, from a step. */
import { mix } from '../matter/mix'
import { boilingPoint } from '../physics/boiling'
import { STANDARD_PRESSURE } from '../physics/water'
import { meanOf } from '../quantity/statistics'

export interface ThermometerCheck {
  /** When, in days on any clock. */
  readonly day: number
  readonly bath: 'ice' | 'boil'
  readonly reads: number
  /** Air pressure at a boil check, Pa. */
  readonly pressurePa?: number
}

/** True temperature for what it shows: `gain · shown + shift`. */
export interface Correction {
  readonly gain: number
  readonly shift: number
  /** Standard deviation of a corrected temperature near 120 °C. */
  readonly sd: number
}

export interface CheckedCorrection extends Correction {
  /** Points it rests on: 0 (none made), 1 (a shift) or 2 (a straight line). */
  readonly points: 0 | 1 | 2
  /** °C a 30-day month it moves at each bath; null with checks too close together to tell. */
  readonly driftPerMonth: number | null
}

export const noCorrection: Correction = { gain: 1, shift: 0, sd: 1.5 }

/** ◊ How well a bath is read, °C, and days between checks before a drift is believed. */
const CHECK_SD = 0.3
const DRIFT_NEEDS = 14
const WATER = mix({ water: 1 })

/** True temperature of a check bath, °C. Distilled water in ice, or water at a rolling boil at this pressure. */
export const bathTemperature = (check: ThermometerCheck): number =>
  check.bath === 'ice' ? 0 : boilingPoint(WATER, check.pressurePa ?? STANDARD_PRESSURE)

interface Trend {
  readonly error: number
  readonly perDay: number | null
  readonly truth: number
}

/** The error at one bath on `day`: the mean, or a line through time where checks are far enough apart. */
function trendOf(checks: readonly ThermometerCheck[], day: number): Trend | null {
  if (checks.length === 0) return null
  const n = checks.length
  const truths = checks.map(bathTemperature)
  const errors = checks.map((c, i) => c.reads - (truths[i] as number))
  const meanDay = checks.reduce((s, c) => s + c.day, 0) / n
  const mean = errors.reduce((s, e) => s + e, 0) / n
  const truth = truths.reduce((s, t) => s + t, 0) / n
  const days = checks.map((c) => c.day)
  if (Math.max(...days) - Math.min(...days) < DRIFT_NEEDS) return { error: mean, perDay: null, truth }
  const sxx = days.reduce((s, d) => s + (d - meanDay) ** 2, 0)
  const sxy = days.reduce((s, d, i) => s + (d - meanDay) * ((errors[i] as number) - mean), 0)
  // held at the newest check: a drift is not a prophecy
  const at = Math.min(day, Math.max(...days) + DRIFT_NEEDS)
  return { error: mean + (sxy / sxx) * (at - meanDay), perDay: sxy / sxx, truth }
}

/** The correction on `day` from the checks made so far, in any order. */
export function correctionFrom(checks: readonly ThermometerCheck[], day: number): CheckedCorrection {
  const past = checks.filter((c) => c.day <= day)
  const ice = trendOf(
    past.filter((c) => c.bath === 'ice'),
    day,
  )
  const boil = trendOf(
    past.filter((c) => c.bath === 'boil'),
    day,
  )
  const drifts = [ice, boil].flatMap((t) => (t?.perDay == null ? [] : [t.perDay]))
  const driftPerMonth = drifts.length > 0 ? (30 * drifts.reduce((a, b) => a + b, 0)) / drifts.length : null
  if (ice && boil) {
    const shownIce = ice.truth + ice.error
    const shownBoil = boil.truth + boil.error
    const gain = (boil.truth - ice.truth) / (shownBoil - shownIce)
    return { gain, shift: boil.truth - gain * shownBoil, points: 2, driftPerMonth, sd: CHECK_SD }
  }
  const one = boil ?? ice
  if (!one) return { ...noCorrection, points: 0, driftPerMonth: null }
  // an ice check alone says less about 120 °C than a boil check
  return { gain: 1, shift: -one.error, points: 1, driftPerMonth, sd: boil ? 2 * CHECK_SD : 4 * CHECK_SD }
}

/** What `shown` really is. */
export const corrected = (c: Correction, shown: number): number => c.gain * shown + c.shift

/** What it shows at a true temperature. */
export const shownAt = (c: Correction, celsius: number): number => (celsius - c.shift) / c.gain

/**
 * Time constant, s, of a probe put from one bath into another: its readings over time, the first where it went in.
 * The slope of the logarithm of what is still to go, from 5 to 90 % of the step, whenever between two readings it went in. Null
 * where there is no step to see.
 */
export function lagFromStep(
  readings: readonly { readonly at: number; readonly celsius: number }[],
  endC: number,
): number | null {
  const first = readings[0]
  if (!first || Math.abs(endC - first.celsius) < 10) return null
  const points = readings.flatMap((r) => {
    const left = (endC - r.celsius) / (endC - first.celsius)
    return left > 0.1 && left < 0.95 ? [[r.at - first.at, Math.log(left)] as const] : []
  })
  if (points.length < 3) return null
  const [meanT, meanL] = [meanOf(points.map(([t]) => t)), meanOf(points.map(([, l]) => l))]
  const sxx = points.reduce((s, [t]) => s + (t - meanT) ** 2, 0)
  const sxy = points.reduce((s, [t, l]) => s + (t - meanT) * (l - meanL), 0)
  const lag = -sxx / sxy
  return lag > 0 ? lag : null
}
