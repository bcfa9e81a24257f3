import { z } from 'zod'
import { ofUlid } from '@/contract/text'
import { cookAsCsv, cookAsJson } from '@/server/cook-files'
import { download } from '@/server/http'
import { route } from '@/server/route'

/** `?as=csv` gives readings and acts as rows; without it the whole cook is JSON. */
const query = z.object({ as: z.enum(['csv', 'json']).default('json') })

export const GET = route({ params: ofUlid, query }, async ({ params: { id }, query: { as } }) =>
  as === 'csv'
    ? download(await cookAsCsv(id), 'text/csv', `cook-${id}.csv`)
    : download(await cookAsJson(id), 'application/json', `cook-${id}.json`),
)
