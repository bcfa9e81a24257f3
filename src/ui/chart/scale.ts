/** Straight lines from values to pixels, and between colours: all a stove's curves need, in a few hundred bytes. */

type Pair = readonly [number, number]

/** The line through two points of a domain and a range. */
export const linear =
  ([d0, d1]: Pair, [r0, r1]: Pair) =>
  (value: number): number =>
    r0 + ((value - d0) * (r1 - r0)) / (d1 - d0 || 1)

/** Straight from knot to knot, and held beyond the ends; `domain` rises and has one value for each of `range`. */
export function throughKnots(domain: readonly number[], range: readonly number[]): (value: number) => number {
  return (value) => {
    const i = Math.min(
      domain.length - 2,
      Math.max(
        0,
        domain.findLastIndex((d) => d <= value),
      ),
    )
    const line = linear([domain[i] as number, domain[i + 1] as number], [range[i] as number, range[i + 1] as number])
    return line(Math.min(domain.at(-1) as number, Math.max(domain[0] as number, value)))
  }
}

const channels = (hex: string): number[] => [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16))

/** The colour at a share of the way along a ramp of at least two colours (#rrggbb), 0 to 1. */
export function alongRamp(ramp: readonly string[]): (share: number) => string {
  const colours = ramp.map(channels)
  const steps = colours.map((_, i) => i)
  const mixed = [0, 1, 2].map((c) =>
    throughKnots(
      steps,
      colours.map((colour) => colour[c] as number),
    ),
  )
  return (share) => `rgb(${mixed.map((at) => Math.round(at(share * (ramp.length - 1)))).join(', ')})`
}
