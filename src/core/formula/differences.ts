/** Two formulas side by side: what changed in the list, and in the sweet. */

import type { BiteId } from '../craft/bite'
import type { Allergen } from '../matter/ingredient'
import { sugarsIn } from '../matter/mix'
import type { GrainRisk } from '../physics/solubility'
import { type Grams, inGrams } from '../quantity/figures'
import { type Analysis, analyse, type Conditions } from './analyse'
import { allLines, type FormulaDocument, mainBoil } from './document'
import { nameOfId } from './line-name'
import { allergensIn } from './mixes'

export interface LineChange {
  readonly name: string
  /** g; null where it is not in that one. */
  readonly before: number | null
  readonly after: number | null
}

/** Lines that differ, by id, in the order of the newer list with what was dropped at the end. */
export function lineChanges(before: FormulaDocument, after: FormulaDocument): LineChange[] {
  const was = new Map(allLines(before).map((l) => [l.id, l]))
  const is = new Map(allLines(after).map((l) => [l.id, l]))
  return [...new Set([...is.keys(), ...was.keys()])].flatMap((id) => {
    const a = was.get(id)
    const b = is.get(id)
    if (a && b && a.ingredient === b.ingredient && Math.abs(a.grams - b.grams) < 0.05) return []
    if (a && b && a.ingredient !== b.ingredient)
      return [
        { name: nameOfId(before, id), before: a.grams, after: null },
        { name: nameOfId(after, id), before: null, after: b.grams },
      ]
    return [{ name: nameOfId(b ? after : before, id), before: a?.grams ?? null, after: b?.grams ?? null }]
  })
}

/** The values set side by side, by subject. */
export interface DifferenceValues {
  bite: BiteId
  water: number
  grain: GrainRisk | 'none'
  doctors: number
  humidity: number
  browning: Browning
  allergens: readonly Allergen[]
  out: Grams
}

export type Difference = {
  [Id in keyof DifferenceValues]: {
    readonly id: Id
    readonly before: DifferenceValues[Id]
    readonly after: DifferenceValues[Id]
    /** Worth a second look. */
    readonly matters: boolean
  }
}[keyof DifferenceValues]

interface Row<V> {
  value(a: Analysis, whole: FormulaDocument): V
  /** Whether two are so far apart that it matters. */
  apart(a: V, b: V): boolean
}

const unlike = <V>(a: V, b: V): boolean => a !== b
const furtherThan =
  (far: number) =>
  (a: number, b: number): boolean =>
    Math.abs(a - b) > far

/** ◊ Shares of 1 that a customer notices. */
const rows: { readonly [Id in keyof DifferenceValues]: Row<DifferenceValues[Id]> } = {
  bite: { value: (a) => a.bite.id, apart: unlike },
  water: { value: (a) => a.waterShare, apart: furtherThan(0.003) },
  grain: { value: (a) => a.grain, apart: unlike },
  doctors: { value: (a) => a.doctors, apart: furtherThan(0.02) },
  humidity: { value: (a) => a.keeps.own, apart: furtherThan(0.02) },
  browning: { value: browning, apart: unlike },
  allergens: { value: (_, f) => allergensIn(f), apart: (a, b) => a.join() !== b.join() },
  out: { value: (a) => inGrams(a.outGrams), apart: (a, b) => Math.abs(a / b - 1) > 0.03 },
}

export type Browning = 'early-deep' | 'early' | 'rather-early' | 'late'

/** ◊ Reducing sugars and milk protein brown: their share of what is in the pot at the target. */
function browning({ atTarget }: Analysis): Browning {
  const sum = sugarsIn(atTarget)
  const reducing = (atTarget.monosaccharide + atTarget.lactose) / sum
  if (atTarget.milkProtein / sum > 0.01) return reducing > 0.15 ? 'early-deep' : 'early'
  return reducing > 0.15 ? 'rather-early' : 'late'
}

/** What the two come to, subject by subject, for one boil of each as written; empty where one is not boiled. */
export function differences(before: FormulaDocument, after: FormulaDocument, conditions: Conditions): Difference[] {
  const [a, b] = [mainBoil(before), mainBoil(after)]
  if (!a || !b) return []
  const [x, y] = [analyse(a, conditions), analyse(b, conditions)]
  const compare = <Id extends keyof DifferenceValues>(id: Id): Difference => {
    const row = rows[id] as Row<DifferenceValues[Id]>
    const [was, is] = [row.value(x, before), row.value(y, after)]
    return { id, before: was, after: is, matters: row.apart(was, is) } as Difference
  }
  return (Object.keys(rows) as (keyof DifferenceValues)[]).map(compare)
}
