/** What a cook that was followed makes doubtful: its heat, its probe. */

import type { ProbeDoubt } from '../log/readings'
import { powerOf } from './heat-state'
import type { HeatDoubt } from './heat-watch'
import { AWAY } from './track-reading'
import type { Track } from './track-state'

/** s for which what was found out is told of. */
const TOLD = 150
/** ◊ Share of the heat there was below which it counts as gone. */
const STALLED = 0.3

function heatDoubt({ heat, state }: Track, now: number): HeatDoubt | null {
  if (!heat || heat.isBack) return null
  if (powerOf(state) / heat.before < STALLED) return 'stall'
  return now - heat.at > TOLD ? null : heat.sign < 0 ? 'heat-lower' : 'heat-higher'
}

/** What the readings make doubtful at `now`. */
export function doubtsOf(track: Track, now: number): (ProbeDoubt | HeatDoubt)[] {
  const { away, probe } = track
  const isAway = away && now - away.since >= AWAY.seconds && away.count >= AWAY.count
  const found = probe && now - probe.at < TOLD ? probe.doubt : null
  const ofProbe = isAway ? (away.sign > 0 ? 'probe-on-metal' : 'probe-out') : found
  const ofHeat = heatDoubt(track, now)
  return [...(ofProbe ? [ofProbe] : []), ...(ofHeat ? [ofHeat] : [])]
}
