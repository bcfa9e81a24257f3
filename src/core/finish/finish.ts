/**
 * One judgement of a finish. `assessFinish` takes a cook as its log stands and the moment, and returns everything that is
 * drawn of the sweet once it has left the heat: how warm it is, what it can do, when each work opens and closes.
 */

import type { Cook } from '../cook/cook'
import type { CookEvent } from '../cook/log'
import type { Reading } from '../cook/readings'
import { filling, forming, type HandworkKind, handworkFacts, type Place } from '../craft/handwork'
import { onARack, type Surface } from '../craft/surfaces'
import type { PlainFindingOf } from '../finding'
import type { Analysis } from '../formula/analyse'
import type { Step } from '../formula/document'
import { glassTransition } from '../physics/glass'
import { dewPoint } from '../physics/humidity'
import { type Celsius, inCelsius, inSeconds, type Seconds } from '../quantity/figures'
import { type Course, celsiusAt, fallsAt } from './course'
import { pieceOf, type WrapBy, wrapBy } from './keeping'
import { type FinishLog, finishLogOf } from './log'
import { type Mass, massNow, profileAt } from './mass'
import { outcomesOf, type WorkOutcome } from './outcomes'
import { slabCourse, warmingSeconds } from './slab'
import { type Band, bandsOf, type HeatRange, heatRangeOf, type Span, spanOf, windowOf } from './windows'

/** A work that is to come, and when it can be done. */
export interface WorkAhead extends Span {
  readonly step: Step
  readonly kind: HandworkKind
  readonly range: HeatRange
  readonly state: 'ahead' | 'open' | 'missed'
}

/** How many more pieces can be made before it stiffens, at the maker's pace. */
export interface Forming {
  readonly secondsEach: number
  /** Whether the pace is the maker's own. */
  readonly own: boolean
  readonly made: number
  readonly left: number
  readonly wanted: number
}

export interface FinishFigures {
  /** The window of a work has closed: to what it could be warmed, in what time, and what else can be done. */
  missed: {
    readonly kind: HandworkKind
    readonly warmTo: Celsius | null
    readonly warmFor: Seconds | null
    readonly instead: Instead
  }
  /** A work has just been done too early or too late. */
  came: { readonly kind: HandworkKind; readonly came: 'early' | 'late'; readonly celsius: Celsius }
  closing: { readonly kind: HandworkKind; readonly left: Seconds }
  dew: { readonly dew: Celsius }
  'short-of-pieces': { readonly left: number; readonly wanted: number; readonly warmTo: Celsius }
  'whipped-short': { readonly gPerMl: number; readonly least: number }
  'whipped-over': { readonly gPerMl: number; readonly most: number }
}
export type FinishFinding = PlainFindingOf<FinishFigures>

/** What is still possible once a window has closed. */
export type Instead = 'warm-it' | 'break-it' | 'back-on-heat' | 'press-it' | 'stir-it'

const insteads: Readonly<Partial<Record<HandworkKind, Instead>>> = {
  score: 'break-it',
  spread: 'press-it',
  'cover-chips': 'warm-it',
  form: 'back-on-heat',
  pull: 'back-on-heat',
  fill: 'back-on-heat',
  beat: 'stir-it',
  whip: 'press-it',
  temper: 'warm-it',
  coat: 'warm-it',
  pipe: 'warm-it',
}

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
  /** What each other place of the kitchen would do to it. */
  readonly moves: readonly Move[]
  /** What came of the works that are done. */
  readonly outcomes: readonly WorkOutcome[]
  readonly findings: readonly FinishFinding[]
}

/** ◊ A reading or a touch speaks for so long, s. */
const SPEAKS = 600
/** ◊ A window that closes in less is said, s. */
const CLOSING = 120
/** ◊ An oven to warm a slab in is so much hotter than it is to become, °C. */
const OVEN_ABOVE = 15

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
  const log = finishLogOf(events, readings, state.pulledAt, conditions.surfaces?.[0] ?? onARack)
  const mass = massNow(cook, log, readings, state.touchedAt)
  return mass ? outcomesOf(cook, mass) : []
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
      conditions.surfaces?.[0] ?? onARack,
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
      ),
    ahead,
    forming: formed,
    moves: kept && sameBeat ? kept.moves : movesOf(mass, ahead, cook, Math.max(beat, mass.since)),
    outcomes,
    findings: [...cameWrong(outcomes, at), ...findingsOf(cook, mass, ahead[0] ?? null, formed, celsius, at)],
  }
}

/** ◊ What came of a work is said for so long, s. */
const TOLD = 180

function cameWrong(outcomes: readonly WorkOutcome[], at: number): FinishFinding[] {
  const last = outcomes.at(-1)
  if (!last || last.came === 'right' || at - last.at > TOLD) return []
  return [{ id: 'came', figures: { kind: last.kind, came: last.came, celsius: last.celsius } }]
}

const stateOf = ({ opens, closes }: Span, at: number): WorkAhead['state'] =>
  at < opens ? 'ahead' : at < closes ? 'open' : 'missed'

