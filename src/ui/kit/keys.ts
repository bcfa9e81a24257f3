'use client'

import { useEffect } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'

interface Key {
  /** As react-hotkeys-hook names it. */
  readonly key: string
  /** As it stands on the keyboard. */
  readonly cap: string
  readonly place: 'Everywhere' | 'Stove' | 'Writing' | 'Getting ready'
  readonly does: string
}

const numbered = (place: Key['place'], numbers: readonly string[], does: string): Record<string, Key> =>
  Object.fromEntries(numbers.map((n) => [`${place} ${n}`, { key: n, cap: n, place, does }]))

/** Every key of the product, in one table: what is bound is what the overlay on `?` shows. */
export const keys = {
  help: { key: 'shift+?', cap: '?', place: 'Everywhere', does: 'Shows these keys' },
  act: { key: 'space', cap: 'Space', place: 'Stove', does: 'Logs what the lemon panel asks for' },
  test: { key: 'd', cap: 'D', place: 'Stove', does: 'A drop, a sign, the colour' },
  heat: { key: 'h', cap: 'H', place: 'Stove', does: 'Sets the heat' },
  hotter: { key: 'up', cap: '↑', place: 'Stove', does: 'One step more heat' },
  cooler: { key: 'down', cap: '↓', place: 'Stove', does: 'One step less heat' },
  reading: { key: 't', cap: 'T', place: 'Stove', does: 'Types a temperature' },
  lay: { key: 'f', cap: 'F', place: 'Stove', does: 'Lays what was poured somewhere else' },
  keep: { key: 'k', cap: 'K', place: 'Stove', does: 'How it keeps in this room' },
  count: { key: 'c', cap: 'C', place: 'Stove', does: 'Counts the pieces' },
  note: { key: 'n', cap: 'N', place: 'Stove', does: 'A note, or the end of the boil' },
  undo: { key: 'u', cap: 'U', place: 'Stove', does: 'Takes the last act back' },
  log: { key: 'l', cap: 'L', place: 'Stove', does: 'Corrects the log' },
  mute: { key: 'm', cap: 'M', place: 'Stove', does: 'Silences the sound' },
  back: { key: 'escape', cap: 'Esc', place: 'Stove', does: 'Back to the acts' },
  'undo-change': { key: 'mod+z', cap: 'Ctrl Z', place: 'Writing', does: 'Takes the last change back' },
  'redo-change': { key: 'mod+shift+z', cap: 'Ctrl ⇧ Z', place: 'Writing', does: 'Does it again' },
} as const satisfies Record<string, Key>

export type KeyId = keyof typeof keys

/** Keys whose meaning is the place in a list. */
export const numberKeys = {
  ...numbered('Stove', ['1', '2', '3', '4', '5', '6'], 'What the drop shows; or turns to that pot'),
  ...numbered('Getting ready', ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'], 'Ticks that line'),
}

type Handlers = Partial<Readonly<Record<KeyId | `${number}`, (() => void) | undefined>>>

const bindingOf = (id: string): string => (id in keys ? keys[id as KeyId].key : id)

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

/** Lets go of a button that was touched: it would keep the focus, and take the space bar for itself. */
export function useTouchLetsGo(): void {
  useEffect(() => {
    const onClick = (event: MouseEvent): void => {
      const touched = event.detail > 0 ? (event.target as HTMLElement).closest('button') : null
      touched?.blur()
    }
    window.addEventListener('click', onClick)
    return () => window.removeEventListener('click', onClick)
  }, [])
}
