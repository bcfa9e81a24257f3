/** What a step's button says once it is done. */
import { pours, takesOff, withoutHeat } from './moves'
import { withoutForbidden } from './not-yet'

const OUT = 'It is out'
const IN = 'It is in'
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
    IN,
  ],
  [
    /\b(?:beat|whip)(?:p?ing)?\b|\bwhisk(?:ing)?\b(?=[^,;]*\b(?:\d|fluffy|foam|high|peaks?|stiff|thick|till?|until|whites|yolks)\b)/i,
    'Beaten',
  ],
  [/\b(?:pull|stretch)\b.*\b(?:till?|until|min\w*|white|satiny|opaque|pale)\b/i, 'It is pulled'],
  [/\b(?:de|un)mou?ld\b/i, 'They are out'],
  [/\bblend(?:ed|ing)?\b/i, 'Blended'],
  [/\b(?:cut|slice)\b/i, 'Cut'],
  [/\b(?:bash|break|(?<!\b(?:hard|soft|the)[- ])crack|shatter|smash|snap)\b/i, 'Broken'],
  [
    /\b(?:wrap|store|keep(?! (?:\w+ing|at it|on)\b| (?:\w+ ){1,3}(?:above|at|below|over|under) (?:about )?\d)|pack)\b/i,
    'Put away',
  ],
  [
    /(?<!\b(?:not|n['’]t|never|without) (?:to )?)\b(?:leave|let|set(?! (?:\w+ ){1,4}in place\b)|(?<!\bthe )rest|cool|chill)\b/i,
    'It has rested',
  ],
  [/\b(?:boil|carameli[sz]e|cook|simmer|heat|bring|melt)\b/i, 'It is there'],
]
/**
 * What the button of a sentence's step says. `canEmpty`: whether the pot can leave its ring for good in it; what is poured before that goes in.
 * `goesIn`: whether something goes in with it, for a sentence that only names it, or is in before it, for one that goes on to something else.
 */
export function actOf(text: string, canEmpty = true, goesIn: 'now' | 'before' | null = null): string {
  if (COATS.test(text)) return 'Coated'
  if (canEmpty && pours(text)) return OUT
  const done = withoutHeat(withoutForbidden(text))
  const found = ACTS.find(([words, act]) => words.test(done) && !(goesIn === 'before' && act === IN))
  if (found) return found[1] === OUT && !canEmpty ? IN : found[1]
  if (goesIn === 'now') return IN
  return goesIn === null && takesOff(text) ? 'It is off' : 'Go on'
}
