/** What no step asked for: it can be logged, and mix, forecast and practice pot follow. */
import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { type BoiledFormula, gramsAsWritten } from '../formula/document'
import type { CookAct, CookEvent } from '../log/log'
import { potEventsOf } from '../log/pot-events'
import type { Reading } from '../log/readings'
import { massOf } from '../matter/mix'
import { advancePot, applyToPot, contentsOf, type PotState, startPot } from '../pot/simulate'
import { testBoil, testConditions } from '../testing'
import { contents, openCook } from '../track/cook'
import { assessCook } from './assess'
import { isEarly } from './do-now'
import { pastTarget } from './past-target'
import { potNow, syrupC } from './pot-now'
import { troublesOf } from './troubles'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')
const grams = gramsAsWritten(drops)
const probe = { lagS: 4, noiseC: 0.2 }
let count = 0
const event = (at: number, act: CookAct): CookEvent => ({ id: `u${count++}`, at, ...act })
const water = (at: number, g = 150): CookEvent =>
  event(at, { type: 'added', ingredient: 'water', name: 'Water', grams: g, celsius: 90 })
const steps = (until: string, every = 1): CookEvent[] =>
  drops.steps
    .slice(
      0,
      drops.steps.findIndex((s) => s.id === until),
    )
    .map((s, i) => event(every * i, { type: 'step', step: s.id }))

/** The first so many steps of a boil, one a minute, pulled at its target. */
const minuteByMinute = ({ steps: all, target }: BoiledFormula, count: number): CookEvent[] =>
  all
    .slice(0, count)
    .map((s, i) =>
      event(
        60 * i,
        s.when.on === 'target' ? { type: 'pulled', step: s.id, celsius: target.celsius } : { type: 'step', step: s.id },
      ),
    )

/** A pot that does what the log says, and its readings. */
function cooked(events: readonly CookEvent[], until: number): { pot: PotState; readings: Reading[] } {
  const pot = startPot(testConditions)
  const readings: Reading[] = []
  const left = [...events].sort((a, b) => a.at - b.at)
  while (pot.at < until) {
    while (left[0] && left[0].at <= pot.at)
      for (const e of potEventsOf(drops, grams, left.shift() as CookEvent)) applyToPot(pot, e)
    advancePot(pot, 1)
    readings.push({ at: pot.at, celsius: pot.celsius })
  }
  return { pot, readings }
}

describe('water put back', () => {
  const before = steps('pull')
  const events = [...before, water(900)]
  const seen = (log: readonly CookEvent[], now: number) =>
    potNow(openCook(drops, grams, testConditions, probe, log), cooked(log, now).readings, now)

  it('is in the mix, and cools the practice pot', () => {
    const mixOf = (log: readonly CookEvent[]) => contents(openCook(drops, grams, testConditions, probe, log))
    const [without, with1] = [mixOf(before), mixOf(events)]
    expect((with1 ? massOf(with1) : 0) - (without ? massOf(without) : 0)).toBeCloseTo(150, 3)
    const [plain, fed] = [cooked(before, 930).pot, cooked(events, 930).pot]
    expect(fed.celsius).toBeLessThan(plain.celsius - 2)
    expect(massOf(contentsOf(fed)) - massOf(contentsOf(plain))).toBeGreaterThan(100)
  })

  it('is foreseen: the target comes later, by about what it takes to boil it off', () => {
    const eta = (log: readonly CookEvent[], now: number) => seen(log, now).forecast?.eta ?? Number.NaN
    const now = 1000
    const { pot } = cooked(events, now)
    const aim = seen(events, now).forecast?.pullAt ?? 0
    for (let s = now; s < 4000 && pot.celsius < aim; s++) advancePot(pot, 1)
    const truth = pot.at - now
    expect(Math.abs(eta(events, now) / truth - 1)).toBeLessThan(0.2)
    expect(eta(events, now)).toBeGreaterThan(eta(before, now) + 100)
  })

  it('is no fault of the probe: nothing is doubted for it', () => {
    for (const now of [905, 920, 960, 1020]) expect(seen(events, now).forecast?.doubts).toEqual([])
    const best = seen(events, 1020)
    expect(Math.abs((syrupC(best) ?? 0) - cooked(events, 1020).pot.celsius)).toBeLessThan(1)
  })

  it('can be taken back like anything else', () => {
    const undone = [...events, event(905, { type: 'undo', of: events.at(-1)?.id ?? '' })]
    const one = openCook(drops, grams, testConditions, probe, undone)
    expect(one.stretches).toHaveLength(openCook(drops, grams, testConditions, probe, before).stretches.length)
  })
})

