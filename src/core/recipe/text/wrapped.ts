/** A text that was broken into rows of one width, as a letter or a printed page is, put together again. */
import { beginsDone } from '../sentence/endings'
import { ARROW } from './shorthand'

/** ◊ No page is narrower or wider than that, letters, but a column whose words are parted; no row of prose is shorter, where it is broken. */
const WIDTH = { least: 40, most: 130, leastParted: 24 }
const PROSE = 48
/** ◊ Nor shorter than so much of a column. */
const OF_COLUMN = 0.6
/** ◊ The longest row of a few is so much of the width they were broken at. */
const NEAR = 0.85

/** What begins a row of its own: a bullet, the number of a step, a mark. */
const BEGINS = /^\s*(?:[-–—*•·▢□#|>[]|\d{1,2}[.)]\s|\(\w\)\s|step\s+\d|(?:n\.?b\.?|notes?|ps|tips?)\s*:)/i
/** How a row ends that goes on. */
const GOES_ON =
  /(?:\b(?:a|an|and|the|of|or|to|in|into|for|with|at|on|onto|until|till|over|from|about|by|is|it|but|than|then)|[,;&+–—])$/i
/** A row begins so that goes on, where the one before it is full and at no end. */
const BEGINS_MIDWAY = /^\s*[\p{Ll}°º(\d]/u
/** No row of its own ends so. */
const ENDS_MIDWAY = /\b(?:a|an|and|the|of|or|into|for|with|onto|until|till|from|by)$/i
const ENDS = /[.!?]["”’)]*$/
const BEGINS_SMALL = /^\s*[\p{Ll}°º]/u
const BEGINS_OTHER = /^\s*[\p{Lu}\d¼½¾⅓⅔(]/u
/** A row that is a line of a list, as far as its ends tell. */
const IS_LINE = /^\s*(?!\d{1,2}[.)]\s)[\d¼½¾⅓⅔]|\d\s?(?:k?g|m?l|oz|lbs?|tbsp|tsp|cups?|%)\.?\s*$/i

/** "one-", with "half cupful" in the next row: a word that was parted; and what a hyphen stands behind wherever a row ends. */
const PARTED = /\p{L}{2,}-$/u
const KEEPS_HYPHEN =
  /\b(?:candy|corn|double|firm|half|hard|heavy|high|low|medium|non|one|quarter|self|semi|soft|three|two|well)-$/i

/** Two rows as one. */
function together(row: string, next: string): string {
  const before = row.trimEnd()
  if (!PARTED.test(before)) return `${before} ${next.trim()}`
  return `${KEEPS_HYPHEN.test(before) ? before : before.slice(0, -1)}${next.trim()}`
}

/** How long a row would be with the first word of the next. */
const reach = (row: string, next: string): number =>
  row.trimEnd().length + 1 + (next.trim().split(/\s/)[0] as string).length

const isParted = (row: string, next: string): boolean => PARTED.test(row.trimEnd()) && BEGINS_SMALL.test(next)

/** Whether a row goes on in the next: a break that a width asked for, where it is so wide. */
function goesOn(row: string, next: string, width: number, prose: number): boolean {
  const text = row.trimEnd()
  // shorthand is a row of its own, however wide
  if (
    !text ||
    !next.trim() ||
    BEGINS.test(next) ||
    ARROW.test(text) ||
    HEADS.test(text) ||
    (AT_HEAT.test(text) && BEGINS_OFF.test(next)) ||
    (IS_LINE.test(text) && IS_LINE.test(next))
  )
    return false
  if (isParted(text, next)) return true
  const isFull = reach(row, next) > width
  if (BEGINS_SMALL.test(next) || GOES_ON.test(text))
    return isFull || (text.length >= prose && reach(row, next) > NEAR * width)
  const isProse = text.length >= prose && !IS_LINE.test(text)
  return isFull && (ENDS.test(text) ? !IS_LINE.test(next) : isProse && BEGINS_OTHER.test(next))
}

/** "Ingr. (for 48 cups, 12 g of caramel each)" */
const HEADS = /^\s*ingr(?:edients?|eds?)?\.?\s*\([^)]*\)\s*:?$/i
/** "… to 150C" and, in a row of its own, "off heat, the soda in" */
const AT_HEAT = /\d ?[°º]? ?[CF]?$/i
const BEGINS_OFF = /^\s*off\b/i
const WAITS = /^\s*(?:leave|let|rest|wait)\b/i

/** ◊ Where most rows begin small, as in notes, so many have to go on before any does. */
const FEWEST_IN_NOTES = 3

/** Rows without the breaks that only a width asked for; as they are, where no sentence is broken. */
export function unwrapped(rows: readonly string[]): string[] {
  const width = Math.max(...rows.map((row) => row.trimEnd().length))
  const isColumn = rows.some((row, i) => isParted(row, rows[i + 1] ?? ''))
  const prose = isColumn ? Math.min(PROSE, OF_COLUMN * width) : PROSE
  const isNotes = 2 * rows.filter((row) => BEGINS_SMALL.test(row)).length > rows.filter((row) => row.trim()).length
  // of notes each row that says what is done is one by itself, however it begins
  const isAlone = (row: string): boolean => isNotes && (beginsDone(row.trim()) || WAITS.test(row))
  const joins = (i: number): boolean =>
    i > 0 && !isAlone(rows[i] as string) && goesOn(rows[i - 1] as string, rows[i] as string, width, prose)
  const isMidway = (i: number): boolean =>
    joins(i) &&
    (BEGINS_MIDWAY.test(rows[i] as string) || ENDS_MIDWAY.test((rows[i - 1] as string).trimEnd())) &&
    !ENDS.test((rows[i - 1] as string).trimEnd())
  const fewest = isNotes ? FEWEST_IN_NOTES : 1
  const least = isColumn ? WIDTH.leastParted : WIDTH.least
  if (width < least || width > WIDTH.most || rows.filter((_, i) => isMidway(i)).length < fewest) return [...rows]
  const out: string[] = []
  for (const [i, row] of rows.entries()) {
    if (joins(i)) out.push(together(out.pop() as string, row))
    else out.push(row)
  }
  return out
}
