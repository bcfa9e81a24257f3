import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'
import { plainLines } from './plain'

const pantry = pantryOf()
const gramsIn = (text: string) => {
  const { formula, questions } = readRecipe(text, pantry)
  expect(questions.map((q) => q.text)).toEqual([])
  return formula.lines.map((l) => [l.ingredient, Math.round(l.grams)])
}

describe('a pasted text as plain lines', () => {
  it.each([
    ['Day 1\nBoil it.', 'Boil it.'],
    ['## Method', 'Method'],
    ['200 g      7 oz       caster sugar', '200 g/7 oz       caster sugar'],
    ['1&frac12; cups &amp; 250&deg;F, &#189;', '1½ cups & 250°F, ½'],
    ['l cup sugar', '1 cup sugar'],
    ['1I2 teaspoon soda', '1/2 teaspoon soda'],
    ['> **Boil** to _118_ °C.', 'Boil to 118 °C.'],
    ['- [ ] **200 g** sugar', '200 g sugar'],
    ['- [x] 200 g sugar', '200 g sugar'],
    ['* 400g caster sugar', '* 400g caster sugar'],
    ['A 2*3*4 tin', 'A 2*3*4 tin'],
    ['*Makes 36*', 'Makes 36'],
    ['2️⃣ Melt it gently', 'Melt it gently'],
    ['🍯 Honey caramels', 'Honey caramels'],
    ['**Toffee**', 'Toffee'],
    ['1. **Prep** – line a tin', '1. Prep: line a tin'],
    ['• .5 c corn syrup', '• 0.5 c corn syrup'],
    ['Gelatine: 10 leaves gold', '10 leaves gold Gelatine'],
    ['2 tbsp til seeds', '2 tbsp til seeds'],
    ['Cook til it is clear', 'Cook till it is clear'],
    ['All clear and light brown → take off fire', 'When all clear and light brown, take off fire.'],
    ['then 1 c walnuts + tsp vanilla', 'Then 1 c walnuts + 1 tsp vanilla'],
    ['2) Butter, honey → boil → 146°C (6 min)', '2) Add butter, honey. Cook to 146°C (6 min).'],
    ['off heat: vanilla', 'Off the heat add vanilla'],
    ['Off heat, quickly stir in butter', 'Off heat, quickly stir in butter'],
    ['Off → seeds, salt', 'Off the heat add seeds, salt'],
    ['3 g butter -> stir in, back to 130 °C', 'Add 3 g butter. Stir in, cook back to 130 °C.'],
  ])('%s is read as %s', (typed, plain) => expect(plainLines(typed)).toEqual([plain]))

  it.each([
    [
      'a column of letters',
      ['A  Egg white 36 g', '   Sugar 9 g', 'B  Honey 90 g'],
      ['A:', 'Egg white 36 g', 'Sugar 9 g', 'B:', 'Honey 90 g'],
    ],
    [
      'two lines of a list in one row, far apart',
      ['2 1/2 c. sugar          1/4 tsp. salt', '1/2 c. water    2 egg whites', '2 cups cream    (480 ml)'],
      ['2 1/2 c. sugar', '1/4 tsp salt', '1/2 c. water', '2 egg whites', '2 cups cream    (480 ml)'],
    ],
    ['letters that begin with none', ['B  Honey 90 g', 'C  Sugar 9 g'], ['B  Honey 90 g', 'C  Sugar 9 g']],
    [
      'steps counted without a point',
      ['1 Line a tin with paper', '2 Boil the sugar', '3 Pour it on the slab', '4 Break it when it is cold'],
      ['1. Line a tin with paper', '2. Boil the sugar', '3. Pour it on the slab', '4. Break it when it is cold'],
    ],
    [
      'steps with their word',
      ['Step 1: Boil the sugar to 118 °C.', 'Step 2 - Pour it out.', 'Step 3: Cutting'],
      ['1. Boil the sugar to 118 °C.', '2. Pour it out.', 'Step 3: Cutting'],
    ],
    [
      'steps counted without a point that begin small',
      [
        '1 boil cream and vanilla, hold 80',
        '2 melt the sugar to amber',
        '3 cream in 4 additions',
        '4 to 117.5',
        '5 16 °C 24 h, cut 25 mm squares',
      ],
      [
        '1. boil cream and vanilla, hold 80',
        '2. melt the sugar to amber',
        '3. cream in 4 additions',
        '4. to 117.5',
        '5. 16 °C 24 h, cut 25 mm squares',
      ],
    ],
    [
      'a table with a column of groups',
      ['Stage | Name | g', '1 | Sugar | 400', '1 | Water | 130', '2 | Butter | 60', 'Cook stage 1 to 121 °C.'],
      ['Stage 1:', '400 g Sugar', '130 g Water', 'Stage 2:', '60 g Butter', 'Cook stage 1 to 121 °C.'],
    ],
    [
      'notes of which each row is something done',
      [
        'isomalt and water to 167-170C, stop cooking in a cold bath',
        'wait for the bubbles to go, 140C: flavour and colour',
        'deposit 125-130C in moulds with their sticks',
        'cool, wrap as soon as they are cold',
      ],
      [
        'isomalt and water to 167-170C, stop cooking in a cold bath',
        'wait for the bubbles to go, 140C: flavour and colour',
        'deposit 125-130C in moulds with their sticks',
        'cool, wrap as soon as they are cold',
      ],
    ],
    [
      'amounts that happen to count',
      ['1 Cup granulated sugar', '2 Cups heavy cream', '3 Tablespoons salted butter', '4 Ounces dark chocolate'],
      ['1 Cup granulated sugar', '2 Cups heavy cream', '3 Tablespoons salted butter', '4 Ounces dark chocolate'],
    ],
    ['what is bought', ['1 Egg', '2 Lemons', '3 Oranges', '4 Limes'], ['1 Egg', '2 Lemons', '3 Oranges', '4 Limes']],
  ])('tells what rows are by what stands before them: %s', (_, rows, lines) =>
    expect(plainLines(rows.join('\n')).filter((l) => l.trim())).toEqual(lines),
  )

  it.each([
    ['a step with its number', '1\tPut the sugar in a pan', '1 Put the sugar in a pan'],
    ['what has no amount', 'Boil\tuntil it is amber', 'Boil until it is amber'],
    ['what is asked about', 'Vanilla | some', 'Vanilla | some'],
  ])('loses nothing of a row: %s', (_, row, line) => expect(plainLines(row)).toEqual([line]))

  it('takes what a star leads to for a note, and a row of a list for none', () =>
    expect(plainLines('1 cup water*\n* 200 g sugar\n* Use less on humid days.')).toEqual([
      '1 cup water*',
      '* 200 g sugar',
      'Note: Use less on humid days.',
    ]))

  it('makes a heading of what is in bold, or marked as one, under the name', () =>
    expect(plainLines('**Bars**\n**Toffee**\n- 200 g sugar\n### Coat\n- 100 g chocolate')).toEqual([
      'Bars',
      'Toffee:',
      '- 200 g sugar',
      'Coat:',
      '- 100 g chocolate',
    ]))

  it('takes rows that are told by the clock for a method, and a figure alone for what it was cooked to', () => {
    const log = '1 kg sugar\n0:00 sugar and water on\n0:12 lid off\n0:26 121\n0:37 150 off, base in water\n1:05 cut'
    expect(plainLines(log)).toEqual([
      '1 kg sugar',
      'Method',
      'Sugar and water on.',
      'Lid off.',
      'Cook to 121.',
      'Cook to 150. Off, base in water.',
      'Cut.',
    ])
    // ratios are no clock
    const ratios = '2:10 acid to water\n1:20 sugar\n3:15 syrup'
    expect(plainLines(ratios)).toEqual(ratios.split('\n'))
  })

  it('takes a row over a rule for the head of its table, whatever its columns are called', () => {
    const table = '| Ingredient | US | Metric |\n|---|---|---|\n| Honey | 1 cup | 340 g |\n| Sugar | 1 cup | 200 g |'
    expect(plainLines(table)).toEqual(['1 cup Honey (340 g)', '1 cup Sugar (200 g)'])
  })

  it('ends a heading where what was set in under it ends', () => {
    const { formula } = readRecipe(
      'Clusters\n\nCaramel:\n  Cream 36% 300 g\n  Sugar 260 g\nPecans 400 g\n\nMethod\nCook caramel all-in to 119 °C, stir well. Lay the pecans on a mat. Deposit caramel on them.',
      pantry,
    )
    const groupOf = (id: string) => formula.lines.find((l) => l.ingredient === id)?.group
    expect(groupOf('cream-36')).toBe('pot')
    expect(groupOf('pecans')).not.toBe('pot')
  })

  it('has the numbers of its steps marked as such, and amounts as they are', () => {
    expect(
      plainLines(
        '1 Melt the butter with the lecithin\n2 Sheeter or pin.\n3 Break in 15 g pieces\n4 Wrap the pieces in waxed paper',
      ),
    ).toEqual([
      '1. Melt the butter with the lecithin',
      '2. Sheeter or pin.',
      '3. Break in 15 g pieces',
      '4. Wrap the pieces in waxed paper',
    ])
    for (const list of [
      '1 egg white\n2 cups sugar\n3 tbsp butter',
      '1 cup granulated white sugar of the finest kind\n2 cups double cream, warmed before\n3 tbsp soft butter, cubed',
      '1 vanilla pod\n2 oranges\n3 lemons',
      '1 Melt the butter in a pan and stir\n3 Pour it into a tin and let it cool.',
    ])
      expect(plainLines(list).join('\n')).toBe(list)
  })

  it('has no empty line', () => expect(plainLines('\n \nA\r\n\r\n\tB\n')).toEqual(['A', 'B']))

  it.each([
    ['with a head', 'Ingredient\tg\t%\nSugar\t400\t80\nWater\t100\t20'],
    ['with units alone over its numbers', '              g       %\nSugar       400     80\nWater       100     20'],
    ['with shares before its amounts', '              %       g\nSugar       80     400\nWater       20     100'],
    ['with an empty row under its head', 'Ingredient   %      g\n\nSugar       80     400\nWater       20     100'],
    [
      'whose longest name comes near its numbers',
      'Raw material      %        kg\nSugar            80.0     0.400\nWater (very soft)  20.0     0.100',
    ],
    ['in one row of names, parted by points', 'Sugar 400 g · Water 100 g'],
    ['in one row, parted by strokes', '400 g sugar // 100 g water'],
    ['with its columns the other way round', 'Weight (g)\tItem\n400\tSugar\n100\tWater'],
    ['with a unit in each cell', 'Sugar\t400 g\nWater\t100 ml'],
    ['in a sheet, parted by commas', 'Ingredient,Qty,Unit,Notes\n"Sugar, white",400,g,\nWater,100,ml,cold'],
    ['in a sheet, parted by semicolons', 'Item;g;%\nSugar;400;80\nWater;100;20'],
    ['amount first', '400 g\tsugar\n100 g\twater'],
    ['of bars', '| Sugar | 400 g |\n|---|---|\n| Water | 100 g |'],
    ['of bars, whose head asks how much', '| what | how much |\n|---|---|\n| Sugar | 400 g |\n| Water | 100 g |'],
    ['of bars with a head', '| Name | kg |\n|:--|--:|\n| Sugar | 0.4 |\n| Water | 0.1 |'],
  ])('takes a table %s for a list', (_, table) =>
    expect(gramsIn(`Drops\n\n${table}\n\nMethod\nBoil all to 150 °C. Pour.`)).toEqual([
      ['sugar', 400],
      ['water', 100],
    ]),
  )

  it.each([
    'Syrup: 2 c. sugar, 1 c. water, 1/2 c. butter',
    '2 c. sugar, 1 c. water, 1/2 c. butter',
    'Syrup: 2 cups sugar, 1 cup water, 1/2 cup butter',
    'Sugar 2 c. Water 1 c. Butter 1/2 c.',
  ])('ends no line of a row at what is only shortened: %s', (row) =>
    expect(gramsIn(`Sweets\n\n${row}\n\nBoil all to 120 °C. Pour.`)).toEqual([
      ['sugar', 400],
      ['water', 237],
      ['butter', 114],
    ]),
  )

  it('reads a recipe with the marks of a note as the same recipe without', () => {
    const marked =
      '# Miso drops\n\n*Prep 10 min*\n\n## Ingredients\n\n- [ ] **200 g** sugar\n- [ ] **80 g** water\n\n## Method\n\n1. In a **deep** pan, boil the sugar and water to **150.5 °C**.\n2. Pour.'
    const plain =
      'Miso drops\n\nIngredients\n200 g sugar\n80 g water\n\nMethod\n1. In a deep pan, boil the sugar and water to 150.5 °C.\n2. Pour.'
    const read = (text: string) => {
      const { notes: _, ...formula } = readRecipe(text, pantry).formula
      return formula
    }
    expect(read(marked)).toEqual(read(plain))
    expect(read(plain).target?.celsius).toBe(150.5)
  })
})
