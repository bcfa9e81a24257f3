import type { BoiledFormula } from '@/core'
import { allIn, pour, pull, rest, scrapeBase, work, wrap } from './steps'

export const maltedFudge: BoiledFormula = {
  version: 1,
  name: 'Malted-milk fudge',
  family: 'fudge',
  school: 'cool-beat',
  about: 'Cooled undisturbed, then beaten: the finest grain there is.',
  groups: [{ id: 'pot', label: 'In the pot', celsius: 20 }],
  lines: [
    { id: 'sugar', group: 'pot', ingredient: 'sugar', grams: 700 },
    { id: 'milk', group: 'pot', ingredient: 'milk-whole', grams: 260 },
    { id: 'cream', group: 'pot', ingredient: 'cream-36', grams: 140 },
    { id: 'butter', group: 'pot', ingredient: 'butter', grams: 60 },
    { id: 'glucose', group: 'pot', ingredient: 'glucose-42', grams: 30 },
    { id: 'malt', group: 'pot', ingredient: 'malted-milk', grams: 40 },
    { id: 'salt', group: 'pot', ingredient: 'salt', grams: 3 },
  ],
  target: { celsius: 114.5, within: 1 },
  steps: [
    allIn('Everything on, stir until it boils', 'Every grain of sugar has to dissolve first.', 5),
    pull({
      meanwhile: scrapeBase,
      reach: 'Cold bath, paddle and lined tin within reach',
      say: 'Off the heat, base in cold water',
      bath: true,
      why: 'Half a degree is the difference between soft and crumbly.',
    }),
    work(
      { kind: 'beat' },
      {
        label: 'Beat',
        when: { on: 'falls', celsius: 46 },
        meanwhile: {
          say: 'Let it cool undisturbed, probe and all',
          why: 'A stir, a knock, a second probe: each starts coarse grain.',
        },
        say: 'Beat until it turns matt and thickens',
        why: 'Cool and fast makes many small crystals.',
        act: 'It has turned',
        test: 'The gloss is gone',
      },
    ),
    pour(
      'Into the tin',
      { say: 'Into the tin at once, level it once', why: 'Spreading it again makes grain.' },
      'In the tin',
      { kind: 'spread' },
    ),
    rest(
      600,
      { kind: 'cut', tool: 'knife' },
      {
        label: 'Overnight, cut',
        meanwhile: { say: 'Cover it and leave it overnight', why: 'The grain settles and it cuts clean.' },
        say: 'Cut it',
        why: 'It dries from the cut sides.',
        act: 'Cut',
      },
    ),
    wrap('waxed-paper', 'Wrap', 'Wrap the pieces', 'It dries from the cut sides.'),
  ],
  shape: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 20 },
  waste: 0.05,
  boils: [],
}
