import type { BoiledFormula } from '@/core'
import { dissolve, finish, handsOff, lidOff, pour, pull, rest, work, wrap } from './steps'

export const blackcurrantMarshmallow: BoiledFormula = {
  version: 1,
  name: 'Blackcurrant marshmallow',
  family: 'marshmallow',
  school: 'gelatin',
  about: 'Hot syrup onto gelatin bloomed in blackcurrant, whipped until it is just warm.',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'finish', label: 'In the bowl, bloomed', celsius: 20 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'caster-sugar', grams: 440 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 220 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 150 },
    { id: 'gelatin', group: 'finish', ingredient: 'gelatin-powder', grams: 24 },
    {
      id: 'currant',
      group: 'finish',
      ingredient: 'blackcurrant-puree',
      prepare: ['chill'],
      grams: 130,
      note: 'cold, for the gelatin to bloom in',
    },
  ],
  target: { celsius: 114.5, within: 1.5 },
  steps: [
    dissolve(),
    lidOff(),
    pull({
      meanwhile: handsOff,
      reach: 'Bowl with bloomed gelatin, whisk and dusted tray within reach',
      why: 'Hotter syrup weakens the gelatin.',
    }),
    finish('Onto the gelatin', {
      say: 'Syrup onto the gelatin in a thin stream, whisk running',
      why: 'Down the side of the bowl, clear of the whisk.',
    }),
    work(
      { kind: 'whip', on: 'gelatin' },
      {
        label: 'Whip',
        meanwhile: { say: 'Whip on high', why: 'It trebles, and cools as it does.' },
        say: 'Stop: the bowl is just warm',
        why: 'Hot it collapses, cold it will not spread.',
        act: 'Whipped',
        test: 'The side of the bowl is just warm; it falls in a thick ribbon',
      },
    ),
    pour(
      'Spread',
      { say: 'Into the dusted tray, smooth with a wet blade', why: 'It sets from the edges at once.' },
      'In the tray',
      { kind: 'spread' },
    ),
    rest(
      360,
      { kind: 'cut', tool: 'oiled-knife' },
      {
        label: 'Set 6 h, cut',
        meanwhile: { say: 'Let it set uncovered', why: 'The skin has to dry before it is cut.' },
        say: 'Turn out and cut',
        why: 'The gelatin holds now; a day later it cuts cleaner still.',
        act: 'Cut',
      },
    ),
    work(
      { kind: 'dust' },
      {
        label: 'Dust',
        when: { on: 'ready' },
        say: 'Roll in starch and icing sugar, sift off',
        why: 'Bare sides stick to each other.',
        act: 'Dusted',
      },
    ),
    wrap('polypropylene', 'Bag', 'Bag them', 'Dry air makes a crust of them, damp air glue.', 'Bagged'),
  ],
  shape: { kind: 'cut', lengthMm: 30, widthMm: 30, heightMm: 25 },
  air: 0.62,
  waste: 0.06,
  boils: [],
}
