import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { type ReadRecipe, readRecipe } from '../recipe'

const pantry = pantryOf()

const NAME = 'Sea Salt Cream Caramels'
const LIST = [
  '1 ½ cups heavy cream',
  '6 tablespoons unsalted butter',
  '1 ¾ cups granulated sugar',
  '¼ cup water',
  '⅓ cup light corn syrup',
]
const METHOD = [
  'Line an 8-inch square pan with parchment paper.',
  'In a small saucepan, bring the cream and butter to a simmer over medium heat. Remove from the heat and set aside.',
  'In a medium saucepan stir together sugar, water and corn syrup. Bring to a boil over medium-high heat, then cook without stirring until light golden amber, 10-12 minutes.',
  'Carefully stir in the cream mixture. Simmer, stirring, until the caramel reaches 248°F on a candy thermometer.',
  'Pour into the prepared pan. Let stand until firm, at least 2 hours. Cut into 1-inch pieces.',
]
const NUMBERED = METHOD.map((line, i) => `${i + 1}. ${line}`)
const PLAIN = [NAME, '', 'Ingredients', ...LIST, '', 'Instructions', ...NUMBERED].join('\n')

/** What is made of a recipe, without the text it was read from. */
const meant = ({ formula, questions, asks }: ReadRecipe) => ({
  name: formula.name,
  target: formula.target,
  lines: formula.lines.map((l) => [l.ingredient, l.grams, l.group]),
  steps: formula.steps.map((s) => [s.when, s.adds, s.heat, s.empties, s.say]),
  ready: formula.ready,
  asked: [questions.length, asks.map((a) => a.id)],
})
const plain = meant(readRecipe(PLAIN, pantry))

/** What pages have above a name, above a list, in it, over a method and after it. */
const around = {
  top: ['Skip to content', 'Menu', 'Home » Candy » Caramels', 'Search'],
  preface: [
    '4.9 from 87 reviews',
    '★★★★★',
    'Print Recipe   Pin Recipe',
    'These melt-in-your-mouth caramels only need one pot, and they disappear in a day!',
    'Author: Marit',
    'Prep: 15 min',
    'PREP TIME\n10 mins',
    'Servings\n36',
    'Keyword: caramels, homemade candy',
    'Source: the church cookbook, 1962',
    'Equipment\n- Candy thermometer\n- 4-quart heavy saucepan',
  ],
  list: ['Scale 1x 2x 3x', 'Cook Mode  Prevent your screen from going dark', 'Advertisement', 'Allergens: Milk'],
  end: [
    'Recipe Notes\nFor softer caramels stop at 244 °F; for firm ones go to 252 °F.\nStore airtight up to 3 weeks.',
    'FAQ\nWhy are mine hard? They went to 260.\nCan I use honey? Yes, add it at 230°F.',
    'Nutrition\nServing: 1 piece, Calories: 58, Sugar: 7g',
    'Comments\nBea says: Mine set too hard at 250.',
  ],
}

