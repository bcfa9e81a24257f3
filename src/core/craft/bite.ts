/** How the finished sweet bites: how far the room is above its glass transition, or how much of it is crystal where it is meant to grain. */
import { type Mix, massOf } from '../matter/mix'
import { glassTransition } from '../physics/glass'
import { crystalShare } from '../physics/humidity'
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

/** ◊ Lower edge of each bite of a grained sweet: crystal, as a share of its sugar and water; driest first. */
const grainEdges = {
  'dry-grain': 0.56,
  'firm-grain': 0.43,
  'soft-grain': 0.3,
  spoonable: 0,
} as const

export type BiteId = keyof typeof edges | keyof typeof grainEdges

export interface Bite {
  readonly id: BiteId
  /** Room minus glass transition. */
  readonly aboveGlass: CelsiusStep
  /** Crystal, as a share of sugar and water, where that is what is bitten on; null for what does not grain. */
  readonly crystal: number | null
}

/**
 * What was made of a mix. `foam`: it was whipped, and holds; `set`: pectin, gelatin or starch holds it, however wet; `grained`: its sugar has come
 * out as fine crystals.
 */
export interface Worked {
  readonly foam?: boolean
  readonly set?: boolean
  readonly grained?: boolean
}

/** ◊ A chew held up by milk protein or gelatin feels this many degrees firmer per share of the sweet; never brittle. */
const FIRMS = { milkProtein: 400, gelatin: 1400 }
const CHEWS_FROM = 12
/** ◊ Share of gelatin from which a sweet is set, and holds its shape however soft. */
const SETS = 0.015

/** ◊ Share of milk protein from which cold milk and sugar is a paste, and runs no more. */
const THICKENS = 0.035

/** The bite of `mix` with the water it has, in a room at `roomC` (°C). Word edges are assumed (◊). */
export function biteOf(mix: Mix, roomC: number, { foam = false, set = false, grained = false }: Worked = {}): Bite {
  const aboveGlass = stepBetween(roomC, glassTransition(mix))
  if (grained) {
    const crystal = crystalShare(mix, roomC)
    const bites = Object.keys(grainEdges) as (keyof typeof grainEdges)[]
    return { id: bites.find((bite) => crystal >= grainEdges[bite]) ?? 'spoonable', aboveGlass, crystal }
  }
  const firmer = (FIRMS.milkProtein * mix.milkProtein + FIRMS.gelatin * mix.gelatin) / massOf(mix)
  const felt = aboveGlass > CHEWS_FROM ? Math.max(CHEWS_FROM, aboveGlass - firmer) : aboveGlass
  const softest: keyof typeof edges =
    set || mix.gelatin / massOf(mix) >= SETS
      ? 'soft-chew'
      : foam || mix.milkProtein / massOf(mix) >= THICKENS
        ? 'spoonable'
        : 'pours'
  const id =
    (Object.keys(edges) as (keyof typeof edges)[]).find((bite) => felt < edges[bite] || bite === softest) ?? softest
  return { id, aboveGlass, crystal: null }
}
