/** Recipes that tell each part whole, its list with its method beneath it, before they come to the next. */
import { describe, expect, it } from 'vitest'
import { piecesOf } from '../../formula/document'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()

type Told = readonly [heading: string, list: string, method: string]

const told = (parts: readonly Told[]): string =>
  `A sweet\n\n${parts.map((p) => p.filter((s) => s).join('\n')).join('\n\n')}`
/** The same with all of its lists over all of its methods. */
const listsFirst = (parts: readonly Told[]): string =>
  `A sweet\n\nIngredients\n${parts.map(([heading, list]) => (list ? `${heading}\n${list}\n` : '')).join('\n')}\nMethod\n${parts.map(([heading, , method]) => `${heading}\n${method}`).join('\n\n')}`

/** What is in the pot, and what is done, of each of its parts. */
function read(text: string) {
  const { formula, asks, questions } = readRecipe(text, pantry)
  return {
    pieces: piecesOf(formula).map(({ formula: f }) => ({
      family: f.family,
      target: f.target?.celsius ?? null,
      lines: f.lines.map((l) => `${l.ingredient} ${Math.round(l.grams)}`),
      steps: f.steps.map(({ when, say, adds, empties }) => {
        const at = 'celsius' in when ? ` ${Math.round(when.celsius)}` : ''
        const goesIn = f.lines.filter((l) => l.group === adds).map((l) => l.ingredient)
        return `${when.on}${at}${goesIn.length > 0 ? ` + ${goesIn.join(', ')}` : ''}${empties ? ' → out' : ''}: ${say}`
      }),
    })),
    faults: faultsOf(formula),
    asks: asks.map((a) => a.id),
    questions: questions.map((q) => q.text),
  }
}

const WRAPPED: readonly Told[] = [
  [
    'Caramel wrap:',
    '8 lb corn syrup\n6 lb sugar\n1 gal cream\n1 lb butter\n2 oz salt',
    'Cook to 244. Pour on a slab between bars.',
  ],
  ['Cream centre:', '6 lb fondant\n1 lb marshmallow creme', 'Knead until smooth. Roll into ropes.'],
  ['Finish:', '', 'Roll the caramel around the cream, cut 1 inch pieces.'],
]
const FUDGE: readonly Told[] = [
  [
    'Bottom layer:',
    '400 g sugar\n150 ml cream\n50 g butter',
    'Boil everything to 115°C. Cool to 50, beat until thick and press into a tin.',
  ],
  [
    'Top layer:',
    '200 g dark chocolate\n150 g cream',
    'Heat the cream, pour over the chocolate, stir smooth. Pour over the fudge and leave overnight.',
  ],
]
const STAGES: readonly Told[] = [
  ['STAGE 1', '1 kg sugar\n1 kg glucose syrup\n250 g water', 'Dissolve and boil to 130 °C.'],
  ['STAGE 2', '1 kg condensed milk\n300 g butter', 'Add slowly, keeping it boiling. Cook to 120 °C.'],
  ['STAGE 3', '10 g salt\n10 g vanilla extract', 'Stir in off the heat. Pour onto an oiled slab 12 mm deep.'],
]
const NOUGAT: readonly Told[] = [
  ['Meringue', '60 g egg whites\n40 g sugar', 'Whip the whites, adding the sugar gradually, until stiff.'],
  ['Honey', '300 g honey\n20 g water', 'Cook the honey to 122 °C and pour onto the whites while whipping.'],
  ['Syrup', '400 g sugar\n100 g glucose syrup\n130 g water', 'Cook to 146 °C and pour in as well. Whip until stiff.'],
  [
    'Nuts',
    '400 g pistachios, warm\n100 g almonds, warm',
    'Fold in the pistachios and almonds. Press into a frame, leave overnight and cut.',
  ],
]
const RIPPLED: readonly Told[] = [
  ['RIPPLE', '150 g raspberry puree\n60 g sugar', 'Simmer until thick, about 8 minutes. Sieve and cool.'],
  [
    'MARSHMALLOW',
    '20 g gelatine powder\n120 ml water\n450 g sugar\n150 g glucose syrup\n120 ml water',
    'Bloom the gelatine in the first water. Cook the sugar, glucose and second water to 116°C. Pour onto the gelatine and whip for 12 minutes.',
  ],
  ['ASSEMBLY', '', 'Spread half in a dusted 20 x 30 cm tin, spoon over the ripple, spread the rest and swirl.'],
]
const HONEYCOMB: readonly Told[] = [
  ['1st pan:', '250 g sugar\n100 g golden syrup\n50 ml water', 'cook to 150°C'],
  ['then:', '10 g bicarbonate of soda', 'sieve over, whisk 5 seconds, pour into a lined tin. leave to set. break.'],
  ['to cover:', '200 g milk chocolate', 'melt and dip'],
]

