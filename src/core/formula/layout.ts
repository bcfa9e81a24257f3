/** Pieces laid out on a tray: straight knife cuts from edge to edge, or a round cutter in rows. */
import type { Shape } from './document'
import { roundPan } from './round-pan'
import { type TrayMeasures, trayArea } from './tray'

export interface Rect {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

export interface Layout {
  /** How many pieces there are. */
  readonly count: number
  /**
   * Where each piece lies, mm from a corner of the tray; a round piece by the square it fits in. Empty where there are
   * more than anybody could tell apart.
   */
  readonly places: readonly Rect[]
  readonly round: boolean
  /** Share of the tray that becomes pieces, 0 to 1. */
  readonly used: number
}

/** Rounds away what binary fractions add, so that 3 × 100.1 fits 300.3. */
const SLACK = 1e-6
const fits = (room: number, each: number): number => Math.floor(room / each + SLACK)

/** What cuts these pieces out of this tray. @throws RangeError for a tray or piece without size. */
function cutterFor(shape: Extract<Shape, { kind: 'cut' }>, { lengthMm, widthMm, round }: TrayMeasures): Cutter {
  if (!(lengthMm > 0 && widthMm > 0 && shape.lengthMm > 0 && shape.widthMm > 0))
    throw new RangeError('A tray and a piece have a length and a width')
  const trim = 2 * (shape.trimMm ?? 0)
  const [long, wide] = [lengthMm - trim, widthMm - trim]
  if (long <= 0 || wide <= 0) return NOTHING
  const cutter = round
    ? roundPan(long, shape.lengthMm, shape.widthMm, shape.round ?? false)
    : shape.round
      ? roundCutter(shape.lengthMm)
      : knife(shape.lengthMm, shape.widthMm, Math.max(long, wide))
  if (trim === 0) return cutter
  // the edge by the bar is trimmed like the others
  const moved = (p: Rect): Rect => ({ ...p, x: p.x + trim / 2, y: p.y + trim / 2 })
  return {
    count: (l, w) => (l > trim ? cutter.count(l - trim, w - trim) : 0),
    places: (l, w) => (l > trim ? cutter.places(l - trim, w - trim).map(moved) : []),
  }
}

const NOTHING: Cutter = { count: () => 0, places: () => [] }

/** How a layout is cut that is nothing but strips, each into as many pieces; null where it is not. */
export function stripsOf({ places, round }: Layout): { readonly strips: number; readonly each: number } | null {
  const strips = new Map<number, number>()
  for (const p of places) strips.set(Math.round(10 * p.y), (strips.get(Math.round(10 * p.y)) ?? 0) + 1)
  const each = [...strips.values()]
  const [first] = places
  const alike = places.every((p) => p.w === first?.w && p.h === first.h) && each.every((n) => n === each[0])
  return alike && !round && each[0] !== undefined ? { strips: strips.size, each: each[0] } : null
}

/**
 * The most pieces of `shape` a tray gives up to a bar `upTo` mm along it, with where they lie.
 * Knife cuts run from edge to edge of what is being cut (guillotine cuts); pieces may lie either way round.
 * @throws RangeError for a tray or piece without size.
 */
export function layoutOf(
  shape: Extract<Shape, { kind: 'cut' }>,
  tray: TrayMeasures,
  upTo: number = tray.lengthMm,
): Layout {
  const { count, places } = cutterFor(shape, tray)
  const pieces = count(upTo, tray.widthMm)
  const each = shape.round ? (Math.PI * shape.lengthMm ** 2) / 4 : shape.lengthMm * shape.widthMm
  return {
    count: pieces,
    places: pieces > MOST_PLACES ? [] : places(upTo, tray.widthMm),
    round: shape.round ?? false,
    used: (pieces * each) / trayArea(tray, upTo),
  }
}

/** ◊ More pieces than this on one tray are counted, not placed one by one. */
const MOST_PLACES = 5000

/** Takes pieces out of a slab of a length, and of the width of its tray. */
export interface Cutter {
  /** Most pieces out of a slab. */
  count(length: number, width: number): number
  places(length: number, width: number): Rect[]
}

/** Rows of circles: straight rows, or rows that sit in each other's gaps, along either side. The most wins. */
function roundCutter(d: number): Cutter {
  const ways = (length: number, width: number) => [
    { count: fits(length, d) * fits(width, d), places: () => gridPlaces(d, d, length, width) },
    { count: gappedCount(d, length, width), places: () => gappedRows(d, length, width) },
    {
      count: gappedCount(d, width, length),
      places: () => gappedRows(d, width, length).map((p) => ({ ...p, x: p.y, y: p.x })),
    },
  ]
  const best = (length: number, width: number) =>
    ways(length, width).reduce((most, way) => (way.count > most.count ? way : most))
  return { count: (l, w) => best(l, w).count, places: (l, w) => best(l, w).places() }
}

const rowsIn = (d: number, width: number): number =>
  width + SLACK < d ? 0 : 1 + fits(width - d, (d * Math.sqrt(3)) / 2)

function gappedCount(d: number, length: number, width: number): number {
  const rows = rowsIn(d, width)
  return Math.ceil(rows / 2) * fits(length, d) + Math.floor(rows / 2) * Math.max(0, fits(length - d / 2, d))
}

function gappedRows(d: number, length: number, width: number): Rect[] {
  const step = (d * Math.sqrt(3)) / 2
  return Array.from({ length: rowsIn(d, width) }, (_, row) => {
    const indent = row % 2 === 1 ? d / 2 : 0
    return Array.from({ length: Math.max(0, fits(length - indent, d)) }, (_, i) => ({
      x: indent + i * d,
      y: row * step,
      w: d,
      h: d,
    }))
  }).flat()
}

function gridPlaces(a: number, b: number, length: number, width: number, x = 0, y = 0): Rect[] {
  return Array.from({ length: fits(length, a) }, (_, i) =>
    Array.from({ length: fits(width, b) }, (_, j) => ({ x: x + i * a, y: y + j * b, w: a, h: b })),
  ).flat()
}

interface Cut {
  readonly count: number
  /** Cut the length at this measure, or the width; neither: a plain grid, as cut or turned. */
  readonly along?: 'length' | 'width'
  readonly at?: number
  readonly turned?: boolean
}

/** ◊ Distinct cuts looked at along one side; a finer tray is cut as a plain grid with one strip turned. */
const MOST_CUTS = 90

/** ◊ Places to cut along one side; where there are more, pieces are so small that rows lose next to nothing. */
const MOST_SUMS = 2000

/** The best way to cut slabs up to `longest` either way into pieces of `a` × `b`. */
const knife = (a: number, b: number, longest: number): Cutter =>
  (fits(longest, a) * fits(longest, b)) / 2 > MOST_SUMS ? rowCutter(a, b) : searchCutter(a, b, longest)

/** Rows of pieces one way round, and rows of turned pieces in what is left of the width or of the length. */
function rowCutter(a: number, b: number): Cutter {
  /** So many rows as cut, the rest turned, with the most pieces. */
  const best = (l: number, w: number): { rows: number; count: number } => {
    let found = { rows: 0, count: -1 }
    for (let rows = 0; rows <= fits(w, b); rows++) {
      const count = rows * fits(l, a) + fits(w - rows * b, a) * fits(l, b)
      if (count > found.count) found = { rows, count }
    }
    return found
  }
  return {
    count: (l, w) => best(l, w).count,
    places(l, w) {
      const high = best(l, w).rows * b
      return [...gridPlaces(a, b, l, high), ...gridPlaces(b, a, l, w - high, 0, high)]
    },
  }
}

/**
 * Best guillotine cutting: every cut at a sum of piece sides is tried, and each remnant remembered for all slabs cut with
 * this knife.
 */
function searchCutter(a: number, b: number, longest: number): Cutter {
  const sums = sumsUpTo(a, b, longest)
  const deep = sums.length <= MOST_CUTS
  const snap = (room: number): number => largestUpTo(sums, room + SLACK)
  const known = new Map<string, Cut>()

  function best(l: number, w: number, first: boolean): Cut {
    const key = `${l} ${w} ${first || deep}`
    const seen = known.get(key)
    if (seen) return seen
    const plain = fits(l, a) * fits(w, b)
    const turned = fits(l, b) * fits(w, a)
    let found: Cut = turned > plain ? { count: turned, turned: true } : { count: plain }
    const ceiling = fits(l * w, a * b)
    const tryCut = (along: 'length' | 'width', at: number): void => {
      const count =
        along === 'length'
          ? best(snap(at), w, false).count + best(snap(l - at), w, false).count
          : best(l, snap(at), false).count + best(l, snap(w - at), false).count
      if (count > found.count) found = { count, along, at }
    }
    if (deep || first)
      for (const at of sums) {
        if (found.count >= ceiling || at > Math.max(l, w) / 2 + SLACK) break
        if (at > 0 && at <= l / 2 + SLACK) tryCut('length', at)
        if (at > 0 && at <= w / 2 + SLACK) tryCut('width', at)
      }
    known.set(key, found)
    return found
  }

  function place(l: number, w: number, x: number, y: number, first: boolean): Rect[] {
    const cut = best(l, w, first)
    if (cut.count === 0) return []
    if (cut.along === 'length' && cut.at !== undefined)
      return [...place(snap(cut.at), w, x, y, false), ...place(snap(l - cut.at), w, x + cut.at, y, false)]
    if (cut.along === 'width' && cut.at !== undefined)
      return [...place(l, snap(cut.at), x, y, false), ...place(l, snap(w - cut.at), x, y + cut.at, false)]
    return cut.turned ? gridPlaces(b, a, l, w, x, y) : gridPlaces(a, b, l, w, x, y)
  }

  return {
    count: (l, w) => best(snap(l), snap(w), true).count,
    places: (l, w) => place(snap(l), snap(w), 0, 0, true),
  }
}

/** How many pieces a slab of any length up to the tray's gives, at the tray's width: for finding where a bar goes. */
export function piecesByLength(shape: Extract<Shape, { kind: 'cut' }>, tray: TrayMeasures): (length: number) => number {
  const { count } = cutterFor(shape, tray)
  return (length) => (length > 0 ? count(length, tray.widthMm) : 0)
}

/** The largest of `rising` that is not above `most`; 0 for none. */
function largestUpTo(rising: readonly number[], most: number): number {
  let low = -1
  let high = rising.length
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if ((rising[middle] as number) <= most) low = middle
    else high = middle
  }
  return rising[low] ?? 0
}

/** Every i·a + j·b up to `most`, rising, with 0. */
function sumsUpTo(a: number, b: number, most: number): number[] {
  const sums = new Set<number>()
  for (let i = 0; i <= fits(most, a); i++)
    for (let j = 0; j <= fits(most - i * a, b); j++) sums.add(Math.round((i * a + j * b) * 1e6) / 1e6)
  return [...sums].sort((p, q) => p - q)
}
