import { describe, expect, it, test } from 'vitest'
import { faultsOf } from '../../formula/faults'
import { secondsIn } from '../../formula/sentence'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { endingsIn, label } from './endings'
import { heatIn, unitOf } from './heats'
import { isGotReady } from './moves'

describe('a temperature, as written', () => {
  test.each([
    ['Cook to 118°C', 118, 118, 'C'],
    ['cook to 245 F', 245, 245, 'F'],
    ['until it reaches 118-120 °C', 118, 120, 'C'],
    ['boil to 248°', 248, 248, null],
    ['Boil to 285 degrees', 285, 285, null],
    ['bring it to 250 to 300 degrees', 250, 300, null],
    ['heat to 115 degrees celsius', 115, 115, 'C'],
    ['until the thermometer reads 300', 300, 300, null],
    ['120°C (248°F)', 120, 120, 'C'],
    ['Keep going to 300', 300, 300, null],
    ['let it climb to 300-305, stirring', 300, 305, null],
    ['it is done at 300', 300, 300, null],
  ] as const)('“%s”', (sentence, low, high, unit) => expect(heatIn(sentence)).toMatchObject({ low, high, unit }))

  test.each([
    'stir for 10 minutes',
    'boil for 20 minutes, stirring',
    'cut into 60 pieces',
    'add 200 g sugar',
    'whisk 12 eggs',
    'top it up with water to 300 ml',
    'keep it to 150 pieces',
    'keep going to the end',
  ])('“%s” speaks of none', (sentence) => expect(heatIn(sentence)).toBeNull())

  test.each([
    ['boil to 285 degrees', null, 'F'],
    ['boil to 248 degrees', null, 'F'],
    ['boil to 120 degrees', null, null],
    ['boil to 120 degrees', 'C', 'C'],
    ['boil to 120 degrees', 'F', 'F'],
    ['cool to 110', 'F', 'F'],
    ['cool to 110', null, null],
    ['bake at 200', 'F', null],
    ['bake at 200°C', null, 'C'],
  ] as const)('“%s” in a recipe of %s is °%s', (sentence, recipe, unit) => {
    const heat = heatIn(sentence)
    expect(heat && unitOf(heat, recipe)).toBe(unit)
  })
})

test.each([
  ['for an hour', 3600],
  ['leave two hours', 7200],
  ['half an hour', 1800],
  ['overnight', 28800],
  ['for 10–15 minutes', 600],
  ['about 90 seconds', 90],
  ['boil for twenty minutes', 1200],
  ['stir it in', null],
  ['Set 1 hr 30', 5400],
  ['keep it for 1h30', 5400],
  ['an hour and a half', 5400],
  ['two and a half hours', 9000],
  ['a minute and a half', 90],
  ['2 minutes 30 seconds', 150],
  ['a couple of hours', 7200],
])('“%s” is %s s', (text, seconds) => expect(secondsIn(text)).toBe(seconds))

test.each([
  ['Cook to hard crack, 300°F', ['heat', 'drop']],
  ['Cook until a drop in cold water is at the hard-crack stage', ['drop']],
  ['Cook without stirring until amber', ['colour']],
  ['Stir until it leaves a streak on the base', ['sign']],
  ['Boil for 20 minutes, stirring', ['time']],
  ['Stir in the golden syrup', []],
  ['Let it cool to 110°F', []],
  ['Bake at 350°F', []],
] as const)('“%s” ends by %j', (sentence, by) => expect(endingsIn(sentence, null).map((e) => e.by)).toEqual(by))

test.each(['Bloom the gelatin in cold water', 'Line the tray', 'Toast the almonds', 'Preheat the oven to 180°C'])(
  '“%s” is got ready',
  (sentence) => expect(isGotReady(sentence)).toBe(true),
)

const recipe = (list: string, method: string, name = 'Sweets') =>
  readRecipe(`${name}\nIngredients\n${list}\nMethod\n${method}`, pantryOf())
