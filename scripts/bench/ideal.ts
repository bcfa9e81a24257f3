/**
 * What could be known by somebody who knows the laws of the rough kitchen and what is usual in kitchens: only not the figures of this one, nor
 * what flame and draught do. The world is taken to be straight around what is so; then no forecast can be nearer, and no doubt surer
 * (Gauss & Markov; Neyman & Pearson 1933).
 */
import { chance } from '../../tests/rough/chance'
import type { Aim, RoughCook } from '../../tests/rough/cook'
import { RoughKitchen, tipAfter } from '../../tests/rough/kitchen'
import { BEAT, isAsked, isFar, isJudged } from './looks'

/** Courses that flame and draught might have taken, and spans into which the readings are averaged. */
const COURSES = 60
const SPANS = 120
/** s after the boil, or after something went in, from which the readings are taken to tell of the kitchen. */
const FROM = { boil: 30, addition: 20 }
/** s of readings before its first forecast; standard deviations of a normal error, each as often as the others. */
const READ = 60
const ERRORS = [0.126, 0.385, 0.674, 1.036, 1.645]

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

/** How a stage of a cook goes: what the probe would show second by second if it neither scattered nor rounded, °C, and when the aim is reached, s. */
interface Course {
  readonly tips: readonly number[]
  readonly arrives: number
}

/** A stage of a cook as it might have gone: in how many ways, each of them a standard deviation away from how it went. */
interface Stage {
  readonly begin: number
  readonly ways: readonly Course[]
  /** °C² of a single reading a second. */
  readonly scatter: number
}

const apart = (a: Course, b: Course, share = 1): Course => ({
  tips: minus(a.tips, b.tips).map((celsius) => share * celsius),
  arrives: share * (a.arrives - b.arrives),
})

/** The last stage before `aim`, to `until`; null where it was not kept as it `stood`. */
function stageOf(cook: RoughCook, aim: Aim, until: number, seed: number, roughness: number): Stage | null {
  const from = Math.max(cook.boiledAt + FROM.boil, aim.from + FROM.addition)
  const stood = cook.stood.find((k) => k.at >= from)
  if (!(stood instanceof RoughKitchen)) return null
  const begin = Math.round(stood.at)
  const seconds = Math.round(until) - begin
  const there = cook.truth[Math.round(aim.at) - 1] as number
  const behind = (cook.truth[begin - 1] as number) - (cook.tips[begin - 1] as number)
  const latest = begin + 3 * seconds + 600
  const course = (kitchen: RoughKitchen): Course => {
    let tip = kitchen.celsius - behind
    let arrives: number | null = null
    const tips: number[] = []
    while (kitchen.at < latest && (tips.length < seconds || arrives === null)) {
      const before = kitchen.celsius
      kitchen.tick()
      tip = tipAfter(tip, kitchen.celsius, kitchen.probeFacts.lagS)
      if (tips.length < seconds) tips.push(tip + kitchen.probeFacts.offC)
      if (kitchen.celsius >= there) arrives ??= kitchen.at - (kitchen.celsius - there) / (kitchen.celsius - before)
    }
    return { tips, arrives: arrives ?? latest }
  }
  const calm = course(stood.leftAlone())
  const courses = Array.from({ length: COURSES }, (_, i) => course(stood.disturbed(chance(COURSES * seed + i, 9))))
  const middle: Course = {
    tips: calm.tips.map((_, i) => courses.reduce((sum, c) => sum + (c.tips[i] as number), 0) / COURSES),
    arrives: courses.reduce((sum, c) => sum + c.arrives, 0) / COURSES,
  }
  const { noiseC, stepC, every } = stood.probeFacts
  return {
    begin,
    ways: [
      ...stood.others(roughness).map((kitchen) => apart(course(kitchen), calm)),
      ...courses.map((c) => apart(c, middle, 1 / Math.sqrt(COURSES - 1))),
    ],
    scatter: (noiseC ** 2 + stepC ** 2 / 12) * every,
  }
}

/** Averages over spans of so many s, whole ones only. */
const averaged = (tips: readonly number[], seconds: number): number[] =>
  Array.from({ length: Math.floor(tips.length / seconds) }, (_, i) => {
    let sum = 0
    for (let s = i * seconds; s < (i + 1) * seconds; s++) sum += tips[s] as number
    return sum / seconds
  })

/**
 * Standard deviations by which all readings until `until` (s) set `wrong` apart from the same cook without its fault; null where the cook was
 * not kept as it `stood`.
 */
export function setApartBy(
  sound: RoughCook,
  wrong: RoughCook,
  until: number,
  seed: number,
  roughness: number,
): number | null {
  const aim = sound.aims.at(-1)
  const end = Math.min(until, sound.tips.length, wrong.tips.length)
  const stage = aim ? stageOf(sound, aim, end, seed, roughness) : null
  if (!stage) return null
  const { begin, ways, scatter } = stage
  const effect = minus(wrong.tips.slice(begin, Math.round(end)), sound.tips.slice(begin, Math.round(end)))
  const seconds = Math.max(1, Math.ceil(effect.length / SPANS))
  const known = inverse(
    scatter / seconds,
    ways.map((way) => averaged(way.tips, seconds)),
  )
  const shown = averaged(effect, seconds)
  return Math.sqrt(dot(shown, known(shown)))
}

/** How far off forecasts would be, as shares of the time ahead. */
export function foreseen(cook: RoughCook, seed: number, roughness: number): number[] {
  return cook.aims.flatMap((aim) => {
    const stage = stageOf(cook, aim, aim.at, seed, roughness)
    if (!stage) return []
    const off: number[] = []
    for (let now = stage.begin + READ; now < aim.at; now += BEAT)
      if (isJudged(cook, aim, now) && isFar(aim.at - now) && isAsked(aim.at - now)) {
        const sd = sdLeft(stage, now) / (aim.at - now)
        off.push(...ERRORS.map((sds) => sds * sd))
      }
    return off
  })
}

/** s by which it is unsure when the aim is reached, once all readings until `now` are known. */
function sdLeft({ begin, ways, scatter }: Stage, now: number): number {
  const read = now - begin
  const seconds = Math.max(1, Math.ceil(read / SPANS))
  const shown = ways.map((way) => averaged(way.tips.slice(0, read), seconds))
  const known = inverse(scatter / seconds, shown)
  const tells = (shown[0] as number[]).map((_, i) =>
    ways.reduce((sum, way, k) => sum + way.arrives * (shown[k]?.[i] as number), 0),
  )
  const all = ways.reduce((sum, way) => sum + way.arrives ** 2, 0)
  return Math.sqrt(Math.max(0, all - dot(tells, known(tells))))
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
