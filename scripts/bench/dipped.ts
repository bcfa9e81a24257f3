/** A probe that lies beside the pot until it boils, and is put in then: many a maker's way. */
import { chance } from '../../tests/rough/chance'
import type { RoughCook } from '../../tests/rough/cook'

/** s around the boil at which it is put in; °C of the counter it lies on; s in which it warms up. */
const DIPPED = { around: 120, beside: [20, 35], warmsS: [3, 9] } as const

/** The same cook, of which its probe tells nothing until it is put in. */
export function dippedAtTheBoil(cook: RoughCook, seed: number): RoughCook {
  const c = chance(seed, 77)
  const [dipped, beside, warmsS] = [
    cook.boiledAt + c.between(-DIPPED.around, DIPPED.around),
    c.between(...DIPPED.beside),
    c.between(...DIPPED.warmsS),
  ]
  const shown = (at: number, celsius: number): number =>
    at < dipped ? beside + 0.2 * c.normal() : celsius + (beside - celsius) * Math.exp((dipped - at) / warmsS)
  return {
    ...cook,
    readings: cook.readings.map(({ at, celsius }) => ({ at, celsius: Math.round(10 * shown(at, celsius)) / 10 })),
    boiledAt: Math.max(cook.boiledAt, dipped),
  }
}
