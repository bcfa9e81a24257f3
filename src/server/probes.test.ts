import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Db } from '@/db'
import { readingsAfter } from '@/db'
import { startBatch } from './batches'
import { logAct } from './cook'
import { batchStory, logbook } from './logbook'
import { admitHub, followChannel, parseReadings, storeReadings } from './probes'
import { freshWorkshop, problem, request } from './testing'

let db: Db
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
})

afterAll(() => close())

describe('readings', () => {
  const line = (at: Date, celsius: number) => JSON.stringify({ id: ulid(), at: at.toISOString(), celsius })

  it('need the channel’s own token', async () => {
    const admit = (channel: string, authorization: string | null) => admitHub({ params: { channel }, authorization })
    await expect(admit('one', 'Bearer secret')).resolves.toBeUndefined()
    for (const bad of [null, '', 'secret', 'Bearer', 'Bearer wrong'])
      expect((await problem(admit('one', bad)))?.status).toBe(401)
    expect((await problem(admit('elsewhere', 'Bearer secret')))?.status).toBe(404)
  })

  it.each([
    ['', /no reading/],
    ['{"id":"12345678","at":"2026-11-24T10:00:00.000Z","celsius":-400}', /Reading 1: celsius/],
    ['{"id":"12345678","at":"2026-11-24T10:00:00.000Z","celsius":NaN}', /Reading 1 is not complete JSON/],
    ['{"id":"12345678","at":"2026-11-24T10:00:00.000Z","celsius":"hot"}', /celsius/],
    ['{"id":"12345678","at":"yesterday","celsius":100}', /at/],
    ['{"at":"2026-11-24T10:00:00.000Z","celsius":100}', /id/],
    ['{"id":"12345678","at":"2026-11-24T10:00', /not complete JSON/],
    ['[1,2]', /Reading 1/],
    [`{"id":"12345678","at":"2026-11-24T10:00:00.000Z","celsius":99}\n{"half`, /Reading 2 is not complete JSON/],
  ])('are refused whole: %s', (body, message) => {
    expect(() => parseReadings(body)).toThrow(message)
  })

  it('are refused in floods', () => {
    const many = Array.from({ length: 5001 }, () => line(new Date(), 100)).join('\n')
    expect(() => parseReadings(many)).toThrow(/At most 5000/)
  })

  it('go to the boil that was on when they were taken', async () => {
    const first = request('two')
    const second = request('two')
    const t0 = Date.now()
    await startBatch(first, new Date(t0))
    await logAct(
      first.boilId,
      { id: ulid(), at: new Date(t0 + 60_000).toISOString(), act: { type: 'finished' } },
      new Date(),
    )
    await startBatch(second, new Date(t0 + 120_000))
    const at = (s: number) => new Date(t0 + s * 1000)
    const body = [line(at(-5), 20), line(at(30), 101), line(at(90), 50), line(at(150), 103)].join('\n')
    const pushed = parseReadings(body)
    expect(await storeReadings('two', pushed)).toEqual({ stored: 2, repeated: 0, idle: 2 })
    expect(await storeReadings('two', pushed)).toEqual({ stored: 0, repeated: 2, idle: 2 })
    const nextCentury = parseReadings(line(new Date('2126-01-01T00:00:00.000Z'), 100))
    expect(await storeReadings('two', nextCentury)).toEqual({ stored: 0, repeated: 0, idle: 1 })
    // two practice clocks can overlap: a hub that names the boil is believed, within that boil's time
    const named = [
      { id: ulid(), at: at(40).toISOString(), celsius: 102, boil: second.boilId },
      { id: ulid(), at: at(45).toISOString(), celsius: 104, boil: first.boilId },
    ]
    expect(await storeReadings('two', named)).toEqual({ stored: 1, repeated: 0, idle: 1 })
    expect((await readingsAfter(db, first.boilId, 0)).map((r) => r.celsius)).toEqual([101, 104])
    expect((await readingsAfter(db, second.boilId, 0)).map((r) => r.celsius)).toEqual([103])
  })

  it('a hub is told what is on its channel, and when that changes', async () => {
    const stop = new AbortController()
    const frames = followChannel('three', stop.signal)
    expect((await frames.next()).value).toEqual({ boil: null, acts: [], lastReadingAt: null })
    const r = request('three')
    await startBatch(r, new Date())
    expect((await frames.next()).value).toMatchObject({ boil: { id: r.boilId }, lastReadingAt: null })
    await logAct(
      r.boilId,
      { id: ulid(), at: new Date().toISOString(), act: { type: 'step', step: 'dissolve' } },
      new Date(),
    )
    expect((await frames.next()).value?.acts).toHaveLength(2)
    stop.abort()
  })
})

it('the logbook tells target against reached', async () => {
  const r = request('one')
  const t0 = Date.now()
  await startBatch(r, new Date(t0))
  const at = (s: number) => new Date(t0 + s * 1000).toISOString()
  await logAct(r.boilId, { id: ulid(), at: at(10), act: { type: 'pulled', step: 'pull', celsius: 140 } }, new Date())
  await storeReadings('one', [{ id: ulid(), at: at(12), celsius: 141.5 }])
  const entryNow = async () => (await logbook()).entries.find((e) => e.id === r.id)
  expect(await entryNow()).toMatchObject({ boils: [{ reached: null }] })
  await logAct(r.boilId, { id: ulid(), at: at(20), act: { type: 'finished' } }, new Date())
  const entry = await entryNow()
  expect(entry).toMatchObject({ boilsPlanned: 3, boils: [{ reached: 141.5 }], room: 'Hill kitchen' })
  expect(entry?.target).toBeCloseTo(142.7, 0)
  expect((await problem(batchStory(ulid())))?.status).toBe(404)
})
