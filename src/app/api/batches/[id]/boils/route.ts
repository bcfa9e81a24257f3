import { startBoilSchema } from '@/contract/batch'
import { startBoil } from '@/server/batches'
import { answer, readWrite } from '@/server/http'

export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    const { id } = await params
    return Response.json(await startBoil(id, await readWrite(request, startBoilSchema), new Date()))
  })
}
