/**
 * Batches of one kitchen, day after day, and one day on which something is not as it was. What a maker would say of each
 * is told by rules of this room's own; what was the matter stands in no log.
 */
import type { BoiledFormula } from '@/core'
import { chance } from './chance'
import { type RoughCook, roughCook } from './cook'
import type { Amiss } from './pot'

export const planted = ['ring-weaker', 'reads-high', 'stirred-hot', 'damp-air', 'sugar-short'] as const
export type Planted = (typeof planted)[number]

export interface RoughBatch {
  readonly cook: RoughCook
  readonly humidity: number
  readonly tasting: {
    readonly scales: { readonly bite: number; readonly grain: number; readonly stick: number; readonly thick: number }
    readonly pieceGrams: number
  }
}

export interface RoughHistory {
  /** Oldest first. */
  readonly past: readonly RoughBatch[]
  /** The days after those: with nothing the matter, and with each thing that can be. Newest first. */
  readonly sound: readonly RoughBatch[]
  readonly amiss: Readonly<Record<Planted, readonly RoughBatch[]>>
}

const AMISS: Readonly<Record<Planted, Amiss>> = {
  'ring-weaker': { power: 0.85 },
  'reads-high': { readsMore: 1.5 },
  'sugar-short': { sugar: 0.92 },
  'stirred-hot': {},
  'damp-air': {},
}

const PIECES = 100
/** Batches for which what is amiss goes on. */
export const LASTS = 3

interface Drawn {
  readonly cook: RoughCook
  readonly humidity: number
  readonly stirred: boolean
  readonly seed: number
}

const waterShare = ({ cook: { poured } }: Drawn): number => {
  const s = poured?.stuff
  return s ? s.water / (s.sugar + s.syrup + s.mono) : Number.NaN
}

const massIn = ({ cook: { poured } }: Drawn): number =>
  poured ? Object.values(poured.stuff).reduce((a, b) => a + b, 0) : Number.NaN

const mark = (x: number): number => Math.round(Math.min(5, Math.max(1, x)))

/** A maker's words for a batch, beside what this kitchen usually makes. */
function tasted(d: Drawn, usual: { water: number; mass: number }): RoughBatch {
  const c = chance(d.seed, 6)
  const bite = 3 + 5 * Math.log(usual.water / waterShare(d)) + 0.35 * c.normal()
  const grain = d.stirred && c.happens(0.92) ? c.between(3.6, 5) : 1.2 + 0.35 * c.normal()
  const stick = 1.4 + 12 * Math.max(0, d.humidity - 0.6) + 2 * Math.log(waterShare(d) / usual.water) + 0.35 * c.normal()
  const thick = 3 + 6 * Math.log(massIn(d) / usual.mass) + 0.35 * c.normal()
  return {
    cook: d.cook,
    humidity: d.humidity,
    tasting: {
      scales: { bite: mark(bite), grain: mark(grain), stick: mark(stick), thick: mark(thick) },
      pieceGrams: (massIn(d) / PIECES) * (1 + 0.012 * c.normal()),
    },
  }
}

/** So many sound cooks of `formula` in the kitchen of this seed. */
export const roughPast = (formula: BoiledFormula, seed: number, batches: number): RoughCook[] =>
  Array.from({ length: batches }, (_, n) => roughCook(formula, 131 * seed + n, { kitchen: seed, byReading: true }))

/** So many sound batches of `formula` in the kitchen of this seed, and the days after them as they may go. */
export function roughHistory(formula: BoiledFormula, seed: number, batches: number): RoughHistory {
  const draw = (n: number, what?: Planted): Drawn => {
    const own = 131 * seed + n
    const c = chance(own, 5)
    return {
      cook: roughCook(formula, own, { kitchen: seed, byReading: true, amiss: what && AMISS[what] }),
      humidity: what === 'damp-air' ? c.between(0.8, 0.92) : c.between(0.5, 0.62),
      stirred: what === 'stirred-hot',
      seed: own,
    }
  }
  const past = Array.from({ length: batches }, (_, n) => draw(n))
  const mean = (of: (d: Drawn) => number): number => past.reduce((sum, d) => sum + of(d), 0) / past.length
  const usual = { water: mean(waterShare), mass: mean(massIn) }
  const days = (from: number, what?: Planted): RoughBatch[] =>
    Array.from({ length: LASTS }, (_, n) => tasted(draw(from + n, what), usual)).reverse()
  return {
    past: past.map((d) => tasted(d, usual)),
    sound: days(batches),
    amiss: Object.fromEntries(planted.map((what, i) => [what, days(batches + LASTS * (i + 1), what)])) as Record<
      Planted,
      RoughBatch[]
    >,
  }
}
