import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { secondsIn } from '../../formula/sentence'
import { heatIn } from '../sentence/heats'
import { chainOf } from './chains'

const acts = fc.constantFrom(
  'Add the butter',
  'Tip in the nuts and salt',
  'Spread on a sheet',
  'Chuck in the seeds',
  'When it is at 120° stir in the nuts',
)
const links = fc.constantFrom(', ', ' and ', ', then ', '; ', ' and then ', ', and ')
const lasting = fc.constantFrom(
  'stir for 2 minutes',
  'keep turning it on the heat for one more minute',
  'wait 5 min',
  'boil for 3 minutes',
  'whisk hard 30 seconds',
)
const limited = fc.constantFrom('stir every 5 minutes', 'whisk for no more than 30 seconds', 'work it, 2 min max')
const lettersOf = (text: string): string => text.toLowerCase().replace(/[^a-z0-9°]/g, '')

describe('one thing after the other', () => {
  it('is as many moments as have a time of their own, and no word is lost', () => {
    fc.assert(
      fc.property(acts, links, lasting, (act, link, lasts) => {
        const [first, second, ...more] = chainOf(`${act}${link}${lasts}`)
        expect([first, second, more]).toEqual([act, lasts, []])
        expect(secondsIn(first as string)).toBeNull()
        expect(secondsIn(second as string)).toBeGreaterThan(0)
      }),
    )
  })

  it('is one where nobody waits for the time that is said', () => {
    fc.assert(
      fc.property(acts, links, limited, (act, link, lasts) => {
        expect(secondsIn(lasts)).toBeNull()
        expect(chainOf(`${act}${link}${lasts}`)).toEqual([`${act}${link}${lasts}`])
      }),
    )
  })

  it('has each heat in a moment of its own, in the order they are said', () => {
    const heats = fc.uniqueArray(fc.integer({ min: 105, max: 160 }), { minLength: 2, maxLength: 2 })
    fc.assert(
      fc.property(heats, fc.integer({ min: 30, max: 90 }), (two, cool) => {
        const [low = 0, high = 0] = [...two].sort((a, b) => a - b)
        const sentence = `Boil to ${low}°, nuts, to ${high}°, cool to ${cool}° and blend in the butter`
        const clauses = chainOf(sentence)
        expect(clauses.map((c) => heatIn(c)?.low)).toEqual([low, high, cool])
        expect(lettersOf(clauses.join(' '))).toContain(lettersOf('blend in the butter'))
      }),
    )
  })
})
