import type { Expected, Family } from './family'

export const hardCandy: Family = {
  label: 'Hard candy',
  usual: { low: 146, high: 154 },
  schools: {
    'boil-per-colour': 'one boil per colour',
    'soft-bite': 'softer bite',
    pulled: 'pulled until it shines',
  },
  spoiltAt: 166,
  grains: false,
  work: 'poured',
  workIn: { pulled: 'pulled' },
  windows: {
    fill: { above: [78, null] },
    // a hotter mass flows through the fingers, and burns them
    form: { above: [28, 55] },
    pull: { above: [28, 50] },
    score: { above: [35, 62] },
    // what was pulled is cut while the rope still bends
    cut: { above: [26, 55] },
    unmould: { nearRoom: 12 },
    break: { nearRoom: 8 },
  },
  finish: {
    usual: [
      { work: { kind: 'fill', by: 'jug', level: 1 }, pours: true },
      { work: { kind: 'unmould' } },
      { work: { kind: 'wrap', film: 'cellulose' } },
    ],
    pulled: [
      { work: { kind: 'leave' }, pours: true },
      { work: { kind: 'pull' } },
      { work: { kind: 'cut', tool: 'scissors' } },
      { work: { kind: 'wrap', film: 'cellulose' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 1000, 'glucose-42': 430, water: 330 },
    after: { 'citric-acid': 8 },
    target: 149,
  },
  lands: {
    bite: ['snaps-clean'],
    stage: ['hard-crack'],
    water: [1.5, 3],
  },
}
