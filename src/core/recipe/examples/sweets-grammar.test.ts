import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Step } from '../../formula/document'
import { faultsOf } from '../../formula/faults'
import { pantryOf } from '../../matter/names'
import { isAddedPlainly } from '../method/steps'
import { readRecipe } from '../recipe'
import { type Meant, type Sweet, sweets } from './sweets.table'
import { breathSweets } from './sweets-breath.table'
import { fahrenheitSweets } from './sweets-fahrenheit.table'
import { kitchenSweets } from './sweets-kitchen.table'
import { seenSweets } from './sweets-seen.table'

const pantry = pantryOf()

/** How list and method stand on the page. */
const layouts: readonly ((name: string, list: readonly string[], method: readonly string[]) => string)[] = [
  (name, list, method) => `${name}\n\n${list.join('\n')}\n\nMethod\n${method.join(' ')}`,
  (name, list, method) =>
    `${name}\n\nIngredients\n${list.map((l) => `- ${l}`).join('\n')}\n\nInstructions\n${method.map((m, i) => `${i + 1}. ${m}`).join('\n')}`,
  (name, list, method) => `${name}\n\n${list.join('\n')}\n\n${method.join('\n')}`,
]

const textOf = ({ name, list, said }: Sweet): fc.Arbitrary<string> =>
  fc
    .tuple(fc.constantFrom(...layouts), fc.tuple(...said.map((ways) => fc.constantFrom(...ways))))
    .map(([layout, method]) => layout(name, list, method.filter(Boolean)))

/** Whether a step waits for what is meant. */
const waitsFor = (
  { when, empties, handwork, shows }: Step,
  meant: Exclude<Meant, { in: readonly string[] }>,
): boolean => {
  if ('out' in meant) return empties === true
  if ('target' in meant) return when.on === 'target'
  if ('shade' in meant) return when.on === 'target' && shows === meant.shade
  if ('hand' in meant) return handwork?.kind === meant.hand
  if ('after' in meant) return when.on === 'after' && when.seconds === meant.after
  const [on, celsius] =
    'rises' in meant ? ['rises', meant.rises] : 'colour' in meant ? ['colour', meant.colour] : ['falls', meant.falls]
  return when.on === on && 'celsius' in when && Math.abs(when.celsius - celsius) < 1
}

describe('a recipe in many words', () => {
  it.each(
    [...sweets, ...seenSweets, ...fahrenheitSweets, ...kitchenSweets, ...breathSweets].map((s) => [s.name, s] as const),
  )('%s', (_, sweet) => {
    fc.assert(
      fc.property(textOf(sweet), (text) => {
        const { formula, asks, questions } = readRecipe(text, pantry)
        const { steps, lines, target } = formula
        expect(faultsOf(formula), text).toEqual([])
        expect(questions, text).toEqual([])
        // what it is is always confirmed
        expect(
          asks.map((a) => a.id),
          text,
        ).toEqual(['family'])
        // nothing is put in that the text says in its own words, and every step is called something
        // but the flame, where nobody writes that it is turned up after all is dissolved
        const added = steps.filter((s) => isAddedPlainly(s) && s.heat === undefined)
        if (sweet.meant.some((m) => 'out' in m)) expect(added, text).toEqual([])
        for (const { label } of steps) expect(label, text).toMatch(/^(?!(?:As|At|By|From|Then|To)\b)\p{Lu}\p{L}/u)
        let from = 0
        for (const [n, meant] of sweet.meant.entries()) {
          if ('target' in meant) expect(target?.celsius, text).toBeCloseTo(meant.target, 0)
          const next = sweet.meant[n + 1]
          const goesIn =
            'in' in meant
              ? meant.in.map((id) =>
                  steps.findIndex((s) => lines.some((l) => l.ingredient === id && l.group === s.adds)),
                )
              : []
          const at = 'in' in meant ? goesIn : [steps.findIndex((s, i) => i >= from && waitsFor(s, meant))]
          for (const i of at) expect(i, `${JSON.stringify(meant)} in\n${text}`).toBeGreaterThanOrEqual(from)
          from = Math.max(...at)
          // what goes in goes in before the heat that is meant after it, and may go in with the work
          const due = next && !('in' in next || 'out' in next) ? steps.findIndex((s) => waitsFor(s, next)) : -1
          const latest = next && 'hand' in next ? due : due - 1
          if ('in' in meant && due >= 0) expect(from, text).toBeLessThanOrEqual(latest)
        }
      }),
      { numRuns: 6 },
    )
  })
})