const CARAMEL = '400 g sugar\n200 g glucose syrup\n300 ml double cream\n50 g butter'
const HARD = '2 cups sugar\n1 cup light corn syrup\n3/4 cup water'

describe('where it comes off', () => {
  const pullOf = (draft: ReturnType<typeof recipe>) => draft.formula.steps.find((s) => s.when.on === 'target')
  const asked = (draft: ReturnType<typeof recipe>, id: string) => draft.asks.filter((a) => a.id === id)

  it.each([
    ['2 l whole milk\n500 g sugar', 'Simmer for 2 to 2 1/2 hours until deep caramel coloured.', 7200],
    ['300 g cream\n300 g sugar', 'Boil for 20 minutes until golden brown.', 1200],
  ])('milk browns long before it is hot, so a shade of it tells no temperature: %s', (list, method, seconds) => {
    expect(readRecipe(`A sweet\n\n${list}\n\n${method}`, pantryOf()).asks).toContainEqual(
      expect.objectContaining({ id: 'target', because: { by: 'time', seconds } }),
    )
  })

  it('the syrup that is called golden is no shade', () => {
    const { asks } = readRecipe(
      'A sweet\n\n50 g butter\n50 g sugar\n50 g golden syrup\n\nHeat the butter, sugar and golden syrup until melted. Pour.',
      pantryOf(),
    )
    expect(asks?.map((a) => a.id)).toContain('target')
  })

  it('a choice is the maker’s: it is asked, and the answer stands', () => {
    const text =
      'A sweet\n\n300 g sugar\n300 g cream\n\nPut all in a pan. Cook to 125 °C for firm caramels or 121 °C for soft ones. Pour.'
    const asked = readRecipe(text, pantryOf()).asks.find((a) => a.id === 'target')
    expect(asked).toMatchObject({
      because: { by: 'choice', sentence: expect.stringContaining('or 121') },
      guess: 125,
    })
    expect(readRecipe(text, pantryOf(), [], { target: 121 }).formula.target?.celsius).toBe(121)
    const twice = text.replace('125 °C for firm caramels or 121 °C for soft ones', '257 °F (125 °C)')
    expect(readRecipe(twice, pantryOf()).asks.some((a) => a.id === 'target')).toBe(false)
    // one thing twice, in two ways that differ by more than was rounded
    const differ = text.replace('125 °C for firm caramels or 121 °C for soft ones', '270F/140C')
    expect(readRecipe(differ, pantryOf()).asks.find((a) => a.id === 'target')).toMatchObject({ guess: 132.2 })
    const named = text.replace('125 °C for firm caramels or 121 °C for soft ones', '125C firm / 121C soft')
    expect(readRecipe(named, pantryOf()).asks.find((a) => a.id === 'target')).toMatchObject({ guess: 125 })
    // whoever wrote it says which they take
    for (const said of [
      '125C firm / 121C soft - I go to 123C',
      '125C for firm ones or 121C for soft; we stop at 123C',
    ]) {
      const chosen = readRecipe(text.replace('125 °C for firm caramels or 121 °C for soft ones', said), pantryOf())
      expect([chosen.formula.target?.celsius, chosen.asks.some((a) => a.id === 'target')]).toEqual([123, false])
    }
    const sugar = text.replace('125 °C for firm caramels or 121 °C for soft ones', '107 °C (75 °Brix)')
    expect(readRecipe(sugar, pantryOf()).asks.some((a) => a.id === 'target')).toBe(false)
  })

  it('a figure is that figure, a range keeps both its ends', () => {
    const one = recipe(HARD, 'Put it all in a pan. Boil to 300°F. Pour it out.')
    expect(one.formula.target?.celsius).toBeCloseTo(148.9, 1)
    const range = recipe(HARD, 'Put it all in a pan. Boil to 290 to 300°F. Pour it out.').formula.target
    expect(range?.celsius).toBeCloseTo(146.1, 1)
    expect((range?.celsius ?? 0) - (range?.within ?? 0)).toBeLessThan(143.5)
    expect((range?.celsius ?? 0) + (range?.within ?? 0)).toBeGreaterThan(148.7)
    const wide = recipe(HARD, 'Put it all in a pan. Boil to 250 to 300 degrees. Pour it out.').formula.target
    expect((wide?.celsius ?? 0) - (wide?.within ?? 0)).toBeCloseTo(121.1, 0)
    expect((wide?.celsius ?? 0) + (wide?.within ?? 0)).toBeCloseTo(148.9, 0)
  })

  it('what is poured over popped corn is popcorn, however much butter is in it', () => {
    const corn = '8 cups popped corn\n1/2 cup butter\n1 cup brown sugar'
    expect(recipe(corn, 'Boil butter and sugar to 130 °C. Pour over the corn.').formula.family).toBe('popcorn')
  })

  it('a drop is where this syrup shows it, and stays the test', () => {
    const draft = recipe(HARD, 'Put it all in a pan. Boil to the hard crack stage. Pour it out.')
    expect(draft.formula.target?.celsius).toBeGreaterThan(138)
    expect(draft.formula.target?.celsius).toBeLessThan(158)
    expect(pullOf(draft)?.test).toBe('cold water: hard crack')
    expect(asked(draft, 'target')).toEqual([])
  })

  it('a colour is a pull by colour, and milk browns sooner', () => {
    const clear = recipe(HARD, 'Put it all in a pan. Boil until amber. Pour it out.')
    expect(pullOf(clear)?.shows).toBe(175)
    expect(clear.formula.target?.celsius).toBe(175)
    const milky = recipe(CARAMEL, 'Put the sugar, syrup, cream and butter in a pan. Boil until amber. Pour it out.')
    expect(milky.formula.target?.celsius).toBeLessThan(165)
  })

  it('a sign is a pull by that sign', () => {
    const draft = recipe(
      CARAMEL,
      'Put everything in a pan. Cook until it leaves a clean streak on the base. Pour it out.',
    )
    expect(pullOf(draft)?.shows).toBe('clean-streak')
    expect(draft.formula.target?.celsius).toBeGreaterThan(108)
    expect(draft.formula.target?.celsius).toBeLessThan(124)
  })

  it('a sign says nothing of milk, which thickens by itself as it boils down: it is asked', () => {
    const jam = recipe('1 l milk\n250 g sugar', 'Simmer all of it until a spoon leaves a clear path. Pour into jars.')
    expect(asked(jam, 'target')).toHaveLength(1)
    expect(pullOf(jam)?.shows).toBe('clean-streak')
  })

  it('a time alone, or nothing, is asked about; no family’s figure is filled in silently', () => {
    const timed = recipe(CARAMEL, 'Put everything in a pan. Boil for 20 minutes, stirring. Pour it out.')
    expect(asked(timed, 'target')).toMatchObject([{ because: { by: 'time', seconds: 1200 } }])
    expect(pullOf(timed)?.say).toMatch(/20 minutes/)
    // nor is it done by a time after which it is still kept on the heat
    const kept = recipe(
      CARAMEL,
      'Boil all for 5 minutes. Turn the heat down and keep stirring until it is glossy. Pour.',
    )
    expect(asked(kept, 'target')).toMatchObject([{ because: { by: 'nothing' } }])
    const silent = recipe(CARAMEL, 'Put everything in a pan. Pour it out.')
    expect(asked(silent, 'target')).toMatchObject([{ because: { by: 'nothing' } }])
    const order = silent.formula.steps.map((s) => (s.when.on === 'target' ? 'pull' : s.empties ? 'pour' : ''))
    expect(order.indexOf('pull')).toBeLessThan(order.indexOf('pour'))
    const told = readRecipe(`Sweets\nIngredients\n${CARAMEL}\nMethod\nBoil it. Pour it out.`, pantryOf(), [], {
      target: 121,
    })
    expect(told.formula.target?.celsius).toBe(121)
  })

  it('minutes and shades of a microwave are those of no pot: where it comes off is asked', () => {
    const method =
      'In a glass bowl stir everything. Microwave on high 4 minutes, until light golden. Pour on a greased sheet.'
    expect(asked(recipe('200 g sugar\n160 g corn syrup', method), 'target')).toMatchObject([
      { because: { by: 'microwave' } },
    ])
    const melted = 'Melt the butter in the microwave. Boil the sugar to 150 °C. Stir in the melted butter. Pour it out.'
    expect(asked(recipe('200 g sugar\n50 g butter', melted), 'target')).toEqual([])
    const named = (name: string) =>
      readRecipe(
        `${name}\n\n200 g sugar\n160 g corn syrup\n\nMethod\nStir all in a jug. Heat 9 min on high till a probe says 117 °C. Pour it out.`,
        pantryOf(),
      )
    expect(asked(named('Microwave caramels'), 'target')).toHaveLength(1)
    expect(asked(named('Microwave-free caramels'), 'target')).toEqual([])
    expect(asked(named('Caramels (microwave free!)'), 'target')).toEqual([])
    expect(asked(named('No microwave caramels'), 'target')).toEqual([])
  })

  it('a bare figure that could be either is asked about once', () => {
    const draft = recipe('sugar to taste', 'Put it in a pan. Boil to 120 degrees. Pour it out.')
    expect(asked(draft, 'unit')).toHaveLength(1)
    expect(asked(draft, 'target')).toEqual([])
    const text = 'Sweets\nIngredients\n2 eggs\nMethod\nBoil to 150 degrees. Pour it out.'
    expect(readRecipe(text, pantryOf(), [], { unit: 'C' }).formula.target?.celsius).toBe(150)
    expect(readRecipe(text, pantryOf(), [], { unit: 'C' }).asks.map((a) => a.id)).not.toContain('unit')
  })
})

