import { describe, expect, it, test } from 'vitest'
import { shortcakeBars } from '@/demo/formulas/shortcake-bars'
import { ganacheShare } from '../cooling/chocolate'
import type { FormulaDocument } from './document'
import { gramsAsWritten } from './document'
import { addPart } from './edit'
import { faultsOf } from './faults'
import { chocolateKinds, ganacheHolds, ganachePart, ganacheUses } from './ganache'
import { wholeVerdicts } from './verdicts'

const pairs = chocolateKinds.flatMap((kind) => ganacheUses.map((use) => [kind, use] as const))
const made = (kind: (typeof chocolateKinds)[number], use: (typeof ganacheUses)[number]) =>
  ganachePart('g', kind, use, 300, shortcakeBars.shape)

describe('a ganache', () => {
  test.each(pairs)('of %s chocolate, %s, is in its share, weighs what was asked, and holds', (kind, use) => {
    const { formula } = made(kind, use)
    const [chocolate, cream] = formula.lines.map((l) => l.grams) as [number, number]
    expect(chocolate + cream).toBe(300)
    expect(Math.abs(chocolate / cream / ganacheShare(kind, use) - 1)).toBeLessThan(0.02)
    expect(ganacheHolds(formula)?.splits).toBe(false)
  })

  it('is a part that any sweet of parts can take in', () => {
    const step = { ...(shortcakeBars.steps[0] as FormulaDocument['steps'][number]), id: 'join-g', joins: 'g' }
    expect(faultsOf(addPart(shortcakeBars, made('dark', 'filling'), step))).toEqual([])
  })

  it('splits where there is much fat in little water, and that is said', () => {
    const { formula } = made('dark', 'firm')
    const [chocolate, cream] = formula.lines as [FormulaDocument['lines'][number], FormulaDocument['lines'][number]]
    const dry: FormulaDocument = {
      ...formula,
      lines: [
        { ...chocolate, ingredient: 'dark-chocolate-85', grams: 260 },
        { ...cream, grams: 40 },
      ],
    }
    expect(ganacheHolds(dry)?.splits).toBe(true)
    const said = (f: FormulaDocument) => wholeVerdicts(f, gramsAsWritten(f), f).find((v) => v.id === 'ganache')?.tone
    expect([said(dry), said(formula)]).toEqual(['bad', 'good'])
  })

  it('is nothing that is boiled, and nothing without chocolate or without cream', () => {
    const { formula } = made('milk', 'pours')
    expect(ganacheHolds({ ...formula, target: { celsius: 110, within: 1 } })).toBeNull()
    for (const line of formula.lines) expect(ganacheHolds({ ...formula, lines: [line] })).toBeNull()
  })
})
