'use client'

import { Pause, Play, SkipForward } from 'lucide-react'
import type { DayView } from '@/contract/day'
import { afterwards, whereTimeWent } from '@/core'
import { Button } from '@/ui/kit/button'
import { Checkbox } from '@/ui/kit/checkbox'
import { useTime } from '@/ui/shell/preferences'
import { formatSpan, kindOfWork, sayNews, taskName } from '@/words'
import type { Planned } from './use-day'
import type { usePractice } from './use-practice'

interface RunningProps {
  readonly planned: Planned
  readonly names: Readonly<Record<string, string>>
  readonly first: number
  /** What is out of use, of what could be. */
  readonly lost: readonly string[]
  readonly things: readonly { readonly id: string; readonly name: string }[]
  onLost(lost: readonly string[]): void
}

/** What has moved since the day was planned, and what is out of use. */
export function Running({ planned, names, first, lost, things, onLost }: RunningProps) {
  const time = useTime()
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const { soFar, news } = planned
  const said = sayNews(news, (block) => names[block] ?? block, clock)
  const begun = Object.keys(soFar.began).length > 0
  return (
    <section aria-labelledby="running" className="sheet p-5 max-lg:order-3">
      <h2 id="running" className="casual text-title font-bold">
        Running
      </h2>
      <div aria-live="polite" className="mt-1 text-body leading-snug">
        {said.length > 0 ? (
          said.map((s) => <p key={s}>{s}</p>)
        ) : (
          <p>{begun ? 'All is going as planned.' : 'Nothing has begun. Once something has, the plan follows it.'}</p>
        )}
        {begun && soFar.now > 0 && <p className="text-muted">Planned anew at {clock(soFar.now)}.</p>}
      </div>
      <details className="mt-2 text-body print:hidden">
        <summary className="min-h-9 cursor-pointer content-center font-semibold">
          {lost.length === 0 ? 'Something out of use?' : `Out of use: ${lost.length}`}
        </summary>
        {things.map(({ id, name }) => (
          <Checkbox
            key={id}
            checked={lost.includes(id)}
            onChange={(on) => onLost(on ? [...lost, id] : lost.filter((l) => l !== id))}
          >
            {name}
          </Checkbox>
        ))}
      </details>
    </section>
  )
}

interface AfterwardsProps {
  readonly planned: Planned
  readonly meant: DayView['day']['meant']
  readonly names: Readonly<Record<string, string>>
  readonly first: number
}

/** The plan beside what happened, task by task, and where the time went; nothing before anything is over. */
export function Afterwards({ planned: { plan, soFar }, meant, names, first }: AfterwardsProps) {
  const time = useTime()
  const clock = (s: number): string => time(first + 1000 * s, 'clock')
  const after = afterwards(meant, plan, soFar)
  const went = whereTimeWent(after)
  if (after.length === 0) return null
  return (
    <details className="sheet p-5 text-body max-lg:order-3">
      <summary className="casual min-h-9 cursor-pointer content-center text-title font-bold">
        Plan and what happened
      </summary>
      {went.length > 0 && (
        <p className="mb-2">
          More time than planned went into{' '}
          {went
            .slice(0, 3)
            .map(
              (w) =>
                `${taskName({ kind: kindOfWork(w.what), what: w.what })} (${formatSpan(60 * Math.round(w.seconds / 60))})`,
            )
            .join(', ')}
          .
        </p>
      )}
      <table className="w-full">
        <thead className="text-left text-small text-muted">
          <tr>
            <th className="font-normal">Task</th>
            <th className="font-normal">Planned</th>
            <th className="font-normal">Happened</th>
            <th className="text-right font-normal">Longer by</th>
          </tr>
        </thead>
        <tbody>
          {after.map(({ task, meant: [from, to], was, longer }) => (
            <tr key={task.task.id} className="border-t border-line">
              <td className="py-1 pr-3">
                {names[task.block]}: {taskName(task.task)}
              </td>
              <td className="figures py-1 pr-3 whitespace-nowrap">
                {clock(from)}–{clock(to)}
              </td>
              <td className="figures py-1 pr-3 whitespace-nowrap">
                {clock(was[0])}–{clock(was[1])}
              </td>
              <td className="figures py-1 text-right whitespace-nowrap">
                {Math.abs(longer) < 60
                  ? ''
                  : `${longer > 0 ? '' : '−'}${formatSpan(60 * Math.round(Math.abs(longer) / 60))}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}

interface BarProps {
  readonly practising: ReturnType<typeof usePractice>
  readonly planned: Planned
  readonly clock: string
  /** s later than planned it ends. */
  readonly lost: number
}

/** The clock of a practised day: at sixty times, or from one moment to the next; and what has been spoiled. */
export function PracticeBar({ practising, planned, clock, lost }: BarProps) {
  const { practice, running, setRunning, jump, stop } = practising
  if (!practice) return null
  const over = planned.plan.placed.every((p) => planned.soFar.ended[p.task.id] !== undefined)
  const spoiled = practice.spoiled.length
  const late = practice.pulledLate.length
  return (
    <section
      aria-label="Practice"
      className="flex flex-wrap items-center gap-3 rounded-sheet bg-cherry-wash px-5 py-3 text-main text-cherry-ink"
    >
      <strong className="casual">Practice</strong>
      <span className="figures">{clock}</span>
      <Button onClick={() => setRunning(!running)} className="min-h-10 text-ink">
        {running ? (
          <Pause size={16} aria-label="Stop the clock" />
        ) : (
          <Play size={16} aria-label="Let it run, 60 times as fast" />
        )}
      </Button>
      <Button onClick={jump} className="flex min-h-10 items-center gap-2 text-ink">
        <SkipForward size={16} aria-hidden /> To the next moment
      </Button>
      <span aria-live="polite">
        {over ? 'Practice is over: ' : ''}
        {spoiled === 0 ? 'nothing spoiled' : `${spoiled} ${spoiled === 1 ? 'window' : 'windows'} missed`}
        {late > 0 && `, ${late} ${late === 1 ? 'pot' : 'pots'} taken off late`}
        {lost > 60 ? `, ${formatSpan(60 * Math.round(lost / 60))} lost` : ', no time lost'}
      </span>
      <Button look="quiet" onClick={stop} className="ml-auto min-h-10 text-cherry-ink">
        End practice
      </Button>
    </section>
  )
}
