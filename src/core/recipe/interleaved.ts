/** A list told in turns with its method: "Boil to 240. Add:", over what is added then; and parts that each have a list with its method beneath it. */
import { measureAt } from '../matter/amount'
import { calledIn, FEW_WORDS, HEAD_CAPITALS, HEAD_LIST, HEAD_METHOD, UNWEIGHED } from './headings'
import { bare, hasAmount, isRowOfList, looksLikeMethod, tells } from './rows'

/** "Add:", "cool 5 min, then stir in:" */
const ADDS_BELOW = /^(?!to\b)(.*\b(?:add|beat in|blend in|fold in|mix in|stir in|whisk in)) ?:$/i

/** What a row of a list names, without its amount and what is said of it. */
const namedIn = (row: string): string => (measureAt(bare(row), [])?.rest ?? row).split(/[,(]/)[0]?.trim() ?? ''

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
  // what stands under a sentence is no row of a list that ran on, whatever it names
  const isNamed = (row: string, i: number): boolean =>
    calledIn(row) !== undefined ||
    HEAD_CAPITALS.test(row) ||
    (FEW_WORDS.test(row) && !tells(row) && (!UNWEIGHED.test(row) || looksLikeMethod(rows[i - 1] ?? '')))
  const heads = rows.flatMap((row, i) => {
    if (hasAmount(row) || HEAD_LIST.test(row) || HEAD_METHOD.test(row) || !isNamed(row, i)) return []
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
