import { answer, eventStream } from '@/server/http'
import { admitHub, followChannel } from '@/server/probes'

export function GET(request: Request, { params }: { params: Promise<{ channel: string }> }) {
  return answer(async () => {
    const { channel } = await params
    await admitHub(channel, request.headers.get('authorization'))
    return eventStream((signal) => followChannel(channel, signal), request)
  })
}
