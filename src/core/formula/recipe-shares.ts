/** A list that is written in hundredths of the whole, as professional sheets are. */
import { tenths } from '../quantity/number'
import { bare, type Headed } from './recipe-split'

/** "Sucrose 62.0 %", "62 % sucrose"; and how much of it all is made: "Batch 10 kg". */
const SHARE = /^(?:(\d+(?:[.,]\d+)?) ?%\s+(?:of )?(\p{L}.*)|(\p{L}.*?)[\s:]+(\d+(?:[.,]\d+)?) ?%)$/u
const BATCH = /^(?:batch(?: size)?|total)[:\s]+(?:of )?(\d+(?:[.,]\d+)?) ?(kg|g)\b/i
/** "Total 100 %" */
const SUM = /^(?:sub)?total\b/i
/** ◊ Shares are those of one whole where they come to so many hundredths; so much is made where nothing says how much, g. */
const WHOLE = { least: 98, most: 102 }
const OF_SHARES_G = 1000

/** A list in hundredths of the whole as grams; any other as it is. */
export function inGrams(list: readonly Headed[]): readonly Headed[] {
  const numberIn = (written: string): number => Number(written.replace(',', '.'))
  const lines = list.flatMap((s) => s.lines.map(bare))
  const batch = lines.flatMap((l) => BATCH.exec(l) ?? [])
  const total =
    batch.length > 0 ? numberIn(batch[1] as string) * (/^k/i.test(batch[2] as string) ? 1000 : 1) : OF_SHARES_G
  const shares = lines.filter((l) => !BATCH.test(l) && !SUM.test(l)).map((l) => SHARE.exec(l))
  const sum = shares.reduce((all, s) => all + numberIn(s?.[1] ?? s?.[4] ?? 'none'), 0)
  if (!(sum >= WHOLE.least && sum <= WHOLE.most)) return list
  return list.map(({ heading, lines }) => ({
    heading,
    lines: lines.flatMap((l) => {
      if (SUM.test(bare(l))) return []
      const [, first, name, called, last] = SHARE.exec(bare(l)) ?? []
      const share = first ?? last
      return share === undefined ? [] : [`${tenths((numberIn(share) * total) / 100)} g ${name ?? called}`]
    }),
  }))
}
