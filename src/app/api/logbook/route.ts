import { z } from 'zod'
import { BATCH_BYTES } from '@/contract/log-file'
import { cursorSchema, findSchema } from '@/contract/logbook'
import { text } from '@/server/http'
import { importBatch } from '@/server/log-files'
import { logbook } from '@/server/logbook'
import { route } from '@/server/route'

/** A page of the logbook after `?after=`, newest first, of what is looked for; with `?practice` of the cooks of practice. */
export const GET = route(
  { query: findSchema.extend({ after: cursorSchema.optional(), practice: z.string().max(4).optional() }) },
  ({ query: { after, practice, ...find } }) =>
    logbook(practice === undefined ? 'log' : 'practice', find, after ?? null),
)

/** Takes one batch of a log in, once. */
export const POST = route({ body: text(['application/json'], BATCH_BYTES) }, ({ body, now }) => importBatch(body, now))
