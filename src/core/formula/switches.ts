/**
 * One ingredient for another, with the arithmetic done: what counts is kept the same, and what comes along with the new
 * one (salt, water, fat) is put right in the other lines. What does not work is refused with its reason.
 */
import type { FamilyId } from '../craft/families'
import type { Ingredient } from '../matter/ingredient'
import { ingredientById } from '../matter/ingredients'
import type { Mix } from '../matter/mix'
import { exchangeGelatin } from '../physics/gelatin'
import { formatGrams } from '../quantity/format'
import type { FormulaDocument, Line } from './document'
import { ingredientIn } from './mixes'

/** What is kept the same, in grams per 100 g of the ingredient. */
type Keeps = (mix: Mix) => number

const sweetness: Keeps = (m) => m.sucrose + m.monosaccharide + m.glucoseSolids
const fat: Keeps = (m) => m.fat
const weight: Keeps = () => 100

interface Kind {
  readonly label: string
  readonly members: readonly string[]
  readonly keeps: Keeps
  readonly keepsWord: string
  /** Lines put right afterwards, by what the new ingredient brings more or less of. */
  readonly corrects: readonly Correction[]
}

/** `parts`: what is counted; `into`: lines that can take it up, by ingredient, and how much of it they are, share. */
interface Correction {
  readonly word: string
  readonly counts: Keeps
  readonly into: Readonly<Record<string, number>>
}

const salt: Correction = {
  word: 'salt',
  counts: (m) => m.salt,
  into: { salt: 1, 'flaky-salt': 1, 'coarse-salt': 1, 'smoked-salt': 1 },
}
const water: Correction = { word: 'water', counts: (m) => m.water, into: { water: 1 } }
const butterfat: Correction = { word: 'fat', counts: fat, into: { butter: 0.81, 'butter-salted': 0.8, ghee: 0.995 } }

const kinds: readonly Kind[] = [
  {
    label: 'butter',
    members: ['butter', 'butter-salted', 'ghee', 'coconut-oil', 'margarine'],
    keeps: fat,
    keepsWord: 'fat',
    corrects: [salt, water],
  },
  {
    label: 'sugar',
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
    keepsWord: 'sugar solids',
    corrects: [water],
  },
  {
    label: 'syrup',
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
    keepsWord: 'sweetener solids',
    corrects: [water],
  },
  {
    label: 'cream',
    members: ['cream-12', 'cream-18', 'cream-30', 'cream-36', 'cream-48', 'coconut-cream'],
    keeps: weight,
    keepsWord: 'weight',
    corrects: [butterfat, water],
  },
  {
    label: 'milk',
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
    keepsWord: 'weight',
    corrects: [butterfat, water],
  },
  {
    label: 'gelatin',
    members: [
      'gelatin-powder',
      'gelatin-bronze',
      'gelatin-silver',
      'gelatin-gold',
      'gelatin-platinum',
      'agar',
      'pectin',
    ],
    keeps: weight,
    keepsWord: 'set',
    corrects: [],
  },
]

/** Bloom strength of a gelatin by its id. */
const bloomOf: Readonly<Record<string, number>> = {
  'gelatin-powder': 225,
  'gelatin-bronze': 140,
  'gelatin-silver': 160,
  'gelatin-gold': 200,
  'gelatin-platinum': 250,
}

interface Refusal {
  readonly to: readonly string[]
  readonly families: readonly FamilyId[] | 'all'
  readonly why: string
}

const butters: readonly FamilyId[] = ['toffee', 'caramel', 'caramel-sauce', 'brittle', 'fudge', 'condensed-milk']

