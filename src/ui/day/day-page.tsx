'use client'

import { ChevronLeft, ChevronRight } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import type { Day, DayView } from '@/contract/day'
import { Button } from '@/ui/kit/button'
import { useKeys } from '@/ui/kit/keys'
import { Link } from '@/ui/kit/link'
import { send } from '@/ui/kit/send'
import { ChoiceList, Slot } from '@/ui/kit/slot'
import { usePreferences, useTime } from '@/ui/shell/preferences'
import { formatSpan } from '@/words'
import { Cooks, HOURS } from './cooks'
import { Items } from './items'
import { NothingPlanned } from './nothing-planned'
import { Plan } from './plan'
import { hoursOf, type Planned, usePlan } from './use-day'
import { usePractice } from './use-practice'

const COUNTS = ['one cook', 'two cooks', 'three cooks']
/** ◊ Changes that can be taken back. */
const MOST_BACK = 50

/** A day as it is being changed here: as it stands, and as it stood before. */
function useEdited(view: DayView) {
  const router = useRouter()
  const [{ day, version }, setMine] = useState<{ readonly day: Day; readonly version: number }>(view)
  const [past, setPast] = useState<readonly Day[]>([])
  const [problem, setProblem] = useState<string | null>(null)
  const [unsent, setUnsent] = useState(0)
  // one write after the other, each over the version the one before it made
  const written = useRef(Promise.resolve(view.version))
  // what another screen, or the stove, has made of it since
  if (view.version > version && unsent === 0) setMine(view)
  useEffect(() => {
    if (unsent === 0) written.current = Promise.resolve(version)
  }, [version, unsent])
  const write = (next: Day): Promise<void> => {
    setMine((mine) => ({ ...mine, day: next }))
    setUnsent((n) => n + 1)
    written.current = written.current.then(async (over) => {
      try {
        const made = await send<{ version: number }>('PUT', `/api/days/${view.date}`, { day: next, version: over })
        setMine((mine) => ({ ...mine, version: made.version }))
        setProblem(null)
        router.refresh()
        return made.version
      } catch (error) {
        setProblem((error as Error).message)
        return over
      } finally {
        setUnsent((n) => n - 1)
      }
    })
    return written.current.then(() => undefined)
  }
  const undo = (): void => {
    const before = past.at(-1)
    if (!before) return
    setPast(past.slice(0, -1))
    // what was done meanwhile was done: only what is wanted goes back
    const { began, ended, who, boils, meant, ways } = day
    void write({ ...before, began, ended, who, boils, meant, ways })
  }
  return {
    day,
    problem,
    undo: past.length > 0 ? undo : undefined,
    /** Writes what was done: nobody takes that back. */
    log: write,
    change: (next: Day): Promise<void> => {
      setPast([...past, day].slice(-MOST_BACK))
      return write(next)
    },
  }
}

/** The date so many days on. */
const dateAfter = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10)

/** A day of several products: asked for in a sentence, planned over people, rings, pots and moulds, and run. */
export function DayPage({ view }: { readonly view: DayView }) {
  const time = useTime()
  const { zone } = usePreferences()
  const kept = useEdited(view)
  const practising = usePractice()
  // a practised day is changed in this window alone
  const day = practising.day ?? kept.day
  const undo = practising.day ? undefined : kept.undo
  const change = async (next: Day): Promise<void> => (practising.day ? practising.setDay(next) : kept.change(next))
  const [running, setRunning] = useState<Planned | null>(null)
  const { first, by } = hoursOf({ date: view.date, day }, zone)
  const search = usePlan(view, day, by)
  useKeys({ 'undo-change': undo })
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const said = search.problem ?? kept.problem
  const hour = (label: string, key: 'from' | 'by') => (
    <Slot label={label} text={day[key]}>
      {(close) => (
        <ChoiceList
          value={day[key]}
          options={HOURS.map((h) => ({ id: h, label: h }))}
          onPick={(next) => {
            void change({ ...day, [key]: next })
            close()
          }}
        />
      )}
    </Slot>
  )
  return (
    <div className="flex flex-col gap-3 p-4 lg:p-5">
      <h1 className="sr-only">Day, {time(first, 'date')}</h1>
      <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 rounded-sheet bg-bar px-5 py-3 text-title text-on-bar print:hidden">
        <span>Make</span>
        <Slot label="Things" text={day.items.length === 1 ? '1 thing' : `${day.items.length} things`}>
          {() => <Items view={view} day={day} by={by} onDay={(next) => void change(next)} />}
        </Slot>
        <span>by</span>
        {hour('By', 'by')}
        <span>with</span>
        <Slot label="Cooks" text={COUNTS[day.cooks - 1] ?? ''}>
          {() => <Cooks day={day} onDay={(next) => void change(next)} />}
        </Slot>
        <span>from</span>
        {hour('From', 'from')}
        <span>in</span>
        <Slot label="Room" text={view.kitchen.room.find((r) => r.id === day.room)?.name ?? 'the kitchen'}>
          {(close) => (
            <ChoiceList
              value={day.room}
              options={view.kitchen.room.map((r) => ({ id: r.id, label: r.name }))}
              onPick={(room) => {
                void change({ ...day, room })
                close()
              }}
            />
          )}
        </Slot>
        <span className="ml-auto text-right text-main text-lemon" aria-live="polite">
          {search.found && running && day.items.length > 0 && sayEnd(running, by, clock)}
        </span>
      </div>
      {said && (
        <p role="alert" className="text-main text-cherry">
          {said}
        </p>
      )}
      <nav aria-label="Days" className="flex items-center gap-1 text-body print:hidden">
        <Link
          aria-label="The day before"
          href={`/day?date=${dateAfter(view.date, -1)}`}
          className="grid size-10 place-items-center rounded-control hover:bg-sheet"
        >
          <ChevronLeft size={18} aria-hidden />
        </Link>
        <span className="casual font-bold">{time(first, 'date')}</span>
        <Link
          aria-label="The day after"
          href={`/day?date=${dateAfter(view.date, 1)}`}
          className="grid size-10 place-items-center rounded-control hover:bg-sheet"
        >
          <ChevronRight size={18} aria-hidden />
        </Link>
        {search.found && search.found.share < 1 && (
          <Button look="quiet" className="min-h-9 text-small" onClick={search.stop}>
            Good enough: stop looking
          </Button>
        )}
      </nav>
      {day.items.length === 0 ? (
        <NothingPlanned view={view} date={time(first, 'date')} onItems={(items) => void change({ ...day, items })} />
      ) : (
        search.found && (
          <Plan
            view={view}
            day={day}
            found={search.found}
            whatIfs={search.whatIfs}
            first={first}
            by={by}
            undo={undo}
            onRunning={setRunning}
            onDay={change}
            onLog={kept.log}
            practising={practising}
          />
        )
      )}
    </div>
  )
}

function sayEnd({ plan, share }: Planned, by: number, clock: (s: number) => string): string {
  const looking = share < 1 ? ' · still looking for a better plan' : ''
  if (plan.missing.length > 0) return `not all of it fits${looking}`
  const spare = by - plan.end
  if (plan.late.length > 0) return `ready ${clock(plan.end)}, ${plan.late.length} late${looking}`
  return `ready ${clock(plan.end)}, ${spare < 60 ? 'just in time' : `${formatSpan(60 * Math.floor(spare / 60))} to spare`}${looking}`
}
