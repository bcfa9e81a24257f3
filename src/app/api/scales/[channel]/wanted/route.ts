import { wantedSchema } from '@/contract/devices'
import { ofChannel } from '@/contract/text'
import { admitDevice, followWanted, wantOn } from '@/server/devices'
import { json } from '@/server/http'
import { route } from '@/server/route'

export const GET = route(
  { params: ofChannel, auth: admitDevice('scale') },
  ({ params }) =>
    (signal: AbortSignal) =>
      followWanted(params.channel, signal),
)

export const PUT = route({ params: ofChannel, body: json(wantedSchema) }, async ({ params, body }) => {
  await wantOn(params.channel, body)
  return { kept: true }
})
