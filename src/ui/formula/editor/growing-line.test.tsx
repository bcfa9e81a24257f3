import { fireEvent, screen } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import { draw } from '@/ui/testing'
import { GrowingLine } from './growing-line'

it('is one line, whatever is pasted into it or pressed', () => {
  const onText = vi.fn()
  draw(<GrowingLine label="Name" value="" maxLength={120} className="" onText={onText} />)
  const box = screen.getByRole('textbox', { name: 'Name' })
  fireEvent.change(box, { target: { value: 'Harbour \n\n fudge\nwith  rum' } })
  expect(onText).toHaveBeenLastCalledWith('Harbour fudge with  rum')
  expect(fireEvent.keyDown(box, { key: 'Enter' })).toBe(false)
  expect(fireEvent.keyDown(box, { key: 'a' })).toBe(true)
})
