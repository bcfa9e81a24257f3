'use client'

import { ClipboardPaste, Redo2, Undo2 } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import type { KitchenView } from '@/contract/kitchen'
import { ownIngredients } from '@/contract/kitchen-figures'
import {
  allLines,
  type Branched,
  differences,
  type FormulaDocument,
  families,
  familyIds,
  faultsOf,
  firstSchool,
  type Ingredient,
  inSchool,
  pantryOf,
  pieceAt,
  piecesOf,
  type Question,
  schoolsOf,
  withPiece,
} from '@/core'
import { Button } from '@/ui/kit/button'
import { Fetched, later } from '@/ui/kit/fetched'
import { useKeys } from '@/ui/kit/keys'
import { Select } from '@/ui/kit/select'
import { Tooltip } from '@/ui/kit/tooltip'
import { useSay } from '@/ui/shell/preferences'
import { type Say, sayDifference, saySchool } from '@/words'
import { conditionsOf, firstChoice } from '../equipment'
import { Facts } from './facts'
import { GrowingLine } from './growing-line'
import { takeForPaste } from './kept-recipe'
import { Lines } from './lines'
import { Notices } from './notices'
import { Parts } from './parts'
import { Preview } from './preview'
import { Steps } from './steps'
import { type Draft, draftKey, leftOver, useDraft } from './use-draft'
import { useSave } from './use-save'

// fetched once it is asked for: it reads recipes, and no page waits for that
const PASTE_DIALOG = later(() => import('./paste-dialog'))

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

const isAskedIn = ({ groups }: FormulaDocument, questions: readonly Question[]): boolean =>
  questions.some((q) => groups.some((g) => g.id === q.group))

/** What a change does to the sweet: bite, grain, colour, allergens and the rest, where it matters. */
const becomes = (before: FormulaDocument, after: FormulaDocument, kitchen: KitchenView, say: Say): string[] =>
  differences(before, after, conditionsOf(kitchen, firstChoice(before, kitchen)))
    .filter((d) => d.matters)
    .map((d) => {
      const said = sayDifference(d, say)
      return `${said.what}: ${said.before} → ${said.after}`
    })

