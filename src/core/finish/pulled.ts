/** Sugar that is pulled: how often, how it grows, and how the rope it is drawn into cools in the air. */

import { type Course, celsiusAt } from '../cooling/course'
import { type PouredSlab, pouredSlab } from '../cooling/slab'
import type { Mix } from '../matter/mix'

/** ◊ Pulls until it shines like satin, s for one, and the share of its volume that is air then. */
export const SATIN = { pulls: 40, secondsEach: 5, air: 0.15 } as const
/** ◊ A rope of so many mm across gives its heat all round: it cools as a sheet of half its depth does from both faces. */
const ROPE_MM = 25

/** The rope that is drawn at `from` out of what cooled as `before`, and how warm it is then, °C. */
export function ropeFrom(mix: Mix, before: Course, from: number, roomC: number): { slab: PouredSlab; startC: number } {
  // pulled and folded it is as warm all through
  const startC = (celsiusAt(before, from, 'top') + 4 * celsiusAt(before, from) + celsiusAt(before, from, 'bottom')) / 6
  return { slab: pouredSlab(mix, startC, roomC, { air: SATIN.air, depthMm: ROPE_MM / 2, into: 'bare' }), startC }
}
