import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { cookBoil } from '@/demo/maker'
import { AS_COLD } from '../cooling/course'
import { type Analysis, analyse } from '../formula/analyse'
import { gramsAsWritten } from '../formula/document'
import { traceSteps } from '../formula/trace'
import { type CookAct, type CookEvent, givenUpIn, readLog, standing } from '../log/log'
import type { Reading } from '../log/readings'
import { normal, seeded } from '../quantity/seeded'
import { testBoil, testConditions } from '../testing'
import { type Cook, openCook } from '../track/cook'
import { coolingTo } from '../track/cooling'
import { assessCook } from './assess'
import { believed, correctionIn, pointsInLog, typedReadings } from './by-hand'
import { pastTarget } from './past-target'
import { type PotNow, potNow, syrupC } from './pot-now'
import { pointsInTests } from './tests'
import { troublesOf } from './troubles'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')
const caramels = demoBoil('smoked-salt-tamarind-caramels')
const fudge = demoBoil('malted-milk-fudge')
let ids = 0
const event = (at: number, act: CookAct): CookEvent => ({ id: `s${ids++}`, at, ...act })
const step = (at: number, id: string): CookEvent => event(at, { type: 'step', step: id })

describe('corrections of the log', () => {
  it('move an event, keep the first time, and can be taken back', () => {
    const slip = step(100, 'glucose')
    const move = event(130, { type: 'moved', of: slip.id, to: 40 })
    const later = event(140, { type: 'moved', of: slip.id, to: 60 })
    expect(standing([slip, move]).map((e) => e.at)).toEqual([40])
    expect(standing([later, slip, move]).map((e) => e.at)).toEqual([60])
    const back = event(150, { type: 'undo', of: later.id })
    expect(standing([slip, move, later, back]).map((e) => e.at)).toEqual([40])
    expect(slip.at).toBe(100)
  })

  it('are found in a list that has grown since it was looked at', () => {
    const slip = step(100, 'glucose')
    const log = [slip]
    expect(standing(log).map((e) => e.at)).toEqual([100])
    log.push(event(130, { type: 'moved', of: slip.id, to: 40 }))
    expect(standing(log).map((e) => e.at)).toEqual([40])
  })

  it('say what an entry was instead, at its own time, and can be taken back', () => {
    const misread = event(100, { type: 'reads', celsius: 181 })
    const right = event(160, { type: 'amended', of: misread.id, act: { type: 'reads', celsius: 118 } })
    const better = event(170, { type: 'amended', of: misread.id, act: { type: 'reads', celsius: 117 } })
    const move = event(180, { type: 'moved', of: misread.id, to: 80 })
    expect(standing([misread, right])).toEqual([{ id: misread.id, at: 100, type: 'reads', celsius: 118 }])
    expect(standing([better, misread, right, move])).toEqual([{ id: misread.id, at: 80, type: 'reads', celsius: 117 }])
    expect(typedReadings([misread, right, better, event(190, { type: 'undo', of: better.id })])).toEqual([
      { at: 100, celsius: 118 },
    ])
    // an entry stays what it is: a step is not turned into a note
    const lit = step(10, 'dissolve')
    const odd = event(20, { type: 'amended', of: lit.id, act: { type: 'note', text: 'no' } })
    expect(standing([lit, odd])).toEqual([lit])
  })

  it('turn the heat that was really turned', () => {
    const lit = step(10, 'dissolve')
    const turned = event(50, { type: 'heat', dial: 9 })
    const amended = event(90, { type: 'amended', of: turned.id, act: { type: 'heat', dial: 5 } })
    const grams = gramsAsWritten(drops)
    expect(readLog(drops, grams, [lit, turned]).dial).toBe(9)
    const state = readLog(drops, grams, [lit, turned, amended])
    expect(state.dial).toBe(5)
    expect(state.dials.at(-1)).toEqual({ at: 50, dial: 5 })
  })

  it('change what the log says', () => {
    const first = step(10, 'dissolve')
    const state = readLog(drops, gramsAsWritten(drops), [first, event(50, { type: 'moved', of: first.id, to: 0 })])
    expect(state.done.get('dissolve')).toBe(0)
    const given = readLog(drops, gramsAsWritten(drops), [first, event(60, { type: 'abandoned', reason: 'burnt' })])
    expect(given).toMatchObject({ finishedAt: 60, abandoned: 'burnt' })
    const burnt = event(60, { type: 'abandoned', reason: 'burnt' })
    expect(givenUpIn([first, burnt])).toBe('burnt')
    expect(givenUpIn([first, burnt, event(70, { type: 'undo', of: burnt.id })])).toBeNull()
  })
})

