/** What can be wished of a sweet, and what it comes to. */
import { inCelsiusStep, type MeasureOf } from '@/core'
import { formatShare } from '../format'
import type { Say } from '../units'

interface MeasureWords {
  readonly name: string
  /** A value of it; money with its sign. */
  value(v: number, say: Say, currency: string): string
  /** What standing in the way of this wish is called. */
  readonly wish: string
}

const share = (v: number): string => formatShare(v)

export const measureWords: Readonly<Record<MeasureOf, MeasureWords>> = {
  softness: {
    name: 'Softness',
    value: (v, say) => `${say.step(inCelsiusStep(v))} above its glass point`,
    wish: 'the bite',
  },
  stickyAbove: { name: 'Turns sticky above', value: (v) => `${share(v)} humidity`, wish: 'not turning sticky' },
  driesBelow: { name: 'Dries below', value: (v) => `${share(v)} humidity`, wish: 'not drying out' },
  sweetness: { name: 'Sweetness', value: (v) => `${share(v)} of pure sugar`, wish: 'the sweetness' },
  doctors: { name: 'Kept from graining by', value: (v) => `${share(v)} of the sweeteners`, wish: 'safety from grain' },
  glucose: { name: 'Glucose syrup', value: (v) => `${share(v)} of the sweeteners`, wish: 'the limit on glucose' },
  water: { name: 'Water', value: share, wish: 'the water' },
  fat: { name: 'Fat', value: share, wish: 'the fat' },
  cost: { name: 'Costs', value: (v, _, currency) => `${currency}${v.toFixed(2)} a kilo`, wish: 'the price' },
}
