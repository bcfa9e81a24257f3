import { expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { families } from '../craft/families'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { isBoiled } from './document'
import { spoiltAtOf } from './spoilt'

it.each(['orchard-toffee', 'rhubarb-nettle-elderflower-drops', 'malted-milk-fudge'])(
  'is where its family is: %s',
  (id) => {
    const formula = demoBoil(id)
    expect(spoiltAtOf(formula)).toBe(families[formula.family].spoiltAt)
  },
)

it.each([
  [
    'a marshmallow of burnt sugar',
    '25 g gelatin\n125 g water\n450 g sugar\n150 g water',
    'Bloom the gelatin in 125 g water. Caramelise the sugar to a dark caramel. Add the rest of the water, cook to 118 °C. Pour over the gelatin. Whip 10 min. Spread in a tin.',
  ],
  ['barley sugar that is to be amber', '450 g sugar\n150 ml water', 'Boil until amber. Pour on a slab.'],
  ['drops that are cooked to 172 °C', '300 g sugar\n60 g water', 'Boil to 172 °C. Pour into moulds.'],
])('is past what its own steps brown it to: %s', (name, list, method) => {
  const { formula } = readRecipe(`${name}\n\n${list}\n\n${method}`, pantryOf())
  if (!isBoiled(formula)) throw new Error('Nothing is boiled')
  const asked = formula.steps.flatMap(({ when, shows }) =>
    when.on === 'colour' ? when.celsius : typeof shows === 'number' ? shows : [],
  )
  expect(spoiltAtOf(formula)).toBeGreaterThan(Math.max(formula.target.celsius, ...asked) + 5)
  expect(spoiltAtOf(formula)).toBeGreaterThan(families[formula.family].spoiltAt)
})
