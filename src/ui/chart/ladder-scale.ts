/** The ladder's scale and paint: one vertical temperature axis, stretched where it matters. */

import { colourStages, type Stage } from '@/core'
import { colourNames, stageNames } from '@/words'
import { alongRamp, linear, throughKnots } from './scale'

/** How much room ten degrees get from each temperature up to the next. */
const room: readonly (readonly [from: number, perTen: number])[] = [
  [0, 0.1],
  [100, 1.2],
  [110, 1.5],
  [120, 1.3],
  [130, 1.1],
  [140, 1.0],
  [150, 0.85],
  [160, 0.6],
  [170, 0.5],
  [180, 0.45],
  [210, 0.45],
]

/** Height of `celsius` on a ladder without ends. */
function height(celsius: number): number {
  let sum = 0
  for (const [i, [from, perTen]] of room.entries()) {
    const to = room[i + 1]?.[0] ?? Number.POSITIVE_INFINITY
    sum += (perTen * Math.max(0, Math.min(celsius, to) - from)) / 10
  }
  return sum
}

export type LadderScale = (celsius: number) => number

/** Maps °C to pixels from `bottom` (at `low`) up to `top` (at `high`). */
export function ladderScale(low: number, high: number, bottom: number, top: number): LadderScale {
  const y = linear([height(low), height(high)], [bottom, top])
  return (celsius) => y(height(Math.min(high, Math.max(low, celsius))))
}

const RAMP = [
  '#f6f1e4',
  '#f4ead0',
  '#f3e1b3',
  '#f0d490',
  '#ebc168',
  '#e0a447',
  '#cb8230',
  '#b4692a',
  '#8c4720',
  '#5b2a17',
  '#2e1510',
]
const RAMP_AT = throughKnots([100, 116, 132, 150, 165, 178, 195], [0, 0.2, 0.4, 0.56, 0.72, 0.86, 1])
const paint = alongRamp(RAMP)

/** The colour sugar takes on its way to `celsius`. */
export const sugarColour = (celsius: number): string => paint(RAMP_AT(celsius))

export interface Band {
  readonly label: string
  readonly from: number
  readonly to: number
  readonly colour: string
}

/** The bands of a ladder: this syrup's own cold-water stages, and above them the colours. */
export function bandsOf(stages: readonly Stage[], low: number, high: number): Band[] {
  const starts = [
    ...stages.map((s) => ({ label: stageNames[s.id], from: s.from })),
    ...colourStages.map((c) => ({ label: colourNames[c.id], from: c.celsius })),
  ]
  return starts.flatMap(({ label, from }, i) => {
    const a = Math.max(low, from)
    const b = Math.min(high, starts[i + 1]?.from ?? high)
    return b - a > 0.2 ? [{ label, from: a, to: b, colour: sugarColour((a + b) / 2) }] : []
  })
}

/** Moves label centres apart so that none is nearer than `gap` to the next; order is kept. Heights in pixels. */
export function spread(wanted: readonly number[], gap: number, top: number, bottom: number): number[] {
  const order = wanted.map((y, i) => ({ y, i })).sort((a, b) => a.y - b.y)
  for (let pass = 0; pass < 60; pass++) {
    let moved = false
    for (let k = 1; k < order.length; k++) {
      const a = order[k - 1] as { y: number }
      const b = order[k] as { y: number }
      const short = gap - (b.y - a.y)
      if (short > 0.01) {
        a.y -= short / 2
        b.y += short / 2
        moved = true
      }
    }
    for (const o of order) o.y = Math.min(bottom, Math.max(top, o.y))
    if (!moved) break
  }
  const out = new Array<number>(wanted.length)
  for (const o of order) out[o.i] = o.y
  return out
}
