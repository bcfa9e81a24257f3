import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { tellBack } from '../told-back'
import { figuresIn, heatIn, heatOfAdded, inCelsiusWords } from './heats'

const LIST = '400 g sugar\n200 g corn syrup\n100 ml water\n200 g peanuts'
const read = (name: string, method: string, answers = {}, list = LIST) =>
  readRecipe(`${name}\n\n${list}\n\nMethod\n${method}`, pantryOf(), [], answers)
const askedOf = (name: string, method: string) => read(name, method).asks.flatMap((a) => (a.id === 'target' ? [a] : []))

/** Ways in which people set down a heat, none of them "boil to". */
const ways = [
  (n: number) => `${n} and off`,
  (n: number) => `Target ${n}`,
  (n: number) => `Stir, the needle wants to be at ${n} before it is off`,
  (n: number) => `Stay with it till ${n}`,
  (n: number) => `Go on and on, ${n}`,
  (n: number) => `Nearly ${n} now`,
]

describe('a figure that could be a heat', () => {
  it('is one, or is told: nothing passes in silence', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ways), fc.integer({ min: 105, max: 330 }), (way, n) => {
        const heat = heatIn(way(n))
        expect(heat ? heat.low : figuresIn(way(n))).toEqual(heat ? n : [n])
      }),
    )
  })

  it.each([
    'Cut into 120 pieces',
    'Cook for 12-14 minutes, stirring 100 times',
    'Keep at it for about 25 to 30 minutes',
    'Pour into a frame, 250 x 300 mm',
    'Add 250 g of the nuts',
    'Whisk at 120 rpm',
    'Bloom the 225-bloom gelatin',
  ])('is none where something is counted or measured: %s', (sentence) => {
    expect(figuresIn(sentence)).toEqual([])
  })

  it.each([
    ['Oven 120', 120],
    ['Oven on: 150, fan', 150],
    ['Bake 160, 20 min', 160],
    ['Bake 45 min turning every 15', null],
  ])('is that of an oven where no sign stands beside it: %s', (sentence, low) => {
    expect(heatIn(sentence)?.low ?? null).toBe(low)
  })

  it.each([
    ...[
      '245F',
      '245 °F',
      '245ºF',
      '245 deg. F',
      '245 degrees Fahrenheit',
      'about 245F',
      '~245F',
      '245F (118C)',
      '245f',
    ],
    ...['118 C', '118 degrees Celsius', '118 degC', '118 centigrade', '118°C/245°F', '118,3 °C', '244-246F'],
    ...['244 to 246°F', 'between 244 and 246°F', '244° to 246° F', '245 degrees', '245°', '245', 'exactly 245°F'],
    ...['soft ball, 245°F', 'firm ball stage (245°F)', 'firm-ball (245°)', 'two hundred and forty-five degrees'],
  ])('is where the boil ends, however it is told: %s', (heat) => {
    for (const way of ['Cook until a thermometer reads #.', 'Boil without stirring until #.', 'Pull it at #.']) {
      const { formula, asks } = read(
        'Chews',
        `Put everything in a pan and dissolve over a low heat. ${way.replace('#', heat)} Pour it out.`,
      )
      expect([formula.target?.celsius, asks.map((a) => a.id)], way).toEqual([expect.closeTo(118.2, 0), ['family']])
    }
  })

  it('is that of what goes in, where it stands behind that', () => {
    const stop = 'Stop with glucose then hot cream (90 °C) in 3 pours'
    expect([heatIn(stop), heatOfAdded(stop)?.low]).toEqual([null, 90])
    expect(heatIn('Pour the hot syrup (121 °C) onto the whites')?.low).toBe(121)
  })

  it('ends a boil that goes on after its last heat, and is asked about', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ways.slice(0, 4)), fc.integer({ min: 290, max: 310 }), (way, n) => {
        const method = `Boil the sugar, syrup and water to 230 °F. Add the nuts. ${way(n)}. Spread.`
        const { formula, asks } = read('Peanut brittle', method)
        expect(formula.target?.celsius).toBeCloseTo((n - 32) / 1.8, 0)
        const pull = formula.steps.findIndex((s) => s.when.on === 'target')
        const nuts = formula.steps.findIndex((s) =>
          formula.lines.some((l) => l.ingredient === 'peanuts' && l.group === s.adds),
        )
        expect(nuts).toBeLessThan(pull)
        // "till 300" is a heat, and no question
        const isSure = heatIn(way(n)) !== null
        expect(asks.some((a) => a.id === 'target')).toBe(!isSure)
      }),
      { numRuns: 30 },
    )
  })

  it('may be said by how much it is over boiling water', () => {
    expect(heatIn('Boil it to 22-24 °F above the boiling point of water')).toMatchObject({ low: 234, high: 236 })
    expect(heatIn('Boil it to 13 °C over water’s boiling point')).toMatchObject({ low: 113, unit: 'C' })
    // of what else boils nobody knows
    expect(heatIn('Bring it 2 °C above the boil')).toBeNull()
    const { formula } = read('Cream fudge', 'Boil everything to 13 °C above boiling water. Beat. Pour.')
    expect([formula.target?.celsius, formula.steps.some((s) => s.say.includes('13 °C above'))]).toEqual([113, true])
  })

  it('is told where no step follows it', () => {
    const told = tellBack(read('Brittle', 'Boil everything to 150 °C. Pour out, work it while it is at about 75.'))
    expect(told.flatMap((p) => p.moments.flatMap((m) => m.unfollowed))).toEqual([{ of: 'figure', figure: 75 }])
  })
})

