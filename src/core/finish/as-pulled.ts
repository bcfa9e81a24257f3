/** What came off the heat far from where it was meant to is another sweet, and sets as what it is. */

import { type FormulaDocument, pullIndex, type Step } from '../formula/document'
import { hottestIn, type Reading } from '../log/readings'
import { type Cook, stepTemperature } from '../track/cook'

/** ◊ °C from its target: more than any pan carries, or a probe is out. */
const APART_C = 8
/** ◊ °C between which a pot of sweet stuff is pulled, whatever was typed. */
const PULLED_C = { least: 60, most: 200 }

/** ◊ s before the pull in which a probe that has slipped out since still says how hot it was. */
const SPEAKS_S = 120

/** What was waited for on the way is no hotter than the pull. */
function upTo(step: Step, celsius: number): Step {
  const { when } = step
  if (when.on === 'colour') return { ...step, when: { on: 'ready' } }
  return when.on === 'rises' && when.celsius > celsius ? { ...step, when: { ...when, celsius } } : step
}

/** The formula with the target that was reached, where that is far from the one it has. */
export function asPulled(cook: Cook, readings: readonly Reading[]): FormulaDocument {
  const { formula, state } = cook
  const { pulledAt, pulledC } = state
  const { target } = formula
  // what is only melted holds no water that it could keep
  if (!target || target.celsius < PULLED_C.least || pulledAt === null || pulledC === null) return formula
  const meant = stepTemperature(cook, pullIndex(formula)) ?? target.celsius
  const before = hottestIn(readings.filter((r) => r.at < pulledAt && r.at >= pulledAt - SPEAKS_S))
  const apart = Math.max(pulledC, before ?? pulledC) - meant
  if (Math.abs(apart) <= APART_C) return formula
  const celsius = Math.min(Math.max(target.celsius + apart, PULLED_C.least), PULLED_C.most)
  return { ...formula, target: { ...target, celsius }, steps: formula.steps.map((s) => upTo(s, celsius)) }
}