/** At any warmth. */
const ANY: HeatRange = { high: Number.POSITIVE_INFINITY, low: Number.NEGATIVE_INFINITY }

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
      const range = heatRangeOf(window, glassC, conditions.roomC)
      const own = spanOf(mass.course, range)
      // nothing is done before what stands before it
      const before = out.at(-1)?.opens
      const rests = step.when.on === 'after' ? (before ?? state.lastDoneAt) + step.when.seconds : own.opens
      const opens = Math.max(own.opens, rests, before ?? Number.NEGATIVE_INFINITY)
      const span = { opens, closes: own.closes }
      out.push({ step, kind, range, ...span, state: stateOf(span, at) })
    }
    if (kind === 'wrap' && mass.place === 'pieces' && Number.isFinite(keeping.bareHours)) {
      const span = { opens: state.lastDoneAt, closes: state.lastDoneAt + 3600 * keeping.bareHours }
      out.push({ step, kind, range: ANY, ...span, state: stateOf(span, at) })
    }
    const moved = kind && handworkFacts(kind).into
    if (step.empties || (moved !== undefined && moved !== mass.place)) break
  }
  return out
}

function formingOf(
  { formula, state }: Cook,
  log: FinishLog,
  wanted: number,
  next: WorkAhead | null,
  at: number,
): Forming | null {
  const work = next?.step.handwork
  if (!next || (work?.kind !== 'form' && work?.kind !== 'fill')) return null
  const usual = work.kind === 'form' ? forming[work.into] : filling[work.by]
  const made = log.made.filter((m) => m.at >= state.lastDoneAt)
  const last = made.at(-1)
  const own = last !== undefined && last.pieces > 0
  const secondsEach = own ? (last.at - state.lastDoneAt) / last.pieces : usual
  const done = last?.pieces ?? 0
  const until = Number.isFinite(next.closes) ? next.closes : at
  const left = Math.max(0, Math.floor((until - Math.max(at, next.opens)) / Math.max(0.2, secondsEach)))
  return formula.shape.kind === 'cut'
    ? null
    : { secondsEach, own, made: done, left, wanted: Math.max(0, wanted - done) }
}

function findingsOf(
  { conditions }: Cook,
  mass: Mass,
  next: WorkAhead | null,
  formed: Forming | null,
  celsius: number,
  at: number,
): FinishFinding[] {
  const found: FinishFinding[] = []
  if (next?.state === 'missed') found.push({ id: 'missed', figures: missedFigures(mass, next, celsius) })
  if (formed && next?.state === 'open' && formed.left < formed.wanted)
    found.push({
      id: 'short-of-pieces',
      figures: { left: formed.left, wanted: formed.wanted, warmTo: inCelsius(warmest(next.range, celsius)) },
    })
  else if (next?.state === 'open' && next.closes - at < CLOSING)
    found.push({ id: 'closing', figures: { kind: next.kind, left: inSeconds(next.closes - at) } })
  const { foam } = mass
  if (foam && mass.place === 'bowl' && next?.state !== 'ahead') {
    if (foam.state === 'short')
      found.push({ id: 'whipped-short', figures: { gPerMl: foam.gPerMl, least: foam.within[1] } })
    else if (foam.state === 'over')
      found.push({ id: 'whipped-over', figures: { gPerMl: foam.gPerMl, most: foam.within[0] } })
  }
  const dew = dewPoint(conditions.roomC, conditions.humidity)
  if (mass.slab && celsius < dew) found.push({ id: 'dew', figures: { dew: inCelsius(dew) } })
  return found
}

/** ◊ To where a mass is warmed again: the middle of its window, or so far above its lower end. */
const warmest = ({ high, low }: HeatRange, celsius: number): number =>
  Number.isFinite(high) && Number.isFinite(low) ? (high + low) / 2 : Number.isFinite(low) ? low + 8 : celsius

function missedFigures({ slab, place }: Mass, { kind, range }: WorkAhead, celsius: number): FinishFigures['missed'] {
  const warmTo = warmest(range, celsius)
  const warmed = slab !== null && place === 'slab'
  return {
    kind,
    warmTo: inCelsius(warmTo),
    warmFor: warmed ? inSeconds(warmingSeconds(slab, celsius, warmTo, warmTo + OVEN_ABOVE)) : null,
    instead: insteads[kind] ?? 'warm-it',
  }
}

/** What laying it somewhere else would change: when the next work would open and close, and whether it would sweat. */
export interface Move {
  readonly on: Surface
  readonly next: (Span & { readonly kind: HandworkKind }) | null
  /** When it would be colder than the dew point of the room; Infinity where it never is. */
  readonly sweats: number
  readonly course: Course
}

/** What each other place of the kitchen would do to what lies there now. */
function movesOf({ slab, on, course }: Mass, ahead: readonly WorkAhead[], { conditions }: Cook, at: number): Move[] {
  if (!slab) return []
  const profile = profileAt(course, at)
  const work = ahead.find((w) => w.closes > at) ?? null
  const dew = dewPoint(conditions.roomC, conditions.humidity)
  return (conditions.surfaces ?? [])
    .filter((s) => s.name !== on.name)
    .map((surface) => {
      const there = slabCourse(slab, profile, [{ from: at, on: surface }])
      const sweats = spanOf(there, { high: dew, low: Number.NEGATIVE_INFINITY }).opens
      return {
        on: surface,
        next: work && { kind: work.kind, ...spanOf(there, work.range) },
        sweats,
        course: there,
      }
    })
}