it('a step passed over is not done, and the next one is next', () => {
  const [first, second] = drops.steps
  const events = [
    event(0, { type: 'step', step: first?.id ?? '' }),
    event(60, { type: 'passed', step: second?.id ?? '' }),
  ]
  const { state } = openCook(drops, grams, testConditions, probe, events)
  expect(state.next).toBe(2)
  expect(state.done.has(second?.id ?? '')).toBe(false)
  expect(state.fillings).toHaveLength(1)
})

it('a wait of hours that is cut short is asked about, unless it is nearly over', () => {
  const marshmallow = demoBoil('blackcurrant-marshmallow')
  const waits = marshmallow.steps.findIndex((s) => s.when.on === 'after' && s.when.seconds > 3600)
  const log = minuteByMinute(marshmallow, waits)
  const asked = (hours: number) =>
    isEarly(assessCook(testBoil(marshmallow), { events: log, readings: [] }, 60 * waits + 3600 * hours).pot.doNow)
  expect([0.1, 2, 5.5, 7].map(asked)).toEqual([true, true, false, false])
})

it('a step logged far from its moment is asked about, one at its moment is not', () => {
  const log = steps('pull')
  const early = potNow(openCook(drops, grams, testConditions, probe, log), cooked(log, 700).readings, 700)
  expect(early.doNow.step?.id).toBe('pull')
  expect(isEarly(early.doNow)).toBe(true)
  expect(isEarly({ ...early.doNow, mood: 'now', due: { seconds: 0, low: 0, high: 0 } })).toBe(false)
})

it('a pot nobody touches is asked about once its time is long gone, and not before', () => {
  const log = steps('pull', 60)
  const cook = openCook(drops, grams, testConditions, probe, log)
  const told = (now: number) => {
    const pot = potNow(cook, [{ at: now, celsius: 165 }], now)
    const context = {
      cook,
      pot,
      analysis: { fill: 0.3 } as never,
      past: { beyond: false, trouble: false },
      colour: null,
    }
    return troublesOf({ ...context, now }).map((t) => t.id)
  }
  expect(told(600)).not.toContain('forgotten')
  expect(told(2 * 3600)).toContain('forgotten')
})

it('a pot of which nothing was known for hours is asked about, and not said to burn', () => {
  const cook = openCook(drops, grams, testConditions, probe, steps('pull'))
  const told = (now: number, readAt: number) => {
    const context = {
      cook,
      pot: potNow(cook, [{ at: readAt, celsius: 150 }], now),
      analysis: { fill: 0.3 } as never,
      past: { beyond: false, trouble: false },
      colour: { mean: 260, sd: 1 },
    }
    return troublesOf({ ...context, now }).map((t) => t.id)
  }
  const day = 24 * 3600
  expect(told(day, day)).toContain('burning')
  expect(told(600, 0)).toContain('burning')
  expect(told(day, 0)).toEqual(['forgotten'])
})

