/**
 * The stand-in barometer: weather that drifts about what the altitude gives, told twice a minute. A process of its own
 * behind docs/device-contracts.md. Settings: IMBRY_APP, IMBRY_HUB_TOKEN, IMBRY_CHANNEL, IMBRY_ALTITUDE (m), IMBRY_HUMIDITY (0 to 1).
 */
import { standardPressure } from '@/core'
import { normal, seeded } from '@/core/quantity/seeded'
import { deviceFacts } from '../link'

const EVERY_MS = 30_000
/** ◊ Weather in hPa: how far it wanders, and how much of it stays from one telling to the next. */
const WEATHER = { hPa: 4, humidity: 0.04, stays: 0.995 }

const { app, channel, token } = deviceFacts('quay-barometer')
const usual = standardPressure(Number(process.env.IMBRY_ALTITUDE ?? 0)) / 100
const random = seeded(11)
const usualHumidity = Number(process.env.IMBRY_HUMIDITY ?? 0.63)
let weather = 0
let damp = 0

const wander = (x: number, by: number): number =>
  WEATHER.stays * x + by * Math.sqrt(1 - WEATHER.stays ** 2) * normal(random)

async function tell(): Promise<void> {
  weather = wander(weather, WEATHER.hPa)
  damp = wander(damp, WEATHER.humidity)
  try {
    const response = await fetch(`${app}/api/barometers/${channel}/pressure`, {
      method: 'POST',
      headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
      body: JSON.stringify({
        at: new Date().toISOString(),
        hPa: usual + weather,
        humidity: Math.min(0.98, Math.max(0.05, usualHumidity + damp)),
      }),
      signal: AbortSignal.timeout(5000),
    })
    await response.body?.cancel()
  } catch {
    // the app is away: the next telling says it anew
  }
}

void tell()
setInterval(() => void tell(), EVERY_MS)

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => process.exit(0))
