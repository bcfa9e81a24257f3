import { admitDevice, takePressure } from '@/server/devices'
import { answer, readBody } from '@/server/http'

export const POST = (request: Request, { params }: { params: Promise<{ channel: string }> }) =>
  answer(async () => {
    const { channel } = await params
    await admitDevice(channel, 'barometer', request.headers.get('authorization'))
    return Response.json(await takePressure(channel, await readBody(request, 4096)))
  })
