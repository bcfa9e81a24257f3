/**
 * The plan that comes of an order: blocks are given their place one after the other, each in the way that ends soonest (a serial
 * schedule, Kolisch 1996). And the plan made again once some of it has begun.
 */
import { Busy, type Span } from './busy'
import {
  type Block,
  type DayPlan,
  type DayTask,
  type Held,
  halves,
  type Placed,
  type Task,
  type TaskKind,
  type Way,
} from './task'

/** Nothing is looked for later than this, s: two days. */
const HORIZON = 2 * 86_400
/** Moments tried for a block before it is given up. */
const MOST_TRIES = 4000

/** Somebody of the day, and when they are taken. */
interface Hands {
  readonly id: string
  readonly busy: Busy
  readonly spared: readonly TaskKind[]
}

/** What the plan holds so far: who and what is taken, and where each task lies. */
class Board {
  readonly people: readonly Hands[]
  readonly things: ReadonlyMap<string, Busy>
  readonly placed = new Map<string, Placed>()
  readonly held: Held[] = []

  constructor(
    readonly day: DayTask,
    /** s a task is put off, though it could be begun sooner. */
    readonly delays: Readonly<Record<string, number>>,
    /** Nothing that has not begun begins sooner, s. */
    readonly now: number,
  ) {
    this.people = day.people.map(({ id, hours, spared }) => {
      const busy = new Busy(2)
      let free = Number.NEGATIVE_INFINITY
      for (const [from, to] of [...hours, [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY]] as const) {
        busy.add({ start: free, end: from, count: 2 })
        free = to
      }
      return { id, busy, spared }
    })
    this.things = new Map(Object.entries(day.things).map(([id, n]) => [id, new Busy(n)]))
  }

  /** When somebody is taken; undefined for nobody. */
  busyOf(person: string | null): Busy | undefined {
    return this.people.find((p) => p.id === person)?.busy
  }

  /** Tasks under way or over: whoever does them is taken, before anything else is given a place. */
  readonly begun = new Set<string>()

  /** Takes the people of what has begun of a block. */
  begin(way: Way, soFar: SoFar): void {
    for (const t of way.tasks) {
      const start = soFar.began[t.id]
      if (start === undefined) continue
      this.begun.add(t.id)
      const end = endOf(start, t, soFar)
      this.busyOf(soFar.by[t.id] ?? null)?.add({ start, end, count: halves[t.attention] })
    }
  }

  commit(block: Block, found: Found): void {
    for (const p of found.placed) {
      this.placed.set(p.task.id, p)
      if (p.person !== null && !this.begun.has(p.task.id))
        this.busyOf(p.person)?.add({ start: p.start, end: p.end, count: halves[p.task.attention] })
    }
    for (const h of found.held) {
      this.held.push({ ...h, block: block.id })
      this.things.get(h.thing)?.add(h)
    }
  }
}

interface Found {
  readonly way: Way
  readonly placed: readonly Placed[]
  readonly held: readonly Omit<Held, 'block'>[]
  readonly end: number
}

/** The soonest place of a block in one way, its first task no sooner than `from`; null where there is none. */
function placeWay(board: Board, block: Block, way: Way, from: number): Found | null {
  let start = from
  for (let i = 0; i < MOST_TRIES && start < HORIZON; i++) {
    const tried = tryAt(board, block, way, start)
    if (typeof tried !== 'number') return tried
    // a fraction of a second is no difference to anybody, and may be one that never ends
    start = Math.max(start + 1, Math.ceil(start + tried))
  }
  return null
}

/** Where a task lies: one of this block, or of those given their place before it. */
const lies = (board: Board, mine: readonly Placed[], id: string): Placed | undefined =>
  mine.find((p) => p.task.id === id) ?? board.placed.get(id)

/** Takes back what was tried of a block. */
function giveBack(taken: readonly (readonly [Busy, Span])[]): void {
  for (const [busy, span] of taken) busy.remove(span)
}

