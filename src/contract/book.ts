/** The formula book at the boundary: finding, writing, and keeping revisions. */

import { z } from 'zod'
import { type Allergen, allergens, type FamilyId, familyIds } from '@/core'
import { within } from './bounds'
import { formulaSchema } from './formula'
import { revisionNumber, ulid } from './text'

const celsius = z.coerce.number().min(0).max(250)
const list = <T extends string>(of: z.ZodType<T>) =>
  z.preprocess((v) => (typeof v === 'string' ? v.split(',').filter(Boolean) : v), z.array(of).max(20))

/** What is looked for. Everything may be left out; what is not understood is left out too. */
export const bookQuerySchema = z.object({
  q: z.string().trim().max(100).default('').catch(''),
  family: z.enum(familyIds).optional().catch(undefined),
  school: z.string().max(40).optional().catch(undefined),
  without: list(z.enum(allergens)).default([]).catch([]),
  from: celsius.optional().catch(undefined),
  to: celsius.optional().catch(undefined),
  have: z.string().max(40).optional().catch(undefined),
  grams: z.coerce.number().pipe(within('grams')).optional().catch(undefined),
  sort: z.enum(['name', 'cooked', 'target']).default('name').catch('name'),
  page: z.coerce.number().int().min(1).max(1000).default(1).catch(1),
})
export type BookQuery = z.infer<typeof bookQuerySchema>

export interface BookEntry {
  readonly id: string
  readonly revision: number
  readonly name: string
  readonly family: FamilyId
  readonly school: string
  readonly about: string
  readonly targetC: number | null
  readonly outGrams: number
  readonly boils: number
  readonly allergens: readonly Allergen[]
  readonly lastCooked: string | null
  /** What the amount one has would give: g of that ingredient in the formula, and finished g from the amount. */
  readonly uses: { readonly ingredient: string; readonly grams: number; readonly gives: number } | null
}

export interface BookPage {
  readonly entries: readonly BookEntry[]
  readonly total: number
  readonly perPage: number
}

/** A new formula, or a branch of another. */
export const newFormulaSchema = z.object({ write: ulid, document: formulaSchema })
/** A revision, written over the one it began from. */
export const newRevisionSchema = z.object({ write: ulid, from: revisionNumber, document: formulaSchema })

export interface Written {
  readonly id: string
  readonly revision: number
}
