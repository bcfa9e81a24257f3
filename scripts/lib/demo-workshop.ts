/** Loads the demo workshop: kitchen, formulas and the log of the last months. Does nothing where there is one already. */

import sharp from 'sharp'
import { ulid } from 'ulid'
import { blankDay, type Day } from '@/contract/day'
import type { KitchenView } from '@/contract/kitchen'
import { kitchenKinds, kitchenSchemas } from '@/contract/kitchen'
import { nothingJudged } from '@/contract/verdict'
import { asPlanned, type FormulaDocument, meantOf, obeyedDay, planning, runOut } from '@/core'
import { seeded } from '@/core/quantity/seeded'
import {
  addChannel,
  addRevision,
  appendEvents,
  appendReadings,
  type Db,
  findBatch,
  findBoil,
  findDay,
  findFormula,
  insertBatch,
  insertBoil,
  putSummary,
  putThing,
  readThings,
  writeDay,
  writeVerdict,
} from '@/db'
import { demoFormulas } from '@/demo/formulas'
import { demoHistory, lastDemoBatchId } from '@/demo/history'
import { demoChannels, demoDevices, demoThings } from '@/demo/kitchen'
import { demoPicture } from '@/demo/pictures'
import { sumUpLog } from '@/server/long/cook'
import { packed } from '@/server/long/packed'
import { keepPicture } from '@/server/pictures'
import { takeDown } from '@/server/stock'
import { hashToken } from '@/server/tokens'
import { compileDay } from '@/workers/day-task'

const EPOCH = new Date('2026-08-01T07:00:00.000Z')

export async function loadDemo(db: Db, hubToken: string): Promise<void> {
  await loadBook(db, hubToken)
  // written in order, so the last one being there means all are
  if (!(await findBatch(db, lastDemoBatchId))) {
    await loadLog(db, demoHistory())
    await loadDay(db, new Date())
  }
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
  for (const whole of history) {
    const { batch, boils, note, score, judged } = whole
    const [first, ...others] = boils
    if (!first) continue
    await insertBatch(db, batch, demoFormulas[batch.formulaId] as FormulaDocument, first.boil)
    await takeDown(db, batch.id)
    for (const { boil } of others) await insertBoil(db, boil)
    for (const { boil, events, readings } of boils) {
      await appendEvents(db, boil.id, events)
      await appendReadings(db, boil.id, readings)
      const view = await findBoil(db, boil.id)
      const log = { acts: events, readings: packed(readings.map((r) => [r.at.getTime(), r.celsius])) }
      if (view) await putSummary(db, view.id, sumUpLog(view, log))
    }
    if (pictured(whole)) {
      const drawing = await sharp(Buffer.from(demoPicture(whole, 0)))
        .png()
        .toBuffer()
      await keepPicture(batch.id, ulid(batch.startedAt.getTime(), seeded(7)), drawing, batch.startedAt, db)
    }
    await writeVerdict(db, batch.id, { note, score, judged }, { note: '', score: null, judged: nothingJudged })
  }
}

/** What the demo's cooks took a picture of: what went wrong, what went best, and what went into the last weeks. */
const pictured = ({ score, judged, batch }: ReturnType<typeof demoHistory>[number]): boolean =>
  judged.flaws.length > 0 || score === 5 || batch.startedAt.getTime() > PICTURES_FROM
const PICTURES_FROM = Date.parse('2026-11-01')

/** The demo's things, into a kitchen that has none: what was changed or thrown out since stays so. */
export async function furnish(db: Db): Promise<void> {
  const there = await readThings(db)
  if (kitchenKinds.some((kind) => there[kind].length > 0)) return
  for (const kind of kitchenKinds)
    for (const { id, ...facts } of demoThings[kind]) await putThing(db, kind, id, kitchenSchemas[kind].parse(facts))
}

/** Hours of the demo's planned day, and what is made. */
const PLANNED: readonly (readonly [string, number])[] = [
  ['orchard-toffee', 80],
  ['smoked-salt-tamarind-caramels', 144],
  ['rhubarb-nettle-elderflower-drops', 162],
  ['blackcurrant-marshmallow', 64],
]

/** Plans of a day that are tried: more of them end no sooner. */
const DAY_TRIES = 40

/** Days before it that were worked through, how long ago, and what was made. */
const WORKED: readonly { readonly ago: number; readonly made: typeof PLANNED }[] = [
  { ago: 1, made: PLANNED.slice(0, 3) },
  { ago: 2, made: [PLANNED[3], PLANNED[0]] as typeof PLANNED },
  { ago: 7, made: PLANNED },
]

/** A day of the demo as it is wanted, with its tasks and a plan of them. */
function planned(made: typeof PLANNED, kitchen: KitchenView) {
  const items = made.map(([formula, pieces]) => ({
    id: formula.slice(0, 12),
    formula,
    size: { by: 'pieces' as const, pieces },
  }))
  const day: Day = { ...blankDay('quay'), items }
  const formulas = made.map(([id]) => ({ id, revision: 1, document: demoFormulas[id] as FormulaDocument }))
  const { task } = compileDay({ day, formulas, kitchen, gives: {}, paces: {}, bySeconds: 8.5 * 3600 })
  const plan = runOut(planning(task, seeded(made.length), DAY_TRIES))
  return { day: { ...day, meant: meantOf(plan), ways: plan.ways }, task, plan }
}

/** The demo's day, `seconds` after its first hour, gone as planned so far. */
export function halfRun(kitchen: KitchenView, seconds: number): Day {
  const { day, plan } = planned(PLANNED, kitchen)
  const { began, ended, by } = asPlanned(plan, seconds)
  return { ...day, began, ended, who: by as Day['who'] }
}

/** The day of `now` as far as it should be, and days before it as they went; one that is there stays. */
export async function loadDay(db: Db, now: Date): Promise<void> {
  const dateOf = (ago: number): string => new Date(now.getTime() - ago * 86_400_000).toISOString().slice(0, 10)
  if (await findDay(db, dateOf(0))) return
  const kitchen: KitchenView = { ...(await readThings(db)), unreadable: [], channels: [], scales: [] }
  for (const { ago, made } of WORKED) {
    const { day, task, plan } = planned(made, kitchen)
    const { began, ended, by } = obeyedDay(task, plan, seeded(90 + ago)).practice.soFar
    await writeDay(db, dateOf(ago), { ...day, began, ended, who: by as Day['who'] }, 0)
  }
  const seconds = (now.getTime() - Date.parse(`${dateOf(0)}T08:00:00Z`)) / 1000
  await writeDay(db, dateOf(0), halfRun(kitchen, seconds), 0)
}
