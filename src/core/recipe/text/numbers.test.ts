import fc from 'fast-check'
import { expect, it } from 'vitest'
import { amountsFirst, inFigures } from './numbers'

const ONES = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine']
const TEENS = [
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
]
const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety']

/** A number as it is said. */
function spoken(n: number, and: string, hyphen: string): string {
  if (n >= 100) {
    const rest = n % 100
    const hundreds = `${ONES[Math.floor(n / 100) - 1]} hundred`
    return rest === 0 ? hundreds : `${hundreds}${and}${spoken(rest, and, hyphen)}`
  }
  if (n >= 20) return `${TENS[Math.floor(n / 10) - 2]}${n % 10 === 0 ? '' : hyphen + ONES[(n % 10) - 1]}`
  return (n >= 10 ? TEENS[n - 10] : ONES[n - 1]) as string
}

it('hundreds go without saying, but not in what is measured by the piece', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 20, max: 99 }), (hundreds, rest) => {
      const said = `${spoken(hundreds, '', ' ')} ${spoken(rest, '', ' ')}`
      expect(inFigures(`Then up to ${said}, stirring`)).toBe(`Then up to ${100 * hundreds + rest}, stirring`)
      expect(inFigures(`Then add ${said} gram bars`)).not.toContain(String(100 * hundreds + rest))
    }),
  )
  expect(inFigures('Then add hundred water')).toBe('Then add 100 water')
})

it('a number in words is that number', () => {
  const links = fc.constantFrom(' and ', ' ')
  fc.assert(
    fc.property(fc.integer({ min: 13, max: 999 }), links, fc.constantFrom('-', ' '), (n, and, hyphen) => {
      expect(inFigures(`Cook it to ${spoken(n, and, hyphen)} degrees, stirring`)).toBe(
        `Cook it to ${n} degrees, stirring`,
      )
    }),
  )
})

it.each([
  ['A hundred grams of honey, one vanilla bean', '100 grams of honey, one vanilla bean'],
  ['Cut into twenty one-inch squares', 'Cut into 20 one-inch squares'],
  ['Hundreds and thousands', 'Hundreds and thousands'],
  ['Twenty-four carat fudge\nfifty grams of butter', 'Twenty-four carat fudge\n50 grams of butter'],
])('%j is %j', (words, figures) => expect(inFigures(words)).toBe(figures))

it.each([
  [
    'take of brown sugar one pound and a half, of fresh butter three quarters of a pound',
    'take 1 1/2 pound of brown sugar, 3/4 pound of fresh butter',
  ],
  [
    'Two pounds and a quarter of sugar, and of vinegar half a pint.',
    '2 1/4 pounds of sugar, and half a pint of vinegar.',
  ],
  ['Boil it for an hour and a half, of which stir one.', 'Boil it for an hour and a half, of which stir one.'],
])('an amount stands before what it is of: %s', (said, meant) => expect(amountsFirst(said)).toBe(meant))
