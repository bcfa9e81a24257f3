import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import fc from 'fast-check'
import { ulid } from 'ulid'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { type BoilView, type ChannelFrame, type LoggedAct, type PushedReading, readingSchema } from '@/contract/cook'
import { type CookAct, scale } from '@/core'
import { normal, seeded, seedOf } from '@/core/quantity/seeded'
import { testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { listen, openPusher } from './hub/link'
import { openStand } from './hub/stand'
import { probeModel } from './probe'
import { openPan } from './scale/pan'

describe('chance', () => {
  it('is the same from the same seed, and even', () => {
    const a = seeded(7)
    const b = seeded(7)
    const draws = Array.from({ length: 2000 }, () => a())
    expect(draws).toEqual(Array.from({ length: 2000 }, () => b()))
    expect(draws.reduce((x, y) => x + y, 0) / 2000).toBeCloseTo(0.5, 1)
    expect(seedOf('a')).not.toBe(seedOf('b'))
  })

  it('has a normal with the mean and spread of one', () => {
    const random = seeded(3)
    const draws = Array.from({ length: 4000 }, () => normal(random))
    const mean = draws.reduce((x, y) => x + y, 0) / draws.length
    expect(mean).toBeCloseTo(0, 1)
    expect(Math.sqrt(draws.reduce((s, d) => s + (d - mean) ** 2, 0) / draws.length)).toBeCloseTo(1, 1)
  })
})

describe('a probe', () => {
  const still = { noiseC: 0, offsetC: 0, dropShare: 0 }

  it('comes two thirds of the way in its time constant', () => {
    const probe = probeModel({ ...still, lagS: 10 }, 20, seeded(1))
    let shown = 0
    for (let i = 0; i < 10; i++) shown = probe.read(120, 1) ?? shown
    expect(shown).toBeCloseTo(20 + 100 * (1 - Math.exp(-1)), 1)
  })

  it('is off by its offset and silent by its share', () => {
    const high = probeModel({ ...still, lagS: 0.1, offsetC: 2.4 }, 100, seeded(1))
    expect(high.read(100, 5)).toBeCloseTo(102.4, 2)
    const patchy = probeModel({ ...still, lagS: 1, dropShare: 0.3 }, 100, seeded(1))
    const lost = Array.from({ length: 1000 }, () => patchy.read(100, 1)).filter((r) => r === null).length
    expect(lost / 1000).toBeCloseTo(0.3, 1)
  })
})

const START = Date.parse('2026-11-24T10:00:00.000Z')
const at = (seconds: number) => new Date(START + seconds * 1000).toISOString()

function boilView(id = 'rhubarb-nettle-elderflower-drops'): BoilView {
  const formula = demoBoil(id)
  return {
    id: ulid(),
    batchId: ulid(),
    number: 1,
    label: 'Rhubarb',
    channel: 'one',
    startedAt: at(0),
    endedAt: null,
    formulaId: 'drops',
    revision: 1,
    part: null,
    formula,
    plan: scale(formula, { size: { by: 'weight', grams: 2400 } }),
    conditions: { ...testConditions, room: 'Quay', altitudeM: 12, vessel: null, thermometers: [] },
    probe: { lagS: 4, noiseC: 0.1, thermometer: null },
  }
}

const clock = (rate: number): LoggedAct => ({ id: ulid(), at: at(0), act: { type: 'clock', rate, wall: at(0) } })
const step = (seconds: number, id: string): LoggedAct => ({
  id: ulid(),
  at: at(seconds),
  act: { type: 'step', step: id },
})
const facts = { lagS: 4, noiseC: 0, offsetC: 0, dropShare: 0 }
const frame = (boil: BoilView | null, acts: LoggedAct[], lastReadingAt: string | null = null): ChannelFrame => ({
  boil,
  acts,
  lastReadingAt,
})

describe('a stand', () => {
  it('is quiet with nothing on, and cooks what it is told', () => {
    const stand = openStand(facts)
    expect(stand.run(START + 5000)).toEqual([])
    const boil = boilView()
    stand.follow(frame(boil, [clock(1), step(1, 'dissolve')]))
    const first = stand.run(START + 10_000)
    expect(first).toHaveLength(10)
    expect(first.every((r) => r.boil === boil.id)).toBe(true)
    const later = stand.run(START + 120_000)
    expect(later.at(-1)?.celsius).toBeGreaterThan((first.at(-1)?.celsius ?? 0) + 10)
    expect(stand.run(START + 120_000)).toEqual([])
  })

  it('runs at the pace of the practice clock', () => {
    const stand = openStand(facts)
    stand.follow(frame(boilView(), [clock(60), step(1, 'dissolve')]))
    const readings = stand.run(START + 2000)
    expect(readings).toHaveLength(120)
    expect(readings.at(-1)?.at).toBe(at(120))
  })

  it('after a restart goes on where the app left off, in the same pot', () => {
    const boil = boilView()
    const acts = [clock(1), step(1, 'dissolve')]
    const before = openStand(facts)
    before.follow(frame(boil, acts))
    const all = before.run(START + 200_000)
    const after = openStand(facts)
    after.follow(frame(boil, acts, at(150)))
    const rest = after.run(START + 200_000)
    expect(rest).toHaveLength(50)
    expect(rest.at(-1)?.celsius).toBeCloseTo(all.at(-1)?.celsius ?? 0, 6)
  })

  it('says nothing the app would refuse, however long the pot is forgotten on the flame', () => {
    const stand = openStand(facts)
    stand.follow(frame(boilView(), [clock(1), step(1, 'dissolve')]))
    const readings = stand.run(START + 3 * 3_600_000)
    expect(Math.max(...readings.map((r) => r.celsius))).toBeGreaterThan(300)
    for (const reading of readings) expect(readingSchema.safeParse(reading).success).toBe(true)
  })

  it('takes back what was taken back', () => {
    const boil = boilView()
    const slip = step(100, 'glucose')
    const acts = [clock(1), step(1, 'dissolve')]
    const slipped = openStand(facts)
    slipped.follow(frame(boil, [...acts, slip]))
    slipped.run(START + 150_000)
    slipped.follow(frame(boil, [...acts, slip, { id: ulid(), at: at(151), act: { type: 'undo', of: slip.id } }]))
    const straight = openStand(facts)
    straight.follow(frame(boil, acts))
    straight.run(START + 150_000)
    const a = slipped.run(START + 220_000)
    const b = straight.run(START + 220_000)
    expect(a).toHaveLength(b.length)
    expect(a.at(-1)?.celsius).toBeCloseTo(b.at(-1)?.celsius ?? 0, 6)
  })

  it('puts right what was put right', () => {
    const boil = boilView()
    const turned: LoggedAct = { id: ulid(), at: at(100), act: { type: 'heat', dial: 2 } }
    const better: LoggedAct = {
      id: ulid(),
      at: at(150),
      act: { type: 'amended', of: turned.id, act: { type: 'heat', dial: 9 } },
    }
    const acts = [clock(1), step(1, 'dissolve')]
    const wrong = openStand(facts)
    wrong.follow(frame(boil, [...acts, turned]))
    wrong.run(START + 150_000)
    wrong.follow(frame(boil, [...acts, turned, better]))
    const right = openStand(facts)
    right.follow(frame(boil, [...acts, { ...turned, act: { type: 'heat', dial: 9 } }]))
    right.run(START + 150_000)
    const [a, b] = [wrong.run(START + 220_000), right.run(START + 220_000)]
    expect(a).toHaveLength(b.length)
    expect(a.at(-1)?.celsius).toBeCloseTo(b.at(-1)?.celsius ?? 0, 6)
  })

  it('stops when the pot is empty', () => {
    const stand = openStand(facts)
    stand.follow(frame(boilView(), [clock(1), step(1, 'dissolve'), step(30, 'pour')]))
    expect(stand.run(START + 100_000).at(-1)?.at).toBe(at(30))
  })
})

describe('a probe that was stuck into what was poured', () => {
  const poured = (boil: BoilView): LoggedAct[] => {
    const all = boil.formula.steps
    const acts = all.slice(0, all.findIndex((s) => s.empties) + 1).map((s, i): LoggedAct => {
      const act = s.when.on === 'target' ? { type: 'pulled' as const, step: s.id, celsius: 149 } : null
      return act ? { id: ulid(), at: at(30 * i + 1), act } : step(30 * i + 1, s.id)
    })
    return [clock(1), ...acts]
  }

  it('reads its middle, coming down, a reading every ten seconds; one left beside it says nothing', () => {
    const boil = boilView()
    const acts = poured(boil)
    const left = openStand(facts)
    left.follow(frame(boil, acts))
    const last = Date.parse(acts.at(-1)?.at ?? '')
    left.run(last + 1000)
    expect(left.run(last + 600_000)).toEqual([])
    const stand = openStand(facts)
    stand.follow(
      frame(boil, [...acts, { id: ulid(), at: new Date(last + 60_000).toISOString(), act: { type: 'stuck' } }]),
    )
    stand.run(last + 61_000)
    const readings = stand.run(last + 661_000)
    expect(readings.length).toBe(60)
    expect(readings.at(-1)?.celsius).toBeLessThan((readings[10]?.celsius ?? 0) - 10)
    expect(stand.run(last + 661_000)).toEqual([])
  })
})

describe('a probe in what is whipped, or worked on a stone', () => {
  const upTo = (boil: BoilView, id: string, more: LoggedAct[] = []) => {
    const steps = boil.formula.steps.slice(0, boil.formula.steps.findIndex((s) => s.id === id) + 1)
    const acts = steps.map((s, i): LoggedAct => {
      const pulls = s.when.on === 'target'
      return {
        id: ulid(),
        at: at(60 * i + 1),
        act: { type: pulls ? 'pulled' : 'step', step: s.id, celsius: null } as CookAct,
      }
    })
    const stand = openStand(facts)
    stand.follow(frame(boil, [clock(1), ...acts, ...more]))
    return { stand, last: 60 * (steps.length - 1) + 1 }
  }
  const cools = (readings: readonly PushedReading[]) =>
    (readings[0]?.celsius ?? 0) - (readings.at(-1)?.celsius ?? Number.POSITIVE_INFINITY)

  it('reads the bowl once it stands in it, and nothing of the pot it has left', () => {
    const boil = boilView('blackcurrant-marshmallow')
    const { stand, last } = upTo(boil, 'finish')
    stand.run(START + last * 1000)
    expect(stand.run(START + (last + 120) * 1000)).toEqual([])
    const stuck: LoggedAct = { id: ulid(), at: at(last + 120), act: { type: 'stuck' } }
    const bowl = upTo(boil, 'finish', [stuck]).stand
    bowl.run(START + (last + 121) * 1000)
    expect(cools(bowl.run(START + (last + 420) * 1000))).toBeGreaterThan(5)
  })

  it('is silent while the chocolate lies on the stone, and reads the bowl again once it is back', () => {
    const boil = boilView('pilot-house-milk-chocolate')
    const { stand, last } = upTo(boil, 'table')
    stand.run(START + last * 1000)
    expect(stand.run(START + (last + 60) * 1000)).toEqual([])
    const back = upTo(boil, 'gather').stand
    back.run(START + (last + 60) * 1000)
    const readings = back.run(START + (last + 660) * 1000)
    expect(readings.length).toBeGreaterThan(40)
    expect(cools(readings)).toBeGreaterThan(0)
  })
})

describe('the line to the app', () => {
  let server: Server
  let url: string
  let status = 200
  let refuse = (_body: string): boolean => false
  let bodies: string[]
  const reading = (celsius: number): PushedReading => ({ id: ulid(), at: at(1), celsius })

  beforeEach(async () => {
    status = 200
    refuse = () => false
    bodies = []
    server = createServer((request, response) => {
      if (request.url?.endsWith('/cook')) {
        response.writeHead(200, { 'content-type': 'text/event-stream' })
        response.write(`: hello\n\ndata: ${JSON.stringify(frame(null, []))}\n\n`)
        response.end()
        return
      }
      let body = ''
      request.on('data', (chunk) => {
        body += chunk
      })
      request.on('end', () => {
        const said = refuse(body) ? 400 : status
        if (said === 200) bodies.push(body)
        response.writeHead(said, { 'content-type': 'application/json' }).end('{}')
      })
    })
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
  })

  afterEach(() => new Promise((resolve) => server.close(resolve)))

  it('keeps readings until they are taken, and sends them in order', async () => {
    const pusher = openPusher({ app: url, channel: 'one', token: 't' })
    status = 503
    await pusher.push([reading(1)])
    await pusher.push([reading(2)])
    expect(bodies).toEqual([])
    status = 200
    await pusher.push([reading(3)])
    const sent = bodies.flatMap((b) => b.split('\n')).map((l) => (JSON.parse(l) as PushedReading).celsius)
    expect(sent).toEqual([1, 2, 3])
    await pusher.push([])
    expect(bodies).toHaveLength(1)
  })

  it('loses no good reading to a bad one the app will never take', async () => {
    const pusher = openPusher({ app: url, channel: 'one', token: 't' })
    refuse = (body) => body.includes('999')
    const all = [1, 2, 3, 999, 5, 6, 999, 8, 9].map(reading)
    await pusher.push(all)
    const taken = () => bodies.flatMap((b) => b.split('\n')).map((l) => (JSON.parse(l) as PushedReading).celsius)
    for (let i = 0; i < 40 && taken().length < 7; i++) await pusher.push([])
    expect(taken()).toEqual([1, 2, 3, 5, 6, 8, 9])
    await pusher.push([reading(10)])
    expect(taken().at(-1)).toBe(10)
  })

  it('listens, and comes back when the line drops', async () => {
    const stop = new AbortController()
    let heard = 0
    const twice = new Promise<void>((resolve) => {
      void listen({ app: url, channel: 'one', token: 't' }, () => ++heard === 2 && resolve(), stop.signal, 5)
    })
    await twice
    stop.abort()
    expect(heard).toBe(2)
  })
})

describe('a pan somebody weighs into', () => {
  it('comes to what is wanted, stands still there, and is tared for the next', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 3000, noNaN: true }), fc.integer({ min: 1, max: 1e6 }), (grams, seed) => {
        const pan = openPan(seeded(seed))
        expect(pan.show(1)).toBeLessThan(0.2)
        pan.want(grams)
        for (let i = 0; i < 120; i++) pan.show(0.25)
        const [a, b] = [pan.show(0.25), pan.show(0.25)]
        expect(Math.abs(a - b)).toBeLessThanOrEqual(0.2)
        expect(Math.abs(b - grams)).toBeLessThanOrEqual(0.2 + 0.004 * grams)
        pan.want(null)
        expect(pan.show(0.25)).toBeLessThan(0.2)
      }),
    )
  })
})

describe('a probe that touches the base', () => {
  it('reads the base now and then, and the syrup otherwise', () => {
    const probe = probeModel(
      { lagS: 0.1, noiseC: 0, offsetC: 0, dropShare: 0, touches: { perHour: 60, seconds: 20 } },
      110,
      seeded(5),
    )
    const shown = Array.from({ length: 3600 }, () => probe.read(110, 1, 160) as number)
    const share = shown.filter((c) => c > 135).length / shown.length
    expect(share).toBeGreaterThan(0.1)
    expect(share).toBeLessThan(0.5)
    expect(shown.some((c) => Math.abs(c - 110) < 0.1)).toBe(true)
  })
})
