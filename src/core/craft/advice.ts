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
      readonly worthChanging: boolean
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

/**
 * The best target by Bayes: score = top − k·(reached − best)², with the top fitted, k and best on a grid, and a prior
 * around the `target` in use. Says so when there are too few batches or they are all alike.
 */
export function adviseTarget(batches: readonly PastBatch[], target: number): Advice {
  if (batches.length < NEEDS.batches) return { kind: 'too-few', have: batches.length, need: NEEDS.batches }
  const reached = batches.map((b) => b.reached)
  const spread = Math.max(...reached) - Math.min(...reached)
  if (spread < NEEDS.spread) return { kind: 'too-alike', spread }
  let total = 0
  let sum = 0
  let square = 0
  for (let best = target - 4 * TARGET_SD; best <= target + 4 * TARGET_SD; best += STEP) {
    const prior = Math.exp(-(((best - target) / TARGET_SD) ** 2) / 2)
    for (const k of STEEPNESS) {
      const weight = prior * Math.exp(-misfit(batches, best, k) / 2)
      total += weight
      sum += weight * best
      square += weight * best * best
    }
  }
  const best = sum / total
  const sd = Math.sqrt(Math.max(0, square / total - best * best))
  return {
    kind: 'target',
    best,
    sd,
    batches: batches.length,
    worthChanging: Math.abs(best - target) > Math.max(0.5, 1.3 * sd),
  }
}

/** Squared residuals in units of the score's own scatter, with the best top for this parabola. */
function misfit(batches: readonly PastBatch[], best: number, k: number): number {
  const drop = batches.map((b) => k * (b.reached - best) ** 2)
  const top = batches.reduce((s, b, i) => s + b.score + (drop[i] as number), 0) / batches.length
  return batches.reduce((s, b, i) => s + ((b.score - top + (drop[i] as number)) / SCORE_SD) ** 2, 0)
}
