import { isDeepStrictEqual } from 'node:util'
import { ulid } from 'ulid'
import {
  type BatchConditions,
  burnerSchema,
  type FrozenThermometer,
  potSchema,
  type StartBatch,
  type StartBoil,
  surfaceSchema,
  vesselSchema,
} from '@/contract/batch'
import type { BoilView, Frame } from '@/contract/cook'
import { eventsOf } from '@/contract/events'
import type { KitchenThings } from '@/contract/kitchen'
import { correctionOf, pressureIn } from '@/contract/kitchen-figures'
import type { NewVerdict } from '@/contract/verdict'
import {
  type BatchPlan,
  emptiedAt,
  type FormulaDocument,
  givesFrom,
  gramsOfBoil,
  isBoiled,
  madeIn,
  medianOf,
  readLog,
} from '@/core'
import {
  boilsOfBatch,
  db,
  findBatch,
  findChannel,
  insertBatch,
  insertBoil,
  type LostBoil,
  listChannels,
  openBoils,
  readThings,
  takenChannels,
  taughtOf,
  traitSeen,
  writeVerdict,
} from '@/db'
import { boil, snapshot } from './cook'
import { formula } from './formulas'
import { endPracticeLeftAlone } from './left-alone'
import { nudge } from './log-watch'
import { Problem } from './problem'
import { takeDown } from './stock'
import { workablePlan } from './workable'

function pick<T extends { id: string }>(list: readonly T[], id: string, what: string): T {
  const found = list.find((x) => x.id === id)
  if (!found) throw new Problem(404, `There is no ${what} "${id}"`)
  return found
}

/** The thermometers of the probes, and the one chosen to be read by eye, as their checks have them at `now`. */
function thermometersOf(things: KitchenThings, byEye: string | null, now: Date): FrozenThermometer[] {
  const frozen = things.thermometer
    .filter((t) => t.channel !== null)
    .concat(byEye === null ? [] : pick(things.thermometer, byEye, 'thermometer'))
  return frozen.map(({ name, channel, checks }) => {
    const { gain, shift, sd } = correctionOf(checks, now.getTime())
    return { name, channel, gain, shift, sd }
  })
}

/** ◊ The newest boils on a ring say what it gives. */
const LEARNS_FROM = 8

async function conditionsOf(request: StartBatch, now: Date): Promise<BatchConditions> {
  const kitchen = await readThings(db())
  const pot = potSchema.parse(pick(kitchen.pot, request.pot, 'pot'))
  const chosen = pick(kitchen.burner, request.burner, 'burner')
  const burner = burnerSchema.parse(chosen)
  const since = chosen.learnsFrom ? new Date(chosen.learnsFrom) : undefined
  const { powers, paces } = await taughtOf(db(), pot.name, burner.name, LEARNS_FROM, since)
  const gives = givesFrom(powers, paces)
  const { channel } = request
  const [lags, each] = await Promise.all([
    channel === null ? [] : traitSeen(db(), 'lag', { channel }, LEARNS_FROM),
    traitSeen(db(), 'each', { formula: request.formula }, LEARNS_FROM),
  ])
  const room = pick(kitchen.room, request.room, 'room')
  return {
    room: room.name,
    altitudeM: room.altitudeM,
    pressurePa: pressureIn(room),
    roomC: room.roomC,
    humidity: room.humidity,
    pot,
    burner,
    surfaces: kitchen.surface.map((s) => surfaceSchema.parse(s)),
    ...(gives && { gives }),
    ...(channel && lags.length > 0 && { lagsSeen: { channel, seconds: lags } }),
    ...(each.length > 0 && { secondsEach: Math.exp(medianOf(each)) }),
    ...(channel && { probe: channel }),
    vessel: request.vessel ? vesselSchema.parse(pick(kitchen.vessel, request.vessel, 'tray or mould')) : null,
    thermometers: thermometersOf(kitchen, request.channel === null ? request.thermometer : null, now),
  }
}

/** Freezes the revision, the scaled plan and the kitchen, and starts the first boil's clock. Retries are harmless. */
export async function startBatch(request: StartBatch, now: Date): Promise<{ id: string; boilId: string }> {
  const { document } = await formula(request.formula, request.revision)
  const conditions = await conditionsOf(request, now)
  if (request.channel && (await findChannel(db(), request.channel))?.kind !== 'probe')
    throw new Problem(404, `There is no probe channel "${request.channel}"`)
  const plan = workablePlan(document, conditions, {
    size: request.size,
    shape: request.shape,
    vessel: conditions.vessel ?? undefined,
    potLitres: conditions.pot.litres,
  })
  const inserted = await insertBatch(
    db(),
    { id: request.id, formulaId: request.formula, revision: request.revision, plan, conditions, startedAt: now },
    document,
    {
      id: request.boilId,
      batchId: request.id,
      number: 1,
      label: plan.boils[0]?.label ?? '',
      channelId: channelFor(document, plan, 1, request.channel),
      startedAt: now,
      clock: { id: ulid(), rate: request.rate },
    },
  )
  if (inserted === 'conflict')
    throw new Problem(409, 'There is a batch or a boil of that id already, and it is not this one')
  if (inserted === 'stored') await takeDown(db(), request.id, request.lots)
  if (request.channel) nudge(`channel ${request.channel}`)
  return { id: request.id, boilId: request.boilId }
}

