/** The day of a date: what is wanted of it, with the formulas and the kitchen a plan is computed from. */
import type { BoilView } from '@/contract/cook'
import { blankDay, type Cooked, type Day, type DayView } from '@/contract/day'
import { givesFrom, LEFT_BELOW, pacesFrom } from '@/core'
import {
  daysBefore,
  db,
  eventsAfter,
  findBoil,
  findDay,
  findFormula,
  firstReadAt,
  formulaNames,
  takenOfLots,
  taughtOf,
  writeDay,
} from '@/db'
import { kitchen } from './kitchen'
import { Problem } from './problem'

/** A day that was written, or a blank one in the hours of the one before it. */
export async function dayOf(date: string): Promise<DayView> {
  const [found, before, things, book, taken] = await Promise.all([
    findDay(db(), date),
    daysBefore(db(), date, MOST_EARLIER),
    kitchen(),
    formulaNames(db()),
    takenOfLots(db()),
  ])
  const [earlier] = before
  const room = things.room[0]?.id ?? ''
  const day = found?.day ?? {
    ...blankDay(room),
    ...(earlier && { from: earlier.day.from, by: earlier.day.by, room: earlier.day.room, cooks: earlier.day.cooks }),
  }
  const lit = (await Promise.all(Object.entries(day.boils).map(litBoil))).flat()
  const records = await Promise.all([...new Set(day.items.map((i) => i.formula))].map((id) => findFormula(db(), id)))
  return {
    date,
    day,
    version: found?.version ?? 0,
    formulas: records.flatMap((r) => (r ? [{ id: r.id, revision: r.revision, document: r.document }] : [])),
    book,
    kitchen: things,
    gives: await givesIn(things),
    paces: pacesFrom(before.flatMap(({ day: d }) => timedIn(d))),
    earlier: before.flatMap(({ date: on, day: { items } }) => (items.length > 0 ? [{ date: on, items }] : [])),
    stock: stockOf(things.lot, taken),
    cooked: Object.fromEntries(lit.map(({ block, cooked }) => [block, cooked])),
    onStove: Object.fromEntries(
      lit.flatMap(({ block, boil, cooked }) => (cooked.pulledAt === null && !boil.endedAt ? [[block, boil]] : [])),
    ),
  }
}

/** ◊ Days that are looked back on: some to be made from again, all to learn a pace from. */
export const MOST_EARLIER = 20

/** How long works of a day took against their plan. */
export const timedIn = ({ meant, began, ended }: Day): { what: string; share: number }[] =>
  Object.entries(meant).flatMap(([task, [from, to, what]]) => {
    const [start, end] = [began[task], ended[task]]
    return start === undefined || end === undefined || to <= from || end <= start
      ? []
      : [{ what, share: (end - start) / (to - from) }]
  })

/** Grams left of each ingredient that is kept in lots. */
function stockOf(lots: DayView['kitchen']['lot'], taken: ReadonlyMap<string, number>): Record<string, number> {
  const stock: Record<string, number> = {}
  for (const l of lots) stock[l.ingredient] = (stock[l.ingredient] ?? 0) + Math.max(0, l.grams - (taken.get(l.id) ?? 0))
  return stock
}

/** ◊ The newest boils say what a ring gives; pots and rings beyond so many are planned by their plates. */
const LEARNS_FROM = 8
const MOST_STANDS = 24

/** What each ring has been found to give each pot. */
async function givesIn({ pot, burner }: DayView['kitchen']): Promise<DayView['gives']> {
  const stands = pot.flatMap((p) => burner.map((b) => ({ p, b }))).slice(0, MOST_STANDS)
  const found = await Promise.all(
    stands.map(async ({ p, b }) => {
      const since = b.learnsFrom ? new Date(b.learnsFrom) : undefined
      const { powers, paces } = await taughtOf(db(), p.name, b.name, LEARNS_FROM, since)
      const gives = givesFrom(powers, paces)
      return gives ? [[`${p.id} ${b.id}`, gives] as const] : []
    }),
  )
  return Object.fromEntries(found.flat())
}

/** A boil of a block, and when it was lit, watched and pulled; nothing for one that is gone. */
async function litBoil([block, id]: [string, string]): Promise<{ block: string; boil: BoilView; cooked: Cooked }[]> {
  const boil = await findBoil(db(), id)
  if (!boil) return []
  const [events, watched] = await Promise.all([eventsAfter(db(), id, 0), firstReadAt(db(), id, LEFT_BELOW)])
  const pulledAt = events.findLast((e) => e.act.type === 'pulled')?.at ?? null
  return [{ block, boil, cooked: { startedAt: boil.startedAt, watchedAt: watched?.toISOString() ?? null, pulledAt } }]
}

/** Writes a day, unless another was written since its writer looked. */
export async function setDay(date: string, day: Day, version: number): Promise<{ version: number }> {
  for (const { formula } of day.items)
    if (!(await findFormula(db(), formula)))
      throw new Problem(404, `There is no formula "${formula}"`, 'The day is as it was.')
  const written = await writeDay(db(), date, day, version)
  if (written === null)
    throw new Problem(
      409,
      'Another screen has changed this day in the meantime. Load the page again to see it.',
      'That is kept.',
    )
  return { version: written }
}
