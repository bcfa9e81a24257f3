/** The way a syrup has come, as it is reckoned, since it was last read. */
import type { Reading } from '../log/readings'
import { type Cook, forecastContext } from '../track/cook'
import { syrupOf } from '../track/heat-state'
import { carryTrack } from '../track/track'
import { trackFacts } from '../track/track-state'
import type { PotNow } from './pot-now'

/** ◊ Points by which a way that bends is drawn. */
const POINTS = 48

/**
 * Temperatures of a pot by hand from its last reading to `now`, evenly spaced in time, both ends among them, °C; none where it is measured, or where
 * nothing is known to go on from. With nothing read it is where the forecast takes it to be.
 */
export function reckonedWay(cook: Cook, { track, reckoned, celsius }: PotNow, now: number): Reading[] {
  if (!reckoned || celsius === null || !track?.last || now <= track.at) return []
  // what is wanted of it has no part in where it is
  const facts = trackFacts(forecastContext(cook, 0, false, now))
  const way: Reading[] = []
  let carried = track
  for (let i = 0; i <= POINTS; i++) {
    carried = carryTrack(carried, facts, track.at + ((now - track.at) * i) / POINTS)
    const stretch = facts.stretches[carried.stretch]
    if (stretch) way.push({ at: carried.at, celsius: syrupOf(carried.state, stretch.path) })
  }
  return way
}
