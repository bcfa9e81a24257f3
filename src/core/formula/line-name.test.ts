/** What a line is called: an ingredient that only says its kind is called as it was written. */
import { expect, it } from 'vitest'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { nameOfLine } from './line-name'

const namesOf = (list: string): string[] => {
  const { formula } = readRecipe(`A sweet\n\n${list}\n\nBoil everything to 150 °C. Pour.`, pantryOf())
  return formula.lines.map((l) => nameOfLine(formula, l))
}

it.each([
  ['1 tsp ground cinnamon', 'Ground cinnamon'],
  ['½ tsp cayenne pepper', 'Cayenne pepper'],
  ['2 tbsp bourbon', 'Bourbon'],
  ['1 tsp lemon extract', 'Lemon extract'],
  ['5 drops oil of peppermint', 'Oil of peppermint'],
  ['85 g apple juice', 'Apple juice'],
  ['200 g caster sugar', 'Caster sugar'],
  // another word for the same thing: the pantry's own
  ['100 g filberts', 'Hazelnuts'],
])('%s is called %s', (line, called) => {
  expect(namesOf(line)).toEqual([called])
})

it('tells two spices of a list apart', () => {
  expect(new Set(namesOf('300 g sugar\n1 tsp cinnamon\n1 tsp ginger powder')).size).toBe(3)
})
