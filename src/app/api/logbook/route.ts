import { z } from 'zod'
import { cursorSchema } from '@/contract/logbook'
import { logbook } from '@/server/logbook'
import { route } from '@/server/route'

/** A page of the logbook after `?after=`, newest first; with `?practice` of the cooks of practice. */
export const GET = route(
  { query: z.object({ after: cursorSchema, practice: z.string().max(4).optional() }) },
  ({ query }) => logbook(query.practice !== undefined, query.after),
)