describe('readings as they are believed', () => {
  const probe: Reading[] = [
    { at: 1, celsius: 50 },
    { at: 3, celsius: 52 },
  ]
  it('are the same array where nothing was typed', () => expect(believed(probe, [step(0, 'dissolve')])).toBe(probe))
  it('take in what was typed, and the newest correction', () => {
    const events = [
      event(2, { type: 'reads', celsius: 51 }),
      event(4, { type: 'correction', celsius: 3 }),
      event(5, { type: 'correction', celsius: 2 }),
    ]
    expect(typedReadings(events)).toEqual([{ at: 2, celsius: 51 }])
    expect(correctionIn(events)).toBe(2)
    expect(believed(probe, events)).toEqual([
      { at: 1, celsius: 48 },
      { at: 2, celsius: 49 },
      { at: 3, celsius: 50 },
    ])
    expect(probe[0]?.celsius).toBe(50)
  })
  it('stay what they were when more come in, and are all the same as if they had come at once', () => {
    const clip = { gain: 1.01, shift: -2.4, sd: 0.3 }
    const typed = [event(2, { type: 'reads', celsius: 51 })]
    const late = { at: 1.5, celsius: 50.5 }
    const more = { at: 5, celsius: 54 }
    for (const events of [[], typed]) {
      const before = { readings: probe, heard: believed(probe, events, clip) }
      const heardOf = (readings: Reading[]) => believed(readings, events, clip, before)
      expect(
        heardOf([...probe, more])
          .slice(0, -1)
          .every((r, i) => r === before.heard[i]),
      ).toBe(true)
      // one that comes late, one that is older than what was typed, fewer of them, and the same again
      for (const readings of [[...probe, more], [probe[0], late, probe[1]], [...probe, late], probe.slice(0, 1), probe])
        expect(heardOf(readings as Reading[])).toEqual(believed(readings as Reading[], events, clip))
    }
  })
  it('are put right by what is known of the thermometer, then by what this cook has found', () => {
    const clip = { gain: 1, shift: -2.4, sd: 0.3 }
    expect(believed(probe, [], clip).map((r) => r.celsius)).toEqual([47.6, 49.6])
    expect(believed(probe, [event(4, { type: 'correction', celsius: 1 })], clip)[0]?.celsius).toBeCloseTo(46.6, 9)
  })
})

describe('cooling', () => {
  const mix = traceSteps(fudge, gramsAsWritten(fudge)).find((s) => s.step.when.on === 'target')?.before
  if (!mix) throw new Error('fudge has no pull')
  const context = (now: number) => ({ now, mix, pot: testConditions.pot, roomC: 21, since: 0 })
  const tau = 2400
  const at = (t: number): number => 21 + (114 - 21) * Math.exp(-t / tau)

  it('is foreseen from a few minutes of it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 120, max: 1500 }), fc.integer({ min: 1, max: 1e6 }), (now, seed) => {
        const random = seeded(seed)
        const readings = Array.from({ length: now / 2 }, (_, i) => ({
          at: 2 * i,
          celsius: at(2 * i) + 0.15 * normal(random),
        }))
        const truth = tau * Math.log((114 - 21) / (46 - 21)) - now
        const seen = coolingTo(46, readings, context(now))
        expect(Math.abs((seen?.seconds ?? 0) - truth)).toBeLessThan(0.2 * truth + 60)
        expect(seen?.low).toBeLessThan(seen?.high ?? 0)
      }),
      { numRuns: 60 },
    )
  })

  it('goes by the pot alone at first, and says how unsure that is', () => {
    const seen = coolingTo(46, [{ at: 0, celsius: 114 }], context(5))
    expect(seen?.seconds).toBeGreaterThan(300)
    expect((seen?.high ?? 0) - (seen?.low ?? 0)).toBeGreaterThan(seen?.seconds ?? 0)
  })

  it('never promises what the room does not allow: it is cold once it is as cold as the room', () => {
    const at114 = [{ at: 0, celsius: 114 }]
    expect(coolingTo(20, at114, context(5))).toEqual(coolingTo(context(5).roomC + AS_COLD, at114, context(5)))
    // cold water may get it there, and only the probe can tell
    expect(coolingTo(20, at114, { ...context(5), bath: true })).toBeNull()
    expect(coolingTo(46, [], context(5))).toBeNull()
  })

  it('counts the fudge down to its beating temperature', () => {
    const cooked = cookBoil(
      fudge,
      gramsAsWritten(fudge),
      testConditions,
      { lagS: 4, noiseC: 0.15, offsetC: 0, dropShare: 0 },
      { misses: 0, power: 1, every: 2 },
      seeded(4),
    )
    const pulled = cooked.acts.find((a) => a.act.type === 'pulled')
    if (!pulled) throw new Error('never pulled')
    const events = cooked.acts.filter((a) => a.at <= pulled.at).map((a) => event(a.at, a.act))
    const cook = openCook(fudge, gramsAsWritten(fudge), testConditions, { lagS: 4, noiseC: 0.15 }, events)
    const beat = cooked.acts.find((a) => a.act.type === 'step' && a.act.step === 'beat')
    const now = pulled.at + 600
    const seen = potNow(
      cook,
      cooked.readings.filter((r) => r.at <= now),
      now,
    ).doNow
    expect(seen.step?.id).toBe('beat')
    const truth = (beat?.at ?? 0) - now
    expect(Math.abs((seen.due?.seconds ?? 0) - truth)).toBeLessThan(0.2 * truth + 60)
  })
})

