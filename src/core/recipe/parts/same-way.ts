/** A part that is made as the one before it: "make the vanilla layer in the same way, adding the vanilla with the butter". */
import { mentions } from '../../formula/called'
import { handworkSaid } from '../sentence/handwork'
import { pours } from '../sentence/moves'

const SAME_WAY = /\b(?:the|in the|just the) same(?: way)?\b|\blikewise\b/i
/** What goes in besides, and with what: "adding the vanilla with the butter". */
const ADDS_WITH =
  /,? (?:but )?(?:adding|putting in|stirring in) (?:the )?([\p{L} ]{3,30}?) (?:along with|at the same time as|together with|with) (?:the )?([\p{L} ]{3,30})$/iu

/** What is done with a mass once it is made. */
const LAID: ReadonlySet<string> = new Set(['spread', 'cut', 'break', 'wrap', 'pour-over', 'chill'])
const isLaid = (sentence: string): boolean => pours(sentence) || LAID.has(handworkSaid(sentence)?.kind ?? '')

/**
 * What is said of the part `i`, with all that is said of the one before it where it is made the same way; where that one lies is
 * said of this one only if nothing else is.
 */
export function alsoSaid(of: readonly (readonly string[])[], i: number): readonly string[] {
  const own = of[i] ?? []
  const at = own.findIndex((s) => SAME_WAY.test(s))
  // "make each half the same way: cook …" is said of either already
  if (at < 0 || of[i - 1]?.includes(own[at] as string)) return own
  const after = own.slice(at + 1)
  const liesElsewhere = after.some(isLaid)
  const before = (of[i - 1] ?? []).filter((s) => !(liesElsewhere && isLaid(s)))
  const [, more, mate = ''] = ADDS_WITH.exec(own[at] as string) ?? []
  const met = more === undefined ? -1 : before.findLastIndex((s) => mentions(s, [mate.trim().toLowerCase()]))
  if (met < 0) return [...before, ...own]
  return [...own.slice(0, at), ...before.map((s, k) => (k === met ? `${s}, and the ${more}` : s)), ...after]
}
