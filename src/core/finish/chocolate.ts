/** Chocolate beside a sweet: tempering by seed, chips on a hot slab, ganache, a coat and a dusting in grams. */
import { type Chocolate, chocolates, cocoaButter } from '../craft/handwork'

/** J/(g·K) molten and solid, and J/g of fat for what of it melts. */
const heat = { liquid: 1.7, solid: 1.6, melting: cocoaButter.share * cocoaButter.melts } as const

/** Middle of what a chocolate works at, °C. */
export const worksAt = (kind: Chocolate): number => (chocolates[kind].works[0] + chocolates[kind].works[1]) / 2
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

/** Where a bowl of `grams` stands after `seconds` beside the work, °C: ◊ it loses 1.1 W/K a kilogram^⅔. */
export function bowlHolds(grams: number, fromC: number, roomC: number, seconds: number): number {
  const kg = grams / 1000
  const tau = (kg * heat.liquid * 1000) / (1.1 * kg ** (2 / 3))
  return roomC + (fromC - roomC) * Math.exp(-seconds / tau)
}

/** Seconds until a bowl of chocolate is down from `fromC` to `toC`; Infinity for a warmer room. */
export function bowlHoldsFor(grams: number, fromC: number, toC: number, roomC: number): number {
  if (toC <= roomC) return Number.POSITIVE_INFINITY
  const kg = grams / 1000
  return ((kg * heat.liquid * 1000) / (1.1 * kg ** (2 / 3))) * Math.log(Math.max(1, (fromC - roomC) / (toC - roomC)))
}

export type TemperStage = 'melting' | 'melted' | 'seeding' | 'in-temper' | 'over' | 'under'

export interface Temper {
  readonly stage: TemperStage
  /** °C it is to be brought to next. */
  readonly toC: number
  /** g of seed for what is molten, and s the bowl stays workable; null while it is not. */
  readonly seedGrams: number
  readonly holdsFor: number | null
  /** The room is too warm for it to set with a gloss. */
  readonly roomSpoils: boolean
}

/** ◊ A room warmer than this does not let chocolate set, °C. */
export const WARMEST_ROOM = 24

export interface TemperFacts {
  readonly chocolate: Chocolate
  /** Share of fat; the usual unless the pack says. */
  readonly fat?: number
  readonly grams: number
  readonly roomC: number
  /** It has been at its melting heat, and seed is in. */
  readonly melted: boolean
  readonly seeded: boolean
}

/** What to do with a bowl of chocolate that reads `celsius`. */
export function temperNow(facts: TemperFacts, celsius: number): Temper {
  const { chocolate, grams, roomC, melted, seeded } = facts
  const { melts, works, fat: usual } = chocolates[chocolate]
  const fat = facts.fat ?? usual
  const share = seedShare(fat, melted ? celsius : meltsAt(chocolate), worksAt(chocolate), roomC)
  const common = { seedGrams: grams * share, roomSpoils: roomC > WARMEST_ROOM, holdsFor: null }
  if (!melted) return { ...common, stage: celsius < melts[0] ? 'melting' : 'melted', toC: meltsAt(chocolate) }
  if (!seeded) return { ...common, stage: 'seeding', toC: worksAt(chocolate) }
  if (celsius > works[1] + 0.5)
    return { ...common, stage: celsius > works[1] + 3 ? 'over' : 'seeding', toC: worksAt(chocolate) }
  if (celsius < works[0] - 0.5) return { ...common, stage: 'under', toC: worksAt(chocolate) }
  return {
    ...common,
    stage: 'in-temper',
    toC: worksAt(chocolate),
    holdsFor: bowlHoldsFor(grams, celsius, works[0], roomC),
  }
}

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
