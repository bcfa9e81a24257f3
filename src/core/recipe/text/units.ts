/** The unit of numbers that have none beside them, where a text says it of all: "weights in grams". */
import { measureAt } from '../../matter/amount'
import { beginsDone } from '../sentence/endings'
import { isAmountOf } from './row-kinds'
import { MOST_OF } from './rows'
import { COUNTED as COUNTABLE } from './tables'
import { ENDS_WITH_AMOUNT } from './unmarked'

const WORDS = 'g|grams|kg|lbs?|pounds|oz|ounces'
/** "All g.", "Weights in kg", "(lbs)", "Ingredient / kg", "Raw materials, g per batch", "Formula (%)": of numbers without a unit, "Sucrose 2000". */
const IN_UNIT = new RegExp(
  `^\\(?(?:(?:all )?(?:(?:amounts?|figures|numbers|weights?|quantities) )?(?:are )?(?:in )?|(?:ingredients?|raw materials?|formula)\\s*[/|(,:–-]\\s*)(${WORDS}|%|per ?cent)(?: (?:per|/) (?:\\d+ )?(?:batch|boil|k?g|kilo)\\b[ \\w]{0,20})?(?: unless (?:otherwise )?(?:marked|noted|said|stated)(?: otherwise)?)?\\)?\\.?$`,
  'i',
)
/** "All weights in grams. Roast the nuts …": it stands before the method, and is none of it. */
const BEGINS_IN_UNIT = new RegExp(
  `^((?:(?:all )?(?:amounts?|weights?|quantities) (?:are )?in|all(?: in)?) (?:${WORDS})\\.)\\s+(?=\\S)`,
  'i',
)
/** "Vanilla 2 pods (all in g)", of the last row of a list */
const ENDS_IN_UNIT = new RegExp(`(?<=\\S)\\s+(?=\\((?:all|weights?)(?: are)?(?: in)? (?:${WORDS})\\)\\.?$)`, 'i')
/** "Passion caramel (g / 1000)" */
const NAME_IN_UNIT = new RegExp(`\\((${WORDS})(?:\\s*\\/\\s*\\d+)?\\)$`, 'i')
/** "Formula (%): sugar 28, glucose 26" */
const ROW_IN_UNIT = /^(?:ingredients?|formula)\s*\((g|grams|kg|%|per ?cent)\)\s*:\s*(?=\p{L})(.+)$/iu
/** "To the cooled mass (g)": a heading with the unit of the numbers beneath it. */
const HEADED_UNIT = new RegExp(`^(\\p{L}[\\p{L} '’-]{2,40}?)\\s*\\((${WORDS})\\)\\s*:?$`, 'iu')
/** "300 Sucrose", of a table whose amounts stand last */
const BEGINS_BARE = /^\d+(?:[.,]\d+)? \p{L}{3}/u
const ENDS_BARE = /^(?!\d)(?:[^.;:]|(?<=\b\p{L}{1,4})\.(?= \p{L})){2,50}?[ \t]+\d+(?:[.,]\d+)?$/u
/** "Vanilla pods 2", "vanilla 2 pods": counted, whatever the rest is in. */
const PIECES = '(?:pods?|beans?|sticks?|lea(?:f|ves)|sheets?|eggs?|(?:egg )?whites?|yolks?)'
const COUNTED = new RegExp(`\\b(?:${PIECES}\\s+\\d|\\p{L}+ \\d ${PIECES})$`, 'iu')

/** A unit that nothing says, and the maker knows. */
export type ListUnit = 'g' | 'kg' | 'oz'

/** "Cook to 118", "step 3": no row of a list. */
const NO_ROW = /\b(?:at|makes|no|part|phase|serves|stage|step|till|to|until)\s+\d/i
/** ◊ So many numbers without a unit, and none with one, and the list leaves it to who knows. */
const FEWEST_BARE = 3

/** Where the number of a row ends: "almonds 60 (chopped)". */
const NUMBER_ENDS = /(?<=\d)(?=(?: \([^()]*\))?$)/
function isBare(row: string): boolean {
  const [named = ''] = row.split(NUMBER_ENDS)
  return ENDS_BARE.test(named) && !COUNTED.test(named) && !NO_ROW.test(named) && !beginsDone(named)
}

/** "3 eggs", "2 vanilla pods" */
const COUNTED_FIRST = new RegExp(`^\\d+ (?:\\p{L}+ )?${COUNTABLE.source}`, 'iu')
/** ◊ What is weighed in grams is hardly ever less, and what is counted hardly ever more. */
const MOST_COUNTED = 24
/** "550 cream 35", among others of which nobody says in what they are. */
function isBareFirst(row: string): boolean {
  return BEGINS_BARE.test(row) && !/[.;:]/.test(row) && !COUNTED_FIRST.test(row) && !measureAt(row, [])?.unit
}
/** The rows whose weight stands first, of a list that is written so; none of any other. */
function weighedFirst(rows: readonly string[]): string[] {
  const first = rows.filter((row) => isBareFirst(row) && Number.parseFloat(row) > MOST_COUNTED)
  return first.length >= FEWEST_BARE ? first : []
}

