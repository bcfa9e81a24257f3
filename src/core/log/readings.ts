/** Readings of a thermometer, and what they can be doubted for. */

export interface Reading {
  /** s on the cook's clock */
  readonly at: number
  readonly celsius: number
}

/** What the readings do that a boiling syrup cannot. */
export type ProbeDoubt = 'probe-out' | 'probe-on-metal' | 'unexplained'

/** How far a list of readings had been taken in: how many of them, and the last. */
export interface TakenIn {
  readonly count: number
  readonly last: Reading | null
}

/** Whether `readings` begin with those that were taken in, so that what was made of them holds. */
export const goesOnFrom = (readings: readonly Reading[], { count, last }: TakenIn): boolean =>
  count > 0 && readings[count - 1] === last

/** At most `most` of the readings, evenly by their number, the last among them. */
export function thinned(readings: readonly Reading[], most: number): readonly Reading[] {
  const step = Math.ceil(readings.length / most)
  return readings.filter((_, i) => (readings.length - 1 - i) % step === 0)
}

/** Readings in a row of which the middle one counts: a splash on the probe is no temperature of the syrup. */
const IN_A_ROW = 5

/** The hottest it was read at, °C, without what one splash showed; null for no readings. */
export function hottestIn(readings: readonly Reading[]): number | null {
  if (readings.length === 0) return null
  const row = Math.min(IN_A_ROW, readings.length)
  let most = Number.NEGATIVE_INFINITY
  for (let i = 0; i + row <= readings.length; i++) {
    const some = readings.slice(i, i + row).map((r) => r.celsius)
    most = Math.max(most, some.sort((a, b) => a - b)[row >> 1] as number)
  }
  return most
}
