import { expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { oneWay } from './ways'

it.each<[string, string[], string[], string[]]>([
  [
    'row by row, of which the rest is of either',
    ['FAST: boil to 116 °C and beat.', 'SLOW: boil to 113 °C, cool to 43 °C, beat.', 'Pour in a tin.'],
    ['boil to 116 °C and beat.', 'Pour in a tin.'],
    ['SLOW: boil to 113 °C, cool to 43 °C, beat.'],
  ],
  [
    'over several rows',
    ['Method 1: melt the sugar.', 'Cook to 150 °C.', 'Method 2: microwave it.', 'Pour.'],
    ['melt the sugar.', 'Cook to 150 °C.'],
    ['Method 2: microwave it.', 'Pour.'],
  ],
  [
    'of which the first is only a heading',
    ['Cook to 150 °C.', 'Method 2: microwave it.'],
    ['Cook to 150 °C.'],
    ['Method 2: microwave it.'],
  ],
  ['not at all', ['Slow: simmer for an hour.', 'Pour.'], ['Slow: simmer for an hour.', 'Pour.'], []],
])('a method that is told twice, %s', (_, rows, done, aside) => {
  expect(oneWay(rows)).toEqual({ done, aside })
})

it('is cooked in one way, and the other is left in the notes', () => {
  const { formula, left } = readRecipe(
    'Fudge\n\n400 g sugar\n200 g cream\n\nFAST: boil all to 116 °C and beat right away.\nSLOW: boil to 113 °C, cool to 43 °C, beat till dull.\nPour in a tin.',
    pantryOf(),
  )
  expect(formula.target?.celsius).toBe(116)
  expect(formula.steps.map((s) => s.when.on)).not.toContain('falls')
  expect(left.join(' ')).toMatch(/SLOW/)
})
