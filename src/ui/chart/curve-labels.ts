/** What is written on a cook curve, and where it stands so that nothing lies on anything else. */
import { inCelsiusStep, type Reading } from '@/core'
import type { Say } from '@/words'
import type { CurveProps, Mark } from './cook-curve'
import { type Band, type LadderScale, spread } from './ladder-scale'
import { type Box, type Form, type Label, type Placed, placeLabels, textWidth } from './place-labels'

export interface Plot {
  readonly x: (s: number) => number
  readonly y: LadderScale
  /** The edges of the plot, px; the words of events stand below it. */
  readonly start: number
  readonly end: number
  readonly top: number
  readonly bottom: number
}

/** Sizes of type, as the tokens have them. */
const SMALL = 14
const FINE = 13
/** A line of words. */
const LINE = 17
/** Rows under the curve for what was done. */
const ROWS = 3
/** px from a line across to the words that go with it. */
const OFF = 6
/** px along a line between two places for its words. */
const STRIDE = 28

export const PILL = { height: 26, sides: 11, off: 22 } as const

/** Temperature of the reading nearest in time; null without readings. */
export function celsiusAt(readings: readonly Reading[], at: number): number | null {
  let low = 0
  let high = readings.length - 1
  if (high < 0) return null
  while (high - low > 1) {
    const mid = (low + high) >> 1
    if ((readings[mid] as Reading).at <= at) low = mid
    else high = mid
  }
  const a = readings[low] as Reading
  const b = readings[high] as Reading
  return Math.abs(a.at - at) < Math.abs(b.at - at) ? a.celsius : b.celsius
}

/** px to a box of a curve. */
const GRAIN = 8

/** ◊ Points put on a long stroke: it leans, and one box of it would be half the plot. */
const ON_STROKE = 40

/** A line with points all along it, however far apart those it goes through. */
function dense(points: readonly Reading[], { x }: Plot): Reading[] {
  return points.flatMap((p, i) => {
    const before = points[i - 1]
    if (!before || x(p.at) - x(before.at) < GRAIN) return [p]
    return Array.from({ length: ON_STROKE }, (_, k) => {
      const share = (k + 1) / ON_STROKE
      return {
        at: before.at + (p.at - before.at) * share,
        celsius: before.celsius + (p.celsius - before.celsius) * share,
      }
    })
  })
}

/** A line as boxes that no word may stand on. */
function boxesOf(line: readonly Reading[], plot: Plot): Box[] {
  const { x, y } = plot
  const points = dense(line, plot)
  const boxes: Box[] = []
  let [fromX, low, high] = [Number.NaN, 0, 0]
  for (const p of points) {
    const [px, py] = [x(p.at), y(p.celsius)]
    if (Number.isNaN(fromX)) [fromX, low, high] = [px, py, py]
    low = Math.min(low, py)
    high = Math.max(high, py)
    if (px - fromX < GRAIN && p !== points.at(-1)) continue
    boxes.push({ x: fromX - 3, y: low - 3, width: px - fromX + 6, height: high - low + 6 })
    ;[fromX, low, high] = [px, py, py]
  }
  return boxes
}

/** Along a line across at `y`: over and under it, from the right to the left. */
function alongLine(text: string, y: number, plot: Plot, sides: readonly ('over' | 'under')[]): Form {
  const width = textWidth(text, SMALL)
  const places: number[] = []
  for (let x = plot.end - 8 - width; x > plot.start; x -= STRIDE) places.push(x)
  const tops = sides.map((side) => (side === 'over' ? y - OFF - LINE + 2 : y + OFF - 2))
  return { text, width, height: LINE, spots: tops.flatMap((top) => places.map((x) => ({ x, y: top }))) }
}

/** Beside a point: straight over it, under it, then further off, each with a shift to a side. */
function besidePoint(text: string, x: number, y: number): Form {
  const width = textWidth(text, FINE) + 2 * PILL.sides
  const rises = [-PILL.off - PILL.height, PILL.off, -PILL.off - 2 * PILL.height, PILL.off + PILL.height]
  const shifts = [-0.5, -1, 0, -1.4, 0.4]
  return {
    text,
    width,
    height: PILL.height,
    spots: rises.flatMap((dy) => shifts.map((share) => ({ x: x + share * width, y: y + dy }))),
  }
}

