import type { Family } from './family'

export const caramel: Family = {
  label: 'Chewy caramel',
  decidedBy: 'final water',
  usual: { low: 118, high: 121 },
  schools: { wet: 'wet method', dry: 'dry method', 'all-in': 'all in the pot' },
  waterMatters: 0.01,
}
