import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { ulid } from 'ulid'
import type { Written } from '@/contract/book'
import type { FormulaDocument } from '@/core'
import { send } from '@/ui/kit/send'

export interface Saving {
  readonly busy: boolean
  /** What went wrong, and what was kept. */
  readonly problem: string | null
  /** As the next revision of the formula, or as a formula of its own. */
  save(asNew: boolean): Promise<void>
}

interface What {
  /** Null for a formula that is not in the book yet. */
  readonly id: string | null
  readonly revision: number
  /** What it was called before. */
  readonly name: string
  readonly document: FormulaDocument
}

/** Writes a formula into the book, and goes there. */
export function useSave({ id, revision, name, document }: What, onSaved: () => void): Saving {
  const router = useRouter()
  const [busy, setBusy] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const write = useRef<{ readonly what: string; readonly id: string } | null>(null)
  async function save(asNew: boolean): Promise<void> {
    setBusy(true)
    setProblem(null)
    // the same write for every try of the same words, so that a retry after a lost answer writes once
    const what = JSON.stringify({ document, asNew })
    if (write.current?.what !== what) write.current = { what, id: ulid() }
    const branch = { ...document, source: document.source ?? `branched from ${name}` }
    try {
      const written =
        id === null || asNew
          ? await send<Written>('POST', '/api/formulas', {
              write: write.current.id,
              document: id === null ? document : branch,
            })
          : await send<Written>('POST', `/api/formulas/${id}/revisions`, {
              write: write.current.id,
              from: revision,
              document,
            })
      onSaved()
      router.push(`/formulas/${written.id}`)
      router.refresh()
    } catch (error) {
      setProblem((error as Error).message)
      setBusy(false)
    }
  }
  return { busy, problem, save }
}