function underPlot({ id, at, text }: Mark, { x, bottom }: Plot): Label {
  const width = textWidth(text, FINE)
  const rows = Array.from({ length: ROWS }, (_, row) => bottom + 4 + row * LINE)
  const spots = [x(at) + 3, x(at) - 3 - width].flatMap((left) => rows.map((top) => ({ x: left, y: top })))
  return { id: `mark ${id}`, forms: [{ text, width, height: LINE - 1, spots }] }
}

function namesOf(bands: readonly Band[], target: number, { y, start, top }: Plot): Label[] {
  const centres = spread(
    bands.map((b) => {
      const to = b.from < target && target < b.to ? target : b.to
      return (y(b.from) + y(to)) / 2
    }),
    LINE,
    top + 8,
    y(96),
  )
  return bands.map(({ label }, i) => {
    const middle = (centres[i] as number) - LINE / 2
    const width = textWidth(label, SMALL)
    const spots = [0, 3, -3, 6, -6, 9, -9].map((dy) => ({ x: start + 10, y: middle + dy }))
    return { id: `stage ${label}`, forms: [{ text: label, width, height: LINE - 1, spots }] }
  })
}

/** The temperature of the next step, where that is not the pull. */
export const nextOf = ({ nextC, target }: CurveProps): number | null =>
  nextC !== null && Math.abs(nextC - target) > 0.6 ? nextC : null

/** The temperature at which to pull, where it is not the target itself; null where the next step is something else. */
export const pullOf = (props: CurveProps): number | null =>
  props.forecast && nextOf(props) === null ? props.forecast.pullAt : null

/** Everything written on the curve, which is `drawn` so, by what it is; what has no clear place is not there. */
export function labelsOf(
  props: CurveProps,
  drawn: readonly Reading[],
  bands: readonly Band[],
  plot: Plot,
  say: Say,
): ReadonlyMap<string, Placed> {
  const { target, within, targetText, readings, marks, path, here, way } = props
  const { x, y, start, end, bottom } = plot
  const [pull, next] = [pullOf(props), nextOf(props)]
  const across = (celsius: number): Box => ({ x: start, y: y(celsius) - 1, width: end - start, height: 3 })
  const pointOf = (m: Mark): number => y(celsiusAt(readings, m.at) ?? 0)
  const taken: Box[] = [
    ...boxesOf(drawn, plot),
    ...boxesOf(path, plot),
    ...boxesOf(way, plot),
    ...(here ? [{ x: x(here.at) - 9, y: y(here.celsius) - 9, width: 18, height: 18 }] : []),
    across(target),
    ...[pull, next].flatMap((c) => (c === null ? [] : [across(c)])),
    ...marks
      .filter((m) => !m.test)
      .map((m) => ({ x: x(m.at) - 1, y: pointOf(m), width: 2, height: Math.max(0, bottom - pointOf(m)) })),
  ]
  const short = targetText.split(' · ')[0] ?? targetText
  const pullText =
    pull === null ? '' : `pull here: the pan carries ${say.step(inCelsiusStep(Math.max(0, target - pull)))}`
  const labels: Label[] = [
    {
      id: 'target',
      forms: [targetText, short].flatMap((text) => [
        alongLine(text, y(target + within), plot, ['over']),
        alongLine(text, y(target - within), plot, ['under']),
      ]),
    },
    ...(pull === null
      ? []
      : [
          {
            id: 'pull',
            forms: [pullText, 'pull here'].map((text) =>
              alongLine(text, Math.max(y(pull), y(target - within)), plot, ['under']),
            ),
          },
        ]),
    ...(next === null ? [] : [{ id: 'next', forms: [alongLine('next step here', y(next), plot, ['over', 'under'])] }]),
    ...marks
      .filter((m) => m.test)
      .map((m) => ({ id: `mark ${m.id}`, forms: [besidePoint(m.text, x(m.at), pointOf(m))] })),
    ...namesOf(bands, target, plot),
  ]
  const done = marks.filter((m) => !m.test).toReversed()
  const on = placeLabels(labels, taken, {
    x: start,
    y: plot.top - 14,
    width: end - start,
    height: bottom - plot.top + 14,
  })
  const under = placeLabels(
    done.map((m) => underPlot(m, plot)),
    [],
    { x: start - 40, y: bottom, width: end - start + 60, height: 4 + ROWS * LINE },
  )
  return new Map([...on, ...under])
}
