/** A day as it is wanted, made into tasks of this kitchen: which stands there are for each product, who is there when. */
import type { Day, DayFormula, DayView } from '@/contract/day'
import type { KitchenView } from '@/contract/kitchen'
import { pressureIn } from '@/contract/kitchen-figures'
import {
  blocksOf,
  type Conditions,
  type DayItem,
  type DayTask,
  gramsByIngredient,
  ingredientIn,
  planning,
  type ReadyItem,
  readyList,
  runOut,
  scale,
  seeded,
  standInCooks,
  stations,
} from '@/core'
import { mostAtOnce, peopleOf, stationsOf, thingsOf, vesselFor } from './day-kitchen'

export interface DayWanted {
  readonly day: Day
  readonly formulas: readonly DayFormula[]
  readonly kitchen: KitchenView
  readonly gives: DayView['gives']
  readonly paces: DayView['paces']
  /** s from the first hour to the one asked for. */
  readonly bySeconds: number
}

/** So much of an ingredient the day wants. */
export interface Weighed {
  readonly ingredient: string
  readonly name: string
  readonly grams: number
}

export interface Compiled {
  readonly task: DayTask
  /** Items that cannot be made here, and why. */
  readonly problems: readonly { readonly item: string; readonly why: string }[]
  /** Pot and ring of each way, for starting a batch. */
  readonly stands: Readonly<Record<string, { readonly pot: string; readonly burner: string }>>
  readonly vessels: Readonly<Record<string, string | null>>
  /** Grams of each ingredient over the whole day, by name, the most first. */
  readonly weigh: readonly Weighed[]
  /** What has to be got ready of each item before its first flame. */
  readonly ready: Readonly<Record<string, readonly ReadyItem[]>>
}

/** ◊ Hours that may be worked on beyond the one asked for, and on the day after. */
const OVERTIME_S = 2 * 3600
/** ◊ Alike pots that are tried for a product: more make the search longer and nothing better. */
const MOST_POTS = 3

/** A day made into tasks. @throws Error for a kitchen without a room. */
export function compileDay(wanted: DayWanted): Compiled {
  const { day, kitchen, bySeconds } = wanted
  const { items, problems } = itemsOf(wanted)
  const blocks = items.flatMap((item) => {
    const made = blocksOf(item)
    if (made.length === 0) problems.push({ item: item.id, why: 'No pot of this kitchen takes it' })
    return made
  })
  return {
    problems,
    stands: Object.fromEntries(kitchen.pot.flatMap((pot) => kitchen.burner.map((burner) => standEntry(pot, burner)))),
    vessels: Object.fromEntries(day.items.map((i) => [i.id, vesselOf(wanted, i.formula)?.id ?? null])),
    ready: Object.fromEntries(items.map((i) => [i.id, readyList(i.formula, i.plan, i.vessel?.vessel ?? null)])),
    weigh: weighedIn(items),
    task: {
      blocks,
      from: 0,
      by: bySeconds,
      pins: day.pins,
      people: peopleOf(day, bySeconds + OVERTIME_S),
      things: thingsOf(kitchen, day.lost),
    },
  }
}

/** The items of a day that can be made here, and why the others cannot. */
function itemsOf(wanted: DayWanted): { items: DayItem[]; problems: { item: string; why: string }[] } {
  const problems: { item: string; why: string }[] = []
  const items = wanted.day.items.flatMap((item): DayItem[] => {
    try {
      const found = itemOf(wanted, item)
      return found ? [found] : []
    } catch (error) {
      problems.push({ item: item.id, why: (error as Error).message })
      return []
    }
  })
  return { items, problems }
}

/** How long the boils of a day take in stand-in pots, as many times as planned, by task; the same for the same seed. */
export const standInsOf = (wanted: DayWanted, seed: number): Record<string, number> =>
  standInCooks(itemsOf(wanted).items, seeded(seed))

const documentOf = ({ formulas }: DayWanted, formula: string) => formulas.find((f) => f.id === formula)?.document

function vesselOf(wanted: DayWanted, formula: string) {
  const document = documentOf(wanted, formula)
  return document ? vesselFor(document.shape, wanted.kitchen) : null
}