describe('what a page has around a recipe', () => {
  it('is a recipe that is read without a question when it stands alone', () =>
    expect([plain.asked, plain.steps.length, plain.target?.celsius]).toEqual([[0, ['family']], 8, 120]))

  it('changes nothing of it, and is told as what was left', () => {
    fc.assert(
      fc.property(
        fc.subarray(around.top),
        fc.shuffledSubarray(around.preface),
        fc.subarray(around.list),
        fc.shuffledSubarray(around.end),
        fc.constantFrom('', '- ', '☐ ', '▢ ', '• '),
        (top, preface, list, end, mark) => {
          const page = [
            ...top,
            NAME,
            ...preface,
            'Ingredients',
            ...list,
            ...LIST.map((line) => mark + line),
            'Instructions',
            ...NUMBERED,
            ...end,
          ].join('\n')
          const read = readRecipe(page, pantry)
          expect(meant(read)).toEqual(plain)
          const left = read.left.join('\n')
          for (const line of [...top, ...preface, ...list].flatMap((s) => s.split('\n'))) expect(left).toContain(line)
        },
      ),
      { numRuns: 25 },
    )
  })

  it.each([
    ['a step’s number in a row of its own', METHOD.flatMap((line, i) => [`${i + 1}`, line])],
    [
      'titles of steps in capitals',
      METHOD.flatMap((line, i) => [`STEP ${i + 1}: ${'PREP WARM BOIL FINISH SET'.split(' ')[i]}`, line]),
    ],
  ])('reads %s', (_, method) => {
    const told = [NAME, '', 'Ingredients', ...LIST, '', 'Instructions', ...method].join('\n')
    expect(meant(readRecipe(told, pantry))).toEqual(plain)
  })

  it('reads a letter that was sent on, its rows broken and quoted, with what stands around it', () => {
    const rows = PLAIN.split('\n').flatMap((line) =>
      line
        .replace(/(.{1,72})(?: +|$)/g, '$1\n')
        .trimEnd()
        .split('\n'),
    )
    const letter = [
      'From: Ingeborg',
      'Sent: Sunday',
      'Hi love, here it is',
      ...rows.map((row) => `> ${row}`),
      'Love, I',
    ]
    expect(meant(readRecipe(letter.join('\n'), pantry))).toEqual(plain)
  })

  it('loses nothing of a letter that is one row', () => {
    const { formula, left, questions } = readRecipe(
      "Hi Mags, you asked for the cinder toffee. It's just 200g caster and 5 tablespoons of golden syrup. Let it bubble up till it is amber. Off the heat whisk in 3 teaspoons of bicarb. Love S x",
      pantry,
    )
    expect([questions, left]).toEqual([[], ['Love S x']])
    expect(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([
      ['caster-sugar', 200],
      ['golden-syrup', 106],
      ['soda', 14],
    ])
  })

  it.each(['Anna wrote:', 'Notes:', 'Caution:', 'Voice note:'])('reads a recipe in one row after %s', (mark) => {
    const { formula, questions } = readRecipe(
      `${mark} put 2 cups of sugar and 1 cup of water in a pan, boil to 300 F and pour out on an oiled slab, then break it when it is cold.`,
      pantry,
    )
    expect([formula.target?.celsius, questions]).toEqual([148.9, []])
    expect(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([
      ['sugar', 400],
      ['water', 237],
    ])
  })

  it('makes one word of what a printed row parted', () => {
    const parted = readRecipe(
      'NUT BRITTLE\n\nTwo cupfuls of granulated sugar, one-\nhalf cupful of water, one cupful of shelled pea-\nnuts.\n\nBoil sugar and water to 300°F. Put in the nuts. Pour\non a well-\ngreased marble.',
      pantry,
    )
    expect(parted.formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([
      ['sugar', 400],
      ['water', 118],
      ['peanuts', 146],
    ])
    expect(parted.formula.steps.at(-1)?.say).toBe('Pour on a well-greased marble')
  })

  it.each([
    [
      'Opera Creams. — Three cups granu-\nlated sugar, one cup of\nwater. Boil without stir-\nring to 238 degrees and\npour on a marble.',
      'Opera Creams',
    ],
    ['ok so fudge my way. 3 c sugar, 1 c water. Boil to 238 F and pour on a marble.', 'Fudge my way'],
    ['ROSE FUDGE. Boil 3 cups of sugar and 1 cup of water to 238 degrees. Pour out on a marble.', 'Rose fudge'],
  ])('takes what stands before the first amount for its name', (text, name) => {
    const { formula, questions } = readRecipe(text, pantry)
    expect([formula.name, formula.family, formula.target?.celsius, questions]).toEqual([name, 'fudge', 114.4, []])
    expect(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([
      ['sugar', 600],
      ['water', 237],
    ])
  })
})
