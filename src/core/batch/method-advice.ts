/** What the newest batches of a formula say of its method: the doctor, the heat, the water, when it is worked, how much air it holds. Each is one change to its document. */
import { airOf } from '../formula/air'
import { type Analysis, analyse, type Conditions } from '../formula/analyse'
import { type BoiledFormula, type Line, pullIndex, type Step } from '../formula/document'
import { ingredientIn } from '../formula/mixes'
import { meanOf } from '../quantity/statistics'
import type { FlawId } from './flaws'
import type { Traits } from './traits'

/** What is read of a past batch, newest first. */
export interface AdvisedBy {
  readonly traits: Traits
  readonly flaws: readonly FlawId[]
}

interface Base {
  /** The formula with the change made. */
  readonly formula: BoiledFormula
  /** Batches that speak for it, of so many looked at. */
  readonly of: number
  readonly batches: number
}

export type MethodAdvice =
  | (Base & { readonly kind: 'doctor'; readonly name: string; readonly fromGrams: number; readonly toGrams: number })
  | (Base & { readonly kind: 'heat'; readonly step: string; readonly fromDial: number; readonly toDial: number })
  | (Base & {
      readonly kind: 'water'
      readonly fromGrams: number
      readonly toGrams: number
      readonly savedMinutes: number
    })
  | (Base & { readonly kind: 'time'; readonly step: string; readonly fromS: number; readonly toS: number })
  | (Base & { readonly kind: 'air'; readonly fromAir: number; readonly toAir: number })

/** ◊ Batches looked at, and how many of them have to say the same. */
const LOOKS_AT = 8
const LEAST = 3
/** ◊ Mark from which a sweet that should not has grained; share by which a doctor is raised for it. */
const GRAINED = 2.5
const MORE_DOCTOR = 0.2
/** ◊ Steps of the dial taken off where it scorches, parts or foams over, and the dial of a step that says none. */
const LESS_HEAT = 2
const USUAL_DIAL = 7
/** ◊ g of water a g of sugar that dissolve it with ease, the most it is lowered by, and minutes that are worth it. */
const ENOUGH_WATER = 0.32
const LESS_WATER = 0.6
const WORTH_MIN = 3
/** ◊ Shares of air nearer than this are the same; and the most a sweet holds. */
const AIR = { alike: 0.03, most: 0.9 }
/** ◊ Share by which a wait is shortened or drawn out. */
const SHIFT = 0.15

const HOT: ReadonlySet<FlawId> = new Set(['scorched', 'separated', 'foamed-over'])

/** All that the log, or the make-up, speaks for; nothing for a formula that does well. */
export function adviseMethod(
  formula: BoiledFormula,
  conditions: Conditions,
  past: readonly AdvisedBy[],
): MethodAdvice[] {
  const recent = past.slice(0, LOOKS_AT)
  const analysis = analyse(formula, conditions)
  return [
    doctorAdvice(formula, analysis, recent),
    heatAdvice(formula, recent),
    waterAdvice(formula, analysis, conditions, recent),
    timeAdvice(formula, recent),
    airAdvice(formula, recent),
  ].filter((a) => a !== null)
}

const withLines = (formula: BoiledFormula, grams: Readonly<Record<string, number>>): BoiledFormula => ({
  ...formula,
  lines: formula.lines.map((l) => ({ ...l, grams: grams[l.id] ?? l.grams })),
})

const withStep = (formula: BoiledFormula, id: string, change: Partial<Step>): BoiledFormula => ({
  ...formula,
  steps: formula.steps.map((s) => (s.id === id ? { ...s, ...change } : s)),
})

/** Share of an ingredient that keeps sucrose from graining. */
function doctors(formula: BoiledFormula, { ingredient }: Line): number {
  const { monosaccharide, glucoseSolids } = ingredientIn(formula, ingredient).per100
  return (monosaccharide + glucoseSolids) / 100
}

const sucroseOf = (formula: BoiledFormula, { ingredient }: Line): number =>
  ingredientIn(formula, ingredient).per100.sucrose / 100

const most = <T>(list: readonly T[], of: (t: T) => number): T | undefined => list.toSorted((a, b) => of(b) - of(a))[0]

