import { expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readLines } from './lines'

const pantry = pantryOf()

it.each([
  ['16 g citric acid solution 50 %', ['citric-acid 8', 'water 8']],
  ['citric acid solution (1:1), 9 g', ['citric-acid 4.5', 'water 4.5']],
  // quarters have a sign of their own; a line has tenths
  ['Citric acid solution 50% 8.5 g', ['citric-acid 4.3', 'water 4.3']],
  ['malic acid 6 g in 6 g water', ['malic-acid 6', 'water 6']],
  ['1 g baking soda, dissolved in 10 g water', ['soda 1', 'water 10']],
])('is what it is made of: %s', (row, wanted) => {
  const { lines } = readLines([{ heading: null, lines: [row] }], { pantry, house: [] })
  expect(lines.map((l) => `${l.ingredient} ${l.grams}`)).toEqual(wanted)
})
