/** What is thought of a batch. Apart from the batch, for a form checks by it. */
import { z } from 'zod'

export const verdictSchema = z.object({
  note: z.string().max(5000),
  /** 1 (bin) to 5 (as good as it gets); null until judged. */
  score: z.number().int().min(1).max(5).nullable(),
})
export type BatchVerdict = z.infer<typeof verdictSchema>

/** A verdict, and the one its writer saw: where another was written since, nothing is. */
export const newVerdictSchema = verdictSchema.extend({ from: verdictSchema })
export type NewVerdict = z.infer<typeof newVerdictSchema>
