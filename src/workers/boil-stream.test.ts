import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { BoilFrame } from '@/contract/cook'
import { BoilStream } from './boil-stream'
import { FakeSource } from './testing'

const ONE = '01JD3M9Q6S8ZK3V3N8C0A7T4QX'
const TWO = '01JD3M9Q6S8ZK3V3N8C0A7T4QY'
const frame = (boil: string, cursor: string): BoilFrame => ({ boil, cursor, wall: 0, readings: [], acts: [] })

let heard: BoilFrame[]
let ups: boolean[]
let stream: BoilStream

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', FakeSource)
  FakeSource.all = []
  heard = []
  ups = []
  stream = new BoilStream({ frame: (f) => void heard.push(f), up: (up) => void ups.push(up) })
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const said = (...frames: BoilFrame[]) => FakeSource.last.onmessage?.({ data: JSON.stringify(frames) })

describe('the line over which boils are followed', () => {
  it('is one, whatever the number of boils', () => {
    stream.follow(ONE, '1.1')
    stream.follow(TWO, '5.2')
    vi.runAllTimers()
    expect(FakeSource.all).toHaveLength(1)
    expect(FakeSource.last.after).toEqual([`${ONE}.1.1`, `${TWO}.5.2`])
    said(frame(ONE, '2.1'), frame(TWO, '6.2'))
    expect(heard.map((f) => f.boil)).toEqual([ONE, TWO])
  })

  it('goes on from where each boil stood after it has dropped', () => {
    stream.follow(ONE, '1.1')
    vi.runAllTimers()
    FakeSource.last.onopen?.()
    said(frame(ONE, '7.3'))
    const dropped = FakeSource.last
    dropped.onerror?.()
    expect(dropped.closed).toBe(true)
    vi.runAllTimers()
    expect(FakeSource.last).not.toBe(dropped)
    expect(FakeSource.last.after).toEqual([`${ONE}.7.3`])
    expect(ups).toEqual([true, false])
  })

  it('says again what a newcomer has missed, and nothing for one that is ahead', () => {
    stream.follow(ONE, '5.5')
    vi.runAllTimers()
    stream.follow(ONE, '9.9')
    vi.runAllTimers()
    expect(FakeSource.all).toHaveLength(1)
    stream.follow(ONE, '3.7')
    vi.runAllTimers()
    expect(FakeSource.last.after).toEqual([`${ONE}.3.5`])
  })

  it('is closed when nothing is followed', () => {
    stream.follow(ONE, '1.1')
    vi.runAllTimers()
    stream.leave(ONE)
    vi.runAllTimers()
    expect(FakeSource.last.closed).toBe(true)
    expect(FakeSource.all).toHaveLength(1)
  })
})
