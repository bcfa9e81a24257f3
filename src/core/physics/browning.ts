/** Colour of a cooked syrup: an Arrhenius dose, read as the temperature a standard ramp needs for the same colour. */
import { type Mix, massOf } from '../matter/mix'
import { R, ZERO_C } from './water'

const ACTIVATION = 125e3 // J/mol ◊
const REFERENCE_K = 443.15
const STANDARD_RAMP = 8 // °C per minute
/** ◊ Milk solids brown as if the pot were this much hotter, once they are this share of the mix. */
const MILK_HEAD_START = 30
const MILK_FULL_SHARE = 0.01

/** Browning dose per minute at `tempC` (1 at 170 °C); sensible from 100 to 220 °C. */
export const browningRate = (tempC: number): number =>
  Math.exp((-ACTIVATION / R) * (1 / (tempC + ZERO_C) - 1 / REFERENCE_K))

/** How much hotter the pot seems to the colour because of milk protein in it, °C. */
export function milkHeadStart(mix: Mix, totalGrams: number): number {
  if (totalGrams <= 0) return 0
  return MILK_HEAD_START * Math.min(1, mix.milkProtein / totalGrams / MILK_FULL_SHARE)
}

/** ◊ Protein of milk above this share of a mix browns before the sugar does. */
const BROWNS_ITSELF = 0.002

/** The temperature a shade of `mix` stands for, °C: what the ramp of colours is made of. Null where milk browns, and it stands for none. */
export const shadeTemperature = (mix: Mix, shade: number): number | null =>
  mix.milkProtein > BROWNS_ITSELF * massOf(mix) ? null : shade

/**
 * Dose collected by a ramp of 8 °C/min from cold up to `tempC`. The integral of the Arrhenius rate over a linear
 * ramp, by the usual asymptotic series in RT/Ea (better than 0.1 % here).
 */
export function rampDose(tempC: number): number {
  const k = tempC + ZERO_C
  const x = (R * k) / ACTIVATION
  return (browningRate(tempC) * k * x * (1 - 2 * x + 6 * x * x - 24 * x * x * x)) / STANDARD_RAMP
}

/** Colour-equivalent temperature, °C, of a browning `dose` in minutes at 170 °C; 20 for no dose, at most 260. */
export function colourTemperature(dose: number): number {
  let low = 20
  let high = 260
  if (dose <= rampDose(low)) return low
  for (let i = 0; i < 48; i++) {
    const mid = (low + high) / 2
    if (rampDose(mid) < dose) low = mid
    else high = mid
  }
  return (low + high) / 2
}
