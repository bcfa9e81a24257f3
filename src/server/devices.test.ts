import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Db } from '@/db'
import { addChannel } from '@/db'
import { startBatch } from './batches'
import { admitDevice, followScale, followWanted, parseWeights, storeWeights, takePressure, wantOn } from './devices'
import { kitchen } from './kitchen'
import { freshWorkshop, problem, request } from './testing'
import { hashToken } from './tokens'

let db: Db
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
})

afterAll(() => close())

describe('scale and barometer', () => {
  const device = (id: string, kind: 'scale' | 'barometer', room: string | null = null) =>
    addChannel(db, { id, name: id, tokenHash: hashToken('secret'), lagS: 0, noiseC: 0, kind, room })
  const t0 = Date.now()
  const weight = (grams: number, ms = 0) => ({ id: ulid(), at: new Date(t0 + ms).toISOString(), grams })

  it('a weight counts once, and is followed with how long it has stood still', async () => {
    await device('bench', 'scale')
    const list = [weight(10), weight(400, 250), weight(400.2, 500), weight(399.9, 2000)]
    await storeWeights('bench', list)
    await storeWeights('bench', list)
    await storeWeights('bench', list.slice(0, 2))
    const stop = new AbortController()
    const { value } = await followScale('bench', stop.signal).next()
    stop.abort()
    expect(value).toMatchObject({ grams: 399.9 })
    expect((value as { still: number }).still).toBeCloseTo(1.75, 3)
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
    const hill = async () => (await kitchen()).room.find((r) => r.id === 'hill')
    const before = await hill()
    expect(before?.barometerHPa).toBe(851.3)
    await takePressure('glass', JSON.stringify({ at: new Date().toISOString(), hPa: 851.26, humidity: 0.4123 }))
    expect((await hill())?.humidity).toBe(0.412)
    // one that tells no humidity leaves it as it is
    await takePressure('glass', JSON.stringify({ at: new Date().toISOString(), hPa: 851.26 }))
    expect((await hill())?.humidity).toBe(0.412)
    const asked = (authorization: string) => ({ params: { channel: 'glass' }, authorization })
    expect((await problem(admitDevice('barometer')(asked('Bearer wrong'))))?.status).toBe(401)
    expect((await problem(admitDevice('scale')(asked('Bearer secret'))))?.status).toBe(404)
    expect((await problem(takePressure('glass', '{"at":"now","hPa":9000}')))?.status).toBe(400)
    expect((await problem(startBatch({ ...request('glass') }, new Date())))?.status).toBe(404)
  })

  it('weights are refused in floods and by the line', () => {
    expect(() => parseWeights('')).toThrow(/no weight/)
    expect(() => parseWeights('{"grams":1}')).toThrow(/Weight 1/)
    expect(() => parseWeights(`${JSON.stringify(weight(1))}\n`.repeat(2001))).toThrow(/At most 2000/)
  })
})
