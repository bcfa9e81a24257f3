import type { BoiledFormula } from '@/core'
import { dissolve, finish, handsOff, lidOff, pour, pull, rest } from './steps'

export const bergamotSauce: BoiledFormula = {
  version: 1,
  name: 'Bergamot pouring caramel',
  family: 'caramel-sauce',
  school: 'by-colour',
  about: 'Amber by eye, stopped with cream, loosened with citrus; it pours when cold.',
  groups: [
    { id: 'pot', label: 'In the pot, cold', celsius: 20 },
    { id: 'cream', label: 'Hot, at amber', celsius: 80 },
    { id: 'finish', label: 'Off the heat', celsius: 20 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'caster-sugar', grams: 400 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 120 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 120 },
    { id: 'cream', group: 'cream', ingredient: 'cream-36', grams: 420, note: 'hot' },
    { id: 'juice', group: 'finish', ingredient: 'lemon-juice', grams: 30, note: 'bergamot, strained' },
    { id: 'butter', group: 'finish', ingredient: 'butter', grams: 50, note: 'in halves' },
    { id: 'salt', group: 'finish', ingredient: 'salt', grams: 3 },
  ],
  target: { celsius: 106, within: 1 },
  steps: [
    dissolve(),
    lidOff(),
    {
      id: 'cream',
      label: 'Cream at amber',
      when: { on: 'colour', celsius: 172 },
      meanwhile: {
        say: 'Hands off; watch the colour, not the dial',
        why: 'It carries on for about a minute: stop a shade early.',
      },
      prepare: { say: 'Cream hot, long spoon in hand', seconds: 180 },
      say: 'Off the flame, cream in as a slow stream',
      why: 'The sugar is hotter than frying oil: it climbs and spits.',
      act: 'Cream is in',
      adds: 'cream',
      heat: 4,
      cautions: ['steam'],
    },
    pull({
      meanwhile: { ...handsOff, say: 'Simmer, stir now and then', why: 'Only until the lumps have gone.' },
      reach: 'Juice, butter and jars within reach',
      seconds: 60,
      why: 'Thicker hot is stiff cold.',
    }),
    finish('Juice, butter', {
      say: 'Juice in, then butter in halves as it cools',
      why: 'All at once, the butter floats.',
    }),
    pour('Fill the jars', { say: 'Fill warm, dry jars', why: 'A cold jar cracks; a damp one grains.' }, 'Jars filled'),
    rest(
      'Cool 2 h',
      120,
      { say: 'Let it cool with the lids off', why: 'Steam under a lid weeps back.' },
      {
        say: 'Lids on, label, keep cold',
        why: 'With cream in it, it keeps a fortnight in the fridge.',
        act: 'Put away',
      },
    ),
  ],
  shape: { kind: 'mould', millilitres: 190 },
  waste: 0.04,
  boils: [],
}
