import { wantedSchema } from '@/contract/devices'
import { admitDevice, followWanted, wantOn } from '@/server/devices'
import { answer, eventStream, readWrite } from '@/server/http'

export const GET = (request: Request, { params }: { params: Promise<{ channel: string }> }) =>
  answer(async () => {
    const { channel } = await params
    await admitDevice(channel, 'scale', request.headers.get('authorization'))
    return eventStream((signal) => followWanted(channel, signal), request)
  })

export const PUT = (request: Request, { params }: { params: Promise<{ channel: string }> }) =>
  answer(async () => {
    const { channel } = await params
    await wantOn(channel, await readWrite(request, wantedSchema))
    return Response.json({ kept: true })
  })
