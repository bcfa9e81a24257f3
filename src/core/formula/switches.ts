/**
 * One ingredient for another, with the arithmetic done: what counts is kept the same, and what comes along with the new
 * one (salt, water, fat) is put right in the other lines. What does not work is refused with its reason.
 */
import type { FamilyId } from '../craft/families'
import type { PlainFindingOf } from '../finding'
import type { Ingredient } from '../matter/ingredient'
import { ingredientById } from '../matter/ingredients'
import type { Mix } from '../matter/mix'
import { bloomOf } from '../matter/pantry/setting'
import { unitWeightsOf } from '../matter/unit-weights'
import { exchangeGelatin } from '../physics/gelatin'
import { type Grams, inGrams } from '../quantity/figures'
import type { FormulaDocument, Line } from './document'
import { ingredientIn } from './mixes'

/** What is kept the same, in grams per 100 g of the ingredient. */
type Keeps = (mix: Mix) => number

const sweetness: Keeps = (m) => m.sucrose + m.monosaccharide + m.glucoseSolids
const fat: Keeps = (m) => m.fat
const weight: Keeps = () => 100

interface Kind {
  readonly members: readonly string[]
  readonly keeps: Keeps
  readonly kept: Kept
  /** Lines put right afterwards, by what the new ingredient brings more or less of. */
  readonly corrects: readonly Correction[]
}

/** What an exchange keeps the same. */
export type Kept = 'fat' | 'sugar-solids' | 'sweetener-solids' | 'weight' | 'set'
/** What is put right in another line. */
export type Corrected = 'salt' | 'water' | 'fat'

/** `counts`: what is counted; `into`: lines that can take it up, by ingredient, and how much of it they are, share. */
interface Correction {
  readonly of: Corrected
  readonly counts: Keeps
  readonly into: Readonly<Record<string, number>>
}

const salt: Correction = {
  of: 'salt',
  counts: (m) => m.salt,
  into: { salt: 1, 'flaky-salt': 1, 'coarse-salt': 1, 'smoked-salt': 1 },
}
const water: Correction = { of: 'water', counts: (m) => m.water, into: { water: 1 } }
const butterfat: Correction = { of: 'fat', counts: fat, into: { butter: 0.81, 'butter-salted': 0.8, ghee: 0.995 } }

const kinds: readonly Kind[] = [
  {
    members: ['butter', 'butter-salted', 'ghee', 'coconut-oil', 'margarine'],
    keeps: fat,
    kept: 'fat',
    corrects: [salt, water],
  },
  {
    members: [
      'sugar',
      'caster-sugar',
      'demerara',
      'light-brown-sugar',
      'dark-brown-sugar',
      'light-muscovado',
      'dark-muscovado',
      'palm-sugar',
      'icing-sugar',
    ],
    keeps: sweetness,
    kept: 'sugar-solids',
    corrects: [water],
  },
  {
    members: [
      'glucose-28',
      'glucose-38',
      'glucose-42',
      'glucose-60',
      'corn-syrup',
      'dark-corn-syrup',
      'golden-syrup',
      'honey',
      'invert-syrup',
      'maple-syrup',
      'treacle',
      'rice-syrup',
      'agave-syrup',
      'date-syrup',
    ],
    keeps: sweetness,
    kept: 'sweetener-solids',
    corrects: [water],
  },
  {
    members: ['cream-12', 'cream-18', 'cream-30', 'cream-36', 'cream-48', 'coconut-cream'],
    keeps: weight,
    kept: 'weight',
    corrects: [butterfat, water],
  },
  {
    members: [
      'milk-whole',
      'milk-half',
      'milk-skimmed',
      'oat-milk',
      'soya-milk',
      'almond-milk',
      'coconut-milk',
      'evaporated-milk',
    ],
    keeps: weight,
    kept: 'weight',
    corrects: [butterfat, water],
  },
  {
    members: [...Object.keys(bloomOf), 'agar', 'pectin'],
    keeps: weight,
    kept: 'set',
    corrects: [],
  },
]

/** Why an exchange does not work. */
export type RefusalId =
  | 'margarine-splits'
  | 'nothing-binds'
  | 'starch-catches'
  | 'never-dries'
  | 'breaks-foam'
  | 'holds-no-air'
  | 'no-cream'
  | 'burns-first'

interface Refusal {
  readonly to: readonly string[]
  readonly families: readonly FamilyId[] | 'all'
  readonly because: RefusalId
}

const butters: readonly FamilyId[] = ['toffee', 'caramel', 'caramel-sauce', 'brittle', 'fudge', 'condensed-milk']

const refusals: readonly Refusal[] = [
  {
    to: ['margarine'],
    families: butters,
    because: 'margarine-splits',
  },
  {
    to: ['coconut-oil', 'ghee'],
    families: ['toffee'],
    because: 'nothing-binds',
  },
  {
    to: ['icing-sugar'],
    families: 'all',
    because: 'starch-catches',
  },
  {
    to: ['honey', 'invert-syrup', 'agave-syrup', 'date-syrup', 'maple-syrup'],
    families: ['hard-candy', 'honeycomb'],
    because: 'never-dries',
  },
  {
    to: ['treacle', 'date-syrup'],
    families: ['nougat', 'marshmallow'],
    because: 'breaks-foam',
  },
  {
    to: ['agar', 'pectin'],
    families: ['marshmallow'],
    because: 'holds-no-air',
  },
  {
    to: ['oat-milk', 'soya-milk', 'almond-milk'],
    families: ['fudge'],
    because: 'no-cream',
  },
  {
    to: ['palm-sugar', 'dark-muscovado', 'dark-brown-sugar', 'light-brown-sugar', 'light-muscovado'],
    families: ['hard-candy'],
    because: 'burns-first',
  },
]

