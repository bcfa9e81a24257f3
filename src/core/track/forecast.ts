/**
 * When it will get there: from where a cook is tracked to be (`track.ts`) along the syrup's own road, where joules go in at
 * a steady pace although the temperature does not climb so, to what the next step waits for; with what the track leaves in doubt.
 */

import type { ProbeDoubt, Reading } from '../log/readings'
import type { Mix } from '../matter/mix'
import { DIAL_TOP } from '../pot/equipment'
import type { DialTurn, FeltDial } from './felt-dial'
import { type HeatPath, joulesAt, joulesPerDegree, temperatureAt } from './heat-path'
import { astray, type HeatState, mean, ROW, syrupOf, varianceOf, WANDERS } from './heat-state'
import type { HeatDoubt } from './heat-watch'
import { offBy } from './hindsight'
import type { ProbeLag } from './probe-slow'
import { EIGHTY } from './scatter'
import { carryTrack, memoryAt, trackCook } from './track'
import { doubtsOf } from './track-doubts'
import { isUnheated, type TrackFacts, trackFacts } from './track-state'

export interface Power {
  /** Watts at full dial, and its standard deviation. */
  readonly watts: number
  readonly sd: number
}

/** A stretch of the cook over which nothing goes in and the lid stays as it is. */
export interface Stretch {
  readonly from: number
  readonly path: HeatPath
  readonly lid: boolean
  /** What went in made it this warm, °C, where that is known. */
  readonly startC?: number
  /** What the pot held before, and the joules that went in with the rest, where that is known. */
  readonly mixed?: { readonly before: Mix; readonly joules: number }
  /** J that came with something put into it; all else stays as it was. */
  readonly gains?: number
}

export interface ForecastContext {
  readonly now: number
  /** Contents of the pot, oldest first. */
  readonly stretches: readonly Stretch[]
  /** Dial settings, oldest first; 0 once the pot is off the heat. */
  readonly dials: readonly DialTurn[]
  /** The true temperature wanted, °C. */
  readonly target: number
  /** Whether the pot comes off there, so that what its base still holds counts. */
  readonly pulls: boolean
  /** Full-dial power expected before anything is measured, W, and how far off that may be. */
  readonly fullPower: Power
  readonly base: { readonly capacity: number; readonly toSyrup: number }
  /** s in which the ring follows its dial. */
  readonly ringS: number
  readonly lossWattsPerDegree: number
  readonly roomC: number
  /** Probe: time constant, s, and scatter, °C. */
  readonly lag: ProbeLag
  readonly noiseC: number
  /** Read by a person: no jump is set aside as the probe's fault. */
  readonly byHand?: boolean
}

export type Trust = 'none' | 'rough' | 'fair' | 'good'

/** What a forecast is unsure of, beyond its range. */
export type Doubt = ProbeDoubt | HeatDoubt | 'silent' | 'lid' | 'never' | 'unheated'

export interface Forecast {
  /** s from now until the act, and the 80 % range. Infinity where it will not get there at this heat. */
  readonly eta: number
  readonly low: number
  readonly high: number
  /** True temperature to act at, °C: the target, less what the pan carries on. */
  readonly pullAt: number
  /** What the probe will show then, °C. */
  readonly pullReads: number
  /** Power into the syrup at the dial as it stands, W. */
  readonly powerW: number
  /** Best estimate of the temperature now, °C, and its standard deviation. */
  readonly nowC: number
  readonly nowSd: number
  readonly trust: Trust
  readonly doubts: readonly Doubt[]
}

/** ◊ What the filter does not know: s by which hands and eyes are late, °C by which a thermometer is off. Calibrated in the rough kitchen (docs/science.md). */
const MODEL_ERROR = { seconds: 1, celsius: 0.035 }
/** s after its last reading that a probe counts as silent. */
const SILENT = 30
/** Readings before which a forecast goes by what the burner should give. */
const LEARNING = 20

/** Power asked of the burner now, before the base's delay: 0 to 1. */
const dialNow = (context: ForecastContext): number => (context.dials.at(-1)?.dial ?? 0) / DIAL_TOP

/** W at full dial, W it wanders by and the s that takes to be forgotten, W to the room. */
interface Giving {
  readonly watts: number
  readonly drift: number
  readonly memoryS: number
  readonly loss: number
}

/** Seconds to gather `need` joules from now, with the base's own delay; Infinity where losses win. */
function secondsFor(need: number, { watts, drift, loss, memoryS }: Giving, felt: FeltDial, now: number): number {
  if (need <= 0) return 0
  const start = felt.until(now)
  // what a flame wanders by is forgotten on the way
  const lasting = (t: number): number => (memoryS * (1 - Math.exp(-t / memoryS))) / t
  const gain = (t: number): number => (watts + drift * lasting(t)) * (felt.until(now + t) - start) - loss * t
  let high = 30
  while (gain(high) < need) {
    high *= 2
    if (high > 6 * 3600) return Number.POSITIVE_INFINITY
  }
  let low = high > 30 ? high / 2 : 0.01
  for (let i = 0; i < 24; i++) {
    const mid = (low + high) / 2
    if (gain(mid) < need) low = mid
    else high = mid
  }
  return (low + high) / 2
}

/**
 * Joules the base still gives the syrup once it is off the heat, until what it gives no longer makes up for what the
 * pot loses: its flow falls off with the base's time constant from `given` watts to `loss`.
 */
export function carriedHeat(given: number, loss: number, base: { capacity: number; toSyrup: number }): number {
  if (given <= loss) return 0
  const tau = base.capacity / base.toSyrup
  return tau * (loss > 0 ? given - loss - loss * Math.log(given / loss) : given)
}

