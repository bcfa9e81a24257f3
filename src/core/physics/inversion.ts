/** Sucrose split by acid into glucose and fructose: Vukov (1965). */
import type { Mix } from '../matter/mix'
import { densityOf } from './heat'
import { ZERO_C } from './water'

/**
 * First-order rate of inversion, 1/min, at `tempC` and `ph`, in a solution of `density` kg/l holding `sugar` kg of
 * sucrose a litre: log10 k = 16.91 + log10(d − c) − 5670/T − pH. Measured from 20 to 130 °C and pH 1 to 7.
 * @throws RangeError outside pH 0 to 8, or where more sugar than solution is given.
 */
export function inversionRate(tempC: number, ph: number, density: number, sugar: number): number {
  if (!(ph >= 0 && ph <= 8)) throw new RangeError(`Inversion is known from pH 0 to 8, not ${ph}`)
  if (!(density > sugar && sugar >= 0)) throw new RangeError('A solution weighs more than the sugar in it')
  return 10 ** (16.91 + Math.log10(density - sugar) - 5670 / (tempC + ZERO_C) - ph)
}

/** Rate of inversion, 1/min, at `tempC` and `ph` in the syrup phase of `mix`. @throws RangeError outside pH 0 to 8. */
export function inversionAt(mix: Mix, tempC: number, ph: number): number {
  const syrup: Mix = { ...mix, fat: 0, insoluble: 0, cocoaSolids: 0, starch: 0 }
  const density = densityOf(syrup, tempC)
  const mass = syrup.water + syrup.sucrose + syrup.monosaccharide + syrup.lactose + syrup.glucoseSolids
  const sugar = mass > 0 ? (density * syrup.sucrose) / mass : 0
  return inversionRate(tempC, ph, density, sugar)
}

/** Share of the sucrose inverted after `minutes` at `tempC` and `ph` in the syrup phase of `mix`, 0 to 1. */
export const invertedShare = (mix: Mix, tempC: number, ph: number, minutes: number): number =>
  1 - Math.exp(-inversionAt(mix, tempC, ph) * minutes)

/** ◊ Share of the sucrose that heat alone has taken apart in a caramel of so many °C, whatever became of it. */
const CARAMEL: readonly (readonly [celsius: number, share: number])[] = [
  [155, 0],
  [168, 0.08],
  [175, 0.15],
  [183, 0.25],
  [196, 0.5],
]

/** Share of the sucrose that is none any more once it was caramel of `tempC`, 0 to 0.5: a straight line between points. */
export function caramelShare(tempC: number): number {
  const above = CARAMEL.findIndex(([celsius]) => celsius >= tempC)
  if (above < 0) return (CARAMEL.at(-1) as readonly [number, number])[1]
  if (above === 0) return 0
  const [[fromC, from], [toC, to]] = CARAMEL.slice(above - 1, above + 1) as [
    readonly [number, number],
    readonly [number, number],
  ]
  return from + ((to - from) * (tempC - fromC)) / (toC - fromC)
}
