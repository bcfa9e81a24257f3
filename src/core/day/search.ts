/**
 * Looks for better plans of a day: another order of its blocks, and tasks put off to make room, by small changes and simulated
 * annealing (Kirkpatrick and others 1983). Pure: chance is handed in, and the budget is a number of tries.
 */
import { chainOf } from './hold-up'
import { blockEnd, planInOrder } from './plan'
import { togetherIn } from './running'
import type { Block, DayPlan, DayTask } from './task'
import { lateStarts, tighten } from './tighten'

/** ◊ s of a later end that two pots are worth that do not come off in the same minute. */
const TOGETHER = 30

/** What a plan is worth, less being better: what is left out, then what is late, then its end, then people waiting. */
export function worthOf(plan: DayPlan, day: DayTask): number {
  const late = plan.late.reduce((sum, id) => sum + blockEnd(plan.placed, id) - day.by, 0)
  const idle = day.people.reduce((sum, { id }) => {
    const mine = plan.placed.filter((p) => p.person === id)
    if (mine.length === 0) return sum
    const span = Math.max(...mine.map((p) => p.end)) - Math.min(...mine.map((p) => p.start))
    return sum + Math.max(0, span - mine.reduce((s, p) => s + p.task.seconds, 0))
  }, 0)
  return plan.missing.length * 1e9 + late * 1e3 + TOGETHER * togetherIn(plan) + plan.end + idle * 1e-3
}

/** Orders worth trying first: as written, the longest chain first, the longest wait first. */
function firstOrders(day: DayTask): string[][] {
  const length = (b: Block): number =>
    b.ways[0].tasks.reduce((s, t) => s + t.seconds + Math.max(0, ...t.after.map((a) => a.least)), 0)
  const waits = (b: Block): number =>
    b.ways[0].tasks.reduce((s, t) => s + Math.max(0, ...t.after.map((a) => a.least)), 0)
  const by = (f: (b: Block) => number): string[] => day.blocks.toSorted((a, b) => f(b) - f(a)).map((b) => b.id)
  return [day.blocks.map((b) => b.id), by(length), by(waits)]
}

/** The rule a kitchen goes by without a plan: what sets longest goes first. */
export const longestSettingFirst = (day: DayTask): DayPlan => planInOrder(day, firstOrders(day)[2] as string[])

/** ◊ Tries that take about two seconds on a small machine: a day of few tasks is tried more often. */
export const triesFor = (day: DayTask): number =>
  Math.min(
    7000,
    Math.round(
      60_000 /
        Math.max(
          1,
          day.blocks.reduce((n, b) => n + b.ways[0].tasks.length, 0),
        ),
    ),
  )

export interface PlanProgress {
  readonly plan: DayPlan
  readonly tries: number
  readonly worth: number
}

/**
 * Plans a day, better and better: yields each time a better plan is found, and after every so many tries. The first
 * valid plan comes at once. `random`: 0 to 1, of a seed.
 */
export function* planning(day: DayTask, random: () => number, budget: number): Generator<PlanProgress, DayPlan> {
  const tried = (order: readonly string[], delays: DayPlan['delays']): Tried => {
    const plan = planInOrder(day, order, delays)
    const drawn = tighten(plan, day)
    const tight = drawn && planInOrder(day, order, drawn)
    const worth = worthOf(plan, day)
    const other = tight ? worthOf(tight, day) : worth
    return tight && other < worth ? { plan: tight, worth: other } : { plan, worth }
  }
  const [first, ...others] = firstOrders(day) as [string[], ...string[][]]
  let best = tried(first, {})
  let tries = 1
  yield { ...best, tries }
  for (const order of others) {
    const next = tried(order, {})
    tries++
    if (next.worth < best.worth) best = next
  }
  let here = best
  while (tries < budget) {
    const { order, delays } = here.plan
    const kind = random()
    const next =
      kind < MAKE_WAY
        ? tried(order, makeWay(here.plan, day, random))
        : kind < PUT_OFF
          ? tried(order, putOff(here.plan, delays, random))
          : tried(changed(order, random), delays)
    tries++
    const into = ((tries / budget) * HEAT.times) % 1
    // heated again, it goes on from the best there is, or begins anew
    if (into < HEAT.times / budget)
      here = Math.round((tries / budget) * HEAT.times) % 2 === 0 ? best : tried(shuffled(order, random), {})
    const heat = HEAT.first * HEAT.last ** into
    // a little worse is gone along with at first, so that a dead end is left again
    if (next.worth <= here.worth || random() < Math.exp((here.worth - next.worth) / (heat * here.worth))) here = next
    const better = next.worth < best.worth
    if (better) best = next
    if (better || tries % SHOWN_EVERY === 0) yield { ...best, tries }
  }
  // all else being equal nobody comes in sooner than the day wants them
  const later = planInOrder(day, best.plan.order, lateStarts(best.plan, day))
  return worthOf(later, day) <= best.worth + LATE_START ? later : best.plan
}

