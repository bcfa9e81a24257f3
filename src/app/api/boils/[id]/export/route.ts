import { cookAsCsv, cookAsJson } from '@/server/cook-files'
import { answer, download } from '@/server/http'

/** `?as=csv` gives readings and acts as rows, anything else the whole cook as JSON. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const { id } = await params
    return new URL(request.url).searchParams.get('as') === 'csv'
      ? download(await cookAsCsv(id), 'text/csv', `cook-${id}.csv`)
      : download(JSON.stringify(await cookAsJson(id), null, 1), 'application/json', `cook-${id}.json`)
  })
