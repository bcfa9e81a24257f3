/** The pot at one moment: where the syrup is, what is left in it, what comes next and when. */

import { whenCooled } from '../cooling/course'
import { type Bite, biteOf } from '../craft/bite'
import { nearestColour } from '../craft/colours'
import { isGrained } from '../craft/families'
import { type StageFacts, stageOf, stagesOf } from '../craft/stages'
import type { FinishAssessment } from '../finish/finish'
import { pullIndex, type Step } from '../formula/document'
import { type CookAct, emptiedAt, fedAt, standsInWater } from '../log/log'
import type { Reading } from '../log/readings'
import { type Mix, massOf, withWater } from '../matter/mix'
import { waterLeftAt } from '../physics/boiling'
import { STANDARD_PRESSURE } from '../physics/water'
import { type Cook, contents, forecastContext, stepTemperature } from '../track/cook'
import { type Cooling, coolingTo } from '../track/cooling'
import { type Forecast, forecast } from '../track/forecast'
import { EIGHTY } from '../track/scatter'
import { trackCook } from '../track/track'
import { type Track, trackFacts } from '../track/track-state'
import { byTheDegree, type DoNow, doNow, saw } from './do-now'
import { DROP_SD } from './evidence'
import { isOnItsWay } from './past-target'

export interface PotNow {
  /** The cook followed up to its last reading; null before there is anything to follow. */
  readonly track: Track | null
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
  /** What was last read by eye of what is in the pot, °C and s ago; null where that no longer tells. */
  readonly read: { readonly celsius: number; readonly ago: number } | null
  readonly boiling: boolean
  /** Water left, g; null before it boils, and for what is so thin that its heat does not tell. */
  readonly water: number | null
  /** What a drop would show now, and how it would bite cold if it were pulled now. */
  readonly stage: StageFacts | null
  readonly bite: Bite | null
}

/** Where the syrup is, °C: as the forecast has it, for a probe is slow to hear of what has just gone in. */
export const syrupC = ({ forecast, celsius }: Pick<PotNow, 'forecast' | 'celsius'>): number | null =>
  forecast?.nowC ?? celsius

/** How the next step's cooling goes, where it waits for one. */
function coolingNow(cook: Cook, readings: readonly Reading[], now: number): Cooling | null {
  const when = cook.formula.steps[cook.state.next]?.when
  const inIt = contents(cook)
  if (when?.on !== 'falls' || !inIt) return null
  // what boiled off on the way to the target is gone
  const { target } = cook.formula
  const left = target ? waterLeftAt(inIt, target.celsius, STANDARD_PRESSURE) : inIt.water
  const mix = withWater(inIt, Math.min(inIt.water, left))
  const { pot, roomC } = cook.conditions
  return coolingTo(when.celsius, readings, {
    now,
    mix,
    pot,
    roomC,
    bath: standsInWater(cook.formula, cook.state),
    since: cook.state.pulledAt ?? 0,
  })
}

/**
 * A drop says a heat is reached when the stage it shows begins about there; and at hard crack, for what lies beyond it
 * no drop can tell.
 */
const droppedThere = ({ state, conditions }: Cook, mix: Mix, targetC: number): boolean =>
  stagesOf(mix, conditions.pressurePa).some(
    ({ id, from }) => (id === 'hard-crack' || from >= targetC - DROP_SD) && saw(state, id),
  )

/** The next step that waits for a heat of what is in the pot now: by hand it is followed there while a time, or a sign, is waited for. */
function heatAhead(cook: Cook): number {
  const { formula, state } = cook
  const ahead = formula.steps.findIndex((_, i) => i >= state.next && stepTemperature(cook, i) !== null)
  const isSame = formula.steps
    .slice(state.next, ahead)
    .every((s) => s.adds === undefined && s.joins === undefined && !s.offHeat && !s.empties)
  return ahead >= 0 && isSame ? ahead : state.next
}

/** Whether what a time is waited for on the way to the target has come to it sooner. */
function isAtTarget(cook: Cook, celsius: number, now: number): boolean {
  const pull = pullIndex(cook.formula)
  const targetC = pull > cook.state.next && isOnItsWay(cook, now) ? stepTemperature(cook, pull) : null
  return targetC !== null && celsius >= targetC
}

/** ◊ s for which a temperature tells where the syrup is, typed or read by a probe that has said nothing since. */
const TELLS = 180
/** ◊ A temperature that is only reckoned, and may be this far off, °C, is not shown as one. */
const LOST = 8

/** Whether a temperature was typed lately, and nothing has gone in since; of chocolate, since anything was done to it. */
function isRead({ formula, state }: Cook, now: number): boolean {
  const { readAt } = state
  const step = formula.steps[state.next]
  if (readAt !== null && step && byTheDegree(step) && readAt < state.lastDoneAt) return false
  return readAt !== null && readAt >= (fedAt(state).at(-1) ?? 0) && now - readAt <= TELLS
}

function lastRead({ state }: Cook, readings: readonly Reading[], now: number): PotNow['read'] {
  const read = readings.findLast((r) => r.at === state.readAt)
  return read ? { celsius: read.celsius, ago: now - read.at } : null
}

/**
 * Everything the stove shows at `now`, from the readings so far (oldest first, corrected). `before`: what was shown of the
 * same cook after fewer readings, from which it is followed on; `finish`: what is known of it off the heat.
 */