/** Ingredients that can stand in for each other, this one among them. */
export const kindred = (ingredient: string): readonly string[] => kindOf(ingredient)?.members ?? [ingredient]

const kindOf = (ingredient: string): Kind | undefined => kinds.find((k) => k.members.includes(ingredient))

const refusalFor = (to: string, family: FamilyId): Refusal | undefined =>
  refusals.find((r) => r.to.includes(to) && (r.families === 'all' || r.families.includes(family)))

export interface SwitchOffer {
  readonly ingredient: Ingredient
  /** Why it is refused here; null where it works. */
  readonly refused: RefusalId | null
}

/** What a line could be exchanged for, those that do not work here with their reason; empty for a line with no kin. */
export function switchesFor(formula: FormulaDocument, line: Line): SwitchOffer[] {
  const kind = kindOf(line.ingredient)
  return (kind?.members ?? [])
    .filter((id) => id !== line.ingredient)
    .map((id) => ({ ingredient: ingredientById(id), refused: refusalFor(id, formula.family)?.because ?? null }))
}

export interface SwitchFigures {
  becomes: {
    readonly before: string
    readonly beforeGrams: Grams
    readonly after: string
    readonly afterGrams: Grams
    readonly kept: Kept
  }
  /** `short`: what stays too much, for the line has no more to give. */
  taken: {
    readonly line: string
    readonly from: Grams
    readonly to: Grams
    readonly of: Corrected
    readonly short: Grams
  }
  'no-line': { readonly grams: Grams; readonly of: Corrected }
}

export type SwitchNote = PlainFindingOf<SwitchFigures>

export interface Switched {
  readonly formula: FormulaDocument
  /** What was done, line by line. */
  readonly notes: readonly SwitchNote[]
}

const round = (grams: number): number => (grams >= 10 ? Math.round(grams) : Math.round(grams * 10) / 10)

/**
 * The formula with `lineId` exchanged for `to`. Amounts are rounded as they are weighed.
 * @throws RangeError when there is no such line, no such exchange, or it is refused here (the message names the reason).
 */
export function switchIngredient(formula: FormulaDocument, lineId: string, to: string): Switched {
  const line = formula.lines.find((l) => l.id === lineId)
  if (!line) throw new RangeError(`"${formula.name}" has no line "${lineId}"`)
  const offer = switchesFor(formula, line).find((o) => o.ingredient.id === to)
  const kind = kindOf(line.ingredient)
  if (!offer || !kind) throw new RangeError(`There is no exchange of ${line.ingredient} for ${to}`)
  if (offer.refused) throw new RangeError(`${line.ingredient} cannot become ${to} here: ${offer.refused}`)
  const before = ingredientIn(formula, line.ingredient)
  const after = offer.ingredient
  const grams = round(exactGrams(line, kind, before, after))
  const notes: SwitchNote[] = [
    {
      id: 'becomes',
      figures: {
        before: before.name,
        beforeGrams: inGrams(line.grams),
        after: after.name,
        afterGrams: inGrams(grams),
        kept: kind.kept,
      },
    },
  ]
  let lines = formula.lines.map((l): Line => {
    if (l.id !== lineId) return l
    const { note: _note, typed: _typed, ...rest } = l
    return { ...rest, ingredient: to, grams }
  })
  // each correction starts from the grams the one before left behind
  for (const correction of kind.corrects) {
    const brought = (grams * correction.counts(after.per100) - line.grams * correction.counts(before.per100)) / 100
    const done = correct(lines, lineId, correction, brought)
    lines = done.lines
    if (done.note) notes.push(done.note)
  }
  return { formula: { ...formula, lines }, notes }
}

function exactGrams(line: Line, kind: Kind, before: Ingredient, after: Ingredient): number {
  const [from, to] = [bloomOf[before.id], bloomOf[after.id]]
  if (from !== undefined && to !== undefined) return exchangeGelatin(line.grams, from, to)
  return (line.grams * kind.keeps(before.per100)) / kind.keeps(after.per100)
}

/** ◊ Less than this, g, is not worth another weighing. */
const TRIFLE = 0.3

/** Takes what the new ingredient brought out of the line that holds it, or puts in what it lacks. */
function correct(
  lines: Line[],
  except: string,
  { of, into }: Correction,
  brought: number,
): { lines: Line[]; note: SwitchNote | null } {
  if (Math.abs(brought) < TRIFLE) return { lines, note: null }
  const taker = lines.find((l) => l.id !== except && into[l.ingredient] !== undefined)
  if (!taker) return { lines, note: { id: 'no-line', figures: { grams: inGrams(brought), of } } }
  const share = into[taker.ingredient] as number
  const wanted = taker.grams - brought / share
  const left = Math.max(0, round(wanted))
  return {
    lines:
      left > 0
        ? lines.map((l) => (l.id === taker.id ? { ...l, grams: left } : l))
        : lines.filter((l) => l.id !== taker.id),
    note: {
      id: 'taken',
      figures: {
        line: ingredientById(taker.ingredient).name,
        from: inGrams(taker.grams),
        to: inGrams(left),
        of,
        short: inGrams(Math.max(0, -wanted * share)),
      },
    },
  }
}

/** A line's grams made whole tins, packets or sticks, the nearest number of them that is not none. */
export function toWholePacks(
  formula: FormulaDocument,
  line: Line,
  unit: string,
): { grams: number; count: number } | null {
  const each = unitWeightsOf(ingredientIn(formula, line.ingredient))[unit]
  if (!each) return null
  const count = Math.max(1, Math.round(line.grams / each))
  return { grams: count * each, count }
}
