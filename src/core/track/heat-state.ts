/**
 * The hidden state of a heated pot, and how it moves: an extended Kalman filter (Kalman 1960; Jazwinski 1970). Rows: the heat in
 * the pot along the road of its filling, the burner's power and its wandering, the loss to the room, how far this syrup
 * boils off its curve, the probe's tip and its delay.
 */
import { endOf, type HeatPath, joulesAt, joulesPerDegree, temperatureAt } from './heat-path'
import { roundedTo } from './scatter'

export const ROW = {
  /** J along the road. */
  joules: 0,
  /** W at full dial, and W it wanders by. */
  watts: 1,
  drift: 2,
  /** W/K to the room. */
  loss: 3,
  /** °C the syrup boils above its road. */
  off: 4,
  /** °C at the probe's tip, and the logarithm of its time constant in s. */
  tip: 5,
  lag: 6,
} as const
const N = 7
const { joules: J, watts: W, drift: D, loss: L, off: O, tip: T, lag: G } = ROW

/** Mean and covariance (row by row). Changed in place by the functions here. */
export interface HeatState {
  readonly x: Float64Array
  readonly v: Float64Array
}

/** What moves it over a step: which road, how much full-dial heat is felt (s), and the room. */
export interface Moves {
  readonly path: HeatPath
  readonly seconds: number
  readonly feltS: number
  readonly roomC: number
  /** s in which what the heat wanders by is forgotten. */
  readonly memoryS: number
  /** A lid sends the steam back: beyond the boil it goes no further. */
  readonly lid: boolean
  /** Times more than usual that the road goes astray (variance). */
  readonly wilder: number
}

/**
 * ◊ The flame wanders by this share of its power and forgets in so many s. What no model explains: a share of what is lost to the room, which
 * draughts carry off, in √s; °C for a degree of climb.
 */
export const WANDERS = { share: 0.03, memoryS: 200 }
const UNEXPLAINED = { lossShare: 1.4, offPerDegree: 0.02 }
/** ◊ The road is not quite this syrup's: by this share of its steepness it goes astray with every degree (a random walk), and further where it is a guess. */
const ASTRAY = { sure: 0.014, guessed: 0.025 }
/** Share² of its steepness by which the road goes astray between two temperatures, °C. */
export function astray({ sureC }: HeatPath, fromC: number, toC: number): number {
  const degrees = Math.max(0, toC - fromC)
  const guessed = Math.min(degrees, Math.max(0, toC - sureC))
  return ASTRAY.sure ** 2 * (degrees - guessed) + ASTRAY.guessed ** 2 * guessed
}
/** Share of the steam a lid lets go. */
const LID_LETS_GO = 0.1

/** ◊ A pot loses so many times what the bare pot does: two to three times. */
export const LOSSES = 2.2

export const newState = (): HeatState => ({ x: new Float64Array(N), v: new Float64Array(N * N) })
export const copyOf = ({ x, v }: HeatState): HeatState => ({ x: x.slice(), v: v.slice() })

/** Sets one row afresh, of standard deviation `sd` and unrelated to the rest. */
export function setRow({ x, v }: HeatState, row: number, mean: number, sd: number): void {
  x[row] = mean
  for (let i = 0; i < N; i++) {
    v[row * N + i] = 0
    v[i * N + row] = 0
  }
  v[row * N + row] = sd * sd
}

/** Makes one row less sure by `sd`. */
export function loosen({ v }: HeatState, row: number, sd: number): void {
  v[row * N + row] = at(v, row, row) + sd * sd
}

const at = (v: Float64Array, i: number, k: number): number => v[i * N + k] as number

export const mean = ({ x }: HeatState, row: number): number => x[row] as number
/** W at full dial now, with what it wanders by. */
export const powerOf = (s: HeatState): number => mean(s, W) + mean(s, D)

