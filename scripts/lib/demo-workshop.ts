/** Loads the demo workshop: kitchen, formulas and the log of the last months. Does nothing where there is one already. */

import type { LoggedAct } from '@/contract/cook'
import { eventsOf } from '@/contract/events'
import { kitchenKinds, kitchenSchemas } from '@/contract/kitchen'
import { assessCook, type FormulaDocument, summaryOf } from '@/core'
import {
  addRevision,
  appendEvent,
  appendReadings,
  type Db,
  findBatch,
  findBoil,
  findFormula,
  insertBatch,
  insertBoil,
  putChannel,
  putSummary,
  putThing,
  readThings,
  writeVerdict,
} from '@/db'
import { demoFormulas } from '@/demo/formulas'
import { demoHistory, lastDemoBatchId } from '@/demo/history'
import { demoChannels, demoDevices, demoThings } from '@/demo/kitchen'
import { hashToken } from '@/server/probes'

export const demoChannelIds = demoChannels.map((c) => c.id)

const EPOCH = new Date('2026-08-01T07:00:00.000Z')

export async function loadDemo(db: Db, hubToken: string): Promise<void> {
  const tokenHash = hashToken(hubToken)
  for (const channel of [...demoChannels, ...demoDevices]) await putChannel(db, { ...channel, tokenHash })
  await furnish(db)
  for (const [id, document] of Object.entries(demoFormulas))
    if (!(await findFormula(db, id))) await addRevision(db, id, document, EPOCH)
  // written in order, so the last one being there means all are
  if (await findBatch(db, lastDemoBatchId)) return
  for (const { batch, boils, note, score } of demoHistory()) {
    const [first, ...others] = boils
    if (!first) continue
    await insertBatch(db, batch, demoFormulas[batch.formulaId] as FormulaDocument, first.boil)
    for (const { boil } of others) await insertBoil(db, boil)
    for (const { boil, events, readings } of boils) {
      for (const event of events) await appendEvent(db, boil.id, event, new Date(event.at))
      await appendReadings(db, boil.id, readings)
      await sumUp(db, boil, events, readings)
    }
    await writeVerdict(db, batch.id, { note, score })
  }
}

/** What lists show of a boil, as the server writes it when one ends. */
async function sumUp(
  db: Db,
  { id, startedAt }: { id: string; startedAt: Date },
  acts: readonly LoggedAct[],
  readings: readonly { at: Date; celsius: number }[],
): Promise<void> {
  const view = await findBoil(db, id)
  if (!view) return
  const start = startedAt.getTime()
  const record = {
    events: eventsOf(acts, start),
    readings: readings.map(({ at, celsius }) => ({ at: (at.getTime() - start) / 1000, celsius })),
  }
  await putSummary(db, id, summaryOf(assessCook(view, record, 0)))
}

/** The demo's things, into a kitchen that has none: what was changed or thrown out since stays so. */
export async function furnish(db: Db): Promise<void> {
  const there = await readThings(db)
  if (kitchenKinds.some((kind) => there[kind].length > 0)) return
  for (const kind of kitchenKinds)
    for (const { id, ...facts } of demoThings[kind]) await putThing(db, kind, id, kitchenSchemas[kind].parse(facts))
}
