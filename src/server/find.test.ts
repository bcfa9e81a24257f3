/** The log as it is searched, compared and explained, on a real database. */
import { ulid } from 'ulid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { anything, type Find } from '@/contract/logbook'
import { nothingJudged } from '@/contract/verdict'
import type { CauseId } from '@/core'
import { type Db, findBatch } from '@/db'
import { demoHistory } from '@/demo/history'
import { loadLog } from '../../scripts/lib/demo-workshop'
import { setVerdict } from './batches'
import { beside } from './beside'
import { batchStory, logbook, logbookFacets } from './logbook'
import { freshWorkshop, problem } from './testing'

let db: Db
let close: () => Promise<void>
const history = demoHistory()

beforeAll(async () => {
  ;({ db, close } = await freshWorkshop())
  await loadLog(db, history)
})
afterAll(() => close())

const found = async (find: Partial<Find>): Promise<string[]> => {
  const ids: string[] = []
  let next: string | null = null
  do {
    const page: Awaited<ReturnType<typeof logbook>> = await logbook('log', { ...anything, ...find }, next)
    ids.push(...page.entries.map((e) => e.id))
    next = page.next
  } while (next)
  return ids
}
const those = (is: (h: (typeof history)[number]) => boolean): string[] =>
  history
    .filter(is)
    .map((h) => h.batch.id)
    .reverse()

describe('finding in the log', () => {
  it('keeps to what was asked, alone and together', async () => {
    expect(await found({ formula: 'orchard-toffee' })).toEqual(those((h) => h.batch.formulaId === 'orchard-toffee'))
    expect(await found({ ring: 'left gas ring' })).toEqual(
      those((h) => h.batch.conditions.burner.name === 'left gas ring'),
    )
    expect(await found({ month: '2026-10' })).toEqual(those((h) => h.batch.startedAt.getUTCMonth() === 9))
    expect(await found({ month: '10' })).toEqual(await found({ month: '2026-10' }))
    expect(await found({ score: 'poor' })).toEqual(those((h) => h.score <= 2))
    expect(await found({ flaw: 'grained' })).toEqual(those((h) => h.judged.flaws.includes('grained')))
    expect(await found({ q: 'spoon reach' })).toEqual(those((h) => /spoon.*reach/.test(h.note)))
    expect(await found({ formula: 'orchard-toffee', score: 'poor', flaw: 'scorched' })).toHaveLength(1)
  })

  it('tells early from late by the batch’s own tolerance, and leaves none out', async () => {
    const parts = await Promise.all((['early', 'on', 'late'] as const).map((pulled) => found({ pulled })))
    expect(parts.flat().toSorted()).toEqual(those(() => true).toSorted())
    const [scorched] = await found({ flaw: 'scorched' })
    expect(parts[2]).toContain(scorched)
  })

  it('counts by month and score what it would list', async () => {
    for (const find of [{}, { formula: 'orchard-toffee' }, { score: 'good' as const }]) {
      const { months } = await logbookFacets('log', { ...anything, ...find })
      const all = months.flatMap((m) => Object.values(m.scores)).reduce((a, b) => a + b, 0)
      expect(all).toBe((await found(find)).length)
      expect(months.map((m) => m.month)).toEqual(
        months
          .map((m) => m.month)
          .toSorted()
          .reverse(),
      )
    }
  })

  it('takes signs of patterns for letters, and finds a batch by its code', async () => {
    expect(await found({ q: '%' })).toEqual(those((h) => h.note.includes('%')))
    expect(await found({ q: '_' })).toEqual([])
    const { entry } = await batchStory(history[3]?.batch.id as string)
    expect(await found({ q: entry.code.toLowerCase() })).toEqual([entry.id])
  })
})

describe('why a batch came out as it did', () => {
  const causeOf = async (flaw: Find['flaw']): Promise<CauseId | undefined> => {
    const [id] = await found({ flaw })
    return (await batchStory(id as string)).why?.suspects[0]?.cause
  }

  it('is read off its log', async () => {
    expect(await causeOf('grained')).toBe('stirred-hot')
    expect(await causeOf('scorched')).toBe('pulled-late')
    expect(['damp-air', 'pulled-early']).toContain(await causeOf('weeps'))
  })

  it('follows what is said of it', async () => {
    const { id } = history[20]?.batch ?? { id: '' }
    const record = await findBatch(db, id)
    const from = { note: record?.note ?? '', score: record?.score ?? null, judged: record?.judged ?? nothingJudged }
    await setVerdict(id, { ...from, judged: { ...from.judged, flaws: ['would-not-release'] }, from })
    const { why } = await batchStory(id)
    expect(why?.flaws).toEqual(['would-not-release'])
    expect(why?.suspects.map((s) => s.cause)).toContain('not-greased')
  })
})

describe('batches side by side', () => {
  it('are those asked for, the first with the three before it where it is alone', async () => {
    const toffees = await found({ formula: 'orchard-toffee' })
    const four = await beside([toffees[0] as string])
    expect(four.batches.map((b) => b.entry.id)).toEqual(toffees.slice(0, 4))
    expect(four.pulls.map((p) => p.id)).toEqual(toffees.toReversed())
    const two = await beside([toffees[2] as string, toffees[0] as string])
    expect(two.batches.map((b) => b.entry.id)).toEqual([toffees[2], toffees[0]])
    for (const b of four.batches) {
      expect(b.curve.length).toBeGreaterThan(60)
      expect(b.pulledAt).toBeGreaterThan(0)
    }
  })

  it('lie on one target, whatever the air was', async () => {
    const toffees = await found({ formula: 'orchard-toffee' })
    const { batches } = await beside(toffees.slice(0, 8))
    const target = batches[0]?.entry.target ?? 0
    expect(new Set(batches.map((b) => b.movedC === 0)).size).toBe(2)
    for (const b of batches) expect(b.entry.target + b.movedC).toBeCloseTo(target, 0)
  })

  it('says so where there is no such batch', async () => {
    expect(await problem(beside([ulid()]))).toMatchObject({ status: 404 })
  })
})
