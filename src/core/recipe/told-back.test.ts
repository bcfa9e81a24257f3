import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readyIn } from '../formula/document'
import { ingredients } from '../matter/ingredients'
import { pantryOf } from '../matter/names'
import { readRecipe } from './recipe'
import { tellBack } from './told-back'

const pantry = pantryOf()
const read = (method: string, list = '400 g sugar\n150 g cream\n60 g butter\n2 g salt') =>
  readRecipe(`Quay caramels\n\n${list}\n\nMethod\n${method}`, pantry)
const momentsOf = (method: string, list?: string) => tellBack(read(method, list)).flatMap((p) => p.moments)

/** What stands in a text, by what becomes of it. */
const METHOD = [
  'Put the sugar and cream in a pan.',
  'Line a tin with parchment.',
  'Bring to the boil, stirring.',
  'Cook to 118°C.',
  'Take off the heat and stir in the butter and salt.',
  'Pour into the tin.',
  'They keep for two weeks in a tin.',
  'Leave for 2 hours, then cut.',
]
const BESIDE = [
  'Serves 8',
  'Prep time: 10 minutes',
  '1 sugar thermometer',
  'Notes: good with coffee',
  'This is the sweet my neighbours ask for every winter.',
]
const lettersIn = (text: string): string => text.toLowerCase().replace(/[^a-z]/g, '')

