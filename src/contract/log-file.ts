/** The whole log as it leaves Imbry and comes back: one batch a line of JSON. Described in docs/formats.md. */
import { z } from 'zod'
import { batchPlanSchema, conditionsSchema } from './batch'
import { within } from './bounds'
import { loggedActSchema } from './cook'
import { formulaSchema } from './formula'
import { formulaAddress, handle, instant, plainText, ulid } from './text'
import { judgedSchema } from './verdict'

export const LOG_FORMAT = 'imbry-batch'

/** A batch of a day with a probe in every boil, at most. */
export const BATCH_BYTES = 24 * 1024 * 1024
const MOST_READINGS = 400_000

export const batchFileSchema = z.object({
  format: z.literal(LOG_FORMAT),
  version: z.literal(1),
  id: ulid,
  startedAt: instant,
  practice: z.boolean(),
  formula: z.object({ address: formulaAddress, document: formulaSchema }),
  plan: batchPlanSchema,
  conditions: conditionsSchema,
  note: z.string().max(5000),
  score: z.number().int().min(1).max(5).nullable(),
  judged: judgedSchema,
  lots: z
    .array(z.object({ lot: handle, code: plainText(200), ingredient: z.string().max(80), grams: within('grams') }))
    .max(200),
  boils: z
    .array(
      z.object({
        id: ulid,
        number: z.number().int().min(1).max(200),
        label: z.string().max(200),
        channel: handle.nullable(),
        startedAt: instant,
        acts: z.array(loggedActSchema).max(20_000),
        /** [ms since the boil began, °C] */
        readings: z.array(z.tuple([z.number(), within('probeC')])).max(MOST_READINGS),
      }),
    )
    .min(1)
    .max(200),
})
export type BatchFile = z.infer<typeof batchFileSchema>

/** What became of one batch that came in. */
export interface TakenIn {
  readonly came: 'new' | 'same'
}
