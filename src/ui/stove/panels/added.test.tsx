import { act, fireEvent, screen } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { draw } from '@/ui/testing'
import { AddedPanel } from './added'

it('asks how much went in, and takes what is still being typed with the press that logs it', () => {
  const onAct = vi.fn()
  const [formula] = Object.values(demoFormulas)
  draw(<AddedPanel formula={formula as NonNullable<typeof formula>} onBack={() => undefined} onAct={onAct} />)
  const [button, box] = [screen.getByText('It is in'), screen.getByLabelText('How much')]
  fireEvent.click(button)
  expect(onAct).not.toHaveBeenCalled()
  expect(document.activeElement).toBe(box)
  fireEvent.change(box, { target: { value: '60' } })
  act(() => button.focus())
  fireEvent.click(button)
  expect(onAct).toHaveBeenCalledWith(expect.objectContaining({ type: 'added', ingredient: 'water', grams: 60 }))
})
