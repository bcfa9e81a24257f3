/** A method as people write it: every moment of the cook is a step of its own, and each line goes in with its own. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../matter/names'
import { faultsOf } from './faults'
import { readRecipe } from './recipe'

const pantry = pantryOf()

/** What was understood: each step as when it is due, with what goes in then; the target; where each line is asked about. */
function read(list: string, method: string) {
  const { formula, asks } = readRecipe(`A sweet\n\n${list}\n\n${method}`, pantry)
  const grams = (group: string | undefined) =>
    formula.lines.filter((l) => l.group === group).map((l) => `${l.ingredient} ${Math.round(l.grams)}`)
  const steps = formula.steps.map(({ when, adds, empties, say }) => {
    const due =
      'celsius' in when ? `${when.on} ${when.celsius}` : 'seconds' in when ? `${when.on} ${when.seconds}` : when.on
    return `${due}${adds ? ` + ${grams(adds).join(', ')}` : ''}${empties ? ' → out' : ''}: ${say}`
  })
  return { formula, steps, places: (asks ?? []).filter((a) => a.id === 'place') }
}

const cases: readonly (readonly [
  name: string,
  list: string,
  method: string,
  celsius: number,
  steps: readonly RegExp[],
])[] = [
  [
    'what goes in on the way, and the end, in one sentence',
    '400 g sugar\n200 g peanuts\n100 ml water',
    'Put sugar and water in a pan. When the syrup reaches 240, stir in the peanuts and cook, stirring, to 300 degrees F. Pour onto a sheet.',
    148.9,
    [
      /^ready \+ sugar 400, water 100: Put/,
      /^rises 115\.6 \+ peanuts/,
      /^target: Cook, stirring/,
      /^ready → out: Pour/,
    ],
  ],
  [
    'a sentence that puts all in and boils it to its end',
    '400 g sugar\n100 ml water',
    'Boil the sugar and water to 150°C and pour into moulds.',
    150,
    [/^ready \+ sugar 400, water 100: Boil/, /^target: Boil/, /^ready → out: Pour into moulds$/],
  ],
  [
    'what goes in once it is so warm, and another cook after it',
    '500 g sugar\n200 ml water\n100 g butter\n200 ml cream',
    'Boil sugar and water to 150°C and then add the butter. Heat the cream in a small pan. Stir the hot cream into the syrup and cook to 118°C. Pour into a tin, leave to set for 3 hours, then cut.',
    118,
    [
      /^ready \+ sugar 500, water 200: Boil/,
      /^rises 150: Boil/,
      /^ready \+ butter 100: Add the butter$/,
      /^ready \+ cream-36 200: Stir the hot cream/,
      /^target: Stir the hot cream/,
      /^ready → out: Pour into a tin$/,
      /^after 10800: Leave to set for 3 hours, then cut$/,
    ],
  ],
  [
    'half of a thing warmed apart, and the rest of it at the end',
    '300 g sugar\n100 ml water\n300 ml cream\n60 g butter',
    'Warm the cream with half the butter. Put the sugar and water in a pan, heat gently until dissolved then boil until it turns a dark amber. Pour in the cream mixture. Boil until it shows 122°C. Stir in the remaining butter. Tip into a tin and leave overnight.',
    122,
    [
      /^ready \+ sugar 300, water 100: Put the sugar/,
      /^colour 183: Boil until it turns a dark amber$/,
      /^ready \+ cream-36 301, butter 30: Pour in/,
      /^target: Boil until/,
      /^ready \+ butter 30: Stir in the remaining butter$/,
      /^ready → out: Tip into a tin$/,
      /^after 28800: Leave overnight$/,
    ],
  ],
  [
    'what is written after the end and goes in before it',
    '200 g sugar\n60 ml water\n10 g lemon juice',
    'Heat the sugar and water. Boil to 148–150°C. Add the lemon juice at 140°C. Fill the moulds and leave 20 minutes.',
    149,
    [
      /^ready \+ sugar 200, water 60/,
      /^rises 140 \+ lemon-juice 10/,
      /^target: Boil to 148/,
      /^ready → out: Fill the moulds$/,
      /^after 1200: Leave 20 minutes$/,
    ],
  ],
  [
    'a drop that snaps',
    '450 g sugar\n125 ml water\n115 g golden syrup',
    'Melt sugar and water over low heat. Add the rest and bring to the boil. Boil until a little dropped in cold water snaps. Pour into a tin.',
    Number.NaN,
    [
      /^ready \+ sugar 450, water 125/,
      /^ready \+ golden-syrup 115: Add the rest/,
      /^target: Boil until a little/,
      /^ready → out/,
    ],
  ],
  [
    'the end and the pour in one sentence, a half before and a half after',
    '225 g butter\n270 g sugar\n45 ml water\n140 g almonds',
    'Melt butter in a pot; add sugar and water. Cook to 240F, add half the almonds and continue cooking to 300F. Remove from the heat and pour into a pan. Top with the remaining almonds.',
    148.9,
    [
      /^ready \+ butter 225, sugar 270, water 45/,
      /^rises 115\.6 \+ almonds 70/,
      /^target: Continue cooking to 148\.9°$/,
      /^ready → out: Remove from the heat and pour/,
      /^ready \+ almonds 70: Top/,
    ],
  ],
  [
    'what foams goes in once it is amber, not before',
    '200 g sugar\n100 g golden syrup\n9 g bicarbonate of soda',
    'Grease a tin. Mix sugar and syrup in a saucepan. Simmer until you have an amber caramel, then as quickly as you can turn off the heat, tip in the bicarbonate and beat in until foaming. Scrape into the tin. Leave 1–1½ hours until hard.',
    Number.NaN,
    [
      /^ready \+ sugar 200, golden-syrup 100: Mix/,
      /^target: Simmer until you have an amber caramel$/,
      /^ready \+ soda 9: As quickly as you can turn off the heat/,
      /^ready → out: Scrape into the tin$/,
      /^after 3600: Leave/,
    ],
  ],
  [
    'a full stop that ends nothing, and what waits in the oven',
    '96 g popcorn, popped\n200 g sugar\n80 ml water\n4 g vanilla extract',
    'Keep popcorn warm in the oven. In a 2 qt. saucepan stir together sugar and water. Cook until temperature reaches 270 degrees. Remove from heat; add vanilla. Slowly pour over popcorn. Let stand 5 minutes.',
    132.2,
    [
      /^ready \+ sugar 200, water 80: In a 2 qt saucepan stir together/,
      /^target: Cook until temperature reaches 132\.2°$/,
      /^ready \+ vanilla 4: Remove from heat; add vanilla$/,
      /^ready \+ popcorn 96 → out: Slowly pour over popcorn$/,
      /^after 300: Let stand 5 minutes$/,
    ],
  ],
  [
    'the first so many of the list, and a syrup that is the boil and not a line',
    '500 g sugar\n164 g corn syrup\n118 g water\n2 egg whites',
    'Combine first 3 ingredients; cook over low heat until sugar dissolves. Without stirring, cook to hard ball stage (260°). Pour hot syrup very slowly over stiffly beaten egg whites.',
    126.7,
    [
      /^ready \+ sugar 500, corn-syrup 164, water 118: Combine/,
      /^target: Without/,
      /^ready \+ egg-white 66 → out: Pour hot syrup/,
    ],
  ],
  [
    'what is poured first and worked for minutes after',
    '300 g honey\n400 g sugar\n100 g water\n3 egg whites\n300 g almonds',
    'Meanwhile whisk the egg whites to stiff peaks. Boil the sugar, honey and water to 145°C. Pour the syrup onto the whites and whisk for 10 minutes until thick. Fold in the warm almonds.',
    145,
    [
      /^ready \+ honey 300, sugar 400, water 100: Boil/,
      /^target: Boil/,
      /^ready \+ egg-white 99 → out: Pour the syrup onto the whites$/,
      /^after 600: Whisk for 10 minutes until thick$/,
      /^ready \+ almonds 300: Fold in/,
    ],
  ],
  [
    'cream that is whisked in and boiled for a minute',
    '200 g sugar\n90 g butter\n120 g cream',
    'Melt the sugar in a dry pan until deep amber. Take off the heat and add the butter. Whisk in the cream, return to the heat and boil for 1 minute. Cool for 10 minutes, then pour into a jar.',
    Number.NaN,
    [
      /^ready \+ sugar 200: Melt/,
      /^target: Melt/,
      /^ready \+ butter 90: Take off/,
      /^ready \+ cream-36 120: Whisk in the cream, return to the heat$/,
      /^after 60: Boil for 1 minute$/,
      /^after 600 → out: Cool for 10 minutes, then pour into a jar$/,
    ],
  ],
  [
    'what is stirred in at the very last, after a semicolon or off the heat',
    '400 g sugar\n100 ml water\n200 g almonds\n60 g butter',
    'Boil the sugar and water to 150 C; stir in the almonds at the last second. Whisk in the butter. Pour onto an oiled sheet and mark into squares as soon as it is cool enough.',
    150,
    [
      /^ready \+ sugar 400, water 100: Boil/,
      /^target: Boil/,
      /^ready \+ almonds 200: Stir in the almonds at the last second$/,
      /^ready \+ butter 60: Whisk in/,
      /^ready → out: Pour onto an oiled sheet$/,
      /^window: Mark into squares/,
    ],
  ],
  [
    'nuts that are warmed in the oven, and called nuts',
    '400 g sugar\n150 g glucose syrup\n100 ml water\n200 g almonds\n100 g pistachios',
    'Warm the nuts in the oven at 120°C and keep them warm. Boil the sugar, glucose and water to 150°C. Fold in the warm nuts. Pour.',
    150,
    [
      /^ready \+ sugar 400, glucose-42 150, water 100: Boil/,
      /^target: Boil/,
      /^ready \+ almonds 200, pistachios 100: Fold in/,
      /^ready → out: Pour$/,
    ],
  ],
  [
    'cream that is brought to the boil beside the pot and infused',
    '250 g sugar\n200 g cream\n60 g butter',
    'Bring the cream to the boil and leave to infuse for 20 min. Melt the sugar in a dry pan until amber. Deglaze with the hot cream. Cook to 120°C, whisk in the butter off the heat. Pour into a frame.',
    120,
    [
      /^ready \+ sugar 250: Melt/,
      /^colour 175: Melt/,
      /^ready \+ cream-36 200: Deglaze/,
      /^target: Cook to 120°$/,
      /^ready \+ butter 60: Whisk in/,
      /^ready → out: Pour into a frame$/,
    ],
  ],
  [
    'a full stop after minutes, what ripens, and what is warmed again',
    '500 g sugar\n150 ml water',
    'Boil the sugar and water to 115 °C. Pour onto a slab and let it cool to 45 °C. Work it until white, 5 to 10 min. Knead smooth, wrap and ripen 24 h. Melt to 65 °C and cast.',
    115,
    [
      /^ready \+ sugar 500, water 150: Boil/,
      /^target: Boil/,
      /^falls 45 → out: Pour/,
      /^after 300: Work it/,
      /^ready: Knead smooth, wrap$/,
      /^after 86400: Ripen 24 h$/,
      /^ready: Melt to 65/,
    ],
  ],
  [
    'what is scalded in a bowl, what is said by the way, and what only the method measures',
    '400 g sugar\n100 ml water',
    'Put the sticks in a large bowl and pour boiling water over. Tip the sugar into a pan with the water. Boil to 150°C. Off the heat beat in 2 tsp bicarbonate of soda, tip it into the tin. Keeps 2 weeks. You may need a hammer.',
    150,
    [
      /^ready: Put the sticks/,
      /^ready \+ sugar 400, water 100: Tip the sugar/,
      /^target: Boil to 150°$/,
      /^ready \+ soda 9 → out: Off the heat/,
    ],
  ],
]

