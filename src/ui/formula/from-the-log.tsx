'use client'

import { NotebookPen } from 'lucide-react'
import { useRouter } from 'next/navigation'
import type { FormulaAdvice } from '@/contract/logbook'
import { type FormulaDocument, isBoiled } from '@/core'
import { For, useSay } from '@/ui/shell/preferences'
import { sayAdvice, sayHelped } from '@/words'
import { draftKey, keepDraft } from './editor/use-draft'

interface Props {
  readonly id: string
  readonly formula: FormulaDocument
  readonly advice: FormulaAdvice
}

/** What past batches say of the target, to be taken as the next revision in one touch; and whether the last one helped. */
export function FromTheLog({ id, formula, advice }: Props) {
  const say = useSay()
  const router = useRouter()
  if (!isBoiled(formula)) return null
  const { text, detail } = sayAdvice(advice, formula.target.celsius, say)
  const take = (best: number): void => {
    const target = { ...formula.target, celsius: Math.round(10 * best) / 10 }
    keepDraft(draftKey(id), { formula: { ...formula, target }, questions: [] })
    router.push(`/formulas/${id}/edit`)
  }
  const said = advice.helped && sayHelped(advice.helped)
  return (
    <li className="flex gap-4 py-2">
      <span className="mt-0.5 grid size-7 shrink-0 place-items-center rounded-inner bg-bar text-on-bar">
        <NotebookPen size={16} aria-label="From the logbook" />
      </span>
      <div>
        <p className="casual text-main leading-snug font-semibold">{text}</p>
        <p className="text-small leading-snug text-muted">{detail}</p>
        {advice.kind === 'target' && advice.worthChanging && (
          <For may="owner">
            <button
              type="button"
              onClick={() => take(advice.best)}
              className="mt-1 min-h-10 rounded-control bg-cherry px-3 text-body font-semibold text-on-fill"
            >
              Take it as a draft
            </button>
          </For>
        )}
        {said && (
          <p className="mt-1 text-small leading-snug">
            <strong>{said.text}.</strong> {said.detail}.
          </p>
        )}
      </div>
    </li>
  )
}
