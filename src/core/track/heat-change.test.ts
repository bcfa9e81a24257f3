import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { heatChanged, stillChanged } from './heat-change'

const lower = heatChanged(null, 1000, 600, 100)

describe('a change of heat that was found', () => {
  it('is one however many bits it is found in: it began from what there was before the first', () => {
    expect(heatChanged(lower, 600, 400, 130)).toEqual({ at: 130, before: 1000, sign: -1, isBack: false })
  })

  it('is back once the heat is as good as it was, and stays so', () => {
    expect(stillChanged(lower, 900)).toEqual(lower)
    const back = stillChanged(lower, 980)
    expect(back.isBack).toBe(true)
    expect(stillChanged(back, 600).isBack).toBe(true)
  })

  it('that undoes the last one is none, though it swings beyond it', () => {
    fc.assert(
      fc.property(fc.double({ min: 900, max: 1390, noNaN: true }), (is) => {
        expect(heatChanged(lower, 600, is, 200)).toMatchObject({ sign: -1, isBack: true })
      }),
    )
    expect(heatChanged(lower, 600, 1500, 200)).toMatchObject({ sign: 1, isBack: false })
  })

  it('is held against what there was for some minutes, and then against what there is', () => {
    expect(heatChanged(lower, 600, 1000, 350)).toMatchObject({ isBack: true })
    expect(heatChanged(lower, 600, 1000, 450)).toMatchObject({ before: 600, sign: 1, isBack: false })
  })
})
