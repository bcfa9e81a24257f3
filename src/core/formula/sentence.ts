/** Sentences as they are written: how long they say something goes on, and how they are shown. */
import { numberWords, parseNumber } from '../quantity/number'

const NUMBERS = Object.keys(numberWords).join('|')
const SECONDS: Readonly<Record<string, number>> = { s: 1, m: 60, h: 3600, d: 86400 }
/** ◊ A night, s. */
const OVERNIGHT = 8 * 3600
const TIME = new RegExp(
  `(?<![\\d./])(?!an? second\\b)(half an|(?:a )?(?:good |full )?quarter of an|three[- ]quarters of an|a couple of|(?:\\d+|${NUMBERS}) and a (?:half|quarter)|\\d+ \\d\\/\\d|\\d+\\/\\d+|(?:\\d+ ?)?[¼½¾]|\\d+(?:\\.\\d+)?|${NUMBERS})(?:\\s*(?:–|-|to|or)\\s*(?:\\d+ \\d\\/\\d|(?:\\d+ ?)?[¼½¾]|\\d+(?:\\.\\d+)?|${NUMBERS}))?\\s*(?:more\\s+)?(seconds?|secs?|(?<=(?<!\\d{3})\\d ?)s|minutes?|mins?|hours?|hrs?|h|days?)(?:\\b|(?<=h)(?=\\d\\d\\b))`,
  'gi',
)

/** "Every 15 minutes", "for the last 30 seconds", "2 min max", "2 s apart": nobody waits for so long. */
const LIMITED =
  /\b(?:every|within|(?:for|in) the (?:last|first)|no (?:more|longer) than|not more than|up to|less than|under) (?:about )?$/i
const AT_MOST = /^ ?(?:apart\b|between\b|max\b|maximum|at most|at the most|tops\b|or less)/i

/** The first time of a sentence that something goes on for; undefined for none. */
export const timeIn = (sentence: string): RegExpExecArray | undefined =>
  [...sentence.matchAll(TIME)].find(
    ({ index, 0: said }) =>
      !LIMITED.test(sentence.slice(0, index)) && !AT_MOST.test(sentence.slice(index + said.length)),
  )

/** How long a sentence says, s, the shorter end of a range; null where it says nothing. */
export function secondsIn(sentence: string): number | null {
  const found = timeIn(sentence)
  if (!found) return /(?<!\bor (?:it|they)\b.*)\bover ?night\b/i.test(sentence) ? OVERNIGHT : null
  const [, count = '', unit = ''] = found
  const per = SECONDS[unit[0]?.toLowerCase() ?? ''] ?? 0
  const [whole = '', part = ''] = count.split(/ and an? /i)
  const written = parseNumber(WORDED.reduce((n, [words, figure]) => n.replace(words, figure), whole))
  const after = sentence.slice(found.index + found[0].length)
  return written && (written.range.low + partOf(part)) * per + moreIn(after, per)
}

/** "Quarter of an" hour: what of a count is no number yet. */
const WORDED: readonly (readonly [RegExp, string])[] = [
  [/^.*\bquarter of an$/i, '1/4'],
  [/^three.quarters of an$/i, '3/4'],
  [/^a couple of$/i, '2'],
]
/** "One and a half" hours, "an hour and a quarter". */
const PARTS: Readonly<Record<string, number>> = { half: 1 / 2, quarter: 1 / 4 }
const partOf = (part: string): number => PARTS[part.toLowerCase()] ?? 0

/** What follows a time and belongs to it, s: "an hour and a half", "1 hr 30 mins", "1 hr 30 and then", "2 minutes 30 seconds". `per`: seconds of its unit. */
function moreIn(after: string, per: number): number {
  const [, part] = /^ and a (half|quarter)\b/i.exec(after) ?? []
  if (part) return per * partOf(part)
  if (per === 60) return Number(/^\s*(?:and\s+)?(\d+)\s*sec/i.exec(after)?.[1] ?? 0)
  if (per !== 3600) return 0
  const minutes =
    /^\s*(?:and\s+)?(\d+)(?:\s*(?:minutes?|mins?)\b|(?=[,;.)]|\s+(?:and|before|then|until|till)\b)|$)/i.exec(after)
  return 60 * Number(minutes?.[1] ?? 0)
}

/** As it begins a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
/** As it goes on in the middle of a sentence. */
export const uncapital = (text: string): string =>
  /^\p{Lu}{2}/u.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1)

/** Cut at a word, with a mark that it was. */
export const short = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, most - 1).replace(/\s+\S*$/, '')}…`

/** ◊ No sentence, line or note of a formula that is read from a text is longer than this, in letters. */
export const LONGEST_SAY = 190
