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
  type Shape,
  scale,
  type Vessel,
} from '@/core'

export interface DayWanted {
  readonly day: Day
  readonly formulas: readonly DayFormula[]
  readonly kitchen: KitchenView
  readonly gives: DayView['gives']
  /** s from the first hour to the one asked for. */
  readonly bySeconds: number
}

export interface Compiled {
  readonly task: DayTask
  /** Items that cannot be made here, and why. */
  readonly problems: readonly { readonly item: string; readonly why: string }[]
  /** Pot and ring of each way, for starting a batch. */
  readonly stands: Readonly<Record<string, { readonly pot: string; readonly burner: string }>>
  readonly vessels: Readonly<Record<string, string | null>>
  /** Grams of each ingredient over the whole day, by name, the most first. */
  readonly weigh: readonly { readonly name: string; readonly grams: number }[]
}

const DAY_S = 86_400
/** ◊ Hours that may be worked on beyond the one asked for, and on the day after. */
const OVERTIME_S = 2 * 3600
/** ◊ Alike pots that are tried for a product: more make the search longer and nothing better. */
const MOST_POTS = 3

export function compileDay({ day, formulas, kitchen, gives, bySeconds }: DayWanted): Compiled {
  const room = kitchen.room.find((r) => r.id === day.room) ?? kitchen.room[0]
  if (!room) throw new Error('The kitchen has no room')
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
          size: { by: 'pieces', pieces: wanted.pieces },
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
  const grams = new Map<string, number>()
  for (const { formula, plan } of items)
    for (const [id, g] of gramsByIngredient(formula, plan)) {
      const { name } = ingredientIn(formula, id)
      grams.set(name, (grams.get(name) ?? 0) + g)
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
    weigh: [...grams].map(([name, g]) => ({ name, grams: g })).sort((a, b) => b.grams - a.grams),
    task: {
      blocks,
      from: 0,
      by: bySeconds,
      people: cooks.slice(0, day.cooks).map((id) => ({
        id,
        hours: [
          [0, until],
          [DAY_S, DAY_S + until],
        ],
      })),
      things: Object.fromEntries([
        ...kitchen.pot.map((p) => [`pot ${p.id}`, 1] as const),
        ...kitchen.burner.map((b) => [`ring ${b.id}`, 1] as const),
        ...kitchen.vessel.map((v) => [`vessel ${v.id}`, v.kind === 'mould' ? (v.count ?? 1) : TRAYS] as const),
      ]),
    },
  }
}

/** ◊ Trays of a kind a kitchen has. */
const TRAYS = 2

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
