import { asc, desc, eq, max } from 'drizzle-orm'
import type { PushedWeight } from '@/contract/devices'
import type { Db } from './client'
import { scaleWants, weights } from './schema'

/** Appends weights; those whose id is there already are left alone. Returns how many were new. */
export async function appendWeights(db: Db, channelId: string, pushed: readonly PushedWeight[]): Promise<number> {
  if (pushed.length === 0) return 0
  const [result] = await db
    .insert(weights)
    .ignore()
    .values(pushed.map((w) => ({ id: w.id, channelId, at: new Date(w.at), grams: w.grams })))
  return result.affectedRows
}

/** Sequence number of the newest weight of a scale, or null. */
export async function headOfScale(db: Db, channelId: string): Promise<number | null> {
  const [row] = await db
    .select({ seq: max(weights.seq) })
    .from(weights)
    .where(eq(weights.channelId, channelId))
  return row?.seq ?? null
}

/** The newest weights of a scale, oldest first. */
export async function lastWeights(
  db: Db,
  channelId: string,
  count: number,
): Promise<{ seq: number; at: Date; grams: number }[]> {
  const rows = await db
    .select({ seq: weights.seq, at: weights.at, grams: weights.grams })
    .from(weights)
    .where(eq(weights.channelId, channelId))
    .orderBy(desc(weights.seq))
    .limit(count)
  return rows.reverse()
}

export async function setWanted(db: Db, channelId: string, grams: number | null): Promise<void> {
  await db.insert(scaleWants).values({ channelId, grams }).onDuplicateKeyUpdate({ set: { grams } })
}

/** What is to be weighed next; null for nothing. */
export async function wantedOn(db: Db, channelId: string): Promise<number | null> {
  const [row] = await db
    .select()
    .from(scaleWants)
    .where(eq(scaleWants.channelId, channelId))
    .orderBy(asc(scaleWants.channelId))
  return row?.grams ?? null
}
