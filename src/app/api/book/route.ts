import { FILE_BYTES } from '@/contract/files'
import { exportFormulas, importFormulas } from '@/server/files'
import { answer, download, readText } from '@/server/http'

export const GET = () =>
  answer(async () => download(JSON.stringify(await exportFormulas(), null, 1), 'application/json', 'imbry-book.json'))

export const POST = (request: Request) =>
  answer(async () =>
    Response.json(await importFormulas(await readText(request, ['application/json'], FILE_BYTES), new Date())),
  )
