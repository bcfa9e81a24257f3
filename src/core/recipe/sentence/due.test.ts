/** What is only waited for is not due at once, and what is timed at the boil is timed from it. */
import { describe, expect, it } from 'vitest'
import { assessCook } from '../../cook/assess'
import { isBoiled, type Step } from '../../formula/document'
import { pantryOf } from '../../matter/names'
import { testBoil } from '../../testing'
import { readRecipe } from '../recipe'

const pantry = pantryOf()
const LIST = '400 g sugar\n300 g cream\n100 g glucose syrup\n60 ml water'

function read(name: string, method: string) {
  const { formula } = readRecipe(`${name}\n\n${LIST}\n\n${method}`, pantry)
  if (!isBoiled(formula)) throw new Error(`Nothing is boiled by "${method}"`)
  return formula
}
const dueOf = ({ when, handwork }: Step): string =>
  [when.on, 'seconds' in when ? when.seconds : 'word' in when ? when.word : '', handwork?.kind ?? '']
    .filter((s) => s !== '')
    .join(' ')

describe('what a recipe leaves to cool', () => {
  it.each([
    ['Cool completely.', ['window cool']],
    ['Leave to cool.', ['window cool']],
    ['Let it set at room temperature until firm.', ['window cool']],
    ['Allow to cool and harden.', ['window cool']],
    // so long as it can be cut there is one wait
    ['Leave to set. Cut into squares.', ['window cut']],
    ['Cool completely. Break up.', ['window break']],
    ['Leave to cool. Wrap.', ['window cool', 'ready wrap']],
    // what stands in a fridge cools as fast as that does
    ['Chill until firm.', ['word firm chill']],
    ['Chill. Cut into squares.', ['word it is firm chill', 'window cut']],
    ['Cool slightly.', ['word it is cool enough']],
    ['Toss in 20 g icing sugar when cold.', ['word cold dust']],
    ['Wrap once they are quite cold.', ['word cold wrap']],
    ['Break up when cold.', ['window break']],
    ['Leave to cool for 2 hours.', ['after 7200']],
    ['Cut into squares, leave to cool completely.', ['window cut', 'window cool']],
    ['Cool, wrap.', ['window cool']],
    ['Butter your hands and form balls.', ['window form']],
    ['Cut the next day.', ['after 43200 cut']],
    ['Leave overnight. Cut the next day.', ['after 28800', 'window cut']],
    ['Mark into squares when nearly cold.', ['falls score']],
    // what is in the cold comes out of it before it is cut
    ["Leave until it's lukewarm. Beat until it turns opaque.", ['falls', 'ready beat']],
    ['Cool completely (about 45 minutes), then break into shards.', ['after 2700 cool', 'window break']],
    ['Chill for 1 hour, cut into squares.', ['after 3600 chill', 'window cut']],
    ['Freeze 20 min; snap.', ['after 1200 chill', 'window break']],
  ])('after the pour: %s', (said, wanted) => {
    const { steps } = read('Caramels', `Boil all to 118 °C. Pour into a tin. ${said}`)
    expect(steps.slice(steps.findIndex((s) => s.empties) + 1).map(dueOf)).toEqual(wanted)
  })

  it.each([
    ['Pour into a tin and leave to set.', ['ready', 'window cool']],
    ['Tip on a mat, cool completely. Grind to a paste.', ['ready', 'window cool', 'ready']],
    ['Let it stand until the bubbles subside. Pour.', ['word the bubbles subside', 'ready']],
    ['Let it cool until lukewarm. Beat until it loses its gloss. Pour.', ['falls', 'ready beat', 'ready']],
    [
      'Cool to lukewarm. Add 5 g vanilla. Beat until it loses its gloss. Pour.',
      ['falls', 'ready', 'ready beat', 'ready'],
    ],
    // a wait that the recipe gives is the whole of it
    ['Cool 5 minutes. Beat until it loses its gloss. Pour.', ['after 300', 'ready beat', 'ready']],
    ['Cool to 45 °C. Beat until it loses its gloss. Pour.', ['falls', 'ready beat', 'ready']],
    ['At 60 °C add 20 g butter; at 40 °C 2 g salt. Pour.', ['falls', 'falls', 'ready']],
    ['Pour over the popcorn, bake 40 min. Leave to cool.', ['ready', 'after 2400 bake', 'window cool']],
  ])('from the pull on: %s', (said, wanted) => {
    const { steps } = read('Fudge', `Boil all to 116 °C. ${said}`)
    expect(steps.slice(steps.findIndex((s) => s.when.on === 'target') + 1).map(dueOf)).toEqual(wanted)
  })

  it('boils for so long or until a drop shows it, whichever is first', () => {
    const { steps } = read('Toffee', 'Boil all for 15 minutes. A drop in cold water should make a firm ball. Pour.')
    const pull = steps.find((s) => s.when.on === 'target')
    expect(pull?.say).toMatch(/15 minutes.*; a drop in cold water/)
    expect(steps.filter((s) => s.when.on === 'after')).toEqual([])
  })

  it('waits as well where nothing says when it is done', () => {
    const { steps } = read('Caramels', 'Stir all over the heat. Pour into a tin. Cool completely. Break up.')
    expect(steps.slice(-2).map(dueOf)).toEqual(['ready', 'window break'])
  })

  it('is whipped until it is thick, or for as long as is said', () => {
    const whipped = (said: string) =>
      readRecipe(
        `Marshmallow\n\n18 g gelatin powder\n${LIST}\n\nBloom the gelatin. Boil the rest to 115 °C. Pour it over the gelatin. ${said} Pour into a tin.`,
        pantry,
      ).formula.steps.find((s) => s.handwork?.kind === 'whip')
    expect(whipped('Whip until thick.')?.when).toEqual({ on: 'window' })
    expect(whipped('Once it is all in, whip for 12 minutes.')?.when).toEqual({ on: 'after', seconds: 720 })
  })

  it('is not called for at the stove while it is hot', () => {
    const formula = read('Caramels', 'Boil all to 118 °C. Pour into a tin. Leave to cool. Grind.')
    const poured = formula.steps.findIndex((s) => s.empties)
    const events = formula.steps.slice(0, poured + 1).map((s, i) => ({
      id: `${i}`,
      at: 400 * i,
      ...(s.when.on === 'target'
        ? { type: 'pulled' as const, step: s.id, celsius: 118 }
        : { type: 'step' as const, step: s.id }),
    }))
    const at = (s: number) =>
      assessCook(testBoil(formula), { events, readings: [] }, (events.at(-1)?.at ?? 0) + s).pot.doNow
    expect(at(20)).toMatchObject({ mood: 'wait', step: { say: 'Leave to cool' } })
    expect(at(20).due?.seconds).toBeGreaterThan(1200)
    expect(at(24 * 3600).mood).toBe('now')
  })
})

