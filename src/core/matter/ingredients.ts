/** The pantry: what each ingredient is made of. A new one is one entry in a file under pantry/. */
import type { Ingredient } from './ingredient'
import { chocolates } from './pantry/chocolate'
import { dairy } from './pantry/dairy'
import { flavours } from './pantry/flavour'
import { fruits } from './pantry/fruit'
import { nuts } from './pantry/nuts'
import { setting } from './pantry/setting'
import { sugars } from './pantry/sugars'

/** The pantry by where it stands in a kitchen. */
const shelves = { sugars, dairy, chocolate: chocolates, setting, fruit: fruits, nuts, flavours } as const
export type Shelf = keyof typeof shelves | 'own'

export const ingredients: readonly Ingredient[] = Object.values(shelves).flat()

const shelfById = new Map(
  Object.entries(shelves).flatMap(([shelf, list]) => list.map((i) => [i.id, shelf as Shelf] as const)),
)

/** Where an ingredient stands; the kitchen's own have a shelf of their own. */
export const shelfOf = (id: string): Shelf => shelfById.get(id) ?? 'own'

const byId = new Map(ingredients.map((i) => [i.id, i]))

/** The ingredient of this id. @throws RangeError naming the id when the pantry has none. */
export function ingredientById(id: string): Ingredient {
  const found = byId.get(id)
  if (!found) throw new RangeError(`No ingredient called "${id}"`)
  return found
}
