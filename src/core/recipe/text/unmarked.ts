/** A line of a pasted text without the mark it begins with, and whether an amount stands at either end of it. */
import { parseNumber } from '../../quantity/number'
import { DONE } from '../sentence/endings'

/** "1 Put the sugar in a pan": a step with its number, and no amount. */
export const NUMBERED = new RegExp(
  `^\\d{1,2}\\s+(?!drops?\\b(?! (?:by|the|from|on|spoon|tea)))(?=(?:\\w+ly )?${DONE.source}|(?:take|store|let|leave|wrap|line|grease|remove|preheat|using|when|turn|meanwhile|once|after|with|while|then)\\b|(?:butter|oil) (?:an?|the|your)\\b)`,
  'i',
)

/** A line without the mark or the number that it begins with. */
export const bare = (line: string): string =>
  line
    .replace(NUMBERED, '')
    .replace(
      /^\s*(?:[-–*•·▢□]|(?:step\s+)?\d+[.):]|\[\d+\]|\(\d{1,2}\)|\(?[A-H]\)|\d+\s*(?:\/|(?<=\s)[-–])(?=\s+(?:\p{L}|\d{2,3} ?°)))\s+/iu,
      '',
    )
    .trim()

/** A line of a list by its mark. */
export const BULLET = /^[-–*•·▢□]\s/

/** "Two-storey slab" is a name, though it begins with a number, and "115-116 C, then off" is a heat. */
export const beginsWithAmount = (line: string): boolean =>
  (parseNumber(bare(line)) !== null &&
    !/^(?:\p{L}+-\p{L}|(?:two|three|four) (?:tones?|colou?rs?|layers?|ways?)\b|\d+ ?[°º]|[1-3]\d\d(?: ?[-–] ?[1-3]\d\d)? ?[CF]\b|\d+-(?:min|minutes?|hours?|ingredients?|layers?|steps?)\b)/iu.test(
      bare(line),
    )) ||
  /^(?:a |an )?(?:pinch|dash|knob|handful|splash|juice)\b(?! (?:it|the)\b)/i.test(bare(line))

/** "Glucose DE 42 1.200 kg", and not "rest 24 h @ 18C" */
export const ENDS_WITH_AMOUNT =
  /(?:[^\d\s@]|\bDE \d\d)[\s)](?:\d{1,6}[.,]?\d{0,3}\s?(?:k?g|(?:kilo)?grams?|[cdm]?l|(?:milli)?lit(?:re|er)s?)|(?:\d{1,2}(?:[.,]\d{1,2}| \d\/\d| ?[¼½¾⅓⅔])?|[¼½¾⅓⅔]|\d\/\d)\s?(?:tbsp|tsp|(?:tea|table)spoons?|cups?|c|t|oz|ounces?|lbs?|pounds?|pints?|qts?|quarts?|sticks?)\.?)(?:\s\([^()]*\)|,? (?:chopped|cold|melted|peeled|roasted|sifted|softened|toasted|warm(?:ed)?))?$/i
/** Whether an amount stands at either end of a piece. */
export const hasAmount = (piece: string): boolean => beginsWithAmount(piece) || ENDS_WITH_AMOUNT.test(piece)
