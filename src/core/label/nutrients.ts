/** What a label says of nutrients, from the make-up of what went in: what a mix does not hold stands here, by ingredient. */
import type { Ingredient } from '../matter/ingredient'

/** g of a sweet, or of 100 g of it; energy in kJ and kcal. */
export interface Nutrients {
  readonly kilojoules: number
  readonly kilocalories: number
  readonly fat: number
  readonly saturates: number
  readonly carbohydrate: number
  readonly sugars: number
  readonly fibre: number
  readonly protein: number
  readonly salt: number
}

/** kJ and kcal a gram (Regulation (EU) 1169/2011, annex XIV). */
const ENERGY = {
  carbohydrate: [17, 4],
  fat: [37, 9],
  protein: [17, 4],
  fibre: [8, 2],
  acid: [13, 3],
  alcohol: [29, 7],
} as const

/** ◊ Share of the fat that is saturated, by ingredient; of milk, cocoa and the rest by kind. From ordinary food tables. */
const SATURATES: Readonly<Record<string, number>> = {
  almonds: 0.08,
  'almonds-flaked': 0.08,
  'almond-milk': 0.08,
  marzipan: 0.08,
  hazelnuts: 0.075,
  'hazelnut-paste': 0.075,
  'praline-paste': 0.08,
  'almond-butter': 0.08,
  'cashew-butter': 0.2,
  'pistachio-paste': 0.13,
  pistachios: 0.13,
  walnuts: 0.095,
  pecans: 0.09,
  cashews: 0.2,
  'brazil-nuts': 0.24,
  macadamias: 0.16,
  peanuts: 0.16,
  'peanut-butter': 0.18,
  sesame: 0.14,
  tahini: 0.14,
  'sesame-oil': 0.14,
  'peanut-oil': 0.18,
  'poppy-seed': 0.11,
  'pumpkin-seed': 0.18,
  'sunflower-seed': 0.1,
  linseed: 0.09,
  'chia-seed': 0.11,
  'hemp-seed': 0.09,
  'coconut-chips': 0.88,
  'coconut-desiccated': 0.88,
  'coconut-milk': 0.88,
  'coconut-cream': 0.88,
  'condensed-coconut-milk': 0.88,
  'coconut-oil': 0.87,
  'vegetable-oil': 0.09,
  shortening: 0.25,
  lard: 0.39,
  margarine: 0.35,
  egg: 0.33,
  'egg-yolk': 0.36,
  'coffee-beans': 0.4,
}
const OTHERWISE = { milk: 0.64, cocoa: 0.61, rest: 0.18 }

/** ◊ Share of what does not dissolve that is fibre; the rest of it is starch and the like. From ordinary food tables. */
const FIBRE: Readonly<Record<string, number>> = {
  almonds: 0.71,
  'almonds-flaked': 0.71,
  marzipan: 0.71,
  hazelnuts: 0.8,
  'hazelnut-paste': 0.55,
  'almond-butter': 0.5,
  'cashew-butter': 0.14,
  'pistachio-paste': 0.38,
  'praline-paste': 0.6,
  pistachios: 0.53,
  walnuts: 0.6,
  pecans: 0.95,
  cashews: 0.14,
  'brazil-nuts': 0.68,
  macadamias: 0.9,
  peanuts: 0.68,
  'peanut-butter': 0.3,
  sesame: 0.47,
  tahini: 0.4,
  'poppy-seed': 0.75,
  'pumpkin-seed': 0.5,
  'sunflower-seed': 0.48,
  linseed: 0.93,
  'chia-seed': 0.8,
  'hemp-seed': 0.5,
  'rolled-oats': 0.95,
  'gum-arabic': 0.95,
  xanthan: 0.95,
  'coconut-chips': 0.85,
  'coconut-desiccated': 0.88,
  'instant-coffee': 0.4,
}
const FIBRE_OTHERWISE = 0.75
/** ◊ What cocoa solids are besides their fat. */
const COCOA = { protein: 0.28, fibre: 0.45, carbohydrate: 0.27 }

