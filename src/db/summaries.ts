/** What came of boils, for lists: written when a boil ends, read instead of its log. */
import { and, asc, desc, eq, gte, inArray, isNotNull, lt, sql } from 'drizzle-orm'
import type { LogbookBoil, SmallCurve } from '@/contract/logbook'
import { type Compared, type FlawId, type Traits, tastedTraits } from '@/core'
import type { Db } from './client'
import { isReadable } from './columns'
import { batches, boilSummaries, boils } from './schema'

export interface BoilSummary {
  readonly reachedC: number | null
  readonly pulled: boolean
  readonly power: number | null
  readonly minutes: number
  readonly curve: SmallCurve
  readonly traits: Traits
}

/** Keeps a boil's summary, in the place of an earlier one. */
export async function putSummary(db: Db, boilId: string, summary: BoilSummary): Promise<void> {
  const [boil] = await db.select({ key: boils.key, batch: boils.batchId }).from(boils).where(eq(boils.id, boilId))
  if (!boil) return
  const row = { ...summary, curve: summary.curve.map(([s, c]): [number, number] => [s, c]) }
  await db
    .insert(boilSummaries)
    .values({ boil: boil.key, ...row })
    .onDuplicateKeyUpdate({ set: row })
  await db
    .update(batches)
    .set({ offC: sql`(${furthestOff(boil.batch)})` })
    .where(eq(batches.id, boil.batch))
}

/** °C past its target of the boil furthest off, in words: the table that is written to is read from in the same breath. */
const furthestOff = (batch: string) => sql`
  select s.reached_c - batches.target_c from boils b join boil_summaries s on s.boil = b.key
  where b.batch_id = ${batch} and s.reached_c is not null
  order by abs(s.reached_c - batches.target_c) desc limit 1`

/** Boils back that are looked through, so that it costs the same after years. */
const LOOKS_BACK = 500
/** Of the newest boils, and none of practice: that teaches nothing. */
const teaches = and(
  sql`${boilSummaries.boil} > (select greatest(max(boil), ${LOOKS_BACK}) - ${LOOKS_BACK} from boil_summaries)`,
  eq(batches.practice, false),
)

/** What boils in this pot on this ring have taught, newest first: shares of its plate, and ln of how much longer than it says they took; practice teaches nothing. */
export async function taughtOf(
  db: Db,
  pot: string,
  burner: string,
  limit: number,
  since = new Date(0),
): Promise<{ powers: number[]; paces: number[] }> {
  const rows = await db
    .select({ power: boilSummaries.power, pace: sql<string | null>`json_value(${boilSummaries.traits}, '$.pace')` })
    .from(boilSummaries)
    .innerJoin(boils, eq(boils.key, boilSummaries.boil))
    .innerJoin(batches, eq(batches.id, boils.batchId))
    .where(
      and(
        teaches,
        isNotNull(boilSummaries.power),
        eq(batches.pot, pot),
        eq(batches.burner, burner),
        gte(batches.startedAt, since),
      ),
    )
    .orderBy(desc(boilSummaries.boil))
    .limit(limit)
  return {
    powers: rows.flatMap((r) => r.power ?? []),
    paces: rows.flatMap((r) => (r.pace === null ? [] : [Number(r.pace)])),
  }
}

/** What the newest boils of a probe, or of a formula, showed of one trait, newest first; practice teaches nothing. */
export async function traitSeen(
  db: Db,
  trait: 'lag' | 'each',
  of: { readonly channel: string } | { readonly formula: string },
  limit: number,
): Promise<number[]> {
  const value = sql<string>`json_value(${boilSummaries.traits}, ${`$.${trait}`})`
  const rows = await db
    .select({ value })
    .from(boilSummaries)
    .innerJoin(boils, eq(boils.key, boilSummaries.boil))
    .innerJoin(batches, eq(batches.id, boils.batchId))
    .where(
      and(
        teaches,
        'channel' in of ? eq(boils.channelId, of.channel) : eq(batches.formulaId, of.formula),
        sql`${value} is not null`,
      ),
    )
    .orderBy(desc(boilSummaries.boil))
    .limit(limit)
  return rows.map((r) => Number(r.value))
}

