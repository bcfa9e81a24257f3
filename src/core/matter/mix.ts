import { type Component, components } from './components'

/**
 * Grams of each component, plus the dextrose equivalent of its glucose-syrup solids. Every component is
 * always present, so that the physics reads plain numbers. Moles of glucose-syrup solids are grams × DE / 18 016,
 * so blending two syrups with the mass-weighted mean DE keeps the moles exact.
 */
export type Mix = Readonly<Record<Component, number>> & {
  /** Dextrose equivalent of the glucose-syrup solids, 1 to 100. */
  readonly de: number
}

const USUAL_DE = 42

/** A full mix from the components named; the rest are zero. Units: g. */
export function mix(parts: Partial<Mix>): Mix {
  const full = { de: parts.de ?? USUAL_DE } as Record<Component | 'de', number>
  for (const c of components) full[c] = parts[c] ?? 0
  return full
}

export const emptyMix: Mix = mix({})

/** Component-wise sum, with `a` and `b` in grams. */
export function addMix(a: Mix, b: Mix): Mix {
  const sum = {} as Record<Component | 'de', number>
  for (const c of components) sum[c] = a[c] + b[c]
  sum.de = sum.glucoseSolids > 0 ? (a.de * a.glucoseSolids + b.de * b.glucoseSolids) / sum.glucoseSolids : a.de
  return sum
}

/** Every component times `factor`. */
export function scaleMix(m: Mix, factor: number): Mix {
  const scaled = { de: m.de } as Record<Component | 'de', number>
  for (const c of components) scaled[c] = m[c] * factor
  return scaled
}

/** The same mix holding `grams` of water instead. */
export const withWater = (m: Mix, grams: number): Mix => ({ ...m, water: grams })

/** Total mass, g. */
export function massOf(m: Mix): number {
  let total = 0
  for (const c of components) total += m[c]
  return total
}

/** Everything that is not water, g. */
export const dryMassOf = (m: Mix): number => massOf(m) - m.water

/** Everything in it that is a sugar or glucose-syrup solids, g. */
export const sugarsIn = (m: Mix): number => m.sucrose + m.glucoseSolids + m.monosaccharide + m.lactose

/** Water as a share of the whole, 0 to 1 (0 for an empty mix). */
export function waterShare(m: Mix): number {
  const total = massOf(m)
  return total > 0 ? m.water / total : 0
}
