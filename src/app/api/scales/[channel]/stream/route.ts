import { followScale } from '@/server/devices'
import { answer, eventStream } from '@/server/http'

export const GET = (request: Request, { params }: { params: Promise<{ channel: string }> }) =>
  answer(async () => {
    const { channel } = await params
    return eventStream((signal) => followScale(channel, signal), request)
  })
