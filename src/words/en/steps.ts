/** When a step falls due, and what was logged of it. */
import {
  type CookAct,
  type CookEvent,
  colourStages,
  type FormulaDocument,
  inCelsius,
  inCelsiusStep,
  inGrams,
  inMillimetres,
  type Step,
  type Trigger,
} from '@/core'
import { formatCount, formatSpan, formatTimes } from '../format'
import type { Say } from '../units'
import { textureNames, touchNames } from './finish'
import {
  colourName,
  colourNames,
  deedNames,
  lower,
  partStateNames,
  seenName,
  signNames,
  smellNames,
  stageNames,
} from './names'

/** When a step falls due, in a few words; `target`: today's, °C, where there is one; `heat`: how a temperature is said. */
export function sayDue(
  { when, shows }: Pick<Step, 'when' | 'shows'>,
  say: Say,
  target: number | null,
  heat: Say['temperature'] = say.temperature,
): string {
  const due = sayTrigger(when, target, heat)
  return shows === undefined ? due : `${due}, or ${seenName(shows)}`
}

function sayTrigger(when: Trigger, target: number | null, heat: Say['temperature']): string {
  switch (when.on) {
    case 'ready':
      return 'at once'
    case 'boil':
      return 'at the boil'
    case 'rises':
      return `at ${heat(inCelsius(when.celsius))}`
    case 'falls':
      return `down to ${heat(inCelsius(when.celsius))}`
    case 'target':
      return target === null ? 'at the target' : `at ${heat(inCelsius(target))}`
    case 'after':
      return `after ${formatSpan(when.seconds)}`
    case 'colour':
      return `at ${colourName(when.celsius)}`
    case 'sign':
      return signNames[when.sign]
    case 'window':
      return 'in its window'
    case 'texture':
      return textureNames[when.texture]
    case 'part':
      return `once it ${partStateNames[when.state]}`
    case 'word':
      return when.word
  }
}

const LONGEST_NOTE = 28

/** What an event is called on the curve and in the story; null for one that is not worth a mark. */
export function sayEvent(event: CookEvent, formula: FormulaDocument, say: Say): string | null {
  switch (event.type) {
    case 'step':
    case 'pulled':
      return formula.steps.find((s) => s.id === event.step)?.act.toLowerCase() ?? event.step
    case 'clock':
    case 'finished':
      return null
    case 'note':
      return event.text.length > LONGEST_NOTE ? `${event.text.slice(0, LONGEST_NOTE - 1)}…` : event.text
    default:
      return sayAct(event, say)
  }
}

/** An act that no step asked for, in words; null for one that only puts another right. */
export function sayAct(act: CookAct, say: Say): string | null {
  switch (act.type) {
    case 'heat':
      return `heat ${act.dial === 0 ? 'off' : act.dial}`
    case 'lid':
      return act.on ? 'lid on' : 'lid off'
    case 'test':
      return sayTest(act)
    case 'reads':
      return `${say.temperature(inCelsius(act.celsius))} by eye`
    case 'correction':
      return `thermometer put right by ${say.step(inCelsiusStep(act.celsius))}`
    case 'did':
      return deedNames[act.what]
    case 'added':
      return `${say.weight(inGrams(act.grams))} ${lower(act.name)} put in`
    case 'weighed':
      return Object.keys(act.grams).length === 1 ? 'one line weighed' : `${Object.keys(act.grams).length} lines weighed`
    case 'lies':
      return `on the ${act.on.name}`
    case 'stuck':
      return 'probe in it'
    case 'texture':
      return textureNames[act.texture]
    case 'measures':
      return `${say.length(inMillimetres(act.depthMm))} deep`
    case 'feels':
      return `feels ${touchNames[act.touch]}`
    case 'stands':
      return `stands ${formatTimes(act.times)} as high`
    case 'made':
      return `${formatCount(act.pieces)} made`
    case 'yields':
      return `${formatCount(act.pieces)} good, ${formatCount(act.seconds)} imperfect`
    case 'passed':
      return 'passed over'
    case 'abandoned':
      return `given up: ${lower(act.reason)}`
    case 'note':
      return act.text
    default:
      return null
  }
}

/** A test in words. */
export function sayTest(test: Extract<CookAct, { type: 'test' }>): string {
  if (test.test === 'drop') return `drop: ${stageNames[test.result]}`
  if (test.test === 'sign') return signNames[test.sign]
  if (test.test === 'smell') return smellNames[test.smell]
  const named = colourStages.find((c) => c.celsius === test.celsius)
  return `colour: ${named ? colourNames[named.id] : colourName(test.celsius)}`
}
