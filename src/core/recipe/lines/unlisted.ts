/** What a method measures and no list names: "off the heat beat in 2 tsp bicarbonate of soda". */

import { mentions } from '../../formula/called'
import type { Line } from '../../formula/document'
import { readLine } from '../../matter/line'
import type { Lexicon } from '../draft/draft'
import { AMOUNT, AND_MORE, SIZE } from '../sentence/amounts'
import { isGotReady } from '../sentence/moves'
import type { Written } from '../text/listed'

/** A word of a name; where the next amount begins there is none. */
const WORD = String.raw`(?!and\b|or\b|(?:an?|few|half(?: an?)?|one|two|three|four|five|six)\s+${SIZE}(?:bag|bar|bottle|can|carton|cup|dash|drop|egg white|envelope|gallon|gill|gram|handful|jar|kilo|lb|lea(?:f|ves)|lit(?:er|re)|ounce|oz|packet|pinch|pint|pound|quart|sachet|sheet|stick|(?:table|tea)spoon|tbsp|tin|tsp|tub|vanilla (?:bean|pod)))[\p{L}-]+\s?`
/** "Tsp of salt", where a sentence begins. */
const SPOON_OF = '(?<=^|[,;] )(?:cup|(?:table|tea)spoon|tbsp|tsp)(?= of )'
/** An amount, and up to four words after it. */
const MEASURED = new RegExp(
  String.raw`(?<![\d/.\p{L}]|\d,|\bhalf )((?:${AMOUNT}|${SPOON_OF})(?:\b\.?|(?<=\s))${AND_MORE}?)\)?\s*(?:of\s+)?((?:\d{2} ?% )?(?:${WORD}){1,4})`,
  'giu',
)

/** "Having added the juice of half a lemon" */
const OF_FRUIT =
  /\b(?:juice|rind|zest)(?: and (?:juice|rind|zest))? of (?:half(?: an?)?|an?|one|two|three|1\/2|\d|½) (?:large |small )?(?:grapefruit|lemon|lime|orange)s?\b/gi

/** "The whites of two eggs" */
const OF_EGGS = /\bwhites? of (?:an|one|two|three|four|\d) (?:large |medium )?eggs?\b/gi

/** "A piece of butter as big as a walnut" */
const LUMP =
  /\ba (?:good |large |small )?(?:bit|knob|lump|nut|pat|piece) of (?:\w+ )?(?:butter|lard|margarine)(?: (?:as (?:big|large) as|(?:about )?the size of) an? (?:small )?(?:egg|hazelnut|nutmeg|walnut))?/gi

/** "A small tub of double cream (300 ml)" */
const IN_BRACKETS =
  /\((?:about |some )?((?:\d+(?: \d\/\d|[./]\d+)?|\d* ?[¼½¾⅓⅔])\s*(?:k?g|grams?|ml|l|millilit(?:re|er)s?|oz|ounces?|lbs?|pounds?|cups?|tbsps?|tsps?))\)/
const BRACKETED = new RegExp(`((?:[\\p{L}-]+ ){0,3}[\\p{L}-]+) ${IN_BRACKETS.source}`, 'giu')
/** "One tin (397 g) condensed milk": what it holds, of what stands after it, and of nothing before. */
const ONE_HOLDS = new RegExp(
  `\\b(?:an?|one|your) (?:\\p{L}+ )?(?:bag|block|bottle|box|can|carton|jar|pack|packet|pot|sachet|stick|tin|tub) ${IN_BRACKETS.source}(?= (?:of )?\\p{L})`,
  'giu',
)
/** An amount in brackets, right after what is measured. */
const AMOUNT_BESIDE = new RegExp(`^\\s*${IN_BRACKETS.source}`, 'i')

/** "3 envelopes gelatin (1/4 oz each)" */
const EACH_BESIDE = /^\s*(\([\d¼½¾⅓⅔][\d/.¼½¾⅓⅔ ]*(?:oz|g|ml) each\))/i

