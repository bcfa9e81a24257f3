import type { Expected, Family } from './family'

export const nougat: Family = {
  label: 'Nougat',
  usual: { low: 140, high: 155 },
  schools: {
    'two-syrups-soft': 'two syrups, soft',
    'two-syrups-hard': 'two syrups, hard',
    'one-syrup': 'one syrup',
    grained: 'beaten until it grains',
  },
  spoiltAt: 172,
  grains: true,
  smooth: ['two-syrups-soft', 'two-syrups-hard', 'one-syrup'],
  work: 'whipped',
  windows: {
    whip: { celsius: [45, 62] },
    'fold-in': { celsius: [42, null] },
    spread: { celsius: [40, null] },
    cut: { nearRoom: 4 },
  },
  finish: {
    usual: [
      { work: { kind: 'whip', on: 'egg' } },
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'oiled-knife' }, minutes: 720 },
      { work: { kind: 'wrap', film: 'waxed-paper' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 450, 'glucose-42': 200, water: 150 },
    after: { honey: 300, 'egg-white': 60, almonds: 400 },
    target: 148,
  },
  lands: {
    bite: ['firm-chew', 'very-firm-chew', 'soft-chew'],
    stage: ['hard-crack'],
    water: [5, 11],
  },
}
