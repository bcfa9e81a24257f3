/** A formula of a size as the blocks of a day: one a boil, each from getting ready to wrapping, in the ways the kitchen has. */

import type { HandworkKind } from '../craft/handwork'
import { handworkFacts, type Station } from '../craft/handwork'
import { coolsIn } from '../finish/baked'
import { foreseeFinish } from '../finish/foresee'
import { pieceOf, wrapBy } from '../finish/keeping'
import { type Analysis, analyse, type Conditions } from '../formula/analyse'
import {
  type BoiledFormula,
  beginsAt,
  boiledIn,
  type FormulaDocument,
  isBoiled,
  madeIn,
  type PlacedFormula,
} from '../formula/document'
import { type BatchPlan, gramsOfBoil, type Vessel } from '../formula/plan'
import { type ReadyItem, readyList } from '../formula/ready'
import { ROOM_C } from '../log/log'
import type { Block, Hold, Lag, Task, Way } from './task'

/** A pot on a ring, as the kitchen has them. */
export interface Stand {
  /** Things as `DayTask.things` names them. */
  readonly pot: string
  readonly ring: string
  readonly conditions: Conditions
}

export interface DayItem {
  readonly id: string
  readonly formula: FormulaDocument
  readonly plan: BatchPlan
  readonly stands: readonly Stand[]
  /** The tray or mould and its thing; null where none is chosen. */
  readonly vessel: { readonly thing: string; readonly vessel: Vessel; readonly owned: number } | null
  /** Tools the kitchen has: only those can be taken. */
  readonly stations: ReadonlySet<Station>
  /** How many times as long as usual the hands here take, by work, as earlier days showed. */
  readonly paces: Readonly<Record<string, number>>
}

/** The stations of one kind as one thing of a day: any of them will do. */
export const stationThing = (station: Station): string => `station ${station}`

/** °C from which on nobody leaves a pot. */
export const LEFT_BELOW = 110
/** ◊ The heat is planned as long as four cooks in five take: standard deviations of its share of doubt. */
const LONGER = { sds: 0.84, share: 0.1 }
/** ◊ Minutes at least and most: a pull and a pour; washing a pot, and how long it may stand; getting ready before the flame. */
export const POUR_MIN = 3
const WASH = { minutes: 5, waits: 240 }
const READY = { least: 5, ahead: 150 }
/** ◊ Minutes of hands each work takes, and seconds more a piece. */
const HANDS: Partial<Record<HandworkKind, { readonly minutes: number; readonly piece?: number }>> = {
  score: { minutes: 4 },
  cut: { minutes: 6, piece: 2 },
  break: { minutes: 6 },
  beat: { minutes: 12 },
  whip: { minutes: 12 },
  unmould: { minutes: 4, piece: 0.6 },
  wrap: { minutes: 4, piece: 4 },
  dust: { minutes: 6, piece: 0.5 },
  coat: { minutes: 10, piece: 7 },
  temper: { minutes: 20 },
  table: { minutes: 6 },
  gather: { minutes: 2 },
  form: { minutes: 8, piece: 3 },
  pull: { minutes: 4 },
  spread: { minutes: 2 },
  chill: { minutes: 1 },
}
const OTHER_MIN = 3
/** Works that are nothing but waiting. */
const WAITING: ReadonlySet<HandworkKind> = new Set(['leave', 'cool'])

