'use client'

import { type FormEvent, useState } from 'react'
import { type CookAct, deeds, type Step } from '@/core'
import { capital, deedNames } from '@/words'
import { Choice, Sheet } from './sheet'

interface Props {
  onBack(): void
  onAct(act: CookAct): void
  /** What brings it back; null where nothing would, or nothing is known of it. */
  readonly onTrouble: (() => void) | null
  onLog(): void
  onEnd(): void
  onAdded(): void
  /** Counts the pieces; null while there are none. */
  readonly onCount: (() => void) | null
  /** The step that is next, which can be left out; null once all are done. */
  readonly next: Step | null
}

export function NotePanel({ onBack, onAct, onTrouble, onLog, onEnd, onAdded, onCount, next }: Props) {
  const [text, setText] = useState('')
  const submit = (event: FormEvent): void => {
    event.preventDefault()
    if (text.trim()) onAct({ type: 'note', text: text.trim() })
  }
  return (
    <Sheet title="Note" choices onBack={onBack}>
      {deeds.map((what) => (
        <Choice key={what} label={capital(deedNames[what])} onPress={() => onAct({ type: 'did', what })} />
      ))}
      {onCount ? (
        <Choice label="Count the pieces" onPress={onCount} />
      ) : (
        <Choice label="More went in" onPress={onAdded} />
      )}
      <form onSubmit={submit} className="col-span-full flex shrink-0 gap-2">
        <input
          aria-label="Something else"
          placeholder="Something else"
          maxLength={2000}
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="min-h-16 min-w-0 flex-1 rounded-control border border-line bg-sheet px-3 text-main"
        />
        <button type="submit" className="min-h-16 rounded-control bg-bar px-3 font-semibold text-on-bar">
          Log
        </button>
      </form>
      {next && next.when.on !== 'target' && (
        <Choice label={`Leave out: ${next.label}`} onPress={() => onAct({ type: 'passed', step: next.id })} />
      )}
      {onTrouble && (
        <button
          type="button"
          onClick={onTrouble}
          className="min-h-16 shrink-0 rounded-control bg-lemon px-4 text-left text-lead font-semibold text-on-lemon"
        >
          Something went wrong
        </button>
      )}
      <button
        type="button"
        onClick={onLog}
        className="min-h-16 shrink-0 rounded-control bg-marble px-4 text-left text-lead font-semibold"
      >
        Correct the log
      </button>
      <button
        type="button"
        onClick={onEnd}
        className="min-h-16 shrink-0 rounded-control border-2 border-cherry px-4 text-left text-lead font-semibold text-cherry"
      >
        End this boil here
      </button>
    </Sheet>
  )
}
