import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { airOf } from '../formula/air'
import { analyse } from '../formula/analyse'
import { testConditions } from '../testing'
import { type AdvisedBy, adviseMethod } from './method-advice'

const fine: AdvisedBy = { traits: { grain: 1, worked: 0 }, flaws: [] }
const past = (n: number, one: Partial<AdvisedBy>): AdvisedBy[] => [
  ...Array.from({ length: n }, () => ({ ...fine, ...one })),
  ...Array.from({ length: 8 - n }, () => fine),
]
const caramels = demoBoil('smoked-salt-tamarind-caramels')
const kinds = (formula: typeof caramels, by: readonly AdvisedBy[]) =>
  adviseMethod(formula, testConditions, by).map((a) => a.kind)

describe('advice on the method', () => {
  it('leaves a formula alone that does well, but for water it boils off for nothing', () => {
    expect(kinds(caramels, past(0, {})).filter((k) => k !== 'water')).toEqual([])
    expect(kinds(caramels, past(2, { flaws: ['grained', 'scorched'] })).filter((k) => k !== 'water')).toEqual([])
  })

  it('raises the doctor of what grained against its will, keeps its size, and the make-up grains less', () => {
    const advice = adviseMethod(caramels, testConditions, past(3, { flaws: ['grained'] })).find(
      (a) => a.kind === 'doctor',
    )
    if (advice?.kind !== 'doctor') throw new Error('nothing was advised')
    expect(advice.toGrams).toBeGreaterThan(advice.fromGrams)
    expect(advice).toMatchObject({ batches: 3, of: 8 })
    const [was, now] = [caramels, advice.formula].map((f) => analyse(f, testConditions))
    expect(now?.finished.sucrose).toBeLessThan(was?.finished.sucrose ?? 0)
    expect(Math.abs((now?.outGrams ?? 0) / (was?.outGrams ?? 1) - 1)).toBeLessThan(0.03)
  })

  it('says nothing of grain in what is meant to grain', () => {
    expect(kinds(demoBoil('malted-milk-fudge'), past(5, { flaws: ['grained'] }))).not.toContain('doctor')
  })

  it('turns the heat down before the pull where it scorched, from where the maker has it', () => {
    const by = past(3, { flaws: ['scorched'], traits: { dial: 9 } })
    const advice = adviseMethod(caramels, testConditions, by).find((a) => a.kind === 'heat')
    if (advice?.kind !== 'heat') throw new Error('nothing was advised')
    expect(advice.toDial).toBe(advice.fromDial - 2)
    const changed = advice.formula.steps.filter((s, i) => s.heat !== caramels.steps[i]?.heat)
    expect(changed.map((s) => s.heat)).toEqual([advice.toDial])
  })

  it('takes the air that makes a foam as deep as it was measured, and none for what holds none', () => {
    const foam = demoBoil('blackcurrant-marshmallow')
    const from = airOf(foam)
    const by = past(3, { traits: { depth: Math.log(1.25) } })
    const advice = adviseMethod(foam, testConditions, by).find((a) => a.kind === 'air')
    if (advice?.kind !== 'air') throw new Error('nothing was advised')
    expect(advice).toMatchObject({ batches: 3, of: 8, fromAir: from })
    expect((1 - from) / (1 - advice.toAir)).toBeCloseTo(1.25, 1)
    expect(airOf(advice.formula)).toBe(advice.toAir)
    expect(kinds(foam, past(3, { traits: { depth: 0.01 } }))).not.toContain('air')
    expect(kinds(foam, past(2, { traits: { depth: Math.log(1.25) } }))).not.toContain('air')
    expect(kinds(caramels, by)).not.toContain('air')
  })

  it('begins with less water only where that saves minutes and still dissolves the sugar', () => {
    const wet = {
      ...caramels,
      lines: caramels.lines.concat({ id: 'much', group: 'pot', ingredient: 'water', grams: 900 }),
    }
    const advice = adviseMethod(wet, testConditions, past(0, {})).find((a) => a.kind === 'water')
    if (advice?.kind !== 'water') throw new Error('nothing was advised')
    expect(advice.savedMinutes).toBeGreaterThan(3)
    expect(analyse(advice.formula, testConditions).minutes).toBeLessThan(analyse(wet, testConditions).minutes)
    expect(analyse(advice.formula, testConditions).finished.water).toBeCloseTo(
      analyse(wet, testConditions).finished.water,
      0,
    )
  })

  it('moves a wait towards its window where works came late again and again', () => {
    const waits = demoBoil('blackcurrant-marshmallow')
    for (const [worked, sign] of [
      [1, -1],
      [-1, 1],
    ] as const) {
      const advice = adviseMethod(waits, testConditions, past(4, { traits: { worked } })).find((a) => a.kind === 'time')
      if (advice?.kind !== 'time') throw new Error('nothing was advised')
      expect(Math.sign(advice.toS - advice.fromS)).toBe(sign)
    }
  })
})