describe('a method', () => {
  it.each(cases)('%s', (_, list, method, celsius, wanted) => {
    const { formula, steps, places } = read(list, method)
    expect(steps).toHaveLength(wanted.length)
    for (const [i, pattern] of wanted.entries()) expect(steps[i]).toMatch(pattern)
    if (Number.isFinite(celsius)) expect(formula.target?.celsius).toBeCloseTo(celsius, 1)
    expect(places).toEqual([])
    expect(faultsOf(formula)).toEqual([])
  })

  it('is asked about what only waits in the bowl, with the syrup that is poured onto it as a guess', () => {
    const { formula, steps, places } = read(
      '21 g powdered gelatin\n240 ml water\n300 g sugar\n12 g vanilla extract',
      'Sprinkle the gelatin over half of the water in a mixer bowl. Boil the sugar and the rest of the water to 115°C. With the mixer running pour the hot syrup into the bowl. Whip for 12 minutes. Beat in the vanilla.',
    )
    expect(places).toMatchObject([{ line: expect.stringMatching(/gelatin/), guess: 2 }])
    expect(steps[0]).toMatch(/^ready \+ water 120, sugar 300: Boil/)
    expect(steps[2]).toMatch(/^ready \+ gelatin-powder 21, water 120 → out: With the mixer/)
    expect(steps[4]).toMatch(/\+ vanilla 12: Beat in the vanilla$/)
    // what waits in the bowl is cold
    expect(formula.groups.find((g) => g.id === formula.lines[0]?.group)?.celsius).toBe(20)
  })

  it.each([
    ['In a second pan, boil the sugar and the water to 150 °C.', 'Boil the sugar'],
    ['Boil sugar and water for 10 minutes to 150 °C.', 'Boil sugar'],
    ['Boil sugar and water to 150 °C. Press into the tray.', 'Press'],
  ])('calls a step by what is done in it: %s', (method, called) => {
    expect(read('400 g sugar\n100 ml water', method).formula.steps.map((s) => s.label)).toContain(called)
  })

  it.each([
    ['Boil sugar and water to 300°F.', 'Boil sugar and water to 148.9°'],
    ['Boil sugar and water to 300 to 310 degrees F.', 'Boil sugar and water to 148.9° to 154.4°'],
    ['Boil sugar and water to soft ball stage (240 degrees).', 'Boil sugar and water to soft ball stage (115.6°)'],
    ['Boil sugar and water to 150 °C.', 'Boil sugar and water to 150°'],
  ])('holds temperatures in °C, as every document does: %s', (method, said) => {
    const { formula } = read('400 g sugar\n100 ml water', method)
    expect(formula.steps.find((s) => s.when.on === 'target')?.say).toBe(said)
  })

  it('keeps every gram of what it takes in halves', () => {
    const { formula } = read(
      '61 g butter\n200 g sugar\n50 ml water',
      'Boil sugar, water and half the butter to 140°C. Stir in the remaining butter. Pour.',
    )
    const butter = formula.lines.filter((l) => l.ingredient === 'butter')
    expect(butter).toHaveLength(2)
    expect(butter.reduce((sum, l) => sum + l.grams, 0)).toBeCloseTo(61, 9)
    expect(new Set(formula.lines.map((l) => l.id)).size).toBe(formula.lines.length)
  })

  it('is read whatever signs a line is written with', () => {
    for (const odd of ['200 g sugar (fine', '200 g sugar [x', '200 g sugar*+?', '200 g sugar {2}', '200 g sugar \\'])
      expect(() =>
        read(`${odd}\n50 ml water`, 'Boil half the sugar and the water to 140°C. Add the remaining sugar.'),
      ).not.toThrow()
  })

  it('heats no pot by what is only warmed beside it, and warms it', () => {
    const { formula } = read(
      '300 g sugar\n200 ml cream\n50 ml water',
      'Warm the cream. Boil sugar and water until amber. Pour in the cream. Cook to 118°C.',
    )
    const [cream] = formula.lines.filter((l) => l.ingredient === 'cream-36')
    expect(formula.groups.find((g) => g.id === cream?.group)?.celsius).toBe(50)
    expect(formula.steps.filter((s) => s.heat !== undefined)).toHaveLength(1)
    expect(formula.steps[0]?.adds).not.toBe(cream?.group)
  })

  it('is told by its headings which of two waters is the gelatin’s, and what goes around it once it is out', () => {
    const { formula } = readRecipe(
      `Pillows

For the gelatine:
20 g powdered gelatine
110 ml cold water

For the syrup:
440 g caster sugar
160 g glucose syrup
100 ml water

To coat:
60 g icing sugar
60 g cornflour

Sprinkle the gelatine over the cold water and leave to bloom for 10 minutes.
Put the sugar, glucose and water into a saucepan. Boil until it reaches 118°C.
With the mixer on low, pour the hot syrup down the side of the bowl. Whisk for 10 minutes.
Scrape into a tin, and leave overnight. Cut into squares, and toss in the coating.`,
      pantry,
    )
    const groups = formula.groups.map((g) =>
      formula.lines.filter((l) => l.group === g.id).map((l) => `${l.ingredient} ${Math.round(l.grams)}`),
    )
    expect(groups).toEqual([
      ['caster-sugar 440', 'glucose-42 160', 'water 100'],
      ['gelatin-powder 20', 'water 110'],
      ['icing-sugar 60', 'cornflour 60'],
    ])
    expect(faultsOf(formula)).toEqual([])
  })

  it('puts what has to be asked about where its sentence is, not into the pot', () => {
    const { formula, questions } = readRecipe(
      'Shards\n\n400 g sugar\n100 ml water\n1 cup mystery crunch\n\nMethod\nBoil the sugar and water to 150°C. Stir in the crunch. Pour.',
      pantry,
    )
    const at = formula.steps.find((s) => s.adds === questions[0]?.group)
    expect(questions).toHaveLength(1)
    expect(at?.say).toBe('Stir in the crunch')
  })

  it('takes for warm what is said to be, and nothing beside it', () => {
    const { formula } = read(
      '400 g sugar\n100 ml water\n100 g milk chocolate\n50 g cream',
      'Boil the sugar and water to 150°C. Pour in the hot cream. Pour onto a sheet. Scatter the chocolate over the hot toffee.',
    )
    const warmth = (ingredient: RegExp) =>
      formula.groups.find((g) => g.id === formula.lines.find((l) => ingredient.test(l.ingredient))?.group)?.celsius
    expect(warmth(/cream/)).toBe(85)
    expect(warmth(/chocolate/)).toBe(20)
  })
})
