/** Wrong tries slow whoever makes them, and everybody a little where many are made. */

/** ◊ So many slips are free; from then on each wrong try doubles the wait. */
const FREE = 4
const LONGEST_S = 300
/** After so long without a wrong try it is forgotten, ms. */
const FORGOTTEN_MS = 3_600_000
const MOST_CLIENTS = 1000

interface Wrong {
  count: number
  at: number
}

const waitAfter = (count: number): number => (count < FREE ? 0 : Math.min(LONGEST_S, 2 ** (count - FREE)))

export interface Tries {
  /** Seconds `client` has to wait at `now` ms before it may try; 0 for none. */
  wait(client: string, now: number): number
  /** A wrong try; how many all clients have made of late. */
  wrong(client: string, now: number): number
  right(client: string): void
}

export function openTries(): Tries {
  const all = new Map<string, Wrong>()
  const known = (client: string, now: number): Wrong => {
    const wrong = all.get(client)
    return wrong && now - wrong.at < FORGOTTEN_MS ? wrong : { count: 0, at: now }
  }
  return {
    wait(client, now) {
      const { count, at } = known(client, now)
      return Math.max(0, Math.ceil(waitAfter(count) - (now - at) / 1000))
    },
    wrong(client, now) {
      const { count } = known(client, now)
      all.delete(client)
      all.set(client, { count: count + 1, at: now })
      if (all.size > MOST_CLIENTS) all.delete(all.keys().next().value as string)
      return [...all.values()].reduce((n, w) => n + (now - w.at < FORGOTTEN_MS ? w.count : 0), 0)
    },
    right: (client) => void all.delete(client),
  }
}
