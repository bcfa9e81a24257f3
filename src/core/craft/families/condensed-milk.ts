import type { Expected, Family } from './family'

export const condensedMilk: Family = {
  label: 'Condensed-milk caramel',
  usual: { low: 105, high: 113 },
  schools: { thermometer: 'by thermometer', 'by-eye': 'by eye: streak and sides' },
  spoiltAt: 188,
  grains: false,
  work: 'poured',
  windows: { spread: { celsius: [60, null] }, 'pour-over': { celsius: [60, null] }, cut: { nearRoom: 4 } },
  finish: {
    usual: [
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'knife' } },
      { work: { kind: 'wrap', film: 'waxed-paper' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { 'condensed-milk': 397, butter: 115, 'light-brown-sugar': 115, 'golden-syrup': 60 },
    target: 110,
  },
  lands: {
    bite: ['soft-chew', 'firm-chew'],
    stage: ['thread', 'soft-ball'],
    water: [9, 16],
  },
}
