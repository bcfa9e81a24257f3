/** How amounts are put together: so many of one, one and another, one said twice, one of two ways to understand a pack. */
import { parseNumber, type Range } from '../quantity/number'
import { parseUnit, type Unit } from '../quantity/units'
import type { Ingredient } from './ingredient'
import { toGrams, unitWeightsOf } from './unit-weights'

export interface Amount {
  /** Grams of the ingredient, the middle of a range. Null: not known for it. */
  grams(ingredient: Ingredient): number | null
  /** The same said otherwise in the line, or otherwise understood: it has to agree. */
  beside(ingredient: Ingredient): readonly Amount[]
  readonly spread: number
  /** How it is understood: "1⅔ cup", "2 × 400 g". */
  words(ingredient: Ingredient): string
  /** The numbers it was read from. */
  readonly numbers: readonly number[]
}

const NOTHING = (): readonly Amount[] => []

export interface Measure {
  readonly amount: Range
  readonly unit: Unit | null
  readonly factor: number
  readonly rest: string
  readonly words: string
}

export const amountOf = (m: Measure): Amount => ({
  grams: (i) => {
    const grams = toGrams({ amount: m.amount, unit: m.unit }, i)
    return grams === null ? null : grams * m.factor
  },
  beside: NOTHING,
  spread: spreadOf(m.amount),
  words: () => m.words,
  numbers: endsOf(m.amount),
})

/** The numbers a range was written in: a second one that is the same is another. */
const endsOf = ({ low, high }: Range): number[] => (high === low ? [low] : [low, high])

/** How far either end of a range is from its middle, as a share of it. */
const spreadOf = ({ low, high }: Range): number => (high === low ? 0 : (high - low) / (high + low))

/** How many, and how it was written. */
type Count = Pick<Measure, 'amount' | 'words'>
export const countOf = (written: string): Count => ({
  amount: parseNumber(written)?.range ?? { low: 1, high: 1 },
  words: written,
})

/** So many of what is in one of them. */
export const times = (count: Count, one: Amount): Amount => ({
  grams: (i) => {
    const g = one.grams(i)
    return g === null ? null : (g * (count.amount.low + count.amount.high)) / 2
  },
  beside: NOTHING,
  spread: one.spread || spreadOf(count.amount),
  words: (i) => `${count.words} × ${one.words(i)}`,
  numbers: [...endsOf(count.amount), ...one.numbers],
})

export const joined = (a: Amount, b: Amount, sign: 1 | -1): Amount => ({
  grams: (i) => {
    const [x, y] = [a.grams(i), b.grams(i)]
    return x === null || y === null ? null : x + sign * y
  },
  beside: NOTHING,
  spread: a.spread,
  words: (i) => `${a.words(i)} ${sign > 0 ? 'and' : 'less'} ${b.words(i)}`,
  numbers: [...a.numbers, ...b.numbers],
})

/** One amount, said another way as well. By weight is believed first; what is not known for an ingredient steps back. */
export function also(first: Amount, others: readonly { readonly amount: Amount; readonly byMass: boolean }[]): Amount {
  if (others.length === 0) return first
  const best = others.find((o) => o.byMass) ?? others[0]
  const all = [first, ...others.map((o) => o.amount)]
  const chosen = (i: Ingredient): Amount =>
    [best?.byMass ? best.amount : first, ...all].find((a) => a.grams(i) !== null) ?? first
  return {
    grams: (i) => chosen(i).grams(i),
    beside: (i) => [...first.beside(i), ...all.filter((a) => a !== chosen(i) && a.grams(i) !== null)],
    spread: (best?.byMass ? best.amount : first).spread,
    words: (i) =>
      best?.byMass ? `${best.amount.words(i)}, as the line says beside ${first.words(i)}` : chosen(i).words(i),
    numbers: all.flatMap((a) => a.numbers),
  }
}

/** Other ways of saying it, none of them believed before the first. */
export const besides = (amounts: readonly Amount[]) => amounts.map((amount) => ({ amount, byMass: false }))

/** ◊ A pack may differ so much from what is usually in one. */
const USUAL = 0.2

/** ◊ A square of baking chocolate, an ounce, g. */
const SQUARE_GRAMS = 28.35
/** What is usually in one pack of an ingredient, g; undefined where that is not known. */
const usuallyIn = (pack: string, i: Ingredient): number | undefined => {
  if (/^squares?\b/i.test(pack)) return SQUARE_GRAMS
  const unit = parseUnit(pack)?.unit
  return unit ? unitWeightsOf(i)[unit.id] : undefined
}

/** One of two ways to understand a pack: what is usually in it decides, and where that is not known both are told. */
export const either = (a: Amount, b: Amount, count: number, pack: string): Amount => {
  const usual = (i: Ingredient): Amount | null => {
    const one = usuallyIn(pack, i)
    if (one === undefined) return null
    const near = (x: Amount) => Math.abs((x.grams(i) ?? Number.POSITIVE_INFINITY) / (one * count) - 1)
    const [best, off] = near(a) <= near(b) ? [a, near(a)] : [b, near(b)]
    return off <= USUAL ? best : null
  }
  return {
    grams: (i) => (usual(i) ?? a).grams(i),
    beside: (i) => (usual(i) === null ? [b] : []),
    spread: a.spread,
    words: (i) => (usual(i) ?? a).words(i),
    numbers: [...a.numbers, ...b.numbers],
  }
}

/** An amount that accounts for the numbers of another as well. */
export const withNumbers = (amount: Amount, { numbers }: Amount): Amount => ({
  ...amount,
  numbers: [...amount.numbers, ...numbers],
})
