/**
 * What can be behind a batch that came out otherwise: one table. A row says what one unit of the cause does to the traits
 * of a batch, how large such a cause usually is, how rare, and which flaws it leads to. A new cause is one row.
 */
import type { FlawId } from './flaws'
import type { TraitId } from './traits'

/** How this formula answers: worked out from its make-up, so that a row need not guess it. */
export interface Sensitivity {
  /** Steps of bite a degree of target makes. */
  readonly bitePerDegree: number
  /** °C the first boil moves for all of its sugar more (by the logarithm), and for all of its water. */
  readonly boilPerSugar: number
  readonly boilPerWater: number
  /** Share of the finished sweet that is sugar of the pot: what a piece loses with it. */
  readonly sugarShare: number
  /** It is meant to grain. */
  readonly grains: boolean
  /** °C of the target at which it browns: nothing below 135. */
  readonly browns: boolean
  /** ◊ Odds (ln) its make-up alone gives to grain. */
  readonly grainOdds: number
}

export type Effects = Partial<Record<TraitId, number>>

export interface CauseFacts {
  /** What one unit does; a unit is what `size` is counted in. */
  does(to: Sensitivity): Effects
  /** ◊ How large it usually is where it is there at all. */
  readonly size: number
  /** ◊ Share of all batches it is behind. */
  readonly rare: number
  /** ◊ Share of its batches of which somebody says this. */
  readonly leads: Partial<Record<FlawId, number>>
  /** Odds (ln) that the make-up gives it. */
  odds?(to: Sensitivity): number
  /** It stands in the log for all to read, or shows in the sweet alone: said only where something is wrong with it. */
  readonly asked?: true
  /** It creeps in unseen and stays: looked for over several batches. */
  readonly creeps?: true
}

const softer = { 'too-soft': 0.4, sticky: 0.25, 'would-not-set': 0.3, weeps: 0.15 }
const harder = { 'too-hard': 0.5, scorched: 0.1, shattered: 0.2 }

