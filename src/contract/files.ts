/** Files that leave Imbry and come back: formulas as JSON, ingredients as CSV. Described in docs/formats.md. */

import { z } from 'zod'
import { formulaSchema } from './formula'
import { formulaAddress } from './text'

export const FILE_FORMAT = 'imbry-formulas'

/** A file of formulas, at most: a book of five thousand is about 18 MB. */
export const FILE_BYTES = 32 * 1024 * 1024
export const MOST_FORMULAS = 5000

/** One formula of a file. */
export const entrySchema = z.object({ address: formulaAddress, document: formulaSchema })

export const formulaFileSchema = z.object({
  format: z.literal(FILE_FORMAT),
  version: z.literal(1),
  formulas: z.array(entrySchema).min(1).max(MOST_FORMULAS),
})
export type FormulaFile = z.infer<typeof formulaFileSchema>

export interface Imported {
  readonly added: number
  readonly revised: number
  /** There already, word for word. */
  readonly same: number
}
