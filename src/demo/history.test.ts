import { describe, expect, it } from 'vitest'
import { conditionsSchema } from '@/contract/batch'
import { loggedActSchema } from '@/contract/cook'
import { formulaSchema } from '@/contract/formula'
import { demoFormulas } from './formulas'
import { demoHistory } from './history'

describe('the demo log', () => {
  const history = demoHistory()

  it('is the same at every start', () => {
    expect(JSON.stringify(demoHistory())).toBe(JSON.stringify(history))
  })

  it('has forty batches or more over three months, no id twice', () => {
    expect(history.length).toBeGreaterThanOrEqual(40)
    const days =
      ((history.at(-1)?.batch.startedAt.getTime() ?? 0) - (history[0]?.batch.startedAt.getTime() ?? 0)) / 86_400_000
    expect(days).toBeGreaterThan(80)
    const ids = history.flatMap((h) => [
      h.batch.id,
      ...h.boils.flatMap((b) => [
        b.boil.id,
        b.boil.clock.id,
        ...b.events.map((e) => e.id),
        ...b.readings.map((r) => r.id),
      ]),
    ])
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('holds only what the app would take', () => {
    for (const h of history) {
      conditionsSchema.parse(h.batch.conditions)
      for (const b of h.boils) for (const e of b.events) loggedActSchema.parse(e)
    }
    for (const f of Object.values(demoFormulas)) expect(formulaSchema.parse(f)).toEqual(f)
  })

  it('shows a maker who learns', () => {
    const mean = (part: typeof history) => part.reduce((s, h) => s + h.score, 0) / part.length
    expect(mean(history.slice(-14))).toBeGreaterThan(mean(history.slice(0, 14)))
  })

  it('remembers what went wrong, in the cook as in the note', () => {
    const told = (words: RegExp) => history.filter((h) => words.test(h.note))
    const acts = (h: (typeof history)[number]) => h.boils.flatMap((b) => b.events.map((e) => e.act))
    const [grained] = told(/Grained/)
    expect(grained?.batch.formulaId).toBe('malted-milk-fudge')
    expect(grained && acts(grained)).toContainEqual({ type: 'did', what: 'stirred' })
    const [scorched] = told(/Scorched: full flame/)
    const hottest = Math.max(...(scorched?.boils.flatMap((b) => b.readings.map((r) => r.celsius)) ?? []))
    expect(hottest).toBeGreaterThan(154)
    const [damp] = told(/Never set/)
    expect(damp?.batch.conditions.humidity).toBeGreaterThan(0.8)
    expect(damp?.boils.map((b) => b.boil.label)).toHaveLength(2)
    for (const h of [grained, scorched, damp]) expect(h?.score).toBeLessThan(3)
  })

  it('tells each cook whole: lit, pulled, emptied, closed, with its curve', () => {
    for (const { boil, events, readings } of history.flatMap((h) => h.boils)) {
      const types = events.map((e) => e.act.type)
      expect(types.at(-1), boil.id).toBe('finished')
      expect(types).toContain('pulled')
      expect(readings.length).toBeGreaterThan(60)
    }
  })
})
