/**
 * When it will get there. Each reading is turned into joules along the syrup's own road (water boiled off and
 * warmth together), where steady heat is a straight line; the line is fitted robustly, later readings counting more, and
 * the target is read off it with its uncertainty. The slope is the power this burner really gives this pot.
 */
import { DIAL_TOP } from '../pot/equipment'
import { type HeatPath, joulesAt, joulesPerDegree, temperatureAt } from './heat-path'

export interface Reading {
  /** s on the cook's clock */
  readonly at: number
  readonly celsius: number
}

/** A stretch of the cook over which nothing goes in and the lid stays as it is. */
export interface Stretch {
  readonly from: number
  readonly path: HeatPath
  readonly lid: boolean
}

export interface ForecastContext {
  readonly now: number
  /** Contents of the pot, oldest first. */
  readonly stretches: readonly Stretch[]
  /** Dial settings, oldest first; 0 once the pot is off the heat. */
  readonly dials: readonly { readonly at: number; readonly dial: number }[]
  /** The true temperature wanted, °C. */
  readonly target: number
  /** Whether the pot comes off there, so that what its base still holds counts. */
  readonly pulls: boolean
  /** Full-dial power expected before anything is measured, W, and how far off that may be. */
  readonly fullPower: { readonly watts: number; readonly sd: number }
  readonly base: { readonly capacity: number; readonly toSyrup: number }
  readonly lossWattsPerDegree: number
  readonly roomC: number
  /** Probe: time constant, s, and scatter, °C. */
  readonly lagS: number
  readonly noiseC: number
}

export type Trust = 'none' | 'rough' | 'fair' | 'good'

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
  /** Best estimate of the temperature now, °C. */
  readonly nowC: number
  readonly trust: Trust
}

/** ◊ What the line does not know grows with the time ahead. */
const MODEL_ERROR = { share: 0.03, seconds: 1.5 }
/** ◊ Burner power drifts: a reading this much older counts half, and a new filling loosens the slope by this share. */
const HALF_LIFE = 240
const LOOSENING = 0.05
const EIGHTY = 1.2816
const MOST_READINGS = 480
/** s after its last usable reading that a line no longer says where the syrup is. */
const STALE = 30

interface Line {
  watts: number
  sd: number
  /** Joules at `now`, and their sd. */
  joules: number
  joulesSd: number
  lastAt: number
}

/** The dial as the syrup feels it, through the heat stored in the base: seconds at full dial since the start. */
function feltDial(context: ForecastContext): { until: (at: number) => number; level: (at: number) => number } {
  const tau = context.base.capacity / context.base.toSyrup
  const rows: { at: number; level: number; sum: number; dial: number }[] = []
  let level = 0
  let sum = 0
  let last = context.dials[0]?.at ?? 0
  let dial = 0
  for (const d of context.dials) {
    const dt = d.at - last
    const decay = Math.exp(-dt / tau)
    sum += dial * dt + (level - dial) * tau * (1 - decay)
    level = dial + (level - dial) * decay
    dial = d.dial / DIAL_TOP
    last = d.at
    rows.push({ at: d.at, level, sum, dial })
  }
  const rowAt = (at: number) => {
    let i = rows.length - 1
    while (i > 0 && (rows[i] as { at: number }).at > at) i--
    return rows[i]
  }
  return {
    until: (at) => {
      const r = rowAt(at)
      if (!r || at <= r.at) return r?.sum ?? 0
      const dt = at - r.at
      return r.sum + r.dial * dt + (r.level - r.dial) * tau * (1 - Math.exp(-dt / tau))
    },
    level: (at) => {
      const r = rowAt(at)
      if (!r || at < r.at) return 0
      return r.dial + (r.level - r.dial) * Math.exp(-(at - r.at) / tau)
    },
  }
}

/** Every `n`th reading so that no more than `most` are left, always with the last. */
function thin(readings: readonly Reading[], most: number): readonly Reading[] {
  if (readings.length <= most) return readings
  const n = Math.ceil(readings.length / most)
  return readings.filter((_, i) => (readings.length - 1 - i) % n === 0)
}

/** Readings that say something about the pot as it is in this stretch, with the probe's delay taken off. */
function usable(readings: readonly Reading[], stretch: Stretch, until: number, lagS: number): Reading[] {
  // a probe needs about three time constants after cold things go in
  const from = stretch.from + 3 * lagS
  const out: Reading[] = []
  for (let i = readings.length - 1; i >= 0; i--) {
    const r = readings[i] as Reading
    if (r.at < from) break
    if (r.at >= until) continue
    if (stretch.lid && r.celsius > stretch.path.boilC - 1) continue
    out.push({ at: r.at - lagS, celsius: r.celsius })
  }
  return out.reverse()
}

