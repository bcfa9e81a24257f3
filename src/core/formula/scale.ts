/** Sizing a batch: by pieces, by finished weight, or by what one ingredient allows. */

import { type Mix, massOf } from '../matter/mix'
import { densityOf } from '../physics/heat'
import { type FormulaDocument, type Grams, gramsAsWritten, type Shape } from './document'
import { peakLitres } from './headroom'
import { finishedMix, walk } from './walk'

export interface Tray {
  readonly kind: 'tray'
  readonly name: string
  /** Inside. */
  readonly lengthMm: number
  readonly widthMm: number
}

export interface Mould {
  readonly kind: 'mould'
  readonly name: string
  readonly cavities: number
  readonly millilitres: number
}

export type Vessel = Tray | Mould

export type Size =
  | { readonly by: 'pieces'; readonly pieces: number }
  | { readonly by: 'weight'; readonly grams: number }
  | { readonly by: 'ingredient'; readonly line: string; readonly grams: number }

export interface ScaleRequest {
  readonly size: Size
  /** The formula's own shape unless told. */
  readonly shape?: Shape
  readonly vessel?: Vessel
  /** Litres of the pot, to split a batch that would boil over. */
  readonly potLitres?: number
}

export interface BatchPlan {
  readonly factor: number
  /** g by line, whole batch. */
  readonly grams: Grams
  readonly outGrams: number
  readonly shape: Shape
  readonly pieceGrams: number
  /** Good pieces after waste. */
  readonly pieces: number
  /** Trays, or fillings of the mould; 0 without a vessel. */
  readonly vessels: number
  /** A label for each boil; every boil takes an equal share. */
  readonly boils: readonly string[]
}

const LARGEST = 100_000
/** ◊ A boil may fill this share of the pot. */
const FILL = 0.95

/** Mass of one piece of `finished`, g, with `air` of its volume as bubbles. */
export function pieceGrams(shape: Shape, finished: Mix, air = 0): number {
  const density = densityOf(finished, 20) * (1 - air)
  if (shape.kind === 'broken') return shape.gramsEach
  if (shape.kind === 'mould') return shape.millilitres * density
  return ((shape.lengthMm * shape.widthMm * shape.heightMm) / 1000) * density
}

/** How many pieces one vessel gives; for a tray the better of the two ways round, for broken sweets by area. */
export function piecesPerVessel(shape: Shape, vessel: Vessel, each: number, density: number): number {
  if (vessel.kind === 'mould') return vessel.cavities
  if (shape.kind === 'cut') {
    const grid = (a: number, b: number): number => Math.floor(vessel.lengthMm / a) * Math.floor(vessel.widthMm / b)
    return Math.max(grid(shape.lengthMm, shape.widthMm), grid(shape.widthMm, shape.lengthMm))
  }
  if (shape.kind === 'mould') return 0
  return Math.floor((vessel.lengthMm * vessel.widthMm * shape.thicknessMm * density) / 1000 / each)
}

function factorFor(formula: FormulaDocument, size: Size, written: number, each: number): number {
  if (size.by === 'pieces') return (size.pieces * each) / (1 - formula.waste) / written
  if (size.by === 'weight') return size.grams / written
  const line = formula.lines.find((l) => l.id === size.line)
  if (!line) throw new RangeError(`"${formula.name}" has no line "${size.line}"`)
  return size.grams / line.grams
}

/**
 * The batch for a request. Every ingredient scales by one factor; pieces are what is left after waste.
 * What does not scale (time, foam, spreading time) is computed from the batch by `analyse`.
 * @throws RangeError for a size that is not above zero, a line that is not there, or more than 100 kg.
 */
export function scale(formula: FormulaDocument, request: ScaleRequest): BatchPlan {
  const { size } = request
  const asked = size.by === 'pieces' ? size.pieces : size.grams
  if (!(asked > 0)) throw new RangeError('A batch must be more than nothing')
  const shape = request.shape ?? formula.shape
  const written = gramsAsWritten(formula)
  const finished = finishedMix(walk(formula, written))
  const each = pieceGrams(shape, finished, formula.air)
  if (!(each > 0)) throw new RangeError('A piece must be more than nothing')
  const factor = factorFor(formula, size, massOf(finished), each)
  const outGrams = massOf(finished) * factor
  if (!(outGrams <= LARGEST)) throw new RangeError('A batch may weigh at most 100 kg')
  const grams = scaleGrams(written, factor)
  const pieces =
    size.by === 'pieces' ? Math.round(size.pieces) : Math.floor((outGrams * (1 - formula.waste)) / each + 1e-6)
  const perVessel = request.vessel
    ? piecesPerVessel(shape, request.vessel, each, densityOf(finished, 20) * (1 - (formula.air ?? 0)))
    : 0
  return {
    factor,
    grams,
    outGrams,
    shape,
    pieceGrams: each,
    pieces,
    vessels: perVessel > 0 ? Math.ceil(pieces / perVessel) : 0,
    boils: boilsFor(formula, grams, request.potLitres),
  }
}

/** Each gram figure times `factor`. */
export const scaleGrams = (grams: Grams, factor: number): Grams =>
  Object.fromEntries(Object.entries(grams).map(([id, g]) => [id, g * factor]))

/** Grams of one boil of a plan. */
export const gramsPerBoil = (plan: BatchPlan): Grams => scaleGrams(plan.grams, 1 / plan.boils.length)

function boilsFor(formula: FormulaDocument, grams: Grams, potLitres: number | undefined): string[] {
  const own = Math.max(1, formula.boils.length)
  const share = scaleGrams(grams, 1 / own)
  const peak = potLitres ? peakLitres(formula, share, walk(formula, share)) : 0
  const split = potLitres ? Math.max(1, Math.ceil(peak / (potLitres * FILL))) : 1
  const labels = formula.boils.length > 0 ? formula.boils : ['']
  return labels.flatMap((label) =>
    Array.from({ length: split }, (_, i) => (split > 1 ? `${label} ${i + 1} of ${split}`.trim() : label)),
  )
}