describe('a recipe told back', () => {
  it('has everything that was written: in a step, got ready, or left', () => {
    fc.assert(
      fc.property(fc.subarray(METHOD, { minLength: 2 }), fc.subarray(BESIDE), (method, beside) => {
        const recipe = readRecipe(
          `Quay caramels\n\n${beside.join('\n')}\n\n400 g sugar\n150 g cream\n60 g butter\n2 g salt\n\nMethod\n${method.join(' ')}`,
          pantry,
        )
        const words = tellBack(recipe).flatMap((p) => p.moments.flatMap((m) => m.words ?? []))
        const told = lettersIn([...words, ...readyIn(recipe.formula), ...recipe.left].join(' '))
        for (const written of [...method, ...beside])
          for (const word of written.match(/[a-z]{4,}/gi) ?? []) expect(told).toContain(word.toLowerCase())
      }),
      { numRuns: 40 },
    )
  })

  it('calls a line the same, whatever mark its list has', () => {
    const list = ['400 g / 14 oz sugar', '1/2 tsp cinnamon', '150 g cream', '3 drops of rose flavour']
    const namesWith = (mark: string) =>
      momentsOf('Boil everything to 118°C. Pour.', list.map((l) => `${mark}${l}`).join('\n')).flatMap((m) => m.goesIn)
    expect(namesWith('')).toHaveLength(list.length)
    for (const mark of ['- ', '* ', '• ', '▢ ']) expect(namesWith(mark)).toEqual(namesWith(''))
  })

  it('puts in every line once, at its grams', () => {
    const moments = momentsOf(
      'Boil the sugar and cream to 118°C. Take off the heat and stir in the butter and salt. Pour out.',
    )
    expect(moments.flatMap((m) => m.goesIn)).toEqual([
      { name: 'Granulated sugar', grams: 400 },
      expect.objectContaining({ grams: 150 }),
      expect.objectContaining({ grams: 60 }),
      expect.objectContaining({ grams: 2 }),
    ])
  })

  it.each([
    ['Boil it all to 118°C. Pour out.', []],
    ['Boil it all to 118°C. Work it over the pan, gently rewarmed to 45°C. Pour out.', [45]],
    ['Boil the sugar and cream to 118°C. Fold in the butter warmed to 55°C. Pour out.', []],
    ['Preheat the oven to 180°C. Boil it all to 118°C. Pour out.', []],
    ['Just before it reaches 112°C whip the cream. Boil it all to 118°C. Pour out.', []],
  ])('says which heat of “%s” no step follows', (method, alone) => {
    const figures = momentsOf(method).flatMap((m) => m.unfollowed)
    expect(figures.flatMap((f) => (f.of === 'heat' ? [f.celsius] : []))).toEqual(alone)
  })

  it('says which time no step waits for', () => {
    const figures = momentsOf('Add it all over 3 minutes. Boil to 118°C. Pour. Leave for 1 hour.')
    expect(figures.flatMap((m) => m.unfollowed)).toEqual([{ of: 'time', seconds: 180 }])
  })

  it.each([
    ['Boil it all to 118°C. Dip in 200 g dark chocolate.', []],
    ['Boil it all to 118°C. Dip in compound coating (200 g).', ['200 g']],
    ['Boil the sugar and the 150 g cream to 118°C. Pour 10 g into each mould. Fill 250 ml jars.', []],
    ['Boil the sugar and 2 tbsp of the cream to 118°C. Stir in the remaining cream.', []],
    ['Boil it all to 118°C. When cool, roll into balls of about 15 g.', []],
    ['Boil it all to 118°C. Brush it with 15 g. When cool, roll into balls of about 15 g.', ['15 g']],
    ['Boil it all to 118°C. Drop by 1/2 teaspoon on parchment.', []],
  ])('says which amount of “%s” no line weighs', (method, alone) => {
    const figures = momentsOf(method).flatMap((m) => m.unfollowed)
    expect(figures.flatMap((f) => (f.of === 'amount' ? [f.amount] : []))).toEqual(alone)
  })

  it('marks what no sentence says', () => {
    expect(
      momentsOf('Boil it all to 118°C.')
        .filter((m) => m.added)
        .map((m) => m.step.id),
    ).toEqual(['pour'])
  })

  it('names what is asked about where it would go in', () => {
    const moments = momentsOf(
      'Boil the sugar and cream with the stardust to 118°C. Pour out.',
      '400 g sugar\n150 g cream\n5 g stardust',
    )
    expect(moments[0]?.goesIn).toContainEqual({ name: '5 g stardust', grams: null })
  })

  it('holds the kitchen’s own ingredients, and so does the draft', () => {
    const [milk] = ingredients.filter((i) => i.id.startsWith('milk'))
    const own = { ...(milk as NonNullable<typeof milk>), id: 'quay-cream', name: 'Quay cream' }
    const recipe = readRecipe(
      'Caramels\n\n200 g sugar\n200 g quay cream\n\nMethod\nBoil all to 118°C. Pour.',
      pantryOf([own]),
    )
    expect(recipe.formula.own).toEqual([own])
    expect(tellBack(recipe)[0]?.moments[0]?.goesIn.map((g) => g.name)).toContain('Quay cream')
  })

  it('says of no syrup that is poured into another pot what it is made into', () => {
    const told = tellBack(
      readRecipe(
        'Nougat\n\n200 g honey\n300 g sugar\n60 g water\n2 egg whites\n\nBoil the honey to 125 °C. Whisk the egg whites. Pour the honey over the whites. Boil the sugar and the water to 145 °C. Pour onto the meringue. Whip for 10 minutes.',
        pantry,
      ),
    )
    expect(told.map((p) => [p.part, p.joinsPot])).toEqual([
      ['honey-syrup', true],
      [null, false],
    ])
  })

  it('tells no heat of which the unit is asked as one that nothing follows, nor an end that hangs on it', () => {
    const typed = (unit?: 'C' | 'F') =>
      readRecipe(
        'Quay caramels\n\n2 lb sugar\n1 lb cream\n\nMethod\nPut all in a pan. Get it to 145. Pour out, work it at about 120.',
        pantry,
        [],
        unit ? { unit } : {},
      )
    const heatsOf = (recipe: ReturnType<typeof typed>) =>
      tellBack(recipe).flatMap((p) => p.moments.flatMap((m) => m.unfollowed.filter((u) => u.of === 'heat')))
    expect(typed().asks.filter((a) => a.id === 'unit')).toEqual([{ id: 'unit', text: '145', ends: true }])
    expect(heatsOf(typed())).toEqual([])
    expect(typed('C').asks.some((a) => a.id === 'unit')).toBe(false)
    expect(typed('C').formula.target?.celsius).toBe(145)
  })

  it('tells a heat that stands in the list itself, and that nothing of the cook follows', () => {
    const heatsOf = (list: string) =>
      tellBack(
        readRecipe(
          `Nougat bars\n\n${list}\n450 g sugar\n130 g water\n60 g egg whites\n\nMethod\nWhip the whites. Cook sugar and water to 146 °C and pour on. Pour the honey on.`,
          pantry,
        ),
      ).flatMap((p) => p.moments.flatMap((m) => m.unfollowed.filter((u) => u.of === 'heat')))
    expect(heatsOf('Honey 300 g, to 121 °C')).toEqual([{ of: 'heat', celsius: 121 }])
    expect(heatsOf('Honey 300 g (boil to 250 °F)').map((u) => Math.round(u.of === 'heat' ? u.celsius : 0))).toEqual([
      121,
    ])
    expect(heatsOf('Honey 300 g, at 20 °C')).toEqual([])
    expect(heatsOf('Honey 300 g')).toEqual([])
  })
})
