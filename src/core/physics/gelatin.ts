/** Gelatin of one strength for gelatin of another. */

/**
 * Grams at `toBloom` that set as firmly as `grams` at `fromBloom`: m2 = m1·√(bloom1/bloom2), for 80 to 300 bloom.
 * @throws RangeError outside that range.
 */
export function exchangeGelatin(grams: number, fromBloom: number, toBloom: number): number {
  for (const bloom of [fromBloom, toBloom])
    if (!(bloom >= 80 && bloom <= 300)) throw new RangeError(`Gelatin is sold from 80 to 300 bloom, not ${bloom}`)
  return grams * Math.sqrt(fromBloom / toBloom)
}
