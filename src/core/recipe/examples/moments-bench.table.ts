import type { Moment } from './moments.table'

/** Methods of a work bench: acids as solutions, what is floated on, a paste of its own pan, warm nuts, a rest that is a rest. */
export const benchMoments: readonly Moment[] = [
  [
    'what is floated on top off the heat goes in there',
    '400 g maple syrup\n150 g sugar\n160 ml whipping cream (35%)\n25 g butter\n80 g pecans',
    "Boil syrup, sugar, cream. Cook to soft ball (114 °C). Off heat, float the butter on top, don't stir. Cool undisturbed to 45 °C. Beat with a spoon till it thickens. Pecans in, press into a buttered tin.",
    114,
    [
      /^ready \+ maple-syrup 400, sugar 150, cream-36 \d+: Boil/,
      /^target: Cook/,
      /^ready \+ butter 25: Off heat, float the butter on top/,
      /^falls 45: Cool/,
      /: Beat/,
      /^ready \+ pecans 80 → out: Pecans/,
    ],
  ],
  [
    'an acid weighed as a solution is that acid and its water',
    'Raspberry puree 800 g\nSugar 900 g\nGlucose syrup DE 42 200 g\nCitric acid solution 50%\t12 g',
    'Boil the puree. Add sugar and glucose. Cook to 107 °C. Off heat add acid, deposit at once in a frame.',
    107,
    [
      /^ready \+ raspberry-puree 800: /,
      /^(?:ready|boil) \+ sugar 900, glucose-42 200: /,
      /^target: Cook/,
      /^ready \+ citric-acid 6, water 6 → out: Off heat add acid/,
    ],
  ],
  [
    'nuts that are folded in at a heat of their own are not waited for',
    '600 g honey\n700 g sugar\n200 g water\n60 g egg whites\n500 g almonds\n200 g pistachios',
    'Whip the whites. Boil honey, sugar and water to 143 °C. Pour onto the whites. Fold in almonds and pistachios, both at 80 °C. Press into a frame.',
    143,
    [
      /^ready \+ honey 600, sugar 700, water 200: /,
      /whip|Whip/,
      /^target: /,
      /^ready \+ egg-white 60: Pour/,
      /^ready \+ almonds 500, pistachios 200: Fold/,
      /^ready → out: Press/,
    ],
  ],
  [
    'a boil that takes about so long is waited for by the boil',
    '200 g sugar\n8 g cornstarch\n160 ml light corn syrup\n14 g butter\n120 ml water',
    'Whisk together sugar and cornstarch in a saucepan. Add corn syrup, butter and water. Stir over medium heat until butter melts and mixture boils (about 8 minutes). Cover for 2 minutes. Uncover and cook undisturbed to 254°F. Pour on a greased sheet.',
    123.3,
    [
      /^ready \+ sugar 200, cornflour 8: Whisk/,
      /^ready \+ corn-syrup \d+(?:\.\d)?, butter 14, water \d+: Add/,
      /^boil: Stir/,
      /^ready: Cover/,
      /^after 120: Cover/,
      /^target: Uncover|^target: Cook/,
      /^ready → out: Pour/,
    ],
  ],
  [
    'what stands under the name of what is made of it goes in with the rest of that',
    'Syrup\n 800 g caster sugar\n 300 ml water\nStarch cream\n 110 g cornflour\n 1 tsp cream of tartar\n 700 ml cold water',
    'Boil the syrup to 118 °C.\nIn a second, larger pan whisk the starch cream until smooth; bring to the boil, whisking, until thick as glue.\nPour the hot syrup in gradually, whisking. Turn down to low. Cook to 108 °C, stirring. Pour into an oiled tin.',
    108,
    [
      /^ready \+ caster-sugar 800, water 300: Boil the syrup/,
      /^rises 118: Boil the syrup/,
      /^ready \+ cornflour 110, cream-of-tartar 3, water 700: Pour the hot syrup/,
      /^ready: Turn down/,
      /^target: Cook/,
      /^ready → out: Pour/,
    ],
  ],
]