describe('an end that hardly any of its kind has', () => {
  it('is asked about, and any other is not', () => {
    expect(askedOf('Peanut brittle', 'Boil everything to 110 °C. Pour.')).toMatchObject([
      { because: { by: 'unusual', sentence: expect.stringContaining('110') }, guess: 110 },
    ])
    for (const celsius of [140, 150, 158])
      expect(askedOf('Peanut brittle', `Boil everything to ${celsius} °C. Pour.`)).toEqual([])
    // a soft caramel can be a filling
    const { asks } = read('Cream caramels', 'Boil everything to 106 °C. Pour.', {}, '400 g sugar\n300 g cream')
    expect(asks.map((a) => a.id)).toEqual(['family'])
    expect(askedOf('Vanilla fudge', 'Boil everything to 150 °C. Pour.')).toMatchObject([{ because: { by: 'unusual' } }])
    // and nothing that is cut ends at the boil of water
    expect(
      read('Cream caramels', 'Boil everything to 101 °C. Pour.', {}, '400 g sugar\n300 g cream').asks,
    ).toMatchObject([{ id: 'family' }, { id: 'target', because: { by: 'unusual' } }])
  })

  it('is asked about where only a look says it, that tells of no heat', () => {
    const said = 'Stir all the time until it comes away from the bottom of the pan. Pour.'
    const { asks } = read('Truffle balls', said, {}, '400 g sweetened condensed milk\n20 g butter')
    expect(asks.find((a) => a.id === 'target')).toMatchObject({
      because: { by: 'look', sentence: expect.stringContaining('comes away') },
    })
  })

  it('is not reckoned from what is left where the most of it is still asked about', () => {
    const { formula, asks } = readRecipe(
      'Sweets\n\n397 g some condensed milk of sorts\n30 g cocoa powder\n20 g butter\n\nCook all, stirring, until it leaves a trail. Pour. Roll into balls.',
      pantryOf(),
    )
    expect(formula.target?.celsius).toBeLessThan(130)
    expect(asks.some((a) => a.id === 'target')).toBe(true)
  })

  it('is asked about where the sentence it ends in names another', () => {
    const notes = 'Sugar and syrup to 165 °C; water heated to 80 °C; peanuts; 120 °C; table.'
    expect(askedOf('Chews', notes)).toMatchObject([{ because: { by: 'choice' } }])
    expect(askedOf('Peanut brittle', 'Boil everything to 150 °C (302 °F), 148 to 152. Pour.')).toEqual([])
    const each = 'Boil everything until it is at 122 °C for soft, 125 for chewy, 127 for hard. Pour.'
    expect(askedOf('Chews', each)).toMatchObject([{ because: { by: 'choice' } }])
    const named = 'Boil everything to 242 °F (logs) or 246 °F (turtles). Pour.'
    expect(askedOf('Chews', named)).toMatchObject([{ because: { by: 'choice' } }])
  })

  it('stands as it is answered', () => {
    const { formula } = read('Peanut brittle', 'Boil everything to 110 °C. Pour.', { target: 150 })
    expect(formula.target?.celsius).toBe(150)
  })
})

describe('a heat that is not to be passed', () => {
  it.each([
    ['Never let it go above 250', 'F', 'Never let it go above 121.1°'],
    ['Keep it above 225 °F while you dip', null, 'Keep it above 107.2° while you dip'],
    ['Do not cook it over 118 °C', null, 'Do not cook it over 118°'],
  ] as const)('is none to cook to, and stands in the degrees of the rest: %s', (sentence, unit, worded) => {
    expect(heatIn(sentence)).toBeNull()
    expect(inCelsiusWords(sentence, unit)).toBe(worded)
  })
})
