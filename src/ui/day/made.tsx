'use client'

import type { Day, DayView } from '@/contract/day'
import { inGrams, readyKey, shelfOf } from '@/core'
import { useSay, useTime } from '@/ui/shell/preferences'
import { formatCount, type Say, sayReady, shelfNames } from '@/words'
import type { Planned } from './use-day'

interface MadeProps {
  readonly view: DayView
  readonly day: Day
  readonly planned: Planned
  readonly names: Readonly<Record<string, string>>
  readonly first: number
}

/** What is made, and when each is ready, or why it is not. */
export function Made({ day, planned, names, first }: MadeProps) {
  return (
    <ul className="mt-1 text-body">
      {day.items.map((i) => (
        <Product
          key={i.id}
          item={i}
          name={names[i.id] ?? ''}
          planned={planned}
          why={planned.compiled.problems.find((p) => p.item === i.id)?.why}
          first={first}
        />
      ))}
    </ul>
  )
}

const sayAmount = (size: Day['items'][number]['size'], say: Say): string =>
  size.by === 'pieces' ? `${formatCount(size.pieces)} pieces` : say.weight(inGrams(size.grams))

interface ProductProps {
  readonly item: Day['items'][number]
  readonly name: string
  readonly planned: Planned
  readonly why: string | undefined
  readonly first: number
}

function Product({ item, name, planned: { plan }, why, first }: ProductProps) {
  const say = useSay()
  const time = useTime()
  const mine = plan.placed.filter((p) => p.task.item === item.id)
  const end = Math.max(...mine.map((p) => p.end))
  const lost = plan.missing.some((b) => b.startsWith(`${item.id} `))
  const tomorrow = end > 86_400
  return (
    <li className="border-b border-line py-1.5 last:border-0">
      <span className="font-semibold">{name}</span>, {sayAmount(item.size, say)}:{' '}
      {why ? (
        <span className="text-cherry">{why}</span>
      ) : lost || mine.length === 0 ? (
        <span className="text-cherry">does not fit into these hours</span>
      ) : (
        `ready ${tomorrow ? 'the day after, ' : ''}${time(first + 1000 * end, 'clock')}`
      )}
    </li>
  )
}

/** Shelf by shelf, the most first on each; `shelf` at the first of each. */
function byShelf(weigh: Planned['compiled']['weigh']) {
  const sorted = weigh.toSorted(
    (a, b) => shelfOf(a.ingredient).localeCompare(shelfOf(b.ingredient)) || b.grams - a.grams,
  )
  return sorted.map((w, i) => {
    const shelf = shelfOf(w.ingredient)
    const before = sorted[i - 1]
    return { w, shelf: before && shelfOf(before.ingredient) === shelf ? null : shelf }
  })
}

/** The same ingredient once, against what there is; and what is got ready, in the order of the day. */
export function WeighAndReady({ view, planned: { compiled, plan }, names, first }: MadeProps) {
  const say = useSay()
  const time = useTime()
  const inOrder = Object.entries(compiled.ready)
    .flatMap(([item, list]) => {
      const flame = plan.placed.find((p) => p.task.item === item && p.task.kind === 'cook')
      return flame ? list.map((r) => ({ item, ready: r, at: flame.start - 60 * r.begin })) : []
    })
    .sort((a, b) => a.at - b.at)
  return (
    <>
      <details className="text-body" open>
        <summary className="min-h-9 cursor-pointer content-center font-semibold">To weigh, over the whole day</summary>
        <ul className="gap-x-8 lg:columns-2">
          {byShelf(compiled.weigh).map(({ shelf, w }) => {
            const there = view.stock[w.ingredient]
            const short = there === undefined ? 0 : w.grams - there
            return (
              <li key={w.name} className="flex break-inside-avoid justify-between gap-4 border-b border-line py-1">
                <span>
                  {shelf && <span className="block text-small text-muted">{shelfNames[shelf]}</span>}
                  {w.name}
                </span>
                <span className="figures text-right">
                  {say.weight(inGrams(w.grams))}
                  {short > 0.5 && <span className="block text-cherry">{say.weight(inGrams(short))} short</span>}
                </span>
              </li>
            )
          })}
        </ul>
      </details>
      <details className="text-body">
        <summary className="min-h-9 cursor-pointer content-center font-semibold">To get ready, in order</summary>
        <ol className="gap-x-8 lg:columns-2">
          {inOrder.map(({ item, ready, at }) => (
            <li key={`${item} ${readyKey(ready)}`} className="flex break-inside-avoid gap-3 border-b border-line py-1">
              <span className="figures w-12 shrink-0 text-muted">{time(first + 1000 * at, 'clock')}</span>
              <span>
                {sayReady(ready, say).text} <span className="text-muted">{names[item]}</span>
              </span>
            </li>
          ))}
        </ol>
      </details>
    </>
  )
}
