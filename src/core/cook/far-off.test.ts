/** A test the pot can hardly have shown is asked about; one that may be so is not. */
import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { cookBoil } from '@/demo/maker'
import { gramsAsWritten } from '../formula/document'
import type { CookAct, CookEvent } from '../log/log'
import { seeded } from '../quantity/seeded'
import { testBoil, testConditions } from '../testing'
import { assessCook } from './assess'
import { farOff } from './far-off'

const caramels = demoBoil('smoked-salt-tamarind-caramels')
const event = (at: number, act: CookAct): CookEvent => ({ id: `e${at}`, at, ...act })
const begun = [event(10, { type: 'step', step: caramels.steps[0]?.id ?? '' })]
const boiling = [...begun, event(40, { type: 'step', step: caramels.steps[1]?.id ?? '' })]
const amber: CookAct = { type: 'test', test: 'colour', celsius: 171 }
const at = (now: number, events: readonly CookEvent[] = begun, celsius: number | null = null) =>
  assessCook(
    testBoil(caramels, { channel: celsius === null ? null : 'probe' }),
    {
      events,
      readings: celsius === null ? [] : Array.from({ length: 120 }, (_, i) => ({ at: now - 119 + i, celsius })),
    },
    now,
  )

describe('by hand, half a minute after the heat is on', () => {
  const cold = at(40)
  test.each([
    ['a shade of caramel', amber, 150],
    ['a drop that holds', { type: 'test', test: 'drop', result: 'hard-crack' }, 130],
    ['a smell of burning', { type: 'test', test: 'smell', smell: 'smoke' }, 150],
    ['a temperature', { type: 'reads', celsius: 119 }, null],
  ] as const)('%s is asked about, and against what', (_, act, from) => {
    const far = farOff(act, cold)
    expect(far?.potC).toBeCloseTo(cold.pot.celsius ?? 0, 0)
    if (from === null) expect(far?.showsC).toBeNull()
    else expect(far?.showsC).toBeGreaterThan(from)
  })

  test.each([
    ['a temperature near it', { type: 'reads', celsius: 30 }],
    ['a drop that dissolves', { type: 'test', test: 'drop', result: 'syrup' }],
    ['a turn of the dial', { type: 'heat', dial: 3 }],
  ] as const)('%s is not', (_, act) => expect(farOff(act, cold)).toBeNull())

  it('is believed all the same: the pot is where it was seen, under a lid that must have come off', () => {
    const seen = at(42, [...begun, event(40, amber)])
    expect(Math.abs((seen.pot.celsius ?? 0) - 171)).toBeLessThan(6)
    expect(farOff(amber, seen)).toBeNull()
  })
})

it('beside a probe a drop is asked about that is far harder or far softer than what it reads', () => {
  const drop = (result: 'syrup' | 'soft-ball' | 'hard-crack'): CookAct => ({ type: 'test', test: 'drop', result })
  const asked = (celsius: number) =>
    (['syrup', 'soft-ball', 'hard-crack'] as const).map((d) => farOff(drop(d), at(200, boiling, celsius)) !== null)
  expect(asked(60)).toEqual([false, true, true])
  expect(asked(112)).toEqual([false, false, true])
  expect(asked(150)).toEqual([true, true, false])
})

it('asks nothing of what an able maker tests, whatever is cooked', () => {
  for (const id of [
    'smoked-salt-tamarind-caramels',
    'orchard-toffee',
    'malted-milk-fudge',
    'bergamot-pouring-caramel',
  ]) {
    const formula = demoBoil(id)
    const cook = { misses: 0, power: 1, every: 5 }
    const probe = { lagS: 4, noiseC: 0.1, offsetC: 0, dropShare: 0 }
    const { acts, readings } = cookBoil(formula, gramsAsWritten(formula), testConditions, probe, cook, seeded(5))
    const events = acts.map(({ at: s, act }, i): CookEvent => ({ id: `${i}`, at: s, ...act }))
    const tests = events.filter((e) => e.type === 'test')
    expect(tests.length, id).toBeGreaterThan(0)
    for (const t of tests) {
      const record = { events: events.filter((e) => e.at < t.at), readings: readings.filter((r) => r.at <= t.at) }
      expect(farOff(t, assessCook(testBoil(formula, { channel: 'probe' }), record, t.at)), `${id} ${t.at}`).toBeNull()
    }
  }
})
