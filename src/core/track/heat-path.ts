/**
 * The road a syrup travels: how many joules it takes to bring it from cold to any temperature, water boiled off on the
 * way. At steady heat the joules rise in a straight line although the temperature does not, which is what makes a
 * cook foreseeable.
 */
import type { Mix } from '../matter/mix'
import { boilingPoint, waterLeftAt } from '../physics/boiling'
import { heatCapacityPoly, meltedAt, polyHeat, sucroseMelting, waterHeat } from '../physics/heat'
import { latentHeat } from '../physics/water'

/** °C. Coarser steps show: just above the boil a syrup takes a fifth less heat for each half degree. */
const STEP = 0.1
const HOTTEST = 205

export interface HeatPath {
  /** Where it starts to boil, °C. */
  readonly boilC: number
  /** Where so little water is left that its boiling point is extrapolated, °C: the road beyond is a guess. */
  readonly sureC: number
  /** Joules above 0 °C at every tenth of a degree from 0 to 205 °C. */
  readonly joules: Float64Array
}

/**
 * The road of `mix`, holding all its water at the start, under `pressurePa`, in a pot whose base (`baseCapacity`, J/K)
 * warms along with it. `crystals`: g of sugar that have to melt on the way; all of it, where there is no water to dissolve
 * it in, unless told. Takes a millisecond or two: keep it while the contents stay the same.
 */
export function heatPath(
  mix: Mix,
  pressurePa: number,
  baseCapacity = 0,
  crystals = isDry(mix) ? mix.sucrose : 0,
): HeatPath {
  const boilC = boilingPoint(mix, pressurePa)
  const sugars = mix.sucrose + mix.glucoseSolids + mix.monosaccharide
  const dry = heatCapacityPoly(mix, 0)
  const joules = new Float64Array(Math.round(HOTTEST / STEP) + 1)
  let water = mix.water
  let sureC = HOTTEST
  let steam = 0
  for (let i = 0; i * STEP <= HOTTEST; i++) {
    const t = i * STEP
    if (t > boilC) {
      const left = Math.min(water, waterLeftAt(mix, t, pressurePa))
      // steam leaves between this point and the one before: heat it at the middle
      const middle = Math.max(boilC, t - STEP / 2)
      steam += ((water - left) / 1000) * (waterHeat(middle) + latentHeat(middle))
      water = left
      if (sureC === HOTTEST && water < SURE * sugars) sureC = t
    }
    const melting = meltedAt(t) * (crystals / 1000) * sucroseMelting.joulesPerKg
    joules[i] = polyHeat(dry, t) + (water / 1000) * waterHeat(t) + steam + melting + baseCapacity * t
  }
  return { boilC, sureC, joules }
}

/** Published boiling points end at this much water to the sugars in it. */
const SURE = 0.02

/** Whether there is too little water for the sugar to dissolve in: it melts instead. */
export const isDry = (mix: Mix): boolean => mix.sucrose > 0 && mix.water <= sucroseMelting.dryBelow * mix.sucrose

/** Joules at the hottest of the road. */
export const endOf = (path: HeatPath): number => path.joules[path.joules.length - 1] as number

/** Joules to bring it to `tempC` (held at the ends of the table). */
export function joulesAt(path: HeatPath, tempC: number): number {
  const x = Math.min(path.joules.length - 1.001, Math.max(0, tempC / STEP))
  const i = Math.floor(x)
  const a = path.joules[i] as number
  return a + ((path.joules[i + 1] as number) - a) * (x - i)
}

/** Joules for one more degree at `tempC`, J/K. */
export function joulesPerDegree(path: HeatPath, tempC: number): number {
  const i = Math.floor(Math.min(path.joules.length - 2, Math.max(0, tempC / STEP)))
  return ((path.joules[i + 1] as number) - (path.joules[i] as number)) / STEP
}

/** Temperature once it holds `joules`, °C. */
export function temperatureAt(path: HeatPath, joules: number): number {
  let low = 0
  let high = path.joules.length - 1
  while (high - low > 1) {
    const mid = (low + high) >> 1
    if ((path.joules[mid] as number) <= joules) low = mid
    else high = mid
  }
  const a = path.joules[low] as number
  const b = path.joules[high] as number
  return STEP * (low + Math.min(1, Math.max(0, (joules - a) / (b - a))))
}
