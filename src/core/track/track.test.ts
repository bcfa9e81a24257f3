import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { chance } from '../../../tests/rough/chance'
import type { Reading } from '../log/readings'
import { mix } from '../matter/mix'
import { burnerPower, potThermal } from '../pot/equipment'
import { advancePot, applyToPot, type PotEvent, startPot } from '../pot/simulate'
import { testConditions } from '../testing'
import type { ForecastContext } from './forecast'
import { heatPath } from './heat-path'
import { mean, ROW, syrupOf } from './heat-state'
import { probeLag } from './probe-slow'
import { carryTrack, trackCook } from './track'
import { doubtsOf } from './track-doubts'
import { isUnheated, type TrackFacts, trackFacts } from './track-state'

const { pot, burner, pressurePa } = testConditions
const thermal = potThermal(pot)
const syrup = mix({ sucrose: 1600, glucoseSolids: 450, water: 600 })
const watts = burnerPower(burner, 10)
const road = heatPath(syrup, pressurePa, thermal.baseCapacity)
const lit = [{ at: 0, dial: 8 }]
const facts = (dials: TrackFacts['dials'] = lit, more: Partial<ForecastContext> = {}): TrackFacts =>
  trackFacts({
    now: 0,
    target: 150,
    pulls: true,
    stretches: [{ from: 0, path: road, lid: false, startC: 20 }],
    dials,
    fullPower: { watts: 0.85 * watts, sd: 0.25 * watts },
    base: { capacity: thermal.baseCapacity, toSyrup: thermal.baseToSyrup },
    ringS: burner.responseS,
    lossWattsPerDegree: thermal.syrupToRoom,
    roomC: 21,
    lag: probeLag(4),
    noiseC: 0.2,
    ...more,
  })

/** A probe's readings of a steady boil, up to `until` s, on a ring that follows its dial in `responseS`. */
function boil(until: number, seed = 1, events: readonly PotEvent[] = [], responseS = burner.responseS): Reading[] {
  const state = startPot({ ...testConditions, burner: { ...burner, responseS } })
  const c = chance(seed, 9)
  const all: PotEvent[] = [{ at: 0, kind: 'add', mix: syrup, celsius: 20 }, { at: 0, kind: 'heat', dial: 8 }, ...events]
  const out: Reading[] = []
  let tip = 20
  while (state.at < until) {
    while (all[0] && all[0].at <= state.at) applyToPot(state, all.shift() as PotEvent)
    advancePot(state, 1)
    tip += (state.celsius - tip) * (1 - Math.exp(-1 / 4))
    out.push({ at: state.at, celsius: tip + 0.2 * c.normal() })
  }
  return out
}

const UNTIL = 1150
const sound = boil(UNTIL)
const doubts = (readings: readonly Reading[]) => doubtsOf(trackCook(readings, facts()), readings.at(-1)?.at ?? 0)
const bent = (by: (r: Reading) => number, from: number, to = UNTIL) =>
  sound.map((r) => (r.at >= from && r.at < to ? { ...r, celsius: r.celsius + by(r) } : r))

