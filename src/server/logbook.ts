import { eventsOf } from '@/contract/events'
import {
  anything,
  type BatchStory,
  type Find,
  type FormulaAdvice,
  type LogbookEntry,
  type LogbookFacets,
  type LogbookPage,
} from '@/contract/logbook'
import {
  adviseTarget,
  analyse,
  type BatchPlan,
  countedIn,
  givenUpIn,
  helped,
  mainBoil,
  temperatureAtStandard,
} from '@/core'
import {
  type BatchCursor,
  type BatchRow,
  boilsInLists,
  boilsOfBatch,
  comparedBatches,
  countsOfBatches,
  db,
  findBatch,
  findBatchRow,
  findBatchRows,
  formulasInLog,
  judgedBatches,
  pageOfBatches,
  picturesOf,
  ringsInLog,
  type Shelf,
} from '@/db'
import { snapshot, summarise } from './cook'
import { explained } from './explain'
import { Problem } from './problem'
import { batchStock } from './stock'

/** Batches to a page. */
const PAGE = 40

const splitCursor = (cursor: string | null): BatchCursor | null => {
  const [at, id] = cursor?.split(' ') ?? []
  return at && id ? { startedAt: new Date(at), id } : null
}

/** A page of batches, newest first: the first, or the one that begins at `cursor`. Practice is a shelf of its own. */
export async function logbook(
  shelf: Shelf = 'log',
  find: Find = anything,
  cursor: string | null = null,
): Promise<LogbookPage> {
  const rows = await pageOfBatches(db(), shelf, find, splitCursor(cursor), PAGE + 1)
  const shown = rows.slice(0, PAGE)
  const last = shown.at(-1)
  return {
    entries: await entriesFor(shown),
    next: rows.length > PAGE && last ? `${last.startedAt.toISOString()} ${last.id}` : null,
  }
}

/** What the log can be asked for beside its words: how many there are by month, the formulas and rings it knows. */
export async function logbookFacets(shelf: Shelf, find: Find): Promise<LogbookFacets> {
  const [months, rings, formulas] = await Promise.all([
    countsOfBatches(db(), shelf, find),
    ringsInLog(db()),
    formulasInLog(db()),
  ])
  return { months, rings, formulas }
}

/** Batches as a list shows them, by id. */
export async function entriesOf(ids: readonly string[]): Promise<ReadonlyMap<string, LogbookEntry>> {
  const rows = await findBatchRows(db(), ids)
  return new Map((await entriesFor(rows)).map((e) => [e.id, e]))
}

/** ◊ No list is kept waiting for more of them than that. */
const MOST_SUMMED = 20

/**
 * Boils as lists show them. What has ended and is not summed up yet is being so, or whoever was to do it was killed: until it is done a list would
 * show a boil that was never pulled. One that cannot be read stays as it is, and its own page says so.
 */
async function boilsSummed(batches: readonly string[]) {
  const { byBatch, unsummed } = await boilsInLists(db(), batches)
  if (unsummed.length === 0) return byBatch
  for (const id of unsummed.slice(0, MOST_SUMMED)) await summarise(id).catch(() => undefined)
  return (await boilsInLists(db(), batches)).byBatch
}

async function entriesFor(rows: readonly BatchRow[]): Promise<LogbookEntry[]> {
  const boils = await boilsSummed(rows.map((r) => r.id))
  return rows.map((r) => ({
    id: r.id,
    formulaName: r.name,
    family: r.family,
    startedAt: r.startedAt.toISOString(),
    room: r.room,
    outGrams: r.outGrams,
    pieces: r.pieces,
    target: r.targetC,
    within: r.withinC,
    boils: boils.get(r.id) ?? [],
    boilsPlanned: r.boilsPlanned,
    practice: r.practice,
    note: r.note,
    score: r.score,
    flaws: r.flaws,
    code: r.code,
  }))
}

/** One batch whole: every boil with its readings and events. */
export async function batchStory(id: string): Promise<BatchStory> {
  const [batch, row] = await Promise.all([findBatch(db(), id), findBatchRow(db(), id)])
  if (!batch || !row) throw new Problem(404, 'There is no such batch')
  const logged = boilsOfBatch(db(), id).then((boils) =>
    Promise.all(boils.map(async (boil) => ({ boil, log: await snapshot(boil.id) }))),
  )
  const [[entry], boils, why, stock, pictures] = await Promise.all([
    entriesFor([row]),
    logged,
    explained(batch),
    logged.then((all) => batchStock(id, piecesOf(all, batch.plan))),
    picturesOf(db(), id),
  ])
  return {
    entry: entry as LogbookEntry,
    formulaId: batch.formulaId,
    revision: batch.revision,
    judged: batch.judged,
    why,
    stock,
    pictures,
    conditions: batch.conditions,
    boils,
  }
}

/** Good pieces of a batch: as they were counted, else as planned, without those of a boil that was given up. */
function piecesOf(boils: BatchStory['boils'], plan: BatchPlan): number {
  const logs = boils.map(({ boil, log }) => eventsOf(log.acts, Date.parse(boil.startedAt)))
  const lost = boils.reduce(
    (sum, { boil }, i) => (givenUpIn(logs[i] ?? []) === null ? sum : sum + (plan.boils[boil.number - 1]?.share ?? 1)),
    0,
  )
  return countedIn(logs) ?? Math.round(plan.pieces * Math.max(0, 1 - lost))
}

/** ◊ The newest batches say what is to be done next; those of long ago were made by another hand. */
const ADVISED_BY = 60
const METHOD_BY = 8

/** What the judged batches of a formula say about its target. Days of different air are compared by composition. */
export async function adviceFor(formulaId: string, target: number): Promise<FormulaAdvice> {
  const [{ batches, revisions }, newest] = await Promise.all([
    judgedBatches(db(), formulaId, ADVISED_BY),
    comparedBatches(db(), { formula: formulaId, before: new Date(), limit: METHOD_BY }),
  ])
  // what a revision is at its target is the same on every day
  const atTarget = new Map(
    [...revisions].flatMap(([number, document]) => {
      const boiled = mainBoil(document)
      const day = batches.find((b) => b.revision === number)
      return boiled && day ? [[number, analyse(boiled, day.conditions).atTarget] as const] : []
    }),
  )
  const past = batches.flatMap(({ revision, conditions, score, reached }) => {
    const mix = atTarget.get(revision)
    if (reached.length === 0 || !mix) return []
    const mean = reached.reduce((a, c) => a + c, 0) / reached.length
    return [{ reached: temperatureAtStandard(mix, mean, conditions.pressurePa), score }]
  })
  const recent = newest.map(({ traits, flaws }) => ({ traits, flaws }))
  return { ...adviseTarget(past, target), helped: helped(batches), recent }
}
