/** One size, said in every way: whatever the words, the piece is the same. */
import { describe, expect, it } from 'vitest'
import type { BoiledFamilyId } from '../../craft/families'
import type { Shape } from '../../formula/document'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { makesIn } from '../text/how-many'
import { shapeRead } from './testing'

/** Ways as a reader tells them apart, between strokes. */
const ways = (text: string): string[] => text.trim().split(/\s*\|\s*/)

/** Litres that are poured into each tin. */
const POURED = 0.75
const CUT = 'Cut into 2.5 cm squares.'
const LIST = '300 g sugar\n200 g glucose syrup\n300 g double cream'
const METHOD = 'Boil all to 118 °C. Pour into an 8-inch square pan. Cut.'

/** What it measures, by one of its sizes; NaN for another kind of piece. */
const sizeOf = (shape: Shape, size: string): number => Number((shape as unknown as Record<string, unknown>)[size])

/** Those of some ways that are not read as they are meant, with what was read. */
const wrong = (all: readonly string[], read: (way: string) => number, meant: number, within = 0.03): string[] =>
  all.flatMap((way) => {
    const found = read(way)
    return Math.abs(found / meant - 1) <= within ? [] : [`${way}: ${found}`]
  })

describe('a tin', () => {
  it.each([
    [
      '8 inches square',
      41_290,
      '8-inch square pan | 8 inch square pan | 8 in. square pan | 8" square pan | 8x8 pan | 8x8-inch pan | 8 x 8 in pan | 8" x 8" pan | 8 × 8 × 2-inch pan | 8-in.-square pan | 8in square tin | square 8-inch pan | eight-inch square pan | 8 inch by 8 inch pan | 8in sq tin | brownie pan, 8x8 | 8-by-8-inch pan | 8 x 8 baking pan | 8″ square pan | 8- by 8-inch pan | greased 8 x 8 x 2 pan | pan measuring 8 x 8 inches | 8ins square tin | 8-inch (20 cm) square tin',
    ],
    [
      '20 cm square',
      40_000,
      '20 cm square tin | 20cm square tin | 20 x 20 cm tin | 20cm x 20cm tin | 20×20cm tin | 20*20 cm tin | 20 by 20 cm tin | 200 mm square tin | square tin (20 cm) | tin (20 x 20 cm) | 20 cm (8 inch) square tin | square cake tin, 20 cm | 20-centimetre square tin | 20 centimeter square pan | tin measuring 20 cm square | 20 cms square tin | lined and buttered 20 cm square tin',
    ],
    [
      '9 by 13 inches',
      75_484,
      '9x13 pan | 13x9-inch pan | 9-by-13-inch pan | 13 x 9 x 2 inch pan | 9"x13" pan | 9 inch x 13 inch pan | 13- x 9-inch pan | 9*13 pan | 23x33cm (9x13in) tin | quarter sheet pan',
    ],
    [
      '20 cm round',
      31_416,
      '20 cm round tin | round 20 cm tin | 20 cm ring | 20 cm Ø ring | round tin, 20 cm across | round tin 20 cm in diameter | 20 cm diameter round tin | 20 cm springform tin | cake ring of 20 cm | 20 cm pie dish | tart ring 20 cm',
    ],
    ['of a loaf', 29_900, '2 lb loaf tin | 900g loaf tin | 9x5 loaf pan | 23 x 13 cm loaf tin'],
    [
      'twice',
      80_000,
      'pair of 20 cm square tins | two 20 cm square tins | 2 20cm square tins | 2 x 20 cm square tins | two lined 20x20cm tins',
    ],
  ])('%s', (_, area, said) => {
    const heightMm = (POURED * 1e6) / area
    for (const sentence of ['Pour into a {}.', 'Line a {} with parchment. Pour in.', 'Turn out into the {}.'])
      expect(
        wrong(
          ways(said),
          (way) => sizeOf(shapeRead('caramel', `${sentence.replace('{}', way)} ${CUT}`, POURED), 'heightMm'),
          heightMm,
          0.05,
        ),
        sentence,
      ).toEqual([])
  })

  it('is no ring of the stove', () => {
    const said = `Put it on a 20 cm ring. Pour on a slab. ${CUT}`
    expect(shapeRead('caramel', said, POURED)).toEqual(shapeRead('caramel', `Pour on a slab. ${CUT}`, POURED))
  })
})

