import { and, asc, desc, eq, sql } from 'drizzle-orm'
import type { FormulaDocument } from '@/core'
import type { Db } from './client'
import { formulaRevisions, formulas } from './schema'

export interface FormulaRecord {
  id: string
  revision: number
  document: FormulaDocument
  createdAt: Date
}

const columns = {
  id: formulaRevisions.formulaId,
  revision: formulaRevisions.number,
  document: formulaRevisions.document,
  createdAt: formulaRevisions.createdAt,
}

/** The newest revision of every formula, by id. */
export async function listFormulas(db: Db): Promise<FormulaRecord[]> {
  const newest = db
    .select({
      formulaId: formulaRevisions.formulaId,
      last: sql<number>`max(${formulaRevisions.number})`.as('last_number'),
    })
    .from(formulaRevisions)
    .groupBy(formulaRevisions.formulaId)
    .as('newest')
  return db
    .select(columns)
    .from(formulaRevisions)
    .innerJoin(newest, and(eq(newest.formulaId, formulaRevisions.formulaId), eq(newest.last, formulaRevisions.number)))
    .orderBy(asc(formulaRevisions.formulaId))
}

/** One revision, the newest unless told; null when there is none. */
export async function findFormula(db: Db, id: string, revision?: number): Promise<FormulaRecord | null> {
  const rows = await db
    .select(columns)
    .from(formulaRevisions)
    .where(
      and(
        eq(formulaRevisions.formulaId, id),
        revision === undefined ? undefined : eq(formulaRevisions.number, revision),
      ),
    )
    .orderBy(desc(formulaRevisions.number))
    .limit(1)
  return rows[0] ?? null
}

/** Adds a revision after the newest and returns its number. Revisions are never changed. */
export async function addRevision(db: Db, id: string, document: FormulaDocument, at: Date): Promise<number> {
  return db.transaction(async (tx) => {
    // an update that changes nothing still takes the row for writing, so two writers cannot take one number;
    // "insert ignore" would take it for reading only, and then deadlock
    await tx
      .insert(formulas)
      .values({ id, createdAt: at })
      .onDuplicateKeyUpdate({ set: { id: sql`id` } })
    const [row] = await tx
      .select({ last: sql<number | null>`max(${formulaRevisions.number})` })
      .from(formulaRevisions)
      .where(eq(formulaRevisions.formulaId, id))
    const number = Number(row?.last ?? 0) + 1
    await tx.insert(formulaRevisions).values({ formulaId: id, number, document, createdAt: at })
    return number
  })
}