/** Salt is sodium times 2.5: of soda 27.4 %, of baking powder about 11 %, of milk's ash about 6 %. */
const SALT_OF_SODIUM = 2.5
const SODIUM: Readonly<Record<string, number>> = { soda: 0.274, 'baking-powder': 0.11 }
const SODIUM_IN_MILK_ASH = 0.063

/** ◊ Share of glucose syrup's solids that counts as sugars (glucose and maltose), by DE: 0.33 at 42, 0.65 at 60. */
const sugarsOfSyrup = (de: number): number => Math.min(1, Math.max(0.1, 0.33 + ((de - 42) * 0.32) / 18))

function saturatesOf({ id, allergens, per100 }: Ingredient): number {
  const known = SATURATES[id]
  if (known !== undefined) return known
  if (per100.cocoaSolids > 0 || id === 'cocoa-butter') return OTHERWISE.cocoa
  return allergens.includes('milk') ? OTHERWISE.milk : OTHERWISE.rest
}

/** Nutrients in 100 g of an ingredient. */
export function nutrientsOf(ingredient: Ingredient): Nutrients {
  const { id, per100: m, allergens } = ingredient
  const fibre = m.insoluble * (FIBRE[id] ?? FIBRE_OTHERWISE) + m.cocoaSolids * COCOA.fibre
  const protein = m.milkProtein + m.protein + m.gelatin + m.cocoaSolids * COCOA.protein
  const sugars = m.sucrose + m.monosaccharide + m.lactose + m.glucoseSolids * sugarsOfSyrup(m.de)
  const carbohydrate =
    m.sucrose +
    m.monosaccharide +
    m.lactose +
    m.glucoseSolids +
    m.starch +
    m.insoluble * (1 - (FIBRE[id] ?? FIBRE_OTHERWISE)) +
    m.cocoaSolids * COCOA.carbohydrate
  const sodium =
    SODIUM[id] !== undefined ? 100 * SODIUM[id] : allergens.includes('milk') ? m.ash * SODIUM_IN_MILK_ASH : 0
  // the only gas an ingredient brings is the alcohol of extracts and spirits
  const parts = { carbohydrate, fat: m.fat, protein, fibre, acid: m.acid, alcohol: m.gas }
  const energy = (i: 0 | 1): number =>
    (Object.keys(ENERGY) as (keyof typeof ENERGY)[]).reduce((sum, k) => sum + ENERGY[k][i] * parts[k], 0)
  return {
    kilojoules: energy(0),
    kilocalories: energy(1),
    fat: m.fat,
    saturates: m.fat * saturatesOf(ingredient),
    carbohydrate,
    sugars,
    fibre,
    protein,
    salt: m.salt + SALT_OF_SODIUM * sodium,
  }
}

const nothing: Nutrients = {
  kilojoules: 0,
  kilocalories: 0,
  fat: 0,
  saturates: 0,
  carbohydrate: 0,
  sugars: 0,
  fibre: 0,
  protein: 0,
  salt: 0,
}

export const nutrientIds = Object.keys(nothing) as (keyof Nutrients)[]

/** Nutrients in 100 g of a sweet that weighs `outGrams` and was made of these: what boils off is water alone. */
export function nutrientsPer100(
  parts: readonly { readonly ingredient: Ingredient; readonly grams: number }[],
  outGrams: number,
): Nutrients {
  const sum = parts.reduce<Nutrients>((total, { ingredient, grams }) => {
    const n = nutrientsOf(ingredient)
    return mapped((k) => total[k] + (n[k] * grams) / 100)
  }, nothing)
  return mapped((k) => (100 * sum[k]) / outGrams)
}

const mapped = (of: (k: keyof Nutrients) => number): Nutrients =>
  Object.fromEntries(nutrientIds.map((k) => [k, of(k)])) as unknown as Nutrients
