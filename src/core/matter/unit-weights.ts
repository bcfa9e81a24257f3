/** What a cup, a stick, a tin of the goods of the pantry weighs, where their density does not say it: asked only where a line is read. */
import type { Range } from '../quantity/number'
import type { Unit } from '../quantity/units'
import type { Ingredient } from './ingredient'
import { gelatinPowders } from './pantry/setting'

const GELATIN_POWDER = { packet: 7, tsp: 3.1, tbsp: 9.3 }

/** g of one of a unit, by ingredient; "each" for what is counted. From ordinary food tables and what such packs are sold at. */
export const unitWeights: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  sugar: { cup: 200 },
  'caster-sugar': { cup: 213 },
  'icing-sugar': { cup: 120 },
  demerara: { cup: 220 },
  'light-brown-sugar': { cup: 213 },
  'dark-brown-sugar': { cup: 220 },
  'light-muscovado': { cup: 213 },
  'dark-muscovado': { cup: 220 },
  'palm-sugar': { cup: 200 },
  'glucose-42': { cup: 340 },
  'corn-syrup': { cup: 328 },
  'dark-corn-syrup': { cup: 328 },
  'golden-syrup': { cup: 340, tin: 454 },
  honey: { cup: 340 },
  'maple-syrup': { cup: 322 },
  treacle: { cup: 340, tin: 454 },
  'cream-12': { cup: 237 },
  'cream-18': { cup: 237 },
  'cream-30': { cup: 237 },
  'cream-36': { cup: 237 },
  'cream-48': { cup: 237 },
  'creme-fraiche': { cup: 240 },
  'sour-cream': { cup: 240 },
  'milk-whole': { cup: 244 },
  'milk-half': { cup: 244 },
  'milk-skimmed': { cup: 245 },
  'milk-powder': { cup: 120 },
  'malted-milk': { cup: 115 },
  'evaporated-milk': { cup: 252, tin: 410 },
  'condensed-milk': { cup: 306, tin: 397 },
  buttermilk: { cup: 245 },
  'oat-milk': { cup: 240 },
  'soya-milk': { cup: 240 },
  'almond-milk': { cup: 240 },
  'coconut-milk': { cup: 226, tin: 400 },
  'coconut-cream': { cup: 240, tin: 400 },
  butter: { stick: 113.4, tbsp: 14.2, cup: 227 },
  'butter-salted': { stick: 113.4, tbsp: 14.2, cup: 227 },
  ghee: { cup: 218 },
  margarine: { stick: 113.4, cup: 227 },
  'coconut-oil': { cup: 218 },
  shortening: { cup: 205 },
  lard: { cup: 205 },
  'vegetable-oil': { cup: 218 },
  'egg-white': { each: 33, cup: 243 },
  'cocoa-11': { cup: 85 },
  'cocoa-22': { cup: 85 },
  'dark-chocolate-54': { cup: 170 },
  'dark-chocolate-70': { cup: 170 },
  'dark-chocolate-85': { cup: 170 },
  'milk-chocolate': { cup: 170 },
  'white-chocolate': { cup: 170 },
  ...Object.fromEntries(gelatinPowders.map((id) => [id, GELATIN_POWDER])),
  'gelatin-bronze': { sheet: 3.3, each: 3.3 },
  'gelatin-silver': { sheet: 2.5, each: 2.5 },
  'gelatin-gold': { sheet: 2, each: 2 },
  'gelatin-platinum': { sheet: 1.7, each: 1.7 },
  pectin: { packet: 50 },
  soda: { tsp: 4.6 },
  'baking-powder': { tsp: 4.6 },
  'cream-of-tartar': { tsp: 3.4 },
  'citric-acid': { tsp: 4.5 },
  'tartaric-acid': { tsp: 4.7 },
  cornflour: { cup: 125 },
  'wheat-flour': { cup: 125 },
  'rye-flour': { cup: 103 },
  'rice-flour': { cup: 158 },
  'rice-paper': { sheet: 3 },
  marshmallows: { cup: 50, each: 7 },
  'soft-caramels': { each: 8 },
  'marshmallow-creme': { cup: 96 },
  'lemon-juice': { each: 45, cup: 244 },
  'lime-juice': { each: 30, cup: 244 },
  'orange-juice': { each: 80, cup: 244 },
  'lemon-juice-zest': { each: 50, cup: 244 },
  'lime-juice-zest': { each: 33, cup: 244 },
  'orange-juice-zest': { each: 88, cup: 244 },
  'lemon-zest': { each: 6, tsp: 2 },
  'lime-zest': { each: 4, tsp: 2 },
  'orange-zest': { each: 10, tsp: 2 },
  'fruit-juice': { cup: 247 },
  'raspberry-puree': { cup: 240 },
  'blackcurrant-puree': { cup: 240 },
  'strawberry-puree': { cup: 240 },
  'passionfruit-puree': { cup: 240 },
  'mango-puree': { cup: 240 },
  'apricot-puree': { cup: 240 },
  'quince-puree': { cup: 240 },
  'rhubarb-puree': { cup: 240 },
  'apple-puree': { cup: 240 },
  'pumpkin-puree': { cup: 240 },
  'dried-pear': { cup: 150 },
  'dried-apricot': { cup: 150 },
  'dried-fig': { cup: 150 },
  'dried-date': { cup: 150, each: 20 },
  raisins: { cup: 150 },
  'dried-cranberry': { cup: 150 },
  'dried-cherry': { cup: 150 },
  popcorn: { cup: 8 },
  'popcorn-kernels': { cup: 190 },
  'puffed-rice': { cup: 15 },
  tahini: { cup: 256 },
  'peanut-butter': { cup: 256 },
  'hazelnut-paste': { cup: 256 },
  salt: { tsp: 6, pinch: 0.35 },
  'flaky-salt': { tsp: 2.8, pinch: 0.35 },
  'coarse-salt': { tsp: 4.8, pinch: 0.35 },
  'smoked-salt': { tsp: 5, pinch: 0.35 },
  vanilla: { tsp: 4.2 },
  'vanilla-paste': { tsp: 6 },
  'vanilla-powder': { tsp: 2.2 },
  'vanilla-pod': { each: 3 },
  extract: { tsp: 4.2 },
  'almond-extract': { tsp: 4.2 },
  flavour: { drop: 0.03 },
  colour: { drop: 0.05 },
  'colour-gel': { drop: 0.06 },
  'instant-coffee': { tsp: 1.8 },
  spice: { tsp: 2.4 },
  'cream-cheese': { cup: 232 },
  ricotta: { cup: 246 },
  yogurt: { cup: 245 },
  'condensed-coconut-milk': { cup: 305, tin: 320 },
  'brown-butter': { cup: 218 },
  'sesame-oil': { cup: 218 },
  'peanut-oil': { cup: 216 },
  egg: { each: 50, cup: 243 },
  'egg-yolk': { each: 18, cup: 243 },
  'cacao-nibs': { cup: 120 },
  'potato-starch': { cup: 160 },
  'tapioca-starch': { cup: 120 },
  semolina: { cup: 167 },
  'chickpea-flour': { cup: 92 },
  'maple-sugar': { cup: 180 },
  'fruit-cordial': { cup: 290 },
  'soft-drink': { tin: 340, cup: 246 },
  sprinkles: { tsp: 4 },
  'fresh-ginger': { tsp: 2 },
  'boiled-cider': { cup: 315 },
  'rolled-oats': { cup: 90 },
  cornflakes: { cup: 28 },
  'pistachio-paste': { cup: 256 },
  'almond-butter': { cup: 256 },
  'cashew-butter': { cup: 256 },
  'praline-paste': { cup: 275 },
  beer: { tin: 335, cup: 238 },
  wine: { cup: 236 },
  'tea-leaves': { each: 2, packet: 2, tsp: 2 },
  'coffee-beans': { tbsp: 5.5, cup: 88 },
  herbs: { each: 1, tsp: 0.6 },
  'banana-puree': { cup: 225 },
  'cranberry-puree': { cup: 240 },
  'peach-puree': { cup: 240 },
  'pear-puree': { cup: 240 },
  'pineapple-puree': { cup: 240 },
  'cinnamon-stick': { each: 4, stick: 4 },
  'star-anise': { each: 1 },
  'cardamom-pods': { each: 0.2, tsp: 2 },
  cloves: { each: 0.1, tsp: 2.1 },
  peppercorns: { each: 0.05, tsp: 2.9 },
  'bay-leaf': { each: 0.2, sheet: 0.2 },
  juniper: { each: 0.1, tsp: 1.8 },
}

