/** The names of caramel's colours by colour-equivalent temperature on a standard ramp, °C. ◊ */
export interface ColourStage {
  readonly label: string
  readonly celsius: number
}

export const colourStages: readonly ColourStage[] = [
  { label: 'straw', celsius: 160 },
  { label: 'pale amber', celsius: 168 },
  { label: 'amber', celsius: 175 },
  { label: 'deep amber', celsius: 183 },
  { label: 'mahogany', celsius: 190 },
  { label: 'burnt', celsius: 196 },
]
