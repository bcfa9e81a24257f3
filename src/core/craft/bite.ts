/** How the finished sweet bites: how far the room is above its glass transition. */
import { type Mix, massOf } from '../matter/mix'
import { glassTransition } from '../physics/glass'
import { type CelsiusStep, stepBetween } from '../quantity/figures'

/** ◊ Upper edge of each bite, in degrees the room is above the glass point; hardest first. */
const edges = {
  'snaps-clean': -15,
  hard: 0,
  bends: 12,
  'very-firm-chew': 15,
  'firm-chew': 30,
  'soft-chew': 48,
  spoonable: 62,
  pours: Number.POSITIVE_INFINITY,
} as const

export type BiteId = keyof typeof edges

export interface Bite {
  readonly id: BiteId
  /** Room minus glass transition. */
  readonly aboveGlass: CelsiusStep
}

/** ◊ A chew held up by milk protein or gelatin feels this many degrees firmer per share of the sweet; never brittle. */
const FIRMS = { milkProtein: 400, gelatin: 1400 }
const CHEWS_FROM = 12
/** ◊ Share of gelatin from which a sweet is set, and holds its shape however soft. */
const SETS = 0.015

/** ◊ Share of milk protein from which cold milk and sugar is a paste, and runs no more. */
const THICKENS = 0.035

/** The bite of `mix` with the water it has, in a room at `roomC` (°C); `foam`: it was whipped, and holds. Word edges are assumed (◊). */
export function biteOf(mix: Mix, roomC: number, foam = false): Bite {
  const aboveGlass = stepBetween(roomC, glassTransition(mix))
  const firmer = (FIRMS.milkProtein * mix.milkProtein + FIRMS.gelatin * mix.gelatin) / massOf(mix)
  const felt = aboveGlass > CHEWS_FROM ? Math.max(CHEWS_FROM, aboveGlass - firmer) : aboveGlass
  const softest: BiteId =
    mix.gelatin / massOf(mix) >= SETS
      ? 'soft-chew'
      : foam || mix.milkProtein / massOf(mix) >= THICKENS
        ? 'spoonable'
        : 'pours'
  const id = (Object.keys(edges) as BiteId[]).find((bite) => felt < edges[bite] || bite === softest) ?? softest
  return { id, aboveGlass }
}
