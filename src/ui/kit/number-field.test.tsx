import { fireEvent, screen } from '@testing-library/react'
import type { ComponentProps } from 'react'
import { describe, expect, it, vi } from 'vitest'
import { draw } from '@/ui/testing'
import { NumberField } from './number-field'

type Props = Omit<ComponentProps<typeof NumberField>, 'label' | 'onValue'>

function field(props: Props, units?: string) {
  const onValue = vi.fn()
  draw(<NumberField label="How much" onValue={onValue} {...props} />, units)
  const box = screen.getByLabelText<HTMLInputElement>('How much')
  return {
    box,
    onValue,
    type(text: string) {
      fireEvent.change(box, { target: { value: text } })
    },
    enter(text: string) {
      fireEvent.change(box, { target: { value: text } })
      fireEvent.keyDown(box, { key: 'Enter' })
    },
  }
}

describe('a figure', () => {
  it('counts when it is entered or left, not while it is typed', () => {
    const { box, onValue, type } = field({ value: 100 })
    for (const text of ['1', '14', '148']) type(text)
    expect(onValue).not.toHaveBeenCalled()
    fireEvent.blur(box)
    expect(onValue.mock.calls).toEqual([[148]])
  })

  it.each([
    ['1 480', 'number', 'C-g-mm', 1480],
    ['1,5', 'number', 'C-g-mm', 1.5],
    ['2½', 'number', 'C-g-mm', 2.5],
    ['1 lb 8 ½ oz', 'weight', 'C-g-mm', 694.56],
    ['0,3 kg', 'weight', 'F-oz-in', 300],
    ['8', 'weight', 'F-oz-in', 226.8],
    ['246', 'temperature', 'F-oz-in', 118.89],
    ['119 C', 'temperature', 'F-oz-in', 119],
    ['12½ in', 'length', 'C-g-mm', 317.5],
    ['2 1/4', 'length', 'F-oz-in', 57.15],
    ['2.5 lb', 'kilograms', 'C-g-mm', 1.134],
    ['63', 'percent', 'C-g-mm', 0.63],
  ] as const)('typed as "%s" (%s, %s) is %d', (text, as, units, wanted) => {
    const { onValue, enter } = field({ value: 7, as }, units)
    enter(text)
    expect(onValue).toHaveBeenCalledTimes(1)
    expect(onValue.mock.calls[0]?.[0]).toBeCloseTo(wanted, 1)
  })

  it.each(['about ten', '1,480', '1,2,3', '12 apples', '--4'])(
    'that cannot be one, "%s", changes nothing and says so',
    (text) => {
      const onInvalid = vi.fn()
      const { onValue, enter, box } = field({ value: 100, onInvalid })
      enter(text)
      expect(onValue).not.toHaveBeenCalled()
      expect(onInvalid).toHaveBeenCalledOnce()
      expect(screen.getByRole('alert').textContent).toMatch(/Everything stays as it was/)
      // what was typed is there to be put right
      expect(box.value).toBe(text)
    },
  )

  it('out of its bounds says the bound in the unit it is read in', () => {
    const { enter, onValue } = field({ value: 100, as: 'weight', least: 28.349523, most: 2834.9523 }, 'F-oz-in')
    enter('200')
    expect(screen.getByRole('alert').textContent).toMatch(/^At most 100 oz/)
    enter('0.5')
    expect(screen.getByRole('alert').textContent).toMatch(/^At least 1 oz/)
    expect(onValue).not.toHaveBeenCalled()
  })

  it('is let go with Escape, and the one before is there again', () => {
    const { box, type, onValue } = field({ value: 100 })
    type('9')
    fireEvent.keyDown(box, { key: 'Escape' })
    fireEvent.blur(box)
    expect(box.value).toBe('100')
    expect(onValue).not.toHaveBeenCalled()
  })

  it('that only looks the same in these units is not changed by being looked at', () => {
    const { box, onValue, enter } = field({ value: 118.9, as: 'temperature' }, 'F-oz-in')
    enter(box.value)
    expect(onValue).not.toHaveBeenCalled()
  })

  it('may be left empty only where nothing is an answer', () => {
    const { enter, onValue } = field({ value: 100 })
    enter('')
    expect(screen.getByRole('alert')).toBeDefined()
    expect(onValue).not.toHaveBeenCalled()
  })

  it('that is emptied where it may be says so', () => {
    const onEmpty = vi.fn()
    const { enter } = field({ value: 100, onEmpty })
    enter('')
    expect(onEmpty).toHaveBeenCalledOnce()
  })
})
