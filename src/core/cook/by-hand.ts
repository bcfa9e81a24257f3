/** A cook without a probe: what the maker typed, and what the log itself says of the temperature. */

import { type Correction, corrected, noCorrection } from '../craft/thermometer'
import type { FormulaDocument, GramsByLine } from '../formula/document'
import { traceSteps } from '../formula/trace'
import { type CookEvent, knowsHeat, standing } from '../log/log'
import { goesOnFrom, type Reading } from '../log/readings'
import { type Mix, massOf } from '../matter/mix'
import { boilingPoint } from '../physics/boiling'

/** What the thermometer shows too much in this cook, °C, by the newest word on it. */
export const correctionIn = (events: readonly CookEvent[]): number =>
  standing(events).findLast((e): e is Extract<CookEvent, { type: 'correction' }> => e.type === 'correction')?.celsius ??
  0

/** Temperatures typed in this cook, as they were read. */
export const typedReadings = (events: readonly CookEvent[]): Reading[] =>
  standing(events).flatMap((e) => (e.type === 'reads' ? [{ at: e.at, celsius: e.celsius }] : []))

/** Readings and what was believed of them, by the same events and the same thermometer. */
interface Believed {
  readonly readings: readonly Reading[]
  readonly heard: readonly Reading[]
}

/**
 * Readings as the cook believes them: the probe's and the typed ones in order of time, put right by what is known of the
 * thermometer and by what this cook has found out of it. The same array where there is nothing to change. What was put right `before`, of fewer
 * readings, stays the same reading: whoever follows the cook goes on from it.
 */
export function believed(
  readings: readonly Reading[],
  events: readonly CookEvent[],
  thermometer: Correction = noCorrection,
  before?: Believed,
): readonly Reading[] {
  const typed = typedReadings(events)
  const off = correctionIn(events)
  if (typed.length === 0 && off === 0 && thermometer.gain === 1 && thermometer.shift === 0) return readings
  const right = (r: Reading): Reading => ({ at: r.at, celsius: corrected(thermometer, r.celsius) - off })
  if (before && goesOn(readings, before)) return [...before.heard, ...readings.slice(before.readings.length).map(right)]
  return [...readings, ...typed].sort((a, b) => a.at - b.at).map(right)
}

/** Whether readings only add to those of before, and come after all that was heard by then. */
function goesOn(readings: readonly Reading[], { readings: fewer, heard }: Believed): boolean {
  const next = readings[fewer.length]?.at ?? Number.POSITIVE_INFINITY
  const heardUntil = heard.at(-1)?.at ?? Number.NEGATIVE_INFINITY
  return goesOnFrom(readings, { count: fewer.length, last: fewer.at(-1) ?? null }) && next >= heardUntil
}

/** ◊ s in which a pot off the heat hardly cools. */
const AT_ONCE = 90

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
  const pull = stops.findIndex((s) => s.step.when.on === 'target')
  let knownAt = Number.POSITIVE_INFINITY
  return standing(events).flatMap((e) => {
    if (e.type !== 'step' && e.type !== 'pulled') return []
    const index = stops.findIndex((s) => s.step.id === e.step)
    const stop = stops[index]
    if (!stop || massOf(stop.after) === 0) return []
    const known = knowsHeat(stop.step.when)
    if (!known && !stop.step.adds) return []
    // off the heat it cools meanwhile, of which mixing on paper knows nothing
    if (!known && pull >= 0 && index > pull && e.at > knownAt + AT_ONCE) return []
    if (known) knownAt = e.at
    // hotter than it boils is what the addition flashes off in a breath
    return [{ at: e.at, celsius: Math.min(stop.afterC, hottest(stop.after, pressurePa)) }]
  })
}
