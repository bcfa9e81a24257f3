/** What is only spoken of, got ready or kept back goes in by the sentence that puts it in, and once. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()

/** A line, what it is called, and what it is. */
const THINGS = [
  ['60 g butter', 'butter', 'butter'],
  ['2 tsp vanilla extract', 'vanilla', 'vanilla'],
  ['100 g peanuts', 'peanuts', 'peanuts'],
  ['4 g salt', 'salt', 'salt'],
  ['1 tsp baking soda', 'soda', 'soda'],
] as const

const BEFORE = [
  'Have the {} ready.',
  'Keep the {} at hand.',
  'The {} comes later.',
  'Weigh the {}.',
  'Measure the {} now.',
  'Put the {} beside the stove.',
  'Warm the {} in the oven.',
  'The {} is for the end.',
  'You will need the {} at the end.',
  'Set the {} aside.',
  'Check that the {} is at hand.',
  'Bring the {} to room temperature.',
  'Do not forget the {} later.',
  'While it boils, get the {} ready.',
  'Meanwhile weigh the {}.',
  'Everything but the {} goes in the pan.',
  'All except the {} into the pan.',
  'Combine all but the {}.',
  'Leave the {} in the bowl.',
  'Keep some room for the {}.',
  'The {} will be stirred in at the end.',
  'It should be ready before the {} is needed.',
  'The {} should not boil.',
  'Have your {} weighed and ready.',
  'Get the {} out of the fridge.',
  'Take the {} out of the fridge an hour before.',
  'The {} should be soft.',
  'The {} has to be warm.',
  'Put the {} in a small bowl.',
  'Put the {} into a bowl and keep it near.',
  'Tip the {} into a bowl.',
  'Place the {} in a cup by the stove.',
  'Spread the {} on a tray.',
  'Crumble the {}.',
  'Chop the {} roughly.',
  'Sift the {}.',
  'Mash the {}.',
  'Crush the {}.',
  'Dry the {} on paper.',
  'Rub the {} through your hands.',
  'Pick over the {}.',
  'Warm the {}.',
  'Warm the {} in a low oven.',
  'Warm the {} to 60 °C.',
  'Soften the {}.',
  'Let the {} come to room temperature.',
  'Let the {} stand out.',
  'Keep the {} warm.',
  'Keep the {} cold until needed.',
  'Hold the {} back.',
  'Save the {} for later.',
  'Keep the {} for later.',
  'Reserve the {}.',
  'Leave the {} out for now.',
  'Put the {} to one side.',
  'Lay the {} aside.',
  'The {} waits.',
  'The {} is not needed yet.',
  'We will need the {} later.',
  'Mind that the {} is close by.',
  'See that you have the {} by you.',
  'Bring out the {}.',
  'Measure out the {}.',
  'Weigh out the {} into a cup.',
  'Mix the {} with nothing yet.',
  'Taste the {}.',
  'Smell the {}: it must be fresh.',
  'Use good {}.',
  'Buy the best {} you can get.',
  'Choose fresh {}.',
  'Any {} will do.',
  'The better the {}, the better the sweet.',
  'The {} gives it its flavour.',
  'I like to have the {} warm.',
  'Do this before you get to the {}.',
  'There must be room for the {}.',
]
const AFTER = [
  'After adding the {}, stir for a minute.',
  'Once the {} is in, stir well.',
  'With the {} in, stir once more.',
  'Having added the {}, stir until smooth.',
  'When the {} has been added, stir well.',
  'Stir until the {} is mixed in.',
  'Stir until the {} has melted.',
  'Keep stirring until all the {} is in.',
  'Stir the {} in well.',
  'Make sure the {} is well distributed.',
  'Mix well so that the {} is even.',
  'As soon as the {} is in it foams.',
  'The {} will make it bubble.',
  'The {} goes in all at once.',
  'Do not stir too much once the {} is in.',
  'Stir in the {} quickly but thoroughly.',
  'Beat until the {} disappears.',
  'Adding the {} brings the heat down.',
  'Fold until the {} is spread evenly.',
  'Add the {} slowly.',
  'Be careful when adding the {}.',
  'The {} must be at room temperature.',
  'Let the {} settle for a minute.',
  'If the {} separates, whisk.',
  'Scrape down so that no {} is left on the sides.',
  'Stir again to work in the {}.',
  'Continue stirring till no {} is seen.',
  'Swirl until the {} is taken up.',
  'Work the {} in with a spatula.',
  'When all the {} is in, stop stirring.',
  'As soon as the {} is in, pour.',
  'It will foam when the {} goes in.',
  'Now that the {} is in, be quick.',
  'Give it a good stir to distribute the {}.',
  'Check that the {} is fully mixed.',
  'No streaks of {} should be seen.',
  'Stand back when the {} hits the syrup.',
  'Whisk until no {} floats on top.',
  'The heat will melt the {}.',
  'The {} takes a minute to mix in.',
  'Wait until the {} stops bubbling.',
  'Stir the {} through.',
  'Leave the {} to do its work.',
  'Taste for {}.',
  'Too much stirring after the {} makes it grain.',
  'Press the {} under.',
  'Tilt the pan so that the {} runs through.',
]

