import { heights } from '../handwork'
import type { Expected, Family } from './family'

export const brittle: Family = {
  label: 'Brittle',
  usual: { low: 148, high: 154 },
  schools: { raw: 'raw, toasted in the syrup', roasted: 'roasted, in at the end' },
  spoiltAt: 182,
  grains: false,
  work: 'spread',
  windows: {
    spread: { above: [75, null] },
    pull: { above: [60, 95] },
    score: { above: [42, 75] },
    // warm, while a knife still goes through it
    cut: { above: [heights.cuts, heights.scores] },
    break: { nearRoom: 8 },
  },
  finish: {
    usual: [
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'break' } },
      { work: { kind: 'wrap', film: 'polypropylene' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 500, 'glucose-42': 250, water: 150, peanuts: 300, butter: 30, salt: 4 },
    after: { soda: 6 },
    target: 151,
  },
  lands: {
    bite: ['snaps-clean'],
    stage: ['hard-crack'],
    water: [1, 3],
  },
}
