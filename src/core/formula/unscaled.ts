/** What does not grow with the batch by itself, with its figures. One row a subject. */

import type { Work } from '../craft/families/family'
import type { PlainFindingOf } from '../finding'
import { sucroseSolubility } from '../physics/solubility'
import { type Grams, inGrams, inSeconds, type Seconds } from '../quantity/figures'
import type { Analysis, Conditions } from './analyse'
import type { BoiledFormula, GramsByLine } from './document'
import type { BatchPlan } from './plan'
import { minutesToWork } from './verdicts'

export interface UnscaledFigures {
  /** From the first flame to the pull: this boil, and the formula as written on the same ring. */
  time: { readonly time: Seconds; readonly asWritten: Seconds }
  /** Water in the list, and what dissolves the sugar. */
  water: { readonly listed: Grams; readonly enough: Grams; readonly tooMuch: boolean }
  foam: { readonly peakLitres: number; readonly fill: number; readonly pot: string }
  /** Time to pour it all, and how many trays or moulds each boil fills. */
  pouring: { readonly until: Seconds; readonly vessels: number }
  flavour: { readonly begin: Grams; readonly listed: Grams }
  soda: { readonly soda: Grams }
}

export type Unscaled = PlainFindingOf<UnscaledFigures>

interface Context {
  readonly formula: BoiledFormula
  readonly plan: BatchPlan
  /** Grams in this boil. */
  readonly grams: GramsByLine
  readonly analysis: Analysis
  /** The formula as written, in the same pot on the same ring. */
  readonly written: Analysis
  readonly conditions: Conditions
}

const gramsOf = ({ formula, grams }: Context, ids: readonly string[]): number =>
  formula.lines.reduce((sum, l) => (ids.includes(l.ingredient) ? sum + (grams[l.id] ?? 0) : sum), 0)

const flavours = [
  'flavour',
  'extract',
  'almond-extract',
  'vanilla',
  'vanilla-paste',
  'spice',
  'rose-water',
  'orange-flower-water',
  'rum',
  'whisky',
  'brandy',
  'liqueur',
  'citric-acid',
  'tartaric-acid',
]
/** ◊ Taste grows a little slower than the batch: Stevens' exponent for flavours is near 0.9. */
const TASTE = 0.9
/** ◊ Water to dissolve in: what saturates at 90 °C, and a third more so that it does so in minutes. */
const DISSOLVE = { celsius: 90, spare: 1.33, tooMuch: 1.1 }

/** Works in which how long it runs decides. What is tipped out or tossed has no time at all, and what is beaten or whipped pours by then. */
const POURED: ReadonlySet<Work> = new Set(['poured', 'pulled', 'spread'])

const rows: { readonly [Id in keyof UnscaledFigures]: (c: Context) => UnscaledFigures[Id] | null } = {
  time: ({ analysis, written }) =>
    Number.isFinite(analysis.minutes)
      ? { time: inSeconds(analysis.minutes * 60), asWritten: inSeconds(written.minutes * 60) }
      : null,
  water: (c) => {
    const listed = gramsOf(c, ['water'])
    if (listed === 0) return null
    const s = sucroseSolubility(DISSOLVE.celsius)
    const enough = ((gramsOf(c, ['sugar', 'caster-sugar']) * (100 - s)) / s) * DISSOLVE.spare
    return { listed: inGrams(listed), enough: inGrams(enough), tooMuch: listed > enough * DISSOLVE.tooMuch }
  },
  foam: ({ analysis, conditions }) => ({
    peakLitres: analysis.peakLitres,
    fill: analysis.fill,
    pot: conditions.pot.name,
  }),
  pouring: ({ analysis, conditions, plan }) => {
    if (!POURED.has(analysis.work)) return null
    const until = minutesToWork(analysis, conditions)
    return Number.isFinite(until)
      ? { until: inSeconds(until * 60), vessels: Math.max(1, Math.ceil(plan.vessels / plan.boils.length)) }
      : null
  },
  flavour: (c) => {
    const grams = gramsOf(c, flavours)
    const own = c.formula.lines.reduce((sum, l) => (flavours.includes(l.ingredient) ? sum + l.grams : sum), 0)
    const times = own > 0 ? grams / own : 1
    if (grams === 0 || Math.abs(Math.log(times)) < 0.2) return null
    return { begin: inGrams(own * times ** TASTE), listed: inGrams(grams) }
  },
  soda: (c) => {
    const grams = gramsOf(c, ['soda'])
    return grams > 0 ? { soda: inGrams(grams) } : null
  },
}

/** Everything worth saying about how this boil differs from the formula as written beyond the grams. */
export const unscaledOf = (context: Context): Unscaled[] =>
  (Object.keys(rows) as (keyof UnscaledFigures)[]).flatMap((id) => {
    const figures = rows[id](context)
    return figures ? [{ id, figures } as Unscaled] : []
  })
