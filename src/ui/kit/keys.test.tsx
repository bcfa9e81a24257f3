import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { draw } from '@/ui/testing'
import { keyWords } from '@/words'
import { type KeyId, keys, useKeys } from './keys'

describe('the table of keys', () => {
  it('has one meaning for a key in a place', () => {
    const all = (Object.keys(keys) as KeyId[]).map((id) => `${keyWords[id].place} ${keys[id]}`)
    expect(new Set(all).size).toBe(all.length)
  })
})

function Page({ handlers }: { readonly handlers: Parameters<typeof useKeys>[0] }) {
  useKeys(handlers)
  return (
    <>
      <button type="button">a button</button>
      <input aria-label="a box" />
      <div role="dialog" aria-label="a dialog">
        <button type="button">inside</button>
      </div>
    </>
  )
}

describe('a key', () => {
  const press = (at: Element, key: string, code: string) => fireEvent.keyDown(at, { key, code })

  it('does what the table says, once a press', () => {
    const [act, test] = [vi.fn(), vi.fn()]
    draw(<Page handlers={{ act, test }} />)
    press(document.body, ' ', 'Space')
    press(document.body, 'd', 'KeyD')
    fireEvent.keyDown(document.body, { key: 'd', code: 'KeyD', repeat: true })
    expect(act).toHaveBeenCalledOnce()
    expect(test).toHaveBeenCalledOnce()
  })

  it('is left to what has the focus: a box is typed into, a button keeps its Space, a dialog is by itself', () => {
    const [act, test] = [vi.fn(), vi.fn()]
    draw(<Page handlers={{ act, test }} />)
    press(screen.getByLabelText('a box'), 'd', 'KeyD')
    press(screen.getByText('a button'), ' ', 'Space')
    press(screen.getByText('inside'), 'd', 'KeyD')
    expect(act).not.toHaveBeenCalled()
    expect(test).not.toHaveBeenCalled()
    press(screen.getByText('a button'), 'd', 'KeyD')
    expect(test).toHaveBeenCalledOnce()
  })

  it('is found with Shift and without where its sign is written so', () => {
    const closer = vi.fn()
    draw(<Page handlers={{ closer }} />)
    press(document.body, '=', 'Equal')
    press(document.body, '+', 'BracketRight')
    fireEvent.keyDown(document.body, { key: '+', code: 'Equal', shiftKey: true })
    expect(closer).toHaveBeenCalledTimes(3)
  })

  it('means nothing while nothing is bound to it', () => {
    const undo = vi.fn()
    draw(<Page handlers={{ act: undefined, undo }} />)
    press(document.body, ' ', 'Space')
    press(document.body, 'u', 'KeyU')
    expect(undo).toHaveBeenCalledOnce()
  })
})
