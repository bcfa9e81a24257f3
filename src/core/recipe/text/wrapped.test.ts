import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { unwrapped } from './wrapped'

const pantry = pantryOf()

/** A text as it is broken into rows of at most so many letters. */
const wrapped = (text: string, width: number): string =>
  text
    .split('\n')
    .map((line) => line.replace(new RegExp(`(.{1,${width}})(?: +|$)`, 'g'), '$1\n').trimEnd())
    .join('\n')

const CARAMELS = `Cider Caramels

These keep for weeks, and are gone in two days.

4 tbsp unsalted butter, cut into small cubes and left to soften at room temperature for an hour
1 cup granulated sugar
1/2 cup packed light brown sugar
1/3 cup heavy cream
1/4 cup honey

1. Line the bottom and the sides of an 8-inch square pan with two long sheets of crisscrossed parchment, and set it aside.
2. Put the sugars, the honey and the cream into a heavy 3-quart saucepan over medium heat, and stir until the last of the grains have gone. Clip on a thermometer. Boil, without stirring, until it reads 250°F.
3. Take the pan off the heat, stir in the butter, and pour it into the pan at once. Let it sit until it is cool, about 2 hours.
4. Cut into 1-by-1-inch squares with an oiled knife. Wrap each in waxed paper.`

const BRITTLE = `Peanut Brittle

400 g sugar
160 g golden syrup
100 ml water
200 g raw peanuts
15 g butter
9 g bicarbonate of soda

Combine the sugar, the syrup and the water in a large, heavy saucepan, and stir over a gentle heat until it is clear. Turn up the heat and boil to 115 °C. Add the peanuts and go on cooking, stirring all the time, until the thermometer shows 150 °C and the nuts are golden. Take it off the heat; beat in the butter and the soda. Pour onto an oiled slab, and pull it as thin as it will go. Break it up when it is cold.`

const read = (text: string) => {
  const { formula, questions, asks } = readRecipe(text, pantry)
  return {
    lines: formula.lines.map((l) => [l.ingredient, l.grams, l.group]),
    steps: formula.steps.map((s) => [s.when, s.say]),
    target: formula.target,
    asked: [questions.length, asks.map((a) => a.id)],
  }
}

describe('a text in rows of one width', () => {
  it.each([58, 64, 72, 80, 96, 110])('is read as it was before it was broken, at %i letters', (width) => {
    for (const text of [CARAMELS, BRITTLE]) expect(read(wrapped(text, width))).toEqual(read(text))
  })

  it.each([
    [
      'lines of a list that begin small',
      ['butter, unsalted, cut in cubes, at the heat of the room 200 g', 'sugar 100 g', 'honey 50 g'],
    ],
    [
      'steps with numbers',
      [
        '1. Boil the sugar and the water in a pan until it is at 150',
        '2. pour it out onto a slab that was oiled before, and wait',
      ],
    ],
    ['short lines', ['sugar', 'water', 'honey']],
    ['lines longer than any page', [`${'boil it and '.repeat(20)}so on,`, 'and then pour it']],
  ])('leaves %s as they are', (_, rows) => expect(unwrapped(rows)).toEqual(rows))
})
