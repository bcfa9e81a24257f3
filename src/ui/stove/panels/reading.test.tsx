// @vitest-environment happy-dom
/** A temperature read by eye, tapped with a sticky finger or typed; and the line and the voices in their corner. */
import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { FrozenThermometer } from '@/contract/batch'
import { draw } from '@/ui/testing'
import { Pace } from '../pace'
import { ReadingPanel } from './reading'

/** Reads 2.4° too much. */
const clip = { gain: 1, shift: -2.4 } as FrozenThermometer

const panel = (units = 'C-g-mm', thermometer: FrozenThermometer | null = null) => {
  const onAct = vi.fn()
  const beneath = vi.fn()
  window.addEventListener('keydown', beneath)
  draw(<ReadingPanel thermometer={thermometer} onBack={vi.fn()} onAct={onAct} />, units)
  return { onAct, beneath }
}
const tap = (...names: string[]): void => {
  for (const name of names) fireEvent.click(screen.getByRole('button', { name }))
}
const key = (...keys: string[]): void => {
  for (const k of keys) fireEvent.keyDown(document.body, { key: k })
}

describe('a reading', () => {
  it('is tapped, corrected by a digit, and logged as it was read', () => {
    const { onAct } = panel()
    tap('1', '1', '9', 'Take a digit back', '8', 'Log')
    expect(onAct).toHaveBeenCalledWith({ type: 'reads', celsius: 118 })
  })

  it('is typed with Enter, and its keys reach nothing beneath', () => {
    const { onAct, beneath } = panel()
    key('1', '2', '1', 'Backspace', '0', 'Enter')
    expect(onAct).toHaveBeenCalledWith({ type: 'reads', celsius: 120 })
    expect(beneath).not.toHaveBeenCalled()
    key('q')
    expect(beneath).toHaveBeenCalledTimes(1)
  })

  it('in °F is kept in °C', () => {
    const { onAct } = panel('F-oz-in')
    tap('2', '4', '8', 'Log')
    expect(onAct).toHaveBeenCalledWith({ type: 'reads', celsius: expect.closeTo(120, 9) })
  })

  it('off a thermometer that is not true is logged as it was read, and said as it is', () => {
    const { onAct } = panel('C-g-mm', clip)
    tap('1', '1', '8')
    expect(screen.getByText('in truth 116°')).toBeDefined()
    tap('Log')
    expect(onAct).toHaveBeenCalledWith({ type: 'reads', celsius: 118 })
  })

  it('has three digits at most, and none is no reading', () => {
    const { onAct } = panel()
    expect((screen.getByRole('button', { name: 'Log' }) as HTMLButtonElement).disabled).toBe(true)
    key('Enter')
    expect(onAct).not.toHaveBeenCalled()
    key('1', '1', '8', '9', 'Enter')
    expect(onAct).toHaveBeenCalledWith({ type: 'reads', celsius: 118 })
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
