/** A ganache: chocolate and cream in the share its use asks for, made by hand beside a sweet; and whether one holds together. */

import { type GanacheUse, ganacheShare } from '../cooling/chocolate'
import { type Chocolate, chocolates } from '../craft/handwork'
import type { Ingredient } from '../matter/ingredient'
import { ingredientById, shelfOf } from '../matter/ingredients'
import { massOf } from '../matter/mix'
import { mixOf } from '../matter/portions'
import { type FormulaDocument, gramsAsWritten, type Part, type SingleFormula, type Step } from './document'
import { portionsIn } from './mixes'

/** Goods of the pantry it is made of. */
const GOODS: Readonly<Record<Chocolate, string>> = {
  dark: 'dark-chocolate-54',
  milk: 'milk-chocolate',
  white: 'white-chocolate',
}
const CREAM = 'cream-36'
export const chocolateKinds = Object.keys(chocolates) as Chocolate[]
export const ganacheUses = ['firm', 'filling', 'pours'] as const satisfies readonly GanacheUse[]

/** ◊ °C it is used at. */
const USED_AT: Readonly<Record<GanacheUse, number>> = { firm: 22, filling: 22, pours: 35 }

/** How it is used once it is made. */
const USES: Readonly<Record<GanacheUse, Pick<Step, 'label' | 'say' | 'why' | 'act'>>> = {
  firm: {
    label: 'Firm',
    say: 'Left to set at 16 to 18°, then rolled or cut',
    why: 'In a fridge it sweats and dulls.',
    act: 'It is firm',
  },
  filling: {
    label: 'Pipe at 22–26°',
    say: 'Cooled to 22 to 26°, then piped or filled in',
    why: 'Warmer it runs out of the shell, colder it breaks in the bag.',
    act: 'It pipes',
  },
  pours: {
    label: 'Pour at 30–35°',
    say: 'Cooled to 30 to 35°, then poured over in one go',
    why: 'Warmer it takes the bloom off what lies below, colder it stands in waves.',
    act: 'It pours',
  },
}

/**
 * A part of a sweet that is a ganache of about `grams`, for a use. `id` keeps its lines and groups apart from those of other parts;
 * `shape` is the sweet's own.
 */
export function ganachePart(
  id: string,
  chocolate: Chocolate,
  use: GanacheUse,
  grams: number,
  shape: SingleFormula['shape'],
): Part {
  const share = ganacheShare(chocolate, use)
  const cream = Math.round(grams / (1 + share))
  return {
    id,
    label: 'Ganache',
    needs: [],
    celsius: USED_AT[use],
    formula: {
      version: 1,
      name: 'Ganache',
      family: 'layered',
      school: 'baked',
      about: `${ingredientById(GOODS[chocolate]).name} and cream, ${share.toFixed(share % 1 === 0 ? 0 : 2)} to 1 by weight.`,
      groups: [{ id: `${id}-all`, label: 'In the bowl', celsius: 20 }],
      lines: [
        { id: `${id}-chocolate`, group: `${id}-all`, ingredient: GOODS[chocolate], grams: Math.round(grams - cream) },
        { id: `${id}-cream`, group: `${id}-all`, ingredient: CREAM, grams: cream },
      ],
      target: null,
      steps: [
        {
          id: 'pour-on',
          label: 'Cream on',
          when: { on: 'ready' },
          say: 'Bring the cream to the boil, let it fall to 80°, pour it over the chopped chocolate',
          why: 'Boiling cream scorches the cocoa; cold it leaves lumps.',
          act: 'It is on',
          adds: `${id}-all`,
        },
        {
          id: 'stir',
          label: 'Stirred',
          when: { on: 'after', seconds: 60 },
          meanwhile: { say: 'Leave it alone for a minute', why: 'It melts from the middle by itself.' },
          say: 'Stir from the middle outwards until it shines; never above 45° nor below 28°',
          why: 'If it splits, a spoon of warm cream brings it back.',
          act: 'It shines',
        },
        { id: 'use', when: { on: 'word', word: 'as cool as it has to be' }, ...USES[use] },
      ],
      shape,
      waste: 0.03,
      boils: [],
    },
  }
}

const isChocolate = ({ id, per100 }: Ingredient): boolean =>
  per100.fat > 25 && (shelfOf(id) === 'chocolate' || per100.cocoaSolids > 0)
const isCream = ({ per100 }: Ingredient): boolean => per100.fat > 10 && per100.water > 40 && per100.lactose > 0

/** ◊ Fat beyond this share of it does not hold in so little water: water there has to be for so much fat. */
const SPLITS = { fat: 0.4, waterToFat: 0.45 }

/** Whether what is mixed of chocolate and cream splits: its share of fat and of water; null for what is no ganache. */
export function ganacheHolds(
  formula: FormulaDocument,
): { readonly fat: number; readonly water: number; readonly splits: boolean } | null {
  if (formula.target !== null) return null
  const groups = new Set(formula.groups.map((g) => g.id))
  const goods = portionsIn(formula, groups, gramsAsWritten(formula))
  const has = (test: (i: Ingredient) => boolean): boolean => goods.some((g) => test(g.ingredient))
  if (!has(isChocolate) || !has(isCream)) return null
  const mix = mixOf(goods)
  const [fat, water] = [mix.fat / massOf(mix), mix.water / massOf(mix)]
  return { fat, water, splits: fat > SPLITS.fat && water < SPLITS.waterToFat * fat }
}
