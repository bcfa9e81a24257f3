/** How many pieces a written recipe says it makes. */

/** "Makes about 49 squares", "Yield: 24": pieces, and no weight or so many jars. */
export const MAKES =
  /(?:^|\(|\([^()\d]*, |[|·•]\s*|\s[–—-]\s+|[.!]\s+)(?:makes|yields?)\b:?\s*(?:about|around|approx\w*\.?|roughly|some|up to|~|≈)?\s*(\d+)( dozen)?(?:\s*(?:–|-|to)\s*\d+)?(?!\s*(?:\d|[.,/]\d|g\b|kg|lbs?\b|pounds?|oz|ounces?|ml\b|l\b|lit|cups?|pints?|quarts?|servings?|trays?|tins?|pans?|slabs?|cm\b|in\b|inch|x\b|×))/i
/** "For 12 lollies: 250 g sugar, …" */
const FOR_PIECES =
  /^for (?:about )?(\d+)(?::\s| (?:lolli|lolly|pieces|sweets|squares|bars|caramels|toffees|marshmallows))/i
/** "Yields: 1 pan | 36 pieces", "Cool; cut. Makes 3 lb or 48 pieces" */
const PIECES =
  /(?:^|[.!]\s+)(?:makes|serves|yields?|servings?)\b.*?\b(\d{1,3}) (?:\p{L}+ )?(?:pieces|squares|candies|sweets|caramels|bars|balls)\b/iu
/** "Cut into squares. About 36 pieces." */
const ABOUT_PIECES =
  /(?:^|[.!]\s+)(?:about )?(\d{1,3})( dozen)? (?:pieces|squares|candies|sweets|caramels|bars|balls)(?: or (?:about )?[\d¼½¾./ -]+ ?(?:pounds?|lbs?|k?g|grams?|ounces?|oz))?\.?$/i
/** "Spoon into cups. About 60.", "~24" */
const LAST_PIECES = /(?:[.!]\s+(?:(?:about|approx\w*\.?) |[~≈] ?)|^[~≈] ?)(\d{2})\.?$/i
/** "Makes 2 x 250 ml jars": what it is filled into, however many pieces that are. */
export const FILLS = /\b(?:makes?|fills?|yields?)\b[^.;]{0,30}\b(?:jars?|bottles?|tubs?)\b/i
/** ◊ Fewer than that are no pieces. */
const FEWEST = 6

/** How many pieces a line says that a recipe makes; null where it does not. */
export function makesIn(line: string): number | null {
  const [, count = 0, dozen] =
    PIECES.exec(line) ??
    MAKES.exec(line) ??
    FOR_PIECES.exec(line) ??
    ABOUT_PIECES.exec(line) ??
    LAST_PIECES.exec(line) ??
    []
  const pieces = Number(count) * (dozen ? 12 : 1)
  return pieces >= FEWEST ? pieces : null
}
