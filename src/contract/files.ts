/** Files that leave Imbry and come back: formulas as JSON, ingredients as CSV. Described in docs/formats.md. */

import { z } from 'zod'
import { formulaSchema } from './formula'
import { handle } from './text'

export const FILE_FORMAT = 'imbry-formulas'

/** A file of formulas, at most, bytes. */
export const FILE_BYTES = 8 * 1024 * 1024

export const formulaFileSchema = z.object({
  format: z.literal(FILE_FORMAT),
  version: z.literal(1),
  formulas: z
    .array(z.object({ address: handle, document: formulaSchema }))
    .min(1)
    .max(5000),
})
export type FormulaFile = z.infer<typeof formulaFileSchema>

export interface Imported {
  readonly added: number
  readonly revised: number
  /** There already, word for word. */
  readonly same: number
}
