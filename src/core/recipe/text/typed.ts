/** A text as one would type it: what is set apart by points, signs, columns and pictures of a page, in words and figures. */

import { DONE } from '../sentence/endings'
import { inFigures } from './numbers'
import { asWritten } from './page'

/** "3 env. gelatin" */
const ENVELOPE = /(?<=^[ \t]*\d[ \t]*)envs?\b\.?/gim

/** "-boil the sugar": a mark of a list without a space after it. */
const TIGHT_DASH = /^[ \t]*[-–](?=\p{L})/gmu

/** "Phase 1   egg albumen 8 g": a mark set apart by spaces. */
const SPACED_MARK = /^([ \t]*(?:group|part|phase|stage) [A-H\d])[ \t]{2,}(?=[\p{L}\d])/gimu

/** "@118 peanuts in" */
const AT_SIGN = /^([ \t]*(?:(?:[-–—•*]+|\d{1,2}[.)])[ \t]*)?)@[ \t]?(?=\d)/gm
/** "proc: sugar + water -> 168C" */
const PROC = /^[ \t]*proc\.?[ \t]*:[ \t]*(?=\S)/gim
/** "1-1/2 cups" */
const HYPHENED = /(?<![\d/.,])(\d{1,2})-(?=[1-7]\/[2348]\b)/g
/** "(1/4 oz ea.)" */
const EACH_SHORT = /(?<=\d ?(?:oz|g|ml)\.? )ea\b\.?/g

/** "1 lb. of sugar": no sentence ends there. */
const POINTED_UNIT = /(?<=[\d¼½¾⅓⅔][ \t]?)((?:[Ll]b|[Oo]z|[Pp]t|[Qq]t|[Tt]sp|[Tt]bsp|[Pp]kg)s?)\.(?=[ \t]+\p{Ll})/gu

/** "500 g. sugar", and no "50 g. melt it" */
const POINTED_GRAMS = new RegExp(`(?<=\\d[ \\t]?)(k?g|ml)\\.(?=[ \\t]+(?!${DONE.source}|then\\b|and\\b)\\p{Ll})`, 'gu')

/** "Cook 300 sugar with 150 glucose", where the rest of the text is in grams. */
const HAS_GRAMS = /\d ?g\b/
const BARE_GRAMS =
  /(?<=(?:^|[.;] +)(?:boil|combine|cook|heat|melt|mix|put|warm) |\b(?:and|with) |, )(\d{2,4})(?= (?:butter|cream|glucose|honey|milk|sugar|water)\b(?! in\b))/gim
/** "300 sugar 150 golden syrup (grams)" */
const ALL_GRAMS = /^(.*\d.*?) ?\((?:all )?(?:in )?grams\)/gim
const BARE_AMOUNT =
  /(?<![\d.,/])(\d{2,4}) (?=(?!cups?\b|deg|grams?\b|hours?\b|hrs?\b|min|sec|sheets?\b|sticks?\b|tbsp|tsp|x\b)\p{L}{3})/gu
const inGrams = (text: string): string =>
  (HAS_GRAMS.test(text) ? text.replace(BARE_GRAMS, '$1 g') : text).replace(ALL_GRAMS, (_, row: string) =>
    row.replace(BARE_AMOUNT, '$1 g '),
  )

/** "1 cup walnuts + tsp vanilla" */
const ONE_SPOON =
  /(?<=(?:[+&]|\b(?:add|and|plus|then)) )(?=(?:tsp|tbsp|(?:tea|table)spoon(?:ful)?) (?:of )?\p{L}{3})/giu

/** "Equal weights butter and sugar - 200 g of each", "1:1 butter & sugar by weight, I do a pound of each" */
const OF_EITHER =
  /\b(?:equal (?:parts|weights)|1:1)(?: of)? (\p{L}+) (?:and|&) (\p{L}+)(?: by weight)?[ ,(–—-]+(?:I (?:do|take|use) )?(\d+ ?\p{L}+|(?:half )?a pound) (?:of )?each\b[ )–—-]*/giu
