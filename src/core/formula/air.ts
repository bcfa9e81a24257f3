/** Air in a finished sweet: what whipping takes in and what soda gives off, until a maker says what was measured. */
import { foamKind, whippedTo } from '../cooling/bowl'
import { massOf } from '../matter/mix'
import { sodaFoamLitres } from '../physics/gas'
import { densityOf } from '../physics/heat'
import { type FormulaDocument, type GramsByLine, gramsAsWritten } from './document'
import { massMix, traceSteps } from './trace'

/** ◊ Share of the foam on the pot that is still there once it was poured, has settled and set. */
const STAYS = 0.5
/** ◊ Where a formula has no target, a syrup is this hot when soda goes in, °C. */
const FOAMS_AT = 140

/** Grams of soda among the lines of a group, or of all of them. */
export const sodaIn = (formula: Pick<FormulaDocument, 'lines'>, grams: GramsByLine, group?: string): number =>
  formula.lines.reduce(
    (sum, l) =>
      l.ingredient === 'soda' && (group === undefined || l.group === group) ? sum + (grams[l.id] ?? 0) : sum,
    0,
  )

/** Share of the finished volume that is air, as its steps and its soda make it; 0 for what neither is whipped nor foams. */
export function computedAir(formula: FormulaDocument): number {
  const whip = formula.steps.find((s) => s.handwork?.kind === 'whip')?.handwork
  const grams = gramsAsWritten(formula)
  const soda = sodaIn(formula, grams)
  if (whip?.kind !== 'whip' && soda === 0) return 0
  const mix = massMix(traceSteps(formula, grams))
  const plain = densityOf(mix, 20)
  if (whip?.kind === 'whip') return Math.max(0, 1 - whippedTo(foamKind(formula.family, whip.on)) / plain)
  const foam = STAYS * sodaFoamLitres(soda, formula.target?.celsius ?? FOAMS_AT)
  return foam / (foam + massOf(mix) / plain / 1000)
}

/** By document, for it is asked of the same one again and again. */
const known = new WeakMap<FormulaDocument, number>()

/** The air a sweet is reckoned with: what its maker says, else what its steps and soda make. */
export function airOf(formula: FormulaDocument): number {
  const said = formula.air ?? known.get(formula)
  if (said !== undefined) return said
  const air = computedAir(formula)
  known.set(formula, air)
  return air
}
