/** A method that is written twice, in a quick way and in a slow one: only one of them is cooked. */

/** "FAST: boil to 116 °C …", "Method 2 – …", "Old way: …" */
const WAY =
  /^(?:(?:the )?(?:classic|easy|fast|lazy|long|microwave|modern|old(?:[- ]fashioned)?|quick|short|slow|stove(?:[- ]?top)?|traditional)(?: (?:method|one|version|way))?|(?:method|option|version|way) (?:[A-D]|\d|one|two|three)|(?:first|second|third) (?:method|option|way))\s*(?::|[–—-]\s)\s*(?=\S)/i

const SECOND = /^(?:(?:method|option|version|way) (?:[B-D]|[2-9]|two|three)|(?:second|third) (?:method|option|way))\b/i

/**
 * The rows of a method without those of another way: told row by row, each of them but the first; where a way goes on over several rows,
 * all from the second one on.
 */
export function oneWay(rows: readonly string[]): {
  readonly done: readonly string[]
  readonly aside: readonly string[]
} {
  const ways = rows.flatMap((row, i) => (WAY.test(row) ? [i] : []))
  // where the first is only a heading, the second stands alone
  const [first, second] = SECOND.test(rows[ways[0] ?? -1] ?? '') ? [-1, ways[0]] : ways
  if (first === undefined || second === undefined) return { done: rows, aside: [] }
  const isOther = (i: number): boolean => (second === first + 1 ? i !== first && ways.includes(i) : i >= second)
  return {
    done: rows.filter((_, i) => !isOther(i)).map((row) => row.replace(WAY, '')),
    aside: rows.filter((_, i) => isOther(i)),
  }
}
