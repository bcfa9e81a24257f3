/** Two formulas side by side: what changed in the list, and in the sweet. */

import { formatGrams, formatShare } from '../quantity/format'
import { type Analysis, analyse, type Conditions } from './analyse'
import { allLines, type FormulaDocument, mainBoil, piecesOf } from './document'
import { ingredientIn } from './mixes'

export interface LineChange {
  readonly name: string
  /** g; null where it is not in that one. */
  readonly before: number | null
  readonly after: number | null
}

/** Lines that differ, by id, in the order of the newer list with what was dropped at the end. */
export function lineChanges(before: FormulaDocument, after: FormulaDocument): LineChange[] {
  const nameIn = (f: FormulaDocument, id: string): string => {
    for (const { formula } of piecesOf(f)) {
      const line = formula.lines.find((l) => l.id === id)
      if (line) return ingredientIn(formula, line.ingredient).name
    }
    return id
  }
  const was = new Map(allLines(before).map((l) => [l.id, l]))
  const is = new Map(allLines(after).map((l) => [l.id, l]))
  return [...new Set([...is.keys(), ...was.keys()])].flatMap((id) => {
    const a = was.get(id)
    const b = is.get(id)
    if (a && b && a.ingredient === b.ingredient && Math.abs(a.grams - b.grams) < 0.05) return []
    if (a && b && a.ingredient !== b.ingredient)
      return [
        { name: nameIn(before, id), before: a.grams, after: null },
        { name: nameIn(after, id), before: null, after: b.grams },
      ]
    return [{ name: nameIn(b ? after : before, id), before: a?.grams ?? null, after: b?.grams ?? null }]
  })
}

export interface Difference {
  readonly what: string
  readonly before: string
  readonly after: string
  /** Worth a second look. */
  readonly matters: boolean
}

interface Row {
  readonly what: string
  say(a: Analysis): string
  /** How far apart two must be to matter. */
  apart(a: Analysis, b: Analysis): boolean
}

const grainWords = {
  none: 'all dissolved',
  resists: "won't",
  'if-stirred': 'if stirred',
  may: 'may',
  readily: 'readily',
}

const rows: readonly Row[] = [
  { what: 'Bite', say: (a) => a.bite.word, apart: (a, b) => a.bite.word !== b.bite.word },
  {
    what: 'Water',
    say: (a) => formatShare(a.waterShare),
    apart: (a, b) => Math.abs(a.waterShare - b.waterShare) > 0.003,
  },
  { what: 'Grains', say: (a) => grainWords[a.grain], apart: (a, b) => a.grain !== b.grain },
  {
    what: 'Doctors',
    say: (a) => formatShare(a.doctors),
    apart: (a, b) => Math.abs(a.doctors - b.doctors) > 0.02,
  },
  {
    what: 'Sticky above',
    say: (a) => `${Math.round(100 * a.equilibriumHumidity)} % humidity`,
    apart: (a, b) => Math.abs(a.equilibriumHumidity - b.equilibriumHumidity) > 0.02,
  },
  { what: 'Browns', say: browning, apart: (a, b) => browning(a) !== browning(b) },
  {
    what: 'Allergens',
    say: (a) => a.allergens.join(', ') || 'none listed',
    apart: (a, b) => a.allergens.join() !== b.allergens.join(),
  },
  {
    what: 'Out of the pot',
    say: (a) => formatGrams(a.outGrams),
    apart: (a, b) => Math.abs(a.outGrams / b.outGrams - 1) > 0.03,
  },
]

/** ◊ Reducing sugars and milk protein brown: their share of what is in the pot at the target. */
function browning({ atTarget }: Analysis): string {
  const sum = atTarget.sucrose + atTarget.glucoseSolids + atTarget.lactose + atTarget.monosaccharide
  const reducing = (atTarget.monosaccharide + atTarget.lactose) / sum
  if (atTarget.milkProtein / sum > 0.01) return reducing > 0.15 ? 'early and deep' : 'early'
  return reducing > 0.15 ? 'rather early' : 'late'
}

/** What the two come to, line by line, for one boil of each as written; empty where one is not boiled. */
export function differences(before: FormulaDocument, after: FormulaDocument, conditions: Conditions): Difference[] {
  const [a, b] = [mainBoil(before), mainBoil(after)]
  if (!a || !b) return []
  const [x, y] = [analyse(a, conditions), analyse(b, conditions)]
  return rows.map((r) => ({ what: r.what, before: r.say(x), after: r.say(y), matters: r.apart(x, y) }))
}
