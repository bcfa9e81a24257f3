import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { labelIngredients, labelText } from '@/words'
import { allLines, gramsAsWritten, mainBoil } from '../formula/document'
import { scale } from '../formula/scale'
import { ingredients } from '../matter/ingredients'
import { testConditions } from '../testing'
import { labelOf, MOST_DAYS } from './label'
import { nutrientIds, nutrientsOf, nutrientsPer100 } from './nutrients'

const by = (id: string) => {
  const found = ingredients.find((i) => i.id === id)
  if (!found) throw new Error(id)
  return found
}
const caramels = demoFormulas['smoked-salt-tamarind-caramels'] as (typeof demoFormulas)[string]
const bars = demoFormulas['rye-shortcake-bars'] as (typeof demoFormulas)[string]
const planOf = (f: typeof caramels) => scale(f, { size: { by: 'weight', grams: 1000 }, potLitres: 9 })

describe('nutrients', () => {
  // of ordinary food tables, kcal and g in 100 g
  test.each([
    ['sugar', { kilocalories: [400, 4], sugars: [100, 1], fat: [0, 0.1] }],
    ['butter', { kilocalories: [744, 15], fat: [82, 1], saturates: [52, 3], protein: [0.7, 0.3] }],
    ['cream-36', { kilocalories: [345, 15], fat: [36, 1], saturates: [23, 2], sugars: [3.1, 0.6] }],
    ['almonds', { kilocalories: [600, 40], fibre: [12.5, 1.5], saturates: [4, 1] }],
    ['honey', { kilocalories: [325, 15], sugars: [80, 4] }],
    ['dark-chocolate-70', { kilocalories: [580, 35], saturates: [24, 2], fibre: [12, 3] }],
    ['condensed-milk', { kilocalories: [327, 15], protein: [7.9, 0.5], salt: [0.3, 0.1] }],
    ['glucose-42', { kilocalories: [321, 10], sugars: [27, 4] }],
    ['soda', { salt: [68.5, 1], kilocalories: [0, 1] }],
    ['salt', { salt: [99.6, 0.5] }],
  ] as const)('%s are near its table', (id, wanted) => {
    const n = nutrientsOf(by(id))
    for (const [k, [value, within]] of Object.entries(wanted) as [keyof typeof n, readonly [number, number]][])
      expect(Math.abs(n[k] - value), k).toBeLessThanOrEqual(within)
  })

  it('of every ingredient are parts of it: none below nothing, none more than the whole', () => {
    for (const i of ingredients) {
      const n = nutrientsOf(i)
      for (const k of nutrientIds) expect(n[k], `${i.id} ${k}`).toBeGreaterThanOrEqual(0)
      expect(n.fat + n.carbohydrate + n.fibre + n.protein).toBeLessThanOrEqual(100.01)
      expect(n.saturates).toBeLessThanOrEqual(n.fat + 1e-9)
      expect(n.sugars).toBeLessThanOrEqual(n.carbohydrate + 1e-9)
    }
  })

  it('are sums by weight, whatever boils off', () => {
    const sugar = by('sugar')
    const butter = by('butter')
    const parts = [
      { ingredient: sugar, grams: 300 },
      { ingredient: butter, grams: 200 },
      { ingredient: by('water'), grams: 500 },
    ]
    const [wet, dry] = [nutrientsPer100(parts, 1000), nutrientsPer100(parts, 480)]
    expect(wet.fat).toBeCloseTo((200 * 0.82 * 100) / 1000, 6)
    for (const k of nutrientIds) expect(dry[k] * 480).toBeCloseTo(wet[k] * 1000, 6)
  })
})

describe('a label', () => {
  test.each(Object.entries(demoFormulas).filter(([, f]) => mainBoil(f)))(
    'of %s names all that went in, in falling order',
    (_, f) => {
      const label = labelOf(f, planOf(f), testConditions, 'cellulose')
      const grams = label.ingredients.map((i) => i.grams)
      expect(grams).toEqual(grams.toSorted((a, b) => b - a))
      const weighed = Object.entries(planOf(f).grams)
      const water = new Set(allLines(f).flatMap((l) => (l.ingredient === 'water' ? [l.id] : [])))
      const wanted = weighed.reduce((sum, [id, g]) => sum + (water.has(id) ? 0 : g), 0)
      const said = label.ingredients.reduce((sum, i) => sum + (i.name === 'water' ? 0 : i.grams), 0)
      expect(said).toBeCloseTo(wanted, 3)
      expect(Object.keys(gramsAsWritten(f)).length).toBeGreaterThan(0)
      for (const a of label.allergens)
        expect(labelIngredients(label).some((r) => r.strong && r.text.toLowerCase() === a)).toBe(true)
      expect(label.keepsDays).toBeGreaterThan(0)
      expect(label.keepsDays).toBeLessThanOrEqual(MOST_DAYS)
    },
  )

  it('opens what is compound, sets allergens apart, and says the share of what it is named after', () => {
    const text = labelText(labelOf(bars, planOf(bars), testConditions, 'foil'), ['Net weight 100 g'])
    expect(text).toMatch(/condensed milk \(MILK, sugar\)|condensed MILK/i)
    expect(text).toMatch(/cocoa mass/)
    expect(text).toMatch(/GLUTEN/)
    expect(text).toMatch(/Net weight 100 g/)
    const tamarind = labelOf(caramels, planOf(caramels), testConditions, 'cellulose').ingredients.find((i) =>
      /tamarind/.test(i.name),
    )
    expect(tamarind?.share).toBeGreaterThan(0.02)
    const sugar = labelOf(caramels, planOf(caramels), testConditions, 'cellulose').ingredients.find(
      (i) => i.name === 'sugar',
    )
    expect(sugar?.share).toBeNull()
  })

  it('is the same for a batch of any size', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 5000 }), (grams) => {
        const plan = scale(caramels, { size: { by: 'weight', grams }, potLitres: 14 })
        const label = labelOf(caramels, plan, testConditions, 'cellulose')
        expect(label.nutrients.sugars).toBeCloseTo(
          labelOf(caramels, planOf(caramels), testConditions, 'cellulose').nutrients.sugars,
          6,
        )
      }),
      { numRuns: 20 },
    )
  })
})
