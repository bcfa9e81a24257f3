import type { FamilyFacts } from './family'

/** Chocolate melted and brought into temper: no syrup, but a pot that is warmed to a figure, pulled and worked all the same. */
export const chocolate: FamilyFacts = {
  label: 'Tempered chocolate',
  schools: { seeded: 'melted, and seeded', tabled: 'melted, and worked on a stone' },
  spoiltAt: 140,
  grains: false,
  work: 'tempered',
  // its heat is that of the chocolate: see windowOf
  windows: {},
  finish: {
    usual: [{ work: { kind: 'temper', chocolate: 'dark' } }, { work: { kind: 'coat' }, pours: true }],
    tabled: [
      { work: { kind: 'table' }, now: true },
      { work: { kind: 'gather' } },
      { work: { kind: 'temper', chocolate: 'dark' } },
      { work: { kind: 'coat' }, pours: true },
    ],
  },
}
