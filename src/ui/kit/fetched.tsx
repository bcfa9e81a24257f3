'use client'

import { type ComponentType, type ReactNode, useEffect, useState } from 'react'

/** ◊ ms between two tries while the server is away. */
const AGAIN_MS = 2000

/** What `load` fetches, which is always the same function: null until it has come. While the server is away it asks again. */
export function useFetched<T>(load: () => Promise<T>, known: T | null = null): { come: T | null; away: boolean } {
  const [come, setCome] = useState<{ readonly it: T } | null>(known && { it: known })
  const [away, setAway] = useState(false)
  const isThere = come !== null
  useEffect(() => {
    if (isThere) return
    let timer: ReturnType<typeof setTimeout> | undefined
    let isWanted = true
    const ask = (): void => {
      load().then(
        (it) => {
          if (isWanted) setCome({ it })
        },
        () => {
          if (!isWanted) return
          setAway(true)
          timer = setTimeout(ask, AGAIN_MS)
        },
      )
    }
    ask()
    return () => {
      isWanted = false
      clearTimeout(timer)
    }
  }, [isThere, load])
  return { come: come?.it ?? null, away }
}

/** A part of a page that comes once it is asked for, and stays. */
export interface Later<P> {
  load(): Promise<ComponentType<P>>
  /** Null until it has come. */
  readonly known: () => ComponentType<P> | null
}

/** The default of a module as a part that comes later. */
export function later<P>(fetch: () => Promise<{ readonly default: ComponentType<P> }>): Later<P> {
  let part: ComponentType<P> | null = null
  return {
    known: () => part,
    async load() {
      part = (await fetch()).default
      return part
    },
  }
}

interface Props<P> {
  readonly of: Later<P>
  children(part: ComponentType<P>): ReactNode
}

/** Draws a part once it has come. While the server is away it says so, and what stands on the page, a cook before all, stays as it is. */
export function Fetched<P>({ of, children }: Props<P>) {
  const { come, away } = useFetched(of.load, of.known())
  if (come) return children(come)
  if (!away) return null
  return (
    <p
      role="status"
      className="fixed right-4 bottom-4 z-50 w-[min(360px,92vw)] rounded-control bg-bar px-4 py-3 text-body text-on-bar"
    >
      The server does not answer: this opens once it does. Everything else goes on.
    </p>
  )
}
