'use client'

import { Plus } from 'lucide-react'
import type { Day, DayView } from '@/contract/day'
import { sayDate } from '@/words'
import { freshItem, productName, sameAgain } from './wanted'

/** ◊ So many products are offered; the others stand under "things". */
const OFFERED = 15

/** A day of which nothing is wanted yet: what could be made, what was made last first, and the days it could be like. */
export function NothingPlanned({
  view,
  date,
  onItems,
}: {
  readonly view: DayView
  readonly date: string
  onItems(items: Day['items']): void
}) {
  const lately = view.earlier.flatMap((e) => e.items.map((i) => i.formula))
  const age = (id: string): number => {
    const at = lately.indexOf(id)
    return at < 0 ? lately.length : at
  }
  const offered = view.book.toSorted((a, b) => age(a.id) - age(b.id)).slice(0, OFFERED)
  return (
    <div className="grid items-start gap-3 lg:grid-cols-[1fr_340px]">
      <section aria-labelledby="what-is-made" className="rounded-sheet bg-sheet p-6">
        <h2 id="what-is-made" className="casual text-title font-bold">
          What is made on {date}?
        </h2>
        <p className="mt-1 text-body text-muted">
          {view.book.length === 0
            ? 'The book has no formula yet: write one, and it stands here.'
            : 'Touch the first of them: it is planned at once. How many, and what else, is said in the sentence above.'}
        </p>
        <ul className="mt-4 grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
          {offered.map(({ id, name }) => (
            <li key={id}>
              <button
                type="button"
                aria-label={`Make ${name}`}
                onClick={() => onItems([freshItem(id)])}
                className="flex h-full min-h-16 w-full items-center gap-3 rounded-control bg-marble px-4 py-2 text-left text-main font-semibold hover:brightness-95"
              >
                <Plus size={18} className="shrink-0" aria-hidden />
                {name}
              </button>
            </li>
          ))}
        </ul>
      </section>
      {view.earlier.length > 0 && (
        <section aria-labelledby="same-again" className="rounded-sheet bg-sheet p-6">
          <h2 id="same-again" className="casual text-title font-bold">
            The same again
          </h2>
          <ul className="mt-3 flex flex-col gap-2">
            {view.earlier.map(({ date: on, items }) => {
              const day = sayDate(on)
              return (
                <li key={on}>
                  <button
                    type="button"
                    aria-label={`The same as on ${day}`}
                    onClick={() => onItems(sameAgain(items))}
                    className="w-full rounded-control bg-marble px-4 py-3 text-left hover:brightness-95"
                  >
                    <span className="casual block text-main font-bold">{day}</span>
                    <span className="block text-small text-muted">
                      {items.map((i) => productName(view, i.formula)).join(' · ')}
                    </span>
                  </button>
                </li>
              )
            })}
          </ul>
        </section>
      )}
    </div>
  )
}
