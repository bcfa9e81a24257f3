/**
 * A cook followed reading by reading. Whatever is logged moves the state at its moment: a filling begins another road, a turn of the
 * dial changes the heat; readings that no syrup can show are set aside, and what they say of the probe is kept.
 */
import { sucroseMelting } from '../physics/heat'
import { type FeltDial, feltDial } from './felt-dial'
import type { ForecastContext, Stretch } from './forecast'
import { type HeatChange, heatChanged, stillChanged } from './heat-change'
import { type HeatPath, joulesAt, joulesPerDegree } from './heat-path'
import {
  copyOf,
  correct,
  type HeatState,
  LOSSES,
  learn,
  loosen,
  mean,
  move,
  newState,
  powerOf,
  ROW,
  sdOf,
  seenAt,
  setRow,
  surprise,
  syrupOf,
  WANDERS,
} from './heat-state'
import {
  type Change,
  type ChangeKind,
  changeIn,
  copyWatch,
  type HeatWatch,
  watchReading,
  watchStep,
} from './heat-watch'
import { carryBlind, copyHindsight, forgets, type Hindsight, hindsightAfter, noHindsight, wilder } from './hindsight'
import type { ProbeDoubt, Reading } from './readings'
import { startOfRoad, UNSURE, warmth } from './road-start'
import { type Scatter, scatterAfter, scatterBefore, unrounded } from './scatter'
import { apart, type Together, togetherAfter } from './together'

/** Readings away from what a syrup can show. */
interface Away {
  readonly since: number
  readonly sign: number
  readonly count: number
}

/** A cook as it stands after its last reading. Never changed in place. */
export interface Track {
  readonly state: HeatState
  readonly at: number
  /** The stretch it is on, -1 before the first, and how many turns of the dial are behind it. */
  readonly stretch: number
  readonly turns: number
  /** Readings taken in, and the last of them. */
  readonly count: number
  readonly last: Reading | null
  readonly watch: HeatWatch
  readonly away: Away | null
  /** What was last found out of the probe, and of the heat. */
  readonly probe: { readonly doubt: ProbeDoubt; readonly at: number } | null
  readonly heat: HeatChange | null
  /** When something last went in, when the dial was last turned, when it came to the boil. */
  readonly fedAt: number
  readonly turnedAt: number
  readonly boiledAt: number | null
  /** W at full dial as it was known before the road became a guess, since something last went in. */
  readonly surely: { readonly watts: number; readonly sd: number } | null
  readonly scatter: Scatter
  readonly together: Together
  readonly hindsight: Hindsight
}

/** ◊ What is taken for granted before anything is read. */
const PRIOR = {
  /** sd of the losses, as a share of those of the bare pot. */
  lossSd: 0.8,
  offSd: 0.7,
  /** A thermometer that is read by eye is off by something of its own. */
  byHandOffSd: 1.1,
  /** °C by which what goes in may boil off its curve, of its own. */
  fedOffSd: 0.4,
  /** Share of power a turn of the dial by all of it leaves in doubt, and what coming to the boil does. */
  turnSd: 0.14,
  boilSd: 0.09,
}
/** ◊ After something went in the syrup is uneven: °C in a second at first, forgotten in so many s. */
const UNEVEN = { celsius: 1, seconds: 35 }
/** ◊ Readings this far from what is foreseen are not the syrup's: °C, and standard deviations; what was read by hand is, and what was foreseen is not. */
const GATE = { celsius: 1.5, sds: 5, byHandSds: 3 }
/** ◊ s they have to stay away, and how many of them, before the probe is doubted; s after which they are believed. */
export const AWAY = { seconds: 12, count: 4, givesIn: 90 }
/** ◊ s in which nothing is said of the heat: after something went in, after the boil, after a turn of the dial. */
const SETTLES = { fed: 150, boil: 130, turn: 40 }
/** ◊ s after the boil, an addition or a turn before it is compared with what was foreseen. */
const UNTOUCHED = 60
/** ◊ °C/s: where the syrup climbs slower than this, a change of heat hides in what the boil is off by. */
const CRAWLS = 0.002
/** A burner that is on gives at least this share of what it should: less is a change of heat, and is found as one. */
const LEAST = 0.1
/** ◊ No ring gives more than so many times what it should at full dial. */
const GIVES_MOST = 1.5
/** ◊ Share of a change of heat that it may be off by. */
const CHANGED_SD = 0.25
/** ◊ What went in takes up its heat in so many s, for as long; a hand logs up to so many s after it has put it in. */
const FED = { memoryS: 45, whileS: 150, loggedLate: 10 }
/** ◊ From so many °C before it melts, a second of dry sugar is unsure by this, °C. */
const MELTING = { before: 10, celsius: 0.6 }
/** ◊ °C below the boil from which a reading under a lid is that of the boil. */
const LID_TELLS = 1.5
/** ◊ Share of what the tip lags behind that the lag may be off by; no thermometer is quieter than this, °C. */
const LATE_SHARE = 0.2
const QUIETEST = 0.1
/** s of one step of the state, at most. */
const STEP = 4