describe('a cook without a probe', () => {
  const cookOf = (power: number) =>
    cookBoil(
      caramels,
      gramsAsWritten(caramels),
      testConditions,
      { lagS: 0.1, noiseC: 0, offsetC: 0, dropShare: 0 },
      { misses: 0, power, every: 1 },
      seeded(11),
    )
  const cooked = cookOf(0.92)
  const pull = cooked.acts.find((a) => a.act.type === 'pulled')
  const probe = { lagS: 0, noiseC: 0.8, byHand: true }
  const eventsUntil = (t: number) => cooked.acts.filter((a) => a.at <= t).map((a) => event(a.at, a.act))

  it('is foreseen from a temperature typed now and then', () => {
    const truth = pull?.at ?? 0
    const now = truth - 240
    const random = seeded(3)
    const typed = cooked.readings
      .filter((r) => r.at <= now && r.at % 90 < 1)
      .map((r) => event(r.at, { type: 'reads', celsius: r.celsius + 0.5 * normal(random) }))
    const events = [...eventsUntil(now), ...typed]
    const cook = openCook(caramels, gramsAsWritten(caramels), testConditions, probe, events)
    const seen = potNow(cook, believed([], events), now)
    expect(seen.reckoned).toBe(true)
    expect(Math.abs((seen.forecast?.eta ?? 0) - 240)).toBeLessThan(90)
    expect(seen.forecast?.high).toBeGreaterThan(240)
    expect(seen.forecast?.low).toBeLessThan(240)
  })

  it('is foreseen, more roughly, from the log alone', () => {
    const now = (pull?.at ?? 0) - 300
    const events = eventsUntil(now)
    const points = pointsInLog(
      caramels,
      gramsAsWritten(caramels),
      events,
      testConditions.pressurePa,
      testConditions.roomC,
    )
    expect(points.length).toBeGreaterThanOrEqual(3)
    const cook = openCook(caramels, gramsAsWritten(caramels), testConditions, probe, events)
    const seen = potNow(cook, points, now)
    const eta = seen.forecast?.eta ?? Number.NaN
    expect(Math.abs(eta - 300)).toBeLessThan(240)
    expect(seen.doNow.mood).not.toBe('now')
  })

  it('is followed as it cools, by the book, from where it was pulled until it may be beaten', () => {
    const grams = gramsAsWritten(fudge)
    const events = [step(0, 'start'), event(1500, { type: 'pulled', step: 'pull', celsius: null })]
    const points = pointsInLog(fudge, grams, events, testConditions.pressurePa, testConditions.roomC)
    const seen = (now: number) => potNow(openCook(fudge, grams, testConditions, probe, events), points, now)
    const soon = seen(1800)
    const later = seen(1800 + 200)
    expect(soon.doNow.step?.id).toBe('beat')
    expect(soon.celsius).toBeLessThan(114)
    expect(later.celsius).toBeLessThan((soon.celsius as number) - 5)
    expect((soon.doNow.due?.seconds ?? 0) - (later.doNow.due?.seconds ?? 0)).toBeCloseTo(200, 0)
    expect(seen(1800 + (soon.doNow.due?.seconds ?? 0) + 1).doNow.mood).toBe('now')
  })

  it('goes on from a test made a moment after something went in', () => {
    const dry = demoBoil('black-cardamom-dry-caramels')
    const events = [
      step(0, 'first'),
      step(400, 'second'),
      step(700, 'cream'),
      event(701, { type: 'test', test: 'sign', sign: 'clean-streak' }),
    ]
    const cook = openCook(dry, gramsAsWritten(dry), testConditions, { ...probe, noiseC: 3 }, events)
    const log = pointsInLog(dry, cook.grams, events, testConditions.pressurePa, testConditions.roomC)
    const points = [...log, ...pointsInTests(cook, events)].sort((a, b) => a.at - b.at)
    const eta = (now: number) => potNow(cook, points, now).forecast?.eta ?? Number.NaN
    expect(eta(730)).toBeGreaterThan(0)
    expect(eta(730) - eta(760)).toBeGreaterThan(15)
  })

  it('by colour: the shade seen makes the step due', () => {
    const sauce = demoBoil('bergamot-pouring-caramel')
    const before = [step(0, 'dissolve'), step(300, 'lid')]
    const due = (events: CookEvent[]) =>
      potNow(openCook(sauce, gramsAsWritten(sauce), testConditions, probe, events), [], 900).doNow
    expect(due(before).mood).toBe('wait')
    expect(due([...before, event(800, { type: 'test', test: 'colour', celsius: 160 })]).mood).toBe('wait')
    expect(due([...before, event(850, { type: 'test', test: 'colour', celsius: 175 })]).mood).toBe('now')
    // a smell is less sharp than an eye: toast may be early, smoke is late
    expect(due([...before, event(850, { type: 'test', test: 'smell', smell: 'toast' })]).mood).toBe('wait')
    expect(due([...before, event(850, { type: 'test', test: 'smell', smell: 'smoke' })]).mood).toBe('now')
  })

  it('is foreseen from drops in cold water alone: they find out what the burner really gives', () => {
    const weak = cookOf(0.7)
    const truth = weak.acts.find((a) => a.act.type === 'pulled')?.at ?? 0
    const now = truth - 150
    const acts = weak.acts.filter((a) => a.at <= now).map((a) => event(a.at, a.act))
    const stages = analyse(caramels, testConditions).stages
    const drops = weak.readings
      .filter((r) => r.at <= now && r.at > 300 && Math.round(r.at) % 60 === 0)
      .flatMap((r) => {
        const shown = stages.findLast((s) => s.from <= r.celsius && s.id !== 'syrup')
        return shown ? [event(r.at, { type: 'test', test: 'drop', result: shown.id })] : []
      })
    const foreseen = (events: readonly CookEvent[]): number => {
      const cook = openCook(caramels, gramsAsWritten(caramels), testConditions, { ...probe, noiseC: 3 }, events)
      const log = pointsInLog(caramels, cook.grams, events, testConditions.pressurePa, testConditions.roomC)
      const points = [...log, ...pointsInTests(cook, events)].sort((a, b) => a.at - b.at)
      return potNow(cook, points, now).forecast?.eta ?? Number.NaN
    }
    expect(drops.length).toBeGreaterThan(2)
    const errors = [acts, [...acts, ...drops]].map((events) => Math.abs(foreseen(events) - 150))
    expect(errors[1]).toBeLessThan(60)
    expect(errors[1]).toBeLessThan((errors[0] as number) / 2)
  })
})

