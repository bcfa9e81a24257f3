import {
  type Analysis,
  analyse,
  type BatchPlan,
  type Conditions,
  type FormulaDocument,
  gramsPerBoil,
  type Shape,
  type Size,
  scale,
  type Verdict,
  type Vessel,
  verdictsOf,
} from '@/core'

export interface Sized {
  readonly plan: BatchPlan
  readonly analysis: Analysis
  readonly verdicts: readonly Verdict[]
}

/** Plans and analyses a batch, or says in one sentence why it cannot be. */
export function sizeBatch(
  formula: FormulaDocument,
  size: Size,
  shape: Shape,
  conditions: Conditions,
  vessel: Vessel | null,
): Sized | { readonly problem: string } {
  try {
    const plan = scale(formula, { size, shape, vessel: vessel ?? undefined, potLitres: conditions.pot.litres })
    const analysis = analyse({ ...formula, shape }, conditions, gramsPerBoil(plan))
    return { plan, analysis, verdicts: verdictsOf(analysis, conditions) }
  } catch (error) {
    if (error instanceof RangeError) return { problem: error.message }
    throw error
  }
}
