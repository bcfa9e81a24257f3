import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { cookBoil } from '@/demo/maker'
import { seeded } from '../quantity/seeded'
import { testBoil, testConditions } from '../testing'
import { assessCook } from './assess'
import { givesFrom, powerIn } from './learned'

const formula = demoBoil('blackcurrant-marshmallow')
const facts = testBoil(formula, {
  conditions: { ...testConditions, burner: { ...testConditions.burner, watts: 1500 } },
})

/** A whole boil on a ring that gives `power` of what its plate says. */
function cooked(power: number, conditions = facts.conditions) {
  const probe = { lagS: 4, noiseC: 0.2, offsetC: 0, dropShare: 0.01 }
  const boil = { ...facts, conditions }
  const habits = { misses: 0, power, every: 1 }
  const { acts, readings } = cookBoil(formula, boil.plan.grams, boil.conditions, probe, habits, seeded(7))
  const events = acts.map(({ at, act }, i) => ({ id: String(i), at, ...act }))
  return { boil, events, readings, end: assessCook(boil, { events, readings }, events.at(-1)?.at ?? 0) }
}

describe('what a boil teaches of its ring', () => {
  it.each([0.7, 0.85, 1.1])('one that gives %d of its plate is found to', (power) => {
    const share = powerIn(cooked(power).end)
    expect(share).not.toBeNull()
    expect(Math.abs((share ?? 0) / power - 1)).toBeLessThan(0.15)
  })

  it('is nothing where no probe was in it, or it was never pulled', () => {
    const { boil, events, readings, end } = cooked(0.9)
    const until = end.cook.state.pulledAt ?? 0
    const before = events.filter((e) => e.at < until)
    expect(powerIn(assessCook(boil, { events: before, readings }, until))).toBeNull()
    const byHand = { ...boil, channel: null }
    expect(powerIn(assessCook(byHand, { events, readings }, end.now))).toBeNull()
  })

  it('comes nearer to what it gave with every boil, and surer', () => {
    expect(givesFrom([])).toBeNull()
    const [one, many] = [givesFrom([0.8]), givesFrom([0.8, 0.79, 0.81, 0.8])]
    expect(one?.share).toBeGreaterThan(0.8)
    expect(Math.abs((many?.share ?? 1) - 0.8)).toBeLessThan(Math.abs((one?.share ?? 1) - 0.8))
    expect(many?.sd).toBeLessThan(one?.sd ?? 0)
    expect(one?.sd).toBeLessThan(0.12)
  })

  it('makes the next one foreseen better from the first minutes', () => {
    const gives = givesFrom([0.7, 0.7, 0.7]) ?? undefined
    const off = (conditions: typeof facts.conditions) => {
      const { boil, events, readings, end } = cooked(0.7, conditions)
      const now = 40
      const seen = { events: events.filter((e) => e.at <= now), readings: readings.filter((r) => r.at <= now) }
      const view = assessCook(boil, seen, now)
      const next = end.cook.state.done.get(view.pot.doNow.step?.id ?? '') ?? 0
      return Math.abs((view.pot.forecast?.eta ?? 0) - (next - now))
    }
    expect(off({ ...facts.conditions, gives })).toBeLessThan(off(facts.conditions))
    expect(gives?.share).toBeLessThan(0.75)
  })
})
