import { describe, expect, it } from 'vitest'
import { analyse } from '../formula/analyse'
import { type FormulaDocument, gramsAsWritten, piecesOf } from '../formula/document'
import { scale } from '../formula/scale'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { testConditions } from '../testing'
import { type Want, wantOf } from './wants'

/** What the works of a pasted recipe want, by their kind. */
function wantsOf(list: string, method: string): Partial<Record<Want['id'], Want>> {
  const { formula } = readRecipe(`Test\n\n${list}\n\nMethod\n${method}`, pantryOf())
  const plan = { ...scale(formula, { size: { by: 'weight', grams: 700 } }), grams: gramsAsWritten(formula) }
  const wants = piecesOf(formula).flatMap(({ formula: piece }: { formula: FormulaDocument }) =>
    piece.steps.flatMap((step) => {
      const analysis = piece.lines.length > 0 ? analyse(piece, testConditions, plan.grams) : null
      return wantOf(step, { formula: piece, analysis, plan, conditions: testConditions }) ?? []
    }),
  )
  return Object.fromEntries(wants.map((w) => [w.id, w]))
}

describe('what a work wants', () => {
  it('is a middle that is baked through of a dough alone: what was boiled only dries in an oven', () => {
    const popcorn = wantsOf(
      '150 g popped corn\n200 g brown sugar\n100 g butter\n80 g corn syrup',
      'Boil the sugar, butter and syrup to 138 °C. Pour over the popcorn. Bake at 120 °C for 1 hour. Cool.',
    )
    expect(popcorn.bake).toBeUndefined()
    const bars = wantsOf(
      'Base\n200 g flour\n100 g butter\n60 g sugar\nCaramel\n200 g sugar\n100 g butter\n100 g cream',
      'Base: rub the butter into the flour and sugar, press into a 20 cm tin. Bake at 170 °C for 20 min.\nCaramel: boil all to 118 °C. Pour over the base.',
    )
    expect(bars.bake).toBeDefined()
  })

  it('is chocolate to dip in, beside what the list has for it', () => {
    const toffee = (list: string) =>
      wantsOf(
        `225 g butter\n225 g sugar\n45 g water${list}`,
        'Boil the butter, sugar and water to 148 °C. Pour onto a mat, spread 5 mm thick. Cool completely. Break up. Melt the chocolate and dip the pieces in it.',
      ).coat
    const [none, some] = [toffee(''), toffee('\n170 g dark chocolate 70%')]
    expect(none?.figures).toMatchObject({ listed: 0 })
    expect(some?.figures).toMatchObject({ listed: 170 })
  })

  it.each([
    ['Dust with icing sugar.', null],
    ['Dust.', true],
    ['Roll in starch and icing sugar.', true],
    ['Roll in cocoa.', null],
    ['Toss in the rest of the cornflour mix.', null],
  ])('is starch and icing sugar to dust with, where it says of nothing else: %s', (method, starch) => {
    const { dust } = wantsOf(
      '400 g sugar\n200 g glucose syrup',
      `Boil sugar and glucose to 150 °C. Pour. Cut. ${method}`,
    )
    if (dust?.id !== 'dust') throw new Error('nothing to dust with')
    expect(dust.figures.grams).toBeGreaterThan(0)
    expect(dust.figures.starch).toBe(starch && dust.figures.grams / 2)
    const { dust: rolled } = wantsOf(
      '500 g plum puree\n450 g sugar\n12 g pectin',
      'Boil all to 107 °C. Pour. Leave overnight and cut. Dust them.',
    )
    expect(rolled).toMatchObject({ figures: { starch: null } })
  })
})
