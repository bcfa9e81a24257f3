'use client'

import { useEffect, useEffectEvent } from 'react'
import { tinykeys } from 'tinykeys'

/** Every key of the product, in one table, as tinykeys names it; what the overlay on `?` says of each stands in `words`. */
export const keys = {
  help: 'Shift+?',
  act: 'Space',
  test: 'd',
  heat: 'h',
  hotter: 'ArrowUp',
  cooler: 'ArrowDown',
  reading: 't',
  lay: 'f',
  keep: 'k',
  count: 'c',
  note: 'n',
  undo: 'u',
  log: 'l',
  mute: 'm',
  back: 'Escape',
  erase: 'Backspace',
  enter: 'Enter',
  'undo-change': '$mod+z',
  'redo-change': '$mod+Shift+z',
  sooner: 'ArrowLeft',
  later: 'ArrowRight',
  // where + is written with Shift, the key it stands on does it as well
  closer: ['+', 'Shift++', '='],
  farther: '-',
} as const

export type KeyId = keyof typeof keys

type Handlers = Partial<Readonly<Record<KeyId | `${number}`, (() => void) | undefined>>>

const bindingsOf = (id: string): readonly string[] => [id in keys ? keys[id as KeyId] : id].flat()

/** Typing into a field is not a key of the product, save where the field itself is what is written. */
const inField = (at: HTMLElement, typing: boolean): boolean =>
  at.closest('[role="dialog"], [role="alertdialog"], [role="listbox"], [role="menu"]') !== null ||
  (!typing && at.closest('input:not([type="checkbox"]), textarea, [contenteditable]') !== null)

/**
 * Binds keys by their name in the table, or a digit by itself. A focused button or link keeps its own Space. `typing`:
 * also while a field is typed into.
 */
export function useKeys(handlers: Handlers, { typing = false }: { readonly typing?: boolean } = {}): void {
  const ids = Object.keys(handlers) as (keyof Handlers)[]
  const press = useEffectEvent((id: keyof Handlers, event: KeyboardEvent): void => {
    const at = event.target as HTMLElement
    const act = handlers[id]
    if (!act || event.repeat || inField(at, typing)) return
    if (id === 'act' && at.closest('button, a')) return
    event.preventDefault()
    act()
  })
  const bound = ids.join(' ')
  useEffect(() => {
    const each = bound
      .split(' ')
      .flatMap((id) => bindingsOf(id).map((key) => [key, (e: KeyboardEvent) => press(id as keyof Handlers, e)]))
    return tinykeys(window, Object.fromEntries(each))
  }, [bound])
}

/**
 * Lets go of a button that was touched: it would keep the focus, and take the space bar for itself. At the end of the press,
 * wherever that is: a button may have moved from under the finger, and is then pressed by nobody.
 */
export function useTouchLetsGo(): void {
  useEffect(() => {
    const letGo = (): void => {
      const held = document.activeElement
      if (held instanceof HTMLElement && held.closest('button')) held.blur()
    }
    window.addEventListener('mouseup', letGo)
    return () => window.removeEventListener('mouseup', letGo)
  }, [])
}
