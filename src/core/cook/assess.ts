/**
 * One judgement of a cook. `assessCook` takes what is known of a boil (the plan, the kitchen, the log, the readings) and
 * the moment, and returns everything that stove, list, alarms and log draw of it. Nothing else decides.
 */

import { workOf } from '../craft/families'
import type { RescueContext } from '../craft/rescue'
import { type Correction, noCorrection } from '../craft/thermometer'
import type { PlainFindingOf } from '../finding'
import { assessFinish, type FinishAssessment } from '../finish/finish'
import { type Analysis, analyse, type Conditions } from '../formula/analyse'
import { boilsAgain } from '../formula/boils-again'
import { type FormulaDocument, isBoiled } from '../formula/document'
import { type BatchPlan, gramsOfBoil } from '../formula/plan'
import { isBurnt, spoiltAtOf } from '../formula/spoilt'
import { type CookEvent, emptiedAt, fedAt } from '../log/log'
import type { Reading } from '../log/readings'
import { withWater } from '../matter/mix'
import { burnerPower } from '../pot/equipment'
import { type CelsiusStep, inCelsiusStep } from '../quantity/figures'
import { type Cook, contents, openCook, type Probe } from '../track/cook'
import type { Doubt } from '../track/forecast'
import { believed, pointsInLog, typedReadings } from './by-hand'
import type { Estimate } from './evidence'
import { type NextBoil, nextBoilOf } from './next-boil'
import { type PastTarget, pastTarget } from './past-target'
import { type PotNow, potNow, syrupC } from './pot-now'
import { type Browned, brownedBy, estimateOf, pointsInTests } from './tests'
import { type CookTrouble, troublesOf } from './troubles'

/** What is frozen about a boil when it is begun. */
export interface BoilFacts {
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
  /** Which boil of the plan, from 1, and the part it cooks; null for the formula itself. */
  readonly number: number
  readonly part: string | null
  readonly conditions: Conditions
  /** Where its probe reports; null where temperatures are read by eye. */
  readonly channel: string | null
  readonly probe: {
    /** Time constant, s, and scatter, °C. */
    readonly lagS: number
    /** Time constants that earlier logs of it have shown, s. */
    readonly lagsSeen?: readonly number[]
    readonly noiseC: number
    /** What is known of the thermometer; null for nothing. */
    readonly thermometer: Correction | null
  }
}

/** What has happened so far: acts in any order, readings as they came, oldest first. Neither is ever changed in place. */
export interface CookRecord {
  readonly events: readonly CookEvent[]
  readonly readings: readonly Reading[]
}

/** One thing to mind: a doubt of the forecast, or a thermometer that the tests disagree with. */
export type CookDoubt = PlainFindingOf<
  { readonly [D in Doubt]: object } & {
    readonly 'thermometer-off': { readonly off: CelsiusStep; readonly sd: CelsiusStep }
  }
>

export interface CookAssessment {
  /** What it was judged from. */
  readonly boil: BoilFacts
  readonly record: CookRecord
  /** s on the cook's clock. */
  readonly now: number
  readonly cook: Cook
  /** What thermometers showed, put right. */
  readonly heard: readonly Reading[]
  /** As they are believed: probe and typed together, put right; without a probe, with what the log gives away. */
  readonly readings: readonly Reading[]
  readonly analysis: Analysis
  readonly pot: PotNow
  /** The sweet off the heat; null while it is on it. */
  readonly finish: FinishAssessment | null
  /** How far it had browned when the evidence was last looked at. */
  readonly browned: Browned
  readonly estimate: Estimate | null
  /** When it was poured, s; null while it is in the pot. */
  readonly emptiedAt: number | null
  readonly over: boolean
  /** What is going wrong or about to, the worst first. */
  readonly troubles: readonly CookTrouble[]
  readonly doubt: CookDoubt | null
  readonly past: PastTarget
  /** Where a rescue would start from; null with nothing to go on. */
  readonly rescue: RescueContext | null
  readonly nextBoil: NextBoil | null
}

/** ◊ s on either side of a typed temperature in which the log's own guesses are not asked. */
const TYPED_HOLDS = 120
/** ◊ A thermometer read by eye, to the degree; and a cook that goes by drops, signs and steps alone. */
const BY_EYE = { lagS: 0, noiseC: 1.2, byHand: true }
const BY_TESTS = { lagS: 0, noiseC: 3, byHand: true }
/** s between two looks at all the evidence: it moves slowly and is the dearest part. */
const BEAT = 5
/** ◊ The dial a rescue is cooked at, at least. */
const RESCUE_DIAL = 5

function probeOf({ channel, probe }: BoilFacts, events: readonly CookEvent[]): Probe {
  const sd = probe.thermometer?.sd
  if (channel !== null) return { lagS: probe.lagS, lagsSeen: probe.lagsSeen, noiseC: probe.noiseC, sd }
  return { ...(typedReadings(events).length > 0 ? BY_EYE : BY_TESTS), sd }
}

/** What thermometers showed, put right; `before`: an earlier look at the same boil with the same events. */
const heardIn = (boil: BoilFacts, { events, readings }: CookRecord, before?: CookAssessment): readonly Reading[] =>
  believed(
    readings,
    events,
    boil.probe.thermometer ?? noCorrection,
    before && { readings: before.record.readings, heard: before.heard },
  )

/** What is known of the heat of a boil: what was read, and by hand what its log and its tests give away. */
export const heatsKnown = (boil: BoilFacts, record: CookRecord): readonly Reading[] =>
  readingsOf(boil, openedBy(boil, record.events), record, heardIn(boil, record))

