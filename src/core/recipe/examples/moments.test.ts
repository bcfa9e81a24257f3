/** A method as people write it: every moment of the cook is a step of its own, and each line goes in with its own. */
import { describe, expect, it } from 'vitest'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { moments } from './moments.table'
import { benchMoments } from './moments-bench.table'
import { besideMoments } from './moments-beside.table'
import { chainedMoments } from './moments-chained.table'
import { handsMoments } from './moments-hands.table'
import { hastyMoments } from './moments-hasty.table'
import { homeMoments } from './moments-home.table'
import { keptMoments } from './moments-kept.table'
import { marketMoments } from './moments-market.table'
import { notedMoments } from './moments-notes.table'
import { pacedMoments } from './moments-paced.table'
import { pastedMoments } from './moments-pasted.table'
import { sheetMoments } from './moments-sheets.table'
import { shortMoments } from './moments-short.table'
import { spokenMoments } from './moments-spoken.table'
import { strangersMoments } from './moments-strangers.table'

const pantry = pantryOf()

/** A label that says nothing by itself. */
const HANGING = /^(?:at|away|back|from|goes|in|into|off|on|onto|out|over|to|when|with)$/i

/** What was understood: each step as when it is due, with what goes in then; the target; where each line is asked about. */
function read(list: string, method: string) {
  const { formula, asks, questions } = readRecipe(`A sweet\n\n${list}\n\n${method}`, pantry)
  const grams = (group: string | undefined) =>
    formula.lines.filter((l) => l.group === group).map((l) => `${l.ingredient} ${Math.round(l.grams)}`)
  const steps = formula.steps.map(({ when, adds, empties, say }) => {
    const due =
      'celsius' in when ? `${when.on} ${when.celsius}` : 'seconds' in when ? `${when.on} ${when.seconds}` : when.on
    return `${due}${adds ? ` + ${grams(adds).join(', ')}` : ''}${empties ? ' → out' : ''}: ${say}`
  })
  const held = new Set([...formula.lines, ...questions].map(({ group }) => group))
  return { formula, steps, held, places: asks.filter((a) => a.id === 'place') }
}

