/** What the room's air does to a finished sweet. */
import type { Mix } from '../matter/mix'
import { waterActivity } from './boiling'

/**
 * Equilibrium relative humidity of a sweet at `tempC`, 0 to 1: in damper air it turns sticky, in drier air it dries
 * out. The water activity of its syrup phase; 10 to 40 °C, and an extrapolation for glasses under 3 % water.
 */
export const equilibriumHumidity = (mix: Mix, tempC = 25): number => waterActivity(mix, tempC)

export type Keeping = 'sticky' | 'steady' | 'dries'

/** ◊ Closer than this to its own humidity a sweet keeps as it is for weeks. */
const STEADY = 0.08

/** Which way it goes in a room at `humidity`. A glass that is far drier than any room can only turn sticky. */
export function keepingIn(mix: Mix, tempC: number, humidity: number): Keeping {
  const own = equilibriumHumidity(mix, tempC)
  if (humidity > own + STEADY) return 'sticky'
  return humidity < own - STEADY ? 'dries' : 'steady'
}
