import { verdictSchema } from '@/contract/batch'
import { setVerdict } from '@/server/batches'
import { answer, readWrite } from '@/server/http'

export function PUT(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    const { id } = await params
    await setVerdict(id, await readWrite(request, verdictSchema))
    return Response.json({ saved: true })
  })
}
