'use client'

import { useEffect } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'

/** Every key of the product, in one table, as react-hotkeys-hook names it; what the overlay on `?` says of each stands in `words`. */
export const keys = {
  help: 'shift+?',
  act: 'space',
  test: 'd',
  heat: 'h',
  hotter: 'up',
  cooler: 'down',
  reading: 't',
  lay: 'f',
  keep: 'k',
  count: 'c',
  note: 'n',
  undo: 'u',
  log: 'l',
  mute: 'm',
  back: 'escape',
  'undo-change': 'mod+z',
  'redo-change': 'mod+shift+z',
} as const

export type KeyId = keyof typeof keys

type Handlers = Partial<Readonly<Record<KeyId | `${number}`, (() => void) | undefined>>>

const bindingOf = (id: string): string => (id in keys ? keys[id as KeyId] : id)

/** Typing into a field is not a key of the product, save where the field itself is what is written. */
const inField = (at: HTMLElement, typing: boolean): boolean =>
  at.closest('[role="dialog"], [role="alertdialog"], [role="listbox"], [role="menu"]') !== null ||
  (!typing && at.closest('input:not([type="checkbox"]), textarea, [contenteditable]') !== null)

/** Found by where they lie on the keyboard; letters, digits and signs by what they write. */
const PLACED = new Set(['space', 'up', 'down', 'escape'])

/**
 * Binds keys by their name in the table, or a digit by itself. A focused button or link keeps its own Space. `typing`:
 * also while a field is typed into.
 */
export function useKeys(handlers: Handlers, { typing = false }: { readonly typing?: boolean } = {}): void {
  const bound = Object.entries(handlers).flatMap(([id, act]) => (act ? [[bindingOf(id), act] as const] : []))
  useBound(new Map(bound.filter(([key]) => PLACED.has(key))), typing, false)
  useBound(new Map(bound.filter(([key]) => !PLACED.has(key))), typing, true)
}

function useBound(acts: ReadonlyMap<string, () => void>, typing: boolean, useKey: boolean): void {
  useHotkeys(
    [...acts.keys()],
    (event, { hotkey }) => {
      const at = event.target as HTMLElement
      if (event.repeat || inField(at, typing)) return
      if (hotkey === 'space' && at.closest('button, a')) return
      event.preventDefault()
      acts.get(hotkey)?.()
    },
    { enableOnFormTags: true, enableOnContentEditable: true, useKey },
    [acts],
  )
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
