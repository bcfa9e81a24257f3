import { describe, expect, it } from 'vitest'
import { chance } from '../../../tests/rough/chance'
import { brokenRules, roughDay } from '../../../tests/rough/day'
import { runOut } from '../quantity/run-out'
import { chainOf } from './hold-up'
import { asPlanned, planInOrder, replan } from './plan'
import { longestSettingFirst, planning, worthOf } from './search'
import type { DayPlan, DayTask } from './task'
import { lateStarts, tighten } from './tighten'

const randomOf = (seed: number) => {
  const c = chance(seed, 10)
  return () => c.between(0, 1)
}

function planned(day: DayTask, seed: number, budget = 60): DayPlan {
  return runOut(planning(day, randomOf(seed), budget))
}

const DAYS = 50

describe('a planned day', () => {
  it('breaks no rule of the kitchen, over many days drawn by chance', () => {
    for (let seed = 1; seed <= DAYS; seed++) {
      const day = roughDay(seed)
      expect(brokenRules(day, planned(day, seed, 12)), `day ${seed}`).toEqual([])
    }
  })

  it('is the same for the same seed, and no worse for more tries', () => {
    for (const seed of [3, 14, 159]) {
      const day = roughDay(seed, 8)
      expect(planned(day, seed)).toEqual(planned(day, seed))
      expect(worthOf(planned(day, seed, 200), day)).toBeLessThanOrEqual(worthOf(planned(day, seed, 20), day))
      expect(worthOf(planned(day, seed), day)).toBeLessThanOrEqual(worthOf(longestSettingFirst(day), day))
    }
  })

  it('ends no later with one more of anything', () => {
    for (let seed = 1; seed <= 3; seed++) {
      const day = roughDay(seed)
      const plan = planned(day, seed, 120)
      const people = [...day.people, { id: 'third', hours: day.people[0]?.hours ?? [], spared: [] }]
      const richer = {
        ...day,
        people,
        things: Object.fromEntries(Object.entries(day.things).map(([t, n]) => [t, n + 1])),
      }
      const better = planned(richer, seed, 120)
      expect(better.missing.length).toBeLessThanOrEqual(plan.missing.length)
      // found by trying, so a little worse by bad luck is no fault
      expect(worthOf(better, richer)).toBeLessThanOrEqual(1.02 * worthOf(plan, day))
    }
  })

  it('drawn together ends no later, and breaks no rule', () => {
    let moved = 0
    for (let seed = 1; seed <= 60; seed++) {
      const rough = roughDay(seed)
      // of one way and one person, so that the blocks find the places they are told
      const blocks = rough.blocks.map((b) => ({ ...b, ways: [b.ways[0]] as const }))
      const day = { ...rough, blocks, people: rough.people.slice(0, 1) }
      // somebody put a task off by an hour for nothing
      const first = planInOrder(day, [])
      const loose = planInOrder(day, [], { [first.placed[2]?.task.id ?? '']: 3600 })
      const delays = tighten(loose, day)
      if (!delays) continue
      moved++
      const tight = planInOrder(day, loose.order, delays)
      expect(brokenRules(day, tight), `day ${seed}`).toEqual([])
      expect(tight.end).toBeLessThanOrEqual(loose.end + 1)
    }
    expect(moved).toBeGreaterThan(20)
  })

  it('gets nothing ready sooner than it is wanted, where that costs nothing', () => {
    let moved = 0
    for (let seed = 1; seed <= 60; seed++) {
      const day = roughDay(seed)
      const plan = planInOrder(day, [])
      const later = planInOrder(day, plan.order, lateStarts(plan, day))
      expect(brokenRules(day, later), `day ${seed}`).toEqual([])
      if (later.end > plan.end + 2 || JSON.stringify(later.ways) !== JSON.stringify(plan.ways)) continue
      const start = (p: DayPlan, id: string) => p.placed.find((x) => x.task.id === id)?.start ?? 0
      if (plan.placed.some((p) => start(later, p.task.id) > p.start + 60)) moved++
    }
    expect(moved).toBeGreaterThan(10)
  })

  it('begins nothing before the moment it was put at, and keeps every other rule', () => {
    for (let seed = 1; seed <= 30; seed++) {
      const day = roughDay(seed)
      const plan = planned(day, seed, 10)
      const c = chance(seed, 13)
      const one = c.oneOf(plan.placed)
      const pinned = { ...day, pins: { [one.task.id]: one.start + Math.round(c.between(60, 5400)) } }
      const again = planned(pinned, seed, 10)
      expect(brokenRules(pinned, again), `day ${seed}`).toEqual([])
      if (again.missing.length > 0) continue
      const moved = again.placed.find((p) => p.task.id === one.task.id)
      expect(moved?.start).toBeGreaterThanOrEqual((pinned.pins[one.task.id] ?? 0) - 1e-6)
    }
  })

  it('leaves out what never fits, and says so', () => {
    const day = roughDay(5)
    const none = { ...day, people: [] }
    expect(planInOrder(none, []).missing).toEqual(day.blocks.map((b) => b.id))
  })
})

describe('a day planned again', () => {
  it('keeps what has begun, breaks no rule for the rest, and changes nothing where nothing happened', () => {
    for (let seed = 1; seed <= DAYS; seed++) {
      const day = roughDay(seed)
      const plan = planned(day, seed, 8)
      const c = chance(seed, 11)
      const now = Math.round(c.between(0.1, 0.9) * plan.end)
      const late = Math.round(c.between(0, 900))
      const begun = plan.placed.filter((p) => p.start <= now)
      const soFar = { ...asPlanned(plan, now), now: now + late }
      const again = replan(day, plan, soFar)
      expect(brokenRules({ ...day, from: 0 }, again, new Set(Object.keys(soFar.began))), `day ${seed}`).toEqual([])
      for (const p of begun) expect(again.placed.find((x) => x.task.id === p.task.id)?.start).toBe(p.start)
    }
    const day = roughDay(7)
    const plan = planned(day, 7)
    const same = replan(day, plan, { now: 0, began: {}, ended: {}, expected: {}, by: {}, ways: {} })
    expect(same.placed).toEqual(plan.placed)
  })
})

describe('what holds a day up', () => {
  it('is a chain that leads back from the last task to the first hour, or to a gap nobody could close', () => {
    for (let seed = 1; seed <= 30; seed++) {
      const day = roughDay(seed)
      const plan = planned(day, seed, 10)
      const chain = chainOf(plan, day)
      expect(chain[0]?.task.end).toBe(Math.max(...plan.placed.map((p) => p.end)))
      const ends = chain.map((l) => l.task.start)
      expect(ends).toEqual(ends.toSorted((a, b) => b - a))
      for (const l of chain) if (l.waitsFor === 'person' || l.waitsFor === 'thing') expect(l.name).not.toBeNull()
    }
  })
})
