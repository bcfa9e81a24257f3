import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { airOf, computedAir } from './air'
import type { FormulaDocument } from './document'

const untold = ({ air: _, ...formula }: FormulaDocument): FormulaDocument => formula

describe('air', () => {
  test.each([
    // what whipping and soda make of it, beside what was measured of the same sweet
    ['blackcurrant-marshmallow', 0.55, 0.78],
    ['ginger-honeycomb', 0.6, 0.78],
    ['bay-leaf-honey-nougat', 0.2, 0.4],
    ['coconut-chip-brittle', 0.1, 0.4],
  ])('of %s is between %d and %d', (id, least, most) => {
    const air = airOf(untold(demoBoil(id)))
    expect(air).toBeGreaterThan(least)
    expect(air).toBeLessThan(most)
  })

  it('of a marshmallow is as much on whites as on gelatin, and of a nougat far less', () => {
    const plain = untold(demoBoil('blackcurrant-marshmallow'))
    const onWhites = {
      ...plain,
      steps: plain.steps.map((s) =>
        s.handwork?.kind === 'whip' ? { ...s, handwork: { ...s.handwork, on: 'egg' } } : s,
      ),
    } as FormulaDocument
    expect(computedAir(onWhites)).toBeCloseTo(computedAir(plain), 6)
    expect(computedAir({ ...onWhites, family: 'nougat' })).toBeLessThan(computedAir(plain) / 2)
  })

  it('is none where nothing is whipped and nothing foams', () => {
    for (const id of ['smoked-salt-tamarind-caramels', 'orchard-toffee', 'rhubarb-nettle-elderflower-drops'])
      expect(airOf(demoBoil(id))).toBe(0)
  })

  it('is what its maker says, once that is said', () => {
    const formula = demoFormulas['ginger-honeycomb'] as FormulaDocument
    expect(airOf({ ...formula, air: 0.42 })).toBe(0.42)
    expect(airOf({ ...formula, air: 0 })).toBe(0)
  })

  it('grows with the soda, and does not change with the size of the batch', () => {
    const formula = untold(demoBoil('ginger-honeycomb'))
    const times = (f: number, only?: string): FormulaDocument => ({
      ...formula,
      lines: formula.lines.map((l) => (only && l.ingredient !== only ? l : { ...l, grams: l.grams * f })),
    })
    expect(computedAir(times(2, 'soda'))).toBeGreaterThan(computedAir(formula))
    expect(computedAir(times(0.25, 'soda'))).toBeLessThan(computedAir(formula))
    expect(computedAir(times(3))).toBeCloseTo(computedAir(formula), 6)
  })
})
