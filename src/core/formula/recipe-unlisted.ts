/** What a method measures and no list names: "off the heat beat in 2 tsp bicarbonate of soda". */
import { readLine } from '../matter/line'
import { mentions } from './recipe-names'
import type { Lexicon } from './recipe-piece'
import type { Written } from './recipe-places'

/** An amount, and up to four words after it. */
const MEASURED =
  /(?<![\d/.]|\bhalf )\b((?:\d+(?:[./]\d+)?|[½¼¾⅓⅔]|an?|half an?|one|two|three|four|five|six|eight|ten|twelve)(?:\s*[½¼¾⅓⅔]|\s+\d\/\d)?\s*(?:(?:small|large|level|heaped|good) )?(?:tsps?|tbsps?|(?:tea|table|dessert)spoon(?:ful)?s?|cups?(?:ful)?|g|ml|lbs?|pounds?|pints?|gills?|oz|ounces?|pinch(?:es)?|drops?)\b\.?)\s+(?:of\s+)?((?:(?!and\b|or\b)[\p{L}-]+\s?){1,4})/giu

/** The longest run of `words` that is surely something the pantry knows, as a line of a list; null for none. */
function lineOf(amount: string, words: readonly string[], { pantry, house }: Lexicon): string | null {
  for (let n = words.length; n > 0; n--) {
    const line = `${amount} ${words.slice(0, n).join(' ')}`
    const reading = readLine(line, pantry, house)
    // "oil of aniseed" is no oil; a pint is asked about as it is in a list
    if (words.slice(n - 1, n + 1).some((w) => /^of$/i.test(w))) continue
    if (reading.status === 'sure' || reading.question.id === 'which-pint') return line
  }
  return null
}

/** Lines that only the method speaks of, in its order. */
export function unlistedIn(said: readonly string[], written: readonly Written[], lexicon: Lexicon): string[] {
  return said.flatMap((sentence) =>
    [...sentence.matchAll(MEASURED)].flatMap(([, amount = '', words = '']) => {
      if (/^the\b/i.test(words) || written.some(({ names }) => mentions(words, names))) return []
      return lineOf(amount, words.trim().split(/\s+/), lexicon) ?? []
    }),
  )
}
