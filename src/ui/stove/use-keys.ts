'use client'

import { useEffect, useRef } from 'react'

/** By key in lower case: " ", "d", "arrowup". */
type Keys = Readonly<Record<string, (() => void) | undefined>>

/** One-key acts. Keys typed into a field, with a modifier, or on a focused button (Space, Enter) are left alone. */
export function useKeys(keys: Keys): void {
  const current = useRef(keys)
  useEffect(() => {
    current.current = keys
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
      const at = event.target as HTMLElement
      if (at.closest('input, textarea, select, [contenteditable], [role="dialog"]')) return
      if (event.key === ' ' && at.closest('button, a')) return
      const act = current.current[event.key.toLowerCase()]
      if (!act) return
      event.preventDefault()
      act()
    }
    // a button touched keeps the focus, and would take the space bar for itself: let go of it
    const onClick = (event: MouseEvent): void => {
      const touched = event.detail > 0 ? (event.target as HTMLElement).closest('button') : null
      touched?.blur()
    }
    window.addEventListener('keydown', onKey)
    window.addEventListener('click', onClick)
    return () => {
      window.removeEventListener('keydown', onKey)
      window.removeEventListener('click', onClick)
    }
  }, [])
}
