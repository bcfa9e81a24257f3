import type { Family } from './family'

export const toffee: Family = {
  label: 'Toffee',
  decidedBy: 'water at or under 3 %, and colour',
  usual: { low: 140, high: 150 },
  schools: { thermometer: 'by thermometer', colour: 'by colour', stir: 'stirred throughout' },
  waterMatters: 0.005,
}