/** "gr 500 almonds" */
const GRAMS_FIRST = /^([ \t]*)gr\.? (\d+) (?=\p{L})/gimu
/** "Sugar 1150 // invert 330 // water 275": lines of a list, parted by two strokes. ◊ */
const TWO_STROKES = /^[^\n]* \/\/ [^\n]*$/gm
const linesApart = (row: string): string => {
  const pieces = row.trim().split(/\s+\/\/\s+/)
  return 2 * pieces.filter((piece) => /\d\s?(?:k?g|ml)?$/i.test(piece)).length > pieces.length ? pieces.join('\n') : row
}
/** "Colour q.s." */
const AS_NEEDED = /\bq\. ?s\.?(?=[\s,;)]|$)/gim
/** "Gelatine: 10 leaves gold" */
const LEAVES = /\b(gelatine?):? (\d+) (leaf|leaves|sheets?),? (bronze|silver|gold|platinum)\b/gi
/** "Gelatine 250b" */
const BLOOM = /(?<=\bgelatine?\b[^\n\d]{0,16}\d{3}) ?b\b/gi

/** "Day 2" over what is done then. */
const DAY_ALONE = /^[ \t]*day \d[ \t]*:?[ \t]*$/gim
/** What somebody told, in quotes from end to end. */
const QUOTED = /^[ \t]*["“](.{40,})["”][ \t]*$/gm
const typed = (text: string): string =>
  inGrams(asWritten(lettersIn(text)))
    .replace(QUOTED, '$1')
    .replace(DAY_ALONE, '')
    .replace(COLUMNS, '/')
    .replace(BESIDE, '\n')
    .replace(READ_ONE, '$11')
    .replace(ONE_SPOON, '1 ')
    .replace(TWO_STROKES, linesApart)
    .replace(OF_EITHER, '$3 $1, $3 $2 ')
    .replace(GRAMS_FIRST, '$1$2 g ')
    .replace(AS_NEEDED, 'as needed')
    .replace(BLOOM, ' bloom')
    .replace(LEAVES, '$2 $3 $4 $1')
    .replace(TIGHT_DASH, '$& ')
    .replace(ENVELOPE, 'envelope')
    .replace(AT_SIGN, '$1At ')
    .replace(PROC, 'Method\n')
    .replace(HYPHENED, '$1 ')
    .replace(EACH_SHORT, 'each')
    .replace(POINTED_UNIT, '$1')
    .replace(POINTED_GRAMS, '$1')
    .replace(SPACED_MARK, '$1: ')
    .replace(READ_STROKE, '$1/$2')

/** "1/2 cup water*", and beneath it "* Use less on humid days": a note on that. */
const STARRED = /^[^*\n]*[\p{L}\d)]\*[ \t]*$/mu
const FOOTNOTE = /^[ \t]*\*[ \t]*(?=\p{L}[^*\n]*$)/gmu
const footnoted = (text: string): string => (STARRED.test(text) ? text.replace(FOOTNOTE, 'Note: ') : text)

/** "Sugar 1  50 g", "sugar 2  700 g" */
const NUMBERED_LINE =
  /^[ \t]*(?:[-*•][ \t]*)?(?!(?:component|group|layer|list|mix|part|phase|stage|step|syrup)\b)(\p{L}{3,}(?: \p{L}{3,})?)[ \t]+([1-4])(?=[ \t:–-]+\d)/gimu
/** Lines that are told apart by a number have it in brackets, in the list and where the method speaks of them. */
function numbered(text: string): string {
  const marks = new Map<string, Set<string>>()
  for (const [, called = '', mark = ''] of text.matchAll(NUMBERED_LINE)) {
    const name = called.toLowerCase()
    marks.set(name, (marks.get(name) ?? new Set()).add(mark))
  }
  return [...marks].reduce(
    (all, [name, given]) =>
      given.size < 2
        ? all
        : all.replace(
            new RegExp(`\\b(${name})[ \\t]+([1-4])\\b(?![.,/]\\d|[ \\t]*(?:[x×%]|(?:${AFTER})\\b))`, 'gi'),
            '$1 ($2)',
          ),
    text,
  )
}
/** What follows an amount, and no mark. */
const AFTER = 'k?g|grams?|m?l|cups?|tbsps?|tsps?|oz|ounces?|lbs?|pounds?|pints?|sticks?|sheets?'

