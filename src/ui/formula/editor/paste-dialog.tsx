'use client'

import { useRef, useState } from 'react'
import { type Answers, allLines, type HouseUnit, type Pantry, piecesOf, readRecipe } from '@/core'
import { Button } from '@/ui/kit/button'
import { SheetDialog } from '@/ui/kit/sheet-dialog'
import { goToOpen, MethodAsks, stillOpen } from './method-asks'
import { ToldBack } from './told-back'
import type { Draft } from './use-draft'

interface Props {
  /** What stands in it when it opens. */
  readonly first?: string
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
  onDraft(draft: Draft): void
  onClose(): void
}

/** A recipe as text, made into a draft to correct. */
export default function PasteDialog({ first = '', pantry, house, onDraft, onClose }: Props) {
  const [text, setText] = useState(first)
  const [answers, setAnswers] = useState<Answers>({})
  const draft = text.trim() ? readRecipe(text, pantry, house, answers) : null
  const asks = draft?.asks ?? []
  const isOpen = stillOpen(asks, answers)
  const read = useRef<HTMLDivElement>(null)
  const lines = draft ? allLines(draft.formula) : []
  const steps = draft ? piecesOf(draft.formula).reduce((sum, p) => sum + p.formula.steps.length, 0) : 0
  return (
    <SheetDialog
      width="pair"
      title="Paste a recipe"
      about="Name, list, method: as it stands. What is unsure is asked about, never guessed, and the text stays in the notes."
      onClose={onClose}
    >
      <div
        className={`grid gap-4 lg:min-h-0 lg:flex-1 lg:gap-6 ${draft ? 'lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]' : ''}`}
      >
        <textarea
          aria-label="The recipe"
          value={text}
          maxLength={20_000}
          onChange={(e) => setText(e.target.value)}
          className={`${draft ? 'min-h-[160px]' : 'min-h-[300px]'} w-full rounded-control border border-line bg-marble p-3 text-body`}
        />
        {draft && (
          <div ref={read} className="flex flex-col gap-4 lg:min-h-0 lg:-ml-1 lg:overflow-y-auto lg:pr-2 lg:pl-1">
            <MethodAsks asks={asks} answers={answers} onAnswers={setAnswers} />
            <ToldBack recipe={draft} answers={answers} />
          </div>
        )}
      </div>
      <div className="flex flex-wrap items-center justify-between gap-3">
        <p className="text-body text-muted" aria-live="polite">
          {draft
            ? `${lines.length} ${lines.length === 1 ? 'line' : 'lines'} understood, ${draft.questions.length} to ask about, ${steps} steps${isOpen ? '; a question above comes first' : ''}`
            : 'Nothing read yet.'}
        </p>
        <div className="flex gap-3">
          <Button onClick={onClose}>Not now</Button>
          <Button
            look="primary"
            // an answer that is being typed counts when its box is left, by this very press
            disabled={!draft}
            onClick={() => {
              if (isOpen) goToOpen(read.current)
              else if (draft) onDraft({ formula: draft.formula, questions: draft.questions })
            }}
          >
            Make a draft of it
          </Button>
        </div>
      </div>
    </SheetDialog>
  )
}
