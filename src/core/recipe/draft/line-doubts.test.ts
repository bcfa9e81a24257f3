import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { faultsOf } from '../../formula/faults'
import { ingredientById } from '../../matter/ingredients'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { doubtful, type Placed } from './line-doubts'

const pantry = pantryOf()
const placed = (id: string, grams: number, at: number): Placed => ({
  id,
  ingredient: ingredientById(id),
  grams,
  at,
  elsewhere: false,
  shared: false,
  outside: false,
  namedLater: false,
})

/** Lines whose place is asked about. */
const asked = (list: string, method: string): string[] =>
  readRecipe(`A sweet\n\n${list}\n\nMethod\n${method}`, pantry).asks.flatMap((a) => (a.id === 'place' ? [a.name] : []))

describe('what hardly anybody does with a line', () => {
  const doubts = (lines: readonly Placed[], doneAt: number, hotterAt: number | null = null) =>
    doubtful(lines, { doneAt, hotterAt }).keys()
  const syrup = [placed('sugar', 400, 0), placed('water', 100, 0)]

  it.each([
    ['whites that boil', placed('egg-white', 66, 1)],
    ['gelatin that boils', placed('gelatin-powder', 20, 0)],
    ['soda before the end', placed('soda', 6, 1)],
    ['popped corn in the pot', placed('popcorn', 90, 0)],
    ['a base of flour in the pot', placed('wheat-flour', 260, 1)],
  ])('%s is doubted before the end, and not after it', (_, line) => {
    expect([...doubts([...syrup, line], 2)]).toEqual([line.id])
    expect([...doubts([...syrup, { ...line, at: 3 }], 2)]).toEqual([])
  })

  it.each([
    'Boil all to 120 °C. Take off. Almonds. Pour out.',
    'Boil the lot to 120 °C. Almonds go through it at the finish. Pour out.',
    'Everything in, to 120 °C. Rest a minute. Work the almonds through. Pour.',
    'Boil all to 120 °C. Off the heat, and now the almonds. Pour.',
  ])('is what goes in with everything, and is named later by itself: it is there, and asked: %s', (method) => {
    const { formula, asks } = readRecipe(
      `A sweet\n\n200 g sugar\n100 g cream\n50 g almonds\n\nMethod\n${method}`,
      pantry,
    )
    const group = formula.lines.find((l) => l.ingredient === 'almonds')?.group
    expect(formula.steps.find((s) => s.adds === group)?.say).toMatch(/almonds/i)
    expect(asks.flatMap((a) => (a.id === 'place' ? [a.line, a.doubt, a.guess > 0] : []))).toEqual([
      'almonds',
      'named',
      true,
    ])
  })

  it.each([
    'Boil all to 120 °C until the almonds are brown. Pour out.',
    'Boil all to 120 °C. Pour out with the almonds on top. If you like add more almonds.',
  ])('is not what is only seen later, or more of it: %s', (method) => {
    expect(asked('200 g sugar\n100 g cream\n50 g almonds', method)).toEqual([])
  })

  it('is nuts on the heat before any sugar; not a pod of vanilla', () => {
    const later = syrup.map((l) => ({ ...l, at: 1 }))
    expect([...doubts([placed('almonds', 200, 0), ...later], 2)]).toEqual(['almonds'])
    expect([...doubts([placed('vanilla-pod', 3, 0), ...later], 2)]).toEqual([])
    expect([...doubts([placed('almonds', 200, 1), ...later], 2)]).toEqual([])
  })

  it.each([
    [
      '500 g sugar (divided)\n100 g water',
      'Boil 250 g sugar and the water to 118 °C. Pour over the sweets, and coat them twice more.',
    ],
    [
      '500 g sugar\n100 g water\n100 g almonds',
      'Chop the almonds; put half of them aside. Boil sugar and water to 118 °C. Stir in the almonds.',
    ],
  ])('is half of what is found as a whole: %s', (list, method) => expect(asked(list, method)).toHaveLength(1))

  it('is no spoonful of flour that thickens it', () =>
    expect([...doubts([...syrup, placed('wheat-flour', 8, 1)], 2)]).toEqual([]))

  it('is no soda in milk, which keeps it from curdling', () =>
    expect([...doubts([...syrup, placed('milk-whole', 500, 0), placed('soda', 2, 0)], 2)]).toEqual([]))

  it('is cream in a pot that is to be caramel before it is cooked to less; not the cream that stops it', () => {
    expect([...doubts([placed('cream-36', 300, 0), ...syrup], 3, 1)]).toEqual(['cream-36'])
    expect([...doubts([...syrup, placed('cream-36', 300, 2)], 3, 1)]).toEqual([])
    expect([...doubts([placed('raspberry-puree', 150, 0), ...syrup], 3, 1)]).toEqual(['raspberry-puree'])
    expect([...doubts([placed('lemon-juice', 5, 0), ...syrup], 3, 1)]).toEqual([])
    expect([...doubts([placed('cream-36', 300, 0), ...syrup], 3)]).toEqual([])
    expect(
      asked('300 g cream\n400 g sugar', 'Put the cream in a pan. Add the sugar. Cook to amber. Cook to 118 °C. Pour.'),
    ).toEqual([expect.stringMatching(/cream/i)])
  })

  it('is what runs, or sets it, that goes in once the sweet is out of its pot; not what lies on it, nor a flavour', () => {
    const list = '400 g sugar\n100 g water\n150 g cream\n10 g gelatin\n50 g almonds\n5 g citric acid'
    const boiled = 'Boil the sugar and water to 118 °C. Pour into a tin.'
    expect(asked(list, `${boiled} Add the cream and gelatin. Sprinkle with the almonds and acid.`)).toEqual([
      expect.stringMatching(/cream/i),
      expect.stringMatching(/gelatin/i),
    ])
    expect(
      asked(list, `${boiled.replace(' Pour', ' Add the cream and gelatin. Pour')} Add the almonds and acid.`),
    ).toEqual([])
  })

  it('is that of water of which the method speaks only where a drop is tested', () => {
    const said = 'Put the liquor and sugar in a kettle. Boil until it is brittle in cold water, 149 °C. Pour.'
    expect(asked('500 ml water\n1.5 kg brown sugar', said)).toEqual(['Water'])
  })

  it('is juice and zest of one line that go in at two moments', () => {
    const list = '1 lemon, juice and zest\n300 g sugar\n100 g water'
    expect(asked(list, 'Boil sugar, water and lemon juice to 140 °C. Fold in the zest. Pour.')).toHaveLength(1)
    expect(asked(list, 'Boil sugar and water to 140 °C. Stir in the lemon juice and zest. Pour.')).toEqual([])
  })

  it.each([
    ['half of it, and nothing of the rest', 'Coat with half of the chocolate. Break.', ['Dark chocolate, 70 %']],
    ['half of it, and the rest by doing it again', 'Coat with half of the chocolate. Flip and repeat.', []],
    ['two halves at one moment', 'Spread with half of the chocolate, then the rest.', []],
    ['half of another thing', 'Dust with half the cocoa and the chocolate.', []],
    ['what is left of a mixture', 'Toss in the remaining chocolate mixture.', []],
  ])('is %s', (_, sentence, names) =>
    expect(
      asked('400 g sugar\n100 g water\n200 g dark chocolate', `Boil the sugar and water to 150 °C. Pour. ${sentence}`),
    ).toEqual(names),
  )

  it('is a syrup that is thickened once it is done: the paste is cooked in its own pan', () => {
    const starch = placed('cornflour', 125, 3)
    expect([...doubts([...syrup, starch, placed('water', 500, 3)], 2)]).toEqual(['cornflour'])
    expect([...doubts([...syrup, { ...starch, outside: true }, placed('water', 500, 3)], 2)]).toEqual([])
    expect([...doubts([...syrup, { ...starch, at: 1 }, placed('water', 500, 1)], 2)]).toEqual([])
  })

  it('is a second pot after the end: one is followed', () => {
    const starch = { ...placed('cornflour', 125, 3), elsewhere: true }
    expect([...doubts([...syrup, starch], 2)]).toEqual(['cornflour'])
    expect([...doubts([...syrup, { ...starch, elsewhere: false }], 2)]).toEqual([])
  })

  it('is what is boiled once the first lies in its tin, though the last heat is its own', () => {
    const list = '200 g caster sugar\n100 g water\n150 g demerara sugar\n150 g cream'
    const method =
      'Cook the caster sugar and the water to 115 °C. Spread in a 20 cm frame. Cook the demerara sugar to amber. Add the cream; cook to 112 °C. Pour it over.'
    expect(asked(list, method)).toEqual(['Demerara sugar', 'Cream, 36 % fat'])
  })

  it('is a second pot before the end, where the first has begun', () => {
    const list = '600 g sugar\n300 ml water\n100 g cornflour\n3 g cream of tartar'
    const method =
      'Boil sugar and water to 115 °C. In another pot, whisk the cornflour and cream of tartar. Whisk the syrup into it. Simmer for an hour until thick.'
    expect(asked(list, method)).toEqual(['Cornflour', 'Cream of tartar'])
  })

  it('is what is melted or boiled once the first was poured', () => {
    const list = 'Brittle\n200 g sugar\n50 g water\n100 g hazelnuts\n\nTo serve\n120 g brown sugar\n120 g cream'
    const method =
      'Cook sugar and water to 155 °C, stir in the hazelnuts; spread on a mat. Cool. Melt the brown sugar dry. Add the cream.'
    expect(asked(list, method)).toEqual(['Light brown sugar', 'Cream, 36 % fat'])
    expect(
      asked(
        '200 g sugar\n50 g water\n100 g dark chocolate',
        'Cook sugar and water to 155 °C. Spread on a mat. Melt the chocolate; dip.',
      ),
    ).toEqual([])
  })

  it('is a kettle, where the first thing melts in a skillet', () => {
    const list = '600 g sugar\n240 g cream'
    const method =
      'Put 200 g of the sugar in a skillet and melt it till light brown. Set the remaining sugar and the cream on a low fire in a kettle. Pour the melted sugar in a thin stream into it. Cook to 118 °C. Pour.'
    expect(asked(list, method)).toEqual(['Granulated sugar', 'Cream, 36 % fat'])
    expect(asked(list, method.replace('a skillet', 'a kettle'))).toEqual([])
  })

  it('is asked for where caramel is spooned over it, where it only lies on its sheet before', () => {
    const { asks } = readRecipe(
      'Clusters\n\n200 g sugar\n240 g cream\n300 g pecans\n\nMethod\nArrange pecans in clusters on parchment. Boil sugar and cream to 118 °C. Spoon some over each cluster.',
      pantry,
    )
    expect(asks.find((a) => a.id === 'place')).toMatchObject({ name: 'Pecans', guess: 2 })
  })

  it('is nothing where all that is sweet boils, and all of it where less than half does', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), (share) => {
        const lines = [
          placed('sugar', 1000 * share, 0),
          { ...placed('sugar', 1000 * (1 - share), 3), id: 'late' },
          placed('water', 200, 0),
        ]
        expect([...doubts(lines, 2)]).toEqual(share < 0.5 ? ['late'] : [])
      }),
    )
  })

  it('is asked about in a recipe, with where it was found as a guess', () => {
    const list = '400 g sugar\n100 ml water\n2 egg whites\n5 g vanilla extract'
    expect(asked(list, 'Put the sugar, water and egg whites in a pan. Boil to 120 °C. Stir in the vanilla.')).toEqual([
      'Egg white',
    ])
    expect(
      asked(
        list,
        'Whip the egg whites. Boil the sugar and water to 120 °C. Pour the syrup over the whites. Beat in the vanilla.',
      ),
    ).toEqual([])
  })

  it('is whites folded into honey before the sugar boils: asked about, and whipped before they are folded in', () => {
    const list = '400 g honey\n300 g sugar\n90 g water\n80 g egg whites'
    const method =
      'Stir the honey in a bain-marie for an hour. Meanwhile, whip the whites to a foam. Fold the foam into the honey. Boil the sugar and water to 146 °C and add in a thin stream.'
    expect(asked(list, method)).toEqual(['Egg white'])
    const said = readRecipe(`A sweet\n\n${list}\n\nMethod\n${method}`, pantry).formula.steps.map((s) => s.label)
    expect(said.indexOf('Whip the whites')).toBeGreaterThanOrEqual(0)
    expect(said.indexOf('Whip the whites')).toBeLessThan(said.indexOf('Fold the foam'))
  })
})

