'use client'

import { useCallback, useEffect, useReducer } from 'react'
import type { FormulaDocument, Question } from '@/core'

export interface Draft {
  readonly formula: FormulaDocument
  readonly questions: readonly Question[]
}

interface History {
  readonly past: readonly Draft[]
  readonly now: Draft
  readonly future: readonly Draft[]
  /** What the newest change was to: letters typed into one box are one step back. */
  readonly touched: string | null
}

type Move = { type: 'change'; change: (draft: Draft) => Draft; to: string | null } | { type: 'undo' } | { type: 'redo' }

const MOST = 200

function step(h: History, move: Move): History {
  if (move.type === 'undo') {
    const before = h.past.at(-1)
    return before ? { past: h.past.slice(0, -1), now: before, future: [h.now, ...h.future], touched: null } : h
  }
  if (move.type === 'redo') {
    const [after, ...future] = h.future
    return after ? { past: [...h.past, h.now], now: after, future, touched: null } : h
  }
  const now = move.change(h.now)
  if (now === h.now) return h
  const joined = move.to !== null && move.to === h.touched
  return { past: joined ? h.past : [...h.past, h.now].slice(-MOST), now, future: [], touched: move.to }
}

/** A formula being written, every change of which can be taken back. What is unsaved outlives the window. */
export function useDraft(key: string, first: Draft) {
  const [history, move] = useReducer(step, { past: [], now: first, future: [], touched: null })
  const { now } = history
  const dirty = now !== first && history.past.length > 0
  useEffect(() => {
    if (dirty) keepDraft(key, now)
  }, [key, now, dirty])
  /** `to` names the box being typed in; leave it out for a change that stands alone. */
  const change = useCallback(
    (work: (draft: Draft) => Draft, to: string | null = null) => move({ type: 'change', change: work, to }),
    [],
  )
  return {
    draft: now,
    change,
    undo: history.past.length > 0 ? () => move({ type: 'undo' }) : null,
    redo: history.future.length > 0 ? () => move({ type: 'redo' }) : null,
    load: (draft: Draft) => move({ type: 'change', change: () => draft, to: null }),
    forget: () => localStorage.removeItem(key),
  }
}

/** What was written here and not saved, from an earlier window; null where there is nothing. */
export function leftOver(key: string): Draft | null {
  const text = localStorage.getItem(key)
  return text ? (JSON.parse(text) as Draft) : null
}

/** Where the draft of a formula lies; null for one that is not in the book yet. */
export const draftKey = (id: string | null): string => `draft ${id ?? 'new'}`

/** Leaves a draft for the editor of that key to go on with. */
export const keepDraft = (key: string, draft: Draft): void => localStorage.setItem(key, JSON.stringify(draft))
