'use client'

import { Plus, Trash2 } from 'lucide-react'
import {
  addGroup,
  addLine,
  changeGroup,
  changeLine,
  type FormulaDocument,
  type Group,
  type HouseUnit,
  type Ingredient,
  idFor,
  ingredients,
  type Line,
  type LineReading,
  moveLine,
  type Pantry,
  type Question,
  removeGroup,
  removeLine,
  type Step,
  usedAs,
} from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { AddLine } from './add-line'
import { GrowingLine } from './growing-line'
import { LineRow } from './line-row'
import { QuestionRow } from './question-row'
import { DragArea, DragList, DropPlace } from './sortable'

interface Props {
  readonly formula: FormulaDocument
  readonly questions: readonly Question[]
  readonly pantry: Pantry
  readonly house: readonly HouseUnit[]
  readonly takenIds: readonly string[]
  onFormula(formula: FormulaDocument, box?: string): void
  onQuestions(questions: readonly Question[]): void
  /** A line both taken in and struck from the questions is one change. */
  onBoth(formula: FormulaDocument, questions: readonly Question[]): void
  onSwitch(formula: FormulaDocument, said: readonly string[]): void
}

const tidy = (grams: number): number => Math.round(grams * 10) / 10

/** What goes in, in its groups. */
export function Lines({
  formula,
  questions,
  pantry,
  house,
  takenIds,
  onFormula,
  onQuestions,
  onBoth,
  onSwitch,
}: Props) {
  const ids = (): string[] => [...takenIds, ...questions.map((q) => q.id)]
  const lineOf = (group: string, ingredient: Ingredient, grams: number, typed: string, note: string | null): Line => {
    return {
      id: idFor(ingredient.name, ids()),
      group,
      ingredient: ingredient.id,
      grams: tidy(grams),
      typed: typed.slice(0, 200),
      ...(note && { note: note.slice(0, 200) }),
      ...usedAs(note, ingredient),
    }
  }
  const add = (group: string, text: string, reading: LineReading): void => {
    if (reading.status === 'sure')
      onFormula(addLine(formula, lineOf(group, reading.ingredient, reading.grams, text, reading.note)))
    else onQuestions([...questions, { id: idFor('ask', ids()), group, text, reading }])
  }
  /** With what was made on the spot, which nobody else knows. */
  const knowing = (ingredient: Ingredient): FormulaDocument => {
    const own = formula.own ?? []
    const known =
      [...own, ...ingredients].some((i) => i.id === ingredient.id) || pantry.called(ingredient.name) !== null
    return known ? formula : { ...formula, own: [...own, ingredient] }
  }
  const answer = (q: Question, ingredient: Ingredient, grams: number): void =>
    onBoth(
      addLine(knowing(ingredient), lineOf(q.group, ingredient, grams, q.text, q.reading.note)),
      questions.filter((x) => x.id !== q.id),
    )
  const drop = (id: string, over: { readonly row: string } | { readonly place: string }): void => {
    if ('place' in over) {
      onFormula(moveLine(formula, id, over.place, null))
      return
    }
    const target = formula.lines.find((l) => l.id === over.row)
    if (!target) return
    const down = formula.lines.findIndex((l) => l.id === id) < formula.lines.indexOf(target)
    const after = formula.lines.filter((l) => l.group === target.group)
    const next = after[after.indexOf(target) + 1]
    onFormula(moveLine(formula, id, target.group, down ? (next?.id ?? null) : target.id))
  }
  const nudge = (line: Line, by: -1 | 1): void => {
    const own = formula.lines.filter((l) => l.group === line.group)
    const at = own.findIndex((l) => l.id === line.id)
    const before = by < 0 ? own[at - 1] : own[at + 2]
    if (by < 0 && !before) return
    onFormula(moveLine(formula, line.id, line.group, before?.id ?? null))
  }
  const newGroup = (): void => {
    const id = idFor(
      'group',
      formula.groups.map((g) => g.id),
    )
    const step: Step = {
      id: idFor(
        'add',
        formula.steps.map((s) => s.id),
      ),
      label: 'Goes in',
      when: { on: 'ready' },
      say: 'In it goes',
      why: 'At this moment.',
      act: 'It is in',
      adds: id,
    }
    onFormula(addGroup(formula, { id, label: 'Later', celsius: 20 }, step))
  }
  return (
    <section aria-labelledby="lines" className="sheet px-4 py-4">
      <h2 id="lines" className="casual text-title font-bold">
        What goes in
      </h2>
      <datalist id="pantry-names">
        {ingredients.map((i) => (
          <option key={i.id} value={i.name} />
        ))}
      </datalist>
      <DragArea onDrop={drop}>
        {formula.groups.map((group) => {
          const own = formula.lines.filter((l) => l.group === group.id)
          return (
            <div key={group.id} className="mt-3">
              <GroupHead formula={formula} group={group} onFormula={onFormula} />
              <DragList ids={own.map((l) => l.id)}>
                <DropPlace id={group.id}>
                  {own.map((line) => (
                    <LineRow
                      key={line.id}
                      formula={formula}
                      line={line}
                      onChange={(change, box) => onFormula(changeLine(formula, line.id, change), box)}
                      onSwitch={onSwitch}
                      onRemove={() => onFormula(removeLine(formula, line.id))}
                      onNudge={(by) => nudge(line, by)}
                    />
                  ))}
                  {questions
                    .filter((q) => q.group === group.id)
                    .map((q) => (
                      <QuestionRow
                        key={q.id}
                        question={q}
                        pantry={pantry}
                        house={house}
                        onAnswer={(ingredient, grams) => answer(q, ingredient, grams)}
                        onDrop={() => onQuestions(questions.filter((x) => x.id !== q.id))}
                      />
                    ))}
                </DropPlace>
              </DragList>
              <AddLine
                group={group.label}
                first={group === formula.groups[0]}
                pantry={pantry}
                house={house}
                onAdd={(text, reading) => add(group.id, text, reading)}
              />
            </div>
          )
        })}
      </DragArea>
      <button
        type="button"
        onClick={newGroup}
        className="mt-3 flex min-h-11 items-center gap-2 rounded-control px-2 text-body font-semibold text-muted hover:bg-marble hover:text-ink"
      >
        <Plus size={17} aria-hidden />
        Something that goes in later
      </button>
    </section>
  )
}

interface HeadProps {
  readonly formula: FormulaDocument
  readonly group: Group
  onFormula(formula: FormulaDocument, box?: string): void
}

/** What a group is called, how warm it goes in, and the way to be rid of it. */
function GroupHead({ formula, group, onFormula }: HeadProps) {
  const { id, label, celsius } = group
  return (
    <div className="flex items-center gap-2">
      <GrowingLine
        label="Name of the group"
        value={label}
        maxLength={200}
        onText={(next) => onFormula(changeGroup(formula, id, { label: next }), `group ${id}`)}
        className="min-w-0 flex-1 border-b border-line pb-0.5 text-small font-semibold text-muted"
      />
      <NumberField
        small
        hiddenLabel
        label={`Temperature of ${label}`}
        as="temperature"
        value={celsius}
        least={-30}
        most={250}
        onValue={(value) => onFormula(changeGroup(formula, id, { celsius: value }), `warmth ${id}`)}
        className="w-24"
      />
      {formula.groups.length > 1 && (
        <button
          type="button"
          aria-label={`Take out the group ${label}`}
          onClick={() => onFormula(removeGroup(formula, id))}
          className="grid size-8 place-items-center rounded-inner text-muted hover:bg-marble hover:text-cherry"
        >
          <Trash2 size={15} aria-hidden />
        </button>
      )}
    </div>
  )
}