/** Those sentences with which the thing does not go in once, off the heat, after a boil to 118 °C; each tried with one thing in turn. */
const wrong = (sentences: readonly string[], write: (said: string, called: string) => string): string[] =>
  sentences.filter((sentence, i) => {
    const [line, called, id] = THINGS[i % THINGS.length] as (typeof THINGS)[number]
    const method = write(sentence.replaceAll('{}', called), called)
    const list = `300 g sugar\n150 g glucose syrup\n300 g cream\n${line}`
    const { formula, questions, asks } = readRecipe(`Sweets\n\n${list}\n\nMethod\n${method}`, pantry)
    const lines = formula.lines.filter((l) => l.ingredient.includes(id))
    const step = formula.steps.find((s) => s.adds && s.adds === lines[0]?.group)
    const isAsked = questions.length > 0 || asks.some((a) => a.id !== 'family')
    return !isAsked && !(lines.length === 1 && step?.say.startsWith('Off the heat') && formula.target?.celsius === 118)
  })

describe('a thing that is spoken of', () => {
  it('before it goes in, is not in', () =>
    expect(
      wrong(
        BEFORE,
        (said, called) =>
          `Put the sugar, glucose and cream in a pan. ${said} Cook to 118 °C. Off the heat stir in the ${called}. Pour into a tin.`,
      ),
    ).toEqual([]))

  it('after it went in, does not go in again', () =>
    expect(
      wrong(
        AFTER,
        (said, called) =>
          `Cook the sugar, glucose and cream to 118 °C. Off the heat stir in the ${called}. ${said} Pour into a tin.`,
      ),
    ).toEqual([]))
})

describe('goods of one kind', () => {
  const KINDS = [
    ['2 g ground ginger', 'ginger', '1 g ground cinnamon', 'cinnamon'],
    ['2 g cardamom pods', 'cardamom', '1 g black pepper', 'pepper'],
    ['1 tsp orange extract', 'orange', '1 tsp peppermint extract', 'peppermint'],
    ['3 g dried lavender', 'lavender', '2 g dried mint', 'mint'],
    ['100 g red wine', 'wine', '50 g white wine', 'white wine'],
  ] as const

  it.each(KINDS)('go in each by the name it was written by: %s, %s, %s, %s', (early, one, late, other) => {
    const method = `Boil the sugar, glucose, water and ${one} to 150 °C. Off the heat stir in the ${other}. Pour into a tin.`
    const { formula } = readRecipe(
      `Sweets\n\n300 g sugar\n100 g glucose syrup\n100 g water\n${early}\n${late}\n\nMethod\n${method}`,
      pantry,
    )
    const groupOf = (typed: string) => formula.lines.find((l) => l.typed === typed)?.group
    const stepOf = (typed: string) => formula.steps.find((s) => s.adds === groupOf(typed))?.say
    expect(stepOf(early)).toMatch(/^(?:Boil|Put|Add|Combine)/)
    expect(stepOf(late)).toMatch(/^Off the heat/)
  })

  it('are sprinkled on by no sentence that sprinkles something else', () => {
    const list = '300 g sugar\n100 g water\n20 g sprinkles\n80 g almonds'
    const method =
      'Boil the sugar and water to 150 °C. Pour. Sprinkle the almonds over it. Scatter the sprinkles on top.'
    const { formula } = readRecipe(`Sweets\n\n${list}\n\nMethod\n${method}`, pantry)
    const sayOf = (id: string) =>
      formula.steps.find((s) => s.adds === formula.lines.find((l) => l.ingredient === id)?.group)?.say
    expect(sayOf('sprinkles')).toMatch(/^Scatter/)
    expect(sayOf('almonds')).toMatch(/^Sprinkle/)
  })
})
