/** How a thermometer's readings scatter and are rounded, read off the readings themselves. */
import type { Reading } from './readings'

export interface Scatter {
  /** °C² */
  readonly variance: number
  /** °C between neighbouring values; 0 before there are two. */
  readonly step: number
  /** The last two readings, oldest first. */
  readonly last: readonly Reading[]
}

/** ◊ Readings over which the scatter is averaged, and s beyond which three readings are too far apart to show it. */
const MEMORY = { readings: 50, seconds: 12 }
/** ◊ Finer than this, °C, a thermometer counts as unrounded. */
const FINEST = 0.2
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
 * What rounding adds, °C², where the syrup climbs by `climb` °C/s: readings in steps all err alike until the next one, unless
 * they scatter: from a third of a step on what is left of it is part of the scatter (Widrow 1956). An error that lasts for n readings weighs as n of them.
 */
export function roundingOf({ variance, step, last }: Scatter, climb: number): number {
  const plain = (step * step) / 12
  if (step < FINEST) return plain
  const every = last.length < 2 ? 1 : Math.max(0.25, (last[1] as Reading).at - (last[0] as Reading).at || 1)
  const dwells = Math.min(120, step / Math.max(0.002, climb)) / every
  const alike = Math.min(1, Math.max(0, (0.45 - Math.sqrt(variance) / step) / 0.15))
  return plain * alike * Math.max(1, dwells)
}

/** Half-width of an 80 % range in standard deviations. */
export const EIGHTY = 1.2816