export interface TrackFacts extends Omit<ForecastContext, 'now' | 'target' | 'pulls'> {
  readonly felt: FeltDial
}

export const trackFacts = (context: ForecastContext): TrackFacts => ({
  ...context,
  felt: feltDial(context.dials, context.base.capacity / context.base.toSyrup, context.ringS),
})

function startOf(facts: TrackFacts): Track {
  const state = newState()
  const { fullPower, lossWattsPerDegree, lag } = facts
  setRow(state, ROW.watts, fullPower.watts, fullPower.sd)
  setRow(state, ROW.drift, 0, 0)
  setRow(state, ROW.loss, LOSSES * lossWattsPerDegree, PRIOR.lossSd * lossWattsPerDegree)
  setRow(state, ROW.off, 0, facts.byHand ? PRIOR.byHandOffSd : PRIOR.offSd)
  setRow(state, ROW.tip, facts.roomC, 10)
  setRow(state, ROW.lag, Math.log(lag.seconds), facts.byHand ? 0 : lag.sd)
  return {
    state,
    at: Number.NEGATIVE_INFINITY,
    stretch: -1,
    turns: 0,
    count: 0,
    last: null,
    watch: [],
    away: null,
    probe: null,
    heat: null,
    fedAt: Number.NEGATIVE_INFINITY,
    turnedAt: Number.NEGATIVE_INFINITY,
    boiledAt: null,
    surely: null,
    scatter: scatterBefore(facts.noiseC),
    together: apart,
    hindsight: noHindsight(facts.byHand === true),
  }
}

type Draft = { -readonly [K in keyof Track]: Track[K] }

/** What went before is compared with nothing that comes after. */
function beginAnew(t: Draft): void {
  t.watch = []
  t.hindsight = forgets(t.hindsight)
}

/** Moves on to `to` seconds through whatever the log has on the way. */
function advance(t: Draft, facts: TrackFacts, to: number): void {
  for (;;) {
    const stretch = facts.stretches[t.stretch + 1]
    const turn = facts.dials[t.turns]
    const next = Math.min(stretch?.from ?? Number.POSITIVE_INFINITY, turn?.at ?? Number.POSITIVE_INFINITY)
    if (next > to) break
    flow(t, facts, next)
    if (stretch && stretch.from === next) fill(t, facts, stretch)
    else turned(t, facts)
  }
  flow(t, facts, to)
}