interface Tried {
  readonly plan: DayPlan
  readonly worth: number
}

/** ◊ How much worse, as a share, is gone along with at first, what is left of that at the end, and how often it begins anew. */
const HEAT = { first: 0.06, last: 0.002, times: 8 }
const SHOWN_EVERY = 50
/** s of the end that a later start may cost: a rounding, no more. */
const LATE_START = 2
/** ◊ Shares of changes, summed up: one that makes way for what the end hangs on, then one that puts any task off or no longer; the rest change the order. */
const MAKE_WAY = 0.3
const PUT_OFF = 0.7

/**
 * Delays with one more task put off, so that it begins where another ends or makes room for one that could not begin before
 * it; or with one no longer put off.
 */
function putOff(plan: DayPlan, delays: DayPlan['delays'], random: () => number): Record<string, number> {
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)]
  const next = { ...delays }
  const put = Object.keys(next)
  if (put.length > 0 && random() < 0.35) {
    delete next[pick(put) as string]
    return next
  }
  const one = pick(plan.placed)
  const other = pick(plan.placed)
  if (!one || !other) return next
  // it begins once the other is over, or as much later as the other takes
  const by = other.end > one.start ? other.end - one.start : other.task.seconds
  next[one.task.id] = (next[one.task.id] ?? 0) + by
  return next
}

/**
 * Delays by which something makes way for a task that the end of the day hangs on and that waits for it: the two change places
 * (a reversed arc of the critical path, van Laarhoven, Aarts and Lenstra 1992).
 */
function makeWay(plan: DayPlan, day: DayTask, random: () => number): Record<string, number> {
  const chain = chainOf(plan, day)
  const waiting = chain.flatMap(({ task, waitsFor }, i) => {
    const other = chain[i + 1]?.task
    return other && (waitsFor === 'person' || waitsFor === 'thing') ? [{ task, other }] : []
  })
  const found = waiting[Math.floor(random() * waiting.length)]
  if (!found) return putOff(plan, plan.delays, random)
  // the one in the way, or something it hangs on: a window may not let it wait by itself
  const before = plan.placed.filter((p) => p.block === found.other.block && p.start <= found.other.start)
  const one = random() < 0.5 ? found.other : (before[Math.floor(random() * before.length)] ?? found.other)
  const { [found.task.task.id]: _, ...delays } = plan.delays
  return { ...delays, [one.task.id]: (delays[one.task.id] ?? 0) + found.task.task.seconds }
}

function shuffled(order: readonly string[], random: () => number): string[] {
  return order
    .map((id) => [random(), id] as const)
    .sort((a, b) => a[0] - b[0])
    .map(([, id]) => id)
}

/** An order with one block moved to another place, or two swapped. */
function changed(order: readonly string[], random: () => number): string[] {
  const next = [...order]
  if (next.length < 2) return next
  const pick = (): number => Math.floor(random() * next.length)
  const [a, b] = [pick(), pick()]
  if (random() < 0.5) {
    const [x] = next.splice(a, 1)
    next.splice(b, 0, x as string)
  } else {
    const swap = next[a] as string
    next[a] = next[b] as string
    next[b] = swap
  }
  return next
}
