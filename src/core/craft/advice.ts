/** What past batches of a formula say about its target: the temperature that would have scored best, and how sure. */

export interface PastBatch {
  /** Reached, °C at the standard atmosphere. */
  readonly reached: number
  /** 1 (bin) to 5 (as good as it gets). */
  readonly score: number
}

export type Advice =
  | { readonly kind: 'too-few'; readonly have: number; readonly need: number }
  | { readonly kind: 'too-alike'; readonly spread: number }
  | {
      readonly kind: 'target'
      readonly best: number
      readonly sd: number
      readonly batches: number
      /** What follows: go there, stay here, or that it is too soon to say. */
      readonly says: 'change' | 'keep' | 'unsure'
    }

/** ◊ Batches, and degrees between them, before anything is said. */
const NEEDS = { batches: 6, spread: 1.5 }
/** ◊ The same batch judged twice differs by this. */
const SCORE_SD = 0.6
/** ◊ Points lost a square degree off the best: from a forgiving fudge to a caramel. */
const STEEPNESS = [0.02, 0.04, 0.08, 0.15, 0.3, 0.6]
/** ◊ How far from the present target the best is likely to be, °C. */
const TARGET_SD = 5
const STEP = 0.1
/** ◊ A target is kept for what it is likely to score, and for how little the best would score above it. */
const KEEP = { score: 4, lost: 0.4 }

/**
 * The best target by Bayes: score = top − k·(reached − best)², with the top fitted, k and best on a grid, and a prior
 * around the `target` in use. Says so when there are too few batches or they are all alike, and keeps a target only for
 * a good score: batches that cannot tell it from a better one say neither.
 */
export function adviseTarget(batches: readonly PastBatch[], target: number): Advice {
  if (batches.length < NEEDS.batches) return { kind: 'too-few', have: batches.length, need: NEEDS.batches }
  const reached = batches.map((b) => b.reached)
  const spread = Math.max(...reached) - Math.min(...reached)
  if (spread < NEEDS.spread) return { kind: 'too-alike', spread }
  let total = 0
  let sum = 0
  let square = 0
  let tops = 0
  let here = 0
  for (let best = target - 4 * TARGET_SD; best <= target + 4 * TARGET_SD; best += STEP) {
    const prior = Math.exp(-(((best - target) / TARGET_SD) ** 2) / 2)
    for (const k of STEEPNESS) {
      const top = topOf(batches, best, k)
      const weight = prior * Math.exp(-misfit(batches, best, k, top) / 2)
      total += weight
      sum += weight * best
      square += weight * best * best
      tops += weight * top
      here += weight * (top - k * (target - best) ** 2)
    }
  }
  const best = sum / total
  const sd = Math.sqrt(Math.max(0, square / total - best * best))
  const scores = here / total
  const keep = scores >= KEEP.score && tops / total - scores <= KEEP.lost
  const change = Math.abs(best - target) > Math.max(0.5, 1.3 * sd)
  return { kind: 'target', best, sd, batches: batches.length, says: change ? 'change' : keep ? 'keep' : 'unsure' }
}

/** The score at the top of the parabola that suits the batches best. */
const topOf = (batches: readonly PastBatch[], best: number, k: number): number =>
  batches.reduce((sum, b) => sum + b.score + k * (b.reached - best) ** 2, 0) / batches.length

/** Squared residuals of a parabola in units of the score's own scatter. */
const misfit = (batches: readonly PastBatch[], best: number, k: number, top: number): number =>
  batches.reduce((sum, b) => sum + ((b.score - top + k * (b.reached - best) ** 2) / SCORE_SD) ** 2, 0)
