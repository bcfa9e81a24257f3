import { describe, expect, it, test } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { splitRecipe } from './split'

describe('a list', () => {
  const list = (text: string) => splitRecipe(text).list.map((s) => [s.heading, ...s.lines])

  it.each([
    [
      'Butter 340 g, sugar 400 g, lecithin 2 g. Dark chocolate 200 g, cacao nibs 60 g\n\nMelt the butter.',
      [[null, 'Butter 340 g', 'sugar 400 g', 'lecithin 2 g', 'Dark chocolate 200 g', 'cacao nibs 60 g']],
    ],
    [
      'Here it is as promised. 1 lb sugar, half a pint of milk, 4 oz butter. Vanilla. Melt it all together slowly and boil hard to 240 F.',
      [[null, '1 lb sugar', 'half a pint of milk', '4 oz butter', 'Vanilla']],
    ],
    [
      'Take two lbs of white sugar, one cup boiling water, quarter of a pound butter. Stir till dissolved; boil to 258 F.',
      [[null, 'two lbs of white sugar', 'one cup boiling water', 'quarter of a pound butter']],
    ],
    [
      'Syrup: 350 g sugar, 130 g glucose\nMixer: 130 g invert sugar\n\nCook the syrup to 110 °C.',
      [
        ['Syrup', '350 g sugar', '130 g glucose'],
        ['Mixer', '130 g invert sugar'],
      ],
    ],
    [
      'Soft honey caramels with hazelnuts. Yields 1.1 kg / approx 90 pcs à 12 g.\n\nCream 35% 400 g\nGlucose DE 40 200 g\nButter, unsalted, cold cubes 120 g\nHazelnuts roasted, chopped 150 g\n½ vanilla bean\n\n1) Boil to 119 °C.',
      [
        [
          null,
          'Cream 35% 400 g',
          'Glucose DE 40 200 g',
          'Butter, unsalted, cold cubes 120 g',
          'Hazelnuts roasted, chopped 150 g',
          '½ vanilla bean',
        ],
      ],
    ],
    ['You need: 100 g sugar; 4 tbsp syrup; 1 tsp soda', [[null, '100 g sugar', '4 tbsp syrup', '1 tsp soda']]],
    [
      'Sesame crunch: sugar 300 g, honey 100 g, sesame 350 g toasted, salt 3 g. Cook the first two to 143 °C. Stir in the rest.',
      [['Sesame crunch', 'sugar 300 g', 'honey 100 g', 'sesame 350 g toasted', 'salt 3 g']],
    ],
    [
      '300 g sugar\n1 tsp kosher salt, plus flaky salt for finishing\n1 tsp butter, plus more for the pan\n\nBoil it all.',
      [[null, '300 g sugar', '1 tsp kosher salt', 'flaky salt, for finishing', '1 tsp butter, plus more for the pan']],
    ],
    ['15 g gelatine + 90 ml cold water', [[null, '15 g gelatine', '90 ml cold water (for the gelatine)']]],
    [
      'Milk powder 100g / condensed milk 200g / butter 80g',
      [[null, 'Milk powder 100g', 'condensed milk 200g', 'butter 80g']],
    ],
    [
      'Caster sugar 400 g, water 125 ml, pear essence 1 ml, pink & yellow colour',
      [[null, 'Caster sugar 400 g', 'water 125 ml', 'pear essence 1 ml', 'pink and yellow colour']],
    ],
    [
      'These taste like autumn. I make them every year.\n\n2/3 cup pepitas, toasted\n4 tbsp butter, cut in chunks\n\nBoil it all to 118 °C.',
      [[null, '2/3 cup pepitas, toasted', '4 tbsp butter, cut in chunks']],
    ],
    [
      'This sauce comes together in 15 minutes and tastes better than any!\n\n1 cup (200g) sugar\n6 Tablespoons (85g) salted butter, room temperature cut up into 6 pieces\n1/2 cup (120ml) heavy cream, at room temperature\n\nBoil it all.',
      [
        [
          null,
          '1 cup (200g) sugar',
          '6 Tablespoons (85g) salted butter, room temperature cut up into 6 pieces',
          '1/2 cup (120ml) heavy cream, at room temperature',
        ],
      ],
    ],
    [
      '125 g butter\n1 kg sugar\n1 x 397g tin condensed milk\n\nMethod\n1 Grease a tin and line it with baking parchment.\n2 Put the butter and the sugar in a pan over a low heat.\n3 Pour in the condensed milk and boil to 118 °C.',
      [[null, '125 g butter', '1 kg sugar', '1 x 397g tin condensed milk']],
    ],
    [
      'A: 500 g passion fruit purée\n   12 g pectin\nB: 550 g sugar\n   110 g glucose\nC: 8 g citric acid',
      [
        ['A', '500 g passion fruit purée', '12 g pectin'],
        ['B', '550 g sugar', '110 g glucose'],
        ['C', '8 g citric acid'],
      ],
    ],
    [
      'My fudge never fails. 3 cups sugar, 3/4 cup butter, 2/3 cup evaporated milk, 12 oz chocolate chips, 7 oz marshmallow creme, tsp vanilla. Sugar butter and milk in a pan, boil 4 minutes.',
      [
        [
          null,
          '3 cups sugar',
          '3/4 cup butter',
          '2/3 cup evaporated milk',
          '12 oz chocolate chips',
          '7 oz marshmallow creme',
          'tsp vanilla',
        ],
      ],
    ],
    [
      'Sugar 5 lb. Water 1 qt. Cream of tartar ½ tsp. Citric acid 1 oz. Oil of lemon 2 drams. Yellow colour.',
      [
        [
          null,
          'Sugar 5 lb',
          'Water 1 qt',
          'Cream of tartar ½ tsp',
          'Citric acid 1 oz',
          'Oil of lemon 2 drams',
          'Yellow colour',
        ],
      ],
    ],
    [
      'Needs: 225 g butter, 200 g milk chocolate, handful malted balls crushed',
      [[null, '225 g butter', '200 g milk chocolate', 'handful malted balls crushed']],
    ],
    [
      'Sugar      11,000 g\nGlucose 60  2,200 g\nFleur de sel  165 g\n1) Dry caramel to 185 °C\n2) Stop with glucose\n3) Salt in',
      [[null, '11,000 g Sugar', '2,200 g Glucose 60', '165 g Fleur de sel']],
    ],
    ['40 min active, makes 24\n200 g sugar\n100 g cream', [[null, '200 g sugar', '100 g cream']]],
    ['gelatine 6g in 12g water', [[null, 'gelatine 6g', '12g water (for the gelatine)']]],
    ['Caster 500 | golden syrup 250 | water 60', [[null, 'Caster 500', 'golden syrup 250', 'water 60']]],
    ['50 g icing sugar and 50 g cornflour, sifted', [[null, '50 g icing sugar', '50 g cornflour, sifted']]],
    [
      'Stage 1 – Honey: 300 g honey\nStage 2 – Syrup: 400 g sugar, 130 g water\nOther: 30 g cocoa butter, rice paper',
      [
        [null, '300 g honey'],
        ['Syrup', '400 g sugar', '130 g water'],
        ['Other', '30 g cocoa butter', 'rice paper'],
      ],
    ],
    [
      'Base: oats 400 g; flour 600 g\nCaramel: honey 1.5 kg; butter 240 g',
      [
        ['Base', 'oats 400 g', 'flour 600 g'],
        ['Caramel', 'honey 1.5 kg', 'butter 240 g'],
      ],
    ],
    [
      'Filling: 200 g cream, vanilla; 100 g butter; 50 g sugar',
      [['Filling', '200 g cream', 'vanilla', '100 g butter', '50 g sugar']],
    ],
    [
      'Author: the workshop\nDifficulty: easy\nIngredients for 60 pieces\n200 g butter\n200 g sugar\nPro tips:\nStir well.',
      [[null, '200 g butter', '200 g sugar']],
    ],
    [
      'Ingredients\n*For the nougat*\n- 300 g sugar\nDip\n- 200 g dark chocolate',
      [
        ['nougat', '- 300 g sugar'],
        ['dip', '- 200 g dark chocolate'],
      ],
    ],
    ['Needs: 200 g butter; 200 g sugar; 4 g salt', [[null, '200 g butter', '200 g sugar', '4 g salt']]],
    ['Sugar 1 kg, water 350 g, salt 3 g. Boil it to 128 °C.', [[null, 'Sugar 1 kg', 'water 350 g', 'salt 3 g']]],
    [
      '2 lb of sugar, half a pound of butter, a tin of evaporated milk (410 g), a teacup of water, vanilla.',
      [
        [
          null,
          '2 lb of sugar',
          'half a pound of butter',
          'a tin of evaporated milk (410 g)',
          'a teacup of water',
          'vanilla',
        ],
      ],
    ],
    [
      'Sugar 300 g\nFilling: icing sugar 30 g, citric acid 3 g, soda 2 g',
      [
        [null, 'Sugar 300 g'],
        ['Filling', 'icing sugar 30 g', 'citric acid 3 g', 'soda 2 g'],
      ],
    ],
    ['100 g icing sugar + 25 g cornflour, to coat', [[null, '100 g icing sugar, to coat', '25 g cornflour, to coat']]],
    [
      'For 12 lollies: 250g caster sugar, 75ml water, 1/2 tsp citric acid, red colour.\nFor the sherbet: 50g icing sugar, 1/4 tsp citric acid.',
      [
        ['lollies', '250g caster sugar', '75ml water', '1/2 tsp citric acid', 'red colour'],
        ['sherbet', '50g icing sugar', '1/4 tsp citric acid'],
      ],
    ],
    [
      '100 g sugar\n\nTo add\n50 g peel',
      [
        [null, '100 g sugar'],
        ['to add', '50 g peel'],
      ],
    ],
    [
      '100 g sugar\n\nTo finish\nflaky salt',
      [
        [null, '100 g sugar'],
        ['to finish', 'flaky salt'],
      ],
    ],
    ['1 lb sugar / 450 g\n¼ pint water / 150 ml', [[null, '1 lb sugar / 450 g', '¼ pint water / 150 ml']]],
    ['1 cup (2 sticks / 226 g) butter\n2 cups sugar', [[null, '1 cup (2 sticks / 226 g) butter', '2 cups sugar']]],
    [
      '500g sugar, 1 tsp acid, pink colouring, custard flavour, icing sugar for dusting.',
      [[null, '500g sugar', '1 tsp acid', 'pink colouring', 'custard flavour', 'icing sugar for dusting']],
    ],
    [
      '3 cups sugar, 1½ cups water, ½ cup vinegar. Boil it until it snaps. Pull.',
      [[null, '3 cups sugar', '1½ cups water', '½ cup vinegar']],
    ],
    ['Ingredients (makes one slab)\n100 g sugar\n50 g honey', [[null, '100 g sugar', '50 g honey']]],
    [
      '1½ cups each granulated and packed light brown sugar\n½ tsp each: cinnamon, ginger & salt',
      [
        [
          null,
          '1½ cups granulated sugar',
          '1½ cups packed light brown sugar',
          '½ tsp cinnamon',
          '½ tsp ginger',
          '½ tsp salt',
        ],
      ],
    ],
    [
      'Praline\n300 g hazelnuts\n200 g sugar\nGianduja\n400 g milk chocolate\n30 g cocoa butter',
      [
        ['praline', '300 g hazelnuts', '200 g sugar'],
        ['gianduja', '400 g milk chocolate', '30 g cocoa butter'],
      ],
    ],
    [
      'Ingredients\nTwo cupfuls of molasses\none cupful of sugar\ntwo tablespoonfuls of vinegar',
      [[null, 'Two cupfuls of molasses', 'one cupful of sugar', 'two tablespoonfuls of vinegar']],
    ],
    [
      '200 g sugar\nSea salt\n50 g honey\n30 g butter\nVanilla\n20 g cream\n5 g soda',
      [[null, '200 g sugar', 'Sea salt', '50 g honey', '30 g butter', 'Vanilla', '20 g cream', '5 g soda']],
    ],
    [
      'two cups of molasses, one cup of sugar, butter the size of a walnut. Boil twenty minutes. Pull.',
      [[null, 'two cups of molasses', 'one cup of sugar', 'butter the size of a walnut']],
    ],
    [
      '2 c heavy cream, split in half. 2 c sugar, 1 1/2 c corn syrup, pinch of salt.',
      [[null, '2 c heavy cream, split in half', '2 c sugar', '1 1/2 c corn syrup', 'pinch of salt']],
    ],
    [
      'Half a pound of loaf sugar, one gill of water, a pinch of cream of tartar, the juice of a lemon. Boil to 310 °F. Pour.',
      [[null, 'Half a pound of loaf sugar', 'one gill of water', 'a pinch of cream of tartar', 'the juice of a lemon']],
    ],
    [
      'Part 1\nSugar 450\nWater 150\nPart 2\nBicarb 8\n\nAll grams. Boil 1 to 138 °C.',
      [
        ['Part 1', 'Sugar 450 g', 'Water 150 g'],
        ['Part 2', 'Bicarb 8 g'],
      ],
    ],
    ['1 cup + 2 tbsp sugar', [[null, '1 cup + 2 tbsp sugar']]],
    ['25g citric acid sol. 50%', [[null, '25g citric acid sol. 50%']]],
    ['450 g sugar + 100 g for rolling', [[null, '450 g sugar', '100 g sugar, for rolling']]],
    ['Sugar 500g demerara + 150g caster', [[null, '500g demerara sugar', '150g caster sugar']]],
    ['Chocolate: 200 g dark and 100 g milk', [[null, '200 g dark chocolate', '100 g milk chocolate']]],
    ['Nuts 100 g almonds + 50 g pecans', [[null, '100 g almonds', '50 g pecans']]],
    ['Sugar 500 g + 30 g for the whites', [[null, 'Sugar 500 g', '30 g Sugar, for the whites']]],
    ['2 cups sugar, plus 2 tbsp for the pan', [[null, '2 cups sugar', '2 tbsp sugar, for the pan']]],
    [
      '50 g icing sugar + 50 g cornflour for dusting',
      [[null, '50 g icing sugar for dusting', '50 g cornflour for dusting']],
    ],
    [
      'Syrup\nSucrose 2.000 kg\nWater 0.650 kg\n\nFrappe\nAlbumen 0.060 kg',
      [
        ['syrup', 'Sucrose 2.000 kg', 'Water 0.650 kg'],
        ['frappe', 'Albumen 0.060 kg'],
      ],
    ],
  ])('is read line by line: %j', (text, lines) => expect(list(`A sweet\n\n${text}`)).toEqual(lines))

  it.each([
    ['Sucrose - 500 g\nWater - 150 g\n1. Boil to 150 C.\n2. Pour.', [[null, 'Sucrose - 500 g', 'Water - 150 g']]],
    ['Sugar: 2 cups\nButter: 1 cup\nMethod: cook to 300F.', [[null, 'Sugar: 2 cups', 'Butter: 1 cup']]],
    ['All in grams\nSugar 500\nButter 200\nMethod\nCook to 121 C.', [[null, 'Sugar 500 g', 'Butter 200 g']]],
    [
      'Raw materials / g per kg finished\nSugar 500\nButter 200\nMethod\nCook it.',
      [[null, 'Sugar 500 g', 'Butter 200 g']],
    ],
    ['Chocolate drops 300 g\nCream 200 g\nBoil.', [[null, 'Chocolate drops 300 g', 'Cream 200 g']]],
    ['Caramel 2 kg\nSugar 900 g\nButter 400 g\nCook to 121 C.', [[null, 'Sugar 900 g', 'Butter 400 g']]],
    [
      'Phase 1:\nsugar 300 g\nwater 90 g\nPhase 2:\nbutter 40 g\n\nMethod\nBoil phase 1 to 121 C. Stir in phase 2.',
      [
        ['Phase 1', 'sugar 300 g', 'water 90 g'],
        ['Phase 2', 'butter 40 g'],
      ],
    ],
  ])('that has no name over it begins with its first line: %j', (text, lines) =>
    expect(splitRecipe(text).list.map((s) => [s.heading, ...s.lines])).toEqual(lines),
  )

  it('says what goes around a sweet by what it is for', () => {
    const { formula, asks } = readRecipe(
      'Marshmallow\n\n350 g caster sugar\n120 ml water\n18 g gelatine\n50 g icing sugar + 50 g cornflour for dusting\n\nBoil the sugar and water to 127 °C. Stir in the gelatine. Whisk until thick. Leave overnight. Dust and cut 3 cm cubes.',
      pantryOf(),
    )
    const dust = formula.steps.find((s) => /^Dust/.test(s.say))?.adds
    expect(formula.lines.filter((l) => l.group === dust).map((l) => l.ingredient)).toEqual(['icing-sugar', 'cornflour'])
    expect(asks?.map((a) => a.id)).not.toContain('place')
  })

  it('stands alone on a card: what is written around it is left, and nothing else', () => {
    const { name, list, method, left, makes } = splitRecipe(
      'Honey chews\n4.8 from 112 votes\nPerfumed with honey.\nPrep Time 5 minutes\nCourse: Sweets\nMakes 64\nEquipment\n8 inch pan\nIngredients\nUS Customary – Metric\n1x 2x 3x\n▢ 200 g sugar\n▢ 100 g honey\nInstructions\nBoil all to 120 °C.\nNutrition\nCalories: 54',
    )
    expect([name, makes]).toEqual(['Honey chews', 64])
    expect(list.flatMap((s) => s.lines)).toEqual(['▢ 200 g sugar', '▢ 100 g honey'])
    expect(method.flatMap((s) => s.lines)).toEqual(['Boil all to 120 °C.'])
    expect(left).toHaveLength(9)
    // with an amount above it, that is a list as well
    const two = splitRecipe('Chews\n200 g sugar\nIngredients\n100 g honey\nMethod\nBoil all to 120 °C.')
    expect(two.list.flatMap((s) => s.lines)).toEqual(['200 g sugar', '100 g honey'])
  })

  it.each([
    ['Sucrose 62.0 %\nGlucose syrup 43DE 20 %\nCream 35 % 18 %\nBatch 10 kg', [6200, 2000, 1800]],
    ['62 % sugar\n20 % glucose syrup 42 DE\n18 % water', [620, 200, 180]],
    ['Sugar 60 %\nGlucose syrup 43DE 40 %\nTotal 100 %', [600, 400]],
    ['Sugar 40 %\nWater 20 %', []],
    ['500 g cream 36 %\n100 g sugar', [500, 100]],
    ['Sucrose 2000\nGlucose syrup 42 DE 1600\nWater 600\nAll g.', [2000, 1600, 600]],
    ['Sucrose 2000\nGlucose syrup 42 DE 1600\nWater 600\n(all g)', [2000, 1600, 600]],
    ['Sucrose 2000 | Glucose syrup 42 DE 1600 | Water 600 | Vanilla 2 pods\n(all in g)', [2000, 1600, 600, 6]],
    ['Sucrose 2000, glucose syrup 42 DE 1600, water 600\nWeights in grams', [2000, 1600, 600]],
    ['Raw materials (kg)\nSugar 3.000\nWater 1.000\nTo cooled mass (g)\nCitric acid 50', [3000, 1000, 50]],
    [
      'Butter 225g, sugar 225g, water 3 tbsp, salt ½ tsp, almonds 100g (toasted, half chopped)',
      [225, 225, 44.4, 3, 100],
    ],
    ['butter 100g soft brown sugar 100g golden syrup 40 g double cream 150 g vanilla 1tsp', [100, 100, 40, 150, 4.2]],
    [
      '100g butter 100g soft brown sugar 40g golden syrup 150g double cream 1 1/2 tsp vanilla',
      [100, 100, 40, 150, 6.3],
    ],
    ['Sucrose 2000\nWater 600', []],
    ['Sugar 40, cream 35% 60, water 12.5, salt 0.4 (kg)', [40000, 60000, 12500, 400]],
    ['sugar 350 | water 120 | butter 15 | salt 5 (all g)', [350, 120, 15, 5]],
    ['Sugar 2.5 cups, water 6 tablespoons, baking soda 4 teaspoons, vanilla 2 teaspoons.', [500, 88.7, 18.4, 8.4]],
    ['Ingredient / kg\nSugar 4.000\nWater 1.05', [4000, 1050]],
    ['Sugar 800\nVanilla pods 2\nall in g', [800, 6]],
    ['Sugar 300 g\nWater 100 g\nTotal weight 400 g', [300, 100]],
  ])('is weighed as it says for all of it: %s', (text, grams) => {
    const { formula } = readRecipe(`Centres\n\n${text}\n\nMethod\nBoil all to 117 °C. Pour out.`, pantryOf())
    expect(formula.lines.map((l) => l.grams)).toEqual(grams)
  })

  it('knows a heading over lines that end in their amounts, without units as well', () => {
    const { list } = splitRecipe(
      'Filled drops\n\nShell\nSugar 600\nWater 200\n\nFilling\nIcing sugar 80\nCitric acid 10\n\nAll grams.\n\nBoil the shell sugar and water to 152 °C. Pour on the slab.',
    )
    expect(list.map((s) => [s.heading, ...s.lines])).toEqual([
      ['shell', 'Sugar 600 g', 'Water 200 g'],
      ['filling', 'Icing sugar 80 g', 'Citric acid 10 g'],
    ])
  })

  it('leaves what is only a remedy, and how much there will be of it, in the notes', () => {
    const { formula, left } = readRecipe(
      'Pralines\n(about 40)\n\n300 g sugar\n120 g cream\n\nMethod\nBoil all to 114 °C. Stir until cloudy. Drop by spoonfuls. If it sets up in the pot, stir in a teaspoon of hot water.',
      pantryOf(),
    )
    expect(formula.lines.map((l) => l.ingredient)).toEqual(['sugar', 'cream-36'])
    expect(left).toEqual(['(about 40)', 'If it sets up in the pot, stir in a teaspoon of hot water'])
  })

  it('has nothing to do with the praise above it; what is to be done there is kept', () => {
    const told = (intro: string) =>
      splitRecipe(
        `Toffee\n\n${intro}\n\n200 g sugar\n200 g butter\n\nMelt the butter. Add the sugar and cook to 149 °C.`,
      ).method.flatMap((s) => s.lines)
    expect(told('This buttery toffee is topped with dark chocolate and sea salt.')).toHaveLength(1)
    expect(told('Line a baking sheet with parchment and put it by the stove.')).toHaveLength(2)
    expect(splitRecipe('Toffee\n\nBoiling 200 g sugar with 200 g butter to 149 °C makes toffee.').method).toHaveLength(
      1,
    )
  })

  it('is read to the end of a name: milk powder is no milk, and what is not known is not lost', () => {
    const { formula, questions } = readRecipe(
      'Chews\n\nPut in ½ tsp salt. Boil 200 g glucose syrup and 220 g sugar with 30 g palm kernel fat to 125 °C. Cool to 100 °C, stir in 3 g citric acid and 30 g milk powder. Pour out.',
      pantryOf(),
    )
    expect(formula.lines.map((l) => l.ingredient)).toEqual(['salt', 'glucose-42', 'sugar', 'citric-acid'])
    expect(questions.map((q) => q.text)).toEqual(['30 g palm kernel fat', '30 g milk powder'])
  })

  it('can stand in the method itself, its amounts in brackets', () => {
    const { formula } = readRecipe(
      'Chews\n\nTake 2 mugs (about 450g) of sugar, a small tub of double cream (300ml) and a jar of honey (330 g). Cook to 121 °C. Pour out.',
      pantryOf(),
    )
    const grams = Object.fromEntries(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)]))
    expect(grams).toEqual({ sugar: 450, 'cream-48': 301, honey: 330 })
  })

  it('has no water of what is steeped and strained, and the best of sugar', () => {
    const { formula } = readRecipe(
      'Barley sugar\n\nSteep 300 ml water with 10 g dried mint 15 min; strain. Take 1 lb of the best loaf sugar and boil it to 154 °C. Pour out.',
      pantryOf(),
    )
    expect(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([['sugar', 454]])
  })

  it('has no line that boils to a heat, however short it is', () => {
    const { formula, questions } = readRecipe(
      'Rock\n\n4 kg sugar\n1.3 l water\nBoil to 146 °C\nPour on the table\nCut 200 mm sticks',
      pantryOf(),
    )
    expect([questions, formula.lines.length, formula.target?.celsius]).toEqual([[], 2, 146])
  })

  it('can stand in the sentence that puts it into the pot', () => {
    const { formula, questions } = readRecipe(
      'Pull candy\n\nPut into a heavy kettle: 2 cups molasses, 1 cup sugar, 3/4 cup water. Cook slowly to 260 F. Add 3 Tbsp butter, 1/8 tsp soda. Do not stir at all. Pour out. When cool enough, pull until light tan.',
      pantryOf(),
    )
    expect(formula.lines.map((l) => l.ingredient)).toEqual(['treacle', 'sugar', 'water', 'butter', 'soda'])
    expect([questions.map((q) => q.text), formula.target?.celsius]).toEqual([[], 126.7])
  })

  it.each([
    [
      'so for the honeycomb its 300 sugar 150 golden syrup (grams) plus 1 tbsp of bicarb, nothing else\n\nmedium heat till the sugar melts. To 150 °C. bicarb in. straight into a tin',
      { sugar: 300, 'golden-syrup': 150, soda: 13.8 },
    ],
    [
      'Fudge\n\n2lb sugar, 1/4lb butter, cup of milk\n\nBoil all to 116 °C. Pour out.',
      { sugar: 907.2, butter: 113.4, 'milk-whole': 244 },
    ],
    [
      'Drops\n\n200 g (1 cup) sugar + 100 g (1/2 cup) for dusting\n\nBoil the sugar to 150 °C. Pour out. Dust.',
      { sugar: 300 },
    ],
    [
      'Drops\n\n2 1/2 cups (500 g) sugar plus 2 tbsp for dusting\n\nBoil the sugar to 150 °C. Pour out. Dust.',
      { sugar: 525 },
    ],
  ])('can be told in one breath: %s', (text, wanted) => {
    const { formula, questions } = readRecipe(text, pantryOf())
    const grams: Record<string, number> = {}
    for (const l of formula.lines) grams[l.ingredient] = (grams[l.ingredient] ?? 0) + l.grams
    expect([questions.map((q) => q.text), grams]).toEqual([[], wanted])
  })

  it('is asked about where all there is of it is an amount of the one thing', () => {
    const { questions } = readRecipe(
      'Maple cream\n\nTake 1 quart of the dark syrup. Boil it to 112 °C. Pour out.',
      pantryOf(),
    )
    expect(questions.map((q) => q.text)).toEqual(['1 quart dark syrup'])
    const { questions: big } = readRecipe(
      'Fudge\n\n2 lb sugar, big tin condensed milk\n\nBoil all to 116 °C. Pour.',
      pantryOf(),
    )
    expect(big.map((q) => q.text)).toEqual(['big tin condensed milk'])
  })

  it('can stand in the method itself, in words', () => {
    const { formula, questions } = readRecipe(
      'Twists\n\nTake one pound of loaf sugar, half a pint of water and a small teaspoonful of cream of tartar. Boil them to the crack, which is 300 degrees. Flavour with ten drops of oil of aniseed. Turn out.',
      pantryOf(),
    )
    expect(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([
      ['sugar', 454],
      ['cream-of-tartar', 3],
      ['flavour', 0],
    ])
    // whose pint, is asked
    expect(questions.map((q) => q.reading.question.id)).toEqual(['which-pint'])
  })
})

