import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const read = (text: string, answers = {}) => readRecipe(text, pantryOf(), [], answers)
const partsOf = (text: string) =>
  (read(text).formula.parts ?? []).map(({ label, formula }) => [
    label,
    formula.lines.map((l) => `${l.ingredient} ${Math.round(l.grams)}`),
    formula.steps.map((s) => s.when.on),
  ])

const BARS = `Quay bars

150 g plain flour
50 g caster sugar
100 g butter
100 g butter
100 g light brown sugar
397 g condensed milk

Rub together the flour, sugar and 100 g butter, press into a 20 cm tin and bake at 170 °C for 25 min. Cool. Put the other butter, brown sugar and condensed milk in a pan, melt, then boil stirring to 112 °C. Pour over the base and leave to set. Mark into bars.`

describe('a base under no heading', () => {
  it('is a part of its own, with what its sentences speak of', () => {
    expect(partsOf(BARS)).toEqual([
      ['Base', ['wheat-flour 150', 'caster-sugar 50', 'butter 100'], ['ready', 'after', 'window']],
      [
        'Filling',
        ['butter 100', 'light-brown-sugar 100', 'condensed-milk 397'],
        ['ready', 'target', 'ready', 'window'],
      ],
    ])
    expect(read(BARS).formula.parts?.[1]?.formula.target?.celsius).toBe(112)
    expect(read(BARS).asks.map((a) => a.id)).toContain('layered')
  })

  it('is cold where it is only chilled, and the rest is called what it is', () => {
    const text =
      'Toffee squares\n\n120 g rye flour\n90 g honey\n200 g butter\n200 g sugar\n\nMix the rye flour with the honey and press into a tin. Chill 30 min. Boil the butter and sugar to 145 °C. Pour over. Break.'
    expect(partsOf(text).map(([label, lines]) => [label, lines])).toEqual([
      ['Base', ['rye-flour 120', 'honey 90']],
      ['Toffee', ['butter 200', 'sugar 200']],
    ])
  })

  it.each([
    [
      'one thing that lies on the tray',
      'Sesame toffee\n\n200 g sugar\n100 g butter\n50 g sesame seeds\n\nPress the sesame seeds onto a tray. Boil sugar and butter to 150 °C. Pour over the seeds. Break.',
    ],
    [
      'what is pressed once it is boiled',
      'Oat crunch\n\n200 g honey\n200 g sugar\n300 g oats\n50 g flour\n\nBoil the honey and sugar to 125 °C. Stir in oats and flour. Press into a tin. Bake 20 min. Cut.',
    ],
    [
      'one butter for both',
      'Bars\n\n150 g flour\n50 g caster sugar\n200 g butter\n397 g condensed milk\n\nRub the flour, caster sugar and half the butter, press into a tin and bake at 170 °C for 25 min. Boil the rest of the butter and condensed milk to 112 °C. Pour over.',
    ],
  ])('is none of %s', (_, text) => expect(read(text).formula.parts).toBeUndefined())

  it('is in the pot with the rest where its maker says that it is one sweet', () => {
    const { formula, asks } = read(BARS, { layered: false })
    expect(formula.parts).toBeUndefined()
    expect(formula.lines.map((l) => l.ingredient)).toContain('wheat-flour')
    expect(asks.some((a) => a.id === 'place' && a.doubt === 'spoiled')).toBe(true)
  })
})
