/** How a sweet that no knife cuts comes to lie, by how it is worked. */
import { type FormedBy, isFormed, type Shape, type Work } from '@/core'

interface Lying {
  /** "Make 580 g, tipped out 30 mm thick". */
  readonly made: string
  /** How it becomes pieces. */
  readonly broken: string
  /** What it does in its tray, before "it lies 9 mm thick"; null for what is formed and lies in none. */
  readonly fills: string | null
}

const spread: Lying = { made: 'spread', broken: 'Spread and broken by hand', fills: 'Spread to the edges of' }

const lyings: Readonly<Partial<Record<Work, Lying>>> = {
  tipped: { made: 'tipped out', broken: 'Tipped out, left alone, broken by hand', fills: 'Over the whole of' },
  pulled: { made: 'pulled', broken: 'Pulled to a rope and snipped', fills: null },
  tossed: { made: 'in clusters', broken: 'Formed by hand while it is warm', fills: null },
}

const formed: Readonly<Record<FormedBy, Lying>> = {
  dipped: { made: 'dipped,', broken: 'Dipped one by one, with room between them', fills: null },
  dropped: { made: 'dropped,', broken: 'Dropped one by one, with room to spread between them', fills: null },
  rolled: { made: 'rolled,', broken: 'Rolled by hand, one by one', fills: null },
}

export const lyingOf = (shape: Shape, work: Work): Lying =>
  isFormed(shape) ? formed[shape.formed] : (lyings[work] ?? spread)

/** ◊ mm from which nobody calls it thin. */
const THICK = 9

/** Whether so many millimetres are thin or thick. */
export const thinOrThick = (mm: number): string => (mm < THICK ? 'thin' : 'thick')
