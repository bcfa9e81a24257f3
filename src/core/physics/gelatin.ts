/** Gelatin of one strength for gelatin of another. */

/** Bloom strength and weight, g, of a sheet by its grade; powder is most often sold at 225 and 7 g a packet. */
export const gelatinGrades = {
  bronze: { bloom: 140, grams: 3.3 },
  silver: { bloom: 160, grams: 2.5 },
  gold: { bloom: 200, grams: 2 },
  platinum: { bloom: 250, grams: 1.7 },
  packet: { bloom: 225, grams: 7 },
} as const

export type GelatinGrade = keyof typeof gelatinGrades

/**
 * Grams at `toBloom` that set as firmly as `grams` at `fromBloom`: m2 = m1·√(bloom1/bloom2), for 80 to 300 bloom.
 * @throws RangeError outside that range.
 */
export function exchangeGelatin(grams: number, fromBloom: number, toBloom: number): number {
  for (const bloom of [fromBloom, toBloom])
    if (!(bloom >= 80 && bloom <= 300)) throw new RangeError(`Gelatin is sold from 80 to 300 bloom, not ${bloom}`)
  return grams * Math.sqrt(fromBloom / toBloom)
}

/** Sheets or packets of one grade for so many of another, not rounded. */
export function exchangeSheets(count: number, from: GelatinGrade, to: GelatinGrade): number {
  const a = gelatinGrades[from]
  const b = gelatinGrades[to]
  return exchangeGelatin(count * a.grams, a.bloom, b.bloom) / b.grams
}
