/** What can be wrong with a sweet: one table, each with the mark on a scale that names it by itself. */
import type { ScaleId, Tasting } from './tasting'

export interface FlawFacts {
  /** A mark on this scale at or beyond `from` says it without being asked. */
  readonly scale?: ScaleId
  readonly from?: number
  readonly to?: number
  /** ◊ Share of batches with nothing else the matter of which somebody says so. */
  readonly said: number
}

export const flaws = {
  grained: { scale: 'grain', from: 4, said: 0.02 },
  sticky: { scale: 'stick', from: 4, said: 0.03 },
  weeps: { said: 0.01 },
  'too-hard': { scale: 'bite', from: 5, said: 0.03 },
  'too-soft': { scale: 'bite', to: 1, said: 0.03 },
  scorched: { said: 0.01 },
  separated: { said: 0.01 },
  cloudy: { said: 0.01 },
  'foamed-over': { said: 0.01 },
  'would-not-set': { said: 0.01 },
  'would-not-release': { said: 0.01 },
  bubbles: { said: 0.02 },
  'chewy-sponge': { said: 0.01 },
  'fell-sponge': { said: 0.01 },
  bloom: { said: 0.01 },
  shattered: { said: 0.01 },
  thick: { scale: 'thick', from: 5, said: 0.02 },
  thin: { scale: 'thick', to: 1, said: 0.02 },
  'dried-out': { said: 0.01 },
} as const satisfies Record<string, FlawFacts>

export type FlawId = keyof typeof flaws
export const flawIds = Object.keys(flaws) as FlawId[]

/** The flaws that were named, and those the marks name. */
export function flawsIn(tasting: Tasting | null, named: readonly FlawId[]): FlawId[] {
  return flawIds.filter((id) => {
    const { scale, from = Number.POSITIVE_INFINITY, to = Number.NEGATIVE_INFINITY }: FlawFacts = flaws[id]
    const mark = scale && tasting?.scales[scale]
    return named.includes(id) || (mark !== undefined && (mark >= from || mark <= to))
  })
}
