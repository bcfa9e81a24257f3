/** A formula of a size as the blocks of a day: one a boil, each from getting ready to wrapping, in the ways the kitchen has. */
import type { HandworkKind } from '../craft/handwork'
import { handworkFacts, type Station } from '../craft/handwork'
import { foreseeFinish } from '../finish/foresee'
import { pieceOf, wrapBy } from '../finish/keeping'
import { type Analysis, analyse, type Conditions } from '../formula/analyse'
import { type BoiledFormula, boiledIn, type FormulaDocument } from '../formula/document'
import { type BatchPlan, gramsOfBoil, type Vessel } from '../formula/plan'
import { readyList } from '../formula/ready'
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
const LEFT_BELOW = 110
/** ◊ The heat is planned as long as four cooks in five take: standard deviations of its share of doubt. */
const LONGER = { sds: 0.84, share: 0.1 }
/** ◊ Minutes at least and most: a pull and a pour; washing a pot, and how long it may stand; getting ready before the flame. */
const POUR_MIN = 3
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
  form: { minutes: 8, piece: 3 },
  pull: { minutes: 15 },
  spread: { minutes: 2 },
  chill: { minutes: 1 },
}
const OTHER_MIN = 3
/** Works that are nothing but waiting. */
const WAITING: ReadonlySet<HandworkKind> = new Set(['leave'])

/** The blocks of an item: one a boil, in the order of its boils; a part that another needs goes before it. */
export function blocksOf(item: DayItem): Block[] {
  const { formula, plan } = item
  const named = (n: number): string => `${item.id} ${n}`
  return plan.boils.flatMap(({ part, share }, i): Block[] => {
    const boiled = boiledIn(formula).find((b) => b.part === part)?.formula
    if (!boiled) return []
    const number = i + 1
    const pieces = Math.round(plan.pieces * (part === null ? share : 1))
    const ways = item.stands.flatMap((stand) => wayOf(item, boiled, number, pieces, stand) ?? [])
    const [first, ...others] = ways
    if (!first) return []
    const needs = part === null ? plan.boils.flatMap((b, k) => (b.part !== null && k < i ? [named(k + 1)] : [])) : []
    return [{ id: named(number), ways: [first, ...others], needs }]
  })
}

/** One boil on one stand; null where it never gets there, or boils over. */
function wayOf(item: DayItem, formula: BoiledFormula, boil: number, pieces: number, stand: Stand): Way | null {
  const { conditions } = stand
  const grams = gramsOfBoil(item.plan, boil)
  const analysis = analyse(formula, conditions, grams)
  if (!Number.isFinite(analysis.minutes) || analysis.fill > 1) return null
  const id = (what: string): string => `${item.id} ${boil} ${what}`
  const base = { item: item.id, boil }
  const minutes = analysis.minutes * (1 + LONGER.sds * (conditions.gives ? conditions.gives.sd : LONGER.share))
  const low = minutes * lowShare(formula, conditions, grams, analysis)
  const ready = readyList(item.formula, item.plan, item.vessel?.vessel ?? null).reduce((sum, r) => sum + r.hands, 0)
  const tasks: Task[] = [
    {
      ...base,
      id: id('ready'),
      kind: 'ready',
      what: 'ready',
      // of several boils the first is got ready for all
      seconds: 60 * (boil === 1 ? Math.max(READY.least, ready) : READY.least),
      attention: 'whole',
      after: [],
    },
    {
      ...base,
      id: id('cook'),
      kind: 'cook',
      what: 'cook',
      seconds: Math.round(60 * low),
      attention: 'half',
      after: [{ task: id('ready'), least: 0, most: 60 * READY.ahead }],
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
    // bare pieces are wrapped before the room spoils them; in its tray a slab keeps
    const most = kind === 'wrap' ? 3600 * keeps.bareHours : Number.POSITIVE_INFINITY
    const after: Lag[] = [{ task: last, least: 0, most }]
    const opens = Math.max(0, Number.isFinite(work.opens) ? work.opens : 0, work.at)
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
    ...tasks.flatMap((task, i): Hold[] => {
      if (task.kind !== 'work') return []
      const { on } = handworkFacts(task.what as HandworkKind)
      if (!on || !item.stations.has(on)) return []
      // what is put into the cold stays there until it is worked on
      const to = task.what === 'chill' ? (tasks[i + 1] ?? task) : task
      return [{ thing: stationThing(on), count: 1, from: task.id, to: to.kind === 'work' ? to.id : task.id }]
    }),
  ]
}
