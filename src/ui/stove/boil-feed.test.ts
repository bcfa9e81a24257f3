import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FromWindow, ToWindow } from '@/workers/shared-stream'
import { FakeSource } from '@/workers/testing'

const ONE = '01JD3M9Q6S8ZK3V3N8C0A7T4QX'
const TWO = '01JD3M9Q6S8ZK3V3N8C0A7T4QY'
const frame = (boil: string, cursor: string) => ({ boil, cursor, wall: 0, readings: [], acts: [] })

/** A boil's log, as a line tells it. */
function follower() {
  const heard: string[] = []
  return {
    heard,
    frame: (f: { boil: string; cursor: string }) => void heard.push(`${f.boil === ONE ? 'one' : 'two'} ${f.cursor}`),
    up: (up: boolean) => void heard.push(up ? 'up' : 'down'),
  }
}

let line: typeof import('./boil-feed')
beforeEach(async () => {
  vi.useFakeTimers()
  vi.resetModules()
  FakeSource.all = []
  vi.stubGlobal('EventSource', FakeSource)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('where windows can share', () => {
  let said: FromWindow[]
  let worker: (message: ToWindow) => void
  let workers: number

  beforeEach(async () => {
    said = []
    workers = 0
    vi.stubGlobal('navigator', { locks: { request: (_: string, then: () => void) => then() } })
    vi.stubGlobal(
      'SharedWorker',
      class {
        port = {
          onmessage: null as ((m: { data: ToWindow }) => void) | null,
          postMessage: (m: FromWindow) => void said.push(m),
        }
        constructor() {
          workers++
          worker = (data) => this.port.onmessage?.({ data })
        }
      },
    )
    line = await import('./boil-feed')
  })

  it('one worker serves all boils of the window, and is told who lives there first', () => {
    line.listenToBoil(ONE, '0.1', follower())
    line.listenToBoil(TWO, '3.1', follower())
    expect(workers).toBe(1)
    expect(said.map((m) => m.say)).toEqual(['hello', 'follow', 'follow'])
    expect(said.at(-1)).toEqual({ say: 'follow', boil: TWO, cursor: '3.1' })
  })

  it('each follower hears of its own boil, and all of them of the line', () => {
    const [one, two] = [follower(), follower()]
    line.listenToBoil(ONE, '0.1', one)
    line.listenToBoil(TWO, '0.1', two)
    worker({ up: true })
    worker({ frame: frame(ONE, '1.1') })
    worker({ up: false })
    expect(one.heard).toEqual(['up', 'one 1.1', 'down'])
    expect(two.heard).toEqual(['up', 'down'])
  })

  it('one that comes late is told that the line is up', () => {
    line.listenToBoil(ONE, '0.1', follower())
    worker({ up: true })
    const late = follower()
    line.listenToBoil(ONE, '0.1', late)
    expect(late.heard).toEqual(['up'])
  })

  it('a boil is left when the last who follows it goes, and he hears no more', () => {
    const [a, b] = [follower(), follower()]
    const [leaveA, leaveB] = [line.listenToBoil(ONE, '0.1', a), line.listenToBoil(ONE, '0.1', b)]
    leaveA()
    expect(said.some((m) => m.say === 'leave')).toBe(false)
    worker({ frame: frame(ONE, '1.1') })
    leaveB()
    worker({ frame: frame(ONE, '2.1') })
    expect(a.heard).toEqual([])
    expect(b.heard).toEqual(['one 1.1'])
    expect(said.at(-1)).toEqual({ say: 'leave', boil: ONE })
  })

  it('passes the worker’s ticks on to whoever asked, until they go', () => {
    let ticks = 0
    const stop = line.onTick(() => ticks++)
    line.listenToBoil(ONE, '0.1', follower())
    worker({ tick: true })
    worker({ tick: true })
    stop()
    worker({ tick: true })
    expect(ticks).toBe(2)
  })
})

describe('where they cannot', () => {
  it('the window has a line of its own that does the same', async () => {
    vi.stubGlobal('SharedWorker', undefined)
    line = await import('./boil-feed')
    const one = follower()
    const leave = line.listenToBoil(ONE, '0.1', one)
    await vi.dynamicImportSettled()
    vi.runAllTimers()
    expect(FakeSource.last.after).toEqual([`${ONE}.0.1`])
    FakeSource.last.onopen?.()
    FakeSource.last.onmessage?.({ data: JSON.stringify([frame(ONE, '1.1')]) })
    expect(one.heard).toEqual(['up', 'one 1.1'])
    leave()
    await vi.advanceTimersByTimeAsync(0)
    vi.runAllTimers()
    expect(FakeSource.last.closed).toBe(true)
  })
})
