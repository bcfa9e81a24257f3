import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { anything } from '@/contract/logbook'
import { nothingJudged } from '@/contract/verdict'
import { demoBoil } from '@/demo/formulas'
import { demoHistory } from '@/demo/history'
import {
  boilOnChannel,
  boilsOfBatch,
  findBatch,
  findBoil,
  insertBatch,
  insertBoil,
  openBoils,
  recentBoilsOnChannel,
} from './batches'
import type { Db } from './client'
import { pageOfBatches } from './find'
import { addRevision, findFormula, listFormulas } from './formulas'
import { addChannel, findChannel, putThing, readThings, removeThing } from './kitchen'
import {
  appendEvent,
  appendEvents,
  appendReadings,
  eventsAfter,
  lastReadingAt,
  readingsAfter,
  thinnedReadings,
} from './log'
import { boilsInLists, putSummary, taughtOf } from './summaries'
import { freshDatabase } from './testing'
import { writeVerdict } from './verdicts'

let db: Db
let close: () => Promise<void>
const caramels = demoBoil('smoked-salt-tamarind-caramels')
const sample = demoHistory().find((h) => h.batch.formulaId === 'smoked-salt-tamarind-caramels')
if (!sample) throw new Error('the demo log has no caramels')

beforeAll(async () => {
  const fresh = await freshDatabase()
  db = fresh.db
  close = fresh.close
  await addRevision(db, 'smoked-salt-tamarind-caramels', caramels, new Date('2026-01-01T00:00:00.123Z'))
  await putThing(db, 'room', 'quay', quay)
  await addChannel(db, {
    id: 'quick-probe',
    name: 'Quick probe',
    tokenHash: 'a'.repeat(64),
    lagS: 4,
    noiseC: 0.15,
    kind: 'probe',
    room: null,
  })
})

afterAll(() => close())

/** A batch of the demo log under ids of its own. */
async function startedBatch(startedAt = new Date()) {
  const id = ulid()
  const boilId = ulid()
  const batch = { ...(sample as NonNullable<typeof sample>).batch, id, startedAt }
  const boil = {
    id: boilId,
    batchId: id,
    number: 1,
    label: '',
    channelId: 'quick-probe',
    startedAt,
    clock: { id: ulid(), rate: 1 },
  }
  await insertBatch(db, batch, caramels, boil)
  return { batch, boil, id, boilId }
}

describe('formulas', () => {
  it('come back as they were written, to the millisecond', async () => {
    const found = await findFormula(db, 'smoked-salt-tamarind-caramels')
    expect(found).toMatchObject({ revision: 1, document: caramels })
    expect(found?.createdAt.toISOString()).toBe('2026-01-01T00:00:00.123Z')
  })

  it('keep every revision, and list the newest', async () => {
    const changed = { ...caramels, about: 'second thoughts' }
    const numbers = await Promise.all([1, 2, 3].map(() => addRevision(db, 'twice', changed, new Date())))
    expect(numbers.map((n) => ('revision' in n ? n.revision : 0)).sort()).toEqual([1, 2, 3])
    await addRevision(db, 'twice', { ...caramels, about: 'last' }, new Date())
    expect((await findFormula(db, 'twice', 1))?.document.about).toBe('second thoughts')
    const listed = (await listFormulas(db, '', 100)).records.filter((f) => f.id === 'twice')
    expect(listed).toMatchObject([{ revision: 4, document: { about: 'last' } }])
  })

  it('are null when there is none', async () => {
    expect(await findFormula(db, 'nothing')).toBeNull()
    expect(await findFormula(db, 'twice', 99)).toBeNull()
  })
})

const quay = { name: 'Quay kitchen', altitudeM: 12, barometerHPa: null, roomC: 21, humidity: 0.63 }

