/**
 * Where a syrup boils, and how much water is left when it does: `aw(mix, T) · psat(T) = p`.
 * Water activity after Starzak & Peacock (1997) for sucrose, other sugars by the Norrish (1966) mixing rule.
 */
import { componentFacts, solutes } from '../matter/components'
import type { Mix } from '../matter/mix'
import { lnSaturation, R, STANDARD_PRESSURE, ZERO_C } from './water'

const Q = -17638 // J/mol
const B1 = -1.0038
const B2 = -0.24653
const MOLAR_WATER = componentFacts.water.particle
const NORRISH_SUCROSE = componentFacts.sucrose.norrish
const COLDEST_K = ZERO_C
const HOTTEST_K = ZERO_C + 300

/** Moles of solute and their Norrish-weighted sum, the two numbers that stand for everything dissolved. */
export interface Solution {
  readonly moles: number
  readonly strength: number
}

const value = (f: number | ((de: number) => number), de: number): number => (typeof f === 'function' ? f(de) : f)

interface SoluteRow {
  particle: number | ((de: number) => number)
  norrish: number | ((de: number) => number)
}

const soluteRows = solutes.map((c) => [c, componentFacts[c] as SoluteRow] as const)

/** What is dissolved in a mix, worked out once where many boiling points of it are wanted. */
export function solutionOf(mix: Mix): Solution {
  let moles = 0
  let strength = 0
  for (const [component, row] of soluteRows) {
    const grams = mix[component]
    if (grams <= 0) continue
    const n = grams / value(row.particle, mix.de)
    moles += n
    strength += n * Math.sqrt(value(row.norrish, mix.de) / NORRISH_SUCROSE)
  }
  return { moles, strength }
}

/** Mole fraction of sucrose in a syrup of 98 %, up to which its boiling points are published. */
const LAST_XS = 98 / componentFacts.sucrose.particle / (98 / componentFacts.sucrose.particle + 2 / MOLAR_WATER)
/** The same as ln(moles of water to moles of solutes). */
const LAST_U = Math.log((1 - LAST_XS) / LAST_XS)
/** No syrup is drier than this. */
const DRIEST_U = -14

/** The part of ln(aw) that depends on temperature, times T, for a mean strength of 1: (Q/R)·(1 + b1·xs + b2·xs²)·xs². */
const excess = (xs: number): number => (Q / R) * (1 + B1 * xs + B2 * xs * xs) * xs * xs

/** What `excess` gains per unit of ln(moles of water to moles of solutes). */
const excessGains = (xs: number): number => (Q / R) * (2 + 3 * B1 * xs + 4 * B2 * xs * xs) * xs * -xs * (1 - xs)

/**
 * ln(aw) of a solution at `u`, the ln(moles of water to moles of solutes), as `fixed + perKelvin / T`; `fixed` gains `xs` per unit of u.
 * It is smooth and nearly straight in u; beyond the last published boiling point it goes straight on, for there the polynomial turns: what is
 * drier would give its water off sooner.
 */
function lnActivity(u: number, meanStrength: number): { fixed: number; perKelvin: number; xs: number } {
  const square = meanStrength * meanStrength
  if (u >= LAST_U) {
    const xs = 1 / (1 + Math.exp(u))
    return { fixed: Math.log(1 - xs), perKelvin: excess(xs) * square, xs }
  }
  const beyond = Math.max(DRIEST_U, u) - LAST_U
  return {
    fixed: Math.log(1 - LAST_XS) + LAST_XS * beyond,
    perKelvin: (excess(LAST_XS) + excessGains(LAST_XS) * beyond) * square,
    xs: LAST_XS,
  }
}

const meanStrengthOf = ({ moles, strength }: Solution): number => (moles > 0 ? strength / moles : 0)

/** ln(aw) of `water` grams that hold a solution. */
const lnActivityOf = (solution: Solution, water: number) =>
  lnActivity(Math.log(water / MOLAR_WATER / solution.moles), meanStrengthOf(solution))

/**
 * Water activity of the syrup phase at `tempC`, 0 to 1. Fat, protein, starch and insolubles do not count.
 * Range 0 to 200 °C; past 98 % solids it is an extrapolation. A mix without water gives 0.
 */
