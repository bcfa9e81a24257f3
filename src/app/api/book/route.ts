import { FILE_BYTES } from '@/contract/files'
import { exportFormulas, importFormulas } from '@/server/files'
import { download, text } from '@/server/http'
import { route } from '@/server/route'

export const GET = route({}, async () => download(await exportFormulas(), 'application/json', 'imbry-book.json'))

export const POST = route({ body: text(['application/json'], FILE_BYTES) }, ({ body, now }) =>
  importFormulas(body, now),
)
