/**
 * The formula document: what a maker writes down. Plain data; every temperature in it is at the standard atmosphere,
 * because it stands for a composition and the kitchen's own air pressure is applied when the formula is used.
 */
import type { FamilyId } from '../craft/families'
import { mixOf } from '../matter/convert'
import { ingredientById } from '../matter/ingredients'
import type { Mix } from '../matter/mix'

/** When a step falls due, counted from the moment the step before it is done. */
export type Trigger =
  | { readonly on: 'ready' }
  | { readonly on: 'boil' }
  | { readonly on: 'rises'; readonly celsius: number }
  | { readonly on: 'falls'; readonly celsius: number }
  | { readonly on: 'target' }
  | { readonly on: 'after'; readonly seconds: number }

export interface Step {
  readonly id: string
  /** One or two words for the rail. */
  readonly label: string
  readonly when: Trigger
  /** What to do once due, and why. */
  readonly say: string
  readonly why: string
  /** What to do, or leave alone, until then, and why. */
  readonly meanwhile?: { readonly say: string; readonly why: string }
  /** The word on the big button. */
  readonly act: string
  /** Things to have within reach, asked for this long before the step. */
  readonly prepare?: { readonly say: string; readonly seconds: number }
  /** What doing it changes in the pot. */
  readonly adds?: string
  readonly lid?: boolean
  readonly heat?: number
  readonly offHeat?: boolean
  /** The pot is empty after it, and the probe out. */
  readonly empties?: boolean
  /** Keys of the caution table. */
  readonly cautions?: readonly string[]
}

export interface Group {
  readonly id: string
  readonly label: string
  /** °C the group is at when it goes in. */
  readonly celsius: number
}

export interface Line {
  readonly id: string
  readonly group: string
  readonly ingredient: string
  readonly grams: number
  readonly note?: string
}

export type Shape =
  | { readonly kind: 'cut'; readonly lengthMm: number; readonly widthMm: number; readonly heightMm: number }
  | { readonly kind: 'mould'; readonly millilitres: number }
  | { readonly kind: 'broken'; readonly thicknessMm: number; readonly gramsEach: number }

export interface FormulaDocument {
  readonly version: 1
  readonly name: string
  readonly family: FamilyId
  readonly school: string
  readonly about: string
  readonly groups: readonly Group[]
  readonly lines: readonly Line[]
  /** Where it comes off, °C at the standard atmosphere, and how far either side is still good. */
  readonly target: { readonly celsius: number; readonly within: number }
  readonly steps: readonly Step[]
  readonly shape: Shape
  /** Share of the finished volume that is air, for whipped and foamed sweets; none unless told. */
  readonly air?: number
  /** Share lost to edges, crumbs and the pot, 0 to 0.5. */
  readonly waste: number
  /** A boil for each of these colours or flavours; empty for one boil. */
  readonly boils: readonly string[]
}

/** Grams of a line, by line id; the scaled batch, or the formula as written. */
export type Grams = Readonly<Record<string, number>>

/** The formula's own grams by line. */
export const gramsAsWritten = (formula: FormulaDocument): Grams =>
  Object.fromEntries(formula.lines.map((l) => [l.id, l.grams]))

/** The mix of one group at the grams given. */
export function groupMix(formula: FormulaDocument, group: string, grams: Grams): Mix {
  return mixOf(
    formula.lines
      .filter((l) => l.group === group)
      .map((l) => ({ ingredient: ingredientById(l.ingredient), grams: grams[l.id] ?? 0 })),
  )
}

/** Index of the step that takes the pot off at the target, or -1. */
export const pullIndex = (formula: FormulaDocument): number => formula.steps.findIndex((s) => s.when.on === 'target')

/**
 * What is wrong with a document that has the right shape: ids that point nowhere, no step at the target, an
 * ingredient the pantry lacks. An empty list means it can be cooked.
 */
export function faultsOf(formula: FormulaDocument): string[] {
  const faults: string[] = []
  const groups = new Set(formula.groups.map((g) => g.id))
  const added = new Set(formula.steps.flatMap((s) => (s.adds ? [s.adds] : [])))
  for (const line of formula.lines) {
    if (!groups.has(line.group)) faults.push(`Line "${line.id}" is in a group that does not exist: "${line.group}"`)
    try {
      ingredientById(line.ingredient)
    } catch (e) {
      faults.push((e as Error).message)
    }
  }
  for (const g of groups) if (!added.has(g)) faults.push(`No step adds the group "${g}"`)
  for (const g of added) if (!groups.has(g)) faults.push(`A step adds a group that does not exist: "${g}"`)
  for (const list of [formula.lines, formula.steps, formula.groups]) {
    const ids = list.map((x) => x.id)
    const twice = ids.find((id, i) => ids.indexOf(id) !== i)
    if (twice) faults.push(`"${twice}" stands twice`)
  }
  if (pullIndex(formula) < 0) faults.push('No step takes the pot off at the target')
  return faults
}
