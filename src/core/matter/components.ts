/**
 * The components a mix is made of, one row each. A component either *is* the water, is dissolved in it
 * (and so raises the boiling point), or lies apart from it (fat, protein, starch, nuts).
 *
 * - `particle`: mass of one mole of dissolved particles, g/mol. Glucose-syrup solids depend on their DE.
 * - `norrish`: Norrish (1966) constant K of the solute. ◊ assumed where a row says so.
 * - `glassK`: dry glass transition, K (Roos 1995 and kin); absent where it does not form the glass.
 * - `body`: which Choi & Okos (1986) class gives heat capacity and density.
 */
export interface ComponentFacts {
  readonly label: string
  readonly body: BodyClass
  readonly particle?: number | ((de: number) => number)
  readonly norrish?: number | ((de: number) => number)
  readonly glassK?: number | ((de: number) => number)
}

export type BodyClass = 'water' | 'carbohydrate' | 'fat' | 'protein' | 'ash' | 'fibre' | 'gas'

/** Straight line through the two published points (42 DE and 60 DE). */
const byDe =
  (at42: number, at60: number) =>
  (de: number): number =>
    at42 + ((at60 - at42) * (de - 42)) / 18

export const componentFacts = {
  water: { label: 'Water', body: 'water', particle: 18.015 },
  sucrose: { label: 'Sucrose', body: 'carbohydrate', particle: 342.3, norrish: 6.47, glassK: 335 },
  monosaccharide: {
    label: 'Glucose and fructose',
    body: 'carbohydrate',
    particle: 180.16,
    norrish: 2.25,
    glassK: 300,
  },
  // ◊ lactose is given sucrose's K
  lactose: { label: 'Lactose', body: 'carbohydrate', particle: 342.3, norrish: 6.47, glassK: 374 },
  // ◊ K and glass point between 42 and 60 DE
  glucoseSolids: {
    label: 'Glucose syrup solids',
    body: 'carbohydrate',
    particle: (de) => 18016 / de,
    norrish: byDe(2.31, 2.25),
    glassK: byDe(352, 325),
  },
  fat: { label: 'Fat', body: 'fat' },
  milkProtein: { label: 'Milk protein', body: 'protein' },
  protein: { label: 'Other protein', body: 'protein' },
  gelatin: { label: 'Gelatin', body: 'protein' },
  starch: { label: 'Starch', body: 'carbohydrate' },
  // two ions of 29.2; ◊ K 0
  salt: { label: 'Salt', body: 'ash', particle: 29.2, norrish: 0 },
  // ◊ milk salts: the part of milk's freezing point that lactose does not explain gives about 55 g/mol
  ash: { label: 'Other minerals', body: 'ash', particle: 55, norrish: 0 },
  cocoaSolids: { label: 'Cocoa solids', body: 'fibre' },
  insoluble: { label: 'Nuts, seeds, fibre', body: 'fibre' },
  // ◊ citric acid, K as a monosaccharide
  acid: { label: 'Acid', body: 'carbohydrate', particle: 192.1, norrish: 2.25 },
  gas: { label: 'Gas', body: 'gas' },
} as const satisfies Record<string, ComponentFacts>

export type Component = keyof typeof componentFacts

export const components = Object.keys(componentFacts) as Component[]

/** Everything dissolved in the water that raises its boiling point. */
export const solutes = components.filter((c) => c !== 'water' && 'particle' in componentFacts[c])
