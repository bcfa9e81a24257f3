/** How hard the ring burns, as a recipe says it, and where it is turned. */
import { describe, expect, it } from 'vitest'
import { pantryOf } from '../../matter/names'
import { readRecipe } from '../recipe'

const pantry = pantryOf()
/** Every step that sets the ring, in words, with its mark on the dial. */
function flames(method: string): string[] {
  const { formula } = readRecipe(`Caramels\n\n400 g sugar\n300 g cream\n90 g butter\n60 ml water\n\n${method}`, pantry)
  return formula.steps.flatMap(({ heat, when, say }) =>
    heat === undefined ? [] : [`${heat} ${when.on}: ${say.slice(0, 18)}`],
  )
}

describe('the flame of a written recipe', () => {
  it.each([
    [
      'that of no mixer on high',
      'Boil all to 110 °C. Pour a quarter of it onto the whites, beating on high. Return the rest to the heat and cook to 118 °C.',
      ['6 ready: Boil all to 110°', '6 ready: Return the rest to'],
    ],
    ['medium where nothing is said', 'Boil all to 118 °C.', ['6 ready: Boil all to 118°']],
    [
      'very low, in short',
      'Melt the butter in the cream, add the rest, heat v. low till no grit is left. Bring to the boil, cook to 118 °C.',
      ['2 ready: Melt the butter in', '6 ready: Turn the heat up'],
    ],
    [
      'said in front of a comma, and turned up by one word',
      'All in, low till melted. Up the heat, cook to 118 °C.',
      ['3 ready: All in, low till m', '6 ready: Up the heat, cook '],
    ],
    [
      'by the gas',
      'Dissolve all, gas on half. Full gas to 118 °C.',
      ['5 ready: Dissolve all, gas ', '9 ready: Full gas to 118°'],
    ],
    ['as it is lit', 'Put all in a pan over medium-high heat. Cook to 118 °C.', ['8 ready: Put all in a pan o']],
    [
      'turned down before what is cooked over it',
      'Boil all to 108 °C. Reduce the heat to medium-low and cook to 118 °C.',
      ['6 ready: Boil all to 108°', '4 ready: Reduce the heat to'],
    ],
    [
      'turned up by so much',
      'Stir all over a low heat until dissolved. Turn up the heat and boil to 118 °C.',
      ['3 ready: Stir all over a lo', '6 ready: Turn up the heat a'],
    ],
    [
      'turned up though nobody writes so, once all is dissolved',
      'Stir all over a low heat until dissolved. Boil to 118 °C.',
      ['3 ready: Stir all over a lo', '6 ready: Turn the heat up'],
    ],
    [
      'and not where it was turned down to stay so',
      'Boil all to 108 °C. Turn the heat down to low. Cook to 118 °C.',
      ['6 ready: Boil all to 108°', '3 ready: Turn the heat down'],
    ],
    [
      'all the way down, and back up',
      'Boil all to 108 °C. Turn the heat right down and stir. Turn the heat back up to medium and cook to 118 °C.',
      ['6 ready: Boil all to 108°', '3 ready: Turn the heat righ', '6 ready: Turn the heat back'],
    ],
    [
      'lowered a little',
      'Boil all to 108 °C. Lower the heat slightly and cook to 118 °C.',
      ['6 ready: Boil all to 108°', '5 ready: Lower the heat sli'],
    ],
    [
      'reduced to a flame by its name alone',
      'Boil all over high heat to 108 °C. Reduce to medium and cook to 118 °C.',
      ['9 ready: Boil all over high', '6 ready: Reduce to medium a'],
    ],
    [
      'lowish',
      'Melt all in the pan, lowish heat. Boil to 118 °C.',
      ['3 ready: Melt all in the pa', '6 ready: Turn the heat up'],
    ],
    ['nor under what is gentle', 'Melt all over a low heat. Simmer gently to 118 °C.', ['3 ready: Melt all over a lo']],
    [
      'back on a low simmer, and turned once',
      'Boil all to 108 °C. Take off the heat, stir. Back on a low simmer to 118 °C.',
      ['6 ready: Boil all to 108°', '3 ready: Back on a low simm'],
    ],
    [
      'after it boils, where it says so',
      'Put all in a pan. Bring to the boil, then simmer over a low heat for 10 minutes. Cook to 118 °C.',
      ['6 ready: Put all in a pan', '3 boil: Bring to the boil,'],
    ],
    [
      'turned where it has got hot enough, and not before',
      'Boil all. At 110 °C turn the heat down to low. Cook to 118 °C.',
      ['6 ready: Boil all', '3 rises: At 110° turn the h'],
    ],
    [
      'turned where it says so after the heat, or before it',
      'Boil all to 105 °C, then lower the heat slightly. Turn it down to low at 112 °C. Cook to 118 °C.',
      ['6 ready: Boil all to 105°, ', '5 rises: Boil all to 105°, ', '3 rises: Turn it down to lo'],
    ],
    [
      'turned once it has boiled for so long',
      'Boil all for 5 minutes, then turn the heat down. Cook to 118 °C.',
      ['6 ready: Boil all for 5 min', '3 after: Boil all for 5 min'],
    ],
    [
      'turned as it boils, in the sentence that brings it there',
      'Bring all to the boil, then reduce the heat to low. Cook to 118 °C.',
      ['6 ready: Bring all to the b', '3 boil: Bring all to the b'],
    ],
    [
      'turned as it boils, though the same sentence cooks on',
      'Put all in a pan. Once boiling, lower the heat and cook to 118 °C.',
      ['6 ready: Put all in a pan', '3 boil: Once boiling, lowe'],
    ],
    [
      'turned as it boils, where that is brought about before',
      'Put all in a pan. Bring to a boil, then reduce heat to medium-low and cook until it reaches 118 °C.',
      ['6 ready: Put all in a pan', '4 boil: Bring to a boil, t'],
    ],
    [
      'its own, whatever burns under another pan',
      'Boil sugar, butter and water. At 110 °C warm the cream in a second pan over a low flame. Cook to 118 °C.',
      ['6 ready: Boil sugar, butter'],
    ],
    [
      'at the head of what is said, and up by two words',
      'Melt the butter in the cream over low heat, then turn up. Add sugar and water. Med-high to 110 °C. Medium to 118 °C.',
      ['3 ready: Melt the butter in', '6 ready: Turn up', '8 ready: Med-high to 110°', '6 ready: Medium to 118°'],
    ],
    [
      'ordinary again once it comes back on',
      'Boil sugar and water over a low flame to 150 °C. Off the heat add the cream and butter. Back on, cook to 118 °C.',
      ['3 ready: Boil sugar and wat', '6 ready: Back on'],
    ],
    [
      'lit where the pan is filled, if it is cooked before it goes back on',
      'Combine the sugar and water in a pan. Let it bubble until it is amber. Add the cream and butter. Return to the heat and cook to 118 °C.',
      ['6 ready: Combine the sugar ', '6 ready: Return to the heat'],
    ],
    [
      'low where something is melted slowly, and no longer where that is brought to the boil',
      'Melt all slowly. Bring to the boil and simmer 10 minutes. Cook to 118 °C.',
      ['3 ready: Melt all slowly', '6 ready: Turn the heat up'],
    ],
    [
      'none that is turned off, however slowly is stirred then',
      'Boil sugar and water to 150 °C. Turn off the heat and slowly stir in the cream and butter. Back on, cook to 118 °C.',
      ['6 ready: Boil sugar and wat', '6 ready: Back on'],
    ],
    [
      'no speed of a mixer',
      'Boil all to 118 °C. Beat on high for 5 minutes. Turn the mixer to low.',
      ['6 ready: Boil all to 118°'],
    ],
  ])('is %s', (_, method, wanted) => expect(flames(method)).toEqual(wanted))
})
