'use client'

import { Play, Undo2, ZoomIn, ZoomOut } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { cooks } from '@/contract/choices'
import type { Day, DayView } from '@/contract/day'
import { meantOf, planInOrder, replan, type Station } from '@/core'
import { Button } from '@/ui/kit/button'
import { useTime } from '@/ui/shell/preferences'
import { cookNames, stationNames } from '@/words'
import { HoldUp } from './hold-up'
import { Lanes, type Pin } from './lanes'
import { Made, WeighAndReady } from './made'
import { NextTasks } from './next-tasks'
import { type ComesOff, OnStove } from './on-stove'
import { Out } from './out'
import { Afterwards, PracticeBar, Running } from './running'
import { useActs } from './use-acts'
import { type Found, type Planned, soFarOf, standInsFor, useNow, type usePlan, useRunning } from './use-day'
import type { usePractice } from './use-practice'
import { productName } from './wanted'

interface PlanProps {
  readonly view: DayView
  readonly day: Day
  readonly found: Found
  readonly whatIfs: ReturnType<typeof usePlan>['whatIfs']
  readonly first: number
  readonly by: number
  readonly undo: (() => void) | undefined
  readonly practising: ReturnType<typeof usePractice>
  onRunning(planned: Planned | null): void
  /** What is wanted is changed; what was done is logged. */
  onDay(next: Day): Promise<void>
  onLog(next: Day): Promise<void>
}

const ZOOMS = [1, 2, 4]

/** A planned day: its lanes, what is next, what holds it up, how it runs, what goes in and out. */
export function Plan(props: PlanProps) {
  const { view, day, found, whatIfs, first, by, undo, practising, onRunning, onDay } = props
  const time = useTime()
  const now = useNow()
  const { practice, setPlan } = practising
  const [zoom, setZoom] = useState(1)
  const [held, setHeld] = useState<Pin | null>(null)
  const [comesOff, setComesOff] = useState<ComesOff>({})
  const { blocks } = found.compiled.task
  const real = useMemo(
    () => soFarOf({ day, cooked: view.cooked }, blocks, first, now ?? first, comesOff),
    [day, view.cooked, blocks, first, now, comesOff],
  )
  const planned = useMemo(() => meantOf(found.plan), [found.plan])
  const meant = practice ? planned : day.meant
  const running = useRunning(found, meant, practice?.soFar ?? real)
  useEffect(() => {
    onRunning(running)
    setPlan(running?.plan ?? null)
  }, [running, onRunning, setPlan])
  const { acts, problem } = useActs(props, running, practice ? practising : null)
  // what a task that is held over a moment would do to all the others
  const shown = useMemo(() => {
    if (!running || !held) return running
    const { task } = running.compiled
    const pinned = { ...task, pins: { ...task.pins, [held.id]: held.at } }
    const plan =
      Object.keys(running.soFar.began).length > 0
        ? replan(pinned, found.plan, running.soFar)
        : planInOrder(pinned, found.plan.order, found.plan.delays)
    return { ...running, plan }
  }, [running, held, found.plan])
  if (!running || !shown) return null
  const names = namesIn(view, day, found)
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const seconds = practice ? practice.soFar.now : now === null ? -1 : (now - first) / 1000
  const practise = async (): Promise<void> => {
    const seed = Date.parse(view.date) / 86_400_000
    // a browser that cannot ask the stand-ins practises by chance
    practising.start(day, found, seed, await standInsFor(view, day, by, seed).catch(() => ({})))
  }
  const put = (id: string, at: number | null): void => {
    const { [id]: _, ...others } = day.pins
    void onDay({ ...day, pins: at === null ? others : { ...others, [id]: at } })
  }
  return (
    <>
      {practice && (
        <PracticeBar
          practising={practising}
          planned={running}
          clock={clock(practice.soFar.now)}
          lost={running.news.endMoved}
        />
      )}
      {!practice && now !== null && Object.keys(view.onStove).length > 0 && (
        <OnStove
          key={Object.values(view.onStove)
            .map((b) => b.id)
            .join()}
          boils={view.onStove}
          names={names}
          onComesOff={setComesOff}
        />
      )}
      <section aria-label="Lanes" className="sheet px-4 pt-3 pb-4 max-lg:order-2">
        <div className="mb-1 flex flex-wrap items-center gap-2 text-small text-muted print:hidden">
          <p className="mr-auto" aria-live="polite">
            {held
              ? sayHeld(shown, running, by, clock, held.at)
              : 'Drag a task, or move it with ← and →: it is put there, and the rest makes room. Delete lets it go.'}
          </p>
          <Button look="quiet" className="min-h-9" disabled={!undo} onClick={undo}>
            <Undo2 size={17} aria-label="Take the last change back" />
          </Button>
          <Button
            look="quiet"
            className="min-h-9"
            disabled={zoom === 1}
            onClick={() => setZoom(ZOOMS[ZOOMS.indexOf(zoom) - 1] ?? 1)}
          >
            <ZoomOut size={17} aria-label="Wider" />
          </Button>
          <Button
            look="quiet"
            className="min-h-9"
            disabled={zoom === 4}
            onClick={() => setZoom(ZOOMS[ZOOMS.indexOf(zoom) + 1] ?? 4)}
          >
            <ZoomIn size={17} aria-label="Closer" />
          </Button>
        </div>
        <Lanes
          plan={shown.plan}
          people={cooks.slice(0, day.cooks).map((id) => ({ id, name: cookNames[id] ?? id }))}
          things={thingsIn(running, view)}
          names={names}
          first={first}
          by={by}
          now={seconds}
          begun={new Set(Object.keys(running.soFar.began))}
          done={new Set(Object.keys(running.soFar.ended))}
          pins={day.pins}
          zoom={zoom}
          onHold={setHeld}
          onPut={put}
        />
      </section>
      <div className="items-start gap-3 max-lg:contents lg:grid lg:grid-cols-[1.25fr_1fr_1fr]">
        <NextTasks day={day} planned={running} names={names} first={first} acts={acts} problem={problem} />
        <HoldUp
          planned={running}
          whatIfs={whatIfs}
          names={names}
          thing={(id) => thingName(id, view)}
          first={first}
          by={by}
        />
        <Running
          planned={running}
          names={names}
          first={first}
          lost={day.lost}
          things={outOfUse(found, view)}
          onLost={(lost) => void onDay({ ...day, lost: [...lost] })}
        />
      </div>
      <div className="items-start gap-3 max-lg:contents lg:grid lg:grid-cols-[1.25fr_2fr]">
        <section aria-labelledby="made" className="sheet p-5 max-lg:order-3">
          <div className="flex flex-wrap items-center justify-between gap-2">
            <h2 id="made" className="casual text-title font-bold">
              What is made
            </h2>
            <span className="flex gap-2 print:hidden">
              <Out view={view} planned={running} names={names} first={first} />
              {!practice && (
                <Button className="flex items-center gap-2" onClick={() => void practise()}>
                  <Play size={16} aria-hidden /> Practise it
                </Button>
              )}
            </span>
          </div>
          <Made view={view} day={day} planned={running} names={names} first={first} />
        </section>
        <section aria-labelledby="weigh" className="sheet p-5 max-lg:order-3">
          <h2 id="weigh" className="casual text-title font-bold">
            Weigh and get ready
          </h2>
          <WeighAndReady view={view} day={day} planned={running} names={names} first={first} />
        </section>
      </div>
      <Afterwards planned={running} meant={meant} names={names} first={first} />
    </>
  )
}

