import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { gramsAsWritten } from '../formula/document'
import { scale } from '../formula/scale'
import type { CookAct, CookEvent } from '../log/log'
import { potEventsOf } from '../log/pot-events'
import type { Reading } from '../log/readings'
import { advancePot, applyToPot, startPot } from '../pot/simulate'
import { seeded } from '../quantity/seeded'
import { testConditions } from '../testing'
import { assessCook, type BoilFacts, type CookAssessment, type CookRecord } from './assess'

const formula = demoBoil('rhubarb-nettle-elderflower-drops')
const written = gramsAsWritten(formula)
const grams = Object.values(written).reduce((a, b) => a + b)
const facts = (channel: string | null): BoilFacts => ({
  formula: { ...formula, boils: [] },
  plan: scale({ ...formula, boils: [] }, { size: { by: 'weight', grams: 0.7 * grams } }),
  number: 1,
  part: null,
  conditions: testConditions,
  channel,
  probe: { lagS: 4, noiseC: 0.1, thermometer: null },
})

/** A cook of somebody who does what the panel says: the record as it was at each glance, and what was judged of it. */
function cooked(boil: BoilFacts, longest = 5400) {
  const random = seeded(3)
  const pot = startPot(boil.conditions)
  const seen: { record: CookRecord; at: number; judged: CookAssessment }[] = []
  let events: readonly CookEvent[] = []
  let readings: readonly Reading[] = []
  let before: CookAssessment | undefined
  while (pot.at < longest) {
    const judged = assessCook(boil, { events, readings }, pot.at, before)
    before = judged
    seen.push({ record: { events, readings }, at: pot.at, judged })
    const { step, mood } = judged.pot.doNow
    if (!step) break
    if (mood === 'now') {
      const act: CookAct =
        step.when.on === 'target'
          ? { type: 'pulled', step: step.id, celsius: judged.pot.celsius }
          : { type: 'step', step: step.id }
      const event: CookEvent = { id: String(events.length), at: pot.at, ...act }
      events = [...events, event]
      for (const e of potEventsOf(boil.formula, judged.cook.grams, event)) applyToPot(pot, e)
    }
    advancePot(pot, 5)
    if (boil.channel !== null) readings = [...readings, { at: pot.at, celsius: pot.celsius + 0.2 * (random() - 0.5) }]
  }
  return seen
}

describe('one judgement of a cook', () => {
  const boil = facts('probe')
  const seen = cooked(boil)

  it('leads from the first flame to the pour', () => {
    expect(seen.at(-1)?.judged.emptiedAt).not.toBeNull()
    expect(seen.some((s) => s.judged.pot.forecast !== null)).toBe(true)
    expect(seen.every((s) => s.judged.troubles.every((t) => t.tone !== 'danger'))).toBe(true)
  })

  it.each([
    ['a probe', null],
    ['a probe that was checked and is off', { gain: 1.004, shift: -0.7, sd: 0.2 }],
  ])(
    'is the same with and without what was judged before, save for evidence weighed every few seconds: %s',
    (_, thermometer) => {
      const plain = ({
        boil: _b,
        record: _r,
        estimate: _e,
        browned: _w,
        rescue: _c,
        doubt: _d,
        ...rest
      }: CookAssessment) => rest
      const checked = { ...boil, probe: { ...boil.probe, thermometer } }
      let before: CookAssessment | undefined
      for (const [i, { record, at }] of seen.entries()) {
        const judged = assessCook(checked, record, at, before)
        // what was put right of a reading stays what it is, so that the pot is followed on from it
        if (before && before.record.events === record.events && before.heard.length > 0)
          expect(judged.heard[before.heard.length - 1]).toBe(before.heard.at(-1))
        if (i % 30 === 0) expect(plain(judged)).toEqual(plain(assessCook(checked, record, at)))
        before = judged
      }
    },
  )

  it('changes nothing in what it judges', () => {
    const last = seen.at(-1)
    const copy = structuredClone(last?.record)
    assessCook(boil, last?.record as CookRecord, 1e5)
    expect(last?.record).toEqual(copy)
  })

  it('takes over what cannot have changed', () => {
    const [a, b] = [seen.at(40), seen.at(41)]
    if (a?.record.events === b?.record.events) expect(b?.judged.cook).toBe(a?.judged.cook)
    expect(b?.judged.analysis).toBe(a?.judged.analysis)
  })

  it('says how far past the target it is in one way: on the heat, and by what the pan carried on', () => {
    const pull = seen.find((s) => s.judged.cook.state.pulledAt !== null)
    const pulledAt = pull?.judged.cook.state.pulledAt ?? 0
    const { events } = pull?.record ?? { events: [] }
    const hot = (celsius: number): readonly Reading[] => [{ at: pulledAt + 5, celsius }]
    const target = pull?.judged.analysis.targetC ?? 0
    const past = (celsius: number) => assessCook(boil, { events, readings: hot(celsius) }, pulledAt + 6).past
    expect(past(target)).toEqual({ beyond: false, trouble: false })
    expect(past(target + 1.6 * formula.target.within)).toEqual({ beyond: false, trouble: true })
  })

  it('without a probe goes by what the log gives away, and doubts no silence', () => {
    const byHand = facts(null)
    const events: CookEvent[] = [
      { id: 'a', at: 0, type: 'step', step: 'dissolve' },
      { id: 'b', at: 500, type: 'step', step: 'lid' },
      { id: 'c', at: 900, type: 'reads', celsius: 112 },
    ]
    const judged = assessCook(byHand, { events, readings: [] }, 910)
    expect(judged.pot.reckoned).toBe(true)
    expect(judged.readings.some((r) => r.celsius === 112)).toBe(true)
    expect(judged.doubt?.id).not.toBe('silent')
  })
})
