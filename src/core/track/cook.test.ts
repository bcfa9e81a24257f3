import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { cookBoil } from '@/demo/maker'
import { potNow } from '../cook/pot-now'
import { gramsAsWritten } from '../formula/document'
import { scaleGrams } from '../formula/plan'
import { cookTime, paceOf } from '../log/clock'
import { type CookAct, type CookEvent, readLog, standing } from '../log/log'
import { potEventsOf } from '../log/pot-events'
import { standardPressure } from '../physics/water'
import { seeded } from '../quantity/seeded'
import { testConditions } from '../testing'
import { type Cook, contents, openCook, stepTemperature } from './cook'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')
const caramels = demoBoil('smoked-salt-tamarind-caramels')
const grams = scaleGrams(gramsAsWritten(drops), 0.5)
const kitchen = {
  ...testConditions,
  pot: { name: '4 l', litres: 4, diameterMm: 220, massKg: 1.3, metal: 'aluminium' as const },
  burner: { name: 'ring', watts: 2400, efficiency: 0.55, responseS: 2 },
}
const probe = { lagS: 4, noiseC: 0.15 }
let ids = 0
const event = (at: number, act: CookAct): CookEvent => ({ id: `e${ids++}`, at, ...act })
const step = (at: number, id: string): CookEvent => event(at, { type: 'step', step: id })

describe('the log', () => {
  it('says what is done, what is in the pot, and how it is heated', () => {
    const state = readLog(drops, grams, [
      step(10, 'dissolve'),
      step(300, 'glucose'),
      event(400, { type: 'heat', dial: 5 }),
    ])
    expect(state.next).toBe(2)
    expect(state.dial).toBe(5)
    expect(state.lid).toBe(false)
    expect(state.fillings).toHaveLength(2)
    expect(state.fillings[0]?.lid).toBe(true)
    expect(state.fillings[1]?.mix.glucoseSolids).toBeGreaterThan(100)
    expect(state.dials).toEqual([
      { at: 10, dial: 8 },
      { at: 400, dial: 5 },
    ])
  })

  it('reads the same in whatever order events arrive', () => {
    const events = [
      step(10, 'dissolve'),
      step(300, 'glucose'),
      step(380, 'brush'),
      event(400, { type: 'heat', dial: 5 }),
    ]
    expect(readLog(drops, grams, [...events].reverse())).toEqual(readLog(drops, grams, events))
  })

  it('counts a step passed over as done, with what it adds', () => {
    const state = readLog(drops, grams, [step(10, 'dissolve'), step(380, 'brush')])
    expect(state.next).toBe(3)
    expect(state.fillings.at(-1)?.mix.glucoseSolids).toBeGreaterThan(100)
  })

  it('takes an event back without forgetting it', () => {
    const wrong = step(300, 'glucose')
    const events = [step(10, 'dissolve'), wrong, event(305, { type: 'undo', of: wrong.id })]
    expect(readLog(drops, grams, events).next).toBe(1)
    expect(standing(events)).toHaveLength(1)
    expect(events).toHaveLength(3)
  })

  it('knows when it was pulled and closed', () => {
    const state = readLog(drops, grams, [
      step(10, 'dissolve'),
      event(900, { type: 'pulled', step: 'pull', celsius: 146.2 }),
      event(4000, { type: 'finished' }),
    ])
    expect(state).toMatchObject({ pulledAt: 900, pulledC: 146.2, dial: 0, finishedAt: 4000 })
  })

  it('turns into things done to a pot', () => {
    expect(potEventsOf(drops, grams, step(10, 'dissolve')).map((e) => e.kind)).toEqual(['add', 'lid', 'heat'])
    expect(
      potEventsOf(drops, grams, event(9, { type: 'pulled', step: 'pull', celsius: null })).map((e) => e.kind),
    ).toEqual(['off'])
    expect(potEventsOf(drops, grams, event(9, { type: 'note', text: 'x' }))).toEqual([])
  })
})

describe('the clock', () => {
  const start = Date.parse('2026-11-24T10:00:00.000Z')
  const pace = (at: number, rate: number, wallS: number) =>
    event(at, { type: 'clock', rate, wall: new Date(start + wallS * 1000).toISOString() })

  it('runs with the wall in earnest, and at each pace from where that pace began', () => {
    expect(cookTime([pace(0, 1, 0)], start, start + 90_000)).toBe(90)
    const practice = [pace(0, 60, 0), pace(600, 1, 10)]
    expect(cookTime(practice, start, start + 15_000)).toBe(605)
    expect(paceOf(practice)).toBe(1)
  })

  it('never runs backwards, even with a wall clock that is behind', () => {
    expect(cookTime([pace(0, 1, 0)], start, start - 5000)).toBe(0)
  })
})

/** A whole simulated cook, seen at one moment. */
function seenAt(events: readonly CookEvent[], readings: readonly { at: number; celsius: number }[], at: number) {
  const cook: Cook = openCook(
    drops,
    grams,
    kitchen,
    probe,
    events.filter((e) => e.at <= at),
  )
  return {
    cook,
    view: potNow(
      cook,
      readings.filter((r) => r.at <= at),
      at,
    ),
  }
}

