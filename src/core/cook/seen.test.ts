/** What is seen counts: a shade, a sign and a drop weigh against what is reckoned, and convict nothing that nobody read. */
import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { cookBoil } from '@/demo/maker'
import { families } from '../craft/families'
import { stagesOf } from '../craft/stages'
import { analyse } from '../formula/analyse'
import { type BoiledFormula, gramsAsWritten } from '../formula/document'
import { inSchool } from '../formula/schools'
import type { CookAct, CookEvent } from '../log/log'
import type { Reading } from '../log/readings'
import { colourTemperature } from '../physics/browning'
import { seeded } from '../quantity/seeded'
import { testBoil, testConditions } from '../testing'
import { contents, openCook } from '../track/cook'
import { assessCook, heatsKnown } from './assess'
import { isEarly } from './do-now'
import { brownedBy } from './tests'

const boilOf = (formula: BoiledFormula, channel: string | null) => testBoil(formula, { channel })

let count = 0
const act = (at: number, a: CookAct): CookEvent => ({ id: `e${count++}`, at, ...a })
const until = (formula: BoiledFormula, step: string, every: number): CookEvent[] =>
  formula.steps
    .slice(
      0,
      formula.steps.findIndex((s) => s.id === step),
    )
    .map((s, i) => act(every * i, { type: 'step', step: s.id }))
const shade = (at: number, celsius: number) => act(at, { type: 'test', test: 'colour', celsius })
const drop = (at: number, result: 'soft-ball' | 'hard-crack') => act(at, { type: 'test', test: 'drop', result })

const sauce = demoBoil('bergamot-pouring-caramel')
const fudge = demoBoil('malted-milk-fudge')

describe('a shade, by hand', () => {
  const seen = (celsius: number, after = 1) => {
    const events = [...until(sauce, 'cream', 300), shade(900, celsius)]
    return assessCook(boilOf(sauce, null), { events, readings: [] }, 900 + after)
  }

  test.each([160, 168, 175])('of %d is about that temperature, not what was reckoned', (celsius) => {
    expect(Math.abs((seen(celsius).pot.celsius ?? 0) - celsius)).toBeLessThan(4)
    expect(Math.abs((seen(celsius).estimate?.colour.mean ?? 0) - celsius)).toBeLessThan(8)
  })

  it('past the one that was wanted says stop, at once and above all else', () => {
    const [first] = seen(190).troubles
    expect(first).toMatchObject({ id: 'past-shade', tone: 'danger', figures: { wanted: 'amber' } })
    expect(seen(160).troubles.map((t) => t.id)).not.toContain('past-shade')
    expect(seen(172).troubles.map((t) => t.id)).not.toContain('past-shade')
  })
})

