/** Sizing a batch: by pieces, weight, trays, mould fillings, or by what one ingredient allows. */

import { type Mix, massOf } from '../matter/mix'
import { unitWeightsOf } from '../matter/unit-weights'
import { densityOf } from '../physics/heat'
import { slabThickness } from '../physics/slab'
import { airOf } from './air'
import {
  allLines,
  type FormulaDocument,
  type GramsByLine,
  gramsAsWritten,
  isBoiled,
  madeIn,
  type Shape,
} from './document'
import { peakLitres } from './headroom'
import { piecesByLength } from './layout'
import { formedOn, isFormed } from './layout-formed'
import { ingredientIn } from './mixes'
import { type BatchPlan, type PlannedBoil, scaleGrams, type Tray, type Vessel } from './plan'
import { finishedMix, massMix, traceSteps } from './trace'
import { barAt, trayArea } from './tray'

export type Size =
  | { readonly by: 'pieces'; readonly pieces: number }
  | { readonly by: 'weight'; readonly grams: number }
  /** As many trays covered, or moulds filled, as this. */
  | { readonly by: 'vessels'; readonly count: number }
  | { readonly by: 'ingredient'; readonly line: string; readonly grams: number }
  /** Whole tins, packets or sticks of one ingredient. */
  | { readonly by: 'packs'; readonly line: string; readonly unit: string; readonly count: number }

export interface ScaleRequest {
  readonly size: Size
  /** The formula's own shape unless told. */
  readonly shape?: Shape
  readonly vessel?: Vessel
  /** Litres of the pot, to split a batch that would boil over. */
  readonly potLitres?: number
}

const LARGEST = 100_000
/** ◊ A boil may fill this share of the pot. */
export const FILL = 0.95

/** Mass of one piece of `finished`, g, with `air` of its volume as bubbles. */
export function pieceGrams(shape: Shape, finished: Mix, air = 0): number {
  const density = densityOf(finished, 20) * (1 - air)
  if (shape.kind === 'broken') return shape.gramsEach
  if (shape.kind === 'mould') return shape.millilitres * density
  const area = shape.round ? (Math.PI * shape.lengthMm ** 2) / 4 : shape.lengthMm * shape.widthMm
  return ((area * shape.heightMm) / 1000) * density
}

/** How many pieces one vessel gives: by the best layout, by its cavities, or for broken sweets by area. */
export function piecesPerVessel(shape: Shape, vessel: Vessel, each: number, density: number): number {
  if (vessel.kind === 'mould') return vessel.cavities
  if (shape.kind === 'cut') return piecesByLength(shape, vessel)(vessel.lengthMm)
  if (shape.kind === 'mould') return 0
  if (isFormed(shape)) return formedOn(shape, vessel, density).centres.length
  return Math.floor((trayArea(vessel) * shape.thicknessMm * density) / 1000 / each)
}

type Cut = Extract<Shape, { kind: 'cut' }>

/** A slab poured over trays to its height: so many full ones, and the rest of it behind a bar in one more. */
export interface Slab {
  readonly fullTrays: number
  /** Where the bar stands in the last tray, mm along its length; null where all trays are full. */
  readonly barMm: number | null
  /** What the knife gets out of it, by the best layout. */
  readonly pieces: number
}

/** ◊ A last tray covered by less than this share is a spill, one by more is full. */
const SPILL = 0.01

/** How `grams` of a slab lie on this tray at the height of `shape`, `density` in g/ml with its air. */
export function slabOn(shape: Cut, tray: Tray, grams: number, density: number): Slab {
  const trays = (grams * 1000) / (density * shape.heightMm * trayArea(tray))
  const piecesIn = piecesByLength(shape, tray)
  const whole = Math.floor(trays + SPILL)
  const rest = trays - whole
  const barMm = rest > SPILL ? barAt(tray, rest) : null
  return { fullTrays: whole, barMm, pieces: whole * piecesIn(tray.lengthMm) + (barMm === null ? 0 : piecesIn(barMm)) }
}

/** ◊ Bars are set to the millimetre. */
const BAR_STEP = 1