describe('what a recipe boils for so long', () => {
  it.each([
    ['Put all in a pan. Bring to the boil and simmer for 10 minutes.', ['boil', 'after 600']],
    ['Put all in a pan. Bring to the boil. Cover for 3 minutes.', ['boil', 'ready', 'after 180']],
    ['Put all in a pan over low heat. Cover and steam 3 minutes, uncover.', ['boil', 'after 180']],
    ['Put all in a pan. Bring to a boil over medium heat, stirring.', ['boil']],
    ['Put all in a pan. Stir until it comes to a boil, about 8 minutes.', ['boil']],
    ['Put all in a pan. When it boils, brush the sides. Simmer 5 minutes.', ['boil', 'after 300']],
    ['Put the sugar and water in a pan. Stir till dissolved, bring to boil.', ['boil']],
    [
      'Put the sugar and water in a pan. When it is just about to boil, add the glucose syrup. Boil to 108 °C. Add the cream.',
      ['boil', 'rises', 'ready'],
    ],
    // only its maker sees that
    [
      'Heat the sugar in a pan. Once the sugar is completely melted, stir in the glucose syrup. Boil to 108 °C. Add the cream.',
      ['word the sugar is completely melted', 'rises', 'ready'],
    ],
    [
      'Put the sugar, water and glucose syrup in a pan and bring to a simmer. Take off the heat, stir in the cream. Return to the heat.',
      ['boil', 'ready', 'ready'],
    ],
    ['Stir the sugar, water and glucose syrup over medium heat to a boil. Add the cream.', ['boil', 'ready']],
    // beside a long simmer it does not matter when it begins
    ['Put all in a wide pan. Simmer for 1 hour.', ['after 3600']],
    ['Put all in a pan over low heat and stir for 5 minutes until it melts.', ['after 300']],
  ])('is timed from the boil: %s', (said, wanted) => {
    const { steps } = read('Caramels', `${said} Cook to 118 °C. Pour.`)
    const pull = steps.findIndex((s) => s.when.on === 'target')
    expect(steps.slice(1, pull).map(dueOf)).toEqual(wanted)
  })
})
