'use client'

import { useState } from 'react'
import { type HouseUnit, type Pantry, readRecipe } from '@/core'
import { Button } from '@/ui/kit/button'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import type { Draft } from './use-draft'

interface Props {
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
  onDraft(draft: Draft): void
  onClose(): void
}

/** A recipe as text, made into a draft to correct. */
export function PasteDialog({ pantry, house, onDraft, onClose }: Props) {
  const [text, setText] = useState('')
  const draft = text.trim() ? readRecipe(text, pantry, house) : null
  return (
    <SheetDialog
      wide
      title="Paste a recipe"
      about="Name, list, method: as it stands. What is unsure is asked about, never guessed, and the text stays in the notes."
      onClose={onClose}
    >
      <textarea
        aria-label="The recipe"
        value={text}
        maxLength={20_000}
        onChange={(e) => setText(e.target.value)}
        className="min-h-[300px] w-full rounded-control border border-line bg-marble p-3 text-body"
      />
      <div className="flex flex-wrap items-center justify-between gap-3">
        <p className="text-body text-muted" aria-live="polite">
          {draft
            ? `${draft.formula.lines.length} ${draft.formula.lines.length === 1 ? 'line' : 'lines'} understood, ${draft.questions.length} to ask about, ${draft.formula.steps.length} steps`
            : 'Nothing read yet.'}
        </p>
        <div className="flex gap-3">
          <Button onClick={onClose}>Not now</Button>
          <Button look="primary" disabled={!draft} onClick={() => draft && onDraft(draft)}>
            Make a draft of it
          </Button>
        </div>
      </div>
    </SheetDialog>
  )
}
