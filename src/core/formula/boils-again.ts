/** Whether a sweet that went wrong can go back to the boil. */
import { SPOILED } from '../matter/ingredient'
import type { FormulaDocument, Step } from './document'

/** Whether none of what went in after the pull, of the steps that are done, is spoiled by a boil: whites, gelatin, soda, popped corn. */
export function boilsAgain({ steps, lines }: FormulaDocument, isDone: (step: Step) => boolean = () => true): boolean {
  const pull = steps.findIndex((s) => s.when.on === 'target')
  return !steps.some(
    (s, i) => i > pull && isDone(s) && lines.some((l) => l.group === s.adds && SPOILED.test(l.ingredient)),
  )
}
