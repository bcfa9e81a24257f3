'use client'

import { Check, CircleHelp } from 'lucide-react'
import { useMemo, useState } from 'react'
import { type HouseUnit, type LineReading, type Pantry, readLine } from '@/core'
import { ReadingWords } from './reading-words'

interface Props {
  readonly group: string
  /** The first of the list shows how a line may look. */
  readonly first: boolean
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
  onAdd(text: string, reading: LineReading): void
}

/** A line typed as it comes to mind, with what is understood of it while it is typed. Enter takes it. */
export function AddLine({ group, first, pantry, house, onAdd }: Props) {
  const [text, setText] = useState('')
  const reading = useMemo(() => (text.trim() ? readLine(text, pantry, house) : null), [text, pantry, house])
  const take = (): void => {
    if (!reading) return
    onAdd(text.trim(), reading)
    setText('')
  }
  const sure = reading?.status === 'sure'
  return (
    <div className="mt-1.5">
      <input
        aria-label={`Add to ${group}`}
        aria-describedby={`reading-${group}`}
        placeholder={first ? 'Add a line: “1⅔ cups brown sugar”' : 'Add a line'}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') take()
          if (e.key === 'Escape') setText('')
        }}
        onPaste={(e) => {
          const lines = e.clipboardData
            .getData('text')
            .split(/\r?\n/)
            .filter((l) => l.trim())
          if (lines.length < 2) return
          e.preventDefault()
          for (const line of lines) onAdd(line.trim(), readLine(line, pantry, house))
        }}
        className="min-h-11 w-full rounded-control border border-dashed border-muted bg-transparent px-3 text-body focus:border-solid"
      />
      <p
        id={`reading-${group}`}
        aria-live="polite"
        className={`flex items-center gap-2 rounded-control px-3 text-small ${reading ? 'mt-1 min-h-9' : ''} ${reading && !sure ? 'bg-lemon text-on-lemon' : ''}`}
      >
        {reading && (
          <>
            {sure ? (
              <Check size={16} aria-hidden className="shrink-0 text-angelica" strokeWidth={3} />
            ) : (
              <CircleHelp size={16} aria-hidden className="shrink-0" />
            )}
            <ReadingWords reading={reading} />
          </>
        )}
      </p>
    </div>
  )
}
