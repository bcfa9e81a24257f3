/** What is said of how a batch lies, and of its pot: it is the family's own, and one figure does not contradict the other. */
import { cleanup, screen } from '@testing-library/react'
import { expect, it, test } from 'vitest'
import { type FormulaDocument, largestBoil, smallestProbed } from '@/core'
import { testConditions } from '@/core/testing'
import { demoBoil } from '@/demo/formulas'
import { demoVessels } from '@/demo/kitchen'
import { draw } from '@/ui/testing'
import { LayoutView } from './layout-view'
import { type Sized, sizeBatch } from './size-batch'

const slab = demoVessels.find((v) => v.id === 'slab-30') ?? null

function laidOut(id: string, pot: Partial<typeof testConditions.pot> = {}, change: Partial<FormulaDocument> = {}) {
  const formula: FormulaDocument = { ...demoBoil(id), ...change }
  const conditions = { ...testConditions, pot: { ...testConditions.pot, ...pot } }
  const sized = sizeBatch(formula, { by: 'weight', grams: 580 }, formula.shape, conditions, slab) as Sized
  draw(<LayoutView formula={formula} sized={sized} conditions={conditions} vessel={slab} />)
  return { sized, boiled: sized.pieces[0]?.boiled, conditions }
}

test.each([
  ['ginger-honeycomb', /Tipped out/, /[Ss]pread|to pour it all/],
  ['juniper-popcorn-clusters', /Formed by hand/, /[Ss]pread|to pour it all/],
  ['water-mint-pillows', /Pulled to a rope/, /[Ss]pread/],
  ['coconut-chip-brittle', /Spread and broken/, /Tipped/],
] as const)('%s is laid out as it is worked', (id, said, never) => {
  laidOut(id)
  const text = document.body.textContent ?? ''
  expect(text).toMatch(said)
  expect(text).not.toMatch(never)
})

it('the smallest boil of a pot is none that boils over: in so wide and low a one there is none', () => {
  for (const [diameterMm, litres] of [
    [280, 4],
    [160, 4],
  ] as const) {
    const { boiled, conditions } = laidOut('ginger-honeycomb', { diameterMm, litres })
    if (!boiled) throw new Error('a honeycomb is boiled')
    const none = smallestProbed(boiled.analysis, conditions.pot) > largestBoil(boiled.formula, litres)
    expect(none).toBe(diameterMm === 280)
    expect(screen.queryByText(/none in so wide a pot/) !== null).toBe(none)
    cleanup()
  }
})

it('counts the pieces of a full tray by what lies on it', () => {
  const sized = laidOut('ginger-honeycomb').sized
  const [lies, asked] = (
    document.body.textContent?.match(/lies ([\d.]+) mm thick; you asked for ([\d.]+) mm/) ?? []
  ).slice(1)
  const full = Number(document.body.textContent?.match(/a full tray is about (\d+) pieces/)?.[1])
  expect(Math.abs(full - (sized.plan.pieces * Number(asked)) / Number(lies))).toBeLessThan(2)
})

it('a batch as it is written is not compared with itself', () => {
  laidOut('ginger-honeycomb')
  expect(document.body.textContent).not.toMatch(/as written it would be/)
})

test.each([
  ['dropped', /Dropped one by one|dropped one by one/],
  ['rolled', /rolled by hand/],
] as const)('pieces that are %s lie one by one, as many as the tray has room for', (formed, said) => {
  const { sized } = laidOut(
    'malted-milk-fudge',
    {},
    {
      shape: { kind: 'broken', thicknessMm: 12, gramsEach: 20, formed },
    },
  )
  const picture = screen.getByRole('img', { name: /slab tray/ })
  const room = Number(/(\d+) to a tray/.exec(document.body.textContent ?? '')?.[1])
  expect(document.body.textContent).toMatch(said)
  expect(picture.querySelectorAll('circle').length).toBe(Math.min(sized.plan.pieces, room))
  expect(sized.plan.vessels).toBe(Math.ceil(sized.plan.pieces / room))
})
