/** How the finished sweet bites: how far the room is above its glass transition. */
import { type Mix, massOf } from '../matter/mix'
import { glassTransition } from '../physics/glass'

export interface Bite {
  readonly word: string
  /** Room minus glass transition, °C. */
  readonly aboveGlass: number
}

/** ◊ Upper edge of each word, in degrees the room is above the glass point. */
const words: readonly (readonly [upTo: number, word: string])[] = [
  [-15, 'snaps clean'],
  [0, 'hard'],
  [12, 'bends before it breaks'],
  [15, 'very firm chew'],
  [30, 'firm chew'],
  [48, 'soft chew'],
  [62, 'spoonable'],
  [Number.POSITIVE_INFINITY, 'pours'],
]

/** ◊ A chew held up by milk protein or gelatin feels this many degrees firmer per share of the sweet; never brittle. */
const FIRMS = { milkProtein: 400, gelatin: 1400 }
const CHEWS_FROM = 12

/** The bite of `mix` with the water it has, in a room at `roomC`. */
export function biteOf(mix: Mix, roomC: number): Bite {
  const aboveGlass = roomC - glassTransition(mix)
  const total = massOf(mix)
  const firmer = (FIRMS.milkProtein * mix.milkProtein + FIRMS.gelatin * mix.gelatin) / total
  const felt = aboveGlass > CHEWS_FROM ? Math.max(CHEWS_FROM, aboveGlass - firmer) : aboveGlass
  const row = words.find(([upTo]) => felt < upTo) as readonly [number, string]
  return { word: row[1], aboveGlass }
}
