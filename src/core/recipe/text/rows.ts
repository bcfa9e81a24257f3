/** Several things in one row of a pasted text, each as a row of its own. */
import { capital } from '../../formula/sentence'
import { measureAt } from '../../matter/amount'
import { PARTS_SAID } from '../../quantity/number'
import { beginsDone, DONE } from '../sentence/endings'
import { charged } from './charged'
import { FLEETING } from './listed'
import { MARKED } from './marks'
import { ofEach, ofOneThing } from './of-one-thing'
import { ROW_ENDS } from './plain'
import { isAmountOf, isLine, looksLikeMethod, OF_FRUIT, tells } from './row-kinds'
import { BULLET, bare, beginsWithAmount, ENDS_WITH_AMOUNT, hasAmount } from './unmarked'

/** "Peanut topping", "To finish", with nothing after it. */
export const HEAD_BARE =
  /^(?:to (?:add(?: in)?|finish|(?:beat|blend|fold|melt|mix|stir|whip|whisk) in|whip|coat|decorate|dip|dust|fill|garnish|glaze|roll|top|serve|sprinkle)|(?:[\p{L}’'-]+ ){0,3}(?:base|biscuit|bloom|bowl|centres?|centers?|crust|mixer|fillings?|jelly|shells?|sponge|top(?:pings?)?|coat(?:ing)?|dusting|sanding|sour (?:mix|sugar)|finish(?:ing)?|layer|glaze|decoration|icing|frosting|caramel|ganache|shortbread|nougat|marshmallow|fondant|sauce|syrup|meringue|frapp[eé]|fold(?:[ -]?in)?|inclusions|additions|add-?ins|extras|mix-?ins|nuts|fruit))$/iu

/** "Stage 3", as the source of a pattern. */
const A_MARK = `(?:${MARKED}) [A-H\\d]`
/** "For the syrup: 800 g sugar, 340 ml water" */
const HEADED_ROW = new RegExp(
  `^(?:(?:layer|part|phase|stage|step) \\d\\s*[:–—-]\\s*)?((?:for the |for \\d+ )?[\\p{L} '’-]{3,40}(?: \\([\\p{L} -]{3,20}\\))?(?=:)|${A_MARK}(?=:)|[A-H](?=[:.)] ))[:.)]\\s+(.+)$`,
  'iu',
)

/** How an amount begins that is no figure. */
const IN_WORDS = [
  new RegExp(`${PARTS_SAID}\\b`),
  /(?:half an?|(?:quarter|third) of an?|an? (?:half|quarter|third)(?: of an?)?|three[- ]quarters(?: of an?)?|an? quarter) (?:pound|ounce|pint|quart|cup|dozen|tea|table|stick|kilo|teacup)/,
  /(?:one|two|three|four|five|six) (?:of|cups?|cupfuls?|(?:tea|table)spoonfuls?|(?:tea|table)spoons?|gills?|pints?|quarts?|pounds?|sticks?|tins?|cans?|grams?|ounces?|vanilla|pods?|eggs?)\b/,
  /an? (?:tiny |little |good |small |large |scant |heaped |level )?(?:pinch|dash|dab|knob|piece of|lump of|cup|cupful|teacup|tablespoonful|teaspoonful|tin|can|jar|tub|mug|carton|bag|bottle|stick|packet|pint|quart|gallon|pound|ounce|teaspoon|tablespoon|strip|sprig|splash|squeeze|handful|drop|few|little)\b/,
  /half (?:pint|cup|pound|ounce)\b/,
  // "big tin condensed milk", "cup of milk"
  /(?:big|large|small) (?:bag|bottle|can|carton|jar|packet|tin|tub)\b/,
  /(?:bag|bottle|can|carton|cup|jar|mug|packet|pint|quart|spoonful|stick|teacup|tin|tub) of\b/,
  /(?:tea|table)spoonfuls? of\b/,
  /(?:heaped |level )?(?:tbsp|tsp|tablespoon|teaspoon) [a-z]/,
  /few (?:drops|grains)\b/,
  /(?:the )?(?:dash|handful|pinch|splash|sprig|squeeze|juice|peel|rind|zest)\b/,
  /(?:(?:good|large|small) )?(?:piece|lump|knob) of\b/,
  /butter (?:the )?size of\b/,
]
  .map((way) => way.source)
  .join('|')
/** Where the next thing of a row begins: with an amount, "2 x 397 g cans", which "36 % fat" and "20 x 30" are none; what stands in brackets, or says how it is cut, belongs to the one before. */
const STARTS = `(?:an? (?:generous|good|heaped|level|rounded|scant) (?=[\\d¼½¾⅓⅔]))?(?!\\d+(?:[.,]\\d+)?\\s*(?:%|°|de\\b|bloom|cm\\b|mm\\b|proof|(?:x\\b|×)(?!\\s*\\d+(?:[.,]\\d+)?[\\s-]?(?:k?g|ml|oz|lbs?)\\b)))(?=\\d|[¼½¾⅓⅔]|${IN_WORDS})`
const NEXT = new RegExp(`,\\s+(?:(?:and|then)\\s+)?(?![^(]*\\))${STARTS}`, 'i')
/** In a sentence that says what one needs things are joined by "and" as well. */
const NEXT_SAID = new RegExp(
  `(?:,\\s+(?:and\\s+)?|\\s+(?:and|plus)\\s+)(?![^(]*\\))(?:(?:about|abt|approx)\\.?\\s+)?${STARTS}`,
  'i',
)
/** "2 mugs (about 450 g) of sugar", "a jar of honey (330 g)": what is said of it in figures. */
const IN_VESSEL =
  /^(?:an?|one|two|three|four|\d+) (?:\p{L}+ )?(?:mug|tub|jar|pot|carton|glass|bag|packet)s? (?:\((?:about |some )?([^)]+)\) of (.+)|of (.+?) \((?:about |some )?([^)]+)\))$/iu
/** "Okay you want 250 grams of sugar", "take a quart of maple syrup" */
const NEEDS =
  /^(?:(?:ok(?:ay)?|hey|hi|right|so|well|now),?\s+)*(?:(?:for (?:the |this )?\w+,? )?it['’]?s(?=\s+\d)|(?:you|we|i)(?:['’]ll| will)? (?:need|take|use|want):?|it takes|take|get|in (?:an? |the )?(?:[\w-]+ ){0,3}(?:pan|pot|saucepan|kettle):|[^:.]{3,80}\b(?:amounts|ingredients|quantities):)\s+/i
