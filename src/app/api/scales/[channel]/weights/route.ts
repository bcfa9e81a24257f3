import { ofChannel } from '@/contract/text'
import { admitDevice, parseWeights, storeWeights } from '@/server/devices'
import { pushed } from '@/server/http'
import { route } from '@/server/route'

const LIMIT = 512 * 1024

export const POST = route({ params: ofChannel, auth: admitDevice('scale'), body: pushed(LIMIT) }, ({ params, body }) =>
  storeWeights(params.channel, parseWeights(body)),
)