/** "Corn sirup", as it was spelled once */
const SIRUP = /\b(s)irup/gi
/** "Pull 'til it is white" */
const TIL = /(?<=(?<!\d ?(?:cups?|k?g|tbsps?|tsps?))\s)['’‘]?til\s/g
/** "Sugar #1" */
const HASH = /(?<=\p{L} )#([1-9])\b/gu
/** "Cook 117,5": the point of a decimal. */
const COMMA = /(?<![\d.,])(\d{2,3}),(\d)(?![\d,])/g
/** "1&frac12; cups", "250&deg;F": what a page calls its letters. */
const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  deg: '°',
  frac12: '½',
  frac13: '⅓',
  frac14: '¼',
  frac23: '⅔',
  frac34: '¾',
  mdash: '—',
  nbsp: ' ',
  ndash: '–',
  quot: '"',
  rsquo: '’',
  times: '×',
}
const ENTITY = /&(?:#(\d{2,5})|([a-z]{2,6}(?:\d\d)?));/g
const lettersIn = (text: string): string =>
  text.replace(ENTITY, (all, code: string | undefined, name: string | undefined) =>
    code ? String.fromCharCode(Number(code)) : (ENTITIES[name ?? ''] ?? all),
  )

/** "200 g      7 oz     sugar": either system in a column of its own. */
const UNIT = '(?:k?g|[cdm]?l|oz|lbs?|fl\\.? ?oz|cups?|tbsps?|tsps?)\\.?'
const COLUMNS = new RegExp(
  `(?<=^[ \\t]*[\\d¼½¾⅓⅔][\\d./¼½¾⅓⅔ ]*${UNIT})(?:\\t| {2,}) *(?=[\\d¼½¾⅓⅔][\\d./¼½¾⅓⅔]* ?${UNIT}[ \\t])`,
  'gim',
)

/** "2 1/2 c. sugar          1/4 tsp. salt": two lines of a list, beside one another. */
const BESIDE =
  /(?:\t+| {3,})(?<=^[ \t]*[\d¼½¾⅓⅔].*\p{L}{3}[).]?(?:\t+| {3,}))(?=(?:\d+ )?[\d¼½¾⅓⅔][\d/.¼½¾⅓⅔]* ?(?:\p{L}{1,12}\.? )?\p{L}{3})/gimu

/** "l cup", "1I2 teaspoon": a one that was read off a picture. */
const READ_ONE =
  /^([ \t]*(?:[-*•▢][ \t]*)?)[lI|](?= (?:c|cups?|lb|oz|pound|stick|tablespoons?|tbsp|teaspoons?|tsp)\b)/gm
const READ_STROKE = /\b([1-3])[Il|]([2348])(?= )/g

/** Spaces of a page that are none of a keyboard, and marks of a page that nobody sees. */
const SPACES = /[\u00a0\u2000-\u200a\u202f\u205f\u3000]/g
/** ".5 c corn syrup" */
const BARE_POINT = /(^|[\s(])\.(?=\d)/gm
const UNSEEN = /[\u00ad\u200b\u2060\ufeff]/g

/** A text in plain letters, figures and units, row by row as it stands. */
export const asTyped = (text: string): string =>
  numbered(footnoted(inFigures(typed(text).replace(HASH, '($1)'))))
    .replace(SPACES, ' ')
    .replace(SIRUP, '$1yrup')
    .replace(TIL, 'till ')
    .replace(UNSEEN, '')
    .replace(BARE_POINT, '$10.')
    .replace(COMMA, '$1.$2')
