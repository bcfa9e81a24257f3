import type { Family } from './family'

export const brittle: Family = {
  label: 'Brittle',
  decidedBy: 'a thin glass',
  usual: { low: 148, high: 154 },
  schools: { raw: 'raw, toasted in the syrup', roasted: 'roasted, in at the end' },
  waterMatters: 0.005,
}
