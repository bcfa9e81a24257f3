/** What is known of a cook as it is followed: where the state of its heat stands, and what was found out on the way. */

import type { ProbeDoubt, Reading } from '../log/readings'
import { type FeltDial, feltDial } from './felt-dial'
import type { ForecastContext } from './forecast'
import type { HeatChange } from './heat-change'
import { type HeatState, LOSSES, mean, newState, ROW, setRow } from './heat-state'
import type { HeatWatch } from './heat-watch'
import { forgets, type Hindsight, noHindsight } from './hindsight'
import { type Scatter, scatterBefore } from './scatter'
import { apart, type Together } from './together'

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
  /** When the probe was first heard, s. */
  readonly heardAt: number | null
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

export interface TrackFacts extends Omit<ForecastContext, 'now' | 'target' | 'pulls'> {
  readonly felt: FeltDial
}

export const trackFacts = (context: ForecastContext): TrackFacts => ({
  ...context,
  felt: feltDial(context.dials, context.base.capacity / context.base.toSyrup, context.ringS),
})

/** ◊ What is taken for granted before anything is read. */
const PRIOR = {
  /** sd of the losses, as a share of those of the bare pot. */
  lossSd: 0.8,
  offSd: 0.7,
  /** A thermometer that is read by eye is off by something of its own. */
  byHandOffSd: 1.1,
}

/** A cook before its first reading. */
export function startOf(facts: TrackFacts): Track {
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
    heardAt: null,
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

/** A track while it is being followed on. */
export type Draft = { -readonly [K in keyof Track]: Track[K] }

/** ◊ Share of what the burner should give below which what is read is not heated by it. */
const UNHEATED = 0.3

/** Whether what the probe reads is not on the way to the boil: the flame is out, or the probe is not in the pot yet. */
export const isUnheated = ({ state, boiledAt }: Track, { fullPower }: Pick<TrackFacts, 'fullPower'>): boolean =>
  boiledAt === null && mean(state, ROW.watts) < UNHEATED * fullPower.watts

/** What went before is compared with nothing that comes after. */
export function beginAnew(t: Draft): void {
  t.watch = []
  t.hindsight = forgets(t.hindsight)
}
