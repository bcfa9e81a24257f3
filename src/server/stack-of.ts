/** What failed, for the log: the innermost cause, for a query is long and its values are the makers' own. */
export function stackOf(error: unknown): string {
  let at = error
  while (at instanceof Error && at.cause instanceof Error) at = at.cause
  const said = at instanceof Error ? (at.stack ?? at.message) : String(at)
  // what came in may stand in it: it begins no line of the log
  return said.replace(/\r?\n|\r/g, '\n    ')
}
