import { boil, followBoil, parseCursor } from '@/server/cook'
import { answer, eventStream } from '@/server/http'

export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    const { id } = await params
    const from = parseCursor(new URL(request.url).searchParams.get('after'))
    await boil(id)
    return eventStream((signal) => followBoil(id, from, signal), request)
  })
}
