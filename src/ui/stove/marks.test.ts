import { describe, expect, it } from 'vitest'
import { scale } from '@/core'
import { demoBoil } from '@/demo/formulas'
import { metric, sayIn } from '@/words'
import { boilName } from './boil-name'
import { marksOf } from './marks'

const drops = demoBoil('rhubarb-nettle-elderflower-drops')

describe('boils', () => {
  const plan = scale(drops, { size: { by: 'pieces', pieces: 300 } })
  it('are called by their colour and number', () => {
    expect(boilName({ label: 'Nettle', number: 2, plan })).toBe('Nettle, boil 2 of 3')
    expect(boilName({ label: '2 of 3', number: 2, plan })).toBe('boil 2 of 3')
    expect(boilName({ label: '', number: 1, plan: { ...plan, boils: [{ label: '', part: null, share: 1 }] } })).toBe('')
  })
})

it('events taken back leave no mark, and later ones than the curve none either', () => {
  const marks = marksOf(
    [
      { id: 'a', at: 1, type: 'heat', dial: 5 },
      { id: 'b', at: 2, type: 'heat', dial: 6 },
      { id: 'c', at: 3, type: 'undo', of: 'b' },
      { id: 'd', at: 900, type: 'heat', dial: 7 },
    ],
    drops,
    sayIn(metric),
    100,
  )
  expect(marks.map((m) => m.text)).toEqual(['heat 5'])
})