describe('browning, of few readings', () => {
  /** A cook up to its pull, by a probe; and its acts, without what was tested. */
  const cooked = (formula: BoiledFormula) => {
    const [grams, probe] = [gramsAsWritten(formula), { lagS: 4, noiseC: 0.1, offsetC: 0, dropShare: 0 }]
    const { acts, readings } = cookBoil(
      formula,
      grams,
      testConditions,
      probe,
      { misses: 0, power: 1, every: 1 },
      seeded(3),
    )
    const pulled = acts.find((a) => a.act.type === 'pulled')?.at ?? 0
    const log = acts.flatMap((a) => (a.at < pulled && a.act.type !== 'test' ? [act(a.at, a.act)] : []))
    return { log, readings: readings.filter((r) => r.at < pulled), pulled }
  }
  /** Without those that are stopped at amber: between two readings nobody knows how long it stood there. */
  const slow = ['rhubarb-nettle-elderflower-drops', 'orchard-toffee', 'malted-milk-fudge', 'blackcurrant-marshmallow']

  test.each(slow)('%s is as brown by a reading every four minutes as by one every second', (id) => {
    const formula = demoBoil(id)
    const { log, readings } = cooked(formula)
    const cook = openCook(formula, gramsAsWritten(formula), testConditions, { lagS: 4, noiseC: 0.1 }, log)
    const few = readings.filter((r, i) => i === 0 || i === readings.length - 1 || r.at % 240 < 1)
    const [dense, sparse] = [readings, few].map((r) => colourTemperature(brownedBy(r, cook).dose))
    expect(few.length).toBeLessThan(readings.length / 50)
    expect(Math.abs((sparse ?? 0) - (dense ?? 0))).toBeLessThan(1)
  })

  test.each(slow.slice(0, 2))('%s is as brown reading by reading as all at once, to the last bit', (id) => {
    const formula = demoBoil(id)
    const { log, readings } = cooked(formula)
    const cook = openCook(formula, gramsAsWritten(formula), testConditions, { lagS: 4, noiseC: 0.1 }, log)
    let browned = brownedBy([], cook)
    for (let n = 0; n < readings.length; n += 17) browned = brownedBy(readings.slice(0, n), cook, browned)
    expect(brownedBy(readings, cook, browned)).toEqual(brownedBy(readings, cook))
    // what was put right meanwhile is another list: nothing of it is taken over
    const righted = readings.map((r) => ({ ...r, celsius: r.celsius - 2 }))
    expect(brownedBy(righted, cook, browned)).toEqual(brownedBy(righted, cook))
  })

  test.each(slow.slice(0, 2))('%s does not burn because a drop says that it is there', (id) => {
    const formula = demoBoil(id)
    const { log, readings, pulled } = cooked(formula)
    const events = [...log, drop(pulled - 2, 'hard-crack')]
    const byDrop = assessCook(boilOf(formula, null), { events, readings: [] }, pulled)
    const byProbe = assessCook(boilOf(formula, 'probe'), { events: log, readings }, pulled)
    expect(byDrop.troubles.map((t) => t.id)).not.toContain('burning')
    const [one, other] = [byDrop, byProbe].map((a) => a.estimate?.colour.mean ?? 0)
    expect(Math.abs((one ?? 0) - (other ?? 0))).toBeLessThan(4)
  })
})

it('a drop that is far harder than what was wanted says that it is too far', () => {
  const caramels = demoBoil('smoked-salt-tamarind-caramels')
  const log = until(caramels, 'pull', 120)
  const now = (log.at(-1)?.at ?? 0) + 300
  const judged = (result: 'soft-ball' | 'hard-crack') =>
    assessCook(boilOf(caramels, null), { events: [...log, drop(now - 2, result)], readings: [] }, now)
  expect(judged('hard-crack').troubles.map((t) => t.id)).toContain('overshoot')
  expect(judged('soft-ball').troubles.map((t) => t.id)).not.toContain('overshoot')
})

it('past its target by the clock alone is said to be that, and hours later it is only asked about', () => {
  const drops = demoBoil('rhubarb-nettle-elderflower-drops')
  const log = [...until(drops, 'pull', 120), act(600, { type: 'reads', celsius: 140 })]
  const troubles = (now: number) => assessCook(boilOf(drops, null), { events: log, readings: [] }, now).troubles
  expect(troubles(605)).toEqual([])
  const minutes = Array.from({ length: 30 }, (_, i) => troubles(660 + 60 * i))
  const past = minutes.flatMap((all) => all.filter((t) => t.id === 'overshoot'))
  expect(past.length).toBeGreaterThan(2)
  expect(past.map((t) => (t.figures as { reckoned: boolean }).reckoned)).toContain(true)
  expect(troubles(9 * 3600).map((t) => t.id)).toEqual(['forgotten'])
})

it('a shade of milk stands for no temperature: it is waited for, boils nothing dry, and is there once it is seen', () => {
  const plain = demoBoil('condensed-milk-fig-fudge')
  const at = plain.steps.findIndex((s) => s.when.on === 'target')
  const brown = {
    ...plain.steps[0],
    id: 'brown',
    when: { on: 'colour', celsius: 183 },
    adds: undefined,
    heat: undefined,
  }
  const formula = { ...plain, steps: plain.steps.toSpliced(at, 0, brown as (typeof plain.steps)[number]) }
  expect(analyse(formula, testConditions).waterShare).toBeCloseTo(analyse(plain, testConditions).waterShare, 3)
  const log = until(formula, 'brown', 300)
  const now = (log.at(-1)?.at ?? 0) + 600
  const pot = (events: CookEvent[]) => assessCook(boilOf(formula, null), { events, readings: [] }, now).pot
  expect(pot(log)).toMatchObject({ nextC: null, doNow: { mood: 'wait' } })
  expect(isEarly(pot(log).doNow)).toBe(false)
  expect(pot([...log, shade(now - 5, 183)]).doNow.mood).toBe('now')
})

