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
  const isDipped = (line: string): boolean => {
    const [, , fruit = ''] = COUNTED.exec(bare(line)) ?? []
    const one = fruit.replace(/ies$/, 'y').replace(/s$/, '')
    return (
      fruit !== '' &&
      new RegExp(`\\b(?:coat|dip|dunk|roll|swirl|twirl|twist)\\b[^.]{0,30}\\b(?:${fruit}|${one})\\b`, 'i').test(told)
    )
  }
  const dipped = list.flatMap((s) => s.lines.filter(isDipped))
  const count = dipped[0] === undefined ? null : Number(COUNTED.exec(bare(dipped[0]))?.[1])
  return {
    list: dipped.length === 0 ? list : list.map((s) => ({ ...s, lines: s.lines.filter((l) => !isDipped(l)) })),
    dipped,
    count,
  }
}
