/** What can hurt in a step, beside what its formula says. */
import type { CautionId } from '../craft/cautions'
import { handworkFacts } from '../craft/handwork'
import type { Allergen } from '../matter/ingredient'
import { boiledIn, type FormulaDocument, isBoiled, type Step } from './document'
import { allergensIn } from './mixes'

/** ◊ A pot that gets hotter than this can scald, °C. */
const SCALDS = 60

/** Whether anything of a sweet gets hot enough to scald: chocolate in temper does not. */
export const scalds = (formula: FormulaDocument): boolean =>
  boiledIn(formula).some((b) => b.formula.target.celsius > SCALDS)

/** What is only said of what is hot. */
const HOT: ReadonlySet<CautionId> = new Set(['hotSugar', 'hotForming'])

/** What can hurt in a step: as its formula says, and as its handwork does where it has to do with what is in the sweet. */
export function cautionsOf(formula: FormulaDocument, step: Step): readonly CautionId[] {
  const own = step.cautions ?? []
  const work = step.handwork ? handworkFacts(step.handwork.kind).cautions : []
  const kept = work.filter((c) => (c === 'sharedBoards' ? hasNuts(formula) : c !== 'mixer' || !BY_HAND.test(step.say)))
  const cool = isBoiled(formula) && !scalds(formula)
  return [...new Set([...own, ...kept])].filter((c) => !cool || !HOT.has(c))
}

/** "Beat with a wooden spoon": no whisk runs. */
const BY_HAND = /\bby hand\b|\bwooden (?:paddle|spoon)\b|\bwith (?:a|the) (?:spatula|spoon)\b/i

const NUTS: ReadonlySet<Allergen> = new Set(['nuts', 'peanuts', 'sesame'])

const hasNuts = (formula: FormulaDocument): boolean => allergensIn(formula).some((a) => NUTS.has(a))
