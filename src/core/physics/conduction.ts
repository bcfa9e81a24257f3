/** Heat through the depth of what has been poured: one-dimensional conduction through layers that lie on each other. */
import { type BodyClass, componentFacts, components } from '../matter/components'
import { type Mix, massOf } from '../matter/mix'
import { densityOf, heatCapacity, volumeOf } from './heat'

type Poly = readonly [number, number, number]

/** W/(m·K) as a + bT + cT², T in °C: Choi & Okos (1986). */
const conductivity: Record<Exclude<BodyClass, 'gas'>, Poly> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
  fibre: [0.18331, 1.2497e-3, -3.1683e-6],
}
const AIR_K = 0.026

/** Heat conductivity of a mix at `tempC`, W/(m·K), by volume; `air` of the volume as bubbles (Maxwell–Eucken). */
export function conductivityOf(mix: Mix, tempC: number, air = 0): number {
  let sum = 0
  let volume = 0
  for (const component of components) {
    const { body } = componentFacts[component]
    if (body === 'gas' || mix[component] <= 0) continue
    const [a, b, c] = conductivity[body]
    const litres = volumeOf({ ...NOTHING, [component]: mix[component] } as Mix, tempC)
    sum += litres * (a + tempC * (b + tempC * c))
    volume += litres
  }
  const whole = volume > 0 ? sum / volume : 0
  const dip = air * (whole - AIR_K)
  return (whole * (2 * whole + AIR_K - 2 * dip)) / (2 * whole + AIR_K + dip)
}

const NOTHING = Object.fromEntries(components.map((c) => [c, 0]))

/** One layer: how thick, how it conducts and what it holds. */
export interface Layer {
  readonly mm: number
  /** W/(m·K). */
  readonly k: number
  /** J/(m³·K). */
  readonly holds: number
  /** In how many slices it is reckoned. */
  readonly slices: number
  /** What lies between it and the layer below, m²K/W: paper, silicone, a film of air. */
  readonly under?: number
}

/** A face that gives its heat to the air, W/(m²·K) at its own temperature. */
export interface Face {
  readonly airC: number
  readonly gives: (celsius: number) => number
}

/** Layers from the top down. No face beneath: no heat leaves there. */
export interface Stack {
  readonly layers: readonly Layer[]
  readonly top: Face
  readonly beneath: Face | null
}

/** A poured mass as a layer; `air` of its volume as bubbles. */
export function layerOf(mix: Mix, mm: number, tempC: number, slices: number, air = 0): Layer {
  const kgPerM3 = densityOf(mix, tempC) * 1000 * (1 - air)
  return {
    mm,
    k: conductivityOf(mix, tempC, air),
    holds: (kgPerM3 * heatCapacity(mix, tempC)) / (massOf(mix) / 1000),
    slices,
  }
}

/** ◊ Natural convection and radiation from an open face, W/(m²·K): 11 at 40°, 15 at 110°, 17 at 145°. */
export const openFace = (celsius: number): number => 11 + ((celsius - 40) * 4) / 70

/** The slices of a stack, laid out once for many steps. */
export interface Slices {
  readonly count: number
  /** J/(m²·K) each. */
  readonly holds: Float64Array
  /** W/(m²·K) between slice i and the one below it. */
  readonly down: Float64Array
  /** Half a slice of the outer ones, m²K/W. */
  readonly topHalf: number
  readonly bottomHalf: number
  readonly stack: Stack
  /** Room to reckon in. */
  readonly work: Float64Array
}

export function sliced(stack: Stack): Slices {
  const halves: number[] = []
  const holds: number[] = []
  const gaps: number[] = []
  for (const { mm, k, holds: h, slices, under = 0 } of stack.layers) {
    const metres = mm / 1000 / slices
    for (let i = 0; i < slices; i++) {
      halves.push(metres / 2 / k)
      holds.push(h * metres)
      gaps.push(i === slices - 1 ? under : 0)
    }
  }
  const down = halves.map((half, i) =>
    i + 1 < halves.length ? 1 / (half + (gaps[i] as number) + (halves[i + 1] as number)) : 0,
  )
  return {
    count: halves.length,
    holds: Float64Array.from(holds),
    down: Float64Array.from(down),
    topHalf: halves[0] as number,
    bottomHalf: halves.at(-1) as number,
    stack,
    work: new Float64Array(halves.length),
  }
}

const toAir = ({ gives }: Face, half: number, celsius: number): number => 1 / (half + 1 / gives(celsius))

/** Moves the temperatures of the slices, °C, on by `seconds`: one implicit step, stable however long. In place. */
export function conduct(slices: Slices, celsius: Float64Array, seconds: number): void {
  const { count, holds, down, work, stack } = slices
  const topOut = toAir(stack.top, slices.topHalf, celsius[0] as number)
  const last = count - 1
  const bottomOut = stack.beneath ? toAir(stack.beneath, slices.bottomHalf, celsius[last] as number) : 0
  // the tridiagonal system, eliminated from the top down (Thomas)
  let above = 0
  for (let i = 0; i < count; i++) {
    const keeps = (holds[i] as number) / seconds
    const below = down[i] as number
    let diagonal = keeps + above + below
    let right = keeps * (celsius[i] as number)
    if (i === 0) {
      diagonal += topOut
      right += topOut * stack.top.airC
    }
    if (i === last && stack.beneath) {
      diagonal += bottomOut
      right += bottomOut * stack.beneath.airC
    }
    if (i > 0) {
      diagonal -= above * (work[i - 1] as number)
      right += above * (celsius[i - 1] as number)
    }
    work[i] = below / diagonal
    celsius[i] = right / diagonal
    above = below
  }
  for (let i = last - 1; i >= 0; i--)
    celsius[i] = (celsius[i] as number) + (work[i] as number) * (celsius[i + 1] as number)
}

/** Temperature at a depth share of the first `n` slices, 0 the top face and 1 the lower one, °C. */
export function atDepth(celsius: Float64Array, n: number, share: number): number {
  const x = share * n - 0.5
  const i = Math.min(n - 2, Math.max(0, Math.floor(x)))
  const t = Math.min(1, Math.max(0, x - i))
  return n === 1 ? (celsius[0] as number) : (celsius[i] as number) * (1 - t) + (celsius[i + 1] as number) * t
}
