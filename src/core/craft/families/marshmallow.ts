import type { Expected, Family } from './family'

export const marshmallow: Family = {
  label: 'Marshmallow',
  usual: { low: 112, high: 116 },
  schools: { gelatin: 'gelatin', 'egg-white': 'with egg white' },
  spoiltAt: 164,
  dusted: 'starch',
  grains: false,
  work: 'whipped',
  windows: {
    whip: { celsius: [38, 45] },
    spread: { celsius: [34, 48] },
    pipe: { celsius: [34, 45] },
    cut: { nearRoom: 3 },
  },
  finish: {
    usual: [
      { work: { kind: 'whip', on: 'gelatin' } },
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'oiled-knife' }, minutes: 360 },
      { work: { kind: 'dust' } },
      { work: { kind: 'wrap', film: 'polypropylene' } },
    ],
    'egg-white': [
      { work: { kind: 'whip', on: 'egg' } },
      { work: { kind: 'spread' }, pours: true },
      { work: { kind: 'cut', tool: 'oiled-knife' }, minutes: 360 },
      { work: { kind: 'dust' } },
      { work: { kind: 'wrap', film: 'polypropylene' } },
    ],
  },
}

/** Its ordinary formula, and what that must come out as. */
export const expected: Expected = {
  ordinary: {
    pot: { sugar: 450, 'glucose-42': 250, water: 160 },
    after: { 'gelatin-powder': 24, water: 110 },
    target: 114.5,
  },
  lands: {
    bite: ['soft-chew'],
    stage: ['soft-ball', 'firm-ball'],
    water: [16, 26],
  },
}
