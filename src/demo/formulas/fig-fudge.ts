import type { BoiledFormula } from '@/core'
import { allIn, finish, pour, pull, work, wrap } from './steps'

export const figFudge: BoiledFormula = {
  version: 1,
  name: 'Condensed-milk fig fudge',
  family: 'condensed-milk',
  school: 'by-eye',
  about: 'A tin of condensed milk, stirred without pause until it leaves a clean streak; figs folded in.',
  groups: [
    { id: 'pot', label: 'In the pot', celsius: 20 },
    { id: 'finish', label: 'Off the heat', celsius: 20 },
  ],
  lines: [
    { id: 'milk', group: 'pot', ingredient: 'condensed-milk', grams: 397, note: 'one tin' },
    { id: 'butter', group: 'pot', ingredient: 'butter', grams: 100 },
    { id: 'sugar', group: 'pot', ingredient: 'light-muscovado', grams: 120 },
    { id: 'golden', group: 'pot', ingredient: 'golden-syrup', grams: 50 },
    { id: 'figs', group: 'finish', ingredient: 'dried-fig', grams: 140, note: 'chopped small' },
  ],
  target: { celsius: 111, within: 1.5 },
  steps: [
    allIn('Everything on, low heat, stir without pause', 'Condensed milk scorches the moment it stands.', 4),
    {
      ...pull({
        meanwhile: {
          say: 'Stir without pause; look for a clean streak',
          why: 'It leaves the pan clean behind the spoon when it is done.',
        },
        reach: 'Figs and lined tin within reach',
        why: 'A minute more and it is toffee.',
      }),
      test: 'A spoon leaves a clean streak; it pulls from the side',
      shows: 'clean-streak',
    },
    finish('Figs', { say: 'Figs in, fold', why: 'Off the heat they stay whole.' }),
    pour(
      'Into the tin',
      { say: 'Into the tin, press it level', why: 'It does not grain: it may be smoothed.' },
      'In the tin',
      { kind: 'spread' },
    ),
    work(
      { kind: 'cut', tool: 'knife' },
      {
        label: 'Cut',
        meanwhile: { say: 'Let it cool; the cold is welcome later', why: 'It firms slowly.' },
        say: 'Cut it',
        why: 'It is as cool as the room through and through.',
        act: 'Cut',
      },
    ),
    wrap('waxed-paper', 'Wrap', 'Wrap the pieces', 'The cut sides are sticky on a damp day.'),
  ],
  shape: { kind: 'cut', lengthMm: 25, widthMm: 25, heightMm: 18 },
  waste: 0.05,
  boils: [],
}
