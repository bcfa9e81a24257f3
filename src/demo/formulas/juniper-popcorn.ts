import type { BoiledFormula } from '@/core'
import { dissolve, finish, handsOff, lidOff, pour, pull, rest } from './steps'

export const juniperPopcorn: BoiledFormula = {
  version: 1,
  name: 'Juniper popcorn clusters',
  family: 'popcorn',
  school: 'crisp',
  about: 'Warm popcorn bound with a crisp syrup, formed by hand while it is hot enough to stick.',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'finish', label: 'Off the heat, warm', celsius: 80 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'sugar', grams: 300 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 140 },
    { id: 'butter', group: 'pot', ingredient: 'butter-salted', grams: 50 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 90 },
    { id: 'popcorn', group: 'finish', ingredient: 'popcorn', grams: 140, note: 'kept warm in a low oven' },
    { id: 'juniper', group: 'finish', ingredient: 'juniper', grams: 2, note: 'crushed fine' },
  ],
  target: { celsius: 143, within: 2 },
  steps: [
    dissolve('Sugar, glucose, butter and water on, lid on', 7),
    lidOff(),
    pull({
      meanwhile: handsOff,
      reach: 'Warm popcorn in a greased bowl, greased hands',
      why: 'Cooler it stays chewy, hotter it will not form.',
    }),
    finish('Popcorn', {
      say: 'Over the popcorn, juniper in, fold until it is coated',
      why: 'Cold popcorn sets the syrup before it spreads.',
    }),
    pour(
      'Form',
      { say: 'Form with greased hands while it is hot', why: 'You have about three minutes.' },
      'All formed',
      { kind: 'form', into: 'clusters' },
    ),
    rest(
      20,
      { kind: 'wrap', film: 'polypropylene' },
      {
        label: 'Bag',
        meanwhile: { say: 'Let them cool apart', why: 'Touching, they stick.' },
        say: 'Bag them',
        why: 'Popcorn goes soft within the hour.',
        act: 'Bagged',
      },
    ),
  ],
  shape: { kind: 'broken', thicknessMm: 40, gramsEach: 30 },
  waste: 0.04,
  boils: [],
}
