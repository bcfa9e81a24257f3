'use client'

import { CalendarDays, Printer } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { cooks, type Day, type DayView } from '@/contract/day'
import { inGrams } from '@/core'
import { Button } from '@/ui/kit/button'
import { saveFile } from '@/ui/kit/save-file'
import { send } from '@/ui/kit/send'
import { ChoiceList, Slot } from '@/ui/kit/slot'
import { usePreferences, useSay, useTime } from '@/ui/shell/preferences'
import { cookNames, formatSpan } from '@/words'
import { calendarOf } from './calendar'
import { HoldUp } from './hold-up'
import { Items, type ItemsProps } from './items'
import { Lanes } from './lanes'
import { NextTasks } from './next-tasks'
import { hoursOf, type Planned, soFarOf, usePlan } from './use-day'

const HOURS = Array.from({ length: 36 }, (_, i) => {
  const half = i + 10
  return `${String(Math.floor(half / 2)).padStart(2, '0')}:${half % 2 ? '30' : '00'}`
})
const COUNTS = ['one cook', 'two cooks', 'three cooks']

interface Mine {
  readonly day: Day
  readonly version: number
}

/** A day of several products: asked for in a sentence, planned over people, rings, pots and moulds. */
export function DayPage({ view }: { readonly view: DayView }) {
  const router = useRouter()
  const time = useTime()
  const { zone } = usePreferences()
  const [{ day, version }, setMine] = useState<Mine>(view)
  // what another screen, or the stove, has made of it since
  if (view.version > version) setMine(view)
  const [problem, setProblem] = useState<string | null>(null)
  const [now, setNow] = useState<number | null>(null)
  useEffect(() => {
    setNow(Date.now())
    const tick = setInterval(() => setNow(Date.now()), 30_000)
    return () => clearInterval(tick)
  }, [])
  const { planned, whatIfs, problem: unplanned } = usePlan(view, day, zone)
  const { first, by } = hoursOf({ date: view.date, day }, zone)
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const change = async (next: Day): Promise<void> => {
    setMine({ day: next, version })
    try {
      const written = await send<{ version: number }>('PUT', `/api/days/${view.date}`, { day: next, version })
      setMine({ day: next, version: written.version })
      setProblem(null)
      router.refresh()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  const names = Object.fromEntries(
    day.items.map((i) => [i.id, view.book.find((b) => b.id === i.formula)?.name ?? i.formula]),
  )
  const said = unplanned ?? problem
  return (
    <div className="flex flex-col gap-3 p-4 lg:p-5">
      <h1 className="sr-only">Day, {time(first, 'date')}</h1>
      <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 rounded-sheet bg-bar px-5 py-3 text-title text-on-bar print:hidden">
        <span>Make</span>
        <Slot label="Things" text={day.items.length === 1 ? '1 thing' : `${day.items.length} things`}>
          {() => <Items view={view} day={day} onDay={(next) => void change(next)} />}
        </Slot>
        <span>by</span>
        <Hour label="By" value={day.by} onPick={(next) => change({ ...day, by: next })} />
        <span>with</span>
        <Slot label="Cooks" text={COUNTS[day.cooks - 1] ?? ''}>
          {(close) => (
            <ChoiceList
              value={String(day.cooks)}
              options={cooks.map((_, i) => ({ id: String(i + 1), label: COUNTS[i] ?? '' }))}
              onPick={(id) => {
                void change({ ...day, cooks: Number(id) })
                close()
              }}
            />
          )}
        </Slot>
        <span>from</span>
        <Hour label="From" value={day.from} onPick={(next) => change({ ...day, from: next })} />
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
          {planned && day.items.length > 0 && sayEnd(planned, by, clock)}
        </span>
      </div>
      {said && (
        <p role="alert" className="text-main text-cherry">
          {said}
        </p>
      )}
      {day.items.length === 0 ? (
        <p className="rounded-sheet bg-sheet p-8 text-main">
          Nothing is planned for {time(first, 'date')}. Touch <strong>0 things</strong> above and say what is to be
          made.
        </p>
      ) : (
        planned && (
          <Plan
            view={view}
            day={day}
            planned={planned}
            whatIfs={whatIfs}
            names={names}
            first={first}
            by={by}
            now={now}
            version={version}
            onDay={change}
          />
        )
      )}
    </div>
  )
}

function sayEnd({ plan, share }: Planned, by: number, clock: (s: number) => string): string {
  const looking = share < 1 ? ' · looking for better' : ''
  if (plan.missing.length > 0) return `not all of it fits${looking}`
  const spare = by - plan.end
  if (plan.late.length > 0) return `ready ${clock(plan.end)}, ${plan.late.length} later${looking}`
  return `ready ${clock(plan.end)}, ${formatSpan(spare)} to spare${looking}`
}

function Hour({
  label,
  value,
  onPick,
}: {
  readonly label: string
  readonly value: string
  onPick(next: string): void
}) {
  return (
    <Slot label={label} text={value}>
      {(close) => (
        <ChoiceList
          value={value}
          options={HOURS.map((h) => ({ id: h, label: h }))}
          onPick={(next) => {
            onPick(next)
            close()
          }}
        />
      )}
    </Slot>
  )
}

interface PlanProps extends ItemsProps {
  readonly version: number
  readonly planned: Planned
  readonly whatIfs: ReturnType<typeof usePlan>['whatIfs']
  readonly names: Readonly<Record<string, string>>
  readonly first: number
  readonly by: number
  readonly now: number | null
}

function Plan({ view, day, version, planned, whatIfs, names, first, by, now, onDay }: PlanProps) {
  const say = useSay()
  const { plan, compiled } = planned
  const { kitchen } = view
  const seconds = now === null ? -1 : (now - first) / 1000
  const soFar = soFarOf({ ...view, day }, first, now ?? first)
  const ended = new Set(Object.keys(soFar?.ended ?? {}))
  const thingName = (id: string): string => {
    const [kind, ...rest] = id.split(' ')
    const key = rest.join(' ')
    const list = kind === 'pot' ? kitchen.pot : kind === 'ring' ? kitchen.burner : kitchen.vessel
    return list.find((t) => t.id === key)?.name ?? key
  }
  const used = [...new Set(plan.held.map((h) => h.thing))].sort()
  const order = ['ring', 'pot', 'vessel']
  const things = used
    .toSorted((a, b) => order.indexOf(a.split(' ')[0] ?? '') - order.indexOf(b.split(' ')[0] ?? ''))
    .map((id) => ({ id, name: thingName(id) }))
  return (
    <>
      <section aria-label="Lanes" className="sheet p-4">
        <Lanes
          plan={plan}
          people={cooks.slice(0, day.cooks).map((id) => ({ id, name: cookNames[id] ?? id }))}
          things={things}
          names={names}
          first={first}
          by={by}
          now={seconds}
          done={ended}
        />
      </section>
      <div className="grid items-start gap-3 lg:grid-cols-3">
        <NextTasks
          view={view}
          day={day}
          version={version}
          planned={planned}
          names={names}
          first={first}
          ended={ended}
          now={now}
          onDay={onDay}
        />
        <HoldUp planned={planned} whatIfs={whatIfs} names={names} thing={thingName} first={first} by={by} />
        <section aria-labelledby="made" className="sheet p-5">
          <div className="flex items-baseline justify-between">
            <h2 id="made" className="casual text-title font-bold">
              What is made
            </h2>
            <span className="flex gap-2 print:hidden">
              <Button
                onClick={() =>
                  void calendarOf(view.date, plan, first, names).then((text) =>
                    saveFile(text, `day-${view.date}.ics`, 'text/calendar'),
                  )
                }
              >
                <CalendarDays size={16} aria-label="As a calendar" />
              </Button>
              <Button onClick={() => window.print()}>
                <Printer size={16} aria-label="Print" />
              </Button>
            </span>
          </div>
          <ul className="mt-1 text-body">
            {day.items.map((i) => (
              <Made
                key={i.id}
                item={i}
                name={names[i.id] ?? ''}
                planned={planned}
                why={compiled.problems.find((p) => p.item === i.id)?.why}
                first={first}
              />
            ))}
          </ul>
          <details className="mt-2 text-body">
            <summary className="min-h-9 cursor-pointer content-center font-semibold">
              To weigh, over the whole day
            </summary>
            <ul>
              {compiled.weigh.map((w) => (
                <li key={w.name} className="flex justify-between gap-4 border-b border-line py-1 last:border-0">
                  {w.name}
                  <span className="figures">{say.weight(inGrams(w.grams))}</span>
                </li>
              ))}
            </ul>
          </details>
        </section>
      </div>
    </>
  )
}

interface MadeProps {
  readonly item: Day['items'][number]
  readonly name: string
  readonly planned: Planned
  readonly why: string | undefined
  readonly first: number
}

/** One product: when it is ready, or why it is not. */
function Made({ item, name, planned: { plan }, why, first }: MadeProps) {
  const time = useTime()
  const mine = plan.placed.filter((p) => p.task.item === item.id)
  const end = Math.max(...mine.map((p) => p.end))
  const lost = plan.missing.some((b) => b.startsWith(`${item.id} `))
  const tomorrow = end > 86_400
  return (
    <li className="border-b border-line py-1.5 last:border-0">
      <span className="font-semibold">{name}</span>, {item.pieces} pieces:{' '}
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
