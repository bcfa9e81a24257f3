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
