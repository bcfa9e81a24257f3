export interface Row {
  readonly what: string
  readonly measured: string
  readonly wanted: string
}

export function print(title: string, rows: readonly Row[]): void {
  console.log(`\n${title}`)
  console.table(Object.fromEntries(rows.map(({ what, measured, wanted }) => [what, { measured, wanted }])))
}

/** Median time of one call of `work` in µs, over rounds of `calls`. */
export function microseconds(work: (i: number) => unknown, calls: number, rounds = 15): number {
  const times: number[] = []
  for (let r = 0; r < rounds; r++) {
    const start = performance.now()
    for (let i = 0; i < calls; i++) work(i)
    times.push(((performance.now() - start) * 1000) / calls)
  }
  return median(times)
}

export const median = (values: readonly number[]): number => percentile(values, 0.5)

export function percentile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN
}

/** Resolves after `ms`; at once where that is over already. */
export const pause = (ms: number): Promise<void> => new Promise((r) => setTimeout(r, Math.max(0, ms)))

export const percent = (n: number): string => (Number.isFinite(n) ? `${(100 * n).toFixed(1)} %` : '–')
export const share = <T>(items: readonly T[], is: (t: T) => boolean): number => items.filter(is).length / items.length
