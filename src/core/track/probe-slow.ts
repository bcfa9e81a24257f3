/** How slow a probe is, as logs show it: it was out of the pot, and came back into a syrup whose temperature is known. */
import { lagFromStep } from '../craft/thermometer'
import type { Reading } from '../log/readings'
import { medianOf } from '../quantity/statistics'

/** A probe's time constant, s, and the standard deviation of its logarithm. */
export interface ProbeLag {
  readonly seconds: number
  readonly sd: number
}

/** ◊ °C a probe has to have been away from the syrup; s it is looked at before and after it came back, until it stands still. */
const OUT = { least: 12, before: 120, rises: 60, stands: 30 }
/** ◊ °C a probe in hot syrup has risen by at its next reading, at least. */
const RISES = 1
/** ◊ °C the syrup itself may have moved while the probe was away, and while it caught up. */
const STEADY = { away: 6, caughtUp: 3 }
/** ◊ s before and after which something that goes in lets the syrup itself fall and rise again. */
const FED = { before: 240, after: 90 }
/** ◊ s: a probe quicker or slower is none of a kitchen's. */
const CAN_BE = { least: 0.5, most: 30 }

/** Readings from `i` on, or back from it, as long as they are within `seconds` of it. */
function around(readings: readonly Reading[], i: number, seconds: number): Reading[] {
  const [step, at] = [Math.sign(seconds), readings[i]?.at ?? 0]
  const found: Reading[] = []
  for (let k = i; Math.abs((readings[k]?.at ?? Number.POSITIVE_INFINITY) - at) <= Math.abs(seconds); k += step)
    found.push(readings[k] as Reading)
  return found
}

/** Time constant, s, where the probe came back at reading `i`; null where it did not, or not plainly. */
function lagAt(readings: readonly Reading[], i: number): number | null {
  const [low, next] = [readings[i], readings[i + 1]]
  if (!low || !next || next.celsius < low.celsius + RISES) return null
  const was = around(readings, i, -OUT.before)
  const stood = Math.max(...was.map((r) => r.celsius))
  if (stood < low.celsius + OUT.least) return null
  const then = around(readings, i, OUT.rises + OUT.stands)
  const after = (s: number): number[] => then.filter((r) => r.at >= low.at + s).map((r) => r.celsius)
  // the last reading before it rises, not one of those in the air
  if (then.slice(1).some((r) => r.celsius < low.celsius + RISES)) return null
  const late = after(OUT.rises + OUT.stands / 2)
  const early = after(OUT.rises).slice(0, -late.length || undefined)
  if (early.length === 0 || late.length === 0) return null
  const end = medianOf(early)
  if (end < low.celsius + OUT.least || Math.abs(stood - end) > STEADY.away) return null
  if (Math.abs(medianOf(late) - end) > STEADY.caughtUp) return null
  const lag = lagFromStep(
    then.filter((r) => r.at <= low.at + OUT.rises),
    end,
  )
  return lag !== null && lag >= CAN_BE.least && lag <= CAN_BE.most ? lag : null
}

/**
 * Time constant of a probe, s, in the middle of the times it came back into the pot; null where it never did. `fed`: when something
 * went in, s.
 */
export function lagIn(readings: readonly Reading[], fed: readonly number[] = []): number | null {
  const lags: number[] = []
  let next = 0
  for (const [i, r] of readings.entries()) {
    if (r.at < next || fed.some((at) => at > r.at - FED.before && at < r.at + FED.after)) continue
    const lag = lagAt(readings, i)
    if (lag === null) continue
    lags.push(lag)
    next = r.at + OUT.rises
  }
  return lags.length > 0 ? medianOf(lags) : null
}

/** ◊ Probes are slower than their makers say, by so much (ln), give or take; one seen to catch up is known so well. */
const TOLD = { times: 1.25, sd: 0.4 }
const SEEN_SD = 0.35
/** ◊ Nothing is known better: how deep it stands and how thick the syrup is change from cook to cook. */
const LEAST_SD = 0.12

/** ◊ How many times slower or quicker than its maker says a probe can be: what a log shows beyond is something else. */
const FURTHEST = 3

/** What is known of a probe whose maker says `toldS`, from the time constants its logs have shown, s. */
export function probeLag(toldS: number, seen: readonly number[] = []): ProbeLag {
  const told = Math.log(Math.max(0.05, toldS * TOLD.times))
  const weights = { told: 1 / TOLD.sd ** 2, seen: seen.length / SEEN_SD ** 2 }
  const all = weights.told + weights.seen
  const off = Math.log(FURTHEST)
  const mean =
    seen.reduce((sum, s) => sum + Math.min(told + off, Math.max(told - off, Math.log(s))), 0) / Math.max(1, seen.length)
  return {
    seconds: Math.exp((weights.told * told + weights.seen * mean) / all),
    sd: Math.max(LEAST_SD, 1 / Math.sqrt(all)),
  }
}
