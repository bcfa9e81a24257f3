import { Check } from 'lucide-react'
import type { CookState, FormulaDocument } from '@/core'

interface Props {
  readonly formula: FormulaDocument
  readonly state: CookState
}

/** The whole method as a line of stops: done, now, to come. */
export function Rail({ formula, state }: Props) {
  return (
    <ol aria-label="Method" data-scrolls className="sheet flex overflow-x-auto px-4 py-3">
      {formula.steps.map((step, i) => {
        const done = i < state.next
        const here = i === state.next
        return (
          <li
            key={step.id}
            aria-current={here ? 'step' : undefined}
            className="relative flex min-w-[86px] flex-1 flex-col items-center gap-1.5"
          >
            {i > 0 && (
              <span
                aria-hidden
                className={`absolute top-[11px] right-[calc(50%+17px)] left-[calc(-50%+17px)] h-[3px] ${i <= state.next ? 'bg-angelica' : 'bg-line'}`}
              />
            )}
            <span
              aria-hidden
              className={`relative grid size-[25px] place-items-center rounded-full ${done ? 'bg-angelica text-on-fill' : here ? 'bg-cherry ring-4 ring-cherry/30' : 'border-[3px] border-rest bg-sheet'}`}
            >
              {done && <Check size={15} strokeWidth={3} />}
            </span>
            <span className={`text-center text-small leading-tight ${here ? 'font-bold' : done ? '' : 'text-muted'}`}>
              {step.label}
              {done && <span className="sr-only"> done</span>}
            </span>
          </li>
        )
      })}
    </ol>
  )
}