function doctorAdvice(formula: BoiledFormula, analysis: Analysis, recent: readonly AdvisedBy[]): MethodAdvice | null {
  if (analysis.meantToGrain) return null
  const grained = recent.filter((b) => (b.traits.grain ?? 1) >= GRAINED || b.flaws.includes('grained')).length
  const doctor = most(
    formula.lines.filter((l) => doctors(formula, l) > 0.4),
    (l) => l.grams,
  )
  const sugar = most(
    formula.lines.filter((l) => sucroseOf(formula, l) > 0.9),
    (l) => l.grams,
  )
  if (grained < LEAST || !doctor || !sugar) return null
  const toGrams = doctor.grams * (1 + MORE_DOCTOR)
  // as much sugar comes off as the doctor brings, so that the sweet stays of one size
  const less = (toGrams - doctor.grams) * doctors(formula, doctor)
  return {
    kind: 'doctor',
    name: ingredientIn(formula, doctor.ingredient).name,
    fromGrams: doctor.grams,
    toGrams,
    formula: withLines(formula, { [doctor.id]: toGrams, [sugar.id]: Math.max(0, sugar.grams - less) }),
    of: recent.length,
    batches: grained,
  }
}

function heatAdvice(formula: BoiledFormula, recent: readonly AdvisedBy[]): MethodAdvice | null {
  const hot = recent.filter((b) => b.flaws.some((f) => HOT.has(f))).length
  const step = formula.steps.slice(0, pullIndex(formula)).findLast((s) => !s.offHeat)
  if (hot < LEAST || !step) return null
  const dials = recent.flatMap((b) => b.traits.dial ?? [])
  const fromDial = step.heat ?? (dials.length > 0 ? Math.round(meanOf(dials)) : USUAL_DIAL)
  const toDial = Math.max(1, fromDial - LESS_HEAT)
  return toDial >= fromDial
    ? null
    : {
        kind: 'heat',
        step: step.label,
        fromDial,
        toDial,
        formula: withStep(formula, step.id, { heat: toDial }),
        of: recent.length,
        batches: hot,
      }
}

function waterAdvice(
  formula: BoiledFormula,
  { minutes }: Analysis,
  conditions: Conditions,
  recent: readonly AdvisedBy[],
): MethodAdvice | null {
  const water = most(
    formula.lines.filter((l) => l.ingredient === 'water'),
    (l) => l.grams,
  )
  const sugar = formula.lines.reduce((sum, l) => sum + l.grams * sucroseOf(formula, l), 0)
  if (!water || sugar === 0 || recent.length < LEAST) return null
  const toGrams = Math.max(ENOUGH_WATER * sugar, LESS_WATER * water.grams)
  if (toGrams >= water.grams) return null
  const changed = withLines(formula, { [water.id]: toGrams })
  const paces = recent.flatMap((b) => b.traits.pace ?? [])
  const pace = paces.length > 0 ? Math.exp(meanOf(paces)) : 1
  const savedMinutes = pace * (minutes - analyse(changed, conditions).minutes)
  return savedMinutes < WORTH_MIN
    ? null
    : {
        kind: 'water',
        fromGrams: water.grams,
        toGrams,
        savedMinutes,
        formula: changed,
        of: recent.length,
        batches: recent.length,
      }
}

function timeAdvice(formula: BoiledFormula, recent: readonly AdvisedBy[]): MethodAdvice | null {
  const late = recent.filter((b) => (b.traits.worked ?? 0) > 0).length
  const early = recent.filter((b) => (b.traits.worked ?? 0) < 0).length
  const step = formula.steps.find((s) => s.handwork && s.when.on === 'after')
  if (Math.max(late, early) < LEAST || late === early || step?.when.on !== 'after') return null
  const fromS = step.when.seconds
  const toS = Math.round((fromS * (late > early ? 1 - SHIFT : 1 + SHIFT)) / 30) * 30
  return toS === fromS
    ? null
    : {
        kind: 'time',
        step: step.label,
        fromS,
        toS,
        formula: withStep(formula, step.id, { when: { ...step.when, seconds: toS } }),
        of: recent.length,
        batches: Math.max(late, early),
      }
}

/** The air that makes a slab as deep as it was measured, where it was reckoned from whipping or soda. */
function airAdvice(formula: BoiledFormula, recent: readonly AdvisedBy[]): MethodAdvice | null {
  const deeper = recent.flatMap((b) => b.traits.depth ?? [])
  const fromAir = airOf(formula)
  if (deeper.length < LEAST || fromAir === 0) return null
  // as much of everything else lies in a volume that is so many times as large
  const whole = 1 - (1 - fromAir) / Math.exp(meanOf(deeper))
  const toAir = Math.round(100 * Math.min(AIR.most, Math.max(0, whole))) / 100
  if (Math.abs(toAir - fromAir) < AIR.alike) return null
  return { kind: 'air', fromAir, toAir, formula: { ...formula, air: toAir }, of: recent.length, batches: deeper.length }
}
