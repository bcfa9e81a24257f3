/** The dial as the syrup feels it: the base stores heat, so a turn arrives late, with the base's time constant. */
import { DIAL_TOP } from '../pot/equipment'

export interface DialTurn {
  readonly at: number
  /** 0 to 10 */
  readonly dial: number
}

interface Row {
  readonly at: number
  readonly level: number
  readonly sum: number
  readonly dial: number
}

export interface FeltDial {
  /** Seconds at full dial felt from the start until `at`. */
  until(at: number): number
  /** Share of full dial felt at `at`, 0 to 1. */
  level(at: number): number
}

/** `turns` oldest first, `tau` in s. */
export function feltDial(turns: readonly DialTurn[], tau: number): FeltDial {
  const rows: Row[] = []
  for (const turn of turns) {
    const last = rows[rows.length - 1]
    rows.push({
      at: turn.at,
      level: last ? levelAt(last, turn.at, tau) : 0,
      sum: last ? sumAt(last, turn.at, tau) : 0,
      dial: turn.dial / DIAL_TOP,
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
      return row && at > row.at ? sumAt(row, at, tau) : (row?.sum ?? 0)
    },
    level(at) {
      const row = rowAt(at)
      return row && at >= row.at ? levelAt(row, at, tau) : 0
    },
  }
}

const levelAt = (row: Row, at: number, tau: number): number =>
  row.dial + (row.level - row.dial) * Math.exp(-(at - row.at) / tau)

const sumAt = (row: Row, at: number, tau: number): number =>
  row.sum + row.dial * (at - row.at) + (row.level - row.dial) * tau * (1 - Math.exp(-(at - row.at) / tau))
