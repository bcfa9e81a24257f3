/** What is wrong with a document that has the right shape. */
import { families } from '../craft/families'
import { sugarsIn } from '../matter/mix'
import { allLines, type FormulaDocument, isBoiled, type Part, piecesOf, pullIndex } from './document'
import { ingredientIn } from './mixes'

const twice = (ids: readonly string[]): string | undefined => ids.find((id, i) => ids.indexOf(id) !== i)

/** Whether anything in it boils hotter as its water leaves. */
const hasSugar = (formula: FormulaDocument): boolean =>
  formula.lines.some((l) => sugarsIn(ingredientIn(formula, l.ingredient).per100) > 0)

function ownFaults(formula: FormulaDocument): string[] {
  const faults: string[] = []
  const groups = new Set(formula.groups.map((g) => g.id))
  const added = new Set(formula.steps.flatMap((s) => (s.adds ? [s.adds] : [])))
  if (!Object.hasOwn(families[formula.family].schools, formula.school))
    faults.push(`${families[formula.family].label} has no school "${formula.school}"`)
  for (const line of formula.lines) {
    if (!groups.has(line.group)) faults.push(`Line "${line.id}" is in a group that does not exist: "${line.group}"`)
    try {
      ingredientIn(formula, line.ingredient)
    } catch (e) {
      faults.push((e as Error).message)
    }
  }
  for (const g of formula.groups) if (!added.has(g.id)) faults.push(`No step puts “${g.label}” in`)
  for (const g of added) if (!groups.has(g)) faults.push(`A step puts something in that is not in the list: “${g}”`)
  for (const list of [formula.steps, formula.groups]) {
    const again = twice(list.map((x) => x.id))
    if (again) faults.push(`"${again}" stands twice`)
  }
  const pull = pullIndex(formula)
  if (isBoiled(formula) && pull < 0) faults.push('No step takes the pot off at the target')
  if (isBoiled(formula) && formula.lines.length > 0 && faults.length === 0 && !hasSugar(formula))
    faults.push('No sugar goes in: nothing would boil to a target')
  if (!isBoiled(formula) && pull >= 0) faults.push('A step waits for a target, but there is none')
  return faults
}

/** The parts of a circle in which each needs the next, in order; null where there is none. */
function circleOf(parts: readonly Part[]): string[] | null {
  const done = new Set<string>()
  const visit = (id: string, trail: readonly string[]): string[] | null => {
    if (trail.includes(id)) return [...trail.slice(trail.indexOf(id)), id]
    if (done.has(id)) return null
    for (const need of parts.find((p) => p.id === id)?.needs ?? []) {
      const found = visit(need.part, [...trail, id])
      if (found) return found
    }
    done.add(id)
    return null
  }
  for (const p of parts) {
    const found = visit(p.id, [])
    if (found) return found
  }
  return null
}

function partFaults(formula: FormulaDocument): string[] {
  const parts = formula.parts ?? []
  const ids = parts.map((p) => p.id)
  const joined = formula.steps.flatMap((s) => (s.joins ? [s.joins] : []))
  const faults: string[] = []
  for (const p of parts) {
    if (!joined.includes(p.id)) faults.push(`No step puts the part "${p.id}" to the rest`)
    for (const n of p.needs)
      if (!ids.includes(n.part)) faults.push(`Part "${p.id}" needs a part that does not exist: "${n.part}"`)
    faults.push(...ownFaults(p.formula).map((f) => `Part "${p.id}": ${f}`))
  }
  for (const id of joined) if (!ids.includes(id)) faults.push(`A step joins a part that does not exist: "${id}"`)
  for (const id of [twice(ids), twice(joined)]) if (id) faults.push(`Part "${id}" stands twice`)
  const circle = circleOf(parts)
  if (circle) faults.push(`The parts wait for each other in a circle: ${circle.join(' → ')}`)
  return faults
}

/**
 * What keeps a formula from being cooked: ids that point nowhere or stand twice, no step at the target, an ingredient
 * nobody knows, parts that wait for each other. An empty list means it can be.
 */
export function faultsOf(formula: FormulaDocument): string[] {
  const again = twice(allLines(formula).map((l) => l.id))
  return [
    ...ownFaults(formula),
    ...partFaults(formula),
    ...(again ? [`"${again}" stands twice`] : []),
    ...(piecesOf(formula).every((p) => p.formula.lines.length === 0) ? ['Nothing goes in'] : []),
  ]
}
