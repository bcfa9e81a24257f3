/**
 * The stand-in kitchen scale: a process of its own behind docs/device-contracts.md. Settings: IMBRY_APP,
 * IMBRY_HUB_TOKEN, IMBRY_CHANNEL.
 */
import { ulid } from 'ulid'
import { wantedSchema } from '@/contract/devices'
import { seeded } from '@/core/quantity/seeded'
import { deviceFacts, readEvents } from '../link'
import { openPan } from './pan'

const EVERY_MS = 250
/** A weight that stands still is told once in so long, less often while nothing is wanted; it trembles by so many grams. */
const STILL_MS = 1000
const RESTS_MS = 15_000
const TREMBLE = 0.3
const PAUSE_MS = 500

const { app, channel, token } = deviceFacts('bench-scale')
const headers = { authorization: `Bearer ${token}` }
const pan = openPan(seeded(7))
let wanted = false

async function listen(): Promise<never> {
  for (;;) {
    try {
      const response = await fetch(`${app}/api/scales/${channel}/wanted`, { headers })
      if (response.ok && response.body)
        await readEvents(response.body, (data) => {
          const { grams } = wantedSchema.parse(JSON.parse(data))
          wanted = grams !== null
          pan.want(grams)
        })
    } catch {
      // away for a moment: try again
    }
    await new Promise((done) => setTimeout(done, PAUSE_MS))
  }
}

void listen()
let held: string[] = []
let busy = false
let told = { grams: Number.NaN, at: 0 }
setInterval(async () => {
  const grams = pan.show(EVERY_MS / 1000)
  const now = Date.now()
  if (Math.abs(grams - told.grams) < TREMBLE && now - told.at < (wanted ? STILL_MS : RESTS_MS)) return
  told = { grams, at: now }
  held.push(JSON.stringify({ id: ulid(), at: new Date(now).toISOString(), grams }))
  if (busy) return
  busy = true
  const batch = held.slice(0, 1000)
  try {
    const response = await fetch(`${app}/api/scales/${channel}/weights`, {
      method: 'POST',
      headers: { ...headers, 'content-type': 'application/x-ndjson' },
      body: batch.join('\n'),
      signal: AbortSignal.timeout(5000),
    })
    if (response.ok || response.status === 400) held = held.slice(batch.length)
    await response.body?.cancel()
  } catch {
    // the app is away; the weights wait
  }
  busy = false
}, EVERY_MS)

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => process.exit(0))
