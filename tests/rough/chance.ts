/** Seeded chance for the rough kitchen, one stream a subject, so that two runs differ only in what is made to differ. */

export interface Chance {
  /** Evenly between two bounds. */
  between(low: number, high: number): number
  /** Normal with mean 0 and standard deviation 1. */
  normal(): number
  /** True with this probability. */
  happens(share: number): boolean
  oneOf<T>(items: readonly T[]): T
}

/** xorshift32, warmed up; `subject` sets streams of one seed apart. */
export function chance(seed: number, subject: number): Chance {
  let s = (Math.imul(seed + 1, 0x9e3779b1) ^ Math.imul(subject + 1, 0x85ebca6b)) | 0 || 1
  const next = (): number => {
    s ^= s << 13
    s ^= s >>> 17
    s ^= s << 5
    return (s >>> 0) / 4294967296
  }
  for (let i = 0; i < 8; i++) next()
  return {
    between: (low, high) => low + (high - low) * next(),
    // twelve uniforms: near enough to normal, and never wild
    normal() {
      let sum = -6
      for (let i = 0; i < 12; i++) sum += next()
      return sum
    },
    happens: (share) => next() < share,
    oneOf: (items) => items[Math.floor(next() * items.length)] as (typeof items)[number],
  }
}

/** The same chance, but evenly between bounds drawn in to `share` of the way from their middle. */
export const tamed = (c: Chance, share: number): Chance => ({
  ...c,
  between(low, high) {
    const middle = (low + high) / 2
    return middle + share * (c.between(low, high) - middle)
  },
})

/** What wanders, step by step; `calm`: how it would go on if nothing disturbed it any more; `anew`: another of its kind. */
export interface Wandering {
  (dt: number): number
  calm(): Wandering
  anew(c: Chance): Wandering
}

/** What wanders about 0 with standard deviation `sd` and forgets itself in `memoryS` seconds; from `start` where that is told, and `disturbed` or calm. */
export function wandering(
  sd: number,
  memoryS: number,
  c: Chance,
  start = sd * c.normal(),
  disturbed = true,
): Wandering {
  let x = start
  const step = (dt: number): number => {
    x += (-x * dt) / memoryS + (disturbed ? sd : 0) * Math.sqrt((2 * dt) / memoryS) * c.normal()
    return x
  }
  return Object.assign(step, {
    calm: () => wandering(sd, memoryS, c, x, false),
    anew: (other: Chance) => wandering(sd, memoryS, other),
  })
}
