/** What a batch costs: what went in, the energy under it, its wrapping, and the minutes of a person. */
import { allLines, type FormulaDocument } from '../formula/document'
import { ingredientIn } from '../formula/mixes'
import type { BatchPlan } from '../formula/plan'

/** Prices in the house's own money; null for what nobody has written down. */
export interface Prices {
  /** A kilo, by ingredient. */
  readonly perKg: Readonly<Record<string, number>>
  readonly perKwh: number | null
  /** A wrapping, one a piece. */
  readonly perWrap: number | null
  /** An hour of work. */
  readonly perHour: number | null
}

/** What was used besides ingredients. */
export interface Effort {
  readonly kwh: number
  readonly minutes: number
  readonly pieces: number
}

export interface CostLine {
  readonly ingredient: string
  readonly name: string
  readonly grams: number
  /** Null where it has no price. */
  readonly cost: number | null
}

export interface Costing {
  readonly lines: readonly CostLine[]
  readonly ingredients: number
  readonly energy: number
  readonly wrapping: number
  readonly work: number
  readonly total: number
  /** Of each good piece; null where nothing came of it. */
  readonly perPiece: number | null
  /** What has no price and so is not in it. */
  readonly unpriced: readonly string[]
}

/** Grams of each ingredient of a plan, whatever lines it stands in. */
export function gramsByIngredient(formula: FormulaDocument, plan: BatchPlan): Map<string, number> {
  const grams = new Map<string, number>()
  for (const l of allLines(formula)) grams.set(l.ingredient, (grams.get(l.ingredient) ?? 0) + (plan.grams[l.id] ?? 0))
  return grams
}

/** What a batch of `plan` comes to. Water from the tap costs nothing. */
export function costOf(formula: FormulaDocument, plan: BatchPlan, prices: Prices, effort: Effort): Costing {
  const lines = [...gramsByIngredient(formula, plan)].map(([ingredient, grams]): CostLine => {
    const perKg = ingredient === 'water' ? 0 : prices.perKg[ingredient]
    return {
      ingredient,
      name: ingredientIn(formula, ingredient).name,
      grams,
      cost: perKg === undefined ? null : (perKg * grams) / 1000,
    }
  })
  const ingredients = lines.reduce((sum, l) => sum + (l.cost ?? 0), 0)
  const energy = (prices.perKwh ?? 0) * effort.kwh
  const wrapping = (prices.perWrap ?? 0) * effort.pieces
  const work = ((prices.perHour ?? 0) * effort.minutes) / 60
  const total = ingredients + energy + wrapping + work
  return {
    lines: lines.sort((a, b) => (b.cost ?? 0) - (a.cost ?? 0)),
    ingredients,
    energy,
    wrapping,
    work,
    total,
    perPiece: effort.pieces > 0 ? total / effort.pieces : null,
    unpriced: lines.filter((l) => l.cost === null).map((l) => l.name),
  }
}

/** A lot as far as taking from it goes. */
export interface LotStock {
  readonly id: string
  readonly ingredient: string
  /** g left; below nothing where more was taken than was there. */
  readonly left: number
  /** When it should be used by; null where nothing says. */
  readonly bestBefore: string | null
  readonly got: string
}

export interface LotUse {
  readonly lot: string
  readonly ingredient: string
  readonly grams: number
}

/**
 * Which lots a batch takes: those that were `chosen`, else those to be used first, first; of the last one whatever is
 * still wanted, even below nothing, for the batch was made. What has no lot is left out.
 */
export function takeLots(
  wanted: ReadonlyMap<string, number>,
  lots: readonly LotStock[],
  chosen: ReadonlySet<string> = new Set(),
): LotUse[] {
  return [...wanted].flatMap(([ingredient, grams]) => {
    const mine = lots
      .filter((l) => l.ingredient === ingredient)
      .sort((a, b) => (a.bestBefore ?? '9').localeCompare(b.bestBefore ?? '9') || a.got.localeCompare(b.got))
    const full = mine.filter((l) => l.left > 0)
    const said = mine.filter((l) => chosen.has(l.id))
    const from = said.length > 0 ? said : full.length > 0 ? full : mine.slice(-1)
    let still = grams
    const uses = from.flatMap((l, i): LotUse[] => {
      const taken = i === from.length - 1 ? still : Math.min(still, Math.max(0, l.left))
      still -= taken
      return taken > 0 ? [{ lot: l.id, ingredient, grams: taken }] : []
    })
    return uses
  })
}
