import { describe, expect, it, test } from 'vitest'
import { type Evidence, fuse } from '../cook/evidence'
import { mix } from '../matter/mix'
import { waterLeftAt } from '../physics/boiling'
import { rampDose } from '../physics/browning'
import { STANDARD_PRESSURE, standardPressure } from '../physics/water'
import { seeded } from '../quantity/seeded'
import { adviseTarget } from './advice'
import { rescue, troubles } from './rescue'
import { smells } from './signs'
import { stageOf } from './stages'
import { bathTemperature, corrected, correctionFrom, lagFromStep } from './thermometer'

describe('thermometer checks', () => {
  it('one point shifts, two draw a line', () => {
    const boil = correctionFrom([{ day: 0, bath: 'boil', reads: 102.4 }], 1)
    expect(boil.points).toBe(1)
    expect(corrected(boil, 121.4)).toBeCloseTo(119, 1)
    const two = correctionFrom(
      [
        { day: 0, bath: 'ice', reads: 1 },
        { day: 0, bath: 'boil', reads: 102 },
      ],
      1,
    )
    expect(two.points).toBe(2)
    expect(corrected(two, 1)).toBeCloseTo(0, 6)
    expect(corrected(two, 102)).toBeCloseTo(99.97, 1)
    expect(two.sd).toBeLessThan(boil.sd)
  })

  it('boiling water is where the day’s pressure puts it', () => {
    const hill = { day: 0, bath: 'boil' as const, reads: 95, pressurePa: standardPressure(1480) }
    expect(bathTemperature(hill)).toBeCloseTo(95.05, 1)
    expect(Math.abs(correctionFrom([hill], 0).shift)).toBeLessThan(0.1)
  })

  it('sees a drift, follows it to today and no further than it knows', () => {
    const checks = [0, 30, 60].map((day) => ({ day, bath: 'boil' as const, reads: 100 + day / 30 }))
    const today = correctionFrom(checks, 60)
    expect(today.driftPerMonth).toBeCloseTo(1, 2)
    expect(corrected(today, 122)).toBeCloseTo(120, 0)
    expect(correctionFrom(checks, 900).shift).toBeCloseTo(correctionFrom(checks, 74).shift, 6)
  })

  it('without a check changes nothing and promises little', () => {
    const none = correctionFrom([], 5)
    expect(corrected(none, 118)).toBe(118)
    expect(none.sd).toBeGreaterThan(1)
  })

  it('finds the lag in a step test', () => {
    const random = seeded(5)
    for (const lag of [2, 6, 15]) {
      const readings = Array.from({ length: 60 }, (_, i) => ({
        at: i,
        celsius: 100 - 80 * Math.exp(-i / lag) + 0.2 * (random() - 0.5),
      }))
      expect(Math.abs((lagFromStep(readings, 100) ?? 0) - lag) / lag).toBeLessThan(0.1)
    }
    expect(lagFromStep([{ at: 0, celsius: 99 }], 100)).toBeNull()
  })
})

