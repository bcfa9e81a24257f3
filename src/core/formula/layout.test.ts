import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { layoutOf, type Rect, stripsOf } from './layout'
import { barAt, trayArea } from './tray'

const cut = (lengthMm: number, widthMm: number, round = false) =>
  ({ kind: 'cut', lengthMm, widthMm, heightMm: 10, round }) as const

/** Best guillotine cutting by trying every whole-millimetre cut. */
function bruteForce(a: number, b: number, length: number, width: number): number {
  const known = new Map<string, number>()
  const best = (l: number, w: number): number => {
    const key = `${l} ${w}`
    const seen = known.get(key)
    if (seen !== undefined) return seen
    let most = (l >= a && w >= b) || (l >= b && w >= a) ? 1 : 0
    for (let x = 1; x <= l / 2; x++) most = Math.max(most, best(x, w) + best(l - x, w))
    for (let y = 1; y <= w / 2; y++) most = Math.max(most, best(l, y) + best(l, w - y))
    known.set(key, most)
    return most
  }
  return best(length, width)
}

const apart = (p: Rect, q: Rect, slack = 1e-6): boolean =>
  p.x + p.w <= q.x + slack || q.x + q.w <= p.x + slack || p.y + p.h <= q.y + slack || q.y + q.h <= p.y + slack

const outside = (places: readonly Rect[], length: number, width: number): Rect[] =>
  places.filter((p) => p.x < -1e-6 || p.y < -1e-6 || p.x + p.w > length + 1e-6 || p.y + p.h > width + 1e-6)

const centresApart = (p: Rect, q: Rect): number =>
  Math.hypot(p.x + p.w / 2 - q.x - q.w / 2, p.y + p.h / 2 - q.y - q.h / 2)

/** Pairs among `places` of which `clash` is so, each with the `near` after it; one expectation a tray, for each takes its time. */
const pairsThat = (clash: (p: Rect, q: Rect) => boolean, places: readonly Rect[], near = places.length): Rect[][] =>
  places.flatMap((p, i) =>
    places
      .slice(i + 1, i + 1 + near)
      .filter((q) => clash(p, q))
      .map((q) => [p, q]),
  )
const overlap = (p: Rect, q: Rect): boolean => !apart(p, q)
/** Rounds of `d` across that lie closer than they can. */
const closerThan =
  (d: number) =>
  (p: Rect, q: Rect): boolean =>
    centresApart(p, q) < d - 1e-6

describe('knife cuts', () => {
  test.each([
    [22, 22, 300, 200, 117],
    [60, 25, 300, 200, 40],
    [30, 40, 300, 200, 50],
    [50, 30, 100, 80, 5],
    [400, 400, 300, 200, 0],
  ])('%d × %d mm pieces on %d × %d', (a, b, l, w, count) => {
    expect(layoutOf(cut(a, b), { lengthMm: l, widthMm: w }).places).toHaveLength(count)
  })

  it('stay within a bounded work, however small the pieces, and lose next to nothing by it', () => {
    const tray = { lengthMm: 3000, widthMm: 2000 }
    for (const [a, b] of [
      [3, 3],
      [3, 3.7],
      [5, 200],
      [12.5, 11],
    ] as const) {
      const { count, places, used } = layoutOf(cut(a, b), tray)
      expect(used).toBeGreaterThan(0.97)
      expect(used).toBeLessThanOrEqual(1 + 1e-9)
      expect(places.length).toBe(count > 5000 ? 0 : count)
    }
  })

  it('of rows alone lie apart, inside, and are as many as are counted', () => {
    // so many that rows are cut, so few that each is placed
    const { count, places } = layoutOf(cut(9, 31), { lengthMm: 900, widthMm: 1200 })
    expect(places).toHaveLength(count)
    expect(outside(places, 900, 1200)).toEqual([])
    const sorted = [...places].sort((p, q) => p.y - q.y)
    expect(pairsThat(overlap, sorted, 140)).toEqual([])
  })

  it('are as many as trying every cut gives', () => {
    const side = fc.integer({ min: 3, max: 9 })
    const tray = fc.integer({ min: 6, max: 34 })
    fc.assert(
      fc.property(side, side, tray, tray, (a, b, l, w) => {
        expect(layoutOf(cut(a, b), { lengthMm: l, widthMm: w }).places.length).toBe(bruteForce(a, b, l, w))
      }),
      { numRuns: 200 },
    )
  })

  it('lie inside the tray, apart, and are counted in what is used', () => {
    const measure = fc.double({ min: 8, max: 70, noNaN: true })
    fc.assert(
      fc.property(measure, measure, fc.double({ min: 80, max: 420, noNaN: true }), (a, b, l) => {
        const tray = { lengthMm: l, widthMm: 200 }
        const { places, used } = layoutOf(cut(a, b), tray)
        expect(outside(places, l, 200)).toEqual([])
        expect(pairsThat(overlap, places.slice(0, 60))).toEqual([])
        expect(used).toBeCloseTo((places.length * a * b) / (l * 200), 9)
        expect(used).toBeLessThanOrEqual(1 + 1e-9)
      }),
      { numRuns: 60 },
    )
  })

  it('give no fewer for a larger tray', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 50 }),
        fc.integer({ min: 10, max: 50 }),
        fc.integer({ min: 60, max: 250 }),
        (a, b, l) => {
          const small = layoutOf(cut(a, b), { lengthMm: l, widthMm: 150 }).places.length
          const large = layoutOf(cut(a, b), { lengthMm: l + 7, widthMm: 160 }).places.length
          expect(large).toBeGreaterThanOrEqual(small)
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('round cutters', () => {
  test.each([
    [10, 100, 100, 105],
    [30, 30, 30, 1],
    [40, 100, 39, 0],
    [50, 100, 100, 4],
  ])('%d mm on %d × %d gives %d', (d, l, w, count) => {
    expect(layoutOf(cut(d, d, true), { lengthMm: l, widthMm: w }).places).toHaveLength(count)
  })

  it('never overlap, stay inside, and are never fewer than straight rows', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 12, max: 60, noNaN: true }),
        fc.double({ min: 60, max: 320, noNaN: true }),
        (d, l) => {
          const { places } = layoutOf(cut(d, d, true), { lengthMm: l, widthMm: 180 })
          expect(places.length).toBeGreaterThanOrEqual(Math.floor(l / d) * Math.floor(180 / d))
          expect(outside(places, l, 180)).toEqual([])
          expect(pairsThat(closerThan(d), places.slice(0, 50))).toEqual([])
        },
      ),
      { numRuns: 60 },
    )
  })
})

