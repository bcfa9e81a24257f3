import { isDeepStrictEqual } from 'node:util'
import { and, asc, desc, eq, inArray, isNull, lt, or, sql } from 'drizzle-orm'
import type { BatchConditions } from '@/contract/batch'
import type { BoilView } from '@/contract/cook'
import { type Judged, nothingJudged } from '@/contract/verdict'
import {
  analyse,
  type BatchPlan,
  type FamilyId,
  type FlawId,
  type FormulaDocument,
  flaws,
  madeIn,
  mainBoil,
} from '@/core'
import type { Db } from './client'
import { isReadable, type Unreadable, UnreadableRow, whole } from './columns'
import { appendEventIn } from './log'
import { batches, boils, channels, events, formulaRevisions } from './schema'
import { type Tx, transact } from './transaction'

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
  practice: boolean
  note: string
  score: number | null
  code: string
  flaws: FlawId[]
}

export interface BatchRecord extends NewBatch {
  practice: boolean
  note: string
  score: number | null
  code: string
  judged: Judged
  formula: FormulaDocument
}

/** What stands on a batch's label: its day and the end of its id. */
export const codeOf = ({ id, startedAt }: Pick<NewBatch, 'id' | 'startedAt'>): string =>
  `${startedAt.toISOString().slice(2, 10).replaceAll('-', '')}-${id.slice(-3)}`

/** What lists read of a batch of `formula`. @throws RangeError where nothing of it is boiled. */
function listed(batch: NewBatch, formula: FormulaDocument) {
  const { plan, conditions } = batch
  const boiled = mainBoil(formula)
  if (!boiled) throw new RangeError(`Nothing of "${formula.name}" is boiled`)
  return {
    name: formula.name,
    family: formula.family,
    room: conditions.room,
    code: codeOf(batch),
    burner: conditions.burner.name,
    pot: conditions.pot.name,
    outGrams: plan.outGrams,
    pieces: plan.pieces,
    boilsPlanned: plan.boils.length,
    targetC: analyse(boiled, conditions).targetC,
    withinC: boiled.target.within,
  }
}

/** What became of something new: stored, there already, or its id taken by something else. */
export type Inserted = 'stored' | 'repeated' | 'conflict'

/** A batch of a formula with its first boil, once. */
export const insertBatch = (db: Db, batch: NewBatch, formula: FormulaDocument, boil: NewBoil): Promise<Inserted> =>
  transact(db, async (tx) => {
    const [there] = await tx.select().from(batches).where(eq(batches.id, batch.id))
    if (there) {
      const { formulaId, revision, plan } = batch
      const same = isDeepStrictEqual([there.formulaId, there.revision, there.plan], [formulaId, revision, plan])
      const found = same ? await boilThere(tx, boil) : null
      return found?.id === boil.id ? 'repeated' : 'conflict'
    }
    if (await boilThere(tx, boil)) return 'conflict'
    const practice = boil.clock.rate > 1
    await tx.insert(batches).values({ ...batch, ...listed(batch, formula), practice, note: '' })
    await startBoilIn(tx, boil)
    return 'stored'
  })

/**
 * A boil and the clock it starts with, once. Where its batch has a boil of that number already, that one is the boil,
 * whoever began it; null where the id belongs to another boil.
 */
export const insertBoil = (db: Db, boil: NewBoil): Promise<{ readonly id: string } | null> =>
  transact(db, async (tx) => {
    const there = await boilThere(tx, boil)
    if (there) return there.batchId === boil.batchId && there.number === boil.number ? { id: there.id } : null
    await startBoilIn(tx, boil)
    return { id: boil.id }
  })

/** The boil of this id, or of this number in this batch. */
async function boilThere(tx: Tx, { id, batchId, number }: NewBoil) {
  const found = await tx
    .select({ id: boils.id, batchId: boils.batchId, number: boils.number })
    .from(boils)
    .where(or(eq(boils.id, id), and(eq(boils.batchId, batchId), eq(boils.number, number))))
  return found.find((b) => b.id === id) ?? found[0]
}

async function startBoilIn(tx: Tx, { clock: { id, rate }, ...boil }: NewBoil): Promise<void> {
  await tx.insert(boils).values(boil)
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
  formula: FormulaDocument | Unreadable
  lagS: number
  noiseC: number
}

/** What boil `number` of a plan makes. @throws RangeError for a plan and a formula that do not belong together. */
function madeBy(
  formula: FormulaDocument,
  plan: BatchPlan,
  number: number,
): { part: string | null; formula: FormulaDocument } {
  const part = plan.boils[number - 1]?.part ?? null
  const found = madeIn(formula).find((b) => b.part === part)
  if (!found) throw new RangeError(`"${formula.name}" has no boil ${number}`)
  return { part, formula: found.formula }
}

/** @throws UnreadableRow */
function toView({ boil, batch, formula, lagS, noiseC }: ViewRow): BoilView {
  const [plan, conditions] = [whole(batch.plan), whole(batch.conditions)]
  return {
    id: boil.id,
    batchId: boil.batchId,
    number: boil.number,
    label: boil.label,
    channel: boil.channelId,
    startedAt: boil.startedAt.toISOString(),
    endedAt: boil.endedAt?.toISOString() ?? null,
    formulaId: batch.formulaId,
    revision: batch.revision,
    ...madeBy(whole(formula), plan, boil.number),
    plan,
    conditions,
    probe: {
      lagS,
      ...(conditions.lagsSeen?.channel === boil.channelId && { lagsSeen: conditions.lagsSeen.seconds }),
      noiseC,
      thermometer: conditions.thermometers.find((t) => t.channel === boil.channelId) ?? null,
    },
  }
}

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

