/** Pieces out of a round pan or ring: strips across it, each cut crosswise by itself, or a round cutter in rows. */
import type { Cutter, Rect } from './layout'

/** ◊ Places the first strip is tried at, as parts of a strip. */
const SHIFTS = 8
const SLACK = 1e-6

/** A row of pieces: where it begins along the pan, how many there are, and how far apart. */
interface Row {
  readonly x: number
  readonly y: number
  readonly count: number
}

/** One way to cut: pieces of `w` × `h`, `w` apart in their row. */
interface Way {
  readonly w: number
  readonly h: number
  rows(bar: number): Row[]
}

const countOf = (rows: readonly Row[]): number => rows.reduce((sum, r) => sum + r.count, 0)

/** Half of the chord of a circle of radius `r` at `y` from its middle, 0 outside it. */
const halfChord = (r: number, y: number): number => Math.sqrt(Math.max(0, r * r - y * y))

/** Strips of height `h` from `y` on, cut into lengths of `w` as far as they stay within the rim and before the bar. */
function strips(d: number, w: number, h: number, shift: number): Way {
  const r = d / 2
  return {
    w,
    h,
    rows(bar) {
      const rows: Row[] = []
      for (let y = shift * h - Math.ceil(r / h) * h; y + h <= r + SLACK; y += h) {
        if (y < -r - SLACK) continue
        const half = halfChord(r, Math.max(Math.abs(y), Math.abs(y + h)))
        const end = Math.min(half, bar - r)
        const count = Math.floor((end + half) / w + SLACK)
        if (count > 0) rows.push({ x: r - half, y: r + y, count })
      }
      return rows
    },
  }
}

/** Rounds of `e` across on a lattice: rows `step` apart, every other one moved by `gap`. */
function rounds(d: number, e: number, step: number, gap: number, shiftX: number, shiftY: number): Way {
  const r = d / 2
  const reach = r - e / 2
  return {
    w: e,
    h: e,
    rows(bar) {
      const rows: Row[] = []
      const first = Math.ceil(-reach / step - shiftY - SLACK)
      for (let i = first; (i + shiftY) * step <= reach + SLACK; i++) {
        const y = (i + shiftY) * step
        const half = halfChord(reach, y)
        const from = shiftX * e + (Math.abs(i) % 2) * gap
        const start = Math.ceil((-half - from) / e - SLACK)
        const end = Math.floor((Math.min(half, bar - r - e / 2) - from) / e + SLACK)
        if (end >= start) rows.push({ x: r + from + start * e - e / 2, y: r + y - e / 2, count: end - start + 1 })
      }
      return rows
    },
  }
}

const shifts = Array.from({ length: SHIFTS }, (_, i) => i / SHIFTS)

/** The best of many ways to cut a round pan of diameter `d`, mm, into pieces of `a` × `b`, or rounds of `a` across. */
export function roundPan(d: number, a: number, b: number, round: boolean): Cutter {
  const ways: readonly Way[] = round
    ? [
        { step: a, gap: 0 },
        { step: (a * Math.sqrt(3)) / 2, gap: a / 2 },
      ].flatMap(({ step, gap }) =>
        [0, 0.25, 0.5, 0.75].flatMap((x) => [0, 0.25, 0.5, 0.75].map((y) => rounds(d, a, step, gap, x, y))),
      )
    : shifts.flatMap((shift) => [strips(d, a, b, shift), strips(d, b, a, shift)])
  const best = (bar: number) =>
    ways.reduce(
      (most, way) => {
        const rows = way.rows(bar)
        const count = countOf(rows)
        return count > most.count ? { way, rows, count } : most
      },
      { way: ways[0] as Way, rows: [] as Row[], count: 0 },
    )
  return {
    count: (bar) => best(bar).count,
    places(bar) {
      const { way, rows } = best(bar)
      return rows.flatMap(({ x, y, count }) =>
        Array.from({ length: count }, (_, i): Rect => ({ x: x + i * way.w, y, w: way.w, h: way.h })),
      )
    },
  }
}