/** What a row of a list names without an amount: colours, flavours, salt. */
const UNMEASURED =
  /,\s+(?![^(]*\))(?=(?:and )?(?:\p{L}+ ){0,3}(?:colou?r(?:ing)?s?|flavou?r(?:ing)?s?|essence|extract|vanilla|salt|(?:icing|powdered|caster) sugar|cornflour|corn ?starch|oil|(?:rice|wafer) paper)(?: (?:for|to) [\p{L} ]+)?\s*(?:,|$))/iu
const NEXT_OR_PLUS = new RegExp(
  `${NEXT.source}|\\s+\\+\\s+(?![^(]*\\))(?!(?:[\\d¼½¾⅓⅔]\\S*\\s+)?(?:\\w+\\s+)?(?:for|extra|more|to)\\b)`,
  'i',
)

/** Between things of a row by name; what says only how the one before is, "1 banana, mashed", is none. */
const NEXT_NAMED =
  /,\s+(?![^(]*\))(?!(?:(?:finely|freshly|lightly|roughly|very|well) )?(?:\p{L}{3,}ed|cut up|soft|split)(?: and \p{L}{3,}ed)?\.?(?:,|$))/u

/** What nobody dusts with: "2 tsp rosewater, red colouring, 50 g icing sugar for dusting". */
const NO_DUST = new RegExp(`${FLEETING.source}|water\\b`, 'i')
/** "50 g icing sugar + 50 g cornflour for dusting": said of both. */
const USED =
  /^(.+?)(,? (?:for (?:dusting|coating|rolling|tossing|dipping|sprinkling|decorating)|to (?:coat|dust|roll|finish)))$/i

