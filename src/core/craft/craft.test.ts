import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { analyse } from '../formula/analyse'
import { mix, withWater } from '../matter/mix'
import { waterLeftAt } from '../physics/boiling'
import { standardPressure } from '../physics/water'
import { testConditions } from '../testing'
import { biteOf } from './bite'
import { boiledFamilies, type FamilyId, isGrained } from './families'
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

describe('a drop of what milk thickens', () => {
  /** What is boiled of sugar 60 : glucose 40, and so much in a hundred of milk protein and milk fat. */
  const boiled = (milkProtein: number, fat: number) =>
    mix({ sucrose: 60, glucoseSolids: 40, milkProtein, fat, lactose: 1.4 * milkProtein })
  const softBallFrom = (m: ReturnType<typeof mix>) => stagesOf(m).find((s) => s.id === 'soft-ball')?.from ?? 0

  it('holds its shape sooner the more protein there is beyond that of a cream caramel', () => {
    const from = [1.2, 2, 4, 6, 9].map((protein) => softBallFrom(boiled(protein, 20)))
    for (const [i, celsius] of from.slice(1).entries()) expect(celsius).toBeLessThan(from[i] as number)
  })

  it('is no firmer for a little: there its fat alone counts, and makes it softer', () => {
    expect(softBallFrom(boiled(1, 20))).toBeGreaterThan(softBallFrom(boiled(1, 5)))
    expect(softBallFrom(boiled(1, 5))).toBeGreaterThan(softBallFrom(boiled(0, 0)))
  })

  test.each([
    ['condensed-milk-fig-fudge', 'soft-ball'],
    ['quick-tahini-fudge', 'soft-ball'],
    ['malted-milk-fudge', 'soft-ball'],
    ['bergamot-pouring-caramel', 'syrup'],
  ])('%s comes off at %s', (id, stage) => expect(analyse(demoBoil(id), testConditions).stage.id).toBe(stage))
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
      const grained = isGrained(id as FamilyId, Object.keys(family.schools)[0] ?? '')
      const landing = landingOf(expected, { grained, set: family.work === 'set' })
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
    expect(biteOf(thin, 21, { foam: true }).id).toBe('spoonable')
    expect(biteOf(mix({ sucrose: 40, lactose: 12, milkProtein: 7, water: 30 }), 21).id).toBe('spoonable')
  })

  it('of a grained sweet is that of its crystals: firmer with less water, softer with more doctors', () => {
    const fudge = (water: number, glucose: number) =>
      biteOf(mix({ sucrose: 70 - glucose, glucoseSolids: glucose, milkProtein: 2, fat: 10, water }), 20, {
        grained: true,
      })
    const crystals = [6, 9, 12, 15, 18].map((water) => fudge(water, 5).crystal ?? Number.NaN)
    expect([...crystals].sort((a, b) => b - a)).toEqual(crystals)
    expect(fudge(10, 20).crystal).toBeLessThan(fudge(10, 5).crystal ?? 0)
    expect([6, 11, 15, 24].map((water) => fudge(water, 5).id)).toEqual([
      'dry-grain',
      'firm-grain',
      'soft-grain',
      'spoonable',
    ])
    expect(biteOf(mix({ sucrose: 70, water: 12 }), 20).crystal).toBeNull()
  })

  // what is cut into squares is no paste: 112 to 116° is where fudge is pulled
  it.each([112, 113.5, 115, 116])('of a fudge pulled at %d° holds a cut', async (celsius) => {
    const { ordinary, ...rest } = await expectedOf('fudge')
    const { bite } = landingOf({ ...rest, ordinary: { ...ordinary, target: celsius } }, { grained: true })
    expect(['soft-grain', 'firm-grain']).toContain(bite.id)
  })

  it('softens with water and with a warmer room', () => {
    const words = [1, 5, 9, 12, 16, 22, 35].map(
      (w) => biteOf(mix({ sucrose: 60, glucoseSolids: 40, water: w }), 20).aboveGlass,
    )
    expect([...words].sort((a, b) => a - b)).toEqual(words)
    expect(biteOf(boiledTo(119), 30).aboveGlass).toBeGreaterThan(biteOf(boiledTo(119), 20).aboveGlass)
  })
})
