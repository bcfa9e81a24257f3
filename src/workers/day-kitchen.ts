/** What a kitchen has for a day: people and their hours, pots, rings, stations, trays and moulds. */

import { cooks } from '@/contract/choices'
import type { Day } from '@/contract/day'
import type { KitchenView } from '@/contract/kitchen'
import { type DayTask, type Person, type Shape, type Station, stations, stationThing, type Vessel } from '@/core'

const DAY_S = 86_400
/** ◊ Trays of a kind a kitchen has. */
const TRAYS = 2

/** How many of a vessel one boil takes at most: all moulds of a kind, and of trays one; what has no room in it goes into another kind. */
export const mostAtOnce = (vessel: Vessel): number => (vessel.kind === 'mould' ? (vessel.count ?? 1) : 1)

/** Who is there, from the first hour to `until`, s, without breaks, and again the day after for what sets overnight. */
export const peopleOf = (day: Day, until: number): Person[] =>
  cooks.slice(0, day.cooks).map((id) => ({
    id,
    // who is not at the pot does not pull it either
    spared: (day.spared[id] ?? []).flatMap((k) => (k === 'cook' ? (['cook', 'pull'] as const) : [k])),
    hours: [
      ...hoursBetween(
        until,
        (day.away[id] ?? []).map(([a, b]) => [after(day.from, a), after(day.from, b)]),
      ),
      [DAY_S, DAY_S + until],
    ],
  }))

/** How many there are of each thing; none of what is out of use. */
export function thingsOf(kitchen: KitchenView, lost: Day['lost']): DayTask['things'] {
  const has = stationsOf(kitchen)
  const all: (readonly [string, number])[] = [
    ...kitchen.pot.map((p) => [`pot ${p.id}`, 1] as const),
    ...kitchen.burner.map((b) => [`ring ${b.id}`, 1] as const),
    ...stations.map((s) => [stationThing(s), has[s]] as const),
    ...kitchen.vessel.map((v) => [`vessel ${v.id}`, v.kind === 'mould' ? mostAtOnce(v) : TRAYS] as const),
  ]
  return Object.fromEntries(all.map(([thing, count]) => [thing, lost.includes(thing) ? 0 : count]))
}

/** ◊ Trays a fridge has room for. */
const FRIDGE_TRAYS = 3

/** How many of each station there are. */
export function stationsOf({ machine, surface }: KitchenView): Record<Station, number> {
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
export function vesselFor(shape: Shape, kitchen: KitchenView): (Vessel & { readonly id: string }) | null {
  if (shape.kind !== 'mould') return kitchen.vessel.find((v) => v.kind === 'tray') ?? null
  const { millilitres } = shape
  return (
    kitchen.vessel
      .filter((v) => v.kind === 'mould')
      .toSorted((a, b) => Math.abs(a.millilitres - millilitres) - Math.abs(b.millilitres - millilitres))[0] ?? null
  )
}
