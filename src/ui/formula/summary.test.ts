import { expect, it } from 'vitest'
import { type FormulaDocument, pantryOf, readRecipe } from '@/core'
import { testConditions } from '@/core/testing'
import { demoFormulas } from '@/demo/formulas'
import { metric, sayIn } from '@/words'
import { sizeAsWritten } from './equipment'
import { type Sized, sizeBatch } from './size-batch'
import { summary } from './summary'

function said(formula: FormulaDocument): string {
  return summary(
    sizeBatch(formula, sizeAsWritten(formula), formula.shape, testConditions, null) as Sized,
    sayIn(metric),
  )
}

it('counts the boils of what is boiled, and none of what is not', () => {
  expect(said(demoFormulas['orchard-toffee'] as FormulaDocument)).toMatch(/in the pot · rises to .* · one boil · \d+ /)
  expect(said(demoFormulas['rye-shortcake-bars'] as FormulaDocument)).toMatch(/· 2 boils ·/)
  // chocolate is melted: it neither boils nor rises
  expect(said(demoFormulas['harbour-dark-dipping-chocolate'] as FormulaDocument)).toMatch(
    /^\d+ g in the pot · melted at once · \d+ /,
  )
  const { formula } = readRecipe(
    'Truffles\n\n300 g dark chocolate 70%\n200 g double cream\n\nBring the cream to the boil and pour over the chocolate. Stir until smooth. Chill 2 hours.',
    pantryOf(),
  )
  expect(said(formula)).toMatch(/^\d+ pieces of/)
})
