/** Why a batch came out as it did: its traits against those of the batches before it. */
import type { BatchStory } from '@/contract/logbook'
import { creeping, explain, flawsIn, mainBoil, sensitivityOf, unusualIn, whatDiffered } from '@/core'
import { type BatchRecord, type ComparedBatch, comparedBatches, db } from '@/db'

/** ◊ Batches looked back on: of this formula, and of any, for what a ring gives whatever is on it. */
const LOOKS_BACK = { formula: 30, any: 60 }
/** ◊ Batches in a row that show a drift one alone cannot. */
const IN_A_ROW = 3

/** The batches up to one begun at `until`, newest first: of its formula, and others for what they say of the rings. */
export async function comparedUntil(formula: string, until: Date): Promise<ComparedBatch[]> {
  const before = new Date(until.getTime() + 1)
  const [own, any] = await Promise.all([
    comparedBatches(db(), { formula, before, limit: LOOKS_BACK.formula }),
    comparedBatches(db(), { before, limit: LOOKS_BACK.any }),
  ])
  return [...new Map([...own, ...any].map((b) => [b.id, b])).values()].sort(
    (a, b) => b.startedAt.getTime() - a.startedAt.getTime(),
  )
}

/** Of batches read already, newest first, those that one is compared with, itself among them. */
export function among(all: readonly ComparedBatch[], { formula, startedAt }: ComparedBatch): ComparedBatch[] {
  const before = all.filter((b) => b.startedAt <= startedAt)
  const own = new Set(before.filter((b) => b.formula === formula).slice(0, LOOKS_BACK.formula))
  return before.filter((b, i) => i < LOOKS_BACK.any || own.has(b))
}

export const explained = async (batch: BatchRecord): Promise<BatchStory['why']> =>
  explainedAmong(batch, await comparedUntil(batch.formulaId, batch.startedAt))

/** What was different about a batch, what is likely behind what is wrong with it, and what has crept in of late; null while its boil is on. `all`: it and those before it, newest first. */
export function explainedAmong(batch: BatchRecord, all: readonly ComparedBatch[]): BatchStory['why'] {
  const me = all.find((b) => b.id === batch.id)
  const boiled = mainBoil(batch.formula)
  if (!me || !boiled) return null
  const past = all.filter((b) => b !== me)
  const to = sensitivityOf(boiled, batch.conditions)
  const unusual = unusualIn([me], past)
  const { tasting, flaws } = batch.judged
  const said = flawsIn(tasting, flaws)
  const alike = past.filter((b) => b.formula === me.formula && b.ring === me.ring).slice(0, IN_A_ROW - 1)
  const row = [me, ...alike] as const
  const creeps =
    row.length === IN_A_ROW
      ? explain(
          unusualIn(
            row,
            past.filter((b) => !alike.includes(b)),
          ),
          [],
          to,
          creeping,
        ).found
      : null
  return { different: whatDiffered(unusual), ...explain(unusual, said, to), creeps }
}
