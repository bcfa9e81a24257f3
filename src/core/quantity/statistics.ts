/** The middle of a list of numbers, and how far they lie from it. None of them is defined for an empty list. */

export const meanOf = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / list.length

export function medianOf(list: readonly number[]): number {
  const sorted = list.toSorted((a, b) => a - b)
  const half = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1
    ? (sorted[half] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2
}

/** Standard deviation of what a list is a sample of; of at least two. */
export function deviationOf(list: readonly number[]): number {
  const mean = meanOf(list)
  return Math.sqrt(list.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (list.length - 1))
}
