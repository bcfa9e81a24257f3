/** What does not grow with the batch by itself, said with its figures. One row a subject. */

import { workingWindows } from '../physics/slab'
import { sucroseSolubility } from '../physics/solubility'
import { formatGrams, formatSpan } from '../quantity/format'
import type { Analysis, Conditions } from './analyse'
import type { BoiledFormula, Grams } from './document'
import type { BatchPlan } from './scale'

export interface Unscaled {
  readonly id: string
  readonly text: string
  readonly detail: string
}

interface Context {
  readonly formula: BoiledFormula
  readonly plan: BatchPlan
  /** Grams in this boil. */
  readonly grams: Grams
  readonly analysis: Analysis
  /** The formula as written, in the same pot on the same ring. */
  readonly written: Analysis
  readonly conditions: Conditions
}

const round = (minutes: number): string => formatSpan(Math.round(minutes) * 60)
const gramsOf = ({ formula, grams }: Context, ids: readonly string[]): number =>
  formula.lines.reduce((sum, l) => (ids.includes(l.ingredient) ? sum + (grams[l.id] ?? 0) : sum), 0)

const flavours = [
  'flavour',
  'vanilla',
  'vanilla-paste',
  'spice',
  'rose-water',
  'rum',
  'liqueur',
  'citric-acid',
  'tartaric-acid',
]
/** ◊ Taste grows a little slower than the batch: Stevens' exponent for flavours is near 0.9. */
const TASTE = 0.9
/** ◊ Water to dissolve in: what saturates at 90 °C, and a third more so that it does so in minutes. */
const DISSOLVE = { celsius: 90, spare: 1.33 }

const rows: Readonly<Record<string, (c: Context) => Omit<Unscaled, 'id'> | null>> = {
  time: ({ analysis, written }) =>
    Number.isFinite(analysis.minutes)
      ? {
          text: `${round(analysis.minutes)} from the first flame to the pull`,
          detail: `as written it would be ${round(written.minutes)} on this ring: the same ring has all the water to drive off`,
        }
      : null,
  water: (c) => {
    const water = gramsOf(c, ['water'])
    if (water === 0) return null
    const s = sucroseSolubility(DISSOLVE.celsius)
    const enough = ((gramsOf(c, ['sugar', 'caster-sugar']) * (100 - s)) / s) * DISSOLVE.spare
    return water > enough * 1.1
      ? {
          text: `${formatGrams(enough)} of water would dissolve it`,
          detail: `${formatGrams(water)} is in the list: less water is less time, not another sweet`,
        }
      : { text: 'Water to start with is about right', detail: `${formatGrams(enough)} is what dissolves the sugar` }
  },
  foam: ({ analysis, conditions }) => ({
    text: `Rises to ${analysis.peakLitres.toFixed(1)} l`,
    detail: `grows with the batch, the pot does not: ${Math.round(100 * analysis.fill)} % of the ${conditions.pot.name}`,
  }),
  spreading: ({ analysis, conditions, plan }) => {
    const { shape } = analysis
    const mm = shape.kind === 'cut' ? shape.heightMm : shape.kind === 'broken' ? shape.thicknessMm : 8
    const w = workingWindows(analysis.finished, mm, analysis.targetC, conditions.roomC)
    const until = shape.kind === 'mould' ? w.flows : w.spreads
    if (!Number.isFinite(until)) return null
    const each = Math.max(1, Math.ceil(plan.vessels / plan.boils.length))
    return {
      text: `${round(until)} to pour it all, however much there is`,
      detail: each > 1 ? `${each} to fill from each boil: ${formatSpan((until * 60) / each)} each` : 'one to fill',
    }
  },
  flavour: (c) => {
    const grams = gramsOf(c, flavours)
    const own = c.formula.lines.reduce((sum, l) => (flavours.includes(l.ingredient) ? sum + l.grams : sum), 0)
    const times = own > 0 ? grams / own : 1
    if (grams === 0 || Math.abs(Math.log(times)) < 0.2) return null
    return {
      text: `Flavour: begin with ${formatGrams(own * times ** TASTE)}`,
      detail: `the list says ${formatGrams(grams)} in proportion; add the rest by taste of a cooled drop`,
    }
  },
  soda: (c) => {
    const grams = gramsOf(c, ['soda'])
    return grams > 0
      ? {
          text: `Soda: ${formatGrams(grams)}, sifted and stirred in within ten seconds`,
          detail: 'a large boil loses gas while it is stirred: mix it no longer than a small one',
        }
      : null
  },
}

/** Everything worth saying about how this boil differs from the formula as written beyond the grams. */
export const unscaledOf = (context: Context): Unscaled[] =>
  Object.entries(rows).flatMap(([id, row]) => {
    const said = row(context)
    return said ? [{ id, ...said }] : []
  })
