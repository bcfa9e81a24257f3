import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { BoiledFamilyId } from '../../craft/families'
import { gramsAsWritten } from '../../formula/document'
import { scale } from '../../formula/scale'
import { finishedMix, traceSteps } from '../../formula/trace'
import { massOf } from '../../matter/mix'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { usualSize } from './shape'
import { shapeRead as read } from './testing'

describe('how much of a size is usual for its kind', () => {
  it.each<[BoiledFamilyId, string, ReturnType<typeof usualSize>]>([
    ['fudge', 'Pour. Cut.', 'all'],
    ['fudge', 'Pour. Cut into 30 mm squares.', 'thickness'],
    ['fudge', 'Pour 14 mm deep. Cut into 30 mm squares.', null],
    ['brittle', 'Pour. Break up.', 'all'],
    ['brittle', 'Pour. Break in 40 g pieces.', 'thickness'],
    ['brittle', 'Roll 3 mm thin. Break up.', null],
    ['toffee', 'Pour. Cut into 30 mm squares.', 'thickness'],
  ])('%s: %s', (family, method, usual) => expect(usualSize(read(family, method), family)).toBe(usual))
})

describe('the pieces a method speaks of', () => {
  it('are as large as the line of what it makes says, where the method only cuts', () => {
    const text = (method: string) =>
      `Caramels\n\nYield: 50 caramels (2 × 3 cm)\n\n300 g sugar\n200 g cream\n\nBoil to 118 °C. Pour. ${method}`
    expect(readRecipe(text('Cut.'), pantryOf()).formula.shape).toMatchObject({ lengthMm: 20, widthMm: 30 })
    expect(readRecipe(text('Cut 15 × 40 mm.'), pantryOf()).formula.shape).toMatchObject({ lengthMm: 15, widthMm: 40 })
  })

  it('are cut out of the tin that the line of what it makes speaks of', () => {
    const text =
      'Fudge\n\nYield: 36 squares (20 cm tin)\n\n450 g sugar\n300 g cream\n\nBoil to 115 °C. Press into the tin. Cut when firm.'
    expect(readRecipe(text, pantryOf()).formula.shape).toMatchObject({ lengthMm: 33.3, widthMm: 33.3 })
  })

  it('are as many as it is cut into, with whatever it is cut', () => {
    const cut =
      'Pour into an 8-inch straight-sided square metal baking pan. Slice with a sharp oiled knife into 36 pieces.'
    expect(read('caramel', cut, 0.6)).toMatchObject({ lengthMm: 33.8, heightMm: 15 })
  })

  it('fill a loaf tin twice as deep as a square one', () => {
    const deep = (tin: string) => read('caramel', `Pour into a 20 cm ${tin}. Cut.`, 0.4)
    expect([deep('square tin'), deep('loaf tin')]).toMatchObject([{ heightMm: 10 }, { heightMm: 20 }])
  })

  it.each([
    'For 2 frames (30 x 40 x 1.2 cm each)',
    'Recipe for 1 frame 30 x 40 x 1.2 cm',
    'Recipe makes 2 frames of 30 x 40 x 1.2 cm',
    'Quantity: 1 frame 30 x 40 x 1.2 cm',
  ])('are as deep as the frames that the list is for: %s', (into) => {
    const text = `Caramels\n\n${into}\n\n300 g sugar\n200 g cream\n\nBoil to 118 °C. Pour. Cut.`
    const { formula, questions } = readRecipe(text, pantryOf())
    expect([formula.shape, questions]).toMatchObject([{ kind: 'cut', heightMm: 12 }, []])
  })

  it('are none of what is spooned out by its name', () => {
    const named = (name: string) => read('marshmallow', 'Whip for 8 minutes.', 1, name).kind
    expect(named('Marshmallow fluff')).toBe('mould')
    expect(named('Marshmallows')).toBe('cut')
  })

  it.each<[string, BoiledFamilyId, string, object]>([
    ['inch pieces', 'hard-candy', 'Cut in inch pieces.', { lengthMm: 25.4, widthMm: 25.4 }],
    ['rounds by their cutter', 'fudge', 'Cut into rounds with a 3 cm cutter.', { lengthMm: 30, round: true }],
    ['strips by their length', 'hard-candy', 'Cut in strips 15 cm long.', { lengthMm: 150, widthMm: 15 }],
    ['moulds by what they hold', 'hard-candy', 'Deposit in moulds (8 ml).', { kind: 'mould', millilitres: 8 }],
    ['a frame by its depth', 'caramel', 'Pour into a frame 30 x 40 x 1.2 cm. Cut.', { heightMm: 12 }],
    ['squares by their side', 'caramel', 'Cut into 1-inch squares.', { lengthMm: 25.4, widthMm: 25.4, heightMm: 15 }],
    ['pieces by two sides', 'caramel', 'Cut into 1 x 2 inch pieces.', { lengthMm: 25.4, widthMm: 50.8 }],
    ['squares by their number alone', 'caramel', 'Pour in a 20 cm tin. Cut 16.', { lengthMm: 50, widthMm: 50 }],
    [
      'two sides without a unit',
      'caramel',
      'Pour 10 mm deep. Cut 15 x 40.',
      { lengthMm: 15, widthMm: 40, heightMm: 10 },
    ],
    [
      'a rope by how thick it is',
      'hard-candy',
      'Pull 3 min, rope 12 mm, cut 25 mm.',
      { lengthMm: 25, widthMm: 12, heightMm: 12 },
    ],
    ['how deep it is framed', 'caramel', 'Frame at 12 mm. Cut 25 × 25 mm.', { lengthMm: 25, heightMm: 12 }],
    ['a thickness that is no side', 'caramel', 'Slab 10 mm thick, cut & wrap.', { lengthMm: 25, heightMm: 10 }],
    ['what it is rolled to', 'brittle', 'Roll to 3 mm while hot. Cut at once.', { kind: 'cut', heightMm: 3 }],
    [
      'what is spread and snapped',
      'brittle',
      'Spread 1/4 inch thick. Snap into pieces.',
      { kind: 'broken', thicknessMm: 6.4 },
    ],
    [
      'what is broken, as its kind is',
      'honeycomb',
      'Pour out. Smash into chunks.',
      { kind: 'broken', thicknessMm: 30 },
    ],
    [
      'a tin whose second side is no thickness',
      'toffee',
      'Spread on a sheet (about 45 x 33 cm). Break.',
      { kind: 'broken', thicknessMm: 7 },
    ],
    ['puddles of so many ml', 'hard-candy', 'Drop 3 ml puddles onto silicone.', { kind: 'mould', millilitres: 3 }],
    [
      'what is dropped',
      'nougat',
      'Drop by teaspoonfuls on paper.',
      { kind: 'broken', gramsEach: 7, formed: 'dropped' },
    ],
    [
      'what is dipped into it',
      'caramel',
      'Dip each apple, twirl, and stand on greased paper.',
      { kind: 'broken', thicknessMm: 4, gramsEach: 60, formed: 'dipped' },
    ],
    [
      'a slab that is dipped in chocolate once it is cut',
      'caramel',
      'Pour in a tin. Cut into 2 cm squares. Dip the pears in chocolate.',
      { kind: 'cut', lengthMm: 20, widthMm: 20 },
    ],
    [
      'moulds that are filled with so much each',
      'jelly',
      'Fill starch moulds with a dropper (4.2 g each).',
      { kind: 'mould', millilitres: 3 },
    ],
    [
      'what is scooped onto paper',
      'fudge',
      'Scoop quick onto parchment.',
      { kind: 'broken', gramsEach: 21, formed: 'dropped' },
    ],
    [
      'what is dropped from a spoon',
      'fudge',
      'Drop by tablespoons onto paper.',
      { kind: 'broken', gramsEach: 21, formed: 'dropped' },
    ],
    [
      'a rope as thick as it is rolled',
      'hard-candy',
      'Pull. Roll 12 mm thick, snip every 15 mm.',
      { lengthMm: 15, widthMm: 12 },
    ],
    ['rounds that are stamped', 'fudge', 'Roll to 1/2 in, stamp into 1 in rounds.', { lengthMm: 25.4, round: true }],
    ['moulds by what each takes', 'toffee', 'Deposit into molds (5 g each).', { kind: 'mould', millilitres: 3.6 }],
    [
      'moulds by what each takes, in short',
      'jelly',
      'Deposit into silicone moulds (2 g).',
      { kind: 'mould', millilitres: 1.4 },
    ],
    ['moulds by what they are made of', 'toffee', 'Deposit into 3 g silicone moulds.', { millilitres: 2.1 }],
    [
      'lollipops by the spoon',
      'hard-candy',
      'Spoon into lollipop molds (about 1 Tbsp each).',
      { sticks: true, millilitres: 15 },
    ],
    [
      'a thickness in words',
      'caramel',
      'Pour out between bars on an oiled slab, half an inch thick. Cut.',
      { heightMm: 13 },
    ],
    ['a thickness of a quarter', 'brittle', 'Roll a quarter of an inch thick. Break.', { thicknessMm: 6.4 }],
    [
      'portions that are deposited',
      'fudge',
      'Deposit 12 g discs into starch.',
      { kind: 'broken', gramsEach: 12, formed: 'dropped' },
    ],
    [
      'balls rolled so far across',
      'caramel',
      'Roll into 2.5 cm balls.',
      { kind: 'broken', gramsEach: 11.5, formed: 'rolled' },
    ],
    [
      'balls so far across',
      'fudge',
      'Shape into 3/4-inch balls.',
      { kind: 'broken', gramsEach: 5.1, formed: 'rolled' },
    ],
    [
      'balls of so much across',
      'condensed-milk',
      'Roll into balls of about 1 1/4 inch.',
      { kind: 'broken', gramsEach: 23.6, formed: 'rolled' },
    ],
    ['moulds with what each takes after them', 'fudge', 'Pour in starch moulds 5 ml.', { millilitres: 5 }],
    ['a depth in half inches, cut short', 'toffee', 'Pour ½ in. deep in a buttered tin.', { thicknessMm: 13 }],
    ['squares by their weight', 'caramel', 'Pour 15 mm deep, cut at 10 g.', { lengthMm: 21.8, heightMm: 15 }],
    ['how thick it is, after a comma', 'brittle', 'Roll flat between sheets, about 5 mm. Cut.', { heightMm: 5 }],
    ['how deep, at the end', 'brittle', 'Press into a 20 cm tin with a spatula, 8 mm. Score.', { heightMm: 8 }],
    ['what it is trayed at', 'fudge', 'Tray at 18 mm. Cut 22 mm cubes.', { lengthMm: 22, heightMm: 18 }],
    ['what it is poured to', 'caramel', 'Pour to 14 mm. Cut 14 x 28 mm.', { lengthMm: 14, heightMm: 14 }],
    ['drops of so many ml', 'toffee', 'Deposit 2.5 ml drops in moulds.', { kind: 'mould', millilitres: 2.5 }],
    ['half a spoon', 'hard-candy', 'Drop by half-teaspoons onto marble.', { gramsEach: 3.5 }],
    ['two sides joined by hyphens', 'caramel', 'Cut into 1-by-1 1/2-inch pieces.', { lengthMm: 25.4, widthMm: 38.1 }],
    [
      'what is scooped',
      'fudge',
      'Scoop rounds on foil with a 2 Tbsp scoop.',
      { kind: 'broken', gramsEach: 21, formed: 'dropped' },
    ],
    ['portions', 'honeycomb', 'Portion with a hot wire into 30 × 30 mm.', { kind: 'cut', lengthMm: 30 }],
    ['a portion that is dropped', 'fudge', 'Warm a portion, add mint, and drop into moulds.', { kind: 'mould' }],
    ['cubes, as high as they are wide', 'fudge', 'Slice in 3 cm cubes.', { lengthMm: 30, heightMm: 30 }],
    ['how deep it is poured', 'caramel', 'Pour 14 mm. Cut 20 x 30 mm.', { lengthMm: 20, widthMm: 30, heightMm: 14 }],
    ['how deep it is cast', 'caramel', 'Cast 20 mm in a frame. Cut 25 mm.', { lengthMm: 25, heightMm: 20 }],
    ['jars of so many ml', 'caramel-sauce', 'Hot fill 200 ml jars.', { kind: 'mould', millilitres: 200 }],
    ['jars counted in brackets', 'caramel-sauce', 'Jar (4 x 250ml).', { kind: 'mould', millilitres: 250 }],
    ['jars of so many grams', 'caramel-sauce', 'Hot fill 210 g jars.', { kind: 'mould', millilitres: 150 }],
    [
      'what is spooned on each cluster',
      'caramel',
      'Spoon a tablespoon of caramel on each cluster.',
      { kind: 'broken', gramsEach: 21, formed: 'dropped' },
    ],
    ['rows of a tin', 'fudge', 'Tin (18 cm sq). Next day cut 6x6.', { lengthMm: 30, widthMm: 30 }],
    ['rows of bars', 'caramel', 'Pour into a 24 x 24 cm tin. Cut 3 x 8.', { lengthMm: 80, widthMm: 30 }],
    ['sides and no rows', 'caramel', 'Pour into a 24 x 24 cm tin. Cut 3 x 8 cm.', { lengthMm: 30, widthMm: 80 }],
    ['grams of each mould', 'hard-candy', 'Pour 14 g per mould.', { kind: 'mould', millilitres: 10 }],
    ['what waits to be cut', 'toffee', 'Leave 3 hours before cutting.', { kind: 'cut', lengthMm: 25 }],
    [
      'what it is snipped into',
      'hard-candy',
      'Pull, snip into 2 cm pillows.',
      { lengthMm: 20, widthMm: 15, heightMm: 10 },
    ],
    [
      'a rope as thick as it says, cut to a length',
      'hard-candy',
      'Pull. Roll into a long rope, about 1/2 inch in diameter, and cut with scissors into 1-inch pieces.',
      { lengthMm: 25.4, widthMm: 12.7, heightMm: 12.7 },
    ],
    [
      'ropes by their width',
      'hard-candy',
      'Pull. Draw to 20 mm ropes and cut at 25 mm.',
      { lengthMm: 25, widthMm: 20, heightMm: 20 },
    ],
    ['tubs of so many ml', 'caramel-sauce', 'Pour into 4 x 150 ml tubs.', { kind: 'mould', millilitres: 150 }],
    ['a frame by its height', 'caramel', 'Pour at once into a 12 mm frame. Cut 22 × 22 mm.', { heightMm: 12 }],
    [
      'shells that were cast first',
      'caramel',
      'Polish the moulds, cast shells. Boil it. Pipe, leave 2 mm. Cap.',
      { kind: 'mould' },
    ],
    [
      'no paper that is cut for them',
      'caramel',
      'Cut in 2 cm squares. Cut parchment in 4- by 5-inch pieces; wrap.',
      { lengthMm: 20 },
    ],
    ['a quarter of a spoon', 'hard-candy', 'Drop 1/4 tsp onto parchment.', { formed: 'dropped', gramsEach: 1.8 }],
    ['half a spoon in figures', 'hard-candy', 'Drop by 1/2 teaspoon on a mat.', { formed: 'dropped', gramsEach: 3.5 }],
    ['what it is sheeted at', 'toffee', 'Sheet at 8 mm between bars, score 20 x 20 mm.', { heightMm: 8 }],
    ['papers', 'nougat', 'Between papers 15 mm. Cut 10 x 3 cm.', { lengthMm: 100, widthMm: 30, heightMm: 15 }],
    ['long canes', 'hard-candy', 'Pull. Twist ropes, cut in 8" lengths.', { kind: 'cut', lengthMm: 203.2 }],
    [
      'jars that are only counted',
      'caramel-sauce',
      'Stir. 6 jars of 100ml approx.',
      { kind: 'mould', millilitres: 100 },
    ],
    [
      'heaped spoons',
      'fudge',
      'Spoon out by heaping tablespoons on foil.',
      { kind: 'broken', gramsEach: 21, formed: 'dropped' },
    ],
    ['what it is cast to', 'caramel', 'Cast to frame, 10 mm. Cut 3x1.5 cm.', { lengthMm: 30, heightMm: 10 }],
    ['frames', 'caramel', 'Pour in frames 12 mm. Cut 30 x 15 mm.', { lengthMm: 30, heightMm: 12 }],
    ['lengths of a rope', 'hard-candy', 'Pull. Cut into 15 cm lengths.', { lengthMm: 150, widthMm: 15 }],
    ['a whole and a half inch', 'caramel', 'Cut into 1 x 1/2-inch pieces.', { lengthMm: 25.4, widthMm: 12.7 }],
    [
      'small spoons it is dropped from',
      'fudge',
      'Drop by tsp. onto paper.',
      { kind: 'broken', gramsEach: 7, formed: 'dropped' },
    ],
    ['blocks it is sawn into', 'honeycomb', 'Saw into 25 mm blocks.', { kind: 'cut', lengthMm: 25, heightMm: 25 }],
    ['how much each weighs', 'toffee', 'Pour at 6 mm. Break in 15 g pieces.', { thicknessMm: 6, gramsEach: 15 }],
    [
      'how much each heap weighs',
      'caramel',
      'Cool. Spoon 12 g heaps on a mat.',
      { kind: 'broken', gramsEach: 12, formed: 'dropped' },
    ],
    ['pieces it is sawn into', 'honeycomb', 'Saw into pieces.', { kind: 'broken' }],
    ['a board it is cut on', 'brittle', 'Turn out on a cutting board. Break up.', { kind: 'broken' }],
    ['moulds', 'caramel', 'Deposit in greased moulds.', { kind: 'mould' }],
    ['a jar', 'caramel-sauce', 'Cool and jar it.', { kind: 'mould', millilitres: 190 }],
    ['a tin, and not the jar that goes in', 'fudge', 'Add a 7 oz jar marshmallow creme. Pour out.', { kind: 'cut' }],
    ['a rope that is snipped', 'hard-candy', 'Pull until pale. Snip into pillows.', { kind: 'broken', gramsEach: 6 }],
    ['nothing', 'fudge', 'Beat until dull.', { kind: 'cut', lengthMm: 25, heightMm: 20 }],
  ])('are read from %s', (_, family, method, shape) => expect(read(family, method)).toMatchObject(shape))

  it('are lollipops where that is what it is called', () =>
    expect(read('hard-candy', 'Spoon out.', null, 'Earl Grey lollipops')).toMatchObject({
      kind: 'mould',
      sticks: true,
    }))

  it('are lollipops of a spoon, where that is how they are dropped', () =>
    expect(read('toffee', 'Drop tablespoons on silicone, add sticks.', null, 'Lollies')).toMatchObject({
      kind: 'mould',
      millilitres: 15,
    }))

  it('are lollipops of so many grams, where that is said', () =>
    expect(read('hard-candy', 'Spoon over sticks, 14 lollies of about 27 g.', 1, 'Lollipops')).toMatchObject({
      millilitres: 19.3,
    }))

  it.each([
    ['Spoon out.', 20, 50],
    ['Pour into 12 lollipop moulds.', null, 83.3],
    ['Spoon out.', 5000, 6],
  ])('share what there is: %s', (method, makes, millilitres) => {
    // 1 l, a lollipop of at most 40 ml
    const shape = read('hard-candy', method, 1, 'Lollipops', makes)
    expect(shape).toMatchObject({ millilitres: millilitres > 40 ? 6 : millilitres })
    expect(read('hard-candy', method, 0.3, 'Lollipops', makes)).toMatchObject({
      millilitres: makes === 5000 ? 6 : Math.floor(2850 / (makes ?? 12)) / 10,
    })
    expect(read('fudge', 'Drop by spoonfuls.', 1, '', 40)).toMatchObject({ gramsEach: 30.8 })
    expect(read('popcorn', 'Butter your hands and shape into 20 balls.', 1)).toMatchObject({ gramsEach: 61.7 })
  })

  it.each([
    ['Drop by spoonfuls onto paper.', 24],
    ['Pour into lollipop moulds.', 20],
    ['Roll into balls.', 40],
  ])('are as many as it says it makes: %s', (method, makes) => {
    const { formula } = readRecipe(
      `Sweets\nMakes ${makes}\n\n300 g sugar\n120 g glucose syrup\n100 g water\n\nMethod\nBoil all to 140 °C. ${method}`,
      pantryOf(),
    )
    const grams = massOf(finishedMix(traceSteps(formula, gramsAsWritten(formula))))
    expect(scale(formula, { size: { by: 'weight', grams } }).pieces).toBe(makes)
  })

  it('are no lollipops where they are poured and cut, whatever they are called', () => {
    const said = 'Pour into a tin. Mark into squares.'
    expect(read('toffee', said, null, 'Butterscotch lollies')).toMatchObject({ kind: 'cut' })
    expect(read('toffee', `${said} Push the sticks in.`, null, 'Butterscotch lollies')).toMatchObject({ sticks: true })
  })

  it('are lollipops as wide as they are spooned', () => {
    const said = (wide: string) => read('hard-candy', `Spoon out ${wide} rounds.`, null, 'Lavender lollies')
    // π/4 · 5² cm² · 0.4 cm
    expect(said('5cm')).toMatchObject({ millilitres: 7.9, sticks: true })
    expect(said('300 cm')).toMatchObject({ millilitres: 6, sticks: true })
  })

  it.each([
    ['Pour in a buttered 13x9. Cut.', 36, 55, 38.1],
    ['Cut in the 9x13 pan.', 36, 38.1, 55],
    ['Pour into a 33 x 23 cm tin. Cut into 24.', null, 55, 57.5],
    // no rows of 37 are near to squares
    ['Pour into a 20 cm square tin. Cut.', 37, 32.9, 32.9],
  ])('are in rows that the tin has room for: %s', (method, makes, lengthMm, widthMm) =>
    expect(read('caramel', method, 1, '', makes)).toMatchObject({ lengthMm, widthMm }),
  )

  it.each([
    ['a tin and how many it makes', 'Pour into a 20 cm square tin. Cut.', 49, 28.5],
    ['a tin that is said twice', 'Pour into a 20 cm (8 inch) square tin. Cut.', 49, 28.5],
    ['its depth and how many it makes', 'Pour 12 mm deep. Cut.', 100, 28.9],
    ['how many it is cut into', 'Pour into a 20 cm square tin. Cut into 36.', null, 33.3],
    ['cut into so many mm', 'Pour into a 20 cm square tin. Cut into 36 mm squares.', null, 36],
    ['how many, and what they measure', 'Pour into a 20 cm square tin. Cut into 2 cm squares.', 49, 20],
    ['a count that cannot be', 'Pour into a 20 cm square tin. Cut.', 9000, 25],
  ])('are as large as they share it: %s', (_, method, makes, side) =>
    expect(read('caramel', method, 1, '', makes)).toMatchObject({ lengthMm: side, widthMm: side }),
  )

  it('are as high as they stand, though a little of what is in them is still asked', () => {
    const heightWith = (asked: string) => {
      const { formula, questions } = readRecipe(
        `Caramels\n\n400 g sugar\n340 g glucose syrup 42 DE\n470 g double cream\n${asked}\n\nMethod\nBoil all to 119 °C. Pour into a 20 cm square tin and cut into 25 mm squares.`,
        pantryOf(),
      )
      expect(questions).toHaveLength(asked === '' ? 0 : 1)
      return formula.shape.kind === 'cut' ? formula.shape.heightMm : null
    }
    const usual = 15
    expect(heightWith('')).not.toBe(usual)
    expect(heightWith('30 g moonpowder')).toBe(heightWith(''))
    expect(heightWith('600 g moonpowder')).toBe(usual)
  })

  it.each([
    ['Makes about 49 squares', 28.5],
    ['Prep: 10 min | Yield: 49', 28.5],
    ['Yields: 1 (8-inch) pan | 36 pieces', 33.3],
    ['Good with coffee. Makes about 4 dozen.', 33.3],
    ['Makes 500 g', 25],
    ['Makes 2 trays', 25],
    ['Serves 49', 25],
  ])('are as many as is written: %s', (line, side) => {
    const { formula } = readRecipe(
      `Caramels\n${line}\n\n400 g sugar\n340 g glucose syrup\n470 g double cream\n\nMethod\nBoil all to 119 °C. Pour into a 20 cm square tin and cut.`,
      pantryOf(),
    )
    expect(formula.shape).toMatchObject({ kind: 'cut', lengthMm: side })
  })

  it.each([
    ['Butter sauce', 'Boil all to 106 °C. Cool 10 minutes. Makes 2 x 250 ml jars.', { millilitres: 250 }],
    [
      'Cream fudge',
      'Boil all to 115 °C. Spread in a 9x13 pan. Cool; cut. Makes 3 lbs or 48 pieces.',
      { lengthMm: 38.1, widthMm: 41.2 },
    ],
  ])('are as many as the last sentence of a method says: %s', (name, method, shape) => {
    const text = `${name}\n\n400 g sugar\n100 g butter\n300 g double cream\n\nMethod\n${method}`
    expect(readRecipe(text, pantryOf()).formula.shape).toMatchObject(shape)
  })

  it.each([
    ['Line an 8-inch square pan. Pour. Cut.', 203.2 * 203.2],
    ['Pour into a lined 20cm tin. Cut.', 200 * 200],
    ['Butter a 9x13 pan. Pour. Cut.', 228.6 * 330.2],
    ['Pour into a 20 x 30cm tin. Cut.', 200 * 300],
    ['Line a 15x10x1-in. pan. Pour. Cut.', 381 * 254],
    ['Pour into a 20 cm round tin. Cut.', Math.PI * 100 ** 2],
  ])('are as high as all of it stands in its tin: %s', (method, area) => {
    const shape = read('caramel', method, 0.8)
    expect(shape.kind === 'cut' && shape.heightMm).toBeCloseTo(0.8e6 / area, area < 80_000 ? 0 : 1)
  })

  it('are of a size that can be made, whatever is written', () => {
    const number = fc.constantFrom('0', '1', '1/2', '¾', '3', '8', '13', '25', '300', '9999', '1 1/2')
    const unit = fc.constantFrom('', ' mm', ' cm', '-inch', '"', ' in.', ' x 3', ' × 4 cm')
    const place = fc.constantFrom('pan', 'tin', 'squares', 'thick', 'deep', 'pieces', 'round tin', 'moulds')
    const verb = fc.constantFrom('Cut into', 'Roll to', 'Pour into a', 'Spread', 'Break', 'Press in a', 'Score')
    const sentence = fc.tuple(verb, number, unit, place).map(([v, n, u, p]) => `${v} ${n}${u} ${p}.`)
    fc.assert(
      fc.property(fc.array(sentence, { maxLength: 4 }), fc.double({ min: 0, max: 50, noNaN: true }), (said, litres) => {
        const shape = read('caramel', said.join(' '), litres)
        const sizes = Object.values(shape).filter((v) => typeof v === 'number')
        for (const size of sizes) {
          expect(size).toBeGreaterThanOrEqual(1)
          expect(size).toBeLessThanOrEqual(190)
        }
      }),
    )
  })

  it('stand in a pasted recipe as high as its batch does in the pan it names', () => {
    const { formula } = readRecipe(
      'Caramels\n\n400 g sugar\n340 g glucose syrup\n470 g double cream\n\nMethod\nBoil all to 119 °C. Pour into a 20 cm square tin. Cut into 2 cm squares.',
      pantryOf(),
    )
    // some 0.95 kg at 1.3 g/ml over 400 cm²
    expect(formula.shape).toMatchObject({ kind: 'cut', lengthMm: 20, widthMm: 20 })
    expect(formula.shape.kind === 'cut' && formula.shape.heightMm).toBeGreaterThan(15)
    expect(formula.shape.kind === 'cut' && formula.shape.heightMm).toBeLessThan(22)
  })

  it('are those of the whole where it is made in layers', () => {
    const { formula } = readRecipe(
      'Bars\n\nFor the base:\n150 g flour\n100 g butter\n\nFor the caramel:\n1 tin condensed milk\n60 g butter\n\nMethod\nRub the flour and butter together and bake at 170 C for 20 minutes. Boil the condensed milk with the butter to 112 C. Pour 12 mm deep over the base. Cut into 3 cm squares.',
      pantryOf(),
    )
    const heights = (formula.parts ?? []).map((p) => p.formula.shape.kind === 'cut' && p.formula.shape.heightMm)
    expect(heights).toEqual([8, 12])
    expect(formula.shape).toMatchObject({ kind: 'cut', lengthMm: 30, widthMm: 30, heightMm: 20 })
  })
})
