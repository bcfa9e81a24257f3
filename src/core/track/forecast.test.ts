import { describe, expect, it, test } from 'vitest'
import { probeModel } from '@/devices/probe'
import type { Reading } from '../log/readings'
import { mix } from '../matter/mix'
import { burnerPower, potThermal } from '../pot/equipment'
import { advancePot, applyToPot, type PotEvent, startPot } from '../pot/simulate'
import { seeded } from '../quantity/seeded'
import { type ForecastContext, forecast } from './forecast'
import { heatPath, joulesAt, temperatureAt } from './heat-path'
import { probeLag } from './probe-slow'

const pot = { name: '4 l', litres: 4, diameterMm: 220, massKg: 1.8, metal: 'steel' as const }
const burner = { name: 'ring', watts: 2400, efficiency: 0.55, responseS: 2 }
const thermal = potThermal(pot)
const syrup = mix({ sucrose: 900, glucoseSolids: 250, water: 330 })
const TARGET = 148

interface Cooked {
  readings: Reading[]
  truth: number[]
  hit: number
}

/** A steady cook of `contents` with events on the way, seen through a probe that `bend` may bend. */
function cook(
  contents: typeof syrup,
  events: PotEvent[],
  bend: (r: Reading, truth: number) => Reading | null = (r) => r,
  target = TARGET,
): Cooked {
  const state = startPot({ pot, burner, roomC: 21, pressurePa: 101325 })
  const probe = probeModel({ lagS: 5, noiseC: 0.3, offsetC: 0, dropShare: 0.02 }, 21, seeded(11))
  const all: PotEvent[] = [
    { at: 0, kind: 'add', mix: contents, celsius: 20 },
    { at: 0, kind: 'heat', dial: 8 },
    ...events,
  ]
  const out: Cooked = { readings: [], truth: [], hit: Number.NaN }
  while (state.at < 3600 && state.celsius < target + 2) {
    while (all[0] && all[0].at <= state.at) applyToPot(state, all.shift() as PotEvent)
    advancePot(state, 1)
    out.truth.push(state.celsius)
    if (Number.isNaN(out.hit) && state.celsius >= target) out.hit = state.at
    const celsius = probe.read(state.celsius, 1)
    const seen = celsius === null ? null : bend({ at: state.at, celsius }, state.celsius)
    if (seen) out.readings.push(seen)
  }
  return out
}

const contextAt = (now: number, change: Partial<ForecastContext> = {}): ForecastContext => {
  const watts = burnerPower(burner, 10) * 1.15
  return {
    now,
    stretches: [{ from: 0, path: heatPath(syrup, 101325, thermal.baseCapacity), lid: false }],
    dials: [{ at: 0, dial: 8 }],
    target: TARGET,
    pulls: false,
    fullPower: { watts, sd: 0.25 * watts },
    base: { capacity: thermal.baseCapacity, toSyrup: thermal.baseToSyrup },
    ringS: 2,
    lossWattsPerDegree: thermal.syrupToRoom,
    roomC: 21,
    lag: probeLag(5),
    noiseC: 0.3,
    ...change,
  }
}

const seenAt = (c: Cooked, now: number, change?: Partial<ForecastContext>) =>
  forecast(
    c.readings.filter((r) => r.at <= now),
    contextAt(now, change),
  )

const off = (c: Cooked, now: number, eta: number): number => Math.abs(eta - (c.hit - now)) / (c.hit - now)

describe('steady heat', () => {
  const steady = cook(syrup, [])

  // of a minute, a probe slower than told takes a share of its own
  test.each([
    [600, 0.06],
    [300, 0.06],
    [120, 0.06],
    [60, 0.1],
  ])('%d s ahead it is as near as that, and knows it', (ahead, near) => {
    const f = seenAt(steady, Math.round(steady.hit - ahead))
    expect(off(steady, Math.round(steady.hit - ahead), f?.eta ?? 0)).toBeLessThan(near)
    expect(f?.trust).toBe('good')
    expect(f?.doubts).toEqual([])
  })

  it('needs a reading and a filling before it says anything', () => {
    expect(forecast([], contextAt(10))).toBeNull()
    expect(forecast([{ at: 1, celsius: 20 }], contextAt(10, { stretches: [] }))).toBeNull()
  })

  it('with a few readings goes by what the burner should give, and says it is rough', () => {
    const f = seenAt(steady, 18)
    expect(f?.trust).toBe('rough')
    expect((f?.high ?? 0) / (f?.low ?? 1)).toBeGreaterThan(1.4)
  })
})

