import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import { demoFormulas } from '@/demo/formulas'
import type { FamilyId } from '../craft/families'
import { ingredients } from '../matter/ingredients'
import { standardPressure } from '../physics/water'
import { testConditions } from '../testing'
import { analyse } from './analyse'
import { boiledIn, type FormulaDocument, gramsAsWritten, isBoiled, piecesOf } from './document'
import { toRecipe } from './json-ld'
import { type Verdict, verdictsOf, wholeVerdicts } from './verdicts'

const all = Object.values(demoFormulas)
const bearing = ingredients.filter((i) => i.allergens.length > 0 && !i.whole)

/** `formula` with one more ingredient in the group `nth` of all its groups, wherever that is. */
function with1(formula: FormulaDocument, nth: number, ingredient: string): FormulaDocument {
  const places = piecesOf(formula).flatMap((p) => p.formula.groups.map((g) => ({ part: p.part, group: g.id })))
  const place = places[nth % places.length]
  if (!place) return formula
  const line = { id: 'one-more', group: place.group, ingredient, grams: 5 }
  if (place.part === null) return { ...formula, lines: [...formula.lines, line] }
  return {
    ...formula,
    parts: formula.parts?.map((p) =>
      p.id === place.part ? { ...p, formula: { ...p.formula, lines: [...p.formula.lines, line] } } : p,
    ),
  }
}

const saidAllergens = (verdicts: readonly Verdict[]) =>
  verdicts.flatMap((v) => (v.id === 'allergens' ? [...v.figures.allergens] : []))

describe('allergens', () => {
  it('are those of everything in the sweet, whichever part is shown, and in what is given away', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), fc.nat(40), fc.constantFrom(...bearing), (formula, nth, ingredient) => {
        const whole = with1(formula, nth, ingredient.id)
        for (const { formula: piece } of piecesOf(whole)) {
          const verdicts = isBoiled(piece)
            ? verdictsOf(analyse(piece, testConditions), testConditions, whole)
            : wholeVerdicts(piece, gramsAsWritten(whole), whole)
          expect(saidAllergens(verdicts)).toEqual(expect.arrayContaining([...ingredient.allergens]))
        }
        for (const a of ingredient.allergens) expect(toRecipe(whole).description).toContain(a)
      }),
      { numRuns: 60 },
    )
  })
})

/** What each family is in a room at 30, 63 and 85 %: told before it was computed, as a confectioner would. */
const rooms: Partial<Record<FamilyId, readonly [string, string, string]>> = {
  'hard-candy': ['steady', 'sticky', 'sticky'],
  toffee: ['steady', 'sticky', 'sticky'],
  brittle: ['steady', 'sticky', 'sticky'],
  honeycomb: ['steady', 'sticky', 'sticky'],
  caramel: ['dries', 'sticky', 'sticky'],
  nougat: ['dries', 'sticky', 'sticky'],
  fudge: ['dries', 'dries', 'steady'],
}

const mainOf = (family: FamilyId) => {
  const found = all.flatMap(boiledIn).find((b) => b.formula.family === family)
  if (!found) throw new Error(`The demo boils no ${family}`)
  return found.formula
}
const verdictIn = <Id extends Verdict['id']>(
  family: FamilyId,
  id: Id,
  change: Partial<typeof testConditions> = {},
  by = 0,
): Extract<Verdict, { id: Id }> => {
  const formula = mainOf(family)
  const conditions = { ...testConditions, ...change }
  const aimed = { ...formula, target: { ...formula.target, celsius: formula.target.celsius + by } }
  const found = verdictsOf(analyse(aimed, conditions), conditions, aimed).find((v) => v.id === id)
  return found as Extract<Verdict, { id: Id }>
}

describe('one factor at a time', () => {
  test.each(Object.entries(rooms) as [FamilyId, readonly string[]][])(
    '%s in a dry, a usual and a damp room',
    (family, wanted) => {
      const seen = [0.3, 0.63, 0.85].map((humidity) => verdictIn(family, 'humidity', { humidity }).figures.keeping)
      expect(seen).toEqual(wanted)
    },
  )

  test.each(Object.keys(rooms) as FamilyId[])(
    '%s: hotter is drier and harder, at the sea and up the hill',
    (family) => {
      for (const metres of [12, 1480]) {
        const pressurePa = standardPressure(metres)
        const [under, right, over] = [-4, 0, 4].map((by) => ({
          water: verdictIn(family, 'water', { pressurePa }, by).figures.share,
          bite: verdictIn(family, 'bite', { pressurePa }, by).figures.aboveGlass,
        }))
        expect(under?.water).toBeGreaterThan(right?.water ?? 1)
        expect(right?.water).toBeGreaterThan(over?.water ?? 1)
        expect(under?.bite).toBeGreaterThan(right?.bite ?? 99)
        expect(right?.bite).toBeGreaterThan(over?.bite ?? 99)
      }
    },
  )

  test.each(Object.keys(rooms) as FamilyId[])(
    '%s comes out the same up the hill: the target is a composition',
    (family) => {
      const [sea, hill] = [12, 1480].map((m) => verdictIn(family, 'water', { pressurePa: standardPressure(m) }).figures)
      expect(hill?.share).toBeCloseTo(sea?.share ?? 0, 3)
    },
  )

  test.each([
    ['honeycomb', 'tipped'],
    ['fudge', 'beaten'],
    ['marshmallow', 'whipped'],
    ['popcorn', 'tossed'],
    ['toffee', 'spread'],
    ['hard-candy', 'poured'],
  ] as const)('%s is %s, and no other work is spoken of', (family, work) => {
    expect(verdictIn(family, 'work').figures.work).toBe(work)
  })

  it('drops filled from the pot leave minutes, not one', () => {
    expect(verdictIn('hard-candy', 'work').figures.until).toBeGreaterThan(120)
  })
})