/** The blocks of an item: one a boil and one a part made by hand or baked; what another needs goes before it. */
export function blocksOf(item: DayItem): Block[] {
  const { formula, plan } = item
  const boiledBy = (part: string | null): BoiledFormula | undefined =>
    boiledIn(formula).find((b) => b.part === part)?.formula
  const named = (n: number): string => `${item.id} ${n}`
  const ofPart = (part: string): string[] => {
    const boils = plan.boils.flatMap((b, i) => (b.part === part && boiledBy(b.part) ? [named(i + 1)] : []))
    return boils.length > 0 ? boils : [partBlockId(item, part)]
  }
  const parts = formula.parts ?? []
  const byHand = madeIn(formula).filter((m) => !isBoiled(m.formula))
  const blockIds = new Set([...plan.boils.map((_, i) => named(i + 1)), ...byHand.map((p) => partBlockId(item, p.part))])
  const needsOf = (part: string | null): string[] =>
    (part === null ? parts.map((p) => p.id) : (parts.find((p) => p.id === part)?.needs.map((n) => n.part) ?? []))
      .flatMap(ofPart)
      .filter((id) => blockIds.has(id))
  const made = byHand.map((p): Block => ({ ...partBlock(item, p), needs: needsOf(p.part) }))
  const firstBoiled = plan.boils.findIndex((b) => boiledBy(b.part)) + 1
  const boiled = plan.boils.flatMap(({ part, share }, i): Block[] => {
    const boiled = boiledBy(part)
    if (!boiled) return []
    const number = i + 1
    const pieces = Math.round(plan.pieces * (part === null ? share : 1))
    const ways = item.stands.flatMap(
      (stand) => wayOf(item, boiled, number, number === firstBoiled, pieces, stand) ?? [],
    )
    const [first, ...others] = ways
    if (!first) return []
    return [{ id: named(number), ways: [first, ...others], needs: needsOf(part) }]
  })
  return [...made, ...boiled]
}

const partBlockId = (item: DayItem, part: string | null): string => `${item.id} ${part ?? WHOLE}`
/** The block in which a whole is put together, cut and finished. */
const WHOLE = 'whole'

/** ◊ Minutes to weigh and make what is made by hand, before its first step. */
const BY_HAND_MIN = 15

/** A part that is not boiled: made by hand, baked, left to get cold, step by step. */
function partBlock(item: DayItem, { part, formula }: PlacedFormula): Pick<Block, 'id' | 'ways'> {
  const base = { item: item.id, boil: 0 }
  const id = (what: string): string => `${partBlockId(item, part)} ${what}`
  const tasks: Task[] = [
    {
      ...base,
      id: id('ready'),
      kind: 'ready',
      what: 'ready',
      // what is put together was weighed with its parts
      seconds: 60 * (beginsAt(formula) > 0 ? 1 : BY_HAND_MIN),
      attention: 'whole',
      after: [],
    },
  ]
  const cools = coolsIn(formula, item.plan.grams, item.stands[0]?.conditions.roomC ?? ROOM_C)
  for (const { id: step, when, handwork } of formula.steps.slice(beginsAt(formula))) {
    const before = (tasks.at(-1) as Task).id
    const waits = when.on === 'after' ? when.seconds : handwork?.kind === 'cool' ? Math.round(cools) : 0
    const kind = handwork?.kind ?? 'leave'
    const alone = kind === 'bake' || WAITING.has(kind)
    const hands = 60 * (HANDS[kind]?.minutes ?? OTHER_MIN)
    tasks.push({
      ...base,
      id: id(step),
      kind: 'work',
      what: kind,
      // what bakes or cools takes its time by itself; anything else waits for its moment, and takes hands
      seconds: alone ? Math.max(60, waits) : hands,
      attention: alone ? 'none' : 'whole',
      after: [{ task: before, least: alone ? 0 : waits, most: Number.POSITIVE_INFINITY }],
    })
  }
  return { id: partBlockId(item, part), ways: [{ name: 'by hand', tasks, holds: stationsIn(item, tasks) }] }
}

