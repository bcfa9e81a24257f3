'use client'

import { type FormEvent, useState } from 'react'
import { type CookAct, type Deed, deeds } from '@/core'
import { Choice, Sheet } from './sheet'

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1)

interface Props {
  onBack(): void
  onAct(act: CookAct): void
  onTrouble(): void
  onLog(): void
  onEnd(): void
}

export function NotePanel({ onBack, onAct, onTrouble, onLog, onEnd }: Props) {
  const [text, setText] = useState('')
  const submit = (event: FormEvent): void => {
    event.preventDefault()
    if (text.trim()) onAct({ type: 'note', text: text.trim() })
  }
  return (
    <Sheet title="Note" onBack={onBack}>
      {(Object.keys(deeds) as Deed[]).map((what) => (
        <Choice key={what} label={capital(deeds[what])} onPress={() => onAct({ type: 'did', what })} />
      ))}
      <form onSubmit={submit} className="flex shrink-0 gap-2">
        <input
          aria-label="Something else"
          placeholder="Something else"
          maxLength={2000}
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="min-h-16 min-w-0 flex-1 rounded-control border border-line bg-sheet px-3 text-[16px]"
        />
        <button type="submit" className="min-h-16 rounded-control bg-bar px-3 font-semibold text-on-bar">
          Log
        </button>
      </form>
      <button
        type="button"
        onClick={onTrouble}
        className="min-h-16 shrink-0 rounded-control bg-lemon px-4 text-left text-[17px] font-semibold text-on-lemon"
      >
        Something went wrong
      </button>
      <button
        type="button"
        onClick={onLog}
        className="min-h-16 shrink-0 rounded-control bg-marble px-4 text-left text-[17px] font-semibold"
      >
        Correct the log
      </button>
      <button
        type="button"
        onClick={onEnd}
        className="min-h-16 shrink-0 rounded-control border-2 border-cherry px-4 text-left text-[17px] font-semibold text-cherry"
      >
        End this boil here
      </button>
    </Sheet>
  )
}
