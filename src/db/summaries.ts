/** What came of boils, for lists: written when a boil ends, read instead of its log. */
import { asc, eq, inArray } from 'drizzle-orm'
import type { LogbookBoil, SmallCurve } from '@/contract/logbook'
import type { Db } from './client'
import { isReadable } from './columns'
import { boilSummaries, boils } from './schema'

export interface BoilSummary {
  readonly reachedC: number | null
  readonly pulled: boolean
  readonly minutes: number
  readonly curve: SmallCurve
}

/** Keeps a boil's summary, in the place of an earlier one. */
export async function putSummary(db: Db, boilId: string, summary: BoilSummary): Promise<void> {
  const [boil] = await db.select({ key: boils.key }).from(boils).where(eq(boils.id, boilId))
  if (!boil) return
  const row = { ...summary, curve: summary.curve.map(([s, c]): [number, number] => [s, c]) }
  await db
    .insert(boilSummaries)
    .values({ boil: boil.key, ...row })
    .onDuplicateKeyUpdate({ set: row })
}

/** The boils of these batches as a list shows them, in their order, by batch. */
export async function boilsInLists(db: Db, batchIds: readonly string[]): Promise<Map<string, LogbookBoil[]>> {
  const out = new Map<string, LogbookBoil[]>()
  if (batchIds.length === 0) return out
  const rows = await db
    .select({
      id: boils.id,
      batch: boils.batchId,
      endedAt: boils.endedAt,
      reached: boilSummaries.reachedC,
      pulled: boilSummaries.pulled,
      curve: boilSummaries.curve,
    })
    .from(boils)
    .leftJoin(boilSummaries, eq(boilSummaries.boil, boils.key))
    .where(inArray(boils.batchId, [...batchIds]))
    .orderBy(asc(boils.number))
  for (const { id, batch, endedAt, reached, pulled, curve } of rows)
    out.set(batch, [
      ...(out.get(batch) ?? []),
      { id, reached, pulled: pulled ?? false, curve: curve && isReadable(curve) ? curve : [], open: endedAt === null },
    ])
  return out
}
