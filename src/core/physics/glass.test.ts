import fc from 'fast-check'
import { expect, it, test } from 'vitest'
import { mix } from '../matter/mix'
import { waterLeftAt } from './boiling'
import { glassTransition, waterForGlass } from './glass'

const sucrose = mix({ sucrose: 100 })

test.each([
  [115, -24],
  [125, -0.5],
  [135, 16.4],
  [150, 37.7],
])('sucrose boiled to %d °C has its glass point at %d °C', (boiled, glass) => {
  const cooked = { ...sucrose, water: waterLeftAt(sucrose, boiled) }
  // the check values round the solids to 0.1 %, worth about half a degree
  expect(Math.abs(glassTransition(cooked) - glass)).toBeLessThan(0.6)
})

it('finds the water for a glass point it is asked for', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 60, noNaN: true }), (water) => {
      const m = mix({ sucrose: 70, glucoseSolids: 30, water })
      expect(waterForGlass(m, glassTransition(m))).toBeCloseTo(water, 8)
    }),
  )
})

it('wetter is softer', () => {
  expect(glassTransition(mix({ sucrose: 90, water: 10 }))).toBeLessThan(glassTransition(mix({ sucrose: 95, water: 5 })))
})