/** "Sugar: 2 cups" */
const NAME_FIRST = /^(\p{L}[\p{L} -]{2,40}):\s*([\d¼½¾⅓⅔][\d/.,¼½¾⅓⅔ ]*\s?\p{L}+)\.?$/u
/** "Butter 100" */
export const NAMED_BARE =
  /^(?!.*\b(?:to|at|till|until) \d)(?:\d+ ?% )?\p{L}[\p{L} '’-]{1,30}(?: \d{1,2} ?(?:%|DE\b))? \d+(?:[.,]\d+)?(?: \([^)]*\))?$/u
/** "Walnuts 350 g toasted", "whites 2" */
const ENDS_NEARLY = /^\p{L}[\p{L} ]{2,30} (?:\d+ ?(?:k?g|m?l) \p{L}{3,}|\d{1,2})$/u
const endsWithAmount = (piece: string): boolean => ENDS_WITH_AMOUNT.test(piece) || ENDS_NEARLY.test(piece)
/** ◊ Of a row of names and amounts so many have an amount; the rest are colours, or salt. */
export const MOST_OF = 0.6

/** "1 lb sugar / 450 g", "450 g / 1 lb sugar": the same once more. */
const AMOUNT_ALONE =
  /(?:[\d.,]+|[\d\s]*[¼½¾⅓⅔]|\d+\s*\/\s*\d+)\s*(?:k?g|[mc]?l|oz|ounces?|lbs?|pounds?|cups?|fl\.? oz|pints?)\.?\s*/
    .source

const APART = new RegExp(
  `\\s+(?:[·•|]|\\/\\/)\\s+|(?<!^\\s*(?:[-–*•·▢□]\\s+)?(?:${AMOUNT_ALONE}){1,2})\\s+\\/\\s+(?!${AMOUNT_ALONE}$)(?![^(]*\\))|\\s*;\\s+(?![^(]*\\))`,
  'i',
)

/** How a sentence of a method begins, with a small letter too where it says what is done. */
const TELLS = `(?:\\p{Lu}|(?:boil|combine|cook|heat|melt|mix|put)\\b)`
/** "3 cups sugar, 1 cup water. Boil without stirring …" */
const LIST_THEN_METHOD = new RegExp(`^([^.]*(?:\\.(?!\\s+${TELLS})[^.]*)*)\\.\\s+(${TELLS}.*)$`, 'su')

/** ◊ A sentence of so many amounts, with what is done after it, is a list, whether it says that one needs them or not. */
const FEWEST_NEEDED = { said: 2, unsaid: 3 }
/** ◊ So many amounts are a list whatever comes after them. */
const SURELY_NEEDED = 5

/** ◊ So many amounts without anything between them are things of a list. */
const FEWEST_RUN_ON = 3
/** What says itself where the next of them begins. */
const LINKED = /[,;]|\b(?:and|or|plus|then)$/i
const MEASURED = '(?:\\d+ \\d\\/\\d|\\d[\\d/.]*|\\d* ?[¼½¾⅓⅔]) ?(?:k?g|[mc]?l|oz|lbs?|cups?|tbsps?|tsps?)'
/** "100g butter 150ml cream 1 tsp vanilla", "butter 100g cream 150ml vanilla 1 tsp": where the next of them begins. */
const RUN_ON: readonly [RegExp, RegExp] = [
  new RegExp(`(?<=^[\\d¼½¾⅓⅔].*\\p{L}{3})\\s+(?=${MEASURED}\\s+\\p{L}{3})`, 'iu'),
  new RegExp(`(?<=^\\p{L}.*\\s${MEASURED})\\s+(?=\\p{L}{3}[\\p{L} ]* ${MEASURED}(?!\\p{L}))`, 'iu'),
]

const NOTHING_ELSE = /,? (?:and )?(?:nothing else|that['’]?s (?:all|it))$/i
/** "Also half a teaspoon of bicarbonate." */
const ALSO = /^(?:and )?also,? (?=[\d¼½¾⅓⅔]|an? |half |one |two )/i
/** "Demerara sugar (500 g)" */
const AMOUNT_AFTER = /^(\p{L}[\p{L} '’-]+) \(([\d¼½¾⅓⅔][^()]*)\)$/u
function neededSaid(sentence: string): string[] {
  const things = sentence.replace(NEEDS, '').replace(/\.$/, '').replace(NOTHING_ELSE, '').replace(ALSO, '')
  const named = things.split(/,\s+(?:and\s+)?(?![^(]*\))/)
  const turned = named.map((thing) => thing.replace(AMOUNT_AFTER, '$2 $1'))
  const apart = things.split(/;\s+/)
  if (apart.length >= FEWEST_NEEDED.unsaid) return apart
  if (turned.filter((thing, i) => thing !== named[i]).length >= MOST_OF * named.length) return turned
  return things.split(NEXT_SAID).flatMap((piece) => piece.split(RUN_ON[0]))
}

/** "Take a cup of sugar, a tin of milk and boil it up till …" */
const AND_COOKS = /^(.{10,200}?),? and ((?:boil|bring|cook|heat|melt) (?:all|everything|it|them|the lot)\b.*)$/i

/** "… 4 oz butter. Vanilla.": a sentence that names what has no amount. */
const NAMED_ALONE = /^(?:(?:some|(?:\p{L}+ )?essence of) )?(?:salt|vanilla)(?: (?:essence|extract))?\.$/iu

/** "Okay you want 250 g of sugar and 100 g of glucose. Melt the sugar": the amounts as rows, and what is told before and after them; null for no such sentence. */
function neededIn(line: string): string[] | null {
  const said = line.split(/(?<=[^\d\s][^\s]\.)\s+/).flatMap((s) => {
    const [, needs, cooks] = AND_COOKS.exec(s) ?? []
    return needs && cooks ? [`${needs}.`, capital(cooks)] : [s]
  })
  if (said.length < 2) {
    const rows = NEEDS.test(line) ? neededSaid(line) : []
    return rows.length > 1 && rows.every(isLine) ? rows : null
  }
  const needed = said.map(neededSaid)
  const isList = (i: number): boolean =>
    NAMED_ALONE.test(said[i] as string) || (!beginsDone(said[i] as string) && (needed[i] as string[]).every(isLine))
  const saysNeed = said.map((s) => NEEDS.test(s))
  const from = needed.findIndex(
    ({ length }, i) => isList(i) && length >= FEWEST_NEEDED[saysNeed[i] ? 'said' : 'unsaid'],
  )
  // what goes on in the next sentence is of it
  const ends = said.findIndex((_, i) => i > from && !isList(i))
  const isSure = saysNeed[from] || (needed[from] ?? []).length >= SURELY_NEEDED
  if (from < 0 || (ends < 0 && !isSure)) return null
  const rowsOf = (to?: number): string[] =>
    needed
      .slice(from, to)
      .flat()
      .flatMap((piece) => piece.split(UNMEASURED))
  const before = from > 0 ? [said.slice(0, from).join(' ')] : []
  if (ends < 0) return [...before, ...rowsOf()]
  if (!isSure && !beginsDone(said[ends] as string)) return null
  return [
    ...before,
    ...rowsOf(ends).map((piece) => piece.replace(IN_VESSEL, '$1$4 $2$3')),
    ...inOneRow(said.slice(ends).join(' ')),
  ]
}

/** Between names with their amounts: what stands after "2 c." is what there are two cups of. */
const ENDED =
  /;\s+(?=\p{L})|\.\s+(?=\p{Lu})|(?<![\d¼½¾⅓⅔] ?(?:[CcTt]|gal|[Ll]bs?|oz|pkg|pts?|qts?|[Tt]bsp?|[Tt]bs|tsp))\.\s+(?=\p{Ll})/u

/** Between amounts that each end as sentences do; what is only shortened ends none. */
const STOPPED = /(?<=\p{L}{3})(?<!\b(?:approx|cups?|env|lbs?|med|pkg|pkt|tbsp|tsp))\.\s+(?=[\d¼½¾⅓⅔])(?!\d+ ?%)/iu

/** "Sugar 400 g, lecithin 2 g. Dark chocolate 200 g": names with their amounts, in sentences. */
const STOPPED_NAMED = /(?<=\d ?(?:k?g|m?l|oz))\.\s+(?=\p{Lu})/u
function namedInSentences(line: string): string[] | null {
  const lists = line.split(STOPPED_NAMED).map((list) => list.split(/,\s+/))
  const isNamed = (piece: string): boolean => ENDS_WITH_AMOUNT.test(piece) && !beginsDone(piece)
  return lists.length > 1 && lists.every((list) => list.every(isNamed)) ? lists.flat() : null
}

const IS_MARK = new RegExp(`^${A_MARK}$`, 'i')

/** "Sugar 500, glucose 250, water 125 (g). …", "sugar 40, salt 0.4 (kg)" */
const IN_ONE_UNIT =
  /^(\p{L}(?:[^().]|\.(?=\d))*\d)\s*\((?:all )?(?:in )?(k?g|grams|kilo(?:s|grams)?|oz|ounces)\)[.;]?\s*(.*)$/iu
function unitAtEnd(line: string): string[] | null {
  const [, listed, unit, rest = ''] = IN_ONE_UNIT.exec(bare(line)) ?? []
  const pieces = listed?.split(/(?:[,;]|\s[|·/])\s+/) ?? []
  if (pieces.length < 2 || !pieces.every((piece) => NAMED_BARE.test(piece))) return null
  return [...pieces.map((piece) => `${piece} ${unit}`), ...(rest ? inOneRow(rest) : [])]
}

/** "Base - 150 g flour, 75 g sugar; caramel - 1 can condensed milk, 100 g butter": each with its list, after what the whole is called. */
const PART_OF_ROW = /^(?:([^:;]{3,80}):\s+)?(\p{L}[\p{L} ]{2,24}?) [-–—] (?=[\d¼½¾⅓⅔])(.+)$/u
function partsInRow(line: string): string[] | null {
  const parts = line.split(/;\s+/).map((part) => PART_OF_ROW.exec(part))
  if (parts.length < 2 || parts.some((part, i) => part === null || (i > 0 && part[1] !== undefined))) return null
  const name = parts[0]?.[1]
  return [
    ...(name ? [name] : []),
    ...parts.flatMap((part) => [`For the ${part?.[2]?.toLowerCase()}:`, ...inOneRow(part?.[3] ?? '')]),
  ]
}

/** "Base: 120 g flour, 60 g butter. Caramel: 1 can condensed milk": where the next of them begins. */
const NEXT_HEADED = /(?<=[\p{L}\d)])\.\s+(?=\p{Lu}[\p{L} '’-]{2,24}:\s+[\d¼½¾⅓⅔])/u

/** "15 g gelatine powder + 75 g water", "gelatine 6 g in 30 g water", "gelatin 20 g, water 80 g" */
const WITH_WATER =
  /^([^,;+&.]*\bgelatine?\b[^,;+&.]*?)(?:\s*[+&]\s*|,\s+|(?<=\d ?g) in )([\d¼½¾⅓⅔][^,;+&.]{0,20}\bwater|(?:cold )?water \d+ ?(?:g|ml))$/i

const isThing = (piece: string): boolean => hasAmount(piece) || OF_FRUIT.test(piece)

/** Things of one row, the first of them with a heading before it: that in a row of its own, and where it ends. */
function underHead(pieces: string[]): string[] {
  const [, over, begins] = HEADED_ROW.exec(pieces[0] as string) ?? []
  return over && begins ? [`${over}:`, begins, ...pieces.slice(1), ROW_ENDS] : pieces
}

/** "150 g glucose and 80 g butter", as two; anything else as it is. */
function inTwo(piece: string): string[] {
  const both = piece.split(/\s+(?:and|&)\s+(?=[\d¼½¾⅓⅔])/)
  return both.every(isAmountOf) ? both : [piece]
}

/** "1 cup sugar, 1 cup corn syrup", each by itself; anything else as it is. */
function inSeveral(piece: string): string[] {
  const several = piece.split(NEXT)
  return several.every(isLine) ? several : [piece]
}

/** "To finish: smoked salt": a heading, and what nobody says how much of. */
const FINISHED_WITH = /^(to (?:coat|decorate|dust|finish|garnish|roll|serve)): (\p{L}[\p{L}, ’'-]{2,60})$/iu

/** "60 g icing sugar + 60 g cornflour, sifted together" */
const withPlus = (piece: string): string[] => inTwo(piece.replace(/\s+\+\s+(?=[\d¼½¾⅓⅔])/g, ' and '))

/** Several things of a list in one row, "500 g sugar · 150 ml water", and a heading that stands in the same row. */
export function inOneRow(row: string): string[] {
  const line = row.replace(
    /^(?:(?:for (?:about )?\d+|ingredients|ingr(?:eds?)?\.?|needs?|shopping list|(?:what )?you(?:[’']ll| will)? need)\s*:|you[’']ll need(?= \d))\s+/i,
    '',
  )
  const [, last, goods] = FINISHED_WITH.exec(bare(line)) ?? []
  if (last && goods) return [`${last}:`, ...goods.split(/,\s+|\s+and\s+/), ROW_ENDS]
  // "• Phase 1: cream 800 g, coffee 40 g"
  const marked = BULLET.test(line) && HEADED_ROW.test(bare(line)) ? inOneRow(bare(line)) : []
  if (marked.length > 1 && marked[0]?.endsWith(':')) return marked
  const [, gelatin, water] = WITH_WATER.exec(line) ?? []
  if (gelatin && water) return [gelatin, `${water} (for the gelatine)`]
  const headed = line.split(NEXT_HEADED)
  if (headed.length > 1 && headed.every((part) => HEADED_ROW.test(part))) return headed.flatMap(inOneRow)
  const ofOneUnit = unitAtEnd(line)
  if (ofOneUnit) return ofOneUnit
  const each = charged(line) ?? ofEach(line) ?? ofOneThing(line) ?? partsInRow(line)
  if (each) return each
  // "Put into a kettle: 2 cups molasses, 1 cup sugar. Cook slowly …"
  const [, done = '', after = ''] = HEADED_ROW.exec(line) ?? []
  const begins = done.search(DONE) === 0
  const [, listed = '', told = ''] = LIST_THEN_METHOD.exec(begins ? after : line) ?? []
  const first = listed.split(NEXT_OR_PLUS)
  const named = listed.split(/,\s+/)
  const ending = named.filter((piece) => ENDS_WITH_AMOUNT.test(piece)).length
  const areNamed = named.length > 2 ? ending >= MOST_OF * named.length : named.length > 1 && ending === named.length
  if (DONE.test(told) && areNamed && ENDS_WITH_AMOUNT.test(named[0] as string)) {
    // "Sesame crunch: sugar 300 g, honey 100 g. Cook …"
    return [...(begins ? named : underHead(named)), told]
  }
  if (DONE.test(told) && first.length > 1 && first.every(isLine))
    return [...inOneRow(listed), begins ? `${done}. ${told}` : told]
  // "Ginger sauce: 200 g sugar, 80 g butter. Melt the butter …"
  const [, listOf = '', then = ''] = (!begins && LIST_THEN_METHOD.exec(after)) || []
  const things = listOf.split(NEXT_OR_PLUS)
  // "TOP: 200 g milk chocolate, melted. Pour over …"
  const isHead = things.length > 1 || /^\p{Lu}{3,}$/u.test(done) || HEAD_BARE.test(done)
  if (DONE.test(then) && isHead && things.every(isLine)) return [`${done}:`, ...inOneRow(listOf), ROW_ENDS, then]
  const unstopped = line.replace(/\.$/, '')
  // "Sugar 500 g; glucose 400 g. Hazelnuts 250 g."
  const ended = unstopped.split(ENDED)
  const amounts = ended.filter((piece) => ENDS_WITH_AMOUNT.test(piece)).length
  if (ended.length > 2 && amounts > MOST_OF * ended.length && !ended.some(beginsDone) && !beginsWithAmount(line))
    return underHead(ended)
  // "2 cups cream, split in half. 2 cups sugar, 1 cup syrup."
  const parted = unstopped.split(STOPPED)
  if (parted.length > 1 && parted.every((piece) => beginsWithAmount(piece) && !looksLikeMethod(piece)))
    return parted.flatMap(inOneRow)
  const needed = namedInSentences(unstopped) ?? neededIn(line)
  if (needed) return needed
  const runOn = (looksLikeMethod(line) ? [] : RUN_ON)
    .map((between) => unstopped.split(between))
    .find(
      (all) =>
        all.length >= FEWEST_RUN_ON &&
        !all.some((piece) => LINKED.test(piece)) &&
        (all.every(isLine) || all.every((piece) => ENDS_WITH_AMOUNT.test(piece))),
    )
  if (runOn) return runOn
  // "50 g icing sugar and 50 g cornflour, sifted together"
  const both = inTwo(line)
  if (both.length > 1 && !both.some((piece) => NEXT.test(piece)) && (!looksLikeMethod(line) || !tells(line)))
    return both
  // "250 g almonds - 180 g sugar - 60 g water"
  const dashed = line.split(/\s+[-–—]\s+(?=[\d¼½¾⅓⅔])/)
  if (dashed.length > 2 && dashed.every(isLine)) return dashed
  // "Sugar 300 g – honey 75 g – cream 200 g"
  const byName = line.split(/\s+[–—-]\s+/)
  if (byName.length > 2 && byName.every((piece) => ENDS_WITH_AMOUNT.test(piece))) return byName
  const stopped = line.split(/\.\s+(?=\p{Lu})/u)
  const amountFirst = stopped.map((piece) => piece.replace(NAME_FIRST, '$2 $1'))
  const turned = amountFirst.filter((piece, i) => piece !== stopped[i]).length
  if (stopped.length > 1 && turned >= MOST_OF * stopped.length) return amountFirst
  const apart = line.split(APART)
  const opens = (HEADED_ROW.exec(apart[0] as string)?.[2] ?? apart[0]) as string
  if (
    [opens, ...apart.slice(1)].filter(isThing).length > 1 &&
    isThing(opens) &&
    !looksLikeMethod(apart.at(-1) as string)
  ) {
    // "Base: oats 400 g; flour 600 g"
    const split = apart.flatMap(inSeveral).flatMap((piece) => piece.split(UNMEASURED))
    return underHead(split.flatMap(withPlus))
  }
  const [, heading, rest] = HEADED_ROW.exec(line) ?? []
  const ends = (rest ?? line).replace(/(?<=\d ?(?:k?g|[cdm]?l)|\p{L}{3})\.$/u, '').split(NEXT_NAMED)
  // "glucose syrup 200 g, honey 120 g, 2 egg whites": an amount may stand at either end
  const isMixed = ends.length > 2 && !/[.!?]\s+\p{Lu}/u.test(line) && !ends.some(tells)
  const areEnds = ends.filter((p) => endsWithAmount(p) || (isMixed && isLine(p))).length > MOST_OF * ends.length
  if (
    areEnds &&
    !/:/.test(rest ?? line) &&
    (heading === undefined ||
      ends.length > 1 ||
      heading.length === 1 ||
      IS_MARK.test(heading) ||
      HEAD_BARE.test(heading))
  )
    return heading === undefined ? ends : [`${heading}:`, ...ends, ROW_ENDS]
  // "butter 100, sugar 100 | water 20": of which unit is asked
  const bareEnds = (rest ?? unstopped).replace(/\.$/, '').split(/(?:[,;]|\s(?:[|·]|\/\/))\s+(?![^(]*\))/)
  if (bareEnds.length > 2 && bareEnds.filter((piece) => NAMED_BARE.test(piece)).length > MOST_OF * bareEnds.length)
    return heading === undefined ? bareEnds : [`${heading}:`, ...bareEnds, ROW_ENDS]
  const [, all = rest ?? line, use = ''] = USED.exec(rest ?? line) ?? []
  const pieces = all.split(NEXT_OR_PLUS)
  const lines =
    (pieces.length > 1 || (heading !== undefined && UNMEASURED.test(all))) && pieces.every(isLine)
      ? pieces
          .flatMap((piece) => ofEach(piece) ?? inTwo(piece.replace(/\.$/, '')).flatMap((p) => p.split(UNMEASURED)))
          .map((piece) => (NO_DUST.test(piece) ? piece : `${piece}${use}`))
      : (ofEach(rest ?? line) ?? (rest === undefined ? [line] : inTwo(rest)))
  // "Honey: 200 g honey"
  const isOwn =
    heading !== undefined && ` ${measureAt(bare(all), [])?.rest}`.toLowerCase().endsWith(` ${heading.toLowerCase()}`)
  if (isOwn) return [all]
  const alone =
    lines.length < 2 &&
    !/^(?:for|to)\b|\b[A-H]$/i.test(heading ?? '') &&
    !IS_MARK.test(heading ?? '') &&
    !HEAD_BARE.test(heading ?? '')
  if (alone || !pieces.every(isLine)) return [line]
  return heading === undefined ? lines : [`${heading}:`, ...lines, ROW_ENDS]
}

/** "A  sugar 620 g, glucose 480 g", over "B  cream 700 g" */
const LETTERED = /^([A-H])\s+(?=\p{L}[^.]*\d)/u
const isLettered = (line: string, letter: string): boolean =>
  LETTERED.exec(line)?.[1] === letter && ENDS_WITH_AMOUNT.test(line)
/** Lines with a colon after the letters that mark them, of which there are two in turn at least. */
export const lettered = (lines: readonly string[]): readonly string[] =>
  lines.some((l, i) => isLettered(l, 'A') && isLettered(lines[i + 1] ?? '', 'B'))
    ? lines.map((l) => (ENDS_WITH_AMOUNT.test(l) ? l.replace(LETTERED, '$1: ') : l))
    : lines
