import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { analyse } from '../formula/analyse'
import { mix, withWater } from '../matter/mix'
import { waterLeftAt } from '../physics/boiling'
import { standardPressure } from '../physics/water'
import { testConditions } from '../testing'
import { biteOf } from './bite'
import { boiledFamilies } from './families'
import { landingOf } from './ordinary'
import { stageOf, stagesOf, stageTable } from './stages'
import { expectedOf } from './testing'

const sucrose = mix({ sucrose: 100 })
const boiledTo = (t: number) => withWater(sucrose, waterLeftAt(sucrose, t))

describe('stages', () => {
  test.each([
    [105, 'syrup'],
    [111, 'thread'],
    [114.5, 'soft-ball'],
    [119.5, 'firm-ball'],
    [126, 'hard-ball'],
    [138, 'soft-crack'],
    [151, 'hard-crack'],
  ])('plain sucrose at %d °C is at %s, as the kitchen table has it', (t, id) => {
    expect(stageOf(boiledTo(t)).id).toBe(id)
  })

  it('come out where the table says for plain sucrose at sea level', () => {
    for (const s of stagesOf(sucrose).slice(1)) expect(s.from).toBeCloseTo(s.sucroseFrom, 1)
  })

  it('all lie lower in thin air and keep their order', () => {
    const sea = stagesOf(sucrose)
    const hill = stagesOf(sucrose, standardPressure(1480))
    for (let i = 1; i < stageTable.length; i++) {
      expect(hill[i]?.from).toBeLessThan(sea[i]?.from ?? 0)
      expect(hill[i]?.from).toBeGreaterThan(hill[i - 1]?.from ?? 0)
    }
  })
})

describe('bite', () => {
  test.each([
    ['rhubarb-nettle-elderflower-drops', 'snaps-clean', 'hard-crack', 0.03],
    ['orchard-toffee', 'snaps-clean', 'hard-crack', 0.03],
    ['coconut-chip-brittle', 'snaps-clean', 'hard-crack', 0.03],
    ['smoked-salt-tamarind-caramels', 'firm-chew', 'firm-ball', 0.1],
  ])('%s lands on its own word', (id, bite, stage, mostWater) => {
    const a = analyse(demoBoil(id), testConditions)
    expect(a.bite.id).toBe(bite)
    expect(a.stage.id).toBe(stage)
    expect(a.waterShare).toBeLessThan(mostWater)
  })

  test.each(Object.entries(boiledFamilies))(
    '%s: the ordinary formula at its usual target is what it should be',
    async (id, family) => {
      const expected = await expectedOf(id)
      const landing = landingOf(expected)
      expect(expected.lands.bite).toContain(landing.bite.id)
      expect(expected.lands.stage).toContain(landing.stage.id)
      expect(landing.water).toBeGreaterThanOrEqual(expected.lands.water[0])
      expect(landing.water).toBeLessThanOrEqual(expected.lands.water[1])
      expect(expected.ordinary.target).toBeGreaterThanOrEqual(family.usual.low)
      expect(expected.ordinary.target).toBeLessThanOrEqual(family.usual.high)
    },
  )

  it('is held up by gelatin, however soft, by a foam and by much milk', () => {
    const cloud = { sucrose: 40, glucoseSolids: 28, water: 30 }
    expect(['spoonable', 'pours']).toContain(biteOf(mix(cloud), 21).id)
    expect(biteOf(mix({ ...cloud, gelatin: 2 }), 21).id).toBe('soft-chew')
    const thin = mix({ sucrose: 40, glucoseSolids: 20, water: 40 })
    expect(biteOf(thin, 21).id).toBe('pours')
    expect(biteOf(thin, 21, true).id).toBe('spoonable')
    expect(biteOf(mix({ sucrose: 40, lactose: 12, milkProtein: 7, water: 30 }), 21).id).toBe('spoonable')
  })

  it('softens with water and with a warmer room', () => {
    const words = [1, 5, 9, 12, 16, 22, 35].map(
      (w) => biteOf(mix({ sucrose: 60, glucoseSolids: 40, water: w }), 20).aboveGlass,
    )
    expect([...words].sort((a, b) => a - b)).toEqual(words)
    expect(biteOf(boiledTo(119), 30).aboveGlass).toBeGreaterThan(biteOf(boiledTo(119), 20).aboveGlass)
  })
})
