/** Notes that count packs, "one tin", "2 sticks, soft": what they come to at another size. */
import type { Ingredient } from '../matter/ingredient'
import { unitWeightsOf } from '../matter/unit-weights'
import { parseNumber } from '../quantity/number'

/** So many packs, and what the note says beside. */
export interface PackNote {
  readonly count: number
  readonly unit: string
  /** The rest of the note, with its comma; empty where there is none. */
  readonly rest: string
}

const PACKS = /^\s*(tin|packet|stick|sheet)s?\b(.*)$/i
/** ◊ What a note says may be off what the formula weighs by this share: packs are not all alike. */
const ALIKE = 0.1

/**
 * The packs a note counts, of `grams` of its ingredient; null where it counts none, or one nobody knows the weight of, or where the
 * note did not say what the formula weighs (`written`, g) to begin with.
 */
export function packsIn(note: string, ingredient: Ingredient, written: number, grams: number): PackNote | null {
  const one = /^\s*an?\s/i.exec(note)
  const number = one ? { range: { low: 1, high: 1 }, rest: note.slice(one[0].length) } : parseNumber(note)
  const [, unit = '', rest = ''] = PACKS.exec(number?.rest ?? '') ?? []
  const each = unitWeightsOf(ingredient)[unit.toLowerCase()]
  if (!number || !each || Math.abs(number.range.low * each - written) > ALIKE * written) return null
  return { count: grams / each, unit: unit.toLowerCase(), rest }
}
