/** What a maker brought, in another school of its family: only what that school does otherwise is changed. */
import { describe, expect, it, test } from 'vitest'
import { schoolsOf } from '../../craft/families'
import { analyse } from '../../formula/analyse'
import { type FormulaDocument, isBoiled, pourIndex } from '../../formula/document'
import { faultsOf } from '../../formula/faults'
import { inSchool } from '../../formula/schools'
import { pantryOf } from '../../matter/names'
import { testConditions } from '../../testing'
import { readRecipe } from '../recipe'
import { sweets } from './sweets.table'
import { fahrenheitSweets } from './sweets-fahrenheit.table'

const read = (name: string, list: readonly string[], said: readonly string[]): FormulaDocument =>
  readRecipe([name, '', ...list, '', ...said].join('\n'), pantryOf([])).formula

const dry = (f: FormulaDocument): number =>
  f.lines.reduce((sum, l) => sum + (l.ingredient === 'water' ? 0 : l.grams), 0)

const pairs = [...sweets, ...fahrenheitSweets].flatMap(({ name, list, said }) => {
  const formula = read(
    name,
    list,
    said.flatMap((ways) => ways[0] ?? []),
  )
  return Object.keys(schoolsOf(formula.family)).map((school) => [name, school, formula] as const)
})

describe('a recipe in another school', () => {
  test.each(pairs)('%s in the school “%s” is as whole as it was', (_, school, formula) => {
    const { formula: other } = inSchool(formula, school)
    expect(faultsOf(other)).toEqual(faultsOf(formula))
    expect(dry(other)).toBeCloseTo(dry(formula), 6)
    if (isBoiled(formula) && isBoiled(other) && Number.isFinite(analyse(formula, testConditions).minutes))
      expect(Number.isFinite(analyse(other, testConditions).minutes)).toBe(true)
  })

  it('keeps what comes between the sugar and the pull where the sugar is melted with water', () => {
    const caramels = read(
      'Caramels',
      ['300 g sugar', '60 g water', '80 g corn syrup', '240 g cream', '70 g butter', 'pinch of salt'],
      [
        'Combine the water, sugar and corn syrup in a pot over high heat and boil until amber.',
        'Turn off the heat. Pour in the cream and the butter.',
        'Return to medium heat and cook to 121°C.',
        'Pour into a lined tin.',
      ],
    )
    const { steps } = inSchool(caramels, 'wet').formula
    expect(steps.some((s) => s.when.on === 'colour')).toBe(true)
    expect(steps.filter((s) => s.heat).length).toBe(caramels.steps.filter((s) => s.heat).length)
  })

  it('stirs a fudge that is poured nowhere, and leaves its other steps where they are', () => {
    const fudge = read(
      'Cocoa fudge',
      ['400 g sugar', '200 ml milk', '30 g cocoa', '50 g butter'],
      ['Put everything in a pan and bring to the boil.', 'Boil to 114°C.', 'Cool to 45°C.'],
    )
    const unpoured = { ...fudge, steps: fudge.steps.filter((s) => !s.empties) }
    expect(pourIndex(unpoured)).toBe(-1)
    const { steps } = inSchool(unpoured, 'stir-soon').formula
    expect(steps.map((s) => s.id).at(-1)).toBe('stir')
    expect(steps.filter((s) => s.when.on === 'target')).toHaveLength(1)
  })
})
