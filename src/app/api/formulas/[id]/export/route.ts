import { toRecipe } from '@/core'
import { exportFormulas } from '@/server/files'
import { formula } from '@/server/formulas'
import { answer, download } from '@/server/http'

/** `?as=recipe` gives schema.org JSON-LD, anything else the book's own format. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const { id } = await params
    const { document } = await formula(id)
    return new URL(request.url).searchParams.get('as') === 'recipe'
      ? download(JSON.stringify(toRecipe(document), null, 1), 'application/ld+json', `${id}.jsonld`)
      : download(JSON.stringify(await exportFormulas(id), null, 1), 'application/json', `${id}.json`)
  })
