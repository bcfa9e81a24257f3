import type { BatchStory, LogbookEntry } from '@/contract/logbook'
import { type Advice, adviseTarget, analyse, mainBoil, temperatureAtStandard } from '@/core'
import { type BatchRecord, boilSummaries, boilsOfBatch, db, findBatch, listBatches, thumbnails } from '@/db'
import { snapshot } from './cook'
import { Problem } from './problem'

/** Batches, newest first, each with its curves in small and what it reached. */
export async function logbook(): Promise<LogbookEntry[]> {
  return entriesFor(await listBatches(db()))
}

async function entriesFor(batches: readonly BatchRecord[]): Promise<LogbookEntry[]> {
  const summaries = await boilSummaries(
    db(),
    batches.map((b) => b.id),
  )
  const curves = await thumbnails(
    db(),
    summaries.map((s) => s.boilId),
  )
  const targetFor = targets()
  return batches.map((b) => ({
    id: b.id,
    formulaName: b.formula.name,
    family: b.formula.family,
    startedAt: b.startedAt.toISOString(),
    room: b.conditions.room,
    outGrams: b.plan.outGrams,
    pieces: b.plan.pieces,
    target: targetFor(b),
    within: mainBoil(b.formula)?.target.within ?? 0,
    boils: summaries
      .filter((s) => s.batchId === b.id)
      .map((s) => ({ id: s.boilId, reached: s.reached, curve: curves.get(s.boilId) ?? [] })),
    boilsPlanned: b.plan.boils.length,
    note: b.note,
    score: b.score,
  }))
}

/** A target depends on the revision and the day's air, not on the size of the batch: worked out once for each. */
function targets(): (batch: BatchRecord) => number {
  const known = new Map<string, number>()
  return (b) => {
    const key = `${b.formulaId} ${b.revision} ${b.conditions.pressurePa}`
    const boiled = mainBoil(b.formula)
    const target = known.get(key) ?? (boiled ? analyse(boiled, b.conditions).targetC : Number.NaN)
    known.set(key, target)
    return target
  }
}

/** One batch whole: every boil with its readings and events. */
export async function batchStory(id: string): Promise<BatchStory> {
  const batch = await findBatch(db(), id)
  if (!batch) throw new Problem(404, 'There is no such batch')
  const [[entry], boils] = await Promise.all([entriesFor([batch]), boilsOfBatch(db(), id)])
  return {
    entry: entry as LogbookEntry,
    conditions: batch.conditions,
    boils: await Promise.all(boils.map(async (boil) => ({ boil, log: await snapshot(boil.id) }))),
  }
}

/** What the judged batches of a formula say about its target. Days of different air are compared by composition. */
export async function adviceFor(formulaId: string, target: number): Promise<Advice> {
  const judged = (await listBatches(db(), formulaId)).filter((b) => b.score !== null)
  const summaries = await boilSummaries(
    db(),
    judged.map((b) => b.id),
  )
  const past = judged.flatMap((b) => {
    const reached = summaries.flatMap((s) => (s.batchId === b.id && s.reached !== null ? [s.reached] : []))
    const boiled = mainBoil(b.formula)
    if (reached.length === 0 || b.score === null || !boiled) return []
    const mean = reached.reduce((a, c) => a + c, 0) / reached.length
    const { atTarget } = analyse(boiled, b.conditions)
    return [{ reached: temperatureAtStandard(atTarget, mean, b.conditions.pressurePa), score: b.score }]
  })
  return adviseTarget(past, target)
}
