import type { Expected, Family } from './family'

export const popcorn: Family = {
  label: 'Popcorn balls',
  usual: { low: 121, high: 150 },
  schools: { 'soft-chew': 'soft-chew', crisp: 'crisp' },
  spoiltAt: 182,
  grains: false,
  work: 'tossed',
  // loose pieces come apart long before a slab would
  windows: { form: { above: [38, 75] }, break: { nearRoom: 15 }, cut: { nearRoom: 6 } },
  finish: {
    usual: [
      { work: { kind: 'form', into: 'clusters' }, pours: true },
      { work: { kind: 'wrap', film: 'polypropylene' }, minutes: 20 },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 400, 'glucose-42': 200, water: 100, butter: 40, salt: 4 },
    after: { popcorn: 160 },
    target: 138,
  },
  lands: {
    bite: ['hard', 'bends', 'snaps-clean'],
    stage: ['soft-crack', 'hard-crack'],
    water: [2, 5],
  },
}
