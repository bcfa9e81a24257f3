/** What is too hot for hands waits, and what is put in the heat or the cold again goes to that. */
import { describe, expect, it } from 'vitest'
import { demoBoil } from '@/demo/formulas'
import { boiledIn } from '../formula/document'
import { pantryOf } from '../matter/names'
import { readRecipe } from '../recipe/recipe'
import { cookedByHand, finishOf } from './testing'
import { heatRangeOf, windowOf } from './windows'

/** Families that lie as a mass that stiffens: a sauce is filled, a sponge, a fudge and what is in temper have other moments. */
const boiledFamilies = [
  'caramel',
  'toffee',
  'brittle',
  'hard-candy',
  'honeycomb',
  'nougat',
  'popcorn',
  'condensed-milk',
  'fudge',
  'marshmallow',
] as const

describe('work that has to wait for its moment', () => {
  it.each(boiledFamilies)('call for no work on hot %s that has to wait for its moment', (family) => {
    const formula = { ...demoBoil('smoked-salt-tamarind-caramels'), family, school: 'x' }
    for (const kind of ['cut', 'score', 'break', 'unmould', 'pull'] as const) {
      const step = { id: 'w', label: 'w', when: { on: 'window' }, say: 'w', why: '', act: 'w' } as const
      const window = windowOf(formula, { ...step, handwork: kind === 'cut' ? { kind, tool: 'knife' } : { kind } })
      expect(window && heatRangeOf(window, 45, 21).high, kind).toBeLessThan(150)
    }
  })
})

describe('what is put in the heat or the cold again', () => {
  const told = (name: string, method: string) => {
    const list = '400 g sugar\n150 g glucose syrup\n150 g water\n14 g gelatin powder'
    const formula = boiledIn(readRecipe(`${name}\n\n${list}\n\n${method}`, pantryOf()).formula)[0]?.formula
    if (!formula) throw new Error('Nothing is boiled')
    return (upTo: RegExp, seconds: number) => {
      const step = formula.steps.find((s) => upTo.test(s.say))
      return finishOf(cookedByHand(formula, step?.id ?? 'none', seconds).seen)
    }
  }

  it('goes to the heat of the oven or the fridge while it is there, and to that of the room after it', () => {
    const at = told('Brittle', 'Boil all to 150 °C. Pour on a tray. Bake at 120 °C for 40 min. Chill 1 hour. Break.')
    expect(at(/^Pour/, 2000).celsius).toBeGreaterThan(110)
    expect(at(/^Bake/, 3000).celsius).toBeLessThan(15)
    expect(at(/^Chill/, 3600).celsius).toBeGreaterThan(18)
  })

  it('is loose corn, which is cold an hour out of the oven', () => {
    const at = told('Popcorn', 'Boil all to 135 °C. Pour over 160 g popcorn. Bake at 120 °C for 1 hour. Break apart.')
    expect(at(/^Pour/, 3000).celsius).toBeGreaterThan(110)
    expect(at(/^Bake/, 3600).celsius).toBeLessThan(40)
  })

  it('is no longer in its bowl once it has been scraped out', () => {
    const at = told(
      'Marshmallow',
      'Boil the sugar, glucose and water to 115 °C. Pour over the gelatin. Whip on high 10 minutes. Scrape into a greased pan. Leave 4 hours.',
    )
    expect([at(/^Pour/, 60).place, at(/^Scrape/, 60).place]).toEqual(['bowl', 'slab'])
  })
})
