/** Lots, costs and recalls, on a real database: both ways through a recall agree with sums by hand. */
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { type Db, lotsOfBatch, takenOfLots } from '@/db'
import { demoHistory } from '@/demo/history'
import { demoLots } from '@/demo/lots'
import { loadLog } from '../../scripts/lib/demo-workshop'
import { startBatch } from './batches'
import { batchLabel, batchStock, recall, setLots } from './stock'
import { freshWorkshop, problem, request } from './testing'

let db: Db
let close: () => Promise<void>
const history = demoHistory().slice(0, 12)

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
  await loadLog(db, history)
})
afterAll(() => close())

describe('lots', () => {
  it('are taken down by a batch, once, as much as it wants', async () => {
    const r = request('two')
    await startBatch(r, new Date())
    await startBatch(r, new Date())
    const { lots } = await batchStock(r.id, 100)
    const sugar = lots.filter((l) => l.ingredient === 'sugar').reduce((sum, l) => sum + l.taken, 0)
    expect(sugar).toBeGreaterThan(100)
    const used = await lotsOfBatch(db, r.id)
    expect(used.reduce((sum, u) => sum + (u.ingredient === 'sugar' ? u.grams : 0), 0)).toBeCloseTo(sugar, 6)
  })

  it('are put right as somebody says, and never with what is not in it', async () => {
    const { id } = history[0]?.batch ?? { id: '' }
    const before = await lotsOfBatch(db, id)
    const [first] = before
    await setLots(id, [{ lot: first?.lot ?? '', grams: 1 }])
    expect((await lotsOfBatch(db, id)).map((u) => u.grams)).toEqual([1])
    expect(await problem(setLots(id, [{ lot: 'no-such', grams: 1 }]))).toMatchObject({ status: 404 })
    expect(await problem(setLots(id, [{ lot: 'pistachios-a', grams: 1 }]))).toMatchObject({ status: 400 })
    await setLots(id, before)
    expect(await lotsOfBatch(db, id)).toEqual(before)
  })
})

describe('a recall', () => {
  it('finds every batch of a lot, and no other', async () => {
    const taken = await takenOfLots(db)
    for (const lot of demoLots.filter((l) => taken.has(l.id)).slice(0, 6)) {
      const found = await recall(lot.code)
      if (found.of !== 'lot') throw new Error(lot.code)
      expect(found.batches.reduce((sum, b) => sum + b.grams, 0)).toBeCloseTo(taken.get(lot.id) ?? 0, 3)
      for (const b of found.batches) {
        const back = await recall(b.code)
        expect(back.of === 'batch' && back.lots.some((l) => l.code === lot.code)).toBe(true)
      }
    }
  })

  it('finds what was in a batch by the code on its label, however it is written', async () => {
    const { code } = await batchLabel(history[3]?.batch.id ?? '')
    const found = await recall(code.toLowerCase())
    expect(found).toMatchObject({ of: 'batch', id: history[3]?.batch.id })
    expect(await problem(batchLabel(ulid()))).toMatchObject({ status: 404 })
  })

  it('of what is no code of ours offers the lots that batches had of, bought last first', async () => {
    const taken = await takenOfLots(db)
    for (const asked of ['', 'nothing of ours']) {
      const found = await recall(asked)
      if (found.of !== 'nothing') throw new Error(asked)
      expect(found.lots.length).toBe(Math.min(24, demoLots.filter((l) => taken.has(l.id)).length))
      const got = found.lots.map(({ lot }) => demoLots.find((l) => l.id === lot)?.got ?? '')
      expect(got).toEqual(got.toSorted().reverse())
      for (const l of found.lots) expect(l.taken).toBeCloseTo(taken.get(l.lot) ?? 0, 6)
    }
  })
})