/** What items and their blocks are called: of several boils each by its number, a part by its own name. */
function namesIn(view: DayView, day: Day, { compiled }: Found): Record<string, string> {
  const items = day.items.map((i) => [i.id, productName(view, i.formula)] as const)
  const blocks = items.flatMap(([id, name]) => {
    const mine = compiled.task.blocks.filter((b) => b.id.startsWith(`${id} `))
    return mine.map((b) => [b.id, mine.length === 1 ? name : `${name}, ${b.id.slice(id.length + 1)}`] as const)
  })
  return Object.fromEntries([...items, ...blocks])
}

/** What putting a task there would do, before it is let go. */
function sayHeld(shown: Planned, before: Planned, by: number, clock: (s: number) => string, at: number): string {
  const { plan } = shown
  if (plan.missing.length > 0) return `At ${clock(at)}: not all of it would fit.`
  const late = plan.late.length - before.plan.late.length
  const moved = Math.round((plan.end - before.plan.end) / 60)
  const end = `ready ${clock(plan.end)}${moved === 0 ? '' : `, ${Math.abs(moved)} min ${moved > 0 ? 'later' : 'sooner'}`}`
  return `At ${clock(at)}: ${end}${late > 0 ? `; ${late} more would be late` : plan.end > by ? '; after the hour asked for' : ''}.`
}

function thingName(id: string, { kitchen }: DayView): string {
  const [kind, ...rest] = id.split(' ')
  const key = rest.join(' ')
  if (kind === 'station') return stationNames[key as Station] ?? key
  const list = kind === 'pot' ? kitchen.pot : kind === 'ring' ? kitchen.burner : kitchen.vessel
  return list.find((t) => t.id === key)?.name ?? key
}

const ORDER = ['ring', 'pot', 'station', 'vessel']
const kindOf = (id: string): number => ORDER.indexOf(id.split(' ')[0] ?? '')

/** The things a plan uses, rings first. */
const thingsIn = ({ plan }: Planned, view: DayView) =>
  [...new Set(plan.held.map((h) => h.thing))]
    .sort((a, b) => kindOf(a) - kindOf(b) || a.localeCompare(b))
    .map((id) => ({ id, name: thingName(id, view) }))

/** What can be out of use: rings, pots and stations. */
const outOfUse = ({ compiled }: Found, view: DayView) =>
  Object.keys(compiled.task.things)
    .filter((id) => !id.startsWith('vessel') && thingName(id, view) !== '')
    .map((id) => ({ id, name: thingName(id, view) }))
