/** What is typed in haste: strokes, arrows and dashes for words, things in the order they come to mind. */
import type { Moment } from './moments.table'

export const hastyMoments: readonly Moment[] = [
  [
    'a crack and its heat after a dash; what is done on the flame, and what is off it',
    '500 g panela\n100 g water\n300 g roasted peanuts\n20 g butter\n3 g salt',
    "Break the panela up and melt it with the water. Boil it up to hard crack - 150 or it makes glass in cold water. Peanuts, salt, stir 1 min on the flame. Butter off the flame. Spread it on an oiled marble. Break it when it's cold.",
    150,
    [
      /^ready \+ palm-sugar 500, water 100: Break the panela/,
      /^target: Boil it up/,
      /^ready \+ peanuts 300, salt 3: Peanuts, salt, stir/,
      /^after 60: Peanuts, salt, stir/,
      /^ready \+ butter 20: Butter off the/,
      /^ready → out: Spread it on/,
      /^window: Break it when/,
    ],
  ],
  [
    'steps counted by letters with a stroke, and a lid for minutes',
    '200 g sugar\n80 g water\n1 g cream of tartar\n2 g lemon oil',
    'a/ everything but the oil in a small pan, stir till it simmers, then stop stirring\nb/ lid on for 2-3 minutes so steam washes the sides\nc/ lid off, thermometer on, 149-150 °C\nd/ off heat; once bubbles stop, oil\ne/ spoon over sticks on silicone, 50 mm rounds\nf/ 15 min, bag',
    149.5,
    [
      /^ready \+ sugar 200, water 80, cream-of-tartar 1: Everything but the/,
      /^boil: Lid on for/,
      /^after 120: Lid on for/,
      /^target: Lid off, thermometer/,
      /^ready \+ flavour 2: Off heat; once/,
      /^ready → out: Spoon over sticks/,
      /^after 900: 15 min, bag/,
    ],
  ],
  [
    'sugar that is in the whites, and cooled under a heat',
    '120 g egg whites\n30 g sugar (in whites)\n360 g sugar\n60 g honey\n110 g water\n5 g vanilla extract',
    'Sugar, honey, water on. At 115 start the whites, add the 30. At 126 off, pour on the whites slowly. Cool under 60, vanilla. Spread 25 mm between bars.',
    126,
    [
      /^ready \+ sugar 360, honey 60, water 110: Sugar, honey, water/,
      /^rises 115: At 115° start/,
      /^target: Cook to 126°/,
      /^ready \+ egg-white 120, sugar 30: Off, pour on/,
      /^falls 60 \+ vanilla 5: Cool below 60°,/,
      /^ready → out: Spread 25 mm/,
    ],
  ],
  [
    'an arrow to a heat, stirring',
    '400 g sugar\n100 g butter\n60 g glucose 42 DE\n120 g water\n4 g salt',
    'Sugar/glucose/water → 120. Butter in, slowly. → 146 stirring. Salt off heat. Pour in moulds.',
    146,
    [
      /^ready \+ sugar 400, glucose-42 60, water 120: Cook sugar\/glucose\/water to/,
      /^rises 120: Cook sugar\/glucose\/water to/,
      /^ready \+ butter 100: Butter in, slowly/,
      /^target: Cook to 146°/,
      /^ready \+ salt 4: Salt off heat/,
      /^ready → out: Pour in moulds/,
    ],
  ],
  [
    'a heat before what is added there, one it has cooled below, and a step counted without a point that is a time',
    '300 g sugar\n200 g glucose 42 DE\n90 g water\n2 g citric acid\n40 g gelatine powder\n4 g vanilla extract',
    '1 Boil sugar, glucose and water together.\n2 112 add the acid.\n3 Cook to 118 °C.\n4 Below 90 add the gelatine.\n5 Vanilla.\n6 Pour in a frame.\n7 30 mins. Cut.',
    118,
    [
      /^ready \+ sugar 300, glucose-42 200, water 90: Boil sugar, glucose/,
      /^rises 112 \+ citric-acid 2: At 112° add/,
      /^target: Cook to 118°/,
      /^falls 90 \+ gelatin-powder 40: When it has/,
      /^ready \+ vanilla 4: Vanilla/,
      /^ready → out: Pour in a/,
      /^after 1800: 30 mins/,
      /^window: Cut/,
    ],
  ],
]