describe('trouble', () => {
  const at = 900
  const jump = (by: number, from: number, to: number) => (r: Reading) =>
    r.at >= from && r.at < to ? { ...r, celsius: r.celsius + by } : r

  test.each([
    ['touches metal', 30, 'probe-on-metal'],
    ['leaves the syrup', -45, 'probe-out'],
  ] as const)('a probe that %s is not believed', (_, by, doubt) => {
    const c = cook(syrup, [], jump(by, at, at + 60))
    const during = seenAt(c, at + 40)
    expect(during?.doubts).toContain(doubt)
    expect(off(c, at + 40, during?.eta ?? 0)).toBeLessThan(0.1)
    const later = seenAt(c, at + 90)
    expect(later?.doubts).toEqual([])
    expect(off(c, at + 90, later?.eta ?? 0)).toBeLessThan(0.08)
  })

  it('drop-outs of a minute do no harm, and silence is said', () => {
    const c = cook(syrup, [], (r) => (r.at > at && r.at < at + 60 ? null : r))
    expect(seenAt(c, at + 55)?.doubts).toContain('silent')
    expect(off(c, at + 55, seenAt(c, at + 55)?.eta ?? 0)).toBeLessThan(0.1)
    expect(seenAt(c, at + 75)?.doubts).toEqual([])
  })

  it('a flame that goes out is a stall, one turned down unlogged is a lower heat', () => {
    const out = cook(syrup, [{ at, kind: 'heat', dial: 0.4 }])
    expect(seenAt(out, at + 120)?.doubts).toContain('stall')
    const lower = cook(syrup, [{ at, kind: 'heat', dial: 4.5 }])
    const f = seenAt(lower, at + 120)
    expect(f?.doubts).toContain('heat-lower')
    expect(off(lower, at + 120, f?.eta ?? 0)).toBeLessThan(0.25)
  })

  it('a logged turn is followed within a minute', () => {
    const c = cook(syrup, [{ at, kind: 'heat', dial: 5 }])
    const dials = [
      { at: 0, dial: 8 },
      { at, dial: 5 },
    ]
    const f = seenAt(c, at + 60, { dials })
    expect(f?.doubts).toEqual([])
    expect(off(c, at + 60, f?.eta ?? 0)).toBeLessThan(0.06)
  })

  it('an addition starts a new road with what is known of the burner', () => {
    const cream = mix({ water: 180, fat: 110, lactose: 9, milkProtein: 7 })
    const c = cook(syrup, [{ at, kind: 'add', mix: cream, celsius: 60 }])
    const left = mix({ ...syrup, water: 120 })
    const more = { ...left, water: left.water + cream.water, fat: 110, lactose: 9, milkProtein: 7 }
    const stretches = [
      { from: 0, path: heatPath(syrup, 101325, thermal.baseCapacity), lid: false },
      { from: at, path: heatPath(more, 101325, thermal.baseCapacity), lid: false },
    ]
    const f = seenAt(c, at + 60, { stretches })
    expect(off(c, at + 60, f?.eta ?? 0)).toBeLessThan(0.12)
  })

  it('under a lid, or at too low a heat, it never gets there and says why', () => {
    const c = cook(syrup, [])
    const path = heatPath(syrup, 101325, thermal.baseCapacity)
    expect(seenAt(c, 700, { stretches: [{ from: 0, path, lid: true }] })?.doubts).toContain('lid')
    const cold = seenAt(c, 700, {
      dials: [
        { at: 0, dial: 8 },
        { at: 690, dial: 0.1 },
      ],
    })
    expect(cold?.eta).toBe(Number.POSITIVE_INFINITY)
    expect(cold?.doubts).toContain('never')
  })
})

describe('sugar without water', () => {
  const sugar = mix({ sucrose: 500 })
  const path = heatPath(sugar, 101325, thermal.baseCapacity)

  it('has a road too: it warms, melts and browns', () => {
    for (const t of [40, 120, 184, 195]) expect(temperatureAt(path, joulesAt(path, t))).toBeCloseTo(t, 3)
    expect(joulesAt(path, 188) - joulesAt(path, 160)).toBeGreaterThan(0.5 * 130e3)
    // a second lot melts at its own mass: what was there has molten
    const second = heatPath(sugar, 101325, thermal.baseCapacity, 250)
    const spared = (p: typeof path) => joulesAt(p, 188) - joulesAt(p, 160)
    expect(spared(path) - spared(second)).toBeCloseTo(0.25 * 130e3, -2)
  })

  it('is foreseen through the melt', () => {
    const c = cook(sugar, [], (r) => r, 190)
    const now = Math.round(c.hit - 90)
    const f = seenAt(c, now, { stretches: [{ from: 0, path, lid: false }], target: 190 })
    expect(Math.abs((f?.eta ?? 0) - 90)).toBeLessThan(25)
  })
})
