/** What is baked or mixed by hand, guided as a boil is. */
import { describe, expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { type FormulaDocument, madeIn } from '../formula/document'
import { ganachePart } from '../formula/ganache'
import { scale } from '../formula/scale'
import type { CookEvent } from '../log/log'
import { testConditions } from '../testing'
import { assessCook, type BoilFacts } from './assess'

const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument
const plan = scale(bars, { size: { by: 'pieces', pieces: 40 } })

function facts(number: number): BoilFacts {
  const part = plan.boils[number - 1]?.part ?? null
  const formula = madeIn(bars).find((m) => m.part === part)?.formula
  if (!formula) throw new Error(`nothing is made as number ${number}`)
  const probe = { lagS: 0, noiseC: 0.1, thermometer: null }
  return { number, channel: null, part, formula, plan, conditions: testConditions, probe }
}
const base = facts(1)
const done = (step: string, at: number): CookEvent => ({ id: step, at, type: 'step', step })
const seen = (boil: BoilFacts, events: readonly CookEvent[], now: number) =>
  assessCook(boil, { events, readings: [] }, now)

describe('a base that is baked', () => {
  const begun = seen(base, [], 5)
  const baking = seen(base, [done('rub', 600)], 900)
  const out = [done('rub', 600), done('bake', 2100)]
  const cooling = seen(base, out, 2160)

  it('is asked for step by step, and calls when it is to come out', () => {
    expect(begun.pot.doNow).toMatchObject({ mood: 'now', step: { id: 'rub' } })
    expect(baking.pot.doNow).toMatchObject({ mood: 'wait', step: { id: 'bake' }, due: { seconds: 1200 } })
    expect(seen(base, [done('rub', 600)], 2100).pot.doNow.mood).toBe('now')
  })

  it('has no heat to be wrong about, and nothing said of one', () => {
    for (const a of [begun, baking, cooling]) {
      expect(a.troubles).toEqual([])
      expect(a.doubt).toBeNull()
      expect(a.estimate).toBeNull()
      expect(a.pot.forecast).toBeNull()
    }
    expect(baking.pot.celsius).toBeNull()
    for (const v of Object.values(begun.analysis)) if (typeof v === 'number') expect(v).not.toBeNaN()
  })

  it('cools in its tin by what it is and where it lies, and is cold when it can be covered', () => {
    expect(cooling.finish).toMatchObject({ place: 'slab', ahead: [{ kind: 'cool', state: 'ahead' }] })
    const opens = cooling.finish?.ahead[0]?.opens ?? Number.NaN
    expect(opens - 2100).toBeGreaterThan(900)
    expect(opens - 2100).toBeLessThan(3 * 3600)
    expect(seen(base, out, opens + 5).pot.doNow).toMatchObject({ mood: 'now', step: { id: 'cool' } })
    const early = seen(base, [...out, done('cool', 2400)], 2405)
    expect(early.finish?.findings[0]).toMatchObject({ id: 'came', figures: { kind: 'cool', came: 'early' } })
  })

  it('lets the next part be begun once it is all it has to be', () => {
    expect(cooling.nextBoil).toMatchObject({ label: 'Caramel', startIn: Number.POSITIVE_INFINITY })
    expect(seen(base, [...out, done('cool', 6000)], 6010).nextBoil).toMatchObject({ label: 'Caramel', startIn: 0 })
  })
})

describe('what is put together of parts', () => {
  it('begins where its parts are there: with its own wait, and its cut', () => {
    const whole = facts(plan.boils.length)
    expect(seen(whole, [], 60).pot.doNow).toMatchObject({ mood: 'wait', step: { id: 'cut' }, due: { seconds: 3540 } })
    expect(seen(whole, [done('cut', 3700)], 3710).pot.doNow.step).toBeNull()
  })

  it('takes what is made by hand first where it is boiled itself', () => {
    const caramels = demoFormulas['smoked-salt-tamarind-caramels'] as FormulaDocument
    const ganache = ganachePart('g', 'dark', 'pours', 200, caramels.shape)
    const made = madeIn({ ...caramels, parts: [ganache] })
    expect(made.map((m) => m.label)).toEqual(['Ganache', caramels.name])
  })
})
