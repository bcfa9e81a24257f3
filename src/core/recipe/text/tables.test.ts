import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { plainLines } from './plain'

describe('columns set apart by strokes', () => {
  it('are a table where three rows have a bare amount', () => {
    expect(plainLines('Item | g | %\nSugar | 1000 | 40\nHoney | 1200 | 50\nSalt | 20 | 1')).toEqual([
      '1000 g Sugar',
      '1200 g Honey',
      '20 g Salt',
    ])
  })

  it('are called by their marks where a column has those, and go together by the letter', () => {
    expect(
      plainLines(
        'Code | Material | kg\nA1 | Heather honey | 2.400\nA2 | Sucrose | 3.900\nB1 | Egg albumen, dried | 0.090\n\n1. Whip B1. Heat A1 to 125 °C.',
      ),
    ).toEqual([
      'A:',
      '2.400 kg Heather honey',
      '3.900 kg Sucrose',
      'B:',
      '0.090 kg Egg albumen, dried',
      '1. Whip egg albumen. Heat heather honey to 125 °C.',
    ])
  })

  it('are none where each holds a line of its own', () => {
    const rows = '200 g sugar | 100 g honey\n50 g butter | 80 g cream\n5 g salt | 2 g soda'
    expect(plainLines(rows)).toEqual(rows.split('\n'))
  })
})

describe('a table that tells what is done', () => {
  const LIST = '| What | g |\n|---|---|\n| Sugar | 500 |\n| Glucose syrup | 200 |\n| Water | 150 |\n| Citric acid | 8 |'
  const stepsOf = (method: string) =>
    readRecipe(`Drops\n\n${LIST}\n\n${method}`, pantryOf()).formula.steps.map(({ when, say }) => [
      when.on === 'rises' || when.on === 'falls' ? `${when.on} ${when.celsius}` : when.on,
      say,
    ])

  it('is read row by row: each at its heat, what is cooked to it', () => {
    const method =
      '| Step | °C | Action |\n|---|---|---|\n| 1 | | Sugar and water into the pan |\n| 2 | 112 | add the glucose |\n| 3 | 148 | Cook |\n| 4 | | Pour on marble |\n| 5 | 110 | Cool |\n| 6 | | Work in the acid |'
    expect(stepsOf(method)).toEqual([
      ['ready', 'Sugar and water into the pan'],
      ['rises 112', 'At 112° add the glucose'],
      ['target', 'Cook to 148°'],
      ['ready', 'Pour on marble'],
      ['falls 110', 'Cool to 110°'],
      ['ready', 'Work in the acid'],
    ])
  })

  it('has the unit of its head, and a time beside the heat', () => {
    const method =
      'Process | Temp °F | Min\nSugar, water, syrup on | | 4\nCook | 300 |\nRest off the heat | | 2\nAcid in | |\nPour | |'
    expect(plainLines(method)).toEqual([
      'Method',
      'Sugar, water, syrup on 4 min.',
      'Cook to 300 °F.',
      'Rest off the heat 2 min.',
      'Acid in.',
      'Pour.',
    ])
  })
})
