import type { Expected, Family } from './family'

export const caramelSauce: Family = {
  label: 'Caramel sauce and filling',
  usual: { low: 105, high: 108 },
  schools: {
    'stopped-cream': 'stopped with cream',
    'stopped-water': 'stopped with water and juice',
    'by-colour': 'by colour only',
  },
  spoiltAt: 190,
  grains: false,
  work: 'poured',
  windows: { fill: { celsius: [55, 95] } },
  finish: {
    usual: [
      { work: { kind: 'fill', by: 'funnel', level: 0.95 }, pours: true },
      { work: { kind: 'wrap', film: 'jar' }, minutes: 120 },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 400, 'glucose-42': 150, 'cream-36': 500, butter: 60, salt: 4 },
    target: 106.5,
  },
  lands: {
    bite: ['spoonable', 'pours'],
    stage: ['syrup', 'thread'],
    water: [14, 26],
  },
}
