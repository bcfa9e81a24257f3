import { type ChannelFrame, type PushedReading, readingSchema } from '@/contract/cook'
import { isWithinCook } from '@/contract/events'
import {
  appendReadings,
  type BoilSpan,
  boilOnChannel,
  db,
  eventsAfter,
  findChannel,
  headsOfChannels,
  lastReadingAt,
  recentBoilsOnChannel,
} from '@/db'
import { summarise } from './cook'
import { parseJson } from './json'
import { nudge, together, watchTopics } from './log-watch'
import { Problem } from './problem'
import { isToken } from './tokens'

const MOST_READINGS = 5000

/** Lets a hub in: the channel exists and the bearer token is its own. Compared in constant time. */
export async function admitHub({
  params,
  authorization,
}: {
  params: { channel: string }
  authorization: string | null
}): Promise<void> {
  const channel = await findChannel(db(), params.channel)
  if (!channel) throw new Problem(404, `There is no probe channel "${params.channel}"`)
  const token = authorization?.startsWith('Bearer ') ? authorization.slice(7) : ''
  if (!isToken(token, channel.tokenHash)) throw new Problem(401, 'The hub’s token is missing or wrong')
}

/** Newline-delimited JSON readings; all of them are good or none is taken. */
export function parseReadings(body: string): PushedReading[] {
  const lines = body.split('\n').filter((l) => l.trim() !== '')
  if (lines.length === 0) throw new Problem(400, 'There is no reading in the body', 'Nothing was stored.')
  if (lines.length > MOST_READINGS)
    throw new Problem(413, `At most ${MOST_READINGS} readings a push, not ${lines.length}`, 'Nothing was stored.')
  return lines.map((line, i) => parseJson(line, readingSchema, `Reading ${i + 1}`))
}

const belongs = (at: number, boil: BoilSpan, named?: string): boolean =>
  (named === undefined || named === boil.id) &&
  isWithinCook(boil.startedAt.getTime(), at) &&
  (boil.endedAt === null || at <= boil.endedAt.getTime())

/**
 * Stores readings with the boil that was on the channel when they were taken. Readings taken while nothing was
 * cooking are let go, and counted so the hub knows.
 */
export async function storeReadings(
  channelId: string,
  pushed: readonly PushedReading[],
): Promise<{ stored: number; repeated: number; idle: number }> {
  const boils = await recentBoilsOnChannel(db(), channelId)
  const byBoil = new Map<string, { id: string; at: Date; celsius: number }[]>()
  let idle = 0
  for (const r of pushed) {
    const at = new Date(r.at)
    const boil = boils.find((b) => belongs(at.getTime(), b, r.boil))
    if (!boil) {
      idle++
      continue
    }
    const rows = byBoil.get(boil.id) ?? []
    rows.push({ id: r.id, at, celsius: r.celsius })
    byBoil.set(boil.id, rows)
  }
  let stored = 0
  for (const [boilId, rows] of byBoil) {
    stored += await appendReadings(db(), boilId, rows)
    if (boils.some((b) => b.id === boilId && b.endedAt !== null)) await summarise(boilId)
    nudge(`log ${boilId}`)
  }
  return { stored, repeated: pushed.length - stored - idle, idle }
}

const headOf = together((channels) => headsOfChannels(db(), channels))

/** Tells a hub what is on its channel, whenever that changes: what the maker does on screen, the hub may act on. */
export async function* followChannel(channelId: string, signal: AbortSignal): AsyncGenerator<ChannelFrame | null> {
  const topic = { name: `channel ${channelId}`, head: () => headOf(channelId) }
  yield* watchTopics([topic], () => onChannel(channelId), signal)
}

async function onChannel(channelId: string): Promise<ChannelFrame> {
  const boil = await boilOnChannel(db(), channelId)
  if (!boil) return { boil, acts: [], lastReadingAt: null }
  const [acts, newest] = await Promise.all([eventsAfter(db(), boil.id, 0), lastReadingAt(db(), boil.id)])
  return { boil, acts: acts.map(({ n: _, ...act }) => act), lastReadingAt: newest?.toISOString() ?? null }
}
