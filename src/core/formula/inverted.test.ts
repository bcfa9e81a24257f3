/** What acid splits: by how acid, how long and how hot, and never out of nothing. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { phOf } from '../matter/acidity'
import { ingredientById, ingredients } from '../matter/ingredients'
import { massOf, mix } from '../matter/mix'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { testConditions } from '../testing'
import { analyse } from './analyse'
import { withInverted } from './inverted'
import { verdictsOf } from './verdicts'

const pantry = pantryOf()
const analysed = (list: string, method: string) => {
  const { formula } = readRecipe(`Hard drops\n\n${list}\n\n${method}`, pantry)
  const analysis = analyse(formula, testConditions)
  return { analysis, grain: verdictsOf(analysis, testConditions, formula).find((v) => v.id === 'grain') }
}
const splitIn = (more: string, method = 'Boil all to 150 °C. Pour.'): number =>
  analysed(`500 g sugar\n150 g water${more}`, method).analysis.inverted.share

describe('how acid a syrup is', () => {
  it.each([
    ['water', 7, 8],
    ['lemon-juice', 2, 3],
    ['honey', 3.5, 5],
    ['milk-whole', 6.2, 6.9],
    ['cream-of-tartar', 3.5, 3.7],
    ['treacle', 4, 6],
  ])('%s stands between pH %d and %d', (id, least, most) => {
    const ph = phOf([{ ingredient: ingredientById(id), grams: 100 }])
    expect(ph).toBeGreaterThan(least)
    expect(ph).toBeLessThan(most)
  })

  it('lies between what its ingredients hold it at, by how much there is of them', () => {
    const any = fc.constantFrom(...ingredients)
    fc.assert(
      fc.property(any, any, fc.integer({ min: 1, max: 500 }), fc.integer({ min: 1, max: 500 }), (a, b, of, more) => {
        const alone = [a, b].map((ingredient) => phOf([{ ingredient, grams: 100 }]))
        const both = phOf([
          { ingredient: a, grams: of },
          { ingredient: b, grams: more },
        ])
        expect(both).toBeGreaterThanOrEqual(Math.min(...alone) - 1e-9)
        expect(both).toBeLessThanOrEqual(Math.max(...alone) + 1e-9)
      }),
    )
  })
})

describe('what acid splits', () => {
  it('is hardly any of a plain syrup, a tenth with cream of tartar, and all where citric acid is boiled with it', () => {
    expect(splitIn('')).toBeLessThan(0.005)
    expect(splitIn('\n1 g cream of tartar')).toBeGreaterThan(0.03)
    expect(splitIn('\n1 g cream of tartar')).toBeLessThan(0.15)
    expect(splitIn('\n5 g citric acid')).toBeGreaterThan(0.8)
    expect(splitIn('\n5 g citric acid', 'Boil sugar and water to 150 °C. Add the acid. Pour.')).toBeLessThan(0.005)
  })

  it('is less where milk or soda holds the acid, and more where it boils for longer', () => {
    const cream = splitIn('\n20 g lemon juice\n200 g cream', 'Boil all to 119 °C. Pour.')
    expect(cream).toBeLessThan(splitIn('\n20 g lemon juice\n200 g water', 'Boil all to 119 °C. Pour.') / 5)
    expect(splitIn('\n2 g cream of tartar\n2 g baking soda')).toBeLessThan(splitIn('\n2 g cream of tartar') / 5)
    const simmered = 'Boil all. Simmer for 30 minutes. Boil to 150 °C. Pour.'
    expect(splitIn('\n1 g cream of tartar', simmered)).toBeGreaterThan(splitIn('\n1 g cream of tartar'))
  })

  it('is some where it was caramel, more the darker it was, and less where sugar went in after it', () => {
    const stopped = (celsius: number, more = ''): number =>
      analysed(
        `400 g sugar\n100 g water\n300 g cream${more}`,
        `Boil sugar and water to ${celsius} °C. Add the cream${more ? ' and honey' : ''}. Cook to 118 °C. Pour.`,
      ).analysis.inverted.share
    expect(stopped(150)).toBeLessThan(0.005)
    expect(stopped(172)).toBeGreaterThan(0.05)
    expect(stopped(186)).toBeGreaterThan(stopped(172) + 0.1)
    const lots = (first: number): number =>
      analysed(
        `${first} g sugar\n${500 - first} g brown sugar\n200 g cream`,
        'Melt the sugar to 180 °C. Add the cream and brown sugar. Cook to 118 °C. Pour.',
      ).analysis.inverted.share
    expect(lots(100)).toBeLessThan(lots(400))
  })

  it('grows with the acid, lies in its range, and loses no mass', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (acid, share) => {
          const less = analysed(
            `500 g sugar\n150 g water\n${acid.toFixed(2)} g tartaric acid`,
            'Boil all to 140 °C. Pour.',
          )
          const { low, high, share: likely } = less.analysis.inverted
          expect(low).toBeLessThanOrEqual(likely)
          expect(likely).toBeLessThanOrEqual(high)
          expect(splitIn(`\n${(acid + 1).toFixed(2)} g tartaric acid`, 'Boil all to 140 °C. Pour.')).toBeGreaterThan(
            likely - 1e-9,
          )
          const syrup = mix({ sucrose: 80, water: 20 })
          expect(massOf(withInverted(syrup, share))).toBeCloseTo(100, 9)
        },
      ),
      { numRuns: 15 },
    )
  })

  it('is said with the doctors, between what it may be, and only where it is some', () => {
    const { grain } = analysed('500 g sugar\n150 g water\n1.5 g cream of tartar', 'Boil all to 150 °C. Pour.')
    if (grain?.id !== 'grain' || grain.figures.between === null) throw new Error('nothing is said of its acid')
    const { doctors, between } = grain.figures
    expect(between.low).toBeLessThan(doctors)
    expect(between.high).toBeGreaterThan(doctors)
    expect(analysed('500 g sugar\n150 g water', 'Boil all to 150 °C. Pour.').grain?.figures).toMatchObject({
      between: null,
    })
  })
})