it('a syrup goes back to the boil after its pull, but not once whites, gelatin or soda went in', () => {
  const boilsAgain = (id: string, by: 'pull' | 'addition') => {
    const { steps: all } = demoBoil(id)
    const pull = all.findIndex((s) => s.when.on === 'target')
    const last = by === 'pull' ? pull : all.findIndex((s, i) => i > pull && s.adds !== undefined)
    const log = minuteByMinute(demoBoil(id), last + 1)
    const now = 60 * log.length
    return assessCook(testBoil(demoBoil(id)), { events: log, readings: [{ at: now - 1, celsius: 90 }] }, now).rescue
      ?.boilsAgain
  }
  expect(boilsAgain('blackcurrant-marshmallow', 'pull')).toBe(true)
  expect(boilsAgain('blackcurrant-marshmallow', 'addition')).toBe(false)
  expect(boilsAgain('ginger-honeycomb', 'addition')).toBe(false)
  expect(boilsAgain('smoked-salt-tamarind-caramels', 'addition')).toBe(true)
})

it('what rests after its pour is asked about when it was due for a day, and nothing else is said of it', () => {
  const log = minuteByMinute(drops, drops.steps.findIndex((s) => s.empties) + 1)
  const asked = (hours: number) =>
    assessCook(testBoil(drops), { events: log, readings: [] }, 3600 * hours).troubles.map((t) => [t.id, t.figures])
  expect(asked(5)).toEqual([])
  expect(asked(30)).toEqual([['forgotten', { seconds: expect.any(Number), rests: true }]])
})

it('a cook by hand without a reading does not make one up for an hour', () => {
  const cook = openCook(drops, grams, testConditions, { byHand: true, lagS: 0, noiseC: 3 }, steps('pull'))
  const { celsius, water, stage, bite } = potNow(cook, [{ at: 0, celsius: 20 }], 3600)
  // what may be anything between two sweets is none of them
  expect({ celsius, water, stage, bite }).toEqual({ celsius: null, water: null, stage: null, bite: null })
})

/** A step that only waits for its time. */
const boilsFor = (seconds: number) =>
  ({ id: 'timed', label: 'Boil', when: { on: 'after', seconds }, say: 'Boil', why: '', act: 'On' }) as const

it('what boils past its target is past it while only a time is waited for, and not by a probe that has yet to hear what went in', () => {
  const pull = drops.steps.findIndex((s) => s.when.on === 'target')
  const timed = boilsFor(900)
  // what hands do then, and puts nothing in, is on the way as well
  const fished = { ...timed, id: 'fished', when: { on: 'ready' }, say: 'Fish out the cinnamon' } as const
  const formula = { ...drops, steps: [...drops.steps.slice(0, pull), timed, fished, ...drops.steps.slice(pull)] }
  const begun = formula.steps.slice(0, pull).map((s, i) => event(20 * i, { type: 'step', step: s.id }))
  const cook = openCook(formula, grams, testConditions, { lagS: 4, noiseC: 0.2 }, begun)
  const { celsius, within } = drops.target
  const past = (c: number, now: number) => pastTarget(cook, [], c, celsius, now).beyond
  expect([past(celsius + 4 * within, 900), past(celsius, 900), past(celsius + 4 * within, 25)]).toEqual([
    true,
    false,
    false,
  ])
})

it('by hand, too, a pot is followed while a time is waited for: what was typed stands there, and is past its target where it is', () => {
  const pull = drops.steps.findIndex((s) => s.when.on === 'target')
  const timed = boilsFor(1800)
  const formula = { ...drops, steps: [...drops.steps.slice(0, pull), timed, ...drops.steps.slice(pull)] }
  const begun = formula.steps.slice(0, pull).map((s, i) => event(20 * i, { type: 'step', step: s.id }))
  const shown = (celsius: number) => {
    const typed = [700, 790, 880].map((at, i) => ({ at, celsius: celsius + 3 * (i - 2) }))
    const read = typed.map((r) => event(r.at, { type: 'reads', celsius: r.celsius }))
    const probe = { byHand: true, lagS: 0, noiseC: 1.2 }
    const pot = potNow(openCook(formula, grams, testConditions, probe, [...begun, ...read]), typed, 885)
    const cook = openCook(formula, grams, testConditions, probe, begun)
    return { pot, past: pastTarget(cook, typed, syrupC(pot), drops.target.celsius, 885) }
  }
  const before = shown(130)
  expect(before.pot.doNow).toMatchObject({ mood: 'wait', step: { id: 'timed' } })
  expect(before.pot.forecast).toBeNull()
  expect(Math.abs((before.pot.celsius ?? 0) - 130)).toBeLessThan(3)
  expect(before.past.beyond).toBe(false)
  expect(shown(drops.target.celsius + 9).past.beyond).toBe(true)
})