const openedBy = (boil: BoilFacts, events: readonly CookEvent[], before?: Cook): Cook =>
  openCook(boil.formula, gramsOfBoil(boil.plan, boil.number), boil.conditions, probeOf(boil, events), events, before)

function readingsOf(
  boil: BoilFacts,
  cook: Cook,
  { events }: CookRecord,
  heard: readonly Reading[],
): readonly Reading[] {
  if (boil.channel !== null || !isBoiled(boil.formula)) return heard
  const { pressurePa, roomC } = boil.conditions
  const points = [...pointsInLog(boil.formula, cook.grams, events, pressurePa, roomC), ...pointsInTests(cook, events)]
  // what was read says more than what a step or a test gives away, for a while; but nothing once more has gone in since
  const fed = fedAt(cook.state)
  const alike = (a: number, b: number) => !fed.some((at) => Math.min(a, b) < at && at <= Math.max(a, b))
  const silent = points.filter((p) => !heard.some((h) => Math.abs(h.at - p.at) < TYPED_HOLDS && alike(h.at, p.at)))
  return [...heard, ...silent].sort((a, b) => a.at - b.at)
}

function doubtOf({ channel }: BoilFacts, pot: PotNow, estimate: Estimate | null): CookDoubt | null {
  const doubt = pot.forecast?.doubts.find((d) => !(channel === null && d === 'silent'))
  if (doubt) return { id: doubt, figures: {} }
  if (!estimate?.disagrees || !estimate.off) return null
  const { mean, sd } = estimate.off
  return { id: 'thermometer-off', figures: { off: inCelsiusStep(mean), sd: inCelsiusStep(sd) } }
}

/** Good pieces this boil makes of the batch. */
const piecesOfBoil = ({ plan, number }: BoilFacts): number =>
  Math.round(plan.pieces * (plan.boils[number - 1]?.share ?? 1))

function rescueFrom({ formula, conditions }: BoilFacts, cook: Cook, pot: PotNow, estimate: Estimate | null) {
  const mix = contents(cook)
  // what water brings back is a syrup; chocolate it spoils
  if (!mix || !estimate?.celsius || !isBoiled(formula) || workOf(formula.family, formula.school) === 'tempered')
    return null
  // water on what is charred brings nothing back, and bursts into steam
  if (isBurnt(formula, estimate.colour)) return null
  return {
    spoiltAt: spoiltAtOf(formula),
    mix: withWater(mix, pot.water ?? estimate.water?.mean ?? mix.water),
    celsius: pot.celsius ?? estimate.celsius.mean,
    target: formula.target.celsius,
    pressurePa: conditions.pressurePa,
    colourC: estimate.colour.mean,
    watts: burnerPower(conditions.burner, Math.max(RESCUE_DIAL, cook.state.dial)),
    boilsAgain: boilsAgain(formula, (s) => cook.state.done.has(s.id)),
  }
}

/**
 * Everything there is to say of `boil` at `now` (s on the cook's clock; a newer reading moves it on). `before` is an
 * earlier assessment of the same boil: what cannot have changed since is taken over from it, and the result is the same
 * without it.
 */
export function assessCook(boil: BoilFacts, record: CookRecord, now: number, before?: CookAssessment): CookAssessment {
  const same = before?.boil === boil ? before : undefined
  const { events } = record
  const sameEvents = same?.record.events === events
  const cook = same && sameEvents ? same.cook : openedBy(boil, events, same?.cook)
  const unchanged = same && sameEvents && same.record.readings === record.readings
  const heard = unchanged ? same.heard : heardIn(boil, record, sameEvents ? same : undefined)
  const readings = unchanged ? same.readings : readingsOf(boil, cook, record, heard)
  const analysis = same?.analysis ?? analyse(boil.formula, boil.conditions, cook.grams)
  const at = Math.max(now, readings.at(-1)?.at ?? 0)
  const sameBeat = same !== undefined && Math.floor(same.now / BEAT) === Math.floor(at / BEAT)
  const boiled = isBoiled(boil.formula)
  const keeps = sameEvents && sameBeat
  const browned = keeps ? same.browned : brownedBy(readings, cook, sameEvents ? same?.browned : undefined)
  const fresh = () => (boiled ? estimateOf(cook, events, browned, heard, at) : null)
  const estimate = keeps ? same.estimate : fresh()
  const finish = assessFinish(
    { cook, events, readings, analysis, pieces: piecesOfBoil(boil), pieceGrams: boil.plan.pieceGrams },
    at,
    same?.finish ? { finish: same.finish, cook: same.cook, at: same.now } : undefined,
  )
  const pot = potNow(cook, readings, at, same && sameEvents ? same.pot : undefined, finish)
  const poured = emptiedAt(boil.formula, cook.state)
  const over = cook.state.finishedAt !== null
  const past =
    poured === null ? pastTarget(cook, readings, syrupC(pot), analysis.targetC, at) : { beyond: false, trouble: false }
  return {
    boil,
    record,
    now: at,
    cook,
    heard,
    readings,
    analysis,
    pot,
    finish,
    browned,
    estimate,
    emptiedAt: poured,
    over,
    troubles: over ? [] : troublesOf({ cook, pot, analysis, past, colour: estimate?.colour ?? null, now: at }),
    doubt: over ? null : doubtOf(boil, pot, estimate),
    past,
    rescue: rescueFrom(boil, cook, pot, estimate),
    nextBoil: nextBoilOf(boil, analysis, pot, at, poured !== null),
  }
}
