'use client'

import { ClipboardPaste, Redo2, Undo2 } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useRef, useState } from 'react'
import { ulid } from 'ulid'
import type { Written } from '@/contract/book'
import { type KitchenView, ownIngredients } from '@/contract/kitchen'
import {
  allLines,
  type Branched,
  differences,
  type FamilyId,
  type FormulaDocument,
  families,
  familyIds,
  faultsOf,
  type Ingredient,
  inSchool,
  pantryOf,
  pieceAt,
  type Question,
  schoolsOf,
  withPiece,
} from '@/core'
import { Button } from '@/ui/kit/button'
import { SendError, send } from '@/ui/kit/send'
import { conditionsOf, firstChoice } from '../kitchen'
import { Facts } from './facts'
import { Lines } from './lines'
import { Parts } from './parts'
import { PasteDialog } from './paste-dialog'
import { Preview } from './preview'
import { Steps } from './steps'
import { type Draft, leftOver, useDraft } from './use-draft'

interface Props {
  /** Null for a formula that is not in the book yet. */
  readonly id: string | null
  readonly revision: number
  readonly formula: FormulaDocument
  readonly kitchen: KitchenView
}

/** Own ingredients that are used go with the formula, so that it can always be worked out. */
function withOwn(formula: FormulaDocument, own: readonly Ingredient[]): FormulaDocument {
  const furnish = (f: FormulaDocument): FormulaDocument => {
    const used = new Set(f.lines.map((l) => l.ingredient))
    const kept = [...own, ...(f.own ?? []).filter((i) => !own.some((o) => o.id === i.id))].filter((i) => used.has(i.id))
    const { own: _, ...rest } = f
    return kept.length > 0 ? { ...rest, own: kept } : rest
  }
  const whole = furnish(formula)
  return whole.parts ? { ...whole, parts: whole.parts.map((p) => ({ ...p, formula: furnish(p.formula) })) } : whole
}

/** What a change does to the sweet: bite, grain, colour, allergens and the rest, where it matters. */
const becomes = (before: FormulaDocument, after: FormulaDocument, kitchen: KitchenView): string[] =>
  differences(before, after, conditionsOf(kitchen, firstChoice(before, kitchen)))
    .filter((d) => d.matters)
    .map((d) => `${d.what}: ${d.before} → ${d.after}`)