function trustOf(eta: number, sd: number, measured: boolean, doubts: readonly Doubt[]): Trust {
  if (!Number.isFinite(eta)) return 'none'
  if (!measured || doubts.length > 0) return 'rough'
  const relative = sd / Math.max(60, eta)
  return relative < 0.075 ? 'good' : relative < 0.15 ? 'fair' : 'rough'
}

/** Foresees the next act from where the cook is tracked to be; null before there is a reading or a filling. */
export function forecast(
  readings: readonly Reading[],
  context: ForecastContext,
  track = trackCook(readings, trackFacts(context)),
): Forecast | null {
  const stretch = context.stretches.at(-1)
  const latest = readings.at(-1)
  if (!stretch || !latest || context.dials.length === 0) return null
  const { path } = stretch
  const facts = trackFacts(context)
  const carried = carryTrack(track, facts, context.now)
  const { state } = carried
  const memoryS = memoryAt(carried, context.now)
  const nowC = syrupOf(state, path)
  const off = mean(state, ROW.off)
  const watts = mean(state, ROW.watts)
  const drift = mean(state, ROW.drift)
  const lossPerDegree = mean(state, ROW.loss)

  const dial = dialNow(context)
  const aim = context.target - off
  const loss = lossPerDegree * ((nowC + context.target) / 2 - context.roomC)
  const net = Math.max(0, (watts + drift) * dial - loss)
  // of what the burner gives, the base keeps what it takes to climb along
  const kept = (context.base.capacity * net) / joulesPerDegree(path, aim)
  const stored = context.pulls ? carriedHeat((watts + drift) * dial - kept, loss, context.base) : 0
  const pullAt = temperatureAt(path, joulesAt(path, aim) - stored) + off
  const need = joulesAt(path, pullAt - off) - mean(state, ROW.joules)
  const underLid = stretch.lid && pullAt > path.boilC + 0.5
  const eta =
    underLid || dial === 0
      ? Number.POSITIVE_INFINITY
      : secondsFor(need, { watts, drift, loss, memoryS }, facts.felt, context.now)
  const sd = Number.isFinite(eta)
    ? etaSd(state, eta, memoryS, facts, context, nowC, pullAt, offBy(track.hindsight))
    : Number.POSITIVE_INFINITY
  const doubts: Doubt[] = doubtsOf(track, context.now)
  if (context.now - latest.at > SILENT) doubts.push('silent')
  if (underLid) doubts.push('lid')
  else if (!Number.isFinite(eta) && dial > 0) doubts.push(isUnheated(carried, facts) ? 'unheated' : 'never')
  return {
    eta,
    low: Number.isFinite(eta) ? Math.max(0, eta - EIGHTY * sd) : eta,
    high: eta + EIGHTY * sd,
    pullAt,
    pullReads: pullAt - (Math.exp(mean(state, ROW.lag)) * net) / joulesPerDegree(path, pullAt - off),
    powerW: (watts + drift) * facts.felt.level(context.now),
    nowC,
    nowSd: Math.sqrt(varianceOf(state, [1 / joulesPerDegree(path, nowC - off), 0, 0, 0, 1])),
    trust: trustOf(eta, sd, track.count > LEARNING, doubts),
    doubts,
  }
}

/** Standard deviation of the time to the act: what the state leaves in doubt, the flame's wandering ahead, and the model's own. */
function etaSd(
  state: HeatState,
  eta: number,
  memoryS: number,
  { felt, roomC }: TrackFacts,
  { now, stretches, target }: ForecastContext,
  nowC: number,
  pullAt: number,
  offBySds: number,
): number {
  const { path } = stretches.at(-1) as Stretch
  const heat = felt.until(now + eta) - felt.until(now)
  const level = felt.level(now + eta)
  const net = Math.max(1, mean(state, ROW.watts) * level - mean(state, ROW.loss) * (target - roomC))
  const { share } = WANDERS
  const remembered = (memoryS * (1 - Math.exp(-eta / memoryS))) / Math.max(1, eta)
  const perDegree = joulesPerDegree(path, pullAt - mean(state, ROW.off))
  const left = varianceOf(state, [1, heat, heat * remembered, -((nowC + target) / 2 - roomC) * eta, perDegree])
  // what a flame that forgets in `memoryS` will have wandered by, on average over the time ahead
  const ahead =
    (share * mean(state, ROW.watts) * heat) ** 2 * (1 - remembered) * Math.min(1, (2 * memoryS) / (eta + memoryS))
  const steepness = Math.sqrt(astray(path, nowC, pullAt) / 3)
  // hindsight says nothing good of thermometer and hands
  const worse = Math.max(1, offBySds)
  return Math.hypot(
    (offBySds * Math.sqrt(left + ahead)) / net,
    offBySds * steepness * eta,
    (worse * MODEL_ERROR.celsius * perDegree) / net,
    worse * MODEL_ERROR.seconds,
  )
}

/** The temperatures ahead of a forecast as points for a chart: from now to the act, evenly spaced in time. */
export function projection(path: HeatPath, f: Forecast, now: number, points = 24): { at: number; celsius: number }[] {
  if (!Number.isFinite(f.eta) || f.eta <= 0) return []
  const from = joulesAt(path, f.nowC)
  const to = joulesAt(path, f.pullAt)
  return Array.from({ length: points + 1 }, (_, i) => ({
    at: now + (f.eta * i) / points,
    celsius: temperatureAt(path, from + ((to - from) * i) / points),
  }))
}
