import type { BoiledFormula } from '@/core'
import { dissolve, finish, handsOff, lidOff, pour, pull, work, wrap } from './steps'

export const quinceLollipops: BoiledFormula = {
  version: 1,
  name: 'Quince lollipops',
  family: 'hard-candy',
  school: 'soft-bite',
  about: 'A softer glass with quince, poured over sticks laid in their moulds.',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'finish', label: 'Off the heat', celsius: 20 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'sugar', grams: 400 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 200 },
    { id: 'quince', group: 'pot', ingredient: 'quince-puree', grams: 60, note: 'sieved fine' },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 120 },
    { id: 'acid', group: 'finish', ingredient: 'tartaric-acid', grams: 4 },
  ],
  target: { celsius: 146, within: 2 },
  steps: [
    dissolve('Sugar, glucose, quince and water on, lid on', 7),
    lidOff(),
    pull({
      meanwhile: { ...handsOff, why: 'Fruit darkens and catches: lower the heat near the end.' },
      reach: 'Moulds with their sticks in, acid within reach',
      why: 'Quince browns a little below plain sugar.',
    }),
    finish('Acid', { say: 'Acid in, fold gently', why: 'Before the pull it makes sticky lollipops.' }),
    {
      ...pour(
        'Fill the moulds',
        { say: 'Fill over the sticks, two thirds up', why: 'It stops flowing within a few minutes.' },
        'Moulds filled',
        { kind: 'fill', by: 'jug', level: 0.66 },
      ),
      cautions: ['hotSugar', 'sticks'],
    },
    work(
      { kind: 'unmould' },
      {
        label: 'Unmould',
        meanwhile: {
          say: 'Let them set, dry and undisturbed',
          why: 'A damp draught makes the surface sticky. The fridge makes them weep.',
        },
        say: 'Turn them out',
        why: 'They are hard through and let go of the mould.',
        act: 'Unmoulded',
      },
    ),
    wrap('polypropylene', 'Bag', 'Bag them', 'They take up moisture from now on.', 'Bagged'),
  ],
  shape: { kind: 'mould', millilitres: 6, sticks: true },
  waste: 0.04,
  boils: [],
}
