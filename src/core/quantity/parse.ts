import { parseNumber, type Range } from './number'
import { parseUnit, type Unit } from './units'

export interface Quantity {
  readonly amount: Range
  /** Absent where the thing itself is counted: "2 limes". */
  readonly unit: Unit | null
  /** What followed the quantity, without a leading "of". */
  readonly rest: string
}

/**
 * Reads "2⅔ cups light brown sugar", "1 to 1½ lb", "a 390 g tin" at the start of a line. Returns null where no
 * quantity stands there, so the caller asks; it never guesses an amount.
 */
export function parseQuantity(text: string): Quantity | null {
  const number = parseNumber(text)
  if (!number) return null
  // "a 390 g tin": the article is not the amount
  const again = /^\s*an?\s+\d/i.test(text) ? parseNumber(number.rest) : null
  const { range, rest } = again ?? number
  const unit = parseUnit(rest)
  return {
    amount: range,
    unit: unit?.unit ?? null,
    rest: (unit?.rest ?? rest).trim().replace(/^of\s+/i, ''),
  }
}
