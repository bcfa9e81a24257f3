import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { analyse } from '../formula/analyse'
import { dewPoint, saturatedAir } from '../physics/humidity'
import { testConditions } from '../testing'
import { bowlHolds, bowlHoldsFor, chipsOn, coatGrams, dustGrams, ganacheShare, seedShare, temperNow } from './chocolate'
import { pieceOf, wrapBy } from './keeping'

describe('tempering', () => {
  test.each([
    ['dark', 0.36, 46, 31.5, 0.28],
    ['milk', 0.31, 44, 29.5, 0.32],
    ['white', 0.34, 43, 28.5, 0.31],
  ] as const)('%s takes the seed that enthalpy says', (_, fat, from, to, share) => {
    expect(seedShare(fat, from, to, 21)).toBeCloseTo(share, 1)
    expect(Math.abs(seedShare(fat, from, to, 21) - share)).toBeLessThan(0.012)
  })

  const bowl = { chocolate: 'dark', grams: 500, roomC: 21, melted: false, seeded: false } as const

  it('goes from melting through seeding into temper, and says when it is over or under', () => {
    expect(temperNow(bowl, 38).stage).toBe('melting')
    expect(temperNow(bowl, 47).stage).toBe('melted')
    const melted = { ...bowl, melted: true }
    expect(temperNow(melted, 46)).toMatchObject({ stage: 'seeding', toC: 31.5 })
    expect(temperNow(melted, 46).seedGrams).toBeGreaterThan(125)
    const seeded = { ...melted, seeded: true }
    expect(temperNow(seeded, 31.4).stage).toBe('in-temper')
    expect(temperNow(seeded, 36).stage).toBe('over')
    expect(temperNow(seeded, 29).stage).toBe('under')
    expect(temperNow({ ...seeded, roomC: 26 }, 31.4).roomSpoils).toBe(true)
  })

  it('the bowl holds for as long as it takes to cool that far, longer the more there is', () => {
    const seconds = bowlHoldsFor(500, 31.8, 31, 21)
    expect(bowlHolds(500, 31.8, 21, seconds)).toBeCloseTo(31, 6)
    expect(bowlHoldsFor(2000, 31.8, 31, 21)).toBeGreaterThan(1.4 * seconds)
    expect(bowlHoldsFor(500, 31.8, 31, 32)).toBe(Number.POSITIVE_INFINITY)
  })
})

describe('chips, ganache, coat, dust', () => {
  it('chips melt on what is hot and heavy enough', () => {
    expect(chipsOn(100, 0.3, 21, 110, 1500).melts).toBe(true)
    expect(chipsOn(400, 0.3, 21, 60, 800)).toMatchObject({ melts: false })
    expect(chipsOn(400, 0.3, 21, 60, 800).share).toBeLessThan(1)
  })

  it('a ganache is two, one or half of dark to one of cream, a quarter more of milk, a half more of white', () => {
    expect(ganacheShare('dark', 'firm')).toBe(2)
    expect(ganacheShare('milk', 'filling')).toBe(1.25)
    expect(ganacheShare('white', 'pours')).toBe(0.75)
  })

  it('a coat and a dusting go by the faces', () => {
    const { grams, staysOn } = coatGrams(100, 20)
    expect(staysOn).toBeCloseTo(312, 6)
    expect(grams).toBeCloseTo(390, 6)
    expect(dustGrams(100, 48)).toBeCloseTo(144, 6)
  })
})

describe('keeping', () => {
  it('air has its dew point and its water', () => {
    expect(dewPoint(21, 0.63)).toBeCloseTo(13.7, 1)
    expect(saturatedAir(21)).toBeCloseTo(18.3, 1)
    expect(dewPoint(21, 1)).toBeCloseTo(21, 9)
  })

  const caramels = demoBoil('smoked-salt-tamarind-caramels')
  const analysis = analyse(caramels, testConditions)
  const kept = (humidity: number) => wrapBy(pieceOf(caramels, analysis, 10), { roomC: 21, humidity })

  it('is stickier the sooner the damper the room, dries in a dry one, and is steady between', () => {
    expect(kept(0.63).goes).toBe('sticky')
    expect(kept(0.85).bareHours).toBeLessThan(kept(0.63).bareHours)
    expect(kept(0.2).goes).toBe('dries')
    expect(kept(analysis.keeps.own)).toMatchObject({ goes: 'steady', bareHours: Number.POSITIVE_INFINITY })
  })

  it('a tighter film keeps it longer, and the fridge is cold enough to wet it in a damp room only', () => {
    const days = kept(0.63).days.map((d) => d.days)
    expect([...days].sort((a, b) => a - b)).toEqual(days)
    expect(days[0]).toBeGreaterThan(kept(0.63).bareHours / 24)
    expect(kept(0.63).fridge).toBe('weeps')
    expect(kept(0.3).fridge).toBe('keeps')
  })
})
