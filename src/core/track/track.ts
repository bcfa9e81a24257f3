/**
 * A cook followed reading by reading. Whatever is logged moves the state at its moment: a filling begins another road, a turn of the
 * dial changes the heat; then the reading is taken in.
 */

import { goesOnFrom, type Reading } from '../log/readings'
import { sucroseMelting } from '../physics/heat'
import type { Stretch } from './forecast'
import { joulesAt, joulesPerDegree } from './heat-path'
import { copyOf, loosen, mean, move, ROW, sdOf, setRow, syrupOf, WANDERS } from './heat-state'
import { copyWatch, watchStep } from './heat-watch'
import { carryBlind, copyHindsight, forgets, wilder } from './hindsight'
import { startOfRoad, UNSURE, warmth } from './road-start'
import { take } from './track-reading'
import { beginAnew, type Draft, startOf, type Track, type TrackFacts } from './track-state'

/** ◊ How unsure what is done to a pot leaves it. */
const LEAVES = {
  /** °C by which what goes in may boil off its curve, of its own. */
  fedOffSd: 0.4,
  /** Share of power a turn of the dial by all of it leaves in doubt, and what coming to the boil does. */
  turnSd: 0.14,
  boilSd: 0.09,
}
/** ◊ After something went in the syrup is uneven: °C in a second at first, forgotten in so many s. */
const UNEVEN = { celsius: 1, seconds: 35 }
/** ◊ What went in takes up its heat in so many s, for as long. */
const FED = { memoryS: 45, whileS: 150 }
/** ◊ From so many °C before it melts, a second of dry sugar is unsure by this, °C. */
const MELTING = { before: 10, celsius: 0.6 }
/**
 * s of one step of the state, at most; and of a pot of which nothing has been read for long, this share of that time: nobody knows where it is any
 * more, and one that is forgotten overnight is no more work than one of an hour.
 */
const STEP = { seconds: 4, unread: 1 / 450 }

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
    const unread = t.at - (t.last?.at ?? t.at)
    const until = Math.min(to, t.at + Math.max(STEP.seconds, STEP.unread * unread))
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
      loosen(t.state, ROW.watts, LEAVES.boilSd * mean(t.state, ROW.watts))
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
    loosen(state, ROW.off, LEAVES.fedOffSd)
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
  const doubt = LEAVES.turnSd * Math.min(1, Math.abs(Math.log(is / was))) * mean(t.state, ROW.watts)
  loosen(t.state, ROW.watts, doubt)
  if (t.surely) t.surely = { ...t.surely, sd: Math.hypot(t.surely.sd, doubt) }
}

/** Follows `readings` (oldest first); `before` is the track of the same cook after fewer of them. */
export function trackCook(readings: readonly Reading[], facts: TrackFacts, before?: Track): Track {
  const from = before && goesOnFrom(readings, before) ? before : startOf(facts)
  const t: Draft = {
    ...from,
    state: copyOf(from.state),
    watch: copyWatch(from.watch),
    hindsight: copyHindsight(from.hindsight),
  }
  for (let i = t.count; i < readings.length; i++) {
    const r = readings[i] as Reading
    advance(t, facts, Math.max(t.at, r.at))
    take(t, facts, r)
  }
  return t
}

/** The same cook carried on to `now`, with nothing read. */
export function carryTrack(track: Track, facts: TrackFacts, now: number): Track {
  const t: Draft = { ...track, state: copyOf(track.state), watch: [], hindsight: forgets(track.hindsight) }
  advance(t, facts, Math.max(now, t.at))
  return t
}
