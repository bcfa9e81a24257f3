/** How high it rises: boiling dairy three or four times its volume, plain syrup less than twice, soda by its gas. */

import { massOf } from '../matter/mix'
import { sodaFoamLitres } from '../physics/gas'
import { volumeOf } from '../physics/heat'
import { sodaIn } from './air'
import type { FormulaDocument, GramsByLine } from './document'
import type { Stop } from './trace'

/** ◊ Rise of a boil, and the milk protein share above which it boils as dairy. */
const RISE = { dairy: 3.5, plain: 1.8, dairyFrom: 0.002 }

/** Litres at the worst moment: each boil on its way up, and the foam when soda goes in. */
export function peakLitres(formula: FormulaDocument, grams: GramsByLine, stops: readonly Stop[]): number {
  return stops.reduce((peak, stop, i) => {
    const next = stops[i + 1]?.step.when.on
    const boilsOn = next === 'boil' || next === 'rises' || next === 'target'
    const dairy = stop.after.milkProtein / massOf(stop.after) > RISE.dairyFrom
    const boiling = boilsOn ? volumeOf(stop.after, 100) * (dairy ? RISE.dairy : RISE.plain) : 0
    const soda = stop.step.adds === undefined ? 0 : sodaIn(formula, grams, stop.step.adds)
    const foaming = soda > 0 ? volumeOf(stop.after, stop.afterC) + sodaFoamLitres(soda, stop.afterC) : 0
    return Math.max(peak, boiling, foaming)
  }, 0)
}
