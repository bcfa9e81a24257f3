/** What can be wished of a sweet, each as one figure of its analysis. */
import { massOf, sugarsIn } from '../matter/mix'
import { type Analysis, analyse, type Conditions } from './analyse'
import type { BoiledFormula } from './document'
import { ingredientIn } from './mixes'

interface MeasureFacts {
  /** ◊ A difference of it that a maker notices: what makes wishes of different kinds comparable. */
  readonly step: number
  of(analysis: Analysis, formula: BoiledFormula, perKg: Readonly<Record<string, number>>): number
}

/** ◊ Sweetness beside sucrose, weight for weight. */
const SWEET = { sucrose: 1, monosaccharide: 0.95, lactose: 0.2 }
const sweetOfSyrup = (de: number): number => 0.012 * de - 0.1

export const measures = {
  /** °C the room is above the glass point: more is softer. */
  softness: { step: 6, of: (a) => a.bite.aboveGlass },
  /** Relative humidity from which on it turns sticky, 0 to 1, and below which it dries. */
  stickyAbove: { step: 0.03, of: (a) => a.keeps.stickyAbove },
  driesBelow: { step: 0.03, of: (a) => a.keeps.driesBelow },
  /** Beside sucrose, of the finished sweet. */
  sweetness: {
    step: 0.03,
    of: ({ finished: m }) =>
      (SWEET.sucrose * m.sucrose +
        SWEET.monosaccharide * m.monosaccharide +
        SWEET.lactose * m.lactose +
        sweetOfSyrup(m.de) * m.glucoseSolids) /
      massOf(m),
  },
  /** Share of the sweeteners that keeps the rest from graining; and that is glucose syrup. */
  doctors: { step: 0.03, of: (a) => a.doctors },
  glucose: {
    step: 0.03,
    of: ({ finished: m }) => m.glucoseSolids / sugarsIn(m),
  },
  /** Shares of the finished sweet. */
  water: { step: 0.01, of: (a) => a.waterShare },
  fat: { step: 0.02, of: ({ finished: m }) => m.fat / massOf(m) },
  /** Money for a kilo of it; what has no price costs nothing. */
  cost: {
    step: 0.2,
    of: (a, formula, perKg) =>
      formula.lines.reduce(
        (sum, l) => sum + (perKg[ingredientIn(formula, l.ingredient).id] ?? 0) * (l.grams / a.outGrams),
        0,
      ),
  },
} as const satisfies Record<string, MeasureFacts>

export type MeasureOf = keyof typeof measures
export const measureIds = Object.keys(measures) as MeasureOf[]
export const stepOf = (id: MeasureOf): number => (measures[id] as MeasureFacts).step

export type Measured = Readonly<Record<MeasureOf, number>>

/** Every measure of a formula, made under `conditions` at these prices. */
export function measured(
  formula: BoiledFormula,
  conditions: Conditions,
  perKg: Readonly<Record<string, number>>,
): Measured {
  const analysis = analyse(formula, conditions)
  return Object.fromEntries(
    measureIds.map((id) => [id, (measures[id] as MeasureFacts).of(analysis, formula, perKg)]),
  ) as Measured
}
