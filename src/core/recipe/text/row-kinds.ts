/** What a row is by itself: an amount of something, a line of a list, or a sentence that tells what is done. */
import { measureAt } from '../../matter/amount'
import { beginsDone, DONE } from '../sentence/endings'
import { heatIn } from '../sentence/heats'
import { isGotReady, takesOff } from '../sentence/moves'
import { BULLET, bare, ENDS_WITH_AMOUNT, hasAmount, NUMBERED } from './unmarked'

/** Whether a piece of a row is an amount of something. */
export function isLine(piece: string): boolean {
  if (NO_AMOUNT.test(bare(piece))) return false
  if (STICKS.test(bare(piece))) return true
  const measure = measureAt(bare(piece), [])
  return (
    (measure !== null && /\p{L}{3}/u.test(measure.rest)) || OF_FRUIT.test(bare(piece)) || OF_BUTTER.test(bare(piece))
  )
}
/** "8 lolly sticks", of a list that goes on with them. */
const STICKS = /^\d+ (?:\p{L}+ )?sticks$/iu
/** "24 h, guillotine", "sheet 15 mm": a time or a size is no amount. */
const NO_AMOUNT = /^(?:\p{L}+ )?\d+\s?(?:deg(?:rees?)?|h|hrs?|hours?|mins?|minutes?|days?|mm)\b/iu
/** "Juice of half a lemon" */
export const OF_FRUIT =
  /^(?:the )?seeds (?:of|from) (?:\d|½|half|an?|one|two)\b|^(?:the )?(?:grated |finely grated )?(?:juice|zest|rind|peel)(?: and (?:juice|zest|rind|peel))? (?:of (?:\d|[¼½¾]|half|an?|one|two)\b|(?:of )?\d (?:large |small )?(?:grapefruit|lemon|lime|orange)s?\b)/i
/** "Small piece of butter", "butter the size of a walnut" */
const OF_BUTTER =
  /^(?:(?:an? )?(?:good |large |small |tiny )?(?:(?:dab|piece|lump|knob|walnut) of|(?:handful|splash|sprig|squeeze)(?: of)?) \p{L}|butter (?:the )?size of\b|(?:an? )?few (?:drops|grains) (?:of )?\p{L})/iu

/** ◊ A sentence of method is longer than a line of the list, or ends as sentences do. */
export const looksLikeMethod = (line: string): boolean =>
  line.length > 90 ||
  (/[.!]$/.test(line) &&
    !(BULLET.test(line) && ENDS_WITH_AMOUNT.test(line)) &&
    (line.split(' ').length > 5 || isGotReady(bare(line)) || (bare(line).search(DONE) === 0 && !hasAmount(line)))) ||
  NUMBERED.test(line) ||
  // "Boil to 146 °C"
  (line.search(DONE) === 0 && heatIn(line) !== null) ||
  /^step\s+\d+\s*[:.)–-]/i.test(line) ||
  (/[.!]\s+\p{Lu}/u.test(line) && line.split(' ').length > 8)

/** "Spread thin", "boil to 120 C", "off heat, butter and soda": what is done, however short. */
export const tells = (line: string): boolean => {
  const words = bare(line)
  return beginsDone(words) || TOLD.test(words) || IN_SHORT.test(words) || isGotReady(words) || takesOff(words)
}
/** "Sugar glucose water 155C", "butter salt in, stir", "between mats roll 3 mm", "sugar + water in a pot, stir" */
const IN_SHORT =
  /^(?:\p{L}+ ){1,5}(?:[1-3]\d\d ?°?[CF]$|in$|in, \p{L})|^[\p{L}+/ ]{3,40} to (?:[1-3]\d\d\b|(?:an? |the )?boil\b)|^at [1-3]\d\d\b|^(?:deposit(?:ing)?|wait) |^between (?:mats|papers?|sheets|silpats?)\b|^[^\d.:]{3,60} in(?:to)? (?:an? |the )?(?:\p{L}+ ){0,2}(?:kettle|pan|pot|saucepan)(?=$|[,;.])/iu
const TOLD =
  /^(?:break|chill|continue|dust|leave|let|set|snap|spread|store|take|temper|toss|wrap|slice|smash|turn|when|once)\b/i
/** "200 g sugar", and not "8 inch pan". */
export function isAmountOf(row: string): boolean {
  const unit = isLine(row) ? measureAt(bare(row), [])?.unit : null
  return unit !== null && unit !== undefined && unit.kind !== 'count'
}

/** An amount of something, that ends as no sentence does. */
export const isRowOfList = (row: string): boolean =>
  /^[\d¼½¾⅓⅔]/.test(bare(row)) && isAmountOf(row) && !/[.!;:]$|[.!]\s+\p{Lu}/u.test(row) && heatIn(row) === null
