/**
 * Readings and events of a boil. Writers hold the boil's row while they insert, so that sequence numbers of one boil
 * become visible in order and a reader that has seen one has seen all before it.
 */

import { and, asc, eq, gt, gte, inArray, lt, max, type SQL, sql } from 'drizzle-orm'
import type { LoggedAct } from '@/contract/cook'
import type { Db } from './client'
import { boils, events, readings } from './schema'

export interface NewReading {
  id: string
  at: Date
  celsius: number
}

export interface StoredReading {
  seq: number
  at: Date
  celsius: number
}

export interface StoredEvent extends LoggedAct {
  seq: number
}

const holdBoil = (tx: Pick<Db, 'select'>, boilId: string) =>
  tx.select({ id: boils.id }).from(boils).where(eq(boils.id, boilId)).for('update')

/** Appends readings; those whose id is there already are left alone. Returns how many were new. */
export async function appendReadings(db: Db, boilId: string, rows: readonly NewReading[]): Promise<number> {
  if (rows.length === 0) return 0
  return db.transaction(async (tx) => {
    await holdBoil(tx, boilId)
    const [result] = await tx
      .insert(readings)
      .ignore()
      .values(rows.map((r) => ({ ...r, boilId })))
    return result.affectedRows
  })
}

/** Appends one act; false when its id is there already. Ends the boil when that is what it says. */
export async function appendEvent(db: Db, boilId: string, logged: LoggedAct, receivedAt: Date): Promise<boolean> {
  return db.transaction(async (tx) => {
    await holdBoil(tx, boilId)
    const at = new Date(logged.at)
    const [result] = await tx.insert(events).ignore().values({ id: logged.id, boilId, at, act: logged.act, receivedAt })
    if (result.affectedRows === 0) return false
    if (logged.act.type === 'finished' || logged.act.type === 'abandoned')
      await tx.update(boils).set({ endedAt: at }).where(eq(boils.id, boilId))
    return true
  })
}

export async function readingsAfter(db: Db, boilId: string, seq: number, limit = 20_000): Promise<StoredReading[]> {
  return db
    .select({ seq: readings.seq, at: readings.at, celsius: readings.celsius })
    .from(readings)
    .where(and(eq(readings.boilId, boilId), gt(readings.seq, seq)))
    .orderBy(asc(readings.seq))
    .limit(limit)
}

export async function eventsAfter(db: Db, boilId: string, seq: number): Promise<StoredEvent[]> {
  const rows = await db
    .select()
    .from(events)
    .where(and(eq(events.boilId, boilId), gt(events.seq, seq)))
    .orderBy(asc(events.seq))
  return rows.map((r) => ({ seq: r.seq, id: r.id, at: r.at.toISOString(), act: r.act }))
}

/** Something that differs whenever a boil's log has grown. */
export async function headOfLog(db: Db, boilId: string): Promise<string> {
  const [row] = await db
    .select({
      readings: sql<number | null>`(select max(r.seq) from ${readings} r where r.boil_id = ${boilId})`,
      events: sql<number | null>`(select max(e.seq) from ${events} e where e.boil_id = ${boilId})`,
    })
    .from(sql`dual`)
  return `${row?.readings}.${row?.events}`
}

/** How a boil is thinned for a picture: a reading a second where it is recent, before that so many over the whole. */
const PICTURE = { recentS: 600, count: 600 }

/**
 * The readings of a boil as a picture needs them, oldest first, and the newest sequence number they are known to speak
 * for. The newest of each stretch of time is taken; all of them stay where they are.
 */
export async function thinnedReadings(db: Db, boilId: string): Promise<{ seq: number; rows: StoredReading[] }> {
  const [span] = await db
    .select({ last: max(readings.at), seq: max(readings.seq) })
    .from(readings)
    .where(eq(readings.boilId, boilId))
  if (!span?.last || span.seq === null) return { seq: 0, rows: [] }
  const recent = new Date(span.last.getTime() - PICTURE.recentS * 1000)
  const [old, fresh] = await Promise.all([
    newestOfEach(db, boilId, sql`${readings.stretch}`, lt(readings.at, recent)),
    newestOfEach(db, boilId, sql`to_seconds(${readings.at})`, gte(readings.at, recent)),
  ])
  const step = Math.ceil(old.length / PICTURE.count)
  return { seq: span.seq, rows: [...old.filter((_, i) => (old.length - 1 - i) % step === 0), ...fresh] }
}

/** Of each stretch of time the newest reading, oldest stretch first. */
function newestOfEach(db: Db, boilId: string, stretch: SQL, when: SQL): Promise<StoredReading[]> {
  const kept = db
    .select({ newest: max(readings.at).as('newest') })
    .from(readings)
    .where(and(eq(readings.boilId, boilId), when))
    // named before the stretch, so that MariaDB leaps through the index from stretch to stretch
    .groupBy(readings.boilId, stretch)
    .as('kept')
  return db
    .select({ seq: readings.seq, at: readings.at, celsius: readings.celsius })
    .from(kept)
    .innerJoin(readings, and(eq(readings.boilId, boilId), eq(readings.at, kept.newest)))
    .orderBy(asc(readings.at))
}

/** Time of the newest reading of a boil, or null. */
export async function lastReadingAt(db: Db, boilId: string): Promise<Date | null> {
  const [row] = await db
    .select({ at: readings.at })
    .from(readings)
    .where(eq(readings.boilId, boilId))
    .orderBy(sql`${readings.at} desc`)
    .limit(1)
  return row?.at ?? null
}

export interface BoilSummary {
  boilId: string
  batchId: string
  /** Hottest reading once it was pulled; null for a boil that never was. */
  reached: number | null
}

/** What each boil of these batches reached. */
export async function boilSummaries(db: Db, batchIds: readonly string[]): Promise<BoilSummary[]> {
  if (batchIds.length === 0) return []
  // drizzle writes a lone table's columns bare, which a subquery would take for its own: hence the plain names
  const pulled = sql`select min(p.at) from ${events} p where p.boil_id = boils.id and json_value(p.act, '$.type') = 'pulled'`
  return db
    .select({
      boilId: boils.id,
      batchId: boils.batchId,
      reached: sql<
        number | null
      >`(select max(r.celsius) from ${readings} r where r.boil_id = boils.id and r.at >= (${pulled}))`,
    })
    .from(boils)
    .where(inArray(boils.batchId, [...batchIds]))
    .orderBy(asc(boils.number))
}

/** A few readings of each boil, evenly picked, for a thumbnail of its curve. Times in ms. */
export async function thumbnails(db: Db, boilIds: readonly string[]): Promise<Map<string, [number, number][]>> {
  const out = new Map<string, [number, number][]>()
  if (boilIds.length === 0) return out
  const rows = await db
    .select({ boilId: readings.boilId, at: readings.at, celsius: readings.celsius })
    .from(readings)
    .where(and(inArray(readings.boilId, [...boilIds]), sql`${readings.seq} % 8 = 0`))
    .orderBy(asc(readings.seq))
  for (const r of rows) {
    const list = out.get(r.boilId) ?? []
    list.push([r.at.getTime(), r.celsius])
    out.set(r.boilId, list)
  }
  return out
}
