/** A pasted recipe taken apart: its name, its list and its method, each under the headings that stand above them. */

import { capital, secondsIn } from '../../formula/sentence'
import { measureAt } from '../../matter/amount'
import { beginsDone, DONE } from '../sentence/endings'
import { heatIn } from '../sentence/heats'
import { isGotReady } from '../sentence/moves'
import { withoutDipped } from './dipped'
import { alike, bareHeadsIn, COMES_LAST, HEAD_LIST, HEAD_METHOD, HEAD_NOTES, partHeading } from './headings'
import { FILLS, isCountRow, makesIn } from './how-many'
import { namedBelow, partsInTurn } from './interleaved'
import { furnitureOf, isWholeRecipe } from './page'
import { plainLines, ROW_ENDS } from './plain'
import { isAmountOf, isLine, isRowOfList, looksLikeMethod, tells } from './row-kinds'
import { inOneRow, lettered, NAMED_BARE } from './rows'
import { bareIn, inListUnit, type ListUnit, saysUnit, unitApart, withUnits } from './units'
import { BULLET, bare, beginsWithAmount, ENDS_WITH_AMOUNT, hasAmount } from './unmarked'

/** Lines under a heading; those under none come first. */
export interface Headed {
  /** What is made of them, as it is written without its "for the"; null where nothing stands above them. */
  readonly heading: string | null
  readonly lines: readonly string[]
}

export interface SplitRecipe {
  readonly name: string
  readonly list: readonly Headed[]
  readonly method: readonly Headed[]
  /** How many pieces it says it makes; null where it does not. */
  readonly makes: number | null
  /** The line that says so; null for none. */
  readonly yields: string | null
  /** The line of the list that says into what it is poured; null for none. */
  readonly vessel: string | null
  /** Lines nothing is made of: praise, notes, tools, how many it serves. */
  readonly left: readonly string[]
  /** The first number of its list, where none of them has a unit; null for any other. */
  readonly unitless: string | null
}

