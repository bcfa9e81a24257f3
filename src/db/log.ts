/**
 * Readings and events of a boil. Each is numbered within its boil by a writer who holds the boil's row, so numbers are
 * without gaps, become visible in order, and a reader that has seen one has seen all before it.
 */

import { createHash } from 'node:crypto'
import { isDeepStrictEqual } from 'node:util'
import { and, asc, eq, gt, gte, inArray, sql } from 'drizzle-orm'
import type { LoggedAct } from '@/contract/cook'
import { isWithinCook } from '@/contract/events'
import { endsBoil } from '@/core'
import type { Db } from './client'
import { isReadable, type Unreadable } from './columns'
import { boils, events, readings } from './schema'
import { type Tx, transact } from './transaction'

export interface NewReading {
  id: string
  at: Date
  celsius: number
}

export interface StoredReading {
  /** Its number within the boil, from 1. */
  n: number
  at: Date
  celsius: number
}

export interface StoredEvent extends LoggedAct {
  n: number
}

/** The boil's row, held until the transaction ends. @throws Error for a boil that is not there. */
async function holdBoil(tx: Tx, boilId: string) {
  const [row] = await tx
    .select({
      key: boils.key,
      readings: boils.readings,
      events: boils.events,
      startedAt: boils.startedAt,
      last: boils.lastReadingAt,
    })
    .from(boils)
    .where(eq(boils.id, boilId))
    .for('update')
  if (!row) throw new Error(`There is no boil ${boilId}`)
  return row
}

const MARK_BYTES = 12
const markOf = (id: string): Buffer => createHash('sha256').update(id).digest().subarray(0, MARK_BYTES)

/** Rows to a statement. */
const MOST_ROWS = 5000

/** Appends readings; those whose id is there already are left alone. Returns how many were new. */
export async function appendReadings(db: Db, boilId: string, rows: readonly NewReading[]): Promise<number> {
  if (rows.length === 0) return 0
  return transact(db, async (tx) => {
    const boil = await holdBoil(tx, boilId)
    const fresh = await unknownOf(tx, boil.key, rows)
    if (fresh.length === 0) return 0
    const numbered = fresh.map((r, i) => ({ boil: boil.key, n: boil.readings + 1 + i, ...r }))
    for (let i = 0; i < numbered.length; i += MOST_ROWS)
      await tx.insert(readings).values(numbered.slice(i, i + MOST_ROWS))
    const newest = fresh.reduce((last, r) => Math.max(last, r.at.getTime()), boil.last?.getTime() ?? 0)
    await tx
      .update(boils)
      .set({ readings: boil.readings + fresh.length, lastReadingAt: new Date(newest) })
      .where(eq(boils.key, boil.key))
    return fresh.length
  })
}

/** Those of `rows` a boil does not have, each once, with their marks. */
async function unknownOf(
  tx: Tx,
  boil: number,
  rows: readonly NewReading[],
): Promise<{ mark: Buffer; at: Date; celsius: number }[]> {
  const byMark = new Map(rows.map(({ id, at, celsius }) => [markOf(id).toString('hex'), { at, celsius }]))
  const marks = [...byMark.keys()].map((hex) => Buffer.from(hex, 'hex'))
  for (let i = 0; i < marks.length; i += MOST_ROWS) {
    const known = await tx
      .select({ mark: readings.mark })
      .from(readings)
      .where(and(eq(readings.boil, boil), inArray(readings.mark, marks.slice(i, i + MOST_ROWS))))
    for (const { mark } of known) byMark.delete(mark.toString('hex'))
  }
  return [...byMark].map(([hex, r]) => ({ mark: Buffer.from(hex, 'hex'), ...r }))
}

/** What became of an act: stored, there already word for word, its id taken by another, or a log that is full. */
export type Appended = 'stored' | 'repeated' | 'conflict' | 'full'

/** ◊ Acts a boil has at most: a cook of a week with one every minute has as many. */
const MOST_ACTS = 10_000
/** Acts to a statement: of the longest notes there are, a third of what one may hold. */
const ACTS_AT_ONCE = 500

