'use client'

import { NotebookPen } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { type ReactNode, useMemo } from 'react'
import type { FormulaAdvice } from '@/contract/logbook'
import { adviseMethod, type Conditions, type FormulaDocument, isBoiled } from '@/core'
import { For, useSay } from '@/ui/shell/preferences'
import { type Said, sayAdvice, sayHelped, sayMethodAdvice } from '@/words'
import { draftKey, keepDraft } from './editor/use-draft'

interface Props {
  readonly id: string
  readonly formula: FormulaDocument
  readonly conditions: Conditions
  readonly advice: FormulaAdvice
}

/** What past batches say of the target and the method, each to be taken as the next revision in one touch; and whether the last one helped. */
export function FromTheLog({ id, formula, conditions, advice }: Props) {
  const say = useSay()
  const router = useRouter()
  const method = useMemo(
    () => (isBoiled(formula) ? adviseMethod(formula, conditions, advice.recent) : []),
    [formula, conditions, advice.recent],
  )
  if (!isBoiled(formula)) return null
  const take = (changed: FormulaDocument): void => {
    keepDraft(draftKey(id), { formula: changed, questions: [] })
    router.push(`/formulas/${id}/edit`)
  }
  const target = (best: number): FormulaDocument => ({
    ...formula,
    target: { ...formula.target, celsius: Math.round(10 * best) / 10 },
  })
  const helped = advice.helped && sayHelped(advice.helped)
  return (
    <>
      <Advised
        said={sayAdvice(advice, formula.target.celsius, say)}
        onTake={advice.kind === 'target' && advice.says === 'change' ? () => take(target(advice.best)) : null}
      >
        {helped && (
          <p className="mt-1 text-small leading-snug">
            <strong>{helped.text}.</strong> {helped.detail}.
          </p>
        )}
      </Advised>
      {method.map((m) => (
        <Advised key={m.kind} said={sayMethodAdvice(m, say)} onTake={() => take({ ...formula, ...m.formula })} />
      ))}
    </>
  )
}

interface AdvisedProps {
  readonly said: Said
  readonly children?: ReactNode
  /** Makes a draft of it; null where there is nothing to change. */
  readonly onTake: (() => void) | null
}

function Advised({ said: { text, detail }, children, onTake }: AdvisedProps) {
  return (
    <li className="flex gap-4 py-2">
      <span className="mt-0.5 grid size-7 shrink-0 place-items-center rounded-inner bg-bar text-on-bar">
        <NotebookPen size={16} aria-label="From the logbook" />
      </span>
      <div>
        <p className="casual text-main leading-snug font-semibold">{text}</p>
        <p className="text-small leading-snug text-muted">{detail}</p>
        {onTake && (
          <For may="owner">
            <button
              type="button"
              onClick={onTake}
              className="mt-1 min-h-10 rounded-control bg-cherry px-3 text-body font-semibold text-on-fill"
            >
              Take it as a draft
            </button>
          </For>
        )}
        {children}
      </div>
    </li>
  )
}
