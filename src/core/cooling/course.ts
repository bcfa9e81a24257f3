/** How a mass cools from a moment on, sampled: what every window, forecast and curve after the pour is read off. */

export interface Course {
  /** s on the cook's clock, rising. */
  readonly at: readonly number[]
  /** °C at those moments. */
  readonly middle: readonly number[]
  readonly top: readonly number[]
  readonly bottom: readonly number[]
  /** What lies under it, °C; the air where nothing does. */
  readonly under: readonly number[]
}

export type Depth = 'middle' | 'top' | 'bottom' | 'under'

/** How warm it is at `at`, °C; beyond the ends as at them. */
export function celsiusAt(course: Course, at: number, depth: Depth = 'middle'): number {
  const { at: times } = course
  const values = course[depth]
  let low = 0
  let high = times.length - 1
  if (at <= (times[0] as number)) return values[0] as number
  if (at >= (times[high] as number)) return values[high] as number
  while (high - low > 1) {
    const mid = (low + high) >> 1
    if ((times[mid] as number) <= at) low = mid
    else high = mid
  }
  const share = (at - (times[low] as number)) / ((times[high] as number) - (times[low] as number))
  return (values[low] as number) * (1 - share) + (values[high] as number) * share
}

/** When its middle is first down to `celsius`, s on the cook's clock; Infinity where it never is. */
export function whenDownTo(course: Course, celsius: number): number {
  const { at, middle } = course
  for (let i = 0; i < at.length; i++) {
    const here = middle[i] as number
    if (here > celsius) continue
    if (i === 0) return at[0] as number
    const before = middle[i - 1] as number
    const share = (before - celsius) / (before - here)
    return (at[i - 1] as number) + share * ((at[i] as number) - (at[i - 1] as number))
  }
  return Number.POSITIVE_INFINITY
}

/** ◊ °C: so near to what it lies in it is as good as cold. */
export const AS_COLD = 1.5

/** When it has cooled to `celsius`, s on the cook's clock, or as far as it ever does: nobody waits for 20° in a room of 23°. */
export const whenCooled = (course: Course, celsius: number): number =>
  whenDownTo(course, Math.max(celsius, (course.middle.at(-1) ?? celsius) + AS_COLD))

/** °C a minute it falls at `at`. */
export const fallsAt = (course: Course, at: number): number => celsiusAt(course, at - 30) - celsiusAt(course, at + 30)

const LUMP_SAMPLES = 120

/** One lump that loses heat to a room at `roomC` with time constant `tau`, s: a pot off the heat, a bowl. */
export function lumpCourse(from: number, startC: number, roomC: number, tau: number): Course {
  const at = Array.from({ length: LUMP_SAMPLES + 1 }, (_, i) => from + (i / LUMP_SAMPLES) ** 2 * 5 * tau)
  const middle = at.map((t) => roomC + (startC - roomC) * Math.exp(-(t - from) / tau))
  return { at, middle, top: middle, bottom: middle, under: at.map(() => roomC) }
}
