import type { Ingredient } from './ingredient'
import { addMix, emptyMix, type Mix, mix, scaleMix } from './mix'

export interface Portion {
  readonly ingredient: Ingredient
  readonly grams: number
}

/** The mix of several weighed ingredients, g. Whole pieces (nuts, dried fruit) count as insoluble. */
export function mixOf(portions: readonly Portion[]): Mix {
  return portions.reduce((sum, { ingredient, grams }) => addMix(sum, portionMix(ingredient, grams)), emptyMix)
}

const portionMix = (ingredient: Ingredient, grams: number): Mix =>
  ingredient.whole ? mix({ insoluble: grams }) : scaleMix(ingredient.per100, grams / 100)
