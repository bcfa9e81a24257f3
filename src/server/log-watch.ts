/**
 * Streams over the database. For each topic that anybody follows, this process looks at its head four times a second,
 * and at once when it has written itself; so a write through another copy of the app arrives too, and a hundred windows
 * cost no more looks than one.
 */

export interface Topic {
  readonly name: string
  /** Something that differs whenever there is news: the newest sequence number, say. */
  head(): Promise<string | number | null>
}

/** How often a topic is looked at while there is news of it, and once it has been quiet for so long. */
const POLL_MS = 250
const QUIET_POLL_MS = 2000
const CALM_AFTER_MS = 60_000
/** A quiet stream says now and then that it still listens. */
const QUIET_MS = 15_000

interface Watch {
  readers: number
  version: number
  failure: Error | null
  /** Looks now instead of at the next poll. */
  hurry: () => void
  readonly waiting: Set<() => void>
}

const watches = new Map<string, Watch>()

/** There may be news of a topic. */
export const nudge = (topic: string): void => watches.get(topic)?.hurry()

function join(topic: Topic): Watch {
  const there = watches.get(topic.name)
  if (there) {
    there.readers++
    return there
  }
  const watch: Watch = { readers: 1, version: 0, failure: null, hurry: () => {}, waiting: new Set() }
  watches.set(topic.name, watch)
  void keepLooking(topic, watch)
  return watch
}

async function keepLooking(topic: Topic, watch: Watch): Promise<void> {
  let last: string | number | null | undefined
  let newsAt = Date.now()
  while (watch.readers > 0) {
    let hurried = false
    watch.hurry = () => {
      hurried = true
    }
    const before = watch.version
    try {
      const head = await topic.head()
      watch.failure = null
      if (head !== last) watch.version++
      last = head
    } catch (error) {
      watch.failure = error as Error
      watch.version++
    }
    if (watch.version !== before) {
      newsAt = Date.now()
      for (const tell of [...watch.waiting]) tell()
    }
    // what was written while it looked may not have been seen
    if (!hurried)
      await new Promise<void>((resolve) => {
        const timer = setTimeout(resolve, untilNextLook(Date.now(), newsAt))
        watch.hurry = () => {
          clearTimeout(timer)
          resolve()
        }
      })
  }
  if (watches.get(topic.name) === watch) watches.delete(topic.name)
}

/** All topics are looked at in the same moments, so that one query can answer for many. */
function untilNextLook(now: number, newsAt: number): number {
  const every = now - newsAt > CALM_AFTER_MS ? QUIET_POLL_MS : POLL_MS
  return every - (now % every)
}

/** Loads of the same moment as one: `load` is asked for all keys together. */
export function together<T>(
  load: (keys: readonly string[]) => Promise<ReadonlyMap<string, T>>,
): (key: string) => Promise<T | null> {
  let waiting: Promise<ReadonlyMap<string, T>> | null = null
  let keys = new Set<string>()
  return async (key) => {
    keys.add(key)
    waiting ??= new Promise<void>((resolve) => setImmediate(resolve)).then(() => {
      const asked = [...keys]
      waiting = null
      keys = new Set()
      return load(asked)
    })
    return (await waiting).get(key) ?? null
  }
}

/** A topic with news, and how often it has had any: what is read for one version holds all that made it. */
export interface Fresh {
  readonly name: string
  readonly version: number
}

/**
 * Follows topics until stopped: what `next` makes of those with news, where that is anything, and null now and then.
 * At first all have news. @throws what looking at a topic threw.
 */
export async function* watchTopics<T>(
  topics: readonly Topic[],
  next: (fresh: readonly Fresh[]) => Promise<T | null>,
  signal: AbortSignal,
): AsyncGenerator<T | null> {
  const watched = topics.map((topic) => {
    const watch = join(topic)
    // what went wrong before it came is not a newcomer's news: the next look is
    return { name: topic.name, watch, seen: watch.failure ? watch.version : 0 }
  })
  let spoke = Date.now()
  try {
    while (!signal.aborted) {
      const fresh = watched.filter((w) => w.seen !== w.watch.version)
      for (const w of fresh) {
        if (w.watch.failure) throw w.watch.failure
        w.seen = w.watch.version
      }
      const found = fresh.length > 0 ? await next(fresh.map((w) => ({ name: w.name, version: w.seen }))) : null
      if (found !== null || Date.now() - spoke > QUIET_MS) {
        spoke = Date.now()
        yield found
      }
      if (watched.every((w) => w.seen === w.watch.version))
        await newsOf(
          watched.map((w) => w.watch),
          signal,
        )
    }
  } finally {
    for (const { watch } of watched) watch.readers--
  }
}

/** Resolves when any of them has news, when it has been quiet for long, or when the reader goes. */
function newsOf(watched: readonly Watch[], signal: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const done = (): void => {
      clearTimeout(timer)
      for (const w of watched) w.waiting.delete(done)
      signal.removeEventListener('abort', done)
      resolve()
    }
    const timer = setTimeout(done, QUIET_MS)
    for (const w of watched) w.waiting.add(done)
    signal.addEventListener('abort', done, { once: true })
    if (signal.aborted) done()
  })
}
