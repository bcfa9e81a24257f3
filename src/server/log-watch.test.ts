import { afterEach, describe, expect, it } from 'vitest'
import { type Fresh, nudge, type Topic, watchTopics } from './log-watch'

let names = 0
const stops: AbortController[] = []

/** A topic whose head the test holds, and how often it was looked at. */
function topicOf(first: number | null) {
  const held = { head: first, looks: 0, fails: false }
  const topic: Topic = {
    name: `topic ${names++}`,
    head: async () => {
      held.looks++
      if (held.fails) throw new Error('the database is away')
      return held.head
    },
  }
  return { held, topic }
}

function followed<T>(topics: readonly Topic[], next: (fresh: readonly Fresh[]) => Promise<T | null>) {
  const stop = new AbortController()
  stops.push(stop)
  return { frames: watchTopics(topics, next, stop.signal), stop }
}

afterEach(() => {
  for (const stop of stops.splice(0)) stop.abort()
})

describe('following a topic', () => {
  it('tells at first, and again whenever its head differs', async () => {
    const { held, topic } = topicOf(1)
    const { frames } = followed([topic], async () => held.head)
    expect((await frames.next()).value).toBe(1)
    held.head = 2
    expect((await frames.next()).value).toBe(2)
  })

  it('tells which of several topics have news', async () => {
    const [one, two] = [topicOf(1), topicOf(1)]
    const { frames } = followed([one.topic, two.topic], async (fresh) => fresh.map((f) => f.name).join())
    const first = new Set<string>()
    while (first.size < 2) for (const name of ((await frames.next()).value ?? '').split(',')) first.add(name)
    expect(first).toEqual(new Set([one.topic.name, two.topic.name]))
    two.held.head = 2
    expect((await frames.next()).value).toBe(two.topic.name)
  })

  it('tells of a newer version whenever there is news', async () => {
    const { held, topic } = topicOf(1)
    const { frames } = followed([topic], async ([fresh]) => fresh?.version ?? null)
    const first = (await frames.next()).value as number
    held.head = 2
    expect((await frames.next()).value).toBeGreaterThan(first)
  })

  it('looks once however many follow', async () => {
    const { held, topic } = topicOf(1)
    const all = Array.from({ length: 20 }, () => followed([topic], async () => held.head))
    for (const { frames } of all) expect((await frames.next()).value).toBe(1)
    const before = held.looks
    held.head = 2
    for (const { frames } of all) expect((await frames.next()).value).toBe(2)
    expect(held.looks - before).toBeLessThan(20)
  })

  it('looks at once when it is told to, and misses nothing written while it looked', async () => {
    const { held, topic } = topicOf(1)
    const { frames } = followed([topic], async () => held.head)
    await frames.next()
    const looks = held.looks
    const next = frames.next()
    held.head = 2
    nudge(topic.name)
    expect((await next).value).toBe(2)
    expect(held.looks).toBeGreaterThan(looks)
  })

  it('says nothing where next makes nothing of the news', async () => {
    const { held, topic } = topicOf(1)
    const { frames } = followed([topic], async () => (held.head === 3 ? 'three' : null))
    const told = frames.next()
    held.head = 2
    nudge(topic.name)
    held.head = 3
    nudge(topic.name)
    expect((await told).value).toBe('three')
  })

  it('ends with what went wrong at the head, and can be followed again after it', async () => {
    const { held, topic } = topicOf(1)
    const { frames } = followed([topic], async () => held.head)
    await frames.next()
    held.fails = true
    await expect(frames.next()).rejects.toThrow('the database is away')
    held.fails = false
    held.head = 5
    // a window tries again until the head can be read
    const again = (): Promise<unknown> =>
      followed([topic], async () => held.head)
        .frames.next()
        .catch(again)
    expect(await again()).toEqual({ value: 5, done: false })
  })

  it('ends when its reader goes, and looks no more once nobody follows', async () => {
    const { held, topic } = topicOf(1)
    const { frames, stop } = followed([topic], async () => held.head)
    await frames.next()
    stop.abort()
    expect((await frames.next()).done).toBe(true)
    nudge(topic.name)
    await new Promise((done) => setImmediate(done))
    const looks = held.looks
    nudge(topic.name)
    await new Promise((done) => setImmediate(done))
    expect(held.looks).toBe(looks)
  })
})
