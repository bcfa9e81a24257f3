/** What is thought of a batch. Apart from the batch, for a form checks by it. */
import { z } from 'zod'
import { flaws, STEPS, scales, type Tasting } from '@/core'
import { within } from './bounds'
import type { Same } from './same'
import { oneOf, plainText } from './text'

const mark = z.number().int().min(1).max(STEPS)

const tastingSchema = z.object({
  scales: z.partialRecord(oneOf(scales), mark),
  colourC: z.number().min(140).max(210).optional(),
  pieceGrams: within('pieceGrams').optional(),
})
const proof: Same<z.output<typeof tastingSchema>, Tasting> = true
void proof

/** Days after which a sweet is looked at again. */
export const againAfter = [1, 7, 30] as const

/** What was tasted, what is wrong with it, what was thrown away and why, and how it kept. */
export const judgedSchema = z.object({
  tasting: tastingSchema.nullable(),
  flaws: z.array(oneOf(flaws)).max(8),
  binned: z.object({ pieces: within('yield').int(), reason: plainText(200).trim() }).nullable(),
  kept: z
    .array(
      z.object({
        days: z.union([z.literal(1), z.literal(7), z.literal(30)]),
        stick: mark.optional(),
        grain: mark.optional(),
        bite: mark.optional(),
        note: plainText(500).trim(),
      }),
    )
    .max(againAfter.length),
})
export type Judged = z.infer<typeof judgedSchema>

export const nothingJudged: Judged = { tasting: null, flaws: [], binned: null, kept: [] }

export const verdictSchema = z.object({
  note: z.string().max(5000),
  /** 1 (bin) to 5 (as good as it gets); null until judged. */
  score: mark.nullable(),
  judged: judgedSchema,
})
export type BatchVerdict = z.infer<typeof verdictSchema>

/** A verdict, and the one its writer saw: where another was written since, nothing is. */
export const newVerdictSchema = verdictSchema.extend({ from: verdictSchema })
export type NewVerdict = z.infer<typeof newVerdictSchema>