describe('a piece', () => {
  it.each([
    [
      'of an inch',
      25.4,
      25.4,
      '1-inch squares | 1 inch squares | 1in squares | 1" squares | 1-in. squares | inch squares | one-inch squares | squares about an inch across | squares of an inch | squares, about 1 inch | pieces an inch square | 1-inch-square pieces | 1 inch (2.5 cm) squares | 1 x 1 inch pieces | 1x1" pieces | squares 1 in. on a side | inch-square pieces | 1-by-1-inch squares',
    ],
    [
      'of 2.5 cm',
      25,
      25,
      '2.5 cm squares | 2,5 cm squares | 2.5cm cubes | 25 mm squares | squares of 2.5 cm | 2.5 x 2.5 cm pieces | 25x25 mm | squares 2.5 cm wide | 2-3 cm squares | 2 to 3 cm squares | squares of 2.5 centimetres | two-and-a-half centimetre squares',
    ],
    ['of half an inch', 12.7, 12.7, 'half-inch squares | half inch cubes | 1/2-inch squares | ½ inch squares'],
    ['of three quarters', 19.05, 19.05, 'three-quarter-inch squares | ¾" squares | 3/4 inch squares'],
    [
      'of an inch and a half',
      38.1,
      38.1,
      'inch-and-a-half squares | 1 1/2-inch squares | 1½ inch squares | 1-1/2" squares | 1 and 1/2 inch squares | one and a half inch squares | 1 to 2 inch squares',
    ],
    [
      'of 2 by 4 cm',
      20,
      40,
      '2 x 4 cm bars | 4 x 2 cm pieces | 2 cm by 4 cm bars | bars 4 cm long and 2 cm wide | bars 2 cm wide and 4 cm long | bars measuring 4 x 2 cm | 4 cm lengths, 2 cm wide | strips 2 cm wide, then into 4 cm pieces | 2 cm strips and then 4 cm lengths | fingers 2 x 4 cm',
    ],
  ])('%s', (_, least, most, said) => {
    for (const verb of ['Cut', 'Score', 'Mark']) {
      const read = (way: string, side: typeof Math.min): number => {
        const shape = shapeRead('caramel', `Pour into a tin. ${verb} into ${way}.`)
        return side(sizeOf(shape, 'lengthMm'), sizeOf(shape, 'widthMm'))
      }
      expect(
        wrong(ways(said), (way) => read(way, Math.min), least),
        verb,
      ).toEqual([])
      expect(
        wrong(ways(said), (way) => read(way, Math.max), most),
        verb,
      ).toEqual([])
    }
  })

  it.each([
    [
      10,
      '1 cm thick | to 1 cm | 10 mm deep | to a depth of 1 cm | to a thickness of about 1 cm | in a 1 cm layer | in a layer 1 cm thick | a centimetre thick | one centimetre thick | 1 cm in depth | to 1 cm depth | 8-12 mm thick',
    ],
    [
      12.7,
      '1/2 inch thick | half an inch thick | half-inch thick | ½" deep | to a half-inch thickness | to half an inch | a half inch thick | 0.5 inch thick',
    ],
    [9.5, 'three-eighths of an inch thick | 3/8 inch thick | 3/8" deep | ⅜ inch thick'],
    [5, 'half a centimetre thick | 5mm thick | 0.5 cm thick | 4 to 6 mm thick'],
  ])('%d mm thick', (heightMm, said) => {
    for (const sentence of ['Pour on an oiled slab and spread {}.', 'Pour onto a sheet, {}.', 'Roll out {}.'])
      expect(
        wrong(
          ways(said),
          (way) => sizeOf(shapeRead('caramel', `${sentence.replace('{}', way)} ${CUT}`), 'heightMm'),
          heightMm,
        ),
        sentence,
      ).toEqual([])
  })

  it('is round where it is stamped', () => {
    const said =
      '3 cm rounds | 3cm discs | rounds 3 cm across | rounds with a 3 cm cutter | rounds using a 3 cm round cutter | circles 3 cm in diameter | rounds of 3 cm | rounds (3 cm)'
    for (const way of ways(said))
      expect(shapeRead('caramel', `Pour 10 mm thick. Stamp into ${way}.`), way).toMatchObject({
        round: true,
        lengthMm: 30,
      })
  })
})

