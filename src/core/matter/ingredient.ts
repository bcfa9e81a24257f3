import { type Mix, massOf, mix } from './mix'

export const allergens = ['milk', 'egg', 'nuts', 'peanuts', 'sesame', 'soya', 'gluten', 'gelatin', 'sulphites'] as const
export type Allergen = (typeof allergens)[number]

/** Where a make-up comes from: an ordinary food table, what such a good is sold as, or worked out from its parts. */
export type Source = 'food table' | 'trade specification' | 'computed'

/** What may have to be done to an ingredient before the heat goes on. */
export const preparations = [
  'infuse',
  'unchill',
  'chill',
  'bloom',
  'soak',
  'toast',
  'keep-hot',
  'cut-up',
  'chop',
  'sift',
] as const
export type Preparation = (typeof preparations)[number]

export interface Ingredient {
  readonly id: string
  readonly name: string
  /** Grams per 100 g. */
  readonly per100: Mix
  /** g/ml as spooned or poured. */
  readonly density: number
  /** Grams of one of a unit, where the house says so: "cup", "stick", "tin", "each"; the pantry's are in `unit-weights.ts`. */
  readonly unitGrams: Readonly<Record<string, number>>
  /** Goes in as pieces: its own water and sugar stay inside it and do not join the syrup. */
  readonly whole: boolean
  readonly allergens: readonly Allergen[]
  /** What is done to it before the heat goes on, unless its line says otherwise. */
  readonly prepare: readonly Preparation[]
  /** What else the house calls an ingredient of its own; the pantry's are in `synonyms.ts`. */
  readonly synonyms: readonly string[]
  readonly source: Source
}

export interface Facts {
  density?: number
  whole?: true
  allergens?: Allergen[]
  prepare?: Preparation[]
  source?: Source
}

/** One entry of the pantry. Where `parts` say nothing of water it is what is left to 100 g; that they add up is tested, entry by entry. */
export function ingredient(id: string, name: string, parts: Partial<Mix>, facts: Facts = {}): Ingredient {
  const dry = massOf(mix(parts))
  const per100 = parts.water === undefined ? mix({ ...parts, water: round(100 - dry) }) : mix(parts)
  return {
    id,
    name,
    per100,
    density: facts.density ?? 1,
    unitGrams: {},
    whole: facts.whole ?? false,
    allergens: facts.allergens ?? [],
    prepare: facts.prepare ?? [],
    synonyms: [],
    source: facts.source ?? 'food table',
  }
}

const round = (n: number): number => Math.round(n * 1e6) / 1e6

/** ◊ So much of it in 100 g, salt, acid or gelatin apart, and a little more or less is another sweet. */
const FINE = { salt: 50, gelatin: 50, acid: 50, ash: 60 }

/** Whether it is weighed finer than the rest: soda, salt, acids, gelatin. */
export const weighsFine = ({ per100 }: Ingredient): boolean =>
  per100.salt > FINE.salt || per100.gelatin > FINE.gelatin || per100.acid > FINE.acid || per100.ash > FINE.ash

/** Ingredients that a boil spoils, by their ids. Soda in milk keeps it from curdling, and boils with it. */
export const SPOILED = /^(?:egg-white|gelatin|soda|popcorn)/
