/** Every family finished in the rough kitchen by a maker who does what the panel says; and once each by one who does not. */
import { describe, expect, it, test } from 'vitest'
import { cameOut, isJudged } from '../../tests/rough/finish'
import { finish, finished } from './rough-finish'

describe('finished in the rough kitchen by what the panel says', () => {
  test.each(finished.map(([family, id], i) => [family, 1 + (i % 3), id] as const))(
    '%s, kitchen %d: every work at a moment that comes out right',
    (family, seed, id) => {
      const { done, all } = finish(id, seed)
      expect(all).toBe(true)
      for (const { work, celsius } of done) expect(`${work} ${cameOut(family, work, celsius)}`).toBe(`${work} right`)
      const judged = done.filter((d) => isJudged(family, d.work))
      if (family !== 'honeycomb') expect(judged.length).toBeGreaterThan(0)
    },
  )

  it('what is cut is wrapped before its sides are sticky', () => {
    const { done } = finish('smoked-salt-tamarind-caramels', 4)
    const at = (work: string) => done.find((d) => d.work === work)?.at ?? Number.NaN
    expect(at('wrap') - at('cut')).toBeLessThan(600)
  })
})

describe('disobeyed', () => {
  test.each([
    ['caramel', 'smoked-salt-tamarind-caramels', 'score', null, 'early'],
    ['toffee', 'orchard-toffee', 'score', 600, 'missed'],
    ['brittle', 'coconut-chip-brittle', 'break', null, 'early'],
    ['honeycomb', 'ginger-honeycomb', 'break', null, 'early'],
    ['hard-candy', 'rhubarb-nettle-elderflower-drops', 'unmould', null, 'early'],
    ['hard-candy', 'rhubarb-nettle-elderflower-drops', 'fill', 120, 'missed'],
    ['fudge', 'malted-milk-fudge', 'beat', null, 'early'],
    ['condensed-milk', 'condensed-milk-fig-fudge', 'cut', null, 'early'],
    ['marshmallow', 'blackcurrant-marshmallow', 'whip', null, 'early'],
    ['popcorn', 'juniper-popcorn-clusters', 'form', 300, 'missed'],
    ['caramel-sauce', 'bergamot-pouring-caramel', 'fill', 600, 'missed'],
    ['nougat', 'bay-leaf-honey-nougat', 'whip', 900, 'missed'],
    ['pulled sugar', 'water-mint-pillows', 'pull', null, 'early'],
    ['dark chocolate', 'harbour-dark-dipping-chocolate', 'temper', 600, 'missed'],
    ['milk chocolate', 'pilot-house-milk-chocolate', 'gather', null, 'early'],
  ] as const)('%s %s: %s, late by %s s: warned of (%s), and it comes out so', (family, id, work, late, warning) => {
    const { done, warned } = finish(id, 5, { work, late })
    expect(warned).toContain(warning)
    const at = done.find((d) => d.work === work)
    if (at && isJudged(family, work))
      expect(cameOut(family, work, at.celsius)).toBe(late === null ? 'too early' : 'too late')
  })
})
