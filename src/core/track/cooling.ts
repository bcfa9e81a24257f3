/** When a pot off the heat will have cooled: each reading above the room halves in the same time as the one before. */

import { AS_COLD } from '../cooling/course'
import { bookTau } from '../cooling/pot'
import type { Reading } from '../log/readings'
import { type Mix, massOf } from '../matter/mix'
import type { Pot } from '../pot/equipment'
import { EIGHTY } from './scatter'

export interface Cooling {
  /** Where it is reckoned to be now, °C. */
  readonly nowC: number
  /** s until it is down to the wanted temperature, and the 80 % range. */
  readonly seconds: number
  readonly low: number
  readonly high: number
}

/** ◊ Cooling by the book is this uncertain: a draught, a cold bath, a lid. Measured cooling, this much at least. */
const DOUBT = { byBook: 0.5, measured: 0.06 }
/** ◊ Readings of the last so many s say how it cools now: it may have been moved. */
const WINDOW = 600
/** Readings that tell: so many of a probe, or so few by hand over so many seconds. */
const LEAST = { probe: 8, byHand: 3, span: 240 }

export interface CoolingContext {
  readonly now: number
  readonly mix: Mix
  readonly pot: Pot
  readonly roomC: number
  /** Its base stands in cold water. */
  readonly bath?: boolean
  /** When it came off the heat. */
  readonly since: number
}

/** How what is off the heat cools by what was read of it; by the book's losses while that tells nothing. Null with nothing to go on. */
export function coolingOf(
  readings: readonly Reading[],
  { now, mix, pot, roomC, bath, since }: CoolingContext,
): { readonly last: Reading; readonly tau: number; readonly share: number } | null {
  const heard = readings.filter((r) => r.at >= since && r.at <= now && r.celsius > roomC + 1)
  const last = heard.at(-1)
  if (!last || massOf(mix) <= 0) return null
  const fitted = fitTau(
    heard.filter((r) => r.at >= now - WINDOW),
    roomC,
  )
  return fitted
    ? { last, tau: fitted.tau, share: Math.max(DOUBT.measured, fitted.share) }
    : { last, tau: bookTau(mix, pot, last.celsius, bath), share: DOUBT.byBook }
}

/**
 * Foresees the cooling to `wantedC` from the readings since it came off, or to as cold as the room makes it; null with nothing to go on, or where
 * cold water has to get it below the room.
 */
export function coolingTo(wantedC: number, readings: readonly Reading[], context: CoolingContext): Cooling | null {
  const { now, roomC, bath } = context
  const cooling = coolingOf(readings, context)
  const toC = bath ? wantedC : Math.max(wantedC, roomC + AS_COLD)
  if (!cooling || toC <= roomC) return null
  const { last, tau, share } = cooling
  const seconds = Math.max(0, tau * Math.log((last.celsius - roomC) / (toC - roomC)) - (now - last.at))
  const nowC = roomC + (last.celsius - roomC) * Math.exp(-(now - last.at) / tau)
  return { nowC, seconds, low: Math.max(0, seconds * (1 - EIGHTY * share)), high: seconds * (1 + EIGHTY * share) }
}

/** Least squares on the logarithm of what is still above the room; null while it does not fall clearly. */
function fitTau(readings: readonly Reading[], roomC: number): { tau: number; share: number } | null {
  const n = readings.length
  const span = (readings.at(-1)?.at ?? 0) - (readings[0]?.at ?? 0)
  if (n < LEAST.byHand || (n < LEAST.probe && span < LEAST.span)) return null
  const x = readings.map((r) => r.at)
  const y = readings.map((r) => Math.log(r.celsius - roomC))
  const mx = x.reduce((a, b) => a + b, 0) / n
  const my = y.reduce((a, b) => a + b, 0) / n
  const sxx = x.reduce((s, v) => s + (v - mx) ** 2, 0)
  const sxy = x.reduce((s, v, i) => s + (v - mx) * ((y[i] as number) - my), 0)
  const slope = sxy / sxx
  if (!(slope < 0)) return null
  const left = y.reduce((s, v, i) => s + (v - my - slope * ((x[i] as number) - mx)) ** 2, 0)
  const sd = Math.sqrt(left / Math.max(1, n - 2) / sxx)
  return sd < 0.35 * -slope ? { tau: -1 / slope, share: sd / -slope } : null
}
