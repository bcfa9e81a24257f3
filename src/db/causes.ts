/** An error and what it came of, the outermost first: a driver's words are wrapped once or twice on their way. */
export function causesOf(error: unknown): (Error & { readonly code?: string; readonly fatal?: boolean })[] {
  const all: Error[] = []
  for (let at = error; at instanceof Error; at = at.cause) all.push(at)
  return all
}

/** Whether it, or what it came of, has one of these codes. */
export const hasCode = (error: unknown, codes: ReadonlySet<string>): boolean =>
  causesOf(error).some(({ code }) => code !== undefined && codes.has(code))
