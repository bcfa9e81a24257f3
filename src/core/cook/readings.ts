/** Readings of a thermometer, and what they can be doubted for. */

export interface Reading {
  /** s on the cook's clock */
  readonly at: number
  readonly celsius: number
}

/** What the readings do that a boiling syrup cannot. */
export type ProbeDoubt = 'probe-out' | 'probe-on-metal' | 'unexplained'

/** At most `most` of the readings, evenly by their number, the last among them. */
export function thinned(readings: readonly Reading[], most: number): readonly Reading[] {
  const step = Math.ceil(readings.length / most)
  return readings.filter((_, i) => (readings.length - 1 - i) % step === 0)
}
