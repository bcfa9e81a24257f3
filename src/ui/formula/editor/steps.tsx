'use client'

import { Plus } from 'lucide-react'
import { useState } from 'react'
import {
  addStep,
  changeStep,
  type FormulaDocument,
  families,
  hasFinish,
  idFor,
  mostReady,
  moveStep,
  removeStep,
  type Step,
  withReady,
  withUsualFinish,
} from '@/core'
import { Labelled, smallBox } from '@/ui/kit/labelled'
import { lower } from '@/words'
import { DragArea, DragList } from './sortable'
import { StepCard } from './step-card'

interface Props {
  readonly formula: FormulaDocument
  onFormula(formula: FormulaDocument, box?: string): void
}

/** Letters of a sentence, at most, as the formula keeps them. */
const LONGEST = 200

/** What is got ready, and the method, step by step. */
export function Steps({ formula, onFormula }: Props) {
  const [open, setOpen] = useState<string | null>(null)
  const { steps } = formula
  const setReady = (lines: readonly string[]): void => onFormula(withReady(formula, lines.slice(0, mostReady)), 'ready')
  const add = (): void => {
    const step: Step = {
      id: idFor(
        'step',
        steps.map((s) => s.id),
      ),
      label: 'Next',
      when: { on: 'ready' },
      say: 'What to do',
      why: '',
      act: 'Go on',
    }
    onFormula(addStep(formula, step, null))
    setOpen(step.id)
  }
  const drop = (id: string, over: { readonly row: string } | { readonly place: string }): void => {
    const row = 'row' in over ? over.row : null
    const from = steps.findIndex((s) => s.id === id)
    const to = steps.findIndex((s) => s.id === row)
    if (from >= 0 && to >= 0) onFormula(moveStep(formula, id, from < to ? (steps[to + 1]?.id ?? null) : row))
  }
  const nudge = (at: number, by: -1 | 1): void => {
    const id = steps[at]?.id
    const before = by < 0 ? steps[at - 1] : steps[at + 2]
    if (!id || (by < 0 && !before)) return
    onFormula(moveStep(formula, id, before?.id ?? null))
  }
  return (
    <section aria-labelledby="steps" className="sheet px-4 py-4">
      <h2 id="steps" className="casual text-title font-bold">
        Method
      </h2>
      <Labelled label="Got ready before the heat goes on, a line each">
        <textarea
          className={`${smallBox} field-sizing-content min-h-11 py-2`}
          value={(formula.ready ?? []).join('\n')}
          placeholder="beside what the list asks for by itself: pop the corn, heat the oven"
          onChange={(e) => setReady(e.target.value.split('\n').map((s) => s.slice(0, LONGEST)))}
          onBlur={() => setReady((formula.ready ?? []).filter((s) => s.trim()))}
        />
      </Labelled>
      <DragArea onDrop={drop}>
        <DragList ids={steps.map((s) => s.id)}>
          <ol className="mt-1">
            {steps.map((step, i) => (
              <StepCard
                key={step.id}
                formula={formula}
                step={step}
                number={i + 1}
                open={open === step.id}
                onToggle={() => setOpen(open === step.id ? null : step.id)}
                onChange={(change, box) => onFormula(changeStep(formula, step.id, change), box)}
                onRemove={() => onFormula(removeStep(formula, step.id))}
                onNudge={(by) => nudge(i, by)}
              />
            ))}
          </ol>
        </DragList>
      </DragArea>
      <button
        type="button"
        onClick={add}
        className="mt-2 flex min-h-11 items-center gap-2 rounded-control px-2 text-body font-semibold text-muted hover:bg-marble hover:text-ink"
      >
        <Plus size={17} aria-hidden />
        Another step
      </button>
      {!hasFinish(formula) && (
        <button
          type="button"
          onClick={() => onFormula(withUsualFinish(formula))}
          className="flex min-h-11 items-center gap-2 rounded-control px-2 text-body font-semibold text-muted hover:bg-marble hover:text-ink"
        >
          <Plus size={17} aria-hidden />
          The usual finish of {lower(families[formula.family].label)}
        </button>
      )}
    </section>
  )
}
