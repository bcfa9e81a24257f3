/** A cook followed live: the log, the readings and the kitchen together give the forecast and what to do now. */

import { type Bite, biteOf } from '../craft/bite'
import { smells } from '../craft/signs'
import { type StageFacts, stageOf, stagesOf } from '../craft/stages'
import { noCorrection } from '../craft/thermometer'
import type { Conditions } from '../formula/analyse'
import type { BoiledFormula, Grams } from '../formula/document'
import { type Mix, massOf, withWater } from '../matter/mix'
import { temperatureToday, waterLeftAt } from '../physics/boiling'
import { browningRate, milkHeadStart } from '../physics/browning'
import { burnerPower, DIAL_TOP, potThermal } from '../pot/equipment'
import { type Cooling, coolingTo } from './cooling'
import { type DoNow, doNow, isAs, saw } from './do-now'
import { COLOUR_SD, DROP_SD, type Estimate, type Evidence, fuse, middleOf } from './evidence'
import { type Forecast, type ForecastContext, forecast, type Stretch } from './forecast'
import { type HeatPath, heatPath } from './heat-path'
import { type CookEvent, type CookState, readLog, standing } from './log'
import type { Reading } from './readings'

export interface Probe {
  /** No probe at all: temperatures are typed, and told by the log. */
  readonly byHand?: boolean
  readonly lagS: number
  readonly noiseC: number
  /** How well its correction is known, °C; as an unchecked thermometer unless told. */
  readonly sd?: number
}

/** ◊ How far a temperature that is reckoned may be past something before that is said, °C. */
export const slackOf = ({ byHand, noiseC }: Probe): number => (byHand ? 2 * noiseC : 0)

export interface Cook {
  readonly formula: BoiledFormula
  readonly grams: Grams
  readonly conditions: Conditions
  readonly probe: Probe
  readonly state: CookState
  readonly stretches: readonly Stretch[]
}

/** ◊ How far a burner may be from what it says, before it is measured. */
const POWER_DOUBT = 0.25

/**
 * A cook as its log stands. `before` is the cook before the newest event: roads already worked out are kept, which
 * makes an event cheap.
 */
export function openCook(
  formula: BoiledFormula,
  grams: Grams,
  conditions: Conditions,
  probe: Probe,
  events: readonly CookEvent[],
  before?: Cook,
): Cook {
  const state = readLog(formula, grams, events)
  const { baseCapacity } = potThermal(conditions.pot)
  const known = new Map<number, HeatPath>(before?.stretches.map((s) => [s.from, s.path]))
  const stretches = state.fillings
    .filter((f) => massOf(f.mix) > 0)
    .map((f) => ({
      from: f.from,
      lid: f.lid,
      startC: f.celsius,
      path: known.get(f.from) ?? heatPath(f.mix, conditions.pressurePa, baseCapacity),
    }))
  return { formula, grams, conditions, probe, state, stretches }
}

/** What went into the pot, with the water it held when the last of it did. */
export const contents = (cook: Cook): Mix | null => cook.state.fillings.at(-1)?.mix ?? null

/** Temperature in today's air at which step `index` falls due, or null for one that does not wait for heat. */
export function stepTemperature(cook: Cook, index: number): number | null {
  const step = cook.formula.steps[index]
  const mix = contents(cook)
  if (!step || !mix) return null
  if (step.when.on === 'boil') return cook.stretches.at(-1)?.path.boilC ?? null
  if (step.when.on === 'rises' || step.when.on === 'colour')
    return temperatureToday(mix, step.when.celsius, cook.conditions.pressurePa)
  if (step.when.on === 'target') return temperatureToday(mix, cook.formula.target.celsius, cook.conditions.pressurePa)
  return null
}

function contextFor(cook: Cook, target: number, pulls: boolean, now: number): ForecastContext {
  const { pot, burner, roomC } = cook.conditions
  const thermal = potThermal(pot)
  const watts = burnerPower(burner, DIAL_TOP)
  return {
    now,
    stretches: cook.stretches,
    dials: cook.state.dials,
    target,
    pulls,
    fullPower: { watts, sd: POWER_DOUBT * watts },
    base: { capacity: thermal.baseCapacity, toSyrup: thermal.baseToSyrup },
    lossWattsPerDegree: thermal.syrupToRoom,
    roomC,
    lagS: cook.probe.lagS,
    noiseC: cook.probe.noiseC,
    byHand: cook.probe.byHand,
  }
}

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
    const celsius = targetIn(e, cook, mix) ?? middleOf(e, mix, pressurePa)
    return celsius === null ? [] : [{ at: e.at, celsius }]
  })

/**
 * The target, °C, where a test is the one the target is known by: what the step shows, or hard crack where the target lies
 * in it, for that has no end and so no middle.
 */
function targetIn(e: Evidence, { formula, conditions: { pressurePa } }: Cook, mix: Mix): number | null {
  const target = temperatureToday(mix, formula.target.celsius, pressurePa)
  const shows = formula.steps.find((s) => s.when.on === 'target')?.shows
  if (shows !== undefined && e.kind !== 'drop' && isAs(e.kind === 'sign' ? e.sign : e.celsius, shows)) return target
  if (e.kind !== 'drop' || e.stage !== 'hard-crack') return null
  const from = stagesOf(mix, pressurePa).find((s) => s.id === 'hard-crack')?.from ?? Number.POSITIVE_INFINITY
  return target >= from ? target : null
}

