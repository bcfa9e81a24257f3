import type { FamilyFacts } from './family'

/** What is put together from parts, and the parts of it that are not boiled. */
export const layered: FamilyFacts = {
  label: 'Layered and baked',
  schools: { layered: 'in parts', baked: 'baked', tempered: 'melted and tempered' },
  spoiltAt: 188,
  grains: false,
  work: 'poured',
  windows: { cut: { nearRoom: 4 } },
  finish: {
    usual: [
      { work: { kind: 'cut', tool: 'hot-knife' }, minutes: 60, pours: true },
      { work: { kind: 'wrap', film: 'waxed-paper' } },
    ],
  },
}
