import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { gramsAsWritten } from '../formula/document'
import type { CookEvent } from '../log/log'
import { sugarOff, weighedIn, weighedLines } from './weighed'

const toffee = demoBoil('orchard-toffee')
const wanted = gramsAsWritten(toffee)
const weighed = (id: string, grams: Readonly<Record<string, number>>): CookEvent => ({
  id,
  at: 0,
  type: 'weighed',
  grams,
})
const sugar = toffee.lines.find((l) => l.ingredient === 'sugar')?.id ?? ''
const butter = toffee.lines.find((l) => l.ingredient.startsWith('butter'))?.id ?? ''

describe('what a scale said', () => {
  it('is the last word for each line, and nothing of what was taken back', () => {
    const events = [weighed('a', { [sugar]: 400, [butter]: 450 }), weighed('b', { [sugar]: 420 })]
    expect(weighedIn(events)).toEqual({ [sugar]: 420, [butter]: 450 })
    const undone: CookEvent = { id: 'c', at: 1, type: 'undo', of: 'b' }
    expect(weighedIn([...events, undone])).toEqual({ [sugar]: 400, [butter]: 450 })
  })

  it('stands beside what was wanted, in the order of the list, without lines no scale told of', () => {
    const lines = weighedLines(toffee, wanted, [weighed('a', { [sugar]: 440, other: 3 })])
    expect(lines).toEqual([{ line: sugar, name: 'Granulated sugar', wanted: wanted[sugar], weighed: 440 }])
  })

  it('tells sugar that is short or over, whatever else was weighed; nothing where no sugar was', () => {
    const short = sugarOff(toffee, wanted, [weighed('a', { [sugar]: 0.92 * (wanted[sugar] ?? 0) })])
    expect(short).toBeCloseTo(Math.log(0.92), 6)
    const withButter = [weighed('a', { [sugar]: 0.92 * (wanted[sugar] ?? 0), [butter]: 9999 })]
    expect(sugarOff(toffee, wanted, withButter)).toBeCloseTo(Math.log(0.92), 6)
    expect(sugarOff(toffee, wanted, [weighed('a', { [butter]: 450 })])).toBeNull()
  })
})
