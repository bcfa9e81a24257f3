/** Where a filling begins on its road: cold, as warm as it is written, or as what it was mixed from makes it. */
import { heatContent } from '../physics/heat'
import type { Stretch } from './forecast'
import { joulesAt, joulesPerDegree } from './heat-path'
import { mean, ROW, sdOf, syrupOf } from './heat-state'
import type { Track, TrackFacts } from './track-state'

/** ◊ What is taken for granted of what goes in. */
export const UNSURE = {
  /** °C by which the start, and what goes in, may be other than written. */
  startSd: 6,
  fedSd: 8,
  unknownSd: 25,
}

/** J for a degree of the filling before it boils. */
export const warmth = ({ path }: Pick<Stretch, 'path'>): number => joulesPerDegree(path, Math.min(path.boilC, 150) - 2)

/** Where a filling begins on its road, J, and how sure that is, °C before the boil. */
export function startOfRoad(
  { state, last }: Pick<Track, 'state' | 'last'>,
  { roomC, base }: TrackFacts,
  { path, mixed, startC, gains }: Stretch,
  before: Stretch | undefined,
): { joules: number; sd: number } {
  if (!before) return { joules: joulesAt(path, startC ?? last?.celsius ?? roomC), sd: UNSURE.startSd }
  // a road counts the joules since it was cold: what goes in brings its own, and nothing else changes
  if (gains !== undefined) return { joules: mean(state, ROW.joules) + gains, sd: UNSURE.fedSd / 2 }
  const held = syrupOf(state, before.path)
  const heldSd = sdOf(state, ROW.joules) / joulesPerDegree(before.path, held)
  // a pot nobody has read was as warm as the step asks, sooner than as reckoned
  if (mixed && (heldSd < UNSURE.fedSd || startC === undefined))
    return {
      joules: heatContent(mixed.before, held) + base.capacity * held + mixed.joules,
      sd: Math.hypot(UNSURE.fedSd, heldSd),
    }
  if (startC !== undefined) {
    // what is mixed hotter than it boils has that heat to give to steam
    const spare = Math.max(0, startC - path.boilC) * warmth({ path })
    return { joules: joulesAt(path, Math.min(startC, path.boilC)) + spare, sd: UNSURE.fedSd }
  }
  return { joules: joulesAt(path, held), sd: UNSURE.unknownSd }
}
