import type { BoiledFormula } from '@/core'
import { dissolve, finish, handsOff, lidOff, pour, pull, work, wrap } from './steps'

export const mintPillows: BoiledFormula = {
  version: 1,
  name: 'Water-mint pillows',
  family: 'hard-candy',
  school: 'pulled',
  about: 'Poured on the stone, folded in, pulled until it shines like satin and snipped into pillows.',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'finish', label: 'Off the heat', celsius: 20 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'sugar', grams: 600 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 260 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 200 },
    { id: 'mint', group: 'finish', ingredient: 'flavour', grams: 2, note: 'water mint' },
  ],
  target: { celsius: 144, within: 2 },
  steps: [
    dissolve('Sugar, glucose and water on, lid on'),
    lidOff(),
    pull({
      meanwhile: handsOff,
      reach: 'Oiled stone, scraper, two pairs of gloves, oiled scissors',
      why: 'A softer boil than drops: it has to bend for minutes.',
    }),
    finish('Mint oil', { say: 'Mint oil in, swirl once', why: 'It flashes off: face back.' }),
    {
      ...pour(
        'On the stone',
        { say: 'Pour on the oiled stone', why: 'It cools from its rim: fold that in as it firms.' },
        'On the stone',
        { kind: 'leave' },
      ),
    },
    work(
      { kind: 'pull' },
      {
        id: 'satin',
        label: 'Pull',
        meanwhile: { say: 'Fold the rim in as it firms', why: 'Hot it runs through the hands and burns.' },
        say: 'Pull, fold, twist, and again',
        why: 'Air makes it white; too long and it turns chalky.',
        act: 'It shines like satin',
        test: 'A strand shines like satin',
      },
    ),
    work(
      { kind: 'cut', tool: 'scissors' },
      {
        label: 'Snip',
        say: 'Draw a rope, snip, turn a quarter, snip',
        why: 'While it bends; what firms goes under the lamp.',
        act: 'All snipped',
      },
    ),
    wrap('polypropylene', 'Bag', 'Bag them', 'They take up moisture from now on.', 'Bagged'),
  ],
  shape: { kind: 'broken', thicknessMm: 10, gramsEach: 6 },
  waste: 0.05,
  boils: [],
}