/** The boils of some batches, without the documents they were begun from. */
export async function boilsInBatches(db: Db, batchIds: readonly string[]) {
  const { id, key, batchId, number, startedAt, channelId, readings } = boils
  return batchIds.length === 0
    ? []
    : db
        .select({ id, key, batchId, number, startedAt, channelId, readings })
        .from(boils)
        .where(inArray(boils.batchId, [...batchIds]))
}

/** A boil that is there but cannot be read: what its columns say. */
export interface LostBoil {
  readonly id: string
  readonly name: string
  readonly startedAt: string
}

/** Boils that have not ended, newest first, and those among them that cannot be read. */
export async function openBoils(db: Db, limit: number): Promise<{ boils: BoilView[]; lost: LostBoil[] }> {
  const rows = await views(db).where(isNull(boils.endedAt)).orderBy(desc(boils.id)).limit(limit)
  const lost: LostBoil[] = []
  const found = rows.flatMap((row) => {
    try {
      return [toView(row)]
    } catch (error) {
      if (!(error instanceof UnreadableRow)) throw error
      lost.push({ id: row.boil.id, name: row.batch.name, startedAt: row.boil.startedAt.toISOString() })
      return []
    }
  })
  return { boils: found, lost }
}

/** ◊ So many are ended at a look. */
const MOST_LEFT = 20

/** Open boils of practice batches to which nothing was done since `before`, with the time of their last act. */
export async function practiceLeftAlone(
  db: Db,
  before: Date,
): Promise<{ id: string; channel: string | null; at: Date }[]> {
  return db
    .select({ id: boils.id, channel: boils.channelId, at: events.at })
    .from(boils)
    .innerJoin(batches, eq(batches.id, boils.batchId))
    .innerJoin(events, and(eq(events.boil, boils.key), eq(events.n, boils.events)))
    .where(and(isNull(boils.endedAt), eq(batches.practice, true), lt(events.receivedAt, before)))
    .limit(MOST_LEFT)
}

/** Channels that have an unfinished boil on them. */
export async function takenChannels(db: Db): Promise<Set<string>> {
  const rows = await db.selectDistinct({ channel: boils.channelId }).from(boils).where(isNull(boils.endedAt))
  return new Set(rows.flatMap((r) => (r.channel === null ? [] : [r.channel])))
}

/** The newest open boil on a channel. */
export async function boilOnChannel(db: Db, channelId: string): Promise<BoilView | null> {
  const [row] = await views(db)
    .where(and(eq(boils.channelId, channelId), isNull(boils.endedAt)))
    .orderBy(desc(boils.id))
    .limit(1)
  return row ? toView(row) : null
}

/** Of each channel with a boil on it something that differs whenever another is, or something was done to the one that is. */
export async function headsOfChannels(db: Db, channelIds: readonly string[]): Promise<Map<string, string>> {
  const rows = await db
    .select({ channel: boils.channelId, id: boils.id, events: boils.events })
    .from(boils)
    .where(and(inArray(boils.channelId, [...channelIds]), isNull(boils.endedAt)))
    .orderBy(asc(boils.id))
  // the newest of a channel stands last
  return new Map(rows.map((r) => [r.channel ?? '', `${r.id} ${r.events}`]))
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

type RecordRow = { batch: typeof batches.$inferSelect; formula: FormulaDocument | Unreadable }

/** A record of the row; none where it is unreadable. */
function toRecord({ batch: { plan, conditions, judged, ...batch }, formula }: RecordRow): BatchRecord[] {
  return isReadable(plan) && isReadable(conditions) && isReadable(formula)
    ? [{ ...batch, plan, conditions, formula, judged: judged && isReadable(judged) ? judged : nothingJudged }]
    : []
}

export const rowColumns = {
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
  practice: batches.practice,
  note: batches.note,
  score: batches.score,
  code: batches.code,
  flaws: batches.flaws,
}

/** A row of a list; a flaw no Imbry knows any more is left out. */
export const listedRow = <R extends { flaws: string }>(row: R): Omit<R, 'flaws'> & { flaws: FlawId[] } => ({
  ...row,
  flaws: row.flaws.split(',').filter((f): f is FlawId => Object.hasOwn(flaws, f)),
})

/** Batches as lists read them. */
export async function findBatchRows(db: Db, ids: readonly string[]): Promise<BatchRow[]> {
  if (ids.length === 0) return []
  const rows = await db
    .select(rowColumns)
    .from(batches)
    .where(inArray(batches.id, [...ids]))
  return rows.map(listedRow)
}

/** A batch as lists read it; null for none of that id. */
export async function findBatchRow(db: Db, id: string): Promise<BatchRow | null> {
  const [row] = await db.select(rowColumns).from(batches).where(eq(batches.id, id)).limit(1)
  return row ? listedRow(row) : null
}

/** @throws UnreadableRow */
export async function findBatch(db: Db, id: string): Promise<BatchRecord | null> {
  const [row] = await records(db).where(eq(batches.id, id)).limit(1)
  if (!row) return null
  const [record] = toRecord(row)
  if (!record) throw new UnreadableRow('This batch is written in a way this Imbry cannot read')
  return record
}
