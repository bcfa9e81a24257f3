'use client'

import { useMemo } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { type FormulaDocument, faultsOf, finishedMix, gramsAsWritten, massOf, traceSteps } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { LadderOf } from '../batch-view'
import { conditionsOf, firstChoice } from '../equipment'
import { sizeBatch } from '../size-batch'
import { VerdictList } from '../verdict-list'

interface Props {
  readonly formula: FormulaDocument
  readonly part: string | null
  readonly kitchen: KitchenView
  /** Lines that wait for an answer: without them nothing can be said of the whole. */
  readonly waiting: number
  /** Whether one of them is in the part that is shown. */
  readonly here: boolean
}

/** The ladder and the verdicts of what is being written, as written, moving with every letter. */
export function Preview({ formula, part, kitchen, waiting, here }: Props) {
  const say = useSay()
  const faults = useMemo(() => faultsOf(formula), [formula])
  const looked = useMemo(() => lookAt(formula, kitchen), [formula, kitchen])
  const piece = looked?.sized.pieces.find((p) => p.part === part) ?? null
  return (
    <div className="flex flex-col gap-4 lg:sticky lg:top-4">
      {faults.length > 0 && (
        <section aria-labelledby="faults" className="rounded-sheet bg-lemon px-4 py-3 text-on-lemon">
          <h2 id="faults" className="casual text-main font-bold">
            Before it can be cooked
          </h2>
          <ul className="text-small leading-snug">
            {faults.slice(0, 6).map((f) => (
              <li key={f} className="py-0.5">
                {f}
              </li>
            ))}
          </ul>
        </section>
      )}
      {looked && piece?.boiled && (
        <section aria-labelledby="edit-ladder" className="sheet flex h-[470px] flex-col px-4 py-4">
          <h2 id="edit-ladder" className="casual text-title font-bold">
            Ladder
          </h2>
          <LadderOf boiled={piece.boiled} conditions={looked.conditions} say={say} known={waiting === 0} />
        </section>
      )}
      {piece && waiting === 0 && <VerdictList verdicts={piece.verdicts} balance={null} />}
      {waiting > 0 && (
        <section aria-labelledby="not-yet" className="sheet px-5 py-4">
          <h2 id="not-yet" className="casual text-title font-bold">
            What this will be
          </h2>
          <p className="text-body text-muted">
            {waiting === 1 ? 'A line waits' : `${waiting} lines wait`} for an answer{here ? ', on the left' : ''}. What
            it will be is told once every gram is known.
          </p>
        </section>
      )}
    </div>
  )
}

function lookAt(formula: FormulaDocument, kitchen: KitchenView) {
  try {
    const grams = massOf(finishedMix(traceSteps(formula, gramsAsWritten(formula))))
    if (!(grams > 0)) return null
    const conditions = conditionsOf(kitchen, firstChoice(formula, kitchen))
    const sized = sizeBatch(formula, { by: 'weight', grams }, formula.shape, conditions, null)
    return 'problem' in sized ? null : { conditions, sized }
  } catch (error) {
    // half written: the faults above say what is missing
    if (error instanceof RangeError) return null
    throw error
  }
}
