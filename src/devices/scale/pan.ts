/** The stand-in's pan: somebody pours what is wanted, fast at first and carefully at the end, then tares for the next. */

export interface Pan {
  /** What is wanted next, g; null for nothing. The pan is tared. */
  want(grams: number | null): void
  /** What the scale shows after `seconds` more. */
  show(seconds: number): number
}

/** ◊ Share of what is missing that is poured a second, at least so many g, and how far off a hand stops. */
const POUR = { share: 0.9, least: 2, off: 0.003 }

export function openPan(random: () => number): Pan {
  let wanted = 0
  let stop = 0
  let there = 0
  return {
    want(grams) {
      wanted = grams ?? 0
      there = 0
      stop = wanted * (1 + POUR.off * (2 * random() - 1))
    },
    show(seconds) {
      const missing = stop - there
      if (missing > 0) there = Math.min(stop, there + Math.max(POUR.least, missing * POUR.share) * seconds)
      // a kitchen scale shows whole tenths, and trembles by one
      return Math.round((there + 0.1 * (random() - 0.5)) * 10) / 10
    },
  }
}
