/** Chocolate beside a sweet: tempering by seed, chips on a hot slab, ganache, a coat and a dusting in grams. */
import { type Chocolate, chocolates, cocoaButter } from '../craft/handwork'

/** J/(g·K) molten and solid, and J/g of fat for what of it melts. */
const heat = { liquid: 1.7, solid: 1.6, melting: cocoaButter.share * cocoaButter.melts } as const

/** Middle of what a chocolate works at, °C. */
export const worksAt = (kind: Chocolate): number => (chocolates[kind].works[0] + chocolates[kind].works[1]) / 2
/** Middle of where its crystals form, °C. */
export const coolsTo = (kind: Chocolate): number => (chocolates[kind].cools[0] + chocolates[kind].cools[1]) / 2
export const meltsAt = (kind: Chocolate): number => (chocolates[kind].melts[0] + chocolates[kind].melts[1]) / 2

/**
 * Share of the whole to hold back as seed, so that molten chocolate of `fat` (0 to 1) at `fromC` comes to `toC` with seed at
 * `seedC`: what the melt gives off warms the seed and melts its butter. Dark of 36 % from 46° to 31.5° in a room at 21°: 0.28.
 */
export function seedShare(fat: number, fromC: number, toC: number, seedC: number): number {
  const gives = heat.liquid * Math.max(0, fromC - toC)
  const takes = heat.solid * Math.max(0, toC - seedC) + heat.melting * fat
  return gives / (gives + takes)
}

/**
 * Share of molten chocolate to work on a stone, so that down at `coolC` and stirred back into the rest, by then at `bowlC`, it comes to
 * `toC`; none is too little, all of it too much.
 */
export const stoneShare = (bowlC: number, coolC: number, toC: number): number =>
  Math.min(1, Math.max(0, (bowlC - toC) / Math.max(0.1, bowlC - coolC)))

/** ◊ A room warmer than this does not let chocolate set, °C. */
export const WARMEST_ROOM = 24

/** ◊ Above this the topmost chip is soft enough to spread, and a slab below this no longer burns it, °C. */
const SPREADS = { chip: 33, slab: 60 } as const

export interface Chips {
  readonly melts: boolean
  /** Share of the chips the slab's heat above 40° can melt. */
  readonly share: number
  readonly spreadBelow: number
}

/**
 * Whether chips of `grams` and `fat` at `roomC` melt on a slab of so many J/K at `slabC`: what it holds above 40° against
 * warming and melting them.
 */
export function chipsOn(grams: number, fat: number, roomC: number, slabC: number, slabJoulesPerK: number): Chips {
  const has = slabJoulesPerK * Math.max(0, slabC - 40)
  const wants = grams * (heat.solid * (SPREADS.chip - roomC) + heat.melting * fat)
  return { melts: has > wants, share: wants > 0 ? Math.min(1, has / wants) : 1, spreadBelow: SPREADS.slab }
}

export type GanacheUse = 'firm' | 'filling' | 'pours'

/** Chocolate to one of cream by weight: dark 2, 1 and ½; a quarter more of milk, a half more of white. */
export const ganacheShare = (chocolate: Chocolate, use: GanacheUse): number =>
  ({ firm: 2, filling: 1, pours: 0.5 })[use] * { dark: 1, milk: 1.25, white: 1.5 }[chocolate]

/** ◊ A coat is 1.2 mm of 1.3 g/ml and a quarter more to work in; dust is 0.03 g/cm², half starch, half icing sugar. */
const COAT = { mm: 1.2, gPerMl: 1.3, spare: 1.25 } as const
const DUST = 0.03

/** Grams of chocolate to coat `pieces` of `areaCm2` each, and how much of that stays on them. */
export function coatGrams(pieces: number, areaCm2: number): { readonly grams: number; readonly staysOn: number } {
  const staysOn = (pieces * areaCm2 * COAT.mm * COAT.gPerMl) / 10
  return { grams: staysOn * COAT.spare, staysOn }
}

/** Grams of dusting powder for `pieces` of `areaCm2` each; half of it starch. */
export const dustGrams = (pieces: number, areaCm2: number): number => pieces * areaCm2 * DUST
