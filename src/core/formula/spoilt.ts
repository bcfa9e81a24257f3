/** Where a sweet tastes of burnt rather than of itself: past the last shade of its family, or of what its own steps brown it to. */
import { nearestColour } from '../craft/colours'
import { families } from '../craft/families'
import type { FormulaDocument, Step } from './document'

/** ◊ °C colour-equivalent past a shade that a formula asks for by which that is burnt; nothing is good beyond the last. */
const BEYOND = 8
const NOTHING_IS_GOOD = 196

/** The shade a step waits for, as a colour-equivalent temperature, °C: a shade, or a heat at which sugar has one. */
const shadeOf = ({ when, shows }: Step): number =>
  Math.max(
    typeof shows === 'number' ? shows : Number.NEGATIVE_INFINITY,
    when.on === 'colour' || when.on === 'rises' ? when.celsius : Number.NEGATIVE_INFINITY,
  )

/** Past which shade a formula is spoilt, as a colour-equivalent temperature, °C. */
export function spoiltAtOf({ family, target, steps }: FormulaDocument): number {
  const asked = Math.max(target?.celsius ?? Number.NEGATIVE_INFINITY, ...steps.map(shadeOf))
  return Math.max(families[family].spoiltAt, Math.min(NOTHING_IS_GOOD, asked + BEYOND))
}

/** A colour-equivalent temperature and its sd, °C. */
interface Brown {
  readonly mean: number
  readonly sd: number
}

/** Whether what is as brown as this is surely spoilt. */
export const isSpoilt = (formula: FormulaDocument, { mean, sd }: Brown): boolean => mean - sd >= spoiltAtOf(formula)

/** Whether what is as brown as this is surely burnt: nothing brings that back. */
export const isBurnt = (formula: FormulaDocument, brown: Brown): boolean =>
  isSpoilt(formula, brown) && nearestColour(brown.mean) === 'burnt'
