/**
 * Everything that speaks of doneness, put together. A drop in cold water, a streak, the bubbles and the thermometer are
 * evidence about the same hidden thing, how much water is left; what the thermometer is off by is the unknown that
 * explains a disagreement. Colour is a second hidden thing, the browning. Bayes on a grid.
 */
import { type Sign, signs } from '../craft/signs'
import type { StageId } from '../craft/stages'
import { stagesOf } from '../craft/stages'
import type { Mix } from '../matter/mix'
import { waterLeftAt } from '../physics/boiling'
import { colourTemperature } from '../physics/browning'

export type Evidence = {
  readonly at: number /** The thermometer then, °C; null without one. */
  readonly reads: number | null
} & (
  | { readonly kind: 'drop'; readonly stage: StageId }
  | { readonly kind: 'sign'; readonly sign: Sign }
  /** `sd`: how sharply it is judged. */
  | { readonly kind: 'colour'; readonly celsius: number; readonly sd: number }
)

export interface EvidenceContext {
  /** What is dissolved in the pot; its water is ignored. */
  readonly dryMix: Mix
  readonly pressurePa: number
  /** The thermometer now, and how well it is known: the sd of its correction, °C. */
  readonly reads: number | null
  readonly thermometerSd: number
  /** Browning computed from the curve, minutes at 170 °C. */
  readonly dose: number
}

export interface Estimate {
  /** True temperature now and its sd, °C; null with nothing to go on. */
  readonly celsius: { readonly mean: number; readonly sd: number } | null
  /** Water left, g, and its sd. */
  readonly water: { readonly mean: number; readonly sd: number } | null
  /** What the thermometer shows too much, °C; null without a test beside a reading. */
  readonly off: { readonly mean: number; readonly sd: number } | null
  /** The tests and the thermometer disagree beyond chance. */
  readonly disagrees: boolean
  /** Colour-equivalent temperature, °C, and its sd. */
  readonly colour: { readonly mean: number; readonly sd: number }
}

/** ◊ A drop is judged this sharply, °C. */
export const DROP_SD = 2.5
/** ◊ Some thermometers are simply wrong: their share, and how wrong, °C. */
const WRONG = { share: 0.15, sd: 6 }
/** ◊ The curve's own idea of the colour, and a maker's eye against a swatch, °C. */
export const COLOUR_SD = { curve: 8, eye: 4 }
/** A test older than this, s, no longer says where the syrup is, though still what the thermometer is off by. */
const FRESH = 60
const GRID = { from: -20, to: 20, step: 0.25 }

const density = (x: number, sd: number): number => Math.exp((-x * x) / (2 * sd * sd)) / sd

/** Standard normal distribution function (Abramowitz & Stegun 26.2.17, error under 1e-7). */
function normalBelow(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x))
  const tail =
    0.3989422804 *
    Math.exp((-x * x) / 2) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return x > 0 ? 1 - tail : tail
}

interface Window {
  readonly low: number
  readonly high: number
  readonly sd: number
}

/** The stretch of temperature a test speaks for, in this syrup and this air. */
function windowOf(
  e: Evidence,
  starts: ReadonlyMap<StageId, number>,
  next: ReadonlyMap<StageId, number>,
): Window | null {
  if (e.kind === 'drop') {
    const low = e.stage === 'syrup' ? Number.NEGATIVE_INFINITY : (starts.get(e.stage) ?? Number.NEGATIVE_INFINITY)
    return { low, high: next.get(e.stage) ?? Number.POSITIVE_INFINITY, sd: DROP_SD }
  }
  if (e.kind !== 'sign') return null
  const row = signs[e.sign]
  return {
    low: starts.get(row.from) ?? Number.NEGATIVE_INFINITY,
    high: row.to === null ? Number.POSITIVE_INFINITY : (starts.get(row.to) ?? Number.POSITIVE_INFINITY),
    sd: row.sd,
  }
}

/** How well a true temperature explains a test. A small floor: anyone can misjudge one. */
const likelihood = (w: Window, celsius: number): number =>
  0.004 + normalBelow((celsius - w.low) / w.sd) - normalBelow((celsius - w.high) / w.sd)

function moments(values: readonly number[], weights: readonly number[]): { mean: number; sd: number } {
  const total = weights.reduce((a, b) => a + b, 0)
  const mean = values.reduce((s, v, i) => s + v * (weights[i] as number), 0) / total
  const variance = values.reduce((s, v, i) => s + (v - mean) ** 2 * (weights[i] as number), 0) / total
  return { mean, sd: Math.sqrt(variance) }
}

const grid = (from: number, to: number): number[] =>
  Array.from({ length: Math.round((to - from) / GRID.step) + 1 }, (_, i) => from + i * GRID.step)

