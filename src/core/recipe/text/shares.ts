/** A list that is written in hundredths of the whole, as professional sheets are. */
import { tenths } from '../../quantity/number'
import { parseUnit } from '../../quantity/units'
import type { Headed } from './split'
import { bare, ENDS_WITH_AMOUNT } from './unmarked'

/** "Sucrose 62.0 %", "62 % sucrose"; and how much of it all is made: "Batch 10 kg". */
const SHARE = /^(?:(\d+(?:[.,]\d+)?) ?%\s+(?:of )?(\p{L}.*)|(\p{L}.*?)[\s:]+(\d+(?:[.,]\d+)?) ?%)$/u
const BATCH = /^(?:batch(?: size)?|total)[:\s]+(?:of |about |[~≈] ?)?(\d+(?:[.,]\d+)?) ?(kg|g|lbs?)\b/i
/** "Base sugar 600 g": how much of the line there is that is a hundred by itself. */
const BASE = /^base(?: weight)?:?(?: \p{L}+)?:? (?:of )?(\d+(?:[.,]\d+)?) ?(kg|g|lbs?)$/iu
/** "Total 100 %", "Total weight 1530 g" */
const SUM = /^(?:sub)?total\b/i
/** ◊ Shares are those of one whole where they come to so many hundredths, or of one line that is a hundred by itself; so much is made where nothing says how much, g. */
const WHOLE = { least: 98, most: 102 }
const OF_SHARES_G = 1000
const HUNDRED = 100

/** What a line is a share of; null for none, and for one that is weighed besides: "25 % sugar 250 g". */
const shareIn = (line: string): RegExpExecArray | null =>
  ENDS_WITH_AMOUNT.test(bare(line)) ? null : SHARE.exec(bare(line))

/** A list as it is weighed, and what of it only says what all of it comes to. */
export interface Weighed {
  readonly list: readonly Headed[]
  readonly left: readonly string[]
}

/** A list without its sums, and in grams where it is written in hundredths of the whole. */
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
  const weighed = (line: string): string => {
    const [, first, name, called, last] = shareIn(line) ?? []
    const share = first ?? last
    return share === undefined ? line : `${tenths((numberIn(share) * total) / whole)} g ${name ?? called}`
  }
  return {
    list: list.map((s) => ({
      ...s,
      lines: s.lines.filter((l) => !isSum(l)).map((l) => (areShares ? weighed(l) : l)),
    })),
    left,
  }
}
