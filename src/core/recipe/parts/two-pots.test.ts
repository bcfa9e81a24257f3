import { describe, expect, it } from 'vitest'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()

describe('a card of a works', () => {
  const card =
    'Honey nougat bars\n\nPOT A\nhoney ..... 300 g\nPOT B\ncaster sugar ..... 500 g\nglucose 42DE ..... 120 g\nwater ..... 140 g\nBOWL\nwhites ..... 75 g\ncaster sugar ..... 40 g\nFOLD\nhazelnuts ..... 350 g\n\nBowl: whites to foam, rain in the 40 g, keep on slow.\nA to 122, stream in.\nB to 146, stream in, speed 2.\nPaddle. Fold.\nPress between wafer, overnight.'
  const row =
    'Soft nougat\nHoney 300 | Caster sugar 500 | Glucose syrup 42 DE 120 | Water 140 | Egg white 75 | Caster sugar (for whites) 40 | Hazelnuts 350\n(all in g)\nWhites on slow with the 40 sugar when honey reads 110.\nHoney to 122, onto the whites, speed 3.\nMeanwhile sugar/glucose/water to 146; onto the whites slowly.\nFold nuts by hand.\nBetween wafer sheets, press.'

  it.each([
    ['its pots under their letters', card],
    ['its list in one row', row],
  ])('is two boils onto the whites: %s', (_, text) => {
    const { formula, asks } = readRecipe(text, pantry)
    expect(asks.map((a) => a.id)).toEqual(['family'])
    const [honey] = formula.parts ?? []
    expect([formula.target?.celsius, honey?.formula.target?.celsius]).toEqual([146, 122])
    expect(honey?.formula.lines.map((l) => [l.ingredient, l.grams])).toEqual([['honey', 300]])
    const first = formula.lines.filter((l) => l.group === formula.steps[0]?.adds)
    expect(first.map((l) => l.grams)).toEqual([500, 120, 140])
    const whites = formula.lines.find((l) => l.ingredient === 'egg-white')
    expect(formula.lines.filter((l) => l.group === whites?.group).map((l) => l.grams)).toEqual([75, 40])
    expect(faultsOf(formula)).toEqual([])
  })
})