function flow(t: Draft, facts: TrackFacts, to: number): void {
  const stretch = facts.stretches[t.stretch]
  if (!stretch || t.at === Number.NEGATIVE_INFINITY) {
    t.at = Math.max(t.at, to)
    return
  }
  while (t.at < to - 1e-9) {
    const until = Math.min(to, t.at + STEP)
    const seconds = until - t.at
    if (t.surely === null && syrupOf(t.state, stretch.path) > stretch.path.sureC)
      t.surely = { watts: mean(t.state, ROW.watts), sd: sdOf(t.state, ROW.watts) }
    const moves = {
      path: stretch.path,
      seconds,
      feltS: facts.felt.until(until) - facts.felt.until(t.at),
      roomC: facts.roomC,
      memoryS: memoryAt(t, t.at),
      lid: stretch.lid,
      wilder: wilder(t.hindsight),
    }
    const weights = move(t.state, moves)
    carryBlind(t.hindsight, moves)
    const uneven = UNEVEN.celsius * Math.exp(-(t.at - t.fedAt) / UNEVEN.seconds)
    if (uneven > 0.01 && t.stretch > 0) {
      const perDegree = joulesPerDegree(stretch.path, syrupOf(t.state, stretch.path))
      loosen(t.state, ROW.joules, uneven * Math.sqrt(seconds) * Math.min(perDegree, warmth(stretch)))
    }
    if (!Number.isFinite(stretch.path.boilC)) melts(t, stretch, seconds)
    watchStep(t.watch, weights)
    t.at = until
    if (t.boiledAt === null && mean(t.state, ROW.joules) > joulesAt(stretch.path, stretch.path.boilC)) {
      t.boiledAt = t.at
      loosen(t.state, ROW.watts, PRIOR.boilSd * mean(t.state, ROW.watts))
    }
  }
}

/** Dry sugar melts as it lies, here sooner and there later: nobody knows how much of it has. */
function melts(t: Draft, { path }: Stretch, seconds: number): void {
  const celsius = syrupOf(t.state, path)
  if (celsius > sucroseMelting.from - MELTING.before)
    loosen(t.state, ROW.joules, MELTING.celsius * Math.sqrt(seconds) * joulesPerDegree(path, celsius))
}

/** s in which what the heat differs by is forgotten: soon, while what went in still warms up. */
export const memoryAt = ({ stretch, fedAt }: Pick<Track, 'stretch' | 'fedAt'>, at: number): number =>
  stretch > 0 && at - fedAt < FED.whileS ? FED.memoryS : WANDERS.memoryS

function fill(t: Draft, facts: TrackFacts, stretch: Stretch): void {
  const before = facts.stretches[t.stretch]
  t.stretch++
  beginAnew(t)
  if (before?.path === stretch.path) return // a lid went on or off
  const { state } = t
  const tip = before ? mean(state, ROW.tip) : (t.last?.celsius ?? facts.roomC)
  const { joules, sd } = startOfRoad(t, facts, stretch, before)
  t.heat = null
  t.fedAt = stretch.from
  t.boiledAt = null
  setRow(state, ROW.joules, joules, sd * warmth(stretch))
  // where the road was a guess, what it was off by went to the burner's account
  if (t.surely) setRow(state, ROW.watts, t.surely.watts, t.surely.sd)
  t.surely = null
  if (before) {
    loosen(state, ROW.off, PRIOR.fedOffSd)
    loosen(state, ROW.drift, (UNSURE.fedSd * warmth(stretch)) / FED.memoryS)
  }
  // the tip is somewhere between what it was in and what it is in now
  setRow(state, ROW.tip, tip, before ? 1 + Math.abs(syrupOf(state, stretch.path) - tip) / 2 : 10)
}

function turned(t: Draft, facts: TrackFacts): void {
  const [was, is] = [facts.dials[t.turns - 1]?.dial ?? 0, facts.dials[t.turns]?.dial ?? 0]
  t.turnedAt = facts.dials[t.turns]?.at ?? t.turnedAt
  t.turns++
  beginAnew(t)
  t.heat = null
  if (was === 0 || is === 0) return
  const doubt = PRIOR.turnSd * Math.min(1, Math.abs(Math.log(is / was))) * mean(t.state, ROW.watts)
  loosen(t.state, ROW.watts, doubt)
  if (t.surely) t.surely = { ...t.surely, sd: Math.hypot(t.surely.sd, doubt) }
}