/** Places a block with its first task at `start`; else by how many s it has to be moved on at least. */
function tryAt(board: Board, block: Block, way: Way, start: number): Found | number {
  const mine: Placed[] = []
  const taken: [Busy, Span][] = []
  for (const [i, task] of way.tasks.entries()) {
    const { earliest, latest } = windowOf(board, task, mine, i === 0 ? start : Number.NEGATIVE_INFINITY)
    const late = i === 0 ? 0 : (board.delays[task.id] ?? 0)
    const who = personFor(board, task, mine, Math.max(earliest, Math.min(latest, earliest + late)))
    if (who.start > latest) {
      giveBack(taken)
      return who.start - latest
    }
    if (i === 0 && who.start > start) {
      giveBack(taken)
      return who.start - start
    }
    mine.push({ task, block: block.id, start: who.start, end: who.start + task.seconds, person: who.id })
    const busy = board.busyOf(who.id)
    if (busy) {
      const span = { start: who.start, end: who.start + task.seconds, count: halves[task.attention] }
      busy.add(span)
      taken.push([busy, span])
    }
  }
  giveBack(taken)
  const held: Omit<Held, 'block'>[] = []
  for (const { thing, from, to, count } of way.holds) {
    const span = { start: lies(board, mine, from)?.start ?? start, end: lies(board, mine, to)?.end ?? start, count }
    const free = board.things.get(thing)?.freeFrom(span.start, span.end - span.start, count) ?? Number.POSITIVE_INFINITY
    if (free > span.start) return free - span.start
    held.push({ thing, ...span })
  }
  return { way, placed: mine, held, end: lastOf(mine) }
}

const lastOf = (placed: readonly Placed[]): number => placed.reduce((end, p) => Math.max(end, p.end), 0)

/** Between which moments a task may be begun, by what came before it and where it was put. */
function windowOf(
  board: Board,
  { id, after }: Task,
  mine: readonly Placed[],
  from: number,
): { earliest: number; latest: number } {
  let earliest = Math.max(from, board.day.pins[id] ?? Number.NEGATIVE_INFINITY)
  let latest = Number.POSITIVE_INFINITY
  for (const { task, least, most } of after) {
    const before = lies(board, mine, task)
    if (!before) continue
    earliest = Math.max(earliest, before.end + least)
    latest = Math.min(latest, before.end + most)
  }
  return { earliest, latest }
}

/** Who can do it soonest, and when; with the person of the task it belongs to where it says so. */
function personFor(
  board: Board,
  task: Task,
  mine: readonly Placed[],
  from: number,
): { id: string | null; start: number } {
  const count = halves[task.attention]
  if (count === 0) return { id: null, start: from }
  const same = task.with && lies(board, mine, task.with)?.person
  let best: { id: string | null; start: number } = { id: null, start: Number.POSITIVE_INFINITY }
  for (const { id, busy, spared } of board.people) {
    if (same && id !== same) continue
    if (spared.includes(task.kind)) continue
    const start = busy.freeFrom(from, task.seconds, count)
    if (start < best.start) best = { id, start }
  }
  return best
}

/** The plan that comes of giving blocks their place in this order; what a block needs goes before it whatever the order says. */
export function planInOrder(
  day: DayTask,
  order: readonly string[],
  delays: DayPlan['delays'] = {},
  fixed: readonly Fixed[] = [],
  now: number = day.from,
): DayPlan {
  const board = new Board(day, delays, now)
  const blocks = new Map(day.blocks.map((b) => [b.id, b]))
  const ways: Record<string, string> = {}
  const missing: string[] = []
  const done = new Set<string>()
  const give = (id: string): void => {
    const block = blocks.get(id)
    if (!block || done.has(id)) return
    done.add(id)
    for (const need of block.needs) give(need)
    const known = fixed.find((f) => f.block === id)
    const found = known ? fixedPlace(board, block, known) : soonest(board, block)
    if (!found) {
      missing.push(id)
      return
    }
    ways[id] = found.way.name
    board.commit(block, found)
  }
  // what has begun keeps its place, whatever else there is
  for (const f of fixed) {
    const way = blocks.get(f.block)?.ways.find((w) => w.name === f.way)
    if (way) board.begin(way, f.soFar)
  }
  for (const f of fixed) give(f.block)
  for (const id of order) give(id)
  for (const b of day.blocks) give(b.id)
  const placed = [...board.placed.values()].sort((a, b) => a.start - b.start)
  const ends = new Map(day.blocks.map((b) => [b.id, 0]))
  for (const { block, end: over } of placed) ends.set(block, Math.max(ends.get(block) ?? 0, over))
  const late = day.blocks.flatMap((b) => ((ends.get(b.id) ?? 0) > day.by ? [b.id] : []))
  const inTime = [...ends].filter(([id]) => !late.includes(id)).map(([, end]) => end)
  const end = Math.max(day.from, ...(inTime.some((e) => e > 0) ? inTime : ends.values()))
  return { placed, held: board.held, ways, order, delays, late, missing, end }
}