describe('evidence', () => {
  const dry = mix({ sucrose: 700, glucoseSolids: 300 })
  const stageAt = (t: number) => stageOf({ ...dry, water: waterLeftAt(dry, t) }).id
  const context = { dryMix: dry, pressurePa: STANDARD_PRESSURE, thermometerSd: 1, dose: 0 }
  const drops = (truths: readonly number[], off: number): Evidence[] =>
    truths.map((t, i) => ({ at: i * 60, reads: t + off, kind: 'drop', stage: stageAt(t) }))

  it('leaves a true thermometer alone, and is surer for the tests', () => {
    const alone = fuse([], { ...context, reads: 119 }, 400)
    const tested = fuse(drops([111, 115, 119], 0), { ...context, reads: 119 }, 400)
    expect(tested.disagrees).toBe(false)
    expect(tested.celsius?.mean).toBeCloseTo(119, 0)
    expect(tested.celsius?.sd).toBeLessThan(alone.celsius?.sd ?? 0)
    expect(tested.water?.mean).toBeCloseTo(waterLeftAt(dry, 119), -1)
  })

  test.each([-6, 6])('finds out a thermometer that is %d ° off', (off) => {
    const e = fuse(drops([109, 112, 115.5, 119, 123], off), { ...context, reads: 123 + off }, 400)
    expect(e.disagrees).toBe(true)
    expect(Math.abs((e.off?.mean ?? 0) - off)).toBeLessThan(2.5)
    expect(Math.abs((e.celsius?.mean ?? 0) - 123)).toBeLessThan(2.5)
  })

  it('does not cry wolf over one odd drop', () => {
    const one: Evidence[] = [{ at: 0, reads: 118, kind: 'drop', stage: 'soft-ball' }]
    expect(fuse(one, { ...context, reads: 118 }, 10).disagrees).toBe(false)
  })

  it('works without a thermometer, by fresh tests alone', () => {
    const e = fuse([{ at: 0, reads: null, kind: 'drop', stage: 'hard-ball' }], { ...context, reads: null }, 20)
    expect(stageAt(e.celsius?.mean ?? 0)).toBe('hard-ball')
    expect(e.off).toBeNull()
    expect(
      fuse([{ at: 0, reads: null, kind: 'drop', stage: 'hard-ball' }], { ...context, reads: null }, 500).celsius,
    ).toBeNull()
    const both = fuse(
      [
        { at: 0, reads: null, kind: 'sign', sign: 'clean-streak' },
        { at: 5, reads: null, kind: 'sign', sign: 'pulls-from-side' },
      ],
      { ...context, reads: null },
      20,
    )
    expect(both.celsius?.sd).toBeLessThan(8)
  })

  it('weighs a colour seen against a colour reckoned', () => {
    const reckoned = fuse([], { ...context, reads: 165, dose: rampDose(165) }, 1)
    expect(reckoned.colour.mean).toBeCloseTo(165, 0)
    const seen = fuse(
      [{ at: 0, reads: 165, kind: 'colour', celsius: 178, sd: 4 }],
      { ...context, reads: 165, dose: rampDose(165) },
      1,
    )
    expect(seen.colour.mean).toBeGreaterThan(172)
    expect(seen.colour.sd).toBeLessThan(reckoned.colour.sd)
  })

  it.each(Object.entries(smells))(
    'a smell (%s) speaks of colour too, less sharply than the eye',
    (_, { celsius, sd }) => {
      const at = (judged: number) =>
        fuse(
          [{ at: 0, reads: 165, kind: 'colour', celsius, sd: judged }],
          { ...context, reads: 165, dose: rampDose(150) },
          1,
        ).colour
      expect(at(sd).mean).toBeGreaterThan(150)
      expect(at(sd).mean).toBeLessThan(at(4).mean)
      expect(at(sd).sd).toBeGreaterThan(at(4).sd)
    },
  )
})

