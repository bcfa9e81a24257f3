import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { inGrams } from './shares'

const gramsIn = (text: string) => {
  const { formula, questions } = readRecipe(`Caramels\n\n${text}\n\nBoil all to 119 °C. Pour.`, pantryOf())
  return { grams: formula.lines.map((l) => Math.round(l.grams)), asked: questions.map((q) => q.text) }
}

describe('a list in per cent', () => {
  it.each([
    ['a line each', 'Sugar 40 %\nGlucose syrup 42 DE 28 %\nCream 36 % fat 32 %', [400, 280, 320]],
    ['the share before the name', '40 % sugar\n28% glucose syrup\n32 % cream', [400, 280, 320]],
    ['said of all', 'Ingredients (%)\nSugar 40\nGlucose syrup 42 DE 30\nCream 30', [400, 300, 300]],
    ['in one row, of a batch', 'Formula (%): sugar 40, glucose syrup 30, cream 30\nBatch 1500 g', [600, 450, 450]],
    ['of a batch in pounds', 'Sugar 60 %\nCream 36 % fat 40 %\nBatch 10 lb', [2722, 1814]],
    ['of the sugar', 'Sugar 100%\nGlucose syrup 42 DE 60%\nCream 40%\nTotal 2 kg', [1000, 600, 400]],
  ])('is one in grams: %s', (_, text, grams) => expect(gramsIn(text).grams).toEqual(grams))

  it.each([
    ['that miss a hundred', 'Sugar 40 %\nGlucose syrup 42 DE 28 %\nWater 12 %', 3],
    ['that are weighed besides', '60 % sugar 600 g\n30 % honey 300 g\n10 % butter 100 g', 0],
    ['beside weights', '200 g sugar\n200 g 70 % chocolate\n100 g cream 36 %', 0],
  ])('is none of shares %s', (_, text, asked) => expect(gramsIn(text).asked).toHaveLength(asked))

  it.each([
    ['the parts first', '3 parts sugar\n1 part glucose syrup\n1 part water', [600, 200, 200]],
    ['the parts last', 'Sugar: 2 parts\nCream 36 %: 1 part\nButter: 1/2 part', [571, 286, 143]],
    ['in words, by weight', 'Two parts by weight of sugar\na part honey\none part cream', [500, 250, 250]],
    ['of a batch, with a pinch beside', '3 parts sugar\n1 part water\n2 g salt\nBatch 2 kg', [1500, 500, 2]],
  ])('in parts is one in grams: %s', (_, text, grams) => expect(gramsIn(text).grams).toEqual(grams))

  it.each([
    ['one line is', '1 part sugar\n200 g cream', ['1 part sugar']],
    [
      'hardly any are',
      '300 g sugar\n200 g cream\n1 part icing sugar\n1 part cornflour',
      ['1 part icing sugar', '1 part cornflour'],
    ],
  ])('of which %s in parts is asked: of how much?', (_, text, asked) => expect(gramsIn(text).asked).toEqual(asked))

  it('has no line of its sum, wherever the figure of that stands', () => {
    for (const sum of ['Total 1000 g', '1000 g TOTAL', '1.0 kg total weight'])
      expect(gramsIn(`600 g sugar\n400 g cream\n${sum}`)).toEqual({ grams: [600, 400], asked: [] })
  })

  it('keeps to its shares, whatever the batch', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 2, max: 40 }), { minLength: 3, maxLength: 8 }),
        fc.integer({ min: 200, max: 20_000 }),
        (parts, batch) => {
          const sum = parts.reduce((a, b) => a + b)
          const share = (part: number): number => Math.round((1000 * part) / sum) / 10
          const list = parts.map((part, i) => `Sugar ${'abcdefgh'[i]} ${share(part)} %`)
          const weighed = inGrams([{ heading: null, lines: [...list, `Batch ${batch} g`] }])
          const grams = weighed.list
            .flatMap((s) => s.lines)
            .flatMap((l) => {
              const [, g] = /^([\d.]+) g Sugar /.exec(l) ?? []
              return g === undefined ? [] : [Number(g)]
            })
          expect(grams).toHaveLength(parts.length)
          for (const [i, g] of grams.entries())
            expect(Math.abs(g - (batch * (parts[i] as number)) / sum)).toBeLessThan(0.05 + 0.002 * batch)
        },
      ),
    )
  })
})
