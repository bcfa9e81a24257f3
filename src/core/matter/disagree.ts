/** Whether two ways in which a line says its amount mean the same. */
import type { Amount } from './amount'
import type { Ingredient } from './ingredient'

/** ◊ Two ways to say one amount may differ so much. */
const AGREE = 0.1

/** A pint in a British recipe is so much more. */
export const UK_PINT = 1.2
const PINTS = /\b(?:pint|quart|gallon)/i

/** What the line says beside the amount and does not mean the same; null where all agree. */
export function disagrees(amount: Amount, ingredient: Ingredient): Amount | null {
  const grams = amount.grams(ingredient)
  if (grams === null) return null
  return (
    amount.beside(ingredient).find((other) => {
      const g = other.grams(ingredient)
      return (
        g !== null &&
        [1, ...(PINTS.test(other.words) ? [UK_PINT] : [])].every(
          (f) => Math.abs(f * g - grams) > AGREE * Math.max(f * g, grams),
        )
      )
    }) ?? null
  )
}
