/** Glass transition of a syrup: how far a sweet at room temperature is above or below it is its bite. */
import { componentFacts, solutes } from '../matter/components'
import { type Mix, withWater } from '../matter/mix'
import { ZERO_C } from './water'

const WATER_GLASS_K = 138
const GORDON_TAYLOR = 4.7

const glassRows = solutes
  .filter((c) => 'glassK' in componentFacts[c])
  .map((c) => [c, (componentFacts[c] as { glassK: number | ((de: number) => number) }).glassK] as const)

/** Grams of glass-forming solids and their mass-weighted dry glass point, K. */
function dryGlass(mix: Mix): { grams: number; kelvin: number } {
  let grams = 0
  let sum = 0
  for (const [component, glass] of glassRows) {
    grams += mix[component]
    sum += mix[component] * (typeof glass === 'function' ? glass(mix.de) : glass)
  }
  return { grams, kelvin: grams > 0 ? sum / grams : Number.NaN }
}

/**
 * Glass transition of the syrup phase, °C. Gordon & Taylor with k = 4.7 and water at 138 K; dry points by mass.
 * NaN for a mix without sugars.
 */
export function glassTransition(mix: Mix): number {
  const { grams, kelvin } = dryGlass(mix)
  const water = GORDON_TAYLOR * mix.water
  return (grams * kelvin + water * WATER_GLASS_K) / (grams + water) - ZERO_C
}

/** Grams of water that put the glass transition of `mix` at `tempC`; 0 when even dry it lies below. */
export function waterForGlass(mix: Mix, tempC: number): number {
  const { grams, kelvin } = dryGlass(mix)
  const k = tempC + ZERO_C
  return Math.max(0, (grams * (kelvin - k)) / (GORDON_TAYLOR * (k - WATER_GLASS_K)))
}

/** The same mix with the water that puts its glass transition at `tempC`. */
export const mixAtGlass = (mix: Mix, tempC: number): Mix => withWater(mix, waterForGlass(mix, tempC))
