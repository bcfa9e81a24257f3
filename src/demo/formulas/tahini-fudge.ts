import type { BoiledFormula } from '@/core'
import { allIn, finish, pour, pull, scrapeBase, work, wrap } from './steps'

export const tahiniFudge: BoiledFormula = {
  version: 1,
  name: 'Quick tahini fudge',
  family: 'fudge',
  school: 'stir-soon',
  about: 'Stirred soon and poured: coarser, and on the table the same evening.',
  groups: [
    { id: 'pot', label: 'In the pot', celsius: 20 },
    { id: 'finish', label: 'Off the heat', celsius: 25 },
  ],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'light-brown-sugar', grams: 500 },
    { id: 'milk', group: 'pot', ingredient: 'evaporated-milk', grams: 280 },
    { id: 'butter', group: 'pot', ingredient: 'butter', grams: 60 },
    { id: 'tahini', group: 'finish', ingredient: 'tahini', grams: 160 },
    { id: 'salt', group: 'finish', ingredient: 'flaky-salt', grams: 4 },
  ],
  target: { celsius: 114, within: 1 },
  steps: [
    allIn('Sugar, milk and butter on, stir', 'Evaporated milk catches if it stands.', 5),
    pull({
      meanwhile: scrapeBase,
      reach: 'Tahini, salt and lined tin within reach',
      why: 'The tahini stiffens it further.',
    }),
    finish('Tahini', {
      say: 'Tahini and salt in, stir until it just dulls',
      why: 'Stirring hot grains it quickly: that is meant.',
    }),
    pour('Into the tin', { say: 'Pour while it still runs', why: 'A minute later it is in lumps.' }, 'Poured', {
      kind: 'spread',
    }),
    work(
      { kind: 'cut', tool: 'knife' },
      {
        label: 'Cut',
        meanwhile: { say: 'Let it set', why: 'Cut warm it crumbles.' },
        say: 'Cut it',
        why: 'It is as cool as the room, and firm.',
        act: 'Cut',
      },
    ),
    wrap('foil', 'Wrap', 'Wrap the pieces', 'Sesame oil comes out on a warm day.'),
  ],
  shape: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 20 },
  waste: 0.05,
  boils: [],
}
