/** How a pot cools off the heat, by the losses of its faces. */
import type { Mix } from '../matter/mix'
import { openFace } from '../physics/conduction'
import { heatCapacity } from '../physics/heat'
import { type Pot, potThermal } from '../pot/equipment'

/** ◊ W/(m²·K) that a base in cold water gives off, through syrup that stands still. */
const BATH = 80

/** Seconds in which the gap to the room falls by 1/e, by the pot's faces alone; `bath`: its base stands in cold water. */
export function bookTau(mix: Mix, pot: Pot, celsius: number, bath = false): number {
  const { baseCapacity, wallM2, baseM2 } = potThermal(pot)
  const gives = openFace(celsius)
  return (heatCapacity(mix, celsius) + baseCapacity) / (gives * (baseM2 + wallM2) + (bath ? BATH : gives) * baseM2)
}
