import { noteSchema } from '@/contract/batch'
import { setNote } from '@/server/batches'
import { answer, readWrite } from '@/server/http'

export function PUT(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    const { id } = await params
    const { note } = await readWrite(request, noteSchema)
    await setNote(id, note)
    return Response.json({ saved: true })
  })
}
