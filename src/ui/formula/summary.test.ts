import { expect, it } from 'vitest'
import type { FormulaDocument } from '@/core'
import { testConditions } from '@/core/testing'
import { demoFormulas } from '@/demo/formulas'
import { metric, sayIn } from '@/words'
import { sizeAsWritten } from './equipment'
import { type Sized, sizeBatch } from './size-batch'
import { summary } from './summary'

function said(id: string): string {
  const formula = demoFormulas[id] as FormulaDocument
  return summary(
    sizeBatch(formula, sizeAsWritten(formula), formula.shape, testConditions, null) as Sized,
    sayIn(metric),
  )
}

it('counts the boils of what is boiled, and none of what is not', () => {
  expect(said('orchard-toffee')).toMatch(/in the pot · rises to .* · one boil · \d+ /)
  expect(said('rye-shortcake-bars')).toMatch(/· 2 boils ·/)
  expect(said('harbour-dark-dipping-chocolate')).not.toMatch(/boil|in the pot/)
})
