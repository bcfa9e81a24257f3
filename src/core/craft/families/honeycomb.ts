import type { Expected, Family } from './family'

export const honeycomb: Family = {
  label: 'Honeycomb',
  usual: { low: 149, high: 152 },
  schools: { plain: 'sugar and glucose', golden: 'with golden syrup' },
  spoiltAt: 176,
  grains: false,
  work: 'tipped',
  windows: { cut: { nearRoom: 4 } },
  finish: {
    usual: [
      { work: { kind: 'leave' }, pours: true },
      { work: { kind: 'break' } },
      { work: { kind: 'wrap', film: 'jar' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 400, 'golden-syrup': 100, 'glucose-42': 100, water: 120 },
    after: { soda: 18 },
    target: 150,
  },
  lands: {
    bite: ['snaps-clean', 'hard'],
    stage: ['hard-crack'],
    water: [1.2, 3.2],
  },
}
