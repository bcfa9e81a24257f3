import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { BoilFrame } from '@/contract/cook'
import { type Correction, corrected } from '@/core'
import type { Db } from '@/db'
import { addRevision, appendEvent, appendReadings, eventsAfter, putChannel, readingsAfter } from '@/db'
import { freshDatabase } from '@/db/testing'
import { demoFormulas } from '@/demo/formulas'
import { furnish } from '../../scripts/lib/demo-workshop'
import { startBatch, startBoil } from './batches'
import { boil, everything, followBoils, logAct, parseFollows, snapshot } from './cook'
import { cookAsCsv, cookAsJson, importCookReadings } from './cook-files'
import { admitDevice, followScale, followWanted, parseWeights, storeWeights, takePressure, wantOn } from './devices'
import { kitchen } from './kitchen'
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
  await furnish(db)
  for (const id of ['one', 'two', 'three', 'quick-probe'])
    await putChannel(db, {
      id,
      name: id,
      tokenHash: hashToken('secret'),
      lagS: 4,
      noiseC: 0.1,
      kind: 'probe',
      room: null,
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
  thermometer: null as string | null,
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
    expect(view.plan.boils.map((b) => b.label)).toEqual(['Rhubarb', 'Nettle', 'Elderflower'])
    expect((await batchStory(r.id)).boils).toHaveLength(1)
  })

  it('freezes what is known of its thermometers: the probe’s own, or the one read by eye', async () => {
    const byEye = { ...request(null), thermometer: 'clip' }
    await startBatch(byEye, new Date('2026-11-25T10:00:00.000Z'))
    const { probe } = await boil(byEye.boilId)
    expect(probe.thermometer).toMatchObject({ name: 'clip thermometer', channel: null })
    expect(120 - corrected(probe.thermometer as Correction, 120)).toBeCloseTo(2.4, 0)

    const probed = request('quick-probe')
    await startBatch(probed, new Date())
    expect((await boil(probed.boilId)).probe.thermometer?.name).toBe('quick probe')
    const unknown = request('one')
    await startBatch(unknown, new Date())
    expect((await boil(unknown.boilId)).probe.thermometer).toBeNull()
    expect((await problem(startBatch({ ...request(null), thermometer: 'nose' }, new Date())))?.message).toMatch(
      /no thermometer "nose"/,
    )
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
    const from = parseFollows([`${r.boilId}.0.0`])
    const windows = [followBoils(from, stop.signal), followBoils(from, stop.signal)]
    for (const frames of windows) expect((await frames.next()).value?.[0]?.acts).toHaveLength(1)
    const id = ulid()
    await logAct(r.boilId, { id, at: new Date().toISOString(), act: { type: 'heat', dial: 3 } }, new Date())
    for (const frames of windows) {
      const [frame] = (await frames.next()).value ?? []
      expect(frame?.boil).toBe(r.boilId)
      expect(frame?.acts.map((a: { id: string }) => a.id)).toEqual([id])
    }
    stop.abort()
    for (const frames of windows) expect((await frames.next()).done).toBe(true)
    expect((await snapshot(r.boilId)).acts).toHaveLength(2)
  })

  it('reach a follower although they were written by another copy of the app, boil by boil', async () => {
    const [one, two] = [request(), request()]
    await startBatch(one, new Date())
    await startBatch(two, new Date())
    const stop = new AbortController()
    const frames = followBoils(parseFollows([`${one.boilId}.0.0`, `${two.boilId}.0.0`]), stop.signal)
    const heard: BoilFrame[] = []
    const until = async (count: number) => {
      while (heard.length < count) heard.push(...((await frames.next()).value ?? []))
      return heard.map((f) => [f.boil, f.acts.length])
    }
    expect(new Map((await until(2)) as [string, number][])).toEqual(
      new Map([
        [one.boilId, 1],
        [two.boilId, 1],
      ]),
    )
    const act = { id: ulid(), at: new Date().toISOString(), act: { type: 'heat' as const, dial: 3 } }
    await appendEvent(db, two.boilId, act, new Date())
    expect((await until(3))[2]).toEqual([two.boilId, 1])
    stop.abort()
  })

  it.each([
    [[]],
    [['nowhere']],
    [['01JD3M9Q6S8ZK3V3N8C0A7T4QX.1']],
    [Array(33).fill('01JD3M9Q6S8ZK3V3N8C0A7T4QX.1.1')],
  ])('are not followed from a place that is none', (after) => {
    expect(() => parseFollows(after)).toThrow(Problem)
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

describe('cooks as files', () => {
  const started = async (channel: string | null = null) => {
    const r = request(channel)
    await startBatch(r, new Date('2026-11-25T10:00:00.000Z'))
    return r
  }
  const csv = 'Time,Temp (°F)\n0:00,68\n5:00,212\n5:10,\n10:00,298.4\n'

  it('take readings from elsewhere, once however often they are sent', async () => {
    const r = await started()
    expect(await importCookReadings(r.boilId, csv)).toEqual({ stored: 3, skipped: 1 })
    expect(await importCookReadings(r.boilId, csv)).toEqual({ stored: 0, skipped: 1 })
    const { readings } = await snapshot(r.boilId)
    expect(readings.map(([ms, c]) => [(ms - Date.parse('2026-11-25T10:00:00.000Z')) / 1000, Math.round(c)])).toEqual([
      [0, 20],
      [300, 100],
      [600, 148],
    ])
  })

  it('go out with every reading raw and as it is believed, and every act', async () => {
    const r = await started()
    await importCookReadings(r.boilId, csv)
    const at = new Date('2026-11-25T10:06:00.000Z')
    await logAct(r.boilId, { id: ulid(), at: at.toISOString(), act: { type: 'correction', celsius: 2 } }, at)
    const rows = (await cookAsCsv(r.boilId)).split('\r\n')
    expect(rows[0]).toBe('time,elapsed_s,celsius_raw,celsius,act')
    expect(rows).toContainEqual(expect.stringMatching(/^2026-11-25T10:05:00\.000Z,300\.0,100,98\.00,$/))
    expect(rows).toContainEqual(expect.stringMatching(/,360\.0,,,"\{""type"":""correction"",""celsius"":2\}"/))
    expect((await cookAsJson(r.boilId)).log.readings).toHaveLength(3)
  })

  it.each([
    ['a,b\n1,2\n', 400, /No column is a time/],
    ['', 400, /two columns/],
    [`time,temp\n${'0,20\n'.repeat(100_001)}`, 413, /At most 100000 rows/],
  ])('refuse what is no list of readings', async (text, status, message) => {
    const r = await started()
    expect(await problem(importCookReadings(r.boilId, text))).toMatchObject({
      status,
      message: expect.stringMatching(message),
      kept: 'Nothing was stored.',
    })
  })

  it('are whole however long they are', async () => {
    const r = await started()
    const rows = Array.from({ length: 45_000 }, (_, i) => `${i / 10},${20 + i / 1000}`)
    for (let i = 0; i < rows.length; i += 15_000)
      await appendReadings(
        db,
        r.boilId,
        rows.slice(i, i + 15_000).map((row, k) => ({
          id: `long-${r.boilId.slice(-8)}-${i + k}`,
          at: new Date(Date.parse('2026-11-25T10:00:00.000Z') + (i + k) * 100),
          celsius: Number(row.split(',')[1]),
        })),
      )
    expect((await everything(r.boilId)).readings).toHaveLength(45_000)

    // a picture of them is small, fine where it is recent, and the stream goes on after the last of them
    const { readings, cursor } = await snapshot(r.boilId)
    expect(readings.length).toBeLessThan(1300)
    const times = readings.map(([ms]) => (ms - Date.parse('2026-11-25T10:00:00.000Z')) / 1000)
    expect(times.at(-1)).toBe(4499.9)
    const gaps = times.slice(1).map((t, i) => t - (times[i] as number))
    expect(Math.max(...gaps)).toBeLessThan(16)
    expect(Math.max(...gaps.slice(-590))).toBeLessThan(1.2)
    const stop = new AbortController()
    const frames = followBoils(parseFollows([`${r.boilId}.${cursor}`]), stop.signal)
    await appendReadings(db, r.boilId, [{ id: ulid(), at: new Date('2026-11-25T11:15:00.000Z'), celsius: 66 }])
    let fresh: BoilFrame['readings'] = []
    while (fresh.length === 0) fresh = (await frames.next()).value?.[0]?.readings ?? []
    expect(fresh).toEqual([[Date.parse('2026-11-25T11:15:00.000Z'), 66]])
    stop.abort()
  })
})

describe('two syrups at once', () => {
  it('the second is lit on a probe that is free', async () => {
    const r = {
      ...request('one'),
      formula: 'bay-leaf-honey-nougat',
      shape: { kind: 'cut' as const, lengthMm: 40, widthMm: 15, heightMm: 20 },
      vessel: 'slab-30',
      pot: 'copper-9',
    }
    await startBatch(r, new Date())
    const id = ulid()
    await startBoil(r.id, { id, number: 2, rate: 1 }, new Date())
    const [sugar, honey] = [await boil(r.boilId), await boil(id)]
    expect([sugar.part, honey.part]).toEqual([null, 'honey'])
    expect(honey.formula.name).toBe('Honey syrup')
    expect(honey.channel).not.toBe(sugar.channel)
  })
})

describe('scale and barometer', () => {
  const device = (id: string, kind: 'scale' | 'barometer', room: string | null = null) =>
    putChannel(db, { id, name: id, tokenHash: hashToken('secret'), lagS: 0, noiseC: 0, kind, room })
  const weight = (grams: number, ms = 0) => ({ id: ulid(), at: new Date(Date.now() + ms).toISOString(), grams })

  it('a weight is stored once, and followed with how long it has stood still', async () => {
    await device('bench', 'scale')
    const list = [weight(10), weight(400, 250), weight(400.2, 500), weight(399.9, 2000)]
    expect(await storeWeights('bench', list)).toEqual({ stored: 4 })
    expect(await storeWeights('bench', list)).toEqual({ stored: 0 })
    const stop = new AbortController()
    const { value } = await followScale('bench', stop.signal).next()
    stop.abort()
    expect(value).toMatchObject({ grams: 399.9 })
    expect((value as { still: number }).still).toBeCloseTo(2, 1)
  })

  it('a scale is told what is wanted, and when that changes', async () => {
    await device('told', 'scale')
    const stop = new AbortController()
    const frames = followWanted('told', stop.signal)
    expect((await frames.next()).value).toEqual({ grams: null })
    const next = frames.next()
    await wantOn('told', { grams: 635 })
    expect((await next).value).toEqual({ grams: 635 })
    stop.abort()
  })

  it('a barometer moves its room, and only with its own token', async () => {
    await device('glass', 'barometer', 'hill')
    await takePressure('glass', JSON.stringify({ at: new Date().toISOString(), hPa: 851.26 }))
    expect((await kitchen()).room.find((r) => r.id === 'hill')?.barometerHPa).toBe(851.3)
    expect((await problem(admitDevice('glass', 'barometer', 'Bearer wrong')))?.status).toBe(401)
    expect((await problem(admitDevice('glass', 'scale', 'Bearer secret')))?.status).toBe(404)
    expect((await problem(takePressure('glass', '{"at":"now","hPa":9000}')))?.status).toBe(400)
    expect((await problem(startBatch({ ...request('glass') }, new Date())))?.status).toBe(404)
  })

  it('weights are refused in floods and by the line', () => {
    expect(() => parseWeights('')).toThrow(/no weight/)
    expect(() => parseWeights('{"grams":1}')).toThrow(/Weight 1/)
    expect(() => parseWeights(`${JSON.stringify(weight(1))}\n`.repeat(2001))).toThrow(/At most 2000/)
  })
})
