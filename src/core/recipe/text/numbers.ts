/** Numbers in words that are too large to be counted on fingers, as figures: "two hundred and fifty grams", "a hundred and eighteen degrees". */
const ONES = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine']
const TEENS = 'ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen'.split('|')
const TENS = 'twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety'.split('|')

const ONE = ONES.join('|')
// "twenty one-inch squares" are twenty
const BELOW_HUNDRED = `(?:${TENS.join('|')})(?:[- ](?:${ONE})\\b(?!-))?|${TEENS.join('|')}|${ONE}`
/** "One fifty four degrees", which "two fifty gram bars" are not. */
const SHORT = `(?:${ONE})[ -](?:${TENS.join('|')})(?:[- ](?:${ONE})\\b(?!-))?(?![ -](?:gram|inch|minute|ounce|second)\\b)`
/** Hundreds with what follows them; what is said so without the word; tens; and the teens, but those a line is counted in as well. */
const SPOKEN = new RegExp(
  `\\b(?:((?:(?:an?|${ONE}) )?hundred)(?:(?: and)?[ -](${BELOW_HUNDRED}))?|(${SHORT})|((?:${TENS.join('|')})(?:[- ](?:${ONE})\\b(?!-))?|${TEENS.slice(3).join('|')}))(?=[\\s,.;)]|$|[°º])`,
  'giu',
)

function below(words: string): number {
  const [first = '', second] = words.toLowerCase().split(/[- ]/)
  const tens = TENS.indexOf(first)
  if (tens >= 0) return 10 * (tens + 2) + (second ? ONES.indexOf(second) + 1 : 0)
  const teens = TEENS.indexOf(first)
  return teens >= 0 ? teens + 10 : ONES.indexOf(first) + 1
}

/** "A hundred" is one. */
const hundredsIn = (words: string): number => 100 * (below(words) || 1)

/** "One fifty four" */
const shortIn = (words: string): number => {
  const [first = '', ...rest] = words.split(/[- ]/)
  return hundredsIn(first) + below(rest.join(' '))
}

/** "One pound and a half", "three quarters of a pound": a number and its part around the measure. */
const MEASURES = 'pounds?|lbs?|ounces?|pints?|quarts?|cups?|gills?|(?:tea|table)spoon(?:ful)?s?'
const AND_PART = new RegExp(`\\b(an?|${ONE}|\\d) (${MEASURES}) and an? (half|quarter)\\b`, 'giu')
const PART_OF = new RegExp(`\\bthree[- ]quarters of an? (?=(?:${MEASURES})\\b)`, 'giu')
const PARTS: Readonly<Record<string, string>> = { half: '1/2', quarter: '1/4' }
const withPart = (_: string, count: string, measure: string, part: string): string =>
  `${Number(count) || below(count) || 1} ${PARTS[part.toLowerCase()]} ${measure}`
/** "Of brown sugar 1 1/2 pounds": what it is of, before how much. */
const OF_FIRST = new RegExp(
  `(?<=(?:^|[,;]|\\b(?:and|take)) )of ((?:\\p{L}+ ){1,3}?)((?:\\d[\\d/ ]*|an? |half an? |(?:${ONE}) )(?:${MEASURES}))(?=[,;.]| and\\b|$)`,
  'gimu',
)

/** A line in which every amount stands before what it is of, and its part before its measure. */
export const amountsFirst = (line: string): string =>
  line
    .replace(AND_PART, withPart)
    .replace(PART_OF, '3/4 ')
    .replace(OF_FIRST, (_, what: string, amount: string) => `${amount} of ${what.trim()}`)

/** "Twenty-four carat fudge": a first row as short as a name, with no stop in it. */
const NAME = /^[^\n.,;:]{1,60}\n/

/** A text with them as figures. A name stays as it is. */
export const inFigures = (text: string): string => {
  const [name = ''] = NAME.exec(text) ?? []
  return (
    name +
    text
      .slice(name.length)
      .replace(SPOKEN, (_, hundreds?: string, more = '', short = '', alone = '') =>
        String(hundreds ? hundredsIn(hundreds) + below(more) : short ? shortIn(short) : below(alone)),
      )
  )
}
