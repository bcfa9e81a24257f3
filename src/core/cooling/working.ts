/** How long a sugar mass that is poured out stays workable, by its height above the glass point. */

import { heights } from '../craft/handwork'
import { onARack } from '../craft/surfaces'
import type { Mix } from '../matter/mix'
import { glassTransition } from '../physics/glass'
import type { Pot } from '../pot/equipment'
import { whenDownTo } from './course'
import { bookTau } from './pot'
import { pouredSlab, slabCourse } from './slab'

export interface WorkingWindows {
  /** Minutes from pouring until it no longer flows, spreads, takes a score; and until it is set. Infinity: never in this room. */
  readonly flows: number
  readonly spreads: number
  readonly scores: number
  readonly set: number
}

/** The working windows of a slab `thicknessMm` deep in a lined tray on a rack, poured at `pouredC` in a room at `roomC`. */
export function workingWindows(mix: Mix, thicknessMm: number, pouredC: number, roomC: number): WorkingWindows {
  const slab = pouredSlab(mix, pouredC, roomC, { depthMm: thicknessMm, into: 'tray' })
  const course = slabCourse(slab, pouredC, [{ from: 0, on: onARack }])
  const glass = glassTransition(mix)
  const until = (above: number): number => whenDownTo(course, glass + above) / 60
  return {
    flows: until(heights.runs),
    spreads: until(heights.levels),
    scores: until(heights.scores),
    set: until(heights.cuts),
  }
}

/**
 * Minutes from the pull, at `pulledC`, in which `mix` can be poured out of its pot, whose metal keeps it warm: as long as it
 * would still level itself, and until it sets at `setsC`, where something else than its sugar sets it. Infinity: always, in this room.
 */
export function poursFromPot(mix: Mix, pot: Pot, pulledC: number, roomC: number, setsC: number | null = null): number {
  const stiff = Math.max(glassTransition(mix) + heights.levels, setsC ?? Number.NEGATIVE_INFINITY)
  if (stiff <= roomC) return Number.POSITIVE_INFINITY
  return pulledC <= stiff ? 0 : (bookTau(mix, pot, pulledC) * Math.log((pulledC - roomC) / (stiff - roomC))) / 60
}
