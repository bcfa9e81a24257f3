import { describe, expect, it } from 'vitest'
import { blankDay, type Day } from '@/contract/day'
import type { KitchenView } from '@/contract/kitchen'
import { obeyedDay, planInOrder, planning, practiceDay, runOut, seeded } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoThings } from '@/demo/kitchen'
import { chance } from '../../tests/rough/chance'
import { brokenRules } from '../../tests/rough/day'
import { compileDay, mostThatFit, standInsOf } from './day-task'

const kitchen = { ...demoThings, unreadable: [], channels: [], scales: [] } as unknown as KitchenView
const day = (...items: readonly (readonly [string, number])[]): Day => ({
  ...blankDay('quay'),
  items: items.map(([formula, pieces], i) => ({ id: `i${i}`, formula, size: { by: 'pieces', pieces } })),
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
        expect(kinds.filter((k, i) => k !== kinds[i - 1]).slice(0, 3)).toEqual(['ready', 'cook', 'pull'])
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
      // alone in the kitchen with two cooks there is room for anything
      expect(plan.missing, id).toEqual([])
    }
  })

  it('says of what no pot takes that none does', () => {
    const { problems, task } = compiled(day(['orchard-toffee', 100_000]))
    expect(task.blocks.length === 0 ? problems.length : 1).toBeGreaterThan(0)
  })

  it('bakes a base before what is poured on it, in an oven that is one oven', () => {
    const { task } = compiled(day(['rye-shortcake-bars', 24], ['rye-shortcake-bars', 24]))
    const base = task.blocks.filter((b) => b.id.endsWith(' base'))
    expect(base).toHaveLength(2)
    expect(base[0]?.ways[0].holds).toContainEqual(expect.objectContaining({ thing: 'station oven' }))
    const plan = planInOrder(task, [])
    expect(brokenRules(task, plan)).toEqual([])
    for (const b of task.blocks.filter((x) => x.needs.includes('i0 base'))) {
      const starts = plan.placed.filter((p) => p.block === b.id).map((p) => p.start)
      const ends = plan.placed.filter((p) => p.block === 'i0 base').map((p) => p.end)
      expect(Math.min(...starts)).toBeGreaterThanOrEqual(Math.max(...ends))
    }
    const oven = plan.held.filter((h) => h.thing === 'station oven').toSorted((a, b) => a.start - b.start)
    for (const [i, h] of oven.entries()) if (i > 0) expect(h.start).toBeGreaterThanOrEqual(oven[i - 1]?.end ?? 0)
  })

  it('leaves nobody anything to do in a break, and nothing on a ring that is out of use', () => {
    const wanted = { ...day(['orchard-toffee', 80], ['coconut-chip-brittle', 60]), lost: ['ring induction'] }
    const { task } = compiled({ ...wanted, away: { lead: [['09:00', '10:00']] } })
    const plan = planInOrder(task, [])
    expect(plan.missing).toEqual([])
    const inBreak = plan.placed.filter((p) => p.person === 'lead' && p.start < 7200 && p.end > 3600)
    expect(inBreak).toEqual([])
    expect(plan.held.some((h) => h.thing === 'ring induction')).toBe(false)
  })

  it('finds the most of one thing that fits beside the rest', () => {
    const wanted = day(['orchard-toffee', 80], ['rhubarb-nettle-elderflower-drops', 54])
    const all = { day: wanted, formulas, kitchen, gives: {}, paces: {}, bySeconds: 4 * 3600 }
    const most = mostThatFit(all, 'i1')
    expect(most).toBeGreaterThan(54)
    const more = {
      ...wanted,
      items: wanted.items.map((i) => (i.id === 'i1' ? { ...i, size: { by: 'pieces' as const, pieces: 2 * most } } : i)),
    }
    const { task } = compileDay({ ...all, day: more })
    expect(planInOrder(task, []).late.length + planInOrder(task, []).missing.length).toBeGreaterThan(0)
  })
})

describe('a day cooked in stand-in pots', () => {
  const wanted = {
    day: day(['orchard-toffee', 80], ['rhubarb-nettle-elderflower-drops', 162], ['rye-shortcake-bars', 24]),
    formulas,
    kitchen,
    gives: {},
    paces: {},
    bySeconds: 8.5 * 3600,
  }
  const { task } = compileDay(wanted)
  const cooks = task.blocks.flatMap((b) => b.ways[0].tasks.filter((t) => t.kind === 'cook' || t.kind === 'pull'))

  it('has a share of its planned time for every cook and pull, the same for the same seed and another for another', () => {
    const takes = standInsOf(wanted, 7)
    expect(Object.keys(takes).sort()).toEqual(cooks.map((t) => t.id).sort())
    for (const share of Object.values(takes)) {
      expect(share).toBeGreaterThan(0.2)
      expect(share).toBeLessThan(3)
    }
    expect(standInsOf(wanted, 7)).toEqual(takes)
    expect(standInsOf(wanted, 8)).not.toEqual(takes)
  })

  it('is practised by them: nothing else tells how long a boil takes', () => {
    const takes = standInsOf(wanted, 7)
    const practice = practiceDay(task, seeded(1), takes)
    for (const t of cooks) expect(practice.takes[t.id]).toBe(takes[t.id])
    const { practice: over, plan } = obeyedDay(task, runOut(planning(task, seeded(2), 40)), seeded(1), takes)
    // in whatever pot it was put: the share holds there too
    const first = plan.placed.find((p) => p.task.kind === 'cook')?.task
    if (!first) throw new Error('nothing is cooked')
    const { began, ended } = over.soFar
    expect((ended[first.id] ?? 0) - (began[first.id] ?? 0)).toBeCloseTo(first.seconds * (takes[first.id] ?? 0), 0)
  })
})
