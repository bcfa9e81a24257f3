import type { Family } from './family'

export const hardCandy: Family = {
  label: 'Hard candy',
  decidedBy: 'water at or under 3 %',
  usual: { low: 146, high: 154 },
  schools: { 'boil-per-colour': 'one boil per colour', 'soft-bite': 'softer bite, 135 to 140°' },
  waterMatters: 0.005,
}
