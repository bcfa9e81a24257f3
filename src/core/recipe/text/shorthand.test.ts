import { describe, expect, it } from 'vitest'
import { spelledOut } from './shorthand'
import { writtenOut } from './written-out'

describe('shorthand, written out', () => {
  it.each([
    ['Boil honey and sugar to 149 C, sesame in, stir 1 min.', 'Boil honey and sugar to 149 C, add sesame, stir 1 min.'],
    ['Cook to 138°C, then the nuts in and stir.', 'Cook to 138°C, add nuts and stir.'],
    ['Honey to 121 °C onto the whites.', 'Cook honey to 121 °C. Pour honey onto whites.'],
    ['1) Sugar, glucose, water to 148 onto it.', '1) Cook sugar, glucose, water to 148. Pour on.'],
    ['Sugar, water at 155 (hard!) onto that.', 'Cook sugar, water to 155. Pour on.'],
    ['At 122 °C honey onto whites.', 'Cook honey to 122 °C. Pour honey onto whites.'],
    ['Wet an 18 cm tin, pour in, leave overnight.', 'Wet an 18 cm tin. Pour into it, leave overnight.'],
    ['Whites on at med when honey hits 108.', 'When honey hits 108 start the whites at med speed.'],
    [
      'Whites on low with the 30 g sugar when honey reads 110.',
      'When honey reads 110 start the whites with the 30 g sugar at low speed.',
    ],
    ['Honey to 124, onto the whites, speed 3.', 'Cook honey to 124. Pour honey onto whites, speed 3.'],
    ['No stirring. 305 off.', 'No stirring. Cook to 305, take off the heat.'],
    ['When 275, add the oil.', 'When it is at 275, add the oil.'],
    ['Bake 400 - 5 min.', 'Bake at 400 for 5 min.'],
    ['Trays 250F 45 min.', 'Bake the Trays at 250F 45 min.'],
    ['Reboil to 117 °C, then add butter.', 'cook back to 117 °C, then add butter.'],
    ['Re-boil it until it reads 246.', 'cook it back until it reads 246.'],
    ['Mix pectin with sugar (1), rain in, boil.', 'Mix pectin with sugar (1), rain in, boil.'],
    ['Sugar to 160°, cream in slowly (hot), cook 116°.', 'Sugar to 160°, add cream, cook to 116°.'],
    ['Décuire with hot cream.', 'Decook with hot cream.'],
    ['Wait for 50ish and beat.', 'cool to 50 and beat.'],
  ])('%j is %j', (said, whole) => expect(writtenOut(said)).toBe(whole))

  it('adds nothing between arrows that is only a time or a heat', () => {
    expect(spelledOut('118 °C → full cream milk')).toContain('Add full cream milk')
    const said = 'Sugar, water → gentle, stir till clear → full heat → 149 → off → 2 h → saw'
    expect(spelledOut(said)).toBe(
      'Add sugar, water. Gentle, stir till clear. Full heat. Cook to 149. Off the heat leave 2 h. Saw.',
    )
  })

  it.each([
    'Cook to 118 °C, put the lid in.',
    'Boil to 118 °C, everything in, stir.',
    'Stream the honey at 125 onto the whites.',
    'When the honey is at 125 pour it onto the whites.',
    'At 125 pour the honey onto the whites.',
    'Pour the syrup at 121 °C over the whites.',
    'When 250 g are in, stir.',
    'Wait for 40 or so minutes.',
    'When 120°C is reached stir in the nuts.',
  ])('%j is whole already', (said) => expect(writtenOut(said)).toBe(said))

  it('cooks it again where that stands before an arrow', () => {
    expect(spelledOut('Recook → 117 °C')).toBe('Cook to 117 °C.')
    expect(spelledOut('sugar + water → amber (170ish)')).toBe('Add sugar + water. Cook to 170.')
    expect(spelledOut('back on → 118 for soft, 121 firm')).toBe(
      'Put it back on the heat. Cook to 118 for soft, 121 firm.',
    )
  })

  it('cooks what stands beside a heat, and pours it where the arrow leads', () => {
    expect(spelledOut('Honey 125 °C → onto the whites → sugar/water 145 °C → stream, speed 2')).toBe(
      'Cook honey to 125 °C. Pour onto the whites. Cook sugar/water to 145 °C. Stream it in, speed 2.',
    )
  })

  it.each([
    ["2 cups sugar, 6 tbsp water: to 300F, don't stir.", "Add 2 cups sugar, 6 tbsp water. Cook to 300F, don't stir."],
    ['4 tsp soda, 2 tsp vanilla: in fast, off the heat.', 'Add 4 tsp soda, 2 tsp vanilla; fast, off the heat.'],
    ['60 g butter: in, and stir.', 'Add 60 g butter; and stir.'],
    ['200 g cream: in small tins', '200 g cream: in small tins'],
  ])('%j weighs, and says what is done: %j', (line, whole) => expect(spelledOut(line)).toBe(whole))
})
