/** A list in per cent, as confectioners write a formula, as a list in grams. */

/** "Sugar 28 %", "Cream 36 % fat: 32%" */
const SHARE = /^(\p{L}.{1,60}?)[\s:–-]+(\d+(?:[.,]\d+)?)\s?%$/u
/** "28 % sugar" */
const SHARE_FIRST = /^(\d+(?:[.,]\d+)?)\s?%\s+(\p{L}.{1,60})$/u
/** "Ingredients (%)", "All in %": of numbers without a unit. */
const ALL_SHARES =
  /^(?:formula|recipe|composition|ingredients?|raw materials?|all|parts|amounts?)?\s*(?:are )?(?:in )?\(?(?:%|per ?cent)\)?\s*:?$/i
/** "Formula (%): sugar 28, glucose 26" */
const IN_ONE_ROW = /^(?:formula|recipe|composition|ingredients?)?\s*\(?(?:%|per ?cent)\)?\s*:\s*(?=\p{L})(.+)$/iu
const BARE = /^(\p{L}.{1,60}?)[\s:–-]+(\d+(?:[.,]\d+)?)$/u
/** "Batch 1500 g", "Total: 2 kg", "For 2 kg" */
const BATCH =
  /^(?:batch(?: size| weight)?|total|makes|yields?|for)\b:?\s*(?:about\s+)?(\d+(?:[.,]\d+)?)\s?(kg|g)\b[^\d]*$/i

/** ◊ So many lines in per cent are a list; one or two are a strength, or a share of something. */
const FEWEST = 3
/** ◊ % by which what is rounded may miss a hundred. */
const ROUNDED = 2
/** ◊ g of one per cent where the text says nothing of a batch: a formula has no size of its own. */
const GRAMS_EACH = 10

const figure = (written: string): number => Number(written.replace(',', '.'))

interface Share {
  readonly at: number
  readonly name: string
  readonly share: number
}

function sharesIn(lines: readonly string[]): Share[] {
  const isAll = lines.some((l) => ALL_SHARES.test(l))
  return lines.flatMap((line, at) => {
    const [, name, share] = SHARE.exec(line) ?? (isAll ? BARE.exec(line) : null) ?? []
    if (name && share) return [{ at, name, share: figure(share) }]
    const [, first, after] = SHARE_FIRST.exec(line) ?? []
    return first && after ? [{ at, name: after, share: figure(first) }] : []
  })
}

/**
 * Lines whose per cents are grams: of the batch the text speaks of, else 10 g each. They are shares of the whole, or of one line that is a hundred
 * by itself; what is neither stays as it is written, and is asked about.
 */
export function withoutPercents(all: readonly string[]): readonly string[] {
  const lines = all.flatMap((l) => IN_ONE_ROW.exec(l)?.[1]?.replace(/\.$/, '').split(/,\s+/).concat('All in %') ?? l)
  const shares = sharesIn(lines)
  const sum = shares.reduce((total, s) => total + s.share, 0)
  const isOfOne = sum > 100 && shares.some((s) => s.share === 100)
  if (shares.length < FEWEST || !(isOfOne || Math.abs(sum - 100) <= ROUNDED)) return all
  const [, size = '', unit = ''] = lines.map((l) => BATCH.exec(l)).find((found) => found !== null) ?? []
  const batch = size ? figure(size) * (unit.toLowerCase() === 'kg' ? 1000 : 1) : sum * GRAMS_EACH
  const grams = new Map(shares.map((s) => [s.at, `${s.name} ${Math.round((10 * batch * s.share) / sum) / 10} g`]))
  return lines.flatMap((line, at) => (ALL_SHARES.test(line) ? [] : (grams.get(at) ?? line)))
}