export const blockEnd = (placed: readonly Placed[], block: string): number =>
  placed.reduce((end, p) => (p.block === block ? Math.max(end, p.end) : end), 0)

function soonest(board: Board, block: Block): Found | null {
  let ready = board.day.from
  if (block.needs.length > 0)
    for (const p of board.placed.values()) if (block.needs.includes(p.block)) ready = Math.max(ready, p.end)
  let best: Found | null = null
  for (const way of block.ways) {
    const late = board.delays[way.tasks[0]?.id ?? ''] ?? 0
    // what is put off is put off from when it could have been begun, not from now: else it never would be
    const found = placeWay(board, block, way, Math.max(board.now, ready + late))
    if (found && (!best || found.end < best.end)) best = found
  }
  return best
}

/** What has been done of a day so far: when tasks began and ended, and by whom, by task. */
export interface SoFar {
  readonly now: number
  readonly began: Readonly<Record<string, number>>
  readonly ended: Readonly<Record<string, number>>
  /** When tasks under way are foreseen to end, of those that are followed. */
  readonly expected: Readonly<Record<string, number>>
  readonly by: Readonly<Record<string, string>>
  /** In which of its ways each block was begun; as planned where that is not said. */
  readonly ways: Readonly<Record<string, string>>
}

/** What has been done by a moment of a day that went as planned. */
export function asPlanned(plan: DayPlan, now: number): SoFar {
  const begun = plan.placed.filter((p) => p.start <= now)
  return {
    now,
    began: Object.fromEntries(begun.map((p) => [p.task.id, p.start])),
    ended: Object.fromEntries(begun.flatMap((p) => (p.end <= now ? [[p.task.id, p.end]] : []))),
    expected: {},
    by: Object.fromEntries(begun.flatMap((p) => (p.person ? [[p.task.id, p.person]] : []))),
    ways: plan.ways,
  }
}

/** ◊ s that two calls lie apart at least. */
export const CALLS_APART = 60

/** The cook, not lit yet, of a pot that would come off within a minute of another; null where there is none. */
function unlitOfTwo(plan: DayPlan, { began }: SoFar): string | null {
  const pulls = plan.placed.filter((p) => p.task.kind === 'pull' && began[p.task.id] === undefined)
  for (const [i, b] of pulls.entries()) {
    const a = pulls[i - 1]
    const cook = b.task.with
    if (a && cook && b.start - a.start < CALLS_APART && began[cook] === undefined) return cook
  }
  return null
}

/** ◊ s that what takes longer than planned is given, again and again: what waits for it is not called before it is over. */
const OVERRUN = 60

/** When a task under way ends, as far as it is known: as its pot is followed, else as long as it was planned. */
function endOf(start: number, { id, seconds }: Task, { now, ended, expected }: SoFar): number {
  const foreseen = expected[id] ?? start + seconds
  return ended[id] ?? (foreseen > now ? foreseen : now + OVERRUN)
}

/** A block that has begun, in its way. */
interface Fixed {
  readonly block: string
  readonly way: string
  readonly soFar: SoFar
}

/**
 * The plan made again at a moment of the day: what has begun stays with whom it is and goes on from there, the rest is given its
 * place anew in the order it had, so that as little as can be changes.
 */
