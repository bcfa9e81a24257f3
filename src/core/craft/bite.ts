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
  [22, 'very firm chew'],
  [32, 'firm chew'],
  [44, 'soft chew'],
  [58, 'spoonable'],
  [Number.POSITIVE_INFINITY, 'pours'],
]

/** ◊ A chew held up by fat and milk protein feels this many degrees firmer per share of the sweet. */
const FIRMS = { fat: 20, milkProtein: 120 }

/** The bite of `mix` with the water it has, in a room at `roomC`. */
export function biteOf(mix: Mix, roomC: number): Bite {
  const aboveGlass = roomC - glassTransition(mix)
  const total = massOf(mix)
  const firmer = (FIRMS.fat * mix.fat + FIRMS.milkProtein * (mix.milkProtein + mix.gelatin)) / total
  const felt = aboveGlass - (aboveGlass > 0 ? firmer : 0)
  const row = words.find(([upTo]) => felt < upTo) as readonly [number, string]
  return { word: row[1], aboveGlass }
}
