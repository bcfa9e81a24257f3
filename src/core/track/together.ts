/**
 * Do readings err together? A filter takes each surprise for chance of its own. Where a thermometer wanders, a ring switches, or the road is
 * not quite this syrup's, surprises of one sign follow one another, and so many of them are worth fewer.
 */

/** Surprises so far, in blocks of some seconds. Never changed in place. */
export interface Together {
  /** How many times more a block of readings errs than if each erred by itself (variance). */
  readonly factor: number
  /** The block under way: when it began, its sum of surprises in standard deviations, and of what they are worth. */
  readonly since: number
  readonly sum: number
  readonly worth: number
}

/** ◊ s of a block; blocks over which the factor is averaged, beginning from one that errs as it should; a block that errs more says no more. */
const BLOCK = { seconds: 20, memory: 15, most: 12 }

export const apart: Together = { factor: 1, since: Number.NEGATIVE_INFINITY, sum: 0, worth: 0 }

/** With one reading more: off by `off`, where `variance` was to be expected, and worth a share of one that is not rounded. */
export function togetherAfter(
  { factor, since, sum, worth }: Together,
  lesson: { readonly off: number; readonly variance: number; readonly worth: number },
  now: number,
): Together {
  const ended = now - since > BLOCK.seconds
  const square = worth > 0 ? Math.min(BLOCK.most, sum ** 2 / worth) : factor
  return {
    factor: ended ? factor + (square - factor) / BLOCK.memory : factor,
    since: ended ? now : since,
    sum: (ended ? 0 : sum) + lesson.off / Math.sqrt(lesson.variance),
    worth: (ended ? 0 : worth) + lesson.worth,
  }
}
