import {
  type Analysis,
  analyse,
  type BatchPlan,
  type BoiledFormula,
  type Conditions,
  type FormulaDocument,
  gramsOfBoil,
  isBoiled,
  piecesOf,
  type Shape,
  type Size,
  scale,
  type Verdict,
  type Vessel,
  verdictsOf,
  wholeVerdicts,
} from '@/core'

export interface Boiled {
  readonly formula: BoiledFormula
  readonly analysis: Analysis
}

/** The formula itself or a part of it, as it will be in this batch. */
export interface SizedPiece {
  readonly part: string | null
  readonly label: string
  readonly formula: FormulaDocument
  /** Null for what is not boiled. */
  readonly boiled: Boiled | null
  readonly verdicts: readonly Verdict[]
}

export interface Sized {
  readonly plan: BatchPlan
  /** Parts first, in the order they are made. */
  readonly pieces: readonly SizedPiece[]
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
    const pieces = piecesOf({ ...formula, shape }).map((piece): SizedPiece => {
      if (!isBoiled(piece.formula))
        return { ...piece, boiled: null, verdicts: wholeVerdicts(piece.formula, plan.grams, formula) }
      const number = plan.boils.findIndex((b) => b.part === piece.part) + 1
      const analysis = analyse(piece.formula, conditions, gramsOfBoil(plan, number))
      return {
        ...piece,
        boiled: { formula: piece.formula, analysis },
        verdicts: verdictsOf(analysis, conditions, formula, piece.part),
      }
    })
    return { plan, pieces }
  } catch (error) {
    if (error instanceof RangeError) return { problem: error.message }
    throw error
  }
}

/** What the page opens on: the formula itself where it is boiled, else its first boiled part. */
export const mainPiece = ({ pieces }: Sized): SizedPiece =>
  (pieces.find((p) => p.part === null && p.boiled) ?? pieces.find((p) => p.boiled) ?? pieces.at(-1)) as SizedPiece
