import { z } from 'zod'
import { cursorSchema } from '@/contract/logbook'
import { logbook } from '@/server/logbook'
import { route } from '@/server/route'

/** A page of the logbook after `?after=`, newest first. */
export const GET = route({ query: z.object({ after: cursorSchema }) }, ({ query }) => logbook(query.after))
