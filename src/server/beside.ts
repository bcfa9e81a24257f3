/** Batches set beside each other: their curves, and what was different about the first of them. */
import { eventsOf } from '@/contract/events'
import type { Beside, BesideBatch, LogbookEntry } from '@/contract/logbook'
import {
  analyse,
  type BoiledFormula,
  believed,
  boiledIn,
  type CookEvent,
  cooledAs,
  gramsOfBoil,
  isBoiled,
  mainBoil,
  nameOfLine,
  openCook,
  type Reading,
  unusualIn,
  whatDiffered,
} from '@/core'
import {
  type BatchRecord,
  batchesBefore,
  boilsInBatches,
  comparedBatches,
  db,
  evenReadings,
  eventsAfter,
  findBatch,
  pullsOf,
} from '@/db'
import { entriesOf } from './logbook'
import { Problem } from './problem'

/** ◊ One alone is set beside so many before it. */
const BEFORE = 3
/** ◊ Points of one curve that a screen can show, fewer where there are several; and batches in the run of pulls. */
const POINTS = 700
const PULLS = 40
/** ◊ Targets no further apart, °C, are those of one kitchen; from here on it is the air that decides where it boils. */
const SAME_AIR = 1
const BOILS = 90
/** ◊ Share by which a line has to differ to be said. */
const APART = 0.01

/** With `after` also how each cooled once it was poured. @throws Problem 404 where one of them is not there. */
export async function beside(asked: readonly string[], after = false): Promise<Beside> {
  const first = await findBatch(db(), asked[0] as string)
  if (!first) throw new Problem(404, 'There is no such batch')
  const ids =
    asked.length > 1 ? asked : [first.id, ...(await batchesBefore(db(), first.formulaId, first.startedAt, BEFORE))]
  const records = await Promise.all(ids.map((id) => findBatch(db(), id)))
  const found = records.filter((r): r is BatchRecord => r !== null)
  const ours = found.map((r) => r.id)
  const [entries, boils] = await Promise.all([entriesOf(ours), boilsInBatches(db(), ours)])
  const boiled = mainBoil(first.formula)
  const [batches, compared, pulls] = await Promise.all([
    Promise.all(
      found.map((r) =>
        besideBatch(
          r,
          entries,
          first,
          boils.find((b) => b.batchId === r.id && b.number === mainNumber(r)),
          { points: Math.ceil(POINTS / Math.sqrt(found.length)), after },
        ),
      ),
    ),
    comparedBatches(db(), { ids }),
    pullsOf(db(), first.formulaId, first.startedAt, PULLS),
  ])
  const me = compared.find((b) => b.id === first.id)
  const others = compared.filter((b) => b !== me)
  return {
    batches,
    stages: boiled ? analyse(boiled, first.conditions).stages : [],
    different: me ? whatDiffered(unusualIn([me], others)) : [],
    lines: linesApart(first, found.slice(1)),
    pulls,
  }
}

/** Number of the boil a batch is known by: its own first, or that of its first part that is boiled. */
function mainNumber({ formula, plan }: BatchRecord): number {
  const part = isBoiled(formula) ? null : (boiledIn(formula)[0]?.part ?? null)
  return Math.max(1, plan.boils.findIndex((b) => b.part === part) + 1)
}

async function besideBatch(
  record: BatchRecord,
  entries: ReadonlyMap<string, LogbookEntry>,
  first: BatchRecord,
  boil: Awaited<ReturnType<typeof boilsInBatches>>[number] | undefined,
  { points, after }: { readonly points: number; readonly after: boolean },
): Promise<BesideBatch> {
  const entry = entries.get(record.id) as LogbookEntry
  // in other air the same syrup boils at another temperature: what is alike has to lie on one line
  const moved =
    record.formulaId === first.formulaId ? (entries.get(first.id)?.target ?? entry.target) - entry.target : 0
  const movedC = Math.abs(moved) < SAME_AIR ? 0 : moved
  if (!boil)
    return { entry, revision: record.revision, curve: [], cools: [], movedC, boiledAt: null, pulledAt: null, turns: [] }
  const start = boil.startedAt.getTime()
  const [rows, acts] = await Promise.all([
    evenReadings(db(), boil.key, boil.readings, points),
    eventsAfter(db(), boil.id, 0),
  ])
  const events = eventsOf(acts, start)
  const readings = rows.map((r) => ({ at: (r.at.getTime() - start) / 1000, celsius: r.celsius }))
  const thermometer = record.conditions.thermometers.find((t) => t.channel === boil.channelId)
  const right = believed(readings, events, thermometer)
  const boiled = mainBoil(record.formula)
  const steps = new Map(boiled?.steps.map((s) => [s.id, s]))
  const pulled = events.find((e) => e.type === 'pulled')?.at ?? null
  const boils = events.find((e) => e.type === 'step' && steps.get(e.step)?.when.on === 'boil')?.at
  return {
    entry,
    revision: record.revision,
    curve: right
      .filter((r) => pulled === null || r.at < pulled + 600)
      .map((r) => [Math.round(r.at), Math.round(10 * (r.celsius + (r.celsius > BOILS ? movedC : 0))) / 10] as const),
    cools: after && boiled ? coolsOf(record, boil.number, boiled, events, right) : [],
    movedC,
    boiledAt: boils ?? null,
    pulledAt: pulled,
    turns: events.flatMap((e) => (e.type === 'heat' ? [{ at: e.at, dial: e.dial }] : [])),
  }
}

/** ◊ Points of a curve after the pour, and s after which it is as warm as the room for all that matters. */
const COOL_POINTS = 120
const COOLED = 4 * 3600

function coolsOf(
  { plan, conditions }: BatchRecord,
  number: number,
  formula: BoiledFormula,
  events: readonly CookEvent[],
  readings: readonly Reading[],
): BesideBatch['cools'] {
  const cook = openCook(formula, gramsOfBoil(plan, number), conditions, { lagS: 0, noiseC: 0 }, events)
  const cooled = cooledAs(cook, events, readings)
  if (!cooled) return []
  return Array.from({ length: COOL_POINTS + 1 }, (_, i) => {
    const at = cooled.from + (COOLED * i) / COOL_POINTS
    return [Math.round(at), Math.round(10 * cooled.celsiusAt(at)) / 10] as const
  })
}

/** Grams a kilo of finished sweet, by line, where the first differs from the mean of the others. */
function linesApart(first: BatchRecord, others: readonly BatchRecord[]): Beside['lines'] {
  const alike = others.filter((o) => o.formulaId === first.formulaId)
  const boiled = mainBoil(first.formula)
  if (alike.length === 0 || !boiled) return []
  const share = (r: BatchRecord, line: string): number => {
    const number = mainNumber(r)
    const all = r.plan.outGrams * (r.plan.boils[number - 1]?.share ?? 1)
    return (1000 * (gramsOfBoil(r.plan, number)[line] ?? 0)) / all
  }
  return boiled.lines.flatMap((line) => {
    const { id } = line
    const here = share(first, id)
    const there = alike.reduce((sum, r) => sum + share(r, id), 0) / alike.length
    if (Math.abs(here - there) <= APART * Math.max(here, there)) return []
    return [{ name: nameOfLine(first.formula, line), here, there }]
  })
}