/** Lines nobody does: how many it serves, how long it takes, what else would do, how it is stored. */
const NOTHING =
  /^(?:\d+ (?:mins?|minutes?|hours?|hrs?) (?:active|cooking|hands.on|prep|total)\b|["“][^"”]{20,}["”]$|\([^()\d]+\)$|\(for \d+ [x×] [^()]{3,30}\)$|\(\d+ (?:pces?|pcs?|pieces)\.?\)$|\((?:adapted|courtesy|from|inspired|recipe|sent|submitted)\b[^)]*\)$|for (?:about |approx\w*\.? )?\d+(?:[.,]\d+)? ?(?:kg|g|lbs?|(?:[x×] ?\d+ ?(?:mm|cm|in(?:ch)?) )?(?:cubes)|pieces|sweets|squares|bars|caramels|toffees|marshmallows)$|\((?:about|approx\w*\.?|makes?|yields?|enough)\b[^)]*\)$|step\s+\d+\s*[:.]?$|(?:\d+(?:\/\d+)?x\s*)+$|(?:u\.?s\.?(?: customary)?|metric|imperial)(?:\s*[–/|-]?\s*(?:u\.?s\.?(?: customary)?|metric|imperial))*$|(?:#[\p{L}\d]+\s*)+$|[^\p{L}\d¼½¾⅓⅔]+$|(?:from|to|cc|sent|date)\s*:|mise(?: en place)?\s*:(?=[^.]*\.?$)|(?:serves|servings?|enough for|for (?:a|one|1) \w+ \(|makes|yields?|(?:prep(?:aration)?|cook(?:ing)?|total|active|hands.on|ready in)(?: time)?:? (?:about )?(?!1\d\d\b|\d{2,3} ?[–-] ?1\d\d\b|\d{2,3} ?°)\d+(?![\d.,]*\s?k?g\b)|(?:prep(?:aration)?|cook(?:ing)?|total|active) time|time(?= ?:))\b|(?:at a glance|author|source|quick facts|category|course|cuisine|difficulty|batch(?: size)?|(?:\p{L}+ )?notes?|tips?|cook.?s tips?|variations?|nutrition(?:al)?(?: \w+)?|calories|storage|to store|shelf life|(?:special )?(?:equipment|tools))\s*:).*$/iu
/** "For 2 frames of 30 x 40 x 1.2 cm": what it is poured into. */
const VESSEL =
  /^\(?(?:(?:amounts?|batch|formula|quantit(?:y|ies)|recipe)(?: (?:is|are|makes|yields))?:? )?(?:for |(?:fills|yields?|makes):? |(?<=^(?:quantity|batch|yield|recipe makes):? ))(?:\d+|an?|one|two|three|four) [^,;.]{0,40}\b(?:frames?|pans?|slabs?|tins?|trays?)\b(?![^,;.]*\b(?:k?g|ml|cups?|oz|lbs?)\b)/i
/** "Tin 20 x 20.", where no method has begun. */
const TIN = /^(?:(?:1|one) )?(?:frame|pan|slab|tin|tray):? \d+(?:\.\d+)? ?[x×] ?\d+[^,;]{0,12}$/i
/** What a list names that nobody eats: "24 lollipop sticks". */
const TOOL =
  /^(?:\d[\d\s–-]*|an? |some )?(?:\w+ ){0,2}?(?:(?:lolli(?:pop)?|lolly|popsicle|craft|wooden|paper|bamboo) sticks?|(?<=^\d+ )sticks|skewers?|cellophane(?: \w+)?|wrappers?|parchment(?: paper)?|(?:wax(?:ed)?|baking|greaseproof) paper|foil|(?:candy|sugar|jam) thermometer|paper (?:cases|cups|liners)|silicone mats?|(?:non-?stick )?(?:(?:cooking|baking|oil) )?spray|oil(?=,? (?:for|to) (?:brush|greas|oil|the (?:dish|mat|mou?lds?|pan|sheet|slab|tin|tray))))(?:,.*| (?:for|to) .*|\s*\(.*\))?$/i

/** "- 140: down to low. 148: off. Dip the base in cold water": what is done, though an amount of something could begin so. */
const isDone = (line: string): boolean => /^\S\s+[1-3]\d\d ?[°CF]*:\s/.test(line) && looksLikeMethod(line)

/** ◊ A list can stand in the middle of a method: what has a bullet, or is as short as a line of one. */
const IS_DONE = /^(?:bag|bottle|drop|jar|pot|sheet|splash|tin)\b/i
const IS_STEP = /^\(?\d{1,2}[.)]\s/
const isListed = (line: string): boolean =>
  BULLET.test(line)
    ? beginsWithAmount(line) && isLine(line) && !isDone(line)
    : line.length < 40 &&
      (!IS_STEP.test(line) || beginsWithAmount(line)) &&
      // "drop by tablespoons", "sheet between mats": no drop, and no sheet, of anything
      ((!/[.;:,]/.test(line) && !IS_DONE.test(line) && isLine(line) && measureAt(bare(line), [])?.unit !== null) ||
        (ENDS_WITH_AMOUNT.test(line) && !/[;:,]/.test(line) && line.search(DONE) !== 0))

/** "A slab for the quay" counts nothing, though it begins with a number in words. */
const isTitle = (line: string): boolean => /^(?:an?|one|the)\s/i.test(line) && !/\d|[¼½¾⅓⅔]|\bof\b/.test(line)

/** "1,000 g cream: scald, hold 80 °C. In a copper pan …": a method, whatever it begins with. ◊ */
const isTold = (line: string): boolean => line.split(/[.!]\s+(?=\p{Lu})/u).length >= 3 && heatIn(line) !== null

/** ◊ Of the lines after a list so many tell what is done where the method stands there under no heading. */
const TELL = 0.7
const FEWEST_TOLD = 3

/** Where other bullets begin than those of the list, and go on to the end; -1 where none do. */
function otherMarks(lines: readonly string[]): number {
  const marks = lines.map((l) => BULLET.exec(l)?.[0] ?? null)
  const first = marks.find((m) => m !== null)
  const from = marks.findIndex((m) => m !== null && m !== first)
  const told = lines.slice(from)
  const areMarked = marks.slice(from).every((m) => m === marks[from])
  if (from > 1 && told.length >= FEWEST_TOLD && areMarked && told.some(tells)) return from
  // a list without marks, and then steps that have some
  const begins = marks.findIndex((m) => m !== null)
  const steps = lines.slice(begins)
  const isList = lines.slice(0, begins).filter((l) => hasAmount(l) || NAMED_BARE.test(l)).length > 1
  const areSteps = steps.length >= FEWEST_TOLD && marks.slice(begins).every((m) => m === first)
  return isList && areSteps && steps.some(tells) && !steps.every(isAmountOf) ? begins : -1
}

/** Where the method begins that stands under no heading, in lines as short as those of the list; -1 where that is not so. */
function toldFrom(lines: readonly string[]): number {
  if (lines.some((l) => HEAD_METHOD.test(l))) return -1
  const marked = otherMarks(lines)
  if (marked >= 0) return marked
  // what stands right over a sentence of the method and tells as well is one, however short
  const sure = lines.findIndex(looksLikeMethod)
  if (sure >= 0) {
    const over = lines.slice(0, sure).findLastIndex((l) => !tells(l) || hasAmount(l))
    return over > 0 && over + 1 < sure ? over + 1 : -1
  }
  const last = lines.findLastIndex((l) => hasAmount(l) && !tells(l))
  // "sugar for dusting" ends the list without an amount
  const from = lines.findIndex((l, i) => i > last && tells(l))
  const rest = lines.slice(from)
  const enough = rest.length >= FEWEST_TOLD && rest.filter(tells).length >= TELL * rest.length
  return last > 0 && from > 0 && enough ? from : -1
}

/** "1) everything", "b) pour": how the first steps begin that are counted. */
const FIRST_STEPS = ['a', 'b', 'c'].map((letter, n) => new RegExp(`^(?:${n + 1}[.)]|\\(?${letter}\\))\\s+\\S`, 'i'))
/** "1) everything goes in the pan", "2) to 120, stirring": where steps begin that are counted, after a list or without one; -1 where none are. */
function countedFrom(lines: readonly string[]): number {
  const from = lines.findIndex((_, i) =>
    FIRST_STEPS.every((step, n) => step.test(lines[i + n] ?? '') && !isAmountOf(lines[i + n] as string)),
  )
  const listed = lines.slice(0, Math.max(0, from)).filter((l) => hasAmount(l) || NAMED_BARE.test(l)).length
  // a method that measures for itself has no list over it
  const told = lines.slice(from).filter(tells).length
  return listed > 1 || (listed === 0 && told >= TELL * (lines.length - from)) ? from : -1
}

/** A sentence that tells nobody to do anything: "This buttery toffee is topped with chocolate", "this comes together in 15 minutes". */
const praises = (line: string): boolean =>
  /[.!?](?:$|\s+\p{Lu})/u.test(line) &&
  !isGotReady(line) &&
  !line.split(/[.!?]\s+/).some((s) => s.search(DONE) === 0 || beginsDone(s) || heatIn(s) !== null) &&
  !isAmountOf(line) &&
  (secondsIn(line) === null || /^(?:these|this)\b/i.test(line))

/** A first line over a list is its name, however it is written. */
const isNamed = (line: string, next: string): boolean =>
  !beginsWithAmount(line) &&
  (HEAD_LIST.test(next) ||
    /^for the .+:$/i.test(next) ||
    beginsWithAmount(next) ||
    (isLine(next) && !looksLikeMethod(next)))

/** What sweets are called: "Caramel 2 kg" is a name over its list, "Sugar 500 g" is the first line of a list that has none. */
const SWEET =
  /\b(?:bark|(?<!chocolate )(?:bars?|drops?)|batch|brittles?|butterscotch|cand(?:y|ies)|caramels?|clusters?|crunch|fudge|gumm(?:y|ies)|honeycomb|jell(?:y|ies)|loll(?:y|ies)|lollipops?|marshmallows?|nougat|recipe|sauce|slabs?|sweets?|tablet|taff(?:y|ies)|toffees?|torrone|turkish delight)\b/i
/** "Sugar 900g", "sugar 100%", "evaporated milk 410g tin", "butter 82 120 g" */
const IS_WEIGHED =
  /^\p{L}.*?[\s(:–-]\d[\d.,/]* ?(?:%|(?:k?g|grams?|kilos?|[cdm]?l|(?:milli)?lit(?:er|re)s?|oz|ounces?|lbs?|pounds?|tbsp|tsp|(?:table|tea)spoons?|cups?|pints?)\b)[^.!?]{0,25}$/iu
const beginsList = (line: string, next: string): boolean =>
  [line, next].every((row) => IS_WEIGHED.test(bare(row))) && !SWEET.test(line)

/** "Phase 1", "Syrup:": over one part of several, a heading where a name would be. */
const MARKS_PART = /:$|^(?:group|ingredients|part|phase|stage) /i
const headsFirst = (lines: readonly string[]): boolean =>
  MARKS_PART.test(lines[0] ?? '') &&
  !SWEET.test(lines[0] ?? '') &&
  lines.some(
    (l, i) => i > 0 && !HEAD_METHOD.test(l) && MARKS_PART.test(l) && partHeading(l, lines[i + 1] ?? '') !== null,
  )

/**
 * Where a list and a method both stand under their headings, what stands between the name and the list is neither: how it is served, who wrote it,
 * what praises it. Rows by their number; none where an amount of something stands among them.
 */
function prefaceOf(rows: readonly string[]): ReadonlySet<number> {
  const list = rows.findIndex((row) => HEAD_LIST.test(row))
  // where there are several lists, the row over each is what is made of it
  const isOver = rows.filter((row) => HEAD_LIST.test(row)).length > 1
  const between = rows.flatMap((_, i) => (i > 0 && i < (isOver ? list - 1 : list) ? [i] : []))
  const isHeaded = rows.slice(list + 1).some((row) => HEAD_METHOD.test(row))
  return new Set(
    isHeaded && !between.some((i) => isAmountOf(rows[i] as string) && !VESSEL_OF.test(rows[i] as string))
      ? between
      : [],
  )
}
/** "4-quart heavy saucepan" */
const VESSEL_OF = /\b(?:bowl|dish|kettle|mould|pan|pot|saucepan|sheet|skillet|thermometer|tin|tray)s?\b/i

/** "Subject: Re: the sea foam", "RECIPE: Vanilla caramels" */
const TITLE_MARK = /^(?:recipe|subject|title)\s*:\s*(?:(?:re|fwd?)\s*:\s*)*/i

/** "Ok so here's the recipe for the maple fudge everyone asks for" */
const SPOKEN =
  /^(?:ok(?:ay)?,? )?(?:so,? )?here(?:['’]s| is) (?:my|our|the) (?:\w+ )?recipe for (?:my |our |the )?(.+?)(?: (?:as promised|everyone (?:always )?asks (?:me )?for|I promised(?: you)?|you asked for))?[.:!]?$/i
/** "Caramel recipe you asked for!" */
const ASKED_FOR = /,? (?:recipe )?(?:as promised|(?:that )?you asked (?:me )?for|you wanted)[.!]*$/i

/** "★ Lemon fudge ★", "=== Toffee ===", "Toffee:" */
const AROUND_NAME = /^[^\p{L}\p{N}(“"'’]+|[^\p{L}\p{N})\]”"'’!?.%]+$/gu

/** "Butterscotch drops.": of a title that is no sentence the full stop goes. */
const ENDS_ALONE = /(?<=^(?:\S+ ){0,5}\S{3,})\.$/

/** "Caramel apples (makes 8)" */
const MAKES_BESIDE = /\s*\((?:batch|makes|serves|target|yields?)\b[^()]*\)$/i
/** A name as it is written in a book: in capitals alone it only shouts. */
function nameIn(title: string): string {
  const spoken = SPOKEN.exec(title)?.[1]
  const plain = spoken === undefined ? title : capital(spoken)
  const name = plain
    .replace(TITLE_MARK, '')
    .replace(MAKES_BESIDE, '')
    .replace(AROUND_NAME, '')
    .replace(ENDS_ALONE, '')
    .replace(ASKED_FOR, '')
  return /\p{Lu}{4}/u.test(name) && !/\p{Ll}/u.test(name) ? capital(name.toLowerCase()) : name
}

/** ◊ No recipe has more lines than that; what stands beyond is kept in the notes alone. */
const MOST_LINES = 400

/** "B: 550 g sugar", with the next of B in a row of its own. */
const beginsMarked = (part: { heading: string | null; lines: readonly string[] } | undefined): boolean =>
  part?.heading?.length === 1 && part.lines.length === 1

/** "Method: warm the cream": the heading and the first sentence in one row. */
const METHOD_BEGINS = /^(?:method|directions|instructions|m\. ?o\.|proc\.|procedure|how)\s*[:–]\s*(?=\S)/i

/** "Base. Crush the biscuits": a name, and what is told of it. */
const TOLD_OF = /^(\p{L}[\p{L} '’&-]{2,30})[.:]\s+(?=\p{Lu}\p{Ll})/u
/** Rows in which what stands over a part of the list stands over its method in a row of its own as well. */
function headsApart(rows: readonly string[]): readonly string[] {
  const heads = new Set(rows.flatMap((row, i) => partHeading(row, rows[i + 1] ?? '')?.toLowerCase() ?? []))
  return rows.flatMap((row) => {
    const [all = '', head] = TOLD_OF.exec(row) ?? []
    return head && heads.has(head.toLowerCase()) ? [`${head}:`, row.slice(all.length)] : [row]
  })
}

/** Takes a recipe apart. Every line is the name, in the list, in the method, a heading, or left. `unit`: that of a list of bare numbers. */
export function splitRecipe(text: string, unit?: ListUnit): SplitRecipe {
  const all = lettered(plainLines(text)).flatMap(unitApart)
  const yields = all.find((l) => makesIn(l) !== null) ?? all.find((l) => FILLS.test(l)) ?? null
  const makes = makesIn(yields ?? '')
  const isNothing = (line: string): boolean =>
    (NOTHING.test(line) && !HEAD_NOTES.test(line) && !isWholeRecipe(line)) || VESSEL.test(line) || isCountRow(line)
  const around = furnitureOf(all)
  const read = all.filter((_, i) => !around.has(i))
  const asWritten = withUnits(read)
    .filter((l) => !isNothing(l) && !saysUnit(l))
    .flatMap((l) => (METHOD_BEGINS.test(l) ? ['Method', l.replace(METHOD_BEGINS, '')] : l))
    .flatMap(inOneRow)
  const asTold = namedBelow(asWritten)
  const unitless = bareIn(asTold)
  const rows = headsApart(unitless !== null && unit ? inListUnit(asTold, unit) : asTold)
  const preface = prefaceOf(rows)
  const lines = rows.filter((_, i) => !preface.has(i)).slice(0, MOST_LINES)
  const left = [
    ...all.filter((_, i) => around.has(i)),
    ...read.filter((l) => saysUnit(l) || (isNothing(l) && makesIn(l) === null)),
    ...rows.filter((_, i) => preface.has(i)),
    ...rows.filter((_, i) => !preface.has(i)).slice(MOST_LINES),
  ]
  let name = ''
  const list: { heading: string | null; lines: string[] }[] = [{ heading: null, lines: [] }]
  const method: typeof list = [{ heading: null, lines: [] }]
  let mode: 'start' | 'list' | 'method' | 'notes' = 'start'
  const put = (where: typeof list, line: string): void => void where.at(-1)?.lines.push(line)
  /** What praises the sweet before anything of a list stands there. */
  const before: string[] = []
  /** "6 tbsp butter, at room temperature, cut into pieces", "butter, cold cubes 120 g", with another amount right over or under it. */
  const isRow = (line = ''): boolean =>
    isRowOfList(line) || (ENDS_WITH_AMOUNT.test(line) && !looksLikeMethod(line) && !tells(line) && !heatIn(line))
  const standsInList = (i: number): boolean => isRow(lines[i]) && (isRow(lines[i - 1]) || isRow(lines[i + 1]))
  const heads = bareHeadsIn(lines)
  const turns = partsInTurn(lines)
  // a part that is told in turn has its list over its method
  const isToldIn = (line: string): boolean =>
    looksLikeMethod(line) || (turns.size > 0 && tells(line) && !hasAmount(line))
  const counted = countedFrom(lines)
  const begins = counted < 0 ? toldFrom(lines) : counted
  /** "4 cups cider, boiled down to 1 cup." over more amounts: the first of a list, however it is written. */
  const isInList = (i: number): boolean =>
    mode === 'list' || (mode === 'start' && [0, 1].every((n) => isAmountOf(lines[i + n] ?? '')))
  const tell = (line: string): void => {
    put(method, line)
    const isPraise = list.every((s) => s.lines.length === 0) && praises(line)
    if (isPraise) before.push(line)
    else mode = 'method'
  }
  for (const [i, line] of lines.entries()) {
    const isHead = heads.has(i) || list.some((s) => s.heading === line.toLowerCase())
    const named = partHeading(line, lines[i + 1] ?? '') ?? (isHead ? line.toLowerCase() : null)
    // over a line of the list it is a heading of the list, however much it is like another
    const known = named !== null && !beginsWithAmount(lines[i + 1] ?? '') && list.some((s) => alike(s.heading, named))
    if (i === begins && turns.size === 0) mode = 'method'
    const isBegun = !name && mode === 'start' && beginsList(line, lines[i + 1] ?? '')
    const turn = turns.get(i)
    if (turn) {
      mode = turn.lists ? 'list' : 'method'
      if (turn.lists) list.push({ heading: turn.heading, lines: [] })
      method.push({ heading: turn.heading, lines: [] })
    } else if (line === ROW_ENDS) {
      if (!(beginsMarked(list.at(-1)) && isRowOfList(lines[i + 1] ?? ''))) list.push({ heading: null, lines: [] })
    } else if (HEAD_NOTES.test(line)) mode = 'notes'
    else if (HEAD_LIST.test(line)) mode = 'list'
    else if (HEAD_METHOD.test(line) && !known) mode = 'method'
    else if (known) {
      // what is made already stands over its list: a second time it stands over its method
      mode = 'method'
      method.push({ heading: named, lines: [] })
    } else if (mode === 'method' && named !== null && COMES_LAST.test(named)) method.push({ heading: named, lines: [] })
    else if (
      named !== null &&
      mode !== 'method' &&
      (name || mode === 'list' || /^for the/i.test(line) || (i === 0 && headsFirst(lines)))
    ) {
      mode = 'list'
      list.push({ heading: named, lines: [] })
    } else if (mode === 'notes' || (mode !== 'method' && TOOL.test(bare(line)))) left.push(line)
    else if (mode !== 'method' && TIN.test(bare(line))) left.push(line)
    else if (i === 0 && !isBegun && isNamed(line, lines[1] ?? '')) name = line
    else if (mode === 'method') isListed(line) || standsInList(i) ? put(list, line) : tell(line)
    else if (isToldIn(line) && !(isInList(i) && beginsWithAmount(line) && !isTold(line))) {
      tell(line)
    } else if (!name && !isBegun && mode === 'start' && (!beginsWithAmount(line) || isTitle(line))) name = line
    // "A New England classic.", over the list
    else if (mode === 'start' && name && !hasAmount(line) && /[.!,–—-]$/.test(line)) left.push(line)
    else {
      mode = 'list'
      put(list, line)
    }
  }
  // what is told before the list only praises it, where the method stands after that
  const told = method.reduce((sum, s) => sum + s.lines.length, 0)
  const [first] = method
  if (first && told > before.length && list.some((s) => s.lines.length > 0)) {
    first.lines = first.lines.filter((line) => !before.includes(line))
    left.push(...before)
  }
  // "Seed brittle | 20 min | 1 tray"
  const [called = '', ...beside] = name.split(/\s+\|\s+|\s{3,}(?=(?:batch|makes|yields?)\b)/i)
  const { list: boiled, dipped, count } = withoutDipped(list, method)
  left.push(...beside, ...dipped)
  return {
    name: nameIn(called),
    list: boiled.filter((s) => s.lines.length > 0),
    method: method.filter((s) => s.lines.length > 0),
    makes: makes ?? count,
    yields,
    unitless,
    vessel: all.find((l) => VESSEL.test(l)) ?? left.find((l) => TIN.test(bare(l))) ?? null,
    left,
  }
}
