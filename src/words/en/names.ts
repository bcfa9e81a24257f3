/** What the things of the craft are called. One row each. */
import {
  type Analysis,
  type BiteId,
  type ColourId,
  colourAt,
  type Deed,
  type PartState,
  type Seen,
  type Sign,
  type Smell,
  type StageId,
  type Trouble,
} from '@/core'
import { formatCount } from '../format'

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

const SMALL = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']
/** A count in words, where it is small. */
export const countWord = (n: number): string => SMALL[n] ?? formatCount(n)

export const biteNames: Readonly<Record<BiteId, string>> = {
  'snaps-clean': 'snaps clean',
  hard: 'hard',
  bends: 'bends before it breaks',
  'very-firm-chew': 'very firm chew',
  'firm-chew': 'firm chew',
  'soft-chew': 'soft chew',
  'dry-grain': 'very firm, breaks short',
  'firm-grain': 'firm, cuts clean',
  'soft-grain': 'soft and creamy',
  spoonable: 'spoonable',
  pours: 'pours',
}

/** How a sweet bites; of one that is set by something else than its sugar, only that it holds. */
export const sayBite = ({ bite, work }: Pick<Analysis, 'bite' | 'work'>): string =>
  work === 'set' ? 'holds its shape' : biteNames[bite.id]

export const stageNames: Readonly<Record<StageId, string>> = {
  // what holds milk is no syrup there, and shows no thread either
  syrup: 'no thread',
  thread: 'thread',
  'soft-ball': 'soft ball',
  'firm-ball': 'firm ball',
  'hard-ball': 'hard ball',
  'soft-crack': 'soft crack',
  'hard-crack': 'hard crack',
}

export const signNames: Readonly<Record<Sign, string>> = {
  'thread-off-spoon': 'a thread off the spoon',
  'sheet-off-spoon': 'a sheet off the spoon',
  'clean-streak': 'a clean streak on the pan',
  'pulls-from-side': 'pulls from the side',
  'holds-on-spatula': 'holds on the spatula',
  'slow-bubbles': 'bubbles large and slow',
}

export const smellNames: Readonly<Record<Smell, string>> = {
  caramel: 'smells of caramel',
  toast: 'smells of toast',
  smoke: 'first smoke',
}

export const colourNames: Readonly<Record<ColourId, string>> = {
  straw: 'straw',
  'pale-amber': 'pale amber',
  amber: 'amber',
  'deep-amber': 'deep amber',
  mahogany: 'mahogany',
  burnt: 'burnt',
}

/** The colour at a colour-equivalent temperature, °C. */
export function colourName(celsius: number): string {
  const colour = colourAt(celsius)
  return colour ? colourNames[colour] : 'pale'
}

export const deedNames: Readonly<Record<Deed, string>> = {
  stirred: 'stirred',
  brushed: 'sides brushed',
  swirled: 'swirled',
}

export const partStateNames: Readonly<Record<PartState, string>> = {
  cold: 'is cold',
  firm: 'is firm',
  baked: 'is baked',
  hot: 'is hot and ready',
}

export const troubleNames: Readonly<Record<Trouble, string>> = {
  'too-far': 'Went too far',
  'too-soft': 'Too soft',
  'too-dark': 'Too dark',
  grained: 'It grained',
  split: 'It split',
}

/** A sign, a drop or a shade, whichever it is. */
export function seenName(seen: Seen): string {
  if (typeof seen === 'number') return colourName(seen)
  return seen in signNames ? signNames[seen as Sign] : stageNames[seen as StageId]
}