describe('following a cook', () => {
  it('says nothing of what butter alone would set to, and of a climb nobody reads any more', () => {
    const toffee = demoBoil('orchard-toffee')
    const log = [step(10, toffee.steps[0]?.id ?? '')]
    const readings = Array.from({ length: 240 }, (_, i) => ({ at: i, celsius: 20 + 0.4 * i }))
    const at = (now: number) => potNow(openCook(toffee, gramsAsWritten(toffee), kitchen, probe, log), readings, now)
    expect(at(240)).toMatchObject({ boiling: true, bite: null, stage: null })
    expect(at(240).climb).toBeCloseTo(24, 0)
    expect(at(400).climb).toBeNull()
  })

  const cooked = cookBoil(
    drops,
    grams,
    kitchen,
    { ...probe, offsetC: 0, dropShare: 0.01 },
    { misses: 0, power: 0.93, every: 1 },
    seeded(7),
  )
  const events = cooked.acts.map((a) => event(a.at, a.act))
  const timeOf = (id: string) =>
    events.find((e) => (e.type === 'step' || e.type === 'pulled') && e.step === id)?.at ?? Number.NaN
  const pulled = timeOf('pull')

  it('walks through the script ahead of time', () => {
    const before = seenAt([], [], 0).view.doNow
    expect(before).toMatchObject({ mood: 'now', step: { id: 'dissolve' }, meanwhile: false })
    expect(seenAt(events, cooked.readings, 60).view.doNow).toMatchObject({ step: { id: 'glucose' }, meanwhile: true })
    const boiling = seenAt(events, cooked.readings, pulled - 200).view.doNow
    expect(boiling).toMatchObject({
      mood: 'wait',
      step: { id: 'pull' },
      meanwhile: true,
      prepare: true,
    })
    expect(seenAt(events, cooked.readings, pulled - 15).view.doNow.mood).toBe('soon')
    expect(seenAt(events, cooked.readings, pulled + 10).view.doNow).toMatchObject({
      step: { id: 'flavour' },
      meanwhile: true,
    })
    expect(seenAt(events, cooked.readings, 1e6).view.doNow.mood).toBe('done')
  })

  it('foresees the pull', () => {
    for (const [ahead, within] of [
      [240, 0.1],
      [120, 0.1],
      [60, 0.15],
    ] as const) {
      const f = seenAt(events, cooked.readings, pulled - ahead).view.forecast
      expect(f?.trust).not.toBe('none')
      expect(Math.abs((f?.eta ?? 0) - ahead) / ahead).toBeLessThan(within)
      expect(f?.low).toBeLessThan(f?.eta ?? 0)
      expect(f?.high).toBeGreaterThan(f?.eta ?? 0)
    }
  })

  it('tells water left, bite and stage, and none of them before it boils', () => {
    expect(seenAt(events, cooked.readings, 60).view).toMatchObject({ water: null, bite: null, stage: null })
    const early = seenAt(events, cooked.readings, pulled - 200).view
    const late = seenAt(events, cooked.readings, pulled - 20).view
    expect(late.water).toBeLessThan(early.water ?? 0)
    expect(late.stage?.id).toBe('hard-crack')
  })

  it('finds the power this burner really gives', () => {
    const f = seenAt(events, cooked.readings, pulled - 60).view.forecast
    const real = 2400 * 0.55 * 0.93 * 0.8
    expect(f?.powerW).toBeGreaterThan(real * 0.93)
    expect(f?.powerW).toBeLessThan(real * 1.07)
  })

  it('says nothing of a target that a lid or a cold burner keeps away', () => {
    const lidded = [...events.filter((e) => e.at < pulled - 100), event(pulled - 99, { type: 'lid', on: true })]
    expect(seenAt(lidded, cooked.readings, pulled - 60).view.forecast?.eta).toBe(Number.POSITIVE_INFINITY)
    const cold = [...events.filter((e) => e.at < pulled - 100), event(pulled - 99, { type: 'heat', dial: 0 })]
    expect(seenAt(cold, cooked.readings, pulled - 60).view.forecast?.eta).toBe(Number.POSITIVE_INFINITY)
  })

  it('keeps roads it has worked out', () => {
    const first = openCook(drops, grams, kitchen, probe, [step(10, 'dissolve')])
    const second = openCook(drops, grams, kitchen, probe, [step(10, 'dissolve'), step(300, 'glucose')], first)
    expect(second.stretches[0]?.path).toBe(first.stretches[0]?.path)
  })

  it('aims each step in today’s air', () => {
    const hill = { ...kitchen, pressurePa: standardPressure(1480) }
    const log = [step(10, 'dissolve'), step(400, 'lid')]
    const sea = openCook(caramels, gramsAsWritten(caramels), kitchen, probe, log)
    const high = openCook(caramels, gramsAsWritten(caramels), hill, probe, log)
    expect(stepTemperature(sea, 2)).toBeCloseTo(160, 0)
    expect(stepTemperature(high, 2)).toBeLessThan(154)
    expect(contents(sea)?.sucrose).toBeGreaterThan(500)
  })
})
