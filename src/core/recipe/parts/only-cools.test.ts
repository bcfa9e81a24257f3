import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()
const LIST = '600 g sugar\n200 g glucose syrup\n400 g flaked almonds\n50 g butter'

const read = (method: string) => {
  const { formula } = readRecipe(`Nougatine\n\n${LIST}\n\nMethod\n${method}`, pantry)
  const falls = formula.steps.flatMap(({ when }) => (when.on === 'falls' ? [when.celsius] : []))
  const nuts = formula.lines.find((l) => l.ingredient === 'almonds-flaked')?.group
  return { falls, warm: formula.groups.find((g) => g.id === nuts)?.celsius }
}

describe('a heat off the heat', () => {
  it.each([
    [
      'that a later one is above is that of what goes in',
      'Melt sugar, glucose and butter to 165 °C. Fold in almonds at 80 °C. Sheet at 130 °C to 3 mm. Cut.',
      [130],
      80,
    ],
    [
      'is waited for where they fall in their order',
      'Melt sugar, glucose and butter to 165 °C. Cool to 130 °C and fold in the almonds. Sheet at 110 °C to 3 mm. Cut.',
      [130, 110],
      20,
    ],
  ])('%s', (_, method, falls, warm) => expect(read(method)).toEqual({ falls, warm }))
})

describe('a boil that is to cool on its way', () => {
  it.each([
    ['and is put back by its text', 'Cool to 80 °C and add the almonds. Return to the heat and cook to 150 °C.'],
    ['and goes on without a word of the flame', 'Let it cool to 80 °C, then stir in the almonds. Cook to 150 °C.'],
  ])('is off the heat meanwhile, %s', (_, said) => {
    const { formula } = readRecipe(
      `Nougatine\n\n${LIST}\n\nMethod\nBoil sugar and glucose to 140 °C. ${said} Off the heat add the butter. Pour.`,
      pantry,
    )
    const at = formula.steps.findIndex(({ when }) => when.on === 'falls')
    const pull = formula.steps.findIndex(({ when }) => when.on === 'target')
    expect(at).toBeGreaterThan(0)
    expect(pull).toBeGreaterThan(at)
    expect(formula.steps[at - 1]?.offHeat).toBe(true)
    expect(formula.steps.slice(at, pull).some((s) => s.heat !== undefined)).toBe(true)
  })
})
