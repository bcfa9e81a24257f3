/** Formulas as schema.org Recipe (https://schema.org/Recipe), out and in. */
import { families, schoolLabel } from '../craft/families'
import { type FormulaDocument, mainBoil, piecesOf } from './document'
import { nameOfLine } from './line-name'
import { allergensIn } from './mixes'

/** A formula as a Recipe: grams and plain sentences, so that any reader understands it. */
export function toRecipe(formula: FormulaDocument): Record<string, unknown> {
  const pieces = piecesOf(formula)
  const boiled = mainBoil(formula)
  const allergens = allergensIn(formula)
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: formula.name,
    description: [formula.about, allergens.length > 0 ? `Contains ${allergens.join(', ')}.` : '']
      .filter(Boolean)
      .join(' '),
    recipeCategory: families[formula.family].label,
    cookingMethod: schoolLabel(formula.family, formula.school),
    ...(formula.source && { isBasedOn: formula.source }),
    recipeIngredient: pieces.flatMap((p) =>
      p.formula.lines.map(
        (l) => `${Math.round(l.grams * 10) / 10} g ${nameOfLine(p.formula, l)}${l.note ? `, ${l.note}` : ''}`,
      ),
    ),
    recipeInstructions: pieces.flatMap((p) => [
      ...(p.formula.ready ?? []).map((text) => ({ '@type': 'HowToStep', name: 'Get ready', text: `${text}.` })),
      ...p.formula.steps.map((s) => ({
        '@type': 'HowToStep',
        name: s.label,
        text: `${s.meanwhile ? `${s.meanwhile.say}. ` : ''}${whenSaid(s.when, boiled?.target.celsius)}${s.say}. ${s.why}`,
      })),
    ]),
  }
}

function whenSaid(when: FormulaDocument['steps'][number]['when'], target: number | undefined): string {
  switch (when.on) {
    case 'boil':
      return 'When it boils: '
    case 'target':
      return target === undefined ? '' : `At ${target} °C: `
    case 'rises':
      return `At ${when.celsius} °C: `
    case 'falls':
      return `When it has cooled to ${when.celsius} °C: `
    case 'after':
      return `After ${Math.round(when.seconds / 60)} minutes: `
    default:
      return ''
  }
}

export interface FoundRecipe {
  readonly name: string
  /** The whole of it as text, for `readRecipe`. */
  readonly text: string
}

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v)
const listOf = (v: unknown): unknown[] => (Array.isArray(v) ? v : v === undefined || v === null ? [] : [v])
const textOf = (v: unknown): string =>
  (typeof v === 'string' ? v : '')
    .replace(/<[^>]*>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

const isRecipe = (v: Record<string, unknown>): boolean => listOf(v['@type']).some((t) => textOf(t).endsWith('Recipe'))

/** ◊ A graph nests this deep at most; deeper is not a recipe but an attack. */
const DEEPEST = 8

function nodes(value: unknown, depth = 0): Record<string, unknown>[] {
  if (depth > DEEPEST) return []
  if (Array.isArray(value)) return value.flatMap((v) => nodes(v, depth + 1))
  if (!isObject(value)) return []
  return isRecipe(value) ? [value] : [value['@graph'], value.mainEntity].flatMap((v) => nodes(v, depth + 1))
}

/** Steps, sections of steps, or one long text. */
function instructions(value: unknown, depth = 0): string[] {
  if (depth > DEEPEST) return []
  return listOf(value).flatMap((v) => {
    if (!isObject(v)) return textOf(v) ? [textOf(v)] : []
    const own = textOf(v.text) || textOf(v.name)
    const inner = instructions(v.itemListElement, depth + 1)
    return inner.length > 0 ? inner : own ? [own] : []
  })
}

/** Every recipe in a JSON-LD value: alone, in a list or in a graph. Markup inside texts is dropped. */
export const recipesIn = (value: unknown): FoundRecipe[] =>
  nodes(value).map((node) => {
    const name = textOf(node.name) || 'A recipe'
    const list = listOf(node.recipeIngredient ?? node.ingredients)
      .map(textOf)
      .filter(Boolean)
    const method = instructions(node.recipeInstructions)
    return { name, text: [name, 'Ingredients', ...list, 'Method', ...method].join('\n') }
  })
