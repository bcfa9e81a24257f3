/** What came of each work that was done: in its window, before it, or after. */

import { type Course, celsiusAt, whenCooled } from '../cooling/course'
import { workOf } from '../craft/families'
import type { HandworkKind } from '../craft/handwork'
import type { Step } from '../formula/document'
import { glassTransition } from '../physics/glass'
import { type Celsius, inCelsius } from '../quantity/figures'
import type { Cook } from '../track/cook'
import type { Mass } from './mass'
import { heatRangeOf, isCut, knifeTo, windowOf } from './windows'

export interface WorkOutcome {
  /** Id of the step, and when it was done, s. */
  readonly step: string
  readonly at: number
  readonly kind: HandworkKind
  /** `harmless`: outside its window, where the formula says so or nothing comes of it. */
  readonly came: 'early' | 'right' | 'harmless' | 'late'
  /** How warm the mass is reckoned to have been. */
  readonly celsius: Celsius
}

/** Whether a work came too early or too late. */
export const cameWrong = (came: WorkOutcome['came']): came is 'early' | 'late' => came === 'early' || came === 'late'

/** ◊ So near the edge of a window nobody can tell, °C; chocolate is worked by the degree. */
export const WINDOW_EDGE = { sugar: 4, chocolate: 1 } as const

/** ◊ s either side of its time within which a step counts as done when it was due. */
const SLACK = 20

/**
 * When a step is due by its own word, s, counted from `before`; null where only its window says. Who does a thing when the
 * formula told him to has done it neither too early nor too late, whatever the window.
 */
function dueAt({ when }: Step, before: number, course: Course): number | null {
  if (when.on === 'ready') return before
  if (when.on === 'after') return before + when.seconds
  return when.on === 'falls' ? whenCooled(course, when.celsius) : null
}

/** Works done so far that have a window in this family, in order. */
export function outcomesOf({ formula, state, conditions }: Cook, mass: Mass): WorkOutcome[] {
  const glassC = glassTransition(mass.mix)
  const { pulledAt } = state
  const edge = workOf(formula.family, formula.school) === 'tempered' ? WINDOW_EDGE.chocolate : WINDOW_EDGE.sugar
  return formula.steps.flatMap((step, i): WorkOutcome[] => {
    const kind = step.handwork?.kind
    const at = state.done.get(step.id)
    const window = windowOf(formula, step)
    if (!kind || !window || at === undefined || pulledAt === null || at < pulledAt) return []
    const { high, low } = heatRangeOf(window, glassC, conditions.roomC)
    const course = mass.before.find((b) => at <= b.until)?.course ?? mass.course
    const celsius = celsiusAt(course, at)
    const due = dueAt(step, state.done.get(formula.steps[i - 1]?.id ?? '') ?? pulledAt, course)
    const isHot = celsius > high + edge
    const early = isHot && (due === null || at < due - SLACK)
    // what is cut is only marked by a score: late, it is cut as it is; what is broken is cut right through while a knife can
    const least = kind === 'score' ? (isCut(formula) ? Number.NEGATIVE_INFINITY : knifeTo(glassC)) : low
    const late = celsius < least - edge && (due === null || celsiusAt(course, due + SLACK) >= least - edge)
    const came = early ? 'early' : late ? 'late' : isHot || celsius < low - edge ? 'harmless' : 'right'
    return [{ step: step.id, at, kind, came, celsius: inCelsius(celsius) }]
  })
}
