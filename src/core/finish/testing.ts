/** What is poured and worked, for tests. */
import { assessCook, type CookAssessment } from '../cook/assess'
import type { Surface } from '../craft/surfaces'
import type { BoiledFormula } from '../formula/document'
import type { CookAct, CookEvent } from '../log/log'
import { testBoil, testConditions } from '../testing'

export const rack: Surface = { name: 'rack', kind: 'rack', thicknessMm: 0 }
export const marble: Surface = { name: 'marble', kind: 'stone', thicknessMm: 30 }
export const fridge: Surface = { name: 'fridge', kind: 'fridge', thicknessMm: 0 }
export const conditions = { ...testConditions, surfaces: [rack, marble, fridge] }

/** A boil by hand, every step logged in its turn up to `upTo`; then `more`, so many s after it; pulled at its target, or as it is said. */
export function cookedByHand(
  formula: BoiledFormula,
  upTo: string,
  seconds: number,
  more: readonly (readonly [number, CookAct])[] = [],
  pulledC = formula.target.celsius,
) {
  const boil = testBoil(formula, { conditions, channel: null })
  const events: CookEvent[] = []
  let at = 0
  for (const step of formula.steps) {
    at += step.when.on === 'target' ? 1500 : 40
    const act: CookAct =
      step.when.on === 'target' ? { type: 'pulled', step: step.id, celsius: pulledC } : { type: 'step', step: step.id }
    events.push({ id: step.id, at, ...act })
    if (step.id === upTo) break
  }
  more.forEach(([after, act], i) => {
    events.push({ id: `more ${i}`, at: at + after, ...act })
  })
  const judge = (now: number, before?: CookAssessment) => assessCook(boil, { events, readings: [] }, now, before)
  return { at, judge, seen: judge(at + seconds) }
}

/** What is known of a cook off the heat; throws where it is not off it. */
export const finishOf = (a: CookAssessment) => {
  if (!a.finish) throw new Error('There is no finish')
  return a.finish
}
