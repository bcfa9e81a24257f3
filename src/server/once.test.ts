/** Every write is harmless when repeated: made twice, at once, or in another order, it comes to the same. */
import fc from 'fast-check'
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { LoggedAct } from '@/contract/cook'
import type { FormulaFile } from '@/contract/files'
import { nothingJudged } from '@/contract/verdict'
import { type Db, eventsAfter, findBatch, readingsAfter, readScales } from '@/db'
import { demoFormulas } from '@/demo/formulas'
import { setVerdict, startBatch, startBoil } from './batches'
import { boil, logAct } from './cook'
import { storeWeights } from './devices'
import { exportFormulas, importFormulas } from './files'
import { addFormula, revise, revisions } from './formulas'
import { logbook } from './logbook'
import { storeReadings } from './probes'
import { freshWorkshop, problem, request } from './testing'

let db: Db
let close: () => Promise<void>

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
})
afterAll(() => close())

const document = demoFormulas['smoked-salt-tamarind-caramels'] as (typeof demoFormulas)[string]
const at = (boilStart: string, s: number): string => new Date(Date.parse(boilStart) + s * 1000).toISOString()

async function started() {
  const r = request()
  await startBatch(r, new Date())
  return { ...r, startedAt: (await boil(r.boilId)).startedAt }
}

describe('a write', () => {
  it('made twice, at once and in any order leaves the log it leaves when made once', async () => {
    const acts = fc.array(fc.record({ s: fc.integer({ min: 0, max: 900 }), dial: fc.integer({ min: 0, max: 10 }) }), {
      minLength: 1,
      maxLength: 6,
    })
    await fc.assert(
      fc.asyncProperty(acts, fc.infiniteStream(fc.nat()), async (list, order) => {
        const { boilId, startedAt } = await started()
        const logged: LoggedAct[] = list.map(({ s, dial }) => ({
          id: ulid(),
          at: at(startedAt, s),
          act: { type: 'heat', dial },
        }))
        const readings = list.map(({ s }, i) => ({ id: `reading-${i}`, at: at(startedAt, s), celsius: 100 + i }))
        const shuffled = [...logged, ...logged]
          .map((act) => ({ act, place: order.next().value ?? 0 }))
          .sort((a, b) => a.place - b.place)
        await Promise.all([
          ...shuffled.map(({ act }) => logAct(boilId, act, new Date())),
          storeReadings('one', readings),
          storeReadings('one', readings.toReversed()),
        ])
        const stored = (await eventsAfter(db, boilId, 0)).filter((e) => e.act.type === 'heat')
        expect(new Set(stored.map((e) => e.id))).toEqual(new Set(logged.map((l) => l.id)))
        expect(stored).toHaveLength(logged.length)
        expect(await readingsAfter(db, boilId, 0)).toHaveLength(readings.length)
        await logAct(boilId, { id: ulid(), at: at(startedAt, 901), act: { type: 'finished' } }, new Date())
      }),
      { numRuns: 12 },
    )
  })

  it('that starts a batch starts one, with one clock, however often and by however many it is sent', async () => {
    const r = request('two')
    const before = (await logbook()).entries.length
    await Promise.all(Array.from({ length: 6 }, () => startBatch(r, new Date())))
    await startBatch(r, new Date(Date.now() + 5))
    expect((await logbook()).entries.length).toBe(Math.min(40, before + 1))
    expect((await eventsAfter(db, r.boilId, 0)).map((e) => e.act.type)).toEqual(['clock'])
  })

  it.each([
    [
      'a batch of another size',
      (r: ReturnType<typeof request>) => ({ ...r, size: { by: 'pieces' as const, pieces: 60 } }),
    ],
    ['the boil of another batch', (r: ReturnType<typeof request>) => ({ ...r, id: ulid() })],
    ['a batch with another boil', (r: ReturnType<typeof request>) => ({ ...r, boilId: ulid() })],
  ])('under an id that is taken by %s is refused and changes nothing', async (_, other) => {
    const r = request('three')
    await startBatch(r, new Date())
    const before = await findBatch(db, r.id)
    const refused = await problem(startBatch(other(r), new Date()))
    // the same batch and number with another first boil is answered by what is there
    expect(refused?.status).toBe(409)
    expect(await findBatch(db, r.id)).toEqual(before)
  })

  it('that begins the next boil begins one, whoever presses first', async () => {
    const r = await started()
    const ids = await Promise.all(
      Array.from({ length: 5 }, () => startBoil(r.id, { id: ulid(), number: 2, rate: 1 }, new Date())),
    )
    expect(new Set(ids.map((i) => i.id)).size).toBe(1)
  })

  it('with the id of another act is refused, in whatever boil that is', async () => {
    const [one, two] = [await started(), await started()]
    const act: LoggedAct = { id: ulid(), at: at(one.startedAt, 5), act: { type: 'lid', on: true } }
    await logAct(one.boilId, act, new Date())
    expect(await logAct(one.boilId, act, new Date())).toEqual({ stored: false })
    for (const [boilId, changed] of [
      [one.boilId, { ...act, act: { type: 'lid' as const, on: false } }],
      [two.boilId, act],
    ] as const)
      expect((await problem(logAct(boilId, changed, new Date())))?.status).toBe(409)
  })

  it('of a formula makes one revision, at once and again, and two of the same book both go through', async () => {
    const write = ulid()
    const made = await Promise.all(
      Array.from({ length: 4 }, () => addFormula({ ...document, name: 'Once' }, write, new Date())),
    )
    expect(new Set(made.map((m) => `${m.id} ${m.revision}`)).size).toBe(1)
    const { id } = made[0] as { id: string }
    const second = { document: { ...document, name: 'Once more' }, from: 1, write: ulid() }
    await Promise.all([revise(id, second, new Date()), revise(id, second, new Date())])
    expect(await revisions(id)).toHaveLength(2)

    const book = JSON.parse(await exportFormulas()) as FormulaFile
    const file = JSON.stringify({
      ...book,
      formulas: book.formulas.slice(0, 6).map((f) => ({ ...f, document: { ...f.document, about: 'anew' } })),
    })
    const counts = await Promise.all([0, 1, 2].map(() => importFormulas(file, new Date())))
    expect(counts.reduce((n, c) => n + c.revised, 0)).toBe(6)
    expect(counts.reduce((n, c) => n + c.same, 0)).toBe(12)
  })

  it('of a verdict is kept for whoever wrote first; the other is told', async () => {
    const { id } = await started()
    const from = { note: '', score: null, judged: nothingJudged }
    const [one, two] = [
      { note: 'grainy', score: 2, judged: nothingJudged, from },
      { note: 'fine', score: 5, judged: nothingJudged, from },
    ]
    const failed = (await Promise.all([setVerdict(id, one), setVerdict(id, two)].map(problem))).filter(
      (p) => p !== null,
    )
    expect(failed.map((p) => p.status)).toEqual([409])
    const kept = await findBatch(db, id)
    await setVerdict(id, kept?.score === 2 ? one : two)
    expect(await findBatch(db, id)).toEqual(kept)
  })

  it('of a scale that comes late or again changes nothing', async () => {
    const weights = [1, 2, 3].map((s) => ({ id: `weight-${s}`, at: `2026-11-26T08:00:0${s}.000Z`, grams: 10 * s }))
    await storeWeights('one', weights)
    const after = await readScales(db, ['one'])
    await Promise.all([storeWeights('one', weights), storeWeights('one', weights.slice(0, 1))])
    expect(await readScales(db, ['one'])).toEqual(after)
  })
})
