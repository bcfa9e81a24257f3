'use client'

import { ArrowLeftRight, X } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useId, useState } from 'react'
import {
  type FormulaDocument,
  inGrams,
  ingredientIn,
  type Line,
  switchesFor,
  switchIngredient,
  toWholePacks,
  usedAs,
} from '@/core'
import { NumberField } from '@/ui/kit/number-field'
import { useSay } from '@/ui/shell/preferences'
import { lower, refusals, saySwitch } from '@/words'
import { GrowingLine } from './growing-line'
import { DragRow } from './sortable'

interface Props {
  readonly formula: FormulaDocument
  readonly line: Line
  onChange(change: Partial<Line>, box: string): void
  onSwitch(formula: FormulaDocument, said: readonly string[]): void
  onRemove(): void
  onNudge(by: -1 | 1): void
}

/** One ingredient: what it is, how much, the words it came with, and what could stand in for it. */
export function LineRow({ formula, line, onChange, onSwitch, onRemove, onNudge }: Props) {
  const ingredient = ingredientIn(formula, line.ingredient)
  const { name } = ingredient
  const noteId = useId()
  return (
    <DragRow id={line.id} label={name} className="border-b border-line py-1" onNudge={onNudge}>
      <div className="flex items-center gap-1.5">
        <div className="min-w-0 flex-1">
          <label htmlFor={noteId} className="block cursor-text text-body leading-tight">
            {name}
          </label>
          {line.typed && <p className="truncate text-fine leading-tight text-muted">“{line.typed}”</p>}
          <GrowingLine
            id={noteId}
            label={`Note on ${name}`}
            value={line.note ?? ''}
            maxLength={200}
            placeholder="how it goes in"
            onText={(note) =>
              onChange(
                {
                  note: note.trim() ? note : undefined,
                  prepare: undefined,
                  strained: undefined,
                  ...usedAs(note, ingredient),
                },
                `note ${line.id}`,
              )
            }
            className={`text-fine text-muted ${line.note ? 'block w-full' : 'sr-only focus:not-sr-only focus:w-full'}`}
          />
        </div>
        <NumberField
          small
          hiddenLabel
          label={`How much ${name}`}
          as="weight"
          value={line.grams}
          least={0.01}
          most={100_000}
          onValue={(grams) => onChange({ grams }, `grams ${line.id}`)}
          className="w-[104px]"
        />
        <SwitchMenu formula={formula} line={line} onSwitch={onSwitch} />
        <button
          type="button"
          aria-label={`Take ${name} out`}
          onClick={onRemove}
          className="grid size-9 place-items-center rounded-inner text-muted hover:bg-marble hover:text-cherry"
        >
          <X size={17} aria-hidden />
        </button>
      </div>
    </DragRow>
  )
}

const packUnits = ['tin', 'packet', 'stick', 'sheet', 'each'] as const

function SwitchMenu({ formula, line, onSwitch }: Pick<Props, 'formula' | 'line' | 'onSwitch'>) {
  const say = useSay()
  const [open, setOpen] = useState(false)
  const { name } = ingredientIn(formula, line.ingredient)
  const offers = open ? switchesFor(formula, line) : []
  const packs = open
    ? packUnits.flatMap((unit) => {
        const whole = toWholePacks(formula, line, unit)
        return whole && Math.abs(whole.grams - line.grams) > 0.5 ? [{ unit, ...whole }] : []
      })
    : []
  const take = (next: FormulaDocument, said: readonly string[]): void => {
    setOpen(false)
    onSwitch(next, said)
  }
  const exchange = (to: string): void => {
    const { formula: next, notes } = switchIngredient(formula, line.id, to)
    take(
      next,
      notes.map((note) => saySwitch(note, say)),
    )
  }
  const packed = (unit: string, count: number): string =>
    `${count} whole ${unit === 'each' ? 'of it' : count > 1 ? `${unit}s` : unit}`
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`Something else for ${name}`}
        className="grid size-9 place-items-center rounded-inner text-muted hover:bg-marble hover:text-ink"
      >
        <ArrowLeftRight size={16} aria-hidden />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={16}
          className="z-20 max-h-[70dvh] w-[360px] overflow-auto rounded-sheet border border-line bg-sheet p-4"
        >
          <p className="casual mb-2 text-main font-bold">Instead of {lower(name)}</p>
          <ul className="flex flex-col gap-1">
            {packs.map((p) => (
              <li key={p.unit}>
                <button
                  type="button"
                  className="min-h-11 w-full rounded-control px-3 text-left text-body hover:bg-marble"
                  onClick={() =>
                    take(
                      {
                        ...formula,
                        lines: formula.lines.map((l) => (l.id === line.id ? { ...l, grams: p.grams } : l)),
                      },
                      [`${name}: ${packed(p.unit, p.count)}, ${say.weight(inGrams(p.grams))}`],
                    )
                  }
                >
                  {packed(p.unit, p.count)}, {say.weight(inGrams(p.grams))}
                </button>
              </li>
            ))}
            {offers.map(({ ingredient, refused }) => (
              <li key={ingredient.id}>
                {refused ? (
                  <p className="rounded-control px-3 py-2 text-small text-muted">
                    <span className="block text-body line-through">{ingredient.name}</span>
                    {refusals[refused]}
                  </p>
                ) : (
                  <button
                    type="button"
                    className="min-h-11 w-full rounded-control px-3 text-left text-body hover:bg-marble"
                    onClick={() => exchange(ingredient.id)}
                  >
                    {ingredient.name}
                    {ingredient.allergens.length > 0 && (
                      <span className="text-fine text-muted"> · {ingredient.allergens.join(', ')}</span>
                    )}
                  </button>
                )}
              </li>
            ))}
            {offers.length === 0 && packs.length === 0 && (
              <li className="text-body text-muted">
                Nothing stands in for it by arithmetic: write another line instead.
              </li>
            )}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
