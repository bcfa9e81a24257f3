import fc from 'fast-check'
import { expect, it } from 'vitest'
import { acrossOf, type FormedShape, formedOn } from './layout-formed'

const shapes = fc.record({
  kind: fc.constant('broken' as const),
  thicknessMm: fc.integer({ min: 5, max: 30 }),
  gramsEach: fc.integer({ min: 2, max: 80 }),
  formed: fc.constantFrom('dipped' as const, 'dropped' as const, 'rolled' as const),
})
const trays = fc
  .record({
    lengthMm: fc.integer({ min: 80, max: 600 }),
    widthMm: fc.integer({ min: 80, max: 400 }),
    round: fc.boolean(),
  })
  .map((t) => (t.round ? { ...t, widthMm: t.lengthMm } : t))

it('lays pieces on the tray, apart from each other, and leaves no room for another row', () => {
  fc.assert(
    fc.property(shapes, trays, fc.double({ min: 0.4, max: 1.4, noNaN: true }), (shape, tray, density) => {
      const { acrossMm, centres } = formedOn(shape, tray, density)
      const r = acrossMm / 2
      for (const [i, { x, y }] of centres.entries()) {
        if (tray.round)
          expect(Math.hypot(x - tray.lengthMm / 2, y - tray.lengthMm / 2) + r).toBeLessThan(tray.lengthMm / 2 + 1e-6)
        else {
          expect(Math.min(x, y, tray.lengthMm - x, tray.widthMm - y)).toBeGreaterThan(r - 1e-6)
        }
        const next = centres[i + 1]
        if (next) expect(Math.hypot(next.x - x, next.y - y)).toBeGreaterThan(acrossMm)
      }
      if (!tray.round && centres.length > 0)
        expect(centres.length * (2 * acrossMm) ** 2).toBeGreaterThan(
          (tray.lengthMm - acrossMm) * (tray.widthMm - acrossMm),
        )
    }),
  )
})

it('takes a drop for a disc and what is rolled for a ball', () => {
  const drop: FormedShape = { kind: 'broken', thicknessMm: 10, gramsEach: 13, formed: 'dropped' }
  // 10 ml, 10 mm thick: 2 √(10 000 / 10 π)
  expect(acrossOf(drop, 1.3)).toBeCloseTo(35.7, 1)
  expect(acrossOf({ ...drop, formed: 'rolled' }, 1.3)).toBeCloseTo(26.7, 1)
})

it('takes what is dipped for a round thing, all around which its coat goes', () => {
  const coat: FormedShape = { kind: 'broken', thicknessMm: 4, gramsEach: 78, formed: 'dipped' }
  const across = acrossOf(coat, 1.3)
  expect(Math.PI * across ** 2 * 4).toBeCloseTo(60_000, 3)
})
