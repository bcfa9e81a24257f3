/** What a label says, and beside it what it does not certify. */
import type { Allergen, Label, LabelIngredient, Nutrients } from '@/core'
import { formatShare } from '../format'
import type { Say } from '../units'
import { proseIn } from './prose'

/** A piece of text; allergens stand out. */
export interface Run {
  readonly text: string
  readonly strong?: boolean
}

const allergenWords: Readonly<Record<Allergen, string>> = {
  milk: 'milk',
  egg: 'egg',
  nuts: 'nuts',
  peanuts: 'peanuts',
  sesame: 'sesame',
  soya: 'soya',
  gluten: 'gluten',
  gelatin: 'gelatin',
  sulphites: 'sulphites',
}

/** One ingredient: "dark chocolate (cocoa mass, sugar, soya lecithin)", its share where the sweet is named after it. */
function runsOf({ name, of, allergens, share }: LabelIngredient): Run[] {
  const said = `${name}${share === null ? '' : ` ${formatShare(share).replace(' ', '\u00a0')}`}`
  const plain = [said, ...of].join(' ').toLowerCase()
  // what its own words do not name stands in brackets behind it
  const more = allergens.filter((a) => !plain.includes(allergenWords[a]))
  const inside = [...of, ...more.map((a) => allergenWords[a])]
  return emphasised(`${said}${inside.length > 0 ? ` (${inside.join(', ')})` : ''}`, allergens)
}

/** Text with the words of these allergens set apart. */
function emphasised(text: string, allergens: readonly Allergen[]): Run[] {
  const words = allergens.map((a) => allergenWords[a])
  if (words.length === 0) return [{ text }]
  return text
    .split(new RegExp(`(${words.join('|')})`, 'i'))
    .filter(Boolean)
    .map((part) => (words.includes(part.toLowerCase()) ? { text: part, strong: true } : { text: part }))
}

/** "Ingredients: sugar, cream (milk), …". */
export const labelIngredients = ({ ingredients }: Label): Run[] => [
  { text: 'Ingredients: ' },
  ...ingredients.flatMap((i, n) => [...(n > 0 ? [{ text: ', ' }] : []), ...runsOf(i)]),
]

export interface NutrientRow {
  readonly label: string
  readonly inside: boolean
  readonly value: string
}

const figure = (g: number): string => (g < 0.05 ? '0 g' : g < 10 ? `${g.toFixed(1)} g` : `${Math.round(g)} g`)

/** The table of nutrients, of 100 g or of a piece. */
export function nutrientRows(n: Nutrients, grams = 100): NutrientRow[] {
  const of = (g: number): string => figure((g * grams) / 100)
  const row = (label: string, value: string, inside = false): NutrientRow => ({ label, value, inside })
  return [
    row('Energy', `${Math.round((n.kilojoules * grams) / 100)} kJ`),
    row('', `${Math.round((n.kilocalories * grams) / 100)} kcal`),
    row('Fat', of(n.fat)),
    row('of which saturates', of(n.saturates), true),
    row('Carbohydrate', of(n.carbohydrate)),
    row('of which sugars', of(n.sugars), true),
    row('Fibre', of(n.fibre)),
    row('Protein', of(n.protein)),
    row('Salt', `${((n.salt * grams) / 100).toFixed(2)} g`),
  ]
}

const storageWords: Readonly<Record<Label['storage'], string>> = {
  'cool-dry': 'Keep in a cool, dry place.',
  chilled: 'Keep chilled, between 0° and 5°.',
}

/** How it is to be kept, in the reader's unit. */
export const sayStorage = ({ storage }: Pick<Label, 'storage'>, say: Say): string => proseIn(storageWords[storage], say)

export const labelCaution =
  'Imbry certifies nothing. Energy and nutrients are computed from ordinary food tables and from what boils off; saturates, fibre and salt vary by the pack. Keeping is a model of moisture alone. Whatever is sold wants the pack’s own figures or a laboratory, and the food law of the place: ask whoever is licensed to say.'

/** A label as plain text, to be taken elsewhere. */
export function labelText(label: Label, lines: readonly string[]): string {
  const plain = labelIngredients(label)
    .map((r) => (r.strong ? r.text.toUpperCase() : r.text))
    .join('')
  const table = nutrientRows(label.nutrients)
    .map((r) => `${r.inside ? '  ' : ''}${r.label}: ${r.value}`)
    .join('\n')
  return [label.name, '', plain, '', 'In 100 g', table, '', ...lines].join('\n')
}
