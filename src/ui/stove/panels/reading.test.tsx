/** A temperature read by eye, tapped with a sticky finger or typed; and the line and the voices in their corner. */
import { cleanup, fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { FrozenThermometer } from '@/contract/batch'
import { useKeys } from '@/ui/kit/keys'
import { draw } from '@/ui/testing'
import { Pace } from '../pace'
import { typingKeys, useTyped } from '../use-typed'
import { ReadingPanel } from './reading'

/** Reads 2.4° too much. */
const clip = { gain: 1, shift: -2.4 } as FrozenThermometer

interface TypingProps {
  readonly thermometer: FrozenThermometer | null
  /** Whether the panel has come. */
  readonly shows: boolean
  onLog(celsius: number): void
}

function Typing({ thermometer, shows, onLog }: TypingProps) {
  const typed = useTyped()
  const log = () => {
    if (typed.text) onLog(typed.celsius)
  }
  useKeys(typingKeys(typed, log))
  return shows ? <ReadingPanel thermometer={thermometer} typed={typed} onLog={log} onBack={vi.fn()} /> : null
}

const panel = (units = 'C-g-mm', thermometer: FrozenThermometer | null = null, shows = true) => {
  const onLog = vi.fn()
  draw(<Typing thermometer={thermometer} shows={shows} onLog={onLog} />, units)
  return onLog
}
const tap = (...names: string[]): void => {
  for (const name of names) fireEvent.click(screen.getByRole('button', { name }))
}
const key = (...keys: string[]): void => {
  for (const k of keys) fireEvent.keyDown(document.body, { key: k })
}

describe('a reading', () => {
  it('is tapped, corrected by a digit, and logged as it was read', () => {
    const onLog = panel()
    tap('1', '1', '9', 'Take a digit back', '8', 'Log')
    expect(onLog).toHaveBeenCalledWith(118)
  })

  it('is typed with Enter, and loses no digit to a panel that has not come yet', () => {
    for (const shows of [true, false]) {
      const onLog = panel('C-g-mm', null, shows)
      key('1', '2', '1', 'Backspace', '0', 'Enter')
      expect(onLog).toHaveBeenCalledWith(120)
      cleanup()
    }
  })

  it('in °F is kept in °C', () => {
    const onLog = panel('F-oz-in')
    tap('2', '4', '8', 'Log')
    expect(onLog).toHaveBeenCalledWith(expect.closeTo(120, 9))
  })

  it('off a thermometer that is not true is logged as it was read, and said as it is', () => {
    const onLog = panel('C-g-mm', clip)
    tap('1', '1', '8')
    expect(screen.getByText('in truth 116°')).toBeDefined()
    tap('Log')
    expect(onLog).toHaveBeenCalledWith(118)
  })

  it('has three digits at most, and none is no reading', () => {
    const onLog = panel()
    expect((screen.getByRole('button', { name: 'Log' }) as HTMLButtonElement).disabled).toBe(true)
    key('Enter')
    expect(onLog).not.toHaveBeenCalled()
    key('1', '1', '8', '9', 'Enter')
    expect(onLog).toHaveBeenCalledWith(118)
  })
})

describe('the corner of the chart', () => {
  const corner = (connected: boolean, waiting: number, kept: number) => {
    const voices = { sound: true, voice: false, edge: true, setSound: vi.fn(), setVoice: vi.fn(), setEdge: vi.fn() }
    draw(
      <Pace
        rate={1}
        practice={false}
        snapshot={{ connected, waiting, kept }}
        voices={voices as never}
        onRate={vi.fn()}
      />,
    )
    return voices
  }

  it.each([
    [true, 0, 0, 'live', false],
    [true, 3, 3, 'sending 3', false],
    [false, 0, 0, 'offline', false],
    [false, 2, 2, 'offline, 2 kept here', false],
    [false, 5, 2, 'offline, 2 of 5 kept here', true],
  ] as const)('there: %s, waiting: %i, kept: %i: “%s”', (connected, waiting, kept, said, warns) => {
    corner(connected, waiting, kept)
    const status = screen.getByRole('status')
    expect(status.textContent).toBe(said)
    expect(status.title !== '').toBe(warns)
  })

  it('turns sound, voice and edge on and off, each by itself', () => {
    const voices = corner(true, 0, 0)
    tap('Sound', 'Voice', 'Edge of the screen')
    expect([voices.setSound, voices.setVoice, voices.setEdge].map((f) => f.mock.calls[0]?.[0])).toEqual([
      false,
      true,
      false,
    ])
    expect(screen.getByRole('button', { name: 'Voice' }).getAttribute('aria-pressed')).toBe('false')
    expect(screen.getByRole('button', { name: 'Voice' }).title).toBe('Voice is silenced for this cook')
  })

  it('has no clock to turn for a cook that is no practice', () => {
    corner(true, 0, 0)
    expect(screen.queryByRole('radio', { name: /×/ })).toBeNull()
  })
})
