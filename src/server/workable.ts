/**
 * What is computed from a document is computed once before it is stored, and read through the schema it will be read
 * with: what a page could not show is refused while its writer is still there.
 */
import { batchPlanSchema } from '@/contract/batch'
import { firstProblem } from '@/contract/text'
import {
  analyse,
  type BatchPlan,
  type BoiledFormula,
  boiledIn,
  type Conditions,
  type FormulaDocument,
  finishedMix,
  gramsAsWritten,
  gramsOfBoil,
  massOf,
  type ScaleRequest,
  scale,
  standardPressure,
  traceSteps,
} from '@/core'
import { Problem } from './problem'

/** Any kitchen: what cannot be worked out in it cannot be in another. */
const ANY: Conditions = {
  pressurePa: standardPressure(0),
  roomC: 20,
  humidity: 0.5,
  pot: { name: 'pot', litres: 9, diameterMm: 260, massKg: 2.2, metal: 'copper' },
  burner: { name: 'ring', watts: 3000, efficiency: 0.5, responseS: 5 },
}

/** ◊ A syrup keeps at least this share of itself to its target; what keeps less was water. */
const LEAST_LEFT = 0.02

const allFinite = (value: object): boolean =>
  Object.values(value).every((v) => (typeof v === 'number' ? Number.isFinite(v) : true))

/** Works a boil out. @throws RangeError where it comes to no figures. */
function workedOut(boiled: BoiledFormula, conditions: Conditions, grams = gramsAsWritten(boiled)): void {
  // minutes are endless where a burner cannot get there, which a page says
  const { minutes: _, ...figures } = analyse(boiled, conditions, grams)
  const something = massOf(figures.atTarget) > LEAST_LEFT * figures.potGrams
  if (!allFinite(figures) || !something)
    throw new RangeError(`“${boiled.name}” is hardly more than water: nothing of it is left at its target`)
}

/** What went wrong in the core, as an answer. */
function orRefuse<T>(work: () => T, kept: string): T {
  try {
    return work()
  } catch (error) {
    if (error instanceof RangeError) throw new Problem(400, error.message, kept)
    throw error
  }
}

/** @throws Problem 400 for a formula that nothing can be computed of. */
export const checkWorkable = (document: FormulaDocument, kept: string): void =>
  orRefuse(() => {
    for (const { formula } of boiledIn(document)) workedOut(formula, ANY)
    const finished = finishedMix(traceSteps(document, gramsAsWritten(document)))
    if (!allFinite(finished)) throw new RangeError(`“${document.name}” comes to nothing`)
  }, kept)

/** The plan of a batch that can be cooked under `conditions`. @throws Problem 400 for one that cannot. */
export const workablePlan = (document: FormulaDocument, conditions: Conditions, request: ScaleRequest): BatchPlan =>
  orRefuse(() => {
    const parsed = batchPlanSchema.safeParse(scale(document, request))
    if (!parsed.success) throw new RangeError(`A batch of that size cannot be made: ${firstProblem(parsed.error)}`)
    const plan = parsed.data
    const seen = new Set<string | null>()
    for (const [i, { part }] of plan.boils.entries()) {
      if (seen.has(part)) continue
      seen.add(part)
      const boiled = boiledIn(document).find((b) => b.part === part)
      if (boiled) workedOut(boiled.formula, conditions, gramsOfBoil(plan, i + 1))
    }
    return plan
  }, 'Nothing was changed.')
