import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import {
  type Balanced,
  type BalanceTask,
  balancing,
  changedBy,
  changeOf,
  freeLines,
  inTheWay,
  measured,
  missOf,
  runOut,
  type Wish,
} from '@/core'
import { testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { solveLinear } from './linear'

const perKg = { sugar: 1.2, 'cream-36': 4.6, butter: 9, 'glucose-42': 2.1 }
const caramels = demoBoil('smoked-salt-tamarind-caramels')
const now = measured(caramels, testConditions, perKg)

const task = (wishes: readonly Wish[], keep: readonly string[] = [], formula = caramels): BalanceTask => ({
  formula,
  conditions: testConditions,
  wishes,
  keep,
  perKg,
})

const solved = (t: BalanceTask): Balanced => runOut(balancing(t, solveLinear))

/** Every make-up on a grid, the cheapest change that has all wishes; null where none has. */
function byForce(t: BalanceTask, shares: readonly number[], degrees: readonly number[]): number | null {
  const n = freeLines(t).length
  let best: number | null = null
  const walk = (x: readonly number[]): void => {
    if (x.length < n) {
      for (const s of shares) walk([...x, s])
      return
    }
    for (const d of degrees) {
      const cost = changeOf([...x, d])
      if (best !== null && cost >= best) continue
      const values = measured(changedBy(t, [...x, d]), t.conditions, t.perKg)
      if (t.wishes.every((w) => missOf(w, values) < 0.06)) best = cost
    }
  }
  walk([])
  return best
}

const shares = [-0.6, -0.45, -0.3, -0.2, -0.1, -0.05, 0, 0.05, 0.1, 0.2, 0.3, 0.45, 0.6]
const degrees = [-9, -6, -4, -3, -2, -1, 0, 1, 2, 3, 4, 6, 9]

/** All but these lines stay. */
const only = (...free: string[]): string[] => caramels.lines.flatMap((l) => (free.includes(l.id) ? [] : [l.id]))

describe('balancing, against every make-up on a grid', () => {
  const hard: readonly (readonly [string, readonly Wish[], readonly string[]])[] = [
    ['softer', [{ measure: 'softness', least: now.softness + 9 }], only('sugar', 'glucose')],
    [
      'softer, as sweet',
      [
        { measure: 'softness', least: now.softness + 9 },
        { measure: 'sweetness', least: now.sweetness - 0.012, most: now.sweetness + 0.012 },
      ],
      only('sugar', 'glucose'),
    ],
    ['less glucose', [{ measure: 'glucose', most: 0.28 }], only('sugar', 'glucose')],
    [
      'less glucose, not sticky at 60 %',
      [
        { measure: 'glucose', most: 0.3 },
        { measure: 'stickyAbove', least: 0.6 },
      ],
      only('sugar', 'glucose'),
    ],
    [
      'cheaper, of the same bite',
      [
        { measure: 'cost', most: 0.92 * now.cost },
        { measure: 'softness', least: now.softness - 2, most: now.softness + 2 },
      ],
      only('sugar', 'cream'),
    ],
    ['a tenth less sweet', [{ measure: 'sweetness', most: 0.9 * now.sweetness }], only('sugar', 'butter')],
  ]

  test.each(hard)('%s: no grid finds a smaller change', (_, wishes, keep) => {
    const t = task(wishes, keep)
    const grid = byForce(t, shares, degrees)
    expect(grid).not.toBeNull()
    const found = solved(t)
    expect(found.short).toEqual([])
    expect(found.change).toBeLessThanOrEqual((grid ?? 0) + 0.01)
  })

  it('what no make-up of a grid has is not claimed, and what stands in the way is named', () => {
    const wishes: Wish[] = [
      { measure: 'softness', most: now.softness - 20 },
      { measure: 'water', least: now.water + 0.02 },
    ]
    const t = task(wishes, only('sugar'))
    expect(byForce(t, shares, degrees)).toBeNull()
    const found = solved(t)
    expect(found.short.length).toBeGreaterThan(0)
    expect(inTheWay(t, solveLinear).toSorted()).toEqual(['softness', 'water'])
  })
})

describe('a balanced formula', () => {
  it('is the one it was where nothing more is wished than it has', () => {
    const found = solved(task([{ measure: 'softness', least: now.softness - 1 }]))
    expect(found.change).toBe(0)
    expect(found.formula).toEqual(caramels)
  })

  it('keeps what is to be kept, and reaches what it says it reaches', () => {
    fc.assert(
      fc.property(
        fc.subarray(caramels.lines.map((l) => l.id)),
        fc.double({ min: -14, max: 14, noNaN: true }),
        fc.double({ min: -0.12, max: 0.12, noNaN: true }),
        (keep, softer, sweeter) => {
          const wishes: Wish[] = [
            softer > 0
              ? { measure: 'softness', least: now.softness + softer }
              : { measure: 'softness', most: now.softness + softer },
            sweeter > 0
              ? { measure: 'sweetness', least: now.sweetness + sweeter }
              : { measure: 'sweetness', most: now.sweetness + sweeter },
          ]
          const found = solved(task(wishes, keep))
          for (const l of caramels.lines)
            if (keep.includes(l.id)) expect(found.formula.lines.find((x) => x.id === l.id)?.grams).toBe(l.grams)
          for (const l of found.formula.lines) expect(l.grams).toBeGreaterThan(0)
          const values = measured(found.formula, testConditions, perKg)
          expect(values).toEqual(found.after)
          for (const w of wishes)
            expect(missOf(w, values) > 0.06).toBe(found.short.some((s) => s.measure === w.measure))
        },
      ),
      { numRuns: 25 },
    )
  })

  test.each(['orchard-toffee', 'malted-milk-fudge', 'blackcurrant-marshmallow', 'coconut-chip-brittle'])(
    '%s can be made softer by half a step',
    (id) => {
      const formula = demoBoil(id)
      const was = measured(formula, testConditions, perKg)
      const found = solved(task([{ measure: 'softness', least: was.softness + 4 }], [], formula))
      expect(found.short).toEqual([])
      expect(found.change).toBeGreaterThan(0)
    },
  )
})
