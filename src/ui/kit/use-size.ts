'use client'

import { type RefObject, useEffect, useRef, useState } from 'react'

/** The size of an element, followed as it changes; null before the first measure. */
export function useSize<T extends HTMLElement>(): [RefObject<T | null>, { width: number; height: number } | null] {
  const ref = useRef<T>(null)
  const [size, setSize] = useState<{ width: number; height: number } | null>(null)
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