/** Weighted straight line of joules against felt seconds, with a prior on the slope; robust by Huber weights. */
function fitLine(
  readings: readonly Reading[],
  stretch: Stretch,
  context: ForecastContext,
  felt: ReturnType<typeof feltDial>,
  prior: { watts: number; sd: number },
): Line | null {
  const last = readings.at(-1)
  if (!last || readings.length < 4) return null
  const { path } = stretch
  const origin = felt.until(last.at)
  const n = readings.length
  const x = new Float64Array(n)
  const y = new Float64Array(n)
  const precision = new Float64Array(n)
  let lost = 0
  let before = readings[0] as Reading
  readings.forEach((r, i) => {
    lost += context.lossWattsPerDegree * ((r.celsius + before.celsius) / 2 - context.roomC) * (r.at - before.at)
    before = r
    x[i] = felt.until(r.at) - origin
    y[i] = joulesAt(path, r.celsius) + lost
    const sd = joulesPerDegree(path, r.celsius) * Math.max(0.05, context.noiseC)
    precision[i] = 0.5 ** ((last.at - r.at) / HALF_LIFE) / (sd * sd)
  })
  const weight = Float64Array.from(precision)
  const pw = 1 / (prior.sd * prior.sd)
  let watts = prior.watts
  let level = 0
  let varW = prior.sd ** 2
  let varL = 0
  for (let pass = 0; pass < 4; pass++) {
    let s = 0
    let sx = 0
    let sy = 0
    let sxx = 0
    let sxy = 0
    for (let i = 0; i < n; i++) {
      const w = weight[i] as number
      const xi = x[i] as number
      const yi = y[i] as number
      s += w
      sx += w * xi
      sy += w * yi
      sxx += w * xi * xi
      sxy += w * xi * yi
    }
    const det = s * (sxx + pw) - sx * sx
    watts = (s * (sxy + pw * prior.watts) - sx * sy) / det
    level = (sy - watts * sx) / s
    varW = s / det
    varL = (sxx + pw) / det
    for (let i = 0; i < n; i++) {
      const off = Math.abs((y[i] as number) - level - watts * (x[i] as number)) * Math.sqrt(precision[i] as number)
      weight[i] = (precision[i] as number) * (off > 1.5 ? 1.5 / off : 1)
    }
  }
  // carried from the last reading's own moment to now
  const ahead = felt.until(context.now) - origin
  const gap = context.lossWattsPerDegree * (last.celsius - context.roomC) * (context.now - last.at)
  return {
    watts,
    sd: Math.sqrt(varW),
    joules: level + watts * ahead - lost - gap,
    joulesSd: Math.sqrt(varL + ahead * ahead * varW),
    lastAt: last.at,
  }
}

/** Seconds to gather `need` joules from now, with the base's own delay; Infinity where losses win. */
function secondsFor(need: number, watts: number, loss: number, felt: ReturnType<typeof feltDial>, now: number): number {
  if (need <= 0) return 0
  const start = felt.until(now)
  const gain = (t: number): number => watts * (felt.until(now + t) - start) - loss * t
  let high = 30
  while (gain(high) < need) {
    high *= 2
    if (high > 6 * 3600) return Number.POSITIVE_INFINITY
  }
  let low = high / 2 > 15 ? high / 2 : 0
  for (let i = 0; i < 30; i++) {
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

function trustOf(eta: number, sd: number, measured: boolean): Trust {
  if (!Number.isFinite(eta)) return 'none'
  if (!measured) return 'rough'
  const relative = sd / Math.max(60, eta)
  return relative < 0.06 ? 'good' : relative < 0.15 ? 'fair' : 'rough'
}

/** Foresees the next act from the readings so far (oldest first), or null before there is a reading or a filling. */
export function forecast(readings: readonly Reading[], context: ForecastContext): Forecast | null {
  const stretch = context.stretches.at(-1)
  const latest = readings.at(-1)
  if (!stretch || !latest || context.dials.length === 0) return null
  const felt = feltDial(context)
  const { path } = stretch

  let power = context.fullPower
  let line: Line | null = null
  context.stretches.forEach((s, i) => {
    const until = context.stretches[i + 1]?.from ?? Number.POSITIVE_INFINITY
    line = fitLine(thin(usable(readings, s, until, context.lagS), MOST_READINGS), s, context, felt, power)
    if (line) power = { watts: line.watts, sd: Math.hypot(line.sd, LOOSENING * line.watts) }
  })
  const fitted = line as Line | null
  const measured = fitted !== null
  const watts = fitted?.watts ?? power.watts
  const wattsSd = fitted?.sd ?? power.sd
  // under a lid at the boil no reading speaks of heat: the line is old, the thermometer is not
  const fresh = fitted && latest.at - fitted.lastAt < STALE ? fitted : null
  const joules = fresh?.joules ?? joulesAt(path, latest.celsius)
  const joulesSd = fresh?.joulesSd ?? joulesPerDegree(path, latest.celsius) * 2
  const nowC = temperatureAt(path, joules)

  const dial = (context.dials.at(-1)?.dial ?? 0) / DIAL_TOP
  const loss = context.lossWattsPerDegree * ((nowC + context.target) / 2 - context.roomC)
  const net = Math.max(0, watts * dial - loss)
  // of what the burner gives, the base keeps what it takes to climb along
  const kept = (context.base.capacity * net) / joulesPerDegree(path, context.target)
  const stored = context.pulls ? carriedHeat(watts * dial - kept, loss, context.base) : 0
  const pullAt = temperatureAt(path, joulesAt(path, context.target) - stored)
  const need = joulesAt(path, pullAt) - joules
  const underLid = stretch.lid && pullAt > path.boilC + 0.5
  const eta = underLid || dial === 0 ? Number.POSITIVE_INFINITY : secondsFor(need, watts, loss, felt, context.now)
  const climb = net / joulesPerDegree(path, pullAt)
  const sd = Number.isFinite(eta)
    ? Math.hypot(
        joulesSd / Math.max(1, net),
        (eta * wattsSd * dial) / Math.max(1, net),
        MODEL_ERROR.share * eta,
        MODEL_ERROR.seconds,
      )
    : Number.POSITIVE_INFINITY
  return {
    eta,
    low: Number.isFinite(eta) ? Math.max(0, eta - EIGHTY * sd) : eta,
    high: eta + EIGHTY * sd,
    pullAt,
    pullReads: pullAt - context.lagS * climb,
    powerW: watts * felt.level(context.now),
    nowC,
    trust: trustOf(eta, sd, measured),
  }
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