const OFFS = grid(GRID.from, GRID.to)

const stagesFor = (dryMix: Mix, pressurePa: number) => {
  const stages = stagesOf(dryMix, pressurePa)
  return {
    starts: new Map(stages.map((s) => [s.id, s.from])),
    next: new Map(stages.map((s, i) => [s.id, stages[i + 1]?.from ?? Number.POSITIVE_INFINITY])),
  }
}

/** The temperatures a drop or a sign speaks for, °C, either end of which may be open; null for a colour. */
export function stretchOf(e: Evidence, dryMix: Mix, pressurePa: number): Pick<Window, 'low' | 'high'> | null {
  const { starts, next } = stagesFor(dryMix, pressurePa)
  return windowOf(e, starts, next)
}

/** The temperature a test speaks for by itself, °C: the middle of its stretch; null for one that is open to one side. */
export function middleOf(e: Evidence, dryMix: Mix, pressurePa: number): number | null {
  const stretch = stretchOf(e, dryMix, pressurePa)
  const middle = stretch ? (stretch.low + stretch.high) / 2 : Number.NaN
  return Number.isFinite(middle) ? middle : null
}

function windowsOf(evidence: readonly Evidence[], { dryMix, pressurePa }: EvidenceContext) {
  // most looks at a pot have no test to read: where its stages begin is not asked then
  if (evidence.length === 0) return []
  const { starts, next } = stagesFor(dryMix, pressurePa)
  return evidence.flatMap((e) => {
    const window = windowOf(e, starts, next)
    return window ? [{ e, window }] : []
  })
}

/** Fuses all tests of a boil, as they stand `now` (s on the cook's clock). */
export function fuse(evidence: readonly Evidence[], context: EvidenceContext, now: number): Estimate {
  const { dryMix, pressurePa, reads, thermometerSd } = context
  const tests = windowsOf(evidence, context)
  const beside = tests.filter(({ e }) => e.reads !== null)

  const weights = OFFS.map((off) =>
    beside.reduce(
      (w, { e, window }) => w * likelihood(window, (e.reads as number) - off),
      (1 - WRONG.share) * density(off, thermometerSd) + WRONG.share * density(off, WRONG.sd),
    ),
  )
  const off = moments(OFFS, weights)
  const total = weights.reduce((a, b) => a + b, 0)
  const oneSide = weights.reduce(
    (s, w, i) => (Math.sign(OFFS[i] as number) === Math.sign(off.mean) && Math.abs(OFFS[i] as number) > 1 ? s + w : s),
    0,
  )
  const celsius = whereNow(tests, reads, off, now)
  return {
    celsius,
    water: celsius && waterAt(dryMix, celsius, pressurePa),
    off: beside.length > 0 ? off : null,
    disagrees: beside.length > 0 && oneSide / total > 0.9 && Math.abs(off.mean) > 1.5,
    colour: colourOf(evidence, context.dose),
  }
}

function whereNow(
  tests: readonly { e: Evidence; window: Window }[],
  reads: number | null,
  off: { mean: number; sd: number },
  now: number,
): Estimate['celsius'] {
  if (reads !== null) return { mean: reads - off.mean, sd: off.sd }
  const fresh = tests.filter(({ e }) => now - e.at <= FRESH)
  if (fresh.length === 0) return null
  const temperatures = grid(95, 185)
  return moments(
    temperatures,
    temperatures.map((t) => fresh.reduce((w, { window }) => w * likelihood(window, t), 1)),
  )
}

function waterAt(dryMix: Mix, { mean, sd }: { mean: number; sd: number }, pressurePa: number): Estimate['water'] {
  const at = (t: number): number => waterLeftAt(dryMix, t, pressurePa)
  const water = at(mean)
  if (!Number.isFinite(water)) return null
  const slope = at(mean + 0.5) - water
  return { mean: water, sd: Math.abs(slope / 0.5) * sd }
}

/** The newest colour seen or smelt, weighed against what the curve makes of it. */
function colourOf(evidence: readonly Evidence[], dose: number): { mean: number; sd: number } {
  const curve = colourTemperature(dose)
  const seen = evidence.findLast((e) => e.kind === 'colour')
  if (seen?.kind !== 'colour') return { mean: curve, sd: COLOUR_SD.curve }
  // a curve that is far off what was seen was not this pot's
  const a = 1 / Math.max(COLOUR_SD.curve, Math.abs(curve - seen.celsius) / 2) ** 2
  const b = 1 / seen.sd ** 2
  return { mean: (a * curve + b * seen.celsius) / (a + b), sd: Math.sqrt(1 / (a + b)) }
}
