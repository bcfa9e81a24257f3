/** How many pieces a written recipe says it makes. */
import { numberWords } from '../../quantity/number'

/** "Makes about 49 squares", "Yield: 24": pieces, and no weight or so many jars. */
const MAKES =
  /(?:^|\(|\([^()\d]*, |[|·•]\s*|\s[–—-]\s+|[.!,]\s+)(?:(?:(?:the |this )?(?:batch |quantity |recipe )?(?:will )?(?:makes?|gives?|yields?))|enough for|(?:number of )?pieces|qty|quantity)\b\s*[:=–-]?\s*(?:about|around|approx\w*\.?|roughly|some|up to|~|≈)?\s*(\d+)(?:\s*(?:–|-|to)\s*(\d+))?(?!\s*(?:\d|[.,/]\d|g\b|kg|lbs?\b|pounds?|oz|ounces?|ml\b|l\b|lit|cups?|pints?|quarts?|servings?|bags|boxes|children|gifts|guests|kids|people|persons|trays?|tins?|pans?|slabs?|[cm]m\b|in\b|inch|x\b|×|%|°|degrees|hours?|min|sec))/i
/** "For 12 lollies: 250 g sugar, …" */
const FOR_PIECES =
  /^for (?:about )?(\d+)(?::\s| (?:lolli|lolly|pieces|sweets|squares|bars|caramels|toffees|marshmallows))/i
/** "Yields: 1 pan | 36 pieces", "Cool; cut. Makes 3 lb or 48 pieces" */
const PIECES =
  /(?:^|[.!]\s+)(?:makes|serves|yields?|servings?)\b.*?\b(\d{1,3})(?:\s*(?:–|-|to)\s*(\d{1,3}))? (?:\p{L}+ )?(?:pieces|squares|candies|sweets|caramels|bars|balls)\b/iu
/** "Cut into squares. About 36 pieces." */
const ABOUT_PIECES =
  /(?:^|[.!]\s+)(?:about )?(\d{1,3}) (?:[\d¼½¾]+-inch )?(?:pieces|squares|candies|sweets|caramels|bars|balls|lolli(?:pop|e)s)(?: or so)?(?: or (?:about )?[\d¼½¾./ -]+ ?(?:pounds?|lbs?|k?g|grams?|ounces?|oz))?\.?$/i
/** "Spoon into cups. About 60.", "~24" */
const LAST_PIECES = /(?:[.!]\s+(?:(?:about|approx\w*\.?) |[~≈] ?)|^[~≈] ?)(\d{2})\.?$/i
/** "Makes 2 x 250 ml jars": what it is filled into, however many pieces that are. */
export const FILLS =
  /\b(?:makes?|fills?|yields?)\b[^.;]{0,30}\b(?:jars?|bottles?|tubs?)\b|\bmakes (?:about )?\d{1,2} ?[×x] ?\d{2,4} ?ml\b/i
/** ◊ Fewer than that are no pieces. */
const FEWEST = 6

const COUNTED = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve'.split('|')
const DOZENS = new RegExp(`\\b(half a|an?|\\d{1,2}|${COUNTED.slice(0, 6).join('|')}) dozen\\b`, 'gi')
const IN_WORDS = new RegExp(
  `\\b(${COUNTED.slice(1).join('|')})(?=[ -](?:by|each|of|pieces|rows?|squares|strips?)\\b|[.,;)]|$)`,
  'gi',
)
const counted = (word: string): number => COUNTED.indexOf(word.toLowerCase()) + 1

/** A text in which what is counted is figures: "three dozen", "six rows of six". */
export const countsInFigures = (text: string): string =>
  text
    .replace(DOZENS, (_, n: string) =>
      String(12 * (numberWords[n.toLowerCase()] ?? (/^half/i.test(n) ? 0.5 : Number(n)))),
    )
    .replace(IN_WORDS, (n) => String(counted(n)))

/** "Gives 36", "Quantity: three dozen", "36 pieces": a row of its own that says nothing else. */
const COUNT_ROW =
  /^(?:(?:(?:the |this )?(?:batch |recipe )?(?:will )?(?:gives?|makes?)|(?:number of )?pieces|qty|quantity)\s*[:=–-]?\s*(?:about |approx\w*\.? |around |roughly )?\d+(?:\s*(?:–|-|to)\s*\d+)?(?: (?:pieces|squares))?|(?:about )?\d+ (?:bars|pieces|squares))\.?$/i
/** Whether a row only says how many pieces there are. */
export const isCountRow = (line: string): boolean => COUNT_ROW.test(countsInFigures(line)) && makesIn(line) !== null

/** How many pieces a line says that a recipe makes, of a range the middle; null where it does not. */
export function makesIn(said: string): number | null {
  const line = countsInFigures(said)
  const [, least = 0, most = least] =
    PIECES.exec(line) ??
    MAKES.exec(line) ??
    FOR_PIECES.exec(line) ??
    ABOUT_PIECES.exec(line) ??
    LAST_PIECES.exec(line) ??
    []
  const pieces = Math.round((Number(least) + Number(most)) / 2)
  return pieces >= FEWEST ? pieces : null
}