/** What a name can end before: "water over the gelatin" is water, "milk powder" no milk. */
const ENDS_NAME =
  /^(?:all|and|as|at|before|broken|by|chopped|crushed|dry|for|hard|from|gently|go|goes|get|half|if|in|into|keep|pour|put|slowly|stir|off|on|onto|or|over|overnight|stiff|stiffly|very|well|lightly|spread|scattered|mixed|dissolved|melted|soaked|sifted|stirred|then|till|to|together|until|when|whipped|whisked|while|with)$/i

/** What is in the pot is nothing new, whatever is sold by that name. */
const IS_MADE = /^(?:caramels?|candy|fudge|toffee)$/i

/** What a line surely is; null for one that is asked about, and for none. */
function sureOf(line: string | null, { pantry, house }: Lexicon) {
  const reading = line === null ? null : readLine(line, pantry, house)
  return reading?.status === 'sure' ? reading : null
}

/** Words and how much of them, as a line of a list, where the pantry knows what they are; null where it does not. */
function knownLine(amount: string, words: readonly string[], { pantry, house }: Lexicon): string | null {
  if (ENDS_NAME.test(words.at(-1) as string)) return null
  const line = `${amount} ${words.join(' ')}`
  const reading = readLine(line, pantry, house)
  // a pint is asked about as it is in a list, and so is which glucose
  const isKnown =
    reading.status === 'sure' ||
    reading.question.id === 'which-pint' ||
    reading.question.id === 'vague' ||
    (words.length === 1 && reading.question.id === 'which-named' && !IS_MADE.test(words[0] as string))
  return isKnown ? line : null
}

/** The longest run of words that begins `words` and is something the pantry knows, as a line of a list; null for none. */
function lineOf(amount: string, words: readonly string[], lexicon: Lexicon): string | null {
  for (let n = words.length; n > 0; n--) {
    const line =
      n === words.length || ENDS_NAME.test(words[n] as string) ? knownLine(amount, words.slice(0, n), lexicon) : null
    if (line !== null) return line
  }
  return null
}

/** The longest run of words that ends a text, and is surely something the pantry knows, as a line of a list; null for none. */
function lineBefore(amount: string, words: readonly string[], lexicon: Lexicon): string | null {
  // "wrap in white (20 g)" is no white of an egg
  const named = words.at(-1) === 'white' ? [] : words
  const lines = named.map((_, i) => `${amount} ${named.slice(i).join(' ')}`)
  return lines.find((line) => sureOf(line, lexicon) !== null) ?? null
}

/** "Sprinkle popping candy or crushed pretzels (1/2 cup)": what is strewn there is asked about, whatever it is. */
const STREWS = /^(?:then )?(?:scatter|sprinkle|strew|top with)\b/i
const LAST_TWO = /(?:(?!(?:on|or|over|the|with)\b)\p{L}+ )?\p{L}+$/iu
const strewn = (amount: string, words: string, sentence: string): string | null =>
  STREWS.test(sentence) ? `${amount} ${LAST_TWO.exec(words)?.[0]}` : null

