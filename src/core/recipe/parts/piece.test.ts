import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()

describe('what a recipe is', () => {
  it.each([
    ['Cinder sauce', '100 g sugar\n100 g cream', 'Boil to 105 °C.', 'caramel-sauce', 'stopped-cream'],
    [
      'Pulled mints',
      '400 g sugar\n100 ml water',
      'Boil to 130 °C. Pour out and pull until satiny.',
      'hard-candy',
      'pulled',
    ],
    ['Vinegar candy', '400 g sugar\n120 g vinegar', 'Boil to 149 °C. Pull, and cut.', 'hard-candy', 'pulled'],
    ['Hard caramel shards', '150 g sugar\n50 ml water', 'Boil to amber. Pour thin.', 'hard-candy', 'boil-per-colour'],
    ['Coffee candy', '200 g sugar\n10 g cocoa butter', 'Boil to 152 °C.', 'hard-candy', 'boil-per-colour'],
    [
      'Brigadeiro',
      '400 g condensed milk\n30 g cocoa',
      'Cook until it pulls from the pan, about 12 minutes.',
      'condensed-milk',
      'by-eye',
    ],
    [
      'Milk squares',
      '400 g condensed milk\n90 g butter',
      'Cook to 112 °C: it leaves the sides. Pour.',
      'condensed-milk',
      'thermometer',
    ],
    ['Praline paste caramel', '200 g sugar\n150 g cream', 'Boil to 105 °C.', 'caramel', 'all-in'],
    // salted butter is no salt
    ['Butter caramels', '400 g sugar\n200 g salted butter\n3 g salt', 'Boil to 120 °C. Cut.', 'caramel', 'wet'],
    ['Cajeta style squares', '400 g sugar\n300 g cream', 'Boil to 118 °C. Cut.', 'caramel', 'all-in'],
    ['Cream pralines', '400 g sugar\n200 g cream\n100 g pecans', 'Boil to 114 °C and beat.', 'fudge', 'stir-soon'],
    [
      'Tablet',
      '400 g sugar\n200 g cream',
      'Boil to 118 °C. Let it sit until it drops to 45 °C. Beat.',
      'fudge',
      'cool-beat',
    ],
    [
      'Clouds',
      '400 g sugar\n100 ml water\n2 egg whites',
      'Boil to 125 °C. Pour over the egg whites.',
      'nougat',
      'one-syrup',
    ],
    ['Sponge candy', '400 g sugar\n5 g gelatin powder', 'Boil to 150 °C.', 'honeycomb', 'plain'],
    ['Divinity fudge', '400 g sugar\n2 egg whites', 'Boil to 125 °C. Pour over the whites.', 'nougat', 'grained'],
    [
      'Marshmallow fudge',
      '300 g sugar\n160 g evaporated milk\n100 g marshmallows',
      'Boil to 114 °C. Turn down to a simmer. Beat in the marshmallows.',
      'fudge',
      'stir-soon',
    ],
    ['Puffs', '200 g sugar\n2 tsp bicarb', 'Boil to 150 °C. Whisk in the bicarb.', 'honeycomb', 'plain'],
    ['Fruit balls', '250 g tamarind, seedless\n300 g sugar', 'Boil to 124 °C. Roll.', 'hard-candy', 'boil-per-colour'],
    [
      'Maple leaves',
      '1 kg maple syrup',
      'Boil to 112 °C. Cool to 80 °C. Stir until it lightens and gets creamy. Spoon into moulds.',
      'fudge',
      'cool-beat',
    ],
    [
      'Soft squares',
      '300 g sugar\n200 g cream',
      'Sugar in copper, dry melt. Add the cream. Boil to 118 °C.',
      'caramel',
      'dry',
    ],
    [
      'Foam (not honeycomb)',
      '400 g sugar\n2 egg whites',
      'Boil to 125 °C. Pour over the whites.',
      'nougat',
      'one-syrup',
    ],
    ['Barley twists', '400 g sugar\n1 g cream of tartar', 'Boil to 154 °C.', 'hard-candy', 'boil-per-colour'],
    [
      'A dark caramel',
      '300 g sugar\n200 g cream',
      'Make a dry caramel. Add the cream. Boil to 118 °C.',
      'caramel',
      'dry',
    ],
    [
      'Maple creams',
      '1 kg maple syrup\n2 g butter',
      'Boil to 112 °C. Cool to 38 °C. Stir slowly until it loses gloss. Pack in jars.',
      'fudge',
      'cool-beat',
    ],
    [
      'Milk kisses',
      '800 g sugar\n700 g milk',
      'Boil until a drop of it forms a soft ball. Take off the heat, beat till creamy. Pipe on a tray.',
      'fudge',
      'stir-soon',
    ],
    [
      'Molasses chews',
      '680 g molasses\n200 g sugar\n150 g butter',
      "Boil to 127 °C. Pour on a slab. When cool enough to handle pull with buttered hands until it's rather firm and has lightened.",
      'hard-candy',
      'pulled',
    ],
    [
      'Rocky fudge',
      '600 g sugar\n170 g evaporated milk\n340 g dark chocolate\n200 g marshmallow creme',
      'Stir sugar and milk until dissolved. Boil to 112 °C. Remove from heat; stir in the chocolate until melted. Add the creme, mix until well blended. Pour.',
      'fudge',
      'stir-soon',
    ],
    [
      'Milk fudge',
      '400 g sugar\n397 g condensed milk\n100 g butter',
      'Boil everything to 114 °C, stirring. Pour into a tin.',
      'fudge',
      'no-grain',
    ],
    [
      'Sesame brittle',
      '250 g sesame seeds\n200 g sugar\n100 g honey',
      'Toast the sesame in a dry pan. Boil sugar and honey to 150 °C. Stir in the sesame. Tip out.',
      'brittle',
      'roasted',
    ],
    [
      'Peanut brittle',
      '250 g roasted peanuts\n200 g sugar\n100 g honey',
      'Boil sugar and honey to 130 °C. Add the peanuts. Cook to 150 °C. Tip out.',
      'brittle',
      'raw',
    ],
    [
      'Salt water chews',
      '400 g sugar\n300 g corn syrup\n180 g water',
      'Boil to 130 °C. Pour on a slab. When cool enough to handle, stretch until it is light in colour and has a satiny gloss.',
      'hard-candy',
      'pulled',
    ],
  ])('%s', (name, list, method, family, school) => {
    const { formula } = readRecipe(`${name}\n\n${list}\n\n${method}`, pantry)
    expect([formula.name, formula.family, formula.school]).toEqual([name, family, school])
  })

  it('knows °C by the grams of the method, where no list stands over it', () => {
    const { formula, asks } = readRecipe('Drops\n\nBoil 300 g sugar and 90 ml water to 140. Pour on a slab.', pantry)
    expect([formula.target?.celsius, asks.map((a) => a.id)]).toEqual([140, ['family']])
  })

  it('whips in its bowl what waits there, though how much of it is still asked about', () => {
    const text =
      'Squares\n\n3 tbsp gelatin (about 3 packets)\n400 g sugar\n120 ml water\n\nBoil sugar and water to 115 °C. Pour hot syrup over gelatin. Beat on high till fluffy, 10 min. Spread in a pan.'
    const { formula, questions } = readRecipe(text, pantry)
    expect(questions).toHaveLength(1)
    expect(formula.family).toBe('marshmallow')
    expect(formula.steps.map((s) => [s.handwork?.kind, s.empties]).slice(2)).toEqual([
      [undefined, undefined],
      ['whip', undefined],
      ['spread', true],
    ])
  })

  it('asks where a line goes in that is asked about, too, where the method does not speak of it by its name', () => {
    const text =
      'Chews\n\n400 g sugar\n300 g corn syrup\n5 g moonmilk essence\npowdered sugar\n\nBoil sugar and corn syrup until dissolved, then to 130 °C. Add the flavour. Pour out. Dust with powdered sugar.'
    const { questions, asks } = readRecipe(text, pantry)
    expect(questions.map((q) => q.group)).toEqual([
      expect.not.stringMatching(/^pot$/),
      expect.not.stringMatching(/^pot$/),
    ])
    expect(asks.flatMap((a) => (a.id === 'place' ? [a.name] : []))).toEqual(['moonmilk essence'])
  })

  it('puts in where it is boiled down what is still asked about', () => {
    const text =
      'Chews\n\n960 ml moonmilk\n200 g sugar\n240 g cream\n\nBoil the moonmilk in a pan until reduced, 35 min. Off heat, stir in sugar and cream. Return to medium heat and boil to 122 °C. Pour in a tin.'
    const { formula, questions } = readRecipe(text, pantry)
    expect(formula.steps[0]).toMatchObject({ adds: questions[0]?.group, heat: 6 })
    expect(formula.lines.map((l) => l.group)).not.toContain(questions[0]?.group)
  })

  it('asks how much butter is as big as a walnut, in a method that has no list', () => {
    const { questions } = readRecipe(
      'Boil together a pound of white sugar, a cupful of water, and a piece of butter as big as a walnut, to 250 °F. Pour.',
      pantry,
    )
    expect(questions.map((q) => [q.text, q.reading.ingredient?.id])).toEqual([
      ['a piece of butter as big as a walnut', 'butter'],
    ])
  })

  it('asks how far it is boiled where there is only a list', () => {
    const { asks } = readRecipe('Drops\n\n200 g sugar\n100 g water', pantry)
    expect(asks.map((a) => a.id)).toEqual(['family', 'target'])
  })

  it('leaves out what nobody does: notes, tips, how it keeps; and reads a list in one row', () => {
    const { formula } = readRecipe(
      'Drops\n\n400 g sugar · 150 ml water · 75 g glucose syrup\n\nMethod\nBoil all to 150 °C. Pour into moulds.\n\nTips\nUse 300 g honey instead.\nBoil it to 180 °C.\nVariation: add nuts.',
      pantry,
    )
    expect(formula.lines.map((l) => Math.round(l.grams))).toEqual([400, 150, 75])
    expect(formula.steps.map((s) => s.say).join(' ')).not.toMatch(/honey|180|nuts/)
    expect(formula.notes).toMatch(/Use 300 g honey instead/)
  })

  it.each([
    ['500 g sugar, 200 ml water, 75 g glucose syrup', [500, 200, 75]],
    ['2½ cups sugar / ½ cup water / 1 cup light corn syrup', [500, 118, 328]],
    ['For the syrup: 800 g sugar, 340 ml water', [800, 340]],
    ['For the syrup: 800 g sugar + 340 ml water', [800, 340]],
    ['Syrup: 800 g sugar (fine, white), 340 ml water', [800, 340]],
    ['800 g sugar (fine; white)', [800]],
    ['540 g cream, 36 % fat, warm to 85° first', [540]],
    ['24 g gelatin powder, 225 bloom', [24]],
  ])('reads a row as it stands: %s', (row, grams) => {
    const { formula, questions } = readRecipe(
      `Drops\n\n60 g honey\n${row}\n\nMethod\nBoil all to 150 °C. Pour.`,
      pantry,
    )
    expect(questions).toEqual([])
    expect(formula.lines.map((l) => Math.round(l.grams))).toEqual([60, ...grams])
  })

  it('ends a row’s heading with the row', () => {
    const { formula } = readRecipe(
      'Clouds\n\nDusting: 50 g icing sugar, 50 g cornflour\n500 g sugar\n200 ml water\n\nMethod\nBoil the sugar and water to 127 °C. Pour. Dust.',
      pantry,
    )
    const pot = formula.lines.filter((l) => l.group === 'pot').map((l) => l.ingredient)
    expect(pot).toEqual(['sugar', 'water'])
  })

  it('takes a first line over a list for the name, and headings that are alike for what they are', () => {
    const { formula, questions } = readRecipe(
      'Caramels, slow? no. On the hob, 3 kg\nHoney syrup\n225 g honey\nSugar syrup\n450 g sugar\n150 g water\nMethod\nBoil the honey, sugar and water to 150 °C. Pour.',
      pantry,
    )
    expect(questions).toEqual([])
    expect([formula.name, formula.lines.map((l) => l.ingredient)]).toEqual([
      'Caramels, slow? no. On the hob, 3 kg',
      ['honey', 'sugar', 'water'],
    ])
  })

  it('knows headings without an article, and a recipe that only an oven heats', () => {
    const { formula } = readRecipe(
      'Clouds\n\nFor dusting\n50 g icing sugar\n\nFor the syrup\n500 g sugar\n200 ml water\n\nInstructions\nBoil the sugar and water to 127 °C. Pour. Dust with icing sugar.',
      pantry,
    )
    expect(formula.steps.find((s) => s.adds === formula.lines[0]?.group)?.say).toMatch(/^Dust with/)
    const baked = readRecipe(
      'Nuts\n\n1 egg white\n400 g almonds\n150 g sugar\n\nMethod\nBeat the egg white. Toss with almonds and sugar. Bake 1 hour at 120 °C.',
      pantry,
    )
    expect([baked.asks[0]?.id, baked.formula.target]).toEqual(['layered', null])
  })

  it('keeps one thing told twice in one line', () => {
    const { formula, questions } = readRecipe(
      'Drops\n\n500 g sugar\n4 oz butter, 1 stick\n\nMethod\nBoil all to 150 °C. Pour.',
      pantry,
    )
    expect([formula.lines.length, questions.map((q) => q.text)]).toEqual([1, ['4 oz butter, 1 stick']])
  })
})
