import { ofChannel } from '@/contract/text'
import { admitHub, followChannel } from '@/server/probes'
import { route } from '@/server/route'

export const GET = route(
  { params: ofChannel, auth: admitHub },
  ({ params }) =>
    (signal: AbortSignal) =>
      followChannel(params.channel, signal),
)
