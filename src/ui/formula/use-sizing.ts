import { useEffect, useState } from 'react'
import { type FormulaDocument, type Shape, type Size, scale } from '@/core'
import { sizeAsWritten } from './equipment'

/** How much is made, and of what size a piece is. */
export interface Sizing {
  readonly size: Size
  readonly shape: Shape
}

/** What was kept, where it is still a size of this formula: its lines may have changed since. */
function keptIn(key: string, formula: FormulaDocument): Sizing | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Sizing | null
    if (kept) scale(formula, kept)
    return kept
  } catch {
    return null
  }
}

/** The size of a batch: as the formula is written, or as it was last sized on this screen. */
export function useSizing(id: string, formula: FormulaDocument) {
  const key = `size ${id}`
  const [sizing, setSizing] = useState<Sizing>(() => ({ size: sizeAsWritten(formula), shape: formula.shape }))
  // the server knows nothing of it: it is read once the page is there
  useEffect(() => {
    const kept = keptIn(key, formula)
    if (kept) setSizing(kept)
  }, [key, formula])
  const change = (to: Partial<Sizing>): void =>
    setSizing((now) => {
      const next = { ...now, ...to }
      localStorage.setItem(key, JSON.stringify(next))
      return next
    })
  return { ...sizing, onSizing: change }
}
