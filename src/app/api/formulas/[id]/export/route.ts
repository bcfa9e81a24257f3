import { z } from 'zod'
import { ofHandle } from '@/contract/text'
import { toRecipe } from '@/core'
import { exportFormulas } from '@/server/files'
import { formula } from '@/server/formulas'
import { download } from '@/server/http'
import { route } from '@/server/route'

/** `?as=recipe` gives schema.org JSON-LD; without it the book's own format. */
const query = z.object({ as: z.enum(['recipe', 'book']).default('book') })

export const GET = route({ params: ofHandle, query }, async ({ params: { id }, query: { as } }) =>
  as === 'recipe'
    ? download(JSON.stringify(toRecipe((await formula(id)).document), null, 1), 'application/ld+json', `${id}.jsonld`)
    : download(await exportFormulas(id), 'application/json', `${id}.json`),
)
