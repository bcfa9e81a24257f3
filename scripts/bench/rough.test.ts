import { describe, expect, it, test } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { roughCook } from '../../tests/rough/cook'
import { judgeByHand } from './by-hand'
import { dippedAtTheBoil } from './dipped'
import { caught, faultIn, wrongCook } from './faults'
import { foreseen, saidWhereAsked, saidWhereKnown, setApartBy } from './ideal'
import { AS_OUTSIDE, judge, roughFamilies } from './rough'
import { median } from './table'

const FIRST = 8_400_000
/** Sauces that climb by a tenth or two of a degree a minute where the probe comes to touch the base. */
const CRAWLING = [7_002_082, 7_002_146]
const judged = roughFamilies.map(([family, id], i) => {
  const cooks = [0, 1].map((s) => judge(roughCook(demoBoil(id), FIRST + 100 * i + s, { roughness: AS_OUTSIDE })))
  return { family, cooks, forecasts: cooks.flatMap((c) => c.forecasts) }
})
const forecasts = judged.flatMap((j) => j.forecasts)
const cooks = judged.flatMap((j) => j.cooks)

describe('in the rough kitchen', () => {
  test.each(judged)('$family: what is foreseen is of use', ({ forecasts: f }) => {
    const far = f.filter((x) => x.ahead >= 60)
    expect(far.length).toBeGreaterThan(10)
    expect(median(far.map((x) => x.off / x.ahead))).toBeLessThan(0.2)
  })

  it('the 80 % range holds the truth about as often as it says', () => {
    const inside = forecasts.filter((f) => f.inside).length / forecasts.length
    expect(inside).toBeGreaterThan(0.75)
    expect(inside).toBeLessThan(0.95)
  })

  it('no pull is said much too early, and a sound cook is hardly ever doubted', () => {
    expect(cooks.filter((c) => c.pullEarly && c.pullEarly.seconds > 10 && c.pullEarly.celsius > 1)).toEqual([])
    expect(cooks.filter((c) => c.falseDoubts.length > 0).length).toBeLessThanOrEqual(2)
  })

  test.each(['out', 'metal'] as const)('a probe really wrong (%s) is said within half a minute', (kind) => {
    for (const seed of [1, 2, 3]) {
      const formula = demoBoil('bay-leaf-honey-nougat')
      const sound = roughCook(formula, seed)
      const fault = { kind, at: (sound.boiledAt + sound.endedAt) / 2, by: 0.5 }
      const wrong = wrongCook(formula, seed, fault, sound, 1)
      expect(wrong && caught(wrong, fault).after).toBeLessThanOrEqual(30)
    }
  })
})

it('a probe that is put in as it boils is doubted by nothing, and foresees as well as any', () => {
  const late = roughFamilies.flatMap(([, id], i) => {
    const seed = FIRST + 100 * i
    return judge(dippedAtTheBoil(roughCook(demoBoil(id), seed, { roughness: AS_OUTSIDE }), seed))
  })
  expect(late.flatMap((j) => j.falseDoubts)).toEqual([])
  const far = late.flatMap((j) => j.forecasts).filter((x) => x.ahead >= 60)
  expect(median(far.map((x) => x.off / x.ahead))).toBeLessThan(0.1)
})

it('a probe on the metal is told in a syrup that hardly climbs', () => {
  const formula = demoBoil('bergamot-pouring-caramel')
  for (const seed of CRAWLING) {
    const sound = roughCook(formula, seed, { roughness: AS_OUTSIDE })
    const fault = faultIn(sound, seed, 'metal')
    const wrong = fault && wrongCook(formula, seed, fault, sound, AS_OUTSIDE)
    expect(wrong && caught(wrong, fault).after).toBeLessThanOrEqual(30)
  }
})

