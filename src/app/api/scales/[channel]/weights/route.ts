import { admitDevice, parseWeights, storeWeights } from '@/server/devices'
import { answer, readBody } from '@/server/http'

const LIMIT = 512 * 1024

export const POST = (request: Request, { params }: { params: Promise<{ channel: string }> }) =>
  answer(async () => {
    const { channel } = await params
    await admitDevice(channel, 'scale', request.headers.get('authorization'))
    return Response.json(await storeWeights(channel, parseWeights(await readBody(request, LIMIT))))
  })
