import { describe, expect, it } from 'vitest'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { withoutTitles } from './titles'

describe('the title of a step', () => {
  it.each([
    [
      'says nothing more',
      'Cook the sugar: In a pan combine the sugar and water.',
      'In a pan combine the sugar and water.',
    ],
    ['is a verb alone', '3. Whip: With the mixer on low pour it in.', 'With the mixer on low pour it in.'],
    ['names what goes in', 'Add the butter: Stir until it is melted.', 'Add the butter: Stir until it is melted.'],
    ['says how it is got ready', 'Toast nuts: Spread the nuts on a tray.', 'Toast nuts: Spread the nuts on a tray.'],
    ['has a figure', 'Boil to 118 °C: Stir all the time.', 'Boil to 118 °C: Stir all the time.'],
    ['is the name of a layer', 'Caramel: melt the caramel.', 'Caramel: melt the caramel.'],
    [
      'is a sentence of its own, by itself',
      'Add the butter. Stir the butter in.',
      'Add the butter. Stir the butter in.',
    ],
  ])('%s: %s', (_, line, rest) => expect(withoutTitles([line])).toEqual([rest]))

  const list = '300 g granulated sugar\n120 g glucose syrup\n60 g water\n250 g heavy cream\n90 g unsalted butter'
  const steps = [
    ['Prepare the pan', 'Line a 20 × 20 cm pan with parchment.'],
    ['Warm the cream', 'Heat the cream until steaming. Keep warm.'],
    ['Cook the sugar', 'Combine the sugar, glucose and water. Cook until light amber (about 165 °C).'],
    ['Add the cream', 'Remove from heat and carefully pour in the warm cream.'],
    ['Add the butter', 'Stir in the butter until melted.'],
    ['Cook to final temperature', 'Return to medium heat and cook, stirring, until the caramel reaches 118 °C.'],
    ['Pour and cool', 'Pour into the prepared pan. Let cool for 4 hours.'],
    ['Cut and wrap', 'Cut into 2 × 3 cm pieces and wrap.'],
  ] as const
  it.each([
    ['in bold, with a full stop', (title: string, text: string, i: number) => `${i}. **${title}.** ${text}`],
    ['in bold, with a colon', (title: string, text: string) => `- **${title}:** ${text}`],
    ['in bold, with a dash', (title: string, text: string, i: number) => `${i}. **${title}** – ${text}`],
    ['with a colon', (title: string, text: string) => `${title}: ${text}`],
    ['as a sentence', (title: string, text: string, i: number) => `${i}. ${title}. ${text}`],
  ])('is no step, however it is written: %s', (_, line) => {
    const method = steps.map(([title, text], i) => line(title, text, i + 1)).join('\n')
    const { formula, asks } = readRecipe(`Caramels\n\n${list}\n\nInstructions\n${method}`, pantryOf())
    const goesIn = formula.steps.flatMap((s) =>
      s.adds
        ? [[s.say.split(' ')[0], ...formula.lines.filter((l) => l.group === s.adds).map((l) => l.ingredient)]]
        : [],
    )
    expect(goesIn).toEqual([
      ['Combine', 'sugar', 'glucose-42', 'water'],
      ['Remove', 'cream-36'],
      ['Stir', 'butter'],
    ])
    expect(formula.target?.celsius).toBe(118)
    expect(formula.steps.map((s) => s.when.on)).toEqual([
      'ready',
      'rises',
      'ready',
      'ready',
      'ready',
      'target',
      'ready',
      'after',
      'window',
    ])
    expect(asks.map((a) => a.id)).toEqual(['family'])
    expect(faultsOf(formula)).toEqual([])
  })
})