describe('the kitchen', () => {
  it('is read whole, and written over by kind and id', async () => {
    const tray = { kind: 'tray', name: 'slab tray', lengthMm: 300, widthMm: 200, depthMm: 30 } as const
    await putThing(db, 'vessel', 'quay', tray)
    await putThing(db, 'room', 'quay', { ...quay, altitudeM: 14 })
    const kitchen = await readThings(db)
    expect(kitchen.room).toEqual([{ id: 'quay', ...quay, altitudeM: 14 }])
    expect(kitchen.vessel).toEqual([{ id: 'quay', ...tray }])
    expect(kitchen.cutter).toEqual([])
  })

  it('gives up a thing once', async () => {
    await putThing(db, 'measure', 'glass', { name: 'glass', millilitres: 210 })
    expect(await removeThing(db, 'measure', 'glass')).toBe('removed')
    expect(await removeThing(db, 'measure', 'glass')).toBe('missing')
    expect((await readThings(db)).measure).toEqual([])
  })

  it('knows no channel nobody made', async () => expect(await findChannel(db, 'nobody')).toBeNull())
})

describe('batches and boils', () => {
  it('freeze plan and conditions, and start the clock', async () => {
    const { batch, id, boilId } = await startedBatch()
    const found = await findBatch(db, id)
    expect(found).toMatchObject({ id, plan: batch.plan, conditions: batch.conditions, note: '' })
    const boil = await findBoil(db, boilId)
    expect(boil).toMatchObject({ batchId: id, formula: caramels, probe: { lagS: 4, noiseC: 0.15 }, endedAt: null })
    expect(await eventsAfter(db, boilId, 0)).toMatchObject([{ act: { type: 'clock', rate: 1 } }])
  })

  it('are not doubled by a retry', async () => {
    const { batch, boil, id, boilId } = await startedBatch()
    await insertBatch(db, batch, caramels, boil)
    expect(await boilsOfBatch(db, id)).toHaveLength(1)
    expect(await eventsAfter(db, boilId, 0)).toHaveLength(1)
  })

  it('take a verdict, and only for a batch that exists', async () => {
    const { id } = await startedBatch()
    const [blank, good] = [
      { note: '', score: null, judged: nothingJudged },
      { note: 'good chew', score: 4, judged: nothingJudged },
    ]
    expect(await writeVerdict(db, id, good, blank)).toEqual(good)
    expect(await findBatch(db, id)).toMatchObject(good)
    expect(await writeVerdict(db, ulid(), good, blank)).toBeNull()
  })

  it('keep the verdict of whoever wrote first, and take the same one twice', async () => {
    const { id } = await startedBatch()
    const blank = { note: '', score: null, judged: nothingJudged }
    const [one, two] = [
      { note: 'short', score: 2, judged: { ...nothingJudged, flaws: ['grained' as const] } },
      { note: 'long', score: 5, judged: nothingJudged },
    ]
    const both = await Promise.all([writeVerdict(db, id, one, blank), writeVerdict(db, id, two, blank)])
    const kept = await findBatch(db, id)
    expect(both).toEqual([expect.objectContaining({ note: kept?.note }), expect.objectContaining({ note: kept?.note })])
    const mine = kept?.note === 'short' ? one : two
    expect(await writeVerdict(db, id, mine, blank)).toEqual(mine)
    expect(await writeVerdict(db, id, { ...mine, note: 'after' }, mine)).toEqual({ ...mine, note: 'after' })
  })

  it('are listed newest first, page by page, each once', async () => {
    const old = [1, 1, 2, 3].map((day) => new Date(`2020-01-0${day}T00:00:00Z`))
    for (const at of old) await startedBatch(at)
    const ids: string[] = []
    let after: { startedAt: Date; id: string } | null = null
    for (;;) {
      const page: Awaited<ReturnType<typeof pageOfBatches>> = await pageOfBatches(db, 'log', anything, after, 2)
      ids.push(...page.map((b) => b.id))
      const last = page.at(-1)
      if (!last || page.length < 2) break
      after = last
    }
    const whole = await pageOfBatches(db, 'log', anything, null, 1000)
    expect(ids).toEqual(whole.map((b) => b.id))
    expect(new Set(ids).size).toBe(ids.length)
    const dates = whole.map((b) => b.startedAt.getTime())
    expect(dates).toEqual([...dates].sort((x, y) => y - x))
    expect(whole[0]).toMatchObject({ name: caramels.name, family: 'caramel', boilsPlanned: 1 })
    expect(whole[0]?.targetC).toBeGreaterThan(110)
  })

  it('end when the log says so, and the channel goes to the newest that has not', async () => {
    const first = await startedBatch()
    const second = { ...first.boil, id: ulid(), number: 2, label: 'two', clock: { id: ulid(), rate: 1 } }
    await insertBoil(db, second)
    expect((await boilOnChannel(db, 'quick-probe'))?.id).toBe(second.id)
    const end = new Date(Date.now() + 60_000).toISOString()
    const finished = { id: ulid(), at: end, act: { type: 'finished' as const } }
    await appendEvent(db, second.id, finished, new Date())
    expect((await boilOnChannel(db, 'quick-probe'))?.id).toBe(first.boilId)
    expect((await findBoil(db, second.id))?.endedAt).toBe(end)
    expect((await openBoils(db, 100)).boils.map((b) => b.id)).not.toContain(second.id)
    expect((await recentBoilsOnChannel(db, 'quick-probe'))[0]?.id).toBe(second.id)
  })
})

