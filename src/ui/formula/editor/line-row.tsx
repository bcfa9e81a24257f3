'use client'

import { ArrowLeftRight, X } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useId, useState } from 'react'
import {
  type FormulaDocument,
  formatGrams,
  ingredientIn,
  type Line,
  readNumber,
  type Switched,
  switchesFor,
  switchIngredient,
  toWholePacks,
} from '@/core'
import { DragRow } from './sortable'

interface Props {
  readonly formula: FormulaDocument
  readonly line: Line
  onChange(change: Partial<Line>, box: string): void
  onSwitch(switched: Switched): void
  onRemove(): void
  onNudge(by: -1 | 1): void
}

/** One ingredient: what it is, how much, the words it came with, and what could stand in for it. */
export function LineRow({ formula, line, onChange, onSwitch, onRemove, onNudge }: Props) {
  const { name } = ingredientIn(formula, line.ingredient)
  const noteId = useId()
  return (
    <DragRow id={line.id} label={name} className="border-b border-line py-1" onNudge={onNudge}>
      <div className="flex items-center gap-1.5">
        <div className="min-w-0 flex-1">
          <label htmlFor={noteId} className="block cursor-text text-[15.5px] leading-tight">
            {name}
          </label>
          {line.typed && <p className="truncate text-[13px] leading-tight text-muted">“{line.typed}”</p>}
          <input
            id={noteId}
            aria-label={`Note on ${name}`}
            value={line.note ?? ''}
            placeholder="how it goes in"
            onChange={(e) => onChange({ note: e.target.value || undefined }, `note ${line.id}`)}
            className={`w-full bg-transparent text-[13px] text-muted ${line.note ? '' : 'sr-only focus:not-sr-only'}`}
          />
        </div>
        <Grams line={line} name={name} onChange={(grams) => onChange({ grams }, `grams ${line.id}`)} />
        <SwitchMenu formula={formula} line={line} onSwitch={onSwitch} />
        <button
          type="button"
          aria-label={`Take ${name} out`}
          onClick={onRemove}
          className="grid size-9 place-items-center rounded-[9px] text-muted hover:bg-marble hover:text-cherry"
        >
          <X size={17} aria-hidden />
        </button>
      </div>
    </DragRow>
  )
}

function Grams({
  line,
  name,
  onChange,
}: {
  readonly line: Line
  readonly name: string
  onChange(grams: number): void
}) {
  const [text, setText] = useState<string | null>(null)
  return (
    <span className="flex items-center gap-1">
      <input
        aria-label={`Grams of ${name}`}
        inputMode="decimal"
        value={text ?? String(Math.round(line.grams * 10) / 10)}
        aria-invalid={text !== null && !(readNumber(text) > 0)}
        onChange={(e) => {
          setText(e.target.value)
          const grams = readNumber(e.target.value)
          if (grams > 0 && grams <= 100_000) onChange(grams)
        }}
        onBlur={() => setText(null)}
        className="figures min-h-10 w-[74px] rounded-[9px] border border-line bg-marble px-2 text-right text-[15px] aria-invalid:border-cherry"
      />
      <span aria-hidden className="text-[14px] text-muted">
        g
      </span>
    </span>
  )
}

const packUnits = ['tin', 'packet', 'stick', 'sheet', 'each'] as const

function SwitchMenu({ formula, line, onSwitch }: Pick<Props, 'formula' | 'line' | 'onSwitch'>) {
  const [open, setOpen] = useState(false)
  const { name } = ingredientIn(formula, line.ingredient)
  const offers = open ? switchesFor(formula, line) : []
  const packs = open
    ? packUnits.flatMap((unit) => {
        const whole = toWholePacks(formula, line, unit)
        return whole && Math.abs(whole.grams - line.grams) > 0.5 ? [{ unit, ...whole }] : []
      })
    : []
  const take = (switched: Switched): void => {
    setOpen(false)
    onSwitch(switched)
  }
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`Something else for ${name}`}
        className="grid size-9 place-items-center rounded-[9px] text-muted hover:bg-marble hover:text-ink"
      >
        <ArrowLeftRight size={16} aria-hidden />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={16}
          className="z-20 max-h-[70dvh] w-[360px] overflow-auto rounded-sheet border border-line bg-sheet p-4"
        >
          <p className="casual mb-2 text-[16px] font-bold">Instead of {name.toLowerCase()}</p>
          <ul className="flex flex-col gap-1">
            {packs.map((p) => (
              <li key={p.unit}>
                <button
                  type="button"
                  className="min-h-11 w-full rounded-control px-3 text-left text-[15px] hover:bg-marble"
                  onClick={() =>
                    take({
                      formula: {
                        ...formula,
                        lines: formula.lines.map((l) => (l.id === line.id ? { ...l, grams: p.grams } : l)),
                      },
                      said: [
                        `${name}: ${p.count} whole ${p.unit === 'each' ? '' : p.unit}${p.count > 1 && p.unit !== 'each' ? 's' : ''}, ${formatGrams(p.grams)}`,
                      ],
                    })
                  }
                >
                  {p.count} whole {p.unit === 'each' ? 'of it' : p.count > 1 ? `${p.unit}s` : p.unit},{' '}
                  {formatGrams(p.grams)}
                </button>
              </li>
            ))}
            {offers.map(({ ingredient, refused }) => (
              <li key={ingredient.id}>
                {refused ? (
                  <p className="rounded-control px-3 py-2 text-[14px] text-muted">
                    <span className="block text-[15px] line-through">{ingredient.name}</span>
                    {refused}
                  </p>
                ) : (
                  <button
                    type="button"
                    className="min-h-11 w-full rounded-control px-3 text-left text-[15px] hover:bg-marble"
                    onClick={() => take(switchIngredient(formula, line.id, ingredient.id))}
                  >
                    {ingredient.name}
                    {ingredient.allergens.length > 0 && (
                      <span className="text-[13px] text-muted"> · {ingredient.allergens.join(', ')}</span>
                    )}
                  </button>
                )}
              </li>
            ))}
            {offers.length === 0 && packs.length === 0 && (
              <li className="text-[15px] text-muted">
                Nothing stands in for it by arithmetic: write another line instead.
              </li>
            )}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
