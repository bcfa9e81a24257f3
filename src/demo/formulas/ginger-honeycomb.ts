import type { BoiledFormula } from '@/core'
import { dissolve, finish, handsOff, lidOff, pour, pull, work, wrap } from './steps'

export const gingerHoneycomb: BoiledFormula = {
  version: 1,
  name: 'Ginger honeycomb',
  family: 'honeycomb',
  school: 'golden',
  about: 'A glass blown up with soda: a pot five times the syrup, and nothing touched once it is poured.',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'finish', label: 'Off the heat, all at once', celsius: 20 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'caster-sugar', grams: 400 },
    { id: 'golden', group: 'pot', ingredient: 'golden-syrup', grams: 90 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 90 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 120 },
    { id: 'soda', group: 'finish', ingredient: 'soda', grams: 16, note: 'sifted twice' },
    { id: 'ginger', group: 'finish', ingredient: 'spice', grams: 4, note: 'ground ginger, sifted with the soda' },
  ],
  target: { celsius: 150, within: 1.5 },
  steps: [
    dissolve('Sugar, syrups and water on, lid on'),
    lidOff(),
    pull({
      meanwhile: handsOff,
      reach: 'Sifted soda, whisk and deep lined tin within reach',
      why: 'Too cool it sinks, too hot it tastes burnt.',
    }),
    finish(
      'Soda',
      { say: 'Soda and ginger in, whisk five seconds, stop', why: 'More whisking lets the gas go.' },
      'foam',
    ),
    pour('Pour', { say: 'Pour at once and never touch it', why: 'A knock or a spoon and it falls.' }),
    work(
      { kind: 'break' },
      {
        label: 'Break',
        meanwhile: { say: 'Leave it where it stands', why: 'The middle is still soft and will sink.' },
        say: 'Break it',
        why: 'The middle has set: it will not sink any more.',
        act: 'Broken',
      },
    ),
    wrap('jar', 'Seal', 'Seal it from the air', 'It takes up damp within minutes.', 'Sealed'),
  ],
  shape: { kind: 'broken', thicknessMm: 30, gramsEach: 18 },
  air: 0.7,
  waste: 0.06,
  boils: [],
}
