/** Caramel's colours by colour-equivalent temperature on a standard ramp, °C. ◊ */
export const colourStages = [
  { id: 'straw', celsius: 160 },
  { id: 'pale-amber', celsius: 168 },
  { id: 'amber', celsius: 175 },
  { id: 'deep-amber', celsius: 183 },
  { id: 'mahogany', celsius: 190 },
  { id: 'burnt', celsius: 196 },
] as const

export type ColourId = (typeof colourStages)[number]['id']

/** The colour reached at a colour-equivalent temperature, °C; null where it is still pale. */
export const colourAt = (celsius: number): ColourId | null =>
  colourStages.findLast((c) => c.celsius <= celsius)?.id ?? null
