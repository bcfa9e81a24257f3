/** How much sucrose the water can hold, and how ready a syrup is to grain. */
import type { Mix } from '../matter/mix'

/**
 * Solubility of sucrose in water, mass %, at `tempC`. Charles (1960), 0 to 100 °C; to 140 °C it is an extrapolation.
 * @throws RangeError below 0 or above 140 °C.
 */
export function sucroseSolubility(tempC: number): number {
  if (!(tempC >= 0 && tempC <= 140)) throw new RangeError(`Solubility is known from 0 to 140 °C, not ${tempC}`)
  return 64.397 + tempC * (0.07251 + tempC * (0.0020569 - 9.035e-6 * tempC))
}

/** Sucrose per water over what is soluble per water at `tempC`: above 1 it can grain. Infinity without water. */
export function supersaturation(mix: Mix, tempC: number): number {
  const s = sucroseSolubility(tempC)
  return mix.sucrose / mix.water / (s / (100 - s))
}

/** Share of the sweetener solids that keeps sucrose from graining: glucose syrup, invert, lactose. 0 to 1. */
export function doctorShare(mix: Mix): number {
  const doctors = mix.glucoseSolids + mix.monosaccharide + mix.lactose
  const sweeteners = doctors + mix.sucrose
  return sweeteners > 0 ? doctors / sweeteners : 0
}

export type GrainRisk = 'readily' | 'may' | 'if-stirred' | 'resists'

/** ◊ Doctor share below which each holds. */
const grainBelow: readonly (readonly [number, GrainRisk])[] = [
  [0.12, 'readily'],
  [0.22, 'may'],
  [0.3, 'if-stirred'],
]

/**
 * Whether a syrup grains at `tempC`: not at all while everything is dissolved, else by the share of doctors.
 * @throws RangeError outside the range of the solubility, 0 to 140 °C.
 */
export function grainRisk(mix: Mix, tempC = 25): GrainRisk | 'none' {
  if (mix.sucrose <= 0 || supersaturation(mix, tempC) <= 1) return 'none'
  const share = doctorShare(mix)
  return grainBelow.find(([below]) => share < below)?.[1] ?? 'resists'
}
