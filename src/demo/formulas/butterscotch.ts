import type { BoiledFormula } from '@/core'
import { allIn, finish, pour, pull, work, wrap } from './steps'

export const butterscotch: BoiledFormula = {
  version: 1,
  name: 'Treacle-dark butterscotch drops',
  family: 'toffee',
  school: 'boil-only',
  about: 'Brown sugar and butter with a spoon of treacle, dropped on a mat while it still runs.',
  groups: [
    { id: 'pot', label: 'In the pot', celsius: 20 },
    { id: 'finish', label: 'Off the heat', celsius: 20 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'dark-brown-sugar', grams: 400 },
    { id: 'butter', group: 'pot', ingredient: 'butter-salted', grams: 170 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 90 },
    { id: 'treacle', group: 'pot', ingredient: 'treacle', grams: 25 },
    { id: 'water', group: 'pot', ingredient: 'water', grams: 100 },
    { id: 'vanilla', group: 'finish', ingredient: 'vanilla', grams: 3 },
  ],
  target: { celsius: 145, within: 2 },
  steps: [
    allIn('Everything on, stir until it boils', 'Once it boils the butter is taken up and the spoon can go.', 6),
    pull({
      meanwhile: {
        say: 'Leave it; tilt the pot, do not stir',
        why: 'Brown sugar catches: turn the heat down if the edge darkens.',
      },
      reach: 'Vanilla, mat and spoon within reach',
      why: 'Treacle goes from dark to bitter in a few degrees.',
    }),
    finish('Vanilla', {
      say: 'Vanilla in, one turn of the spoon',
      why: 'It spits; more stirring splits the butter out.',
    }),
    pour('Drop', { say: 'Drop on the mat by the spoon', why: 'It runs for about three minutes.' }, 'All dropped', {
      kind: 'fill',
      by: 'spoon',
      level: 1,
    }),
    work(
      { kind: 'unmould' },
      {
        label: 'Off the mat',
        meanwhile: { say: 'Let the drops cool', why: 'Moved while soft they bend.' },
        say: 'Lift them off the mat',
        why: 'They are hard through.',
        act: 'Lifted',
        when: { on: 'falls', celsius: 33 },
      },
    ),
    wrap('cellulose', 'Wrap', 'Wrap in twists', 'Brown sugar draws water faster than white.'),
  ],
  shape: { kind: 'broken', thicknessMm: 7, gramsEach: 8, formed: 'dropped' },
  waste: 0.04,
  boils: [],
}