it('what may be there by now, though it is foreseen for later, is tested every few minutes and not more often', () => {
  const by = steps('pull')
  const probe = { byHand: true, lagS: 0, noiseC: 3 }
  const at = (now: number, more: CookEvent[] = []) =>
    potNow(openCook(drops, grams, testConditions, probe, [...by, ...more]), [{ at: 0, celsius: 20 }], now).doNow
  const asks = (now: number) => at(now).test && (at(now).due?.low ?? Number.NaN) <= 25
  const first = Array.from({ length: 180 }, (_, i) => 20 * i).find(asks) ?? Number.NaN
  expect(at(first)).toMatchObject({ mood: 'soon', test: true })
  expect(at(first).due?.seconds).toBeGreaterThan(25)
  const drop = event(first, { type: 'test', test: 'drop', result: 'soft-ball' })
  expect(at(first + 60, [drop])).toMatchObject({ mood: 'wait', test: false })
})

it('a heat on the way that only a reckoning has reached is asked for by a test, and is there once a drop shows it', () => {
  const nuts = demoBoil('coconut-chip-brittle')
  const at = nuts.steps.findIndex((s) => s.when.on === 'rises')
  const begun = nuts.steps.slice(0, at).map((s, i) => event(30 * i, { type: 'step', step: s.id }))
  const seen = (more: CookEvent[]) =>
    potNow(
      openCook(nuts, gramsAsWritten(nuts), testConditions, { byHand: true, lagS: 0, noiseC: 1 }, [...begun, ...more]),
      [{ at: 0, celsius: 20 }],
      3000,
    ).doNow
  expect(seen([])).toMatchObject({ mood: 'soon', test: true })
  const drop = event(2990, { type: 'test', test: 'drop', result: 'hard-crack' })
  expect(seen([drop])).toMatchObject({ mood: 'now', test: false })
})

it('a range that nobody knows the end of has none', () => {
  const byHand = { byHand: true, lagS: 4, noiseC: 0.2 }
  const dueAt = (late: number, logged: number, dial?: number) => {
    const log = drops.steps
      .slice(0, logged)
      .map((s, i) => event(i === logged - 1 ? late : 60 * i, { type: 'step', step: s.id }))
    if (dial !== undefined) log.push(event(late + 1, { type: 'heat', dial }))
    return potNow(openCook(drops, grams, testConditions, byHand, log), [{ at: 0, celsius: 20 }], late + 10).doNow.due
  }
  expect(dueAt(36 * 3600, 3)?.high).toBeNull()
  for (const late of [300, 1200, 3600, 36 * 3600])
    for (const logged of [1, 2, 3])
      for (const dial of [undefined, 1, 5]) {
        const due = dueAt(late, logged, dial)
        expect(due?.high ?? 0).toBeLessThanOrEqual(Math.max(3600, 4 * (due?.seconds ?? 0)))
      }
})

it('once poured, what the probe last said is no news of it', () => {
  const all = minuteByMinute(drops, drops.steps.length)
  const poured = drops.steps.findIndex((s) => s.empties)
  const seen = potNow(
    openCook(drops, grams, testConditions, probe, all.slice(0, poured + 1)),
    [
      { at: 1, celsius: 111 },
      { at: 5, celsius: 110.9 },
      { at: 9, celsius: 110.8 },
      { at: 13, celsius: 110.7 },
    ],
    60 * poured + 10,
  )
  expect(seen.celsius).toBeNull()
  expect(seen.climb).toBeNull()
})
