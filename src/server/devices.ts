import {
  type DeviceKind,
  type PushedWeight,
  pressureSchema,
  type ScaleFrame,
  type Wanted,
  weightSchema,
} from '@/contract/devices'
import { changeScale, db, findChannel, putThing, readScales, readThings, type ScaleState } from '@/db'
import { parseJson } from './json'
import { nudge, together, watchTopics } from './log-watch'
import { admitHub } from './probes'
import { Problem } from './problem'

const MOST = 2000

/** Lets a device in by its token, if it is what it says it is. */
export const admitDevice =
  (kind: DeviceKind) =>
  async (asked: { params: { channel: string }; authorization: string | null }): Promise<void> => {
    await admitHub(asked)
    await knownDevice(asked.params.channel, kind)
  }

/** @throws Problem 404 where there is no such device. */
export async function knownDevice(channel: string, kind: DeviceKind): Promise<{ room: string | null }> {
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

/** ◊ Weights this near each other stand still, g. */
const STILL = 0.6

/** What a scale is known to show once it has sent `pushed`; a weight that was sent before, or late, changes nothing. */
export function scaleAfter(state: ScaleState, pushed: readonly PushedWeight[]): ScaleState {
  const fresh = pushed
    .map(({ at, grams }) => ({ at: new Date(at), grams }))
    .filter(({ at }) => state.at === null || at > state.at)
    .sort((a, b) => a.at.getTime() - b.at.getTime())
  let after = state
  for (const { at, grams } of fresh) {
    const still = after.stillGrams !== null && Math.abs(grams - after.stillGrams) <= STILL
    after = { ...after, at, grams, ...(!still && { stillGrams: grams, stillSince: at }) }
  }
  return after
}

export async function storeWeights(channel: string, pushed: readonly PushedWeight[]): Promise<{ stored: number }> {
  await changeScale(db(), channel, (state) => scaleAfter(state, pushed))
  nudge(`scale ${channel}`)
  return { stored: pushed.length }
}

const stateOf = together((channels) => readScales(db(), channels))
const headOf = (state: ScaleState | null): string => {
  const { at, grams, wanted } = state ?? {}
  return `${at?.getTime()} ${grams} ${wanted}`
}

/** What a scale shows, whenever that changes; null now and then to say it still listens. */
export async function* followScale(channel: string, signal: AbortSignal): AsyncGenerator<ScaleFrame | null> {
  const topic = { name: `scale ${channel}`, head: async () => headOf(await stateOf(channel)) }
  yield* watchTopics([topic], () => shownBy(channel), signal)
}

async function shownBy(channel: string): Promise<ScaleFrame | null> {
  const state = await stateOf(channel)
  if (!state || state.grams === null || state.at === null || state.stillSince === null) return null
  const { grams, at, stillSince } = state
  return { grams, still: (at.getTime() - stillSince.getTime()) / 1000 }
}

/** Says what is to be weighed next, so that a scale with a display can show it. */
export async function wantOn(channel: string, { grams }: Wanted): Promise<void> {
  await knownDevice(channel, 'scale')
  await changeScale(db(), channel, () => ({ wanted: grams }))
  nudge(`wanted ${channel}`)
}

/** Tells a scale what is to be weighed next, whenever that changes. */
export async function* followWanted(channel: string, signal: AbortSignal): AsyncGenerator<Wanted | null> {
  const wanted = async (): Promise<number | null> => (await stateOf(channel))?.wanted ?? null
  yield* watchTopics([{ name: `wanted ${channel}`, head: wanted }], async () => ({ grams: await wanted() }), signal)
}

/** Takes a barometer’s word for the air in its room: its pressure, and its humidity where it tells that. */
export async function takePressure(channel: string, body: string): Promise<{ room: string; hPa: number }> {
  const { hPa, humidity } = parseJson(body, pressureSchema)
  const { room: id } = await knownDevice(channel, 'barometer')
  const room = (await readThings(db())).room.find((r) => r.id === id)
  if (!room || id === null) throw new Problem(404, `The kitchen has no room "${id}"`)
  const { id: _, ...facts } = room
  await putThing(db(), 'room', id, {
    ...facts,
    barometerHPa: Math.round(hPa * 10) / 10,
    humidity: humidity === undefined ? facts.humidity : Math.round(humidity * 1000) / 1000,
  })
  return { room: id, hPa }
}
