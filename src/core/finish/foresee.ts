/** The finish on paper: when each work after the pour will open and close, before anything is cooked. */

import { type Course, whenCooled } from '../cooling/course'
import { type PouredSlab, pouredSlab, type Stay, slabCourse } from '../cooling/slab'
import { handworkFacts } from '../craft/handwork'
import { firstPlace, onARack, type Surface } from '../craft/surfaces'
import type { Analysis, Conditions } from '../formula/analyse'
import { type FormulaDocument, gramsAsWritten, pourIndex, type Step, stepsAfterPour } from '../formula/document'
import { traceSteps } from '../formula/trace'
import { glassTransition } from '../physics/glass'
import { depthFor, laidAir } from './mass'
import { ropeFrom } from './pulled'
import { heatRangeOf, type Span, spanOf, windowOf } from './windows'

/** A step after the pour, s from the pour on. */
export interface ForeseenWork extends Span {
  readonly step: Step
  /** When it is reckoned to be done: no sooner than its own moment, nor than the step before it. */
  readonly at: number
}

/** What will be poured, and how warm: what goes in off the heat has cooled it. */
function pouredOf(
  formula: FormulaDocument,
  { finished, targetC, work }: Analysis,
  { roomC }: Conditions,
): { readonly slab: PouredSlab; readonly startC: number } {
  const pours = pourIndex(formula)
  const startC =
    startsAt[work] ?? Math.min(targetC, traceSteps(formula, gramsAsWritten(formula), roomC)[pours]?.afterC ?? targetC)
  const slab = pouredSlab(finished, startC, roomC, {
    air: laidAir(formula),
    depthMm: depthFor(formula.shape),
    into: formula.shape.kind === 'mould' ? 'mould' : 'tray',
  })
  return { slab, startC }
}

/** How a batch of `formula` will cool once it lies on `on`, s from the pour. */
export function foreseenCourse(
  formula: FormulaDocument,
  analysis: Analysis,
  conditions: Conditions,
  on: Surface,
): Course {
  const { slab, startC } = pouredOf(formula, analysis, conditions)
  return slabCourse(slab, startC, [{ from: 0, on }])
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
  const { slab, startC } = pouredOf(formula, analysis, conditions)
  const stays: Stay[] = [{ from: 0, on }]
  let course = slabCourse(slab, startC, stays)
  const glassC = glassTransition(analysis.finished)
  let now = 0
  return stepsAfterPour(formula).map((step) => {
    const window = windowOf(formula, step)
    const held = heldBy(step)
    if (held) {
      stays.push({ from: now, on, airC: held.celsius }, { from: now + held.seconds, on })
      course = slabCourse(slab, startC, stays)
    }
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

/** The oven, fridge or freezer a step keeps it in, and for how long; null where it lies in the room, or nobody says until when. */
function heldBy({ handwork, when }: Step): { readonly celsius: number; readonly seconds: number } | null {
  if (handwork?.kind !== 'bake' && handwork?.kind !== 'chill') return null
  return when.on === 'after' ? { celsius: handwork.celsius, seconds: when.seconds } : null
}

function ownMoment({ when }: Step, course: Course, now: number, { opens }: Span): number {
  if (when.on === 'after') return now + when.seconds
  if (when.on === 'falls') return whenCooled(course, when.celsius)
  return when.on === 'window' ? opens : now
}

/** Minutes from the pour until it leaves its moulds or its tray. */
export function settingMinutes(formula: FormulaDocument, analysis: Analysis, conditions: Conditions): number {
  const works = foreseeFinish(formula, analysis, conditions)
  const leaves = works.find(({ step }) => step.handwork && handworkFacts(step.handwork.kind).into === 'pieces')
  return ((leaves ?? works.at(-1))?.at ?? 0) / 60
}
