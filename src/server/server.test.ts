import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Db } from '@/db'
import { addRevision, eventsAfter, readingsAfter, writeKitchen } from '@/db'
import { freshDatabase } from '@/db/testing'
import { demoFormulas } from '@/demo/formulas'
import { demoBurners, demoPots, demoRooms, demoVessels } from '@/demo/kitchen'
import { startBatch, startBoil } from './batches'
import { boil, followBoil, logAct, snapshot } from './cook'
import { batchStory, logbook } from './logbook'
import { admitHub, followChannel, hashToken, parseReadings, storeReadings } from './probes'
import { Problem } from './problem'

let db: Db
let close: () => Promise<void>

beforeAll(async () => {
  const fresh = await freshDatabase()
  db = fresh.db
  close = fresh.close
  ;(globalThis as { imbryDb?: Db }).imbryDb = db
  for (const [id, document] of Object.entries(demoFormulas)) await addRevision(db, id, document, new Date())
  await writeKitchen(db, {
    rooms: demoRooms,
    pots: demoPots,
    burners: demoBurners,
    vessels: demoVessels,
    channels: ['one', 'two', 'three'].map((id) => ({
      id,
      name: id,
      tokenHash: hashToken('secret'),
      lagS: 4,
      noiseC: 0.1,
    })),
  })
})

afterAll(() => close())

const request = (channel: string | null = 'one') => ({
  id: ulid(),
  boilId: ulid(),
  formula: 'rhubarb-nettle-elderflower-drops',
  revision: 1,
  size: { by: 'pieces' as const, pieces: 300 },
  shape: { kind: 'mould' as const, millilitres: 2.6 },
  room: 'hill',
  pot: 'aluminium-4',
  burner: 'induction',
  vessel: 'drops-54',
  channel,
  rate: 1,
})

const problem = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (e: unknown) => e as Problem,
  )

describe('starting a batch', () => {
  it('freezes the kitchen it is made in, once however often it is asked', async () => {
    const r = request()
    const at = new Date()
    await startBatch(r, at)
    await startBatch(r, at)
    const view = await boil(r.boilId)
    expect(view.conditions).toMatchObject({
      room: 'Hill kitchen',
      altitudeM: 1480,
      vessel: { name: '54-cavity mould' },
    })
    expect(view.plan.boils).toEqual(['Rhubarb', 'Nettle', 'Elderflower'])
    expect((await batchStory(r.id)).boils).toHaveLength(1)
  })

  it.each([
    [{ pot: 'cauldron' }, 404, /no pot "cauldron"/],
    [{ formula: 'nothing' }, 404, /no formula/],
    [{ revision: 9 }, 404, /revision 9/],
    [{ channel: 'nobody' }, 404, /no probe channel/],
    [{ size: { by: 'weight' as const, grams: 1e9 } }, 400, /at most 100 kg/],
  ])('refuses %j', async (change, status, message) => {
    const r = { ...request(), ...change }
    const p = await problem(startBatch(r, new Date()))
    expect(p).toBeInstanceOf(Problem)
    expect(p?.status).toBe(status)
    expect(p?.message).toMatch(message)
    expect((await problem(boil(r.boilId)))?.status).toBe(404)
  })

  it('goes on to the next boil, by its own label', async () => {
    const r = request()
    await startBatch(r, new Date())
    const id = ulid()
    await startBoil(r.id, { id, number: 2, rate: 1 }, new Date())
    await startBoil(r.id, { id, number: 2, rate: 1 }, new Date())
    expect((await boil(id)).label).toBe('Nettle')
    expect((await problem(startBoil(r.id, { id: ulid(), number: 2, rate: 1 }, new Date())))?.status).toBe(409)
    expect((await problem(startBoil(r.id, { id: ulid(), number: 7, rate: 1 }, new Date())))?.message).toMatch(/3 boils/)
    expect((await problem(startBoil(ulid(), { id: ulid(), number: 1, rate: 1 }, new Date())))?.status).toBe(404)
  })
})

describe('acts', () => {
  it('refuse what the formula does not have or the clock does not allow', async () => {
    const r = request()
    await startBatch(r, new Date())
    const at = new Date().toISOString()
    const wrongStep = { id: ulid(), at, act: { type: 'step' as const, step: 'dance' } }
    expect((await problem(logAct(r.boilId, wrongStep, new Date())))?.message).toMatch(/no step "dance"/)
    const early = { id: ulid(), at: '2001-01-01T00:00:00.000Z', act: { type: 'note' as const, text: 'x' } }
    expect((await problem(logAct(r.boilId, early, new Date())))?.message).toMatch(/before the cook began/)
    const late = { id: ulid(), at: '2126-01-01T00:00:00.000Z', act: { type: 'note' as const, text: 'x' } }
    expect((await problem(logAct(r.boilId, late, new Date())))?.message).toMatch(/is the clock right/)
    expect(await eventsAfter(db, r.boilId, 0)).toHaveLength(1)
  })

  it('reach every follower, in order, from where each stood', async () => {
    const r = request()
    await startBatch(r, new Date())
    const stop = new AbortController()
    const frames = followBoil(r.boilId, { reading: 0, event: 0 }, stop.signal)
    expect((await frames.next()).value?.acts).toHaveLength(1)
    const id = ulid()
    await logAct(r.boilId, { id, at: new Date().toISOString(), act: { type: 'heat', dial: 3 } }, new Date())
    const frame = (await frames.next()).value
    expect(frame?.acts.map((a: { id: string }) => a.id)).toEqual([id])
    stop.abort()
    expect((await frames.next()).done).toBe(true)
    expect((await snapshot(r.boilId)).acts).toHaveLength(2)
  })
})

describe('readings', () => {
  const line = (at: Date, celsius: number) => JSON.stringify({ id: ulid(), at: at.toISOString(), celsius })

  it('need the channel’s own token', async () => {
    await expect(admitHub('one', 'Bearer secret')).resolves.toBeUndefined()
    for (const bad of [null, '', 'secret', 'Bearer', 'Bearer wrong'])
      expect((await problem(admitHub('one', bad)))?.status).toBe(401)
    expect((await problem(admitHub('elsewhere', 'Bearer secret')))?.status).toBe(404)
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
  const entry = (await logbook()).find((e) => e.id === r.id)
  expect(entry).toMatchObject({ boilsPlanned: 3, boils: [{ reached: 141.5 }], room: 'Hill kitchen' })
  expect(entry?.target).toBeCloseTo(142.7, 0)
  expect((await problem(batchStory(ulid())))?.status).toBe(404)
})
