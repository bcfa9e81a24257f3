import { importCookReadings } from '@/server/cook-files'
import { answer, readText } from '@/server/http'

const MOST_BYTES = 4 * 1024 * 1024

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const { id } = await params
    return Response.json(await importCookReadings(id, await readText(request, ['text/csv'], MOST_BYTES)))
  })
