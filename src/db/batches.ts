import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm'
import type { BatchConditions } from '@/contract/batch'
import type { BoilView } from '@/contract/cook'
import { type BatchPlan, type BoiledFormula, boiledIn, type FormulaDocument } from '@/core'
import type { Db } from './client'
import { batches, boils, channels, events, formulaRevisions } from './schema'

export interface NewBatch {
  id: string
  formulaId: string
  revision: number
  plan: BatchPlan
  conditions: BatchConditions
  startedAt: Date
}

export interface NewBoil {
  id: string
  batchId: string
  number: number
  label: string
  channelId: string | null
  startedAt: Date
  /** The first entry of its log: the pace of its clock. */
  clock: { id: string; rate: number }
}

export interface BatchRecord extends NewBatch {
  note: string
  score: number | null
  formula: FormulaDocument
}

/** A batch with its first boil; a retry with the same ids changes nothing. */
export async function insertBatch(db: Db, batch: NewBatch, boil: NewBoil): Promise<void> {
  await db.transaction(async (tx) => {
    await tx
      .insert(batches)
      .ignore()
      .values({ ...batch, note: '' })
    await insertBoil(tx, boil)
  })
}

type Writer = Pick<Db, 'insert'>

/** A boil and the clock it starts with; a retry with the same id changes nothing. */
export async function insertBoil(db: Writer, { clock, ...boil }: NewBoil): Promise<void> {
  await db.insert(boils).ignore().values(boil)
  await db
    .insert(events)
    .ignore()
    .values({
      id: clock.id,
      boilId: boil.id,
      at: boil.startedAt,
      act: { type: 'clock', rate: clock.rate, wall: boil.startedAt.toISOString() },
      receivedAt: boil.startedAt,
    })
}

const probeOf = {
  lagS: sql<number>`coalesce(${channels.lagS}, 0)`,
  noiseC: sql<number>`coalesce(${channels.noiseC}, 0)`,
}

const viewColumns = {
  boil: boils,
  batch: batches,
  formula: formulaRevisions.document,
  ...probeOf,
}

type ViewRow = {
  boil: typeof boils.$inferSelect
  batch: typeof batches.$inferSelect
  formula: FormulaDocument
  lagS: number
  noiseC: number
}

/** What boil `number` of a plan cooks. @throws RangeError for a plan and a formula that do not belong together. */
function boiledBy(
  formula: FormulaDocument,
  plan: BatchPlan,
  number: number,
): { part: string | null; formula: BoiledFormula } {
  const part = plan.boils[number - 1]?.part ?? null
  const found = boiledIn(formula).find((b) => b.part === part)
  if (!found) throw new RangeError(`"${formula.name}" has no boil ${number}`)
  return { part, formula: found.formula }
}

const toView = ({ boil, batch, formula, lagS, noiseC }: ViewRow): BoilView => ({
  id: boil.id,
  batchId: boil.batchId,
  number: boil.number,
  label: boil.label,
  channel: boil.channelId,
  startedAt: boil.startedAt.toISOString(),
  endedAt: boil.endedAt?.toISOString() ?? null,
  formulaId: batch.formulaId,
  revision: batch.revision,
  ...boiledBy(formula, batch.plan, boil.number),
  plan: batch.plan,
  conditions: batch.conditions,
  probe: {
    lagS,
    noiseC,
    thermometer: batch.conditions.thermometers.find((t) => t.channel === boil.channelId) ?? null,
  },
})

const views = (db: Db) =>
  db
    .select(viewColumns)
    .from(boils)
    .innerJoin(batches, eq(batches.id, boils.batchId))
    .innerJoin(
      formulaRevisions,
      and(eq(formulaRevisions.formulaId, batches.formulaId), eq(formulaRevisions.number, batches.revision)),
    )
    .leftJoin(channels, eq(channels.id, boils.channelId))
    .$dynamic()

export async function findBoil(db: Db, id: string): Promise<BoilView | null> {
  const [row] = await views(db).where(eq(boils.id, id)).limit(1)
  return row ? toView(row) : null
}

/** Boils of a batch in order. */
export async function boilsOfBatch(db: Db, batchId: string): Promise<BoilView[]> {
  return (await views(db).where(eq(boils.batchId, batchId)).orderBy(asc(boils.number))).map(toView)
}

/** Boils that have not ended, newest first. */
export async function openBoils(db: Db): Promise<BoilView[]> {
  return (await views(db).where(isNull(boils.endedAt)).orderBy(desc(boils.id))).map(toView)
}

/** The newest open boil on a channel. */
export async function boilOnChannel(db: Db, channelId: string): Promise<BoilView | null> {
  const [row] = await views(db)
    .where(and(eq(boils.channelId, channelId), isNull(boils.endedAt)))
    .orderBy(desc(boils.id))
    .limit(1)
  return row ? toView(row) : null
}

/** Something that differs whenever another boil is on a channel, or something was done to the one that is. */
export async function headOfChannel(db: Db, channelId: string): Promise<string | null> {
  const [row] = await db
    .select({
      id: boils.id,
      // drizzle writes a lone table's columns bare, which a subquery would take for its own
      seq: sql<number | null>`(select max(e.seq) from ${events} e where e.boil_id = boils.id)`,
    })
    .from(boils)
    .where(and(eq(boils.channelId, channelId), isNull(boils.endedAt)))
    .orderBy(desc(boils.id))
    .limit(1)
  return row ? `${row.id} ${row.seq}` : null
}

export interface BoilSpan {
  id: string
  startedAt: Date
  endedAt: Date | null
}

/** The latest boils on a channel, newest first: where its readings belong. */
export async function recentBoilsOnChannel(db: Db, channelId: string): Promise<BoilSpan[]> {
  return db
    .select({ id: boils.id, startedAt: boils.startedAt, endedAt: boils.endedAt })
    .from(boils)
    .where(eq(boils.channelId, channelId))
    .orderBy(desc(boils.id))
    .limit(5)
}

const batchColumns = { batch: batches, formula: formulaRevisions.document }

const records = (db: Db) =>
  db
    .select(batchColumns)
    .from(batches)
    .innerJoin(
      formulaRevisions,
      and(eq(formulaRevisions.formulaId, batches.formulaId), eq(formulaRevisions.number, batches.revision)),
    )
    .$dynamic()

/** Batches, newest first; of one formula, or of all. */
export async function listBatches(db: Db, formulaId?: string, limit = 500): Promise<BatchRecord[]> {
  const rows = await records(db)
    .where(formulaId === undefined ? undefined : eq(batches.formulaId, formulaId))
    .orderBy(desc(batches.startedAt))
    .limit(limit)
  return rows.map(({ batch, formula }) => ({ ...batch, formula }))
}

export async function findBatch(db: Db, id: string): Promise<BatchRecord | null> {
  const [row] = await records(db).where(eq(batches.id, id)).limit(1)
  return row ? { ...row.batch, formula: row.formula } : null
}

/** Writes what is thought of a batch; false when there is no such batch. */
export async function writeVerdict(
  db: Db,
  id: string,
  verdict: { note: string; score: number | null },
): Promise<boolean> {
  const [result] = await db.update(batches).set(verdict).where(eq(batches.id, id))
  return result.affectedRows > 0
}
