/** What a cook that was followed makes doubtful: its heat, its probe. */
import { powerOf } from './heat-state'
import type { HeatDoubt } from './heat-watch'
import type { ProbeDoubt } from './readings'
import { AWAY, TOLD, type Track } from './track'

/** ◊ Share of the heat there was below which it counts as gone; a change that has come to less than this share of it is taken back. */
const STALLED = 0.3
const TAKEN_BACK = 0.07

function heatDoubt({ heat, state }: Track, now: number): HeatDoubt | null {
  if (!heat) return null
  const left = powerOf(state) / heat.before
  if (left < STALLED) return 'stall'
  if (now - heat.at > TOLD || Math.abs(left - 1) < TAKEN_BACK) return null
  return left < 1 ? 'heat-lower' : 'heat-higher'
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