/** The probe of a boil: none for what is baked or mixed by hand. */
function channelFor(formula: FormulaDocument, plan: BatchPlan, number: number, wanted: string | null): string | null {
  const part = plan.boils[number - 1]?.part ?? null
  return madeIn(formula).some((m) => m.part === part && isBoiled(m.formula)) ? wanted : null
}

/** The channel of the boil before it where that is free by now, else another free one, else none: by hand. */
async function freeChannel(wanted: string | null): Promise<string | null> {
  if (wanted === null) return null
  const [taken, channels] = await Promise.all([takenChannels(db()), listChannels(db())])
  if (!taken.has(wanted)) return wanted
  return channels.find((c) => c.kind === 'probe' && !taken.has(c.id))?.id ?? null
}

/** Starts the next boil of a batch: one, whoever asks first. */
export async function startBoil(batchId: string, request: StartBoil, now: Date): Promise<{ id: string }> {
  const boils = await boilsOfBatch(db(), batchId)
  const first = boils[0]
  if (!first) throw new Problem(404, 'There is no such batch')
  const planned = first.plan.boils[request.number - 1]
  if (!planned) throw new Problem(400, `This batch has ${first.plan.boils.length} boils, not ${request.number}`)
  const begun = await findBatch(db(), batchId)
  const wanted = begun && channelFor(begun.formula, first.plan, request.number, begun.conditions.probe ?? first.channel)
  const channel = planned.part === null ? wanted : await freeChannel(wanted)
  const there = await insertBoil(db(), {
    id: request.id,
    batchId,
    number: request.number,
    label: planned.label,
    channelId: channel,
    startedAt: now,
    clock: { id: ulid(), rate: request.rate },
  })
  if (!there) throw new Problem(409, 'There is a boil of that id already, and it is not this one')
  if (channel) nudge(`channel ${channel}`)
  return there
}

/** Writes a verdict, unless another was written since its writer looked. */
export async function setVerdict(batchId: string, { from, ...verdict }: NewVerdict): Promise<void> {
  const now = await writeVerdict(db(), batchId, verdict, from)
  if (now === null) throw new Problem(404, 'There is no such batch')
  if (!isDeepStrictEqual(now, verdict))
    throw new Problem(
      409,
      'Another screen has written about this batch in the meantime. Load the page again to see it.',
      'That is kept, and yours is not stored yet.',
    )
}

/** A boil and its log so far. */
export interface BoilOn {
  readonly boil: BoilView
  readonly first: Frame
}

/** ◊ So many unfinished boils are looked after at most: pots, and what rests after them. */
const MOST_ON = 12
/** Four fit on a screen, and on a stove. */
const MOST_POTS = 4

/** A boil with its log, in the air its room has now: a batch keeps its pressure, but what rests keeps by today's humidity. */
const withLog =
  (rooms: KitchenThings['room']) =>
  async (view: BoilView): Promise<BoilOn> => {
    const humidity = rooms.find((r) => r.name === view.conditions.room)?.humidity ?? view.conditions.humidity
    return { boil: { ...view, conditions: { ...view.conditions, humidity } }, first: await snapshot(view.id) }
  }

/** All that is on the stove or resting after it, the newest first, and what is there but cannot be read. */
export async function boilsOn(now: Date): Promise<{ boils: BoilOn[]; lost: LostBoil[] }> {
  await endPracticeLeftAlone(now)
  const [{ room }, { boils, lost }] = await Promise.all([readThings(db()), openBoils(db(), MOST_ON)])
  return { boils: await Promise.all(boils.map(withLog(room))), lost }
}

/** The boil asked for, then the other pots, the newest first, then what rests. */
export async function potsBeside(id: string, now: Date): Promise<BoilOn[]> {
  await endPracticeLeftAlone(now)
  const [asked, { room }, { boils }] = await Promise.all([boil(id), readThings(db()), openBoils(db(), MOST_ON + 1)])
  const beside = boils.filter((b) => b.id !== id).slice(0, MOST_ON)
  const [first, ...others] = await Promise.all([asked, ...beside].map(withLog(room)))
  const [pots, rests] = [others.filter((b) => !isEmptied(b)), others.filter(isEmptied)]
  return [first as BoilOn, ...pots.slice(0, MOST_POTS - 1), ...rests]
}

/** What was in the pot has been poured. */
function isEmptied({ boil: { formula, plan, number, startedAt }, first }: BoilOn): boolean {
  const events = eventsOf(first.acts, Date.parse(startedAt))
  return emptiedAt(formula, readLog(formula, gramsOfBoil(plan, number), events)) !== null
}
