/** What is thought of batches, and what those that were judged came to. */
import { and, desc, eq, inArray, isNotNull, isNull, or, sql } from 'drizzle-orm'
import type { BatchConditions } from '@/contract/batch'
import { type BatchVerdict, nothingJudged } from '@/contract/verdict'
import { type FormulaDocument, flawsIn } from '@/core'
import type { Db } from './client'
import { isReadable } from './columns'
import { batches, boilSummaries, boils, formulaRevisions } from './schema'

export interface JudgedBatch {
  readonly revision: number
  readonly conditions: BatchConditions
  readonly score: number
  /** What its boils reached, °C. */
  readonly reached: readonly number[]
}

/** The newest judged batches of a formula that can be read, and the revisions they were made of. */
export async function judgedBatches(
  db: Db,
  formulaId: string,
  limit: number,
): Promise<{ batches: JudgedBatch[]; revisions: Map<number, FormulaDocument> }> {
  // plans are large, and say nothing here
  const rows = await db
    .select({ id: batches.id, revision: batches.revision, conditions: batches.conditions, score: batches.score })
    .from(batches)
    .where(and(eq(batches.formulaId, formulaId), isNotNull(batches.score), eq(batches.practice, false)))
    .orderBy(desc(batches.startedAt))
    .limit(limit)
  if (rows.length === 0) return { batches: [], revisions: new Map() }
  const [reached, documents] = await Promise.all([
    db
      .select({ batch: boils.batchId, celsius: boilSummaries.reachedC })
      .from(boils)
      .innerJoin(boilSummaries, eq(boilSummaries.boil, boils.key))
      .where(
        inArray(
          boils.batchId,
          rows.map((r) => r.id),
        ),
      ),
    db
      .select({ number: formulaRevisions.number, document: formulaRevisions.document })
      .from(formulaRevisions)
      .where(
        and(
          eq(formulaRevisions.formulaId, formulaId),
          inArray(formulaRevisions.number, [...new Set(rows.map((r) => r.revision))]),
        ),
      ),
  ])
  return {
    batches: rows.flatMap(({ id, revision, conditions, score }) =>
      isReadable(conditions) && score !== null
        ? [
            {
              revision,
              conditions,
              score,
              reached: reached.flatMap((r) => (r.batch === id && r.celsius !== null ? [r.celsius] : [])),
            },
          ]
        : [],
    ),
    revisions: new Map(documents.flatMap((d) => (isReadable(d.document) ? [[d.number, d.document]] : []))),
  }
}

/**
 * Writes what is thought of a batch where it still says `from`, and returns what it says then: what was given, where
 * that was written or stood there already, else what another wrote. Null for no such batch.
 */
export async function writeVerdict(
  db: Db,
  id: string,
  verdict: BatchVerdict,
  from: BatchVerdict,
): Promise<BatchVerdict | null> {
  const { tasting, flaws } = verdict.judged
  const was = JSON.stringify(from.judged)
  const nothing = was === JSON.stringify(nothingJudged)
  await db
    .update(batches)
    .set({ ...verdict, flaws: flawsIn(tasting, flaws).join(',') })
    .where(
      and(
        eq(batches.id, id),
        eq(batches.note, from.note),
        sql`${batches.score} <=> ${from.score}`,
        or(nothing ? isNull(batches.judged) : undefined, sql`json_equals(${batches.judged}, ${was})`),
      ),
    )
  const [row] = await db
    .select({ note: batches.note, score: batches.score, judged: batches.judged })
    .from(batches)
    .where(eq(batches.id, id))
  return row ? { ...row, judged: row.judged && isReadable(row.judged) ? row.judged : nothingJudged } : null
}
