/**
 * One judgement of a finish. `assessFinish` takes a cook as its log stands and the moment, and returns everything that is
 * drawn of the sweet once it has left the heat: how warm it is, what it can do, when each work opens and closes.
 */

import { celsiusAt, fallsAt, whenDownTo } from '../cooling/course'
import {
  filling,
  forming,
  type Handwork,
  type HandworkKind,
  handworkFacts,
  type Place,
  SNIP_S,
} from '../craft/handwork'
import { firstPlace } from '../craft/surfaces'
import type { Analysis } from '../formula/analyse'
import type { Step } from '../formula/document'
import type { CookEvent } from '../log/log'
import type { Reading } from '../log/readings'
import { glassTransition } from '../physics/glass'
import type { Cook } from '../track/cook'
import { type FinishFinding, findingsOf, lastWrong, outOfTemper } from './findings'
import { pieceOf, type WrapBy, wrapBy } from './keeping'
import { type FinishLog, finishLogOf } from './log'
import { type Mass, massNow } from './mass'
import { outcomesOf, type WorkOutcome } from './outcomes'
import { type Band, bandsOf, type HeatRange, heatRangeOf, type Span, spanOf, windowOf } from './windows'
import type { Forming, WorkAhead } from './works-ahead'

export interface FinishAssessment {
  readonly log: FinishLog
  readonly mass: Mass
  readonly place: Place
  readonly celsius: number
  readonly top: number
  readonly bottom: number
  readonly under: number
  /** Something was read, touched or seen of it in the last minutes. */
  readonly measured: boolean
  /** °C a minute. */
  readonly falls: number
  readonly bands: readonly Band[]
  readonly glassC: number
  readonly roomC: number
  /** The clock of this sweet in this room, once it has bare sides. */
  readonly keeping: WrapBy
  readonly ahead: readonly WorkAhead[]
  readonly forming: Forming | null
  /** What came of the works that are done. */
  readonly outcomes: readonly WorkOutcome[]
  readonly findings: readonly FinishFinding[]
}

/** ◊ A reading or a touch speaks for so long, s. */
const SPEAKS = 600
/** s between two looks at a probe that stands in a slab: cooling is slow. */
const BEAT = 30

export interface FinishInput {
  readonly cook: Cook
  readonly events: readonly CookEvent[]
  /** As they are believed, oldest first. */
  readonly readings: readonly Reading[]
  readonly pieces: number
  readonly pieceGrams: number
  readonly analysis: Analysis
}

/** What came of the works of a boil, closed or not; none where nothing was poured. */
export function finishedWorks(cook: Cook, events: readonly CookEvent[], readings: readonly Reading[]): WorkOutcome[] {
  const { state, conditions } = cook
  if (state.pulledAt === null) return []
  const log = finishLogOf(events, readings, state.pulledAt, firstPlace(conditions))
  const mass = massNow(cook, log, readings, state.touchedAt)
  return mass ? outcomesOf(cook, mass) : []
}

/** How warm the middle of a boil was at a moment after its pour, °C, as its log has it; and when it was poured. */
export interface Cooled {
  readonly from: number
  celsiusAt(at: number): number
}

/** How a boil cooled once it was poured, wherever it lay; null where nothing was poured. */
export function cooledAs(cook: Cook, events: readonly CookEvent[], readings: readonly Reading[]): Cooled | null {
  const { state, conditions } = cook
  if (state.pulledAt === null) return null
  const log = finishLogOf(events, readings, state.pulledAt, firstPlace(conditions))
  const mass = massNow(cook, log, readings, state.touchedAt)
  if (!mass) return null
  const courses = [...mass.before, { until: Number.POSITIVE_INFINITY, course: mass.course }]
  return {
    from: courses[0]?.course.at[0] ?? state.pulledAt,
    celsiusAt: (at) => celsiusAt(courses.find((c) => at < c.until)?.course ?? mass.course, at),
  }
}

/** Everything there is to say of the finish at `at`, s; null while it is on the heat and once nothing is left to do. */
export function assessFinish(
  { cook, events, readings, pieces, pieceGrams, analysis }: FinishInput,
  at: number,
  before?: { readonly finish: FinishAssessment; readonly cook: Cook; readonly at: number },
): FinishAssessment | null {
  const { state, conditions, formula } = cook
  if (state.pulledAt === null || state.finishedAt !== null) return null
  // looked at anew every so often, as it was then: the same whoever looked before
  const beat = BEAT * Math.floor(at / BEAT)
  // what has just been logged counts at once
  const look = Math.max(beat, state.pulledAt, Math.min(at, state.touchedAt))
  const still = before?.finish.mass.slab != null && !events.some((e) => e.type === 'stuck')
  const sameBeat = before !== undefined && Math.floor(before.at / BEAT) === Math.floor(at / BEAT)
  const kept = before?.cook === cook && (still || sameBeat) ? before.finish : null
  const log =
    kept?.log ??
    finishLogOf(
      events,
      readings.filter((r) => r.at <= look),
      state.pulledAt,
      firstPlace(conditions),
    )
  const mass = kept?.mass ?? massNow(cook, log, readings, look)
  if (!mass) return null
  const { course } = mass
  const glassC = glassTransition(mass.mix)
  const keeping = kept?.keeping ?? wrapBy(pieceOf(formula, analysis, pieceGrams), conditions)
  const ahead = kept
    ? kept.ahead.map((w) => ({ ...w, state: stateOf(w, at) }))
    : worksAhead(cook, mass, glassC, keeping, at)
  const celsius = celsiusAt(course, at)
  const outcomes = kept?.outcomes ?? outcomesOf(cook, mass)
  const formed = formingOf(cook, log, pieces, ahead[0] ?? null, at)
  return {
    log,
    mass,
    place: mass.place,
    celsius,
    top: celsiusAt(course, at, 'top'),
    bottom: celsiusAt(course, at, 'bottom'),
    under: celsiusAt(course, at, 'under'),
    measured: log.sightings.some((s) => s.at <= at && s.at > at - SPEAKS),
    falls: fallsAt(course, at),
    glassC,
    roomC: conditions.roomC,
    keeping,
    bands:
      kept?.bands ??
      bandsOf(
        formula,
        mass.mix,
        (course.middle[0] as number) + 8,
        Math.min(conditions.roomC, course.middle.at(-1) as number) - 4,
        conditions.roomC,
      ),
    ahead,
    forming: formed,
    outcomes,
    findings: [
      ...outOfTemper(cook, readings),
      ...lastWrong(outcomes, at),
      ...findingsOf(cook, mass, keeping, ahead[0] ?? null, formed, celsius, at),
    ],
  }
}

