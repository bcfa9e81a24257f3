/** Each family's ordinary formula worked through, as a check on the words and the physics together. */

import { ingredientById } from '../matter/ingredients'
import { addMix, type Mix, waterShare } from '../matter/mix'
import { mixOf } from '../matter/portions'
import { waterLeftAt } from '../physics/boiling'
import { type Bite, biteOf, type Worked } from './bite'
import type { Expected } from './families/family'
import { type StageFacts, stageOf } from './stages'

export interface Landing {
  readonly atTarget: Mix
  readonly finished: Mix
  readonly bite: Bite
  readonly stage: StageFacts
  /** Final water, %. */
  readonly water: number
}

const weighed = (grams: Readonly<Record<string, number>>): Mix =>
  mixOf(Object.entries(grams).map(([id, g]) => ({ ingredient: ingredientById(id), grams: g })))

/** Where the ordinary formula of a family lands at its usual target, made into what is `worked` of it, in a room at `roomC`. */
export function landingOf({ ordinary }: Pick<Expected, 'ordinary'>, worked: Worked = {}, roomC = 20): Landing {
  const cold = weighed(ordinary.pot)
  const atTarget = { ...cold, water: Math.min(cold.water, waterLeftAt(cold, ordinary.target)) }
  const finished = addMix(atTarget, weighed(ordinary.after ?? {}))
  return {
    atTarget,
    finished,
    bite: biteOf(finished, roomC, worked),
    stage: stageOf(atTarget),
    water: 100 * waterShare(finished),
  }
}
