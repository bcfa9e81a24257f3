import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { draw } from '@/ui/testing'
import { CountPanel } from './count'

function panel(forming: boolean) {
  const onAct = vi.fn()
  draw(<CountPanel planned={60} forming={forming} onBack={vi.fn()} onAct={onAct} />)
  const press = (name: string, times = 1): void => {
    for (let i = 0; i < times; i++) fireEvent.click(screen.getByRole('button', { name }))
  }
  return { onAct, press }
}

describe('the count', () => {
  it('of what was cut begins at what was planned, with seconds and what was trimmed off', () => {
    const { onAct, press } = panel(false)
    press('Good pieces: less', 2)
    press('Imperfect: broken, crooked: more', 3)
    expect(screen.queryByRole('radiogroup', { name: 'What becomes of it' })).toBeNull()
    press('Log')
    expect(onAct).toHaveBeenLastCalledWith({ type: 'yields', pieces: 58, seconds: 3, trimGrams: 0 })
    press('Trimmed off, g: more', 4)
    fireEvent.click(screen.getByRole('radio', { name: 'melted back' }))
    press('Log')
    expect(onAct).toHaveBeenLastCalledWith({
      type: 'yields',
      pieces: 58,
      seconds: 3,
      trimGrams: 40,
      offCuts: 'melted',
    })
  })

  it('never goes below nothing', () => {
    const { onAct, press } = panel(false)
    press('Imperfect: broken, crooked: less', 2)
    press('Trimmed off, g: less', 2)
    press('Log')
    expect(onAct).toHaveBeenLastCalledWith({ type: 'yields', pieces: 60, seconds: 0, trimGrams: 0 })
  })

  it('while pieces are made is of those made so far, one at least', () => {
    const { onAct, press } = panel(true)
    press('Made so far: less', 12)
    press('Log')
    expect(onAct).toHaveBeenLastCalledWith({ type: 'made', pieces: 1 })
    press('Made so far: more', 7)
    press('Log')
    expect(onAct).toHaveBeenLastCalledWith({ type: 'made', pieces: 7 })
  })
})
