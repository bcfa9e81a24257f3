/** The whole log out and back in, on a real database. */
import { unzipSync } from 'fflate'
import ical from 'ical.js'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { type BatchFile, batchFileSchema } from '@/contract/log-file'
import { findBatch } from '@/db'
import { demoHistory } from '@/demo/history'
import { loadLog } from '../../scripts/lib/demo-workshop'
import { setVerdict } from './batches'
import { batchFile, exportLog, importBatch } from './log-files'
import { logbook } from './logbook'
import { writeBatch } from './long/batch-file'
import { keepPicture } from './pictures'
import { dueNow, reminderCalendar } from './reminders'
import { freshWorkshop } from './testing'

let close: () => Promise<void>
const history = demoHistory().slice(0, 5)

async function exported(): Promise<{ batches: BatchFile[]; table: string; pictures: string[] }> {
  const files = unzipSync(new Uint8Array(await new Response(exportLog()).arrayBuffer()))
  const text = (name: string): string => new TextDecoder().decode(files[name])
  const lines = text('log.jsonl').split('\n').filter(Boolean)
  return {
    batches: lines.map((l) => batchFileSchema.parse(JSON.parse(l))),
    table: text('batches.csv'),
    pictures: Object.keys(files).filter((f) => f.startsWith('pictures/')),
  }
}

beforeAll(async () => {
  const fresh = await freshWorkshop()
  await loadLog(fresh.db, history)
  close = fresh.close
})
afterAll(() => close())

describe('the log as files', () => {
  it('goes out whole, and comes back in another workshop as it was, once', async () => {
    const batch = history[1]?.batch.id as string
    const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#a05a20' } })
      .jpeg()
      .toBuffer()
    await keepPicture(batch, '01K0000000000000000000PCTR', jpeg, new Date())
    const out = await exported()
    expect(out.pictures).toContain(`pictures/${batch}/01K0000000000000000000PCTR.jpg`)
    expect(out.batches.map((b) => b.id)).toEqual(history.map((h) => h.batch.id))
    expect(out.table.split('\r\n')).toHaveLength(history.length + 1)
    for (const [i, b] of out.batches.entries())
      expect(b.boils.flatMap((x) => x.readings)).toHaveLength(history[i]?.boils.flatMap((x) => x.readings).length ?? 0)
    await close()
    const fresh = await freshWorkshop()
    close = fresh.close
    for (const b of out.batches) expect(await importBatch(JSON.stringify(b), new Date())).toEqual({ came: 'new' })
    for (const b of out.batches) expect(await importBatch(JSON.stringify(b), new Date())).toEqual({ came: 'same' })
    const back = await exported()
    expect(back.batches).toEqual(out.batches)
    const { entries } = await logbook()
    expect(entries).toHaveLength(history.length)
    for (const e of entries) expect(e.boils.every((b) => b.reached !== null && b.curve.length > 10)).toBe(true)
  })

  it('gives a batch of a formula the book has otherwise a revision of its own', async () => {
    const record = await findBatch(fresh(), history[0]?.batch.id ?? '')
    if (!record) throw new Error('not there')
    const file = JSON.parse(new TextDecoder().decode(writeBatch(await batchFile(record)))) as BatchFile
    const other = { ...file.formula.document, about: 'Written otherwise in the kitchen it came from.' }
    const id = `${file.id.slice(0, -1)}${file.id.endsWith('A') ? 'B' : 'A'}`
    const boils = file.boils.map((b) => ({
      ...b,
      id: `${b.id.slice(0, -1)}${b.id.endsWith('A') ? 'B' : 'A'}`,
      acts: b.acts.map((a) => ({ ...a, id: `${a.id.slice(0, -1)}${a.id.endsWith('A') ? 'B' : 'A'}` })),
    }))
    await importBatch(JSON.stringify({ ...file, id, boils, formula: { ...file.formula, document: other } }), new Date())
    expect((await findBatch(fresh(), id))?.revision).toBe(record.revision + 1)
  })
})

const fresh = () =>
  (globalThis as { imbryDb?: Parameters<typeof findBatch>[0] }).imbryDb as Parameters<typeof findBatch>[0]

describe('what is to be looked at again', () => {
  // nobody has looked at it again yet
  const batch = history.find((h) => !h.judged.kept.some((k) => k.days === 7))?.batch
  const now = new Date((batch?.startedAt.getTime() ?? 0) + 8 * 86_400_000)

  it('is due after a day, a week and a month, until it has been looked at', async () => {
    const due = await dueNow(now)
    const first = due.find((r) => r.id === batch?.id && r.days === 7)
    expect(first).toBeDefined()
    const record = await findBatch(fresh(), first?.id ?? '')
    if (!record) throw new Error('not there')
    const from = { note: record.note, score: record.score, judged: record.judged }
    const kept = [...from.judged.kept.filter((k) => k.days !== 7), { days: 7 as const, stick: 2, note: '' }]
    await setVerdict(record.id, { ...from, judged: { ...from.judged, kept }, from })
    expect((await dueNow(now)).some((r) => r.id === record.id && r.days === 7)).toBe(false)
  })

  it('stands in a calendar another library reads', async () => {
    const calendar = new ical.Component(ical.parse(await reminderCalendar(now)))
    const events = calendar.getAllSubcomponents('vevent').map((e) => new ical.Event(e))
    expect(events.length).toBeGreaterThan(3)
    for (const e of events) expect(e.summary).toMatch(/^Look at .+ again/)
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length)
  })
})
