import { describe, expect, it, test } from 'vitest'
import { demoBoil, demoFormulas } from '@/demo/formulas'
import { massOf } from '../matter/mix'
import { testConditions } from '../testing'
import { analyse } from './analyse'
import { allLines, boiledIn, type FormulaDocument, gramsAsWritten, type Part, piecesOf } from './document'
import { faultsOf } from './faults'
import { allergensIn, ingredientIn } from './mixes'
import { gramsOfBoil } from './plan'
import { scale } from './scale'
import { finishedMix, traceSteps } from './trace'
import { wholeVerdicts } from './verdicts'

const bars = demoFormulas['rye-shortcake-bars'] as FormulaDocument
const nougat = demoBoil('bay-leaf-honey-nougat')

describe('a whole of parts', () => {
  it('weighs what its parts come to', () => {
    const grams = gramsAsWritten(bars)
    const parts = (bars.parts ?? []).map((p) => massOf(finishedMix(traceSteps(p.formula, grams))))
    expect(massOf(finishedMix(traceSteps(bars, grams)))).toBeCloseTo(
      parts.reduce((a, b) => a + b),
      6,
    )
  })

  it('grows as one: every line of every part by the same factor', () => {
    const plan = scale(bars, { size: { by: 'pieces', pieces: 96 } })
    for (const line of allLines(bars)) expect((plan.grams[line.id] as number) / line.grams).toBeCloseTo(plan.factor, 9)
  })

  it('is sized by the tin of one part, whole', () => {
    const plan = scale(bars, { size: { by: 'packs', line: 'fill-milk', unit: 'tin', count: 2 } })
    expect(plan.grams['fill-milk']).toBeCloseTo(794, 6)
    expect(plan.factor).toBeCloseTo(2, 6)
  })

  it('is made part by part under the part’s name, what is baked too, and then cut as a whole', () => {
    expect(scale(bars, { size: { by: 'pieces', pieces: 40 } }).boils).toEqual([
      { label: 'Base', part: 'base', share: 1 },
      { label: 'Caramel', part: 'filling', share: 1 },
      { label: 'Top', part: 'top', share: 1 },
      { label: 'Cut and finish', part: null, share: 1 },
    ])
    const plan = scale(nougat, { size: { by: 'pieces', pieces: 60 } })
    expect(plan.boils.map((b) => b.label)).toEqual(['', 'Honey syrup'])
    expect(gramsOfBoil(plan, 1)).toEqual(plan.grams)
  })

  it('splits only the part that is too much for the pot', () => {
    const plan = scale(bars, { size: { by: 'weight', grams: 6000 }, potLitres: 4 })
    const shares = plan.boils.filter((b) => b.part === 'filling').map((b) => b.share)
    expect(plan.boils.filter((b) => b.part === 'top')).toHaveLength(1)
    expect(shares.length).toBeGreaterThan(1)
    expect(shares.reduce((a, b) => a + b)).toBeCloseTo(1, 9)
  })

  it('says which part waits for which, and every allergen of all', () => {
    const waits = wholeVerdicts(bars, gramsAsWritten(bars), bars).flatMap((v) =>
      v.id === 'part-waits' ? [v.figures] : [],
    )
    expect(waits).toContainEqual(expect.objectContaining({ part: 'Caramel', waitsFor: 'Base', state: 'cold' }))
    expect(waits).toContainEqual(expect.objectContaining({ part: 'Top', waitsFor: 'Caramel', state: 'firm' }))
    expect(allergensIn(bars)).toEqual(expect.arrayContaining(['gluten', 'milk', 'soya']))
  })

  it('lets the hot honey into the nougat', () => {
    const alone = analyse(
      { ...nougat, steps: nougat.steps.filter((s) => s.joins === undefined), parts: [] },
      testConditions,
    )
    const whole = analyse(nougat, testConditions)
    expect(whole.outGrams - alone.outGrams).toBeGreaterThan(250)
    expect(whole.doctors).toBeGreaterThan(alone.doctors)
  })
})

describe('what is wrong with parts', () => {
  const withParts = (change: (p: Part) => Part): FormulaDocument => ({ ...bars, parts: bars.parts?.map(change) })
  const cases: [string, FormulaDocument, RegExp][] = [
    [
      'a circle',
      withParts((p) => (p.id === 'base' ? { ...p, needs: [{ part: 'top', state: 'firm' }] } : p)),
      /circle: base → top → filling → base/,
    ],
    [
      'a need of nothing',
      withParts((p) => ({ ...p, needs: [{ part: 'roof', state: 'cold' }] })),
      /does not exist: "roof"/,
    ],
    ['itself', withParts((p) => ({ ...p, needs: [{ part: p.id, state: 'cold' }] })), /circle: base → base/],
    [
      'a part nobody uses',
      { ...bars, steps: bars.steps.filter((s) => s.joins !== 'top') },
      /No step puts the part "top"/,
    ],
    ['a fault inside', withParts((p) => ({ ...p, formula: { ...p.formula, groups: [] } })), /Part "base": Line/],
    [
      'one line id in two parts',
      withParts((p) => ({ ...p, formula: { ...p.formula, lines: bars.parts?.[0]?.formula.lines ?? [] } })),
      /"base-flour" stands twice/,
    ],
    ['a school of another family', { ...bars, school: 'wet' }, /has no school "wet"/],
    [
      'nothing in it',
      { ...bars, parts: [], steps: [{ ...(bars.steps[3] as FormulaDocument['steps'][number]) }] },
      /Nothing goes in/,
    ],
  ]
  test.each(cases)('%s is named', (_, formula, message) => expect(faultsOf(formula).join('\n')).toMatch(message))

  it('and the demo’s own have none', () => {
    expect(faultsOf(bars)).toEqual([])
    expect(faultsOf(nougat)).toEqual([])
    expect(piecesOf(bars).map((p) => p.part)).toEqual(['base', 'filling', 'top', null])
    expect(boiledIn(bars).map((b) => b.part)).toEqual(['filling', 'top'])
  })
})

describe('an ingredient of one’s own', () => {
  it('goes with the formula and wins over the pantry', () => {
    const sugar = ingredientIn({}, 'sugar')
    const own = { ...sugar, name: 'Beet sugar', allergens: ['sulphites'] as const }
    const f = { ...nougat, own: [own] }
    expect(ingredientIn(f, 'sugar').name).toBe('Beet sugar')
    expect(allergensIn(f)).toContain('sulphites')
    expect(() => ingredientIn(f, 'stardust')).toThrow(/stardust/)
  })
})
