import type { Expected, Family } from './family'

export const fudge: Family = {
  label: 'Fudge',
  usual: { low: 112, high: 116 },
  schools: {
    'cool-beat': 'cool undisturbed, then beat',
    'stir-soon': 'stir soon and pour',
    'no-grain': 'condensed milk, no grain',
  },
  spoiltAt: 184,
  grains: true,
  smooth: ['no-grain'],
  work: 'beaten',
  workIn: { 'stir-soon': 'stirred', 'no-grain': 'poured' },
  windows: { beat: { celsius: [43, 50] }, cut: { nearRoom: 4 } },
  finish: {
    usual: [
      { work: { kind: 'beat' } },
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'knife' }, minutes: 600 },
      { work: { kind: 'wrap', film: 'waxed-paper' } },
    ],
    'stir-soon': [
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'knife' } },
      { work: { kind: 'wrap', film: 'waxed-paper' } },
    ],
    'no-grain': [
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'knife' } },
      { work: { kind: 'wrap', film: 'waxed-paper' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 900, 'milk-whole': 300, 'cream-36': 150, butter: 60, 'glucose-42': 40 },
    target: 114.5,
  },
  lands: {
    bite: ['firm-grain', 'soft-grain'],
    stage: ['soft-ball'],
    water: [7, 13],
  },
}
