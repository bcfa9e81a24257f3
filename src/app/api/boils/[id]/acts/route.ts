import { loggedActSchema } from '@/contract/cook'
import { logAct } from '@/server/cook'
import { answer, readWrite } from '@/server/http'

export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    const { id } = await params
    return Response.json(await logAct(id, await readWrite(request, loggedActSchema), new Date()))
  })
}
