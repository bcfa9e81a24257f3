/**
 * The pantry: what each ingredient is made of, per 100 g. Figures are ordinary food-table values for plain goods;
 * a maker's own ingredient overrides them. One row an ingredient.
 */
import { type Mix, massOf, mix } from './mix'

export type Allergen = 'milk' | 'egg' | 'nuts' | 'peanuts' | 'sesame' | 'soya' | 'gluten' | 'gelatin'

export interface Ingredient {
  readonly id: string
  readonly name: string
  /** Grams per 100 g. */
  readonly per100: Mix
  /** g/ml as spooned or poured. */
  readonly density: number
  /** Grams of one of a unit, where volume and density are not what counts: "cup", "stick", "tin", "each". */
  readonly unitGrams: Readonly<Record<string, number>>
  /** Goes in as pieces: its own water and sugar stay inside it and do not join the syrup. */
  readonly whole: boolean
  readonly allergens: readonly Allergen[]
  readonly synonyms: readonly string[]
}

interface Row {
  density?: number
  units?: Record<string, number>
  whole?: true
  allergens?: Allergen[]
  synonyms?: string[]
}

function ingredient(id: string, name: string, parts: Partial<Mix>, row: Row = {}): Ingredient {
  const per100 = mix(parts)
  if (Math.abs(massOf(per100) - 100) > 0.05) throw new Error(`${id} adds up to ${massOf(per100)} g, not 100`)
  return {
    id,
    name,
    per100,
    density: row.density ?? 1,
    unitGrams: row.units ?? {},
    whole: row.whole ?? false,
    allergens: row.allergens ?? [],
    synonyms: row.synonyms ?? [],
  }
}

const milk: Allergen[] = ['milk']

export const ingredients: readonly Ingredient[] = [
  ingredient('water', 'Water', { water: 100 }, { synonyms: ['hot water', 'cold water'] }),
  ingredient(
    'sugar',
    'Granulated sugar',
    { sucrose: 99.95, ash: 0.05 },
    {
      density: 0.85,
      units: { cup: 200 },
      synonyms: ['white sugar', 'caster sugar', 'superfine sugar'],
    },
  ),
  ingredient(
    'light-brown-sugar',
    'Light brown sugar',
    { sucrose: 93, monosaccharide: 3.5, ash: 1.2, water: 2.3 },
    {
      density: 0.93,
      units: { cup: 213 },
    },
  ),
  ingredient(
    'glucose-42',
    'Glucose syrup, 42 DE',
    { glucoseSolids: 80.3, water: 19.7, de: 42 },
    {
      density: 1.42,
      synonyms: ['glucose syrup', 'corn syrup'],
    },
  ),
  ingredient('glucose-60', 'Glucose syrup, 60 DE', { glucoseSolids: 81.5, water: 18.5, de: 60 }, { density: 1.42 }),
  ingredient(
    'cream-36',
    'Cream, 36 % fat',
    { fat: 36, milkProtein: 2.1, lactose: 3, ash: 0.5, water: 58.4 },
    {
      density: 0.99,
      allergens: milk,
      synonyms: ['whipping cream', 'heavy cream', 'double cream'],
    },
  ),
  ingredient(
    'butter',
    'Butter, unsalted',
    { fat: 82, milkProtein: 0.7, lactose: 0.7, ash: 0.1, water: 16.5 },
    {
      density: 0.95,
      units: { stick: 113.4, tbsp: 14.2 },
      allergens: milk,
    },
  ),
  ingredient(
    'butter-salted',
    'Butter, salted',
    {
      fat: 80.5,
      milkProtein: 0.7,
      lactose: 0.7,
      salt: 1.6,
      ash: 0.1,
      water: 16.4,
    },
    { density: 0.95, units: { stick: 113.4, tbsp: 14.2 }, allergens: milk },
  ),
  ingredient(
    'tamarind',
    'Tamarind pulp',
    { monosaccharide: 30, acid: 9, insoluble: 8, ash: 2, water: 51 },
    {
      density: 1.15,
    },
  ),
  ingredient('smoked-salt', 'Smoked salt', { salt: 99.5, water: 0.5 }, { density: 1.2, units: { tsp: 5 } }),
  ingredient('salt', 'Fine salt', { salt: 99.8, water: 0.2 }, { density: 1.22, units: { tsp: 6 } }),
  ingredient(
    'soda',
    'Baking soda',
    { ash: 100 },
    {
      density: 0.92,
      units: { tsp: 4.6 },
      synonyms: ['bicarbonate of soda'],
    },
  ),
  ingredient(
    'coconut-chips',
    'Coconut chips, raw',
    {
      fat: 62,
      protein: 7,
      sucrose: 6,
      insoluble: 20,
      ash: 2,
      water: 3,
    },
    { density: 0.3, units: { cup: 60 }, whole: true, allergens: ['nuts'] },
  ),
  ingredient(
    'sesame',
    'Sesame seeds, roasted',
    { fat: 50, protein: 18, insoluble: 26, ash: 4.5, water: 1.5 },
    {
      density: 0.6,
      whole: true,
      allergens: ['sesame'],
    },
  ),
  ingredient(
    'dried-pear',
    'Dried pear, diced',
    { monosaccharide: 50, sucrose: 5, acid: 1, insoluble: 18, ash: 1, water: 25 },
    {
      density: 0.6,
      whole: true,
    },
  ),
  ingredient('vanilla', 'Vanilla extract', { water: 95, monosaccharide: 5 }, { density: 0.95, units: { tsp: 4.2 } }),
  ingredient('citric-acid', 'Citric acid', { acid: 99.5, water: 0.5 }, { density: 0.9, units: { tsp: 4.5 } }),
  ingredient('flavour', 'Flavour oil', { insoluble: 100 }, { density: 0.92, units: { drop: 0.04 } }),
  ingredient('colour', 'Food colour, liquid', { water: 100 }, { density: 1.02, units: { drop: 0.05 } }),
]

const byId = new Map(ingredients.map((i) => [i.id, i]))

/** The ingredient of this id. @throws RangeError naming the id when the pantry has none. */
export function ingredientById(id: string): Ingredient {
  const found = byId.get(id)
  if (!found) throw new RangeError(`No ingredient called "${id}"`)
  return found
}
