/** Whatever is read from a text can be saved as it was read: its ids, its notes and its lists are within bounds. */
import { describe, expect, it } from 'vitest'
import { allLines, type FormulaDocument, pantryOf, readRecipe } from '@/core'
import { moments } from '@/core/recipe/examples/moments.table'
import { benchMoments } from '@/core/recipe/examples/moments-bench.table'
import { marketMoments } from '@/core/recipe/examples/moments-market.table'
import { sweets } from '@/core/recipe/examples/sweets.table'
import { breathSweets } from '@/core/recipe/examples/sweets-breath.table'
import { formulaSchema } from './formula'
import { firstProblem } from './text'

const pantry = pantryOf()
/** What keeps a formula from being saved, but that nobody has said what it is about. */
function problemOf(formula: FormulaDocument): string | null {
  const parsed = formulaSchema.safeParse(formula)
  return parsed.success ? null : firstProblem(parsed.error)
}

const HAND_MADE =
  '300 ml apple juice\n50 g honey\n30 g powdered gelatine (225 bloom)\n100 g sweetened condensed milk\nFor the sour coating: 60 g granulated sugar, 8 g citric acid\n\nSoak the gelatine in the apple juice. Leave 10 min. Warm the honey and the condensed milk to 60 °C; do not boil. Stir in the gelatine. Pour into moulds. Toss in the coating.'
const LAYERS =
  'For the chocolate caramel layer:\n397 g sweetened condensed milk\n150 g light muscovado sugar\n20 g powdered gelatine (225 bloom)\nFor the chocolate caramel topping:\n200 g sweetened condensed milk\n100 g light muscovado sugar\n20 g powdered gelatine (225 bloom)\nFor the shortbread base:\n200 g wheat flour\n100 g butter\n\nShortbread base: rub together, press into a tin, bake at 170 °C for 20 min.\nChocolate caramel layer: boil it all to 112 °C. Pour over the base.\nChocolate caramel topping: boil it all to 110 °C. Pour over the layer.'
const TWO_POTS =
  '300 g honey\n100 g invert sugar syrup\n400 g sugar\n130 g water\n70 g egg whites\n500 g flaked almonds\n\nBoil the honey and the invert sugar syrup to 125 °C. Whisk the egg whites to soft peaks. Pour the honey over the whites. Boil the sugar and the water to 145 °C. Pour onto the meringue. Fold in the almonds. Press into a tray.'

const LONG_NAME = 'Great-grandmother Wilhelmina’s exceedingly sour cherry and raspberry gummies of the summer fair'

describe('what is read from a text', () => {
  it.each([
    ['made by hand, under a long name', `${LONG_NAME}\n\n${HAND_MADE}`],
    ['in layers with long headings that begin alike', `${LONG_NAME}\n\n${LAYERS}`],
    ['of two pots', `${LONG_NAME}\n\n${TWO_POTS}`],
  ])('can be saved: %s', (_, text) => {
    const { formula } = readRecipe(text, pantry)
    expect(problemOf(formula)).toBeNull()
    const ids = allLines(formula).map((l) => l.id)
    expect([formula.parts?.length ?? 0, ids.length]).toEqual([expect.any(Number), new Set(ids).size])
    expect(formula.parts?.length).toBeGreaterThan(0)
  })

  it('can be saved whatever it is: methods, and whole sweets', () => {
    const texts = [
      ...[...moments, ...benchMoments, ...marketMoments].map(
        ([, list, method]) => `${LONG_NAME}\n\n${list}\n\n${method}`,
      ),
      ...[...sweets, ...breathSweets].map((s) =>
        [LONG_NAME, '', ...s.list, '', ...s.said.map(([way]) => way)].join('\n'),
      ),
    ]
    const wrong = texts.flatMap((text) => {
      const problem = problemOf(readRecipe(text, pantry).formula)
      return problem === null ? [] : [`${problem}: ${text}`]
    })
    expect(wrong).toEqual([])
  })
})
