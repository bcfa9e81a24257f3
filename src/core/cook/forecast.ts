/**
 * When it will get there. Each reading is turned into joules along the syrup's own road (water boiled off and
 * warmth together), where steady heat is a straight line; the line is fitted robustly, later readings counting more, and
 * the target is read off it with its uncertainty. The slope is the power this burner really gives this pot.
 */
import { DIAL_TOP } from '../pot/equipment'
import { type DialTurn, type FeltDial, feltDial } from './felt-dial'
import { carryFit, type FitFacts, fitHeat, type HeatFit, type Power } from './heat-fit'
import { type HeatPath, joulesAt, joulesPerDegree, temperatureAt } from './heat-path'
import { type Bin, gather, type ProbeDoubt, type Reading } from './readings'

/** A stretch of the cook over which nothing goes in and the lid stays as it is. */
export interface Stretch {
  readonly from: number
  readonly path: HeatPath
  readonly lid: boolean
  /** What went in made it this warm, °C, where that is known. */
  readonly startC?: number
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
  readonly lossWattsPerDegree: number
  readonly roomC: number
  /** Probe: time constant, s, and scatter, °C. */
  readonly lagS: number
  readonly noiseC: number
  /** Read by a person: no jump is set aside as the probe's fault. */
  readonly byHand?: boolean
}

export type Trust = 'none' | 'rough' | 'fair' | 'good'

/** What a forecast is unsure of, beyond its range. */
export type Doubt = ProbeDoubt | 'silent' | 'stall' | 'heat-lower' | 'heat-higher' | 'lid' | 'never'

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

/** ◊ What the fit does not know grows with the time ahead. Calibrated on simulated cooks (docs/science.md). */
const MODEL_ERROR = { share: 0.038, seconds: 1.9 }
/** ◊ A new filling, a turn of the dial or a new suspicion loosens the slope by this share. */
const LOOSENING = 0.06
/** ◊ The newest stretch of time, s, that is looked at alone for a change of heat nobody logged; a change of so many °C is plain. */
const RECENT = { seconds: 60, halfLife: 60, atLeast: 20, sds: 4, share: 0.15, plain: 0.7 }
/** Time constants after which a probe has forgotten what was in the pot before something went in. */
const FORGOTTEN = 5
/** s after its last usable reading that a fit no longer says where the syrup is. */
const STALE = 30
const EIGHTY = 1.2816

/** Scatter that lets every reading through, °C. */
const ANY_JUMP = 100

/** Power asked of the burner now, before the base's delay: 0 to 1. */
const dialNow = (context: ForecastContext): number => (context.dials.at(-1)?.dial ?? 0) / DIAL_TOP

interface Fitted {
  readonly fit: HeatFit | null
  readonly power: Power
  readonly doubts: readonly Doubt[]
}

/** Fits stretch after stretch, each starting from what the one before found out about the burner. */
function fitStretches(readings: readonly Reading[], context: ForecastContext, felt: FeltDial): Fitted {
  let power = context.fullPower
  let fit: HeatFit | null = null
  let doubts: Doubt[] = []
  context.stretches.forEach((stretch, i) => {
    const until = context.stretches[i + 1]?.from ?? Number.POSITIVE_INFINITY
    // a probe needs about three time constants after cold things go in
    const from = stretch.from + 3 * context.lagS
    const { bins, doubt } = gather(readings, from, until, context.lagS, context.byHand ? ANY_JUMP : context.noiseC)
    const usable = stretch.lid ? bins.filter((b) => b.celsius < stretch.path.boilC - 1) : bins
    const facts: FitFacts = { ...context, path: stretch.path, felt }
    fit = fitHeat(usable, facts, power)
    doubts = doubt ? [doubt] : []
    if (fit) {
      const changed = i === context.stretches.length - 1 ? unloggedChange(usable, facts, fit, context) : null
      if (changed) {
        fit = changed.fit
        doubts.push(changed.doubt)
      }
      power = loosen(fit)
    }
  })
  return { fit, power, doubts }
}

const loosen = ({ watts, sd }: Power): Power => ({ watts, sd: Math.hypot(sd, LOOSENING * watts) })

/** The last minute by itself: does it speak of another heat than the fit does? Only in a stretch of steady dial. */
function unloggedChange(
  bins: readonly Bin[],
  facts: FitFacts,
  fit: HeatFit,
  context: ForecastContext,
): { fit: HeatFit; doubt: Doubt } | null {
  const last = bins.at(-1)
  const turned = context.dials.at(-1)
  if (!last || !turned || turned.dial === 0) return null
  const since = Math.max(last.at - RECENT.seconds, turned.at + (3 * context.base.capacity) / context.base.toSyrup)
  const recent = bins.filter((b) => b.at >= since)
  if (recent.length < RECENT.atLeast) return null
  const alone = fitHeat(recent, facts, { watts: fit.watts, sd: fit.watts }, RECENT.halfLife)
  if (!alone || !tells(recent, facts, fit)) return null
  const gap = alone.watts - fit.watts
  if (Math.abs(gap) < Math.max(RECENT.sds * Math.hypot(alone.sd, fit.sd), RECENT.share * fit.watts)) return null
  return { fit: alone, doubt: alone.watts < 0.25 * fit.watts ? 'stall' : gap < 0 ? 'heat-lower' : 'heat-higher' }
}

/**
 * Whether these readings can speak of the heat at all: where a syrup sits still while it boils or melts, its temperature
 * says nothing of the joules that go in, unless it falls.
 */
