import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { AlarmLevel } from './alarm'

interface Tone {
  readonly hertz: number
  readonly from: number
  readonly to: number
  readonly loudest: number
}

let played: Tone[]
let state: 'suspended' | 'running'
let said: string[]
let alarm: typeof import('./alarm')

/** An audio clock that notes what it is asked to sound. */
class FakeAudio {
  currentTime = 10
  destination = {}
  get state() {
    return state
  }
  async resume() {
    state = 'running'
  }
  createOscillator() {
    const tone = { hertz: 0, from: 0, to: 0, loudest: 0 }
    const oscillator = {
      frequency: {
        set value(hertz: number) {
          tone.hertz = hertz
        },
      },
      connect: (gain: { loudest: () => number; connect: (to: unknown) => void }) => {
        tone.loudest = gain.loudest()
        return gain
      },
      start: (at: number) => {
        tone.from = at
      },
      stop: (at: number) => {
        tone.to = at
        played.push({ ...tone })
      },
    }
    return oscillator
  }
  createGain() {
    const levels: number[] = []
    const set = (level: number) => void levels.push(level)
    return {
      gain: { setValueAtTime: set, linearRampToValueAtTime: set },
      loudest: () => Math.max(...levels),
      connect: () => {},
    }
  }
}

beforeEach(async () => {
  played = []
  said = []
  state = 'suspended'
  vi.resetModules()
  vi.stubGlobal('AudioContext', FakeAudio)
  vi.stubGlobal('speechSynthesis', {
    cancel: () => {
      said = []
    },
    speak: (words: { text: string }) => void said.push(words.text),
  })
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class {
      constructor(readonly text: string) {}
    },
  )
  alarm = await import('./alarm')
})

const tuneOf = async (level: AlarmLevel): Promise<Tone[]> => {
  alarm.wakeSound()
  await Promise.resolve()
  played = []
  alarm.play(level)
  return played
}

describe('the sounds', () => {
  it('wait for a touch, as browsers ask', async () => {
    alarm.play('danger')
    expect(played).toEqual([])
    expect((await tuneOf('danger')).length).toBeGreaterThan(0)
  })

  it('are told apart by how many, how high and how loud, and danger is the loudest', async () => {
    const [soon, now, danger] = [await tuneOf('soon'), await tuneOf('now'), await tuneOf('danger')]
    const loud = (tune: Tone[]) => Math.max(...tune.map((t) => t.loudest))
    expect(new Set([soon.length, now.length, danger.length]).size).toBe(3)
    expect(new Set(soon.map((t) => t.hertz)).size).toBe(1)
    expect(now.map((t) => t.hertz)).toEqual(now.map((t) => t.hertz).sort((a, b) => a - b))
    expect(new Set(danger.map((t) => t.hertz)).size).toBe(2)
    expect(loud(soon)).toBeLessThan(loud(now))
    expect(loud(now)).toBeLessThan(loud(danger))
    expect(loud(danger)).toBeLessThanOrEqual(0.5)
  })

  it.each(['soon', 'now', 'danger'] as const)(
    '%s is over within a second and a half, each note after the other',
    async (level) => {
      const tune = await tuneOf(level)
      for (const [i, tone] of tune.entries()) {
        expect(tone.to).toBeGreaterThan(tone.from)
        if (i > 0) expect(tone.from).toBeGreaterThanOrEqual((tune[i - 1] as Tone).from)
      }
      expect(Math.max(...tune.map((t) => t.to)) - 10).toBeLessThan(1.5)
    },
  )

  it('are silence where the browser has none', async () => {
    vi.stubGlobal('AudioContext', undefined)
    alarm.wakeSound()
    expect(() => alarm.play('now')).not.toThrow()
  })
})

describe('the voice', () => {
  it('says the newest thing, not what it was still saying', () => {
    alarm.speak('Moulds within reach, two minutes')
    alarm.speak('Pull it now')
    expect(said).toEqual(['Pull it now'])
  })

  it('is silent where there is none', () => {
    vi.stubGlobal('speechSynthesis', undefined)
    expect(() => alarm.speak('Pull it now')).not.toThrow()
  })
})
