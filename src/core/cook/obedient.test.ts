import { describe, expect, test } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { boiledIn, gramsAsWritten } from '../formula/document'
import { testConditions } from '../testing'
import { cookThrough } from './obedient'

const boils = Object.entries(demoFormulas).flatMap(([id, f]) =>
  boiledIn(f).map((b) => [`${id} ${b.part ?? ''}`.trim(), b.formula] as const),
)
const WATCH = 110

describe('a boil cooked through', () => {
  test.each(boils)('%s is watched before it is pulled, and takes as long as a kitchen has for it', (_, formula) => {
    const through = cookThrough(formula, gramsAsWritten(formula), testConditions, WATCH)
    expect(through?.watchedAt).toBeGreaterThan(0)
    expect(through?.watchedAt).toBeLessThanOrEqual(through?.pulledAt ?? 0)
    expect(through?.pulledAt).toBeLessThan(2 * 3600)
  })

  test.each(boils.slice(0, 6))('%s takes longer on a weaker ring, and never ends on one that is out', (_, formula) => {
    const grams = gramsAsWritten(formula)
    const on = (share: number) =>
      cookThrough(
        formula,
        grams,
        {
          ...testConditions,
          burner: { ...testConditions.burner, efficiency: testConditions.burner.efficiency * share },
        },
        WATCH,
      )?.pulledAt
    expect(on(0.8)).toBeGreaterThan(on(1) ?? 0)
    expect(on(0.001)).toBeUndefined()
  })
})
