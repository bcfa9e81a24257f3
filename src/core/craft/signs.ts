/** Signs of doneness that are neither a stage of the cold-water drop nor a colour. */
import type { StageId } from './stages'

/** Each a stretch of the stage table and its sharpness, °C. ◊ */
export const signs = {
  'thread-off-spoon': { from: 'thread', to: 'soft-ball', sd: 3 },
  'sheet-off-spoon': { from: 'soft-ball', to: 'firm-ball', sd: 4 },
  'clean-streak': { from: 'soft-ball', to: 'hard-ball', sd: 5 },
  'pulls-from-side': { from: 'firm-ball', to: 'hard-ball', sd: 5 },
  'holds-on-spatula': { from: 'firm-ball', to: 'soft-crack', sd: 6 },
  'slow-bubbles': { from: 'hard-ball', to: null, sd: 8 },
} as const satisfies Record<string, { from: StageId; to: StageId | null; sd: number }>

export type Sign = keyof typeof signs

/** Smells, which speak of browning as colour does: where on the colour ramp each comes, and how sharply, °C. ◊ */
export const smells = {
  caramel: { celsius: 165, sd: 7 },
  toast: { celsius: 174, sd: 7 },
  smoke: { celsius: 192, sd: 5 },
} as const satisfies Record<string, { celsius: number; sd: number }>

export type Smell = keyof typeof smells
