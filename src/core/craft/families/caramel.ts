import type { Expected, Family } from './family'

export const caramel: Family = {
  label: 'Chewy caramel',
  usual: { low: 118, high: 121 },
  schools: { wet: 'wet method', dry: 'dry method', 'all-in': 'all in the pot' },
  spoiltAt: 188,
  grains: false,
  work: 'poured',
  windows: { score: { above: [42, 75] }, cut: { nearRoom: 4 } },
  finish: {
    usual: [
      { work: { kind: 'leave' }, pours: true },
      { work: { kind: 'score' } },
      { work: { kind: 'cut', tool: 'oiled-knife' } },
      { work: { kind: 'wrap', film: 'cellulose' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 500, 'glucose-42': 350, 'cream-36': 500, butter: 80, salt: 6, water: 120 },
    target: 119.5,
  },
  lands: {
    bite: ['firm-chew', 'very-firm-chew'],
    stage: ['firm-ball'],
    water: [6.5, 11],
  },
}
