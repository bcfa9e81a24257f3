import { describe, expect, it } from 'vitest'
import { chance } from '../../../tests/rough/chance'
import { brokenRules, roughDay } from '../../../tests/rough/day'
import { chainOf } from './hold-up'
import { planInOrder, replan } from './plan'
import { longestSettingFirst, planning, worthOf } from './search'
import type { DayPlan, DayTask } from './task'

const randomOf = (seed: number) => {
  const c = chance(seed, 10)
  return () => c.between(0, 1)
}

function planned(day: DayTask, seed: number, budget = 60): DayPlan {
  const steps = planning(day, randomOf(seed), budget)
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}

const DAYS = 250

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
    for (let seed = 1; seed <= 10; seed++) {
      const day = roughDay(seed)
      const plan = planned(day, seed, 200)
      const people = [...day.people, { id: 'third', hours: day.people[0]?.hours ?? [] }]
      const richer = {
        ...day,
        people,
        things: Object.fromEntries(Object.entries(day.things).map(([t, n]) => [t, n + 1])),
      }
      const better = planned(richer, seed, 200)
      expect(better.missing.length).toBeLessThanOrEqual(plan.missing.length)
      // found by trying, so a little worse by bad luck is no fault
      expect(worthOf(better, richer)).toBeLessThanOrEqual(1.02 * worthOf(plan, day))
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
      const soFar = {
        now: now + late,
        began: Object.fromEntries(begun.map((p) => [p.task.id, p.start])),
        ended: Object.fromEntries(begun.filter((p) => p.end <= now).map((p) => [p.task.id, p.end])),
        by: Object.fromEntries(begun.flatMap((p) => (p.person ? [[p.task.id, p.person]] : []))),
      }
      const again = replan(day, plan, soFar)
      expect(brokenRules({ ...day, from: 0 }, again, new Set(Object.keys(soFar.began))), `day ${seed}`).toEqual([])
      for (const p of begun) expect(again.placed.find((x) => x.task.id === p.task.id)?.start).toBe(p.start)
    }
    const day = roughDay(7)
    const plan = planned(day, 7)
    const same = replan(day, plan, { now: 0, began: {}, ended: {}, by: {} })
    expect(same.placed).toEqual(plan.placed)
  })
})

describe('what holds a day up', () => {
  it('is a chain that leads back from the last task to the first hour, or to a gap nobody could close', () => {
    for (let seed = 1; seed <= 60; seed++) {
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