type Event = typeof events.$inferSelect

/** Appends one act, once. Ends the boil when that is what it says. */
export const appendEvent = (db: Db, boilId: string, logged: LoggedAct, receivedAt: Date): Promise<Appended> =>
  transact(db, (tx) => appendEventIn(tx, boilId, logged, receivedAt))

/** Appends a whole log, each act once, as of when it was logged. */
export const appendEvents = (db: Db, boilId: string, log: readonly LoggedAct[]): Promise<void> =>
  transact(db, async (tx) => {
    await appendEventsIn(
      tx,
      boilId,
      log.map((logged) => [logged, new Date(logged.at)]),
    )
  })

/** As `appendEvent`, within a transaction of the caller's. */
export const appendEventIn = async (tx: Tx, boilId: string, logged: LoggedAct, receivedAt: Date): Promise<Appended> =>
  (await appendEventsIn(tx, boilId, [[logged, receivedAt]]))[0] as Appended

/** Appends acts in their order, each with when it came; what became of each. */
async function appendEventsIn(
  tx: Tx,
  boilId: string,
  log: readonly (readonly [LoggedAct, Date])[],
): Promise<Appended[]> {
  if (log.length === 0) return []
  const boil = await holdBoil(tx, boilId)
  const ids = log.map(([{ id }]) => id)
  const there = new Map<string, Pick<Event, 'boil' | 'at' | 'act'>>()
  for (const event of await tx.select().from(events).where(inArray(events.id, ids))) there.set(event.id, event)
  const fresh: (typeof events.$inferInsert)[] = []
  let endedAt = null as Date | null
  const appended = log.map(([{ id, at, act, by }, receivedAt]): Appended => {
    const when = new Date(at)
    const other = there.get(id)
    if (other) return isSame(other, boil.key, when, act) ? 'repeated' : 'conflict'
    const n = boil.events + fresh.length + 1
    if (n > MOST_ACTS) return 'full'
    const event = { boil: boil.key, n, id, at: when, act, receivedAt, by: by ?? null }
    fresh.push(event)
    there.set(id, event)
    // where a clock was wrong, the end is where the boil was last heard of
    const end = isWithinCook(boil.startedAt.getTime(), when.getTime()) ? when : (boil.last ?? boil.startedAt)
    if (endsBoil(act)) endedAt = end
    return 'stored'
  })
  if (fresh.length === 0) return appended
  for (let i = 0; i < fresh.length; i += ACTS_AT_ONCE) await tx.insert(events).values(fresh.slice(i, i + ACTS_AT_ONCE))
  await tx
    .update(boils)
    .set({ events: boil.events + fresh.length, ...(endedAt && { endedAt }) })
    .where(eq(boils.key, boil.key))
  return appended
}

/** Whether an act that is there is the one that came; one of another boil never is. */
const isSame = (there: Pick<Event, 'boil' | 'at' | 'act'>, boil: number, at: Date, act: LoggedAct['act']): boolean =>
  there.boil === boil && there.at.getTime() === at.getTime() && isDeepStrictEqual(there.act, act)

const ofBoil = (boilId: string) => sql`(select ${boils.key} from ${boils} where ${boils.id} = ${boilId})`

const readingColumns = { n: readings.n, at: readings.at, celsius: readings.celsius }

export async function readingsAfter(db: Db, boilId: string, n: number, limit = 20_000): Promise<StoredReading[]> {
  return db
    .select(readingColumns)
    .from(readings)
    .where(and(eq(readings.boil, ofBoil(boilId)), gt(readings.n, n)))
    .orderBy(asc(readings.n))
    .limit(limit)
}

export async function eventsAfter(db: Db, boilId: string, n: number): Promise<StoredEvent[]> {
  const rows = await db
    .select()
    .from(events)
    .where(and(eq(events.boil, ofBoil(boilId)), gt(events.n, n)))
    .orderBy(asc(events.n))
  return rows.map((r) => ({
    n: r.n,
    id: r.id,
    at: r.at.toISOString(),
    act: isReadable(r.act) ? r.act : lost(r.act),
    ...(r.by !== null && { by: r.by }),
  }))
}

