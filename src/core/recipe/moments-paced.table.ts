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
]