describe('the log of a boil', () => {
  const reading = (s: number, celsius: number) => ({ id: ulid(), at: new Date(1_790_000_000_000 + s * 1000), celsius })

  it('stores a reading once, whoever repeats it', async () => {
    const { boilId } = await startedBatch()
    const rows = [reading(1, 100.25), reading(2, 101.5)]
    expect(await appendReadings(db, boilId, rows)).toBe(2)
    expect(await appendReadings(db, boilId, [...rows, reading(3, 102)])).toBe(1)
    const stored = await readingsAfter(db, boilId, 0)
    expect(stored.map((r) => r.celsius)).toEqual([100.25, 101.5, 102])
    expect(stored[0]?.at.getTime()).toBe(rows[0]?.at.getTime())
    expect(await lastReadingAt(db, boilId)).toEqual(new Date(1_790_000_003_000))
  })

  it('goes on from a cursor', async () => {
    const { boilId } = await startedBatch()
    await appendReadings(db, boilId, [reading(1, 1), reading(2, 2)])
    const first = (await readingsAfter(db, boilId, 0)).at(-1)?.n ?? 0
    await appendReadings(db, boilId, [reading(3, 3)])
    expect((await readingsAfter(db, boilId, first)).map((r) => r.celsius)).toEqual([3])
  })

  it('shows writers in order: whoever has seen a reading has seen all before it', async () => {
    const { boilId } = await startedBatch()
    let seen = 0
    let missed = 0
    const known = new Set<number>()
    const writers = Array.from({ length: 8 }, async (_, w) => {
      for (let i = 0; i < 12; i++) await appendReadings(db, boilId, [reading(w * 100 + i, i)])
    })
    let writing = true
    const done = Promise.all(writers).then(() => {
      writing = false
    })
    while (writing) {
      for (const r of await readingsAfter(db, boilId, seen)) {
        known.add(r.n)
        seen = r.n
      }
    }
    await done
    for (const r of await readingsAfter(db, boilId, seen)) known.add(r.n)
    for (const r of await readingsAfter(db, boilId, 0)) if (!known.has(r.n)) missed++
    expect(known.size).toBe(96)
    expect(missed).toBe(0)
  })

  it('stores an act once', async () => {
    const { boilId } = await startedBatch()
    const act = { id: ulid(), at: '2026-11-24T12:00:00.000Z', act: { type: 'heat' as const, dial: 6 } }
    expect(await appendEvent(db, boilId, act, new Date())).toBe('stored')
    expect(await appendEvent(db, boilId, act, new Date())).toBe('repeated')
    const other = { ...act, at: '2026-11-24T12:00:01.000Z' }
    expect(await appendEvent(db, boilId, other, new Date())).toBe('conflict')
    const elsewhere = (await startedBatch()).boilId
    expect(await appendEvent(db, elsewhere, act, new Date())).toBe('conflict')
    expect((await eventsAfter(db, boilId, 0)).filter((e) => e.id === act.id)).toHaveLength(1)
  })

  it('takes a whole log, each act once, in its order, however long what was noted is', async () => {
    const { boilId } = await startedBatch()
    const before = (await eventsAfter(db, boilId, 0)).length
    const note = { type: 'note' as const, text: '糖'.repeat(2000) }
    // more than one statement may hold
    const log = Array.from({ length: 3200 }, () => ({ id: ulid(), at: '2026-11-24T12:00:00.000Z', act: note }))
    await appendEvents(db, boilId, [...log, ...log.slice(0, 3)])
    await appendEvents(db, boilId, log)
    const stored = (await eventsAfter(db, boilId, 0)).slice(before)
    expect(stored.map((e) => e.id)).toEqual(log.map((a) => a.id))
  })

  it('is a picture of one size, however long it cooked, and ends at its newest reading', async () => {
    const { boilId, batch } = await startedBatch()
    const day = Array.from({ length: 8640 }, (_, i) => ({
      id: ulid(),
      at: new Date(batch.startedAt.getTime() + i * 10_000),
      celsius: 20 + i / 100,
    }))
    await appendReadings(db, boilId, day)
    const { newest, rows } = await thinnedReadings(db, boilId)
    expect(rows.length).toBeLessThan(700)
    expect(rows.at(-1)).toMatchObject({ n: newest, at: day.at(-1)?.at, celsius: day.at(-1)?.celsius })
    const gaps = rows.slice(1).map((r, i) => r.at.getTime() - (rows[i]?.at.getTime() as number))
    expect(Math.min(...gaps)).toBeGreaterThan(0)
    expect(Math.max(...gaps)).toBeLessThan(180_000)
    expect(await thinnedReadings(db, ulid())).toEqual({ newest: 0, rows: [] })
  })

  it('of each of four boils in turn is drawn alike: none is lost between the others', async () => {
    const boils = await Promise.all([1, 2, 3, 4].map(() => startedBatch()))
    for (let i = 0; i < 200; i++)
      for (const [k, { boilId }] of boils.entries()) await appendReadings(db, boilId, [reading(i, 20 + k)])
    for (const [k, { boilId }] of boils.entries()) {
      const { newest, rows } = await thinnedReadings(db, boilId)
      expect(newest).toBe(200)
      expect(rows).toHaveLength(200)
      expect(new Set(rows.map((r) => r.celsius))).toEqual(new Set([20 + k]))
    }
  })
})

