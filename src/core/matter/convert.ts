import type { Quantity } from '../quantity/parse'
import type { Ingredient } from './ingredient'
import { addMix, emptyMix, type Mix, mix, scaleMix } from './mix'
import { unitWeightsOf } from './unit-weights'

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

/**
 * Grams of `ingredient` in a quantity (the middle of a range). The ingredient's own unit weights come first, then
 * mass, then volume by density. Null where the unit means nothing for this ingredient, so the caller can ask.
 */
export function toGrams(quantity: Quantity, ingredient: Ingredient): number | null {
  const amount = (quantity.amount.low + quantity.amount.high) / 2
  const { unit } = quantity
  const own = unitWeightsOf(ingredient)[unit?.id ?? 'each']
  if (own !== undefined) return amount * own
  if (unit?.kind === 'mass') return amount * unit.size
  if (unit?.kind === 'volume') return amount * unit.size * packed(ingredient)
  return null
}

/** g/ml; a measured cup or spoon says more than a table density. */
function packed(ingredient: Ingredient): number {
  const { cup, tbsp, tsp } = unitWeightsOf(ingredient)
  if (cup !== undefined) return cup / 236.588
  if (tbsp !== undefined) return tbsp / 14.787
  return tsp === undefined ? ingredient.density : tsp / 4.929
}
