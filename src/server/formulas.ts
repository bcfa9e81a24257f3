import { db, type FormulaRecord, findFormula, listFormulas } from '@/db'
import { Problem } from './problem'

export type { FormulaRecord } from '@/db'

export const formulaBook = (): Promise<FormulaRecord[]> => listFormulas(db())

export async function formula(id: string, revision?: number): Promise<FormulaRecord> {
  const found = await findFormula(db(), id, revision)
  if (!found) throw new Problem(404, `There is no formula "${id}"${revision ? ` revision ${revision}` : ''}`)
  return found
}
