import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { FromWindow } from './shared-stream'
import { FakeSource } from './testing'

/** One end of a window's port: what the worker posted, and a way to speak to it. */
class FakePort {
  readonly heard: unknown[] = []
  onmessage: ((m: { data: FromWindow }) => void) | null = null
  postMessage(message: unknown) {
    this.heard.push(message)
  }
  say(data: FromWindow) {
    this.onmessage?.({ data })
  }
}

const ONE = '01JD3M9Q6S8ZK3V3N8C0A7T4QX'
const TWO = '01JD3M9Q6S8ZK3V3N8C0A7T4QY'
let connect: (event: { ports: FakePort[] }) => void
let died: Map<string, () => void>

beforeEach(async () => {
  vi.useFakeTimers()
  vi.resetModules()
  FakeSource.all = []
  died = new Map()
  vi.stubGlobal('EventSource', FakeSource)
  vi.stubGlobal('navigator', { locks: { request: (name: string, then: () => void) => void died.set(name, then) } })
  vi.stubGlobal('self', {
    addEventListener: (_: string, listener: typeof connect) => {
      connect = listener
    },
  })
  await import('./shared-stream')
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

function openWindow(name: string): FakePort {
  const port = new FakePort()
  connect({ ports: [port] })
  port.say({ say: 'hello', lock: name })
  return port
}

const frame = (boil: string, cursor: string) => ({ boil, cursor, wall: 0, readings: [], acts: [] })
const frames = (port: FakePort) => port.heard.filter((m) => typeof m === 'object' && m !== null && 'frame' in m)

describe('the line windows share', () => {
  it('is one, and tells each window of its own boils', () => {
    const [a, b] = [openWindow('a'), openWindow('b')]
    a.say({ say: 'follow', boil: ONE, cursor: '0.1' })
    b.say({ say: 'follow', boil: ONE, cursor: '0.1' })
    b.say({ say: 'follow', boil: TWO, cursor: '0.1' })
    vi.runOnlyPendingTimers()
    expect(FakeSource.all).toHaveLength(1)
    FakeSource.last.onmessage?.({ data: JSON.stringify([frame(ONE, '1.1'), frame(TWO, '1.1')]) })
    expect(frames(a)).toEqual([{ frame: frame(ONE, '1.1') }])
    expect(frames(b)).toHaveLength(2)
  })

  it('tells all whether it is up, and a newcomer at once', () => {
    const a = openWindow('a')
    a.say({ say: 'follow', boil: ONE, cursor: '0.1' })
    vi.runOnlyPendingTimers()
    FakeSource.last.onopen?.()
    expect(a.heard.at(-1)).toEqual({ up: true })
    expect(openWindow('late').heard).toEqual([{ up: true }])
    FakeSource.last.onerror?.()
    expect(a.heard.at(-1)).toEqual({ up: false })
  })

  it('ticks for every window that is there, each second, line or no line', () => {
    const ticks = (port: FakePort) => port.heard.filter((m) => typeof m === 'object' && m !== null && 'tick' in m)
    const [a, b] = [openWindow('a'), openWindow('b')]
    vi.advanceTimersByTime(3000)
    died.get('b')?.()
    vi.advanceTimersByTime(2000)
    expect(ticks(a)).toHaveLength(5)
    expect(ticks(b)).toHaveLength(3)
  })

  it('goes on for the others when a window dies without a word, and is closed after the last', () => {
    const [a, b] = [openWindow('a'), openWindow('b')]
    a.say({ say: 'follow', boil: ONE, cursor: '0.1' })
    b.say({ say: 'follow', boil: ONE, cursor: '0.1' })
    vi.runOnlyPendingTimers()
    died.get('a')?.()
    vi.runOnlyPendingTimers()
    expect(FakeSource.last.closed).toBe(false)
    FakeSource.last.onmessage?.({ data: JSON.stringify([frame(ONE, '2.1')]) })
    expect(frames(a)).toHaveLength(0)
    expect(frames(b)).toHaveLength(1)
    b.say({ say: 'leave', boil: ONE })
    vi.runOnlyPendingTimers()
    expect(FakeSource.last.closed).toBe(true)
  })
})
