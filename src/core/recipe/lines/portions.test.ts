import { describe, expect, it } from 'vitest'
import { readLine } from '../../matter/line'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()
const WAYS = [
  'Boil # of the brown sugar and the honey to 110 °C. Add the remaining brown sugar, cook to 120 °C. Pour it out.',
  'Put the honey and # brown sugar in a pan and boil to 110 °C. Stir in the rest of the brown sugar, cook to 120 °C. Pour it out.',
]

describe('a line that goes in by parts', () => {
  it.each([
    ...['1', '1/2', '1 1/2', '½', '1½', '1-1/2', '1 and 1/2', '2 & 1/4', '0.75', '2,5', '3 level', 'a scant'],
    ...['a', 'two', 'half a', 'one half', 'one-half', 'one and one-half', 'two and one half', 'one and a half'],
    ...['one and a quarter', 'two-thirds of a', 'three-fourths', 'three quarters of a', 'a third of a'],
  ])('has as much in the first as %s weighs in a list, and the rest in the other', (many) => {
    for (const unit of ['cups', 'pounds']) {
      const part = readLine(`${many} ${unit} brown sugar`, pantry, []).grams as number
      const whole = readLine(`8 ${unit} brown sugar`, pantry, []).grams as number
      for (const way of WAYS) {
        const { formula, questions, asks } = readRecipe(
          `Chews\n\n8 ${unit} brown sugar\n300 g honey\n\n${way.replace('#', `${many} ${unit}`)}`,
          pantry,
        )
        const grams = formula.lines.flatMap((l) => (l.ingredient === 'light-brown-sugar' ? [l.grams] : []))
        expect(grams, `${many} ${unit}`).toEqual([expect.closeTo(part, 0), expect.closeTo(whole - part, 0)])
        expect([questions, asks.filter((a) => a.id === 'place')]).toEqual([[], []])
      }
    }
  })

  it('is not parted by what a spoon of it dissolves', () => {
    const { formula, asks } = readRecipe(
      'Drops\n\n900 g sugar\n300 ml water\n3 g cream of tartar\n\nBoil the sugar and water to 110 °C, then add the tartar dissolved in a tsp water. Cook to 150 °C. Pour it out.',
      pantry,
    )
    expect(formula.lines.map((l) => Math.round(l.grams))).toEqual([900, 300, 3])
    expect(asks.map((a) => a.id)).toEqual(['family'])
  })
})
