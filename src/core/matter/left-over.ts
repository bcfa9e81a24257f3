/** Whether every number of a line has been accounted for. */
import { parseNumber } from '../quantity/number'

/** Figures that say what a thing is, not how much of it: shares, temperatures, lengths, grades. */
const WHAT_IT_IS =
  /\b(?:de|no|nr|grade|type)\.?\s*\d+|\d+\s*de\b|\b00\b|\d+(?:[.,]\d+)?\s*(?:[-–x×]\s*\d+(?:[.,]\d+)?\s*)*(?:[-–]\s*)?(?:%|percent|per cent|°|º|degrees?|bloom|cm\b|mm\b|inch(?:es)?\b|in\.|["”′']|proof)/gi

/** "Sugar (2)": which of several of one name. */
const WHICH_OF = /\([1-9]\)/g

/** Figures that say into what it is cut, or out of what it comes: how many fruits, how large a tin. */
const HOW_IT_IS_CUT =
  /\b(?:cut|chopped|sliced|diced|broken|torn)\s+(?:up\s+)?in(?:to)?\s+(?:about\s+)?\d+(?:\s+(?:\w+\s+)?(?:pieces|bits|cubes|chunks|slices|wedges|strips)\b|(?=\s*(?:$|[,;)])))|\bfrom\s+(?:about\s+)?(?:\d+\s*[/⁄]\s*\d+|\d+|[¼½¾])\s+(?:\w+\s+)?(?:lemons?|limes?|oranges?|eggs?)\b|\bfrom\s+an?\s+\d+(?:[.,]\d+)?[\s-]*(?:oz|ounces?|fl\.? oz|m?l|k?g)\.?\s+(?:bag|bottle|can|carton|jar|pack(?:et)?|tin|tub)\b/gi

/** "(was 500)": how much of it there once was. */
const ONCE_WAS = /\((?:down from|formerly|instead of|orig(?:inally|\.)?|up from|was)\b[^()]*\)/gi

/** "Saffron, a pinch, in 1 tbsp milk": a one that is said in words is not the one that is written in figures. */
const ONE_SAID =
  /^\D*\ban? (?:(?:big|generous|good|large|small|tiny) )?(?:dash|drop|handful|knob|pinch|splash|squeeze)\b/i

/** Numbers of a text that nothing has accounted for, as they are written. */
export function leftOver(text: string, numbers: readonly number[]): string[] {
  const left = [...numbers]
  if (ONE_SAID.test(text) && left.includes(1)) left.splice(left.indexOf(1), 1)
  const found: string[] = []
  const plain = text
    .replace(GLOSS_ANYWHERE, ' ')
    .replace(WHICH_OF, ' ')
    .replace(WHAT_IT_IS, ' ')
    .replace(HOW_IT_IS_CUT, ' ')
    .replace(ONCE_WAS, ' ')
  for (const [written] of plain.matchAll(NUMBER)) {
    const parsed = parseNumber(written)
    if (!parsed) continue
    const at = left.findIndex((n) => Math.abs(n - parsed.range.low) < 1e-9)
    if (at >= 0) left.splice(at, 1)
    else found.push(written.trim())
  }
  return found
}

const GLYPHS = '¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞'
const NUMBER = new RegExp(
  `\\d+\\s+\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s?[${GLYPHS}]|[${GLYPHS}]|\\d+(?:[.,]\\d+)?`,
  'g',
)
/** "(about 60 halves)": the same, counted. */
const GLOSS_ANYWHERE = /\((?:about|approx(?:imately|\.)?|roughly|around|~|≈)\s*\d[\d\s/–-]*\s+[a-z][^)]*\)/gi