/** Writing a formula: the list, the method, and what they come to, side by side. */
export function EditorPage({ id, revision, formula: first, kitchen }: Props) {
  const say = useSay()
  const start = useMemo<Draft>(() => ({ formula: first, questions: [] }), [first])
  const key = draftKey(id)
  const { draft, change, undo, redo, load, forget } = useDraft(key, start)
  const [part, setPart] = useState<string | null>(null)
  const [said, setSaid] = useState<readonly string[]>([])
  /** The recipe the dialog opens with, while it is open. */
  const [pasting, setPasting] = useState<string | null>(null)
  const [earlier, setEarlier] = useState<Draft | null>(null)
  const own = useMemo(() => ownIngredients(kitchen), [kitchen])
  const pantry = useMemo(() => pantryOf(own), [own])
  const whole = useMemo(() => withOwn(draft.formula, own), [draft.formula, own])
  const piece = pieceAt(whole, part)
  const faults = faultsOf(whole)
  const { busy, problem, save } = useSave({ id, revision, name: first.name, document: whole }, forget)

  useEffect(() => setEarlier(leftOver(key)), [key])
  useEffect(() => {
    const kept = takeForPaste()
    if (kept) setPasting(kept)
  }, [])
  useKeys({ 'undo-change': undo ?? undefined, 'redo-change': redo ?? undefined }, { typing: true })

  const setPiece = (next: FormulaDocument, box?: string): void =>
    change((d) => ({ ...d, formula: withPiece(d.formula, part, next) }), box ?? null)
  const setQuestions = (mine: readonly Question[]): void => change((d) => ({ ...d, questions: mine }))

  const asked = piecesOf(whole).filter((p) => isAskedIn(p.formula, draft.questions))
  const elsewhere = asked.filter((p) => p.part !== part)
  const blocked = faults.length > 0 || draft.questions.length > 0
  return (
    <div className="flex min-h-dvh flex-col gap-3 p-4 lg:px-6 lg:py-4">
      <h1 className="sr-only">{id === null ? 'Write a new formula' : `Edit ${first.name}`}</h1>
      <header>
        <div className="flex flex-wrap items-center gap-2">
          <GrowingLine
            label="Name of the formula"
            value={piece.name}
            maxLength={120}
            onText={(name) => setPiece({ ...piece, name }, 'name')}
            className="casual min-w-60 flex-1 rounded-control text-name leading-tight font-extrabold"
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
        <Tools
          formula={piece}
          undo={undo}
          redo={redo}
          onFormula={setPiece}
          onBranch={({ formula: next, notes }) => {
            setPiece(next)
            setSaid([...notes.map((n) => saySchool(n, say)), ...becomes(piece, next, kitchen, say)])
          }}
          onPaste={() => setPasting('')}
        />
        <GrowingLine
          label="What it is, in a line"
          value={piece.about}
          maxLength={1000}
          placeholder="what it is, in a line"
          onText={(about) => setPiece({ ...piece, about }, 'about')}
          className="mt-1 min-h-9 w-full rounded-inner text-main text-muted"
        />
      </header>
      <Notices
        earlier={earlier}
        said={said}
        problem={problem}
        waiting={draft.questions.length}
        elsewhere={elsewhere}
        onShow={setPart}
        onEarlier={(go) => {
          if (go && earlier) load(earlier)
          else forget()
          setEarlier(null)
        }}
        onSaid={(right) => {
          if (!right) undo?.()
          setSaid([])
        }}
      />
      <Parts
        formula={whole}
        shown={part}
        onShow={setPart}
        onFormula={(next) => change((d) => ({ ...d, formula: next }))}
      />
      <div className="grid flex-1 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1.08fr)_minmax(0,1.05fr)_minmax(0,0.95fr)]">
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
            onSwitch={(next, notes) => {
              setPiece(next)
              setSaid([...notes, ...becomes(piece, next, kitchen, say)])
            }}
          />
        </div>
        <div className="flex flex-col gap-4">
          <Steps formula={piece} onFormula={setPiece} />
          <Facts key={part ?? 'whole'} formula={piece} onFormula={setPiece} />
        </div>
        <Preview
          formula={whole}
          part={part}
          kitchen={kitchen}
          waiting={draft.questions.length}
          here={elsewhere.length < asked.length}
        />
      </div>
      {pasting !== null && (
        <Fetched of={PASTE_DIALOG}>
          {(PasteDialog) => (
            <PasteDialog
              first={pasting}
              pantry={pantry}
              house={kitchen.measure}
              onClose={() => setPasting(null)}
              onDraft={(next) => {
                setPasting(null)
                // where something is asked is where to begin
                setPart(piecesOf(next.formula).find((p) => isAskedIn(p.formula, next.questions))?.part ?? null)
                load(next)
              }}
            />
          )}
        </Fetched>
      )}
    </div>
  )
}

interface ToolsProps extends KindProps {
  readonly undo: (() => void) | null
  readonly redo: (() => void) | null
  onPaste(): void
}

/** What the whole formula is, the way back and forth, and a recipe to begin with. */
function Tools({ undo, redo, onPaste, ...kind }: ToolsProps) {
  return (
    <div className="mt-1 flex flex-wrap items-center gap-2">
      <Kind {...kind} />
      <Tooltip text="Undo, Ctrl+Z">
        <Button aria-label="Undo" disabled={!undo} onClick={() => undo?.()} className="ml-auto px-3.5">
          <Undo2 size={19} aria-hidden />
        </Button>
      </Tooltip>
      <Tooltip text="Redo, Ctrl+Shift+Z">
        <Button aria-label="Redo" disabled={!redo} onClick={() => redo?.()} className="px-3.5">
          <Redo2 size={19} aria-hidden />
        </Button>
      </Tooltip>
      <Button className="flex items-center gap-2 px-4" onClick={onPaste}>
        <ClipboardPaste size={17} aria-hidden />
        Paste a recipe
      </Button>
    </div>
  )
}

interface KindProps {
  readonly formula: FormulaDocument
  onFormula(formula: FormulaDocument): void
  onBranch(branched: Branched): void
}

/** Family and school. A change of school changes the method too. */
function Kind({ formula, onFormula, onBranch }: KindProps) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Select
        hiddenLabel
        label="Family"
        value={formula.family}
        options={familyIds.map((id) => ({ id, label: families[id].label }))}
        onPick={(family) => onFormula({ ...formula, family, school: firstSchool(family) })}
        className="[--box:var(--sheet)]"
      />
      <Select
        hiddenLabel
        label="School"
        value={formula.school}
        options={Object.entries(schoolsOf(formula.family)).map(([id, label]) => ({ id, label }))}
        onPick={(school) => onBranch(inSchool(formula, school))}
        className="[--box:var(--sheet)]"
      />
    </div>
  )
}
