/** A list told in turns with its method: "Boil to 240. Add:", over what is added then; and parts that each have a list with its method beneath it. */
import { uncapital } from '../../formula/sentence'
import { measureAt } from '../../matter/amount'
import { heatIn } from '../sentence/heats'
import {
  alike,
  COMES_LAST,
  calledIn,
  FEW_WORDS,
  HEAD_CAPITALS,
  HEAD_LETTER,
  HEAD_LIST,
  HEAD_METHOD,
  UNWEIGHED,
} from './headings'
import { isRowOfList, looksLikeMethod, tells } from './row-kinds'
import type { Headed } from './split'
import { bare, hasAmount } from './unmarked'

/** "Add:", "cool 5 min, then stir in:" */
const ADDS_BELOW = /^(?!to\b)(.*\b(?:add|beat in|blend in|fold in|mix in|stir in|whisk in)) ?:$/i

/** "Few drops", "pinch of" */
const VAGUE = /^(?:an? )?(?:few |little )?(?:dash|drops?|pinch|splash|squeeze)(?:es)?(?: of)? /i
/** What a row of a list names, without its amount and what is said of it. */
const namedIn = (row: string): string =>
  (measureAt(bare(row), [])?.rest ?? bare(row))
    .replace(/^\s*\([^()]*\)/, '')
    .split(/[,(]/)[0]
    ?.trim()
    .replace(VAGUE, '') ?? ''

/** Lines in which a sentence names what stands in the rows below it; those rows stay, for the list. */
export const namedBelow = (lines: readonly string[]): string[] =>
  lines.map((line, i) => {
    const adds = ADDS_BELOW.exec(line)?.[1]
    if (adds === undefined) return line
    const after = lines.slice(i + 1)
    const ends = after.findIndex((l) => !isRowOfList(l))
    const rows = after.slice(0, ends)
    // what no sentence follows is the heading of a list
    return ends < 1 ? line : `${adds} ${rows.map(namedIn).join(', ')}.`
  })

/** What stands over a part that is told in turn, and whether it lists something or only tells. */
export interface Turn {
  readonly heading: string
  readonly lists: boolean
}

/** ◊ One part with its list and its method under it is a recipe; from so many on they are told in turns. */
const FEWEST_TURNS = 2

/** Rows that head the parts of a recipe that tells each of them whole before it comes to the next; none for any other. */
export function partsInTurn(rows: readonly string[]): ReadonlyMap<number, Turn> {
  const isTold = (i: number): boolean => looksLikeMethod(rows[i] ?? '') || tells(rows[i] ?? '')
  /** What stands under a sentence, or under the title, is no row of a list that ran on, whatever it names. */
  const isFirst = (i: number): boolean =>
    (i === 1 && (rows[i] as string).includes(' ')) || looksLikeMethod(rows[i - 1] ?? '')
  const isNamed = (row: string, i: number): boolean =>
    calledIn(row) !== undefined ||
    HEAD_CAPITALS.test(row) ||
    HEAD_LETTER.test(row) ||
    (FEW_WORDS.test(row) && (!tells(row) || COMES_LAST.test(row)) && (!UNWEIGHED.test(row) || isFirst(i)))
  const heads = rows.flatMap((row, i) => {
    if (
      (hasAmount(row) && calledIn(row) === undefined) ||
      HEAD_LIST.test(row) ||
      HEAD_METHOD.test(row) ||
      !isNamed(row, i)
    )
      return []
    const below = HEAD_LIST.test(rows[i + 1] ?? '') ? i + 2 : i + 1
    const lists = isRowOfList(rows[below] ?? '')
    return lists || isTold(below) ? [{ at: i, lists }] : []
  })
  const whole = heads.filter(
    ({ at, lists }, n) => lists && rows.slice(at + 1, heads[n + 1]?.at).some((_, k) => isTold(at + 1 + k)),
  )
  if (whole.length < FEWEST_TURNS) return new Map()
  const from = whole[0]?.at ?? 0
  return new Map(
    heads.flatMap(({ at, lists }): [number, Turn][] => {
      const row = rows[at] as string
      return at < from ? [] : [[at, { heading: (calledIn(row) ?? row).toLowerCase(), lists }]]
    }),
  )
}

/** "Boil to 118", "whisk in a pan", "stir in and pour": work on what it does not name. */
const NAMES_NOTHING =
  /^((?:\p{L}+ly )?(?:add|beat|blend|boil|bring|carameli[sz]e|combine|cook|dissolve|fold in|heat|knead|melt|mix|place|put|rub|si(?:eve|ft)|simmer|stir in|stir|temper|warm|whip|whisk)) ?(?:(?:all|everything|it all|all (?:of )?(?:it|them)|(?:all )?(?:of )?the ingredients)\b ?)?(?=(?:and|at|dry|for|gently|in|into|on|over|slowly|till|to|together|until|with|without)\b|[.,;]|$)/iu
/** "Sieve and cool", at the end of what is made before the rest. */
const LEFT_ASIDE = /\b(?:chill|cool|set aside|sieve|strain)(?: (?:completely|again|and cool))?[.]?$/i

/**
 * The lines of a method, where a part under a heading of the list names nothing with what it lists; and what is made aside, and called later by its
 * heading, as one sentence that says so.
 */
export const ofOwnPart = (method: readonly Headed[], list: readonly Headed[]): string[] =>
  method.flatMap(({ heading, lines }, part) => {
    const listed = list.find((l) => alike(l.heading, heading))
    const names = listed?.lines.map(namedIn) ?? []
    if (heading === null) return lines.map((line) => allOfPart(line, list))
    if (names.length === 0) return lines
    const [first = '', ...rest] = lines
    const told = withWater([first.replace(NAMES_NOTHING, `$1 ${inTurn(names)} `), ...rest], names)
    const later = method.slice(part + 1).some((m) => m.lines.some((l) => l.toLowerCase().includes(`the ${heading}`)))
    const whole = told.join(' ')
    if (!later || !LEFT_ASIDE.test(whole) || heatIn(whole) !== null) return told
    const inOne = whole.split(/[.;](?: (?=\p{L})|$)/u).filter((said) => said !== '')
    return [`Make the ${heading}: ${inOne.map(uncapital).join(', ')}, set aside.`]
  })

/** "SYRUP: all in a pan, stir to dissolve" */
const ALL_OF_PART =
  /^(?:\d{1,2}[.)]\s+)?(\p{L}[\p{L} ]{2,24}): (?:put |combine |place )?(?:all|everything) (?=in(?:to)?\b)/iu
/** A sentence that puts in all of a part it is labelled with, by what is listed there. */
const allOfPart = (line: string, list: readonly Headed[]): string =>
  line.replace(ALL_OF_PART, (all, label: string) => {
    const names = list.find((l) => l.heading?.toLowerCase() === label.toLowerCase())?.lines.map(namedIn) ?? []
    return names.length > 0 ? `Put ${inTurn(names)} ` : all
  })

const WATER = /\bwater\b/i
/** "Cook the honey": with the water that is listed beside it, where none of the lines speaks of that. */
function withWater(told: readonly string[], names: readonly string[]): readonly string[] {
  const [first = '', ...rest] = told
  const beside = names.find((n) => !WATER.test(n) && first.toLowerCase().includes(` ${n.toLowerCase()} `))
  if (beside === undefined || !names.some((n) => WATER.test(n)) || told.some((l) => WATER.test(l))) return told
  const ends = first.toLowerCase().indexOf(` ${beside.toLowerCase()} `) + beside.length + 1
  return [`${first.slice(0, ends)} and water${first.slice(ends)}`, ...rest]
}

const inTurn = (names: readonly string[]): string =>
  names.length < 2 ? names.join() : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
