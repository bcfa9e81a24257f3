/** Readings made ready for fitting: the impossible set aside, the probe's delay taken off, the old ones averaged. */

export interface Reading {
  /** s on the cook's clock */
  readonly at: number
  readonly celsius: number
}

export interface Bin {
  /** When the syrup, not the probe, was this warm. */
  at: number
  celsius: number
  /** Readings averaged. */
  n: number
}

/** What the readings do that a boiling syrup cannot. */
export type ProbeDoubt = 'probe-out' | 'probe-on-metal' | 'unexplained'

export interface Gathered {
  readonly bins: readonly Bin[]
  readonly doubt: ProbeDoubt | null
}

/** ◊ A step this large between readings is not the syrup's: °C, °C per s since the last good one, °C per s of silence. */
const GATE = { step: 3, noises: 4, perSecond: 0.3, perSilence: 0.5 }
/** ◊ Readings that stay away this long, s, are believed after all: something went in that nobody logged. */
const GIVES_IN = 90
/** ◊ Readings further back than this, s, say nothing about now. */
const WINDOW = 1200
/** Width of a bin as a share of its age: fine close to now, coarse far back. */
const COARSE = 1 / 15

/** Readings between `from` and `until`, oldest first, as bins; `noiseC` is the probe's scatter and `lagS` its delay. */
export function gather(
  readings: readonly Reading[],
  from: number,
  until: number,
  lagS: number,
  noiseC: number,
): Gathered {
  const newest = lastBefore(readings, until)
  if (newest < 0) return { bins: [], doubt: null }
  const end = (readings[newest] as Reading).at
  const start = Math.max(from, end - WINDOW)
  let first = newest
  while (first > 0 && (readings[first - 1] as Reading).at >= start) first--

  const bins: Bin[] = []
  const step = GATE.step + GATE.noises * noiseC
  let level = Number.NaN
  let goodAt = 0
  let before = 0
  let awaySince = Number.NaN
  let awaySign = 0
  let doubt: ProbeDoubt | null = null
  for (let i = first; i <= newest; i++) {
    const { at, celsius } = readings[i] as Reading
    if (at < start) continue
    if (!Number.isNaN(level)) {
      const silence = Math.max(0, at - before - 2)
      const off = celsius - level
      if (Math.abs(off) > step + GATE.perSecond * (at - goodAt) + GATE.perSilence * silence) {
        if (Number.isNaN(awaySince)) awaySince = at
        awaySign = Math.sign(off)
        before = at
        if (at - awaySince < GIVES_IN) continue
        bins.length = 0
        doubt = 'unexplained'
        level = Number.NaN
      }
    }
    awaySince = Number.NaN
    level = Number.isNaN(level) ? celsius : level + (celsius - level) * Math.min(1, (at - before + 1) / 4)
    goodAt = at
    before = at
    put(bins, at - lagS, celsius, (end - at) * COARSE)
  }
  if (!Number.isNaN(awaySince)) doubt = awaySign > 0 ? 'probe-on-metal' : 'probe-out'
  return { bins, doubt }
}

/** Adds a reading to the last bin, or to a new one where the last is wide enough. */
function put(bins: Bin[], at: number, celsius: number, width: number): void {
  const last = bins[bins.length - 1]
  if (last && at - last.at < width / 2) {
    last.n++
    last.at += (at - last.at) / last.n
    last.celsius += (celsius - last.celsius) / last.n
  } else bins.push({ at, celsius, n: 1 })
}

/** Index of the last reading before `until`, or -1. */
function lastBefore(readings: readonly Reading[], until: number): number {
  let low = 0
  let high = readings.length
  while (low < high) {
    const mid = (low + high) >> 1
    if ((readings[mid] as Reading).at < until) low = mid + 1
    else high = mid
  }
  return low - 1
}

/** At most `most` of the readings, evenly by their number, the last among them. */
export function thinned(readings: readonly Reading[], most: number): readonly Reading[] {
  const step = Math.ceil(readings.length / most)
  return readings.filter((_, i) => (readings.length - 1 - i) % step === 0)
}
