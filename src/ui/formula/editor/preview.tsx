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
}

/** The ladder and the verdicts of what is being written, as written, moving with every letter. */
export function Preview({ formula, part, kitchen }: Props) {
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
          <LadderOf boiled={piece.boiled} conditions={looked.conditions} say={say} />
        </section>
      )}
      {piece && <VerdictList verdicts={piece.verdicts} advice={null} />}
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
