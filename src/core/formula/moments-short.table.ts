/** Methods in the short style of a card: without verbs, by semicolons and commas, with marks and abbreviations; as in `moments.table.ts`. */
import type { Moment } from './moments.table'

export const shortMoments: readonly Moment[] = [
  [
    'a pan that is got ready and filled in one sentence, by a semicolon',
    '400 g sugar\n300 ml water\n3 g salt',
    'Butter sides of saucepan; combine sugar, water, salt. Cook to hard ball stage (121°C). Pour over the corn; fridge 2h; slice.',
    121,
    [
      /^ready \+ sugar 400, water 300, salt 3: Combine/,
      /^target: Cook/,
      /^ready → out: Pour over the corn$/,
      /^after 7200: Fridge 2h; slice$/,
    ],
  ],
  [
    'what is beaten till it is smooth, poured after that',
    '400 g sugar\n100 g butter\n100 ml cream',
    'Boil all to 116°C. Cool to 60°C. Stir until thick, pour in a buttered 13x9, let it cool and cut it.',
    116,
    [
      /^ready \+ sugar 400, butter 100, cream-36 100: Boil/,
      /^target: Boil/,
      /^falls 60: Cool/,
      /^ready: Stir until thick$/,
      /^ready → out: Pour in a buttered 13x9/,
      /^window: Cut it$/,
    ],
  ],
  [
    'how hot the shade is, on an abbreviated thermometer; water the method alone measures; steps with their numbers',
    '200 g sugar\n160 g light corn syrup\n150 g raw peanuts',
    'Step 1 - Boil sugar, syrup & 1/4 c. water. Step 2 - Add peanuts. Cook until nuts are golden (300 on candy therm.). Pour thin.',
    148.9,
    [
      /^ready \+ sugar 200, corn-syrup 160, water 59: Boil/,
      /^ready \+ peanuts 150: Add peanuts$/,
      /^target: Cook/,
      /^ready → out: Pour thin$/,
    ],
  ],
  [
    'whites that are begun when it gets so hot, and have the honey poured on them',
    '250 g honey\n60 g egg whites\n300 g almonds',
    'Heat honey to 125°C. When it gets to 110 start whisking whites. Pour the honey on the whites. Fold in the almonds. Press in a tin.',
    125,
    [
      /^ready \+ honey 250: Heat honey$/,
      /^rises 110: When it gets to 110° start whisking whites$/,
      /^target: Cook to 125°$/,
      /^ready \+ egg-white 60 → out: Pour the honey/,
      /^ready \+ almonds 300: Fold/,
      /^ready: Press/,
    ],
  ],
  [
    'a flavour that goes into the rest of the mass, and no other line with it',
    '900 g sugar\n300 g water\n2 g cream of tartar\n3 g peppermint oil',
    'Boil sugar, water and tartar to 148°C. Pour on oiled slab. Add peppermint to the rest and pull until white.',
    148,
    [
      /^ready \+ sugar 900, water 300, cream-of-tartar 2: Boil/,
      /^target: Boil/,
      /^ready → out: Pour/,
      /\+ flavour 3: Add peppermint/,
    ],
  ],
  [
    'an acid by half its name; a slab the pot is discharged to',
    '3000 g sugar\n1000 g water\n50 g citric acid\n25 g malic acid',
    'Dissolve sugar in water. Cook to 146 °C. Discharge to slab. Fold in citric and malic below 130 °C. Cool below 30 °C, sieve.',
    146,
    [
      /^ready \+ sugar 3000, water 1000: Dissolve/,
      /^target: Cook/,
      /^ready → out: Discharge/,
      /^falls 130 \+ citric-acid 50, malic-acid 25: Fold in/,
      /^falls 30: Cool/,
    ],
  ],
  [
    'what goes in at two heats, said once; a slab that is not stirred',
    '1000 g sugar\n500 g water\n200 g glucose syrup 42 DE\n2 g tartaric acid\n1 g red food colouring',
    'Sugar + water to boil. Add glucose. At 140 °C add colour, at 155 tartaric. 165 °C: stop in cold water 5 s. Pour onto silicone.',
    165,
    [
      /^ready \+ sugar 1000, water 500: Sugar and water/,
      /^ready \+ glucose-42 200: Add glucose$/,
      /^rises 140 \+ colour 1: At 140° add colour$/,
      /^rises 155 \+ tartaric-acid 2: At 155° add tartaric$/,
      /^target: 165°/,
      /^ready → out: Pour/,
    ],
  ],
  [
    'apples that are dunked in water that is none of the list',
    '400 g sugar\n100 ml water\n5 g vinegar',
    'Dunk the apples in boiling water, wipe dry. Put sugar in a pan with the water and vinegar. Boil to 150 °C. Dip and twist each apple, put on baking parchment.',
    150,
    [/^ready: Dunk/, /^ready \+ sugar 400, water 100, vinegar 5: Put sugar/, /^target: Boil/, /^ready → out: Dip/],
  ],
  [
    'what is stirred together beside the pot',
    '200 g sugar\n100 g butter\n80 g cream\n2 g cinnamon\n5 g flaky salt',
    'Stir cinnamon and salt together. Put sugar, butter and cream in a pan. Boil until it hits 122 °C. Immediately take off heat, add the cinnamon salt, stir well, pour in pan.',
    122,
    [
      /^ready \+ sugar 200, butter 100, cream-36 80: Put sugar/,
      /^target: Boil/,
      /\+ spice 2, flaky-salt 5 → out: Immediately/,
    ],
  ],
]
