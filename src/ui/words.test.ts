import { describe, expect, it, test } from 'vitest'
import type { LogbookEntry } from '@/contract/logbook'
import { scale } from '@/core'
import { testKitchen } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { adviceWords } from './formula/advice-words'
import { mainPiece, sizeBatch } from './formula/size-batch'
import { outcomeOf } from './logbook/outcome'
import { boilName } from './stove/boil-name'
import { thermometerWords } from './stove/doubts'
import { marksOf, wordsFor } from './stove/marks'

const celsius = { unit: 'C' as const, say: (c: number) => `${Math.round(c)}°`, step: (c: number) => c.toFixed(1) }
const drops = demoBoil('rhubarb-nettle-elderflower-drops')

describe('boils', () => {
  const plan = scale(drops, { size: { by: 'pieces', pieces: 300 } })
  it('are called by their colour and number', () => {
    expect(boilName({ label: 'Nettle', number: 2, plan })).toBe('Nettle, boil 2 of 3')
    expect(boilName({ label: '2 of 3', number: 2, plan })).toBe('boil 2 of 3')
    expect(boilName({ label: '', number: 1, plan: { ...plan, boils: [{ label: '', part: null, share: 1 }] } })).toBe('')
  })
})

describe('outcomes', () => {
  const entry = (...reached: (number | null)[]): LogbookEntry => ({
    id: 'x',
    formulaName: 'Drops',
    family: 'hard-candy',
    startedAt: '2026-11-24T10:00:00.000Z',
    room: 'Quay',
    outGrams: 1000,
    pieces: 100,
    target: 149,
    within: 2,
    boils: reached.map((r, i) => ({ id: String(i), reached: r, curve: [] })),
    boilsPlanned: reached.length,
    note: '',
    score: null,
  })

  test.each([
    [[149.5], 'on target'],
    [[149.5, 152.5], 'too far'],
    [[145, 149], 'short'],
    [[null], 'not pulled'],
    [[], 'not pulled'],
    [[null, 148], 'on target'],
  ])('%j is %s', (reached, word) => expect(outcomeOf(entry(...reached)).word).toBe(word))
})

describe('advice', () => {
  it('is said plainly', () => {
    expect(adviceWords({ kind: 'too-few', have: 2, need: 6 }, 119, celsius).detail).toMatch(/^2 judged of the 6/)
    expect(adviceWords({ kind: 'too-alike', spread: 0.4 }, 119, celsius).detail).toMatch(/0\.4°/)
    const better = { kind: 'target' as const, best: 120.6, sd: 0.4, batches: 12, worthChanging: true }
    expect(adviceWords(better, 119, celsius).text).toBe('Try 121° instead of 119°')
    expect(adviceWords({ ...better, worthChanging: false }, 119, celsius).text).toBe('119° has served you well')
  })
})

describe('events', () => {
  const event = { id: 'a', at: 10 }
  it('are called what the formula calls them', () => {
    expect(wordsFor({ ...event, type: 'step', step: 'glucose' }, drops)).toBe('glucose is in')
    expect(wordsFor({ ...event, type: 'heat', dial: 0 }, drops)).toBe('heat off')
    expect(wordsFor({ ...event, type: 'lid', on: true }, drops)).toBe('lid on')
    expect(wordsFor({ ...event, type: 'test', test: 'sign', sign: 'clean-streak' }, drops)).toBe(
      'a clean streak on the pan',
    )
    expect(wordsFor({ ...event, type: 'test', test: 'colour', celsius: 175 }, drops)).toBe('colour: amber')
    expect(wordsFor({ ...event, type: 'finished' }, drops)).toBeNull()
    expect(wordsFor({ ...event, type: 'note', text: 'x'.repeat(60) }, drops)?.length).toBeLessThan(30)
  })

  it('taken back leave no mark, and later ones than the curve none either', () => {
    const marks = marksOf(
      [
        { id: 'a', at: 1, type: 'heat', dial: 5 },
        { id: 'b', at: 2, type: 'heat', dial: 6 },
        { id: 'c', at: 3, type: 'undo', of: 'b' },
        { id: 'd', at: 900, type: 'heat', dial: 7 },
      ],
      drops,
      100,
    )
    expect(marks.map((m) => m.text)).toEqual(['heat 5'])
  })
})

it('a thermometer is only spoken of when the tests disagree', () => {
  const estimate = {
    celsius: null,
    water: null,
    colour: { mean: 20, sd: 8 },
    off: { mean: 3.2, sd: 1 },
    disagrees: true,
  }
  expect(thermometerWords(estimate, celsius.step)).toMatch(/reads about 3\.2° high/)
  expect(thermometerWords({ ...estimate, off: { mean: -2, sd: 1 } }, celsius.step)).toMatch(/2\.0° low/)
  expect(thermometerWords({ ...estimate, disagrees: false }, celsius.step)).toBeNull()
  expect(thermometerWords(null, celsius.step)).toBeNull()
})

it('a size that cannot be is a sentence, not a crash', () => {
  const bad = sizeBatch(drops, { by: 'weight', grams: 1e9 }, drops.shape, testKitchen, null)
  expect(bad).toEqual({ problem: 'A batch may weigh at most 100 kg' })
  const good = sizeBatch(drops, { by: 'pieces', pieces: 90 }, drops.shape, testKitchen, null)
  expect('problem' in good ? null : mainPiece(good).verdicts.length).toBeGreaterThan(6)
})