it('wants sizes above nothing', () => {
  expect(() => layoutOf(cut(0, 10), { lengthMm: 100, widthMm: 100 })).toThrow(RangeError)
})

describe('a round pan', () => {
  const pan = (d: number) => ({ lengthMm: d, widthMm: d, round: true })
  const span = fc.double({ min: 8, max: 60, noNaN: true })
  const across = fc.double({ min: 40, max: 320, noNaN: true })

  it('gives pieces that lie apart, inside its rim and before the bar, as many as are counted', () => {
    fc.assert(
      fc.property(
        span,
        span,
        across,
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.boolean(),
        (a, b, d, share, round) => {
          const bar = barAt(pan(d), share)
          const { places, count, used } = layoutOf(cut(a, round ? a : b, round), pan(d), bar)
          expect(places).toHaveLength(count)
          expect(used).toBeLessThanOrEqual(1 + 1e-9)
          const beyondRim = places.filter((p) => {
            const [cx, cy] = [Math.abs(p.x + p.w / 2 - d / 2), Math.abs(p.y + p.h / 2 - d / 2)]
            const furthest = round ? Math.hypot(cx, cy) + p.w / 2 : Math.hypot(cx + p.w / 2, cy + p.h / 2)
            return furthest > d / 2 + 1e-3
          })
          expect(beyondRim).toEqual([])
          expect(outside(places, bar + 1e-3, d)).toEqual([])
          expect(pairsThat(round ? closerThan(a) : overlap, places)).toEqual([])
        },
      ),
      { numRuns: 150 },
    )
  })

  test.each([
    // one piece as large as fits, four about the middle, a flower of seven
    [cut(70, 70), 100, 1],
    [cut(50, 50), 142, 4],
    [cut(40, 40, true), 120.1, 7],
  ])('of %o, %d mm across, gives %d', (shape, d, count) => {
    expect(layoutOf(shape, pan(d)).count).toBe(count)
  })

  it('holds less than the square it stands in, and its bar leaves the share asked for', () => {
    fc.assert(
      fc.property(across, fc.double({ min: 0, max: 1, noNaN: true }), (d, share) => {
        expect(trayArea(pan(d))).toBeCloseTo((Math.PI * d * d) / 4, 6)
        expect(trayArea(pan(d), barAt(pan(d), share)) / trayArea(pan(d))).toBeCloseTo(share, 4)
      }),
    )
  })
})

describe('trimmed edges', () => {
  it('are lost all round: the rest is cut as a smaller tray would be', () => {
    const side = fc.integer({ min: 8, max: 60 })
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 20 }), fc.boolean(), (a, b, trimMm, round) => {
        const tray = { lengthMm: 300, widthMm: 200 }
        const inner = { lengthMm: 300 - 2 * trimMm, widthMm: 200 - 2 * trimMm }
        const shape = { ...cut(a, round ? a : b, round), trimMm }
        const { count, places } = layoutOf(shape, tray)
        expect(count).toBe(layoutOf(cut(a, round ? a : b, round), inner).count)
        expect(outside(places, 300 - trimMm, 200 - trimMm)).toEqual([])
        expect(places.filter((p) => p.x < trimMm - 1e-6 || p.y < trimMm - 1e-6)).toEqual([])
      }),
      { numRuns: 60 },
    )
  })

  it('that leave nothing leave no piece', () => {
    expect(layoutOf({ ...cut(10, 10), trimMm: 60 }, { lengthMm: 100, widthMm: 100 }).count).toBe(0)
  })
})

describe('strips', () => {
  test.each([
    [cut(50, 20), { lengthMm: 300, widthMm: 200 }, { strips: 10, each: 6 }],
    [cut(60, 25), { lengthMm: 196, widthMm: 196 }, null],
    [cut(40, 40, true), { lengthMm: 300, widthMm: 200 }, null],
  ])('%o on %o', (shape, tray, strips) => expect(stripsOf(layoutOf(shape, tray))).toEqual(strips))
})
