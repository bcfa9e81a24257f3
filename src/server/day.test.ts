/** A day as it is kept, on a real database. */
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Day } from '@/contract/day'
import { startBatch } from './batches'
import { logAct } from './cook'
import { dayOf, setDay } from './day'
import { freshWorkshop, problem, request } from './testing'

let close: () => Promise<void>
beforeAll(async () => {
  ;({ close } = await freshWorkshop())
})
afterAll(() => close())

const wanted = async (date: string, change: Partial<Day> = {}): Promise<Day> => ({
  ...(await dayOf(date)).day,
  items: [{ id: 'a', formula: 'orchard-toffee', size: { by: 'pieces', pieces: 80 } }],
  ...change,
})

describe('a day', () => {
  it('is blank until it is written, then in the hours of the one before', async () => {
    const day = await wanted('2026-11-26', { from: '07:30', by: '15:00', cooks: 1 })
    expect(await setDay('2026-11-26', day, 0)).toEqual({ version: 1 })
    expect((await dayOf('2026-11-26')).day).toEqual(day)
    const next = await dayOf('2026-11-27')
    expect(next.day).toMatchObject({ from: '07:30', by: '15:00', cooks: 1, items: [] })
    expect(next.version).toBe(0)
  })

  it('is kept for whoever wrote first; the other is told', async () => {
    const day = await wanted('2026-12-01')
    const both = await Promise.all([
      problem(setDay('2026-12-01', { ...day, cooks: 1 }, 0)),
      problem(setDay('2026-12-01', { ...day, cooks: 2 }, 0)),
    ])
    expect(both.filter((p) => p !== null)).toMatchObject([{ status: 409 }])
    expect(
      await problem(
        setDay('2026-12-02', { ...day, items: [{ id: 'x', formula: 'none', size: { by: 'pieces', pieces: 1 } }] }, 0),
      ),
    ).toMatchObject({
      status: 404,
    })
  })

  it('knows when its boils were lit and pulled', async () => {
    const r = request('three')
    await startBatch(r, new Date())
    const at = new Date(Date.now() + 5000).toISOString()
    await logAct(r.boilId, { id: ulid(), at, act: { type: 'pulled', step: 'pull', celsius: null } }, new Date())
    const day = await wanted('2026-12-03', { boils: { 'a 1': r.boilId, 'b 1': ulid() } })
    await setDay('2026-12-03', day, 0)
    const { cooked, onStove } = await dayOf('2026-12-03')
    expect(Object.keys(cooked)).toEqual(['a 1'])
    expect(cooked['a 1']?.pulledAt).toBe(at)
    // what has been pulled is on the stove no more
    expect(onStove).toEqual({})
  })
})
