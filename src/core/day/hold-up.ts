/** What decides when a day ends: the chain of tasks back from the last, each waiting for the one before it. */
import type { DayPlan, DayTask, Placed } from './task'

export interface Link {
  readonly task: Placed
  /** What it waits for: what came before in its own chain, a person, or a thing; nothing for the first. */
  readonly waitsFor: 'before' | 'person' | 'thing' | 'nothing'
  /** The person or thing. */
  readonly name: string | null
}

/** ◊ s within which one thing begins where another ends. */
const CLOSE = 60

/** The chain that decides the end, the last task first. */
export function chainOf(plan: DayPlan, day: DayTask): Link[] {
  const chain: Link[] = []
  let at = plan.placed.toSorted((a, b) => b.end - a.end)[0]
  const seen = new Set<string>()
  while (at && !seen.has(at.task.id)) {
    seen.add(at.task.id)
    const found: { next: Placed | undefined; link: Link } = before(plan, day, at)
    chain.push(found.link)
    at = found.next
  }
  return chain
}

function before(plan: DayPlan, day: DayTask, at: Placed): { next: Placed | undefined; link: Link } {
  const { task, start } = at
  const lag = task.after.find((l) => {
    const p = plan.placed.find((x) => x.task.id === l.task)
    return p && Math.abs(p.end + l.least - start) <= CLOSE
  })
  if (lag)
    return {
      next: plan.placed.find((x) => x.task.id === lag.task),
      link: { task: at, waitsFor: 'before', name: null },
    }
  const mine = plan.held.filter((h) => h.block === at.block && h.start >= start - CLOSE)
  const thing = plan.held.find(
    (h) => h.block !== at.block && mine.some((m) => m.thing === h.thing) && Math.abs(h.end - start) <= CLOSE,
  )
  if (thing) {
    const last = plan.placed.filter((p) => p.block === thing.block && p.end <= thing.end + CLOSE).at(-1)
    return { next: last, link: { task: at, waitsFor: 'thing', name: thing.thing } }
  }
  const other = plan.placed.find(
    (p) => p.person !== null && p.person === at.person && p.task.id !== task.id && Math.abs(p.end - start) <= CLOSE,
  )
  if (other) return { next: other, link: { task: at, waitsFor: 'person', name: at.person } }
  return { next: undefined, link: { task: at, waitsFor: start <= day.from + CLOSE ? 'nothing' : 'before', name: null } }
}
