'use client'

import { type RefObject, useEffect, useRef, useState } from 'react'

interface Size {
  readonly width: number
  readonly height: number
}

/** The size of an element, followed as it changes; `guess` before the first measure, which the server draws with. */
export function useSize<T extends HTMLElement>(guess: Size | null = null): [RefObject<T | null>, Size | null] {
  const ref = useRef<T>(null)
  const [size, setSize] = useState(guess)
  useEffect(() => {
    const element = ref.current
    if (!element) return
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: Math.round(entry.contentRect.width), height: Math.round(entry.contentRect.height) })
    })
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, size]
}
