import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Frame, LoggedAct } from '@/contract/cook'
import type { FeedListener, listenToBoil } from './boil-feed'
import { CookLog } from './cook-log'
import { boilOf, clockAct, START } from './testing'

const t0 = Date.parse(START)
const boil = boilOf('orchard-toffee')
const frame = (change: Partial<Frame> = {}): Frame => ({
  cursor: '0.1',
  wall: Date.now(),
  readings: [],
  acts: [clockAct()],
  ...change,
})

/** The browser's parts, by hand: a line that speaks when told, a store, a network that is up or down. */
let feed: FeedListener
let followedFrom: string
const listen: typeof listenToBoil = (_, cursor, listener) => {
  feed = listener
  followedFrom = cursor
  return () => {}
}
const hear = (change: Partial<Frame>) => feed.frame({ boil: boil.id, ...frame(change) })

let network: 'up' | 'down' | 'refuses'
let posted: LoggedAct[]
let stores: boolean
const store = new Map<string, LoggedAct>()
const outbox = {
  keep: async (a: LoggedAct) => {
    if (stores) store.set(a.id, a)
    return stores
  },
  drop: async (id: string) => void store.delete(id),
  left: async () => [...store.values()],
}

beforeEach(() => {
  vi.useFakeTimers({ now: t0 })
  network = 'up'
  stores = true
  posted = []
  store.clear()
  vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
    if (network === 'down') throw new TypeError('failed to fetch')
    if (network === 'refuses')
      return Response.json({ error: { message: 'No such step', kept: 'Nothing was changed.' } }, { status: 400 })
    posted.push(JSON.parse(init.body))
    return Response.json({ stored: true })
  })
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const opened = (first = frame()) => {
  const log = new CookLog(boil, first, outbox, listen)
  const close = log.open()
  return { log, close }
}

