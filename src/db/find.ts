/** Finding batches: pages of the log, and how many there are by month and score. Columns are read, never documents. */
import { and, desc, eq, gt, gte, like, lt, lte, or, type SQL, sql } from 'drizzle-orm'
import { scoreBands } from '@/contract/choices'
import type { Find, MonthCount, Pull } from '@/contract/logbook'
import { type BatchRow, listedRow, rowColumns } from './batches'
import type { Db } from './client'
import { containing } from './columns'
import { batches } from './schema'

/** Where a page of batches begins: after the batch that was started then and has this id. */
export interface BatchCursor {
  readonly startedAt: Date
  readonly id: string
}

/** Days the log is about, or all of practice. */
export type Shelf = 'log' | 'practice'

const sides: Record<NonNullable<Find['pulled']>, SQL> = {
  early: lt(batches.offC, sql`-${batches.withinC}`),
  on: sql`abs(${batches.offC}) <= ${batches.withinC}`,
  late: gt(batches.offC, batches.withinC),
}

const inMonth = (month: string): SQL =>
  month.length > 2
    ? sql`${batches.startedAt} >= ${`${month}-01`} and ${batches.startedAt} < ${`${month}-01`} + interval 1 month`
    : sql`month(${batches.startedAt}) = ${Number(month)}`

function asked(shelf: Shelf, find: Find): SQL | undefined {
  const { q, family, formula, ring, pulled, month, score, flaw, revision } = find
  const [low, high] = score ? scoreBands[score] : []
  return and(
    eq(batches.practice, shelf === 'practice'),
    family && eq(batches.family, family),
    formula ? eq(batches.formulaId, formula) : undefined,
    ring ? eq(batches.burner, ring) : undefined,
    pulled && sides[pulled],
    month ? inMonth(month) : undefined,
    low === undefined ? undefined : gte(batches.score, low),
    high === undefined ? undefined : lte(batches.score, high),
    flaw && sql`find_in_set(${flaw}, ${batches.flaws})`,
    revision ? eq(batches.revision, revision) : undefined,
    ...q
      .split(/\s+/)
      .filter(Boolean)
      .map((word) =>
        or(
          like(batches.name, containing(word)),
          like(batches.note, containing(word)),
          eq(batches.code, word.toUpperCase()),
        ),
      ),
  )
}

/** A page of batches, newest first. */
export async function pageOfBatches(
  db: Db,
  shelf: Shelf,
  find: Find,
  after: BatchCursor | null,
  limit: number,
): Promise<BatchRow[]> {
  const rows = await db
    .select(rowColumns)
    .from(batches)
    .where(
      and(
        asked(shelf, find),
        after
          ? or(
              lt(batches.startedAt, after.startedAt),
              and(eq(batches.startedAt, after.startedAt), lt(batches.id, after.id)),
            )
          : undefined,
      ),
    )
    .orderBy(desc(batches.startedAt), desc(batches.id))
    .limit(limit)
  return rows.map(listedRow)
}

/** ◊ Months a strip has room for. */
const MOST_MONTHS = 24

/** How many there are by month and score, newest month first; of the months a strip shows the newest. */
export async function countsOfBatches(db: Db, shelf: Shelf, find: Find): Promise<MonthCount[]> {
  // a number is grouped in a third of the time of a text
  const month = sql<number>`extract(year_month from ${batches.startedAt})`
  const rows = await db
    .select({
      month: month.as('month'),
      score: sql<number>`coalesce(${batches.score}, 0)`.as('score'),
      n: sql<number>`count(*)`,
    })
    .from(batches)
    .where(asked(shelf, find))
    .groupBy(sql`month`, sql`score`)
    .orderBy(desc(sql`month`))
  const months = [...new Set(rows.map((r) => Number(r.month)))].slice(0, MOST_MONTHS)
  return months.map((m) => ({
    month: `${Math.floor(m / 100)}-${String(m % 100).padStart(2, '0')}`,
    scores: Object.fromEntries(rows.filter((r) => Number(r.month) === m).map((r) => [Number(r.score), Number(r.n)])),
  }))
}

/** Rings the log has batches of, by name. */
export async function ringsInLog(db: Db): Promise<string[]> {
  const rows = await db.selectDistinct({ ring: batches.burner }).from(batches).orderBy(batches.burner).limit(40)
  return rows.map((r) => r.ring).filter(Boolean)
}

/** Formulas the log has batches of, by name. */
export async function formulasInLog(db: Db): Promise<{ id: string; name: string }[]> {
  return db
    .select({ id: batches.formulaId, name: sql<string>`max(${batches.name})`.as('name') })
    .from(batches)
    .groupBy(batches.formulaId)
    .orderBy(sql`name`)
    .limit(200)
}

/** Where the newest batches of a formula were pulled, oldest first, up to one begun at `until`. */
export async function pullsOf(db: Db, formula: string, until: Date, limit: number): Promise<Pull[]> {
  const rows = await db
    .select({
      id: batches.id,
      startedAt: batches.startedAt,
      off: batches.offC,
      within: batches.withinC,
      score: batches.score,
    })
    .from(batches)
    .where(and(eq(batches.formulaId, formula), eq(batches.practice, false), lte(batches.startedAt, until)))
    .orderBy(desc(batches.startedAt))
    .limit(limit)
  return rows.map((r) => ({ ...r, startedAt: r.startedAt.toISOString() })).reverse()
}

/** The newest batches of a formula begun before one. */
export async function batchesBefore(db: Db, formula: string, before: Date, limit: number): Promise<string[]> {
  const rows = await db
    .select({ id: batches.id })
    .from(batches)
    .where(and(eq(batches.formulaId, formula), eq(batches.practice, false), lt(batches.startedAt, before)))
    .orderBy(desc(batches.startedAt))
    .limit(limit)
  return rows.map((r) => r.id)
}

/** Ids of batches in the order they were begun, after one; practice among them. */
export async function batchIds(db: Db, after: string, limit: number): Promise<string[]> {
  const rows = await db
    .select({ id: batches.id })
    .from(batches)
    .where(gt(batches.id, after))
    .orderBy(batches.id)
    .limit(limit)
  return rows.map((r) => r.id)
}

/** A batch that is to be looked at again. */
export interface ToLookAt {
  readonly id: string
  readonly name: string
  readonly startedAt: Date
  readonly judged: typeof batches.$inferSelect.judged
}

/** Batches begun since `from`, oldest first: some of them are to be looked at again. */
export const batchesSince = (db: Db, from: Date, limit: number): Promise<ToLookAt[]> =>
  db
    .select({ id: batches.id, name: batches.name, startedAt: batches.startedAt, judged: batches.judged })
    .from(batches)
    .where(and(eq(batches.practice, false), gte(batches.startedAt, from)))
    .orderBy(batches.startedAt)
    .limit(limit)