const refusals: readonly Refusal[] = [
  {
    to: ['margarine'],
    families: butters,
    why: 'Margarine has other fats, more water and no milk to brown: the fat splits out on the way up.',
  },
  {
    to: ['coconut-oil', 'ghee'],
    families: ['toffee'],
    why: 'Without the butter’s milk and water there is nothing to hold fat and syrup together: it separates in the pot.',
  },
  {
    to: ['icing-sugar'],
    families: 'all',
    why: 'The starch in icing sugar clouds the syrup, foams and catches.',
  },
  {
    to: ['honey', 'invert-syrup', 'agave-syrup', 'date-syrup', 'maple-syrup'],
    families: ['hard-candy', 'honeycomb'],
    why: 'So much fructose never sets to a dry glass: it turns sticky within the hour.',
  },
  {
    to: ['treacle', 'date-syrup'],
    families: ['nougat', 'marshmallow'],
    why: 'Its acid and minerals break the foam.',
  },
  {
    to: ['agar', 'pectin'],
    families: ['marshmallow'],
    why: 'Agar and pectin set brittle and hold no air: a marshmallow needs gelatin or egg white.',
  },
  {
    to: ['oat-milk', 'soya-milk', 'almond-milk'],
    families: ['fudge'],
    why: 'Plant drinks bring starch or little protein: the fudge neither browns nor creams as it should.',
  },
  {
    to: ['palm-sugar', 'dark-muscovado', 'dark-brown-sugar', 'light-brown-sugar', 'light-muscovado'],
    families: ['hard-candy'],
    why: 'Brown sugar burns before it is dry enough to snap, and turns sticky.',
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
  readonly refused: string | null
}

/** What a line could be exchanged for, those that do not work here with their reason; empty for a line with no kin. */
export function switchesFor(formula: FormulaDocument, line: Line): SwitchOffer[] {
  const kind = kindOf(line.ingredient)
  return (kind?.members ?? [])
    .filter((id) => id !== line.ingredient)
    .map((id) => ({ ingredient: ingredientById(id), refused: refusalFor(id, formula.family)?.why ?? null }))
}

export interface Switched {
  readonly formula: FormulaDocument
  /** What was done, line by line, in words. */
  readonly said: readonly string[]
}

const round = (grams: number): number => (grams >= 10 ? Math.round(grams) : Math.round(grams * 10) / 10)

/**
 * The formula with `lineId` exchanged for `to`. Amounts are rounded as they are weighed.
 * @throws RangeError when there is no such line, no such exchange, or it is refused here (the message is the reason).
 */
export function switchIngredient(formula: FormulaDocument, lineId: string, to: string): Switched {
  const line = formula.lines.find((l) => l.id === lineId)
  if (!line) throw new RangeError(`"${formula.name}" has no line "${lineId}"`)
  const offer = switchesFor(formula, line).find((o) => o.ingredient.id === to)
  const kind = kindOf(line.ingredient)
  if (!offer || !kind) throw new RangeError(`There is no exchange of ${line.ingredient} for ${to}`)
  if (offer.refused) throw new RangeError(offer.refused)
  const before = ingredientIn(formula, line.ingredient)
  const after = offer.ingredient
  const grams = round(exactGrams(line, kind, before, after))
  const said = [
    `${formatGrams(line.grams)} ${before.name.toLowerCase()} becomes ${formatGrams(grams)} ${after.name.toLowerCase()}: the same ${kind.keepsWord}`,
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
    if (done.said) said.push(done.said)
  }
  return { formula: { ...formula, lines }, said }
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
  { word, into }: Correction,
  brought: number,
): { lines: Line[]; said: string | null } {
  if (Math.abs(brought) < TRIFLE) return { lines, said: null }
  const taker = lines.find((l) => l.id !== except && into[l.ingredient] !== undefined)
  if (!taker)
    return {
      lines,
      said: `${formatGrams(Math.abs(brought))} ${brought > 0 ? 'more' : 'less'} ${word}, with no line to put it right in`,
    }
  const share = into[taker.ingredient] as number
  const wanted = taker.grams - brought / share
  const left = Math.max(0, round(wanted))
  const name = ingredientById(taker.ingredient).name.toLowerCase()
  const short = wanted < 0 ? `, and ${formatGrams(-wanted * share)} of ${word} stays too much` : ''
  return left > 0
    ? {
        lines: lines.map((l) => (l.id === taker.id ? { ...l, grams: left } : l)),
        said: `${name} ${formatGrams(taker.grams)} → ${formatGrams(left)} for its ${word}${short}`,
      }
    : {
        lines: lines.filter((l) => l.id !== taker.id),
        said: `${name} is left out: its ${word} is in there already${short}`,
      }
}

/** A line's grams made whole tins, packets or sticks, the nearest number of them that is not none. */
export function toWholePacks(
  formula: FormulaDocument,
  line: Line,
  unit: string,
): { grams: number; count: number } | null {
  const each = ingredientIn(formula, line.ingredient).unitGrams[unit]
  if (!each) return null
  const count = Math.max(1, Math.round(line.grams / each))
  return { grams: count * each, count }
}
