/**
 * The stand-in probe hub: a process of its own. It speaks to the app only through the contract a real hub would use
 * (docs/probe-contract.md). Settings: IMBRY_APP (address), IMBRY_HUB_TOKEN, IMBRY_CHANNELS (ids, comma between). A
 * channel called short-… has a probe whose tip now and then rests on the base.
 */
import { listen, openPusher } from './link'
import { openStand } from './stand'

const PUSH_EVERY_MS = 200

const app = process.env.IMBRY_APP ?? 'http://127.0.0.1:3210'
const token = process.env.IMBRY_HUB_TOKEN
const channels = (process.env.IMBRY_CHANNELS ?? 'quick-probe').split(',')
if (!token) {
  console.error('The hub needs IMBRY_HUB_TOKEN, the token its channels were set up with.')
  process.exit(1)
}

const stop = new AbortController()

for (const channel of channels) {
  const link = { app, channel, token }
  const stand = openStand({
    lagS: 4,
    noiseC: 0.15,
    offsetC: 0,
    dropShare: 0.01,
    ...(channel.startsWith('short') && { touches: { perHour: 12, seconds: 25 } }),
  })
  const pusher = openPusher(link)
  void listen(link, stand.follow, stop.signal)
  setInterval(() => void pusher.push(stand.run(Date.now())), PUSH_EVERY_MS)
}

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => process.exit(0))
