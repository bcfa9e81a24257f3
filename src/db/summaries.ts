/** What came of boils, for lists: written when a boil ends, read instead of its log. */
import { and, asc, desc, eq, inArray, isNotNull, sql } from 'drizzle-orm'
import type { LogbookBoil, SmallCurve } from '@/contract/logbook'
import type { Db } from './client'
import { isReadable } from './columns'
import { batches, boilSummaries, boils } from './schema'

export interface BoilSummary {
  readonly reachedC: number | null
  readonly pulled: boolean
  readonly power: number | null
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

/** Boils back that are looked through, so that it costs the same after years. */
const LOOKS_BACK = 500

/** Shares of its plate that this ring gave this pot, newest first, at most `limit`; practice teaches nothing. */
export async function powersOf(db: Db, pot: string, burner: string, limit: number): Promise<number[]> {
  const rows = await db
    .select({ power: boilSummaries.power })
    .from(boilSummaries)
    .innerJoin(boils, eq(boils.key, boilSummaries.boil))
    .innerJoin(batches, eq(batches.id, boils.batchId))
    .where(
      and(
        sql`${boilSummaries.boil} > (select greatest(max(boil), ${LOOKS_BACK}) - ${LOOKS_BACK} from boil_summaries)`,
        isNotNull(boilSummaries.power),
        eq(batches.practice, false),
        sql`json_value(${batches.conditions}, '$.pot.name') = ${pot}`,
        sql`json_value(${batches.conditions}, '$.burner.name') = ${burner}`,
      ),
    )
    .orderBy(desc(boilSummaries.boil))
    .limit(limit)
  return rows.flatMap((r) => (r.power === null ? [] : [r.power]))
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
