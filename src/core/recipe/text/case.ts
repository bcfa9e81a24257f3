/** A text in small letters alone, or in capitals alone, with the capitals that sentences begin with. */

import { capital } from '../../formula/sentence'

/** ◊ Shares of capitals among the letters: no prose has so many, none so few. */
const SHOUTED = 0.8
const SMALL = 0.004
const LETTERS = /\p{L}/gu
const CAPITALS = /\p{Lu}/gu
/** "Boil to 240 F": no letter a sentence begins with. */
const DEGREES = /(?<=\d ?°? ?)[CF]\b/g
/** Sentences, none of which begins with a capital. */
const STOPPED = /(?:\p{Ll}{2}|\d ?°? ?[CF])[.!?]\s+\p{Ll}/u
const countOf = (pattern: RegExp, text: string): number => text.match(pattern)?.length ?? 0

/** What may begin a sentence: the first letter of a row, or one after a full stop. */
const OPENS = /(^|\n|((?:\d{1,6}[ °º]{0,2})?\S{0,40}[.!?])[ \t]+)([^\p{L}\d\n]{0,3})(\p{Ll}[\p{L}’']*)/gu
/** A full stop that ends no sentence: "2 c. sugar", and not "boil to 118 c. add"; "10 min. or longer", and not "10 min. lid off". */
const ABBREVIATED = /^\W*(?:\d{1,2}[ -]*)?(?:approx|c|deg|in|lbs?|lg|med|oz|pts?|qts?|sm|sq|t|tbsp|temp|tsp|w)\.$/i
const TIMED = /^\W*(?:[\d–-]+ ?)?(?:hrs?|mins?|secs?)\.$/i
const GOES_ON =
  /^(?:after|and|at|before|each|for|if|in|longer|more|of|on|or|over|per|stirring|then|till|to|until|with|without)$/i
/** "2 t. sugar": which of two spoons that is nobody can tell where all letters are of one size. */
const LONE_T = /(?<![\d/])((?:\d+ )?\d+(?:\/\d+)?|\d*[¼½¾⅓⅔]) ?t\b\.?(?= )/g

/** ◊ So many sentences that begin small, to one that does not, were written without capitals. */
const MOSTLY_SMALL = 4
const FEWEST_SMALL = 2
const BEGIN_SMALL = /[.!?][ \t]+\p{Ll}/gu
/** A name before its amount, "Water: 600 g", begins no sentence. */
const BEGIN_LARGE = /[.!?][ \t]+\p{Lu}(?![\p{L} ]*: ?\d)/gu

/** A text as it would be written with capitals where they belong; any other text as it is. */
export function inSentences(text: string): string {
  if (!isOfOneSize(text)) {
    // a name has its capitals, whatever stands beneath it
    const [name = '', ...rest] = text.split('\n')
    const under = rest.join('\n')
    const isSmall = STOPPED.test(under) && isOfOneSize(under.replace(DEGREES, ''))
    if (isSmall) return `${name}\n${asSentences(under)}`
    // headings can have their capitals all the same
    const [small, large] = [countOf(BEGIN_SMALL, under), countOf(BEGIN_LARGE, under)]
    const areSmall = small >= FEWEST_SMALL && small >= MOSTLY_SMALL * large
    return areSmall ? `${name}\n${capitalised(under)}` : text
  }
  return asSentences(text)
}

function isOfOneSize(text: string): boolean {
  const letters = countOf(LETTERS, text)
  const capitals = countOf(CAPITALS, text)
  return capitals <= SMALL * letters || capitals >= SHOUTED * letters
}

const asSentences = (text: string): string => capitalised(text.toLowerCase().replace(LONE_T, '$1 tsp/$1 tbsp'))

const capitalised = (text: string): string =>
  text.replace(OPENS, (all, before: string, stop: string | undefined, marks: string, word: string) => {
    const goesOn = stop !== undefined && (ABBREVIATED.test(stop) || (TIMED.test(stop) && GOES_ON.test(word)))
    return goesOn ? all : `${before}${marks}${capital(word)}`
  })
