/** Heat capacity, heat content and density by component: Choi & Okos (1986), published for −40 to 150 °C,
 * used to 200 °C and held there. */
import { type BodyClass, componentFacts, components } from '../matter/components'
import { type Mix, massOf } from '../matter/mix'

type Poly = readonly [number, number, number]

/** J/(kg·K) as a + bT + cT², T in °C. */
const capacity: Record<BodyClass, Poly> = {
  water: [4176.2, -0.090864, 0.0054731],
  carbohydrate: [1548.8, 1.9625, -0.0059399],
  fat: [1984.2, 1.4733, -0.0048008],
  protein: [2008.2, 1.2089, -0.0013129],
  ash: [1092.6, 1.8896, -0.0036817],
  fibre: [1845.9, 1.8306, -0.0046509],
  gas: [1005, 0, 0],
}

/** kg/m³ as a + bT + cT². Gas is counted by volume elsewhere and weighs nothing here. */
const density: Record<Exclude<BodyClass, 'gas'>, Poly> = {
  water: [997.18, 0.0031439, -0.0037574],
  carbohydrate: [1599.1, -0.31046, 0],
  fat: [925.59, -0.41757, 0],
  protein: [1329.9, -0.5184, 0],
  ash: [2423.8, -0.28063, 0],
  fibre: [1311.5, -0.36589, 0],
}

/** °C above which a capacity is held where it is: the published curves bend down past it, and sugar burns there. */
const HOTTEST = 200

// read by index, not by destructuring: this is the inside of the pot's loop
const plain = (p: Poly, t: number): number => p[0] + t * (p[1] + t * p[2])
const at = (p: Poly, t: number): number => plain(p, Math.min(t, HOTTEST))
function integral(p: Poly, t: number): number {
  const low = Math.min(t, HOTTEST)
  const sum = low * (p[0] + low * (p[1] / 2 + (low * p[2]) / 3))
  return t > HOTTEST ? sum + (t - HOTTEST) * plain(p, HOTTEST) : sum
}

/** Coefficients of the heat capacity of a whole mix, J/K as a + bT + cT² with T in °C. Water can be left out. */
export function heatCapacityPoly(mix: Mix, water = mix.water): Poly {
  let a = 0
  let b = 0
  let c = 0
  for (const component of components) {
    const kg = (component === 'water' ? water : mix[component]) / 1000
    const p = capacity[componentFacts[component].body]
    a += kg * p[0]
    b += kg * p[1]
    c += kg * p[2]
  }
  return [a, b, c]
}

/** Heat capacity of a mix, J/K, at `tempC`. */
export const heatCapacity = (mix: Mix, tempC: number): number => at(heatCapacityPoly(mix), tempC)

/** Heat held by a mix at `tempC` above what it holds at 0 °C, J (no phase change). */
export const heatContent = (mix: Mix, tempC: number): number => integral(heatCapacityPoly(mix), tempC)

/** Heat capacity of water, J/(kg·K). */
export const waterCapacity = (tempC: number): number => at(capacity.water, tempC)
/** Heat held by water above 0 °C, J/kg. */
export const waterHeat = (tempC: number): number => integral(capacity.water, tempC)
/** Value of a heat-capacity polynomial at `tempC`, and its integral from 0 °C. */
export const polyAt = at
export const polyHeat = integral

/** Volume of a mix at `tempC`, litres, components side by side and without gas. */
export function volumeOf(mix: Mix, tempC: number): number {
  let litres = 0
  for (const component of components) {
    const { body } = componentFacts[component]
    if (body !== 'gas') litres += mix[component] / plain(density[body], tempC)
  }
  return litres
}

/** Density of a mix at `tempC`, g/ml (kg/l), without gas. */
export const densityOf = (mix: Mix, tempC: number): number => massOf(mix) / 1000 / volumeOf(mix, tempC)

/** ◊ Dry sugar melts between these, °C, taking J/kg; with more water than this share of the sucrose it dissolves instead. */
export const sucroseMelting = { from: 160, to: 188, joulesPerKg: 130e3, dryBelow: 0.01 } as const

/** Share of dry sugar that has melted at `tempC`, 0 to 1. */
export const meltedAt = (tempC: number): number =>
  Math.min(1, Math.max(0, (tempC - sucroseMelting.from) / (sucroseMelting.to - sucroseMelting.from)))
