import { components } from './components'
import { type Mix, massOf, mix } from './mix'

export type Allergen = 'milk' | 'egg' | 'nuts' | 'peanuts' | 'sesame' | 'soya' | 'gluten' | 'gelatin' | 'sulphites'

/** Where a make-up comes from: an ordinary food table, what such a good is sold as, or worked out from its parts. */
export type Source = 'food table' | 'trade specification' | 'computed'

export interface Ingredient {
  readonly id: string
  readonly name: string
  /** Grams per 100 g. */
  readonly per100: Mix
  /** g/ml as spooned or poured. */
  readonly density: number
  /** Grams of one of a unit, where volume and density are not what counts: "cup", "stick", "tin", "each". */
  readonly unitGrams: Readonly<Record<string, number>>
  /** Goes in as pieces: its own water and sugar stay inside it and do not join the syrup. */
  readonly whole: boolean
  readonly allergens: readonly Allergen[]
  readonly synonyms: readonly string[]
  readonly source: Source
}

export interface Facts {
  density?: number
  units?: Record<string, number>
  whole?: true
  allergens?: Allergen[]
  synonyms?: string[]
  source?: Source
}

/**
 * One entry of the pantry. Where `parts` say nothing of water it is what is left to 100 g.
 * @throws Error when the parts do not add up.
 */
export function ingredient(id: string, name: string, parts: Partial<Mix>, facts: Facts = {}): Ingredient {
  const dry = massOf(mix(parts))
  const per100 = parts.water === undefined ? mix({ ...parts, water: round(100 - dry) }) : mix(parts)
  if (components.some((c) => per100[c] < 0) || Math.abs(massOf(per100) - 100) > 0.01)
    throw new Error(`${id} adds up to ${massOf(per100)} g, not 100`)
  return {
    id,
    name,
    per100,
    density: facts.density ?? 1,
    unitGrams: facts.units ?? {},
    whole: facts.whole ?? false,
    allergens: facts.allergens ?? [],
    synonyms: facts.synonyms ?? [],
    source: facts.source ?? 'food table',
  }
}

const round = (n: number): number => Math.round(n * 1e6) / 1e6
