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

/** The shade whose swatch lies nearest to a colour-equivalent temperature, °C. */
export const nearestColour = (celsius: number): ColourId =>
  colourStages.reduce((a, b) => (Math.abs(b.celsius - celsius) < Math.abs(a.celsius - celsius) ? b : a)).id

/** The colour reached at a colour-equivalent temperature, °C; null where it is still pale. */
export const colourAt = (celsius: number): ColourId | null =>
  colourStages.findLast((c) => c.celsius <= celsius)?.id ?? null
