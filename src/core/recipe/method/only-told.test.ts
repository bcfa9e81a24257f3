/** What is done only if something is so, by others, or on another day, is none of this cook, wherever it is said. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { apart, onlyTold } from './only-told'

const pantry = pantryOf()

/** "{hi}" and "{lo}" are three degrees beside what is boiled to. */
const ONLY_IF = [
  'If it grains, add 50 g of water and boil again.',
  'For a softer set, stop at {lo} °C.',
  'For softer ones cook to {lo} °C.',
  'If you have no thermometer, drop a little into cold water.',
  'If crystals form on the sides, brush them down with a wet brush.',
  'At altitude, take off 1 °C for every 300 m.',
  'Should it seize, add 30 ml of hot water.',
  'If it is too thick, thin it with 2 tbsp cream.',
  'If it turned out too hard, melt it with 50 g water and boil to {lo} °C.',
  'For a chewier sweet, use 200 g glucose instead.',
  'For lemon ones add 5 g lemon zest.',
  'If doubling, use a pot of 6 litres.',
  'If it has not set by morning, boil it again to {hi} °C.',
  'If your thermometer reads 98 °C in boiling water, stop at {lo} °C.',
  'If it starts to burn, take it off the heat at once.',
  'In summer I go to {hi} °C.',
  'Unless it is very humid, do not go past {hi} °C.',
  'If it crystallises, add a spoonful of glucose and start again.',
  'Want it softer? Stop at {lo} °C.',
  'If you use a copper pot, it will go faster.',
  'Add a little more cream if it is too stiff.',
  'Add a splash of water if it gets too thick.',
  'Stop at {lo} °C for a softer set.',
  'Stop at {lo} °C if you like it soft.',
  'Boil to {hi} °C on rainy days.',
  'Pour it into two tins if you want it thinner.',
  'For thinner ones, use a larger tin.',
  'If it sticks, grease the knife.',
  'Turn the heat down if it foams.',
  'To make them sour, roll in 20 g citric acid.',
  'To store, wrap in paper.',
  'For a chocolate version add 50 g cocoa with the sugar.',
  'Optionally add 50 g of almonds.',
  'If you only have salted butter, leave out the salt.',
  'In case it boils over, lift the pan off.',
  'If yours splits, beat in 2 tbsp of hot water.',
  'If there are crystals, wash them down.',
  'If there is any foam left, skim it.',
  'If your stove runs hot, turn it down a bit.',
  'If you would like a stronger flavour, add 5 g salt.',
  'If liked, add 50 g sultanas.',
  'If you wish you can add 30 g cocoa.',
  'With a softer caramel in mind, stop at {lo} °C.',
  'For a chewy result, stop at {lo} °C.',
  'For Christmas I add 3 g cinnamon.',
  'For the coffee version, add 10 g instant coffee.',
  'For a gift, wrap them in cellophane.',
  'When in doubt, use the cold water test.',
  'As an alternative, cook it to {lo} °C.',
  'Or stop at {lo} °C for a soft one.',
  'Variation: add 50 g of ginger.',
  'Variation: cook to {hi} °C.',
  'Option: 100 g chopped dates.',
  'Note: salted butter works too.',
  'Tip: warm the cream first.',
  'Tip: add 1 tsp of vinegar against graining.',
  'Hint: cook two degrees higher in summer.',
  'P.S. you can add 30 g of seeds.',
  'Substitution: 200 g honey for the glucose.',
  'Troubleshooting: too soft means boil to {hi} °C.',
  'Too hard? Stop at {lo} °C next time.',
  'Grainy? Add 50 g water and reboil.',
  'Sticky? Roll in 20 g cornflour.',
  'To rescue a split batch, add 30 ml hot water.',
  'To double, use a larger pan.',
  'To vary, add 5 g orange zest.',
  'To get a softer set, stop at {lo} °C.',
  'To make half, use 150 g sugar.',
  'Whisk in 30 ml hot cream if it splits.',
  'Boil again to {hi} °C if it will not set.',
  'Boil it two degrees higher if the day is damp.',
  'Cook longer for a darker caramel.',
  'Use less salt if your butter is salted.',
  'Halve the salt if the butter is salted.',
  'If one side browns faster, turn the pan.',
  'If no ball forms, boil on to {hi} °C.',
  'If that happens, add 30 g of water.',
  'If people are coming, double it.',
  'If the room is humid, cook it one degree more.',
  'If the sugar clumps, break up the lumps.',
  'Whenever it catches, lower the heat.',
  'Each time it foams up, lift the pan.',
  'Those who like it hard go to {hi} °C.',
  'With less cream it gets harder.',
  'A softer set needs {lo} °C.',
  'A harder toffee wants {hi} °C.',
  'Harder ones need {hi} °C.',
  'Perhaps a pinch of mace.',
  'Possibly 2 degrees more in a damp kitchen.',
  'Consider adding 2 g cinnamon.',
  'Next batch at {lo} °C.',
  'Next time try {hi} °C.',
  'Want to try with 100 g honey.',
  'Ideas: 10 g matcha, or 20 g cocoa.',
  'Should probably be {lo} °C.',
  'Needs 2 g more salt.',
  'Sold out in an hour.',
  'Never leave it alone.',
  'Keep an eye on it.',
]
const ELSEWHERE = [
  'Others swear by a pinch of salt.',
  'Last time I added 20 g of butter.',
  'Next time I will add 10 g salt.',
  'Next time cook to {lo} °C.',
  'The original has 200 g cream.',
  'The original recipe called for 400 g sugar.',
  'I have also tried it with maple syrup.',
  'Many cooks add a knob of butter here.',
  'Some cook it to {hi} °C.',
  'They used to cook it to {hi} °C.',
  'He stops at {lo} °C.',
  'She cooks hers to {hi} °C.',
  'I used to stir it for ten minutes.',
  'The kids like it with sprinkles on top.',
  'At {hi} °C it was too hard.',
  'Batch 3 was pulled at {hi} °C.',
  'Made 36 last time.',
  'It took about half an hour to get there.',
  'This took me 40 minutes.',
  'The pan was 20 cm.',
  'Honey would work as well.',
  'Butter makes it shorter.',
  'Acid would invert the sugar.',
  'Water will boil off anyway.',
  'Do not use margarine.',
  'Brown sugar would grain.',
  'Maple syrup can be used instead of the glucose.',
  'It will look curdled at first.',
  'The syrup will turn golden at the end.',
  'Careful: hot sugar burns.',
  'Mind the steam.',
  'A wet brush helps.',
  'I do this on induction at 1200 W.',
  'A friend of mine cooks it to {lo} °C.',
  'Our customers prefer it with 5 g of salt.',
  'In the north it is cooked to {hi} °C.',
  'Back then we cooked it to {hi} °C.',
  'Before, I used 250 g of glucose.',
  'Until last year I used 200 g honey.',
  'According to my notebook {hi} °C is right.',
  'Old recipes boil it to {hi} °C.',
  'Shops sell it at 20 g apiece.',
  'It was invented for sailors.',
  'The name comes from the colour.',
  'I would not go past {hi} °C.',
  'I might add ginger next time.',
  'I wanted to add 20 g cocoa but forgot.',
  'I forgot the salt once.',
  'I got 64 pieces.',
  'I got 850 g out of it.',
  'I find {hi} °C too hard.',
  'I don’t bother with the thermometer.',
  'It got 5 stars.',
  'These won first prize.',
  'Mine turned out at 900 g.',
  'That makes them chewy.',
  'That gives 40 pieces.',
  'This is hot!',
  'This needs patience.',
  'This will spit.',
  'There will be a lot of steam.',
  'There should be no crystals.',
  'Nothing beats real butter.',
  'Milk solids brown at about 110 °C.',
  'Cold cream would make it splutter.',
  'Silicone mats do not need oil.',
  'You will smell it.',
  'You will need a sugar thermometer.',
  'Yield 700 g.',
  'Serves 12.',
  'Prep 10 min, cook 30 min.',
  'Total time: 1 hour.',
  'Difficulty: medium.',
  'Cost: about 3 per batch.',
]
const IS_SO = [
  'The room should be at 20 °C.',
  'It sets at about 28 °C.',
  'Below 35 °C it is too stiff.',
  'It stays soft above 30 °C.',
  'Keep at 15 to 18 °C.',
  'Best kept at 18 °C.',
  'Do not put it in the fridge.',
  'Never chill it below 10 °C.',
  'My kitchen is at 24 °C.',
  'It was 30 °C outside.',
  'The tin was at 40 °C.',
  'It takes an hour to get to 30 °C.',
  'It should feel warm, about 35 °C.',
  'It melts at 38 °C.',
  'The marble is at 18 °C.',
  'Your hand should bear it, about 40 °C.',
]

