import { describe, expect, it } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import { analyse } from '../formula/analyse'
import { isBoiled, mainBoil } from '../formula/document'
import { gramsOfBoil } from '../formula/plan'
import { scale } from '../formula/scale'
import { testConditions } from '../testing'
import type { BoilFacts } from './assess'
import { nextBoilOf } from './next-boil'
import type { PotNow } from './pot-now'

/** A boil of a batch of a demo formula, as a page has it. */
function boilOf(id: string, pieces: number, number: number): BoilFacts {
  const whole = demoFormulas[id]
  if (!whole) throw new Error(id)
  const plan = scale(whole, { size: { by: 'pieces', pieces } })
  const part = plan.boils[number - 1]?.part ?? null
  const formula = part === null ? mainBoil(whole) : whole.parts?.find((p) => p.id === part)?.formula
  if (!formula || !isBoiled(formula)) throw new Error(`${id} has no boil ${number}`)
  return {
    number,
    channel: null,
    part,
    formula,
    plan,
    conditions: testConditions,
    probe: { lagS: 0, noiseC: 0.1, thermometer: null },
  }
}

const analysisOf = (boil: BoilFacts) => analyse(boil.formula, boil.conditions, gramsOfBoil(boil.plan, boil.number))
/** What core makes of a cook: the target foreseen in `eta` s, or nothing foreseen. */
const seeing = (eta: number | null): PotNow =>
  ({
    doNow: { step: { when: { on: 'target' } } },
    forecast: eta === null ? null : { eta },
  }) as unknown as PotNow

describe('the next boil', () => {
  const drops = boilOf('rhubarb-nettle-elderflower-drops', 300, 1)
  it('is another colour in the same pot, once that is free', () => {
    const analysis = analysisOf(drops)
    expect(nextBoilOf(drops, analysis, seeing(60), 0, false)).toMatchObject({
      number: 2,
      label: 'Nettle',
      startIn: Number.POSITIVE_INFINITY,
      together: false,
    })
    expect(nextBoilOf(drops, analysis, seeing(60), 0, true)?.startIn).toBe(0)
  })

  it('is none after the last', () => {
    const last = boilOf('rhubarb-nettle-elderflower-drops', 300, 3)
    expect(nextBoilOf(last, analysisOf(last), seeing(60), 0, true)).toBeNull()
  })
})

describe('a top that waits for the layer below', () => {
  const caramel = boilOf('rye-shortcake-bars', 33, 2)
  const done = { doNow: { step: null }, forecast: null } as unknown as PotNow

  it('is begun once that is poured and firm, not as soon as the pot is free', () => {
    const analysis = analysisOf(caramel)
    expect(nextBoilOf(caramel, analysis, seeing(null), 0, true)?.startIn).toBe(Number.POSITIVE_INFINITY)
    expect(nextBoilOf(caramel, analysis, done, 0, true)).toMatchObject({ label: 'Top', startIn: 0 })
  })
})

describe('two syrups', () => {
  const sugar = boilOf('bay-leaf-honey-nougat', 60, 1)
  const analysis = analysisOf(sugar)
  const honey = sugar.plan.boils[1]
  const part = sugar.formula.parts?.find((p) => p.id === honey?.part)?.formula
  if (!part || !isBoiled(part)) throw new Error('the nougat has no honey syrup')
  const takes = analyse(part, sugar.conditions, gramsOfBoil(sugar.plan, 2)).minutes * 60

  it('arrive together: the second is lit as long before as it takes, and a moment more to pour', () => {
    for (const eta of [30, 300, 900]) {
      const next = nextBoilOf(sugar, analysis, seeing(eta), 100, false)
      expect(next).toMatchObject({ number: 2, together: true })
      expect(next?.startIn).toBeCloseTo(eta - takes - 45, 6)
    }
  })

  it('go by the formula until the first can be foreseen', () => {
    const whole = analysis.minutes * 60
    const at = (now: number) => nextBoilOf(sugar, analysis, seeing(null), now, false)?.startIn ?? Number.NaN
    expect(at(0)).toBeCloseTo(whole - takes - 45, 6)
    expect(at(0) - at(60)).toBeCloseTo(60, 6)
    expect(nextBoilOf(sugar, analysis, seeing(Number.POSITIVE_INFINITY), 0, false)?.startIn).toBeCloseTo(at(0), 6)
  })

  it('do not wait for the pot of the first: it is lit beside it', () => {
    expect(nextBoilOf(sugar, analysis, seeing(10), 0, false)?.startIn).toBeLessThan(0)
  })
})