describe('when each goes in', () => {
  const draft = readRecipe(
    `Peanut brittle
Ingredients
400 g sugar
200 g glucose syrup
120 ml water
250 g peanuts
1 tsp baking soda
1 tsp vanilla extract
100 g dark chocolate chips
Method
Line a tray.
Put the sugar, glucose and water in a pan and bring to the boil.
At 120°C stir in the peanuts.
Boil to 150°C.
Off the heat stir in the soda and vanilla.
Pour out and spread thinly.
Sprinkle the chocolate chips over. Leave for an hour, then break.`,
    pantryOf(),
  )
  const { formula } = draft
  const stepOf = (line: string) => {
    const group = formula.lines.find((l) => l.ingredient === line)?.group
    return formula.steps.find((s) => s.adds === group)
  }

  it('each with the sentence that puts it in', () => {
    expect(stepOf('sugar')?.id).toBe(stepOf('water')?.id)
    expect(stepOf('peanuts')?.when).toEqual({ on: 'rises', celsius: 120 })
    const pull = formula.steps.findIndex((s) => s.when.on === 'target')
    const soda = formula.steps.findIndex((s) => s.id === stepOf('soda')?.id)
    expect(soda).toBeGreaterThan(pull)
    expect(formula.groups.find((g) => g.id === stepOf('soda')?.adds)?.label).toBe('Off the heat')
    expect(formula.steps.findIndex((s) => /chips/.test(s.say))).toBeGreaterThan(soda)
  })

  it('what is got ready lights no burner and is no step', () => {
    expect(formula.steps.some((s) => /line a tray/i.test(s.say))).toBe(false)
    expect(formula.steps.filter((s) => s.heat !== undefined)).toHaveLength(1)
    expect(formula.steps.find((s) => s.heat !== undefined)?.adds).toBe('pot')
  })

  it('a wait is that wait', () =>
    expect(formula.steps.some((s) => s.when.on === 'after' && s.when.seconds === 3600)).toBe(true))

  it('is a formula that can be cooked, with no button “Done” and no empty reason', () => {
    expect(faultsOf(formula)).toEqual([])
    for (const s of formula.steps) {
      expect(s.act).not.toBe('Done')
      expect(s.why).not.toMatch(/as the (?:recipe|list) says/i)
    }
  })

  it('a line no sentence speaks of is asked about once, with a guess', () => {
    const more = readRecipe(
      'Toffee\nIngredients\n200 g sugar\n200 g butter\n50 g flaked almonds\nMethod\nMelt the butter with the sugar. Cook to 150°C. Pour it out.',
      pantryOf(),
    )
    const places = more.asks.filter((a) => a.id === 'place')
    expect(places).toHaveLength(1)
    expect(places[0]).toMatchObject({ guess: 0 })
    const line = places[0]?.id === 'place' ? places[0].line : ''
    const text = more.formula.notes ?? ''
    const put = readRecipe(text, pantryOf(), [], { places: { [line]: 2 } })
    expect(put.formula.lines.find((l) => l.id === line)?.group).not.toBe('pot')
  })
})

