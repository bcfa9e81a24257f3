import { causesOf } from '@/db'

/** What failed, for the log: the innermost cause, for a query is long and its values are the makers' own. */
export function stackOf(error: unknown): string {
  const at = causesOf(error).at(-1)
  const said = at ? (at.stack ?? at.message) : String(error)
  // what came in may stand in it: it begins no line of the log
  return said.replace(/\r?\n|\r/g, '\n    ')
}
