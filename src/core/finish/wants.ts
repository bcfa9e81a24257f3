/** What a work wants, in grams and degrees for this batch: said on the formula's page before anything is cooked. */

import { chipsOn, coatGrams, coolsTo, dustGrams, meltsAt, seedShare, WARMEST_ROOM, worksAt } from '../cooling/chocolate'
import { whenDownTo } from '../cooling/course'
import { slabCourse } from '../cooling/slab'
import { families } from '../craft/families'
import { type Chocolate, type CutTool, chocolates, type Film } from '../craft/handwork'
import { firstPlace, onARack } from '../craft/surfaces'
import type { PlainFindingOf } from '../finding'
import type { Analysis, Conditions } from '../formula/analyse'
import { type FormulaDocument, type GramsByLine, isBoiled, pullIndex, type Step } from '../formula/document'
import { ingredientIn } from '../formula/mixes'
import type { BatchPlan } from '../formula/plan'
import { BAKED_C } from '../log/log'
import { glassTransition } from '../physics/glass'
import { heatCapacity } from '../physics/heat'
import { dewPoint } from '../physics/humidity'
import { type Celsius, type Grams, inCelsius, inGrams, inSeconds, type Seconds } from '../quantity/figures'
import { bakesIn } from './baked'
import { foreseenCourse } from './foresee'
import { pieceOf, type WrapBy, wrapBy } from './keeping'
import { ropeFrom, SATIN } from './pulled'
import { tabledFrom } from './tabled'
import { chocolateOf, heatRangeOf, windowOf } from './windows'

export interface WantFigures {
  /** `starch`: how much of it; null where the formula says itself what it is dusted with, or its kind is rolled in sugar. */
  dust: { readonly grams: Grams; readonly starch: Grams | null }
  /** `listed`: chocolate the formula has for it. */
  coat: { readonly grams: Grams; readonly staysOn: Grams; readonly listed: Grams }
  temper: {
    readonly chocolate: Chocolate
    readonly melt: Grams
    readonly seed: Grams
    readonly meltTo: Celsius
    readonly workAt: Celsius
    readonly tooWarm: boolean
  }
  table: { readonly grams: Grams; readonly downTo: Celsius; readonly takes: Seconds; readonly workAt: Celsius }
  bake: { readonly at: Celsius; readonly takes: Seconds; readonly inside: Celsius }
  pull: { readonly pulls: number; readonly takes: Seconds; readonly bends: Seconds; readonly grows: number }
  chips: { readonly grams: Grams; readonly melts: boolean; readonly share: number; readonly spreadBelow: Celsius }
  wrap: { readonly film: Film; readonly days: number; readonly bareHours: number; readonly spoils: WrapBy['spoils'] }
  chill: { readonly dew: Celsius; readonly weeps: boolean }
  cut: { readonly tool: CutTool }
}
export type Want = PlainFindingOf<WantFigures>

interface WantContext {
  readonly formula: FormulaDocument
  /** Null for what is not boiled. */
  readonly analysis: Analysis | null
  readonly plan: BatchPlan
  readonly conditions: Conditions
}

/** g of what goes in with a step. */
const gramsIn = (formula: FormulaDocument, group: string | undefined, grams: GramsByLine): number =>
  formula.lines.filter((l) => l.group === group).reduce((sum, l) => sum + (grams[l.id] ?? 0), 0)

/** g of chocolate that a formula has to put on a sweet: what goes in once it is off the heat, up to this step. */
function chocolateFor(step: Step, formula: FormulaDocument, grams: GramsByLine): number {
  const upTo = formula.steps.slice(pullIndex(formula) + 1, formula.steps.indexOf(step) + 1)
  const goesIn = new Set(upTo.flatMap((s) => s.adds ?? []))
  const lines = formula.lines.filter((l) => goesIn.has(l.group) && /chocolate/.test(l.ingredient))
  return lines.reduce((sum, l) => sum + (grams[l.id] ?? 0), 0)
}

/** g of what is tempered, and how much of it is fat: all that is in such a formula. */
function chocolateIn(formula: FormulaDocument, grams: GramsByLine, kind: Chocolate): { grams: number; fat: number } {
  const lines = formula.lines.map((l) => ({ g: grams[l.id] ?? 0, ingredient: ingredientIn(formula, l.ingredient) }))
  const all = lines.reduce((sum, l) => sum + l.g, 0)
  const fat = lines.reduce((sum, l) => sum + (l.g * l.ingredient.per100.fat) / 100, 0)
  return { grams: all, fat: all > 0 ? fat / all : chocolates[kind].fat }
}

const STARCH = /\b(?:corn ?flour|(?:corn ?)?starch)\b/i
const SUGAR = /\bsugar\b/i
const OTHER_DUST = /\b(?:cocoa|coconut|mix(?:ture)?|nuts)\b/i
/** Whether a sentence says itself what is dusted with: "in icing sugar". Of starch and sugar it leaves open how much of either. */
const isDustSaid = (say: string): boolean => STARCH.test(say) !== SUGAR.test(say) || OTHER_DUST.test(say)

