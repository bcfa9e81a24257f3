import { type CookAct, type CookEvent, type FormulaDocument, formatClock, standing } from '@/core'
import { wordsFor } from '../marks'
import { Sheet } from './sheet'

interface Props {
  readonly events: readonly CookEvent[]
  readonly formula: FormulaDocument
  onBack(): void
  onAct(act: CookAct): void
}

const SHOWN = 7
const MINUTE = 60

/** What was logged last: each can be taken back or put a minute earlier; what was logged first stays in the log. */
export function LogPanel({ events, formula, onBack, onAct }: Props) {
  const last = standing(events)
    .filter((e) => wordsFor(e, formula) !== null)
    .slice(-SHOWN)
    .reverse()
  return (
    <Sheet title="Logged" onBack={onBack}>
      <ul className="flex flex-col gap-2">
        {last.map((e) => (
          <li key={e.id} className="rounded-control bg-marble p-2">
            <p className="flex justify-between gap-2 px-1 text-[16px] leading-tight font-semibold">
              <span className="truncate">{wordsFor(e, formula)}</span>
              <span className="figures text-[14px] text-muted">{formatClock(e.at)}</span>
            </p>
            <div className="mt-1 flex gap-1">
              <button
                type="button"
                onClick={() => onAct({ type: 'moved', of: e.id, to: Math.max(0, e.at - MINUTE) })}
                className="min-h-16 flex-1 rounded-[9px] bg-sheet text-[14px] font-semibold"
              >
                1 min earlier
              </button>
              <button
                type="button"
                onClick={() => onAct({ type: 'undo', of: e.id })}
                className="min-h-16 flex-1 rounded-[9px] bg-sheet text-[14px] font-semibold text-cherry"
              >
                Take back
              </button>
            </div>
          </li>
        ))}
        {last.length === 0 && <li className="p-3 text-[15px] text-muted">Nothing yet.</li>}
      </ul>
    </Sheet>
  )
}
