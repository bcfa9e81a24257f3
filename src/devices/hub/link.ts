/** The hub's line to the app: pushes readings, keeping them until they are taken, and listens for what is on a channel. */
import { type ChannelFrame, channelFrameSchema, type PushedReading } from '@/contract/cook'
import { type DeviceFacts, readEvents } from '../link'

const MOST_A_PUSH = 2000

/** Pushes readings in order. What is not acknowledged stays and goes with the next push. */
export function openPusher({ app, channel, token }: DeviceFacts) {
  const held: PushedReading[] = []
  let busy = false
  let most = MOST_A_PUSH
  return {
    async push(readings: readonly PushedReading[]): Promise<void> {
      held.push(...readings)
      if (busy || held.length === 0) return
      busy = true
      const batch = held.slice(0, most)
      try {
        const response = await fetch(`${app}/api/probes/${channel}/readings`, {
          method: 'POST',
          headers: { authorization: `Bearer ${token}`, 'content-type': 'application/x-ndjson' },
          body: batch.map((r) => JSON.stringify(r)).join('\n'),
          signal: AbortSignal.timeout(5000),
        })
        const refused = response.status === 400
        // one bad reading refuses all that came with it: halves find it, and the good ones beside it are taken
        most = refused ? Math.ceil(batch.length / 2) : MOST_A_PUSH
        if (response.ok || (refused && batch.length === 1)) held.splice(0, batch.length)
        if (!response.ok) console.error(`hub ${channel}: the app answered ${response.status}`)
        await response.body?.cancel()
      } catch {
        // the app is away; the readings wait
      } finally {
        busy = false
      }
    },
  }
}

/** Follows the channel until stopped, reconnecting after `pauseMs` whenever the line drops. */
export async function listen(
  { app, channel, token }: DeviceFacts,
  onFrame: (frame: ChannelFrame) => void,
  signal: AbortSignal,
  pauseMs = 500,
): Promise<void> {
  while (!signal.aborted) {
    try {
      const response = await fetch(`${app}/api/probes/${channel}/cook`, {
        headers: { authorization: `Bearer ${token}` },
        signal,
      })
      if (!response.ok || !response.body) throw new Error(`the app answered ${response.status}`)
      await readEvents(response.body, (data) => onFrame(channelFrameSchema.parse(JSON.parse(data))))
    } catch {
      // away for a moment: try again
    }
    await new Promise((resolve) => setTimeout(resolve, pauseMs))
  }
}
