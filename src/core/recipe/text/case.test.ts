import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { inSentences } from './case'

describe('a text in letters of one size', () => {
  it.each([
    ['boil to 118 c. add the nuts.\npour', 'Boil to 118 c. Add the nuts.\nPour'],
    ['MELT IN A 3-QT. PAN. BOIL 10 MIN. LID OFF.', 'Melt in a 3-qt. pan. Boil 10 min. Lid off.'],
    ['boil 10 min. or longer', 'Boil 10 min. or longer'],
    ['2 c. sugar', '2 c. sugar'],
    ['(pour. wait)', '(Pour. Wait)'],
    ['Vinegar candy\nboil it to 260 F. pour on a platter.', 'Vinegar candy\nBoil it to 260 f. Pour on a platter.'],
  ])('%s is written %s', (typed, written) => expect(inSentences(typed)).toBe(written))

  it('that has capitals where they belong stays as it is', () => {
    const text = 'Boil to 118 °C. add the nuts.'
    expect(inSentences(text)).toBe(text)
  })

  const CARD = `Old Toffee

200 g sugar
50 ml water
100 g butter

Put the sugar and water in a 2-qt. pan. Boil 10 min. Lid off; cook to 145 °C. Add the butter. Pour onto a slab. Break when cold.`

  it.each([
    ['small letters', CARD.toLowerCase()],
    ['capitals', CARD.toUpperCase()],
  ])('is read as it would be in both: %s', (_, text) => {
    const read = (written: string) => {
      const { formula, questions } = readRecipe(written, pantryOf())
      return [formula.lines.map((l) => [l.ingredient, l.grams]), formula.steps.map((s) => s.when), questions.length]
    }
    expect(read(text)).toEqual(read(CARD))
  })

  it('asks which of two spoons a lone t is', () => {
    const { questions } = readRecipe('toffee\n\n200 g sugar\n2 t. salt\n\nboil it to 145 °c. pour.', pantryOf())
    expect(questions.map((q) => q.reading.question)).toEqual([
      { id: 'disagree', figures: { amount: '2 tsp', other: '2 tbsp' } },
    ])
  })

  // hours, where each letter could begin a word that reaches to the end
  it.each(['1', 'a', '. ', '1 c'])('is read at once, though it only repeats %j', (piece) => {
    const text = piece.repeat(Math.floor(20_000 / piece.length))
    expect(inSentences(text).toLowerCase()).toBe(text)
  })
})
