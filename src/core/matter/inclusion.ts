/** Something nobody has a make-up of, that goes in whole: pretzels, biscuit crumbs, cereal. Made on the spot, with its allergens. */
import { type Allergen, type Ingredient, ingredient } from './ingredient'

/** ◊ A dry baked good: what such things mostly are. It stays whole, so none of it joins the syrup. */
const LIKE = { starch: 60, sucrose: 12, fat: 12, protein: 8, insoluble: 4, water: 4 }
const DENSITY = 0.4

/** An inclusion of this name, reckoned like a dry biscuit: its pieces stay whole, and none of it dissolves. */
export const inclusion = (id: string, name: string, allergens: readonly Allergen[]): Ingredient =>
  ingredient(id, name, LIKE, { density: DENSITY, whole: true, allergens: [...allergens], source: 'computed' })
