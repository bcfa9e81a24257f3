/** A day as it is wanted, made into tasks of this kitchen: which stands there are for each product, who is there when. */
import { cooks, type Day, type DayFormula, type DayView } from '@/contract/day'
import { type KitchenView, pressureIn } from '@/contract/kitchen'
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
  type Shape,
  type Station,
  scale,
  seeded,
  stations,
  stationThing,
  type Vessel,
} from '@/core'

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

const DAY_S = 86_400
/** ◊ Hours that may be worked on beyond the one asked for, and on the day after. */
const OVERTIME_S = 2 * 3600
/** ◊ Alike pots that are tried for a product: more make the search longer and nothing better. */
const MOST_POTS = 3

export function compileDay({ day, formulas, kitchen, gives, paces, bySeconds }: DayWanted): Compiled {
  const room = kitchen.room.find((r) => r.id === day.room) ?? kitchen.room[0]
  if (!room) throw new Error('The kitchen has no room')
  const has = stationsOf(kitchen)
  const problems: { item: string; why: string }[] = []
  const stands: Record<string, { pot: string; burner: string }> = {}
  const vessels: Record<string, string | null> = {}
  const items = day.items.flatMap((wanted): DayItem[] => {
    const found = formulas.find((f) => f.id === wanted.formula)
    if (!found) return []
    const { document } = found
    const vessel = vesselFor(document.shape, kitchen)
    try {
      const pots = kitchen.pot.toSorted((a, b) => b.litres - a.litres)
      const plans = pots.map((pot) =>
        scale(document, {
          size: wanted.size,
          vessel: vessel ?? undefined,
          potLitres: pot.litres,
        }),
      )
      // the fewest boils, in the smallest pots that do with them
      const fewest = Math.min(...plans.map((p) => p.boils.length))
      const plan = plans.find((p) => p.boils.length === fewest)
      if (!plan) return []
      const fitting = pots.filter((_, i) => plans[i]?.boils.length === fewest).slice(-MOST_POTS)
      vessels[wanted.id] = vessel?.id ?? null
      return [
        {
          id: wanted.id,
          formula: document,
          plan,
          stations: new Set(stations.filter((t) => (has[t] ?? 0) > 0)),
          paces,
          vessel: vessel && {
            thing: `vessel ${vessel.id}`,
            vessel,
            owned: vessel.kind === 'mould' ? (vessel.count ?? 1) : 1,
          },
          stands: fitting.flatMap((pot) =>
            kitchen.burner.map((burner) => {
              const conditions: Conditions = {
                pressurePa: pressureIn(room),
                roomC: room.roomC,
                humidity: room.humidity,
                pot,
                burner,
                surfaces: kitchen.surface.map(({ name, kind, thicknessMm }) => ({ name, kind, thicknessMm })),
                gives: gives[`${pot.id} ${burner.id}`],
              }
              const stand = { pot: `pot ${pot.id}`, ring: `ring ${burner.id}`, conditions }
              stands[`${stand.pot} on ${stand.ring}`] = { pot: pot.id, burner: burner.id }
              return stand
            }),
          ),
        },
      ]
    } catch (error) {
      problems.push({ item: wanted.id, why: (error as Error).message })
      return []
    }
  })
  const weighed = new Map<string, Weighed>()
  for (const { formula, plan } of items)
    for (const [id, g] of gramsByIngredient(formula, plan)) {
      const { name } = ingredientIn(formula, id)
      weighed.set(name, { ingredient: id, name, grams: (weighed.get(name)?.grams ?? 0) + g })
    }
  const blocks = items.flatMap((item) => {
    const made = blocksOf(item)
    if (made.length === 0) problems.push({ item: item.id, why: 'No pot of this kitchen takes it' })
    return made
  })
  const until = bySeconds + OVERTIME_S
  return {
    problems,
    stands,
    vessels,
    ready: Object.fromEntries(items.map((i) => [i.id, readyList(i.formula, i.plan, i.vessel?.vessel ?? null)])),
    weigh: [...weighed.values()].sort((a, b) => b.grams - a.grams),
    task: {
      blocks,
      from: 0,
      by: bySeconds,
      pins: day.pins,
      people: cooks.slice(0, day.cooks).map((id) => ({
        id,
        spared: (day.spared[id] ?? []).flatMap((k) => (k === 'cook' ? (['cook', 'pull'] as const) : [k])),
        hours: [
          ...hoursBetween(
            until,
            (day.away[id] ?? []).map(([a, b]) => [after(day.from, a), after(day.from, b)]),
          ),
          [DAY_S, DAY_S + until],
        ],
      })),
      things: Object.fromEntries(
        [
          ...kitchen.pot.map((p) => [`pot ${p.id}`, 1] as const),
          ...kitchen.burner.map((b) => [`ring ${b.id}`, 1] as const),
          ...stations.map((t) => [stationThing(t), has[t]] as const),
          ...kitchen.vessel.map((v) => [`vessel ${v.id}`, v.kind === 'mould' ? (v.count ?? 1) : TRAYS] as const),
        ].map(([thing, count]) => [thing, day.lost.includes(thing) ? 0 : count]),
      ),
    },
  }
}

/** ◊ Trays of a kind a kitchen has. */
const TRAYS = 2

/** ◊ Trays a fridge has room for. */
const FRIDGE_TRAYS = 3

/** How many of each station there are. */
function stationsOf({ machine, surface }: KitchenView): Record<Station, number> {
  const machines = (kind: 'mixer' | 'oven'): number =>
    machine.reduce((sum, m) => sum + (m.kind === kind ? m.count : 0), 0)
  const places = (kind: 'stone' | 'fridge'): number => surface.filter((x) => x.kind === kind).length
  return {
    mixer: machines('mixer'),
    oven: machines('oven'),
    stone: places('stone'),
    fridge: FRIDGE_TRAYS * places('fridge'),
  }
}

/** s from one time of the day to another, past midnight where it is earlier. */
function after(from: string, to: string): number {
  const minutes = (clock: string): number => 60 * Number(clock.slice(0, 2)) + Number(clock.slice(3))
  return 60 * ((minutes(to) - minutes(from) + 1440) % 1440)
}

/** Stretches from the first hour to `until` without the breaks, s. */
function hoursBetween(until: number, breaks: readonly (readonly [number, number])[]): [number, number][] {
  const hours: [number, number][] = []
  let from = 0
  for (const [a, b] of breaks.toSorted((x, y) => x[0] - y[0])) {
    if (a >= until || b <= from) continue
    if (a > from) hours.push([from, a])
    from = b
  }
  if (from < until) hours.push([from, until])
  return hours
}

/** A tray or mould for a shape: moulds by their cavity, trays the first there is. */
function vesselFor(shape: Shape, kitchen: KitchenView): (Vessel & { readonly id: string }) | null {
  if (shape.kind !== 'mould') return kitchen.vessel.find((v) => v.kind === 'tray') ?? null
  const { millilitres } = shape
  return (
    kitchen.vessel
      .filter((v) => v.kind === 'mould')
      .toSorted((a, b) => Math.abs(a.millilitres - millilitres) - Math.abs(b.millilitres - millilitres))[0] ?? null
  )
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
