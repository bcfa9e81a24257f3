/** Lengths as they stand on pans and rulers: "13 in", "9½\"", "33 cm", "330 mm", "330". */
import { parseNumber } from './number'

const units: readonly (readonly [RegExp, number])[] = [
  [/^(?:mm|millimet(?:er|re)s?)?$/i, 1],
  [/^(?:cm|centimet(?:er|re)s?)$/i, 10],
  [/^(?:in|inch|inches|["”″])\.?$/i, 25.4],
]

/** Millimetres in one of a unit as it is written; an empty one is a millimetre. Null for what is no unit of length. */
export const mmPer = (unit: string): number | null => units.find(([name]) => name.test(unit))?.[1] ?? null

/** Millimetres, to a tenth; a number without a unit is millimetres. Null for what is no length above nothing. */
export function parseLength(text: string): number | null {
  const number = parseNumber(text)
  if (!number || number.range.low !== number.range.high) return null
  const mm = number.range.low * (mmPer(number.rest.trim()) ?? 0)
  return mm > 0 ? Math.round(mm * 10) / 10 : null
}
