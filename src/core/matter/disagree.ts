/** Whether two ways in which a line says its amount mean the same. */
import type { Amount } from './amount-sums'
import type { Ingredient } from './ingredient'

/** ◊ Two ways to say one amount may differ so much; nuts in a cup lie closer or looser once they are cut up. */
const AGREE = 0.1
const AGREE_CUT_UP = 0.3
const CUT_UP = /\b(?:chopped|crushed|flaked|ground|halves|slivered|sliced|pieces)\b/i

/** A pint in a British recipe is so much more. */
export const UK_PINT = 1.2
const PINTS = /\b(?:pint|quart|gallon)/i

const isPint = (amount: Amount, ingredient: Ingredient): boolean => PINTS.test(amount.words(ingredient))
const agrees = (a: number, b: number, within = AGREE): boolean => Math.abs(a - b) <= within * Math.max(a, b)

/** What the `line` says beside the amount and does not mean the same; null where all agree. */
export function disagrees(amount: Amount, ingredient: Ingredient, line: string): Amount | null {
  const within = ingredient.whole && CUT_UP.test(line) ? AGREE_CUT_UP : AGREE
  const grams = amount.grams(ingredient)
  if (grams === null) return null
  return (
    amount.beside(ingredient).find((other) => {
      const g = other.grams(ingredient)
      if (g === null || agrees(g, grams, within)) return false
      return (
        !(isPint(other, ingredient) && agrees(UK_PINT * g, grams)) &&
        !(isPint(amount, ingredient) && agrees(g, UK_PINT * grams))
      )
    }) ?? null
  )
}

/** What a pint of the line is to a pint of America, where another amount beside it shows that it is one of Britain. */
export function pintOf(amount: Amount, ingredient: Ingredient): number {
  const grams = amount.grams(ingredient)
  if (grams === null || !isPint(amount, ingredient)) return 1
  const beside = amount.beside(ingredient).flatMap((other) => other.grams(ingredient) ?? [])
  return beside.some((g) => !agrees(g, grams) && agrees(g, UK_PINT * grams)) ? UK_PINT : 1
}
