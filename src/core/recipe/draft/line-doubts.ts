/** What hardly anybody does with a line: where a method seems to say so, it is asked whether that is meant. */
import type { FormulaDocument, Line } from '../../formula/document'
import { type Ingredient, SPOILED } from '../../matter/ingredient'

/** A line, and the sentence it was found to go in with. */
export interface Placed {
  readonly id: string
  readonly ingredient: Ingredient
  readonly grams: number
  readonly at: number
  /** It goes into another pot there. */
  readonly elsewhere: boolean
  /** Parts of it are spoken of, and it was found as one. */
  readonly shared: boolean
  /** It lies on or around the pieces. */
  readonly outside: boolean
  /** No sentence names it up to there, and a later one does. */
  readonly namedLater: boolean
}

/**
 * Why a place is doubtful: a boil spoils it, it is sweet and not boiled, it is on the heat without sugar, it is in another pot, its water would keep
 * the pot from where it has to get, it seems to go in by parts, the sweet has left its pot, it is named later.
 */
export type PlaceDoubt = 'spoiled' | 'unboiled' | 'bare' | 'elsewhere' | 'quenches' | 'shared' | 'late' | 'named'

const sugarsIn = ({ ingredient: { per100 }, grams }: Placed): number =>
  (grams / 100) * (per100.sucrose + per100.glucoseSolids + per100.monosaccharide)

/** ◊ Share of the sugar that is in the pot before the end of any cook, at least. */
const SUGAR_BOILED = 0.5
/** ◊ Shares by mass: of sugar in a sweetener, of a line that is more than a flavour. */
const SWEET = 0.5
const MUCH = 0.05
/** What a base is baked of, and no pot is boiled with much of. */
const BAKED = /^(?:rye|wheat)-flour$/
/** ◊ g in 100 g: of water in what keeps a pot from climbing, of milk protein in what is milk or cream. */
const WET = 40
const MILKY = 1
/** ◊ g of starch in 100 g of what a paste is cooked of, and no flour, no corn. */
const STARCHY = 80

/** When a pot ends, and when it was last much hotter than there: sentences, counted from 0; null where nothing says so, or it never was. */
export interface Ends {
  readonly doneAt: number | null
  readonly hotterAt: number | null
}

/**
 * Lines that are doubtful where they were found: sugar that is not boiled, what a boil spoils in the pot before its end, nuts on the heat without any
 * sugar, what stands in another pot than the first, cream or juice in sugar that is to be caramel before it is cooked to less than that.
 */
export function doubtful(lines: readonly Placed[], { doneAt, hotterAt }: Ends): ReadonlyMap<string, PlaceDoubt> {
  const out = new Map<string, PlaceDoubt>()
  const sweet = lines.filter((l) => sugarsIn(l) > SWEET * l.grams)
  const sweetAt = sweet.length > 0 ? Math.min(...sweet.map((l) => l.at)) : 0
  const all = lines.reduce((sum, l) => sum + l.grams, 0)
  for (const { id, ingredient, grams, at } of lines)
    if (at < sweetAt && ingredient.whole && grams > MUCH * all) out.set(id, 'bare')
  for (const { id, namedLater } of lines) if (namedLater) out.set(id, 'named')
  for (const { id, shared } of lines) if (shared) out.set(id, 'shared')
  if (doneAt === null) return out
  const boiled = lines.filter((l) => l.at <= doneAt)
  const total = (some: readonly Placed[]): number => some.reduce((sum, l) => sum + sugarsIn(l), 0)
  if (total(boiled) < SUGAR_BOILED * total(lines)) for (const l of sweet) if (l.at > doneAt) out.set(l.id, 'unboiled')
  // one pot is followed to its end
  const begun = Math.min(...lines.map((l) => l.at))
  const isWetAt = (at: number): boolean =>
    lines.some((l) => l.at === at && l.ingredient.per100.water > WET && l.grams > MUCH * all)
  for (const { id, ingredient, grams, at, elsewhere, outside } of lines) {
    // nobody thickens a syrup that is done: it is poured onto its paste, and cooked on there
    const isPaste = !outside && at > doneAt && ingredient.per100.starch > STARCHY && grams > MUCH * all && isWetAt(at)
    if ((elsewhere && at > begun) || isPaste) out.set(id, 'elsewhere')
  }
  // a wet caramel is begun with water, and a squeeze of lemon
  const isJuice = ({ id }: Ingredient, grams: number): boolean => id !== 'water' && grams > MUCH * all
  if (hotterAt !== null)
    for (const { id, ingredient, grams, at } of lines)
      if (
        at < hotterAt &&
        ingredient.per100.water > WET &&
        (ingredient.per100.milkProtein > MILKY || isJuice(ingredient, grams))
      )
        out.set(id, 'quenches')
  const milky = boiled.some((l) => l.ingredient.per100.milkProtein > MILKY)
  for (const { id, ingredient, grams } of boiled) {
    const isBase = BAKED.test(ingredient.id) && grams > MUCH * all
    if (isBase || (SPOILED.test(ingredient.id) && !(milky && ingredient.id === 'soda'))) out.set(id, 'spoiled')
  }
  return out
}

const SETS = /^(?:agar|gelatin|pectin)/
/** ◊ g of water in 100 g of whatever runs, syrups among it. */
const RUNS = 15

/** Lines of what a sweet is made of, by their ids, that go in only once it has left its pot: what sets it, and much of what runs. `outside`: what lies on or around it. */
export function lateIn(
  { steps, lines }: Pick<FormulaDocument, 'steps' | 'lines'>,
  ingredientOf: (line: Line) => Ingredient,
  outside: ReadonlySet<string>,
): ReadonlySet<string> {
  const out = steps.findIndex((s) => s.empties)
  const groups = new Set(out < 0 ? [] : steps.slice(out + 1).map((s) => s.adds))
  const all = lines.reduce((sum, l) => sum + l.grams, 0)
  const isOfMass = ({ id, per100, whole }: Ingredient, grams: number): boolean =>
    SETS.test(id) || (per100.water > RUNS && grams > MUCH * all && !whole)
  const late = lines.filter((l) => groups.has(l.group) && !outside.has(l.id) && isOfMass(ingredientOf(l), l.grams))
  return new Set(late.map((l) => l.id))
}
