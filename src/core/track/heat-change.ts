/** A change of the heat that nobody logged, as it is told of once it was found: from what, which way, and until it is as good as undone. */

export interface HeatChange {
  /** s into the cook at which it was found. */
  readonly at: number
  /** W at full dial before it. */
  readonly before: number
  /** -1 for less, 1 for more. */
  readonly sign: number
  /** By now the heat is as good as it was before. */
  readonly isBack: boolean
}

/**
 * ◊ Shares of the heat there was: what comes to less than the least is no change, nor is what undoes another to so much of it, for what comes back is
 * found with a swing beyond where it was; where less than the last is left, it is back. s for which it is known what there was.
 */
const CHANGED = { least: 0.14, leastBack: 0.4, isBack: 0.07, kept: 300 }

/** The change found at `now`, of a heat of `was` W at full dial that is `is` from now on; `last` is the one found before. What is found bit by bit is one change. */
export function heatChanged(last: HeatChange | null, was: number, is: number, now: number): HeatChange {
  const known = last && now - last.at < CHANGED.kept ? last : null
  const before = known?.before ?? was
  const more = is / before - 1
  const isBack = Math.abs(more) < (known?.sign === -Math.sign(more) ? CHANGED.leastBack : CHANGED.least)
  return { at: now, before, sign: isBack && known ? known.sign : Math.sign(more), isBack }
}

/** The same change once the heat is `is` W at full dial: taken back where that is as good as it was. What was taken back stays so. */
export const stillChanged = (change: HeatChange, is: number): HeatChange =>
  change.sign * (is / change.before - 1) < CHANGED.isBack ? { ...change, isBack: true } : change