describe('a recipe of two boils', () => {
  const list = '300 g honey\n300 g sugar\n60 g water\n2 egg whites\n200 g almonds'
  const boils: readonly (readonly [string, string])[] = [
    [
      'one after the other',
      'Boil the honey to 125 °C. Whisk the egg whites to soft peaks. Pour the honey over the whites. Boil the sugar and the water to 145 °C. Pour onto the meringue. Whip for 10 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'one after the other, the whites begun at a heat that names no pot',
      'Cook the honey to 125 °C. When at 115 °C start the egg whites. Pour honey on whites, high speed. Sugar and water to 145 °C, pour in slowly. Whip 5 min. Fold in the almonds. Press into a tray.',
    ],
    [
      'one after the other, run in with the mixer on',
      'Boil the honey to 125 °C. Meanwhile whisk the egg whites to soft peaks; run in the honey with the mixer on. Boil the sugar and the water to 145 °C and pour onto the meringue. Whip for 10 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'one after the other, with no word of onto what',
      'Whip the egg whites. Cook honey to 125 °C and pour on. Cook sugar/water to 145 °C and pour on in a stream. Whip 5 min. Fold in the almonds. Press into a tray.',
    ],
    [
      'one after the other, each onto the foam in one breath',
      'Whip the egg whites to a firm foam. Heat honey to 125 °C, add to foam in a thin stream, whip 4 min. Boil the sugar and water to 145 °C, add in a thin stream, whip 8 min. Fold in the almonds. Press into a tray.',
    ],
    [
      'one after the other, the first into the meringue',
      'Heat the honey to 125 °C. Meanwhile whip the egg whites. Pour the honey into the meringue, keep whipping. Cook the sugar and water to 145 °C and pour slowly into the meringue. Whip until just warm. Fold in the almonds.',
    ],
    [
      'one after the other, the mixer started on the way',
      'Heat the honey to 125 °C. At 115 °C start the mixer: whites to soft peaks. Pour honey on whites, whip. Meanwhile sugar and water to 145 °C. Pour onto the whites, whip 8 min. Fold in the almonds. Press into a tray.',
    ],
    [
      'onto whites that are whipped by then, and beaten on',
      'Honey to 125 °C, pour on egg whites whipped stiff. Keep beating. At the same time sugar and water to 145 °C, pour on. Beat for 10 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'both put on in one sentence, each to its own',
      'Put the honey on to boil to 125 °C, and the sugar with the water to 145 °C. When the honey reaches 115 °C start the whites in the mixer. Pour the honey over the whites, whisking; then the sugar. Whip for 8 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'set out in one sentence, each poured at its heat',
      'Put the honey in a small pan; sugar and water in a medium pan. Start both on medium. When the honey is at 115 °C, whisk the egg whites. When the honey reaches 125 °C pour it onto the whites. Turn up the sugar; at 145 °C pour it in a steady stream into the bowl. Whisk 6 min. Paddle in the almonds. Press into a tray.',
    ],
    [
      'set out in one sentence, the second in a bigger one',
      'Put the honey in a small pan and the sugar and water in a bigger one. Heat the honey until it registers 125 °C; at the same time bring the sugar to 145 °C. Whisk the egg whites. Pour the honey over the whites in a steady stream. A minute later add the sugar syrup the same way. Whip for 10 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'the honey in a second pan, each poured at its heat',
      'Put sugar and water in a pan and start heating. In a second pan heat the honey. When the honey gets to 108 °C start whisking the egg whites. At 125 °C pour the honey onto the whites in a slow stream. At 145 °C pour the syrup on in the same way. Whisk for 5 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'the honey lit on the way, and how far it goes said of the whites',
      'Put sugar and water over medium heat; when it reaches 110 °C start the honey in another pan. Whisk the egg whites to soft peaks when the honey is at 125 °C, then drizzle the honey in with the machine running. Take the sugar to 145 °C, and pour that in too. Whip 10 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'the honey onto what the sentence before has whipped',
      'Heat the honey to 125 °C. Meanwhile whisk the egg whites to soft peaks. Pour the honey onto them whisking. In the same pan, boil sugar and water to 145 °C. Pour it on the meringue in a thread; whisk for 10 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'poured in while whipping, the other in the same way',
      'Boil the honey to 125 °C. Whip the egg whites until soft. Pour the hot honey slowly in while whipping. Boil the sugar and water to 145 °C and pour in the same way. Whip 8 min. Mix in the almonds. Press into a tray.',
    ],
    [
      'the whites begun at a heat that is said right after the honey, and is its own',
      'Cook the honey to 125 °C. At 115 °C start whisking the egg whites. Stream the honey into the whites. Cook the sugar and water to 145 °C; stream in. Whisk 8 min. Fold in the almonds. Press into a tray.',
    ],
    [
      'each said after what it is called',
      'Whites: beat when the honey hits 115 °C. Honey: cook to 125 °C, pour on whites. Syrup: sugar, water to 145 °C, pour on whites 3 min later. Beat 10 min. Hot almonds: paddle. Press into a tray.',
    ],
    [
      'as a batch card says it',
      'Honey to 125 °C. Whip the egg whites to soft peak; pour on honey. Sugar, water to 145 °C; pour onto foam at speed 2. Whip 8 min. Almonds in by paddle. Press into a tray.',
    ],
    [
      'the second lit at a heat of the first',
      'Start cooking the sugar and water. When the syrup is at 120 °C start cooking the honey in another pot to 125 °C. When the honey is at 118 °C start whisking the egg whites. Pour the honey onto the meringue. Continue cooking the syrup to 145 °C, pour onto the meringue. Whip 4 min. Fold in the almonds. Press into a tray.',
    ],
    [
      'in the shorthand of a batch card, the honey last',
      "Sugar/water -> 145 °C. Honey separately -> 125 °C. Whip egg whites from the moment the honey hits 115. Honey on whites, then syrup. 5' speed 3. Almonds in. Between papers 15 mm.",
    ],
    [
      'at the same time, both poured in one sentence, the honey cooked last',
      'Cook sugar and water to 145 °C. At the same time cook the honey to 125 °C. Whip the egg whites. Pour the honey, then the sugar syrup, over the whites, whipping. Whip for 10 minutes. Fold in the almonds. Press into a tray.',
    ],
    [
      'the honey meanwhile in a small one, beaten in, the sugar told first',
      'Put the sugar and water in a pan and cook to 145 °C. Meanwhile, heat honey in a small pan to 125 °C. Beat the egg whites until stiff. Add the honey, beating for 2 minutes. Add the syrup and beat 5 minutes more. Stir in the almonds and press into a tray.',
    ],
    [
      'side by side',
      'Put the honey in a small pan. Boil it to 125 °C. In a second pan boil the sugar and the water to 145 °C. Pour the honey over the egg whites while whisking. Pour in the syrup. Whip for 10 minutes. Fold in the almonds. Press into a tray.',
    ],
  ]
  it.each(boils)('%s: the first is a part that joins after the pull of the second', (_, method) => {
    const { formula } = readRecipe(`A sweet\n\n${list}\n\n${method}`, pantry)
    const [honey] = formula.parts ?? []
    const names = (f: { readonly lines: readonly { readonly ingredient: string }[] }) =>
      f.lines.map((l) => l.ingredient)
    expect(honey && names(honey.formula)).toEqual(['honey'])
    expect(honey?.formula.target?.celsius).toBe(125)
    expect(honey?.formula.steps[0]?.adds).toBe(honey?.formula.lines[0]?.group)
    expect(names(formula)).toEqual(['sugar', 'water', 'egg-white', 'almonds'])
    expect(formula.target?.celsius).toBe(145)
    const order = formula.steps.map((s) =>
      s.joins ? 'joins' : (formula.lines.find((l) => l.group === s.adds)?.ingredient ?? s.when.on),
    )
    const [pull, joins, whites] = ['target', 'joins', 'egg-white'].map((what) => order.indexOf(what))
    expect([pull, joins, whites].every((at, i, all) => i === 0 || (at as number) > (all[i - 1] as number))).toBe(true)
    expect(faultsOf(formula)).toEqual([])
  })

  it('whips the sugar of the whites with them, and boils the other', () => {
    const { formula } = readRecipe(
      `A sweet\n\n${list}\n20 g sugar (for the egg white)\n\nBoil the honey to 120 °C. Meanwhile whip the whites with the 20 g sugar. Stream the honey onto the whites. Boil the 300 g sugar and water to 148 °C and stream that in too. Keep whipping until firm. Work in the almonds.`,
      pantry,
    )
    const goesIn = (group: string) =>
      formula.lines.filter((l) => l.group === group).map((l) => `${l.ingredient} ${l.grams}`)
    expect(goesIn('pot')).toEqual(['sugar 300', 'water 60'])
    expect(formula.groups.map((g) => goesIn(g.id))).toContainEqual(['egg-white 66', 'sugar 20'])
  })

  it('sets whites out in a bowl, with what goes in there beside them, and pours with the mixer running', () => {
    const { formula } = readRecipe(
      `A sweet\n\n${list}\npinch cream of tartar\n\nPut the egg whites and cream of tartar in a stand mixer. Heat the honey in a small pan until it reaches 120 °C. In a larger pan heat the sugar and water to 150 °C. When the honey is at 110 °C start whisking the whites. Pour in the honey slowly with the mixer running. When the sugar syrup is ready, pour that in too. Whisk for 8 minutes. Stir in the almonds.`,
      pantry,
    )
    const goesIn = (group: string) => formula.lines.filter((l) => l.group === group).map((l) => l.ingredient)
    expect(goesIn('pot')).toEqual(['sugar', 'water'])
    expect(formula.groups.map((g) => goesIn(g.id))).toContainEqual(['egg-white', 'cream-of-tartar'])
    expect(formula.parts?.[0]?.formula.target?.celsius).toBe(120)
  })

  it('needs no word of a second pan where one of them is poured by itself', () => {
    const { formula } = readRecipe(
      `A sweet\n\n${list}\n\nCook the honey to 130 °C. Cook the sugar and water to 155 °C. Beat the egg whites. Pour the honey over the whites, then the cooked sugar. Continue beating for 5 min. Mix in the almonds.`,
      pantry,
    )
    expect(formula.parts?.map((p) => [p.formula.target?.celsius, p.formula.lines.length])).toEqual([[130, 1]])
    const groupOf = (id: string) => formula.lines.find((l) => l.ingredient === id)?.group
    expect(groupOf('sugar')).toBe(groupOf('water'))
    expect(groupOf('egg-white')).not.toBe(groupOf('sugar'))
    expect(faultsOf(formula)).toEqual([])
  })

  it('boils in the second pan what is called the syrup: all that is not poured by its name', () => {
    const { formula } = readRecipe(
      `A sweet\n\n${list}\n\nPut the honey in a small pan and the sugar and water in another. Heat the honey to 124 °C; meanwhile whisk the egg whites. Pour the honey onto the whites. Cook the sugar syrup to 150 °C and pour it in. Fold in the almonds.`,
      pantry,
    )
    expect(formula.parts?.map((p) => p.formula.lines.map((l) => l.ingredient))).toEqual([['honey']])
    expect([formula.parts?.[0]?.formula.target?.celsius, formula.target?.celsius]).toEqual([124, 150])
    const groupOf = (id: string) => formula.lines.find((l) => l.ingredient === id)?.group
    expect(groupOf('sugar')).toBe(groupOf('water'))
    expect(groupOf('egg-white')).not.toBe(groupOf('sugar'))
    expect(faultsOf(formula)).toEqual([])
  })

  it('pours first what the text pours first, though the other was lit before it; a line is in one of the two pots', () => {
    const { formula } = readRecipe(
      'A sweet\n\n70 g egg whites\n25 g sugar for the whites\n350 g honey\n300 g sugar\n100 g water\n400 g almonds\n\nCook the sugar and water to 148 °C; at the same time bring the honey to 125 °C in a second pan. When the honey reaches 115 °C, start beating the whites with the 25 g sugar. Pour the honey onto the whites in a thin stream, then the sugar syrup. Beat 5 min. Mix in the almonds. Press into a frame. Leave 24 h. Cut.',
      pantry,
    )
    const [honey] = formula.parts ?? []
    const grams = (f: Pick<typeof formula, 'lines'> | undefined) => f?.lines.map((l) => Math.round(l.grams))
    expect([honey?.formula.target?.celsius, grams(honey?.formula)]).toEqual([125, [350]])
    expect([formula.target?.celsius, grams(formula)]).toEqual([148, [70, 25, 300, 100, 400]])
    const meets = formula.steps.find((s) => s.say === 'Pour in the sugar syrup')
    expect(grams({ lines: formula.lines.filter((l) => l.group === meets?.adds) })).toEqual([70, 25])
    expect(faultsOf(formula)).toEqual([])
  })

  it.each([
    ['', '', ''],
    ['Honey syrup\n', '\nSugar syrup\n', '\nMeringue\n'],
  ])(
    'whips of two sugars the one beside the whites, under headings or none: “%s”',
    (honeyHead, syrupHead, whitesHead) => {
      const { formula, asks } = readRecipe(
        `A sweet\n\n${honeyHead}300 g honey\n${syrupHead}400 g sugar\n100 g glucose syrup\n130 g water\n${whitesHead}70 g egg whites\n30 g sugar\n500 g almonds\n\nHeat the honey to 125 °C. When the honey is at 108 °C start whipping the whites with the sugar. Pour the honey on the whites. Meanwhile cook the sugar, glucose and water to 145 °C and pour in a thin stream. Whip 15 minutes. Fold in the almonds. Press 3 cm thick. Cut.`,
        pantry,
      )
      expect(asks.map((a) => a.id)).toEqual(['family'])
      expect(formula.parts?.map((p) => p.formula.lines.map((l) => l.ingredient))).toEqual([['honey']])
      const groups = new Map(formula.lines.map((l) => [Math.round(l.grams), l.group]))
      expect(groups.get(30)).toBe(groups.get(70))
      expect(groups.get(400)).toBe('pot')
      expect(formula.target?.celsius).toBe(145)
    },
  )

  it('is one pot where half of it is poured and the rest cooked on, and it is asked where the whites go', () => {
    const { formula, asks } = readRecipe(
      'A sweet\n\n500 g sugar\n164 g light corn syrup\n118 g water\n66 g egg whites\n109 g pecans\n\nCook sugar, corn syrup and water to 120 °C. Pour half the syrup slowly over the whites, beating constantly. Cook remaining syrup to 133 °C; beat into first mixture. Add the pecans. Drop from a spoon.',
      pantry,
    )
    expect(formula.parts).toBeUndefined()
    expect(formula.lines.flatMap((l) => (l.group === 'pot' ? [l.ingredient] : []))).toEqual([
      'sugar',
      'corn-syrup',
      'water',
    ])
    expect(formula.target?.celsius).toBe(133)
    expect(asks).toContainEqual(expect.objectContaining({ id: 'place', line: 'egg-white', doubt: 'spoiled' }))
  })

  it('watches the pot it speaks of: “when the honey is at 118°” is the honey’s, though it stands after the sugar', () => {
    const { formula } = readRecipe(
      `A sweet\n\n${list}\n\nHeat the honey in a small pan to 121 °C. Meanwhile, put the sugar and water in another pan and heat to 145 °C. When the honey is at 118 °C start whisking the egg whites. Pour the honey onto the whites while whisking. Pour in the sugar syrup. Fold in the almonds.`,
      pantry,
    )
    const [honey] = formula.parts ?? []
    expect(honey?.formula.steps.map((s) => s.when)).toContainEqual({ on: 'rises', celsius: 118 })
    expect(honey?.formula.target?.celsius).toBe(121)
    expect(formula.target?.celsius).toBe(145)
    expect(formula.steps.some((s) => s.when.on === 'rises')).toBe(false)
    expect(faultsOf(formula)).toEqual([])
  })

  it('has the other pot in “another”, is watched once it is started, and pours after a heat and a colon', () => {
    const { formula, asks } = readRecipe(
      'Torrone\n\n300 g honey\n400 g sugar\n100 g corn syrup\n130 g water\n70 g egg whites\n30 g sugar for the whites\n500 g almonds\n\nHoney in a small pot. Sugar, corn syrup and water in another.\nStart the honey. When it reads 120 °C start whipping the whites with the 30 g sugar.\nHoney at 130: pour over the whites, whisk running.\nSyrup to 152: pour in a stream.\nWhip 8 min. Almonds in. Press into a frame.',
      pantry,
    )
    const [honey] = formula.parts ?? []
    expect([formula.target?.celsius, honey?.formula.target?.celsius]).toEqual([152, 130])
    expect(honey?.formula.lines.map((l) => l.ingredient)).toEqual(['honey'])
    expect(honey?.formula.steps.map((s) => s.when.on)).toEqual(['ready', 'ready', 'rises', 'target', 'ready'])
    expect(asks.map((a) => a.id)).toEqual(['family'])
  })

  it('needs no verb for the other pot: “meanwhile sugar, water to 150”', () => {
    const { formula } = readRecipe(
      'A sweet\n\n250 g honey\n375 g sugar\n110 g water\n60 g egg whites\n300 g almonds\n\nHeat honey to 125. When it gets to 110 start whisking whites. Pour honey on whites. Meanwhile sugar, water to 150. Pour that in as well. Fold in the almonds.',
      pantry,
    )
    const [honey] = formula.parts ?? []
    expect(honey?.formula.steps.map((s) => s.when)).toContainEqual({ on: 'rises', celsius: 110 })
    expect([honey?.formula.target?.celsius, formula.target?.celsius]).toEqual([125, 150])
    expect(faultsOf(formula)).toEqual([])
  })

  it('adds the honey to whites that are whipped in the same sentence, and boils what stands under a heading', () => {
    const { formula } = readRecipe(
      'A sweet\n\nFor the syrup\n  sugar 300g\n  water 90g\nFor the honey\n  honey 200g\nFor the whites\n  egg whites 50g\n  caster sugar 20g\nInclusions\n  walnuts 150g\n\nCook the honey to 120C. Whip whites with caster sugar to soft peaks and add the honey in a stream.\nCook the syrup to 148C, add to the meringue in a stream, whip on high 6 min.\nFold in warm inclusions. Roll between papers 15 mm thick.',
      pantry,
    )
    const groups = formula.groups.map((g) => formula.lines.filter((l) => l.group === g.id).map((l) => l.ingredient))
    expect(groups).toEqual([['sugar', 'water'], ['egg-white', 'caster-sugar'], ['walnuts']])
    expect([formula.parts?.[0]?.formula.target?.celsius, formula.target?.celsius]).toEqual([120, 148])
    expect(faultsOf(formula)).toEqual([])
  })

  it('tells by its amount which sugar is the whites’', () => {
    const { formula } = readRecipe(
      'A sweet\n\n300 g honey\n250 g sugar\n80 g water\n60 g egg whites\n25 g sugar\n\nBoil the honey to 120 °C. Start whipping the egg whites with the 25 g of sugar. Pour the hot honey over the whites. Boil the sugar and water to 150 °C and pour onto the meringue. Leave 24 hours.',
      pantry,
    )
    const groups = formula.groups.map((g) =>
      formula.lines.filter((l) => l.group === g.id).map((l) => `${l.ingredient} ${Math.round(l.grams)}`),
    )
    expect(groups).toEqual([
      ['sugar 250', 'water 80'],
      ['egg-white 60', 'sugar 25'],
    ])
    expect(faultsOf(formula)).toEqual([])
  })

  it('tells the sugars by their marks, pours what is poured after the whisking, and boils no nuts that are toasted', () => {
    const { formula } = readRecipe(
      'A sweet\n\nBatch 1.2 kg\n\n70 g egg whites\n30 g sugar (1)\n250 g honey\n420 g sugar (2)\n130 g water\n250 g pistachios\n\nToast the pistachios at 120 °C and hold warm at 80 °C.\nBoil honey to 124 °C.\nWhisk whites with sugar (1) to soft peaks; pour the honey on in a thin stream, keep whisking.\nBoil sugar (2) and water to 145 °C and add it to the whites the same way. Fold in the pistachios.',
      pantry,
    )
    const [honey] = formula.parts ?? []
    expect(honey?.formula.steps.map((s) => s.when.on)).toEqual(['ready', 'target', 'ready'])
    expect([honey?.formula.target?.celsius, formula.target?.celsius]).toEqual([124, 145])
    const lineOf = (grams: number) => formula.lines.find((l) => Math.round(l.grams) === grams)
    expect([lineOf(420)?.group, lineOf(30)?.group]).toEqual(['pot', lineOf(70)?.group])
    expect(faultsOf(formula)).toEqual([])
  })

  it('knows what a mark stands for: “cook A”, “whip foam”, “stream B in”', () => {
    const { formula, asks } = readRecipe(
      'A sweet\n\nSyrup A: 300 g honey\nSyrup B: 400 g sugar, 130 g water\nFoam: 70 g egg white, 20 g sugar\nInclusions: 200 g pistachios, 100 g almonds\n\nCook A to 120 °C. Whip foam to soft peaks. Stream A into foam, whip on high. Meanwhile cook B to 148 °C. Stream B in. Paddle in warm inclusions. Press 18 mm between rice paper.',
      pantry,
    )
    const [honey] = formula.parts ?? []
    expect(honey?.formula.steps.map((s) => s.say)).toEqual([
      'Cook honey to 120°',
      'Cook honey to 120°',
      'Stream honey into foam, whip on high',
    ])
    const groupOf = (id: string) =>
      formula.lines.filter((l) => l.group === formula.lines.find((o) => o.id === id)?.group).map((l) => l.ingredient)
    expect(formula.lines.filter((l) => l.group === 'pot').map((l) => l.ingredient)).toEqual(['sugar', 'water'])
    expect(groupOf('egg-white')).toEqual(['egg-white', 'sugar'])
    expect(groupOf('pistachios')).toEqual(['pistachios', 'almonds'])
    expect(asks.filter((a) => a.id === 'place')).toEqual([])
    expect(faultsOf(formula)).toEqual([])
  })

  it('goes onto the egg in the sentence it is boiled in, by marks', () => {
    const { formula, asks } = readRecipe(
      'A sweet\n\nSyrup 1: 180 g honey, 20 g water\nSyrup 2: 340 g sugar, 110 g glucose syrup, 90 g water\nEgg: 50 g egg whites, 20 g sugar\nFinish: 40 g cocoa butter\n\nWhip egg at medium. Syrup 1 to 122 °C, onto egg. Syrup 2 to 144 °C; onto egg too, high 6 min. Cocoa butter. Sheet 18 mm on wafer.',
      pantry,
    )
    expect(formula.parts?.map((p) => [p.formula.target?.celsius, p.formula.lines.map((l) => l.ingredient)])).toEqual([
      [122, ['honey', 'water']],
    ])
    expect(formula.target?.celsius).toBe(144)
    expect(formula.lines.filter((l) => l.group === 'pot').map((l) => l.ingredient)).toEqual([
      'sugar',
      'glucose-42',
      'water',
    ])
    expect(asks.filter((a) => a.id === 'place')).toEqual([])
  })

  it('is one boil where only one thing is boiled', () => {
    const { formula } = readRecipe(
      `A sweet\n\n${list}\n\nBoil the honey, sugar and water to 145 °C. Pour onto the whisked egg whites. Fold in the almonds.`,
      pantry,
    )
    expect(formula.parts).toBeUndefined()
    expect(formula.school).not.toMatch(/two/)
  })

  it('is one that asks, where both boil parts of the same lines: nothing boils water alone', () => {
    const { formula, asks } = readRecipe(
      'A sweet\n\n900 g sugar\n980 g corn syrup\n120 g water\n132 g egg whites\n\nMix 300 g of the sugar, 400 g of the corn syrup and the water in a pan. Cook to 114 °C. Beat the egg whites until stiff. Add the hot syrup slowly to the whites, beating. Combine remaining sugar and corn syrup in a heavy pan. Cook to 135 °C. Pour over the meringue.',
      pantry,
    )
    expect(formula.parts).toBeUndefined()
    const boiled = formula.lines.filter((l) => l.group === 'pot').map((l) => `${l.ingredient} ${l.grams}`)
    expect(boiled).toEqual(['sugar 300', 'corn-syrup 400', 'water 120'])
    expect(asks.map((a) => a.id)).toContain('place')
  })

  it('starts the mixer on the way to the end of the honey, though it is told after that', () => {
    const method = boils.find(([name]) => /mixer started/.test(name))?.[1]
    const honey = readRecipe(`Nougat\n\n${list}\n\n${method}`, pantry).formula.parts?.[0]?.formula
    const due = honey?.steps.map(({ when }) => ('celsius' in when ? `${when.on} ${when.celsius}` : when.on))
    expect(due?.indexOf('rises 115')).toBeLessThan(due?.indexOf('target') ?? -1)
    expect(due).toContain('rises 115')
  })
})