describe('a recipe whose parts are told in turn', () => {
  it('keeps what is boiled apart from what is kneaded, and what ends the whole from both', () => {
    const { pieces, asks, questions } = read(told(WRAPPED))
    const [wrap, centre] = pieces
    expect([wrap?.lines, wrap?.target]).toEqual([
      ['corn-syrup 3629', 'sugar 2722', 'cream-36 3792', 'butter 454', 'salt 57'],
      expect.closeTo(117.8, 1),
    ])
    expect([centre?.lines, centre?.target]).toEqual([['fondant 2722', 'marshmallow-creme 454'], null])
    expect(wrap?.steps.at(-1)).toMatch(/→ out: Pour/)
    expect([asks, questions]).toEqual([['layered', 'family'], []])
    expect(readRecipe(told(WRAPPED), pantry).formula.steps.at(-1)?.say).toMatch(/^Roll the caramel around/)
  })

  it('boils its own layer of two, and not the cream of the other', () => {
    const [bottom, top] = read(told(FUDGE)).pieces
    expect(bottom?.lines).toEqual(['sugar 400', 'cream-36 150', 'butter 50'])
    expect(top).toMatchObject({ target: null, lines: ['dark-chocolate-70 200', 'cream-36 150'] })
  })

  it('puts in with each part what stands over it, where no sentence names that', () => {
    const { pieces, asks } = read(told(STAGES))
    expect(pieces).toHaveLength(1)
    expect(pieces[0]?.steps).toEqual([
      expect.stringMatching(/^ready \+ sugar, glucose-42, water: Dissolve/),
      expect.stringMatching(/^rises 130/),
      expect.stringMatching(/^ready \+ condensed-milk, butter: Add/),
      expect.stringMatching(/^target/),
      expect.stringMatching(/^ready \+ salt, vanilla: Stir/),
      expect.stringMatching(/^ready → out: Pour/),
    ])
    expect(asks).toEqual(['family'])
  })

  it('cooks honey and syrup onto one foam, in pots of their own', () => {
    const { pieces } = read(told(NOUGAT))
    const boiled = pieces.map((p) => [p.target, p.lines])
    expect(boiled).toContainEqual([122, ['honey 300', 'water 20']])
    expect(pieces.find((p) => p.target === 146)?.steps[0]).toMatch(/^ready \+ sugar, glucose-42, water: Cook/)
  })

  it('makes a ripple aside, and puts it in where it is called', () => {
    const [whole] = read(told(RIPPLED)).pieces
    expect(whole?.steps[0]).toMatch(/^ready \+ sugar, glucose-42, water: Cook/)
    expect(whole?.steps.at(-1)).toMatch(/\+ raspberry-puree, sugar → out: Spread half/)
  })

  it('takes headings and sentences as short as a note has them', () => {
    const [whole] = read(told(HONEYCOMB)).pieces
    expect(whole?.steps).toEqual([
      expect.stringMatching(/^ready \+ sugar, golden-syrup, water: Cook/),
      expect.stringMatching(/^target/),
      expect.stringMatching(/^after \+ soda → out: Sieve/),
      expect.stringMatching(/^window: Leave to set/),
      expect.stringMatching(/\+ milk-chocolate: Melt/),
    ])
  })

  it.each(Object.entries({ WRAPPED, FUDGE, STAGES, NOUGAT, RIPPLED, HONEYCOMB }))(
    'is read as it is with all of its lists over all of its methods: %s',
    (_, parts) => {
      const inTurn = read(told(parts))
      expect(inTurn).toEqual(read(listsFirst(parts)))
      expect(inTurn.faults).toEqual([])
    },
  )

  it('is read the same from rows that hold a part each', () => {
    const row = ([heading, list, method]: Told): string =>
      `${heading} ${list ? `${list.split('\n').join(', ')}. ` : ''}${method}`
    expect(read(`A sweet\n\n${WRAPPED.map(row).join('\n')}`).pieces).toEqual(read(told(WRAPPED)).pieces)
  })

  it('is none where a list only goes on under a heading', () => {
    const { pieces, questions } = read(
      'Caramels\n\n200 g sugar\n50 ml water\nTo finish\n5 g salt\n\nBoil the sugar and water to 150 °C. Stir in the salt. Pour.',
    )
    expect([pieces.length, questions]).toEqual([1, []])
  })
})
