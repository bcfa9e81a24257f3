/** How hard the ring is to burn, as a written recipe says it: "over a low heat", "turn the heat up". */
import { DIAL_TOP } from '../../pot/equipment'
import { LAST_DEGREES } from './endings'
import { whipsWhites } from './moves'

/** ◊ What is said of a flame as a mark of the dial, the more exact first; medium where nothing is said. */
export const MEDIUM = 6
export const LOW = 3
export const HALF = 5
const FLAMES: readonly (readonly [how: string, mark: number])[] = [
  ['very low|(?:the )?lowest|barely', 2],
  ['med(?:ium)?[- ]?(?:to[- ])?low|low[- ](?:to[- ])?med\\w*', 4],
  ['low(?:ish)?|gentle|slow|a simmer', LOW],
  ['med(?:ium)?[- ]?(?:to[- ])?high', 8],
  ['half', HALF],
  ['med(?:ium)?|moderate', MEDIUM],
  ['high|full|fierce|brisk|strong', 9],
]
const HOW = FLAMES.map(([how]) => how).join('|')
const MARKS = FLAMES.map(([how, mark]) => ({ begins: new RegExp(`^(?:${how})`, 'i'), mark }))
/** "Over a low heat", "on medium", "lower the heat to medium-low", "turn down to a simmer" */
const SAID = new RegExp(
  `\\b(?:over|on|onto|at) (?:an? |the )?(${HOW})(?: possible)?(?: (?:heat|flame|simmer)\\b|(?=[,;.]|$| \\d| (?:about|and|for|stir(?:ring)?|until|till|with)\\b))|\\b(${HOW}) (?:fire|flame|gas|heat)\\b|\\b(?:gas|heat) on (${HOW})\\b|(?:\\b(?:heat|melt|cook)|^all in,) ((?:very )?low)(?= (?:and slow|for|till|until)\\b|$|[,;])|^(${HOW})(?=$| to (?:about )?\\d|, (?:boil|cook|stir)\\b)|\\b(?:heat|flame|it|down|up|back|reduce|lower|raise|return|increase)(?: down| up)? to (?:a )?(${HOW})\\b`,
  'i',
)
/** "Turn up the heat", "raise the flame" */
const UP =
  /\b(?:turn(?: the (?:heat|flame))?(?: back)? up|raise|increase|crank)\b.{0,14}\b(?:heat|flame)?|\bup the (?:heat|flame)\b/i
const DOWN =
  /\b(?:turn(?: the (?:heat|flame))? down|reduce|lower)\b.{0,14}\b(?:heat|flame)\b|\bturn the (?:heat|flame) (?:right |well |all the way )?down\b|\bturn (?:it )?(?:back |right )?down\b(?! (?:the )?(?:corners|edges|ends|paper|sides))/i
/** "Turn up and let it bubble", where nothing is said of the heat. */
const TURNED_UP = /\bturn (?:it )?(?:back |right )?up\b(?! (?:the )?(?:corners|edges|ends|paper|sides))/i
/** "Turn the heat right down" */
const ALL_THE_WAY = /\bturn the (?:heat|flame) (?:right|well|all the way) down\b/i
/** "Lower the heat slightly" */
const A_LITTLE = /\b(?:a (?:bit|little|notch|touch)(?! of\b)|slightly)\b/i
/** "Start the honey in a second pan over a low flame": on a ring of its own. */
export const ON_OTHER_RING = /\b(?:another|second|separate) (?:[\w-]+ )?(?:pan|pot|saucepan|ring)\b/i
/** A mixer has speeds, and an oven is none of it. */
const OTHER = /\b(?:beat(?:ers?|ing)?|mixer|oven|processor|speed|whip(?:ping(?! cream))?|whisk(?:ing)?)\b/i
/** "Melt slowly", "gently dissolve" */
const GENTLY =
  /(?<!\b(?:of|off|the) )\b(?:dissolve|heat|melt|warm)\b(?!.*\bboil)[^;]*\b(?:gently|slow(?:ly)?)\b|\b(?:gently|slowly) (?:dissolve|heat|melt|warm)\b|\bcook (?:gently|slowly)\b.*\b(?:dissolv|melt)/i
/** ◊ Marks by which a flame is turned, and by which it is turned a little. */
const STEP = 3
const SMALL_STEP = 1
/** The mark of the dial that a sentence turns the ring to, which burns at `dial`; null where it speaks of none. */
export function dialSaid(sentence: string, dial: number): number | null {
  if (whipsWhites(sentence) || (OTHER.test(sentence) && !/\bheat\b/i.test(sentence))) return null
  const how = SAID.exec(sentence)
    ?.slice(1)
    .find((s) => s !== undefined)
  const found = how === undefined ? undefined : MARKS.find(({ begins }) => begins.test(how))
  if (found) return found.mark
  if (GENTLY.test(sentence) || ALL_THE_WAY.test(sentence)) return LOW
  const step = A_LITTLE.test(sentence) ? SMALL_STEP : STEP
  if ((/\bheat\b|\bflame\b/i.test(sentence) && UP.test(sentence)) || TURNED_UP.test(sentence))
    return Math.min(DIAL_TOP - 1, dial + step)
  return DOWN.test(sentence) ? Math.max(2, dial - step) : null
}

/** Whether a sentence only dissolves or melts over its flame, and boils nothing there. */
export const onlyDissolves = (sentence: string): boolean =>
  !/(?<!\b(?:not|never|without|before it) )\b(?:bubbl|simmer|then boil)/i.test(sentence) &&
  /\b(?:clear|combined|dissolv|gone|melt|smooth|stir)/i.test(sentence)
/** Whether it turns the flame down to where it stands. */
export const turnsDown = (sentence: string): boolean => DOWN.test(sentence) || /\bdown to\b/i.test(sentence)
const TURNS = /\b(?:crank|down|drop|increase|lower|raise|reduce|turn|up)\b/i
/** Whether the flame is turned once the moment has come that a sentence waits for, and not before: "at 140° turn it down", "boil to 140°, then lower the heat". */
export function turnsThere(sentence: string): boolean {
  if (LAST_DEGREES.test(sentence)) return true
  const at = sentence.search(TURNS)
  const [before, after] = [sentence.slice(0, at), sentence.slice(at)]
  if (at < 0) return false
  return /\d|\bboil/i.test(before)
    ? !/\b(?:boil|continu|cook|heat|simmer)\w*\b.*\d/i.test(after.replace(/\b(?:heat|flame)\b/i, ''))
    : /\b(?:at|when|once)\b.*\d{3}/i.test(after)
}
const BRINGS = /\bbring\b.{0,40}\bboil\b/i
/** "Stir all the time until it comes away from the pan": over the flame it is on. */
const ONLY_STIRRED =
  /^(?:(?:keep|continue),? )?(?:cook(?:ing)?,? (?:and |while )?)?stir(?:ring)?\b(?!.*(?:\d{3}|\b(?:boil|cook|heat)))/i
const GENTLE_SAID = /\bgentl[ey]\b/i
/** Whether a sentence boils something, and not gently. */
export const boilsUp = (sentence: string, climbs: boolean): boolean =>
  !GENTLE_SAID.test(sentence) &&
  (BRINGS.test(sentence) || (climbs && !/\bsimmer/i.test(sentence) && !ONLY_STIRRED.test(sentence)))
