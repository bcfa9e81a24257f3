import { expect, it } from 'vitest'
import { testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { mainPiece, sizeBatch } from './size-batch'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')

it('a size that cannot be is a sentence, not a crash', () => {
  const bad = sizeBatch(drops, { by: 'weight', grams: 1e9 }, drops.shape, testConditions, null)
  expect(bad).toEqual({ problem: 'A batch may weigh at most 100 kg' })
  const good = sizeBatch(drops, { by: 'pieces', pieces: 90 }, drops.shape, testConditions, null)
  expect('problem' in good ? null : mainPiece(good).verdicts.length).toBeGreaterThan(6)
})
