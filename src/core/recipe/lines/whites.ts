/** What is whipped with the whites: "whip the whites with the sugar", of two sugars the one that stands beside them. */

import { mentions } from '../../formula/called'
import { whipsWhites } from '../sentence/moves'
import { isOutside, type Written } from '../text/listed'

/** Whether a line is egg white, fresh or dried. */
export const isWhites = ({ names }: Written): boolean => /\b(?:whites?|albumen)$/.test(names[0] ?? '')

/** Whether a line is whipped with the whites by what is said, though the syrup has one of the same thing. */
export function isWhippedWithWhites(line: Written, written: readonly Written[], said: readonly string[]): boolean {
  const i = written.indexOf(line)
  const isBeside = [written[i - 1], written[i + 1]].some((w) => w && w.heading === line.heading && isWhites(w))
  return (
    isBeside &&
    !line.waits &&
    !isOutside(line) &&
    written.some((w) => w !== line && w.names.some((n) => line.names.includes(n)) && !w.waits) &&
    said.some((s) => whipsWhites(s) && mentions(s, line.names))
  )
}

/** The same lines, of which those that are whipped with the whites wait for the syrup. */
export const withWhites = (written: readonly Written[], said: readonly string[]): readonly Written[] =>
  written.map((w) => (isWhippedWithWhites(w, written, said) ? { ...w, waits: true } : w))
