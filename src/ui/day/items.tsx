'use client'

import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { ulid } from 'ulid'
import { type Day, type DayView, MOST_ITEMS } from '@/contract/day'
import { NumberField } from '@/ui/kit/number-field'
import { ChoiceList } from '@/ui/kit/slot'

/** ◊ Pieces a product is added with. */
const USUAL_PIECES = 80

export interface ItemsProps {
  readonly view: DayView
  readonly day: Day
  onDay(next: Day): void
}

/** What is to be made, and how much of each. */
export function Items({ view, day, onDay }: ItemsProps) {
  const [adding, setAdding] = useState(false)
  if (adding)
    return (
      <ChoiceList
        value=""
        options={view.book.map((b) => ({ id: b.id, label: b.name }))}
        onPick={(formula) => {
          onDay({ ...day, items: [...day.items, { id: ulid().slice(-10), formula, pieces: USUAL_PIECES }] })
          setAdding(false)
        }}
      />
    )
  return (
    <>
      <ul className="flex flex-col gap-2">
        {day.items.map((item) => {
          const name = view.book.find((b) => b.id === item.formula)?.name ?? item.formula
          return (
            <li key={item.id} className="grid grid-cols-[1fr_84px_44px] items-center gap-2 text-body">
              <span className="font-semibold">{name}</span>
              <NumberField
                label={`Pieces of ${name}`}
                hiddenLabel
                small
                value={item.pieces}
                least={1}
                most={100_000}
                onValue={(pieces) =>
                  onDay({
                    ...day,
                    items: day.items.map((i) => (i.id === item.id ? { ...i, pieces: Math.round(pieces) } : i)),
                  })
                }
              />
              <button
                type="button"
                aria-label={`Leave ${name} out`}
                onClick={() => onDay({ ...day, items: day.items.filter((i) => i.id !== item.id) })}
                className="grid size-11 place-items-center rounded-control hover:bg-marble"
              >
                <X size={18} aria-hidden />
              </button>
            </li>
          )
        })}
      </ul>
      {day.items.length < MOST_ITEMS && (
        <button
          type="button"
          onClick={() => setAdding(true)}
          className="mt-2 flex min-h-11 w-full items-center gap-2 rounded-control px-2 text-main font-semibold hover:bg-marble"
        >
          <Plus size={18} aria-hidden />
          Something more
        </button>
      )}
    </>
  )
}
