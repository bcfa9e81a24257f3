import type { LogbookEntry } from '@/contract/logbook'

export interface Outcome {
  readonly word: string
  readonly tone: 'good' | 'mind' | 'none'
  /** The reached temperature furthest from the target, °C. */
  readonly reached: number | null
}

/** Where a batch ended against its target, by its worst boil. */
export function outcomeOf({ target, within, boils }: LogbookEntry): Outcome {
  const reached = boils.flatMap((b) => (b.reached === null ? [] : [b.reached]))
  const worst = reached.sort((a, b) => Math.abs(b - target) - Math.abs(a - target))[0]
  if (worst === undefined) return { word: 'not pulled', tone: 'none', reached: null }
  const off = worst - target
  if (Math.abs(off) <= within) return { word: 'on target', tone: 'good', reached: worst }
  return { word: off > 0 ? 'too far' : 'short', tone: 'mind', reached: worst }
}