/** Browning collected along the readings, minutes at 170 °C. */
export function doseOf(readings: readonly Reading[], mix: Mix): number {
  const head = milkHeadStart(mix, massOf(mix))
  let dose = 0
  for (let i = 1; i < readings.length; i++) {
    const { at, celsius } = readings[i] as Reading
    dose += (browningRate(celsius + head) * (at - (readings[i - 1] as Reading).at)) / 60
  }
  return dose
}

/** Everything the tests and the thermometer say together, at `now`; null with an empty pot. */
export function judge(
  cook: Cook,
  events: readonly CookEvent[],
  readings: readonly Reading[],
  now: number,
): Estimate | null {
  const mix = contents(cook)
  if (!mix) return null
  return fuse(
    evidenceOf(events, readings),
    {
      dryMix: mix,
      pressurePa: cook.conditions.pressurePa,
      reads: readings.at(-1)?.celsius ?? null,
      thermometerSd: cook.probe.sd ?? noCorrection.sd,
      dose: doseOf(readings, mix),
    },
    now,
  )
}

export interface Look {
  readonly doNow: DoNow
  /** Forecast to the next step that waits for heat. */
  readonly forecast: Forecast | null
  /** Today's temperature of that step. */
  readonly nextC: number | null
  /** Best estimate of the temperature, °C, and its climb, °C/min. */
  readonly celsius: number | null
  readonly climb: number | null
  /** The temperature is reckoned, not measured. */
  readonly reckoned: boolean
  /** Water left, g; null before it boils. */
  readonly water: number | null
  /** What a drop would show now, and how it would bite cold if it were pulled now. */
  readonly stage: StageFacts | null
  readonly bite: Bite | null
}

/** Where the syrup is, °C: as the forecast has it, for a probe is slow to hear of what has just gone in. */
export const syrupC = ({ forecast, celsius }: Pick<Look, 'forecast' | 'celsius'>): number | null =>
  forecast?.nowC ?? celsius

/** How the next step's cooling goes, where it waits for one. */
function coolingNow(cook: Cook, readings: readonly Reading[], now: number): Cooling | null {
  const when = cook.formula.steps[cook.state.next]?.when
  const mix = contents(cook)
  if (when?.on !== 'falls' || !mix) return null
  const { pot, roomC } = cook.conditions
  return coolingTo(when.celsius, readings, { now, mix, pot, roomC, since: cook.state.pulledAt ?? 0 })
}

/**
 * A drop says the target is reached when the stage it shows begins about there; and at hard crack, for what lies beyond it
 * no drop can tell.
 */
const droppedThere = ({ state, conditions }: Cook, mix: Mix, targetC: number): boolean =>
  stagesOf(mix, conditions.pressurePa).some(
    ({ id, from }) => (id === 'hard-crack' || from >= targetC - DROP_SD) && saw(state, id),
  )

/** Everything the stove shows at `now`, from the readings so far (oldest first, corrected). */
export function look(cook: Cook, readings: readonly Reading[], now: number): Look {
  const { state } = cook
  const nextC = stepTemperature(cook, state.next)
  const pulls = cook.formula.steps[state.next]?.when.on === 'target'
  const f = nextC === null || state.pulledAt !== null ? null : forecast(readings, contextFor(cook, nextC, pulls, now))
  const byHand = cook.probe.byHand ?? false
  const cooling = coolingNow(cook, readings, now)
  const celsius = (byHand ? (f ?? cooling)?.nowC : readings.at(-1)?.celsius) ?? null
  const mix = contents(cook)
  const boilC = cook.stretches.at(-1)?.path.boilC ?? null
  const best = syrupC({ forecast: f, celsius })
  const boiling = best !== null && boilC !== null && best >= boilC - 0.3 && state.pulledAt === null
  const water =
    mix && boiling && best !== null ? Math.min(mix.water, waterLeftAt(mix, best, cook.conditions.pressurePa)) : null
  const boiled = mix && water !== null ? withWater(mix, water) : null
  return {
    doNow: doNow(cook.formula, state, {
      now,
      // an estimate alone says when, not that it is so: the maker's eye decides
      celsius: byHand ? null : best,
      boilC,
      forecast: f,
      dropped: byHand && pulls && nextC !== null && mix !== null && droppedThere(cook, mix, nextC),
      cooling,
    }),
    forecast: f,
    nextC,
    celsius,
    reckoned: byHand,
    climb: byHand ? null : climbOf(readings),
    water,
    stage: boiled ? stageOf(boiled) : null,
    bite: boiled ? biteOf(boiled, cook.conditions.roomC) : null,
  }
}

const CLIMB_WINDOW = 30

/** Least-squares slope over the last half minute, °C/min; null with too little to go on. */
export function climbOf(readings: readonly Reading[]): number | null {
  const last = readings.at(-1)
  if (!last) return null
  let n = 0
  let st = 0
  let sc = 0
  let stt = 0
  let stc = 0
  for (let i = readings.length - 1; i >= 0; i--) {
    const r = readings[i] as Reading
    const t = r.at - last.at
    if (t < -CLIMB_WINDOW) break
    const c = r.celsius - last.celsius
    n++
    st += t
    sc += c
    stt += t * t
    stc += t * c
  }
  const det = n * stt - st * st
  return n >= 4 && det > 1e-9 ? (60 * (n * stc - st * sc)) / det : null
}
