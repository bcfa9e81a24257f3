import {
  type DeviceKind,
  type PushedWeight,
  pressureSchema,
  type ScaleFrame,
  type Wanted,
  weightSchema,
} from '@/contract/devices'
import {
  appendWeights,
  db,
  findChannel,
  headOfScale,
  lastWeights,
  putThing,
  readThings,
  setWanted,
  wantedOn,
} from '@/db'
import { parseJson } from './http'
import { follow, nudge } from './news'
import { admitHub } from './probes'
import { Problem } from './problem'

const MOST = 2000

/** Lets a device in by its token, if it is what it says it is. */
export async function admitDevice(channel: string, kind: DeviceKind, authorization: string | null): Promise<void> {
  await admitHub(channel, authorization)
  await knownDevice(channel, kind)
}

async function knownDevice(channel: string, kind: DeviceKind): Promise<{ room: string | null }> {
  const found = await findChannel(db(), channel)
  if (found?.kind !== kind) throw new Problem(404, `There is no ${kind} "${channel}"`)
  return found
}

/** Newline-delimited JSON weights; all of them are good or none is taken. */
export function parseWeights(body: string): PushedWeight[] {
  const lines = body.split('\n').filter((l) => l.trim() !== '')
  if (lines.length === 0) throw new Problem(400, 'There is no weight in the body', 'Nothing was stored.')
  if (lines.length > MOST)
    throw new Problem(413, `At most ${MOST} weights a push, not ${lines.length}`, 'Nothing was stored.')
  return lines.map((line, i) => parseJson(line, weightSchema, `Weight ${i + 1}`))
}

export async function storeWeights(channel: string, pushed: readonly PushedWeight[]): Promise<{ stored: number }> {
  const stored = await appendWeights(db(), channel, pushed)
  nudge(`scale ${channel}`)
  return { stored }
}

/** ◊ Weights this near each other stand still, g, and how many are looked at. */
const STILL = { grams: 0.6, count: 40 }

/** What a scale shows, whenever that changes; null now and then to say it still listens. */
export async function* followScale(channel: string, signal: AbortSignal): AsyncGenerator<ScaleFrame | null> {
  await knownDevice(channel, 'scale')
  const topic = { name: `scale ${channel}`, head: () => headOfScale(db(), channel) }
  yield* follow([topic], () => shownBy(channel), signal)
}

async function shownBy(channel: string): Promise<ScaleFrame | null> {
  const last = await lastWeights(db(), channel, STILL.count)
  const newest = last.at(-1)
  if (!newest) return null
  const moved = last.findLast((w) => Math.abs(w.grams - newest.grams) > STILL.grams)
  const since = moved ? moved.at : (last[0] as { at: Date }).at
  return { grams: newest.grams, still: (newest.at.getTime() - since.getTime()) / 1000 }
}

/** Says what is to be weighed next, so that a scale with a display can show it. */
export async function wantOn(channel: string, { grams }: Wanted): Promise<void> {
  await knownDevice(channel, 'scale')
  await setWanted(db(), channel, grams)
  nudge(`wanted ${channel}`)
}

/** Tells a scale what is to be weighed next, whenever that changes. */
export async function* followWanted(channel: string, signal: AbortSignal): AsyncGenerator<Wanted | null> {
  const wanted = (): Promise<number | null> => wantedOn(db(), channel)
  yield* follow([{ name: `wanted ${channel}`, head: wanted }], async () => ({ grams: await wanted() }), signal)
}

/** Takes a barometer’s word for the pressure in its room. */
export async function takePressure(channel: string, body: string): Promise<{ room: string; hPa: number }> {
  const { hPa } = parseJson(body, pressureSchema)
  const { room: id } = await knownDevice(channel, 'barometer')
  const room = (await readThings(db())).room.find((r) => r.id === id)
  if (!room || id === null) throw new Problem(404, `The kitchen has no room "${id}"`)
  const { id: _, ...facts } = room
  await putThing(db(), 'room', id, { ...facts, barometerHPa: Math.round(hPa * 10) / 10 })
  return { room: id, hPa }
}
