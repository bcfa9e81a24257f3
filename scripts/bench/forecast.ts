/** The forecast tried on simulated cooks it was not tuned on, beside a straight line and a quadratic in temperature. */
import { forecast, type Reading, trackCook, trackFacts } from '@/core'
import { type TrialCook, trialCook } from '@/demo/trial-cooks'
import { median, microseconds, percentile, type Row } from './table'

const COOKS = 240
const FIRST_SEED = 9_000_000
/** A cook has to have boiled this long before anything is asked of it, s. */
const SETTLED = 90

/** Least-squares polynomial of temperature over the last `window` s, read off at `target`; Infinity where it never gets there. */
export function polynomialEta(
  readings: readonly Reading[],
  now: number,
  target: number,
  window: number,
  degree: 1 | 2,
): number {
  const near = readings
    .filter((r) => r.at <= now && r.at > now - window)
    .map((r) => [(r.at - now) / 60, r.celsius] as const)
  const size = degree + 1
  const m = Array.from({ length: size }, () => new Array<number>(size + 1).fill(0))
  for (const [t, c] of near)
    for (let i = 0; i < size; i++) {
      for (let j = 0; j < size; j++) (m[i] as number[])[j] = ((m[i] as number[])[j] as number) + t ** (i + j)
      ;(m[i] as number[])[size] = ((m[i] as number[])[size] as number) + c * t ** i
    }
  for (let i = 0; i < size; i++)
    for (let k = 0; k < size; k++) {
      if (k === i) continue
      const f = ((m[k] as number[])[i] as number) / ((m[i] as number[])[i] as number)
      for (let j = i; j <= size; j++)
        (m[k] as number[])[j] = ((m[k] as number[])[j] as number) - f * ((m[i] as number[])[j] as number)
    }
  const [a = 0, b = 0, c = 0] = m.map((row, i) => (row[size] as number) / (row[i] as number))
  if (degree === 1) return b > 0 ? (60 * (target - a)) / b : Number.POSITIVE_INFINITY
  const disc = b * b - 4 * c * (a - target)
  if (disc < 0) return Number.POSITIVE_INFINITY
  const t = Math.abs(c) < 1e-9 ? (target - a) / b : (-b + Math.sqrt(disc)) / (2 * c)
  return t > 0 ? 60 * t : Number.POSITIVE_INFINITY
}

interface Score {
  readonly ahead: number
  readonly line: number
  readonly straight: number
  readonly quadratic: number
  readonly inside: boolean
}

function scoreCook(cook: TrialCook, leads: readonly number[], from: number): Score[] {
  return leads.flatMap((ahead) => {
    const now = Math.round(cook.hit - ahead)
    if (now < from) return []
    const seen = cook.readings.filter((r) => r.at <= now)
    const context = cook.contextAt(now)
    const f = forecast(seen, context)
    if (!f) return []
    const truth = cook.hit - now
    const off = (eta: number): number => Math.abs(eta - truth)
    return [
      {
        ahead: truth,
        line: off(f.eta),
        straight: off(polynomialEta(seen, now, context.target, 120, 1)),
        quadratic: off(polynomialEta(seen, now, context.target, 240, 2)),
        inside: truth >= f.low && truth <= f.high,
      },
    ]
  })
}

const seeds = (n: number, first: number): number[] => Array.from({ length: n }, (_, i) => first + i)
const steps = (low: number, high: number, by: number): number[] =>
  Array.from({ length: Math.floor((high - low) / by) + 1 }, (_, i) => low + i * by)

export function benchForecast(first = FIRST_SEED): Row[] {
  const steady = seeds(COOKS, first).map((s) => trialCook(s))
  const far = steady.flatMap((c) => scoreCook(c, steps(60, 600, 45), c.boiledAt + SETTLED))
  const near = steady.flatMap((c) => scoreCook(c, steps(10, 120, 10), c.boiledAt + SETTLED))
  const turned = seeds(COOKS, first + 100_000).map((s) => trialCook(s, { turn: true }))
  const after = turned.flatMap((c) =>
    c.turnedAt === null ? [] : scoreCook(c, [c.hit - c.turnedAt - 60], c.turnedAt + 59).filter((s) => s.ahead > 30),
  )
  const share = (scores: readonly Score[], of: 'line' | 'straight' | 'quadratic'): number =>
    median(scores.map((s) => s[of] / s.ahead))
  const percent = (n: number): string => (Number.isFinite(n) ? `${(100 * n).toFixed(1)} %` : 'never')
  const all = [...far, ...near]
  const sample = steady[0] as TrialCook
  const context = sample.contextAt(sample.hit)
  const facts = trackFacts(context)
  const before = trackCook(sample.readings.slice(0, -1), facts)
  return [
    {
      what: `median error, 10 to 1 min ahead (${far.length} forecasts of ${COOKS} cooks)`,
      measured: `${percent(share(far, 'line'))} (straight line ${percent(share(far, 'straight'))}, quadratic ${percent(share(far, 'quadratic'))})`,
      wanted: 'at most 6 %',
    },
    {
      what: 'median error in the last 2 min',
      measured: `${median(near.map((s) => s.line)).toFixed(1)} s (straight line ${median(near.map((s) => s.straight)).toFixed(1)} s, quadratic ${median(near.map((s) => s.quadratic)).toFixed(1)} s)`,
      wanted: 'at most 12 s',
    },
    {
      what: `median error 60 s after the heat is turned (${after.length} cooks)`,
      measured: `${percent(share(after, 'line'))} (straight line ${percent(share(after, 'straight'))}, quadratic ${percent(share(after, 'quadratic'))})`,
      wanted: 'at most 6 %',
    },
    {
      what: 'truth inside the stated 80 % range',
      measured: percent(all.filter((s) => s.inside).length / all.length),
      wanted: '75 to 90 %',
    },
    {
      what: 'error of the worst tenth, 10 to 1 min ahead',
      measured: percent(
        percentile(
          far.map((s) => s.line / s.ahead),
          0.9,
        ),
      ),
      wanted: '',
    },
    {
      what: 'a forecast after one more reading',
      measured: `${microseconds(() => forecast(sample.readings, context, trackCook(sample.readings, facts, before)), 200).toFixed(0)} µs`,
      wanted: 'under 200 µs',
    },
    {
      what: `a cook of ${sample.readings.length} readings followed from the start, as when a page opens`,
      measured: `${(microseconds(() => trackCook(sample.readings, facts), 10) / 1000).toFixed(1)} ms`,
      wanted: '',
    },
  ]
}
