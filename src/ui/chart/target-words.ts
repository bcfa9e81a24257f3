import { type Analysis, formatShare, waterShare } from '@/core'

/** The target as it is written on a curve: "target 149° · snaps clean, 2.3 % water". */
export const targetWords = (a: Analysis, say: (celsius: number) => string): string =>
  `target ${say(a.targetC)} · ${a.bite.word}, ${formatShare(waterShare(a.atTarget))} water`
