import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import type { FormulaDocument } from './document'
import { withReady } from './edit'
import { readyList } from './ready'
import { ownTasks } from './ready-own'
import { scale } from './scale'

const tasksOf = (...sentences: string[]) => ownTasks(sentences, () => 14)

test.each([
  ['Pop the corn', 'Pop the corn', 3, 0],
  ['Roast the nuts at 150° for 15 min', 'Roast the nuts at 150° for 15 min', 3, 15],
  ['Toast the seeds, stirring, for 5 min', 'Toast the seeds, stirring, for 5 min', 5, 0],
  ['Toast the seeds until golden', 'Toast the seeds until golden', 3, 14],
  ['Preheat the oven to 120°', 'Preheat the oven to 120°', 3, 15],
  ['Soak the albumen in its water overnight', 'Soak the albumen in its water overnight', 3, 480],
  ['Bloom the gelatin', 'Bloom the gelatin', 3, 14],
])('%s', (written, say, hands, waits) => {
  expect(tasksOf(written)).toEqual([{ say, hands, waits }])
})

test.each([
  'Line a 20 cm tin',
  'Grease and line a 20 cm square tin with baking paper',
  'Butter a 9x13-inch baking pan and line with parchment, leaving an overhang',
  'Line a tin with foil, butter the foil',
  'Butter a 9x9',
  'Lightly oil lolly moulds',
])('leaves to the tin of the batch: %s', (sentence) => expect(tasksOf(sentence)).toEqual([]))

test.each([
  'Line a pan with crackers',
  'Butter a large cookie sheet and keep warm',
  'Line a tray and lay out the walnuts in pairs',
  'Line a sheet with foil; scatter half of the almonds over it',
  'Grease the sides of a saucepan',
])('keeps what is more than a lined tin: %s', (sentence) =>
  expect(tasksOf(sentence).map((t) => t.say)).toEqual([sentence]),
)

it('takes what only goes on with a sentence as one task, with all of its time', () => {
  expect(tasksOf('Sprinkle the gelatin over the water', 'Leave 10 minutes')).toEqual([
    { say: 'Sprinkle the gelatin over the water. Leave 10 minutes', hands: 3, waits: 24 },
  ])
  expect(tasksOf('Scald the cream', 'Cover', 'Leave for 20 minutes', 'Strain')).toEqual([
    { say: 'Scald the cream. Cover. Leave for 20 minutes. Strain', hands: 3, waits: 20 },
  ])
})

const listOf = (formula: FormulaDocument) =>
  readyList(formula, scale(formula, { size: { by: 'weight', grams: 900 } }), null)

const SENTENCES = [
  'Pop the corn',
  'Soak the fruit overnight',
  'Heat the oven to 120°',
  'Grind the pepper',
  'Roast the nuts for 12 min',
]

it('stands in the order it is done among the rest, each at its time before the flame', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...Object.values(demoFormulas)),
      fc.shuffledSubarray(SENTENCES),
      (formula, sentences) => {
        const list = listOf(withReady(formula, sentences))
        expect(list.flatMap((i) => (i.id === 'own' ? [i.figures.say] : []))).toEqual(sentences)
        for (const [i, item] of list.entries()) {
          const next = list[i + 1]
          if (next) expect(item.begin - item.hands).toBeGreaterThanOrEqual(next.begin)
          expect(item.begin - item.hands).toBeGreaterThanOrEqual(item.waits)
        }
      },
    ),
  )
})

describe('a pasted recipe', () => {
  const idsOf = (list: string, method: string): string[] =>
    listOf(readRecipe(`Test\n\n${list}\n\nMethod\n${method}`, pantryOf()).formula).map((i) =>
      i.id === 'own' ? i.figures.say : i.id,
    )

  it('keeps on the list what it says to get ready, and says it once', () => {
    const popcorn = idsOf(
      '100 g popped corn\n200 g brown sugar\n100 g butter\n80 g corn syrup',
      'Heat the oven to 120 °C. Keep the popcorn warm in the oven. Boil the sugar, butter and syrup to 138 °C. Pour over the popcorn.',
    )
    expect(popcorn).toEqual(expect.arrayContaining(['Heat the oven to 120°', 'Keep the popcorn warm in the oven']))
    expect(popcorn).not.toContain('keep-hot')
    const marshmallow = idsOf(
      '20 g gelatin\n100 g water\n350 g sugar\n160 g glucose syrup\n90 g water',
      'Sprinkle the gelatin over 100 g of the water. Boil the sugar, glucose and 90 g of water to 116 °C. Pour onto the gelatin and whip for 10 minutes.',
    )
    expect(marshmallow).toContain('Sprinkle the gelatin over 100 g of the water')
    expect(marshmallow).not.toContain('bloom')
  })

  it('asks for what its ingredients need where it says nothing of that', () => {
    const silent = idsOf(
      '20 g gelatin\n100 g water\n350 g sugar\n160 g glucose syrup\n90 g water',
      'Boil the sugar, glucose and 90 g of water to 116 °C. Pour onto the gelatin and whip for 10 minutes.',
    )
    expect(silent).toContain('bloom')
  })

  it('cuts up what one of its own sentences takes up before that, and not at all what is soft', () => {
    const method =
      'In a small saucepan bring the cream and butter to a simmer. Remove from heat and set aside. Cook the sugar and water to 160 °C. Pour in the cream mixture. Cook to 120 °C. Pour into a tin.'
    const list = (butter: string) => `240 g cream\n${butter}\n300 g sugar\n60 g water`
    const hard = idsOf(list('70 g butter'), method)
    const simmers = 'In a small saucepan bring the cream and butter to a simmer. Remove from heat and set aside'
    expect(hard.filter((id) => id === 'cut-up' || id === simmers)).toEqual(['cut-up', simmers])
    expect(idsOf(list('70 g butter, softened'), method)).not.toContain('cut-up')
  })
})
