/** Lots, costs, labels and recalls at the boundary. */
import { z } from 'zod'
import type { Costing, Label } from '@/core'
import { within } from './bounds'
import { handle, plainText } from './text'

/** What a batch took of which lots, all of it. */
export const lotUsesSchema = z.object({
  uses: z
    .array(z.object({ lot: handle, grams: within('grams') }))
    .max(200)
    .refine((uses) => new Set(uses.map((u) => u.lot)).size === uses.length, 'names a lot twice'),
})

/** A code to look up: of a batch, or of a pack. */
export const recallSchema = z.object({ code: plainText(200).trim().default('').catch('') })

export interface LotChoice {
  readonly lot: string
  readonly name: string
  readonly code: string
  readonly ingredient: string
  readonly bestBefore: string | null
  /** g left of it without what this batch took. */
  readonly left: number
  /** g this batch took. */
  readonly taken: number
}

export interface BatchStock {
  readonly costing: Costing
  readonly currency: string
  readonly minutes: number
  readonly lots: readonly LotChoice[]
  /** Ingredients of it that no lot is known of. */
  readonly loose: readonly string[]
}

export interface RecallRow {
  readonly batch: string
  readonly code: string
  readonly name: string
  readonly startedAt: string
  readonly pieces: number
  readonly outGrams: number
  readonly grams: number
}

/** A lot that batches had of, with what they took of it, g. */
export interface LotTaken {
  readonly lot: string
  readonly name: string
  readonly code: string
  readonly grams: number
  readonly taken: number
}

/** What a code leads to: the batches that had of that lot, or what was in that batch; else the lots that can be asked for. */
export type Recall =
  | { readonly of: 'nothing'; readonly lots: readonly LotTaken[] }
  | { readonly of: 'lot'; readonly name: string; readonly batches: readonly RecallRow[] }
  | {
      readonly of: 'batch'
      readonly id: string
      readonly name: string
      readonly startedAt: string
      readonly lots: readonly { readonly name: string; readonly code: string; readonly grams: number }[]
      readonly loose: readonly string[]
    }

export interface BatchLabel {
  readonly id: string
  readonly label: Label
  readonly code: string
  readonly madeAt: string
  readonly house: { readonly name: string; readonly address: string } | null
}