it('a list is what one will need, though it stands in the same row as the name and the method', () => {
  const { formula, questions } = readRecipe(
    "Treacle drops. You'll need: demerara sugar (500g), unsalted butter (125g), water (150ml), a teaspoon of lemon juice. Melt sugar in the water slowly. Add the lemon juice and boil to 138C. Add the butter and boil on to 144C. Drop teaspoonfuls on to oiled parchment.",
    pantryOf(),
  )
  expect(formula.name).toBe('Treacle drops')
  expect(formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])).toEqual([
    ['demerara', 500],
    ['butter', 125],
    ['water', 150],
    ['lemon-juice', 5],
  ])
  expect([questions, formula.ready]).toEqual([[], undefined])
})

it('a list is told in one row by semicolons, after the name and before the method', () => {
  const { formula, asks } = readRecipe(
    "Maple fudge. 2 cups maple syrup; 1 cup cream; 1 tbsp. corn syrup; 1 cup chopped walnuts; 1 tsp vanilla. Boil first 3 ingredients to soft ball 236 deg. F. Don't stir. Cool to lukewarm (110 F). Add vanilla, beat. When thick, add nuts, pour into buttered 8 in. pan.",
    pantryOf(),
  )
  const first = formula.lines.filter((l) => l.group === formula.steps[0]?.adds)
  expect(first.map((l) => l.ingredient)).toEqual(['maple-syrup', 'cream-36', 'corn-syrup'])
  expect([formula.name, asks.map((a) => a.id)]).toEqual(['Maple fudge', ['family']])
})

