import { ofChannel } from '@/contract/text'
import { admitDevice, takePressure } from '@/server/devices'
import { pushed } from '@/server/http'
import { route } from '@/server/route'

const LIMIT = 4096

export const POST = route(
  { params: ofChannel, auth: admitDevice('barometer'), body: pushed(LIMIT) },
  ({ params, body }) => takePressure(params.channel, body),
)