interface Sweet {
  readonly hi: number
  readonly lo: number
  readonly list: string
  readonly method: readonly string[]
}
const drops: Sweet = {
  hi: 153,
  lo: 147,
  list: '300 g sugar\n120 g glucose syrup\n100 g water\n5 g citric acid',
  method: [
    'Dissolve the sugar in the water with the glucose.',
    'Boil to 150 °C.',
    'Off the heat stir in the citric acid. Pour into a tin. Cut into 2 cm squares.',
  ],
}
const caramels: Sweet = {
  hi: 121,
  lo: 115,
  list: '300 g sugar\n150 g glucose syrup\n300 g cream\n60 g butter\n5 g salt',
  method: [
    'Put the sugar, glucose and cream in a pan.',
    'Cook to 118 °C.',
    'Take off the heat and stir in the butter and salt. Pour into a tin and leave to cool. Cut into 2 cm squares.',
  ],
}

const of = ({ hi, lo }: Sweet, sentence: string): string =>
  sentence.replaceAll('{hi}', String(hi)).replaceAll('{lo}', String(lo))

const read = (list: string, method: string) => readRecipe(`Sweets\n\n${list}\n\nMethod\n${method}`, pantry)

/** What somebody would do by a recipe: what is weighed, when it goes in, what is waited for, what it becomes. */
function done(list: string, method: string): string {
  const { formula, questions, asks } = read(list, method)
  const moments = formula.steps.filter((s) => s.adds)
  const lines = formula.lines.map((l) => {
    const at = moments.findIndex((s) => s.adds === l.group)
    return `${l.ingredient} ${l.grams} at ${at}`
  })
  const waits = formula.steps.map((s) => JSON.stringify([s.when, s.act, s.heat ?? null, s.offHeat ?? false]))
  const open = [...questions.map((q) => q.text), ...asks.map((a) => a.id)]
  return [formula.family, JSON.stringify(formula.target), ...lines.sort(), ...waits, ...open].join('\n')
}

