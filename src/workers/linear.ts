/** Linear programmes by a library: what core's balancing asks for. */
import { type Constraint, type Model, solve } from 'yalps'
import type { SolveLinear } from '@/core'

/** Solves by the simplex method; null where there is no solution. */
export const solveLinear: SolveLinear = ({ costs, rows }) => {
  const constraints: Record<string, Constraint> = {}
  for (const [i, { least, most }] of rows.entries())
    constraints[`r${i}`] = { ...(least !== undefined && { min: least }), ...(most !== undefined && { max: most }) }
  const variables: Record<string, Record<string, number>> = {}
  for (const [k, cost] of costs.entries()) {
    const column: Record<string, number> = { cost }
    for (const [i, { of }] of rows.entries()) if (of[k] !== 0) column[`r${i}`] = of[k] as number
    variables[`x${k}`] = column
  }
  const model: Model = { direction: 'minimize', objective: 'cost', constraints, variables }
  const { status, variables: found } = solve(model, { maxPivots: 4000 })
  if (status !== 'optimal') return null
  const values = new Map(found)
  return costs.map((_, k) => values.get(`x${k}`) ?? 0)
}
