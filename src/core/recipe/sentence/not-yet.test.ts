/** What is said not to be done yet: whatever the words, the thing goes in at its moment and not before. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()
const THINGS = [
  ['2 tsp vanilla extract', 'the vanilla', 'vanilla'],
  ['60 g butter', 'the butter', 'butter'],
] as const

/** What goes in when, by the steps of a syrup that is boiled to 150 °C: how many steps after its target, and at which heat. */
function goesIn(method: string, line: string, id: string) {
  const { formula, questions } = readRecipe(
    `A sweet\n\n300 g sugar\n120 g glucose syrup\n100 g water\n${line}\n\nMethod\n${method} Pour into a tin. Cut into 2 cm squares.`,
    pantry,
  )
  const group = formula.lines.find((l) => l.ingredient === id)?.group
  const at = formula.steps.findIndex((s) => s.adds === group)
  const rises = [formula.steps[at], formula.steps[at - 1]].flatMap((s) =>
    s?.when.on === 'rises' ? [s.when.celsius] : [],
  )
  const target = formula.steps.findIndex((s) => s.when.on === 'target')
  return { afterTarget: at - target, rises, target: formula.target?.celsius, questions: questions.length }
}

const put = (way: string, called: string): string =>
  way.replace('{}', way.startsWith('{}') ? called.replace('t', 'T') : called)

/** Those of some ways, with what goes in, for which `holds` does not. */
const not = (
  ways: readonly string[],
  method: (said: string) => string,
  holds: (g: ReturnType<typeof goesIn>) => boolean,
) =>
  ways.flatMap((way) =>
    THINGS.flatMap(([line, called, id]) => {
      const found = goesIn(method(put(way, called)), line, id)
      return found.target === 150 && found.questions === 0 && holds(found)
        ? []
        : [`${put(way, called)} ${JSON.stringify(found)}`]
    }),
  )

describe('what is not done yet', () => {
  it('is done off the heat, where it is not to be done before', () => {
    const ways = [
      'Do not add {} until it is off the heat.',
      'Don’t add {} until it’s off the heat.',
      'Never add {} before it is off the heat.',
      'Only add {} once it is off the heat.',
      'Add {} only off the heat.',
      '{} must not go in until it is off the heat.',
      'Wait until it is off the heat before you add {}.',
      'It must be off the heat before {} goes in.',
      'Keep {} back until it is off the heat.',
      'Save {} for the end.',
      'Don’t put {} in until the very end.',
      'Not until it is off the heat does {} go in.',
      'Do not add {} until it has cooled to 130 °C.',
      'Don’t add {} before you turn off the heat.',
    ]
    const method = (said: string) => `Boil the sugar, glucose and water to 150 °C. ${said}`
    expect(not(ways, method, (g) => g.afterTarget > 0)).toEqual([])
  })

  it('is done at its heat, where it is not to be done before', () => {
    const ways = [
      'Do not add {} before 120 °C.',
      'Do not add {} until 120 °C.',
      'Don’t add {} till it gets to 120 °C.',
      'Never add {} below 120 °C.',
      'Only add {} once it has reached 120 °C.',
      'Add {} no earlier than 120 °C.',
      '{} should not go in before 120 °C.',
      'Wait until 120 °C before adding {}.',
      'Leave {} out until 120 °C.',
      'It should be at 120 °C before {} goes in.',
      'Don’t even think of {} before 120 °C.',
      'Hold off with {} until 120 °C.',
    ]
    const method = (said: string) => `Boil the sugar, glucose and water. ${said} Cook to 150 °C.`
    expect(not(ways, method, (g) => g.afterTarget < 0 && g.rises.includes(120))).toEqual([])
  })

  it('is not done where it is only said not to be', () => {
    const ways = [
      'Do not add {} yet.',
      'Don’t add {} while it boils.',
      'Never add {} to the boiling syrup.',
      '{} is not in yet.',
      'Leave out {} for now.',
      'Do not stir in {} at this point.',
      'Don’t be tempted to add {} early.',
      'Adding {} now would make it grain.',
      'If you add {} now it will grain.',
      'Not {} yet!',
      'Do not add {} yet, but stir.',
    ]
    for (const method of [
      (said: string) => `${said} Boil the sugar, glucose and water to 150 °C. Off the heat stir in what is left.`,
      (said: string) => `Put the sugar, glucose and water in a pan. ${said} Boil to 150 °C. Take off the heat.`,
    ])
      for (const [line, called, id] of THINGS) {
        const added = ways.filter((way) => {
          const { afterTarget, target } = goesIn(`${method(put(way, called))} Add ${called}.`, line, id)
          return afterTarget <= 0 || target !== 150
        })
        expect(added, called).toEqual([])
      }
  })
})