it('the first line of a list is no name, however its amount is written', () => {
  const { name, lines } = readRecipe(
    'Brittle\nMakes 1 lb 4 oz\n\n* 1-1/2 cups white sugar\n* 3/4 cup water\n* 1/3 cup corn syrup\n\n1) Boil all to 150 °C. 2) Pour.',
    pantryOf(),
  ).formula
  expect([name, lines.map((l) => Math.round(l.grams))]).toEqual(['Brittle', [300, 177, 109]])
})

it('how a thing of a row is, is no thing of its own', () => {
  const { formula } = readRecipe(
    'Bars\n\nFor the toffee: 397 g tin condensed milk, 150 g light brown sugar, 120 g banana puree, mashed, 150 g butter\n\nBoil it all to 112 °C. Pour.',
    pantryOf(),
  )
  expect(formula.lines).toHaveLength(4)
})

// a paste is read while somebody waits: no text may take more than a moment, whatever it repeats
it.each([
  'boil to 1 to 12, ',
  'cook to 118, add a, ',
  'one pound of one pound of ',
  'a 400 g, water 125 ml, ',
  'whisk icing sugar ',
  'the milk and ',
  '"\n',
  '1 g + \n',
  "5'. ",
  'a,1,g,\n',
  'sugar to 150C, cream in, 118, ',
  'a | ',
  'one cup of ',
  '12 oz zog, ',
  'Dr. ',
  'p. 4\n',
  '1/ ',
  'gran-\nulated ',
  '7 16 °C ',
])('a text that repeats %j is read at once', (piece) => {
  const read = readRecipe(`A sweet\n\n${piece.repeat(Math.floor(4_000 / piece.length))}`, pantryOf())
  expect(read.formula.steps.length).toBeGreaterThan(0)
})

