/** The events of a boil as marks on its curve. */
import { type CookEvent, type FormulaDocument, standing } from '@/core'
import type { Mark } from '@/ui/chart/cook-curve'
import { type Say, sayEvent } from '@/words'

/** Those that stand, up to `until` seconds. */
export function marksOf(
  events: readonly CookEvent[],
  formula: FormulaDocument,
  say: Say,
  until = Number.POSITIVE_INFINITY,
): Mark[] {
  return standing(events).flatMap((e) => {
    const text = e.at <= until ? sayEvent(e, formula, say) : null
    return text === null ? [] : [{ id: e.id, at: e.at, text, test: e.type === 'test' }]
  })
}