/** `g'Vg`: the variance of a weighted sum of the rows, weights in the order of `ROW`; what is left out has none. */
export function varianceOf({ v }: HeatState, g: readonly number[]): number {
  let sum = 0
  for (const [i, a] of g.entries()) for (const [k, b] of g.entries()) sum += a * b * at(v, i, k)
  return Math.max(0, sum)
}
export const sdOf = ({ v }: HeatState, row: number): number => Math.sqrt(Math.max(0, at(v, row, row)))

/** Temperature of the syrup, °C. */
export const syrupOf = (s: HeatState, path: HeatPath): number => temperatureAt(path, mean(s, J)) + mean(s, O)

/** The rows that one step mixes, as weights: what joules, drift and tip become. */
export interface StepWeights {
  readonly joules: Float64Array
  readonly tip: Float64Array
  readonly keep: number
  readonly feltS: number
}

/** Moves the state on by one step of a few seconds, and says by which weights, for whoever follows it too. */
export function move(s: HeatState, m: Moves): StepWeights {
  const { x, v } = s
  const { path, seconds, feltS, roomC } = m
  const celsius = syrupOf(s, path)
  const perJoule = 1 / joulesPerDegree(path, celsius - mean(s, O))
  const lost = mean(s, L) * (celsius - roomC) * seconds
  const flow = powerOf(s) * feltS - lost
  const keep = Math.exp(-seconds / m.memoryS)
  const tau = Math.exp(mean(s, G))
  const lasts = Math.exp(-seconds / tau)

  const joules = new Float64Array(N)
  joules[J] = 1 - mean(s, L) * perJoule * seconds
  joules[W] = feltS
  joules[D] = feltS
  joules[L] = -(celsius - roomC) * seconds
  joules[O] = -mean(s, L) * seconds
  const tip = new Float64Array(N)
  tip[J] = (1 - lasts) * perJoule
  tip[O] = 1 - lasts
  tip[T] = lasts
  tip[G] = -(celsius - mean(s, T)) * lasts * (seconds / tau)

  let gained = flow
  const room = m.lid ? Math.max(0, joulesAt(path, path.boilC) - mean(s, J)) : Number.POSITIVE_INFINITY
  if (flow > room) {
    gained = room + LID_LETS_GO * (flow - room)
    for (const row of [W, D, L]) joules[row] = LID_LETS_GO * (joules[row] as number)
  }
  x[T] = celsius + (mean(s, T) - celsius) * lasts
  // past the end of the road it burns: hotter is not told apart
  x[J] = Math.min(endOf(path), mean(s, J) + gained)
  x[D] = mean(s, D) * keep

  mixRows(v, joules, keep, tip)
  const climbed = Math.abs(gained) * perJoule
  const goesAstray = astray(path, celsius, celsius + climbed)
  v[J * N + J] = at(v, J, J) + (UNEXPLAINED.lossShare * lost) ** 2 / seconds
  v[D * N + D] = at(v, D, D) + (1 - keep * keep) * (WANDERS.share * mean(s, W)) ** 2
  v[W * N + W] = at(v, W, W) + m.wilder * goesAstray * mean(s, W) ** 2
  v[O * N + O] = at(v, O, O) + UNEXPLAINED.offPerDegree ** 2 * climbed
  return { joules, tip, keep, feltS }
}

/** `F V F'` for a step that changes only joules, drift and tip. */
function mixRows(v: Float64Array, joules: Float64Array, keep: number, tip: Float64Array): void {
  const newJ = new Float64Array(N)
  const newT = new Float64Array(N)
  for (let k = 0; k < N; k++) {
    let a = 0
    let b = 0
    for (let i = 0; i < N; i++) {
      const c = at(v, i, k)
      a += (joules[i] as number) * c
      b += (tip[i] as number) * c
    }
    newJ[k] = a
    newT[k] = b
  }
  let jj = 0
  let jt = 0
  let tt = 0
  for (let i = 0; i < N; i++) {
    jj += (newJ[i] as number) * (joules[i] as number)
    jt += (newJ[i] as number) * (tip[i] as number)
    tt += (newT[i] as number) * (tip[i] as number)
  }
  for (let k = 0; k < N; k++) {
    const scale = k === D ? keep : 1
    if (k !== J && k !== T) {
      for (const [row, value] of [
        [J, newJ[k]],
        [T, newT[k]],
      ] as const) {
        v[row * N + k] = (value as number) * scale
        v[k * N + row] = (value as number) * scale
      }
      if (k !== D) {
        v[D * N + k] = at(v, D, k) * keep
        v[k * N + D] = at(v, k, D) * keep
      } else v[D * N + D] = at(v, D, D) * keep * keep
    }
  }
  v[J * N + J] = jj
  v[J * N + T] = jt
  v[T * N + J] = jt
  v[T * N + T] = tt
}

