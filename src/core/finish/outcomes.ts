/** What came of each work that was done: in its window, before it, or after. */

import type { Cook } from '../cook/cook'
import { families } from '../craft/families'
import type { HandworkKind } from '../craft/handwork'
import { glassTransition } from '../physics/glass'
import { type Celsius, inCelsius } from '../quantity/figures'
import { celsiusAt } from './course'
import type { Mass } from './mass'
import { heatRangeOf, windowOf } from './windows'

export interface WorkOutcome {
  /** Id of the step, and when it was done, s. */
  readonly step: string
  readonly at: number
  readonly kind: HandworkKind
  readonly came: 'early' | 'right' | 'late'
  /** How warm the mass is reckoned to have been. */
  readonly celsius: Celsius
}

/** ◊ So near the edge of a window nobody can tell, °C; chocolate is worked by the degree. */
const EDGE = { sugar: 4, chocolate: 1 } as const

/** Works done so far that have a window in this family, in order. */
export function outcomesOf({ formula, state, conditions }: Cook, mass: Mass): WorkOutcome[] {
  const glassC = glassTransition(mass.mix)
  const { pulledAt } = state
  const edge = families[formula.family].work === 'tempered' ? EDGE.chocolate : EDGE.sugar
  return formula.steps.flatMap((step): WorkOutcome[] => {
    const kind = step.handwork?.kind
    const at = state.done.get(step.id)
    const window = windowOf(formula, step)
    if (!kind || !window || at === undefined || pulledAt === null || at < pulledAt) return []
    const { high, low } = heatRangeOf(window, glassC, conditions.roomC)
    const course = mass.before.find((b) => at <= b.until)?.course ?? mass.course
    const celsius = celsiusAt(course, at)
    const came = celsius > high + edge ? 'early' : celsius < low - edge ? 'late' : 'right'
    return [{ step: step.id, at, kind, came, celsius: inCelsius(celsius) }]
  })
}
