/** Numbers as people write them in a kitchen: "1 ¼", "1 1/4", "2⅔", "half a", "1 to 1½", "1,5". */

export interface Range {
  readonly low: number
  readonly high: number
}

const glyphs: Record<string, number> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
}

/** Whole numbers as words. */
export const numberWords: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
}

const words: Readonly<Record<string, number>> = {
  ...numberWords,
  dozen: 12,
  half: 1 / 2,
  third: 1 / 3,
  quarter: 1 / 4,
}

/** "One-half", "two-thirds": how many of which part, as the source of a pattern. */
export const PARTS_SAID = '(?:one|two|three)-(?:half|halves|thirds?|quarters?|fourths?|eighths?)'
const PARTED = new RegExp(`^${PARTS_SAID}$`)
/** In how many parts the whole is cut, by how its word begins. */
const PARTS: Readonly<Record<string, number>> = { hal: 2, thi: 3, qua: 4, fou: 4, eig: 8 }

const GLYPH = `[${Object.keys(glyphs).join('')}]`
const COUNTED_GLYPH = new RegExp(`^(\\d*)\\s?(${GLYPH})$`)
const WORD = `(?:${PARTS_SAID}|half an?|half|quarter of an?|a quarter|a dozen|${Object.keys(words).join('|')})(?![a-z])`
const PLAIN = `(?:\\d+(?:[.,]\\d+)?)`
/** A number as people write it, as the source of a pattern. */
export const NUMBER = `(?:\\d+\\s+\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s?${GLYPH}|${GLYPH}|${PLAIN}|${WORD})`
const RANGE = new RegExp(`^\\s*(${NUMBER})(?:\\s*(?:-|–|to|or)\\s*(${NUMBER}))?`, 'i')

function one(text: string): number {
  const t = text.trim().toLowerCase()
  const parts = t.match(/^(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)$/)
  if (parts) return Number(parts[1] ?? 0) + Number(parts[2]) / Number(parts[3])
  const [many = '', part = ''] = PARTED.test(t) ? t.split('-') : []
  if (part) return (numberWords[many] as number) / (PARTS[part.slice(0, 3)] as number)
  const glyph = COUNTED_GLYPH.exec(t)
  if (glyph) return Number(glyph[1] || 0) + (glyphs[glyph[2] as string] as number)
  if (/^\d/.test(t)) return Number(t.replace(',', '.'))
  if (t.startsWith('half')) return 0.5
  if (t.includes('quarter')) return 0.25
  if (t.includes('dozen')) return 12
  return words[t] ?? Number.NaN
}

/**
 * Reads a number or a range at the start of `text`. Returns it with the text that follows, or null when there is
 * none, when a denominator is 0 or when the range runs backwards.
 */
export function parseNumber(text: string): { range: Range; rest: string } | null {
  const found = RANGE.exec(text)
  if (!found) return null
  const low = one(found[1] as string)
  const high = found[2] === undefined ? low : one(found[2])
  if (!Number.isFinite(low) || !Number.isFinite(high) || high < low) return null
  return { range: { low, high }, rest: text.slice(found[0].length) }
}

/**
 * A number alone in its box: "1.5", "1,5", "1 480", "½". NaN for anything else, and for "1,480", which is one and a half
 * to one cook and a thousand and more to another.
 */
export function readNumber(text: string): number {
  const typed = text
    .trim()
    .replace(/(?<=\d)[\s\u2009\u202f](?=\d{3}(?!\d))/g, '')
    .replace(/^([-−]?)(?=[.,])/, '$10')
  if (/^[-−]?[1-9]\d{0,2},\d{3}$/.test(typed)) return Number.NaN
  const sign = /^[-−]/.test(typed) ? -1 : 1
  const found = parseNumber(sign < 0 ? typed.slice(1) : typed)
  return found && found.rest.trim() === '' && found.range.low === found.range.high ? sign * found.range.low : Number.NaN
}

/** A figure to its first decimal. */
export const tenths = (n: number): number => Math.round(10 * n) / 10

/** Parts of a whole that are written as one sign. */
const written = ['¼', '⅓', '½', '⅔', '¾'] as const

/** A number as a cook writes it, to a hundredth: "1⅔", "½", "2.4". */
export function numberText(n: number): string {
  const whole = Math.floor(n)
  const glyph = written.find((g) => Math.abs(n - whole - (glyphs[g] as number)) < 0.004)
  return glyph ? `${whole || ''}${glyph}` : String(Math.round(n * 100) / 100)
}