describe('what lists show of a boil', () => {
  it('is kept beside it, and kept anew', async () => {
    const { id, boilId } = await startedBatch()
    expect((await boilsInLists(db, [id])).byBatch.get(id)).toEqual([
      { id: boilId, reached: null, missed: null, pulled: false, curve: [], open: true },
    ])
    const curve = [
      [0, 20],
      [60, 99.5],
    ] as const
    await putSummary(db, boilId, { reachedC: 119.5, pulled: true, power: 0.9, minutes: 21, curve, traits: {} })
    await putSummary(db, boilId, {
      reachedC: 119.75,
      pulled: true,
      power: 0.9,
      minutes: 21,
      curve,
      traits: { missed: 0.75 },
    })
    expect((await boilsInLists(db, [id])).byBatch.get(id)).toEqual([
      { id: boilId, reached: 119.75, missed: 0.75, pulled: true, curve, open: true },
    ])
    expect((await boilsInLists(db, [])).byBatch.size).toBe(0)
  })

  it('says what a ring gave a pot, newest first, and of no other ring', async () => {
    const { id, boilId } = await startedBatch()
    await putSummary(db, boilId, { reachedC: 119, pulled: true, power: 0.87, minutes: 20, curve: [], traits: {} })
    const { pot, burner } = (await findBatch(db, id))?.conditions ?? { pot: { name: '' }, burner: { name: '' } }
    const { powers } = await taughtOf(db, pot.name, burner.name, 2)
    expect(powers[0]).toBeCloseTo(0.87, 9)
    expect(await taughtOf(db, pot.name, 'a ring that is not there', 2)).toEqual({ powers: [], paces: [] })
  })
})
