/** A poured slab: how thick, how fast it cools, and how long it can be worked. */
import { type Mix, massOf } from '../matter/mix'
import { glassTransition } from './glass'
import { densityOf, heatCapacity } from './heat'

/** ◊ Heat lost by each face, W/(m²·K), in still air on a tray. */
const FACE = 10
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

/**
 * Minutes until a slab `thicknessMm` thick, poured at `pouredC`, has come down to `toC` in a room at `roomC`: one lump
 * losing heat by both faces. Good for slabs up to about 25 mm. Infinity for a temperature the room does not allow.
 */
export function coolingMinutes(mix: Mix, thicknessMm: number, pouredC: number, toC: number, roomC: number): number {
  if (toC <= roomC) return Number.POSITIVE_INFINITY
  if (toC >= pouredC) return 0
  const perKelvin = heatCapacity(mix, (pouredC + toC) / 2) / (massOf(mix) / 1000)
  const massPerArea = densityOf(mix, 60) * thicknessMm
  const tau = (massPerArea * perKelvin) / (2 * FACE)
  return (tau * Math.log((pouredC - roomC) / (toC - roomC))) / 60
}

/** ◊ Degrees above the glass point at which a sugar mass still flows, still spreads, takes a score, and is set. */
const working = { flows: 95, spreads: 75, scores: 42, set: 18 } as const

export interface WorkingWindows {
  /** Minutes from pouring until it no longer flows, spreads, takes a score; and until it is set. Infinity: never in this room. */
  readonly flows: number
  readonly spreads: number
  readonly scores: number
  readonly set: number
}

/** The working windows of a slab, from how far it still is above its glass point. */
export function workingWindows(mix: Mix, thicknessMm: number, pouredC: number, roomC: number): WorkingWindows {
  const glass = glassTransition(mix)
  const until = (above: number): number => coolingMinutes(mix, thicknessMm, pouredC, glass + above, roomC)
  return {
    flows: until(working.flows),
    spreads: until(working.spreads),
    scores: until(working.scores),
    set: until(working.set),
  }
}
