/** A cook without a probe: what the maker typed, and what the log itself says of the temperature. */

import { type Correction, corrected, noCorrection } from '../craft/thermometer'
import type { FormulaDocument, GramsByLine } from '../formula/document'
import { traceSteps } from '../formula/trace'
import { type Mix, massOf } from '../matter/mix'
import { boilingPoint } from '../physics/boiling'
import { type CookEvent, knowsHeat, standing } from './log'
import type { Reading } from './readings'

/** What the thermometer shows too much in this cook, °C, by the newest word on it. */
export const correctionIn = (events: readonly CookEvent[]): number =>
  standing(events).findLast((e): e is Extract<CookEvent, { type: 'correction' }> => e.type === 'correction')?.celsius ??
  0

/** Temperatures typed in this cook, as they were read. */
export const typedReadings = (events: readonly CookEvent[]): Reading[] =>
  standing(events).flatMap((e) => (e.type === 'reads' ? [{ at: e.at, celsius: e.celsius }] : []))

/**
 * Readings as the cook believes them: the probe's and the typed ones in order of time, put right by what is known of the
 * thermometer and by what this cook has found out of it. The same array where there is nothing to change.
 */
export function believed(
  readings: readonly Reading[],
  events: readonly CookEvent[],
  thermometer: Correction = noCorrection,
): readonly Reading[] {
  const typed = typedReadings(events)
  const off = correctionIn(events)
  if (typed.length === 0 && off === 0 && thermometer.gain === 1 && thermometer.shift === 0) return readings
  return [...readings, ...typed]
    .sort((a, b) => a.at - b.at)
    .map((r) => ({ at: r.at, celsius: corrected(thermometer, r.celsius) - off }))
}

const hottest = (mix: Mix, pressurePa: number): number =>
  mix.water > 0 ? boilingPoint(mix, pressurePa) : Number.POSITIVE_INFINITY

/**
 * Temperatures the log gives away: a step done at the boil, at a temperature or at a colour was done there, and what
 * went in brought the pot to what mixing makes of it.
 */
export function pointsInLog(
  formula: FormulaDocument,
  grams: GramsByLine,
  events: readonly CookEvent[],
  pressurePa: number,
  roomC: number,
): Reading[] {
  const stops = traceSteps(formula, grams, roomC)
  return standing(events).flatMap((e) => {
    if (e.type !== 'step' && e.type !== 'pulled') return []
    const stop = stops.find((s) => s.step.id === e.step)
    if (!stop || massOf(stop.after) === 0) return []
    if (!knowsHeat(stop.step.when) && !stop.step.adds) return []
    // hotter than it boils is what the addition flashes off in a breath
    return [{ at: e.at, celsius: Math.min(stop.afterC, hottest(stop.after, pressurePa)) }]
  })
}
