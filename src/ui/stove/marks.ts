import {
  type CookAct,
  type CookEvent,
  colourStages,
  deeds,
  type FormulaDocument,
  signs,
  smells,
  stageTable,
  standing,
} from '@/core'
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
      return testWords(event)
    case 'reads':
      return `${Math.round(event.celsius)}° by eye`
    case 'correction':
      return `thermometer put right by ${event.celsius.toFixed(1)}°`
    case 'did':
      return deeds[event.what]
    case 'abandoned':
      return 'given up'
    case 'note':
      return event.text.length > 28 ? `${event.text.slice(0, 27)}…` : event.text
    case 'clock':
    case 'finished':
    case 'undo':
    case 'moved':
    case 'amended':
      return null
  }
}

/** A test in words. */
export function testWords(test: Extract<CookAct, { type: 'test' }>): string {
  if (test.test === 'drop') return `drop: ${stageTable.find((s) => s.id === test.result)?.label ?? test.result}`
  if (test.test === 'sign') return signs[test.sign].label
  if (test.test === 'smell') return smells[test.smell].label
  return `colour: ${colourStages.find((c) => c.celsius === test.celsius)?.label ?? test.celsius}`
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
