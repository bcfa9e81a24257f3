/** Whether a revision helped: the scores of its batches against those of the one before. */
import { meanOf } from '../quantity/statistics'

export interface Helped {
  readonly revision: number
  /** Mean scores, and how many batches each is of. */
  readonly before: { readonly revision: number; readonly score: number; readonly batches: number }
  readonly after: { readonly score: number; readonly batches: number }
  readonly came: 'better' | 'worse' | 'even'
}

/** ◊ Batches of each before anything is said, and the scatter of one score. */
const LEAST = 2
const SCORE_SD = 0.7
/** Standard deviations of the difference from which it is more than chance: 9 in 10. */
const SURE = 1.3

/** Compares the newest two revisions that have been judged often enough; null where there are none. */
export function helped(judged: readonly { readonly revision: number; readonly score: number }[]): Helped | null {
  const by = new Map<number, number[]>()
  for (const { revision, score } of judged) by.set(revision, [...(by.get(revision) ?? []), score])
  const [after, before] = [...by].filter(([, s]) => s.length >= LEAST).sort(([a], [b]) => b - a)
  if (!after || !before) return null
  const gain = meanOf(after[1]) - meanOf(before[1])
  const sd = SCORE_SD * Math.sqrt(1 / after[1].length + 1 / before[1].length)
  return {
    revision: after[0],
    before: { revision: before[0], score: meanOf(before[1]), batches: before[1].length },
    after: { score: meanOf(after[1]), batches: after[1].length },
    came: gain > SURE * sd ? 'better' : gain < -SURE * sd ? 'worse' : 'even',
  }
}
