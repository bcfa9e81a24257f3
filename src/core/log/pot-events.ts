import type { FormulaDocument, GramsByLine, Step } from '../formula/document'
import { additionOf } from '../formula/trace'
import { massOf } from '../matter/mix'
import type { PotEvent } from '../pot/simulate'
import { type CookEvent, mixPutIn, ROOM_C } from './log'

/** What a log entry does to the pot it was made at: steps add, cover, turn and take off. */
export function potEventsOf(formula: FormulaDocument, grams: GramsByLine, event: CookEvent): PotEvent[] {
  const { at } = event
  if (event.type === 'heat') return [{ at, kind: 'heat', dial: event.dial }]
  if (event.type === 'lid') return [{ at, kind: 'lid', on: event.on }]
  if (event.type === 'added') return [{ at, kind: 'add', mix: mixPutIn(formula, event), celsius: event.celsius }]
  if (event.type !== 'step' && event.type !== 'pulled') return []
  const step = formula.steps.find((s) => s.id === event.step)
  return step ? stepOnPot(formula, grams, step, at) : []
}

function stepOnPot(formula: FormulaDocument, grams: GramsByLine, step: Step, at: number): PotEvent[] {
  const out: PotEvent[] = []
  const added = additionOf(formula, step, grams, ROOM_C)
  if (massOf(added.mix) > 0) out.push({ at, kind: 'add', ...added })
  if (step.lid !== undefined) out.push({ at, kind: 'lid', on: step.lid })
  if (step.heat !== undefined) out.push({ at, kind: 'heat', dial: step.heat })
  if (step.offHeat) out.push({ at, kind: 'off' })
  return out
}