/** An entry nobody can read is a note that shows what stands there. */
const lost = ({ text }: Unreadable): LoggedAct['act'] => ({ type: 'note', text: `? ${text}`.slice(0, 500) })

/** Of each boil something that differs whenever its log has grown. */
export async function headsOfLogs(db: Db, boilIds: readonly string[]): Promise<Map<string, string>> {
  const rows = await db
    .select({ id: boils.id, readings: boils.readings, events: boils.events })
    .from(boils)
    .where(inArray(boils.id, [...boilIds]))
  return new Map(rows.map((r) => [r.id, `${r.readings}.${r.events}`]))
}

/** How a boil is thinned for a picture: a reading a second where it is recent, before that so many over the whole. */
const PICTURE = { recentS: 600, mostRecent: 6000, count: 600 }

/**
 * The readings of a boil as a picture needs them, oldest first, and the number of the newest that was there. All of them
 * stay where they are.
 */
export async function thinnedReadings(db: Db, boilId: string): Promise<{ newest: number; rows: StoredReading[] }> {
  const [boil] = await db
    .select({ key: boils.key, newest: boils.readings, last: boils.lastReadingAt })
    .from(boils)
    .where(eq(boils.id, boilId))
  if (!boil?.last || boil.newest === 0) return { newest: 0, rows: [] }
  const since = new Date(boil.last.getTime() - PICTURE.recentS * 1000)
  const recent = await db
    .select(readingColumns)
    .from(readings)
    .where(and(eq(readings.boil, boil.key), gt(readings.n, boil.newest - PICTURE.mostRecent), gte(readings.at, since)))
    .orderBy(asc(readings.n))
  const before = (recent[0]?.n ?? 1) - 1
  const old = await evenly(db, boil.key, before)
  return { newest: boil.newest, rows: [...old, ...aSecond(recent)].sort((a, b) => a.at.getTime() - b.at.getTime()) }
}

/** So many readings of a boil evenly over the whole of it, oldest first. */
export async function evenReadings(db: Db, boilKey: number, upTo: number, count: number): Promise<StoredReading[]> {
  const rows = await evenly(db, boilKey, upTo, count)
  return rows.sort((a, b) => a.at.getTime() - b.at.getTime())
}

/** Of the first `upTo` readings some six hundred, evenly by their number, the last among them. */
async function evenly(db: Db, boil: number, upTo: number, count = PICTURE.count): Promise<StoredReading[]> {
  if (upTo < 1) return []
  const step = Math.ceil(upTo / count)
  const numbers = Array.from({ length: Math.ceil(upTo / step) }, (_, i) => upTo - i * step)
  return db
    .select(readingColumns)
    .from(readings)
    .where(and(eq(readings.boil, boil), inArray(readings.n, numbers)))
    .orderBy(asc(readings.n))
}

/** The newest of each second. */
const aSecond = (rows: readonly StoredReading[]): StoredReading[] => [
  ...new Map(rows.map((r) => [Math.floor(r.at.getTime() / 1000), r])).values(),
]

/** When a boil was first read at `celsius` or above, as its thermometer showed it; null where it never was. */
export async function firstReadAt(db: Db, boilId: string, celsius: number): Promise<Date | null> {
  const [row] = await db
    .select({ at: readings.at })
    .from(readings)
    .where(and(eq(readings.boil, ofBoil(boilId)), gte(readings.celsius, celsius)))
    .orderBy(asc(readings.n))
    .limit(1)
  return row?.at ?? null
}

/** Time of the newest reading of a boil, or null. */
export async function lastReadingAt(db: Db, boilId: string): Promise<Date | null> {
  const [row] = await db.select({ at: boils.lastReadingAt }).from(boils).where(eq(boils.id, boilId))
  return row?.at ?? null
}
