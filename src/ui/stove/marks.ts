import { type CookEvent, type FormulaDocument, stageTable, standing } from '@/core'
import type { Mark } from '@/ui/chart/cook-curve'

/** What an event is called on the curve and in the story; null for one that is not worth a mark. */
export function wordsFor(event: CookEvent, formula: FormulaDocument): string | null {
  switch (event.type) {
    case 'step':
    case 'pulled':
      return formula.steps.find((s) => s.id === event.step)?.act.toLowerCase() ?? event.step
    case 'heat':
      return `heat ${event.dial === 0 ? 'off' : event.dial}`
    case 'lid':
      return event.on ? 'lid on' : 'lid off'
    case 'test':
      return `drop: ${stageTable.find((s) => s.id === event.result)?.label ?? event.result}`
    case 'note':
      return event.text.length > 28 ? `${event.text.slice(0, 27)}…` : event.text
    case 'clock':
    case 'finished':
    case 'undo':
      return null
  }
}

/** The events of a boil as marks on its curve, up to `until` seconds. */
export function marksOf(
  events: readonly CookEvent[],
  formula: FormulaDocument,
  until = Number.POSITIVE_INFINITY,
): Mark[] {
  return standing(events).flatMap((e) => {
    const text = e.at <= until ? wordsFor(e, formula) : null
    return text === null ? [] : [{ id: e.id, at: e.at, text, test: e.type === 'test' }]
  })
}