/** Grams of slab from which the knife gets `pieces`: full trays, and the shortest stretch of one more. */
function slabGrams(shape: Cut, tray: Tray, pieces: number, density: number): number {
  const piecesIn = piecesByLength(shape, tray)
  const per = piecesIn(tray.lengthMm)
  if (per === 0) throw new RangeError(`A piece is larger than the ${tray.name}`)
  const full = Math.floor(pieces / per)
  const rest = pieces - full * per
  let low = 0
  let high = rest > 0 ? Math.ceil(tray.lengthMm / BAR_STEP) : 0
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (piecesIn(middle * BAR_STEP) >= rest) high = middle
    else low = middle
  }
  const area = full * trayArea(tray) + trayArea(tray, Math.min(high * BAR_STEP, tray.lengthMm))
  return (area * shape.heightMm * density) / 1000
}

/** What one vessel holds when it is covered or filled to the wanted height, g. */
function vesselGrams(shape: Shape, vessel: Vessel, density: number): number {
  if (vessel.kind === 'mould') return vessel.cavities * vessel.millilitres * density
  if (isFormed(shape)) return formedOn(shape, vessel, density).centres.length * shape.gramsEach
  const height = shape.kind === 'cut' ? shape.heightMm : shape.kind === 'broken' ? shape.thicknessMm : 0
  return (trayArea(vessel) * height * density) / 1000
}

/** ◊ What stays in the pot and on the spoon when a whole tray or mould is filled. */
const CLINGS = 0.015

interface Made {
  readonly formula: FormulaDocument
  readonly shape: Shape
  /** As written: g of the mass and of the whole sweet, g of mass in one piece, g/ml with its air. */
  readonly massGrams: number
  readonly outGrams: number
  readonly each: number
  readonly density: number
}

function lineGrams(formula: FormulaDocument, id: string): number {
  const line = allLines(formula).find((l) => l.id === id)
  if (!line) throw new RangeError(`"${formula.name}" has no line "${id}"`)
  return line.grams
}

/** Grams in one tin, packet or other pack of a line's ingredient. @throws RangeError where it is not sold so. */
export function packGrams(formula: FormulaDocument, line: string, unit: string): number {
  const found = allLines(formula).find((l) => l.id === line)
  const grams = found && unitWeightsOf(ingredientIn(formula, found.ingredient))[unit]
  if (!grams) throw new RangeError(`"${line}" is not counted by the ${unit}`)
  return grams
}

function factorFor(
  { formula, shape, massGrams, outGrams, each, density }: Made,
  { size, vessel }: ScaleRequest,
): number {
  switch (size.by) {
    case 'pieces':
      // on a tray the edges are counted piece by piece; elsewhere the formula's own word for what is lost has to do
      return shape.kind === 'cut' && vessel?.kind === 'tray'
        ? slabGrams(shape, vessel, size.pieces, density) / (1 - CLINGS) / massGrams
        : (size.pieces * each) / (1 - formula.waste) / massGrams
    case 'weight':
      return size.grams / outGrams
    case 'vessels': {
      const full = vessel ? vesselGrams(shape, vessel, density) : 0
      if (!(full > 0)) throw new RangeError('Choose a tray or mould that suits these pieces')
      return (size.count * full) / (1 - CLINGS) / massGrams
    }
    case 'ingredient':
      return size.grams / lineGrams(formula, size.line)
    case 'packs':
      return (size.count * packGrams(formula, size.line, size.unit)) / lineGrams(formula, size.line)
  }
}

const askedFor = (size: Size): number =>
  size.by === 'pieces' ? size.pieces : size.by === 'vessels' || size.by === 'packs' ? size.count : size.grams

/**
 * The batch for a request. Every ingredient scales by one factor; pieces are what is left after waste.
 * What does not scale (time, foam, spreading time) is computed from the batch by `analyse`.
 * @throws RangeError for a size that is not above zero, a line that is not there, or more than 100 kg.
 */
