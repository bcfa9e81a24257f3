import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { pieceOf, wrapBy } from '../finish/keeping'
import { analyse } from '../formula/analyse'
import { dewPoint, saturatedAir } from '../physics/humidity'
import { testConditions } from '../testing'
import { chipsOn, coatGrams, dustGrams, ganacheShare, seedShare, stoneShare } from './chocolate'

describe('tempering', () => {
  test.each([
    ['dark', 0.36, 46, 31.5, 0.28],
    ['milk', 0.31, 44, 29.5, 0.32],
    ['white', 0.34, 43, 28.5, 0.31],
  ] as const)('%s takes the seed that enthalpy says', (_, fat, from, to, share) => {
    expect(seedShare(fat, from, to, 21)).toBeCloseTo(share, 1)
    expect(Math.abs(seedShare(fat, from, to, 21) - share)).toBeLessThan(0.012)
  })

  it('on a stone takes as much as brings the rest to where it works', () => {
    const share = stoneShare(44, 27.5, 31.5)
    expect(share * 27.5 + (1 - share) * 44).toBeCloseTo(31.5, 9)
    expect(stoneShare(31, 27.5, 31.5)).toBe(0)
    expect(stoneShare(50, 27.5, 20)).toBe(1)
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
