/** What stands over a list or over a method: what is made there, and whether two headings mean the same. */

import { MARKED } from './marks'
import { looksLikeMethod, tells } from './row-kinds'
import { HEAD_BARE } from './rows'
import { BULLET, hasAmount } from './unmarked'

export const HEAD_LIST =
  /^(?:(?:the )?(?:ingredients|ingr(?:eds?)?\.?)(?: list| for [\w ]{2,30})?(?:\s*\([^)]*\)|\s*[–—-]\s*makes? .{1,30})?|(?:what )?you(?:(?:'|’)?ll| will)? need|(?:formula|formulation)(?: \([^)]*\))?|shopping list|(?:per|for (?:each|one|1)) (?:batch|slab|tin|tray)|gather|measure|weigh(?: out)?)\s*[:.]?$/i
export const HEAD_METHOD =
  /^(?:(?:the )?(?:[\p{L}-]+ ){0,2}method|directions?|instructions?|m\. ?o\.|preparation|process|procedure|steps?|do|how(?: to)?|what (?:to|you) do|let['’]s (?:cook|get \p{L}+|make)(?: it)?|how to make(?: it)?|to make(?: [\p{L}'’-]+){0,5})\s*[:.]?$/iu
/** "FONDANT" */
export const HEAD_CAPITALS = /^\p{Lu}[\p{Lu} '’&-]{2,30}$/u
/** "A.", "Part 1", "Group 2 (honey)": the mark, whatever it is of. */
export const HEAD_LETTER = new RegExp(
  `^((?:${MARKED}) (?:[A-H\\d]|one|two|three|four|five|six)|[A-H])(?:[.:)]?|\\s*(?:\\(|[:–—-]\\s)[\\p{L} &-]{3,40}\\)?:?)$`,
  'iu',
)
/** "For the base", "Make the caramel:", "Topping:" */
const HEAD_PART =
  /^(?:for (?:the |\d+ )?([\p{L} '’-]{3,40})|(?:make|to make|prepare) the ([\p{L} '’-]{3,40})|(?:the )?((?:\d(?:st|nd|rd|th) )?[\p{L} '’&+-]{3,40}(?=(?: \([\p{L} -]{3,20}\))?:))(?: \([\p{L} -]{3,20}\))?)\s*:?$/iu
/** "Combine", "Assembly" */
export const COMES_LAST = /^(?:assembl\w*|combin\w*|finish\w*|join\w*)$/i

/** What stands under these until another heading is read by nobody either. */
export const HEAD_NOTES =
  /^(?:(?:(?:pro|top|recipe|helpful|extra|\p{L}+['’]s) )?(?:notes?|tips?)|(?:tips?|notes?) (?:and|&) (?:notes?|tips?|tricks|variations?)|faqs?|(?:frequently asked )?questions|comments|substitutions|make[- ]ahead|troubleshooting|variations?|nutrition(?:al)?(?: \w+)?|storage|(?:special )?(?:equipment|tools)(?: needed)?)\s*:?$/iu

/** A few words, without a bullet. */
const OVER_BULLETS = /^(?:\p{L}[\p{L}'’-]*)(?: [\p{L}'’&-]+){0,3}$/u

/** "For the base": what it is that is made there. */
export const calledIn = (line: string): string | undefined =>
  HEAD_PART.exec(line)
    ?.slice(1)
    .find((h) => h !== undefined)
    ?.trim()

/** What a heading says is made; null for a line that is none. Without a colon it stands over an amount (`next`). */
export function partHeading(line: string, next: string): string | null {
  const mark = HEAD_LETTER.exec(line)?.[1]
  if (mark !== undefined) return mark
  if (HEAD_CAPITALS.test(line)) return calledIn(line)?.toLowerCase() ?? line.toLowerCase()
  const called = calledIn(line)
  if (called !== undefined) return called
  // among lines with bullets what has none, and no amount, stands over them
  if (BULLET.test(next) && hasAmount(next) && OVER_BULLETS.test(line) && !hasAmount(line)) return line.toLowerCase()
  return HEAD_BARE.test(line) && (/^to /i.test(line) || hasAmount(next)) ? line.toLowerCase() : null
}

/** "Praline", "Soft centre": a few words that begin with a capital, and nothing that goes in by no amount. */
export const FEW_WORDS = /^\p{Lu}\p{L}+(?: (?:\p{L}[\p{L}’'-]*|&)){0,3}$/u
export const UNWEIGHED =
  /\b(?:butter|chocolate|cinnamon|colou?r\w*|cornflour|cream|essence|extract|flavou?r\w*|flour|gelatine?|juice|milk|nuts?|oil|paper|pepper|salt|spices?|spray|starch|sugar|vanilla|water|zest)\b/i
/** ◊ So many lines of that kind, each over two amounts at least, head what stands beneath them. */
const FEWEST_HEADS = 2

/** Rows that stand over amounts as headings do, without a mark; none where only one does. */
export function bareHeadsIn(rows: readonly string[]): ReadonlySet<number> {
  const isListed = (i: number): boolean => hasAmount(rows[i] ?? '') && !looksLikeMethod(rows[i] ?? '')
  const isHead = (i: number): boolean =>
    i > 0 &&
    FEW_WORDS.test(rows[i] as string) &&
    !hasAmount(rows[i] as string) &&
    !HEAD_LIST.test(rows[i] as string) &&
    !UNWEIGHED.test(rows[i] as string) &&
    !tells(rows[i] as string) &&
    (i === 1 || isListed(i - 1) || HEAD_LIST.test(rows[i - 1] as string)) &&
    isListed(i + 1) &&
    isListed(i + 2)
  const heads = rows.flatMap((_, i) => (isHead(i) ? [i] : []))
  return new Set(heads.length < FEWEST_HEADS ? [] : heads)
}

/** Whether two headings mean the same thing: "Caramel" and "caramel layer". */
export function alike(a: string | null, b: string | null): boolean {
  if (a === null || b === null) return false
  if (a.toLowerCase() === b.toLowerCase()) return true
  // "pot A" is not "pot B"
  if (HEAD_LETTER.test(a) && HEAD_LETTER.test(b)) return false
  const words = (text: string): string[] =>
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((w) => w.length > 2 && !EMPTY.has(w))
  const [mine, theirs] = [words(a), words(b)]
  return mine.some((w) => theirs.includes(w))
}

/** Words of a heading that do not tell parts apart. */
const EMPTY = new Set([
  'the',
  'and',
  'layer',
  'half',
  'component',
  'group',
  'part',
  'stage',
  'phase',
  'for',
  'ingredients',
])
