/** The moulds of a kitchen while boils follow one another: which are full, of what, and until when. */

import type { Vessel } from '../formula/plan'
import type { CookAssessment } from './assess'

/** Moulds of a kind that one boil lies in. */
export interface FullMoulds<T> {
  readonly of: T
  readonly count: number
  /** s from now until it lets go of them; 0 once it does. */
  readonly freeIn: number
}

export interface MouldsNow<T> {
  readonly name: string
  readonly owned: number
  readonly free: number
  readonly full: readonly FullMoulds<T>[]
}

/** The state of each kind of mould that boils on the stove or resting use, the one that is free next first. */
export function mouldsNow<T>(
  cooks: readonly { readonly of: T; readonly cook: CookAssessment; readonly vessel: Vessel | null }[],
): MouldsNow<T>[] {
  const kinds = new Map<string, { owned: number; full: FullMoulds<T>[] }>()
  for (const { of, cook, vessel } of cooks) {
    const { plan, number } = cook.boil
    if (vessel?.kind !== 'mould') continue
    const kind = kinds.get(vessel.name) ?? { owned: vessel.count ?? 1, full: [] }
    kinds.set(vessel.name, kind)
    if (cook.finish?.mass.place !== 'moulds') continue
    const share = plan.boils[number - 1]?.share ?? 1
    const count = Math.min(kind.owned, Math.max(1, Math.ceil((plan.pieces * share) / vessel.cavities - 1e-9)))
    const lets = cook.finish.ahead.find((w) => w.kind === 'unmould')
    kind.full.push({ of, count, freeIn: Math.max(0, (lets?.opens ?? cook.now) - cook.now) })
  }
  return [...kinds].map(([name, { owned, full }]) => ({
    name,
    owned,
    free: Math.max(0, owned - full.reduce((sum, f) => sum + f.count, 0)),
    full: full.sort((a, b) => a.freeIn - b.freeIn),
  }))
}
