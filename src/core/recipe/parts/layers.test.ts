/** Recipes whose lists stand under headings, read as parts; invented, like all others here. */
import { describe, expect, it } from 'vitest'
import { type FormulaDocument, piecesOf } from '../../formula/document'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { madeFrom } from '../method/shape'
import { readRecipe } from '../recipe'
import { splitRecipe } from '../text/split'

const pantry = pantryOf()

const BARS = `Quay bars

For the base:
200 g flour
50 g caster sugar
125 g butter

For the caramel:
1 tin condensed milk
100 g butter
100 g light brown sugar
2 tbsp golden syrup

For the topping
150 g dark chocolate

Method
Line the tin with paper.
Rub the flour, sugar and butter to crumbs and press into the tin.
Bake at 170 C for 25 minutes until pale gold.
Leave to cool for an hour.
Put the condensed milk, brown sugar and golden syrup in a pan with the butter.
Boil, stirring, to 112 C.
Pour over the base and leave for two hours.
Melt the chocolate and spread it over the caramel.
Cut into bars with a hot knife.`

const partsOf = (f: FormulaDocument) => f.parts ?? []
const read = (text: string, answers = {}) => readRecipe(text, pantry, [], answers)

describe('a recipe under headings', () => {
  const { formula, questions, asks } = read(BARS)

  it('is a whole of parts, each waiting for the one below it, that can be cooked as it stands', () => {
    expect(faultsOf(formula)).toEqual([])
    expect(questions).toEqual([])
    expect(partsOf(formula).map((p) => [p.id, p.needs])).toEqual([
      ['base', []],
      ['caramel', [{ part: 'base', state: 'cold' }]],
      ['topping', [{ part: 'caramel', state: 'firm' }]],
    ])
    expect(formula.target).toBeNull()
    expect(formula.steps.map((s) => s.joins ?? s.handwork?.kind)).toEqual(['base', 'caramel', 'topping', 'cut'])
  })

  it('goes on to the next layer within a paragraph where only that has what is told of', () => {
    const [list = ''] = BARS.split('\n\nMethod')
    const told = read(
      `${list}\n\nMethod\nRub the flour, sugar and butter to crumbs, press into the tin and bake 25 minutes at 170 C. Cool. For the caramel, melt the butter and brown sugar, add the condensed milk and golden syrup and boil to 112 C. Pour over the base and cool. Melt the chocolate, spread on top, leave to set. Cut into bars.`,
    ).formula
    const saidIn = (id: string) =>
      partsOf(told)
        .find((p) => p.id === id)
        ?.formula.steps.map((s) => s.say)
    expect(saidIn('topping')).toEqual(['Melt the chocolate, spread on top', 'Leave to set'])
    expect(saidIn('caramel')?.join()).not.toMatch(/chocolate/)
    expect(told.steps.at(-1)?.say).toBe('Cut into bars')
  })

  it('are two where two of them are boiled, each by itself', () => {
    const { formula: filled, asks: open } = read(
      'Filled\n\nJACKET\n600 g sugar\n300 g glucose syrup\n200 g water\nCENTRE\n200 g raspberry puree\n200 g sugar\n\nCentre: cook the puree and sugar to 108 °C.\nJacket: boil sugar, glucose and water to 148 °C. Pour on a slab.',
    )
    expect(partsOf(filled).map((p) => [p.label, p.formula.target?.celsius])).toEqual([
      ['Jacket', 148],
      ['Centre', 108],
    ])
    expect(open?.[0]).toEqual({ id: 'layered', labels: ['jacket', 'centre'] })
  })

  it('are one pot and its dust where a coating is only that', () => {
    const coated = (dust: string) =>
      read(
        `Clouds\n\nFor the clouds:\n300 g sugar\n100 g honey\n60 ml water\n\nFor the coating:\n${dust}\n\nMethod\nBoil the sugar, honey and water to 118 °C. Pour out. Roll in the coating.`,
      )
    const { formula, asks } = coated('60 g icing sugar\n30 g cornflour')
    expect([partsOf(formula), asks.map((a) => a.id)]).toEqual([[], ['family']])
    expect(formula.steps.at(-1)?.adds).toBe(formula.lines.at(-1)?.group)
    expect(partsOf(coated('200 g dark chocolate').formula)).toHaveLength(2)
  })

  it('knows a part by its name before a colon, and by what a sentence begins with', () => {
    const { formula: slice } = read(
      'Slice\n\nBase\n150 g flour\n125 g butter\nCaramel\n1 tin condensed milk\n60 g butter\nTopping\n200 g dark chocolate\n\nMethod\nMix the base and press it in a tin. Caramel: stir everything in a pan to 112 C. Topping: melt it and pour over.',
    )
    expect(partsOf(slice).map((p) => p.formula.steps.map((s) => s.say))).toEqual([
      ['Mix the base and press it in a tin'],
      [expect.stringMatching(/^Stir everything/), expect.stringMatching(/^Stir everything/), 'Pour it out'],
      ['Melt it and pour over'],
    ])
  })

  it('has every line in the part it stands under, once', () => {
    const grams = (id: string) =>
      partsOf(formula)
        .find((p) => p.id === id)
        ?.formula.lines.map((l) => l.grams)
    expect(grams('base')).toEqual([200, 50, 125])
    expect(grams('caramel')).toEqual([397, 100, 100, expect.closeTo(42, -1)])
    expect(grams('topping')).toEqual([150])
    const ids = piecesOf(formula).flatMap((p) => p.formula.lines.map((l) => l.id))
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('boils only what is boiled, to what it says, and bakes what is baked', () => {
    const [base, caramel, topping] = partsOf(formula).map((p) => p.formula)
    expect(base?.target).toBeNull()
    expect(topping?.target).toBeNull()
    expect(caramel?.target).toMatchObject({ celsius: 112 })
    expect(base?.steps.find((s) => s.handwork?.kind === 'bake')).toMatchObject({
      when: { on: 'after', seconds: 1500 },
      handwork: { celsius: 170 },
    })
    expect(base?.steps.some((s) => s.heat !== undefined)).toBe(false)
    // lining the tin is got ready, and no step
    expect(base?.steps[0]?.say).toMatch(/^Rub the flour/)
  })

  it('asks whether it is so, and what each part leaves open under its name', () => {
    expect(asks?.[0]).toEqual({ id: 'layered', labels: ['base', 'caramel', 'topping'] })
    expect(asks?.slice(1).map((a) => [a.id, a.part?.id])).toEqual([['family', 'caramel']])
    const one = read(BARS, { layered: false })
    expect(partsOf(one.formula)).toEqual([])
    expect(one.formula.lines).toHaveLength(8)
    expect(one.asks[0]?.id).toBe('layered')
    const fudge = read(BARS, { parts: { caramel: { family: 'fudge' } } })
    expect(partsOf(fudge.formula)[1]?.formula.family).toBe('fudge')
  })

  it('takes a method under the same headings by them, whatever its sentences name', () => {
    const headed = read(`Two-storey slab

Ingredients
For the base
150 g flour
80 g butter

For the filling
200 g sugar
50 g honey
100 g cream

Make the base
Mix with the cream-coloured flour and bake at 180 C for 20 minutes.

Make the filling:
Boil everything to 118 C.
Pour over.`)
    const [base, filling] = partsOf(headed.formula)
    expect(base?.formula.steps.map((s) => s.handwork?.kind)).toContain('bake')
    expect(filling?.formula.target).toMatchObject({ celsius: 118 })
    expect(faultsOf(headed.formula)).toEqual([])
  })

  it('asks about a line nobody knows in the part it stands in', () => {
    const { questions: asked, formula: f } = read(BARS.replace('50 g caster sugar', '50 g moon dust'))
    expect(asked.map((q) => [q.text, q.group])).toEqual([['50 g moon dust', 'base-pot']])
    expect(piecesOf(f).some((p) => p.formula.groups.some((g) => g.id === 'base-pot'))).toBe(true)
  })
})

describe('layers without headings over their methods', () => {
  const text = `Quay bars

For the shortbread
250 g plain flour
175 g butter

For the caramel
100 g muscovado sugar
397 g condensed milk

For the topping
200 g dark chocolate

To make the shortbread, rub the butter into the flour. Bake for 20 minutes.
To make the caramel, put the sugar and condensed milk into a pan. Simmer for 5 minutes. Pour over the shortbread.
For the topping, melt the chocolate. Pour over the cold caramel. Cut into bars.`

  it('lose none of it: “to make the caramel, put …” is no heading, and what is poured over a layer is not that layer', () => {
    const { formula } = read(text)
    const says = partsOf(formula).map((p) => p.formula.steps.map((s) => s.say))
    expect(says[0]).toEqual([expect.stringMatching(/^To make the shortbread, rub/), 'Bake for 20 minutes'])
    expect(says[1]?.[0]).toMatch(/^To make the caramel, put/)
    expect(says[1]).toContain('Pour over the shortbread')
    expect(says[2]).toEqual([expect.stringMatching(/^For the topping, melt/), 'Pour over the cold caramel'])
  })
})

describe('what is not boiled', () => {
  const TRUFFLES = `Quay truffles

225 g dark chocolate
120 g double cream
15 g butter
20 g cocoa powder

Heat the cream in a small pan until it just begins to simmer. Pour over the chocolate and stir until smooth. Stir in the butter. Chill for 2 hours. Roll in the cocoa powder.`

  it('is made by hand, without a temperature to come off at, and it is asked whether that is so', () => {
    const { formula, asks } = read(TRUFFLES)
    expect([formula.target, partsOf(formula).map((p) => p.formula.target)]).toEqual([null, [null]])
    expect(asks?.map((a) => a.id)).toEqual(['layered'])
    expect(partsOf(formula)[0]?.formula.lines).toHaveLength(4)
    expect(faultsOf(formula)).toEqual([])
    // nothing is made up: it is not cut
    expect(formula.steps.some((s) => s.handwork)).toBe(false)
    expect(read(TRUFFLES, { layered: false }).asks.map((a) => a.id)).toContain('target')
  })

  it.each([
    ['as it is pressed', 'Press into a mould, 2 cm thick. Cut 2 x 5 cm.', { lengthMm: 20, widthMm: 50, heightMm: 20 }],
    ['as it fills its tin', 'Press into a 20 cm square tin. Cut into 2 cm squares.', { lengthMm: 20, heightMm: 11 }],
  ])('lies as deep %s', (_, ends, shape) => {
    const { formula } = read(
      `Milk slab\n\n300 g white chocolate\n200 g peanut butter\n\nMelt the chocolate and stir in the peanut butter. ${ends}`,
    )
    expect(formula.shape).toMatchObject({ kind: 'cut', ...shape })
  })

  it.each([
    [
      'Cream truffles\n\n300 g dark chocolate 70%\n200 g double cream\n40 g butter\n50 g cocoa powder for rolling\n\nChop the chocolate into a bowl. Bring the cream just to the boil and pour over the chocolate, stand a minute, then stir until smooth. Stir in the butter. Chill 2 hours. Scoop into balls, roll in cocoa.',
      { 'Bring the cream': [300, 200], 'Stir in the butter': [40], 'Scoop into balls': [50] },
    ],
    [
      'Chocolate salami\n\n200 g dark chocolate 70%\n100 g butter\n60 g pistachios\n2 tbsp icing sugar, for rolling\n\nMelt the chocolate and butter over hot water. Stir the pistachios into the chocolate. Roll up in paper and chill 3 hours. Roll in the icing sugar, slice.',
      { 'Melt the chocolate': [200, 100], 'Stir the pistachios': [60], 'Roll in the icing': [15] },
    ],
    [
      'Marzipan\n\n250 g ground almonds\n125 g caster sugar\n125 g icing sugar\n33 g egg white\n\nMix almonds and sugars. Add egg white and knead to a firm paste. Dry for 24 hours.',
      { 'Mix almonds': [250, 125, 125], 'Add egg white': [33] },
    ],
    [
      'Coconut ice\n\n397 g condensed milk\n200 g desiccated coconut\n\nMix it all. Press into a tin.',
      { 'Mix it all': [397, 200] },
    ],
  ])('takes each line in where it says so, and nothing before that: %s', (text, wanted) => {
    const [part] = partsOf(read(text).formula)
    const { steps = [], lines = [] } = part?.formula ?? {}
    const takes = steps.flatMap(({ adds, say }) => (adds ? [[say, adds] as const] : []))
    expect(
      takes.map(([say, adds]) => [
        Object.keys(wanted).find((begins) => say.startsWith(begins)),
        lines.filter((l) => l.group === adds).map((l) => Math.round(l.grams)),
      ]),
    ).toEqual(Object.entries(wanted))
    expect(faultsOf(read(text).formula)).toEqual([])
  })

  it('calls what goes around it by what it is for, and the rest by its moment', () => {
    const [part] = partsOf(
      read(
        'Cream truffles\n\n300 g dark chocolate 70%\n200 g double cream\n50 g cocoa powder for rolling\n\nBring the cream just to the boil and pour over the chocolate, stir until smooth. Chill 2 hours. Scoop into balls, roll in cocoa.',
      ).formula,
    )
    expect(part?.formula.groups.map((g) => g.label)).toEqual(['Bring the cream', 'For rolling'])
  })

  it('is what must not boil, whatever is in it', () => {
    const { formula } = read(
      'Quay gums\n\n200 g apple juice\n60 g honey\n40 g powdered gelatin\n\nHeat the juice and honey until steaming, do not boil. Stir in the gelatin. Pour into moulds.',
    )
    expect(partsOf(formula).map((p) => p.formula.target)).toEqual([null])
  })

  it.each(['200 g sugar', '200 g golden syrup'])('is not what has %s to boil, and it is asked how far', (line) => {
    const { formula, asks } = read(TRUFFLES.replace('225 g', `${line}\n225 g`))
    expect(partsOf(formula)).toEqual([])
    expect(asks?.map((a) => a.id)).toContain('target')
  })
})

describe('headings that are no layers', () => {
  it('stand without a colon as well, over what follows; what goes on at the end is no layer', () => {
    const { list } = splitRecipe('Quay sweets\n\nCaramel base\n300 g sugar\n100 g cream\n\nTo finish\n5 g sea salt')
    expect(list).toEqual([
      { heading: 'caramel base', lines: ['300 g sugar', '100 g cream'] },
      { heading: 'to finish', lines: ['5 g sea salt'] },
    ])
    const { formula, questions } = read(
      'Quay sweets\n\nCaramel base\n300 g sugar\n100 g cream\n\nTo finish\n5 g sea salt\n\nBoil the sugar and cream to 121 C. Pour into a tin. Sprinkle with the salt.',
    )
    expect([partsOf(formula), questions]).toEqual([[], []])
  })

  it.each(['24 lollipop sticks', 'Nonstick cooking spray', 'parchment paper, for wrapping', '12 paper cases'])(
    'nobody eats %s: it is no line of the list',
    (tool) => {
      expect(splitRecipe(`Quay sweets\n\n300 g sugar\n${tool}\n100 g cream`).list[0]?.lines).toHaveLength(2)
    },
  )

  it('stay groups of one pot: a syrup poured into whites is one sweet', () => {
    const { formula, asks } = read(`Marshmallow

For the bloom:
20 g gelatin powder
100 g water

For the syrup:
300 g sugar
150 g glucose syrup
80 g water

Bloom the gelatin in the water.
Boil the sugar, glucose and water to 115 C.
Whisk the syrup into the gelatin.`)
    expect(partsOf(formula)).toEqual([])
    expect(asks?.some((a) => a.id === 'layered')).toBe(false)
    expect(formula.lines).toHaveLength(5)
  })

  it('are headings in capitals as well, and what is asked about has its sentences too', () => {
    const { formula, questions } = read(`Patties

FONDANT
800 g sugar
240 g water

CENTRE
100 g mystery root

COATING
300 g milk chocolate

Method
Boil the sugar and water to 117 C. Pour on a marble.
Warm the fondant in a double boiler, stir in the mystery root. Drop rounds on parchment.
When set, dip in the chocolate.`)
    const says = (id: string) =>
      partsOf(formula)
        .find((p) => p.id === id)
        ?.formula.steps.map((s) => s.say) ?? []
    expect(questions.map((q) => q.group)).toEqual(['cen-pot'])
    expect(says('fondant')[1]).toMatch(/^Boil/)
    expect(says('centre')).toEqual([expect.stringMatching(/^Warm the fondant/), 'Drop rounds on parchment'])
    expect(says('coating')).toEqual([expect.stringMatching(/dip in the chocolate/)])
    expect(faultsOf(formula)).toEqual([])
  })

  it('are called what they are, filled into moulds where that is said, and not cut', () => {
    const { formula } = read(`Milk jam chocolates

For the filling
1 l milk
250 g sugar

To coat
300 g dark chocolate

Method
Simmer the milk and sugar to 108 C. Cool completely.
Temper the chocolate. Line 30 moulds, fill, and cap.`)
    expect(formula.parts?.map((p) => p.label)).toEqual(['Filling', 'Coating'])
    expect(formula.steps.map((s) => s.say)).toEqual([
      'Make the filling',
      'Make the coating, then put it together with what is made already',
      'Turn them out',
    ])
    expect(formula.shape.kind).toBe('mould')
    const coating = formula.parts?.[1]?.formula.steps.map((s) => s.say)
    expect(coating).toEqual(['Temper the chocolate', expect.stringMatching(/^Line 30 moulds, fill/)])
  })

  it('are told each in a line of its own, whatever else that speaks of; and cut into as many as is said', () => {
    const { formula } = read(`Bars

Layer 1 – Nougat: 300 g sugar, 80 g water, 2 egg whites
Layer 2 – Caramel: 200 g cream, 200 g sugar, 50 g butter
Layer 3 – Coating: 400 g milk chocolate, 20 g butter

Method
Nougat – cook sugar and water to 128 °C. Pour over the whites. Spread in a 20 cm square frame.
Caramel: boil sugar and cream to 118 °C, stir in butter. Pour over nougat. Leave overnight.
Coating: melt chocolate with butter. Spread over the caramel. Set, then cut in 16.`)
    const says = (id: string) =>
      formula.parts?.find((p) => p.id === id)?.formula.steps.map((s) => s.say.split(' ').slice(0, 3).join(' '))
    expect(says('nougat')).toEqual(['Cook sugar and', 'Cook sugar and', 'Pour over the', 'Spread in a'])
    expect(says('caramel')?.slice(-3)).toEqual(['Stir in butter', 'Pour over nougat', 'Leave overnight'])
    expect(says('coating')).toEqual(['Melt chocolate with', 'Spread over the'])
    expect(formula.steps.at(-1)?.say).toBe('Set, then cut in 16')
    expect(formula.shape).toMatchObject({ lengthMm: 50, widthMm: 50 })
  })

  it('lose no line: each is in the name, a list or the method', () => {
    const { name, list, method } = splitRecipe(BARS)
    expect(name).toBe('Quay bars')
    expect(list.map((s) => [s.heading, s.lines.length])).toEqual([
      ['base', 3],
      ['caramel', 4],
      ['topping', 1],
    ])
    expect(method.flatMap((s) => s.lines)).toHaveLength(9)
  })
})

describe('two boils of nearly the same', () => {
  const half = (name: string, own: string) => `${name} half:\n2 cups sugar\n2/3 cup milk\n2 tbsp butter\n${own}`
  const text = (method: string) =>
    `Swirl\n\n${half('Vanilla', '4 g vanilla extract')}\n${half('Chocolate', '100 g dark chocolate')}\n\nMethod\n${method}`
  const boiled = (method: string) =>
    (read(text(method)).formula.parts ?? []).map((p) => [
      p.formula.target?.celsius,
      ...p.formula.lines.map((l) => l.ingredient),
    ])

  it.each([
    'Make each half the same way: boil the sugar, milk and butter to 114 °C. Beat in the chocolate or vanilla. Pour.',
    'For each half: boil the sugar, milk and butter to 114 °C. Beat in the chocolate or vanilla. Pour.',
    'Make the vanilla half: boil the sugar, milk and butter to 114 °C and add the vanilla. Make the chocolate half the same way with the chocolate. Pour.',
  ])('are parts, each with its own list and end: %s', (method) =>
    expect(boiled(method)).toEqual([
      [114, 'sugar', 'milk-whole', 'butter', 'vanilla'],
      [114, 'sugar', 'milk-whole', 'butter', 'dark-chocolate-70'],
    ]),
  )

  it('are made in the same way up to where they lie, with what goes in besides', () => {
    const { formula } = read(
      text(
        'Make the vanilla half: boil the sugar and milk to 114 °C. Off the heat stir in the butter. Beat until thick. Spread in a tin. Make the chocolate half in the same way, adding the chocolate with the butter. Spread over the first. Cut when cold.',
      ),
    )
    const says = (formula.parts ?? []).map((p) => p.formula.steps.map((s) => s.say))
    expect(says[0]?.at(-1)).toBe('Spread in a tin')
    expect(says[1]?.at(-1)).toBe('Spread over the first')
    expect(says[1]).toContain('Off the heat stir in the butter, and the chocolate')
    expect(says[1]).not.toContain('Spread in a tin')
    const [, second] = formula.parts ?? []
    const [chocolate, butter] = ['dark-chocolate-70', 'butter'].map(
      (id) => second?.formula.lines.find((l) => l.ingredient === id)?.group,
    )
    expect(chocolate).toBe(butter)
  })

  it('lie as they are said to, and the rest of what is divided is of the list that divides it', () => {
    const { formula } = readRecipe(
      'Bars\n\nNOUGAT LAYER\n57 g butter\n200 g sugar\n60 g evaporated milk\n64 g peanut butter\n\nCARAMEL LAYER\n400 g caramels\n60 g cream\n\nTOP AND BOTTOM\n210 g milk chocolate chips, divided\n64 g peanut butter, divided\n\n1. Bottom: melt half of the chips with half the peanut butter; spread in a tin.\n2. Nougat: boil butter, sugar and milk to 140 °C. Stir in the peanut butter. Spread over bottom.\n3. Caramel: melt caramels with cream until smooth. Pour over nougat.\n4. Melt the remaining chips and peanut butter; spread over caramel.',
      pantry,
    )
    expect(formula.parts?.map((p) => p.label)).toEqual(['Top and bottom', 'Nougat layer', 'Caramel layer'])
    expect(formula.parts?.[1]?.formula.steps.some((s) => /remaining/.test(s.say))).toBe(false)
  })

  it('are a base that is laid first, over what stands under its name', () => {
    const { formula } = readRecipe(
      'Squares\n\n90 g puffed rice\n300 g marshmallows\n60 g butter\nCaramel: 200 g sugar, 85 g butter, 120 g cream\n\nMelt the 60 g butter, add marshmallows till smooth, stir in rice; press into 9x13. Caramel: melt sugar dry till amber, butter in, cream in, boil to 115 °C. Pour over, chill, cut.',
      pantry,
    )
    expect(formula.parts?.map((p) => p.formula.lines.map((l) => l.ingredient))).toEqual([
      ['puffed-rice', 'marshmallows', 'butter'],
      ['sugar', 'butter', 'cream-36'],
    ])
  })

  it('are none where one of two headings stands over a flavour and a colour alone', () => {
    const { name, parts, groups } = readRecipe(
      '★ Cinnamon drops ★\n\nHard candy base:\n400 g sugar\n150 g water\nFlavor + color:\n2 g cinnamon oil\n1 g red food color\n\nBring sugar and water to the boil and cook to 150 °C. Flavor + color in. Pour in molds.',
      pantry,
    ).formula
    expect([name, parts ?? [], groups.length]).toEqual(['Cinnamon drops', [], 2])
  })

  it.each([
    [
      'Fudge of the slow cooker',
      '1 can condensed milk\n500 g dark chocolate 54%',
      'Put all in a slow cooker on LOW for 1 hour, stirring every 20 min. Pour into a lined tin.',
    ],
    [
      'Truffles',
      '250 g dark chocolate 70%\n180 g cream\n20 g glucose syrup',
      'Boil cream and glucose, cool to 80, pour on the chocolate. Pipe 12 g. Set overnight.',
    ],
    [
      'Cordials',
      '40 g butter\n60 g corn syrup\n240 g icing sugar\n450 g dark chocolate 70%',
      'Mix butter, corn syrup and icing sugar; knead until smooth. Chill. Melt and temper chocolate; dip.',
    ],
  ])('are one part by hand, and no boil of it, where only cream or chocolate is heated: %s', (name, list, method) => {
    const { formula, asks } = readRecipe(`${name}\n\n${list}\n\n${method}`, pantry)
    expect(formula.parts?.map((p) => p.formula.target)).toEqual([null])
    expect(asks.map((a) => a.id)).toEqual(['layered'])
  })

  it('are a filling and the shell that is cast before it, each in a row with its heading', () => {
    const { formula } = readRecipe(
      'Shells\n\nFILLING: sugar 250 g, cream 100 g, butter 120 g, white chocolate 60 g\nSHELL: dark chocolate 70% 500 g\n\nCast shells in 28 cavity moulds with tempered chocolate. Melt the sugar dry to 170 °C. Stop with the hot cream. Cook to 105 °C. At 60 °C blend in chocolate and butter. Pipe at 28 °C.',
      pantry,
    )
    const [filling, shell] = formula.parts ?? []
    expect(filling?.formula.ready).toContain('Cast shells in 28 cavity moulds with tempered chocolate')
    expect(filling?.formula.lines.map((l) => l.group.replace('fil-', ''))).toEqual(['pot', 'at-3', 'at-5', 'at-5'])
    expect(shell?.formula.lines.map((l) => l.ingredient)).toEqual(['dark-chocolate-70'])
  })

  it('take in all of their list where a sentence boils them by their name', () => {
    const { asks, formula } = readRecipe(
      'Patties\n\nFondant:\n500 g sugar\n150 g water\n\nCoating:\n250 g dark chocolate 70 %\n\nBoil the fondant to 116 °C. Pour on a slab. Dip in tempered chocolate.',
      pantry,
    )
    expect(asks.map((a) => a.id)).not.toContain('place')
    expect(formula.parts?.[0]?.formula.steps[0]?.adds).toBeDefined()
  })

  it('are made apart where each is a sweet and told of under its name, though one of them is only melted', () => {
    const { formula } = readRecipe(
      'Bars\n\nFor the nougat: 400 g sugar, 120 g water, 66 g egg white\nFor the caramel: 400 g caramels, 30 g cream\n\nNougat: Boil sugar and water to 140 °C. Whip the whites, pour the syrup over them. Press in a tin.\nCaramel: Melt the caramels with the cream, spread over. Chill 1 hr. Cut.',
      pantry,
    )
    expect(formula.parts?.map((p) => [p.label, p.formula.target?.celsius])).toEqual([
      ['Nougat', 140],
      ['Caramel', undefined],
    ])
  })

  it('are of the kind that the whole is called, under a name that begins with a number', () => {
    const list = '400g sugar, 200ml cream, 75g butter'
    const { formula } = readRecipe(
      `Two tone fudge\n\nVanilla layer: ${list}, 1 tsp vanilla\nPale layer: ${list}, 2 g salt\n\nFor each layer: bring the sugar, cream and butter to the boil, cook to 116 °C, stand 5 min, beat until thick. Pour.`,
      pantry,
    )
    expect([formula.name, formula.parts?.map((p) => p.formula.family)]).toEqual(['Two tone fudge', ['fudge', 'fudge']])
    // all that follows "for each" is done to each, until one is spoken of
    expect(
      formula.parts?.map((p) => p.formula.steps.filter((s) => /beat until thick/i.test(s.say)).map((s) => s.when.on)),
    ).toEqual([['after'], ['after']])
  })

  it('can be called by their numbers, and are told apart by what they alone hold', () => {
    const { formula } = read(
      'Bark toffee\n\nLayer 1\n225 g butter\n225 g sugar\n\nLayer 2\n250 g dark chocolate\n\nLayer 3\n200 g white chocolate\n\nMethod\nCook the butter and sugar to 150 °C stirring; pour on a lined tray. Melt the dark chocolate and spread over once the toffee is firm. Melt the white chocolate and spread it. Break.',
    )
    expect(partsOf(formula).map((p) => [p.label, p.formula.steps.at(-1)?.say])).toEqual([
      ['Layer 1', 'Pour on a lined tray'],
      ['Layer 2', 'Melt the dark chocolate and spread over once the toffee is firm'],
      ['Layer 3', 'Melt the white chocolate and spread it'],
    ])
    expect(formula.steps.map((s) => s.say)).toContain('Make layer 1')
  })
})

describe('layers of one tin', () => {
  const { formula, questions } = read(`Shortbread squares

Base: 250g plain flour, 75g caster sugar, 175g butter
Caramel: 100g butter, 100g light muscovado sugar, 2 x 397g cans condensed milk
Topping: 200g milk chocolate, 1 tsp oil

Heat the oven to 180C. Rub butter into flour and sugar, press into a 33 x 23 cm tin and bake for 20 min. Cool. Melt butter, sugar and condensed milk together, bring to the boil and simmer 5 min. Pour over base, cool. Melt chocolate with oil, spread on top. Leave to set, cut into 24.`)

  it('are told apart in rows with their heading, each by what is spoken of', () => {
    expect(questions).toEqual([])
    expect(partsOf(formula).map((p) => p.formula.lines.map((l) => `${l.ingredient} ${Math.round(l.grams)}`))).toEqual([
      ['wheat-flour 250', 'caster-sugar 75', 'butter 175'],
      ['butter 100', 'light-muscovado 100', 'condensed-milk 794'],
      ['milk-chocolate 200', 'vegetable-oil 5'],
    ])
  })

  it('lie as deep as what is in them fills it, and are cut in rows it has room for', () => {
    const area = 330 * 230
    for (const { formula: layer } of partsOf(formula)) {
      if (layer.shape.kind !== 'cut') throw new Error('no slab')
      const { litres } = madeFrom(layer) ?? { litres: Number.NaN }
      expect((layer.shape.heightMm * area) / 1e6 / litres).toBeCloseTo(1, 1)
      expect([layer.shape.lengthMm, layer.shape.widthMm]).toEqual([55, 57.5])
    }
  })

  it('have the heat of the oven, though only another layer speaks of it', () => {
    const { formula: two } = read(`Squares

Topping: 200 g milk chocolate, 20 g oil
Base: 200 g flour, 100 g butter, 60 g sugar

Topping: Heat the oven to 160 °C. Melt the chocolate and the oil.
Base: Rub the butter into the flour and sugar, press into a tin and bake for 20 minutes.`)
    const bakes = piecesOf(two).flatMap((p) =>
      p.formula.steps.flatMap((s) => (s.handwork?.kind === 'bake' ? [s.handwork] : [])),
    )
    expect(bakes).toEqual([{ kind: 'bake', celsius: 160 }])
  })
})

it('shells that stand in the row of their heading are a part of their own, and the filling another', () => {
  const { asks, formula } = readRecipe(
    'Filled chocolates\n\nShells: 300 g dark chocolate\n\nFilling:\n120 g sugar\n140 g cream\n\nMethod\nPolish moulds, cast shells. Filling: melt the sugar dry to amber. Add the cream, boil to 108 °C. Cool to 28 °C, pipe. Cap with the rest of the chocolate.',
    pantry,
  )
  expect(asks.find((a) => a.id === 'layered')).toMatchObject({ labels: ['Shells', 'Filling'] })
  expect(formula.parts?.map((p) => p.label)).toEqual(['Shells', 'Filling'])
})

it('parts that stand in one row, each before its list, are layers', () => {
  const { formula, asks } = readRecipe(
    'Bars: base - 150 g flour, 75 g sugar, 150 g butter; caramel - 397 g condensed milk, 100 g butter; top - 150 g dark chocolate (70 %)\nBase: rub together, press into a tin, bake at 170 °C for 20 min. Caramel: boil to 109 °C, stirring. Pour on the base. Top: melt the chocolate and spread. Cut.',
    pantryOf(),
  )
  expect(asks.find((a) => a.id === 'layered')).toMatchObject({ labels: ['base', 'caramel', 'top'] })
  expect(formula.name).toBe('Bars')
  expect(formula.parts?.map((p) => p.formula.lines.map((l) => l.ingredient.replace(/-.*/, '')))).toEqual([
    ['wheat', 'sugar', 'butter'],
    ['condensed', 'butter'],
    ['dark'],
  ])
})

it.each([
  [
    'Rocky road\n400 g milk chocolate\n125 g butter\n60 g golden syrup\n100 g marshmallows\nMelt the chocolate, butter and syrup over a bain-marie. Stir in the marshmallows. Press into a tin. Chill 2 h, cut.',
  ],
  [
    'Clusters\nMelt 340 g dark chocolate 70 % in top of double boiler. Stir in 160 g walnuts. Drop by teaspoons on paper. Chill.',
  ],
])('what only melts over water is boiled by nobody, whatever syrup is in it: %s', (text) => {
  const { asks, formula } = readRecipe(text, pantryOf())
  expect(asks.map((a) => a.id)).toEqual(['layered'])
  expect(formula.target).toBeNull()
})

it('what is rolled of icing sugar and dipped in melted chips is made by hand', () => {
  const { asks } = readRecipe(
    'Peanut balls\n\n380 g peanut butter\n110 g butter\n480 g powdered sugar\n340 g semisweet chips\n\nMethod\nBeat peanut butter and butter. Mix in the sugar. Roll 1" balls. Chill 1 hr. Melt chips. Dip.',
    pantry,
  )
  expect(asks.map((a) => a.id)).toEqual(['layered'])
})

describe('parts by their names', () => {
  it('are called by what is made, in capitals as well', () => {
    const { formula } = read(
      BARS.replace('For the base:', 'FOR THE BASE').replace('For the caramel:', 'FOR THE CARAMEL'),
    )
    expect(partsOf(formula).map((p) => p.label)).toEqual(partsOf(read(BARS).formula).map((p) => p.label))
  })

  it('are told of by what a sentence is for', () => {
    const text = BARS.replace(
      'Put the condensed milk, brown sugar and golden syrup in a pan with the butter.',
      'Melt the butter and sugar for the caramel over a low heat. Add the condensed milk and syrup.',
    )
    const [base, caramel] = partsOf(read(text).formula)
    expect(base?.formula.steps.filter((s) => /melt/i.test(s.say))).toEqual([])
    const melt = caramel?.formula.steps.find((s) => /^melt/i.test(s.say))
    const goesIn = caramel?.formula.lines.filter((l) => l.group === melt?.adds).map((l) => l.ingredient)
    expect(goesIn).toEqual(['butter', 'light-brown-sugar'])
  })

  it('is two parts in one row, each under its name, of which one is baked at what is said of the other', () => {
    const { formula } = read(
      'Baked slices\n\nBase: 120 g flour, 60 g butter, 30 g sugar. Caramel: 1 can condensed milk, 50 g butter, 2 tbsp golden syrup.\nRub base, press in an 18 cm tin, bake at 180°C for 15 min. Heat caramel things to 109 °C, pour on, bake 10 min more. Cut into 16.',
    )
    const [base, caramel] = partsOf(formula)
    expect(base?.formula.lines.map((l) => l.ingredient)).toEqual(['wheat-flour', 'butter', 'sugar'])
    expect(caramel?.formula.lines.map((l) => l.ingredient)).toEqual(['condensed-milk', 'butter', 'golden-syrup'])
    expect(caramel?.formula.ready).toEqual(['Heat the oven to 180°'])
    expect(caramel?.formula.steps.map((s) => s.when.on)).toEqual(['ready', 'target', 'ready', 'after'])
    expect(caramel?.formula.steps.at(-1)?.handwork).toEqual({ kind: 'bake', celsius: 180 })
  })

  it('is the one whose name its sentence begins with, though both are of chocolate', () => {
    const [white, dark] = partsOf(
      read(
        'Mint fudge\n\nWhite layer: 340 g white chocolate, 1 can condensed milk, 1 tsp peppermint extract\nDark layer: 340 g semisweet chocolate\n\nMelt the white chocolate with half the condensed milk over simmering water. Stir in extract. Spread in a lined 8 inch pan, chill 10 minutes. Melt the dark chocolate with the remaining milk; spread over the mint. Chill 2 hours.',
      ).formula,
    )
    expect(white?.formula.steps.filter((s) => s.say.includes('dark chocolate'))).toEqual([])
    expect(dark?.formula.steps[0]?.say).toMatch(/^Melt the dark chocolate/)
  })

  it('has no butter that is another part’s peanut butter', () => {
    const [caramel, filling] = partsOf(
      read(
        'Cups\n\nCaramel\n100 g sugar\n45 g butter\n60 g cream\nFilling\n130 g smooth peanut butter\n30 g powdered sugar\n\nMelt the sugar until amber. Stir in butter, then cream; boil to 112 °C.\nMix peanut butter with the powdered sugar.\nSpread it on the caramel layer.',
      ).formula,
    )
    expect(caramel?.formula.steps.filter((s) => s.say.includes('peanut'))).toEqual([])
    expect(filling?.formula.steps[0]?.say).toMatch(/^Mix peanut butter/)
  })

  it('is made by hand with what stands under the coating around it, and what is soaked is left to stand first', () => {
    const [gummies] = partsOf(
      read(
        'Gummies\n\n300 ml apple juice\n50 g honey\n30 g powdered gelatine\n20 ml lemon juice\nFor the sour coating: 60 g sugar, 8 g citric acid\n\nPour 100 ml of the apple juice into a bowl and sprinkle over the gelatine. Leave 10 min. Warm the rest of the apple juice with the honey to 60 °C; do not boil. Stir in gelatine until dissolved, then lemon juice. Pour into moulds. Toss in the coating.',
      ).formula,
    )
    const of = (say: string) => {
      const step = gummies?.formula.steps.find((s) => s.say.startsWith(say))
      return gummies?.formula.lines.filter((l) => l.group === step?.adds).map((l) => l.ingredient)
    }
    expect(gummies?.formula.ready?.at(-1)).toBe('Leave 10 min')
    expect(of('Stir in')).toContain('lemon-juice')
    expect(of('Toss')).toEqual(['sugar', 'citric-acid'])
  })

  it('are made alike where the method is told for each, but for what is told of one alone', () => {
    const { formula } = read(
      'Boiled sweets\n\nRhubarb: 250 g sugar, 80 g corn syrup, 80 ml water, 2 g tartaric acid\nCustard: 250 g sugar, 80 g corn syrup, 80 ml water, 2 g vanilla\n\nFor each: dissolve the sugar in the water and syrup, boil to 148 °C. Add acid (rhubarb only) and vanilla. Pour on separate oiled slabs. Fold each to a rope.',
    )
    expect(partsOf(formula).map((p) => [p.label, p.formula.target?.celsius])).toEqual([
      ['Rhubarb', 148],
      ['Custard', 148],
    ])
  })

  it('is told of after its name in a row of the method, and a base that is pressed is made there', () => {
    const { formula } = read(
      'Bars\n\nFor the base: 200 g crushed crackers, 90 g melted butter\nFor the toffee: 150 g light brown sugar, 150 g butter, 400 g condensed milk\n\nBase. Crush the crackers, stir in the melted butter, press into a lined 20 cm tin.\nToffee. Melt the butter and sugar together. Add the condensed milk, boil to 112 °C, stirring. Spread over the base.',
    )
    const [base, toffee] = partsOf(formula)
    expect([base?.formula.ready, base?.formula.steps.map((s) => s.say)]).toEqual([
      undefined,
      ['Crush the crackers, stir in the melted butter, press into a lined 20 cm tin'],
    ])
    expect(toffee?.formula.steps[0]?.say).toBe('Melt the butter and sugar together')
  })

  it('is a part of one thing alone, told in a row of its own, and poured over what lies there', () => {
    const { formula } = read(
      'Bars\n\nBASE: 225 g flour, 75 g sugar, 175 g butter. Rub together, press into a 23 cm tin, bake at 170°C for 25 min.\nCARAMEL: 150 g butter, 1 can condensed milk. Melt, bubble to 112 °C. Over the base. Chill 1 h.\nTOP: 200 g milk chocolate, melted. Pour over, tilt to level. Cut into 16.',
    )
    const [, caramel, top] = partsOf(formula)
    expect(top?.formula.lines.map((l) => [l.ingredient, l.grams])).toEqual([['milk-chocolate', 200]])
    expect(caramel?.formula.steps.flatMap((s) => (s.empties ? [s.say] : []))).toEqual(['Over the base'])
  })
})