export const causes = {
  /** ln of the power. */
  'ring-weaker': {
    does: () => ({ power: -1, climb: 1, toBoil: 0.8, carried: -2 }),
    size: 0.17,
    rare: 0.015,
    creeps: true,
    leads: { scorched: 0.03 },
  },
  'ring-stronger': {
    does: () => ({ power: 1, climb: -1, toBoil: -0.8, carried: 2 }),
    size: 0.17,
    rare: 0.01,
    creeps: true,
    leads: { scorched: 0.2, 'too-hard': 0.2, separated: 0.15, 'foamed-over': 0.2 },
  },
  /** °C. */
  'reads-high': {
    does: (a) => ({ boilsAt: 1, tests: 0.5, bite: -a.bitePerDegree, stick: 0.15 }),
    size: 1.6,
    rare: 0.015,
    creeps: true,
    leads: softer,
  },
  'reads-low': {
    does: (a) => ({ boilsAt: -1, tests: -0.5, bite: a.bitePerDegree, colour: -0.5, shade: -0.5 }),
    size: 1.6,
    rare: 0.02,
    creeps: true,
    leads: harder,
  },
  /** ln of the sugar. */
  'sugar-short': {
    does: (a) => ({
      boilsAt: -a.boilPerSugar,
      weight: -a.sugarShare,
      depth: -a.sugarShare,
      thick: -6 * a.sugarShare,
      power: -0.15,
      sugar: -1,
    }),
    size: 0.09,
    rare: 0.012,
    creeps: true,
    leads: { thin: 0.4, 'too-soft': 0.1 },
  },
  'sugar-over': {
    does: (a) => ({
      boilsAt: a.boilPerSugar,
      weight: a.sugarShare,
      depth: a.sugarShare,
      thick: 6 * a.sugarShare,
      power: 0.15,
      sugar: 1,
    }),
    size: 0.09,
    rare: 0.012,
    creeps: true,
    leads: { thick: 0.4, grained: 0.03 },
  },
  'water-over': {
    does: (a) => ({ boilsAt: -a.boilPerWater, climb: 0.8, toBoil: 0.4 }),
    size: 0.2,
    rare: 0.01,
    creeps: true,
    leads: {},
  },
  /** °C past, or short of, the target. */
  'pulled-late': {
    does: (a) => ({ missed: 1, bite: a.bitePerDegree, ...(a.browns && { over140: 0.12, colour: 0.5, shade: 0.5 }) }),
    size: 3,
    rare: 0.02,
    leads: { ...harder, scorched: 0.3 },
  },
  'pulled-early': {
    does: (a) => ({ missed: -1, bite: -a.bitePerDegree, stick: 0.15 }),
    size: 3,
    rare: 0.02,
    leads: { ...softer, 'chewy-sponge': 0.5 },
  },
  'carried-on': {
    does: (a) => ({ carried: 1, missed: 0.8, bite: 0.8 * a.bitePerDegree }),
    size: 2.5,
    rare: 0.008,
    leads: { ...harder, scorched: 0.2 },
  },
  /** Minutes too many above 140°. */
  'long-in-the-heat': {
    does: () => ({ over140: 1, colour: 1.5, shade: 1.5 }),
    size: 2.5,
    rare: 0.01,
    asked: true,
    leads: { scorched: 0.5, 'too-hard': 0.1, 'chewy-sponge': 0.05 },
    odds: (a) => (a.browns ? 0 : -3),
  },
  /** Steps of the dial. */
  'hot-at-the-end': {
    does: () => ({ dial: 1, last: -0.25, carried: 0.4 }),
    size: 2,
    rare: 0.01,
    asked: true,
    leads: { scorched: 0.4, separated: 0.35, 'foamed-over': 0.3, 'too-hard': 0.1 },
  },
  /** Stirred while hot, or otherwise seeded. */
  'stirred-hot': {
    does: (a) => ({ stirs: 1, grain: a.grains ? 0.8 : 1.4 }),
    size: 1.5,
    rare: 0.012,
    asked: true,
    leads: { grained: 0.85, cloudy: 0.4 },
  },
  /** Crystals left on the side of the pot: no lid, no brush. */
  'crystals-left': {
    does: () => ({ lid: -1, grain: 1 }),
    size: 1.5,
    rare: 0.005,
    asked: true,
    leads: { grained: 0.6, cloudy: 0.3 },
  },
  'doctor-short': {
    does: () => ({ grain: 1 }),
    size: 1,
    rare: 0.004,
    asked: true,
    leads: { grained: 0.5 },
    odds: (a) => (a.grains ? -2 : a.grainOdds),
  },
  /** Tenths of relative humidity. */
  'damp-air': {
    does: () => ({ humidity: 0.1, stick: 1 }),
    size: 1.5,
    rare: 0.04,
    asked: true,
    leads: { sticky: 0.6, weeps: 0.5, 'would-not-set': 0.25 },
  },
  'dry-air': {
    does: () => ({ humidity: -0.1 }),
    size: 1.5,
    rare: 0.01,
    asked: true,
    leads: { 'dried-out': 0.6, grained: 0.05 },
  },
  /** °C. */
  'warm-room': {
    does: () => ({ room: 1, bite: -0.06 }),
    size: 4,
    rare: 0.01,
    asked: true,
    leads: { 'too-soft': 0.2, 'would-not-set': 0.3, bloom: 0.4, sticky: 0.1 },
  },
  'worked-early': {
    does: () => ({ worked: -1 }),
    size: 1,
    rare: 0.01,
    asked: true,
    leads: { grained: 0.25, 'would-not-set': 0.1, weeps: 0.15, 'would-not-release': 0.2 },
  },
  'worked-late': {
    does: () => ({ worked: 1 }),
    size: 1,
    rare: 0.01,
    asked: true,
    leads: { shattered: 0.7, 'too-hard': 0.05, bubbles: 0.05 },
  },
  /** ln of the depth, with the weight as planned. */
  'spread-thick': {
    does: () => ({ depth: 1, thick: 6 }),
    size: 0.15,
    rare: 0.005,
    leads: { thick: 0.6, 'chewy-sponge': 0.1 },
  },
  'spread-thin': {
    does: () => ({ depth: -1, thick: -6 }),
    size: 0.15,
    rare: 0.005,
    leads: { thin: 0.6, shattered: 0.1 },
  },
  'fat-parted': { does: () => ({}), size: 1, rare: 0.002, leads: { separated: 0.5 }, asked: true },
  'out-of-temper': { does: () => ({}), size: 1, rare: 0.002, leads: { bloom: 0.7 }, asked: true },
  'soda-tired': {
    does: () => ({}),
    size: 1,
    rare: 0.002,
    leads: { 'fell-sponge': 0.4, 'chewy-sponge': 0.3 },
    asked: true,
  },
  'sponge-disturbed': { does: () => ({}), size: 1, rare: 0.003, leads: { 'fell-sponge': 0.6 }, asked: true },
  'not-greased': { does: () => ({}), size: 1, rare: 0.002, leads: { 'would-not-release': 0.7 }, asked: true },
  'poured-from-high': { does: () => ({}), size: 1, rare: 0.003, leads: { bubbles: 0.6 }, asked: true },
  'pot-too-small': { does: () => ({}), size: 1, rare: 0.002, leads: { 'foamed-over': 0.5 }, asked: true },
} as const satisfies Record<string, CauseFacts>

export type CauseId = keyof typeof causes
export const causeIds = Object.keys(causes) as CauseId[]
export const causeFacts = (id: CauseId): CauseFacts => causes[id]

/** Causes that creep in unseen and stay. */
export const creeping = causeIds.filter((c) => causeFacts(c).creeps)