const BEGINS_GRAMS = /^\d[\d.,]* ?k?g\b/i

/** The first of the rows of a list whose numbers have no unit, where none of it has one; null for any other. */
export function bareIn(rows: readonly string[]): string | null {
  const first = weighedFirst(rows)
  const bare = first.length > 0 ? first : rows.filter(isBare)
  // "1.2 kg caster, 600 glucose": what has a unit leaves it open of the others
  const isOfUnit = (row: string): boolean =>
    !COUNTED.test(row) && !BEGINS_GRAMS.test(row) && (ENDS_WITH_AMOUNT.test(row) || isAmountOf(row))
  return bare.length >= FEWEST_BARE && !rows.slice(1).some(isOfUnit) ? (bare[0] ?? null) : null
}

/** Rows whose bare numbers have the unit that was answered. */
export const inListUnit = (rows: readonly string[], unit: ListUnit): string[] =>
  weighedFirst(rows).length > 0
    ? rows.map((row) => (isBareFirst(row) ? row.replace(' ', ` ${unit} `) : row))
    : rows.map((row) => (isBare(row) ? row.replace(NUMBER_ENDS, ` ${unit}`) : row))

/** Units by the letter that their words begin with. */
const UNITS = { k: 'kg', g: 'g', l: 'lb', p: 'lb', o: 'oz' } as const
const unitOf = (written: string): string =>
  /^per/i.test(written) ? '%' : (UNITS[written.charAt(0).toLowerCase() as keyof typeof UNITS] ?? '%')

/** "Grams / %": each number with its share after it, "sugar 500 / 100". */
const GRAMS_AND_SHARES = new RegExp(`^\\(?(${WORDS})\\s*[/|,]\\s*(?:%|per ?cent)\\)?$`, 'i')
const ITS_SHARE = /(?<=\d)\s*[/|]\s*\d+(?:[.,]\d+)?\s*%?$/

/** Whether a line says only what the numbers of the list are in. */
export const saysUnit = (line: string): boolean => IN_UNIT.test(line) || GRAMS_AND_SHARES.test(line)

/** A line, and before or after it what it says of the unit of all numbers. */
export const unitApart = (line: string): string[] =>
  line.replace(BEGINS_IN_UNIT, '$1\n').replace(ENDS_IN_UNIT, '\n').split('\n')

/** ◊ A line of a list without a unit has no more words than that. */
const LINE_WORDS = 4

/** "Honey 600 | sugar 900 | glucose 300": what stands in one row, where most of it is a number without a unit; anything else as it is. */
function inPieces(row: string): string[] {
  const pieces = row.split(/\s*[|·•;]\s*|,\s+/)
  return pieces.length >= FEWEST_BARE && pieces.filter(isBare).length >= MOST_OF * pieces.length ? pieces : [row]
}

/** Lines whose bare numbers have a unit: that of the heading they stand under, else the one that is said of all. */
export function withUnits(all: readonly string[]): string[] {
  let unit = all.flatMap(
    (l, i) => (IN_UNIT.exec(l) ?? GRAMS_AND_SHARES.exec(l) ?? (i === 0 ? NAME_IN_UNIT.exec(l) : null))?.[1] ?? [],
  )[0]
  const isDouble = all.some((l) => GRAMS_AND_SHARES.test(l))
  const rows = unit ? all.flatMap(inPieces) : all
  return rows.flatMap((written, i) => {
    const line = isDouble ? written.replace(ITS_SHARE, '') : written
    const [, ofRow = '', row] = ROW_IN_UNIT.exec(line) ?? []
    if (row) return row.split(/,\s+/).map((l) => `${l.replace(/\.$/, '')} ${unitOf(ofRow)}`)
    const [, heading, own] = HEADED_UNIT.exec(line) ?? []
    const isHeading = own !== undefined && !IN_UNIT.test(line)
    if (isHeading) {
      unit = own
      return `${heading}:`
    }
    // "Toffee for slabs, factory trial 14": a name
    if (!unit || COUNTED.test(line) || (i === 0 && line.split(' ').length > LINE_WORDS)) return line
    if (isBare(line)) return line.replace(NUMBER_ENDS, ` ${unitOf(unit)}`)
    return BEGINS_BARE.test(line) && !measureAt(line, [])?.unit ? line.replace(' ', ` ${unitOf(unit)} `) : line
  })
}

/** "sugar + 60 water": a number beside water, in a method */
const WATER_BARE = /(?<=^|[+&,]\s?|\b(?:and|in|with) )(\d{2,4})(?= (?:cold |hot |warm )?water\b)/gi

/** A line of a method whose list is all in grams, with that unit where it says only how much water: "sugar + 60 water". */
export const waterInGrams = (line: string, list: readonly string[]): string =>
  list.length > 0 && list.every((row) => /\d ?k?g\b/i.test(row)) ? line.replace(WATER_BARE, '$1 g') : line
