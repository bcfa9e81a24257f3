import { ulid } from 'ulid'
import type { BatchConditions, BatchVerdict, StartBatch, StartBoil } from '@/contract/batch'
import type { BoilView } from '@/contract/cook'
import { scale, standardPressure } from '@/core'
import { boilsOfBatch, db, findChannel, insertBatch, insertBoil, openBoils, readKitchen, writeVerdict } from '@/db'
import { formula } from './formulas'
import { nudge } from './news'
import { Problem } from './problem'

function pick<T extends { id: string }>(list: readonly T[], id: string, what: string): T {
  const found = list.find((x) => x.id === id)
  if (!found) throw new Problem(404, `There is no ${what} "${id}"`)
  return found
}

async function conditionsOf(request: StartBatch): Promise<BatchConditions> {
  const kitchen = await readKitchen(db())
  const room = pick(kitchen.rooms, request.room, 'room')
  const { id: _pot, ...pot } = pick(kitchen.pots, request.pot, 'pot')
  const { id: _burner, ...burner } = pick(kitchen.burners, request.burner, 'burner')
  return {
    room: room.name,
    altitudeM: room.altitudeM,
    pressurePa: standardPressure(room.altitudeM),
    roomC: room.roomC,
    humidity: room.humidity,
    pot,
    burner,
    vessel: request.vessel ? pick(kitchen.vessels, request.vessel, 'tray or mould').facts : null,
  }
}

/** Freezes the revision, the scaled plan and the kitchen, and starts the first boil's clock. Retries are harmless. */
export async function startBatch(request: StartBatch, now: Date): Promise<{ id: string; boilId: string }> {
  const { document } = await formula(request.formula, request.revision)
  const conditions = await conditionsOf(request)
  if (request.channel && !(await findChannel(db(), request.channel)))
    throw new Problem(404, `There is no probe channel "${request.channel}"`)
  const plan = planOrProblem(() =>
    scale(document, {
      size: request.size,
      shape: request.shape,
      vessel: conditions.vessel ?? undefined,
      potLitres: conditions.pot.litres,
    }),
  )
  await insertBatch(
    db(),
    { id: request.id, formulaId: request.formula, revision: request.revision, plan, conditions, startedAt: now },
    {
      id: request.boilId,
      batchId: request.id,
      number: 1,
      label: plan.boils[0] ?? '',
      channelId: request.channel,
      startedAt: now,
      clock: { id: ulid(), rate: request.rate },
    },
  )
  if (request.channel) nudge(request.channel)
  return { id: request.id, boilId: request.boilId }
}

function planOrProblem<T>(work: () => T): T {
  try {
    return work()
  } catch (error) {
    if (error instanceof RangeError) throw new Problem(400, error.message)
    throw error
  }
}

/** Starts the next boil of a batch, on the channel of the boil before it. */
export async function startBoil(batchId: string, request: StartBoil, now: Date): Promise<{ id: string }> {
  const boils = await boilsOfBatch(db(), batchId)
  const first = boils[0]
  if (!first) throw new Problem(404, 'There is no such batch')
  const label = first.plan.boils[request.number - 1]
  if (label === undefined)
    throw new Problem(400, `This batch has ${first.plan.boils.length} boils, not ${request.number}`)
  const there = boils.find((b) => b.number === request.number)
  if (there && there.id !== request.id) throw new Problem(409, 'That boil has been started already')
  await insertBoil(db(), {
    id: request.id,
    batchId,
    number: request.number,
    label,
    channelId: first.channel,
    startedAt: now,
    clock: { id: ulid(), rate: request.rate },
  })
  if (first.channel) nudge(first.channel)
  return { id: request.id }
}

export async function setVerdict(batchId: string, verdict: BatchVerdict): Promise<void> {
  if (!(await writeVerdict(db(), batchId, verdict))) throw new Problem(404, 'There is no such batch')
}

export const boilsOn = (): Promise<BoilView[]> => openBoils(db())
