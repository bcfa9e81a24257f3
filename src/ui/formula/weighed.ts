/** What was told while a batch was weighed, kept in this window until it is begun: grams off the scale, lots out of the store. */

export interface Weighed {
  /** g the batch came to when it was weighed: of another size it says nothing. */
  readonly of: number
  /** By line. */
  readonly grams: Readonly<Record<string, number>>
  /** By ingredient. */
  readonly lots: Readonly<Record<string, string>>
}

const keyOf = (formula: string): string => `weighed ${formula}`

/** What was told of a batch of so many grams. */
export function weighedOf(formula: string, of: number): Weighed {
  const kept = sessionStorage.getItem(keyOf(formula))
  const found = kept === null ? null : (JSON.parse(kept) as Weighed)
  return found?.of === of ? found : { of, grams: {}, lots: {} }
}

export const keepWeighed = (formula: string, weighed: Weighed): void =>
  sessionStorage.setItem(keyOf(formula), JSON.stringify(weighed))

/** What was weighed belongs to a batch now, and not to the next one. */
export const forgetWeighed = (formula: string): void => sessionStorage.removeItem(keyOf(formula))
