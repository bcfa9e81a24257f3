/** A list that is written in hundredths of the whole, as professional sheets are, or in parts. */
import { parseNumber, tenths } from '../../quantity/number'
import { parseUnit } from '../../quantity/units'
import type { Headed } from './split'
import { bare, ENDS_WITH_AMOUNT } from './unmarked'

/** "Sucrose 62.0 %", "62 % sucrose"; and how much of it all is made: "Batch 10 kg". */
const SHARE = /^(?:(\d+(?:[.,]\d+)?) ?%\s+(?:of )?(\p{L}.*)|(\p{L}.*?)[\s:]+(\d+(?:[.,]\d+)?) ?%)$/u
const BATCH = /^(?:batch(?: size)?|total)[:\s]+(?:of |about |[~≈] ?)?(\d+(?:[.,]\d+)?) ?(kg|g|lbs?)\b/i
/** "Base sugar 600 g": how much of the line there is that is a hundred by itself. */
const BASE = /^base(?: weight)?:?(?: \p{L}+)?:? (?:of )?(\d+(?:[.,]\d+)?) ?(kg|g|lbs?)$/iu
/** "3 parts sugar", "water: 1 part", "one part (by weight) glucose syrup" */
const PARTS =
  /^(?:(\S+(?: \d\/\d)?|an?) parts?(?: \(?by (?:weight|mass)\)?,?)? (?:of )?(\p{L}.*)|(\p{L}.*?)[\s:–-]+(\S+(?: \d\/\d)?) parts?(?: \(?by (?:weight|mass)\)?)?)$/iu

/** "Total 100 %", "Total weight 1530 g" */
const SUM = /^(?:\d[\d.,]* ?(?:k?g|lbs?|oz)\s+)?(?:sub)?total\b/i
/** ◊ Shares are those of one whole where they come to so many hundredths, or of one line that is a hundred by itself; so much is made where nothing says how much, g. */
const WHOLE = { least: 98, most: 102 }
const OF_SHARES_G = 1000
const HUNDRED = 100

/** What a line is a share of; null for none, and for one that is weighed besides: "25 % sugar 250 g". */
const shareIn = (line: string): RegExpExecArray | null =>
  ENDS_WITH_AMOUNT.test(bare(line)) ? null : SHARE.exec(bare(line))

/** How many parts a line is, and of what; null for a line of another kind. */
function partsIn(line: string): { readonly parts: number; readonly name: string } | null {
  const [, first, name, called, last] = PARTS.exec(bare(line)) ?? []
  const count = first ?? last
  const read = count === undefined ? null : parseNumber(/^an?$/i.test(count) ? '1' : count)
  return read && read.rest === '' && read.range.low > 0
    ? { parts: read.range.low, name: name ?? (called as string) }
    : null
}

/** ◊ A list is in parts where more than this share of its lines are: "1 part starch, 1 part sugar" for dusting is no list. */
const MOSTLY = 0.5

/** A line as it is weighed, of a list that makes `total` g and has lines in parts. */
function byParts(lines: readonly string[], total: number): (line: string) => string {
  const counts = lines.flatMap((l) => partsIn(l) ?? [])
  const all = counts.reduce((sum, { parts }) => sum + parts, 0)
  return (line) => {
    const found = counts.length > MOSTLY * lines.length && counts.length > 1 ? partsIn(line) : null
    return found ? `${tenths((found.parts * total) / all)} g ${found.name}` : line
  }
}

/** A list as it is weighed, and what of it only says what all of it comes to. */
export interface Weighed {
  readonly list: readonly Headed[]
  readonly left: readonly string[]
}

/** A list without its sums, and in grams where it is written in hundredths of the whole, or in parts of it. */
export function inGrams(list: readonly Headed[]): Weighed {
  const numberIn = (written: string): number => Number(written.replace(',', '.'))
  const lines = list.flatMap((s) => s.lines)
  const sizeIn = (way: RegExp): number | undefined =>
    lines.flatMap((l) => {
      const [, size = '', unit = ''] = way.exec(bare(l)) ?? []
      return size === '' ? [] : [numberIn(size) * (parseUnit(unit)?.unit.size ?? 1)]
    })[0]
  const isTotal = (line: string): boolean => BATCH.test(bare(line)) || SUM.test(bare(line))
  const shares = lines
    .filter((l) => !isTotal(l))
    .map(shareIn)
    .flatMap((s) => (s === null ? [] : [numberIn(s[1] ?? (s[4] as string))]))
  const isListed = shares.length === lines.filter((l) => !isTotal(l) && !BASE.test(bare(l))).length
  const sum = shares.reduce((all, share) => all + share, 0)
  const isOfOne = isListed && sum > WHOLE.most && shares.includes(HUNDRED)
  const areShares = isOfOne || (isListed && sum >= WHOLE.least && sum <= WHOLE.most)
  const base = isOfOne ? sizeIn(BASE) : undefined
  const total = base ?? sizeIn(BATCH) ?? OF_SHARES_G
  const whole = isOfOne && base === undefined ? sum : HUNDRED
  const isSum = (line: string): boolean => isTotal(line) || (base !== undefined && BASE.test(bare(line)))
  const left = lines.filter(isSum)
  const inParts = byParts(
    lines.filter((l) => !isTotal(l)),
    sizeIn(BATCH) ?? OF_SHARES_G,
  )
  const weighed = (line: string): string => {
    const [, first, name, called, last] = shareIn(line) ?? []
    const share = first ?? last
    return share === undefined ? line : `${tenths((numberIn(share) * total) / whole)} g ${name ?? called}`
  }
  return {
    list: list.map((s) => ({
      ...s,
      lines: s.lines.filter((l) => !isSum(l)).map((l) => (areShares ? weighed(l) : inParts(l))),
    })),
    left,
  }
}