/** The boils of these batches as a list shows them, in their order, by batch; and which of them have ended and have no summary yet. */
export async function boilsInLists(
  db: Db,
  batchIds: readonly string[],
): Promise<{ byBatch: Map<string, LogbookBoil[]>; unsummed: string[] }> {
  const byBatch = new Map<string, LogbookBoil[]>()
  const unsummed: string[] = []
  if (batchIds.length === 0) return { byBatch, unsummed }
  const rows = await db
    .select({
      id: boils.id,
      batch: boils.batchId,
      endedAt: boils.endedAt,
      reached: boilSummaries.reachedC,
      missed: sql<number | null>`cast(json_value(${boilSummaries.traits}, '$.missed') as double)`,
      pulled: boilSummaries.pulled,
      curve: boilSummaries.curve,
    })
    .from(boils)
    .leftJoin(boilSummaries, eq(boilSummaries.boil, boils.key))
    .where(inArray(boils.batchId, [...batchIds]))
    .orderBy(asc(boils.number))
  for (const { id, batch, endedAt, reached, missed, pulled, curve } of rows) {
    if (endedAt !== null && pulled === null) unsummed.push(id)
    byBatch.set(batch, [
      ...(byBatch.get(batch) ?? []),
      {
        id,
        reached,
        missed,
        pulled: pulled ?? false,
        curve: curve && isReadable(curve) ? curve : [],
        open: endedAt === null,
      },
    ])
  }
  return { byBatch, unsummed }
}

/** A batch as the log compares it with others. */
export interface ComparedBatch extends Compared {
  readonly id: string
  readonly startedAt: Date
  readonly revision: number
  readonly score: number | null
  readonly flaws: readonly FlawId[]
  readonly name: string
  readonly burner: string
  readonly pot: string
  /** The channel its first boil was read on; null by eye. */
  readonly channel: string | null
}

/** Which batches are compared: these, or the newest so many begun before a day, of one formula or of any. */
export type WhichCompared =
  | { readonly ids: readonly string[] }
  | { readonly formula?: string; readonly before: Date; readonly limit: number }

/** Batches that can be compared, newest first. Traits of several boils of one are those of its first; practice teaches nothing. */
export async function comparedBatches(db: Db, which: WhichCompared): Promise<ComparedBatch[]> {
  const rows = await db
    .select({
      id: batches.id,
      startedAt: batches.startedAt,
      revision: batches.revision,
      score: batches.score,
      formula: batches.formulaId,
      name: batches.name,
      burner: batches.burner,
      pot: batches.pot,
      channel: boils.channelId,
      judged: batches.judged,
      pieceGrams: sql<number>`coalesce(json_value(${batches.plan}, '$.pieceGrams'), 0)`,
      traits: boilSummaries.traits,
    })
    .from(batches)
    .innerJoin(boils, and(eq(boils.batchId, batches.id), eq(boils.number, 1)))
    .innerJoin(boilSummaries, eq(boilSummaries.boil, boils.key))
    .where(
      and(
        isNotNull(boilSummaries.traits),
        ...('ids' in which
          ? [inArray(batches.id, [...which.ids])]
          : [
              eq(batches.practice, false),
              lt(batches.startedAt, which.before),
              which.formula ? eq(batches.formulaId, which.formula) : undefined,
            ]),
      ),
    )
    .orderBy(desc(batches.startedAt))
    .limit('ids' in which ? which.ids.length : which.limit)
  return rows.flatMap(({ burner, pot, judged, pieceGrams, traits, ...row }) =>
    traits && isReadable(traits)
      ? [
          {
            ...row,
            burner,
            pot,
            ring: `${burner} ${pot}`,
            flaws: judged && isReadable(judged) ? judged.flaws : [],
            traits: {
              ...traits,
              ...tastedTraits(judged && isReadable(judged) ? judged.tasting : null, Number(pieceGrams)),
            },
          },
        ]
      : [],
  )
}

/** Minutes over the flame of all boils of a batch that have ended. */
export async function boilMinutes(db: Db, batch: string): Promise<number> {
  const [row] = await db
    .select({ minutes: sql<number>`coalesce(sum(${boilSummaries.minutes}), 0)` })
    .from(boils)
    .innerJoin(boilSummaries, eq(boilSummaries.boil, boils.key))
    .where(eq(boils.batchId, batch))
  return Number(row?.minutes ?? 0)
}
