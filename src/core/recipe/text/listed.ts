/** A line of a list as it stands there: what it is called by, and what it is for. */

/** A line as it stands in the list: the words it is called by, and the heading above it. */
export interface Written {
  readonly id: string
  readonly names: readonly string[]
  /** Its names in full, without what is only the last word of one. */
  readonly full: readonly string[]
  /** What it is called as it is written. */
  readonly typed: string
  /** Its amount as it is written, "25 g", and what it is marked by, "(A)". */
  readonly calls: readonly string[]
  readonly heading: string | null
  /** What it is for, where its line says that it goes on or around the sweet. */
  readonly purpose: string | null
  /** It says that it is for what waits in the bowl. */
  readonly waits: boolean
  /** Id of the line that is stirred into it beforehand: "soda dissolved in 1 tsp water"; null for most. */
  readonly carries: string | null
}

/** Headings of what goes on or around a sweet that is out of the pot: "to coat", "for dusting". */
const OUTSIDE =
  /\b(?:coat|coating|dip|dipping|dust|dusting|rolling|tossing|sanding|sour (?:mix|sugar)|tumbling|finish|decorat\w*|garnish|sprinkling|serving|to serve)\b/i
const FOR_OUTSIDE = new RegExp(`\\b(?:for|to) (?:the )?(?:${OUTSIDE.source}|roll\\b|topping\\b)`, 'i')
export const isOutside = ({ heading, purpose }: Pick<Written, 'heading' | 'purpose'>): boolean =>
  purpose !== null || (heading !== null && OUTSIDE.test(heading))
/** A line of a list with what it stands under, where that is on or around the sweet: "60 g sugar, for coating". */
export function withPurpose(line: string, heading: string | null): string {
  const use = OUTSIDE.exec(heading ?? '')?.[0]
  if (use === undefined || purposeIn(line) !== null) return line
  return `${line}, ${use.startsWith('to ') ? use : `for ${use}`}`
}
/** What it is for, in the words of its line or of what stands over it; null for what is in the sweet. */
export const purposeOf = (line: Pick<Written, 'heading' | 'purpose'>): string | null =>
  isOutside(line) ? (line.purpose ?? line.heading) : null
/** What a line of the list says it is for, where that is on or around the sweet: "for dusting"; null where it does not. */
export const purposeIn = (typed: string): string | null => FOR_OUTSIDE.exec(typed.replace(MORE, ''))?.[0] ?? null
/** "Plus more for coating": the amount itself is not for that. */
const MORE = /(?:\b(?:plus|and)|\+) (?:more|extra|some)\b.*$/i

/** Chocolate under "for the shells": the sweet is filled into it, and has none of it within. */
export const shellOf = (heading: string | null, typed: string): string | null =>
  (/\bchocolate|couverture\b/i.test(typed) && /\bshells?\b/i.exec(heading ?? '')?.[0]) || null

/** Whether a line of the list says that it is for what waits for the syrup: "water (for the gelatin)". */
export const waitsIn = (typed: string): boolean =>
  /(?:\b(?:for|in(?:to)?) (?:the |blooming |soaking )*|\()(?:bowl|gel(?:atine?)?|bloom(?:ing)?|mixer|whites|egg whites|foam|albumen)\b/i.test(
    typed,
  )

/** What a boil drives off, as a list calls it. */
export const FLEETING =
  /\b(?:(?:aniseed|cinnamon|cloves?|ginger|lemon|lime|orange|peppermint|spearmint|wintergreen) oil|oil of (?:\w+ )?\w+|aroma|bourbon|brandy|colou?r(?:ing)?|essence|extract|flavou?r(?:ing)?|gin|liqueur|rum|vanilla(?! (?:beans?|pods?))|vodka|whisk(?:e)?y)\b/i