/** Takes a reading in, where it is one the syrup can have given. */
function take(t: Draft, facts: TrackFacts, r: Reading): void {
  advance(t, facts, Math.max(t.at, r.at))
  t.count++
  t.last = r
  const stretch = facts.stretches[t.stretch]
  if (!stretch) return
  t.scatter = scatterAfter(t.scatter, r)
  const after = facts.stretches[t.stretch + 1]
  if (after && after.path !== stretch.path && after.from - r.at < FED.loggedLate) return
  if (facts.byHand) {
    takeByHand(t, facts, stretch, r)
    return
  }
  const lesson = surprise(t.state, r.celsius, t.scatter.step, noiseOf(t, stretch))
  if (Math.abs(lesson.off) > Math.max(GATE.celsius, GATE.sds * Math.sqrt(lesson.variance))) {
    setAside(t, facts, stretch, r, Math.sign(lesson.off))
    return
  }
  t.away = null
  if (stretch.lid && r.celsius > stretch.path.boilC - LID_TELLS) {
    underLid(t.state, stretch, r)
    return
  }
  t.together = togetherAfter(t.together, lesson, r.at)
  learn(t.state, lesson)
  keepsWatts(t, facts)
  t.heat = t.heat && stillChanged(t.heat, powerOf(t.state))
  if (isSettled(t, r.at)) t.hindsight = hindsightAfter(t.hindsight, t.state, r.at)
  watchReading(
    t.watch,
    lesson,
    r.at,
    judgedNow(t, facts, stretch, r.at),
    Math.max(1, t.together.factor) * Math.sqrt(wilder(t.hindsight)),
  )
  const change = changeIn(t.watch, t.state, r.at, (GIVES_MOST * facts.fullPower.watts) / facts.felt.level(r.at))
  if (change) believe(t, change, stretch, r.at)
}

/**
 * What a person read, seldom and with care, is where the syrup is, and the pot is reckoned on from there; it convicts neither the
 * thermometer nor the flame. Taken in along the road: between two such readings that is far from straight.
 */
function takeByHand(t: Draft, facts: TrackFacts, stretch: Stretch, r: Reading): void {
  const { state } = t
  const { path } = stretch
  if (stretch.lid && r.celsius > path.boilC - LID_TELLS) {
    underLid(state, stretch, r)
    return
  }
  const lesson = seenAt(state, path, r.celsius, facts.noiseC ** 2)
  if (Math.abs(lesson.off) > GATE.byHandSds * Math.sqrt(lesson.variance)) {
    const there = r.celsius - mean(state, ROW.off)
    setRow(state, ROW.joules, joulesAt(path, there), facts.noiseC * joulesPerDegree(path, there))
    knowsNothing(t, facts)
    beginAnew(t)
  } else learn(state, lesson)
  keepsWatts(t, facts)
  setRow(state, ROW.tip, syrupOf(state, path), facts.noiseC)
  if (isSettled(t, r.at)) t.hindsight = hindsightAfter(t.hindsight, state, r.at)
}

/** What is so wrong about the pot knows nothing of its burner either. */
function knowsNothing({ state }: Draft, { fullPower }: TrackFacts): void {
  setRow(state, ROW.watts, fullPower.watts, fullPower.sd)
  setRow(state, ROW.drift, 0, 0)
}

function keepsWatts({ state }: Draft, { fullPower }: TrackFacts): void {
  state.x[ROW.watts] = Math.max(mean(state, ROW.watts), LEAST * fullPower.watts)
}

/** Variance of a reading before it is rounded, °C²: its scatter, and a delay that is not quite as reckoned. */
function noiseOf({ state, scatter }: Draft, { path }: Stretch): number {
  const late = LATE_SHARE * (syrupOf(state, path) - mean(state, ROW.tip))
  return Math.max(QUIETEST ** 2, unrounded(scatter)) + late ** 2
}

/** °C/s by which the syrup climbs at the heat of `at`. */
function climbOf(state: HeatState, facts: TrackFacts, path: HeatPath, at: number): number {
  const celsius = syrupOf(state, path)
  const net = powerOf(state) * facts.felt.level(at) - mean(state, ROW.loss) * (celsius - facts.roomC)
  return net / joulesPerDegree(path, celsius)
}

