import { ofChannel } from '@/contract/text'
import { pushed } from '@/server/http'
import { admitHub, parseReadings, storeReadings } from '@/server/probes'
import { route } from '@/server/route'

const LIMIT = 1024 * 1024

export const POST = route({ params: ofChannel, auth: admitHub, body: pushed(LIMIT) }, ({ params, body }) =>
  storeReadings(params.channel, parseReadings(body)),
)
