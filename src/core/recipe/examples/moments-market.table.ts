import type { Moment } from './moments.table'

/** Methods of a market's stalls: what carries over, what is topped later, what is pressed, rolled and dried. */
export const marketMoments: readonly Moment[] = [
  [
    'what is pressed into a pan of so many inches is out of its pot',
    '400g light brown sugar\n200g sugar\n237ml half and half\n28g butter\n100g walnuts',
    'Combine sugars and half and half in a pan. Boil to 236°F. Take from heat; drop butter on top, do not stir. At 110°F beat till it goes dull. Work in walnuts fast. Press in buttered 8" pan.',
    113.3,
    [
      /^ready \+ light-brown-sugar 400, sugar 200, cream-12 \d+: Combine/,
      /^target: Boil/,
      /^ready \+ butter 28: Take from heat/,
      /^falls 43.3: .*beat/,
      /^ready \+ walnuts 100: Work/,
      /^ready → out: Press in buttered 8" pan$/,
    ],
  ],
  [
    'what goes on top later does not keep it in its pot',
    'cream 35% 250g\nglucose syrup 160g\nsugar 280g\nbutter 60g\nflaky salt 5g',
    'Everything but the salt and the butter to 120 °C. Off heat beat in butter. Into the tin; salt on top after 10 minutes. Cut the day after.',
    120,
    [
      /^ready \+ cream-36 250, glucose-42 160, sugar 280: Everything/,
      /^target: Everything/,
      /^ready \+ butter 60: Off heat/,
      /^ready → out: Into the tin$/,
      /^after 600 \+ flaky-salt 5: Salt on top/,
      /: Cut the day after$/,
    ],
  ],
  [
    'what is heated to a boil boils before more goes in, and pieces are cut before they are rolled and dried',
    '500g apple juice\n100g glucose syrup\n400g sugar\n1g citric acid\n50g caster sugar',
    'Heat juice and sugar to a rolling boil; add glucose. Cook to 107 °C. Off the heat, citric acid. Pour in a wet pan. Chill overnight. Cut; roll in caster sugar; dry on rack 2 days.',
    107,
    [
      /^ready \+ fruit-juice 500, sugar 400: Heat juice/,
      /^ready \+ glucose-42 100: Add glucose/,
      /^target: Cook to 107°/,
      /^ready \+ citric-acid 1: Off/,
      /^ready → out: Pour/,
      /^after 28800: Chill/,
      /^window \+ caster-sugar 50: Cut; roll in caster sugar$/,
      /^after 172800: Dry on rack/,
    ],
  ],
  [
    'what is pulled at its heat carries on a little, and has settled when more goes in',
    '400g sugar\n165g light corn syrup\n120ml water\n5ml cinnamon oil\n0.5g food colour',
    'Bring sugar, syrup + water to boil. At 260F add colour, do not stir. Pull it at 300 (it will carry to 305). Let bubbles settle ~ until 275 - then oil, stand back from the fumes. Pour.',
    148.9,
    [
      /^ready \+ sugar 400, corn-syrup 165, water 120: Bring/,
      /^rises 126.7 \+ colour [01]: At 126.7° add colour/,
      /^target: Pull it at 148.9°/,
      /^falls 135 \+ flavour \d+: Let bubbles settle/,
      /^ready → out: Pour/,
    ],
  ],
  [
    'a copper is no colour that a paste turns',
    'Sugar 2000 g\nWater 800 g\nLemon juice 15 g\n\nFor the paste:\nCornflour 250 g\nWater 1200 g',
    'Boil sugar, lemon juice and water to 115 °C. In the big copper whisk cornflour and its water; bring to boil whisking until it is a thick paste. Add syrup in three goes. Cook on low, stirring all the time, to 108 °C. Into an oiled frame.',
    Number.NaN,
    [/: Boil sugar/, /^rises 115|^target/, /^(?!colour).*cornflour 250/, /: Add syrup/, /./, /./, /→ out: Into/],
  ],
  [
    'a list that is headed in short, and the rest of it added later',
    'A toffee of my mother',
    'Ingr.: 450g demerara, 125 ml water, 75 g butter, 100 g black treacle, 100 g golden syrup.\nDissolve demerara in the water over a low heat in a big pan. Add all the rest and boil to 140 °C, do not stir. Pour in an oiled 18 cm tin.',
    140,
    [
      /^ready \+ demerara 450, water 125: Dissolve/,
      /^ready \+ butter 75, treacle 100, golden-syrup 100: Add all the rest/,
      /: Turn the heat up/,
      /^target: Boil to 140°/,
      /^ready → out: Pour/,
    ],
  ],
  [
    'what is stirred from one heat to the next is added at the first',
    '300g sugar\n170g light corn syrup\n80ml water\n290g raw peanuts',
    'Bring sugar, corn syrup and water to a boil, stirring. At 250°F, add the peanuts and stir constantly until 300°F and the nuts are golden. Pour at once.',
    148.9,
    [
      /^ready \+ sugar 300, corn-syrup 170, water 80: Bring/,
      /^rises 121.1 \+ peanuts 290: At 121.1°, add the peanuts$/,
      /^target: Cook, stirring, until 148.9°/,
      /^ready → out: Pour/,
    ],
  ],
]
