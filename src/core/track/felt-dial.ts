/** The dial as the syrup feels it: a ring takes its time to follow, and the base stores heat, so a turn arrives late twice over. */
import { DIAL_TOP } from '../pot/equipment'

export interface DialTurn {
  readonly at: number
  /** 0 to 10 */
  readonly dial: number
}

/** How the heat stands at a turn: what is asked from then on, what the ring gives, and what of it is felt; shares of full dial. */
interface Row {
  readonly at: number
  readonly dial: number
  readonly ring: number
  readonly level: number
  /** s at full dial felt by then. */
  readonly sum: number
}

export interface FeltDial {
  /** Seconds at full dial felt from the start until `at`. */
  until(at: number): number
  /** Share of full dial felt at `at`, 0 to 1. */
  level(at: number): number
}

/** Time constants of the base and of the ring, s. */
interface Delays {
  readonly base: number
  readonly ring: number
}

/**
 * `turns` oldest first; `base` and `ring` are their time constants, s. At 0 the pot is taken off the ring, which gives it nothing
 * from then on, however hot it stays.
 */
export function feltDial(turns: readonly DialTurn[], base: number, ring: number): FeltDial {
  // two delays that are quite alike would divide by nothing
  const delays = { base, ring: Math.abs(ring - base) < 0.01 * base ? 1.01 * base : ring }
  const rows: Row[] = []
  for (const { at, dial } of turns) {
    const last = rows[rows.length - 1]
    rows.push({
      at,
      dial: dial / DIAL_TOP,
      ring: dial === 0 || !last ? 0 : ringAt(last, at, delays),
      level: last ? levelAt(last, at, delays) : 0,
      sum: last ? sumAt(last, at, delays) : 0,
    })
  }
  const rowAt = (at: number): Row | undefined => {
    let i = rows.length - 1
    while (i > 0 && (rows[i] as Row).at > at) i--
    return rows[i]
  }
  return {
    until(at) {
      const row = rowAt(at)
      return row && at > row.at ? sumAt(row, at, delays) : (row?.sum ?? 0)
    },
    level(at) {
      const row = rowAt(at)
      return row && at >= row.at ? levelAt(row, at, delays) : 0
    },
  }
}

const ringAt = (row: Row, at: number, { ring }: Delays): number =>
  row.dial + (row.ring - row.dial) * Math.exp(-(at - row.at) / ring)

/** What the ring is still behind by, as the base hands it on. */
const behind = (row: Row, { base, ring }: Delays): number => ((row.ring - row.dial) * ring) / (ring - base)

function levelAt(row: Row, at: number, delays: Delays): number {
  const [base, ring] = [Math.exp(-(at - row.at) / delays.base), Math.exp(-(at - row.at) / delays.ring)]
  return row.dial + (row.level - row.dial) * base + behind(row, delays) * (ring - base)
}

/** Seconds' worth of what fades with `tau` that is gone after so many `seconds`. */
const gone = (seconds: number, tau: number): number => tau * (1 - Math.exp(-seconds / tau))

function sumAt(row: Row, at: number, delays: Delays): number {
  const seconds = at - row.at
  const [base, ring] = [gone(seconds, delays.base), gone(seconds, delays.ring)]
  return row.sum + row.dial * seconds + (row.level - row.dial) * base + behind(row, delays) * (ring - base)
}
