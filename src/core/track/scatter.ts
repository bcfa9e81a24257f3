/** How a thermometer's readings scatter and are rounded, read off the readings themselves. */
import type { Reading } from '../log/readings'

export interface Scatter {
  /** °C² */
  readonly variance: number
  /** °C between neighbouring values; 0 before there are two. */
  readonly step: number
  /** The last two readings, oldest first. */
  readonly last: readonly Reading[]
}

/** ◊ Readings over which the scatter is averaged (several steps of a coarse thermometer), and s beyond which three readings are too far apart to show it. */
const MEMORY = { readings: 150, seconds: 12 }
/** ◊ A bend larger than so many times what is usual is no scatter. */
const USUAL = 9

/** What is known of a thermometer before it has said anything. */
export const scatterBefore = (noiseC: number): Scatter => ({ variance: noiseC ** 2, step: 0, last: [] })

/** The scatter with one reading more: from the bend of three, which no climb has part in. */
export function scatterAfter({ variance, step, last }: Scatter, r: Reading): Scatter {
  const [a, b] = last
  const near = a && b && r.at - a.at < MEMORY.seconds
  const bend = near ? (a.celsius - 2 * b.celsius + r.celsius) ** 2 / 6 : variance
  const newest = last.at(-1)
  const apart = newest ? Math.abs(r.celsius - newest.celsius) : 0
  return {
    variance: variance + (Math.min(bend, USUAL * variance) - variance) / MEMORY.readings,
    step: apart > 0.04 && (step === 0 || apart < step - 0.02) ? apart : step,
    last: [...last.slice(-1), r],
  }
}

/**
 * What readings would scatter by if nothing rounded them, °C². What scatters over several steps errs by the rounding besides (Sheppard
 * 1898); what scatters by less shows it near the edges of a step only, σ/√π of a step² on average over all of it.
 */
export const unrounded = ({ variance, step }: Scatter): number =>
  variance < step ** 2 / 6 ? Math.PI * (variance / step) ** 2 : variance - step ** 2 / 12

/** Points within a step at which it is asked what may have stood there. */
const POINTS = 16

/**
 * A value that was expected at `mean`, with `variance`, once it is shown as `shown` in steps of `step` (0: as it is): somewhere within half a
 * step of it, where it is likeliest. Mean and variance of a normal distribution cut off there.
 */
export function roundedTo(
  shown: number,
  step: number,
  mean: number,
  variance: number,
): { readonly mean: number; readonly variance: number } {
  const off = mean - shown
  const least = Math.max(0, Math.abs(off) - step / 2) ** 2
  let [all, first, second] = [0, 0, 0]
  for (let i = 0; i < POINTS; i++) {
    const d = step * ((i + 0.5) / POINTS - 0.5)
    const chance = Math.exp((least - (d - off) ** 2) / (2 * variance))
    all += chance
    first += chance * d
    second += chance * d * d
  }
  const middle = first / all
  return { mean: shown + middle, variance: second / all - middle ** 2 }
}

/** Half-width of an 80 % range in standard deviations. */
export const EIGHTY = 1.2816
