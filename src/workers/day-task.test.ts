import { describe, expect, it } from 'vitest'
import type { Day } from '@/contract/day'
import type { KitchenView } from '@/contract/kitchen'
import { planInOrder, planning, runOut } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoThings } from '@/demo/kitchen'
import { chance } from '../../tests/rough/chance'
import { brokenRules } from '../../tests/rough/day'
import { compileDay } from './day-task'

const kitchen = { ...demoThings, unreadable: [], channels: [], scales: [] } as unknown as KitchenView
const day = (...items: readonly (readonly [string, number])[]): Day => ({
  from: '08:00',
  by: '16:30',
  room: 'quay',
  cooks: 2,
  items: items.map(([formula, pieces], i) => ({ id: `i${i}`, formula, pieces })),
  began: {},
  ended: {},
  who: {},
  pins: {},
  meant: {},
  ways: {},
  lost: [],
  away: {},
  boils: {},
})
const formulas = Object.entries(demoFormulas).map(([id, document]) => ({ id, revision: 1, document }))
const compiled = (d: Day) => compileDay({ day: d, formulas, kitchen, gives: {}, paces: {}, bySeconds: 8.5 * 3600 })

describe('a day made into tasks of the demo kitchen', () => {
  const four = compiled(
    day(
      ['orchard-toffee', 80],
      ['smoked-salt-tamarind-caramels', 144],
      ['rhubarb-nettle-elderflower-drops', 162],
      ['blackcurrant-marshmallow', 64],
    ),
  )

  it('has a block a boil, with what comes before and after the flame', () => {
    expect(four.problems).toEqual([])
    expect(four.task.blocks).toHaveLength(6)
    for (const block of four.task.blocks)
      for (const way of block.ways) {
        const kinds = way.tasks.map((t) => t.kind)
        expect(kinds.slice(0, 3)).toEqual(['ready', 'cook', 'pull'])
        expect(kinds).toContain('wash')
        expect(way.tasks.some((t) => t.what === 'wrap')).toBe(true)
        expect(four.stands[way.name]).toBeDefined()
        for (const t of way.tasks) expect(t.seconds).toBeGreaterThan(0)
      }
  })

  it('is planned within its hours, breaking no rule', () => {
    const c = chance(1, 10)
    const plan = runOut(planning(four.task, () => c.between(0, 1), 40))
    expect(plan.missing).toEqual([])
    expect(plan.late).toEqual([])
    expect(brokenRules(four.task, plan)).toEqual([])
  })

  it('sends what sets overnight into the next morning, and the rest is in time', () => {
    const { task } = compiled(day(['malted-milk-fudge', 64], ['orchard-toffee', 80]))
    const plan = planInOrder(task, [])
    expect(plan.late).toEqual(['i0 1'])
    expect(plan.placed.filter((p) => p.block === 'i0 1' && p.start > 86_400).length).toBeGreaterThan(0)
    expect(plan.end).toBeLessThan(task.by)
  })

  it('every formula of the book has its place, or a reason', () => {
    for (const [id] of Object.entries(demoFormulas)) {
      const { task, problems } = compiled(day([id, 60]))
      expect(task.blocks.length > 0 || problems.length > 0, id).toBe(true)
      const plan = planInOrder(task, [])
      expect(brokenRules(task, plan), id).toEqual([])
    }
  })

  it('says of what no pot takes that none does', () => {
    const { problems, task } = compiled(day(['orchard-toffee', 100_000]))
    expect(task.blocks.length === 0 ? problems.length : 1).toBeGreaterThan(0)
  })
})
