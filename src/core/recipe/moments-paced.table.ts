/** Methods that do much on the way: flames turned, lids lifted, things that go in at heats of their own. */
import type { Moment } from './moments.table'

export const pacedMoments: readonly Moment[] = [
  [
    'a lid until it boils, a flame turned at its heat, and butter at the next',
    '500 g cream\n400 g sugar\n200 g glucose syrup\n50 g butter',
    'Warm the cream and keep it hot. Put the sugar and glucose in a large pan, cover until it boils, then uncover. Turn up to high and cook to 155°C. Turn off the heat, let the bubbles settle for 30 seconds and add the hot cream. Put back over medium heat. When it reaches 110°C turn down to medium-low; add the butter at 114°C. Take off at 119°C. Pour.',
    119,
    [
      /^ready \+ sugar 400, glucose-42 200: Put/,
      /^boil: Put the sugar/,
      /^ready: Turn up to high/,
      /^rises 155/,
      /^ready: Turn off/,
      /^after 30: Let/,
      /^ready \+ cream-36 500: Add/,
      /^ready: Put back/,
      /^rises 110: When it reaches 110° turn down/,
      /^rises 114 \+ butter 50: Add/,
      /^target: Take off/,
      /^ready → out: Pour/,
    ],
  ],
  [
    'two that go in at heats of their own, a flame for the last degrees, and oil that waits for the slab',
    '1 kg sugar\n300 ml water\n200 g glucose syrup\n1/2 tsp cream of tartar\n2 ml peppermint oil',
    'Boil the sugar and water. Add glucose at 110 C and cream of tartar at 130 C. Reduce the heat for the last ten degrees. Cook to 146 C. Pour on the slab. At about 70 C add the oil and pull for 8 minutes. Cut.',
    146,
    [
      /^ready \+ sugar 1000, water 300: Boil/,
      /^rises 110 \+ glucose-42 200: Add glucose at 110°/,
      /^rises 130 \+ cream-of-tartar 2: Add cream of tartar at 130°/,
      /^rises 136: Reduce the heat/,
      /^target: Cook/,
      /^ready → out: Pour/,
      /^falls 70 \+ flavour 2: At about 70° add the oil/,
      /^window: Pull/,
      /^window: Cut/,
    ],
  ],
  [
    'sugar in two lots, by the cup',
    '2 cups sugar (div)\n1/2 cup boiling water\n1 T vinegar',
    'Caramelize ONE cup sugar in an iron skillet to dark amber. Stand back and pour in boiling water; stir til dissolved. Add other cup sugar and vinegar. Cook to 300 °F. Drop from a spoon on buttered paper.',
    148.9,
    [
      /^ready \+ sugar 200: Caramelize/,
      /^colour 183/,
      /^ready \+ water 118: Stand back/,
      /^ready \+ sugar 200, vinegar 15: Add other/,
      /^target: Cook/,
      /^ready → out: Drop/,
    ],
  ],
  [
    'gelatin that waits in the bowl the syrup goes into, and how another batch went',
    '14 g gelatin powder\n70 ml cold water\n150 g sugar\n60 g corn syrup\n45 ml water',
    'Gelatin + cold water in mixer bowl, 10 min. Sugar, corn syrup, water on med heat; 115C no stirring. Into bowl at low speed, then high for 7 min. Spread. Last time batch 8 at 117 was tough. NB test 7 at 111 never set.',
    115,
    [
      /^ready \+ sugar 150, corn-syrup 60, water 45: Sugar/,
      /^target/,
      /^ready \+ gelatin-powder 14, water 70: Into bowl/,
      /^after 420: Into bowl/,
      /^ready → out: Spread/,
    ],
  ],
]
