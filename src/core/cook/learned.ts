/** What earlier boils teach the next: what this ring really gives this pot. */
import { burnerPower, DIAL_TOP } from '../pot/equipment'
import { forecastContext } from '../track/cook'
import { mean, ROW, sdOf } from '../track/heat-state'
import { trackCook } from '../track/track'
import { trackFacts } from '../track/track-state'
import type { CookAssessment } from './assess'

/** What a ring gives a pot, as a share of what its plate says, and its standard deviation. */
export interface Gives {
  readonly share: number
  readonly sd: number
  /** Boils it was learned from. */
  readonly boils: number
  /** Times as long as its plate says that cooks take in this pot on it: losses, hands and all; left out where nothing tells. */
  readonly pace?: number
}

/** ◊ A boil with fewer readings, or one that leaves its power in more doubt than this share, teaches nothing. */
const LEAST = { readings: 120, sd: 0.15 }
/** ◊ Before anything is known: a ring gives about what its plate says, give or take a quarter. */
const UNKNOWN = { share: 1, sd: 0.25 }
/** ◊ Boils differ by this share from what the same ring gives on average; more than these many say no more. */
const VARIES = { share: 0.07, least: 0.06, most: 8 }

/** Share of its plate that the ring gave the pot in this boil, up to the pull; null where it cannot be told. */
export function powerIn({ boil, cook, readings, analysis }: CookAssessment): number | null {
  const { pulledAt } = cook.state
  if (pulledAt === null || boil.channel === null) return null
  const seen = readings.filter((r) => r.at <= pulledAt)
  if (seen.length < LEAST.readings) return null
  const { state } = trackCook(seen, trackFacts(forecastContext(cook, analysis.targetC, true, pulledAt)))
  const watts = mean(state, ROW.watts)
  return sdOf(state, ROW.watts) / watts > LEAST.sd ? null : watts / burnerPower(boil.conditions.burner, DIAL_TOP)
}

/** ◊ Before anything is known cooks take as long as the plate says, give or take a third; from cook to cook they differ by this (ln). */
const PACE = { sd: 0.33, varies: 0.12 }

/** What a ring gives, from what it gave in earlier boils, newest first, and how long those took (ln of times as long as reckoned by its plate); null for none. */
export function givesFrom(shares: readonly number[], paces: readonly number[] = []): Gives | null {
  const past = shares.slice(0, VARIES.most)
  if (past.length === 0) return null
  // Bayes between what rings are and what this one did
  const known = past.length / VARIES.share ** 2
  const weight = 1 / UNKNOWN.sd ** 2 + known
  const share = (UNKNOWN.share / UNKNOWN.sd ** 2 + (known * past.reduce((a, b) => a + b, 0)) / past.length) / weight
  return {
    share,
    sd: Math.max(VARIES.least, Math.hypot(VARIES.share, 1 / Math.sqrt(weight))),
    boils: past.length,
    ...paceFrom(paces),
  }
}

function paceFrom(paces: readonly number[]): Pick<Gives, 'pace'> {
  const past = paces.slice(0, VARIES.most)
  if (past.length === 0) return {}
  const known = past.length / PACE.varies ** 2
  const mean = past.reduce((a, b) => a + b, 0) / past.length
  return { pace: Math.exp((known * mean) / (known + 1 / PACE.sd ** 2)) }
}