it('a pot that is said to be burnt is called by the shade that was seen', () => {
  const log = [...until(fudge, 'pull', 120), shade(890, 190)]
  const { troubles } = assessCook(boilOf(fudge, null), { events: log, readings: [] }, 900)
  expect(troubles.find((t) => t.id === 'burning')?.figures).toMatchObject({ shade: 'mahogany' })
})

describe('a pot that is left on the heat, by a probe', () => {
  const toffee = demoBoil('orchard-toffee')
  const log = until(toffee, 'pull', 120)
  /** A degree every two seconds up to `to`, and what is said of it so many s later. */
  const judged = (to: number, later = 0) => {
    const readings = Array.from({ length: 2 * (to - 20) }, (_, i) => ({ at: i, celsius: 20 + i / 2 }))
    return assessCook(boilOf(toffee, 'probe'), { events: log, readings }, readings.length + later)
  }

  it('is brought back while only water has gone, and not once it is burnt', () => {
    expect(judged(155).rescue).not.toBeNull()
    const burnt = judged(225)
    expect(burnt.troubles[0]?.id).toBe('burning')
    expect(burnt.rescue).toBeNull()
    expect(burnt.pot.bite).toBeNull()
  })

  it('can catch fire long before it reads 300°, which is told above all else', () => {
    expect(judged(225).troubles.map((t) => t.id)).not.toContain('flares')
    expect(judged(235).troubles[0]).toMatchObject({ id: 'flares', tone: 'danger' })
  })

  it('is not shown as hot as a probe said long ago that has said nothing since', () => {
    expect(judged(140, 120).pot).toMatchObject({ celsius: 139.5, reckoned: false })
    const { pot } = judged(140, 240)
    expect(pot.reckoned).toBe(true)
    expect(pot.celsius).not.toBe(139.5)
    // nobody knows any more, and says so
    expect(judged(140, 3600).pot).toMatchObject({ celsius: null, water: null, bite: null })
  })
})

describe('a temperature that is typed', () => {
  const drops = demoBoil('rhubarb-nettle-elderflower-drops')
  const before = until(drops, 'pull', 120)
  const at = 420
  const shown = (events: readonly CookEvent[], now: number) =>
    assessCook(boilOf(drops, null), { events, readings: [] }, now).pot.celsius ?? Number.NaN
  const reckoned = shown(before, at)

  test.each([-14, -8, 8, 14])('%d° from what was reckoned is where it is', (by) => {
    const events = [...before, act(at, { type: 'reads', celsius: reckoned + by })]
    expect(Math.abs(shown(events, at + 2) - reckoned - by)).toBeLessThan(1)
    // on the heat it is reckoned on from there
    expect(shown(events, at + 90)).toBeGreaterThan(reckoned + by - 1.5)
  })

  it('is met along the road, which bends: what is a little hotter is not said to be far hotter', () => {
    for (const by of [1, 3, 5]) {
      const events = [...before, act(at, { type: 'reads', celsius: reckoned + by })]
      expect(shown(events, at + 2)).toBeGreaterThan(reckoned + by / 4)
      expect(shown(events, at + 2)).toBeLessThan(reckoned + by + 0.5)
    }
  })
})

test.each([
  ['malted-milk-fudge', 'pull'],
  ['rhubarb-nettle-elderflower-drops', 'glucose'],
  ['ginger-honeycomb', 'lid'],
] as const)('burning is told in any step, whatever it waits for: %s before “%s”', (id, step) => {
  const formula = demoBoil(id)
  const events = [...until(formula, step, 200), shade(900, families[formula.family].spoiltAt + 12)]
  const { troubles } = assessCook(boilOf(formula, null), { events, readings: [] }, 901)
  expect(troubles.map((t) => t.id)).toContain('burning')
})

