import { ofChannel } from '@/contract/text'
import { followScale, knownDevice } from '@/server/devices'
import { route } from '@/server/route'

export const GET = route({ params: ofChannel }, async ({ params: { channel } }) => {
  await knownDevice(channel, 'scale')
  return (signal: AbortSignal) => followScale(channel, signal)
})
