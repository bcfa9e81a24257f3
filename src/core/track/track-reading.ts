/**
 * What a reading teaches of a cook that is followed: readings that no syrup can show are set aside, and what they say of the probe is kept;
 * a change of the heat that is found out is believed.
 */

import type { Reading } from '../log/readings'
import type { Stretch } from './forecast'
import { heatChanged, stillChanged } from './heat-change'
import { type HeatPath, joulesAt, joulesPerDegree } from './heat-path'
import {
  correct,
  type HeatState,
  learn,
  loosen,
  mean,
  powerOf,
  ROW,
  seenAt,
  setRow,
  surprise,
  syrupOf,
} from './heat-state'
import { type Change, type ChangeKind, changeIn, watchReading } from './heat-watch'
import { hindsightAfter, wilder } from './hindsight'
import { warmth } from './road-start'
import { scatterAfter, unrounded } from './scatter'
import { togetherAfter } from './together'
import { beginAnew, type Draft, isUnheated, type TrackFacts } from './track-state'

/** ◊ Readings this far from what is foreseen are not the syrup's: °C, and standard deviations; what was read by hand is, and what was foreseen is not. */
const GATE = { celsius: 1.5, sds: 5, byHandSds: 3 }
/**
 * ◊ s they have to stay away, and how many of them, before the probe is doubted; s after which they are believed, and for so many s after it was
 * first heard a probe is believed instead of being doubted.
 */
export const AWAY = { seconds: 12, count: 4, givesIn: 90, newFor: 60 }
/** ◊ °C a reading has to be off before it matters that the road to it bends, and how many times as steep that is. */
const BENDS = { celsius: 5, times: 2 }
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
/** ◊ °C below the boil from which a reading under a lid is that of the boil, and above it up to which a person may have read one. */
const LID_TELLS = 1.5
const LID_HIDES = 8
/** ◊ Share of what the tip lags behind that the lag may be off by; no thermometer is quieter than this, °C. */
const LATE_SHARE = 0.2
const QUIETEST = 0.1
/** ◊ s by which a hand logs at the latest what it has put in. */
const LOGGED_LATE = 10

/** Takes a reading in, where it is one the syrup can have given. */
export function take(t: Draft, facts: TrackFacts, r: Reading): void {
  t.count++
  t.heardAt ??= r.at
  t.last = r
  const stretch = facts.stretches[t.stretch]
  if (!stretch) return
  t.scatter = scatterAfter(t.scatter, r)
  const after = facts.stretches[t.stretch + 1]
  if (after && after.path !== stretch.path && after.from - r.at < LOGGED_LATE) return
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
  if (Math.abs(lesson.off) > BENDS.celsius && isNew(t, facts, r.at) && isBent(t.state, stretch, r.celsius)) {
    foundAt(t, facts, stretch, r)
    return
  }
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
  // what is far hotter has had its lid off for long, whatever the log says
  if (stretch.lid && r.celsius > path.boilC - LID_TELLS && r.celsius < path.boilC + LID_HIDES) {
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
  const soon = isNew(t, facts, t.away.since)
  if (r.at - t.away.since < (soon ? AWAY.seconds : AWAY.givesIn)) return
  foundAt(t, facts, stretch, r)
  if (!soon) t.probe = { doubt: 'unexplained', at: r.at }
}

/** Whether the probe has just been put in: it reads where the pot is, whatever the log makes of it. */
const isNew = (t: Draft, facts: TrackFacts, at: number): boolean =>
  at - (t.heardAt ?? at) < AWAY.newFor || isUnheated(t, facts)

/** Whether the road from where the syrup is reckoned to a reading is so unlike its beginning that nothing can be told from how far that is. */
function isBent(state: HeatState, { path }: Stretch, celsius: number): boolean {
  const [from, to] = [syrupOf(state, path), celsius].map((c) => c - mean(state, ROW.off)) as [number, number]
  const times = (joulesAt(path, to) - joulesAt(path, from)) / (joulesPerDegree(path, from) * (to - from))
  return times > BENDS.times || times < 1 / BENDS.times
}

/** The syrup is where it is read, and all that led elsewhere is forgotten. */
function foundAt(t: Draft, facts: TrackFacts, stretch: Stretch, r: Reading): void {
  const { state } = t
  setRow(state, ROW.joules, joulesAt(stretch.path, r.celsius), 3 * warmth(stretch))
  setRow(state, ROW.tip, r.celsius, 1)
  knowsNothing(t, facts)
  t.surely = null
  t.away = null
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
