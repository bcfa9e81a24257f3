import { and, asc, desc, eq, inArray, isNotNull, isNull, lt, or, sql } from 'drizzle-orm'
import type { BatchConditions } from '@/contract/batch'
import type { BoilView } from '@/contract/cook'
import {
  analyse,
  type BatchPlan,
  type BoiledFormula,
  boiledIn,
  type FamilyId,
  type FormulaDocument,
  mainBoil,
} from '@/core'
import type { Db } from './client'
import { appendEventIn } from './log'
import { batches, boilSummaries, boils, channels, formulaRevisions } from './schema'

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

/** A batch as lists read it: columns, no document. */
export interface BatchRow {
  id: string
  formulaId: string
  revision: number
  startedAt: Date
  name: string
  family: FamilyId
  room: string
  outGrams: number
  pieces: number
  boilsPlanned: number
  targetC: number
  withinC: number
  note: string
  score: number | null
}

export interface BatchRecord extends NewBatch {
  note: string
  score: number | null
  formula: FormulaDocument
}

/** What lists read of a batch of `formula`. @throws RangeError where nothing of it is boiled. */
function listed({ plan, conditions }: NewBatch, formula: FormulaDocument) {
  const boiled = mainBoil(formula)
  if (!boiled) throw new RangeError(`Nothing of "${formula.name}" is boiled`)
  return {
    name: formula.name,
    family: formula.family,
    room: conditions.room,
    outGrams: plan.outGrams,
    pieces: plan.pieces,
    boilsPlanned: plan.boils.length,
    targetC: analyse(boiled, conditions).targetC,
    withinC: boiled.target.within,
  }
}

/** A batch of a formula with its first boil; a retry with the same ids changes nothing. */
export async function insertBatch(db: Db, batch: NewBatch, formula: FormulaDocument, boil: NewBoil): Promise<void> {
  await db.transaction(async (tx) => {
    await tx
      .insert(batches)
      .ignore()
      .values({ ...batch, ...listed(batch, formula), note: '' })
    await insertBoilIn(tx, boil)
  })
}

/** A boil and the clock it starts with; a retry with the same id changes nothing. */
export const insertBoil = (db: Db, boil: NewBoil): Promise<void> => db.transaction((tx) => insertBoilIn(tx, boil))

async function insertBoilIn(
  tx: Pick<Db, 'select' | 'insert' | 'update'>,
  { clock: { id, rate }, ...boil }: NewBoil,
): Promise<void> {
  const [result] = await tx.insert(boils).ignore().values(boil)
  // tried again, it has a clock already
  if (result.affectedRows === 0) return
  const at = boil.startedAt.toISOString()
  await appendEventIn(tx, boil.id, { id, at, act: { type: 'clock', rate, wall: at } }, boil.startedAt)
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
    .select({ id: boils.id, events: boils.events })
    .from(boils)
    .where(and(eq(boils.channelId, channelId), isNull(boils.endedAt)))
    .orderBy(desc(boils.id))
    .limit(1)
  return row ? `${row.id} ${row.events}` : null
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

const rowColumns = {
  id: batches.id,
  formulaId: batches.formulaId,
  revision: batches.revision,
  startedAt: batches.startedAt,
  name: batches.name,
  family: batches.family,
  room: batches.room,
  outGrams: batches.outGrams,
  pieces: batches.pieces,
  boilsPlanned: batches.boilsPlanned,
  targetC: batches.targetC,
  withinC: batches.withinC,
  note: batches.note,
  score: batches.score,
}

/** Where a page of batches begins: after the batch that was started then and has this id. */
export interface BatchCursor {
  readonly startedAt: Date
  readonly id: string
}

/** A page of batches, newest first. */
export const pageOfBatches = (db: Db, after: BatchCursor | null, limit: number): Promise<BatchRow[]> =>
  db
    .select(rowColumns)
    .from(batches)
    .where(
      after
        ? or(
            lt(batches.startedAt, after.startedAt),
            and(eq(batches.startedAt, after.startedAt), lt(batches.id, after.id)),
          )
        : undefined,
    )
    .orderBy(desc(batches.startedAt), desc(batches.id))
    .limit(limit)

/** The newest judged batches of a formula, with what they were made of and what their boils reached, °C. */
export async function judgedBatches(
  db: Db,
  formulaId: string,
  limit: number,
): Promise<(BatchRecord & { reached: number[] })[]> {
  const rows = await records(db)
    .where(and(eq(batches.formulaId, formulaId), isNotNull(batches.score)))
    .orderBy(desc(batches.startedAt))
    .limit(limit)
  if (rows.length === 0) return []
  const reached = await db
    .select({ batch: boils.batchId, celsius: boilSummaries.reachedC })
    .from(boils)
    .innerJoin(boilSummaries, eq(boilSummaries.boil, boils.key))
    .where(
      inArray(
        boils.batchId,
        rows.map((r) => r.batch.id),
      ),
    )
  return rows.map(({ batch, formula }) => ({
    ...batch,
    formula,
    reached: reached.flatMap((r) => (r.batch === batch.id && r.celsius !== null ? [r.celsius] : [])),
  }))
}

/** A batch as lists read it; null for none of that id. */
export async function findBatchRow(db: Db, id: string): Promise<BatchRow | null> {
  const [row] = await db.select(rowColumns).from(batches).where(eq(batches.id, id)).limit(1)
  return row ?? null
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
