/** What a scale said of a batch against what its formula wanted. */

import type { FormulaDocument } from '../formula/document'
import { nameOfLine } from '../formula/line-name'
import { ingredientIn } from '../formula/mixes'
import type { CookEvent } from '../log/log'
import { standing } from '../log/log'

export interface WeighedLine {
  readonly line: string
  readonly name: string
  readonly wanted: number
  readonly weighed: number
}

/** Grams by line as they were weighed for a boil; nothing of what no scale told. */
export const weighedIn = (events: readonly CookEvent[]): Readonly<Record<string, number>> =>
  Object.assign({}, ...standing(events).flatMap((e) => (e.type === 'weighed' ? [e.grams] : [])))

/** Lines that were weighed, in the formula's order; `wanted`: g of the boil by line. */
export function weighedLines(
  formula: FormulaDocument,
  wanted: Readonly<Record<string, number>>,
  events: readonly CookEvent[],
): WeighedLine[] {
  const weighed = weighedIn(events)
  return formula.lines.flatMap((line) => {
    const { id } = line
    const [want, got] = [wanted[id], weighed[id]]
    return want === undefined || got === undefined || want <= 0
      ? []
      : [{ line: id, name: nameOfLine(formula, line), wanted: want, weighed: got }]
  })
}

/** ln of the sugar that was weighed over what was wanted; null where no sugar was. */
export function sugarOff(
  formula: FormulaDocument,
  wanted: Readonly<Record<string, number>>,
  events: readonly CookEvent[],
): number | null {
  const sucrose = new Map(
    formula.lines.map((l) => [l.id, ingredientIn(formula, l.ingredient).per100.sucrose / 100] as const),
  )
  let [want, got] = [0, 0]
  for (const l of weighedLines(formula, wanted, events)) {
    want += l.wanted * (sucrose.get(l.line) ?? 0)
    got += l.weighed * (sucrose.get(l.line) ?? 0)
  }
  return want > 0 && got > 0 ? Math.log(got / want) : null
}
