/** The analysis in plain words, each with the number beneath. One row a verdict. */

import type { Allergen } from '../matter/ingredient'
import { massOf } from '../matter/mix'
import { workingWindows } from '../physics/slab'
import type { GrainRisk } from '../physics/solubility'
import { formatGrams, formatShare, formatSpan } from '../quantity/format'
import type { Analysis, Conditions } from './analyse'
import { type FormulaDocument, type Grams, partStates } from './document'
import { allergensIn } from './mixes'
import { finishedMix, walk } from './walk'

export type Tone = 'good' | 'mind' | 'bad'

export interface Verdict {
  readonly id: string
  readonly tone: Tone
  readonly text: string
  readonly detail: string
}

type Judge = (a: Analysis, c: Conditions) => Verdict

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1)
const percent = (share: number): string => `${Math.round(share * 100)} %`

const grainWords: Record<GrainRisk | 'none', { tone: Tone; text: string }> = {
  readily: { tone: 'mind', text: 'Grains readily' },
  may: { tone: 'mind', text: 'May grain' },
  'if-stirred': { tone: 'good', text: "Won't grain if left unstirred" },
  resists: { tone: 'good', text: "Won't grain" },
  none: { tone: 'good', text: "Won't grain: all dissolved" },
}

const bite: Judge = (a) => ({
  id: 'bite',
  tone: 'good',
  text: capital(a.bite.word),
  detail: `${Math.abs(Math.round(a.bite.aboveGlass))}° ${a.bite.aboveGlass < 0 ? 'below' : 'above'} its glass point in this room`,
})

const water: Judge = (a, c) => ({
  id: 'water',
  tone: Number.isFinite(a.minutes) ? 'good' : 'bad',
  text: `${formatShare(a.waterShare)} water, ${formatGrams(a.outGrams)} out of the pot`,
  detail: Number.isFinite(a.minutes)
    ? `${formatGrams(a.steamGrams)} boils away in about ${formatSpan(Math.round(a.minutes) * 60)}`
    : `the ${c.burner.name} is too weak to get it there`,
})

/** Fudge is meant to grain: there it is no warning. */
const grain: Judge = (a) => ({
  id: 'grain',
  ...grainWords[a.grain],
  ...(a.meantToGrain && { tone: 'good' as const }),
  detail: `doctors are ${percent(a.doctors)} of the sweeteners`,
})

const sticky: Judge = (a, c) => {
  const damp = c.humidity > a.equilibriumHumidity
  return {
    id: 'humidity',
    tone: damp ? 'mind' : 'good',
    text: `Turns sticky above ${percent(a.equilibriumHumidity)} humidity`,
    detail: damp
      ? `the room is at ${percent(c.humidity)}: wrap within the hour`
      : `the room is at ${percent(c.humidity)}`,
  }
}

const fits: Judge = (a, c) => ({
  id: 'fits',
  tone: a.fill > 1 ? 'bad' : a.fill > 0.85 ? 'mind' : 'good',
  text:
    a.fill > 1 ? `Boils over the ${c.pot.name}` : a.fill > 0.85 ? `Only just fits the ${c.pot.name}` : 'Fits the pot',
  detail: `rises to ${a.peakLitres.toFixed(1)} l of ${c.pot.litres} l at its worst`,
})

/** ◊ How thick a drop lies, for its cooling. */
const DROP_MM = 8

const minutes = (m: number): string => (m < 1 ? `${Math.round(m * 60)} s` : `${Math.round(m)} min`)

/** How long it can be worked after the pull; a sweet that stays above its glass point by more never hurries anyone. */
const work: Judge = (a, c) => {
  const mm = a.shape.kind === 'cut' ? a.shape.heightMm : a.shape.kind === 'broken' ? a.shape.thicknessMm : DROP_MM
  const w = workingWindows(a.finished, mm, a.targetC, c.roomC)
  const [verb, until] = a.shape.kind === 'mould' ? (['Fill', w.flows] as const) : (['Spread', w.spreads] as const)
  return {
    id: 'work',
    tone: until < 2 ? 'mind' : 'good',
    text: Number.isFinite(until) ? `${verb} within ${minutes(until)}` : 'No hurry to pour it',
    detail: Number.isFinite(w.scores)
      ? `takes a score until about ${minutes(w.scores)}`
      : 'stays soft enough to cut in this room',
  }
}

const allergenVerdict = (allergens: readonly Allergen[]): Verdict => ({
  id: 'allergens',
  tone: allergens.length > 0 ? 'mind' : 'good',
  text: allergens.length > 0 ? `Contains ${allergens.join(', ')}` : 'No listed allergen',
  detail: 'check local labelling rules before selling',
})

const allergens: Judge = (a) => allergenVerdict(a.allergens)

const judges: readonly Judge[] = [bite, water, grain, sticky, fits, work, allergens]

/** What this batch will be, in words. */
export const verdictsOf = (analysis: Analysis, conditions: Conditions): Verdict[] =>
  judges.map((judge) => judge(analysis, conditions))

/** What can be said of a formula that is not boiled itself: its weight, the order of its parts, its allergens. */
export function wholeVerdicts(formula: FormulaDocument, grams: Grams): Verdict[] {
  const out = massOf(finishedMix(walk(formula, grams)))
  const parts = formula.parts ?? []
  const label = (id: string): string => parts.find((p) => p.id === id)?.label.toLowerCase() ?? id
  return [
    {
      id: 'weight',
      tone: 'good',
      text: `${formatGrams(out)} altogether`,
      detail: parts.length > 0 ? `in ${parts.length} parts` : 'nothing of it is boiled',
    },
    ...parts.flatMap((p) =>
      p.needs.map(
        (n): Verdict => ({
          id: `${p.id} after ${n.part}`,
          tone: 'mind',
          text: `${p.label} waits until the ${label(n.part)} ${partStates[n.state]}`,
          detail: p.formula.about,
        }),
      ),
    ),
    allergenVerdict(allergensIn(formula)),
  ]
}
