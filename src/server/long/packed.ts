/** Readings as one row of figures: to hand hundreds of thousands of them to another thread takes no more than a copy. */
import type { Frame } from '@/contract/cook'

export type Packed = Float64Array<ArrayBuffer>

/** [ms, °C, ms, °C, …] */
export function packed(readings: Frame['readings']): Packed {
  const row = new Float64Array(2 * readings.length)
  readings.forEach(([ms, celsius], i) => {
    row[2 * i] = ms
    row[2 * i + 1] = celsius
  })
  return row
}

export const unpacked = (row: Packed): [number, number][] =>
  Array.from({ length: row.length / 2 }, (_, i) => [row[2 * i] as number, row[2 * i + 1] as number])
