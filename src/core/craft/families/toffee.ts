import { heights } from '../handwork'
import type { Expected, Family } from './family'

export const toffee: Family = {
  label: 'Toffee',
  usual: { low: 140, high: 150 },
  schools: {
    thermometer: 'by thermometer',
    colour: 'by colour',
    stir: 'stirred throughout',
    'boil-only': 'stirred until the boil',
  },
  spoiltAt: 186,
  grains: false,
  work: 'spread',
  windows: {
    spread: { above: [75, null] },
    'cover-chips': { celsius: [60, 125] },
    score: { above: [42, 75] },
    // warm, while a knife still goes through it
    cut: { above: [heights.cuts, heights.scores] },
    break: { nearRoom: 6 },
  },
  finish: {
    usual: [
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'score' } },
      { work: { kind: 'break' } },
      { work: { kind: 'wrap', film: 'polypropylene' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { 'butter-salted': 450, sugar: 450, 'glucose-42': 60, water: 90 },
    target: 147,
  },
  lands: {
    bite: ['snaps-clean', 'hard'],
    stage: ['hard-crack'],
    water: [1, 3],
  },
}
