/**
 * A plan drawn together: who comes after whom stays as it is, and everything begins as soon as that lets it (the longest path
 * through lags and orders; semi-active schedules, Sprecher, Kolisch and Drexl 1995).
 */
import { type DayPlan, type DayTask, halves, type Placed } from './task'

/** `to` begins no sooner than `seconds` after `from` begins. */
interface Arc {
  readonly from: number
  readonly to: number
  readonly seconds: number
}

/** Delays by task with which the blocks, given their place in the plan's order, lie where they would if the plan were drawn together; null where nothing moves, or what moves would leave its people's hours. */
export function tighten(plan: DayPlan, day: DayTask): Record<string, number> | null {
  const { placed } = plan
  const at = new Map(placed.map((p, i) => [p.task.id, i]))
  const arcs = arcsOf(plan, day, at)
  const start = placed.map((p) => Math.max(day.from, day.pins[p.task.id] ?? day.from))
  for (let moved = true, turn = 0; moved && turn <= placed.length; turn++) {
    moved = false
    for (const { from, to, seconds } of arcs) {
      const soonest = (start[from] as number) + seconds
      if (soonest <= (start[to] as number) + 1e-9) continue
      start[to] = soonest
      moved = true
    }
  }
  if (placed.every((p, i) => (start[i] as number) > p.start - 1)) return null
  const hours = new Map(day.people.map((p) => [p.id, p.hours]))
  const within = placed.every((p, i) => {
    const begins = start[i] as number
    const there = hours.get(p.person ?? '') ?? []
    return p.person === null || there.some(([from, to]) => begins >= from && begins + p.task.seconds <= to)
  })
  return within ? delaysFor(plan, day, start) : null
}

/**
 * Delays by task with which what is only got ready begins as late as everything after it lets it: nobody comes in sooner than the
 * day wants them. Everything else lies where it lay.
 */
export function lateStarts(plan: DayPlan, day: DayTask): Record<string, number> {
  const { placed } = plan
  const at = new Map(placed.map((p, i) => [p.task.id, i]))
  const arcs = arcsOf(plan, day, at)
  const start = placed.map((p) => p.start)
  const hours = new Map(day.people.map((p) => [p.id, p.hours]))
  // backwards, so that what comes after has moved before what it waits for
  for (let i = placed.length - 1; i >= 0; i--) {
    const { task, person } = placed[i] as Placed
    if (task.kind !== 'ready') continue
    const latest = Math.min(...arcs.flatMap((a) => (a.from === i ? [(start[a.to] as number) - a.seconds] : [])))
    const there = (hours.get(person ?? '') ?? []).some(([from, to]) => latest >= from && latest + task.seconds <= to)
    if (Number.isFinite(latest) && latest > (start[i] as number) && (person === null || there)) start[i] = latest
  }
  return delaysFor(plan, day, start)
}

/** The delays that put each task where it begins at `start`, by its place in the plan. */
function delaysFor({ placed }: DayPlan, day: DayTask, start: readonly number[]): Record<string, number> {
  const at = new Map(placed.map((p, i) => [p.task.id, i]))
  const ends = placed.map((p, i) => (start[i] as number) + p.task.seconds)
  const needs = new Map(day.blocks.map((b) => [b.id, b.needs]))
  const firsts = new Set(day.blocks.flatMap((b) => b.ways.map((w) => w.tasks[0]?.id)))
  const delays: Record<string, number> = {}
  for (const [i, { task, block }] of placed.entries()) {
    let soonest = Math.max(day.from, day.pins[task.id] ?? day.from)
    const wanted = firsts.has(task.id) ? (needs.get(block) ?? []) : []
    if (wanted.length > 0)
      for (const [k, o] of placed.entries())
        if (wanted.includes(o.block)) soonest = Math.max(soonest, ends[k] as number)
    for (const { task: id, least } of task.after) {
      const before = at.get(id)
      if (before !== undefined) soonest = Math.max(soonest, (ends[before] as number) + least)
    }
    const begins = start[i] as number
    if (begins > soonest + 1e-9) delays[task.id] = begins - soonest
  }
  return delays
}

function arcsOf(plan: DayPlan, day: DayTask, at: ReadonlyMap<string, number>): Arc[] {
  const { placed } = plan
  const long = (i: number): number => (placed[i] as Placed).task.seconds
  const arcs: Arc[] = []
  for (const [to, { task }] of placed.entries())
    for (const { task: before, least, most } of task.after) {
      const from = at.get(before)
      if (from === undefined) continue
      arcs.push({ from, to, seconds: long(from) + least })
      if (Number.isFinite(most)) arcs.push({ from: to, to: from, seconds: -long(from) - most })
    }
  // one after the other with the same person, unless both can be minded at once
  for (const [to, p] of placed.entries()) {
    if (p.person === null) continue
    let lastStart = Number.NEGATIVE_INFINITY
    for (let from = to - 1; from >= 0; from--) {
      const before = placed[from] as Placed
      if (before.person !== p.person || before.end > p.start + 1e-6 || halves[before.task.attention] === 0) continue
      // what was over before another that comes in between is over before this one too
      if (before.end <= lastStart) continue
      lastStart = Math.max(lastStart, before.start)
      arcs.push({ from, to, seconds: long(from) })
    }
  }
  const ways = new Map(day.blocks.map((b) => [b.id, b.ways.find((w) => w.name === plan.ways[b.id])]))
  const holds = plan.held.flatMap((h) => {
    const hold = ways.get(h.block)?.holds.find((x) => x.thing === h.thing)
    const from = at.get(hold?.from ?? '')
    const to = at.get(hold?.to ?? '')
    return from === undefined || to === undefined ? [] : [{ ...h, from, to }]
  })
  for (const a of holds)
    for (const b of holds)
      if (a.thing === b.thing && a.block !== b.block && a.end <= b.start + 1e-6)
        arcs.push({ from: a.to, to: b.from, seconds: long(a.to) })
  for (const b of day.blocks)
    for (const need of b.needs) {
      const mine = placed.flatMap((p, i) => (p.block === b.id ? [i] : []))
      for (const [from, p] of placed.entries())
        if (p.block === need) for (const to of mine) arcs.push({ from, to, seconds: long(from) })
    }
  return arcs
}
