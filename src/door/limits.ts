/** How much one client may ask for in a while. */

/** ◊ Writes a client may make at once, and each second from then on: more than any kitchen, less than a loop gone wild. */
const WRITES = { burst: 2000, perSecond: 400 }
/** Clients remembered; the one that has been quiet longest is forgotten first. */
const MOST_CLIENTS = 5000

interface Bucket {
  left: number
  at: number
}

export interface Limiter {
  /** Takes one write of `client` at `now` ms; seconds to wait where it has had its share, else null. */
  take(client: string, now: number): number | null
}

export function limiter({ burst, perSecond }: { burst: number; perSecond: number } = WRITES): Limiter {
  const buckets = new Map<string, Bucket>()
  return {
    take(client, now) {
      const known = buckets.get(client) ?? { left: burst, at: now }
      const left = Math.min(burst, known.left + (Math.max(0, now - known.at) / 1000) * perSecond)
      buckets.delete(client)
      buckets.set(client, { left: Math.max(0, left - 1), at: now })
      if (buckets.size > MOST_CLIENTS) buckets.delete(buckets.keys().next().value as string)
      return left >= 1 ? null : Math.ceil((1 - left) / perSecond)
    },
  }
}
