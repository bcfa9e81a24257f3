/** What a burner really puts into a pot, from bringing water to temperature in it. */
import { mix } from '../matter/mix'
import { heatContent } from '../physics/heat'
import { type Pot, potThermal } from './equipment'

export interface WaterTest {
  readonly waterGrams: number
  readonly fromC: number
  readonly toC: number
  readonly seconds: number
  readonly roomC: number
}

/** ◊ Farther up, bubbles take heat away that this does not count. */
export const TEST_TOP = 95

/**
 * Watts into the pot at full heat: what warmed the water and the base, and what was lost on the way at the middle
 * temperature. Good to about 5 % with a lid on and at least a litre of water.
 * @throws RangeError for a test that warms nothing, goes beyond 95 °C, or took no time.
 */
export function wattsFromWater(test: WaterTest, pot: Pot): number {
  const { waterGrams, fromC, toC, seconds, roomC } = test
  if (!(waterGrams > 0 && seconds > 0)) throw new RangeError('A test needs water and takes time')
  if (!(toC - fromC >= 10)) throw new RangeError('Warm it by at least 10 degrees, so that the figure means something')
  if (toC > TEST_TOP)
    throw new RangeError(`Stop the clock by ${TEST_TOP}°: beyond it steam takes heat that is not counted`)
  const water = mix({ water: waterGrams })
  const { baseCapacity, syrupToRoom } = potThermal(pot)
  const warmed = heatContent(water, toC) - heatContent(water, fromC) + baseCapacity * (toC - fromC)
  return warmed / seconds + syrupToRoom * ((fromC + toC) / 2 - roomC)
}
