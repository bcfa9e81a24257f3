/**
 * A day practised: the plan against hours that do not go as planned. Chance is handed in, so the same seed is the same day;
 * whoever practises says when each thing is begun and takes each pot off, and what ends by itself ends when it does.
 */
import { normal } from '../quantity/seeded'
import { replan, type SoFar } from './plan'
import type { DayPlan, DayTask, Placed, Task } from './task'

/** ◊ How far durations stray, as standard deviations of their logarithm; a cook is planned as long as four in five take. */
const STRAYS = { cook: 0.1, hands: 0.15 }
const COOK_MIDDLE = 1 / 1.08
/** ◊ s a window is over before what was in it counts as spoiled: hands are not clocks. A pot past its moment waits less. */
const GRACE = 120
const PULL_GRACE = 60

export interface PracticeDay {
  readonly soFar: SoFar
  /** How many times as long as planned each task takes, by its id; unknown to whoever practises. */
  readonly takes: Readonly<Record<string, number>>
  /** Tasks whose window went by. */
  readonly spoiled: readonly string[]
  /** Pots that were left on the heat past their moment. */
  readonly pulledLate: readonly string[]
}

/**
 * A day that has not begun yet. `random`: 0 to 1, of a seed; `cooked`: how many times as long as planned a task takes, where a
 * stand-in was asked.
 */
export function practiceDay(
  day: DayTask,
  random: () => number,
  cooked: Readonly<Record<string, number>> = {},
): PracticeDay {
  const takes: Record<string, number> = {}
  for (const b of day.blocks)
    for (const t of b.ways[0].tasks) {
      const cook = t.kind === 'cook' || t.kind === 'pull'
      const strayed = (cook ? COOK_MIDDLE : 1) * Math.exp((cook ? STRAYS.cook : STRAYS.hands) * normal(random))
      takes[t.id] = cooked[t.id] ?? strayed
    }
  const soFar = { now: day.from, began: {}, ended: {}, expected: {}, by: {}, ways: {} }
  return { soFar, takes, spoiled: [], pulledLate: [] }
}

/** A pot that passes 110° is watched from then on, without anybody's saying so, and until somebody takes it off. */
const isPull = (t: Task): boolean => t.kind === 'pull'

/** When a task under way is over, or has to be ended; never, before it has begun. */
const overAt = ({ takes, soFar }: PracticeDay, { id, seconds }: Task): number =>
  (soFar.began[id] ?? Number.POSITIVE_INFINITY) + seconds * (takes[id] ?? 1)

/** The practice at a later moment: what was due to end by then has ended. */
export function practisedUntil(practice: PracticeDay, plan: DayPlan, now: number): PracticeDay {
  const began = { ...practice.soFar.began }
  const ended = { ...practice.soFar.ended }
  const by = { ...practice.soFar.by }
  for (const { task } of plan.placed) {
    if (isPull(task) && began[task.id] === undefined) {
      const before = task.after[0] && ended[task.after[0].task]
      if (before !== undefined && task.after[0]) {
        began[task.id] = before
        by[task.id] = by[task.after[0].task] ?? ''
      }
    }
    if (isPull(task) || ended[task.id] !== undefined) continue
    const end = overAt(practice, task)
    if (end <= now) ended[task.id] = end
  }
  const next = { ...practice, soFar: { ...practice.soFar, now, began, ended, by } }
  const gone = plan.placed.filter(({ task }) => began[task.id] === undefined && now > latestOf(task, ended) + GRACE)
  return { ...next, spoiled: [...new Set([...practice.spoiled, ...gone.map((p) => p.task.id)])] }
}

/** The last moment a task may be begun, by what of it is over. */
const latestOf = (task: Task, ended: SoFar['ended']): number =>
  Math.min(Number.POSITIVE_INFINITY, ...task.after.map((l) => (ended[l.task] ?? Number.POSITIVE_INFINITY) + l.most))

/** The practice with a task begun now by whom it is planned for, in the way its block then has. */
export const begun = (practice: PracticeDay, { task, block, person }: Placed, plan: DayPlan): PracticeDay => {
  const { soFar } = practice
  return {
    ...practice,
    soFar: {
      ...soFar,
      began: { ...soFar.began, [task.id]: soFar.now },
      ways: { ...soFar.ways, [block]: soFar.ways[block] ?? plan.ways[block] ?? '' },
      by: person === null ? soFar.by : { ...soFar.by, [task.id]: person },
    },
  }
}

/** Pots that are there and want somebody to take them off. */
export const pullsDue = (practice: PracticeDay, plan: DayPlan): Placed[] =>
  plan.placed.filter(
    ({ task }) =>
      isPull(task) && practice.soFar.ended[task.id] === undefined && overAt(practice, task) <= practice.soFar.now,
  )

/** The practice with a pot taken off now, late or not. */
export function pulled(practice: PracticeDay, { task }: Placed): PracticeDay {
  const { soFar, pulledLate } = practice
  const late = soFar.now > overAt(practice, task) + PULL_GRACE
  return {
    ...practice,
    soFar: { ...soFar, ended: { ...soFar.ended, [task.id]: soFar.now } },
    pulledLate: late ? [...pulledLate, task.id] : pulledLate,
  }
}

/** The next moment at which something ends or is due; null once all of it is over. */
export function nextMoment(practice: PracticeDay, plan: DayPlan): number | null {
  const { now, began, ended } = practice.soFar
  const moments = plan.placed.flatMap(({ task, start }) => {
    if (ended[task.id] !== undefined) return []
    return [began[task.id] === undefined ? start : overAt(practice, task)]
  })
  const ahead = moments.filter((m) => m > now)
  if (ahead.length > 0) return Math.min(...ahead)
  return moments.length > 0 ? now + 60 : null
}

/** What is due: planned to have begun by now, with all before it over. */
export const dueIn = (plan: DayPlan, { now, began, ended }: SoFar): Placed[] =>
  plan.placed.filter(
    ({ task, start }) =>
      began[task.id] === undefined &&
      !isPull(task) &&
      start <= now + 1 &&
      task.after.every((l) => ended[l.task] !== undefined),
  )

/** Steps of a practice after which it is given up. */
const MOST_STEPS = 5000

/** A whole day of somebody who begins everything when the plan, made again at each moment, says so. */
export function obeyedDay(
  day: DayTask,
  plan: DayPlan,
  random: () => number,
  cooked: Readonly<Record<string, number>> = {},
): { practice: PracticeDay; plan: DayPlan } {
  let practice = practiceDay(day, random, cooked)
  let at = plan
  for (let i = 0; i < MOST_STEPS; i++) {
    at = replan(day, plan, practice.soFar)
    const off = pullsDue(practice, at)[0]
    if (off) {
      practice = pulled(practice, off)
      continue
    }
    const due = dueIn(at, practice.soFar)[0]
    if (due) {
      practice = begun(practice, due, at)
      continue
    }
    const next = nextMoment(practice, at)
    if (next === null) break
    practice = practisedUntil(practice, at, next)
  }
  return { practice, plan: at }
}
