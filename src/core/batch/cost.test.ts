import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { scale } from '../formula/scale'
import { costOf, gramsByIngredient, type LotStock, takeLots } from './cost'

const caramels = demoFormulas['smoked-salt-tamarind-caramels'] as (typeof demoFormulas)[string]
const plan = scale(caramels, { size: { by: 'pieces', pieces: 100 }, potLitres: 9 })
const prices = { perKg: { sugar: 1.2, butter: 9 }, perKwh: 0.3, perWrap: 0.02, perHour: 18 }

describe('what a batch costs', () => {
  it('is what went in by the kilo, energy, wrapping and work, as by hand', () => {
    const c = costOf(caramels, plan, prices, { kwh: 0.5, minutes: 90, pieces: 100 })
    const grams = gramsByIngredient(caramels, plan)
    const by = (1.2 * (grams.get('sugar') ?? 0) + 9 * (grams.get('butter') ?? 0)) / 1000
    expect(c.ingredients).toBeCloseTo(by, 9)
    expect(c.total).toBeCloseTo(by + 0.15 + 2 + 27, 9)
    expect(c.perPiece).toBeCloseTo(c.total / 100, 9)
    expect(costOf(caramels, plan, prices, { kwh: 0.5, minutes: 90, pieces: 0 }).perPiece).toBeNull()
    expect(c.unpriced).not.toContain('Water')
    expect(c.unpriced.length).toBeGreaterThan(2)
  })
})

const lot = fc.record({
  id: fc.uuid(),
  ingredient: fc.constantFrom('sugar', 'butter'),
  left: fc.integer({ min: -500, max: 3000 }),
  bestBefore: fc.constantFrom('2026-12-01', '2027-01-01', null),
  got: fc.constantFrom('2026-08-01', '2026-09-01'),
})

describe('lots', () => {
  it('give all that is wanted of what there is a lot of, and go below nothing only where none is left', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(lot, { selector: (l) => l.id, maxLength: 8 }),
        fc.integer({ min: 1, max: 6000 }),
        (lots, grams) => {
          const uses = takeLots(new Map([['sugar', grams]]), lots as LotStock[])
          const sugar = lots.filter((l) => l.ingredient === 'sugar')
          expect(uses.reduce((sum, u) => sum + u.grams, 0)).toBe(sugar.length > 0 ? grams : 0)
          const over = uses.filter((u) => u.grams > Math.max(0, lots.find((l) => l.id === u.lot)?.left ?? 0))
          expect(over.length).toBeLessThanOrEqual(1)
          const inStock = sugar.reduce((sum, l) => sum + Math.max(0, l.left), 0)
          if (inStock >= grams) expect(over).toEqual([])
        },
      ),
    )
  })

  it('are taken by the date they should be used by', () => {
    const lots = [
      { id: 'late', ingredient: 'sugar', left: 1000, bestBefore: '2027-01-01', got: '2026-08-01' },
      { id: 'soon', ingredient: 'sugar', left: 300, bestBefore: '2026-12-01', got: '2026-09-01' },
    ]
    expect(takeLots(new Map([['sugar', 500]]), lots)).toEqual([
      { lot: 'soon', ingredient: 'sugar', grams: 300 },
      { lot: 'late', ingredient: 'sugar', grams: 200 },
    ])
  })

  it('are the chosen ones where somebody chose, whatever they should be used by, and even beyond what is left', () => {
    const lots = [
      { id: 'late', ingredient: 'sugar', left: 100, bestBefore: '2027-01-01', got: '2026-08-01' },
      { id: 'soon', ingredient: 'sugar', left: 300, bestBefore: '2026-12-01', got: '2026-09-01' },
    ]
    expect(takeLots(new Map([['sugar', 500]]), lots, new Set(['late']))).toEqual([
      { lot: 'late', ingredient: 'sugar', grams: 500 },
    ])
  })
})
