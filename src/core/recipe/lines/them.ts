/** "Toast the almonds … stir them in": what only a sentence that gets it ready names, put in by no name. */
import { mentions } from '../../formula/called'
import { isGotReady } from '../sentence/moves'

const PUTS_THEM =
  /\b(?:add|(?:fold|mix|put|stir|throw|tip)(?: in)?) them\b(?! (?:aside|in(?:to)? (?:an? |the )?(?:bowl|dish|fridge|jar|oven|tin)|on|onto|over|to one side)\b)/i

/** The sentence that puts in what is so called as "them"; -1 for no such thing. */
export function themAt(said: readonly string[], ready: ReadonlySet<number>, names: readonly string[]): number {
  const isReady = (i: number): boolean => ready.has(i) || isGotReady(said[i] as string)
  const at = said.findIndex((s, i) => isReady(i) && mentions(s, names))
  return at < 0 ? -1 : said.findIndex((s, i) => i > at && !isReady(i) && PUTS_THEM.test(s))
}
