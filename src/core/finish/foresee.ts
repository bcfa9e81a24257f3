/** The finish on paper: when each work after the pour will open and close, before anything is cooked. */

import { handworkFacts } from '../craft/handwork'
import { firstPlace, onARack, type Surface } from '../craft/surfaces'
import { airOf } from '../formula/air'
import type { Analysis, Conditions } from '../formula/analyse'
import type { FormulaDocument, Step } from '../formula/document'
import { glassTransition } from '../physics/glass'
import { type Course, whenDownTo } from './course'
import { depthFor } from './mass'
import { ropeFrom } from './pulled'
import { pouredSlab, slabCourse } from './slab'
import { heatRangeOf, type Span, spanOf, windowOf } from './windows'

/** A step after the pour, s from the pour on. */
export interface ForeseenWork extends Span {
  readonly step: Step
  /** When it is reckoned to be done: no sooner than its own moment, nor than the step before it. */
  readonly at: number
}

/** How a batch of `formula` will cool once it lies on `on`, s from the pour. */
export function foreseenCourse(
  formula: FormulaDocument,
  { finished, targetC, work }: Analysis,
  { roomC }: Conditions,
  on: Surface,
): Course {
  const slab = pouredSlab(finished, targetC, roomC, {
    air: airOf(formula),
    depthMm: depthFor(formula.shape),
    into: formula.shape.kind === 'mould' ? 'mould' : 'tray',
  })
  return slabCourse(slab, startsAt[work] ?? targetC, [{ from: 0, on }])
}

/** ◊ What is beaten or whipped is poured at its own warmth, °C. */
const startsAt: Partial<Record<Analysis['work'], number>> = { beaten: 45, whipped: 41 }

/** The works after the pour in order; on the first place of the kitchen unless told. */
export function foreseeFinish(
  formula: FormulaDocument,
  analysis: Analysis,
  conditions: Conditions,
  on: Surface = firstPlace(conditions),
): ForeseenWork[] {
  let course = foreseenCourse(formula, analysis, conditions, on)
  const glassC = glassTransition(analysis.finished)
  let now = 0
  return formula.steps.slice(formula.steps.findIndex((s) => s.empties) + 1).map((step) => {
    const window = windowOf(formula, step)
    const span = window
      ? spanOf(course, heatRangeOf(window, glassC, conditions.roomC))
      : { opens: now, closes: Number.POSITIVE_INFINITY }
    const own = ownMoment(step, course, now, span)
    now = Math.max(now, own)
    if (step.handwork?.kind === 'pull') {
      const { slab, startC } = ropeFrom(analysis.finished, course, now, conditions.roomC)
      course = slabCourse(slab, startC, [{ from: now, on: onARack }])
    }
    return { step, ...span, at: now }
  })
}

function ownMoment({ when }: Step, course: Course, now: number, { opens }: Span): number {
  if (when.on === 'after') return now + when.seconds
  if (when.on === 'falls') return whenDownTo(course, when.celsius)
  return when.on === 'window' ? opens : now
}

/** Minutes from the pour until it leaves its moulds or its tray. */
export function settingMinutes(formula: FormulaDocument, analysis: Analysis, conditions: Conditions): number {
  const works = foreseeFinish(formula, analysis, conditions)
  const leaves = works.find(({ step }) => step.handwork && handworkFacts(step.handwork.kind).into === 'pieces')
  return ((leaves ?? works.at(-1))?.at ?? 0) / 60
}