/** Writing a formula: the list, the method, and what they come to, side by side. */
export function EditorPage({ id, revision, formula: first, kitchen }: Props) {
  const router = useRouter()
  const start = useMemo<Draft>(() => ({ formula: first, questions: [] }), [first])
  const key = `draft ${id ?? 'new'}`
  const { draft, change, undo, redo, load, forget } = useDraft(key, start)
  const [part, setPart] = useState<string | null>(null)
  const [said, setSaid] = useState<readonly string[]>([])
  const [pasting, setPasting] = useState(false)
  const [earlier, setEarlier] = useState<Draft | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const own = useMemo(() => ownIngredients(kitchen), [kitchen])
  const pantry = useMemo(() => pantryOf(own), [own])
  const whole = useMemo(() => withOwn(draft.formula, own), [draft.formula, own])
  const piece = pieceAt(whole, part)
  const faults = faultsOf(whole)
  const write = useRef<{ document: string; id: string } | null>(null)

  useEffect(() => setEarlier(leftOver(key)), [key])
  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return
      e.preventDefault()
      if (e.shiftKey) redo?.()
      else undo?.()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })

  const setPiece = (next: FormulaDocument, box?: string): void =>
    change((d) => ({ ...d, formula: withPiece(d.formula, part, next) }), box ?? null)
  const setQuestions = (mine: readonly Question[]): void => change((d) => ({ ...d, questions: mine }))

  async function save(asNew: boolean): Promise<void> {
    setBusy(true)
    setProblem(null)
    const document = JSON.stringify(whole)
    // the same write for every try of the same words, so that a retry after a lost answer writes once
    if (write.current?.document !== document + asNew) write.current = { document: document + asNew, id: ulid() }
    try {
      const written =
        id === null || asNew
          ? await send<Written>('POST', '/api/formulas', {
              write: write.current.id,
              document:
                asNew && id !== null ? { ...whole, source: whole.source ?? `branched from ${first.name}` } : whole,
            })
          : await send<Written>('POST', `/api/formulas/${id}/revisions`, {
              write: write.current.id,
              from: revision,
              document: whole,
            })
      forget()
      router.push(`/formulas/${written.id}`)
      router.refresh()
    } catch (error) {
      setProblem(error instanceof SendError ? error.message : (error as Error).message)
      setBusy(false)
    }
  }

  const waiting = draft.questions.length
  const blocked = faults.length > 0 || waiting > 0
  return (
    <div className="flex min-h-dvh flex-col gap-3 p-4 lg:px-6 lg:py-4">
      <h1 className="sr-only">{id === null ? 'Write a new formula' : `Edit ${first.name}`}</h1>
      <header>
        <div className="flex flex-wrap items-center gap-2">
          <input
            aria-label="Name of the formula"
            value={piece.name}
            maxLength={120}
            onChange={(e) => setPiece({ ...piece, name: e.target.value }, 'name')}
            className="casual min-w-60 flex-1 rounded-control bg-transparent text-[clamp(24px,2.4vw,32px)] leading-tight font-extrabold hover:bg-sheet"
          />
          {id !== null && (
            <Button disabled={busy || blocked} onClick={() => save(true)}>
              Save as a new one
            </Button>
          )}
          <Button look="primary" disabled={busy || blocked} onClick={() => save(false)}>
            {id === null ? 'Save in the book' : `Save revision ${revision + 1}`}
          </Button>
        </div>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <Kind
            formula={piece}
            onFormula={setPiece}
            onBranch={({ formula: next, said: changes }) => {
              setPiece(next)
              setSaid([...changes, ...becomes(piece, next, kitchen)])
            }}
          />
          <Button
            aria-label="Undo"
            title="Undo, Ctrl+Z"
            disabled={!undo}
            onClick={() => undo?.()}
            className="ml-auto px-3.5"
          >
            <Undo2 size={19} aria-hidden />
          </Button>
          <Button
            aria-label="Redo"
            title="Redo, Ctrl+Shift+Z"
            disabled={!redo}
            onClick={() => redo?.()}
            className="px-3.5"
          >
            <Redo2 size={19} aria-hidden />
          </Button>
          <Button className="flex items-center gap-2 px-4" onClick={() => setPasting(true)}>
            <ClipboardPaste size={17} aria-hidden />
            Paste a recipe
          </Button>
        </div>
        <input
          aria-label="What it is, in a line"
          value={piece.about}
          maxLength={1000}
          placeholder="what it is, in a line"
          onChange={(e) => setPiece({ ...piece, about: e.target.value }, 'about')}
          className="mt-1 min-h-9 w-full rounded-[9px] bg-transparent text-[16px] text-muted hover:bg-sheet"
        />
      </header>
      {earlier && (
        <Strip>
          There are changes here from an earlier visit that were not saved.
          <Act
            onClick={() => {
              load(earlier)
              setEarlier(null)
            }}
          >
            Go on with them
          </Act>
          <Act
            onClick={() => {
              forget()
              setEarlier(null)
            }}
          >
            Drop them
          </Act>
        </Strip>
      )}
      {said.length > 0 && (
        <Strip>
          <span>{said.join(' · ')}</span>
          <Act
            onClick={() => {
              undo?.()
              setSaid([])
            }}
          >
            Take it back
          </Act>
          <Act onClick={() => setSaid([])}>Right</Act>
        </Strip>
      )}
      {problem && (
        <p role="alert" className="rounded-control bg-cherry-wash px-4 py-3 text-[15px] text-cherry-ink">
          {problem}
        </p>
      )}
      {waiting > 0 && (
        <p className="text-[15px] text-muted">
          {waiting === 1 ? 'One line waits' : `${waiting} lines wait`} for an answer before this can be saved.
        </p>
      )}
      <Parts
        formula={whole}
        shown={part}
        onShow={setPart}
        onFormula={(next) => change((d) => ({ ...d, formula: next }))}
      />
      <div className="grid flex-1 items-start gap-4 lg:grid-cols-[minmax(0,1.08fr)_minmax(0,1.05fr)_minmax(0,0.95fr)]">
        <div className="flex flex-col gap-4">
          <Lines
            formula={piece}
            questions={draft.questions}
            pantry={pantry}
            house={kitchen.measure}
            takenIds={allLines(whole).map((l) => l.id)}
            onFormula={setPiece}
            onQuestions={setQuestions}
            onBoth={(next, questions) => change((d) => ({ formula: withPiece(d.formula, part, next), questions }))}
            onSwitch={(switched) => {
              setPiece(switched.formula)
              setSaid([...switched.said, ...becomes(piece, switched.formula, kitchen)])
            }}
          />
        </div>
        <div className="flex flex-col gap-4">
          <Steps formula={piece} onFormula={setPiece} />
          <Facts key={part ?? 'whole'} formula={piece} onFormula={setPiece} />
        </div>
        <Preview formula={whole} part={part} kitchen={kitchen} />
      </div>
      {pasting && (
        <PasteDialog
          pantry={pantry}
          house={kitchen.measure}
          onClose={() => setPasting(false)}
          onDraft={(next) => {
            setPasting(false)
            setPart(null)
            load(next)
          }}
        />
      )}
    </div>
  )
}

function Strip({ children }: { readonly children: React.ReactNode }) {
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-control bg-lemon px-4 py-2.5 text-[15px] text-on-lemon"
    >
      {children}
    </div>
  )
}

function Act(props: React.ComponentProps<'button'>) {
  return <button type="button" className="min-h-9 font-semibold underline underline-offset-4" {...props} />
}

interface KindProps {
  readonly formula: FormulaDocument
  onFormula(formula: FormulaDocument): void
  onBranch(branched: Branched): void
}

/** Family and school. A change of school changes the method too. */
function Kind({ formula, onFormula, onBranch }: KindProps) {
  const select = 'min-h-12 rounded-control border border-line bg-sheet px-2.5 text-[15px] text-ink'
  return (
    <div className="flex flex-wrap items-center gap-2 text-[15px] text-muted">
      <label>
        <span className="sr-only">Family</span>
        <select
          className={select}
          value={formula.family}
          onChange={(e) => {
            const family = e.target.value as FamilyId
            onFormula({ ...formula, family, school: Object.keys(schoolsOf(family))[0] ?? '' })
          }}
        >
          {familyIds.map((id) => (
            <option key={id} value={id}>
              {families[id].label}
            </option>
          ))}
        </select>
      </label>
      <label>
        <span className="sr-only">School</span>
        <select
          className={select}
          value={formula.school}
          onChange={(e) => {
            onBranch(inSchool(formula, e.target.value))
          }}
        >
          {Object.entries(schoolsOf(formula.family)).map(([id, label]) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
      </label>
    </div>
  )
}
