import { describe, expect, it } from 'vitest'
import { gramsAsWritten } from '../../formula/document'
import { allergensIn, groupMix } from '../../formula/mixes'
import { massOf } from '../../matter/mix'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const LIST = ['400 g cream', '400 g sugar', '150 g golden syrup', '60 g butter']
const read = (flavour: string, method: string) =>
  readRecipe([`Caramels`, '', flavour, ...LIST, '', method].join('\n'), pantryOf()).formula
const strained = (flavour: string, method: string): string[] =>
  read(flavour, method).lines.flatMap((l) => (l.strained ? [l.ingredient] : []))

const COOK =
  'Boil the sugar and syrup to 150 °C. Pour in the warm cream. Boil to 121 °C. Stir in the butter. Pour into a tin.'

describe('what is strained out again', () => {
  it.each([
    [
      '60 g coffee beans',
      'Bring the cream and coffee beans to the boil, leave 20 minutes, then strain.',
      'coffee-beans',
    ],
    [
      '40 g fresh ginger',
      'Heat the cream with the ginger. Cover. Leave half an hour. Strain, pressing it well.',
      'fresh-ginger',
    ],
    ['3 tea bags', 'Steep the tea bags in the hot cream for 10 minutes. Squeeze and discard the bags.', 'tea-leaves'],
    ['1 bay leaf', 'Warm the cream with the bay leaf. Fish out the bay leaf.', 'bay-leaf'],
    ['100 g almonds', 'Infuse the toasted almonds in the hot cream overnight and strain.', 'almonds'],
  ])('%s: "%s"', (flavour, method, id) => {
    expect(strained(flavour, `${method} ${COOK}`)).toEqual([id])
  })

  it.each([
    ['100 g almonds', 'Warm the cream. Remove the skins from the almonds.'],
    ['100 g almonds', 'Infuse the almonds in the cream and strain. Chop the almonds and keep them by.'],
    ['100 g dried apricots', 'Simmer the apricots in the cream and strain.'],
    ['40 g fresh ginger', 'Take the cream and remove the pan from the heat and add the ginger.'],
    ['10 g instant coffee', 'Warm the cream with the coffee. Strain.'],
  ])('and not %s: "%s"', (flavour, method) => {
    expect(strained(flavour, `${method} ${COOK}`)).toEqual([])
  })

  it('is so of what is asked about, whatever is answered', () => {
    const { questions } = readRecipe(
      [
        'Caramels',
        '',
        '2 tbsp zog, dried',
        ...LIST,
        '',
        `Steep the zog in the hot cream for 10 minutes, then strain. ${COOK}`,
      ].join('\n'),
      pantryOf(),
    )
    expect(questions.map((q) => q.reading.note)).toEqual(['dried, strained out'])
  })

  it('weighs nothing in the pot, and leaves its allergens', () => {
    const formula = read('100 g almonds', `Infuse the toasted almonds in the hot cream overnight and strain. ${COOK}`)
    const line = formula.lines.find((l) => l.ingredient === 'almonds')
    const beside = formula.lines
      .filter((l) => l.group === line?.group && l !== line)
      .reduce((sum, l) => sum + l.grams, 0)
    expect(massOf(groupMix(formula, line?.group ?? '', gramsAsWritten(formula)))).toBeCloseTo(beside, 6)
    expect(allergensIn(formula)).toContain('nuts')
    expect(line?.note).toBe('strained out')
  })
})
