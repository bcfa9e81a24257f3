import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { parseLength } from './length'
import { numberText, parseNumber, readNumber } from './number'
import { toCelsius, toFahrenheit } from './temperature'

describe('numbers', () => {
  test.each([
    [5 / 3, '1⅔'],
    [0.5, '½'],
    [2.25, '2¼'],
    [1 / 3, '⅓'],
    [2, '2'],
    [2.4, '2.4'],
    [0.62, '0.62'],
  ])('%d is written %s', (n, text) => expect(numberText(n)).toBe(text))

  it('are read again as they were written, to a hundredth', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40_000 }), (hundredths) => {
        const n = hundredths / 100
        expect(parseNumber(numberText(n))?.range.low).toBeCloseTo(n, 1)
      }),
    ))

  test.each([
    ['1 ¼', 1.25, 1.25],
    ['1 1/4', 1.25, 1.25],
    ['2⅔', 8 / 3, 8 / 3],
    ['half a', 0.5, 0.5],
    ['1 to 1½', 1, 1.5],
    ['1,5', 1.5, 1.5],
    ['3-4', 3, 4],
    ['¾', 0.75, 0.75],
    ['a dozen', 12, 12],
    ['two', 2, 2],
    ['a quarter', 0.25, 0.25],
    ['one-half', 0.5, 0.5],
    ['three-fourths', 0.75, 0.75],
    ['two-thirds', 2 / 3, 2 / 3],
    ['1⁄2', 0.5, 0.5],
  ])('%s', (text, low, high) => {
    const parsed = parseNumber(text)
    expect(parsed?.range.low).toBeCloseTo(low)
    expect(parsed?.range.high).toBeCloseTo(high)
  })

  test.each(['', 'sugar', '1/0', '4-3', 'another', 'tens'])('is not a number: %s', (text) =>
    expect(parseNumber(text)).toBeNull(),
  )
})

describe('a number alone in its box', () => {
  it('is the same with a point, a comma or thin spaces, and less than nothing too', () => {
    fc.assert(
      fc.property(fc.integer({ min: -9_999_999, max: 9_999_999 }), fc.integer({ min: 1, max: 2 }), (digits, places) => {
        const n = digits / 10 ** places
        const said = n.toFixed(places)
        for (const text of [said, said.replace('.', ','), `  ${said} `, said.replace('-', '−')])
          expect(readNumber(text)).toBeCloseTo(n, 9)
        expect(
          readNumber(
            Math.abs(n)
              .toFixed(places)
              .replace(/\B(?=(\d{3})+\.)/g, '\u202f'),
          ),
        ).toBeCloseTo(Math.abs(n), 9)
      }),
    )
  })

  test.each([
    ['½', 0.5],
    ['1 1/4', 1.25],
    ['.5', 0.5],
    [',5', 0.5],
    ['1 480', 1480],
    ['0,125', 0.125],
    ['1480,5', 1480.5],
  ])('“%s” is %d', (text, n) => expect(readNumber(text)).toBeCloseTo(n, 9))

  test.each(['', ' ', 'nine lives', '12 g', '3-4', '1,480', '-12,500', '1.2.3', '1e3', 'Infinity', '0x10'])(
    '“%s” is none: what could be two things is asked about',
    (text) => expect(readNumber(text)).toBeNaN(),
  )
})

it('°C and °F undo each other', () => {
  fc.assert(
    fc.property(fc.double({ min: -50, max: 400, noNaN: true }), (c) => {
      expect(toCelsius(toFahrenheit(c))).toBeCloseTo(c, 9)
    }),
  )
})

describe('lengths', () => {
  test.each([
    ['13 in', 330.2],
    ['9½"', 241.3],
    ['9 1/2 inches', 241.3],
    ['33 cm', 330],
    ['33,5cm', 335],
    ['330 mm', 330],
    ['330', 330],
    ['8″', 203.2],
  ])('%s', (text, mm) => expect(parseLength(text)).toBe(mm))
  test.each(['', 'wide', '13 furlongs', '0 cm', '8 to 9 in'])('"%s" is none', (text) =>
    expect(parseLength(text)).toBeNull(),
  )
})
