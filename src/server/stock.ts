/** What a batch cost and of which lots it was made; the label on it; and the way from one to the other in a recall. */
import type { KitchenThings } from '@/contract/kitchen'
import type { BatchLabel, BatchStock, LotChoice, LotTaken, Recall } from '@/contract/stock'
import {
  allLines,
  burnerPower,
  costOf,
  type Film,
  type FormulaDocument,
  gramsByIngredient,
  ingredientIn,
  type LotStock,
  labelOf,
  type Prices,
  takeLots,
} from '@/core'
import {
  type BatchRecord,
  batchesOfLots,
  batchOfCode,
  boilMinutes,
  type Db,
  db,
  findBatch,
  findBatchRow,
  lotsOfBatch,
  lotsOfCode,
  putLotUses,
  readThings,
  takenOfLots,
} from '@/db'
import { Problem } from './problem'

async function batchRecord(id: string, from: Db = db()): Promise<BatchRecord> {
  const found = await findBatch(from, id)
  if (!found) throw new Problem(404, 'There is no such batch')
  return found
}

/** Prices by the newest lot that has one, else by what an own ingredient costs. */
export function pricesIn({ lot, ingredient, house }: Pick<KitchenThings, 'lot' | 'ingredient' | 'house'>): Prices {
  const perKg = Object.fromEntries([
    ...ingredient.flatMap((i) => (i.pricePerKg === null ? [] : [[i.ingredient.id, i.pricePerKg]])),
    ...lot
      .toSorted((a, b) => a.got.localeCompare(b.got))
      .flatMap((l) => (l.price === null ? [] : [[l.ingredient, (1000 * l.price) / l.grams]])),
  ])
  const { perKwh = null, perWrap = null, perHour = null } = house[0] ?? {}
  return { perKg, perKwh, perWrap, perHour }
}

/** ◊ Mean dial of a cook, and a person's minutes beside the pot's: weighing, pouring, cutting, wrapping. */
const MEAN_DIAL = 7
const BESIDE_MINUTES = 40

/** What a batch cost that made so many `pieces`, and its lots with what is left of each. */
export async function batchStock(id: string, pieces: number): Promise<BatchStock> {
  const batch = await batchRecord(id)
  const [things, taken, used, minutes] = await Promise.all([
    readThings(db()),
    takenOfLots(db()),
    lotsOfBatch(db(), id),
    boilMinutes(db(), id),
  ])
  const { plan, formula, conditions } = batch
  const wanted = gramsByIngredient(formula, plan)
  // what is burnt, not what reaches the pot
  const kwh = (burnerPower({ ...conditions.burner, efficiency: 1 }, MEAN_DIAL) / 1000) * (minutes / 60)
  const work = minutes + BESIDE_MINUTES
  const lots = things.lot
    .filter((l) => wanted.has(l.ingredient))
    .map((l): LotChoice => {
      const mine = used.find((u) => u.lot === l.id)?.grams ?? 0
      return {
        lot: l.id,
        name: l.name,
        code: l.code,
        ingredient: l.ingredient,
        bestBefore: l.bestBefore,
        left: l.grams - (taken.get(l.id) ?? 0) + mine,
        taken: mine,
      }
    })
  return {
    costing: costOf(formula, plan, pricesIn(things), { kwh, minutes: work, pieces }),
    currency: things.house[0]?.currency ?? '',
    minutes: work,
    lots,
    loose: looseIn(formula, new Set(lots.map((l) => l.ingredient))),
  }
}

const looseIn = (formula: FormulaDocument, known: ReadonlySet<string>): string[] => [
  ...new Set(
    allLines(formula).flatMap((l) =>
      l.ingredient === 'water' || known.has(l.ingredient) ? [] : [ingredientIn(formula, l.ingredient).name],
    ),
  ),
]

/** Takes down what a batch of `plan` wants, the lots that were `chosen` first, then what is to be used first. Nothing where the kitchen keeps no lots. */
export async function takeDown(to: Db, id: string, chosen: readonly string[] = []): Promise<void> {
  const [batch, { lot }, taken] = await Promise.all([batchRecord(id, to), readThings(to), takenOfLots(to)])
  if (batch.practice || lot.length === 0) return
  const stock = lot.map((l): LotStock => ({ ...l, left: l.grams - (taken.get(l.id) ?? 0) }))
  const code = new Map(lot.map((l) => [l.id, l.code]))
  const uses = takeLots(gramsByIngredient(batch.formula, batch.plan), stock, new Set(chosen))
  await putLotUses(
    to,
    id,
    uses.map((u) => ({ ...u, lotCode: code.get(u.lot) ?? '' })),
  )
}

