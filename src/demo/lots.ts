/** What the demo workshop bought, in lots with their codes, and what the house pays for the rest. */
import type { KitchenFacts } from '@/contract/kitchen'
import { allLines } from '@/core/formula/document'
import { ingredientIn } from '@/core/formula/mixes'
import { seeded } from '@/core/quantity/seeded'
import { demoFormulas } from './formulas'

type Named<T> = T & { id: string }

/** A kilo, in the house's money; what is not here is cheap or dear by its kind. */
const PER_KG: Readonly<Record<string, number>> = {
  sugar: 1.2,
  'caster-sugar': 1.4,
  'glucose-42': 2.1,
  'cream-36': 4.6,
  butter: 8.9,
  'butter-salted': 9.1,
  honey: 11.5,
  pistachios: 29,
  'coconut-chips': 9.8,
  'dried-pear': 14.5,
  tamarind: 6.4,
  'condensed-milk': 4.2,
  'malted-milk': 12,
  sesame: 6.8,
  'poppy-seed': 9.5,
  tahini: 10.2,
  'gelatin-powder': 24,
  pectin: 42,
  'dark-chocolate-70': 13.8,
  'smoked-salt': 18,
  cardamom: 62,
}
const OTHERWISE = 7.5

/** Two deliveries: one that ran out by autumn, one that is in use. */
const DELIVERIES = [
  { got: '2026-08-17', bestBefore: '2027-02-28', mark: 'A', kilos: 24 },
  { got: '2026-10-19', bestBefore: '2027-05-31', mark: 'B', kilos: 30 },
] as const

/** ◊ g of a delivery of what is used by the pinch, as a share of a staple's. */
const SMALL = 0.08
const STAPLES = new Set(['sugar', 'caster-sugar', 'glucose-42', 'cream-36', 'butter', 'butter-salted'])

const used = [
  ...new Map(
    Object.values(demoFormulas).flatMap((f) =>
      allLines(f).flatMap((l) =>
        l.ingredient === 'water' ? [] : [[l.ingredient, ingredientIn(f, l.ingredient).name] as const],
      ),
    ),
  ),
].sort(([a], [b]) => a.localeCompare(b))

const random = seeded(20260817)

export const demoLots: Named<KitchenFacts<'lot'>>[] = used.flatMap(([ingredient, name], i) =>
  DELIVERIES.map(({ got, bestBefore, mark, kilos }) => {
    const grams = 1000 * kilos * (STAPLES.has(ingredient) ? 1 : SMALL)
    const perKg = (PER_KG[ingredient] ?? OTHERWISE) * (mark === 'B' ? 1.04 : 1)
    return {
      id: `${ingredient}-${mark.toLowerCase()}`,
      name: `${name}, ${mark === 'A' ? 'August' : 'October'}`,
      ingredient,
      code: `LQ${String(100 + i)}${mark}${Math.floor(100 + 900 * random())}`,
      grams,
      price: Math.round((perKg * grams) / 10) / 100,
      got,
      bestBefore,
    }
  }),
)

export const demoHouse: Named<KitchenFacts<'house'>>[] = [
  {
    id: 'lantern-quay',
    name: 'Lantern Quay Sweets',
    address: 'Lantern Quay, the old sail loft',
    currency: '€',
    perKwh: 0.29,
    perWrap: 0.02,
    perHour: 19,
  },
]