describe('a window’s log of a boil', () => {
  it('shows an act at once and sends it once', async () => {
    const { log } = opened()
    log.log({ type: 'heat', dial: 5 })
    expect(log.snapshot().events.some((e) => e.type === 'heat')).toBe(true)
    expect(log.snapshot().waiting).toBe(1)
    await vi.advanceTimersByTimeAsync(10)
    expect(log.snapshot().waiting).toBe(0)
    hear({ cursor: '0.2', acts: posted })
    expect(log.snapshot().events.filter((e) => e.type === 'heat')).toHaveLength(1)
    expect(posted).toHaveLength(1)
  })

  it('keeps acts while the server is away and sends them in order when it is back', async () => {
    network = 'down'
    const { log } = opened()
    log.log({ type: 'heat', dial: 5 })
    log.log({ type: 'note', text: 'still here' })
    await vi.advanceTimersByTimeAsync(5000)
    expect(log.snapshot().waiting).toBe(2)
    expect(store.size).toBe(2)
    network = 'up'
    await vi.advanceTimersByTimeAsync(2000)
    expect(posted.map((p) => p.act.type)).toEqual(['heat', 'note'])
    expect(store.size).toBe(0)
  })

  it('says an act is kept once it is stored, and not where the browser stores nothing', async () => {
    network = 'down'
    const { log } = opened()
    log.log({ type: 'heat', dial: 5 })
    expect(log.snapshot()).toMatchObject({ waiting: 1, kept: 0 })
    await vi.advanceTimersByTimeAsync(10)
    expect(log.snapshot()).toMatchObject({ waiting: 1, kept: 1 })
    stores = false
    log.log({ type: 'heat', dial: 4 })
    await vi.advanceTimersByTimeAsync(10)
    expect(log.snapshot()).toMatchObject({ waiting: 2, kept: 1 })
    network = 'up'
    await vi.advanceTimersByTimeAsync(2000)
    expect(log.snapshot()).toMatchObject({ waiting: 0, kept: 0 })
    expect(posted.map((p) => p.act.type)).toEqual(['heat', 'heat'])
  })

  it('takes up what an earlier visit left behind, but not what the server has', async () => {
    network = 'down'
    const first = opened()
    first.log.log({ type: 'note', text: 'one' })
    first.log.log({ type: 'note', text: 'two' })
    await vi.advanceTimersByTimeAsync(10)
    first.close()
    const [one] = [...store.values()]
    network = 'up'
    const second = opened(frame({ acts: [clockAct(), one as LoggedAct] }))
    await vi.advanceTimersByTimeAsync(2000)
    expect(second.log.snapshot().events.filter((e) => e.type === 'note')).toHaveLength(2)
    expect(posted.filter((p) => p.act.type === 'note' && p.act.text === 'two').length).toBeGreaterThan(0)
    expect(store.size).toBe(0)
  })

  it('tries again while what is left behind cannot be read', async () => {
    const left: LoggedAct = { id: '01JD3M9Q6S8ZK3V3N8C0A7T4QW', at: START, act: { type: 'note', text: 'one' } }
    store.set(left.id, left)
    let tries = 0
    const late = {
      ...outbox,
      left: async () => {
        if (++tries < 3) throw new Error('not yet')
        return outbox.left()
      },
    }
    const second = new CookLog(boil, frame(), late, listen)
    second.open()
    await vi.advanceTimersByTimeAsync(3000)
    expect(second.snapshot().events.filter((e) => e.type === 'note')).toHaveLength(1)
    expect(second.snapshot().waiting).toBe(0)
    expect(posted).toEqual([left])
  })

  it('tells when the last of it has been heard, and does not wait for ever', async () => {
    const { log } = opened()
    log.log({ type: 'note', text: 'last words' })
    let heard = 0
    void log.settled(3000).then(() => heard++)
    await vi.advanceTimersByTimeAsync(50)
    expect(heard).toBe(1)
    network = 'down'
    log.log({ type: 'finished' })
    void log.settled(3000).then(() => heard++)
    await vi.advanceTimersByTimeAsync(2900)
    expect(heard).toBe(1)
    await vi.advanceTimersByTimeAsync(200)
    expect(heard).toBe(2)
    expect(log.snapshot().waiting).toBe(1)
  })

  it('says what the server refuses, drops it and goes on', async () => {
    network = 'refuses'
    const { log } = opened()
    log.log({ type: 'step', step: 'dance' })
    await vi.advanceTimersByTimeAsync(10)
    expect(log.snapshot().refused).toMatch(/No such step/)
    expect(log.snapshot().events.some((e) => e.type === 'step')).toBe(false)
    expect(log.snapshot().waiting).toBe(0)
  })

  it('follows from where its first frame ended, and says whether the line is up', () => {
    const { log } = opened(frame({ cursor: '7.3' }))
    expect(followedFrom).toBe('7.3')
    feed.up(true)
    expect(log.snapshot().connected).toBe(true)
    feed.up(false)
    expect(log.snapshot().connected).toBe(false)
  })

  it('shows what is said twice once', () => {
    const { log } = opened()
    const said = {
      cursor: '2.1',
      readings: [
        [t0 + 1000, 20],
        [t0 + 1000, 21],
      ] as [number, number][],
      acts: [clockAct()],
    }
    hear(said)
    hear(said)
    expect(log.snapshot().readings.map((r) => r.celsius)).toEqual([20, 21])
    expect(log.snapshot().events).toHaveLength(1)
  })

  it('puts late readings where they belong in time', () => {
    const { log } = opened(
      frame({
        readings: [
          [t0 + 1000, 20],
          [t0 + 3000, 24],
        ],
      }),
    )
    hear({ cursor: '9.1', readings: [[t0 + 2000, 22]], acts: [] })
    expect(log.snapshot().readings.map((r) => r.celsius)).toEqual([20, 22, 24])
  })

  it('knows what a practice pot shows not before its time', () => {
    const ahead = [
      [t0 + 599_000, 90],
      [t0 + 602_000, 91],
    ] as [number, number][]
    const slowed: LoggedAct = { ...clockAct(1), id: 'b'.repeat(26), at: new Date(t0 + 600_000).toISOString() }
    const { log } = opened(
      frame({
        wall: t0,
        readings: ahead,
        acts: [clockAct(60), { ...slowed, act: { type: 'clock', rate: 1, wall: START } }],
      }),
    )
    expect(log.snapshot().readings.map((r) => r.celsius)).toEqual([90])
    vi.advanceTimersByTime(1900)
    expect(log.snapshot().readings).toHaveLength(1)
    vi.advanceTimersByTime(200)
    expect(log.snapshot().readings.map((r) => r.celsius)).toEqual([90, 91])
  })

  it('is drawn at first as the server drew it, however long a window took to come so far', () => {
    const wall = t0 + 10_000
    const readings = [
      [t0 + 599_000, 90],
      [t0 + 601_000, 91],
    ] as [number, number][]
    const log = new CookLog(boil, frame({ wall, readings, acts: [clockAct(60)] }), outbox, listen)
    vi.advanceTimersByTime(400)
    expect(log.firstSeen).toBe(600)
    expect(log.snapshot(log.firstSeen).readings.map((r) => r.celsius)).toEqual([90])
    expect(log.snapshot().readings.map((r) => r.celsius)).toEqual([90, 91])
  })

  it('takes a reading in earnest as it comes, whatever the clock of its hub says', () => {
    const { log } = opened(frame({ wall: t0, readings: [[t0 + 5000, 20]] }))
    expect(log.snapshot().readings).toHaveLength(1)
  })

  it('sets its clock by the frame that was quickest on its way', () => {
    const { log } = opened(frame({ wall: t0 + 9100 }))
    hear({ cursor: '0.1', wall: t0 + 9980 })
    hear({ cursor: '0.1', wall: t0 + 9600 })
    expect(log.now()).toBeCloseTo(9.98, 6)
  })

  it('goes by the server’s clock, at the cook’s own pace', () => {
    const { log } = opened(frame({ wall: t0 + 10_000, acts: [clockAct(60)] }))
    expect(new CookLog(boil, frame({ wall: t0 + 10_000, acts: [clockAct(60)] }), outbox, listen).firstSeen).toBe(600)
    expect(log.now()).toBeCloseTo(600, 6)
    vi.advanceTimersByTime(1000)
    expect(log.now()).toBeCloseTo(660, 6)
  })
})