test.each([
  ['rhubarb-nettle-elderflower-drops', 'pull'],
  ['coconut-chip-brittle', 'pull'],
  ['orchard-toffee', 'pull'],
] as const)('what is burnt is not said to be past its target, as if that could be mended: %s', (id, step) => {
  const formula = demoBoil(id)
  const events = until(formula, step, 200)
  const readings = (from: number, to: number): Reading[] =>
    Array.from({ length: 300 }, (_, i) => ({ at: 700 + i, celsius: from + ((to - from) * i) / 300 }))
  const { targetC } = assessCook(boilOf(formula, null), { events, readings: [] }, 1).analysis
  const told = (to: number) =>
    assessCook(boilOf(formula, 'quick-probe'), { events, readings: readings(targetC - 20, to) }, 1000).troubles[0]?.id
  expect(told(targetC + 12)).toBe('overshoot')
  expect(told(225)).toBe('burning')
})

describe('drops beside a thermometer', () => {
  const at = (celsius: number, off: number): Reading[] =>
    Array.from({ length: 60 }, (_, i) => ({ at: 840 + i, celsius: celsius + off }))

  it('in a syrup with milk are read against this formula’s own stages', () => {
    const events = [...until(fudge, 'pull', 100), drop(890, 'soft-ball'), drop(898, 'soft-ball')]
    const mix = contents(openCook(fudge, gramsAsWritten(fudge), testConditions, { lagS: 4, noiseC: 0.2 }, events))
    const stages = mix ? stagesOf(mix, testConditions.pressurePa) : []
    const ball = stages.findIndex((s) => s.id === 'soft-ball')
    const [from, to] = [stages[ball]?.from ?? 0, stages[ball + 1]?.from ?? 0]
    // a true thermometer anywhere in the stage, and a little before it
    for (const celsius of [112, from, (from + to) / 2, to]) {
      const { estimate, doubt } = assessCook(boilOf(fudge, 'probe'), { events, readings: at(celsius, 0) }, 900)
      expect(estimate?.disagrees, String(celsius)).toBe(false)
      expect(doubt?.id).not.toBe('thermometer-off')
    }
    const wrong = assessCook(boilOf(fudge, 'probe'), { events, readings: at((from + to) / 2, 12) }, 900)
    expect(wrong.estimate?.disagrees).toBe(true)
  })

  it('convict no thermometer where none is in use', () => {
    const events = [...until(fudge, 'pull', 100), drop(300, 'hard-crack'), drop(310, 'hard-crack')]
    const { estimate, doubt } = assessCook(boilOf(fudge, null), { events, readings: [] }, 320)
    expect(estimate?.off).toBeNull()
    expect(estimate?.disagrees).toBe(false)
    expect(doubt?.id).not.toBe('thermometer-off')
  })
})

it('“past the target” by reckoning is lifted by the sign the step asks for', () => {
  const { formula } = inSchool(demoBoil('orchard-toffee'), 'colour')
  const toffee = formula as BoiledFormula
  const wanted = toffee.steps.find((s) => s.when.on === 'target')?.shows as number
  const before = [...until(toffee, 'pull', 120), act(1500, { type: 'reads', celsius: 165 })]
  const judged = (events: readonly CookEvent[]) => assessCook(boilOf(toffee, null), { events, readings: [] }, 1530)
  expect(judged(before).past.beyond).toBe(true)
  const seen = judged([...before, shade(1520, wanted)])
  expect(seen.past.beyond).toBe(false)
  expect(seen.pot.doNow.mood).toBe('now')
})

it('what is known of a heat without a probe is what was read, tested and done, as the stove had it', () => {
  const boil = boilOf(sauce, null)
  const events = [...until(sauce, 'cream', 300), shade(900, 171), act(1000, { type: 'reads', celsius: 172 })]
  const known = heatsKnown(boil, { events, readings: [] })
  expect(known).toEqual(assessCook(boil, { events, readings: [] }, 1100).readings)
  expect(known.map((r) => r.at)).toContain(1000)
  expect(known.length).toBeGreaterThan(2)
})