/** One boil on one stand; null where it never gets there, or boils over. */
function wayOf(
  item: DayItem,
  formula: BoiledFormula,
  boil: number,
  first: boolean,
  pieces: number,
  stand: Stand,
): Way | null {
  const { conditions } = stand
  const grams = gramsOfBoil(item.plan, boil)
  const analysis = analyse(formula, conditions, grams)
  if (!Number.isFinite(analysis.minutes) || analysis.fill > 1) return null
  const id = (what: string): string => `${item.id} ${boil} ${what}`
  const base = { item: item.id, boil }
  const minutes = analysis.minutes * (1 + LONGER.sds * (conditions.gives ? conditions.gives.sd : LONGER.share))
  const low = minutes * lowShare(formula, conditions, grams, analysis)
  const before = readyTasks(item, boil, first)
  const tasks: Task[] = [
    ...before.tasks,
    {
      ...base,
      id: id('cook'),
      kind: 'cook',
      what: 'cook',
      seconds: Math.round(60 * low),
      attention: 'half',
      after: before.ends.map((task) => ({ ...task, most: task.least + 60 * READY.ahead })),
    },
    {
      ...base,
      id: id('pull'),
      kind: 'pull',
      what: 'pull',
      seconds: Math.round(60 * (minutes - low + POUR_MIN)),
      attention: 'whole',
      with: id('cook'),
      after: [{ task: id('cook'), least: 0, most: 0 }],
    },
  ]
  tasks.push(...worksAfter(item, formula, analysis, conditions, boil, pieces))
  tasks.push({
    ...base,
    id: id('wash'),
    kind: 'wash',
    what: 'wash',
    seconds: 60 * WASH.minutes,
    attention: 'whole',
    after: [{ task: id('pull'), least: 0, most: 60 * WASH.waits }],
  })
  return { name: `${stand.pot} on ${stand.ring}`, tasks, holds: holdsOf(item, tasks, id, stand) }
}

/** ◊ Minutes that something got ready has to wait from which on it is a task of its own. */
const WORTH_WAITING = 6

/** What is done before the flame: of several boils the first is got ready for all. `ends`: what the flame waits for, and how long after it. */
function readyTasks(item: DayItem, boil: number, first: boolean): { tasks: Task[]; ends: Omit<Lag, 'most'>[] } {
  const id = (what: string): string => `${item.id} ${boil} ${what}`
  const base = { item: item.id, boil, kind: 'ready' as const, attention: 'whole' as const }
  const list = first ? readyList(item.formula, item.plan, item.vessel?.vessel ?? null) : []
  const apart = list.filter((r) => r.waits >= WORTH_WAITING && r.id !== 'thermometer' && r.id !== 'own')
  // what a formula says itself stands with the rest of getting ready; what stands for longer was begun before the day
  const stands = list.flatMap((r) => (r.id === 'own' && r.waits <= READY.ahead ? [60 * r.waits] : []))
  const hands = list.reduce((sum, r) => sum + (apart.includes(r) ? 0 : r.hands), 0)
  const ready: Task = {
    ...base,
    id: id('ready'),
    what: 'ready',
    seconds: 60 * Math.max(READY.least, hands),
    after: apart.flatMap((r) => (isFirst(r) ? [{ task: id(r.id), least: 0, most: 60 * READY.ahead }] : [])),
  }
  const later = apart.flatMap((r): Task[] => {
    // what comes out of the fridge comes first; the rest is weighed before it is warmed, bloomed or toasted
    const after = isFirst(r) ? [] : [{ task: id('ready'), least: 0, most: 60 * READY.ahead }]
    const task: Task = { ...base, id: id(r.id), what: r.id, seconds: 60 * r.hands, after }
    if (r.id !== 'toast') return [task]
    const toasting: Task = {
      ...base,
      id: id('toasting'),
      what: 'toasting',
      attention: 'none',
      seconds: 60 * r.waits,
      after: [{ task: task.id, least: 0, most: 0 }],
    }
    return [task, toasting]
  })
  const waits = new Map([[ready.id, Math.max(0, ...stands)], ...apart.map((r) => [id(r.id), 60 * r.waits] as const)])
  const ends = [ready, ...later].map((t) => ({ task: t.id, least: t.what === 'toast' ? 0 : (waits.get(t.id) ?? 0) }))
  return {
    tasks: [...later.filter((t) => t.after.length === 0), ready, ...later.filter((t) => t.after.length > 0)],
    ends,
  }
}

/** What comes out of the fridge comes out before anything is weighed. */
const isFirst = (r: ReadyItem): boolean => r.id === 'unchill'

