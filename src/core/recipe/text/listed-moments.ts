/** Moments that stand between commas or strokes, one after the other, with arrows between them. */

const ARROW = ' → '

/** "Soak gelatin | sugar, water 112c | cool 90 | deposit": what is done, parted by strokes, and no list. */
const STROKES = /\s+\|\s+/
const FEWEST_STROKES = 3
const WEIGHED =
  /(?:^|\|)\s*[\d¼½¾⅓⅔][\d.,/ ]*\s?(?:k?g|m?l|oz|lbs?|cups?|tbsps?|tsps?)\b|\d\s?(?:k?g|m?l|oz)\s*(?:\||$)/i
/** "Cream 220 | sugar 200": of bare numbers at the end of more than half of them it is a list. */
const ENDS_BARE = /\s\d+(?:[.,]\d+)?$/

/** A line of which strokes part what is done, with arrows in their place; any other line as it is. */
export function strokesAsArrows(line: string): string {
  const pieces = line.split(STROKES)
  const isList = WEIGHED.test(line) || 2 * pieces.filter((piece) => ENDS_BARE.test(piece)).length > pieces.length
  return pieces.length > FEWEST_STROKES && !isList ? pieces.join(ARROW) : line
}

/** ◊ So many pieces are one thing after the other, where a heat or a time stands alone after one that does not. */
const FEWEST_IN_CHAIN = 4
const HEAT_ALONE = /^(?:back (?:up )?to )?[1-3]\d\d(?: ?°? ?[CF])?$/
const HEATED = /\b(?:at|till?|to|until) (?:about )?[1-3]\d\d(?: ?°? ?[CF])?\b/i
/** "Bubble 2 min" */
const TIMED_ALONE = /^(?:boil|bubble|cook|simmer) (?:for )?\d+(?: ?[-–] ?\d+)? ?min\w*$/i
/** "Cream", "vanilla and salt": what goes in by its name alone. */
const NAMED = /^(?!\w+ing\b)\p{L}+(?: (?:\+|&|and) \p{L}+| \p{L}+)?$/u

/**
 * "Sugar to 150 °C, cream in, 118, butter, 122, slab", "melt butter and sugar, bubble 2 min, cream, bubble 1 min": a sentence of such with arrows
 * between its moments; any other as it is. `isTold`: whether words say what is done.
 */
export function commasAsArrows(sentence: string, isTold: (words: string) => boolean): string {
  const pieces = sentence.replace(/\.$/, '').split(/,\s+/)
  const timed = pieces.findIndex((piece) => TIMED_ALONE.test(piece))
  const again = pieces.findIndex((piece, i) => i > timed && TIMED_ALONE.test(piece))
  const isTimed = timed >= 0 && pieces.slice(timed + 1, Math.max(0, again)).some((p) => NAMED.test(p) && !isTold(p))
  const from = isTimed ? timed : pieces.findIndex((piece) => HEATED.test(piece))
  const isHeated = from >= 0 && pieces.some((piece, i) => i > from && HEAT_ALONE.test(piece))
  if (!(isTimed || isHeated) || pieces.length < FEWEST_IN_CHAIN) return sentence
  const isThing = (p: string): boolean => !HEAT_ALONE.test(p) && !isTold(p) && !/\bin\b/.test(p)
  // what stands side by side between two moments goes in together
  return `${pieces.reduce((all, piece, i) => {
    const isBeside = i > from + 1 && isThing(pieces[i - 1] as string) && isThing(piece)
    return `${all}${i <= from || isBeside ? ', ' : ARROW}${piece}`
  })}${sentence.endsWith('.') ? '.' : ''}`
}