export function waterActivity(mix: Mix, tempC: number): number {
  if (mix.water <= 0) return 0
  const { fixed, perKelvin } = lnActivityOf(solutionOf(mix), mix.water)
  return Math.exp(fixed + perKelvin / (tempC + ZERO_C))
}

/**
 * Boiling point of a mix in °C at `pressurePa` (standard atmosphere unless told).
 * Without water it never boils: Infinity. Capped at 300 °C, where the equations stop meaning anything.
 * @throws RangeError for a pressure outside 20 to 200 kPa.
 */
export function boilingPoint(mix: Mix, pressurePa = STANDARD_PRESSURE): number {
  checkPressure(pressurePa)
  if (mix.water <= 0) return Number.POSITIVE_INFINITY
  return boilsAt(solutionOf(mix), mix.water, Math.log(pressurePa))
}

/**
 * Boiling point, °C, of `water` grams (above 0) holding a solution, at the natural log of the pressure in Pa. A `guess`
 * near the answer saves half the work in a simulation.
 */
export function boilsAt(solution: Solution, water: number, lnPressure: number, guess = 112): number {
  const { fixed: dry, perKelvin: e } = lnActivityOf(solution, water)
  const fixed = dry - lnPressure
  let k = guess + ZERO_C
  for (let i = 0; i < 30; i++) {
    const sat = lnSaturation(k)
    const next = Math.min(HOTTEST_K, Math.max(COLDEST_K, k - (fixed + e / k + sat.ln) / (sat.slope - e / (k * k))))
    const moved = Math.abs(next - k)
    k = next
    if (moved < 1e-3) break // Newton squares the error: the step after this one would move less than 1e-7
  }
  return k - ZERO_C
}

/**
 * Grams of water left in `dryMix` (its own water is ignored) once it boils at `tempC` under `pressurePa`.
 * Infinity at or below the boiling point of pure water, 0 where nothing is dissolved.
 * @throws RangeError for a pressure outside 20 to 200 kPa.
 */
export function waterLeftAt(dryMix: Mix, tempC: number, pressurePa = STANDARD_PRESSURE): number {
  checkPressure(pressurePa)
  const solution = solutionOf(dryMix)
  const { moles } = solution
  const k = tempC + ZERO_C
  const lnTarget = Math.log(pressurePa) - lnSaturation(k).ln
  if (lnTarget >= 0) return Number.POSITIVE_INFINITY
  if (moles <= 0) return 0
  const meanStrength = meanStrengthOf(solution)
  let low = DRIEST_U
  let high = 12
  let u = lnTarget
  for (let i = 0; i < 80; i++) {
    const { fixed, perKelvin, xs } = lnActivity(u, meanStrength)
    const gap = fixed + perKelvin / k - lnTarget
    if (gap > 0) high = u
    else low = u
    let next = u - gap / (xs + (excessGains(xs) * meanStrength * meanStrength) / k)
    if (!(next > low && next < high)) next = (low + high) / 2
    if (Math.abs(next - u) < 1e-10) return Math.exp(next) * moles * MOLAR_WATER
    u = next
  }
  return Math.exp(u) * moles * MOLAR_WATER
}

/**
 * The temperature, °C, at which a syrup with the make-up it has at `standardTempC` and standard pressure boils
 * under `pressurePa`: a target is a composition, its temperature follows the day. Temperatures that are not those of
 * a boiling syrup (below water's boiling point) come back unchanged.
 */
export function temperatureToday(dryMix: Mix, standardTempC: number, pressurePa: number): number {
  const water = waterLeftAt(dryMix, standardTempC)
  if (!Number.isFinite(water) || water <= 0) return standardTempC
  return boilingPoint({ ...dryMix, water }, pressurePa)
}

/** The other way round: what `tempC` under `pressurePa` would be at the standard atmosphere, so that days compare. */
export function temperatureAtStandard(dryMix: Mix, tempC: number, pressurePa: number): number {
  const water = waterLeftAt(dryMix, tempC, pressurePa)
  if (!Number.isFinite(water) || water <= 0) return tempC
  return boilingPoint({ ...dryMix, water })
}

function checkPressure(pressurePa: number): void {
  if (!(pressurePa >= 20e3 && pressurePa <= 200e3))
    throw new RangeError(`Air pressure must be between 20 and 200 kPa, not ${pressurePa} Pa`)
}