/** Share of a cook that is below the heat at which nobody may leave it. */
function lowShare(
  formula: BoiledFormula,
  conditions: Conditions,
  grams: Readonly<Record<string, number>>,
  { targetC, minutes }: Analysis,
): number {
  if (targetC <= LEFT_BELOW) return 0.85
  const upTo = { ...formula, target: { ...formula.target, celsius: LEFT_BELOW } }
  const below = analyse(upTo, conditions, grams).minutes
  return Math.min(0.95, Math.max(0.05, below / minutes))
}

/** ◊ s that wrapping may wait once it can be done, whatever the room. */
const WRAP_SLACK = 900

/** What comes after the pour, each in its window. */
function worksAfter(
  item: DayItem,
  formula: BoiledFormula,
  analysis: Analysis,
  conditions: Conditions,
  boil: number,
  pieces: number,
): Task[] {
  const id = (what: string): string => `${item.id} ${boil} ${what}`
  const keeps = wrapBy(pieceOf(formula, analysis, item.plan.pieceGrams), conditions)
  const tasks: Task[] = []
  let last = id('pull')
  for (const work of foreseeFinish(formula, analysis, conditions)) {
    const kind = work.step.handwork?.kind
    if (!kind || WAITING.has(kind)) continue
    const hands = HANDS[kind] ?? { minutes: OTHER_MIN }
    const opens = Math.max(0, Number.isFinite(work.opens) ? work.opens : 0, work.at)
    // bare pieces are wrapped before the room spoils them, though never sooner than they can be; in its tray a slab keeps
    const most = kind === 'wrap' ? Math.max(3600 * keeps.bareHours, opens + WRAP_SLACK) : Number.POSITIVE_INFINITY
    const after: Lag[] = [{ task: last, least: 0, most }]
    const closes = Math.max(opens, work.closes)
    after.push({ task: id('pull'), least: opens, most: closes })
    tasks.push({
      item: item.id,
      boil,
      id: id(work.step.id),
      kind: 'work',
      what: kind,
      seconds: Math.round((60 * hands.minutes + (hands.piece ?? 0) * pieces) * (item.paces[kind] ?? 1)),
      attention: 'whole',
      after,
    })
    last = id(work.step.id)
  }
  return tasks
}

/** The ring until the pour, the pot until it is washed, the tray or moulds until the sweet has left them, and each station while it is worked with. */
function holdsOf(item: DayItem, tasks: readonly Task[], id: (what: string) => string, stand: Stand): Hold[] {
  const leaves = tasks.find((t) => t.kind === 'work' && handworkFacts(t.what as HandworkKind).into === 'pieces')
  const last = leaves ?? tasks.findLast((t) => t.kind === 'work') ?? tasks.find((t) => t.kind === 'pull')
  const { vessel } = item
  return [
    { thing: stand.ring, count: 1, from: id('cook'), to: id('pull') },
    { thing: stand.pot, count: 1, from: id('cook'), to: id('wash') },
    ...(vessel && last
      ? [
          {
            thing: vessel.thing,
            count: Math.min(
              vessel.owned,
              Math.max(1, Math.ceil(item.plan.vessels / Math.max(1, item.plan.boils.length))),
            ),
            from: id('pull'),
            to: last.id,
          },
        ]
      : []),
    ...stationsIn(item, tasks),
  ]
}

/** Each station while it is worked at. */
const stationsIn = (item: DayItem, tasks: readonly Task[]): Hold[] =>
  tasks.flatMap((task, i): Hold[] => {
    const on =
      task.kind === 'work' ? handworkFacts(task.what as HandworkKind).on : task.what === 'toasting' ? 'oven' : undefined
    if (!on || !item.stations.has(on)) return []
    // what is put into the cold stays there until it is worked on
    const to = task.what === 'chill' ? (tasks[i + 1] ?? task) : task
    return [{ thing: stationThing(on), count: 1, from: task.id, to: to.kind === 'work' ? to.id : task.id }]
  })