it('what could be found out of a fault is more of a larger one, more the longer one looks, and less in a rougher kitchen', () => {
  const formula = demoBoil('bay-leaf-honey-nougat')
  const apart = (by: number, seconds: number, roughness = AS_OUTSIDE) => {
    const sound = roughCook(formula, FIRST, { roughness: AS_OUTSIDE, keepEvery: 10 })
    const at = (sound.boiledAt + sound.endedAt) / 2
    const wrong = roughCook(formula, FIRST, { fault: { kind: 'heat', at, by }, roughness: AS_OUTSIDE })
    return setApartBy(sound, wrong, at + seconds, FIRST, roughness) as number
  }
  expect(apart(0.5, 60)).toBeGreaterThan(apart(0.8, 60))
  expect(apart(0.8, 90)).toBeGreaterThan(apart(0.8, 45))
  expect(apart(0.8, 60, 1)).toBeLessThan(apart(0.8, 60))
  expect(apart(1, 60)).toBe(0)
  expect(saidWhereKnown(3)).toBeGreaterThan(saidWhereAsked(3))
})

it('who knows the laws of a kitchen foresees the nearer the less rough it is, and never without error', () => {
  const cook = roughCook(demoBoil('bay-leaf-honey-nougat'), FIRST, { roughness: AS_OUTSIDE, keepEvery: 15 })
  const [calm, rough] = [foreseen(cook, FIRST, AS_OUTSIDE), foreseen(cook, FIRST, 1)]
  expect(calm.length).toBeGreaterThan(5)
  expect(median(calm)).toBeLessThan(median(rough))
  expect(Math.min(...calm)).toBeGreaterThan(0)
})

describe('in a kitchen of another make', () => {
  const strange = ['bay-leaf-honey-nougat', 'smoked-salt-tamarind-caramels', 'malted-milk-fudge'].flatMap((id, i) =>
    [0, 1].map((s) => judge(roughCook(demoBoil(id), FIRST + 100 * i + s, { make: 'strange', roughness: AS_OUTSIDE }))),
  )

  it('the range knows of itself how far to trust what does not do as reckoned', () => {
    const foreseen = strange.flatMap((c) => c.forecasts)
    expect(foreseen.filter((f) => f.inside).length / foreseen.length).toBeGreaterThan(0.65)
  })

  it('no pull is said much too early', () => {
    expect(strange.filter((c) => c.pullEarly && c.pullEarly.seconds > 10 && c.pullEarly.celsius > 1)).toEqual([])
  })
})

it('by hand, the 80 % range holds the truth about as often as it says, and what is shown is about what is so', () => {
  const seen = ['smoked-salt-tamarind-caramels', 'orchard-toffee', 'bay-leaf-honey-nougat'].flatMap((id, i) =>
    [0, 1].map((s) => {
      const seed = FIRST + 100 * i + s
      return judgeByHand(roughCook(demoBoil(id), seed, { roughness: AS_OUTSIDE }), seed)
    }),
  )
  const inside = seen.flatMap((s) => s.inside)
  expect(inside.length).toBeGreaterThan(50)
  expect(inside.filter(Boolean).length / inside.length).toBeGreaterThan(0.6)
  expect(median(seen.flatMap((s) => s.celsius))).toBeLessThan(1)
})

describe.each(['rough', 'strange'] as const)('the %s kitchen itself', (make) => {
  it('is the same for the same seed, and another for another', () => {
    const formula = demoBoil('bay-leaf-honey-nougat')
    const readings = (seed: number) => roughCook(formula, seed, { make }).readings
    expect(readings(5)).toEqual(readings(5))
    expect(readings(5)).not.toEqual(readings(6))
  })

  it('never cools on the heat but where something cold goes in', () => {
    const cook = roughCook(demoBoil('bay-leaf-honey-nougat'), 7, { make })
    const fed = cook.events.filter((e) => e.type === 'step').map((e) => e.at)
    for (const [i, celsius] of cook.truth.entries()) {
      const near = fed.some((at) => Math.abs(at - i) < 60)
      if (i > 60 && !near) expect(celsius).toBeGreaterThan((cook.truth[i - 60] as number) - 0.5)
    }
  })
})
