import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { ingredientById } from '../matter/ingredients'
import { mixOf } from '../matter/portions'
import { testConditions } from '../testing'
import { differences, lineChanges } from './differences'
import type { FormulaDocument, Line } from './document'
import { faultsOf } from './faults'
import { switchesFor, switchIngredient, toWholePacks } from './switches'

const caramels = demoBoil('smoked-salt-tamarind-caramels')
const lineOf = (f: FormulaDocument, id: string): Line => f.lines.find((l) => l.id === id) as Line
const totalMix = (f: FormulaDocument) =>
  mixOf(f.lines.map((l) => ({ ingredient: ingredientById(l.ingredient), grams: l.grams })))

describe('switches', () => {
  it('correct the salt when salted butter goes in, and back again', () => {
    const salted = switchIngredient(caramels, 'butter', 'butter-salted')
    expect(totalMix(salted.formula).salt).toBeCloseTo(totalMix(caramels).salt, 1)
    expect(totalMix(salted.formula).fat).toBeCloseTo(totalMix(caramels).fat, 0)
    const taken = salted.notes.flatMap((n) => (n.id === 'taken' && n.figures.of === 'salt' ? [n.figures] : []))[0]
    expect(taken).toMatchObject({ line: 'Smoked salt', from: 8, short: 0 })
    expect(taken?.to).toBeGreaterThan(6)
    expect(taken?.to).toBeLessThan(7)
    const back = switchIngredient(salted.formula, 'butter', 'butter').formula
    for (const l of caramels.lines) expect(lineOf(back, l.id).grams).toBeCloseTo(l.grams, 0)
  })

  it('keep sweetener solids and put the water right for honey instead of glucose', () => {
    const { formula, notes } = switchIngredient(caramels, 'glucose', 'honey')
    const [a, b] = [totalMix(caramels), totalMix(formula)]
    const solids = (m: typeof a) => m.sucrose + m.monosaccharide + m.glucoseSolids
    expect(solids(b)).toBeCloseTo(solids(a), -0.5)
    expect(b.water).toBeCloseTo(a.water, 0)
    expect(notes[0]?.figures).toMatchObject({ kept: 'sweetener-solids' })
  })

  it('keep the fat for a lighter cream with more butter', () => {
    const { formula } = switchIngredient(caramels, 'cream', 'cream-18')
    expect(totalMix(formula).fat).toBeCloseTo(totalMix(caramels).fat, -0.5)
    expect(lineOf(formula, 'butter').grams).toBeGreaterThan(lineOf(caramels, 'butter').grams + 100)
    expect(formula.lines.some((l) => l.id === 'water') ? lineOf(formula, 'water').grams : 0).toBeLessThan(140)
  })

  it('exchange gelatin by its strength', () => {
    const marshmallow = demoBoil('blackcurrant-marshmallow')
    const { formula } = switchIngredient(marshmallow, 'gelatin', 'gelatin-gold')
    expect(lineOf(formula, 'gelatin').grams).toBeCloseTo(24 * Math.sqrt(225 / 200), 0)
  })

  it('drop a line that is not needed any more, and say what stays too much', () => {
    const little = { ...caramels, lines: caramels.lines.map((l) => (l.id === 'salt' ? { ...l, grams: 0.5 } : l)) }
    const { formula, notes } = switchIngredient(little, 'butter', 'butter-salted')
    expect(formula.lines.some((l) => l.id === 'salt')).toBe(false)
    const taken = notes.find((n) => n.id === 'taken' && n.figures.of === 'salt')
    expect(taken?.figures).toMatchObject({ line: 'Smoked salt', to: 0 })
    expect(taken?.id === 'taken' ? taken.figures.short : 0).toBeGreaterThan(0)
  })

  it('say so where no line can put it right', () => {
    const bare = { ...caramels, lines: caramels.lines.filter((l) => l.id !== 'salt') }
    expect(switchIngredient(bare, 'butter', 'butter-salted').notes.map((n) => n.id)).toContain('no-line')
  })

  test.each([
    ['orchard-toffee', 'butter', 'margarine', 'margarine-splits'],
    ['orchard-toffee', 'butter', 'ghee', 'nothing-binds'],
    ['rhubarb-nettle-elderflower-drops', 'glucose', 'honey', 'never-dries'],
    ['rhubarb-nettle-elderflower-drops', 'sugar', 'icing-sugar', 'starch-catches'],
    ['blackcurrant-marshmallow', 'gelatin', 'agar', 'holds-no-air'],
    ['malted-milk-fudge', 'milk', 'oat-milk', 'no-cream'],
  ])('%s refuses %s → %s with the reason', (id, line, to, why) => {
    const f = demoBoil(id)
    expect(() => switchIngredient(f, line, to)).toThrow(why)
    expect(switchesFor(f, lineOf(f, line)).find((o) => o.ingredient.id === to)?.refused).toBe(why)
  })

  test.each(Object.entries(demoFormulas))('%s can still be cooked after any switch it offers', (_, f) => {
    for (const line of f.lines)
      for (const { ingredient, refused } of switchesFor(f, line))
        if (!refused) {
          const { formula } = switchIngredient(f, line.id, ingredient.id)
          expect(faultsOf(formula)).toEqual([])
          for (const l of formula.lines) expect(l.grams).toBeGreaterThan(0)
        }
  })

  it('does not invent exchanges', () => {
    expect(switchesFor(caramels, lineOf(caramels, 'tamarind'))).toEqual([])
    expect(() => switchIngredient(caramels, 'tamarind', 'sugar')).toThrow(RangeError)
    expect(() => switchIngredient(caramels, 'gold', 'sugar')).toThrow(/no line "gold"/)
  })

  it('round to whole tins, sticks and sheets', () => {
    const milk: Line = { id: 'm', group: 'pot', ingredient: 'condensed-milk', grams: 610 }
    expect(toWholePacks(caramels, milk, 'tin')).toEqual({ grams: 794, count: 2 })
    expect(toWholePacks(caramels, { ...milk, grams: 20 }, 'tin')).toEqual({ grams: 397, count: 1 })
    expect(toWholePacks(caramels, milk, 'stick')).toBeNull()
  })
})

describe('differences', () => {
  const soft: FormulaDocument = { ...demoBoil('malted-milk-fudge'), family: 'caramel', school: 'wet' }
  const { formula } = switchIngredient(soft, 'milk', 'almond-milk')
  it('list what changed and only that', () => {
    const names = lineChanges(soft, formula).map((c) => c.name)
    expect(names).toEqual(expect.arrayContaining(['Whole milk', 'Almond drink', 'Butter, unsalted']))
    expect(names).not.toContain('Granulated sugar')
    expect(lineChanges(caramels, caramels)).toEqual([])
  })

  it('say what it does to the sweet', () => {
    const rows = differences(soft, formula, testConditions)
    const allergens = rows.find((r) => r.id === 'allergens')
    expect(allergens?.after).toContain('nuts')
    expect(allergens?.matters).toBe(true)
    expect(differences(caramels, caramels, testConditions).every((r) => !r.matters)).toBe(true)
    expect(differences(demoFormulas['rye-shortcake-bars'] as FormulaDocument, caramels, testConditions)).not.toEqual([])
  })
})