test.each([
  ['SALTED BUTTER CARAMEL APPLES (makes 8)', 'Salted butter caramel apples'],
  ['PATE DE FRUIT - FRAMBOISE', 'Pate de fruit - framboise'],
  ['Subject: Re: the sea foam', 'the sea foam'],
  ['Treacle squares, no beating.', 'Treacle squares, no beating'],
  ['Soft nougat          batch 2.4 kg', 'Soft nougat'],
  ['Nan’s BBQ brittle', 'Nan’s BBQ brittle'],
])('%s is called %s', (title, name) => {
  const { formula } = readRecipe(`${title}\n\n300 g sugar\n100 g water\n\nBoil it all to 150 °C. Pour.`, pantryOf())
  expect(formula.name).toBe(name)
})

describe('a list of bare numbers', () => {
  const NOTES =
    'Chews\n\nSugar 420\nGlucose syrup 440\nWater 120\nAlmonds 60 (chopped)\nVanilla pods 2\n\nCook all to 121 °C. Pour.'
  const gramsIn = (text: string, answers = {}) =>
    readRecipe(text, pantryOf(), [], answers).formula.lines.map((l) => l.grams)
  const asksOf = (text: string) =>
    readRecipe(text, pantryOf()).asks.flatMap((a) => (a.id === 'weights' ? [a.text] : []))

  it('is asked for its unit once, and weighs nothing before that', () => {
    expect(asksOf(NOTES)).toEqual(['Sugar 420'])
    expect(gramsIn(NOTES)).not.toContain(420)
    expect(gramsIn(NOTES, { weights: 'g' }).slice(0, 4)).toEqual([420, 440, 120, 60])
    expect(gramsIn(NOTES.replace('420', '4.2'), { weights: 'kg' })[0]).toBe(4200)
    expect(gramsIn(NOTES, { weights: 'oz' })[0]).toBeCloseTo(420 * 28.35, 0)
    // what is counted is no weight
    expect(readRecipe(NOTES, pantryOf(), [], { weights: 'g' }).formula.lines.at(-1)?.grams).toBeLessThan(10)
  })

  it('is asked for its unit once where dots lead to its numbers, and a temperature is no cup', () => {
    const led =
      'SOFT CARAMEL (target 4 kg)\n\nSugar ........ 1150\nGlucose 60DE . 650\nSw. cond. milk 400\n\n1 boil all to 119.5 C\n2 slab 14 mm, rest 24h @ 18C'
    expect(asksOf(led)).toEqual(['Sugar 1150'])
    expect(gramsIn(led, { weights: 'g' })).toEqual([1150, 650, 400])
  })

  it('is asked for its unit where the numbers stand first, too', () => {
    const first = 'Chews\n\n420 sugar\n440 glucose syrup\n120 water\n6 salt\n3 egg whites\n\nCook all to 121 °C. Pour.'
    expect(asksOf(first)).toEqual(['420 sugar'])
    expect(gramsIn(first, { weights: 'g' })).toEqual([420, 440, 120, 6, 99])
    expect(asksOf('Chews\n\n3 egg whites\n2 lemons\n12 sheets\n8 apples\n\nCook all to 121 °C. Pour.')).toEqual([])
  })

  it('is asked for the rest of it, where one line alone is in kilograms', () => {
    const some = 'Brittle\n\n1.2kg caster\n600 corn syrup\n360 water\n80 butter\n\nCook all to 150 °C. Pour.'
    expect(asksOf(some)).toEqual(['600 corn syrup'])
    expect(gramsIn(some, { weights: 'g' })).toEqual([1200, 600, 360, 80])
  })

  it('is none where a line has a unit, or the text says one of all', () => {
    expect(asksOf(NOTES.replace('Water 120', 'Water 120 g'))).toEqual([])
    for (const [said, grams] of [
      ['Weights in grams', 4.2],
      ['(lbs)', 4.2 * 453.6],
      ['All weights in ounces.', 4.2 * 28.35],
    ] as const) {
      expect(asksOf(`${said}\n${NOTES}`)).toEqual([])
      expect(gramsIn(NOTES.replace('420', '4.2').replace('\n\n', `\n${said}\n`))[0]).toBeCloseTo(grams, 0)
    }
    expect(asksOf('Toffee\n\n2 cups sugar\n1 cup butter\n\nCook to 118\nHeat to 130\nBoil to 149')).toEqual([])
  })
})