function tells(recent: readonly Bin[], { path, felt }: FitFacts, fit: HeatFit): boolean {
  const [first, last] = [recent[0] as Bin, recent.at(-1) as Bin]
  const given = fit.watts * (felt.until(last.at) - felt.until(first.at))
  const here = joulesAt(path, last.celsius)
  const above = joulesAt(path, last.celsius + RECENT.plain) - here
  const below = here - joulesAt(path, last.celsius - RECENT.plain)
  return given > Math.max(above, below) || last.celsius - first.celsius < -RECENT.plain
}

/** Seconds to gather `need` joules from now, with the base's own delay; Infinity where losses win. */
function secondsFor(need: number, watts: number, loss: number, felt: FeltDial, now: number): number {
  if (need <= 0) return 0
  const start = felt.until(now)
  const gain = (t: number): number => watts * (felt.until(now + t) - start) - loss * t
  let high = 30
  while (gain(high) < need) {
    high *= 2
    if (high > 6 * 3600) return Number.POSITIVE_INFINITY
  }
  let low = high > 30 ? high / 2 : 0
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
  return relative < 0.06 ? 'good' : relative < 0.15 ? 'fair' : 'rough'
}

/** Where the syrup is now: the fit while it is fresh, else the thermometer itself. */
function whereNow(
  fitted: Fitted,
  facts: FitFacts,
  latest: Reading,
  { now, lagS, byHand }: ForecastContext,
  stretch: Stretch,
): { joules: number; sd: number } {
  const { fit } = fitted
  const doubtful = fitted.doubts.some((d) => d === 'probe-out' || d === 'probe-on-metal')
  if (fit && (doubtful || latest.at - fit.at < STALE)) {
    const carried = carryFit(fit, facts, temperatureAt(facts.path, fit.joules), now)
    return { joules: carried.joules, sd: carried.joulesSd }
  }
  if (!byHand && latest.at < stretch.from + FORGOTTEN * lagS)
    return sinceMixed(fitted.power, facts, latest, now, stretch)
  // under a lid at the boil no reading speaks of heat: the fit is old, the thermometer is not
  return { joules: joulesAt(facts.path, latest.celsius), sd: joulesPerDegree(facts.path, latest.celsius) * 2 }
}

/**
 * Right after an addition the probe still tells of the hotter syrup before it: the pot is as warm as mixing made it, no
 * hotter than it boils, and what the burner has given since.
 */
function sinceMixed(
  power: Power,
  facts: FitFacts,
  latest: Reading,
  now: number,
  { from, lid, startC = Number.POSITIVE_INFINITY }: Stretch,
): { joules: number; sd: number } {
  const { path } = facts
  const boilC = Number.isFinite(path.boilC) ? path.boilC : Number.POSITIVE_INFINITY
  const mixed = Math.min(startC, boilC)
  const start = latest.celsius < mixed ? latest : { at: from, celsius: mixed }
  const joules = joulesAt(path, start.celsius)
  const known = { ...power, at: start.at, joules, joulesSd: joulesPerDegree(path, start.celsius) * 2 }
  const carried = carryFit(known, facts, start.celsius, now)
  // a lid gives its steam back
  const most = lid ? joulesAt(path, boilC) : Number.POSITIVE_INFINITY
  return { joules: Math.min(most, carried.joules), sd: carried.joulesSd }
}

/** Foresees the next act from the readings so far (oldest first), or null before there is a reading or a filling. */
export function forecast(readings: readonly Reading[], context: ForecastContext): Forecast | null {
  const stretch = context.stretches.at(-1)
  const latest = readings.at(-1)
  if (!stretch || !latest || context.dials.length === 0) return null
  const { path } = stretch
  const felt = feltDial(context.dials, context.base.capacity / context.base.toSyrup)
  const fitted = fitStretches(readings, context, felt)
  const { watts, sd: wattsSd } = fitted.fit ?? fitted.power
  const here = whereNow(fitted, { ...context, path, felt }, latest, context, stretch)
  const nowC = temperatureAt(path, here.joules)

  const dial = dialNow(context)
  const loss = context.lossWattsPerDegree * ((nowC + context.target) / 2 - context.roomC)
  const net = Math.max(0, watts * dial - loss)
  // of what the burner gives, the base keeps what it takes to climb along
  const kept = (context.base.capacity * net) / joulesPerDegree(path, context.target)
  const stored = context.pulls ? carriedHeat(watts * dial - kept, loss, context.base) : 0
  const pullAt = temperatureAt(path, joulesAt(path, context.target) - stored)
  const need = joulesAt(path, pullAt) - here.joules
  const underLid = stretch.lid && pullAt > path.boilC + 0.5
  const eta = underLid || dial === 0 ? Number.POSITIVE_INFINITY : secondsFor(need, watts, loss, felt, context.now)
  const sd = Number.isFinite(eta)
    ? Math.hypot(
        here.sd / Math.max(1, net),
        (eta * wattsSd * dial) / Math.max(1, net),
        MODEL_ERROR.share * eta,
        MODEL_ERROR.seconds,
      )
    : Number.POSITIVE_INFINITY
  const doubts: Doubt[] = [...fitted.doubts]
  if (context.now - latest.at > STALE) doubts.push('silent')
  if (underLid) doubts.push('lid')
  else if (!Number.isFinite(eta) && dial > 0) doubts.push('never')
  return {
    eta,
    low: Number.isFinite(eta) ? Math.max(0, eta - EIGHTY * sd) : eta,
    high: eta + EIGHTY * sd,
    pullAt,
    pullReads: pullAt - (context.lagS * net) / joulesPerDegree(path, pullAt),
    powerW: watts * felt.level(context.now),
    nowC,
    nowSd: here.sd / joulesPerDegree(path, nowC),
    trust: trustOf(eta, sd, fitted.fit !== null, doubts),
    doubts,
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
