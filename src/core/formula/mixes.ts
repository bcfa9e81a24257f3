/** What the lines of a formula are made of. */

import type { Allergen, Ingredient } from '../matter/ingredient'
import { ingredientById } from '../matter/ingredients'
import type { Mix } from '../matter/mix'
import { mixOf, type Portion } from '../matter/portions'
import { type FormulaDocument, type GramsByLine, piecesOf } from './document'

/** An ingredient as this formula knows it: its own make-up first, then the pantry. @throws RangeError for neither. */
export const ingredientIn = (formula: Pick<FormulaDocument, 'own'>, id: string): Ingredient =>
  formula.own?.find((i) => i.id === id) ?? ingredientById(id)

/** What of some of its groups goes into the sweet, at the grams given. @throws RangeError for an ingredient nobody knows. */
export const portionsIn = (formula: FormulaDocument, groups: ReadonlySet<string>, grams: GramsByLine): Portion[] =>
  formula.lines
    .filter((l) => groups.has(l.group) && !l.strained)
    .map((l) => ({ ingredient: ingredientIn(formula, l.ingredient), grams: grams[l.id] ?? 0 }))

/** The mix of one group at the grams given. */
export const groupMix = (formula: FormulaDocument, group: string, grams: GramsByLine): Mix =>
  mixOf(portionsIn(formula, new Set([group]), grams))

/** Allergens of everything in it, in order of the alphabet. */
export const allergensIn = (formula: FormulaDocument): Allergen[] =>
  [
    ...new Set(
      piecesOf(formula).flatMap((p) => p.formula.lines.flatMap((l) => ingredientIn(p.formula, l.ingredient).allergens)),
    ),
  ].sort()
