/** What is written on a cook curve: it stands on nothing, and says only what there is to say. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Forecast, Reading } from '@/core'
import { metric, sayIn, unitsFrom } from '@/words'
import type { CurveProps, Mark } from './cook-curve'
import { celsiusAt, labelsOf, nextOf, type Plot, pullOf } from './curve-labels'
import { ladderScale } from './ladder-scale'

const plot: Plot = {
  x: (s) => 120 + (s / 1500) * 740,
  y: ladderScale(20, 165, 372, 16),
  start: 120,
  end: 860,
  top: 16,
  bottom: 372,
}
const climb = (to: number, seconds: number): Reading[] =>
  Array.from({ length: seconds / 10 }, (_, i) => ({ at: 10 * i, celsius: 20 + ((to - 20) * 10 * i) / seconds }))
const forecast = (pullAt: number) => ({ pullAt }) as Forecast
const mark = (id: string, at: number, test = false): Mark =>
  ({ id, at, text: test ? 'drop: firm ball' : 'Cream in', test }) as Mark

const usual: CurveProps = {
  stages: [],
  readings: climb(117, 900),
  here: { at: 890, celsius: 117 },
  now: 890,
  way: [],
  byHand: false,
  marks: [],
  target: 119,
  within: 0.5,
  targetText: 'target 119° · 9 % water',
  forecast: forecast(118.2),
  nextC: null,
  path: [],
  highest: 119,
}
const labels = (change: Partial<CurveProps> = {}, say = sayIn(metric)) => {
  const props = { ...usual, ...change }
  return labelsOf(props, props.readings, [], plot, say)
}

describe('the reading nearest in time', () => {
  it('is the nearest of all, and there is none without readings', () => {
    expect(celsiusAt([], 10)).toBeNull()
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 3000 }), { minLength: 1, maxLength: 60 }),
        fc.integer({ min: -100, max: 3200 }),
        (times, at) => {
          const readings = times.sort((a, b) => a - b).map((t) => ({ at: t, celsius: t }))
          const found = celsiusAt(readings, at) as number
          expect(Math.abs(found - at)).toBe(Math.min(...times.map((t) => Math.abs(t - at))))
        },
      ),
    )
  })
})

describe('what is wanted of the pot', () => {
  it('is the pull, where that comes next', () => {
    expect([nextOf(usual), pullOf(usual)]).toEqual([null, 118.2])
    expect(labels().get('pull')?.text).toBe('pull here: the pan carries 0.8°')
  })

  it('is another step, where that comes first, and then nothing is said of the pull', () => {
    const boil = { ...usual, nextC: 108 }
    expect([nextOf(boil), pullOf(boil)]).toEqual([108, null])
    expect(labels({ nextC: 108 }).get('next')?.text).toBe('next step here')
    expect(labels({ nextC: 108 }).has('pull')).toBe(false)
  })

  it('is said in degrees of the reader', () => {
    expect(labels({}, sayIn(unitsFrom('F-oz-in'))).get('pull')?.text).toMatch(/carries 1\.[45]°$/)
  })

  it('is nothing for a cook that is over', () => {
    const over = labels({ forecast: null, here: null })
    expect([over.has('pull'), over.has('next')]).toEqual([false, false])
    expect(over.get('target')?.text).toBe(usual.targetText)
  })
})

describe('words on the curve', () => {
  const marks = fc.array(
    fc
      .record({ at: fc.integer({ min: 0, max: 1400 }), test: fc.boolean() })
      .map(({ at, test }) => mark(`${at}${test}`, at, test)),
    { maxLength: 12 },
  )
  const cook = fc.record({ to: fc.integer({ min: 60, max: 160 }), seconds: fc.integer({ min: 12, max: 140 }), marks })

  it('stand on no other word, on no reading, and inside the picture', () => {
    fc.assert(
      fc.property(cook, ({ to, seconds, marks }) => {
        const readings = climb(to, 10 * seconds)
        const placed = labels({ readings, here: readings.at(-1) ?? null, marks })
        const on = [...placed]
          .filter(([id]) => !marks.some((m) => !m.test && id === `mark ${m.id}`))
          .map(([, box]) => box)
        for (const [i, a] of on.entries()) {
          expect(a.x >= plot.start && a.x + a.width <= plot.end).toBe(true)
          for (const b of on.slice(i + 1))
            expect(a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height).toBe(
              false,
            )
          for (const r of readings) {
            const [x, y] = [plot.x(r.at), plot.y(r.celsius)]
            expect(x > a.x && x < a.x + a.width && y > a.y && y < a.y + a.height).toBe(false)
          }
        }
      }),
      { numRuns: 60 },
    )
  })

  it('stand on no way that was only reckoned, nor on a long stroke between two readings by hand', () => {
    const strokes = fc.record({ to: fc.integer({ min: 60, max: 150 }), seconds: fc.integer({ min: 200, max: 1200 }) })
    fc.assert(
      fc.property(strokes, ({ to, seconds }) => {
        const [first, last] = [
          { at: 0, celsius: 20 },
          { at: seconds, celsius: to },
        ]
        const stroke = Array.from({ length: 200 }, (_, i) => ({
          at: (seconds * i) / 199,
          celsius: 20 + ((to - 20) * i) / 199,
        }))
        for (const drawn of [
          { readings: [first, last], way: [] },
          { readings: [first], way: [first, last] },
        ])
          for (const box of labels({ ...drawn, byHand: true, here: last }).values())
            for (const p of stroke) {
              const [x, y] = [plot.x(p.at), plot.y(p.celsius)]
              expect(x > box.x && x < box.x + box.width && y > box.y && y < box.y + box.height).toBe(false)
            }
      }),
      { numRuns: 40 },
    )
  })

  it('of what was done stand under it, the newest first where there is no room for all', () => {
    const crowd = Array.from({ length: 9 }, (_, i) => mark(`m${i}`, 700 + 4 * i))
    const placed = labels({ marks: crowd })
    for (const m of crowd) {
      const box = placed.get(`mark ${m.id}`)
      if (box) expect(box.y).toBeGreaterThanOrEqual(plot.bottom)
    }
    const there = crowd.filter((m) => placed.has(`mark ${m.id}`))
    expect(there.length).toBeGreaterThan(2)
    expect(there.length).toBeLessThan(crowd.length)
    expect(there).toContain(crowd.at(-1))
  })
})