export function potNow(
  cook: Cook,
  readings: readonly Reading[],
  now: number,
  before?: PotNow,
  finish: FinishAssessment | null = null,
): PotNow {
  const { state } = cook
  const nextC = stepTemperature(cook, state.next)
  const byHand = cook.probe.byHand ?? false
  const heatAt = byHand ? heatAhead(cook) : state.next
  const towardsC = heatAt === state.next ? nextC : stepTemperature(cook, heatAt)
  const pulls = cook.formula.steps[heatAt]?.when.on === 'target'
  const wanted = towardsC === null || state.pulledAt !== null ? null : forecastContext(cook, towardsC, pulls, now)
  const track = wanted ? trackCook(readings, trackFacts(wanted), before?.track ?? undefined) : null
  const followed = wanted && track ? forecast(readings, wanted, track) : null
  const f = heatAt === state.next ? followed : null
  // once it is out of the pot, what the probe last said is no news of it
  const away = finish !== null && finish.place !== 'pot' ? finish : null
  const cooling = away ? coolingAway(away, cook.formula.steps[state.next], now) : coolingNow(cook, readings, now)
  const poured = emptiedAt(cook.formula, state) !== null
  const reckoned = followed && followed.nowSd > LOST ? null : (followed ?? cooling)?.nowC
  // what a probe said long ago is no news of it either
  const unheard = byHand || now - (readings.at(-1)?.at ?? now) > TELLS
  const inPot = poured ? null : ((unheard ? (reckoned ?? finish?.celsius) : readings.at(-1)?.celsius) ?? null)
  const celsius = away ? away.celsius : inPot
  const next = finish?.ahead[0]
  const window =
    finish && next && next.step === cook.formula.steps[state.next] ? { ...next, doubt: finish.mass.doubt } : null
  const mix = contents(cook)
  const boilC = cook.stretches.at(-1)?.path.boilC ?? null
  const best = syrupC({ forecast: f, celsius })
  const boiling = best !== null && boilC !== null && best >= boilC - 0.3 && state.pulledAt === null
  // a heat that may be anything tells of no water, and of no bite
  const isLost = unheard && reckoned === null
  const water = mix && boiling && best !== null && !isLost ? waterToldBy(mix, best, cook.conditions.pressurePa) : null
  // and what is charred sets to nothing
  const boiled =
    mix && water !== null && isSweet(mix) && nearestColour(best ?? 0) !== 'burnt' ? withWater(mix, water) : null
  return {
    track,
    doNow: doNow(cook.formula, state, {
      now,
      // an estimate alone says when, not that it is so: the maker's eye decides
      celsius: byHand ? null : best,
      boilC,
      forecast: f,
      unread: byHand && !isRead(cook, now),
      there: !byHand && best !== null && isAtTarget(cook, best, now),
      dropped: byHand && nextC !== null && mix !== null && droppedThere(cook, mix, nextC),
      cooling,
      window,
    }),
    forecast: f,
    nextC,
    celsius,
    reckoned: away ? !away.measured : unheard,
    read: byHand && !away && isRead(cook, now) ? lastRead(cook, readings, now) : null,
    climb: away ? -away.falls : byHand || poured || isSilent(readings, now) ? null : climbOf(readings),
    boiling,
    water,
    stage: boiled ? stageOf(boiled) : null,
    bite: boiled
      ? biteOf(boiled, cook.conditions.roomC, { grained: isGrained(cook.formula.family, cook.formula.school) })
      : null,
  }
}

/** ◊ °C by which the heat of a syrup may be off, and how many times as much its water may then be for it to tell of that at all. */
const TOLD = { offC: 0.4, times: 2.5 }

/** Water left in what boils at `celsius`, g; null where its heat tells nothing of that: water itself, milk, a thin syrup. */
function waterToldBy(mix: Mix, celsius: number, pressurePa: number): number | null {
  const left = (c: number): number => Math.min(mix.water, waterLeftAt(mix, c, pressurePa))
  return left(celsius - TOLD.offC) > TOLD.times * left(celsius + TOLD.offC) ? null : left(celsius)
}

/** When what lies or is whipped will be down to the heat the next step waits for; null where it waits for none. */
function coolingAway({ mass, celsius }: FinishAssessment, next: Step | undefined, now: number): Cooling | null {
  if (next?.when.on !== 'falls') return null
  const seconds = Math.max(0, whenCooled(mass.course, next.when.celsius) - now)
  const spread = EIGHTY * mass.doubt
  return { nowC: celsius, seconds, low: Math.max(0, seconds * (1 - spread)), high: seconds * (1 + spread) }
}

const CLIMB_WINDOW = 30

/** Whether nothing came for so long that nobody knows how it climbs now. */
const isSilent = (readings: readonly Reading[], now: number): boolean =>
  now - (readings.at(-1)?.at ?? now) > 2 * CLIMB_WINDOW

/** ◊ Share of sugars below which a pot is no syrup yet, and sets to nothing: butter, cream. */
const SWEET = 0.15
const isSweet = (mix: Mix): boolean => mix.sucrose + mix.glucoseSolids + mix.monosaccharide > SWEET * massOf(mix)

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

/** What the big button logs: the step that is next, and once all are done the end. */
export function nextAct({ doNow: { step }, celsius }: PotNow): CookAct {
  if (!step) return { type: 'finished' }
  return step.when.on === 'target' ? { type: 'pulled', step: step.id, celsius } : { type: 'step', step: step.id }
}
