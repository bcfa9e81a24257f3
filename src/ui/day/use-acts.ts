'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { ulid } from 'ulid'
import type { Day, DayView } from '@/contract/day'
import { meantOf, type Placed } from '@/core'
import { send } from '@/ui/kit/send'
import type { Acts } from './next-tasks'
import type { Found, Planned } from './use-day'
import type { usePractice } from './use-practice'

interface Wanted {
  readonly view: DayView
  readonly day: Day
  readonly found: Found
  onLog(next: Day): Promise<void>
}

/** What is done of a day: on the stove and in the log, or in a practice that keeps nothing. */
export function useActs(
  { view, day, found, onLog }: Wanted,
  running: Planned | null,
  practising: ReturnType<typeof usePractice> | null,
): { acts: Acts; problem: string | null } {
  const router = useRouter()
  const [problem, setProblem] = useState<string | null>(null)
  if (practising) {
    const { begin, pull, off } = practising
    return { acts: { light: begin, begin, done: pull, ends: (p) => off.has(p.task.id) }, problem: null }
  }
  const now = running?.soFar.now ?? 0
  /** The day with something done; what was planned is kept once the first thing is. */
  const logged = (p: Placed, more: Partial<Day>): Day => ({
    ...day,
    meant: Object.keys(day.meant).length > 0 ? day.meant : meantOf(found.plan),
    ways: { ...day.ways, [p.block]: day.ways[p.block] ?? running?.plan.ways[p.block] ?? '' },
    who: p.person ? { ...day.who, [p.task.id]: p.person as Day['who'][string] } : day.who,
    ...more,
  })
  const light = async (p: Placed): Promise<void> => {
    const item = day.items.find((i) => i.id === p.task.item)
    const formula = view.formulas.find((f) => f.id === item?.formula)
    const stand = found.compiled.stands[running?.plan.ways[p.block] ?? '']
    if (!item || !formula || !stand) return
    const boilId = ulid()
    try {
      await send('POST', '/api/batches', {
        id: ulid(),
        boilId,
        formula: formula.id,
        revision: formula.revision,
        size: item.size,
        shape: formula.document.shape,
        room: day.room,
        pot: stand.pot,
        burner: stand.burner,
        vessel: found.compiled.vessels[item.id] ?? null,
        channel: view.kitchen.channels[0]?.id ?? null,
        thermometer: null,
        rate: 1,
      })
      await onLog(logged(p, { boils: { ...day.boils, [p.block]: boilId } }))
      router.push(`/stove/${boilId}`)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return {
    problem,
    acts: {
      light: (p) => void light(p),
      // of another day than this one it counts as begun and done when it was planned
      begin: (p) => void onLog(logged(p, { began: { ...day.began, [p.task.id]: now > 0 ? now : p.start } })),
      ends: () => true,
      done: (p) => void onLog(logged(p, { ended: { ...day.ended, [p.task.id]: now > 0 ? now : p.end } })),
    },
  }
}