/** Those sentences that change what is done, put into the method of a sweet or after it, each in its place in turn. */
function changing(sweet: Sweet, sentences: readonly string[], shift: number): string[] {
  const { list, method } = sweet
  const plain = done(list, method.join(' '))
  const putAt = (at: number, said: string): string => method.toSpliced(at, 0, of(sweet, said)).join(' ')
  return sentences.filter((said, i) => done(list, putAt(1 + ((i + shift) % method.length), said)) !== plain)
}

describe('what is only told', () => {
  it.each([
    ['done only if something is so', ONLY_IF],
    ['done by others, or another time', ELSEWHERE],
    ['how a thing is', IS_SO],
  ])('changes nothing: %s', (_, sentences) => {
    // each of them in one of the two
    const [ofDrops, ofCaramels] = [0, 1].map((odd) => sentences.filter((_, i) => i % 2 === odd))
    expect(changing(drops, ofDrops ?? [], 0)).toEqual([])
    expect(changing(caramels, ofCaramels ?? [], 1)).toEqual([])
  })

  it.each([
    (boil: string, said: string) => `${boil} (${said}).`,
    (boil: string, said: string) => `${boil}; ${said}.`,
    (boil: string, said: string) => `${boil} – ${said}.`,
  ])('changes nothing in the same breath', (beside) => {
    const said = [
      'if it grains, add 50 g of water and boil again',
      'if it foams up, lower the heat',
      'for a softer set, stop at {lo} °C',
      'in humid weather cook to {hi} °C',
      'add a splash of water if it gets too thick',
      'to make it richer, add 40 g more butter',
      'others swear by a pinch of salt',
      'the original has 200 g cream',
      'I once used 300 g of honey',
    ]
    for (const sweet of [drops, caramels]) {
      const [first, boil = '', ...rest] = sweet.method
      const plain = done(sweet.list, sweet.method.join(' '))
      const withBoil = (words: string): string =>
        [first, beside(boil.replace(/\.$/, ''), of(sweet, words)), ...rest].join(' ')
      expect(said.filter((words) => done(sweet.list, withBoil(words)) !== plain)).toEqual([])
    }
  })

  it('stands where the maker meets it, where it could be taken for nothing else', () =>
    expect(apart('Cut into squares; return it to the oven if it hardens')).toHaveLength(1))

  it('is told to the maker as what was left', () => {
    const { left } = read(drops.list, `${drops.method.join(' ')} In humid weather cook to 153 °C.`)
    expect(left).toContain('In humid weather cook to 153 °C')
  })

  it.each([
    'When it is cold, cut it into 2 cm squares',
    'When it is hot, add the butter',
    'In cold water soak the gelatin for 5 minutes',
    'On a cold marble, pour out the syrup',
    'If using, stir in the nuts',
    'Stir in the nuts, if using',
    'If you like, stir in the vanilla',
    'If you have a thermometer, cook to 150 °C',
    'First, add the butter',
    'Most of the cream goes in now',
    'Boil hard for 10 minutes',
    'The syrup is poured onto the slab',
    'The mixture is cooled to 45 °C',
    'With a wooden spoon beat until thick',
    'It needs 2 hours to set',
    'To finish, stir in the butter',
    'I add the butter off the heat',
    'Where it is thick, roll it out',
    'Cut large ones in half',
    'You need a sugar thermometer',
    // far from what the sugar is boiled to: a second moment, and not the same one for other tastes
    'Cook to 118 °C for soft caramels',
  ])('is none of it: %s', (said) =>
    expect([...onlyTold(['Cook the sugar to 170 °C', said, 'Warm the cream until it steams'])]).toEqual([]),
  )

  it.each([
    ['Cook to 245 °F', 'For harder ones cook to 260 °F', true],
    ['Cook to 245', 'For harder ones cook to 260', true],
    ['Cook to 245 °F', 'For hard candy cook to 300 °F', false],
    ['Cook to 118 °C', 'For harder ones cook to 260 °F', true],
  ])('is another sweet within 12 °C, in whatever scale: %s. %s', (order, said, is) =>
    expect(onlyTold([order, said]).has(said)).toBe(is),
  )

  it.each([
    ['Put all in a pan. Grandma boils it to 118 °C. She pours it into a tin.', 118],
    ['Put all in a pan. For soft caramels cook to 118 °C. Pour into a tin.', 118],
  ])('is what is done where nothing else says so: %s', (method, celsius) =>
    expect(read(caramels.list, method).formula.target?.celsius).toBe(celsius),
  )
})

describe('what is forbidden after what is done', () => {
  it('is no other work: "cut it; do not scrape the pan"', () => {
    const { formula } = read(drops.list, `${drops.method.join(' ')} Do not scrape the pan.`)
    const cut = formula.steps.find((s) => /^Cut/.test(s.say))
    expect(cut).toMatchObject({ act: 'Cut', when: { on: 'window' } })
  })

  it('is nothing to wait for: "never chill it below 10 °C"', () => {
    const { formula } = read(drops.list, `${drops.method.join(' ')} Never chill it below 10 °C.`)
    expect(formula.steps.filter((s) => s.when.on === 'falls')).toEqual([])
  })
})

it('asks what is asked in two words: "Grainy? Add 50 g water"', () => {
  const { formula, left } = read(caramels.list, `${caramels.method.join(' ')} Grainy? Add 50 g water and reboil.`)
  expect(formula.lines.map((l) => l.ingredient)).not.toContain('water')
  expect(left.join()).toMatch(/grainy/i)
})