describe('a cook followed reading by reading', () => {
  it('finds out what the burner gives', () => {
    const { state } = trackCook(sound, facts())
    expect(Math.abs(mean(state, ROW.watts) / watts - 1)).toBeLessThan(0.15)
  })

  it('is the same whether followed at once or bit by bit', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: UNTIL }), { maxLength: 4 }), (cuts) => {
        let track = trackCook([], facts())
        for (const cut of cuts.sort((a, b) => a - b)) track = trackCook(sound.slice(0, cut), facts(), track)
        expect(trackCook(sound, facts(), track)).toEqual(trackCook(sound, facts()))
      }),
      { numRuns: 12 },
    )
  })

  it.each([1, 3, 12])('is where small steps lead, %d hours after the last that was read of a slow pot', (hours) => {
    const slow = facts([{ at: 0, dial: 1.2 }])
    const [from, to] = [60, 60 + 3600 * hours]
    let inSteps = trackCook(sound.slice(0, from), slow)
    const atOnce = carryTrack(inSteps, slow, to)
    for (let t = from; t < to; t += 4) inSteps = carryTrack(inSteps, slow, t + 4)
    const celsius = [atOnce, inSteps].map(({ state }) => syrupOf(state, road))
    expect(celsius[0]).toBeGreaterThan(60)
    expect(Math.abs((celsius[0] ?? 0) - (celsius[1] ?? 0))).toBeLessThan(0.2)
  })

  it('begins anew where the readings are not those it followed', () => {
    const other = boil(300, 2)
    expect(trackCook(other, facts(), trackCook(sound.slice(0, 300), facts()))).toEqual(trackCook(other, facts()))
  })

  it('no single reading proves anything, wherever it falls and however far off it is', () => {
    const clean = trackCook(sound, facts()).state
    fc.assert(
      fc.property(fc.integer({ min: 30, max: UNTIL - 60 }), fc.double({ min: -60, max: 60, noNaN: true }), (at, by) => {
        const spattered = bent(() => by, at, at + 1)
        let track = trackCook(spattered.slice(0, at), facts())
        for (const after of [1, 3, 8, 40]) {
          track = trackCook(spattered.slice(0, at + after), facts(), track)
          expect(doubtsOf(track, at + after)).toEqual([])
        }
        const { state } = trackCook(spattered, facts(), track)
        expect(Math.abs(mean(state, ROW.watts) / mean(clean, ROW.watts) - 1)).toBeLessThan(0.03)
      }),
      { numRuns: 30 },
    )
  })

  test.each([
    ['probe-out', -30],
    ['probe-on-metal', 12],
  ] as const)('%s is said within half a minute, and forgotten when the probe is back', (doubt, by) => {
    const wrong = bent(() => by, 800, 860)
    expect(doubts(wrong.slice(0, 805))).toEqual([])
    expect(doubts(wrong.slice(0, 830))).toContain(doubt)
    expect(doubts(wrong.slice(0, 880))).toEqual([])
  })

  it('a probe that comes to touch the base is said to, however little it shows, and is no stronger flame', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 6, noNaN: true }),
        fc.double({ min: 3, max: 12, noNaN: true }),
        fc.constantFrom(0.1, 0.5, 1),
        (by, lagS, step) => {
          const touching = bent((r) => by * (1 - Math.exp((800 - r.at) / lagS)), 800)
            .slice(0, 840)
            .map((r) => ({ ...r, celsius: Math.round(r.celsius / step) * step }))
          expect(doubts(touching.slice(0, 799))).toEqual([])
          expect(doubts(touching)).toEqual(['probe-on-metal'])
          const { state } = trackCook(touching, facts())
          expect(Math.abs(mean(state, ROW.watts) / watts - 1)).toBeLessThan(0.3)
        },
      ),
      { numRuns: 20 },
    )
  })

  it('what nobody logged is believed in the end, and said', () => {
    const fed = boil(UNTIL, 4, [{ at: 800, kind: 'add', mix: mix({ water: 300 }), celsius: 10 }])
    expect(doubts(fed.slice(0, 900))).toContain('unexplained')
    const { state } = trackCook(fed, facts())
    expect(Math.abs(mean(state, ROW.tip) - (fed.at(-1)?.celsius ?? 0))).toBeLessThan(1)
  })

  test.each([
    [4, 'heat-lower'],
    [10, 'heat-higher'],
    [0.5, 'stall'],
  ] as const)('a dial at %s that nobody logged is a doubt, one that was logged is none', (dial, doubt) => {
    const changed = boil(1020, 3, [{ at: 900, kind: 'heat', dial }])
    expect(doubts(changed.slice(0, 890))).toEqual([])
    expect(doubts(changed)).toContain(doubt)
    const told = facts([
      { at: 0, dial: 8 },
      { at: 900, dial },
    ])
    expect(doubtsOf(trackCook(changed, told), 1020)).toEqual([])
  })

  it.each(Array.from({ length: 16 }, (_, i) => [60 + 3 * i, 101 + i]))(
    'a flame that went down for %d s is said to be lower, and never to be higher once it is back',
    (low, seed) => {
      const readings = boil(1150, seed, [
        { at: 850, kind: 'heat', dial: 3 },
        { at: 850 + low, kind: 'heat', dial: 8 },
      ])
      let track = trackCook([], facts())
      const said = new Set<string>()
      for (let now = 840; now <= 1150; now += 4) {
        track = trackCook(readings.slice(0, now), facts(), track)
        for (const doubt of doubtsOf(track, now)) said.add(doubt)
      }
      said.delete('stall')
      expect([...said]).toEqual(['heat-lower'])
    },
  )

  it.each([20, 75, 180])('a flame lit %d s after it was logged spoils nothing for good', (late) => {
    const shifted = [
      ...Array.from({ length: late }, (_, i) => ({ at: i + 1, celsius: 20 })),
      ...sound.map((r) => ({ ...r, at: r.at + late })),
    ]
    const { state } = trackCook(shifted, facts())
    expect(Math.abs(mean(state, ROW.watts) / watts - 1)).toBeLessThan(0.25)
    expect(doubts(shifted)).toEqual([])
  })

  it.each([
    [0, 80],
    [0, 700],
    [60, 20],
    [240, 5],
    [600, 80],
    [900, 200],
  ])(
    'a flame lit %d s before it was logged, and a probe first heard %d s after, is followed where it is',
    (early, first) => {
      const heard = sound.map((r) => ({ ...r, at: r.at - early })).filter((r) => r.at >= first)
      let track = trackCook([], facts())
      for (const [i, { at, celsius }] of heard.entries()) {
        track = trackCook(heard.slice(0, i + 1), facts(), track)
        if (at < first + 25) continue
        expect(Math.abs(mean(track.state, ROW.tip) - celsius), `at ${at}`).toBeLessThan(2)
        expect(doubtsOf(track, at), `at ${at}`).toEqual([])
      }
      if (heard.length > 300) expect(Math.abs(mean(track.state, ROW.watts) / watts - 1)).toBeLessThan(0.25)
    },
  )

  it.each([40, 600])(
    'a probe that lies beside the pot for %d s is told of, and followed as soon as it is in',
    (dipped) => {
      let tip = 23
      const heard = sound.map((r) => {
        if (r.at >= dipped) tip += (r.celsius - tip) * (1 - Math.exp(-1 / 4))
        return { ...r, celsius: tip }
      })
      let track = trackCook([], facts())
      for (const [i, { at, celsius }] of heard.entries()) {
        track = trackCook(heard.slice(0, i + 1), facts(), track)
        expect(doubtsOf(track, at), `at ${at}`).toEqual([])
        if (at > 35 && at < dipped) expect(isUnheated(track, facts()), `at ${at}`).toBe(true)
        if (at < dipped + 40) continue
        expect(isUnheated(track, facts()), `at ${at}`).toBe(false)
        expect(Math.abs(mean(track.state, ROW.tip) - celsius), `at ${at}`).toBeLessThan(2)
      }
    },
  )

  it('a slow plate that warms up is no probe on the metal and no weak flame', () => {
    const slow = boil(400, 5, [], 60)
    const told = facts(lit, { ringS: 60 })
    for (const until of [60, 90, 120, 400]) {
      const track = trackCook(slow.slice(0, until), told)
      expect(doubtsOf(track, until)).toEqual([])
      expect(Math.abs(mean(track.state, ROW.watts) / watts - 1)).toBeLessThan(0.15)
    }
  })

  it('what the burner seemed to give where the boiling curve is a guess is forgotten with the next addition', () => {
    const sugar = boil(2400)
    const guess = sugar.findIndex((r) => r.celsius > road.sureC)
    const [from, until] = [sugar[guess]?.at as number, (sugar[guess]?.at as number) + 120]
    // from there on it climbs at two thirds of what the curve says
    const bent = sugar
      .slice(0, guess + 120)
      .map((r) => (r.at <= from ? r : (sugar[Math.round(guess + (r.at - from) * 0.66)] as Reading)))
      .map((r, i) => ({ ...r, at: i + 1 }))
    const fed = mix({ ...syrup, water: 500 })
    const stretches = [
      ...facts().stretches,
      { from: until, path: heatPath(fed, pressurePa, thermal.baseCapacity), lid: false, startC: 108 },
    ]
    const wattsAt = (t: number) =>
      mean(
        carryTrack(trackCook(bent.slice(0, Math.floor(t)), facts(lit, { stretches })), facts(lit, { stretches }), t)
          .state,
        ROW.watts,
      )
    expect(wattsAt(until - 1) / wattsAt(from)).toBeLessThan(0.93)
    expect(wattsAt(until + 1) / wattsAt(from)).toBeCloseTo(1, 1)
  })
})
