import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mix } from '../matter/mix'
import { testConditions } from '../testing'
import { wattsFromWater } from './power'
import { simulatePot } from './simulate'

const { pot, burner } = testConditions
const plain = { waterGrams: 2000, fromC: 20, toC: 90, seconds: 600, roomC: 20 }

describe('the water test of a burner', () => {
  it('gives back the power the pot was heated with', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1200, max: 6000 }),
        fc.double({ min: 600, max: 2500, noNaN: true }),
        (waterGrams, watts) => {
          const setup = {
            pot,
            burner: { ...burner, watts, efficiency: 1, responseS: 0.1 },
            roomC: 20,
            pressurePa: 101325,
          }
          const samples = simulatePot(
            setup,
            [
              { at: 0, kind: 'add', mix: mix({ water: waterGrams }), celsius: 20 },
              { at: 0, kind: 'lid', on: true },
              { at: 0, kind: 'heat', dial: 10 },
            ],
            { until: 6000 },
          )
          const start = samples.find((s) => s.celsius >= 30)
          const end = samples.find((s) => s.celsius >= 85)
          if (!start || !end) throw new Error('it never got warm')
          const measured = wattsFromWater(
            { waterGrams, fromC: start.celsius, toC: end.celsius, seconds: end.at - start.at, roomC: 20 },
            pot,
          )
          expect(measured / watts).toBeGreaterThan(0.95)
          expect(measured / watts).toBeLessThan(1.05)
        },
      ),
      { numRuns: 20 },
    )
  })

  it('refuses what says nothing', () => {
    expect(() => wattsFromWater({ ...plain, toC: 25 }, pot)).toThrow(/at least 10/)
    expect(() => wattsFromWater({ ...plain, toC: 99 }, pot)).toThrow(/95/)
    expect(() => wattsFromWater({ ...plain, seconds: 0 }, pot)).toThrow(RangeError)
  })
})
