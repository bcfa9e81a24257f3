/** Of two lines that are called the same, which sentence speaks of which. */

import { callsIn, mentions, withoutNames } from '../../formula/called'
import { isGotReady } from '../sentence/moves'
import { isOutside, type Written } from '../text/listed'
import { isLeftOut } from './takes'

/** Whether the same thing stands in a list once more. */
export const hasTwin = (line: Written, written: readonly Written[]): boolean =>
  written.some((w) => w !== line && w.names[0] === line.names[0])

/** Sentences without what they say of another line by its amount: "with the 30 g sugar" speaks of no other sugar. */
export function withoutOtherAmounts(
  said: readonly string[],
  line: Written,
  written: readonly Written[],
): readonly string[] {
  const others = written.flatMap((w) => {
    const shared = w === line ? [] : line.names.filter((n) => w.names.includes(n))
    const amounts = shared.length === 0 ? [] : w.calls.filter((c) => /^\d/.test(c) && !line.calls.includes(c))
    return amounts.map((a) => `${a.replace(/ /g, ' ?')} (?:of (?:the )?)?(?:${shared.join('|')})`)
  })
  if (others.length === 0) return said
  const pattern = new RegExp(`\\b(?:${others.join('|')})\\b`, 'gi')
  return said.map((s) => s.replace(pattern, ' '))
}

/** Longer names of other lines, with one of a line's own in them: "rose water" is no water. */
export const longerNames = (line: Written, written: readonly Written[]): readonly string[] =>
  written.flatMap((w) =>
    w === line
      ? []
      : w.names.filter((n) => {
          const words = n.split(' ')
          return words.length > 1 && !line.names.includes(n) && line.names.some((own) => words.includes(own))
        }),
  )

/**
 * Where the same thing stands twice in a list, "water" for the gelatin and "water" for the syrup: the sentence that speaks of most
 * of what stands beside this one under its heading, else the first for the first of them, and so on. -1 where it stands there once, or once
 * is all that the method speaks of it.
 */
export function twinAt(said: readonly string[], line: Written, written: readonly Written[]): number {
  const all = written.filter((w) => w.names[0] === line.names[0])
  if (all.length < 2) return -1
  // "the first almonds": they are counted, whatever they are for
  const counts = said.some((s) => line.names.some((n) => all.some((_, i) => isCounted(s, i, n))))
  const alike = counts ? all : all.filter((w) => !isOutside(w))
  const plain = withoutNames(said, longerNames(line, written))
  const spoken = plain.flatMap((s, i) => (mentions(s, line.names) && !isLeftOut(s, line.names) ? [i] : []))
  if (alike.length < 2 || alike.length > MOST_ALIKE || spoken.length < alike.length) return -1
  const mates = written.filter((w) => w !== line && w.heading === line.heading && !alike.includes(w))
  // "icing sugar" says more of a line than "sugar" does
  const saysOf = ({ full, names }: Written, i: number): number =>
    mentions(said[i] as string, full) ? 2 : mentions(said[i] as string, names) ? 1 : 0
  const company = spoken.map((i) => mates.reduce((sum, m) => sum + saysOf(m, i), 0))
  const isCalled = (i: number, w: Written, isOwn: (others: readonly Written[]) => boolean): boolean =>
    w.calls.some((c) => callsIn(said[i] as string, c) && isOwn(alike.filter((o) => o.calls.includes(c))))
  // "with the 25 g of sugar" says which
  const claim = (w: Written): number =>
    (w.waits ? spoken.find((i) => isGotReady(said[i] as string) || WHIPPED.test(said[i] as string)) : undefined) ??
    spoken.find((i) => line.names.some((n) => isCounted(said[i] as string, alike.indexOf(w), n))) ??
    spoken.find((i) => isCalled(i, w, (others) => others.length === 1)) ??
    // of two that are called the same, it is said of the first
    spoken.find((i) => isCalled(i, w, ([first]) => first === w)) ??
    -1
  if (claim(line) >= 0) return claim(line)
  const [left, free] = [alike.filter((w) => claim(w) < 0), spoken.filter((i) => !alike.some((w) => claim(w) === i))]
  // a heading that stands over all of them tells none apart
  if (mates.length === 0 || line.heading === null || alike.every((w) => w.heading === line.heading))
    return free[left.indexOf(line)] ?? -1
  return spoken[company.indexOf(Math.max(...company))] as number
}

/** What waits for a syrup lies in a bowl, or is whipped. */
const WHIPPED = /\b(?:bowl|mixer|whip|whisk|whites)\b/i

/** ◊ Nobody lists the same thing more often: of more, none is told from the others. */
const MOST_ALIKE = 12

/** How what stands there several times is counted. */
const ORDINALS = ['first', 'second', 'third']
const COUNTS = new RegExp(`\\b(?:${ORDINALS.join('|')}) `, 'i')
/** "Add the second cream": whether a sentence speaks of the one of that name that stands there as the `nth`. */
export const isCounted = (sentence: string, nth: number, name: string): boolean =>
  nth < ORDINALS.length &&
  COUNTS.test(sentence) &&
  new RegExp(`\\b${ORDINALS[nth]} (?:(?:lot|batch|half|portion) of (?:the )?)?${name}\\b`, 'i').test(sentence)
