'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { ulid } from 'ulid'
import type { Day } from '@/contract/day'
import type { Placed } from '@/core'
import { Button } from '@/ui/kit/button'
import { send } from '@/ui/kit/send'
import { For, useTime } from '@/ui/shell/preferences'
import { cookNames, taskName } from '@/words'
import type { ItemsProps } from './items'
import type { Planned } from './use-day'

/** Things to do next that are named. */
const MOST_NEXT = 4

interface NextProps extends ItemsProps {
  readonly version: number
  readonly planned: Planned
  readonly names: Readonly<Record<string, string>>
  readonly first: number
  readonly ended: ReadonlySet<string>
  readonly now: number | null
}

/** What is to be done next, by whom; a boil is lit from here, the rest is ticked off. */
export function NextTasks({ view, day, version, planned, names, first, ended, now, onDay }: NextProps) {
  const time = useTime()
  const router = useRouter()
  const [problem, setProblem] = useState<string | null>(null)
  const { plan, compiled } = planned
  const next = plan.placed
    .filter((p) => !ended.has(p.task.id) && !(p.task.kind === 'cook' && day.boils[p.block]))
    .slice(0, MOST_NEXT)
  const seconds = now === null ? 0 : (now - first) / 1000
  const tick = (p: Placed): void => {
    // of another day than this one it counts as done when it was planned
    const over = seconds > 0 && seconds < 2 * 86_400 ? seconds : p.end
    onDay({
      ...day,
      began: { ...day.began, [p.task.id]: Math.min(p.start, over - p.task.seconds) },
      ended: { ...day.ended, [p.task.id]: over },
      who: p.person ? { ...day.who, [p.task.id]: p.person as Day['who'][string] } : day.who,
    })
  }
  const light = async (p: Placed): Promise<void> => {
    const item = day.items.find((i) => i.id === p.task.item)
    const formula = view.formulas.find((f) => f.id === item?.formula)
    const stand = compiled.stands[plan.ways[p.block] ?? '']
    if (!item || !formula || !stand) return
    const boilId = ulid()
    try {
      await send('POST', '/api/batches', {
        id: ulid(),
        boilId,
        formula: formula.id,
        revision: formula.revision,
        size: { by: 'pieces', pieces: item.pieces },
        shape: formula.document.shape,
        room: day.room,
        pot: stand.pot,
        burner: stand.burner,
        vessel: compiled.vessels[item.id] ?? null,
        channel: view.kitchen.channels[0]?.id ?? null,
        thermometer: null,
        rate: 1,
      })
      await send('PUT', `/api/days/${view.date}`, {
        day: {
          ...day,
          boils: { ...day.boils, [p.block]: boilId },
          who: { ...day.who, [p.task.id]: p.person ?? 'lead' },
        },
        version,
      })
      router.push(`/stove/${boilId}`)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <section aria-labelledby="next" className="rounded-sheet bg-lemon p-5 text-on-lemon">
      <h2 id="next" className="casual text-head leading-tight font-extrabold">
        {next[0] ? `${names[next[0].task.item]}: ${taskName(next[0].task)}` : 'All of it is done'}
      </h2>
      <ul className="mt-2 text-body">
        {next.map((p) => (
          <li
            key={p.task.id}
            className="flex min-h-11 items-center gap-3 border-b border-on-lemon/20 py-1 last:border-0"
          >
            <span className="figures w-12 shrink-0">{time(first + 1000 * p.start, 'clock')}</span>
            <span className="min-w-0 flex-1 leading-snug">
              {names[p.task.item]}: {taskName(p.task)}
              {p.person && <span className="block text-small">{cookNames[p.person] ?? p.person}</span>}
            </span>
            <For may="cook">
              {p.task.kind === 'cook' && p.task.boil === 1 ? (
                <Button look="primary" className="print:hidden" onClick={() => void light(p)}>
                  Light it
                </Button>
              ) : (
                <Button className="print:hidden" onClick={() => tick(p)}>
                  Done
                </Button>
              )}
            </For>
          </li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="mt-2 text-small">
          {problem}
        </p>
      )}
    </section>
  )
}