/** g of one of a unit of an ingredient: its own, or the pantry's. */
export const unitWeightsOf = ({ id, unitGrams }: Ingredient): Readonly<Record<string, number>> => ({
  ...unitWeights[id],
  ...unitGrams,
})

/** So much of a unit; null where the thing itself is counted: "2 limes". */
interface Quantity {
  readonly amount: Range
  readonly unit: Unit | null
}

/**
 * Grams of `ingredient` in a quantity (the middle of a range). The ingredient's own unit weights come first, then
 * mass, then volume by density. Null where the unit means nothing for this ingredient, so the caller can ask.
 */
export function toGrams(quantity: Quantity, ingredient: Ingredient): number | null {
  const amount = (quantity.amount.low + quantity.amount.high) / 2
  const { unit } = quantity
  const own = unitWeightsOf(ingredient)[unit?.id ?? 'each']
  if (own !== undefined) return amount * own
  if (unit?.kind === 'mass') return amount * unit.size
  if (unit?.kind === 'volume') return amount * unit.size * packed(ingredient)
  return null
}

/** g/ml; a measured cup or spoon says more than a table density. */
function packed(ingredient: Ingredient): number {
  const { cup, tbsp, tsp } = unitWeightsOf(ingredient)
  if (cup !== undefined) return cup / 236.588
  if (tbsp !== undefined) return tbsp / 14.787
  return tsp === undefined ? ingredient.density : tsp / 4.929
}