/** What a reading of the tip teaches: how far it is off what was foreseen, and the gain it was taken in by. */
export interface Lesson {
  readonly off: number
  readonly variance: number
  /** What a rounded reading is worth of one that is not, 0 to 1. */
  readonly worth: number
  readonly gain: Float64Array
  /** Whether a row learns from it. */
  taught(row: number): boolean
}

/**
 * The probe's delay is reckoned with but never learned (Schmidt 1966): on a steady climb a slower probe looks like a colder pot.
 */
const taught = (row: number): boolean => row !== G

/**
 * How far a reading `shown` in steps of `step` is off the tip foreseen, and the variance that was to be expected. A coarse step says little
 * while the tip is foreseen well within it, and much at its edges (Curry 1970).
 */
export const surprise = (s: HeatState, shown: number, step: number, noiseVariance: number): Lesson => {
  const variance = at(s.v, T, T) + noiseVariance
  const stood = roundedTo(shown, step, mean(s, T), variance)
  const gain = new Float64Array(N)
  for (let i = 0; i < N; i++) gain[i] = at(s.v, i, T) / variance
  return { off: stood.mean - mean(s, T), variance, worth: 1 - stood.variance / variance, gain, taught }
}

/** Rounds after which a road that bends is met closely enough. */
const ROUNDS = 12

/**
 * What it teaches that the syrup itself is at `celsius`: the filter iterated (Bell & Cathey 1993), for between what was reckoned and what is
 * read the road may bend.
 */
export function seenAt(s: HeatState, path: HeatPath, celsius: number, noiseVariance: number): Lesson {
  const from = [mean(s, J), mean(s, O)] as const
  let [joules, above] = from
  let lesson: Lesson = { off: 0, variance: noiseVariance, worth: 1, gain: new Float64Array(N), taught }
  for (let i = 0; i < ROUNDS; i++) {
    const perJoule = 1 / joulesPerDegree(path, temperatureAt(path, joules))
    const along = new Float64Array(N)
    for (let k = 0; k < N; k++) along[k] = perJoule * at(s.v, k, J) + at(s.v, k, O)
    const variance = perJoule * (along[J] as number) + (along[O] as number) + noiseVariance
    const back = perJoule * (from[0] - joules) + from[1] - above
    lesson = {
      ...lesson,
      off: celsius - temperatureAt(path, joules) - above - back,
      variance,
      gain: along.map((g) => g / variance),
    }
    joules = Math.min(endOf(path), Math.max(0, from[0] + (lesson.gain[J] as number) * lesson.off))
    above = from[1] + (lesson.gain[O] as number) * lesson.off
  }
  return lesson
}

/** Takes a reading in. */
export function learn({ x, v }: HeatState, { off, variance, worth, gain }: Lesson): void {
  for (let i = 0; i < N; i++) if (taught(i)) x[i] = (x[i] as number) + (gain[i] as number) * off
  for (let i = 0; i < N; i++)
    for (let k = 0; k < N; k++)
      if (taught(i) || taught(k))
        v[i * N + k] = at(v, i, k) - (gain[i] as number) * (gain[k] as number) * variance * worth
}

/** Puts right what a change that was found out late has made of the state. */
export function correct({ x }: HeatState, effect: Float64Array, by: number): void {
  for (let i = 0; i < N; i++) x[i] = (x[i] as number) + (effect[i] as number) * by
}