it('a base that is pressed into its tin is no step of the pot, and its own butter is asked about', () => {
  const { formula, asks } = readRecipe(
    'Squares\n\n250 g butter\n250 g brown sugar\n397 g condensed milk\n125 g melted butter\n\nMethod\nCrush biscuits, mix with melted butter, press in a 23 cm square tin. Chill 30 min. Heat butter, sugar and condensed milk gently till smooth. Boil to 110 °C, stirring. Pour over base.',
    pantry,
  )
  expect(formula.steps[0]?.say).toMatch(/^Heat butter/)
  const own = formula.lines.find((l) => l.grams === 125)?.id
  expect(asks.flatMap((a) => (a.id === 'place' ? [a.line] : []))).toEqual([own])
})

it('a flavouring that is asked about, called like a juice that is in the pot, goes in where flavour is stirred in', () => {
  const { formula, questions } = readRecipe(
    'Drops\n\n400 g sugar\n180 ml pineapple juice\n1/4 tsp pineapple flavor\n\nMethod\nBoil the sugar and juice to 150 °C. Quickly stir in the flavor. Pour into molds.',
    pantry,
  )
  expect(questions.map((q) => [q.text, formula.steps.find((s) => s.adds === q.group)?.say])).toEqual([
    ['1/4 tsp pineapple flavor', 'Quickly stir in the flavor'],
  ])
})

it('what goes in with a sentence that gets something ready is met by the next that is done', () => {
  const { formula } = readRecipe(
    'Drops\n\n400 g sugar\n180 g water\n10 g soda\n\nMethod\nBoil the sugar and water to 150 °C. Sieve in the soda. Pour into the tin that was lined.',
    pantry,
  )
  expect(faultsOf(formula)).toEqual([])
  for (const ready of ['Sift the soda over, twice', 'Measure the soda', 'Line the tin and stir the soda in a bowl']) {
    const { formula: other } = readRecipe(
      `Drops\n\n400 g sugar\n180 g water\n10 g soda\n\nMethod\nBoil the sugar and water to 150 °C. ${ready}. Pour.`,
      pantry,
    )
    expect(faultsOf(other), ready).toEqual([])
  }
})
