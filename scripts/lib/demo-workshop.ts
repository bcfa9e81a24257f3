/** Loads the demo workshop: kitchen, formulas and the log of the last months. Does nothing where there is one already. */

import { kitchenKinds, kitchenSchemas } from '@/contract/kitchen'
import type { FormulaDocument } from '@/core'
import {
  addChannel,
  addRevision,
  appendEvent,
  appendReadings,
  type Db,
  findBatch,
  findBoil,
  findFormula,
  insertBatch,
  insertBoil,
  putThing,
  readThings,
  writeVerdict,
} from '@/db'
import { demoFormulas } from '@/demo/formulas'
import { demoHistory, lastDemoBatchId } from '@/demo/history'
import { demoChannels, demoDevices, demoThings } from '@/demo/kitchen'
import { sumUp } from '@/server/cook'
import { hashToken } from '@/server/tokens'

export const demoChannelIds = demoChannels.map((c) => c.id)

const EPOCH = new Date('2026-08-01T07:00:00.000Z')

export async function loadDemo(db: Db, hubToken: string): Promise<void> {
  await loadBook(db, hubToken)
  // written in order, so the last one being there means all are
  if (!(await findBatch(db, lastDemoBatchId))) await loadLog(db, demoHistory())
}

/** The demo's channels, kitchen and book, with nothing cooked yet. */
export async function loadBook(db: Db, hubToken: string): Promise<void> {
  const tokenHash = hashToken(hubToken)
  for (const channel of [...demoChannels, ...demoDevices]) await addChannel(db, { ...channel, tokenHash })
  await furnish(db)
  for (const [id, document] of Object.entries(demoFormulas))
    if (!(await findFormula(db, id))) await addRevision(db, id, document, EPOCH)
}

/** Batches of the demo's log, with all that was read and done. */
export async function loadLog(db: Db, history: ReturnType<typeof demoHistory>): Promise<void> {
  for (const { batch, boils, note, score } of history) {
    const [first, ...others] = boils
    if (!first) continue
    await insertBatch(db, batch, demoFormulas[batch.formulaId] as FormulaDocument, first.boil)
    for (const { boil } of others) await insertBoil(db, boil)
    for (const { boil, events, readings } of boils) {
      for (const event of events) await appendEvent(db, boil.id, event, new Date(event.at))
      await appendReadings(db, boil.id, readings)
      const view = await findBoil(db, boil.id)
      if (view) await sumUp(db, view, { acts: events, readings: readings.map((r) => [r.at.getTime(), r.celsius]) })
    }
    await writeVerdict(db, batch.id, { note, score }, { note: '', score: null })
  }
}

/** The demo's things, into a kitchen that has none: what was changed or thrown out since stays so. */
export async function furnish(db: Db): Promise<void> {
  const there = await readThings(db)
  if (kitchenKinds.some((kind) => there[kind].length > 0)) return
  for (const kind of kitchenKinds)
    for (const { id, ...facts } of demoThings[kind]) await putThing(db, kind, id, kitchenSchemas[kind].parse(facts))
}
