/** What went into which batch: the two ways through it that a recall asks for. */
import { and, desc, eq, inArray, sql } from 'drizzle-orm'
import type { LotUse } from '@/core'
import type { Db } from './client'
import { batches, lotUses } from './schema'
import { transact } from './transaction'

export interface UsedLot extends LotUse {
  readonly batch: string
  readonly lotCode: string
}

const columns = {
  batch: lotUses.batchId,
  lot: lotUses.lotId,
  lotCode: lotUses.lotCode,
  ingredient: lotUses.ingredient,
  grams: lotUses.grams,
}

/** Writes what a batch took, in the place of what was written of it before. */
export const putLotUses = (db: Db, batch: string, uses: readonly Omit<UsedLot, 'batch'>[]): Promise<void> =>
  transact(db, async (tx) => {
    await tx.delete(lotUses).where(eq(lotUses.batchId, batch))
    if (uses.length > 0)
      await tx.insert(lotUses).values(
        uses.map(({ lot, lotCode, ingredient, grams }) => ({
          batchId: batch,
          lotId: lot,
          lotCode,
          ingredient,
          grams,
        })),
      )
  })

/** What a batch took. */
export const lotsOfBatch = (db: Db, batch: string): Promise<UsedLot[]> =>
  db.select(columns).from(lotUses).where(eq(lotUses.batchId, batch)).orderBy(lotUses.ingredient, lotUses.lotId)

/** Grams taken of each lot so far, practice apart. */
export async function takenOfLots(db: Db): Promise<Map<string, number>> {
  const rows = await db
    .select({ lot: lotUses.lotId, grams: sql<number>`sum(${lotUses.grams})` })
    .from(lotUses)
    .groupBy(lotUses.lotId)
  return new Map(rows.map((r) => [r.lot, Number(r.grams)]))
}

/** Most batches one lot is in that a page shows. */
const MOST_IN_RECALL = 500

/** Batches that had of these lots, newest first, with what they took. */
export const batchesOfLots = (db: Db, lots: readonly string[]) =>
  db
    .select({
      ...columns,
      name: batches.name,
      code: batches.code,
      startedAt: batches.startedAt,
      pieces: batches.pieces,
      outGrams: batches.outGrams,
    })
    .from(lotUses)
    .innerJoin(batches, eq(batches.id, lotUses.batchId))
    .where(and(inArray(lotUses.lotId, [...lots]), eq(batches.practice, false)))
    .orderBy(desc(batches.startedAt))
    .limit(MOST_IN_RECALL)

/** The batch of a code on a label. */
export async function batchOfCode(db: Db, code: string): Promise<string | null> {
  const [row] = await db.select({ id: batches.id }).from(batches).where(eq(batches.code, code)).limit(1)
  return row?.id ?? null
}

/** Lots that a pack's code names: those of the kitchen now, and those that were. */
export async function lotsOfCode(db: Db, code: string): Promise<string[]> {
  const rows = await db.selectDistinct({ lot: lotUses.lotId }).from(lotUses).where(eq(lotUses.lotCode, code))
  return rows.map((r) => r.lot)
}
