/** What the scale said while a batch was weighed, kept in this window until the batch is begun. */

interface Weighed {
  /** g the batch came to when it was weighed: of another size it says nothing. */
  readonly of: number
  readonly grams: Readonly<Record<string, number>>
}

const keyOf = (formula: string): string => `weighed ${formula}`

function read(formula: string): Weighed | null {
  const kept = sessionStorage.getItem(keyOf(formula))
  return kept === null ? null : (JSON.parse(kept) as Weighed)
}

/** Keeps what was weighed of one line of a batch of so many grams. */
export function keepWeighed(formula: string, of: number, line: string, grams: number): void {
  const before = read(formula)
  const all = { ...(before?.of === of ? before.grams : {}), [line]: grams }
  sessionStorage.setItem(keyOf(formula), JSON.stringify({ of, grams: all } satisfies Weighed))
}

/** Grams by line of a batch of so many grams; null where no scale told. */
export function weighedOf(formula: string, of: number): Weighed['grams'] | null {
  const kept = read(formula)
  return kept?.of === of ? kept.grams : null
}

/** What was weighed belongs to a batch now, and not to the next one. */
export const forgetWeighed = (formula: string): void => sessionStorage.removeItem(keyOf(formula))
