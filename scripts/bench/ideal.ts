/**
 * What could be found out of a change of heat by somebody who knows the laws of the rough kitchen, what is usual in kitchens, and when and how
 * much it may have changed: only not its figures, nor what flame and draught do. No doubt can be said surer than so (Neyman & Pearson 1933).
 */
import { chance } from '../../tests/rough/chance'
import type { RoughCook } from '../../tests/rough/cook'
import { RoughKitchen } from '../../tests/rough/kitchen'

/** Courses that flame and draught might have taken, and spans into which the readings are averaged. */
const COURSES = 100
const SPANS = 120
/** s after the boil, or after something went in, from which the readings are taken to tell of the kitchen. */
const FROM = { boil: 30, addition: 20 }

/** `C⁻¹x` where C is the sum of a diagonal and of the squares of vectors, taken in one after the other (Sherman & Morrison 1950). */
function inverse(diagonal: number, vectors: readonly (readonly number[])[]): (x: readonly number[]) => number[] {
  const taken: number[][] = []
  const apply = (x: readonly number[]): number[] => {
    const y = x.map((value) => value / diagonal)
    for (const u of taken) {
      const share = dot(u, x)
      for (let i = 0; i < y.length; i++) y[i] = (y[i] as number) - share * (u[i] as number)
    }
    return y
  }
  for (const v of vectors) {
    const w = apply(v)
    const length = Math.sqrt(1 + dot(v, w))
    taken.push(w.map((value) => value / length))
  }
  return apply
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, i) => sum + value * (b[i] as number), 0)
const minus = (a: readonly number[], b: readonly number[]): number[] => a.map((value, i) => value - (b[i] as number))

/**
 * Standard deviations by which all readings until `until` (s) set `wrong` apart from the same cook without its fault; null where the cook was
 * not kept as it `stood`. The world is taken to be straight around what is so.
 */
export function setApartBy(
  sound: RoughCook,
  wrong: RoughCook,
  until: number,
  seed: number,
  roughness: number,
): number | null {
  const from = Math.max(sound.boiledAt + FROM.boil, (sound.aims.at(-1)?.from ?? 0) + FROM.addition)
  const stood = sound.stood.find((k) => k.at >= from)
  if (!(stood instanceof RoughKitchen)) return null
  const begin = Math.round(stood.at)
  const end = Math.min(until, sound.tips.length, wrong.tips.length)
  const behind = (sound.truth[begin - 1] as number) - (sound.tips[begin - 1] as number)
  const seconds = Math.max(1, Math.ceil((end - begin) / SPANS))
  const averaged = (tips: readonly number[]): number[] =>
    Array.from({ length: Math.floor(tips.length / seconds) }, (_, i) => {
      const span = tips.slice(i * seconds, (i + 1) * seconds)
      return span.reduce((a, b) => a + b, 0) / seconds
    })
  const course = (kitchen: RoughKitchen): number[] => {
    let tip = kitchen.celsius - behind
    const tips: number[] = []
    while (kitchen.at < end - 0.5) {
      kitchen.tick()
      tip += (kitchen.celsius - tip) * (1 - Math.exp(-1 / kitchen.probeFacts.lagS))
      tips.push(tip)
    }
    return averaged(tips)
  }
  const calm = course(stood.leftAlone())
  const unknown = stood.others(roughness).map((kitchen) => minus(course(kitchen), calm))
  const courses = Array.from({ length: COURSES }, (_, i) => course(stood.disturbed(chance(COURSES * seed + i, 9))))
  const middle = calm.map((_, i) => courses.reduce((sum, c) => sum + (c[i] as number), 0) / COURSES)
  const wanders = courses.map((c) => minus(c, middle).map((value) => value / Math.sqrt(COURSES - 1)))
  const { noiseC, stepC, every, offC } = stood.probeFacts
  const scatter = ((noiseC ** 2 + stepC ** 2 / 12) * every) / seconds
  const off = calm.map(() => Math.max(0.05, Math.abs(offC)))
  const effect = averaged(minus(wrong.tips.slice(begin, end), sound.tips.slice(begin, end)))
  return Math.sqrt(dot(effect, inverse(scatter, [...unknown, ...wanders, off])(effect)))
}

/** Chance that a normal figure lies below `z` standard deviations (Abramowitz & Stegun 1964, 26.2.17; to 1e-7). */
function below(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const series = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * series
  return z > 0 ? 1 - tail : tail
}

/**
 * Chance that what is set apart by so many standard deviations is said, where a sound cook is doubted in one of fifty: asked at one moment and
 * of one size that are known, and at any of some ten moments up or down.
 */
export const saidWhereKnown = (sds: number): number => below(sds - 2.054)
export const saidWhereAsked = (sds: number): number => below(sds - 3.09)
