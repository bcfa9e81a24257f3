import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { components } from './components'
import { ingredientById, ingredients } from './ingredients'
import { addMix, massOf, mix, scaleMix, waterShare } from './mix'
import { pantryOf } from './names'
import { mixOf } from './portions'
import { everyNameOf, standsForMany, synonyms } from './synonyms'
import { unitWeights, unitWeightsOf } from './unit-weights'

describe('the pantry', () => {
  it('has at least 90 ingredients, none twice, no name taken twice', () => {
    expect(ingredients.length).toBeGreaterThanOrEqual(90)
    const ids = ingredients.map((i) => i.id)
    expect(new Set(ids).size).toBe(ids.length)
    // gelatin is called the same whatever its bloom
    const named = ingredients.filter((i) => !/^gelatin-powder-/.test(i.id))
    const names = named.flatMap((i) => everyNameOf(i).map((n) => n.toLowerCase()))
    expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([])
    // a name of something the pantry does not have is a slip
    expect(
      [...Object.keys(synonyms), ...Object.keys(unitWeights), ...standsForMany].filter((id) => !ids.includes(id)),
    ).toEqual([])
  })

  test.each(ingredients.map((i) => [i.id, i] as const))('%s adds up to 100 g of sensible parts', (_, i) => {
    expect(massOf(i.per100)).toBeCloseTo(100, 2)
    for (const c of components) expect(i.per100[c]).toBeGreaterThanOrEqual(0)
    expect(i.density).toBeGreaterThan(0.01)
    expect(i.density).toBeLessThan(1.6)
    for (const grams of Object.values(unitWeightsOf(i))) expect(grams).toBeGreaterThan(0)
  })

  it('names milk, egg, nuts, sesame, soya, gluten and gelatin where they are', () => {
    for (const [id, allergen] of [
      ['condensed-milk', 'milk'],
      ['ghee', 'milk'],
      ['egg-white', 'egg'],
      ['pistachios', 'nuts'],
      ['peanut-butter', 'peanuts'],
      ['tahini', 'sesame'],
      ['dark-chocolate-70', 'soya'],
      ['rye-flour', 'gluten'],
      ['gelatin-gold', 'gelatin'],
    ] as const)
      expect(ingredientById(id).allergens).toContain(allergen)
    expect(ingredientById('sugar').allergens).toEqual([])
  })

  test.each([
    ['superfine sugar', 'caster-sugar'],
    ["Confectioners' sugar", 'icing-sugar'],
    ['heavy cream', 'cream-36'],
    ['bicarbonate of soda', 'soda'],
    ['molasses', 'treacle'],
    ['cornstarch', 'cornflour'],
    ['juice of a lime', 'lime-juice'],
  ])('%s is found as %s', (name, id) => expect(pantryOf().called(name)?.id).toBe(id))

  it('does not guess', () => {
    expect(pantryOf().called('stardust')).toBeNull()
    expect(() => ingredientById('stardust')).toThrow(/stardust/)
  })
})

const anyMix = fc
  .record({
    water: fc.double({ min: 0, max: 500, noNaN: true }),
    sucrose: fc.double({ min: 0, max: 500, noNaN: true }),
    glucoseSolids: fc.double({ min: 0.1, max: 500, noNaN: true }),
    fat: fc.double({ min: 0, max: 500, noNaN: true }),
    de: fc.double({ min: 20, max: 65, noNaN: true }),
  })
  .map(mix)

describe('mixes', () => {
  it('add up, and keep the moles of glucose solids', () => {
    fc.assert(
      fc.property(anyMix, anyMix, (a, b) => {
        const sum = addMix(a, b)
        expect(massOf(sum)).toBeCloseTo(massOf(a) + massOf(b), 6)
        expect(sum.glucoseSolids * sum.de).toBeCloseTo(a.glucoseSolids * a.de + b.glucoseSolids * b.de, 4)
      }),
    )
  })

  it('scale without changing their shares', () => {
    fc.assert(
      fc.property(anyMix, fc.double({ min: 0.01, max: 100, noNaN: true }), (m, f) => {
        expect(massOf(scaleMix(m, f))).toBeCloseTo(f * massOf(m), 4)
        expect(waterShare(scaleMix(m, f))).toBeCloseTo(waterShare(m), 9)
      }),
    )
    expect(waterShare(mix({}))).toBe(0)
  })

  it('keep whole pieces out of the syrup', () => {
    const m = mixOf([
      { ingredient: ingredientById('dried-pear'), grams: 100 },
      { ingredient: ingredientById('sugar'), grams: 100 },
    ])
    expect(m.insoluble).toBeCloseTo(100)
    expect(m.water).toBe(0)
    expect(m.monosaccharide).toBe(0)
  })
})