describe('so many pieces', () => {
  it('in the line that says how many it makes', () => {
    const said =
      'Makes 36 | Makes about 36 pieces | Makes: 36 | makes three dozen | Makes about 3 dozen | Yield: 36 pieces | Yields three dozen | Yield = 36 | YIELD: 36 PIECES | about 36 pieces | 36 caramels | (makes 36) | Gives 36 | Gives about 36 pieces | Enough for 36 pieces | Number of pieces: 36 | Pieces: 36 | Quantity: 36 | Makes 35-37 | Makes 34 to 38 pieces | This makes 36 | The recipe makes 36 pieces | Will make 36 | Prep 10 min, makes 36 | Makes 2 lb (36 pieces) | For 36 pieces | Cut. About 36 pieces or 1-3/4 pounds | Cool. 36 1-inch squares or so.'
    expect(wrong(ways(said), (way) => makesIn(way) ?? Number.NaN, 36)).toEqual([])
  })

  it.each(['Makes three dozen', 'Gives 36', 'Quantity: 36', 'Pieces: 36', '36 pieces'])(
    'in a row of its own, which is neither a line nor left over: %s',
    (row) => {
      for (const text of [`Caramels\n${row}\n\n${LIST}\n\n${METHOD}`, `Caramels\n\n${LIST}\n\n${METHOD}\n\n${row}`]) {
        const { formula, questions, left } = readRecipe(text, pantryOf())
        expect([questions, left]).toEqual([[], []])
        expect(formula.shape).toMatchObject({ kind: 'cut', lengthMm: 33.8 })
      }
    },
  )

  it.each([
    'This gives 12 minutes to work',
    'Pieces 12 mm thick',
    'Makes 500 g',
    'Enough for 24 bags',
    'Gives 30 % more',
    'Makes 12 oz',
  ])('are none: %s', (line) => expect(makesIn(line)).toBeNull())

  it('in the sentence that cuts them', () => {
    const said =
      'Cut into 36 squares. | Cut into three dozen squares. | Cut into 3 dozen pieces. | Cut into about 36 pieces. | Cut 6 x 6. | Cut 6 by 6. | Cut into six rows of six. | Cut into 6 strips, then each strip into 6. | Cut in 6 each way. | Cut into squares; you should get 36. | Cut into squares (36 of them). | Cut into squares, 36 in all. | Cut to give 36 pieces. | Cut into a 6-by-6 grid. | Divide into 36 pieces.'
    const read = (way: string) => sizeOf(shapeRead('caramel', `Pour into a 20 cm square tin. ${way}`, 1), 'lengthMm')
    expect(wrong(ways(said), read, 33.3)).toEqual([])
  })

  it('in the rows it is cut in, whatever is said after them; many rows of no tin are sides', () => {
    const read = (way: string) => sizeOf(shapeRead('caramel', `Pour into a 20 cm square tin. ${way}`, 1), 'lengthMm')
    expect(wrong(ways('Cut 8x8. | Cut 8 x 8 the day after. | Cut 8 x 8. Wrap.'), read, 25)).toEqual([])
    expect(read('Cut 18 x 18. Wrap.')).toBe(18)
    expect(sizeOf(shapeRead('caramel', 'Pour onto the slab. Cut 10 x 10. Wrap.', 1), 'lengthMm')).toBe(10)
  })
})

describe('what each holds or weighs', () => {
  it.each<[string, BoiledFamilyId, string, string, number, string]>([
    [
      'a mould of 5 ml',
      'hard-candy',
      'Pour into {}.',
      'millilitres',
      5,
      '5 ml moulds | moulds of 5 ml | moulds holding 5 ml | moulds taking 5 ml | 5 millilitre moulds | 5 cc moulds | 1 teaspoon moulds | teaspoon-size moulds | candy molds (1 tsp each) | moulds, a teaspoon each | 5-ml molds | moulds, about 1 teaspoon each',
    ],
    [
      'a jar of half a pint',
      'caramel-sauce',
      'Pour into {}.',
      'millilitres',
      237,
      '8 oz jars | 8-ounce jars | half-pint jars | 1-cup jars | 1/2 pint jars | 8 fl oz jars | 237 ml jars',
    ],
    [
      'a jar of 250 ml',
      'caramel-sauce',
      'Pour into {}.',
      'millilitres',
      250,
      '250 ml jars | jars, 250 ml each | jars holding 250 ml | two 250 ml jars | 1/4 litre jars | quarter-litre jars | 25 cl jars | 2.5 dl jars | 250 cc jars | 2 x 250 ml jars',
    ],
    ['a jar of a pint', 'caramel-sauce', 'Pour into {}.', 'millilitres', 473, 'pint jars | 1 pint jars | 16-oz jars'],
    [
      'a shard of 15 g',
      'brittle',
      'Pour. Break into {}.',
      'gramsEach',
      15,
      '15 g pieces | 15 gram pieces | 15-gram pieces | pieces of 15 grams | 10-20 g pieces | pieces of 10 to 20 g | shards of 15 g | pieces of about 15 g',
    ],
    [
      'a shard of half an ounce',
      'brittle',
      'Pour. Break into {}.',
      'gramsEach',
      14.2,
      '1/2 oz pieces | half-ounce pieces | pieces of half an ounce | pieces of 1/2 oz',
    ],
    [
      'a ball of an inch',
      'fudge',
      'Roll into {}.',
      'gramsEach',
      12,
      '1-inch balls | inch balls | balls 1 inch across | balls an inch across | one-inch balls',
    ],
    [
      'a ball of a spoon',
      'fudge',
      'Roll into {}.',
      'gramsEach',
      21,
      'tablespoon-size balls | tablespoonful-sized balls',
    ],
  ])('%s', (_, family, sentence, size, meant, said) =>
    expect(wrong(ways(said), (way) => sizeOf(shapeRead(family, sentence.replace('{}', way)), size), meant)).toEqual([]),
  )
})
