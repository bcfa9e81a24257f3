/** Pots and boils: what a pot can take, how deep it lies, how long each boil holds the stove and the moulds. */
import { massOf } from '../matter/mix'
import { volumeOf } from '../physics/heat'
import type { Pot } from '../pot/equipment'
import type { Analysis } from './analyse'
import { type BoiledFormula, gramsAsWritten } from './document'
import { peakLitres } from './headroom'
import type { BatchPlan, Mould } from './plan'
import { FILL } from './scale'
import { finishedMix, traceSteps } from './trace'

/** ◊ A probe's tip has to be this deep in the syrup and clear of the base, mm. */
export const PROBE_DEPTH = 25

/** Finished grams of the largest boil that stays in a pot of `litres`: the rise is in proportion to the batch. */
export function largestBoil(formula: BoiledFormula, litres: number): number {
  const written = gramsAsWritten(formula)
  const stops = traceSteps(formula, written)
  return (massOf(finishedMix(stops)) * FILL * litres) / peakLitres(formula, written, stops)
}

/** Depth of the syrup in the pot when it comes off, mm: its shallowest. */
export function depthAtPull({ atTarget, targetC }: Analysis, pot: Pot): number {
  const area = (Math.PI * pot.diameterMm ** 2) / 4
  return (volumeOf(atTarget, targetC) * 1e6) / area
}

/** Grams of the smallest boil a probe can stand in, in this pot. */
export const smallestProbed = (analysis: Analysis, pot: Pot): number =>
  (analysis.outGrams * PROBE_DEPTH) / depthAtPull(analysis, pot)

/** ◊ Minutes to pour, wash the pot and weigh in for the next boil. */
const TURNROUND = 12

export interface BoilSlot {
  readonly label: string
  /** Minutes from the first flame: on the heat, off it, and when its moulds are free again. */
  readonly from: number
  readonly pulled: number
  readonly free: number
  /** Minutes it had to wait for moulds. */
  readonly waits: number
  /** Fillings of the mould it needs; 0 for trays. */
  readonly fillings: number
}

/**
 * When each boil of a plan can be cooked by one person on one ring, each `minutes` long and then
 * `setting` minutes in its mould or tray. With moulds, a boil is lit so
 * that it comes off no sooner than enough moulds are free; a boil that needs more than there are is poured into all of
 * them and says so by its `fillings`.
 */
export function boilSlots(plan: BatchPlan, minutes: number, setting: number, mould: Mould | null): BoilSlot[] {
  const owned = mould?.count ?? 1
  // when each mould is free again
  const moulds = Array.from({ length: mould ? owned : 0 }, () => 0)
  let ready = 0
  return plan.boils.map(({ label, share }) => {
    const fillings = mould ? Math.max(1, Math.ceil((plan.pieces * share) / mould.cavities - 1e-9)) : 0
    moulds.sort((a, b) => a - b)
    const wanted = Math.min(fillings, owned)
    const enough = wanted > 0 ? (moulds[wanted - 1] as number) : 0
    const from = Math.max(ready, enough - minutes)
    const pulled = from + minutes
    const free = pulled + setting
    for (let i = 0; i < wanted; i++) moulds[i] = free
    const waits = from - ready
    ready = pulled + TURNROUND
    return { label, from, pulled, free, waits, fillings }
  })
}