export function scale(formula: FormulaDocument, request: ScaleRequest): BatchPlan {
  const { size, vessel } = request
  if (!(askedFor(size) > 0)) throw new RangeError('A batch must be more than nothing')
  const shape = request.shape ?? formula.shape
  const written = gramsAsWritten(formula)
  const stops = traceSteps(formula, written)
  const mass = massMix(stops)
  const [asWritten, massAsWritten] = [massOf(finishedMix(stops)), massOf(mass)]
  const each = pieceGrams(shape, mass, airOf(formula))
  if (!(each > 0)) throw new RangeError('A piece must be more than nothing')
  const density = airyDensity(mass, formula)
  const made = { formula, shape, massGrams: massAsWritten, outGrams: asWritten, each, density }
  const factor = factorFor(made, request)
  const [outGrams, massGrams] = [asWritten * factor, massAsWritten * factor]
  if (!(outGrams <= LARGEST)) throw new RangeError('A batch may weigh at most 100 kg')
  const grams = scaleGrams(written, factor)
  const perVessel = vessel ? piecesPerVessel(shape, vessel, each, density) : 0
  const slab =
    shape.kind === 'cut' && vessel?.kind === 'tray' ? slabOn(shape, vessel, massGrams * (1 - CLINGS), density) : null
  const pieces =
    size.by === 'pieces'
      ? Math.round(size.pieces)
      : slab
        ? slab.pieces
        : size.by === 'vessels'
          ? Math.round(size.count * perVessel)
          : Math.floor((massGrams * (1 - formula.waste)) / each + 1e-6)
  return {
    factor,
    grams,
    outGrams,
    shape,
    // what lies on it counts
    pieceGrams: (each * asWritten) / massAsWritten,
    pieces,
    vessels: slab
      ? slab.fullTrays + (slab.barMm === null ? 0 : 1)
      : perVessel > 0
        ? Math.ceil(pieces / perVessel - 1e-9)
        : 0,
    boils: boilsFor(formula, grams, request.potLitres),
  }
}

/** How a planned batch lies on a tray; null where its pieces are not cut from a slab. */
export function slabOf(formula: FormulaDocument, plan: BatchPlan, tray: Tray): Slab | null {
  if (plan.shape.kind !== 'cut') return null
  const mass = massMix(traceSteps(formula, plan.grams))
  const density = airyDensity(mass, formula)
  return slabOn(plan.shape, tray, massOf(mass) * (1 - CLINGS), density)
}

/** Trays covered to the edges, or moulds filled, that a planned batch comes to: 0.6 of one, or 2.3; null where none holds such pieces. */
export function vesselsFull(formula: FormulaDocument, plan: BatchPlan, vessel: Vessel): number | null {
  const mass = massMix(traceSteps(formula, plan.grams))
  const full = vesselGrams(plan.shape, vessel, airyDensity(mass, formula))
  return full > 0 ? (massOf(mass) * (1 - CLINGS)) / full : null
}

/** Thickness, mm, of the whole batch poured over `trays` of this tray. */
export function liesThick(formula: FormulaDocument, plan: BatchPlan, tray: Tray, trays: number): number {
  const mass = massMix(traceSteps(formula, plan.grams))
  return slabThickness(mass, massOf(mass) * (1 - CLINGS), trayArea(tray) * trays, airOf(formula))
}

/** What the run is called in which the whole is cut and finished. */
const WHOLE = 'Cut and finish'

/** g/ml of a mass with the air of its formula, once it is cold. */
const airyDensity = (mass: Mix, formula: FormulaDocument): number => densityOf(mass, 20) * (1 - airOf(formula))
/** g/ml of the mass of a batch with its air, once it is cold. */
export const sweetDensity = (formula: FormulaDocument, plan: BatchPlan): number =>
  airyDensity(massMix(traceSteps(formula, plan.grams)), formula)

/** How many boils each takes so that none fills the pot beyond what is safe, labelled and in cooking order. */
function boilsFor(formula: FormulaDocument, grams: GramsByLine, potLitres: number | undefined): PlannedBoil[] {
  return madeIn(formula).flatMap(({ part, label, formula: boiled }) => {
    if (!isBoiled(boiled)) return [{ label: part === null ? WHOLE : label, part, share: 1 }]
    const own = Math.max(1, boiled.boils.length)
    const share = scaleGrams(grams, 1 / own)
    const peak = potLitres ? peakLitres(boiled, share, traceSteps(boiled, share)) : 0
    const split = potLitres ? Math.max(1, Math.ceil(peak / (potLitres * FILL))) : 1
    const plain = part === null ? '' : label
    return (boiled.boils.length > 0 ? boiled.boils : [plain]).flatMap((name) =>
      Array.from({ length: split }, (_, i) => ({
        label: split > 1 ? `${name} ${i + 1} of ${split}`.trim() : name,
        part,
        share: 1 / (own * split),
      })),
    )
  })
}
