/** What a web page, a letter or a forum has around a recipe, and how its rows come out of it. */
import { capital } from '../../formula/sentence'

/** "> Put sugar in the pan": of a letter that was sent on; so many rows are. ◊ */
const QUOTES = /^[ \t]*(?:>[ \t]?)+/gm
const FEWEST_QUOTED = 3
/** "1", and what is done then in the row beneath it. */
const COUNT_ALONE = /^[ \t]*(\d{1,2})[.)]?[ \t]*\n\s*(?=\p{Lu})/gmu

/** "Sugar & water", but in the name of it. */
const AND_SIGN = /(?<=\n.*) & /g

/** "Opera Creams. — Three cups sugar": a name before what it is made of, in its row. */
const NAME_RUN_IN = /^\s*(\p{Lu}[\p{L}’' -]{2,40})\.\s*(?:—|–|--)\s*(?=\S)/u
/** "HOREHOUND CANDY. Boil two ounces …" */
const NAME_IN_CAPITALS = /^\s*(\p{Lu}{3}[\p{Lu} ’'-]{2,40})\.\s+(?=\p{Lu}\p{Ll}|\d)/u
/** "Ok so fudge my way. 3 c sugar": what somebody is going to tell of, before the first amount of it. */
const NAME_SAID =
  /^\s*(?:(?:ok(?:ay)?|right|so|well),? )*((?=[^.!\n]*\b(?:brittle|butterscotch|caramels?|divinity|fondant|fudge|honeycomb|lollipops|lollies|marshmallows?|nougat|penuche|pralines?|tablet|taffy|toffee)\b)[\p{L}’' -]{4,45})[.!]\s+(?=[\d¼½¾⅓⅔])/iu

/** "Voice note: right so you put two cups of sugar": what a text alone is called that somebody spoke. */
const SPOKEN = /^\s*(?:voice (?:memo|message|note)|transcript)\s*[:–-]\s*/i

/** A text without the marks of a letter that was sent on, with the numbers of steps beside what is done, and in whole words. */
export function asWritten(text: string): string {
  const counts = [...text.matchAll(COUNT_ALONE)].map(([, n]) => Number(n))
  const areSteps = counts.length > 1 && counts.every((n, i) => n === i + 1)
  const plain = (text.match(QUOTES) ?? []).length < FEWEST_QUOTED ? text : text.replace(QUOTES, '')
  return (areSteps ? plain.replace(COUNT_ALONE, '$1. ') : plain)
    .replace(AND_SIGN, ' and ')
    .replace(SPOKEN, '')
    .replace(NAME_RUN_IN, '$1\n\n')
    .replace(NAME_IN_CAPITALS, '$1\n\n')
    .replace(NAME_SAID, (_, name: string) => `${capital(name)}\n\n`)
}

/** Buttons and signs of a page, votes, what a sheet has beside its list. */
const SIGNS = [
  /(?:skip|jump) to\b.{0,30}/,
  /(?:(?:email|home|menu|pin|pinterest|print|rate|save|search|share|tweet)(?: (?:it|recipe|this(?: recipe)?))?\s*)+/,
  /home\s*[»›>/].*/,
  /(?:advertisement|sponsored|subscribe|sign (?:in|up)|log ?in)\b.{0,40}/,
  /(?:cook mode|prevent your screen|scale(?:\s+\d+x)*$|keywords?\b).*/,
  /(?:you (?:may|might) also like|related (?:posts|recipes)|did you (?:make|try) this|leave a (?:comment|reply|review)|tag @).*/,
  /\d(?:[.,]\d+)? (?:from|out of|\/) ?\d+.*/,
  /[★☆⭐\s]+(?:\d.*)?/,
  /(?:allergens?|ccps?|keywords?|photos?|image|video|published|updated)\s*(?::| by\b).*/,
  /recipe card\b.{0,40}/,
  /recipe from\b.{0,60}/,
  /(?:p|pg|page)\.? ?\d{1,4}/,
  /(?:dr|miss|mr|mrs|ms)\.? (?:\p{L}\.? ?){0,3}\p{L}{2,20}(?:,.{0,30})?/u,
  /(?:ingredients?|(?:raw )?materials?)\s{1,}(?:amount|qty|quantity|weight)s?/,
  /(?:caution|danger|warning)\s*:.*/,
  // of a letter, or a thread
  /(?:dear|hello|hey|hi)\b[^.\d]{0,30},[^.\d]{0,60}[.!]?/,
  /(?:(?:all (?:the|my) )?best(?: regards| wishes)?|cheers|love|regards|x{1,3})(?:,|$).{0,24}/,
  /(?:reply|comment)\s*(?:\(?#?\d+\)?)?\s*:.*/,
  /(?:op|\p{L}+) (?:says|wrote)\s*:.*/u,
]
const FURNITURE = new RegExp(`^(?:${SIGNS.map((sign) => sign.source).join('|')})$`, 'iu')

/** "Prep time", with "10 mins" in the row beneath it. */
const LABEL =
  /^(?:(?:active|chill\w*|cook(?:ing)?|cooling|hands-on|prep(?:aration)?|rest(?:ing)?|total) time|servings?|serves|yields?|makes)\s*:?$/i
const VALUE = /^(?:about )?\d{1,3}(?: ?(?:hours?|hrs?|mins?|minutes?|pieces|servings))*$/i

/** ◊ So many amounts, sugar and a flame are a recipe. */
const AMOUNTS =
  /(?:\d|\b(?:an?|half|one|two|three|four)\b) ?(?:of )?(?:cups?|g|kg|lbs?|ml|oz|ounces|pounds?|tablespoons?|tbsp|teaspoons?|tsp)\b/gi
const FEWEST_AMOUNTS = 2
/** Whether a row is a whole recipe, whatever stands before it: "Anna wrote: put 2 cups of sugar and a cup of water in a pan …". */
export const isWholeRecipe = (row: string): boolean =>
  row.length > 100 &&
  /\bsugar\b/i.test(row) &&
  /\b(?:boil|cook|heat|melt)/i.test(row) &&
  (row.match(AMOUNTS) ?? []).length >= FEWEST_AMOUNTS

/** Rows of which nothing is made and by which nothing is done, by their number. */
export const furnitureOf = (rows: readonly string[]): ReadonlySet<number> =>
  new Set(
    rows.flatMap((row, i) =>
      (FURNITURE.test(row) && !isWholeRecipe(row)) || (VALUE.test(row) && LABEL.test(rows[i - 1] ?? '')) ? [i] : [],
    ),
  )
