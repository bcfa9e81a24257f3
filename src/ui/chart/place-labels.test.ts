import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Box, fitted, type Label, placeLabels, textWidth } from './place-labels'

const frame: Box = { x: 0, y: 0, width: 400, height: 300 }
const coordinate = fc.integer({ min: -40, max: 420 })
const spots = fc.array(fc.record({ x: coordinate, y: coordinate }), { minLength: 1, maxLength: 12 })
const form = fc.record({
  text: fc.string(),
  width: fc.integer({ min: 5, max: 120 }),
  height: fc.integer({ min: 8, max: 24 }),
  spots,
})
const labels: fc.Arbitrary<Label[]> = fc
  .array(fc.array(form, { minLength: 1, maxLength: 3 }), { maxLength: 14 })
  .map((all) => all.map((forms, i) => ({ id: String(i), forms })))
const boxes = fc.array(
  fc.record({
    x: coordinate,
    y: coordinate,
    width: fc.integer({ min: 1, max: 80 }),
    height: fc.integer({ min: 1, max: 80 }),
  }),
  { maxLength: 10 },
)

const overlap = (a: Box, b: Box): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

describe('labels', () => {
  it('never meet each other or what is drawn, and never leave the frame', () => {
    fc.assert(
      fc.property(labels, boxes, (wanted, taken) => {
        const placed = [...placeLabels(wanted, taken, frame).values()]
        for (const [i, a] of placed.entries()) {
          expect(a.x >= 0 && a.y >= 0 && a.x + a.width <= 400 && a.y + a.height <= 300).toBe(true)
          for (const b of [...taken, ...placed.slice(i + 1)]) expect(overlap(a, b)).toBe(false)
        }
      }),
    )
  })

  it('stand where they would rather, and are cut to a shorter form before they are left out', () => {
    const at = (x: number, width: number, text: string) => ({ text, width, height: 10, spots: [{ x, y: 0 }] })
    const wide: Label = { id: 'target', forms: [at(0, 100, 'target 119°'), at(0, 40, '119°')] }
    expect(placeLabels([wide], [], frame).get('target')?.text).toBe('target 119°')
    const curve: Box = { x: 60, y: 0, width: 2, height: 300 }
    expect(placeLabels([wide], [curve], frame).get('target')?.text).toBe('119°')
    expect(placeLabels([wide], [{ ...curve, x: 20 }], frame).has('target')).toBe(false)
  })
})

describe('words that have to fit', () => {
  it('stay as they are, or are cut at a word and say so', () => {
    expect(fitted('118° cook', 15, 200)).toBe('118° cook')
    expect(fitted('118° cook to 118.5° on the small ring', 15, 150)).toBe('118° cook to…')
    for (const width of [20, 60, 100, 140])
      expect(textWidth(fitted('118° cook to 118.5° on the small ring', 15, width), 15)).toBeLessThanOrEqual(width)
  })
})
