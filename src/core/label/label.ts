/**
 * What has to stand on a label, as data: ingredients in falling order as they were mixed, compound ones opened, allergens,
 * nutrients, net weight, code, and how long it keeps. It certifies nothing; what it cannot know it says.
 */
import type { Film } from '../craft/handwork'
import { pieceOf, wrapBy } from '../finish/keeping'
import { type Analysis, analyse, type Conditions } from '../formula/analyse'
import { allLines, type FormulaDocument, mainBoil } from '../formula/document'
import { ingredientIn } from '../formula/mixes'
import { type BatchPlan, gramsOfBoil } from '../formula/plan'
import type { Allergen, Ingredient } from '../matter/ingredient'
import { type Nutrients, nutrientsPer100 } from './nutrients'

export interface LabelIngredient {
  /** As it is named on a label. */
  readonly name: string
  readonly grams: number
  readonly allergens: readonly Allergen[]
  /** What a compound ingredient is made of, in falling order. */
  readonly of: readonly string[]
  /** Its share of the finished sweet, where the sweet is named after it; else null. */
  readonly share: number | null
}

export interface Label {
  readonly name: string
  readonly ingredients: readonly LabelIngredient[]
  readonly allergens: readonly Allergen[]
  /** In 100 g. */
  readonly nutrients: Nutrients
  readonly pieceGrams: number
  readonly storage: 'cool-dry' | 'chilled'
  /** Days it keeps wrapped in `film`, no more than `MOST_DAYS`. */
  readonly keepsDays: number
  readonly film: Film
}

/** ◊ Nobody's model of water says more than this about fat that goes rancid, or flavour that fades. */
export const MOST_DAYS = 180
/** ◊ With cream, butter or nuts sooner. */
const MOST_DAYS_FATTY = 90
const FATTY = 0.08
/** Added water is named from this share of the sweet on. */
const WATER_NAMED = 0.05

/** How a label calls things whose name in the pantry is the kitchen's. */
const NAMES: Readonly<Record<string, string>> = {
  'caster-sugar': 'sugar',
  sugar: 'sugar',
  'icing-sugar': 'icing sugar',
  'glucose-28': 'glucose syrup',
  'glucose-38': 'glucose syrup',
  'glucose-42': 'glucose syrup',
  'glucose-60': 'glucose syrup',
  'corn-syrup': 'glucose syrup',
  soda: 'raising agent: sodium hydrogen carbonate',
  'baking-powder': 'raising agent: baking powder',
  'citric-acid': 'acid: citric acid',
  'tartaric-acid': 'acid: tartaric acid',
  'malic-acid': 'acid: malic acid',
  'cream-of-tartar': 'acidity regulator: potassium tartrate',
  salt: 'salt',
  'flaky-salt': 'sea salt',
  'coarse-salt': 'salt',
  flavour: 'flavouring',
  extract: 'flavouring',
  colour: 'colour',
  'colour-gel': 'colour',
  vanilla: 'vanilla extract',
  'wheat-flour': 'wheat flour',
}

/** What compound ingredients are made of, in falling order. ◊ As such goods usually are: the pack decides. */
const COMPOUNDS: Readonly<Record<string, readonly string[]>> = {
  'butter-salted': ['butter', 'salt'],
  margarine: ['vegetable oils', 'water', 'salt', 'emulsifier'],
  'condensed-milk': ['milk', 'sugar'],
  'malted-milk': ['barley malt', 'wheat flour', 'milk powder'],
  'dark-chocolate-54': ['cocoa mass', 'sugar', 'cocoa butter', 'emulsifier: soya lecithin'],
  'dark-chocolate-70': ['cocoa mass', 'sugar', 'cocoa butter', 'emulsifier: soya lecithin'],
  'dark-chocolate-85': ['cocoa mass', 'cocoa butter', 'sugar', 'emulsifier: soya lecithin'],
  'milk-chocolate': ['sugar', 'cocoa butter', 'milk powder', 'cocoa mass', 'emulsifier: soya lecithin'],
  'white-chocolate': ['sugar', 'cocoa butter', 'milk powder', 'emulsifier: soya lecithin'],
  marzipan: ['almonds', 'sugar', 'glucose syrup'],
  'candied-peel': ['peel', 'glucose-fructose syrup', 'sugar', 'preservative: sulphur dioxide'],
  'crystallised-ginger': ['ginger', 'sugar'],
  marshmallows: ['glucose syrup', 'sugar', 'water', 'gelatine'],
  'marshmallow-creme': ['glucose syrup', 'sugar', 'egg white'],
  'golden-syrup': ['partly inverted sugar syrup'],
}

