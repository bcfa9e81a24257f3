/** Methods as a kitchen's own notes: bullets without full stops, arrows, remarks said of what stands before; as in `moments.table.ts`. */
import type { Moment } from './moments.table'

export const notedMoments: readonly Moment[] = [
  [
    'bullets as short as those of the list, under no heading',
    '- 300 g sugar\n- 150 g corn syrup\n- 80 g water\n- 200 g peanuts\n- 15 g butter',
    '- Boil sugar, syrup and water to 120 C\n- Add peanuts, stir to 155 C\n- Off heat, butter\n- Spread thin\n- Break when cold',
    155,
    [
      /^ready \+ sugar 300, corn-syrup 150, water 80: Boil/,
      /^rises 120: Boil/,
      /^ready \+ peanuts 200: Add peanuts/,
      /^target: Add peanuts/,
      /^ready \+ butter 15: Off the heat add butter$/,
      /^ready → out: Spread thin$/,
      /^window: Break when cold$/,
    ],
  ],
  [
    'arrows between what goes in and how hot it gets, without a list',
    '',
    '350 g sugar + 100 g water → 135 °C\n200 g double cream (hot) → back to 118 °C\noff heat + 40 g butter\nPour 12 mm, cut 20 mm',
    118,
    [
      /^ready \+ sugar 350, water 100: Add/,
      /^rises 135: Cook to 135°$/,
      /^ready \+ cream-48 200: Add/,
      /^target: Cook back to 118°$/,
      /^ready \+ butter 40: Off the heat add 40 g butter$/,
      /^ready → out: Pour 12 mm$/,
      /^window: Cut 20 mm$/,
    ],
  ],
  [
    'what else shows the same moment, and what is washed down all the while',
    '200 g caster sugar\n85 g golden syrup\n9 g baking soda',
    "Bubble the sugar and syrup until it's the colour of a new penny. If you've a thermometer it's 150°C. Wash down the sides at the start. Off the heat whisk in the soda and pour in the tin.",
    150,
    [
      /^ready \+ caster-sugar 200, golden-syrup 85: Bubble/,
      /^target: Bubble.*; if you've a thermometer it's 150°; wash down the sides at the start$/,
      /^ready \+ soda 9 → out: Off the heat/,
    ],
  ],
  [
    'whites that are begun as the syrup nears a heat; a drop that only tries it',
    '500 g sugar\n164 g corn syrup\n120 g water\n66 g egg whites\n100 g pecans',
    'Combine sugar, corn syrup and water in a pan. Cook to 126°C. As temperature reaches 121°C, beat the egg whites to stiff peaks. Pour the syrup over the whites. Drop a spoonful onto waxed paper. Stir in nuts. Drop remaining mixture from a teaspoon onto paper.',
    126,
    [
      /^ready \+ sugar 500, corn-syrup 164, water 120: Combine/,
      /^rises 121: As temperature/,
      /^target: Cook/,
      /^ready \+ egg-white 66: Pour the syrup/,
      /^ready: Drop a spoonful/,
      /^ready \+ pecans 100: Stir in/,
      /^ready → out: Drop remaining/,
    ],
  ],
  [
    'what is stirred together and set aside, and goes in by one of its names',
    '200 g sugar\n60 g water\n85 g butter\n160 g double cream\n30 g tahini',
    'Whisk the tahini into the cream. Set aside. Boil the sugar and water to 170°C. Off the heat whisk in the butter, then the tahini cream. Decant in to a jar (about 400ml).',
    170,
    [
      /^ready \+ sugar 200, water 60: Boil/,
      /^target: Boil/,
      /^ready \+ butter 85, cream-48 160, tahini 30: Off the heat/,
      /^ready → out: Decant/,
    ],
  ],
  [
    'a soak of an hour, for which nothing is lit; a weight on what lies in its frame',
    '900 g sugar\n250 g milk\n110 g butter',
    'Soak the sugar in the milk for an hour. Add the butter and heat slowly until dissolved. Boil to 116°C. Press into a 20 cm frame. Weigh down. Leave for 12 hours.',
    116,
    [
      /^ready \+ sugar 900, milk-whole 250: Soak/,
      /^ready \+ butter 110: Add the butter/,
      /^target: Boil/,
      /^ready → out: Press/,
      /^ready: Weigh down$/,
      /^after 43200: Leave/,
    ],
  ],
]
