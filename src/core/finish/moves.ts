/** What each other place of the kitchen would do to what lies there now. */

import { slabCourse } from '../cooling/slab'
import type { HandworkKind } from '../craft/handwork'
import type { Surface } from '../craft/surfaces'
import type { Conditions } from '../formula/analyse'
import { dewPoint } from '../physics/humidity'
import { type Mass, profileAt } from './mass'
import { type Span, spanOf } from './windows'
import type { WorkAhead } from './works-ahead'

/** What laying it somewhere else would change: when the next work would open and close, and whether it would sweat. */
export interface Move {
  readonly on: Surface
  readonly next: (Span & { readonly kind: HandworkKind }) | null
  /** When it would be colder than the dew point of the room; Infinity where it never is. */
  readonly sweats: number
}

/** What each other place of the kitchen would do, from `at` s on, to what lies there and to its next work: reckoned where it is shown, for it takes a slab each. */
export function movesOf(
  { slab, on, course }: Mass,
  work: Pick<WorkAhead, 'kind' | 'range' | 'notBefore'> | null,
  conditions: Conditions,
  at: number,
): Move[] {
  if (!slab) return []
  const profile = profileAt(course, at)
  const dew = dewPoint(conditions.roomC, conditions.humidity)
  return (conditions.surfaces ?? [])
    .filter((s) => s.name !== on.name)
    .map((surface) => {
      const there = slabCourse(slab, profile, [{ from: at, on: surface }])
      return {
        on: surface,
        next: work && { kind: work.kind, ...spanOf(there, work.range, work.notBefore) },
        sweats: spanOf(there, { high: dew, low: Number.NEGATIVE_INFINITY }).opens,
      }
    })
}
