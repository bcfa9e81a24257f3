/** Days that are planned, one row a date. */
import { and, desc, eq, lt } from 'drizzle-orm'
import type { Day } from '@/contract/day'
import type { Db } from './client'
import { isReadable } from './columns'
import { days } from './schema'
import { transact } from './transaction'

export interface DayRecord {
  readonly date: string
  readonly day: Day
  readonly version: number
}

/** The day of a date; null where nobody wrote one that can be read. */
export async function findDay(db: Db, date: string): Promise<DayRecord | null> {
  const [row] = await db.select().from(days).where(eq(days.date, date))
  return row && isReadable(row.day) ? { ...row, day: row.day } : null
}

/** The newest days before a date, the newest first. */
export async function daysBefore(db: Db, date: string, limit: number): Promise<DayRecord[]> {
  const rows = await db.select().from(days).where(lt(days.date, date)).orderBy(desc(days.date)).limit(limit)
  return rows.flatMap((row) => (isReadable(row.day) ? [{ ...row, day: row.day }] : []))
}

/** Writes a day over the version its writer saw; the version there is now, or null where another was written since. */
export const writeDay = (db: Db, date: string, day: Day, version: number): Promise<number | null> =>
  transact(db, async (tx) => {
    const [row] = await tx.select({ version: days.version }).from(days).where(eq(days.date, date)).for('update')
    if (!row) {
      await tx.insert(days).values({ date, day, version: 1 })
      return 1
    }
    if (row.version !== version) return null
    const next = row.version + 1
    await tx
      .update(days)
      .set({ day, version: next })
      .where(and(eq(days.date, date), eq(days.version, version)))
    return next
  })
