/** A day that runs: what has moved since it was planned, what is overdue, which calls come together, and afterwards where the time went. */
import { medianOf } from '../quantity/statistics'
import { CALLS_APART, type SoFar } from './plan'
import type { DayPlan, DayTask, Placed } from './task'

/** Begin and end, s, and the work of each task as it was planned when the day began. */
export type Meant = Readonly<Record<string, readonly [number, number, string]>>

export const meantOf = (plan: DayPlan): Record<string, [number, number, string]> =>
  Object.fromEntries(plan.placed.map((p) => [p.task.id, [p.start, p.end, p.task.what]]))

/** ◊ s off its plan from which on a task is worth a word; s ahead that calls are looked for. */
const WORTH = 120
const AHEAD = 3600

export interface DayNews {
  /** What ended last off its plan, and by how many s: late above nothing, soon below. */
  readonly off: { readonly task: Placed; readonly seconds: number } | null
  /** A pot on the stove that is foreseen to come off elsewhere than planned, and by how many s. */
  readonly foreseen: { readonly task: Placed; readonly seconds: number } | null
  /** By how many s the end has moved, and the blocks late now that were meant to be in time. */
  readonly endMoved: number
  readonly late: readonly string[]
  /** What was meant to have begun by now and has not. */
  readonly overdue: Placed | null
  /** Two pots that come off within a minute of each other, inside the next hour. */
  readonly together: readonly [Placed, Placed] | null
}

/** What is to be said of a day at a moment; `plan` as it was made again then. */
export function newsOf(day: DayTask, meant: Meant, plan: DayPlan, soFar: SoFar): DayNews {
  const { now, began, ended, expected } = soFar
  const off = plan.placed
    .flatMap((task) => {
      const end = ended[task.task.id]
      const wanted = meant[task.task.id]?.[1]
      // by when a pot passes 110° nothing is judged: it is not seen
      if (end === undefined || wanted === undefined || task.task.kind === 'cook') return []
      return Math.abs(end - wanted) >= WORTH ? [{ task, seconds: end - wanted, end }] : []
    })
    .sort((a, b) => b.end - a.end)[0]
  const foreseen = plan.placed
    .flatMap((task) => {
      const [end, wanted] = [expected[task.task.id], meant[task.task.id]?.[1]]
      if (end === undefined || wanted === undefined || task.task.kind !== 'pull') return []
      return ended[task.task.id] === undefined && Math.abs(end - wanted) >= WORTH
        ? [{ task, seconds: end - wanted }]
        : []
    })
    .sort((a, b) => Math.abs(b.seconds) - Math.abs(a.seconds))[0]
  const overdue = plan.placed.find((p) => {
    const start = meant[p.task.id]?.[0]
    return began[p.task.id] === undefined && start !== undefined && start < now - WORTH
  })
  const meantEnd = (block: string): number =>
    Math.max(0, ...plan.placed.flatMap((p) => (p.block === block ? [meant[p.task.id]?.[1] ?? 0] : [])))
  const inTime = day.blocks.filter((b) => !plan.late.includes(b.id)).map((b) => b.id)
  const before = Math.max(0, ...inTime.map(meantEnd))
  return {
    off: off ? { task: off.task, seconds: off.seconds } : null,
    foreseen: foreseen ?? null,
    endMoved: before > 0 ? plan.end - before : 0,
    late: plan.late.filter((b) => meantEnd(b) > 0 && meantEnd(b) <= day.by),
    overdue: overdue ?? null,
    together: callsTogether(plan, began, now),
  }
}

function callsTogether(plan: DayPlan, began: SoFar['began'], now: number): readonly [Placed, Placed] | null {
  const calls = plan.placed.filter(
    (p) => p.task.kind === 'pull' && began[p.task.id] === undefined && p.start >= now && p.start <= now + AHEAD,
  )
  for (const [i, a] of calls.entries())
    for (const b of calls.slice(i + 1)) if (Math.abs(a.start - b.start) < CALLS_APART) return [a, b]
  return null
}

/** How many pairs of pots of a plan come off within a minute of each other: each wants eyes of its own. */
export function togetherIn(plan: DayPlan): number {
  const pulls = plan.placed.filter((p) => p.task.kind === 'pull').map((p) => p.start)
  return pulls.filter((at, i) => i > 0 && at - (pulls[i - 1] as number) < CALLS_APART).length
}

export interface TaskAfter {
  readonly task: Placed
  readonly meant: Meant[string]
  readonly was: readonly [number, number]
  /** s it began late, and s it took longer than planned. */
  readonly late: number
  readonly longer: number
}

/** Each task that is over, as planned and as it was, in the order it happened. */
export const afterwards = (meant: Meant, plan: DayPlan, { began, ended }: SoFar): TaskAfter[] =>
  plan.placed
    .flatMap((task): TaskAfter[] => {
      const wanted = meant[task.task.id]
      const from = began[task.task.id]
      const to = ended[task.task.id]
      if (!wanted || from === undefined || to === undefined) return []
      const longer = to - from - (wanted[1] - wanted[0])
      return [{ task, meant: wanted, was: [from, to], late: from - wanted[0], longer }]
    })
    .sort((a, b) => a.was[0] - b.was[0])

/** Where the time went: s more than planned by what was done, the most first; what went quicker is not listed. */
export function whereTimeWent(after: readonly TaskAfter[]): { readonly what: string; readonly seconds: number }[] {
  const sums = new Map<string, number>()
  for (const { task, longer } of after) sums.set(task.task.what, (sums.get(task.task.what) ?? 0) + longer)
  return [...sums]
    .map(([what, seconds]) => ({ what, seconds }))
    .filter((s) => s.seconds >= WORTH)
    .sort((a, b) => b.seconds - a.seconds)
}

/** ◊ A work has to have been timed so often before its own pace is believed, and no pace is believed beyond. */
const PACE = { least: 3, most: 3 }

/** How many times as long as planned the hands of this kitchen take, by what is done: the middle of what was timed. */
export function pacesFrom(timed: readonly { readonly what: string; readonly share: number }[]): Record<string, number> {
  const by = new Map<string, number[]>()
  for (const { what, share } of timed) by.set(what, [...(by.get(what) ?? []), share])
  return Object.fromEntries(
    [...by].flatMap(([what, shares]) => {
      if (shares.length < PACE.least) return []
      return [[what, Math.min(PACE.most, Math.max(1 / PACE.most, medianOf(shares)))]]
    }),
  )
}
