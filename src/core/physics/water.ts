/** Water and steam. K and Pa inside, °C at the edge. */

export const ZERO_C = 273.15
/** Gas constant, J/(mol·K). */
export const R = 8.314462618
/** Standard atmosphere, Pa. */
export const STANDARD_PRESSURE = 101325

const CRITICAL_K = 647.096
const LN_CRITICAL_PA = Math.log(22.064e6)
const A = [-7.85951783, 1.84408259, -11.7866497, 22.6807411, -15.9618719, 1.80122502] as const

/**
 * Natural log of the saturation pressure (Pa) and its slope per K. Wagner & Pruss (1993); 273.16 to 647.096 K.
 * Given as a logarithm because the boiling equation is solved in logarithms.
 */
export function lnSaturation(kelvin: number): { ln: number; slope: number } {
  const t = 1 - kelvin / CRITICAL_K
  const half = Math.sqrt(t)
  const t15 = t * half
  const t2 = t * t
  const t3 = t2 * t
  const t35 = t3 * half
  const t4 = t2 * t2
  const t75 = t4 * t3 * half
  const f = A[0] * t + A[1] * t15 + A[2] * t3 + A[3] * t35 + A[4] * t4 + A[5] * t75
  const df =
    A[0] + 1.5 * A[1] * half + 3 * A[2] * t2 + 3.5 * A[3] * t2 * half + 4 * A[4] * t3 + 7.5 * A[5] * t4 * t2 * half
  const ratio = CRITICAL_K / kelvin
  return {
    ln: LN_CRITICAL_PA + ratio * f,
    slope: -(ratio / kelvin) * f - (ratio * df) / CRITICAL_K,
  }
}

/** Saturation pressure of water, Pa, at `tempC` from 0.01 to 373.9 °C. Wagner & Pruss (1993). */
export const saturationPressure = (tempC: number): number => Math.exp(lnSaturation(tempC + ZERO_C).ln)

/** Latent heat of evaporation, J/kg, at `tempC`: 2501 − 2.36·T kJ/kg, good to 1 % from 0 to 200 °C. */
export const latentHeat = (tempC: number): number => 2.501e6 - 2360 * tempC

/**
 * Air pressure, Pa, at `altitudeM` metres in the ISA standard atmosphere; −500 to 11 000 m.
 * @throws RangeError outside that range.
 */
export function standardPressure(altitudeM: number): number {
  if (!(altitudeM >= -500 && altitudeM <= 11000))
    throw new RangeError(`Altitude must be between −500 and 11 000 m, not ${altitudeM}`)
  return STANDARD_PRESSURE * (1 - 2.25577e-5 * altitudeM) ** 5.25588
}
