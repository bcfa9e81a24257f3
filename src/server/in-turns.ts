/** Long work beside other people's: it lets whoever waits have a turn every so often. */

/** ◊ Longer than this and a window that waits would notice, ms. */
const TURN_MS = 20

/** Lets whoever waits go first. */
export const turn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve))

/** What `work` makes of each, in order. */
export async function inTurns<T, R>(all: readonly T[], work: (one: T, i: number) => R): Promise<R[]> {
  const made: R[] = []
  let since = performance.now()
  for (const [i, one] of all.entries()) {
    made.push(work(one, i))
    if (performance.now() - since < TURN_MS) continue
    await turn()
    since = performance.now()
  }
  return made
}
