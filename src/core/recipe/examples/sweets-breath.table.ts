/** Whole recipes told in a few long breaths, several moments in one sentence (see sweets.table.ts). */
import type { Sweet } from './sweets.table'

export const breathSweets: readonly Sweet[] = [
  {
    name: 'Sour cream fudge',
    list: ['400 g sugar', '200 g whole milk', '60 g butter', '1 tsp vanilla extract', '80 g walnuts, chopped'],
    said: [
      [
        'Put the sugar and milk in a heavy pan, stir over a low heat until dissolved, and boil to 114 °C.',
        'Bring the sugar and milk slowly to the boil, stirring, and then cook without stirring to 114 °C.',
        'Stir the sugar and milk together in a large pan over medium heat; once it boils, clip on the thermometer and cook it to 114 °C.',
        'In a big pan heat sugar and milk till the sugar is melted, then turn up the heat and let it boil until it reads 114 °C.',
      ],
      [
        'Take it off the heat, drop in the butter without stirring and leave to cool to 45 °C, then add the vanilla and beat until it thickens and loses its gloss.',
        'Remove from the heat, add the butter, let it cool undisturbed to 45 °C; stir in the vanilla and beat with a wooden spoon until thick.',
        'Off the heat put in the butter, cool to 45 °C without stirring, add the vanilla and beat till it begins to lose its shine.',
        'Take off, float the butter on top, cool to 45 °C, then beat in the vanilla and go on beating until creamy.',
        'Remove pan from heat; add butter. When it has cooled to 45 °C add the vanilla and beat hard until it is thick and dull.',
        'Once off the heat add the butter but do not stir; allow to cool to 45 °C before adding the vanilla and beating until thick.',
      ],
      [
        'Fold in the walnuts and scrape into a buttered tin.',
        'Quickly stir in the walnuts, turn into a buttered dish and smooth the top.',
        'Mix in the walnuts and press into a lined tin straight away.',
        'Add the walnuts, give it two turns of the spoon and tip it into the tin.',
      ],
      [
        'Leave for 2 hours, then cut into squares.',
        'Let it set for 2 hours and cut it up.',
        'After 2 hours cut into pieces.',
        'Leave to set, about 2 hours, before cutting into squares.',
      ],
    ],
    meant: [
      { in: ['sugar', 'milk-whole'] },
      { target: 114 },
      { in: ['butter'] },
      { falls: 45 },
      { in: ['vanilla'] },
      { hand: 'beat' },
      { in: ['walnuts'] },
      { out: true },
      { after: 7200 },
    ],
  },
  {
    name: 'Salted caramels',
    list: ['300 g sugar', '150 g glucose syrup', '80 g water', '300 g double cream', '60 g butter', '6 g sea salt'],
    said: [
      [
        'Heat the sugar, glucose and water gently until dissolved, then boil to 150 °C, swirling the pan now and then.',
        'Sugar, glucose and water go into a deep pan; melt over a low heat and boil to 150 °C.',
        'Dissolve the sugar in the water with the glucose, bring to the boil and cook, brushing down the sides, to 150 °C.',
        'Put the sugar, glucose and water in a pan and, once it is clear, boil hard to 150 °C.',
      ],
      [
        'Take off the heat, pour in the warm cream bit by bit, put back on the heat and cook to 118 °C, stirring.',
        'Lower the heat, add the cream slowly, and continue cooking, stirring constantly, to 118 °C.',
        'Remove from the heat and carefully stir in the cream, then return to a medium heat and boil to 118 °C.',
        'Pour in the cream in three goes, whisking, and keep cooking until it comes back up to 118 °C.',
        'Add the cream little by little, taking care as it spits, and boil on to 118 °C, stirring all the time.',
        'Stop the cooking with the cream, stir until smooth and bring it back up to 118 °C.',
      ],
      [
        'Off the heat stir in the butter and salt and pour straight into a lined 20 cm tin.',
        'Take the pan off, beat in the butter and the salt, and pour into the tin.',
        'Remove from the heat, add butter and salt, stir till smooth and turn out into a lined tin.',
        'Take off the heat; whisk in the butter and salt, then scrape into the tin.',
      ],
      [
        'Leave overnight, then cut and wrap.',
        'Allow to set overnight before cutting into pieces with an oiled knife.',
        'Let it stand overnight and cut with a buttered knife.',
        'Next day turn out and cut.',
      ],
    ],
    meant: [
      { in: ['sugar', 'glucose-42', 'water'] },
      { rises: 150 },
      { in: ['cream-48'] },
      { target: 118 },
      { in: ['butter', 'salt'] },
      { out: true },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Raw peanut brittle',
    list: [
      '300 g sugar',
      '200 g corn syrup',
      '100 g water',
      '250 g raw peanuts',
      '30 g butter',
      '1 tsp vanilla extract',
      '1 tsp baking soda',
    ],
    said: [
      [
        'Bring the sugar, corn syrup and water to the boil, stirring till dissolved, and cook to 116 °C, then stir in the peanuts.',
        'Boil the sugar with the corn syrup and water to 116 °C and add the peanuts.',
        'Cook sugar, corn syrup and water to 116 °C; tip in the peanuts.',
        'Combine the sugar, corn syrup and water in a heavy pan, boil to 116 °C, and stir in the raw peanuts.',
      ],
      [
        'Cook on, stirring constantly, to 150 °C, take off the heat and stir in the butter, vanilla and soda.',
        'Keep cooking, stirring so that the nuts do not burn, until it reaches 150 °C, then remove from the heat and quickly add the butter, vanilla and soda.',
        'Continue to 150 °C, stirring all the while; off the heat add butter and vanilla, then the soda.',
        'Stir all the way to 150 °C. Take the pan off, add the butter and vanilla, sprinkle in the soda and stir while it foams.',
        'Cook and stir until golden and at 150 °C, about 10 minutes, remove, and add the butter, the vanilla and the soda, stirring well.',
      ],
      [
        'Pour out onto a buttered tray, spread thin and leave to cool, then break into pieces.',
        'Immediately pour onto an oiled sheet and spread it out with a spatula; when cold, crack into pieces.',
        'Tip onto a greased baking sheet and pull it thin with two forks as it cools. Break up once hard.',
        'Turn out at once on a buttered slab, spread as thin as you can, let cool and break up.',
        'Pour it on a lined tray, cool completely and snap into shards.',
      ],
    ],
    meant: [
      { in: ['sugar', 'corn-syrup', 'water'] },
      { rises: 116 },
      { in: ['peanuts'] },
      { target: 150 },
      { in: ['butter', 'vanilla', 'soda'] },
      { out: true },
      { hand: 'break' },
    ],
  },
  {
    name: 'Vanilla marshmallow',
    list: [
      '18 g gelatin powder',
      '90 g cold water',
      '300 g sugar',
      '150 g glucose syrup',
      '90 g water',
      '2 tsp vanilla',
    ],
    said: [
      [
        'Sprinkle the gelatin over the cold water in the bowl of a mixer and leave it to bloom while you make the syrup.',
        'Put the cold water in the mixer bowl, scatter the gelatin over it and set aside.',
        'In the mixer bowl soak the gelatin in the cold water.',
      ],
      [
        'Heat the sugar, glucose and remaining water in a pan until the sugar has dissolved, then boil to 118 °C.',
        'Put the sugar, glucose and the other 90 g water in a saucepan, bring to the boil and cook to 118 °C.',
        'In a pan bring sugar, glucose and water to the boil and let it bubble, without stirring, until 118 °C.',
      ],
      [
        'Let the bubbles subside, pour the syrup onto the gelatin with the mixer on low, then turn up to high and whisk for 10 minutes until thick and white, adding the vanilla at the end.',
        'Take off the heat and, with the mixer on slow, trickle the syrup into the bowl; increase to full speed and whip for 10 minutes, then mix in the vanilla.',
        'Remove from the heat, slowly pour it down the side of the bowl while whisking on low, raise the speed and beat for 10 minutes; beat in the vanilla.',
        'Pour the hot syrup in a thin stream into the gelatin, beating on low, then on high for 10 minutes until it holds a trail. Whisk in the vanilla.',
        'Start the mixer on low, stream in the syrup, turn to high, whip 10 minutes and beat in the vanilla.',
      ],
      [
        'Scrape into an oiled tin, smooth with a wet spatula and leave for 6 hours, then cut and dust with starch.',
        'Spread it in a dusted 20 cm tin, let it stand for 6 hours and cut into cubes.',
        'Pour into a greased tin and leave to set for 6 hours before turning out and cutting.',
        'Turn it into the tin, level the top, set aside for 6 hours; cut with an oiled knife.',
      ],
    ],
    meant: [
      { in: ['sugar', 'glucose-42'] },
      { target: 118 },
      { in: ['gelatin-powder'] },
      { after: 600 },
      { in: ['vanilla'] },
      { out: true },
      { after: 21_600 },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Sherbet drops',
    list: ['400 g sugar', '200 g glucose syrup', '120 g water', '8 g citric acid', '2 ml lemon oil'],
    said: [
      [
        'Dissolve the sugar in the water over a low heat, add the glucose, bring to the boil and cook without stirring to 150 °C.',
        'Stir the sugar, water and glucose in a pan over gentle heat until clear, then put in the thermometer and boil quickly to 150 °C.',
        'Put sugar, glucose and water in a copper pan, cover until it has boiled for 2 minutes, then uncover and boil to 150 °C.',
        'Sugar, water and glucose on a medium heat till melted, then boil up to 150 °C.',
      ],
      [
        'Set the pan in cold water for a few seconds to stop the cooking, let it cool to 135 °C and stir in the acid and lemon oil.',
        'Take off the heat, leave to cool to 135 °C, then stir in the citric acid and the lemon oil.',
        'Remove from the heat and when it has dropped to 135 °C add the acid and the oil.',
        'Off the heat wait until it is down to 135 °C before you stir in the acid and lemon oil.',
      ],
      [
        'Pour onto an oiled slab, fold the edges in as they set, and when you can handle it roll it into ropes and cut with scissors.',
        'Turn out on an oiled marble; as soon as it can be handled, roll into ropes and snip into pieces with oiled scissors.',
        'Pour onto a silicone mat and fold until pliable, then roll out into a rope and cut with scissors.',
      ],
    ],
    meant: [
      { in: ['sugar', 'glucose-42', 'water'] },
      { target: 150 },
      { falls: 135 },
      { in: ['citric-acid', 'flavour'] },
      { out: true },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Cinder toffee',
    list: ['200 g caster sugar', '100 g golden syrup', '30 g water', '10 g bicarbonate of soda'],
    said: [
      [
        'Melt the sugar, syrup and water together over a low heat, then turn it up and boil to 148 °C.',
        'Put the sugar, golden syrup and water in a deep pan, heat gently until melted and then boil without stirring until 148 °C.',
        'Stir sugar, syrup and water over a gentle heat till there are no grains left, bring to the boil and cook to 148 °C.',
      ],
      [
        'Take off the heat, whisk in the bicarbonate of soda quickly and pour at once into a lined tin without spreading it.',
        'Turn off the heat, tip in the soda, beat it in for a few seconds and pour straight into a greased tin.',
        'Remove from the heat, add the bicarb, stir briefly as it foams up and immediately tip into a lined tin.',
        'Off the heat sieve in the bicarb, whisk for 5 seconds and scrape into the tin.',
      ],
      [
        'Leave for 1 hour, then break up.',
        'Let it stand untouched for 1 hour before breaking into pieces.',
        'Leave undisturbed for 1 hour; smash it with a rolling pin.',
      ],
    ],
    meant: [
      { in: ['caster-sugar', 'golden-syrup', 'water'] },
      { target: 148 },
      { in: ['soda'] },
      { out: true },
      { after: 3600 },
      { hand: 'break' },
    ],
  },
  {
    name: 'Vinegar taffy',
    list: ['500 g sugar', '100 g water', '30 g vinegar', '40 g butter', '2 ml peppermint oil'],
    said: [
      [
        'Put the sugar, water and vinegar in a pan, stir until it boils, and then boil without stirring to 128 °C.',
        'Boil the sugar with the water and vinegar to 128 °C, brushing down the sides.',
        'Bring sugar, water and vinegar to a boil over medium heat, stirring, and cook to 128 °C.',
      ],
      [
        'Take it off, stir in the butter and peppermint oil and pour onto a buttered slab.',
        'Remove from the heat, add the butter and the peppermint oil, and turn out onto a greased marble.',
        'Off the heat beat in butter and peppermint oil; pour on an oiled tray.',
      ],
      [
        'When it is cool enough to handle, butter your hands, pull it for 15 minutes until white and satiny, twist into ropes and cut with scissors.',
        'As soon as you can handle it, pull for 15 minutes till light and opaque, then roll it into a rope and snip into pieces with scissors.',
        'Turn in the edges as they cool, and once cool enough to touch pull for 15 minutes. Stretch into ropes and cut with buttered scissors.',
      ],
    ],
    meant: [
      { in: ['sugar', 'water', 'vinegar'] },
      { target: 128 },
      { in: ['butter', 'flavour'] },
      { out: true },
      { hand: 'pull' },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Orange fondant',
    list: ['600 g sugar', '100 g glucose syrup', '180 g water', '4 g citric acid'],
    said: [
      [
        'Bring the sugar, glucose and water to the boil, skim, and cook to 116 °C.',
        'Put sugar, glucose and water in a pan, stir over low heat until clear, wash down the sides and boil to 116 °C.',
        'Dissolve the sugar in the water, add the glucose and boil, covered for the first 3 minutes, to 116 °C.',
      ],
      [
        'Pour onto a wet marble slab, leave until it has cooled to 45 °C, then work with a scraper until white and solid.',
        'Pour it out on a cold marble, let it cool to 45 °C and turn it over and over with a spatula until it goes white.',
        'Turn out on a damp slab and, when down to 45 °C, work it with a scraper till it is stiff and opaque.',
      ],
      [
        'Knead in the citric acid, put in a jar and leave to ripen for 24 hours.',
        'Knead until smooth with the citric acid, pack in a box and let it mature for 24 hours.',
        'Add the citric acid, knead it smooth and store in an airtight tub for 24 hours before use.',
      ],
    ],
    meant: [
      { in: ['sugar', 'glucose-42', 'water'] },
      { target: 116 },
      { out: true },
      { falls: 45 },
      { hand: 'beat' },
      { in: ['citric-acid'] },
      { after: 86_400 },
    ],
  },
  {
    name: 'Dry tamarind caramels',
    list: ['300 g sugar', '100 g honey', '300 g double cream', '60 g butter', '5 g salt'],
    said: [
      [
        'Melt the sugar dry in a heavy pan, a third at a time, and let it turn deep amber, then stir in the honey.',
        'Tip a third of the sugar into a hot dry pan, let it melt, add the rest bit by bit and cook to a deep amber; add the honey.',
        'Put the sugar in a dry pan over a medium heat and, shaking it now and then, melt it to a deep amber. Add the honey.',
      ],
      [
        'Lower the heat and add the hot cream a little at a time, stirring, and cook to 119 °C.',
        'Carefully pour in the warmed cream, whisk until smooth and boil, stirring, to 119 °C.',
        'Deglaze with the hot cream in four additions, then go on cooking to 119 °C.',
      ],
      [
        'Take off the heat, stir in the butter and salt until they have disappeared, and pour into a frame.',
        'Off the heat beat in the butter and salt; pour into a lined tin.',
        'Remove the pan from the heat, add the salt and the butter in cubes, blend and pour into the frame.',
      ],
      [
        'Leave to cool overnight and cut into 2 cm squares.',
        'Let it set overnight, unmould and cut.',
        'Rest overnight, then cut and wrap.',
      ],
    ],
    meant: [
      { in: ['sugar'] },
      { colour: 183 },
      { in: ['honey'] },
      { in: ['cream-48'] },
      { target: 119 },
      { in: ['butter', 'salt'] },
      { out: true },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Hazelnut toffee',
    list: [
      '225 g butter',
      '225 g sugar',
      '30 g water',
      '1 g salt',
      '120 g dark chocolate, chopped',
      '60 g hazelnuts, toasted and chopped',
    ],
    said: [
      [
        'Melt the butter with the sugar, water and salt over a low heat, stirring, then raise the heat a little and cook to 148 °C.',
        'Put the butter, sugar, water and salt in a heavy pan, melt together slowly and boil, stirring all the time, to 148 °C.',
        'Stir butter, sugar, water and salt over a gentle heat until melted; bring to the boil and cook, stirring slowly, until 148 °C.',
      ],
      [
        'Pour onto a lined tray, let it stand for 5 minutes, then scatter over the chocolate, wait until it has melted and spread it out.',
        'Turn out on a sheet of baking paper, spread, and after 5 minutes sprinkle on the chocolate. Once it is soft, spread it over.',
        'Immediately pour it into a lined tin; wait 5 minutes, strew with the chocolate and smooth it with a spatula when melted.',
      ],
      [
        'Sprinkle with the hazelnuts, chill for 30 minutes and break into pieces.',
        'Press the hazelnuts on top, put in the fridge for 30 minutes and snap into shards.',
        'Scatter the hazelnuts over it and refrigerate for 30 minutes, then break it up.',
      ],
    ],
    meant: [
      { in: ['butter', 'sugar', 'water', 'salt'] },
      { target: 148 },
      { out: true },
      { in: ['dark-chocolate-70'] },
      { in: ['hazelnuts'] },
      { after: 1800 },
      { hand: 'break' },
    ],
  },
  {
    name: 'Seafoam',
    list: ['400 g brown sugar', '120 g water', '2 egg whites', '1 tsp vanilla', '80 g pecans'],
    said: [
      [
        'Boil the sugar and water to 124 °C and, just before it is ready, whisk the egg whites to stiff peaks.',
        'Stir the brown sugar and water over a low heat till dissolved, then boil to 124 °C. When the syrup is at 115 °C, beat the egg whites until stiff.',
        'Bring sugar and water to the boil and cook to 124 °C; while it boils, whip the egg whites to stiff peaks.',
      ],
      [
        'With the mixer running pour the hot syrup slowly over the whites and beat for 6 minutes until it holds its shape.',
        'Pour it in a thin stream onto the whites, beating all the time, and go on beating for 6 minutes, till it loses its gloss.',
        'Slowly trickle the syrup into the whites with the beaters on high and whip for 6 minutes until it stands up.',
      ],
      [
        'Fold in the vanilla and pecans and drop spoonfuls onto waxed paper.',
        'Add the vanilla and the pecans and quickly drop by teaspoonfuls on a sheet of parchment.',
        'Stir in the vanilla and pecans; spoon into heaps on baking paper.',
      ],
    ],
    meant: [
      { in: ['light-brown-sugar', 'water'] },
      { target: 124 },
      { in: ['egg-white'] },
      { after: 360 },
      { in: ['vanilla', 'pecans'] },
      { out: true },
    ],
  },
  {
    name: 'Raspberry jellies',
    list: [
      '400 g raspberry puree',
      '12 g pectin',
      '40 g sugar',
      '400 g sugar',
      '100 g glucose syrup',
      '6 g citric acid',
    ],
    said: [
      [
        'Warm the puree to 40 °C, whisk in the pectin mixed with the 40 g sugar and bring to the boil.',
        'Mix the pectin with the 40 g sugar, rain it into the puree at 40 °C, whisking, and bring to a boil.',
        'Heat the puree to 40 °C and beat in the pectin and 40 g sugar, stirred together dry, then boil.',
      ],
      [
        'Add the 400 g sugar in three goes, keeping it at the boil, stir in the glucose and cook to 107 °C.',
        'Put in the 400 g sugar bit by bit without letting it go off the boil, then the glucose, and boil, stirring, to 107 °C.',
        'Stir in the 400 g sugar and then the glucose, and cook over a high heat to 107 °C.',
      ],
      [
        'Off the heat stir in the citric acid and pour at once into a frame.',
        'Take it off, whisk in the acid dissolved in a little water and pour into a lined tin straight away.',
        'Remove from the heat, add the citric acid, stir for 10 seconds and pour into the frame.',
      ],
      [
        'Leave for 24 hours, cut into cubes and roll in sugar.',
        'Let it set for 24 hours before cutting.',
        'Stand for 24 hours, turn out and cut.',
      ],
    ],
    meant: [
      { in: ['raspberry-puree'] },
      { in: ['pectin'] },
      { target: 107 },
      { in: ['citric-acid'] },
      { out: true },
      { after: 86_400 },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Milk fudge by the spoon',
    list: ['1 can (397 g) condensed milk', '100 g butter', '350 g light brown sugar', '100 ml milk', '1 tsp vanilla'],
    said: [
      [
        'Put everything but the vanilla in a non-stick pan, melt together over a low heat and bring to the boil, stirring, then simmer to 116 °C.',
        'Melt the butter with the sugar, milk and condensed milk in a large pan, bring up to a simmer and cook, scraping the bottom all the time, to 116 °C.',
        'Stir the condensed milk, butter, brown sugar and milk over a gentle heat until smooth; boil gently, stirring, until it is at 116 °C.',
      ],
      [
        'Remove from the heat, let it cool for 5 minutes, add the vanilla and beat for 8 minutes until thick and grainy.',
        'Take the pan off the heat and leave it for 5 minutes; then beat in the vanilla and keep beating for 8 minutes until it is very thick.',
        'Off the heat stand it 5 minutes, stir in the vanilla and beat with a wooden spoon for 8 minutes till it stiffens.',
      ],
      [
        'Press into a lined 20 cm tin, mark into squares and chill.',
        'Pour into a greased tin, smooth the top and leave to cool before cutting into squares.',
        'Scrape into the tin, level it and leave until cold, then cut up.',
      ],
    ],
    meant: [
      { in: ['condensed-milk', 'butter', 'light-brown-sugar', 'milk-whole'] },
      { target: 116 },
      { after: 300 },
      { in: ['vanilla'] },
      { after: 480 },
      { out: true },
    ],
  },
  {
    name: 'Rosehip lollipops',
    list: ['300 g sugar', '150 g glucose syrup', '90 g water', '4 g citric acid', '1 ml rose flavouring'],
    said: [
      [
        'Bring sugar, glucose and water to the boil, put the lid on for 2 minutes, then take it off and boil to 152 °C without stirring.',
        'Stir the sugar, glucose and water over a low heat until clear; then no more stirring, just boil hard to 152 °C.',
        'In a small pan dissolve the sugar in the water with the glucose, wash down the sides with a wet brush, and boil to 152 °C.',
      ],
      [
        'Dip the base of the pan in cold water, wait until the bubbles have gone, and stir in the acid and flavouring.',
        'Take it off the heat, let the bubbles die down, then quickly stir in the acid and the rose flavouring.',
        'Off the heat, once it has stopped bubbling, add citric acid and flavouring and stir gently.',
      ],
      [
        'Pour into oiled moulds with sticks in and leave for 30 minutes, then pop them out.',
        'Fill greased lollipop moulds, lay in the sticks, let them harden for 30 minutes and unmould.',
        'Pour into the moulds over the sticks; after 30 minutes unmould and wrap.',
      ],
    ],
    meant: [
      { in: ['sugar', 'glucose-42', 'water'] },
      { target: 152 },
      { in: ['citric-acid', 'extract'] },
      { out: true },
      { after: 1800 },
    ],
  },
  {
    name: 'Almond pralines of the fair',
    list: ['200 g almonds', '150 g sugar', '60 g water', '1 tsp cinnamon', '20 g butter'],
    said: [
      [
        'Put the almonds, sugar and water in a wide pan and boil, stirring, to 118 °C.',
        'Boil the sugar with the water and almonds, stirring now and then, until it reaches 118 °C.',
        'Tip the sugar, water and almonds in a heavy pan, bring to the boil and cook to 118 °C.',
      ],
      [
        'Take off the heat and stir until the sugar turns white and sandy, then put back on the heat and stir until the sugar melts again and the nuts shine.',
        'Remove from the heat, stir hard until it is dry and sandy, return to a medium heat and keep stirring till glossy.',
      ],
      [
        'Stir in the butter and cinnamon and turn out on a tray, separating them with two forks.',
        'Add the cinnamon and butter, toss and tip out onto baking paper. Pull them apart with forks.',
      ],
    ],
    meant: [{ in: ['almonds', 'sugar', 'water'] }, { target: 118 }, { in: ['spice', 'butter'] }, { out: true }],
  },
  {
    name: 'Oven caramel corn',
    list: [
      '100 g popped corn',
      '230 g butter',
      '400 g light brown sugar',
      '160 g corn syrup',
      '1 tsp salt',
      '1 tsp vanilla',
      '1 tsp baking soda',
    ],
    said: [
      [
        'Preheat the oven to 120 °C and put the popped corn in a large roasting pan.',
        'Heat the oven to 120 °C. Spread the popcorn in a buttered roasting tin and keep warm in the oven.',
        'Place the popcorn in a very large greased bowl and set the oven to 120 °C.',
      ],
      [
        'Melt the butter in a medium saucepan, stir in the brown sugar, corn syrup and salt, and bring to a boil, stirring; then boil without stirring to 121 °C.',
        'In a heavy pan bring the butter, sugar, corn syrup and salt to the boil over a medium heat, stirring, and let it cook undisturbed to 121 °C.',
        'Combine butter, sugar, corn syrup and salt in a pan, stir until it boils and then leave it to boil until it reaches 121 °C.',
      ],
      [
        'Take off the heat, stir in the vanilla and soda, which will make it foam, and pour over the popcorn, tossing to coat.',
        'Remove from the heat and beat in the vanilla and the soda. Pour it over the popcorn at once and stir until it is all coated.',
        'Off the heat add the vanilla, then the soda, and drizzle over the popcorn, turning it with two spoons.',
      ],
      [
        'Bake for 45 minutes, stirring every 15 minutes, then turn out onto paper and let cool.',
        'Bake 45 minutes and stir it three times while it bakes. Cool on sheets of wax paper and break apart.',
        'Put in the oven for 45 minutes, giving it a stir every quarter of an hour; cool on a tray.',
      ],
    ],
    meant: [
      { in: ['butter', 'light-brown-sugar', 'corn-syrup', 'salt'] },
      { target: 121 },
      { in: ['vanilla', 'soda'] },
      { out: true },
      { after: 2700 },
    ],
  },
  {
    name: 'Pecan patties',
    list: [
      '300 g sugar',
      '150 g light brown sugar',
      '180 g cream',
      '45 g butter',
      '200 g pecan halves',
      '1 tsp vanilla',
    ],
    said: [
      [
        'Put the sugars, cream and butter in a heavy pan and cook over a medium heat, stirring, until the sugars are dissolved; bring to the boil and cook to 114 °C.',
        'Combine both sugars, the cream and the butter in a large saucepan, bring to a boil and cook, stirring now and then, to 114 °C.',
        'Stir together the sugars, cream and butter, heat until it boils, and boil to 114 °C.',
      ],
      [
        'Remove from the heat and let stand for 5 minutes, then stir in the pecans and vanilla and beat with a wooden spoon until it just begins to thicken and turn cloudy.',
        'Take it off, wait 5 minutes, add the pecans and the vanilla and stir until the mixture looks creamy and begins to thicken.',
        'Off the heat let it sit for 5 minutes. Add pecans and vanilla and beat till it is creamy and starts to lose its gloss.',
      ],
      [
        'Quickly drop by spoonfuls onto buttered foil and leave until firm.',
        'Working fast, spoon onto wax paper in little heaps; let them set.',
        'Drop tablespoonfuls on parchment and let cool.',
      ],
    ],
    meant: [
      { in: ['sugar', 'light-brown-sugar', 'cream-36', 'butter'] },
      { target: 114 },
      { after: 300 },
      { in: ['pecans', 'vanilla'] },
      { out: true },
    ],
  },
  {
    name: 'Sour bears',
    list: [
      '40 g gelatin powder',
      '120 g cold water',
      '300 g sugar',
      '200 g glucose syrup',
      '80 g water',
      '8 g citric acid',
    ],
    said: [
      [
        'Stir the gelatin into the cold water and leave it to swell for 10 minutes, then melt it over a bath of hot water.',
        'Soak the gelatin in the cold water for 10 minutes and melt it gently.',
        'Sprinkle the gelatin on the cold water, let it bloom for 10 minutes and warm until liquid.',
      ],
      [
        'Boil the sugar, glucose and 80 g water to 118 °C and let it cool to 90 °C.',
        'Bring sugar, glucose and the 80 g of water to the boil, cook to 118 °C, take off the heat and wait until it is down to 90 °C.',
        'Put the sugar, glucose and 80 g water in a pan, boil to 118 °C; cool to 90 °C.',
      ],
      [
        'Stir in the gelatin, skim off the foam, stir in the acid and fill into starch moulds.',
        'Add the melted gelatin and then the citric acid, let the foam rise and skim it, and pour into moulds.',
        'Gently mix in the gelatin, then the acid, and pour into the moulds.',
      ],
      [
        'Leave for 24 hours, unmould and brush off.',
        'Let them set for 24 hours and take them out of the moulds.',
        'Rest for 24 hours at room temperature before unmoulding.',
      ],
    ],
    meant: [
      { in: ['sugar', 'glucose-42'] },
      { target: 118 },
      { falls: 90 },
      { in: ['gelatin-powder'] },
      { in: ['citric-acid'] },
      { out: true },
      { after: 86_400 },
    ],
  },
  {
    name: 'Highland tablet',
    list: ['900 g sugar', '115 g butter', '250 ml milk', '1 tin (397 g) condensed milk'],
    said: [
      [
        'Put the sugar, butter and milk in a large heavy pan, heat slowly, stirring, until the sugar has dissolved and the butter melted, then bring to the boil.',
        'Melt the butter in the milk with the sugar over a low heat; once every grain has gone bring it to the boil.',
        'Stir sugar, milk and butter over a gentle heat till dissolved. Bring to a rolling boil.',
      ],
      [
        'Add the condensed milk and simmer, stirring all the time, until it reaches 116 °C.',
        'Pour in the condensed milk, turn the heat down and cook, stirring continuously so that it does not catch, to 116 °C.',
        'Stir in the condensed milk and keep at a gentle boil, stirring, to 116 °C.',
      ],
      [
        'Take off the heat and beat with a wooden spoon for 5 minutes until it thickens and feels grainy, then pour into a buttered tin.',
        'Remove from the heat, beat hard for 5 minutes, till it starts to grain, and pour quickly into the tin.',
        'Off the heat beat for 5 minutes or until it is thick and you can feel it catching on the bottom. Pour into a greased tin.',
      ],
      [
        'Mark into squares when half set and leave to cool.',
        'Score into fingers while still warm, and break up when cold.',
        'When nearly cold cut into squares.',
      ],
    ],
    meant: [
      { in: ['sugar', 'butter', 'milk-whole'] },
      { in: ['condensed-milk'] },
      { target: 116 },
      { after: 300 },
      { out: true },
    ],
  },
  {
    name: 'Bramble caramel sauce',
    list: ['250 g sugar', '75 g water', '200 g double cream', '50 g butter', '3 g salt'],
    said: [
      [
        'Dissolve the sugar in the water over a low heat, then turn it up and boil without stirring until it is a deep amber.',
        'Put the sugar and water in a pan, swirl until dissolved and let it boil to a deep amber.',
        'Heat sugar and water slowly till clear, raise the heat and cook, tilting the pan, until deep amber.',
      ],
      [
        'Take off the heat, pour in half of the cream, standing well back, and when it has calmed down whisk in the rest.',
        'Immediately remove from the heat and slowly whisk in the cream; it will spit.',
        'Pull off the heat and add the cream, a little at first, stirring until smooth.',
        'Stop it with the cream, off the heat, whisking all the time.',
      ],
      [
        'Whisk in the butter and salt and pour into clean jars.',
        'Add the butter a piece at a time, then the salt, and pot in warm jars.',
        'Stir in the butter and salt until glossy, cool a little and pour into jars.',
      ],
    ],
    meant: [
      { in: ['sugar', 'water'] },
      { shade: 183 },
      { in: ['cream-48'] },
      { in: ['butter', 'salt'] },
      { out: true },
    ],
  },
  {
    name: 'Lavender honey nougat',
    list: ['200 g honey', '250 g sugar', '70 g water', '2 egg whites', '300 g almonds, toasted'],
    said: [
      [
        'Put the honey, sugar and water in a pan and bring to the boil, stirring; boil to 145 °C.',
        'Heat the honey with the sugar and water until dissolved, then boil to 145 °C.',
        'Bring sugar, water and honey to the boil and cook to 145 °C.',
      ],
      [
        'When the syrup is at 130 °C start whisking the egg whites, so that they are stiff when it is ready.',
        'When it reaches 130 °C whip the egg whites to stiff peaks.',
        'At 130 °C begin to beat the whites until stiff.',
      ],
      [
        'With the mixer running, pour the syrup over the whites in a thin stream and whisk for 10 minutes until thick and glossy.',
        'Pour the syrup slowly onto the whites, whisking at full speed, and go on whisking for 10 minutes.',
        'Trickle the hot syrup into the whites, beating all the while, and beat for 10 minutes till very stiff.',
      ],
      [
        'Fold in the warm almonds, press between two sheets of rice paper and leave under a weight overnight, then cut into bars.',
        'Knead in the almonds, press it into a frame lined with wafer paper, weight it down overnight and cut.',
        'Work in the almonds and turn out into a tin lined with rice paper; flatten, cover with rice paper and leave overnight. Cut into bars.',
      ],
    ],
    meant: [
      { in: ['honey', 'sugar', 'water'] },
      { target: 145 },
      { in: ['egg-white'] },
      { after: 600 },
      { in: ['almonds'] },
      { out: true },
      { after: 28_800 },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Pulled butter mints',
    list: ['400 g sugar', '120 g water', '60 g butter', '1 ml peppermint oil'],
    said: [
      [
        'Melt the butter in the water, stir in the sugar and, when it boils, cook without stirring to 127 °C.',
        'Bring the water and butter to the boil, add the sugar, stir until dissolved and cook to 127 °C without stirring.',
        'Heat the sugar, water and butter, stirring until dissolved, then cover for 3 minutes, uncover and cook to 127 °C.',
      ],
      [
        'Pour onto a buttered marble slab, let it cool until you can just handle it, dot with the peppermint oil and pull until it is opaque and holds its ridges.',
        'Pour on a greased slab; when cool enough to handle, sprinkle on the peppermint oil, gather it up and pull for about 10 minutes until creamy white.',
        'Turn out on an oiled slab and drop the peppermint oil on top. As soon as it can be handled pull it until stiff and white.',
      ],
      [
        'Stretch into a rope, snip into cushions with scissors and leave in a tin overnight to turn creamy.',
        'Pull out into ropes and cut with scissors; let them ripen overnight on paper.',
        'Twist into a rope and cut into pieces with oiled scissors. Keep overnight in a covered tin until they melt in the mouth.',
      ],
    ],
    meant: [
      { in: ['sugar', 'water', 'butter'] },
      { target: 127 },
      { out: true },
      { in: ['flavour'] },
      { hand: 'pull' },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Toffee apples on sticks',
    list: ['400 g sugar', '100 g water', '80 g golden syrup', '1 tsp vinegar', '8 apples'],
    said: [
      [
        'Wash and dry the apples, push a stick into each and line a tray with parchment.',
        'Push sticks into the apples and oil a baking sheet.',
      ],
      [
        'Dissolve the sugar in the water over a medium heat, add the syrup and vinegar, and boil to 150 °C.',
        'Heat sugar and water for 5 minutes until dissolved, stir in the vinegar and golden syrup, bring to the boil and cook to 150 °C.',
        'Put sugar, water, golden syrup and vinegar in a pan; stir until it has dissolved, then boil fast to 150 °C.',
      ],
      [
        'Take off the heat and dip the apples one at a time, turning to coat, letting the excess drip off, and stand on the tray to harden.',
        'Remove from the heat; quickly twist each apple in the toffee until coated and set on the sheet until hard.',
        'Off the heat, tilt the pan and roll each apple in the toffee. Leave on the parchment to set.',
      ],
    ],
    meant: [{ in: ['sugar', 'water', 'golden-syrup', 'vinegar'] }, { target: 150 }, { out: true }],
  },
  {
    name: 'Church supper fudge',
    list: ['3 cups sugar', '2/3 cup cocoa', '1/4 tsp salt', '1 1/2 cups milk', '1/4 cup butter', '1 tsp vanilla'],
    said: [
      [
        'Combine the sugar, cocoa and salt in a heavy 4-qt. saucepan and stir in the milk; cook over medium heat, stirring constantly, until it comes to a full rolling boil, then boil without stirring to 234°F.',
        'Mix sugar, cocoa and salt in a large pan, add milk, bring to a bubbly boil, stirring, and cook without stirring to 234°F.',
        'Stir together sugar, cocoa, salt and milk in a big kettle. Bring to a boil, stirring, then quit stirring and let it cook to 234 degrees.',
      ],
      [
        'Remove from heat, add butter and vanilla but do not stir, and cool at room temperature to 110°F; then beat with a wooden spoon until it thickens and loses some of its gloss.',
        'Take off the heat. Drop in the butter and vanilla; do not stir. Let cool to 110°F, then beat by hand until it is thick and no longer shiny.',
        'Off heat put butter and vanilla on top and leave it be till it gets down to 110°F. Beat till creamy.',
      ],
      [
        'Quickly spread in a buttered 8-inch pan, cool and cut in squares.',
        'Pour fast into a greased 8x8 pan; when firm cut into squares.',
        'Turn into a buttered pan at once. Cut when cool.',
      ],
    ],
    meant: [
      { in: ['sugar', 'cocoa-22', 'salt', 'milk-whole'] },
      { target: 112.2 },
      { in: ['butter', 'vanilla'] },
      { falls: 43.3 },
      { hand: 'beat' },
      { out: true },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Peanut brittle of the fair',
    list: [
      '2 cups sugar',
      '1 cup light corn syrup',
      '1/2 cup water',
      '2 cups raw peanuts',
      '2 tbsp butter',
      '2 tsp baking soda',
    ],
    said: [
      [
        'In a heavy saucepan heat the sugar, syrup and water over medium heat till sugar dissolves; when it boils, stir in the peanuts and cook, stirring often, to 300°F.',
        'Bring sugar, corn syrup and water to a rolling boil, stir in the raw peanuts and keep cooking, stirring constantly, until 300°F.',
        'Cook the sugar, corn syrup and water, stirring, till it boils. Add peanuts and stir until the thermometer says 300°F.',
      ],
      [
        'Take it off the fire, add the butter and soda, stir hard and pour right away on two buttered cookie sheets.',
        'Remove from heat. Stir in butter, then soda; it will foam. Pour at once onto a greased baking sheet and stretch thin with two forks.',
        'Off the heat beat in the butter and soda fast, and pour out on buttered pans.',
      ],
      ['When cold, break in pieces.', 'Let cool and crack it up.', 'Cool completely before breaking into pieces.'],
    ],
    meant: [
      { in: ['sugar', 'corn-syrup', 'water'] },
      { in: ['peanuts'] },
      { target: 148.9 },
      { in: ['butter', 'soda'] },
      { out: true },
      { hand: 'break' },
    ],
  },
  {
    name: 'Old time divinity',
    list: [
      '2 1/2 cups sugar',
      '1/2 cup light corn syrup',
      '1/2 cup water',
      '2 egg whites',
      '1 tsp vanilla',
      '1/2 cup chopped pecans',
    ],
    said: [
      [
        'Cook the sugar, syrup and water in a 2-qt. pan, stirring till it dissolves, and then without stirring to 260°F; meanwhile beat the egg whites to stiff peaks.',
        'Put sugar, corn syrup and water in a saucepan and bring to a boil, stirring. Cook without stirring to 260°F. While it cooks, beat the egg whites stiff.',
        'Stir sugar, syrup and water over heat until dissolved and cook to 260°F. Beat egg whites until stiff when the syrup is at 240°F.',
      ],
      [
        'Slowly pour the syrup over the whites, beating at high speed, add the vanilla and beat until it holds its shape and is no longer glossy.',
        'Gradually pour hot syrup in a thin stream over the whites, beating constantly on high. Add vanilla and beat 5 minutes, until it just begins to lose its gloss.',
        'Pour in a fine stream onto the egg whites with the mixer on high; beat in the vanilla and keep on until a spoonful stands in a peak.',
      ],
      [
        'Stir in the pecans and drop by teaspoons onto waxed paper.',
        'Fold in pecans. Drop quickly from a teaspoon onto wax paper.',
        'Add nuts and spoon out on a buttered sheet.',
      ],
    ],
    meant: [
      { in: ['sugar', 'corn-syrup', 'water'] },
      { target: 126.7 },
      { in: ['egg-white'] },
      { in: ['vanilla'] },
      { in: ['pecans'] },
      { out: true },
    ],
  },
  {
    name: 'Caramels for wrapping',
    list: [
      '1 cup butter',
      '2 1/4 cups light brown sugar',
      '1 cup light corn syrup',
      '1 (14 oz) can sweetened condensed milk',
      '1 tsp vanilla',
      'dash salt',
    ],
    said: [
      [
        'Melt butter in a heavy 3-qt. pan, add sugar and salt and stir well, then stir in the corn syrup.',
        'In a large saucepan melt the butter; blend in the brown sugar and salt, then the syrup.',
        'Put the butter, brown sugar, salt and corn syrup in a pan and stir over low heat until melted.',
      ],
      [
        'Gradually add the milk, stirring constantly, and cook and stir over medium heat to 245°F, 12 to 15 minutes.',
        'Add the condensed milk slowly and cook, stirring all the time so it does not scorch, until it is 245°F.',
        'Stir in milk. Bring to a boil over medium heat, stirring, and cook to 245°F.',
      ],
      [
        'Remove from heat, stir in vanilla, pour into a buttered 9-inch pan and cool; cut in squares and wrap.',
        'Off heat add vanilla and pour in a greased 9x9 pan. Cool, then cut and wrap.',
        'Take off the heat; add the vanilla. Turn into a buttered pan. When cool cut into squares and wrap in wax paper.',
      ],
    ],
    meant: [
      { in: ['butter', 'light-brown-sugar', 'corn-syrup'] },
      { in: ['condensed-milk'] },
      { target: 118.3 },
      { in: ['vanilla'] },
      { out: true },
      { hand: 'cut' },
    ],
  },
  {
    name: 'Barley sugar twists',
    list: ['2 cups sugar', '2/3 cup light corn syrup', '1 cup water', '1 tsp lemon extract', '1/4 tsp cream of tartar'],
    said: [
      [
        'Dissolve sugar, syrup, water and cream of tartar over low heat, cover and boil 3 minutes, uncover and cook without stirring to 310°F.',
        'Put sugar, corn syrup, water and cream of tartar in a pan, stir until it boils, wipe down the sides and cook to 310°F without any more stirring.',
        'Bring the sugar, syrup, water and cream of tartar to a boil. Cover for 3 minutes. Uncover and cook to 310°F.',
      ],
      [
        'Set the pan in cold water to stop the cooking, add the lemon extract and pour on an oiled slab.',
        'Remove from heat; when bubbling stops stir in the extract. Pour out on a greased marble.',
        'Take off, stir in the lemon extract and turn out on an oiled cookie sheet.',
      ],
      [
        'While still hot cut in strips with greased scissors and twist.',
        'As soon as it can be handled cut into strips with oiled scissors; twist each one and lay on wax paper.',
        'Cut into strips with buttered scissors while hot, and twist them.',
      ],
    ],
    meant: [
      { in: ['sugar', 'corn-syrup', 'water', 'cream-of-tartar'] },
      { target: 154.4 },
      { in: ['extract'] },
      { out: true },
      { hand: 'cut' },
    ],
  },
]
