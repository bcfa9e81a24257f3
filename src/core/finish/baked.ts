/** What is baked in its tin: how long its middle takes to come up in the oven, and to get cold again where it stands. */

import { whenDownTo } from '../cooling/course'
import { type PouredSlab, pouredSlab, slabCourse, warmingSeconds } from '../cooling/slab'
import { onARack, type Surface } from '../craft/surfaces'
import type { FormulaDocument, GramsByLine } from '../formula/document'
import { finishedMix, traceSteps } from '../formula/trace'
import { BAKED_C } from '../log/log'
import { massOf } from '../matter/mix'
import { depthFor } from './mass'
import { heatRangeOf, windowOf } from './windows'

/** As it lies in its tin; null with nothing in it. */
function inItsTin(formula: FormulaDocument, grams: GramsByLine, roomC: number): PouredSlab | null {
  const mix = finishedMix(traceSteps(formula, grams, roomC))
  return massOf(mix) > 0 ? pouredSlab(mix, BAKED_C, roomC, { depthMm: depthFor(formula.shape), into: 'tray' }) : null
}

/** s in an oven at `ovenC` until its middle is baked; null with nothing in it, Infinity where it never is. */
export function bakesIn(formula: FormulaDocument, grams: GramsByLine, roomC: number, ovenC: number): number | null {
  const tin = inItsTin(formula, grams, roomC)
  return tin && warmingSeconds(tin, roomC, BAKED_C, ovenC)
}

/** s from the oven until it is as cold as its next step wants it, on `on`; 0 where none asks. */
export function coolsIn(formula: FormulaDocument, grams: GramsByLine, roomC: number, on: Surface = onARack): number {
  const step = formula.steps.find((s) => s.handwork?.kind === 'cool')
  const window = step && windowOf(formula, step)
  const tin = inItsTin(formula, grams, roomC)
  if (!window || !tin) return 0
  return whenDownTo(slabCourse(tin, BAKED_C, [{ from: 0, on }]), heatRangeOf(window, 0, roomC).high)
}
