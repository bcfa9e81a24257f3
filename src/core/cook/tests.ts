/** What the tests in a log say of a cook: each by itself, and all of them with the thermometer. */

import { smells } from '../craft/signs'
import { stagesOf } from '../craft/stages'
import { noCorrection } from '../craft/thermometer'
import { type CookEvent, type Filling, standing } from '../log/log'
import { goesOnFrom, type Reading, type TakenIn } from '../log/readings'
import { type Mix, massOf } from '../matter/mix'
import { temperatureToday } from '../physics/boiling'
import { browningRate, milkHeadStart, shadeTemperature } from '../physics/browning'
import { type Cook, contents } from '../track/cook'
import { type HeatPath, joulesAt, temperatureAt } from '../track/heat-path'
import { isAs } from './do-now'
import { COLOUR_SD, type Estimate, type Evidence, fuse, middleOf } from './evidence'

/** What the tests of a log say, each with the reading nearest before it. */
export function evidenceOf(events: readonly CookEvent[], readings: readonly Reading[]): Evidence[] {
  return standing(events).flatMap((e): Evidence[] => {
    if (e.type !== 'test') return []
    const reads = readings.findLast((r) => r.at <= e.at)?.celsius ?? null
    if (e.test === 'drop') return [{ at: e.at, reads, kind: 'drop', stage: e.result }]
    if (e.test === 'sign') return [{ at: e.at, reads, kind: 'sign', sign: e.sign }]
    const { celsius, sd } = e.test === 'smell' ? smells[e.smell] : { celsius: e.celsius, sd: COLOUR_SD.eye }
    return [{ at: e.at, reads, kind: 'colour', celsius, sd }]
  })
}

/** Temperatures the tests of a boil speak for by themselves: what a cook without a thermometer goes by. */
export const pointsInTests = (cook: Cook, events: readonly CookEvent[]): Reading[] =>
  evidenceOf(events, []).flatMap((e) => {
    const mix = cook.state.fillings.findLast((f) => f.from <= e.at)?.mix
    if (!mix || cook.state.pulledAt !== null) return []
    const { pressurePa } = cook.conditions
    const celsius = targetIn(e, cook, mix) ?? shadeOf(e, mix) ?? middleOf(e, mix, pressurePa)
    return celsius === null ? [] : [{ at: e.at, celsius }]
  })

const shadeOf = (e: Evidence, mix: Mix): number | null =>
  e.kind === 'colour' ? shadeTemperature(mix, e.celsius) : null

/**
 * The target, °C, where a test is the one the target is known by: what the step shows, or hard crack, which has no end and
 * so no middle; once the pot is on its way to a target below that, the least it can be.
 */
function targetIn(e: Evidence, { formula, state, conditions: { pressurePa } }: Cook, mix: Mix): number | null {
  if (!formula.target) return null
  const target = temperatureToday(mix, formula.target.celsius, pressurePa)
  const shows = formula.steps.find((s) => s.when.on === 'target')?.shows
  if (shows !== undefined && e.kind !== 'drop' && isAs(e.kind === 'sign' ? e.sign : e.celsius, shows)) return target
  if (e.kind !== 'drop' || e.stage !== 'hard-crack') return null
  const from = stagesOf(mix, pressurePa).find((s) => s.id === 'hard-crack')?.from
  const comes = formula.steps[state.next]?.when.on === 'target' && e.at >= state.lastDoneAt
  return from !== undefined && (comes || target >= from) ? Math.max(target, from) : null
}

/** ◊ Readings further apart than this, s, are joined along the road: between them a syrup lingers where it is cooler. */
const SPARSE = 15
/** Pieces a stretch between two sparse readings is added up in. */
const PIECES = 24

/** Browning collected along the readings so far, and up to which of them. */
export interface Browned extends TakenIn {
  /** Minutes at 170 °C. */
  readonly dose: number
}

const UNBROWNED: Browned = { dose: 0, count: 0, last: null }

/**
 * Browning collected along the readings: milk hastens it from when it is in the pot, not before. `before`: that of fewer readings of the same cook, from
 * which it goes on.
 */
export function brownedBy(
  readings: readonly Reading[],
  { state, stretches }: Pick<Cook, 'state' | 'stretches'>,
  before: Browned = UNBROWNED,
): Browned {
  const { fillings } = state
  const goesOn = goesOnFrom(readings, before)
  let dose = goesOn ? before.dose : 0
  let next = 0
  let head = 0
  for (let i = goesOn ? before.count : 1; i < readings.length; i++) {
    const [from, { at, celsius }] = [readings[i - 1] as Reading, readings[i] as Reading]
    while (next < fillings.length && (fillings[next] as Filling).from <= at) {
      const { mix } = fillings[next++] as Filling
      head = milkHeadStart(mix, massOf(mix))
    }
    const path = at - from.at > SPARSE && stretches.findLast((s) => s.from <= at)?.path
    const rate = path ? meanRate(path, from.celsius, celsius, head) : browningRate(celsius + head)
    dose += (rate * (at - from.at)) / 60
  }
  return { dose, count: readings.length, last: readings.at(-1) ?? null }
}

/** Browning a minute on the way from one temperature to another at steady heat, at the mean. */
function meanRate(path: HeatPath, from: number, to: number, head: number): number {
  const [low, high] = [joulesAt(path, from), joulesAt(path, to)]
  let sum = 0
  for (let k = 0; k < PIECES; k++)
    sum += browningRate(temperatureAt(path, low + ((high - low) * (k + 0.5)) / PIECES) + head)
  return sum / PIECES
}

/**
 * Everything the tests and the thermometer say together, at `now`, of a pot that has browned so far; null with an empty pot. `shown`: the readings a
 * thermometer showed, for only these can be doubted.
 */
export function estimateOf(
  cook: Cook,
  events: readonly CookEvent[],
  { dose }: Browned,
  shown: readonly Reading[],
  now: number,
): Estimate | null {
  const mix = contents(cook)
  if (!mix) return null
  return fuse(
    evidenceOf(events, shown),
    {
      dryMix: mix,
      pressurePa: cook.conditions.pressurePa,
      reads: shown.at(-1)?.celsius ?? null,
      thermometerSd: cook.probe.sd ?? noCorrection.sd,
      dose,
    },
    now,
  )
}