describe('a method', () => {
  it.each([
    ...moments,
    ...besideMoments,
    ...shortMoments,
    ...notedMoments,
    ...homeMoments,
    ...pastedMoments,
    ...chainedMoments,
    ...spokenMoments,
    ...strangersMoments,
    ...sheetMoments,
    ...pacedMoments,
    ...hastyMoments,
    ...keptMoments,
    ...handsMoments,
    ...marketMoments,
    ...benchMoments,
  ])('%s', (_, list, method, celsius, wanted) => {
    const { formula, steps, held, places } = read(list, method)
    expect(steps).toHaveLength(wanted.length)
    for (const [i, pattern] of wanted.entries()) expect(steps[i]).toMatch(pattern)
    if (Number.isFinite(celsius)) expect(formula.target?.celsius).toBeCloseTo(celsius, 1)
    expect(places).toEqual([])
    expect(faultsOf(formula)).toEqual([])
    // what a step puts in there is
    expect(formula.steps.filter((s) => s.adds && !held.has(s.adds)).map((s) => s.say)).toEqual([])
    // a label stands under figures of the reader's unit
    expect(formula.steps.map((s) => s.label).filter((l) => l.includes('°'))).toEqual([])
    // and says what is done, not only when
    expect(formula.steps.map((s) => s.label).filter((l) => HANGING.test(l))).toEqual([])
    // the ring is lit while the pot is waited for
    for (const [i, step] of formula.steps.entries())
      if (['boil', 'colour', 'rises', 'target'].includes(step.when.on)) {
        const turned = formula.steps.slice(0, i).findLast((s) => s.offHeat || s.heat !== undefined)
        expect(turned?.heat ?? 0, step.say).toBeGreaterThan(0)
      }
  })

  it('takes what waits in the bowl with the syrup that is poured onto it', () => {
    const { formula, steps, places } = read(
      '21 g powdered gelatin\n240 ml water\n300 g sugar\n12 g vanilla extract',
      'Sprinkle the gelatin over half of the water in a mixer bowl. Boil the sugar and the rest of the water to 115°C. With the mixer running pour the hot syrup into the bowl. Whip for 12 minutes. Beat in the vanilla.',
    )
    expect(places).toEqual([])
    expect(steps[0]).toMatch(/^ready \+ water 120, sugar 300: Boil/)
    expect(steps[2]).toMatch(/^ready \+ gelatin-powder 21, water 120: With the mixer/)
    expect(steps[4]).toMatch(/\+ vanilla 12: Beat in the vanilla$/)
    // what waits in the bowl is cold
    expect(formula.groups.find((g) => g.id === formula.lines[0]?.group)?.celsius).toBe(20)
  })

  it.each([
    ['In a second pan, boil the sugar and the water to 150 °C.', 'Boil the sugar'],
    ['Boil sugar and water for 10 minutes to 150 °C.', 'Boil sugar and water'],
    ['Boil sugar and water to 150 °C. Press into the tray.', 'Press into the tray'],
    ['Put sugar and water in a pan. Uncover, clip on a thermometer, and cook until it is at 150 °C.', 'Cook'],
    ['Put sugar and water in a pan. Bring to the boil and boil gently to 150 °C.', 'Boil gently'],
    ['Boil sugar and water to 150 °C. Pour.', 'Boil sugar and water'],
    ['Boil sugar and water to 150 °C. When it holds a fold, pull it until satiny.', 'Pull'],
    ['Boil sugar and water to 150 °C. Use a wooden spoon to stir.', 'Use a wooden spoon'],
    ['Boil sugar and water to 150 °C. Pour into the prepared pan.', 'Pour'],
    ['Boil sugar and water to 150 °C. Pour. When completely cool drizzle it with oil.', 'Drizzle it with oil'],
  ])('calls a step by what is done in it: %s', (method, called) => {
    expect(read('400 g sugar\n100 ml water', method).formula.steps.map((s) => s.label)).toContain(called)
  })

  it.each([
    ['Boil sugar and water to 300°F.', 'Boil sugar and water to 148.9°'],
    ['Boil sugar and water to 300 to 310 degrees F.', 'Boil sugar and water to 148.9° to 154.4°'],
    ['Boil sugar and water to soft ball stage (240 degrees).', 'Boil sugar and water to soft ball stage (115.6°)'],
    ['Boil sugar and water to 150 °C.', 'Boil sugar and water to 150°'],
    ['Boil sugar and water to 150°C in a deep pot.', 'Boil sugar and water to 150° in a deep pot'],
  ])('holds temperatures in °C, as every document does: %s', (method, said) => {
    const { formula } = read('400 g sugar\n100 ml water', method)
    expect(formula.steps.find((s) => s.when.on === 'target')?.say).toBe(said)
  })

  it('lights the ring again where it says so, and works nothing that it forbids', () => {
    const { formula } = read(
      '200 g sugar\n60 ml water\n150 ml cream',
      'Boil the sugar and water until amber. Off the heat pour in the cream. Return to the heat and cook to 119°C. Pour into a tin. Do not spread it.',
    )
    const heats = formula.steps.map((s) => (s.offHeat ? 0 : s.heat))
    expect(heats).toEqual([6, undefined, 0, 6, 0, undefined])
    expect(formula.steps.at(-1)?.handwork).toBeUndefined()
  })

  it.each([
    ['Fold in the almonds warmed to 60°C.', '', 60],
    ['Fold in the warm almonds (140°F).', '', 60],
    ['Fold in the hot almonds.', '', 85],
    ['Deglaze with the almonds, brought to the boil.', '', 85],
    ['Fold in the almonds.', ', kept at 80 °C', 80],
    ['Fold in the almonds.', ', warm', 50],
    ['Keep the almonds warm in a low oven. Fold in the almonds.', '', 50],
    ['Oil the almonds’ tray and keep it warm. Fold in the almonds.', '', 20],
    ['Fold in the almonds.', ', toasted at 160 °C in the oven', 20],
    ['Fold in the warm almonds and cook to 150°C.', '', 50],
    ['Fold in the hot almonds and hazelnuts.', '\n200 g hazelnuts, kept at 90 °C', 88],
  ])('takes in what is warm as warm as it says: %s%s', (method, said, celsius) => {
    const { formula } = read(
      `400 g sugar\n100 ml water\n200 g almonds${said}`,
      `Boil sugar and water to 118°C. ${method} Pour out.`,
    )
    const almonds = formula.lines.find((l) => l.ingredient === 'almonds')?.group
    expect(formula.groups.find((g) => g.id === almonds)?.celsius).toBeCloseTo(celsius, 0)
    // and nothing has to cool to that, or is cooked to it
    expect(formula.steps.map((s) => s.when.on)).not.toContain('falls')
    expect([118, 150]).toContain(formula.target?.celsius)
  })

  it('takes it off where it says so, not where it only rests beside the ring', () => {
    const { formula } = read(
      '200 g sugar\n60 ml water\n200 ml cream\n40 g butter',
      'Boil the sugar and water until really dark, about 190°C. Immediately take off and pour in the cream. Whisk in the butter, return to a low heat for a minute. Cool 5 min. Bottle.',
    )
    const at = (pattern: RegExp) => formula.steps.findIndex((s) => pattern.test(s.say))
    expect(formula.steps.findIndex((s) => s.when.on === 'target')).toBeGreaterThan(at(/^Whisk in/))
    expect(formula.steps[at(/^Immediately/)]?.offHeat).toBe(true)
    expect(formula.steps[at(/^Whisk in/)]?.heat).toBe(3)
  })

  it('asks where icing sugar goes, where “the sugar” is another', () => {
    const { places } = read(
      '330 g caster sugar\n30 g icing sugar\n100 ml water',
      'Boil sugar and water to 140°C. Pour.',
    )
    expect(places.map((a) => a.id === 'place' && a.line)).toEqual(['icing-sugar'])
    expect(read('330 g icing sugar\n100 ml water', 'Boil sugar and water to 140°C. Pour.').places).toEqual([])
  })

  it('calls what goes around a sweet by what it is for, and guesses that chocolate is for dipping', () => {
    const { formula, places } = read(
      '400 g sugar\n100 ml water\n60 g icing sugar, for dusting\n200 g dark chocolate',
      'Boil the sugar and water to 150°C. Pour out. Cut it and toss in the icing sugar. Dip, and leave to set.',
    )
    expect(formula.groups.map((g) => g.label)).toEqual(['In the pot', 'For dusting', 'Dip'])
    expect(places.map((a) => a.id === 'place' && a.sentences[a.guess])).toEqual(['Dip, and leave to set'])
  })

  it.each([
    [
      'Boil the sugar and water to 118°C. Immediately remove from the heat. Stir in the salt. Pour.',
      'Immediately remove',
    ],
    ['Boil the sugar and water to 118°C. Remove from the heat and stir in the salt. Pour.', 'Remove from the heat and'],
  ])('presses nothing twice at the hottest moment: %s', (method, off) => {
    const { formula, steps } = read('200 g sugar\n60 ml water\n2 g salt', method)
    // in, pulled, salt, out: what only takes it off is the pull's own
    expect(steps).toHaveLength(4)
    expect(formula.steps.filter((s) => s.act === 'It is off')).toEqual([])
    expect(steps.join()).toMatch(new RegExp(off, 'i'))
  })

  it('puts in what is poured before the pull, and out what is poured after it', () => {
    const { formula } = read(
      '200 g sugar\n60 ml water\n100 g cream',
      'Put the sugar in a pan. Pour over the water. Boil to 150°C. Pour the cream in, boil to 118°C. Pour onto a tray.',
    )
    const act = (say: RegExp) => formula.steps.find((s) => say.test(s.say))?.act
    expect([act(/^Pour over/), act(/^Pour the cream/), act(/^Pour onto/)]).toEqual([
      'It is in',
      'It is in',
      'It is out',
    ])
  })

  it.each([
    ['Tip in the warm almonds.', 'It is in'],
    ['Emulsify in the almonds.', 'It is in'],
    ['Tip onto a plate.', 'It is out'],
    ['Tip in the tin.', 'It is out'],
    ['Strain into hot jars.', 'It is out'],
    ['Pour. Toss in the rest of the sugar.', 'Go on'],
  ])('is done with the word for it: %s', (method, act) => {
    const { formula } = read('200 g sugar\n60 ml water\n100 g almonds', `Boil sugar and water to 150°C. ${method}`)
    expect(formula.steps.at(/almonds/.test(method) ? 2 : -1)?.act).toBe(act)
  })

  it('forbids in small letters what is forbidden in capitals', () => {
    const { steps } = read('200 g sugar\n60 ml water', 'Boil all to 118°C. Pour out. DO NOT STIR.')
    expect(steps.at(-1)).toMatch(/: Pour out; do not stir$/)
  })

  it('leaves out a wait that is part of what is got ready', () => {
    const { steps } = read(
      '300 g sugar\n300 ml cream\n3 g vanilla pod',
      'Infuse the cream with the vanilla pod: bring to the boil, cover and leave 15 minutes. Boil the sugar dry until amber. Pour in the hot cream. Boil to 118°C. Pour.',
    )
    expect(steps.filter((s) => /^after/.test(s))).toEqual([])
  })

  it('stands the pot in cold water, and bakes at the heat its oven was set to', () => {
    const { formula } = read(
      '200 g sugar\n60 ml water\n90 g popcorn',
      'Preheat the oven to 250 degrees F. Boil the sugar and water to 150°C. Stand the pan in cold water. Pour over the popcorn. Bake for 1 hour.',
    )
    expect(formula.steps.filter((s) => s.bath)).toHaveLength(1)
    const bake = formula.steps.find((s) => s.handwork?.kind === 'bake')?.handwork
    expect(bake).toEqual({ kind: 'bake', celsius: 121.1 })
  })

  it.each([
    ['20 g powdered gelatin', 'Pour onto the gelatin. Beat on high for 10 minutes.', { kind: 'whip', on: 'gelatin' }],
    ['2 egg whites', 'Pour over the egg whites. Beat until it holds its shape.', { kind: 'whip', on: 'egg' }],
    ['2 egg whites', 'Beat the egg whites until stiff. Stir.', undefined],
    ['200 g cream', 'Cool to 45°C. Beat until it is thick and dull.', { kind: 'beat' }],
  ])('whips what has gelatin or whites, and beats the rest: %s', (line, end, work) => {
    const { formula } = readRecipe(
      `${/cream/.test(line) ? 'Fudge' : 'Clouds'}\n\n400 g sugar\n100 ml water\n${line}\n\nMethod\nBoil the sugar and water to 118°C. ${end}`,
      pantry,
    )
    expect(formula.steps.find((s) => s.handwork)?.handwork).toEqual(work)
  })

  it.each([
    ['14 g baking soda', 'Sprinkle over the bicarb and whisk.', undefined],
    ['60 g almonds', 'Sprinkle over the almonds.', 'sprinkle'],
  ])('lies on it or foams it: %s', (line, method, work) => {
    const { formula } = read(`200 g sugar\n50 ml water\n${line}`, `Boil the sugar and water to 150°C. ${method} Pour.`)
    expect(formula.steps.find((s) => s.handwork)?.handwork?.kind).toBe(work)
  })

  it('keeps every gram of what it takes in halves', () => {
    const { formula } = read(
      '61 g butter\n200 g sugar\n50 ml water',
      'Boil sugar, water and half the butter to 140°C. Stir in the remaining butter. Pour.',
    )
    const butter = formula.lines.filter((l) => l.ingredient === 'butter')
    expect(butter).toHaveLength(2)
    expect(butter.reduce((sum, l) => sum + l.grams, 0)).toBeCloseTo(61, 9)
    expect(new Set(formula.lines.map((l) => l.id)).size).toBe(formula.lines.length)
  })

  it('is read whatever signs a line is written with', () => {
    for (const odd of ['200 g sugar (fine', '200 g sugar [x', '200 g sugar*+?', '200 g sugar {2}', '200 g sugar \\'])
      expect(() =>
        read(`${odd}\n50 ml water`, 'Boil half the sugar and the water to 140°C. Add the remaining sugar.'),
      ).not.toThrow()
  })

  it('heats no pot by what is only warmed beside it, and warms it', () => {
    const { formula } = read(
      '300 g sugar\n200 ml cream\n50 ml water',
      'Warm the cream. Boil sugar and water until amber. Pour in the cream. Cook to 118°C.',
    )
    const [cream] = formula.lines.filter((l) => l.ingredient === 'cream-36')
    expect(formula.groups.find((g) => g.id === cream?.group)?.celsius).toBe(50)
    expect(formula.steps.filter((s) => s.heat !== undefined)).toHaveLength(1)
    expect(formula.steps[0]?.adds).not.toBe(cream?.group)
  })

  it('is told by its headings which of two waters is the gelatin’s, and what goes around it once it is out', () => {
    const { formula } = readRecipe(
      `Pillows

For the gelatine:
20 g powdered gelatine
110 ml cold water

For the syrup:
440 g caster sugar
160 g glucose syrup
100 ml water

To coat:
60 g icing sugar
60 g cornflour

Sprinkle the gelatine over the cold water and leave to bloom for 10 minutes.
Put the sugar, glucose and water into a saucepan. Boil until it reaches 118°C.
With the mixer on low, pour the hot syrup down the side of the bowl. Whisk for 10 minutes.
Scrape into a tin, and leave overnight. Cut into squares, and toss in the coating.`,
      pantry,
    )
    const groups = formula.groups.map((g) =>
      formula.lines.filter((l) => l.group === g.id).map((l) => `${l.ingredient} ${Math.round(l.grams)}`),
    )
    expect(groups).toEqual([
      ['caster-sugar 440', 'glucose-42 160', 'water 100'],
      ['gelatin-powder 20', 'water 110'],
      ['icing-sugar 60', 'cornflour 60'],
    ])
    expect(faultsOf(formula)).toEqual([])
  })

  it('puts what has to be asked about where its sentence is, not into the pot', () => {
    const { formula, questions } = readRecipe(
      'Shards\n\n400 g sugar\n100 ml water\n1 cup mystery crunch\n\nMethod\nBoil the sugar and water to 150°C. Stir in the crunch. Pour.',
      pantry,
    )
    const at = formula.steps.find((s) => s.adds === questions[0]?.group)
    expect(questions).toHaveLength(1)
    expect(at?.say).toBe('Stir in the crunch')
  })

  it('takes for warm what is said to be, and nothing beside it', () => {
    const { formula } = read(
      '400 g sugar\n100 ml water\n100 g milk chocolate\n50 g cream',
      'Boil the sugar and water to 150°C. Pour in the hot cream. Pour onto a sheet. Scatter the chocolate over the hot toffee.',
    )
    const warmth = (ingredient: RegExp) =>
      formula.groups.find((g) => g.id === formula.lines.find((l) => ingredient.test(l.ingredient))?.group)?.celsius
    expect(warmth(/cream/)).toBe(85)
    expect(warmth(/chocolate/)).toBe(20)
  })

  it('takes the bare figure of an oven too hot for anything sweet as °F, and pulls what is gathered', () => {
    const worksOf = (method: string) =>
      read('400 g sugar\n300 g light corn syrup\n200 g water', method).formula.steps.flatMap((s) => s.handwork ?? [])
    const baked = worksOf('Boil it all to 135°C. Pour onto a sheet. Bake in a 225° oven for 1 hour.')
    expect(baked).toEqual([{ kind: 'bake', celsius: expect.closeTo(107.2, 1) }])
    const pulled = worksOf('Boil it all to 127°C. Pour onto a sheet. Gather it into a ball and pull. Cut.')
    expect(pulled.map((w) => w.kind)).toEqual(['pull', 'cut'])
    const beaten = worksOf('Boil it all to 114°C. Cool to 43°C. Beat (7 minutes or so). Pour.')
    expect(beaten.map((w) => w.kind)).toEqual(['beat'])
    // what cools to a heat no chocolate bears is not tempered
    expect(worksOf('Boil it all to 114°C. Pour into a bowl, temper to 80°C. Pour out.')).toEqual([])
    // what is shaped in a colour is in no film
    const shaped = worksOf(
      'Boil it all to 140°C. Pour onto a slab. Pull until white. White in middle, wrap in red. Wrap in film.',
    )
    expect(shaped.map((w) => w.kind)).toEqual(['pull', 'wrap'])
  })

  it.each([
    ['300 g milk chocolate', 'Temper the chocolate and dip.', 'milk'],
    ['300 g white chocolate', 'Temper the chocolate and dip.', 'white'],
    ['300 g dark chocolate 70 %', 'Temper the chocolate and dip.', 'dark'],
    ['', 'Temper 300 g milk chocolate and dip.', 'milk'],
    ['300 g dark chocolate 70 %\n50 g white chocolate', 'Temper the white chocolate and dip.', 'white'],
  ])('tempers each chocolate as what it is: %s, %s', (listed, method, chocolate) => {
    const { formula } = read(
      `400 g sugar\n200 g corn syrup\n100 g water\n10 g baking soda\n${listed}`,
      `Boil sugar, syrup and water to 150 °C. Off the heat whisk in the soda. Pour in a tin. Break. ${method}`,
    )
    expect(formula.steps.flatMap((s) => (s.handwork?.kind === 'temper' ? [s.handwork.chocolate] : []))).toEqual([
      chocolate,
    ])
  })

  it('measures what only the method names, though a word of it stands in the list', () => {
    const { formula, places } = read(
      '397 g condensed milk\n100 g butter',
      'Boil the condensed milk and butter to 112 °C. Pour in a tin. Pour over 200 g milk chocolate, melted. Cut.',
    )
    expect(formula.lines.map((l) => [l.ingredient, l.grams])).toContainEqual(['milk-chocolate', 200])
    expect(places).toEqual([])
  })

  it('measures no thing by what goes in a cup at a time', () => {
    const text =
      'Rock\n\n800 g sugar\n400 g water\n\nHeat the water; stir in sugar a cup at a time until it dissolves. Boil to 150 °C. Pour.'
    expect(readRecipe(text, pantry).questions).toEqual([])
  })

  it('spreads what was scattered on the sweet, which lies already', () => {
    const { formula } = read(
      '226 g butter\n200 g sugar\n170 g dark chocolate chips',
      'Butter, sugar in a pan. Cook to 150°C. Pour onto a tray. Wait 2 min, scatter chips over, wait 5 min, and spread. Break.',
    )
    const spread = formula.steps.find((s) => /spread/.test(s.say))
    expect([spread?.act, spread?.empties, spread?.handwork]).toEqual(['It is spread', undefined, undefined])
  })
})
