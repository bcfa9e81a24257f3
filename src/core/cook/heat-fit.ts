/**
 * The straight line of a steady boil: joules gathered against seconds of felt heat. Fitted robustly with a prior on
 * its slope; later readings count more, and a reading counts by how much its scatter means in joules.
 */
import type { FeltDial } from './felt-dial'
import { type HeatPath, joulesAt, joulesPerDegree } from './heat-path'
import type { Bin } from './readings'

export interface Power {
  /** Watts at full dial, and its standard deviation. */
  readonly watts: number
  readonly sd: number
}

export interface HeatFit extends Power {
  /** Joules in pot and steam at `at`, with losses made good, and their standard deviation. */
  readonly joules: number
  readonly joulesSd: number
  readonly at: number
}

export interface FitFacts {
  readonly path: HeatPath
  readonly felt: FeltDial
  readonly lossWattsPerDegree: number
  readonly roomC: number
  readonly noiseC: number
  /** Read by a person, seldom and with care. */
  readonly byHand?: boolean
}

/** ◊ A reading this many s older counts half. */
const HALF_LIFE = 240
/** ◊ What averaging does not take away, °C: composition and probe are not perfect. */
const FLOOR_C = 0.04
const HUBER = 1.5
const PASSES = 3

/** A probe's scatter is averaged away by numbers; what a person read or saw was taken with care. */
const LEAST = { probe: 4, byHand: 1 }

/** The fit through `bins` (at least four, or a few taken by hand; oldest first), or null. */
export function fitHeat(bins: readonly Bin[], facts: FitFacts, prior: Power, halfLife = HALF_LIFE): HeatFit | null {
  const n = bins.length
  const last = bins[n - 1]
  if (!last || n < (facts.byHand ? LEAST.byHand : LEAST.probe)) return null
  const { path, felt, lossWattsPerDegree, roomC, noiseC } = facts
  const origin = felt.until(last.at)
  const x = new Float64Array(n)
  const y = new Float64Array(n)
  const precision = new Float64Array(n)
  let lost = 0
  let before = bins[0] as Bin
  for (let i = 0; i < n; i++) {
    const b = bins[i] as Bin
    lost += lossWattsPerDegree * ((b.celsius + before.celsius) / 2 - roomC) * (b.at - before.at)
    before = b
    x[i] = felt.until(b.at) - origin
    y[i] = joulesAt(path, b.celsius) + lost
    const variance = (noiseC * noiseC) / b.n + FLOOR_C * FLOOR_C
    const slope = joulesPerDegree(path, b.celsius)
    precision[i] = 2 ** ((b.at - last.at) / halfLife) / (variance * slope * slope)
  }
  const weight = precision.slice()
  const pw = 1 / (prior.sd * prior.sd)
  let watts = prior.watts
  let level = 0
  let varW = prior.sd ** 2
  let varL = 0
  for (let pass = 0; pass < PASSES; pass++) {
    let s = 0
    let sx = 0
    let sy = 0
    let sxx = pw
    let sxy = pw * prior.watts
    for (let i = 0; i < n; i++) {
      const w = weight[i] as number
      const wx = w * (x[i] as number)
      s += w
      sx += wx
      sy += w * (y[i] as number)
      sxx += wx * (x[i] as number)
      sxy += wx * (y[i] as number)
    }
    const det = s * sxx - sx * sx
    watts = (s * sxy - sx * sy) / det
    level = (sy - watts * sx) / s
    varW = s / det
    varL = sxx / det
    for (let i = 0; i < n; i++) {
      const p = precision[i] as number
      const off = Math.abs((y[i] as number) - level - watts * (x[i] as number)) * Math.sqrt(p)
      weight[i] = off > HUBER ? (p * HUBER) / off : p
    }
  }
  return { watts, sd: Math.sqrt(varW), joules: level - lost, joulesSd: Math.sqrt(varL), at: last.at }
}

/** The same fit carried on to `now`. */
export function carryFit(fit: HeatFit, facts: FitFacts, celsius: number, now: number): HeatFit {
  const ahead = facts.felt.until(now) - facts.felt.until(fit.at)
  const lost = facts.lossWattsPerDegree * (celsius - facts.roomC) * (now - fit.at)
  return {
    ...fit,
    at: now,
    joules: fit.joules + fit.watts * ahead - lost,
    joulesSd: Math.hypot(fit.joulesSd, ahead * fit.sd),
  }
}
