/** What can hurt in a step, beside what its formula says. */
import type { CautionId } from '../craft/cautions'
import { handworkFacts } from '../craft/handwork'
import type { Allergen } from '../matter/ingredient'
import type { FormulaDocument, Step } from './document'
import { allergensIn } from './mixes'

/** What can hurt in a step: as its formula says, and as its handwork does where it has to do with what is in the sweet. */
export function cautionsOf(formula: FormulaDocument, step: Step): readonly CautionId[] {
  const own = step.cautions ?? []
  const work = step.handwork ? handworkFacts(step.handwork.kind).cautions : []
  const kept = work.filter((c) => c !== 'sharedBoards' || hasNuts(formula))
  return [...new Set([...own, ...kept])]
}

const NUTS: ReadonlySet<Allergen> = new Set(['nuts', 'peanuts', 'sesame'])

const hasNuts = (formula: FormulaDocument): boolean => allergensIn(formula).some((a) => NUTS.has(a))
