/** What a step's button says once it is done. */
import { pours, takesOff, withoutHeat } from './moves'
import { withoutForbidden } from './not-yet'

const OUT = 'It is out'
/** What is dipped in chocolate has left its pot before. */
const COATS = /^(?:coat|dip|enrobe)\b.*\bchocolate\b/i
/** By what the sentence does. */
const ACTS: readonly (readonly [RegExp, string])[] = [
  [
    /\b(?:pour(?! in(?:to)? (?:an? )?(?:\w+ )?jug)|turn (?:it )?out|scrape|tip(?! in (?!(?:an?|the|your) (?:\w+ )?(?:pan|sheet|tin|tray)\b)))\b/i,
    OUT,
  ],
  [/\bspread\b/i, 'It is spread'],
  [/^(?:then )?put (?:it |the (?:pan|pot) )?back(?: on(?: the)?(?: \w+){1,3})?$/i, 'It is on'],
  [
    /\b(?:add|deglaze|(?:blend|emulsify|stir|tip|whisk) in|put|pour in|fold in|slide in|sprinkle|mix in|combine)\b/i,
    'It is in',
  ],
  [/\b(?:beat|whip|whisk)(?:p?ing)?\b/i, 'Beaten'],
  [/\b(?:pull|stretch)\b.*\b(?:till?|until|min\w*|white|satiny|opaque|pale)\b/i, 'It is pulled'],
  [/\b(?:de|un)mou?ld\b/i, 'They are out'],
  [/\b(?:cut|break|slice)\b/i, 'Cut'],
  [
    /\b(?:wrap|store|keep(?! (?:\w+ing|at it|on)\b| (?:\w+ ){1,3}(?:above|at|below|over|under) (?:about )?\d)|pack)\b/i,
    'Put away',
  ],
  [/(?<!\b(?:not|n['’]t|never|without) (?:to )?)\b(?:leave|let|set|(?<!\bthe )rest|cool|chill)\b/i, 'It has rested'],
  [/\b(?:boil|cook|simmer|heat|bring|melt)\b/i, 'It is there'],
]
/**
 * What the button of a sentence's step says. `canEmpty`: whether the pot can leave its ring for good in it; what is poured before that goes in.
 * `adds`: whether something goes in, for a sentence that only names it.
 */
export function actOf(text: string, canEmpty = true, adds = false): string {
  if (COATS.test(text)) return 'Coated'
  if (canEmpty && pours(text)) return OUT
  const done = withoutHeat(withoutForbidden(text))
  const found = ACTS.find(([words]) => words.test(done))
  if (found) return found[1] === OUT && !canEmpty ? 'It is in' : found[1]
  return adds ? 'It is in' : takesOff(text) ? 'It is off' : 'Go on'
}