/** A reading no syrup can have given: set aside, until they have stayed away for so long that they are believed. */
function setAside(t: Draft, facts: TrackFacts, stretch: Stretch, r: Reading, sign: number): void {
  t.away = t.away?.sign === sign ? { ...t.away, count: t.away.count + 1 } : { since: r.at, sign, count: 1 }
  if (r.at - t.away.since < AWAY.givesIn) return
  const { state } = t
  setRow(state, ROW.joules, joulesAt(stretch.path, r.celsius), 3 * warmth(stretch))
  setRow(state, ROW.tip, r.celsius, 1)
  knowsNothing(t, facts)
  t.surely = null
  t.away = null
  t.probe = { doubt: 'unexplained', at: r.at }
  beginAnew(t)
}

/** Under a lid the boil says nothing of the heat, but that it is there. */
function underLid(state: HeatState, stretch: Stretch, r: Reading): void {
  setRow(state, ROW.tip, r.celsius, 0.5)
  const least = joulesAt(stretch.path, stretch.path.boilC)
  if (mean(state, ROW.joules) < least) setRow(state, ROW.joules, least, warmth(stretch))
}

/** Takes a change that was found out into the state. */
function believe(t: Draft, { kind, by, effect }: Change, { path }: Stretch, now: number): void {
  const { state } = t
  correct(state, effect, by)
  beginAnew(t)
  if (kind === 'probe') {
    // it is reckoned on as it would be in the syrup
    setRow(state, ROW.tip, syrupOf(state, path), 1)
    t.probe = { doubt: by > 0 ? 'probe-on-metal' : 'probe-out', at: now }
    return
  }
  const was = powerOf(state)
  state.x[ROW.watts] = mean(state, ROW.watts) + by
  loosen(state, ROW.watts, CHANGED_SD * Math.abs(by))
  t.heat = heatChanged(t.heat, was, powerOf(state), now)
}

/** Whether what the pot does is its burner's doing: it boils, and nothing was done to it for a while. */
const isSettled = ({ boiledAt, fedAt, turnedAt }: Draft, now: number): boolean =>
  boiledAt !== null && now - Math.max(boiledAt, fedAt, turnedAt) > UNTOUCHED

/** What can be told of now: nothing where nobody knows where the syrup boils, or it cools; and where it crawls, a change of heat hides. */
function judgedNow(t: Draft, facts: TrackFacts, { path }: Stretch, now: number): readonly ChangeKind[] {
  const tau = facts.base.capacity / facts.base.toSyrup
  const settled = now - t.fedAt > SETTLES.fed && now - t.turnedAt > SETTLES.turn + 2 * tau
  const boils = t.boiledAt !== null && now - t.boiledAt > SETTLES.boil
  const isSure = syrupOf(t.state, path) < path.sureC
  const climbs = climbOf(t.state, facts, path, now)
  if (!settled || !boils || !isSure || climbs <= 0 || (t.heat !== null && now - t.heat.at <= SETTLES.turn)) return []
  return climbs > CRAWLS ? ['heat', 'probe'] : ['probe']
}

/** Follows `readings` (oldest first); `before` is the track of the same cook after fewer of them. */
export function trackCook(readings: readonly Reading[], facts: TrackFacts, before?: Track): Track {
  const goesOn = before && before.count > 0 && readings[before.count - 1] === before.last
  const from = goesOn ? before : startOf(facts)
  const t: Draft = {
    ...from,
    state: copyOf(from.state),
    watch: copyWatch(from.watch),
    hindsight: copyHindsight(from.hindsight),
  }
  for (let i = t.count; i < readings.length; i++) take(t, facts, readings[i] as Reading)
  return t
}

/** The same cook carried on to `now`, with nothing read. */
export function carryTrack(track: Track, facts: TrackFacts, now: number): Track {
  const t: Draft = { ...track, state: copyOf(track.state), watch: [], hindsight: forgets(track.hindsight) }
  advance(t, facts, Math.max(now, t.at))
  return t
}
