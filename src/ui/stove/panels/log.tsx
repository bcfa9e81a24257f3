import { type CookAct, type CookEvent, type FormulaDocument, standing } from '@/core'
import { useSay } from '@/ui/shell/preferences'
import { formatClock, sayEvent } from '@/words'
import { amendedIn } from '../amend'
import { Sheet } from './sheet'

interface Props {
  readonly events: readonly CookEvent[]
  readonly formula: FormulaDocument
  onBack(): void
  onAct(act: CookAct): void
  /** What it says is to be put right. */
  onAmend(event: CookEvent): void
}

const SHOWN = 7
const put = 'min-h-16 flex-1 rounded-inner bg-sheet px-1 text-small leading-tight font-semibold'
const MINUTE = 60

/** What was logged last: each can be put right, put a minute earlier or taken back; what was logged first stays in the log. */
export function LogPanel({ events, formula, onBack, onAct, onAmend }: Props) {
  const say = useSay()
  const last = standing(events)
    .filter((e) => sayEvent(e, formula, say) !== null)
    .slice(-SHOWN)
    .reverse()
  return (
    <Sheet title="Logged" scrolls onBack={onBack}>
      <ul className="flex flex-col gap-2">
        {last.map((e) => (
          <li key={e.id} className="rounded-control bg-marble p-2">
            <p className="flex justify-between gap-2 px-1 text-main leading-tight font-semibold">
              <span>
                {sayEvent(e, formula, say)}
                {e.by && <span className="block text-fine font-normal text-muted">{e.by}</span>}
              </span>
              <span className="figures text-small text-muted">
                {e.unsure && 'after '}
                {formatClock(e.at)}
              </span>
            </p>
            <div className="mt-1 flex gap-1">
              <button
                type="button"
                onClick={() => onAct({ type: 'moved', of: e.id, to: Math.max(0, e.at - MINUTE) })}
                className={put}
              >
                1 min earlier
              </button>
              {amendedIn(e) && (
                <button type="button" onClick={() => onAmend(e)} className={put}>
                  Change
                </button>
              )}
              <button type="button" onClick={() => onAct({ type: 'undo', of: e.id })} className={`${put} text-cherry`}>
                Take back
              </button>
            </div>
          </li>
        ))}
        {last.length === 0 && <li className="p-3 text-body text-muted">Nothing yet.</li>}
      </ul>
    </Sheet>
  )
}
