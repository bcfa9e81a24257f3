/** Finds a clear place for every label of a drawing. */

/** px, from its top left corner. */
export interface Box {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** One way to write a label: its words, how much room they take, and where they could stand, the best place first. */
export interface Form {
  readonly text: string
  readonly width: number
  readonly height: number
  readonly spots: readonly { readonly x: number; readonly y: number }[]
}

export interface Label {
  readonly id: string
  readonly forms: readonly Form[]
}

export interface Placed extends Box {
  readonly text: string
}

/** px between a label and anything else. */
const AIR = 6

const meet = (a: Box, b: Box): boolean =>
  a.x < b.x + b.width + AIR && b.x < a.x + a.width + AIR && a.y < b.y + b.height && b.y < a.y + a.height

const holds = (outer: Box, b: Box): boolean =>
  b.x >= outer.x && b.y >= outer.y && b.x + b.width <= outer.x + outer.width && b.y + b.height <= outer.y + outer.height

/**
 * Places `labels`, the most important first, each in the first of its places that is inside `frame` and meets nothing of
 * what is `taken` or placed already. One that fits nowhere is left out.
 */
export function placeLabels(labels: readonly Label[], taken: readonly Box[], frame: Box): ReadonlyMap<string, Placed> {
  const placed = new Map<string, Placed>()
  const filled = [...taken]
  for (const { id, forms } of labels) {
    const found = forms
      .flatMap(({ text, width, height, spots }) => spots.map((spot) => ({ text, width, height, ...spot })))
      .find((box) => holds(frame, box) && !filled.some((other) => meet(box, other)))
    if (!found) continue
    placed.set(id, found)
    filled.push(found)
  }
  return placed
}

/** ◊ Width of a letter of the house's font, as a share of its size: a little more than the mean. */
const LETTER = 0.58

/** How wide words are, px, near enough to keep them apart; without a browser to measure them. */
export const textWidth = (text: string, size: number): number => text.length * size * LETTER

/** Words that are at most `width` px wide, cut at a word with a mark that they were. */
export const fitted = (text: string, size: number, width: number): string =>
  textWidth(text, size) <= width
    ? text
    : `${text.slice(0, Math.max(1, Math.floor(width / (size * LETTER)) - 1)).replace(/\s+\S*$/, '')}…`
