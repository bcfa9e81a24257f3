'use client'

import { CalendarClock, FileUp, Plus, X } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { MOST_ITEMS } from '@/contract/choices'
import type { Day, DayView } from '@/contract/day'
import { FileLabel } from '@/ui/kit/file-label'
import { NumberField } from '@/ui/kit/number-field'
import { ChoiceList } from '@/ui/kit/slot'
import { sayDate } from '@/words'
import { ordersIn } from './orders'
import { mostOf } from './use-day'
import { freshItem, productName, sameAgain, USUAL_PIECES } from './wanted'

/** ◊ g a product is asked for where it is by weight. */
const USUAL_GRAMS = 1000

interface ItemsProps {
  readonly view: DayView
  readonly day: Day
  /** s from the first hour to the one asked for. */
  readonly by: number
  onDay(next: Day): void
}

/** What is to be made, and how much of each: one by one, from a file of orders, or as on an earlier day. */
export function Items({ view, day, by, onDay }: ItemsProps) {
  const [picking, setPicking] = useState<'formula' | 'day' | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const put = (items: Day['items']): void => onDay({ ...day, items: items.slice(0, MOST_ITEMS) })
  if (picking === 'formula')
    return (
      <ChoiceList
        value=""
        options={view.book.map((b) => ({ id: b.id, label: b.name }))}
        onPick={(formula) => {
          put([...day.items, freshItem(formula)])
          setPicking(null)
        }}
      />
    )
  if (picking === 'day')
    return (
      <ChoiceList
        value=""
        options={view.earlier.map((e) => ({
          id: e.date,
          label: sayDate(e.date),
          detail: e.items.length === 1 ? '1 thing' : `${e.items.length} things`,
        }))}
        onPick={(date) => {
          const items = view.earlier.find((e) => e.date === date)?.items ?? []
          put(sameAgain(items))
          setPicking(null)
        }}
      />
    )
  const take = async (file: File): Promise<void> => {
    const { orders, unread } = ordersIn(await file.text(), view.book)
    const items = [...day.items]
    for (const { formula, pieces } of orders) {
      const at = items.findIndex((i) => i.formula === formula)
      if (at < 0) items.push(freshItem(formula, pieces))
      else items[at] = { ...(items[at] as Day['items'][number]), size: { by: 'pieces', pieces } }
    }
    if (orders.length > 0) put(items)
    const left = Math.max(0, items.length - MOST_ITEMS)
    setSaid(
      [
        orders.length === 0
          ? 'No order was found in it; the day is as it was.'
          : orders.length === 1
            ? '1 product was taken in.'
            : `${orders.length} products were taken in.`,
        unread.length > 0 ? `Not understood, and left out: ${unread.slice(0, 3).join(' · ')}.` : '',
        left > 0 ? `A day takes ${MOST_ITEMS} products; ${left} more were left out.` : '',
      ]
        .filter(Boolean)
        .join(' '),
    )
  }
  return (
    <>
      <ul className="flex flex-col gap-2">
        {day.items.map((item) => (
          <Item key={item.id} view={view} day={day} by={by} item={item} onDay={onDay} />
        ))}
      </ul>
      {day.items.length < MOST_ITEMS && (
        <Row icon={<Plus size={18} aria-hidden />} onPick={() => setPicking('formula')}>
          Add a product
        </Row>
      )}
      {view.earlier.length > 0 && (
        <Row icon={<CalendarClock size={18} aria-hidden />} onPick={() => setPicking('day')}>
          The same as on an earlier day
        </Row>
      )}
      <FileLabel
        className="flex min-h-11 w-full items-center gap-2 rounded-control px-2 text-main font-semibold hover:bg-marble"
        accept=".csv,text/csv"
        onFiles={([file]) => void take(file)}
      >
        <FileUp size={18} aria-hidden />
        Orders from a CSV file
      </FileLabel>
      {said && (
        <p role="status" className="mt-1 px-2 text-small text-muted">
          {said}
        </p>
      )}
    </>
  )
}

function Row({ icon, children, onPick }: { readonly icon: ReactNode; readonly children: ReactNode; onPick(): void }) {
  return (
    <button
      type="button"
      onClick={onPick}
      className="flex min-h-11 w-full items-center gap-2 rounded-control px-2 text-left text-main font-semibold hover:bg-marble"
    >
      {icon}
      {children}
    </button>
  )
}

/** One product and its pieces; as many as fit beside the rest, if that is what is wanted. */
function Item({ view, day, by, item, onDay }: ItemsProps & { readonly item: Day['items'][number] }) {
  const [looking, setLooking] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const name = productName(view, item.formula)
  const resize = (size: typeof item.size): void =>
    onDay({ ...day, items: day.items.map((i) => (i.id === item.id ? { ...i, size } : i)) })
  const { size } = item
  const most = async (): Promise<void> => {
    setLooking(true)
    setProblem(null)
    try {
      const pieces = await mostOf(view, day, by, item.id)
      if (pieces > 0) resize({ by: 'pieces', pieces })
      else setProblem('No room beside the rest')
    } catch (error) {
      setProblem((error as Error).message)
    }
    setLooking(false)
  }
  return (
    <li className="grid grid-cols-[1fr_84px_44px] items-center gap-x-2 text-body">
      <span>
        <span className="font-semibold">{name}</span>
        <button
          type="button"
          disabled={looking}
          onClick={() => void most()}
          className="block min-h-7 text-left text-small text-muted underline underline-offset-4 hover:text-ink"
        >
          {looking ? 'looking …' : (problem ?? 'as many as fit')}
        </button>
        <button
          type="button"
          onClick={() =>
            resize(size.by === 'pieces' ? { by: 'weight', grams: USUAL_GRAMS } : { by: 'pieces', pieces: USUAL_PIECES })
          }
          className="block min-h-7 text-left text-small text-muted underline underline-offset-4 hover:text-ink"
        >
          {size.by === 'pieces' ? 'by weight instead' : 'by pieces instead'}
        </button>
      </span>
      {size.by === 'pieces' ? (
        <NumberField
          label={`Pieces of ${name}`}
          hiddenLabel
          small
          value={size.pieces}
          least={1}
          most={100_000}
          onValue={(pieces) => resize({ by: 'pieces', pieces: Math.round(pieces) })}
        />
      ) : (
        <NumberField
          label={`Weight of ${name}`}
          hiddenLabel
          small
          as="weight"
          value={size.grams}
          least={1}
          most={100_000}
          onValue={(grams) => resize({ by: 'weight', grams })}
        />
      )}
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
}
