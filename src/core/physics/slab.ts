/** A poured slab: how thick it lies. */
import type { Mix } from '../matter/mix'
import { densityOf } from './heat'

/** ◊ Aerated sweets: share of the volume that is air. */
const MOST_AIR = 0.85

/**
 * Thickness, mm, of `grams` of a mix poured over `areaMm2`, with `air` of its volume as bubbles (0 to 0.85).
 * @throws RangeError for no area or an impossible share of air.
 */
export function slabThickness(mix: Mix, grams: number, areaMm2: number, air = 0): number {
  if (!(areaMm2 > 0)) throw new RangeError('A tray has an area')
  if (!(air >= 0 && air <= MOST_AIR)) throw new RangeError(`Air is 0 to ${MOST_AIR} of the volume, not ${air}`)
  return ((grams / densityOf(mix, 25) / (1 - air)) * 1000) / areaMm2
}
