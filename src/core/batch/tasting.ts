/** What eyes, fingers and teeth say of a sweet: short scales, each of five steps, none of them asked for. */

/** Where a scale is at its best: in the middle (too little, too much) or at an end. */
export const scales = {
  bite: { best: 3 },
  chew: { best: 3 },
  gloss: { best: 5 },
  grain: { best: 1 },
  stick: { best: 1 },
  thick: { best: 3 },
  flavour: { best: 5 },
} as const satisfies Record<string, { readonly best: 1 | 3 | 5 }>

export type ScaleId = keyof typeof scales
export const scaleIds = Object.keys(scales) as ScaleId[]

export const STEPS = 5

/** Marks on the scales, 1 to 5, and what was measured beside them. What was not looked at is left out. */
export interface Tasting {
  readonly scales: Readonly<Partial<Record<ScaleId, number>>>
  /** Its shade, as a colour-equivalent temperature of caramel, °C. */
  readonly colourC?: number
  /** What one piece weighs, g. */
  readonly pieceGrams?: number
}
