import { answer, readBody } from '@/server/http'
import { admitHub, parseReadings, storeReadings } from '@/server/probes'

const LIMIT = 1024 * 1024

export function POST(request: Request, { params }: { params: Promise<{ channel: string }> }) {
  return answer(async () => {
    const { channel } = await params
    await admitHub(channel, request.headers.get('authorization'))
    const readings = parseReadings(await readBody(request, LIMIT))
    return Response.json(await storeReadings(channel, readings))
  })
}
