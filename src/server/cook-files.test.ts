import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { BoilFrame, CookFile } from '@/contract/cook'
import type { Db } from '@/db'
import { appendReadings } from '@/db'
import { startBatch } from './batches'
import { everything, followBoils, logAct, parseFollows, snapshot } from './cook'
import { cookAsCsv, cookAsJson, importCookReadings } from './cook-files'
import { freshWorkshop, problem, request } from './testing'

let db: Db
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
})

afterAll(() => close())

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
    expect(rows).toContainEqual(expect.stringMatching(/^2026-11-25T10:05:00\.000Z,300\.0,100,98,$/))
    expect(rows).toContainEqual(expect.stringMatching(/,360\.0,,,"\{""type"":""correction"",""celsius"":2\}"/))
    expect((JSON.parse(await cookAsJson(r.boilId)) as CookFile).log.readings).toHaveLength(3)
  })

  it.each([
    ['a,b\n1,2\n', 400, /No column is a time/],
    ['', 400, /two columns/],
    [`time,temp\n${'0,20\n'.repeat(200_001)}`, 413, /At most 200000 rows/],
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

    // a second file that was read in the same moments is taken beside it, and the same file twice is one
    const csv = await cookAsCsv(r.boilId)
    const other = await started()
    await importCookReadings(other.boilId, 'time,temp\n0,25\n4500,26\n')
    expect(await importCookReadings(other.boilId, csv)).toMatchObject({ stored: 45_000 })
    expect(await importCookReadings(other.boilId, csv)).toMatchObject({ stored: 0 })
    expect((await everything(other.boilId)).readings).toHaveLength(45_002)

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