test.each([
  ['Vanilla marshmallows', '20 g gelatin\n300 g sugar', 'marshmallow'],
  ['Grandmother’s bars', '20 g gelatin\n300 g sugar\n200 g glucose syrup', 'jelly'],
  ['Grandmother’s bars', '20 g gelatin\n300 g sugar\n200 g cream', 'caramel'],
  ['Grandmother’s bars', '2 g gelatin\n300 g sugar\n200 g glucose syrup', 'hard-candy'],
  ['Blackcurrant squares', '500 g blackcurrant purée\n400 g sugar\n12 g pectin', 'jelly'],
  ['Quince paste', '500 g quince purée\n400 g sugar', 'jelly'],
  ['Rose lokum', '500 g sugar\n80 g cornflour', 'jelly'],
  ['Peanut butter and jelly fudge', '500 g sugar\n200 g milk\n100 g peanut butter', 'fudge'],
  ['Coconut ice', '450 g sugar\n150 ml milk\n150 g desiccated coconut', 'fudge'],
  ['Banoffee toffee', '100 g butter\n100 g brown sugar\n397 g condensed milk', 'condensed-milk'],
  ['Sunday sweets', '300 g sugar\n300 g butter', 'toffee'],
  ['Sunday sweets', '270 g sugar\n230 g butter\n200 g almonds\n120 g milk chocolate', 'toffee'],
  ['Sunday sweets', '300 g sugar\n200 g peanuts\n100 g glucose syrup', 'brittle'],
  ['Sunday sweets', '300 g sugar\n1 tsp baking soda\n100 g golden syrup', 'honeycomb'],
  // what is asked about is in it all the same
  ['Sunday sweets', '300 g sugar\n225 g mixed nuts\n1 tsp bicarbonate of soda', 'brittle'],
  ['Sunday sweets', '300 g sugar\n100 g glucose syrup', 'hard-candy'],
])('“%s” with %j is guessed to be %s, and asked', (name, list, family) => {
  const draft = recipe(list, 'Boil to 150°C. Pour it out.', name)
  expect(draft.formula.family).toBe(family)
  expect(draft.asks).toContainEqual({ id: 'family', guess: family })
})

describe('the label of a step', () => {
  test.each([
    ['Pour in the cream mixture, carefully', 'Pour in the cream'],
    ['Stir in the cream', 'Stir in the cream'],
    ['Pour on an oiled marble', 'Pour on an oiled marble'],
    ['Pour onto the whites slowly', 'Pour onto the whites'],
    ['Beat with a wooden spoon until creamy', 'Beat with a wooden spoon'],
    // half a phrase says less than the verb
    ['Slide in the softened gelatine and its soaking water', 'Slide'],
    ['Stop it with 200 g of cream', 'Stop'],
    ['Cut', 'Cut'],
    ['When it begins to boil add the butter', 'Add the butter'],
    ['Leave uncovered overnight', 'Leave uncovered'],
  ])('of “%s” is “%s”', (sentence, wanted) => {
    expect(label(sentence)).toBe(wanted)
  })
})