describe('trouble', () => {
  const analysis = analyse(caramels, testConditions)
  const cookOf = (events: CookEvent[], kitchen = testConditions): Cook =>
    openCook(caramels, gramsAsWritten(caramels), kitchen, { lagS: 4, noiseC: 0.15 }, events)
  const begun = [step(0, 'dissolve'), step(200, 'lid'), step(500, 'cream')]
  const plain: PotNow = {
    ...potNow(cookOf(begun), [], 600),
    celsius: 112,
    climb: 2,
    boiling: true,
    water: 200,
    forecast: null,
  }
  const troublesIn = (cook: Cook, pot: PotNow, over: Analysis) =>
    troublesOf({
      cook,
      pot,
      analysis: over,
      past: pastTarget(cook, [], syrupC(pot), over.targetC, 600),
      colour: null,
      now: 600,
    })
  const heard = (change: Partial<PotNow>, events = begun, over = analysis, kitchen = testConditions) =>
    troublesIn(cookOf(events, kitchen), { ...plain, ...change }, over).map((t) => t.id)
  const forecast = (change: object) =>
    ({
      eta: 400,
      low: 300,
      high: 500,
      pullAt: 118,
      pullReads: 118,
      powerW: 900,
      nowC: 112,
      nowSd: 1,
      trust: 'good',
      doubts: [],
      ...change,
    }) as never

  it('is silent while all is well', () => {
    const calm = [...begun, event(510, { type: 'heat', dial: 4 })]
    expect(heard({ forecast: forecast({}) }, calm)).toEqual([])
  })

  test.each<[string, Partial<PotNow>, CookEvent[] | undefined]>([
    ['overshoot', { celsius: 122 }, undefined],
    ['stall', { forecast: forecast({ doubts: ['stall'] }) }, undefined],
    ['metal', { forecast: forecast({ doubts: ['probe-on-metal'] }) }, undefined],
    ['out', { forecast: forecast({ doubts: ['probe-out'] }) }, undefined],
    ['racing', { climb: 14, forecast: forecast({ eta: 15 }) }, [...begun, event(520, { type: 'heat', dial: 10 })]],
    ['scorch-milk', {}, [...begun, event(520, { type: 'heat', dial: 10 })]],
  ])('%s is told', (id, change, events) => expect(heard(change, events)).toContain(id))

  it('chocolate too hot is no syrup too far: no water is offered it', () => {
    const chocolate = demoBoil('harbour-dark-dipping-chocolate')
    const log = [event(0, { type: 'step', step: chocolate.steps[0]?.id as string })]
    const at = (top: number) => {
      const readings = Array.from({ length: 600 }, (_, s) => ({
        at: s,
        celsius: 21 + (top - 21) * Math.min(1, s / 560),
      }))
      return assessCook(testBoil(chocolate, { channel: 'probe' }), { events: log, readings }, 600)
    }
    expect(at(47).troubles).toEqual([])
    const hot = at(56)
    expect(hot.troubles.map((t) => t.id)).toEqual(['too-hot'])
    expect(hot.rescue).toBeNull()
  })

  it('butter splits out of what boils, and not of what is only being warmed', () => {
    const toffee = demoBoil('orchard-toffee')
    const log = toffee.steps
      .slice(
        0,
        toffee.steps.findIndex((s) => s.when.on === 'target'),
      )
      .map((s, i) => step(10 * i, s.id))
    const cook = openCook(toffee, gramsAsWritten(toffee), testConditions, { lagS: 4, noiseC: 0.15 }, log)
    const at = (change: Partial<PotNow>) =>
      troublesIn(cook, { ...plain, climb: 12, ...change }, analyse(toffee, testConditions)).map((t) => t.id)
    expect(at({ celsius: 124 })).toContain('split')
    expect(at({ celsius: 28, water: null })).not.toContain('split')
  })

  it.each([7, 8, 9, 10])('who turns from %d to where a trouble says is not told to turn again', (from) => {
    const told = (dial: number) =>
      troublesIn(
        cookOf([...begun, event(520, { type: 'heat', dial })]),
        { ...plain, forecast: forecast({}) },
        {
          ...analysis,
          fill: 0.95,
        },
      ).filter((t) => t.id === 'scorch-milk' || t.id === 'foam')
    const all = told(from)
    expect(all.map((t) => t.id)).toContain('foam')
    for (const { id, figures } of all) {
      expect(figures.dial).toBeLessThan(from)
      expect(told(figures.dial).map((t) => t.id)).not.toContain(id)
    }
  })

  it('foam is told when the pot is nearly too small, and as a danger when it is', () => {
    const full = { ...analysis, fill: 1.1 }
    const hot = [...begun, event(520, { type: 'heat', dial: 9 })]
    const all = troublesIn(cookOf(hot), { ...plain, forecast: forecast({}) }, full)
    expect(all.find((t) => t.id === 'foam')?.tone).toBe('danger')
    expect(all[0]?.tone).toBe('danger')
  })

  it('a stir grains only what has little to hold it', () => {
    const stirred = [...begun, event(560, { type: 'did', what: 'stirred' })]
    expect(heard({}, stirred)).not.toContain('grain')
    expect(heard({}, stirred, { ...analysis, doctors: 0.1 })).toContain('grain')
    expect(heard({}, stirred, { ...analysis, doctors: 0.1, meantToGrain: true })).not.toContain('grain')
  })

  it('smoke is danger while the pot is on, until it is taken back, dealt with or over', () => {
    const smoke = event(560, { type: 'test', test: 'smell', smell: 'smoke' })
    expect(heard({}, [...begun, smoke])[0]).toBe('smoke')
    expect(heard({}, [...begun, event(560, { type: 'test', test: 'smell', smell: 'toast' })])).not.toContain('smoke')
    expect(heard({}, [...begun, smoke, event(570, { type: 'undo', of: smoke.id })])).not.toContain('smoke')
    expect(heard({}, [...begun, smoke, event(570, { type: 'heat', dial: 0 })])).not.toContain('smoke')
    expect(heard({}, [...begun, { ...smoke, at: 450 }])).not.toContain('smoke')
  })

  it('is over once the pot is off the heat', () => {
    const off = [...begun, event(590, { type: 'pulled', step: 'pull', celsius: 119 })]
    expect(heard({ celsius: 125, forecast: forecast({ doubts: ['stall'] }) }, off)).toEqual([])
  })
})
