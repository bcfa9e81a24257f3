/** What a formula opens on, what can be wished of it, how a sheet of labels is filled and curves are told apart. */
import { describe, expect, it, test } from 'vitest'
import { MOST_BESIDE } from '@/contract/choices'
import type { KitchenView } from '@/contract/kitchen'
import type { FormulaDocument, Measured } from '@/core'
import { demoFormulas } from '@/demo/formulas'
import { demoThings } from '@/demo/kitchen'
import { lookOf } from '../logbook/beside/looks'
import { fits, type PaperId, papers, sizes } from '../logbook/label/sheet'
import { choiceOf, slots, wishesOf } from './balance/wishes'
import { conditionsOf, firstChoice, sizeAsWritten, vesselOf } from './equipment'
import { sizeBatch } from './size-batch'

const kitchen = { ...demoThings, unreadable: [], channels: [], scales: [] } as unknown as KitchenView

describe('what a formula opens on', () => {
  test.each(Object.entries(demoFormulas))('%s fits the pot and the tray that are chosen for it', (_, formula) => {
    const choice = firstChoice(formula, kitchen)
    const sized = sizeBatch(
      formula,
      sizeAsWritten(formula),
      formula.shape,
      conditionsOf(kitchen, choice),
      vesselOf(kitchen, choice),
    )
    if ('problem' in sized) throw new Error(sized.problem)
    for (const { boiled } of sized.pieces) if (boiled) expect(boiled.analysis.fill).toBeLessThanOrEqual(1)
    expect(vesselOf(kitchen, choice)?.kind).toBe(formula.shape.kind === 'mould' ? 'mould' : 'tray')
    expect(sized.plan.factor).toBeCloseTo(1, 6)
  })

  it('is no larger a pot than it needs', () => {
    const formula = demoFormulas['quince-lollipops'] as FormulaDocument
    const litres = (id: string): number => kitchen.pot.find((p) => p.id === id)?.litres ?? 0
    const chosen = litres(firstChoice(formula, kitchen).pot)
    for (const smaller of kitchen.pot.filter((p) => p.litres < chosen)) {
      const of = { ...firstChoice(formula, kitchen), pot: smaller.id }
      const sized = sizeBatch(formula, sizeAsWritten(formula), formula.shape, conditionsOf(kitchen, of), null)
      const roomy =
        !('problem' in sized) && sized.plan.boils.length === 1 && (sized.pieces[0]?.boiled?.analysis.fill ?? 1) < 0.85
      expect(roomy).toBe(false)
    }
  })

  it('of a kitchen without a thing that is named is an error that names it', () => {
    expect(() => vesselOf(kitchen, { room: '', pot: '', burner: '', vessel: 'no tray' })).toThrow(/no tray/)
  })
})

describe('what can be wished', () => {
  const now = Object.fromEntries(slots.map((s) => [s.measure, 0.4])) as unknown as Measured

  it('is nothing until something is picked, and each picked word is one bound', () => {
    expect(wishesOf({}, now)).toEqual([])
    for (const slot of slots)
      for (const choice of slot.choices.slice(1)) {
        const wishes = wishesOf({ [slot.measure]: choice.id }, now)
        expect(wishes).toHaveLength(1)
        expect(wishes[0]?.measure).toBe(slot.measure)
        const { least = Number.NEGATIVE_INFINITY, most = Number.POSITIVE_INFINITY } = wishes[0] ?? {}
        expect(least).toBeLessThan(most)
      }
  })

  it('that is the same leaves what is where it is', () => {
    for (const slot of slots)
      for (const choice of slot.choices.filter((c) => c.id === 'same')) {
        const { least = 0, most = 1e9 } = choice.bound(0.4) ?? {}
        expect(least).toBeLessThanOrEqual(0.4)
        expect(most).toBeGreaterThanOrEqual(0.4)
      }
  })

  it('falls back to nothing for a word that is not there', () => {
    for (const slot of slots) expect(choiceOf(slot, { [slot.measure]: 'gone' })).toBe(slot.choices[0])
  })
})

describe('a sheet of labels', () => {
  const pairs = sizes.flatMap((size) => (Object.keys(papers) as PaperId[]).map((paper) => [size, paper] as const))

  test.each(pairs)('of %o on %s lies within what a printer reaches, and no more would', (size, paper) => {
    const { columns, rows } = fits(size, paper)
    const { widthMm, heightMm } = papers[paper]
    expect(columns * size.widthMm).toBeLessThanOrEqual(widthMm - 16)
    expect(rows * size.heightMm).toBeLessThanOrEqual(heightMm - 16)
    expect((columns + 1) * size.widthMm).toBeGreaterThan(widthMm - 16)
    expect((rows + 1) * size.heightMm).toBeGreaterThan(heightMm - 16)
  })
})

describe('curves side by side', () => {
  it('are all told apart, without their colour alone', () => {
    const looks = Array.from({ length: MOST_BESIDE }, (_, n) => lookOf(n))
    const seen = looks.map(({ className, width, dash }) => `${className} ${width} ${dash ?? ''}`)
    expect(new Set(seen).size).toBe(MOST_BESIDE)
    const byShape = looks.map(({ width, dash }) => `${width} ${dash ?? ''}`)
    expect(new Set(byShape).size).toBe(MOST_BESIDE)
  })
})