describe('rescue', () => {
  const dry = mix({ sucrose: 700, glucoseSolids: 300 })
  const cookedTo = (t: number) => ({ ...dry, water: waterLeftAt(dry, t) })
  const context = {
    spoiltAt: 188,
    target: 119,
    pressurePa: STANDARD_PRESSURE,
    colourC: 150,
    watts: 1000,
    boilsAgain: true,
  }

  it.each(troubles)('sends nothing that a boil would spoil back to it: %s', (trouble) => {
    expect(rescue(trouble, { ...context, mix: cookedTo(114), celsius: 60, boilsAgain: false }).worthIt).toBe(false)
  })

  it('gives back the water that is missing, and the minutes to boil off what is too much', () => {
    const r = rescue('too-far', { ...context, mix: cookedTo(130), celsius: 130 })
    const missing = waterLeftAt(dry, 119) - waterLeftAt(dry, 130)
    expect(r.worthIt).toBe(true)
    expect(r.water).toBeGreaterThan(missing)
    expect(r.water).toBeLessThan(missing + 100)
    expect(r.until).toBeCloseTo(119, 3)
    expect(r.time).toBeGreaterThan(30)
    expect(r.time).toBeLessThan(600)
  })

  it('knows a colour that cannot be mended', () => {
    expect(rescue('too-far', { ...context, mix: cookedTo(130), celsius: 130, colourC: 195 }).worthIt).toBe(false)
    expect(
      rescue('too-far', { ...context, spoiltAt: 166, mix: cookedTo(160), celsius: 160, colourC: 172 }).worthIt,
    ).toBe(false)
    expect(rescue('too-dark', { ...context, mix: cookedTo(150), celsius: 150, colourC: 180 }).worthIt).toBe(true)
    expect(rescue('too-dark', { ...context, mix: cookedTo(150), celsius: 150, colourC: 200 }).worthIt).toBe(false)
  })

  it('dissolves grain and adds the doctor that was missing', () => {
    const plain = { ...mix({ sucrose: 1000 }), water: 110 }
    const r = rescue('grained', { ...context, mix: plain, celsius: 60 })
    expect((plain.water + r.water) / plain.sucrose).toBeGreaterThan(0.18)
    expect(r.glucose).toBeGreaterThan(300)
    expect(rescue('grained', { ...context, mix: cookedTo(119), celsius: 60 }).glucose).toBe(0)
  })

  it('reheats what set too soft, mends what split, and follows the air', () => {
    expect(rescue('too-soft', { ...context, mix: cookedTo(114), celsius: 22 }).time).toBeGreaterThan(180)
    expect(rescue('split', { ...context, mix: cookedTo(119), celsius: 110 }).water).toBeLessThan(60)
    const hill = rescue('too-far', { ...context, mix: cookedTo(130), celsius: 124, pressurePa: standardPressure(1480) })
    expect(hill.until).toBeLessThan(114)
    expect(rescue('too-far', { ...context, mix: cookedTo(130), celsius: 130, watts: 0 }).time).toBe(
      Number.POSITIVE_INFINITY,
    )
  })
})

describe('advice', () => {
  const judged = (best: number, n: number, seed: number) => {
    const random = seeded(seed)
    return Array.from({ length: n }, () => {
      const reached = best + 8 * (random() - 0.5)
      return { reached, score: Math.max(1, Math.min(5, 4.8 - 0.15 * (reached - best) ** 2 + 0.6 * (random() - 0.5))) }
    })
  }

  it('finds the target that scores best, and how sure it is', () => {
    const few = adviseTarget(judged(120.5, 8, 3), 119)
    const many = adviseTarget(judged(120.5, 40, 3), 119)
    if (few.kind !== 'target' || many.kind !== 'target') throw new Error('expected a target')
    expect(Math.abs(many.best - 120.5)).toBeLessThan(0.5)
    expect(many.sd).toBeLessThan(few.sd)
    expect(many.says).toBe('change')
  })

  it('leaves a good target alone', () => {
    const a = adviseTarget(judged(119, 30, 8), 119)
    expect(a).toMatchObject({ kind: 'target', says: 'keep' })
  })

  it('praises no target that scored badly, or that the batches cannot tell from a better one', () => {
    const bad = judged(119, 30, 8).map((b) => ({ ...b, score: Math.max(1, b.score - 2) }))
    expect(adviseTarget(bad, 119)).toMatchObject({ says: 'unsure' })
    const below = [114, 114.5, 115, 116, 116.5, 117].map((reached, i) => ({ reached, score: 4 + (i % 2) }))
    expect(adviseTarget(below, 122)).toMatchObject({ says: 'unsure' })
  })

  it('says when there is too little to go on', () => {
    expect(adviseTarget(judged(119, 3, 1), 119)).toEqual({ kind: 'too-few', have: 3, need: 6 })
    expect(
      adviseTarget(
        Array.from({ length: 9 }, () => ({ reached: 119, score: 4 })),
        119,
      ),
    ).toMatchObject({ kind: 'too-alike' })
  })
})
