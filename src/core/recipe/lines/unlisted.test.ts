import { describe, expect, it } from 'vitest'
import { readLine } from '../../matter/line'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()
/** What is asked of a method whose list is all known. */
const asked = (sentence: string): string[] =>
  readRecipe(
    `Toffee\n\n300 g sugar\n300 g butter\n60 ml water\n\nBoil the sugar, butter and water to 150 °C. ${sentence} Break it when it is cold.`,
    pantry,
  ).questions.map((q) => q.text)

const AMOUNTS = ['2 tbsp', '12 oz', 'a pound', '30 g', 'half a cup', '1 1/2 c', '1 packed cup', 'three teaspoons']
const UNKNOWN = ['zog', 'pani', 'birch zog syrup', 'grey marl']
const SENTENCES = ['# in quickly.', 'Then the topping: # when it is poured.', 'Off the heat, and # for good luck.']

describe('what a method weighs, and no list has', () => {
  it.each(AMOUNTS.flatMap((amount) => UNKNOWN.map((what) => `${amount} ${what}`)))(
    '%s is asked about, wherever it stands',
    (what) => {
      for (const sentence of SENTENCES)
        expect(asked(sentence.replace('#', what))).toEqual([expect.stringContaining(what.split(' ').at(-1) as string)])
    },
  )

  it.each([
    ['Stir in 30 g of tahini.', 'tahini'],
    ['Scatter 1 1/2 c toasted pecans chopped fine over it.', 'pecans'],
  ])('is a line of it where it is known: %s', (sentence, ingredient) => {
    const { formula, questions } = readRecipe(
      `Toffee\n\n300 g sugar\n300 g butter\n\nBoil the sugar and butter to 150 °C. ${sentence}`,
      pantry,
    )
    expect([questions, formula.lines.map((l) => l.ingredient)]).toEqual([[], ['sugar', 'butter', ingredient]])
  })

  it.each([
    [
      'Melt 100 g butter with one tin (397g) condensed milk and 200 g sugar.',
      'butter 100, condensed-milk 397, sugar 200',
    ],
    ['Melt 100 g butter with a packet (200 g) of sugar and a jar (340 g) honey.', 'butter 100, sugar 200, honey 340'],
    ['Sugar 500 g and water 170 g in the pan.', 'sugar 500, water 170'],
    ['Add honey 300 g. Cook till 117 or a drop holds together in water.', 'honey 300'],
    ['Boil 300 g honey until a cold pinch does not stick.', 'honey 300'],
    ['Boil 300 g honey until a drop makes a soft ball in a cup of cold water.', 'honey 300'],
  ])('is what it is of, where there is no list: %s', (sentence, lines) => {
    const { formula, questions } = readRecipe(`Toffee\n\nMethod\n${sentence} Cook to 117 °C. Pour.`, pantry)
    expect(questions.map((q) => q.text)).toEqual([])
    expect(formula.lines.map((l) => `${l.ingredient} ${Math.round(l.grams)}`).join(', ')).toBe(lines)
  })

  it.each([
    ...['1', '1/2', '1 1/2', '½', '1½', '2 ½', '1-1/2', '1 and 1/2', '2 & 1/4', '0.75', '2,5', '20', '2-3', '2 to 3'],
    ...['a', 'two', 'half a', 'one-half', 'one and one-half', 'two and one half', 'three and a half', 'twelve'],
    ...['one and a quarter', 'two-thirds', 'two thirds of a', 'three-fourths', 'three quarters of a', 'a third of a'],
    ...['two or three', 'a scant', 'a heaping', '3 level', 'about 2', 'another 2'],
  ])('%s of something weighs in a method what it weighs in a list', (many) => {
    for (const unit of ['cups', 'oz', 'kg']) {
      const listed = readLine(`${many} ${unit} brown sugar`, pantry, [])
      const { formula, questions } = readRecipe(
        `Put 300 g of honey and ${many} ${unit} of brown sugar in a pan. Boil to 150 °C. Pour it out.`,
        pantry,
      )
      const grams = formula.lines.flatMap((l) => (l.ingredient === 'light-brown-sugar' ? [l.grams] : []))
      expect([grams, questions], `${many} ${unit}`).toEqual([[expect.closeTo(listed.grams as number, 0)], []])
    }
  })

  it.each([
    ...[
      '200g butter',
      '7 ounces butter',
      '7-ounce butter',
      'half a stick butter',
      '2 tblsp butter',
      '1 lb 4 oz butter',
    ],
    ...[
      '1 pound and 4 ounces butter',
      '1 1/2 lbs. butter',
      '1 cup (240 ml) cream',
      '1 cup/240 ml cream',
      '25 cl cream',
    ],
    ...['1 cup + 2 tablespoons cream', '1 cup and 2 tbsp cream', 'a cup and a half of cream', '0.5 l cream'],
    ...['1 (14 oz) can condensed milk', 'a 397 g tin of condensed milk', '1 can (14 oz) condensed milk'],
    ...['2 egg whites', 'the whites of 2 eggs', '3 sheets gelatin', '2 (1/4-ounce) packets gelatin', '1 vanilla pod'],
    ...['1 jar (7 oz) marshmallow creme', '1 bar (100 g) dark chocolate', '150 g (1 cup) almonds', 'a pinch of salt'],
    ...[
      'juice of half a lemon',
      '10 drops of peppermint oil',
      '500 g. sugar',
      'half a kilo of sugar',
      '2 heaped tsp bicarb',
    ],
  ])('%s is as much of the same in a method as in a list', (thing) => {
    const listed = readLine(thing, pantry, [])
    for (const way of [
      `Boil 300 g honey with ${thing} to 120 °C. Pour it out.`,
      `Chews\n\n300 g honey\n\nBoil the honey to 120 °C. Add ${thing}. Pour it out.`,
    ]) {
      const { formula, questions } = readRecipe(way, pantry)
      const lines = formula.lines.filter((l) => l.ingredient !== 'honey').map((l) => [l.ingredient, l.grams])
      expect([lines, questions], way).toEqual([
        [[listed.ingredient?.id, expect.closeTo(listed.grams as number, 0)]],
        [],
      ])
    }
  })

  it.each(['a few drops of peppermint oil', '2 handfuls of almonds', '1 pint cream'])(
    '%s is asked about as it is in a list',
    (thing) => {
      const { questions } = readRecipe(`Boil 300 g honey to 120 °C. Add ${thing}. Pour it out.`, pantry)
      expect(questions.map((q) => q.text)).toEqual([thing.replace(' of', '')])
    },
  )

  it('is so many of what each holds, and hard is how a syrup boils', () => {
    const { formula } = readRecipe(
      'Bloom 3 envelopes gelatin (1/4 oz ea.) in 1/2 c cold water. Boil 2 c sugar, 1 c honey, 1/4 tsp salt hard for 1 minute. Pour onto the gelatin, whip 12 minutes.',
      pantry,
    )
    expect(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual(
      expect.arrayContaining([
        ['gelatin-powder', 21],
        ['salt', expect.any(Number)],
      ]),
    )
  })

  it('ends before the next amount', () => {
    const { formula } = readRecipe(
      'Boil two ounces of horehound in half a pound of brown sugar and a pound and a half of honey to 150 °C.',
      pantry,
    )
    expect(formula.lines.map((l) => Math.round(l.grams))).toEqual([227, 680])
  })

  it.each([
    'Roll in 12 g balls.',
    'Drop a teaspoon onto paper for each.',
    'Pour it half a cup at a time.',
    'Weigh out pieces, 5 g each.',
    'Use a 2 lb loaf tin.',
    'Boil it until a teaspoonful dropped in cold water forms a soft ball.',
    'Fill 250 ml jars.',
    'Put 1 tsp caramel over each nut.',
    'Drizzle 10 ml hot syrup into each.',
    'Do it in a 3 qt saucepan.',
  ])('nothing is asked of the size of a piece, of a share or of a vessel: %s', (sentence) =>
    expect(asked(sentence)).toEqual([]),
  )

  it.each([
    ['Off the heat stir in the butter.', ['butter']],
    ['At 116 °C add hot cream and cook on to 120 °C.', ['cream']],
    ['Whisk in the baking soda.', ['baking soda']],
    ['Grease a tin. Add the honey.', ['honey']],
    ['Sprinkle popping candy or crushed pretzels (1/2 cup).', ['1/2 cup crushed pretzels']],
    ['Add the cream of tartar.', []],
    ['Pour into jars or bottles (250 ml).', []],
    ['Stir in the butter mixture.', []],
    ['Butter the tin. Add more sugar if it is too soft.', []],
  ])('what a sentence puts in by its name, and no list has, is asked about: %s', (sentence, text) => {
    const { questions } = readRecipe(
      `Chews\n\n300 g sugar\n100 g water\n1/4 tsp cream of tartar\n\nBoil the sugar and water to 116 °C. ${sentence} Pour it out.`,
      pantry,
    )
    expect(questions.map((q) => q.text)).toEqual(text)
  })

  it.each([
    ['300 g butter\n60 ml water', ['sugar']],
    ['milk 500 g\ngelatin 50 g', ['sugar']],
    ['300 g butter\n2 tbsp zog', ['2 tbsp zog', 'sugar']],
    ['500 g zog\n50 g butter', ['500 g zog']],
    ['395 g condensed milk\n50 g butter', []],
    ['300 g honey\n50 g butter', []],
  ])('of a boil with nothing sweet in it the sugar is asked about: %j', (list, text) => {
    const { questions } = readRecipe(`Chews\n\n${list}\n\nBoil all of it to 120 °C. Pour it out.`, pantry)
    expect(questions.map((q) => q.text)).toEqual(text)
  })
})