/** A way's name, and its pot and ring as the kitchen knows them. */
const standEntry = (pot: { readonly id: string }, burner: { readonly id: string }) =>
  [`pot ${pot.id} on ring ${burner.id}`, { pot: pot.id, burner: burner.id }] as const

/** An item sized for this kitchen, with the stands it can be cooked on; null for a formula that is gone. */
function itemOf(wanted: DayWanted, { id, formula, size }: Day['items'][number]): DayItem | null {
  const { kitchen, paces } = wanted
  const document = documentOf(wanted, formula)
  if (!document) return null
  const vessel = vesselOf(wanted, formula)
  const pots = kitchen.pot.toSorted((a, b) => b.litres - a.litres)
  const plans = pots.map((pot) => scale(document, { size, vessel: vessel ?? undefined, potLitres: pot.litres }))
  // the fewest boils, in the smallest pots that do with them
  const fewest = Math.min(...plans.map((p) => p.boils.length))
  const plan = plans.find((p) => p.boils.length === fewest)
  if (!plan) return null
  const fitting = pots.filter((_, i) => plans[i]?.boils.length === fewest).slice(-MOST_POTS)
  const has = stationsOf(kitchen)
  return {
    id,
    formula: document,
    plan,
    paces,
    stations: new Set(stations.filter((t) => has[t] > 0)),
    vessel: vessel && { thing: `vessel ${vessel.id}`, vessel, owned: mostAtOnce(vessel) },
    stands: fitting.flatMap((pot) =>
      kitchen.burner.map((burner) => ({
        pot: `pot ${pot.id}`,
        ring: `ring ${burner.id}`,
        conditions: conditionsOn(wanted, pot, burner),
      })),
    ),
  }
}

function conditionsOn(
  { day, kitchen, gives }: DayWanted,
  pot: KitchenView['pot'][number],
  burner: KitchenView['burner'][number],
): Conditions {
  const room = kitchen.room.find((r) => r.id === day.room) ?? kitchen.room[0]
  if (!room) throw new Error('The kitchen has no room')
  return {
    pressurePa: pressureIn(room),
    roomC: room.roomC,
    humidity: room.humidity,
    pot,
    burner,
    surfaces: kitchen.surface.map(({ name, kind, thicknessMm }) => ({ name, kind, thicknessMm })),
    gives: gives[`${pot.id} ${burner.id}`],
  }
}

/** Each ingredient once, over all items. */
function weighedIn(items: readonly DayItem[]): Weighed[] {
  const weighed = new Map<string, Weighed>()
  for (const { formula, plan } of items)
    for (const [id, g] of gramsByIngredient(formula, plan)) {
      const { name } = ingredientIn(formula, id)
      weighed.set(name, { ingredient: id, name, grams: (weighed.get(name)?.grams ?? 0) + g })
    }
  return [...weighed.values()].sort((a, b) => b.grams - a.grams)
}

/** ◊ Pieces beyond which no more are tried, and how near the most is looked for. */
const MOST_PIECES = 4000
const NEAR = 0.02
const FEW_TRIES = 60

/** The most pieces of an item that are ready in time beside the rest of the day; 0 where not even a few are. */
export function mostThatFit(wanted: DayWanted, item: string): number {
  const fits = (pieces: number): boolean => {
    const items = wanted.day.items.map((i) => (i.id === item ? { ...i, size: { by: 'pieces' as const, pieces } } : i))
    const { task, problems } = compileDay({ ...wanted, day: { ...wanted.day, items } })
    if (problems.length > 0) return false
    const { late, missing } = runOut(planning(task, seeded(pieces), FEW_TRIES))
    return late.length === 0 && missing.length === 0
  }
  let low = 0
  let high = 20
  while (high <= MOST_PIECES && fits(high)) {
    low = high
    high *= 2
  }
  while (high - low > Math.max(1, NEAR * high)) {
    const middle = Math.round((low + high) / 2)
    if (fits(middle)) low = middle
    else high = middle
  }
  return low
}
