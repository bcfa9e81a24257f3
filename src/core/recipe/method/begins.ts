/** Where the cook begins in a sentence that gets something ready first. */
import { capital } from '../../formula/sentence'
import { heatIn } from '../sentence/heats'
import { isGotReady, whipsWhites } from '../sentence/moves'

/** What stands between two moments, as the source of a pattern. */
export const THEN = '[,;]?\\s+(?:and then|and|then)\\s+'
/** What fills a pan that has been got ready, as the source of a pattern. */
export const SETS_OUT = '(?:combine|put|place|mix|melt|dissolve)\\b'

/** "Line a tin, then boil the sugar", "bloom the gelatin and meanwhile …", "warm the nuts while you …": where the cook begins once something is got ready. */
const BEGINS_COOK = new RegExp(
  `(?:${THEN}|[,;]\\s+|\\s+(?=while\\b))(?:meanwhile,?\\s+|while (?:you )?)?(?=(?:boil|bring|carameli[sz]e|cook|heat|scald|simmer|stir (?:the )?(?:[\\d.,/]+ ?\\w+ )?(?:\\w+ )?sugar|take|warm|${SETS_OUT}|in an? (?:[\\w-]+ ){0,3}(?:pan|pot|saucepan),? ${SETS_OUT}))`,
  'gi',
)
/** "Bloom the gelatin and melt it with the honey": still of what is got ready. */
const GOES_ON_WITH = /^\w+ (?:it|them|this)\b/i
const OF_SUGAR = /^(?:brown|melt) (?:the )?butter\b|\b(?:sugar|syrup|glucose|honey|treacle|molasses)\b/i
/** "Toast the nuts, then warm the cream": two things are got ready. */
const WARMS_CREAM = /^(?:gently )?(?:warm|heat|scald)\b[^,;]*\b(?:cream|milk)\b/i
/** What waits beside the pot: what lies in a bowl, what lies on a tray. */
const LIES_BESIDE =
  /^(?:place|put|tip)\b[^,;]*\b(?:in|into) an? (?:\w+ ){0,2}bowl\b|^(?:arrange|lay|scatter|spread|sprinkle)\b[^,;]*\b(?:mat|pan|paper|sheet|tin|tray)$/i
/** ◊ What is cooked hotter than this is the sweet, in either unit. */
const COOKED_ABOVE = 100

/** What is got ready and the cook that begins after it, where both stand in one sentence; null where they do not. */
export function readyFirst(sentence: string): [string, string] | null {
  for (const { index, 0: link } of sentence.matchAll(BEGINS_COOK)) {
    const [head, tail] = [sentence.slice(0, index), sentence.slice(index + link.length)]
    const isBegun =
      !GOES_ON_WITH.test(tail) &&
      ((heatIn(tail)?.low ?? 0) > COOKED_ABOVE || OF_SUGAR.test(tail) || WARMS_CREAM.test(tail))
    const waits =
      isGotReady(head) ||
      whipsWhites(head) ||
      ((WARMS_CREAM.test(head) || LIES_BESIDE.test(head)) && !OF_SUGAR.test(head))
    if (isBegun && waits && !isGotReady(tail)) return [head, capital(tail)]
  }
  return null
}
