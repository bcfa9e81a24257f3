import type { BoiledFormula } from '@/core'
import { dipped, seeded, work } from './steps'

export const dippingChocolate: BoiledFormula = {
  version: 1,
  name: 'Harbour-dark dipping chocolate',
  family: 'chocolate',
  school: 'seeded',
  about: 'Seven tenths melted, the rest stirred in as seed: for whatever wants a coat tonight.',
  groups: [
    { id: 'melt', label: 'Over the water, chopped', celsius: 21 },
    { id: 'seed', label: 'Held back as seed, chopped fine', celsius: 21 },
  ],
  lines: [
    { id: 'melt', group: 'melt', ingredient: 'dark-chocolate-70', grams: 430 },
    { id: 'seed', group: 'seed', ingredient: 'dark-chocolate-70', grams: 170 },
  ],
  target: { celsius: 47, within: 2.5 },
  steps: [
    {
      id: 'melt',
      label: 'Melt',
      when: { on: 'ready' },
      say: 'Chocolate over barely steaming water, heat low',
      why: 'A drop of water seizes it.',
      act: 'It is on',
      adds: 'melt',
      heat: 1,
    },
    ...seeded,
    work(
      { kind: 'temper', chocolate: 'dark' },
      {
        label: 'In temper',
        meanwhile: { say: 'Stir on; no more seed melts once it is there', why: 'Stirring spreads the crystal.' },
        say: 'It works now: a smear on paper',
        why: 'Set firm and glossy in 3 to 5 minutes, it is in temper.',
        act: 'Smear is made',
        test: 'A smear on paper',
      },
    ),
    {
      id: 'smear',
      label: 'Smear',
      when: { on: 'texture', texture: 'sets-glossy' },
      meanwhile: { say: 'Keep the bowl warm; watch the smear', why: 'Dull or soft after five minutes: more seed.' },
      say: 'Does the smear shine and hold?',
      why: 'Dull or soft after five minutes: more seed, stir, and another smear.',
      act: 'It shines',
    },
    dipped,
  ],
  shape: { kind: 'broken', thicknessMm: 3, gramsEach: 10 },
  waste: 0.05,
  boils: [],
}