/** What "sugar" in a list is not. */
const ICING = /^(?:icing|powdered|confectioners['’]?s?) sugar\b/i

/** "Of the best loaf sugar" */
const PRAISED = /^the (?:best|finest|good|purest|whitest)\s+/i
/** "Steep 10 g of tea in 300 ml of water, and strain": what is drawn off has a name of its own. */
const DRAWN_OFF = /^(?:steep|brew|infuse)\b.*\bwater\b.*\bstrain\b/i
/** "Steep 30 g of coffee beans in 350 g cream, strain": it is still cream. */
const STEEPED = /(?<=^(?:steep|brew|infuse)) .*? in (?=.*\bstrain\b)/i

/** "Until a drop makes a soft ball in a cup of cold water", "till a drop snaps in cold water", "until a cold pinch doesn't stick": that is to test it in, and goes in nowhere. */
const TESTED =
  /\ba (?:few )?(?:bit|drops?|little|\w*spoon(?:ful)?)\b[^.;]{0,60}\bin(?:to)? (?:\w+ )?(?:cold|iced?)[- ]water\b|\b(?:ball|balls|brittle|crack|drops?|thread|test(?:ed)?)\b.*\bin(?:to)? (?:an? )?(?:\w+ )?(?:bowl|cup|glass|jug|mug|saucer)(?:ful)? of (?:\w+ )?(?:cold|iced?)[- ]water\b|\ba (?:cold )?pinch (?:doesn?|no longer|will|won)\b/i

/** "When it's 117 or a drop holds together": that many of no drops. */
const OR_A_DROP = /\b\d{2,3}(?: ?°)?(?: ?[CF]\b)? or a drop(?: (?:holds|keeps|stays)(?: together)?)?\b/gi

/** "Adding 10 g vanilla and 100 g simple syrup": whether what is measured there goes in. */
const isPutIn = ({ input = '', index }: RegExpMatchArray): boolean =>
  /\b(?:add(?:ing)?|(?:beat|fold|mix|stir|whisk)(?:ing)? in|(?:colou?r|flavou?r|scent)(?:ed|ing)? (?:it )?with)\b(?:(?!\b(?:then|until|till|when)\b)[^,;.]){0,40}$/i.test(
    input.slice(0, index),
  )
/** A part of what is made is nothing new, nor is what it is put on: "drop from a teaspoon onto paper". */
const OF_THE_POT =
  /^(?:at a time|into|on|onto|over)\b|\b(?:batch|caramel|fudge|hot|it|mass|meringue|mix|mixture|more|of (?:it|that|the|this|your)|other|same|them|toffee|warm|whites)\b/i

/** What holds so much. */
const VESSEL =
  /^(?:(?:deep|glass|heavy|heavy-based|heavy-bottomed|large|microwave-safe|heatproof|ovenproof|wide) )*(?:bowl|casserole|dish|dutch oven|jug|kettle|pan|pitcher|pot|saucepan|skillet)\b/i

/** What is weighed, or measured by the cup and the spoon: it goes somewhere, though nobody may know what it is. */
const WEIGHED =
  /(?:\b|\d)(?:k?g|(?:kilo)?grams?|kilos?|lbs?|pounds?|oz|ounces?|cups?(?:ful)?|(?:tea|table|dessert)spoon(?:ful)?s?|tsps?|tbsps?|pints?|quarts?|handfuls?|[cd]l)\b\.?(?: and a (?:half|quarter)| ?\([^()]*\))?$|[\d¼½¾⅓⅔] ?[ct]\.?$/i
/** What follows the size of a piece, of a vessel or of a share, and of a test: "12 g balls", "a teaspoon onto paper", "half a cup at a time", "5 g each". */
const SIZED =
  /^(?:a|as|at|because|between|by|each|from|for|in|into|of|on|onto|over|per|to|with)\b|^(?:hot |the )?(?:caramel|coating|fudge|mixture|syrup|toffee)\b|\b(?:balls?|bars?|bites?|blobs|bowl|cubes|discs|drops|each|heaps|jars?|loaf|logs?|measuring|moulds?|mounds|piece|pieces|portions?|rounds|scoop|servings?|spoon|squares|tin)\b/i
/** "Shape 35 g mice": how heavy a piece is. */
const SHAPES = /^shape (?:in(?:to)? )?(?:about )?$/i
const OF_EACH = /\bof each\b/i

/** "Sand with 100 g caster sugar": beside whatever was boiled. */
const ROLLED_IN = /^(?:coat|dredge|dust|roll|sand|toss)\b[^.;]*\b(?:in|with) (?:about )?$/i

/** ◊ Nobody's method measures more things than that. */
const MOST = 40

/** ◊ Two amounts of a thing are the same within this share. */
const SAME = 0.05
const isAsMuch = (one: number, other: number): boolean => Math.abs(one - other) < SAME * other

/**
 * "Soak the gelatine in 140 ml cold water … boil the sugar in 200 ml water", where the list has 200 ml: what is measured beside all that is listed
 * of it, as lines of a list.
 */
function beyond(measured: readonly RegExpMatchArray[], lines: readonly Line[], lexicon: Lexicon): string[] {
  const taken = measured.flatMap(([, amount = '', words = '']) => {
    const line = /^the\b/i.test(words) ? null : lineOf(amount, words.trim().split(/\s+/), lexicon)
    const sure = sureOf(line, lexicon)
    return line !== null && sure ? [{ line, ingredient: sure.ingredient.id, grams: sure.grams }] : []
  })
  type Taken = (typeof taken)[number]
  const isOf = (t: Taken, { ingredient, grams }: { ingredient: string; grams: number }): boolean =>
    t.ingredient === ingredient && isAsMuch(t.grams, grams)
  return taken.flatMap((t, i) => {
    const listed = lines.filter((l) => l.ingredient === t.ingredient)
    const isAll = listed.length > 0 && listed.every((l) => taken.some((other) => isOf(other, l)))
    const isNew = ![...listed, ...taken.slice(0, i)].some((other) => isOf(t, other))
    return isAll && isNew ? [t.line] : []
  })
}

/** "Stir in the butter", where the list has none and nothing is called so: how much, is asked. */
const PUT_IN =
  /\b(?:add|melt|(?:beat|fold|mix|pour|stir|whisk) in) (?:the |in the )?(?:(?:cold|hot|melted|softened|warm) )?(baking soda|bicarbonate of soda|butter|condensed milk|corn syrup|cream(?! of tartar)|gelatine|gelatin|glucose|honey|vanilla)\b(?!['’-]|\s+(?:and sugar|mixture|mix|syrup)\b)/gi

const namedOnly = (said: readonly string[], isListed: (words: string) => boolean): string[] => [
  ...new Set(
    said.flatMap((s) =>
      isGotReady(s)
        ? []
        : [...s.matchAll(PUT_IN)].flatMap(([, what = '']) => (isListed(what) ? [] : [what.toLowerCase()])),
    ),
  ),
]

/** Whether a place in a sentence is in what was found there. */
const isWithin = (at: number, { index, 0: all }: RegExpExecArray): boolean => at >= index && at < index + all.length

/** "Sugar 500 g + glucose 150 g": up to three words, and how much of it. */
const MEASURED_AFTER =
  /(?<=^|[,+&;:(] ?|\b(?:and|of|the|with) )((?:\p{L}+ ){0,2}\p{L}+) (\d[\d.,]* ?(?:k?g|m?l|oz|lbs?|cups?|tbsp|tsp))(?=$| ?[,;.()+&]| (?:and|in|then)\b| \p{L}+ed\b)/giu
/** A sentence whose amounts stand before what they are of, where that is something the pantry knows, or asks which. */
const amountsFirst = (sentence: string, lexicon: Lexicon): string =>
  sentence.replace(MEASURED_AFTER, (all, words: string, amount: string) => {
    const said = words.split(' ')
    const from = said.findIndex((_, n) => knownLine(amount, said.slice(n), lexicon) !== null)
    return from < 0 ? all : [...said.slice(0, from), amount, ...said.slice(from)].join(' ')
  })

/** Lines that only the method speaks of, in its order; `lines` and `written` are those of the list. */
export function unlistedIn(
  all: readonly string[],
  lines: readonly Line[],
  written: readonly Written[],
  lexicon: Lexicon,
): string[] {
  const said = all
    .filter((s) => !DRAWN_OFF.test(s))
    .map((s) =>
      amountsFirst(
        s.replace(OR_A_DROP, '').replace(TESTED, '').replace(STEEPED, ' ').replace(ONE_HOLDS, '$1'),
        lexicon,
      ),
    )
  const measured = said.flatMap((sentence) => [...sentence.matchAll(MEASURED)]).slice(0, MOST)
  const holdsIcing = written.some(({ names }) => names.includes('icing sugar'))
  const isListed = (words: string): boolean =>
    (holdsIcing || !ICING.test(words)) && written.some(({ names }) => mentions(words, names))
  /** "200 g milk chocolate", where the list has only condensed milk: surely something, and by the last word of its name none of the list. */
  const isOther = (line: string | null): boolean => {
    const [called = ''] = sureOf(line, lexicon)?.ingredient.name.split(',') ?? []
    return called !== '' && !isListed(called.split(' ').at(-1) as string)
  }
  /** What the pieces are rolled in, of which the list has another amount. */
  const isRolledIn = ({ input, index }: RegExpMatchArray, line: string | null): boolean => {
    const sure = ROLLED_IN.test(input?.slice(0, index) ?? '') ? sureOf(line, lexicon) : null
    return sure !== null && !lines.some(({ grams }) => isAsMuch(sure.grams, grams))
  }
  // looked for only where there is a bracket: before every word it takes longest of all that is looked for
  const inBrackets = said.filter((sentence) => sentence.includes('('))
  const bracketed = inBrackets.flatMap((sentence) => [...sentence.matchAll(BRACKETED)]).slice(0, MOST)
  const before = bracketed.flatMap(({ 1: words = '', 2: amount = '', input }) =>
    isListed(words) ? [] : (lineBefore(amount, words.split(' '), lexicon) ?? strewn(amount, words, input) ?? []),
  )
  const after = measured.flatMap((found) => {
    const [all, amount = '', words = ''] = found
    // "a can of evaporated milk (12 oz)": what stands in the brackets is that once more
    const beside = found.input.slice(found.index + all.length)
    if (AMOUNT_BESIDE.test(beside) || words.trim() === 'each') return []
    const [, held] = EACH_BESIDE.exec(beside) ?? []
    const each = held ? ` ${held}` : ''
    // "the peanuts (200 g) ready": that is of what stands before it
    if (bracketed.some((b) => b.input === found.input && isWithin(found.index, b))) return []
    const name = words
      .trim()
      .replace(PRAISED, '')
      .replace(/^the\s+/i, '')
      .split(/\s+/)
    // "in a 3 qt saucepan mix …"
    if (VESSEL.test(words) || SHAPES.test(found.input.slice(0, found.index))) return []
    // without a list "a quart of the dark syrup" is all there is
    const isKnown = written.length > 0 && /^the\b/i.test(words) && !PRAISED.test(words)
    if (isKnown) return []
    const line = lineOf(amount, name, lexicon)?.concat(each) ?? null
    if (isListed(words) && !isOther(line) && !isRolledIn(found, line)) return []
    // where there is no list, what is measured and not known is asked about, up to where its name can end
    const ends = name.findIndex((w, i) => i > 0 && ENDS_NAME.test(w))
    const whole = ends < 0 ? name : name.slice(0, ends)
    const isAsked =
      written.length === 0 ||
      (isPutIn(found) && !OF_THE_POT.test(words)) ||
      (WEIGHED.test(amount.trim()) && (OF_EACH.test(all) || !SIZED.test(words)))
    return line ?? (isAsked ? `${amount} ${whole.join(' ')}${each}` : [])
  })
  const fruit = said.flatMap((s) =>
    [...(s.match(OF_FRUIT) ?? []), ...(s.match(OF_EGGS) ?? [])].filter((found) => !isListed(found)),
  )
  const named = written.length === 0 ? [] : namedOnly(said, isListed)
  const lumps = written.length === 0 ? said.flatMap((s) => s.match(LUMP) ?? []) : []
  return [...before, ...after, ...lumps, ...named, ...new Set(fruit), ...beyond(measured, lines, lexicon)]
}