const stateOf = ({ opens, closes }: Span, at: number): WorkAhead['state'] =>
  at < opens ? 'ahead' : at < closes ? 'open' : 'missed'

/** What is worked all the while, under its maker's eyes. */
const WORKED_ON: ReadonlySet<HandworkKind> = new Set(['whip', 'beat'])

/** At any warmth. */
const ANY: HeatRange = { high: Number.POSITIVE_INFINITY, low: Number.NEGATIVE_INFINITY }

/** A range of temperature, from where the formula itself calls for the work; of what is called for colder than usual nobody knows when it is too late. */
const calledAt = ({ when }: Step, { high, low }: HeatRange): HeatRange =>
  when.on === 'falls' ? { high: when.celsius, low: when.celsius > low ? low : Number.NEGATIVE_INFINITY } : { high, low }

/** Works whose moment can be foreseen from where the mass is now: up to the one that takes it somewhere else. */
function worksAhead(
  { formula, state, conditions }: Cook,
  mass: Mass,
  glassC: number,
  keeping: WrapBy,
  at: number,
): WorkAhead[] {
  const out: WorkAhead[] = []
  for (const step of formula.steps.slice(state.next)) {
    const kind = step.handwork?.kind
    const window = kind ? windowOf(formula, step) : null
    if (kind && window) {
      const range = calledAt(step, heatRangeOf(window, glassC, conditions.roomC))
      // nothing is done before what stands before it
      const before = out.at(-1)?.opens
      const rests = step.when.on === 'after' ? (before ?? state.lastDoneAt) + step.when.seconds : undefined
      const notBefore = rests ?? before ?? Number.NEGATIVE_INFINITY
      const reckoned = spanOf(mass.course, range, notBefore)
      // of what its maker works for longer than it should take nobody knows when it is too late
      const isLonger = rests !== undefined && WORKED_ON.has(kind) && reckoned.closes <= reckoned.opens
      const span = isLonger ? { ...reckoned, closes: Number.POSITIVE_INFINITY } : reckoned
      out.push({ step, kind, range, notBefore, ...span, state: stateOf(span, at) })
    }
    if (kind === 'wrap' && mass.place === 'pieces' && Number.isFinite(keeping.bareHours)) {
      const bare = Math.max(state.lastDoneAt, whenDownTo(mass.course, keeping.fromC))
      const span = { opens: state.lastDoneAt, closes: bare + 3600 * keeping.bareHours }
      out.push({ step, kind, range: ANY, notBefore: state.lastDoneAt, ...span, state: stateOf(span, at) })
    }
    const moved = kind && handworkFacts(kind).into
    if (step.empties || (moved !== undefined && moved !== mass.place)) break
  }
  return out
}

/** ◊ s a piece takes, where pieces are made one by one; null for work on the whole. */
function secondsFor(work: Handwork): number | null {
  if (work.kind === 'form') return forming[work.into]
  if (work.kind === 'fill') return filling[work.by]
  return work.kind === 'cut' && work.tool === 'scissors' ? SNIP_S : null
}

function formingOf(
  { formula, state, conditions }: Cook,
  log: FinishLog,
  wanted: number,
  next: WorkAhead | null,
  at: number,
): Forming | null {
  const work = next?.step.handwork
  const usual = work ? secondsFor(work) : null
  if (!next || usual === null) return null
  const { secondsEach: earlier } = conditions
  const made = log.made.filter((m) => m.at >= state.lastDoneAt)
  const last = made.at(-1)
  const now = last !== undefined && last.pieces > 0 ? (last.at - state.lastDoneAt) / last.pieces : undefined
  const secondsEach = now ?? earlier ?? usual
  const done = last?.pieces ?? 0
  const until = Number.isFinite(next.closes) ? next.closes : at
  const left = Math.max(0, Math.floor((until - Math.max(at, next.opens)) / Math.max(0.2, secondsEach)))
  return formula.shape.kind === 'cut'
    ? null
    : {
        secondsEach,
        pace: now ? 'now' : earlier ? 'earlier' : 'usual',
        made: done,
        left,
        wanted: Math.max(0, wanted - done),
      }
}