/** What the work of a step wants; null where it wants nothing but hands. */
export function wantOf(step: Step, { formula, analysis, plan, conditions }: WantContext): Want | null {
  const work = step.handwork
  const piece = analysis && pieceOf(formula, analysis, plan.pieceGrams)
  switch (work?.kind) {
    case 'dust': {
      if (!piece) return null
      const grams = dustGrams(plan.pieces, piece.areaCm2)
      const isOwn =
        families[formula.family].dusted === 'sugar' ||
        formula.lines.some((l) => l.group === step.adds) ||
        isDustSaid(step.say)
      return { id: 'dust', figures: { grams: inGrams(grams), starch: isOwn ? null : inGrams(grams / 2) } }
    }
    case 'coat': {
      if (!piece) return null
      const { grams, staysOn } = coatGrams(plan.pieces, piece.areaCm2)
      const listed = inGrams(chocolateFor(step, formula, plan.grams))
      return { id: 'coat', figures: { grams: inGrams(grams), staysOn: inGrams(staysOn), listed } }
    }
    case 'temper': {
      const { grams, fat } = chocolateIn(formula, plan.grams, work.chocolate)
      // worked on a stone it makes its own crystal
      const tabled = formula.steps.some((s) => s.handwork?.kind === 'table')
      if (grams <= 0 || tabled) return null
      const share = seedShare(fat, meltsAt(work.chocolate), worksAt(work.chocolate), conditions.roomC)
      return {
        id: 'temper',
        figures: {
          chocolate: work.chocolate,
          melt: inGrams(grams * (1 - share)),
          seed: inGrams(grams * share),
          meltTo: inCelsius(meltsAt(work.chocolate)),
          workAt: inCelsius(worksAt(work.chocolate)),
          tooWarm: conditions.roomC > WARMEST_ROOM,
        },
      }
    }
    case 'table': {
      const chocolate = chocolateOf(formula.steps)
      const { grams } = chocolateIn(formula, plan.grams, chocolate)
      if (!analysis || grams <= 0) return null
      const { roomC, pot, surfaces } = conditions
      const spread = { mix: analysis.atTarget, chocolate, roomC, pot, surfaces }
      const { share, seconds } = tabledFrom(spread, 0, analysis.targetC)
      return {
        id: 'table',
        figures: {
          grams: inGrams(grams * share),
          downTo: inCelsius(coolsTo(chocolate)),
          takes: inSeconds(seconds),
          workAt: inCelsius(worksAt(chocolate)),
        },
      }
    }
    case 'bake': {
      // what was boiled is dried or set there, and is no dough that is baked through
      if (isBoiled(formula)) return null
      const takes = bakesIn(formula, plan.grams, conditions.roomC, work.celsius)
      if (takes === null) return null
      return {
        id: 'bake',
        figures: { at: inCelsius(work.celsius), takes: inSeconds(takes), inside: inCelsius(BAKED_C) },
      }
    }
    case 'pull': {
      const window = windowOf(formula, step)
      if (!analysis || !window) return null
      const { roomC } = conditions
      const poured = foreseenCourse(formula, analysis, conditions, firstPlace(conditions))
      const { high, low } = heatRangeOf(window, glassTransition(analysis.finished), roomC)
      const opens = whenDownTo(poured, high)
      const { slab, startC } = ropeFrom(analysis.finished, poured, opens, roomC)
      const rope = slabCourse(slab, startC, [{ from: opens, on: onARack }])
      return {
        id: 'pull',
        figures: {
          pulls: SATIN.pulls,
          takes: inSeconds(SATIN.pulls * SATIN.secondsEach),
          bends: inSeconds(whenDownTo(rope, low) - opens),
          grows: 1 / (1 - SATIN.air),
        },
      }
    }
    case 'cover-chips': {
      const grams = gramsIn(formula, step.adds, plan.grams)
      if (!analysis || grams <= 0) return null
      const perK = heatCapacity(analysis.finished, 80) * (plan.outGrams / analysis.outGrams)
      const { melts, share, spreadBelow } = chipsOn(grams, 0.3, conditions.roomC, CHIPS_ON, perK)
      return { id: 'chips', figures: { grams: inGrams(grams), melts, share, spreadBelow: inCelsius(spreadBelow) } }
    }
    case 'wrap': {
      if (!piece) return null
      const kept = wrapBy(piece, conditions)
      const days = kept.days.find((d) => d.film === work.film)?.days ?? 0
      return { id: 'wrap', figures: { film: work.film, days, bareHours: kept.bareHours, spoils: kept.spoils } }
    }
    case 'chill': {
      const dew = dewPoint(conditions.roomC, conditions.humidity)
      return { id: 'chill', figures: { dew: inCelsius(dew), weeps: dew > work.celsius } }
    }
    case 'cut':
      return { id: 'cut', figures: { tool: work.tool } }
    default:
      return null
  }
}

/** ◊ How hot a slab is when the chips go on, °C. */
const CHIPS_ON = 95