/** Writes what a batch took, as somebody put it right. */
export async function setLots(id: string, uses: readonly { lot: string; grams: number }[]): Promise<void> {
  const [batch, { lot }] = await Promise.all([batchRecord(id), readThings(db())])
  const wanted = gramsByIngredient(batch.formula, batch.plan)
  const rows = uses.map(({ lot: lotId, grams }) => {
    const found = lot.find((l) => l.id === lotId)
    if (!found) throw new Problem(404, `The kitchen has no lot “${lotId}”`, 'What the batch took stands as it was.')
    if (!wanted.has(found.ingredient))
      throw new Problem(400, `Nothing of “${found.name}” is in this batch`, 'What the batch took stands as it was.')
    return { lot: lotId, ingredient: found.ingredient, lotCode: found.code, grams }
  })
  await putLotUses(db(), id, rows)
}

/** ◊ Most lots that are offered where a code leads nowhere. */
const MOST_OFFERED = 24

/** Of the kitchen's lots those that batches had of, bought last first. */
async function takenOf(lots: KitchenThings['lot']): Promise<LotTaken[]> {
  const taken = await takenOfLots(db())
  return lots
    .filter((l) => taken.has(l.id))
    .toSorted((a, b) => b.got.localeCompare(a.got))
    .slice(0, MOST_OFFERED)
    .map(({ id, name, code, grams }) => ({ lot: id, name, code, grams, taken: taken.get(id) ?? 0 }))
}

/** Follows a code: a batch's, to what was in it; a pack's, to the batches that had of it. */
export async function recall(asked: string): Promise<Recall> {
  const { lot } = await readThings(db())
  if (asked === '') return { of: 'nothing', lots: await takenOf(lot) }
  const batch = await batchOfCode(db(), asked.toUpperCase())
  if (batch) {
    const [record, row, used] = await Promise.all([
      batchRecord(batch),
      findBatchRow(db(), batch),
      lotsOfBatch(db(), batch),
    ])
    const names = new Map(lot.map((l) => [l.id, l.name]))
    return {
      of: 'batch',
      id: batch,
      name: row?.name ?? record.formula.name,
      startedAt: record.startedAt.toISOString(),
      lots: used.map((u) => ({ name: names.get(u.lot) ?? u.lot, code: u.lotCode, grams: u.grams })),
      loose: looseIn(record.formula, new Set(used.map((u) => u.ingredient))),
    }
  }
  const known = lot.filter((l) => l.code === asked || l.id === asked)
  const ids = [...new Set([...known.map((l) => l.id), ...(await lotsOfCode(db(), asked))])]
  if (ids.length === 0) return { of: 'nothing', lots: await takenOf(lot) }
  const rows = await batchesOfLots(db(), ids)
  return {
    of: 'lot',
    name: known[0]?.name ?? asked,
    batches: rows.map(({ batch: id, startedAt, code, name, pieces, outGrams, grams }) => ({
      batch: id,
      code,
      name,
      startedAt: startedAt.toISOString(),
      pieces,
      outGrams,
      grams,
    })),
  }
}

/** ◊ What sweets are wrapped in where the formula does not say. */
const USUAL_FILM: Film = 'cellulose'

/** What stands on the label of a batch. */
export async function batchLabel(id: string): Promise<BatchLabel> {
  const [batch, { house }] = await Promise.all([batchRecord(id), readThings(db())])
  const wrap = batch.formula.steps.findLast((s) => s.handwork?.kind === 'wrap')?.handwork
  const film = wrap?.kind === 'wrap' ? wrap.film : USUAL_FILM
  return {
    id,
    label: labelOf(batch.formula, batch.plan, batch.conditions, film),
    code: batch.code,
    madeAt: batch.startedAt.toISOString(),
    house: house[0] ? { name: house[0].name, address: house[0].address } : null,
  }
}
