/** How a pot has come to where it is reckoned to be: along its road, which bends, and with nothing made up. */
import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { gramsAsWritten } from '../formula/document'
import type { CookEvent } from '../log/log'
import type { Reading } from '../log/readings'
import { testConditions } from '../testing'
import { openCook } from '../track/cook'
import { potNow } from './pot-now'
import { reckonedWay } from './reckoned-way'

const drops = demoBoil('quince-lollipops')
const heatOn: CookEvent = { id: 'a', at: 0, type: 'step', step: drops.steps[0]?.id ?? '' }

const at = (now: number, readings: readonly Reading[], byHand = true) => {
  const cook = openCook(drops, gramsAsWritten(drops), testConditions, { byHand, lagS: 0, noiseC: 1 }, [heatOn])
  const pot = potNow(cook, readings, now)
  return { pot, boilC: cook.stretches.at(-1)?.path.boilC ?? 0, way: reckonedWay(cook, pot, now) }
}

describe('the way since the last reading', () => {
  const { pot, way, boilC } = at(420, [{ at: 0, celsius: 20 }])

  it('goes from it to where the pot is now, and never back', () => {
    expect(way[0]).toMatchObject({ at: 0 })
    expect(way.at(-1)?.at).toBe(420)
    expect(way.at(-1)?.celsius).toBeCloseTo(pot.celsius ?? 0, 0)
    for (const [i, p] of way.slice(1).entries()) {
      expect(p.at).toBeGreaterThan(way[i]?.at ?? 0)
      expect(p.celsius).toBeGreaterThanOrEqual((way[i]?.celsius ?? 0) - 0.01)
    }
  })

  it('bends where it boils: up to there it climbs many times as fast as beyond', () => {
    const boils = way.findIndex((p) => p.celsius > boilC - 1)
    expect(boils).toBeGreaterThan(2)
    const climb = (i: number): number => ((way[i]?.celsius ?? 0) - (way[i - 1]?.celsius ?? 0)) / 8.75
    expect(climb(Math.floor(boils / 2))).toBeGreaterThan(4 * climb(boils + 2))
  })

  it('is not there where a probe reads it, nor where nothing is known to go on from', () => {
    const heard = Array.from({ length: 42 }, (_, i) => ({ at: 10 * i, celsius: 20 + i }))
    expect(at(420, heard, false).way).toEqual([])
    expect(at(420, []).way).toEqual([])
    expect(at(3600, [{ at: 0, celsius: 20 }]).way).toEqual([])
  })
})
