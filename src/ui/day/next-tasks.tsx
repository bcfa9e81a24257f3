'use client'

import { Bell, BellOff } from 'lucide-react'
import { useEffect, useState } from 'react'
import { type Cook, cooks } from '@/contract/choices'
import type { Day } from '@/contract/day'
import type { Placed } from '@/core'
import { Button } from '@/ui/kit/button'
import { Link } from '@/ui/kit/link'
import { Segments } from '@/ui/kit/segments'
import { For, useTime } from '@/ui/shell/preferences'
import { play, wakeSound } from '@/ui/stove/alarm'
import { cookNames, taskName } from '@/words'
import type { Planned } from './use-day'

/** Things to do next that are named. */
const MOST_NEXT = 4
/** s from the first hour on that are the day after. */
const TOMORROW = 86_400

/** What can be done of a task: lit on the stove, begun, or said to be over. */
export interface Acts {
  light(p: Placed): void
  begin(p: Placed): void
  done(p: Placed): void
  /** Whether it is for somebody to say that a task under way is over; in practice most end by themselves. */
  ends(p: Placed): boolean
}

interface NextProps {
  readonly day: Day
  readonly planned: Planned
  readonly names: Readonly<Record<string, string>>
  readonly first: number
  readonly acts: Acts
  readonly problem: string | null
}

/** What is to be done next, for everyone or for the role this screen hangs beside; a boil is lit from here, the rest is begun and ticked off. */
export function NextTasks({ day, planned, names, first, acts, problem }: NextProps) {
  const time = useTime()
  const [role, setRole] = useRole()
  const { began, ended } = planned.soFar
  const mine = role === 'all' || !cooks.slice(0, day.cooks).includes(role) ? null : role
  const left = planned.plan.placed.filter((p) => ended[p.task.id] === undefined && (mine === null || p.person === mine))
  // what is under way comes first, then what is next
  const next = left
    .toSorted((a, b) => Number(!(a.task.id in began)) - Number(!(b.task.id in began)))
    .slice(0, MOST_NEXT)
  // a pot that is there comes before anything that could be begun
  const head =
    next.find((p) => p.task.kind === 'pull' && p.task.id in began && acts.ends(p)) ??
    next.find((p) => !(p.task.id in began)) ??
    next[0]
  const due = left.find(
    (p) =>
      planned.soFar.now > 0 &&
      !(p.task.id in began) &&
      p.start <= planned.soFar.now &&
      p.task.after.every((l) => l.task in ended),
  )
  const [sound, setSound] = useCalls(due?.task.id ?? null)
  return (
    <section aria-labelledby="next" className="rounded-sheet bg-lemon p-5 text-on-lemon max-lg:order-1">
      <h2 id="next" className="casual text-head leading-tight font-extrabold">
        {head ? `${names[head.block]}: ${taskName(head.task)}` : 'All done'}
      </h2>
      <ul className="mt-2 text-body">
        {next.map((p) => (
          <li
            key={p.task.id}
            className="flex min-h-11 items-center gap-3 border-b border-on-lemon/20 py-1 last:border-0"
          >
            <span className="figures w-12 shrink-0">
              {time(first + 1000 * p.start, 'clock')}
              {p.start >= TOMORROW && <span className="block text-fine">next day</span>}
            </span>
            <span className="min-w-0 flex-1 leading-snug">
              {names[p.block]}: {taskName(p.task)}
              {p.person && mine === null && <span className="block text-small">{cookNames[p.person] ?? p.person}</span>}
            </span>
            <For may="cook">
              <Act
                p={p}
                boil={day.boils[p.block]}
                state={p.task.id in began ? 'begun' : p.task.after.every((l) => l.task in ended) ? 'free' : 'waits'}
                acts={acts}
              />
            </For>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-center gap-2 print:hidden">
        {day.cooks > 1 && (
          <Segments
            label="Whose tasks this screen shows"
            className="border-on-lemon/25 bg-transparent"
            itemClassName="min-h-9 px-2.5 text-small hover:bg-on-lemon/10"
            options={[
              { id: 'all', label: 'Everyone' },
              ...cooks.slice(0, day.cooks).map((id) => ({ id, label: cookNames[id] ?? id })),
            ]}
            value={mine ?? 'all'}
            onPick={(id) => setRole(id as Cook | 'all')}
          />
        )}
        <button
          type="button"
          aria-pressed={sound}
          onClick={() => setSound(!sound)}
          className="flex min-h-10 items-center gap-2 rounded-control px-3 text-small font-semibold hover:bg-on-lemon/10"
        >
          {sound ? <Bell size={16} aria-hidden /> : <BellOff size={16} aria-hidden />}
          {sound ? 'Calls out' : 'Silent'}
        </button>
      </div>
      {problem && (
        <p role="alert" className="mt-2 text-small">
          {problem}
        </p>
      )}
    </section>
  )
}

interface ActProps {
  readonly p: Placed
  readonly boil: string | undefined
  /** Under way; free to be begun; or what comes before it is not over. */
  readonly state: 'begun' | 'free' | 'waits'
  readonly acts: Acts
}

/** The one thing that can be done of a task now. */
function Act({ p, boil, state, acts: { light, begin, done, ends } }: ActProps) {
  const { kind, boil: number } = p.task
  if (boil && (kind === 'cook' || kind === 'pull'))
    return (
      <Link href={`/stove/${boil}`} className="font-semibold underline underline-offset-4 print:hidden">
        On the stove
      </Link>
    )
  if (state === 'waits') return null
  if (kind === 'cook' && number === 1 && state === 'free')
    return (
      <Button look="primary" className="print:hidden" onClick={() => light(p)}>
        Light it
      </Button>
    )
  if (state === 'free')
    return (
      <Button className="print:hidden" onClick={() => begin(p)}>
        Begin
      </Button>
    )
  return ends(p) ? (
    <Button look="bar" className="print:hidden" onClick={() => done(p)}>
      {kind === 'pull' ? 'Take it off' : 'Done'}
    </Button>
  ) : (
    <span className="text-small">{kind === 'cook' ? 'look every 2 min' : 'under way'}</span>
  )
}

/** Calls out once for each task that has come due, until it is silenced on this screen; its window may be behind others. */
function useCalls(due: string | null): [boolean, (on: boolean) => void] {
  const [sound, setSound] = useState(false)
  useEffect(() => setSound(localStorage.getItem('day sound') === 'yes'), [])
  useEffect(() => {
    if (due !== null && sound) play('now')
  }, [due, sound])
  return [
    sound,
    (on) => {
      // a page may sound only once it has been touched: this is the touch
      if (on) wakeSound()
      localStorage.setItem('day sound', on ? 'yes' : 'no')
      setSound(on)
    },
  ]
}

/** Whose screen this is, kept in it. */
function useRole(): [Cook | 'all', (role: Cook | 'all') => void] {
  const [role, setRole] = useState<Cook | 'all'>('all')
  useEffect(() => {
    const kept = localStorage.getItem('day role')
    if (cooks.some((c) => c === kept)) setRole(kept as Cook)
  }, [])
  return [
    role,
    (next) => {
      localStorage.setItem('day role', next)
      setRole(next)
    },
  ]
}