export function replan(day: DayTask, before: DayPlan, soFar: SoFar): DayPlan {
  const fixed = day.blocks.flatMap((b): Fixed[] =>
    b.ways[0].tasks.some((t) => soFar.began[t.id] !== undefined)
      ? [{ block: b.id, way: soFar.ways[b.id] ?? before.ways[b.id] ?? b.ways[0].name, soFar }]
      : [],
  )
  // what is on a ring already goes before what is only got ready
  const onHeat = (f: Fixed): number => {
    const way = day.blocks.find((b) => b.id === f.block)?.ways.find((w) => w.name === f.way)
    return way?.holds.filter((h) => soFar.began[h.from] !== undefined).length ?? 0
  }
  const inUseFirst = fixed.toSorted((a, b) => onHeat(b) - onHeat(a))
  const now = Math.max(day.from, soFar.now)
  const again = planInOrder(day, before.order, before.delays, inUseFirst, now)
  // two pots that would come off together: the one that is not lit yet is lit a little later
  const unlit = soFar.now > day.from ? unlitOfTwo(again, soFar) : null
  if (!unlit) return again
  const delays = { ...before.delays, [unlit]: (before.delays[unlit] ?? 0) + 2 * CALLS_APART }
  const apart = planInOrder(day, before.order, delays, inUseFirst, now)
  return apart.late.length > again.late.length || apart.missing.length > again.missing.length ? again : apart
}

/** Where a block that has begun goes on: what is over lies where it lay, the rest as soon as it can, late or not. */
function fixedPlace(board: Board, block: Block, fixed: Fixed): Found | null {
  const way = block.ways.find((w) => w.name === fixed.way) ?? block.ways[0]
  const onHeat = way.holds.some((h) => fixed.soFar.began[h.from] !== undefined)
  // what is only got ready may go onto another ring, where its own is out of use
  for (const one of onHeat ? [way] : [way, ...block.ways.filter((w) => w !== way)]) {
    let shift = 0
    for (let i = 0; i < MOST_TRIES && shift < HORIZON; i++) {
      const tried = goOn(board, block, one, fixed.soFar, shift)
      if (typeof tried !== 'number') return tried
      shift = Math.max(shift + 1, Math.ceil(shift + tried))
    }
  }
  return null
}

/** Goes on with what has not begun, its first task `shift` s later than it could be; else by how many s more. */
function goOn(board: Board, block: Block, way: Way, soFar: SoFar, shift: number): Found | number {
  const { now, began, by } = soFar
  const mine: Placed[] = []
  const taken: [Busy, Span][] = []
  const next = way.tasks.find((t) => began[t.id] === undefined)
  for (const task of way.tasks) {
    const from = began[task.id]
    const { earliest } = windowOf(board, task, mine, now)
    const soonest = earliest + (task === next ? shift : 0)
    const who = from === undefined ? personFor(board, task, mine, soonest) : { id: by[task.id] ?? null, start: from }
    if (!Number.isFinite(who.start)) {
      giveBack(taken)
      return who.start
    }
    const end = from === undefined ? who.start + task.seconds : endOf(who.start, task, soFar)
    mine.push({ task, block: block.id, start: who.start, end, person: who.id })
    const busy = from === undefined ? board.busyOf(who.id) : undefined
    if (busy) {
      const span = { start: who.start, end, count: halves[task.attention] }
      busy.add(span)
      taken.push([busy, span])
    }
  }
  giveBack(taken)
  const held: Omit<Held, 'block'>[] = []
  for (const h of way.holds) {
    const span = {
      start: lies(board, mine, h.from)?.start ?? now,
      end: lies(board, mine, h.to)?.end ?? now,
      count: h.count,
    }
    const free = board.things.get(h.thing)?.freeFrom(span.start, span.end - span.start, h.count) ?? span.start
    // what is in use is in use, whatever else was meant to be on it
    if (began[h.from] === undefined && free > span.start) return free - span.start
    held.push({ thing: h.thing, ...span })
  }
  return { way, placed: mine, held, end: lastOf(mine) }
}
