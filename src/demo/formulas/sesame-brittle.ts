import type { BoiledFormula } from '@/core'
import { brokenCold, dissolve, finish, handsOff, lidOff, pour, pull, wrap } from './steps'

export const sesameBrittle: BoiledFormula = {
  version: 1,
  name: 'Sesame and poppy brittle',
  family: 'brittle',
  school: 'roasted',
  about: 'Seeds roasted first and stirred in at the end, so the glass stays pale and the seeds do not catch.',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'finish', label: 'Off the heat, warm', celsius: 70 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'sugar', grams: 420 },
    { id: 'honey', group: 'pot', ingredient: 'honey', grams: 60 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 160 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 140 },
    { id: 'sesame', group: 'finish', ingredient: 'sesame', grams: 260, note: 'roasted, kept warm' },
    { id: 'poppy', group: 'finish', ingredient: 'poppy-seed', grams: 60 },
    { id: 'salt', group: 'finish', ingredient: 'salt', grams: 4 },
  ],
  target: { celsius: 151, within: 2 },
  steps: [
    dissolve('Sugar, honey, glucose and water on, lid on'),
    lidOff(),
    pull({
      meanwhile: handsOff,
      reach: 'Warm seeds, greased tray and roller within reach',
      why: 'Honey browns faster than sugar.',
    }),
    finish('Seeds', { say: 'Warm seeds and salt in, fold fast', why: 'Cold seeds set the sugar where they land.' }),
    pour(
      'Roll thin',
      { say: 'Turn out and roll thin between sheets', why: 'It stiffens in about two minutes.' },
      'Rolled',
      { kind: 'spread' },
    ),
    brokenCold,
    wrap('polypropylene', 'Pack', 'Pack it', 'Honey draws damp: within the hour.', 'Packed'),
  ],
  shape: { kind: 'broken', thicknessMm: 4, gramsEach: 20 },
  waste: 0.03,
  boils: [],
}
