import type { Expected, Family } from './family'

export const jelly: Family = {
  label: 'Jelly and fruit paste',
  usual: { low: 105, high: 112 },
  schools: { pectin: 'set by pectin', gelatin: 'set by gelatin', starch: 'set by starch', agar: 'set by agar' },
  spoiltAt: 160,
  dusted: 'sugar',
  grains: false,
  work: 'set',
  // acid pectin, gelatin, a starch paste and agar as they are usual ◊
  setsAt: { pectin: 85, gelatin: 30, starch: 60, agar: 40 },
  windows: { cut: { nearRoom: 3 }, unmould: { nearRoom: 3 } },
  finish: {
    usual: [
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'oiled-knife' }, minutes: 720 },
      { work: { kind: 'dust' } },
      { work: { kind: 'wrap', film: 'polypropylene' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { 'raspberry-puree': 500, sugar: 500, 'glucose-42': 100, pectin: 12 },
    target: 107,
  },
  lands: {
    bite: ['soft-chew'],
    stage: ['syrup', 'thread'],
    water: [15, 26],
  },
}
