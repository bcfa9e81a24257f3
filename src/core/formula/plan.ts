/** A sized batch: what it is poured into, its boils, and what goes into each. */

import type { GramsByLine, Shape } from './document'

export interface Tray {
  readonly kind: 'tray'
  readonly name: string
  /** Inside; both are the diameter of a round pan or ring. */
  readonly lengthMm: number
  readonly widthMm: number
  readonly depthMm?: number
  readonly round?: boolean
}

export interface Mould {
  readonly kind: 'mould'
  readonly name: string
  readonly cavities: number
  readonly millilitres: number
  /** How many of it the kitchen has; one unless told. */
  readonly count?: number
}

export type Vessel = Tray | Mould

export interface PlannedBoil {
  readonly label: string
  /** The part it cooks; null for the formula itself. */
  readonly part: string | null
  /** Its share of the batch's grams, 0 to 1. */
  readonly share: number
}

export interface BatchPlan {
  readonly factor: number
  /** g by line, whole batch. */
  readonly grams: GramsByLine
  readonly outGrams: number
  readonly shape: Shape
  readonly pieceGrams: number
  /** Good pieces after waste. */
  readonly pieces: number
  /** Trays, or fillings of the mould; 0 without a vessel. */
  readonly vessels: number
  /** In the order they are cooked. */
  readonly boils: readonly PlannedBoil[]
}

/** Each gram figure times `factor`. */
export const scaleGrams = (grams: GramsByLine, factor: number): GramsByLine =>
  Object.fromEntries(Object.entries(grams).map(([id, g]) => [id, g * factor]))

/** Grams of boil `number`, counted from 1. @throws RangeError when the plan has no such boil. */
export function gramsOfBoil(plan: BatchPlan, number: number): GramsByLine {
  const boil = plan.boils[number - 1]
  if (!boil) throw new RangeError(`This batch has ${plan.boils.length} boils, not ${number}`)
  return scaleGrams(plan.grams, boil.share)
}
