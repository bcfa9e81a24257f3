/** Fruit that a list counts and a method dips whole: it carries the sweet, and is none of what is boiled. */
import type { Headed } from './split'
import { bare } from './unmarked'

const FRUIT = '(?:apples|cherries|figs|grapes|pears|strawberries)'
/** "8 small tart apples, stalks off" */
const COUNTED = new RegExp(`^(?:about )?(\\d{1,3}) (?:\\p{L}+ ){0,3}?(${FRUIT})(?=$|[,(]| \\()`, 'iu')

/** A list without such lines; those, and how many they are, null for none. */
export function withoutDipped(
  list: readonly Headed[],
  method: readonly Headed[],
): { readonly list: readonly Headed[]; readonly dipped: readonly string[]; readonly count: number | null } {
  const told = method.flatMap((s) => s.lines).join(' ')
  /** How many are dipped of what a line counts; null where none are. */
  const dippedIn = (line: string): number | null => {
    const [, count, fruit = ''] = COUNTED.exec(bare(line)) ?? []
    const one = fruit.replace(/ies$/, 'y').replace(/s$/, '')
    const dips = new RegExp(`\\b(?:coat|dip|dunk|roll|swirl|twirl|twist)\\b[^.]{0,30}\\b(?:${fruit}|${one})\\b`, 'i')
    return count !== undefined && dips.test(told) ? Number(count) : null
  }
  const dipped = list.flatMap((s) => s.lines.filter((l) => dippedIn(l) !== null))
  return {
    list: list.map((s) => ({ ...s, lines: s.lines.filter((l) => !dipped.includes(l)) })),
    dipped,
    count: dippedIn(dipped[0] ?? ''),
  }
}