const labelName = ({ id, name }: Ingredient): string =>
  NAMES[id] ?? name.split(',')[0]?.toLowerCase() ?? name.toLowerCase()

/** ◊ Words of a name that name no ingredient. */
const SHORT = 4
const isNamed = (sweet: string, ingredient: string): boolean =>
  ingredient
    .toLowerCase()
    .split(/[^a-zé]+/)
    .some(
      (w) =>
        w.length >= SHORT &&
        !['sugar', 'syrup', 'powder', 'dark'].includes(w) &&
        sweet.toLowerCase().includes(w.replace(/s$/, '')),
    )

/** The label of a batch as it was planned, made under `conditions`. @throws RangeError where nothing of it is boiled. */
export function labelOf(formula: FormulaDocument, plan: BatchPlan, conditions: Conditions, film: Film): Label {
  const boiled = mainBoil(formula)
  if (!boiled) throw new RangeError(`Nothing of "${formula.name}" is boiled`)
  const analysis = analyse(boiled, conditions, gramsOfBoil(plan, 1))
  const weighed = allLines(formula)
    .map((l) => ({ ...l, ingredient: ingredientIn(formula, l.ingredient), grams: plan.grams[l.id] ?? 0 }))
    .filter((l) => l.grams > 0)
  const parts = weighed.filter((l) => !l.strained)
  const keeps = wrapBy(pieceOf(boiled, analysis, plan.pieceGrams), conditions)
  const days = keeps.days.find((d) => d.film === film)?.days ?? 0
  return {
    name: formula.name,
    ingredients: mixed(formula.name, parts, plan.outGrams),
    // what is strained off leaves its allergens
    allergens: [...new Set(weighed.flatMap((l) => l.ingredient.allergens))],
    nutrients: nutrientsPer100(parts, plan.outGrams),
    pieceGrams: plan.pieceGrams,
    storage: keeps.spoils === 'chilled' ? 'chilled' : 'cool-dry',
    keepsDays: Math.max(1, Math.floor(Math.min(days, mostDays(analysis)))),
    film,
  }
}

const mostDays = ({ fatGrams, outGrams }: Analysis): number =>
  fatGrams / outGrams > FATTY ? MOST_DAYS_FATTY : MOST_DAYS

/** In falling order as they were mixed; added water by what of it is left. */
function mixed(
  name: string,
  parts: readonly { readonly ingredient: Ingredient; readonly grams: number }[],
  outGrams: number,
): LabelIngredient[] {
  const rows = new Map<string, LabelIngredient>()
  let others = 0
  for (const { ingredient, grams } of parts) {
    if (ingredient.id === 'water') continue
    others += grams
    const called = labelName(ingredient)
    const before = rows.get(called)
    rows.set(called, {
      name: called,
      grams: grams + (before?.grams ?? 0),
      allergens: [...new Set([...(before?.allergens ?? []), ...ingredient.allergens])],
      of: COMPOUNDS[ingredient.id] ?? before?.of ?? [],
      share: null,
    })
  }
  const left = outGrams - others
  if (left > WATER_NAMED * outGrams)
    rows.set('water', { name: 'water', grams: left, allergens: [], of: [], share: null })
  return [...rows.values()]
    .map((r) => (isNamed(name, r.name) ? { ...r, share: r.grams / outGrams } : r))
    .sort((a, b) => b.grams - a.grams)
}
