/** A formula followed through the pot on paper: what is in it before and after each step, and the heat that takes. */
import { workOf } from '../craft/families'
import { cocoaButter, handworkFacts } from '../craft/handwork'
import { addMix, emptyMix, type Mix, massOf, withWater } from '../matter/mix'
import { boilingPoint, waterLeftAt } from '../physics/boiling'
import { shadeTemperature } from '../physics/browning'
import { heatCapacity, heatContent, waterHeat } from '../physics/heat'
import { latentHeat, STANDARD_PRESSURE } from '../physics/water'
import type { FormulaDocument, GramsByLine, Step } from './document'
import { groupMix } from './mixes'

export interface Stop {
  readonly step: Step
  /** Contents and temperature when the step falls due, and right after it: the mass itself, without what lies on it. */
  readonly before: Mix
  readonly beforeC: number
  readonly after: Mix
  readonly afterC: number
  /** What the step puts on the mass: dust, chips, a coat. */
  readonly on: Mix
  /** Steam since the step before, g, and heat put in since then, J. */
  readonly steam: number
  readonly joules: number
  /** Dial over that time, 0 to 10. */
  readonly dial: number
}

/**
 * The temperature at the standard atmosphere, °C, that a pot of `mix` is waited for to climb to, on its way to `target`. Null
 * for what waits for something else, or for a shade that stands for no temperature.
 */
export function climbsTo(when: Step['when'], mix: Mix, target: number | null): number | null {
  if (when.on === 'rises') return when.celsius
  if (when.on === 'colour') return shadeTemperature(mix, when.celsius)
  return when.on === 'target' ? target : null
}

/** Temperature and contents at which a step falls due, at the standard atmosphere. */
function due(step: Step, contents: Mix, celsius: number, target: number | null): { mix: Mix; celsius: number } {
  const { when } = step
  if (when.on === 'falls') return { mix: contents, celsius: when.celsius }
  const wanted = climbsTo(when, contents, target)
  if (wanted === null) {
    const boils = when.on === 'boil' || when.on === 'colour'
    return { mix: contents, celsius: boils ? Math.max(celsius, boilingPoint(contents)) : celsius }
  }
  const water = Math.min(contents.water, waterLeftAt(contents, wanted, STANDARD_PRESSURE))
  return { mix: withWater(contents, water), celsius: wanted }
}

/** ◊ Solid chocolate stirred into molten takes so much to melt, J/g of its fat, beside its own warming. */
const SEED_MELTS = cocoaButter.share * cocoaButter.melts

/** Whether a step stirs solid chocolate into molten. */
const isSeed = (formula: FormulaDocument, { id }: Step): boolean =>
  workOf(formula.family, formula.school) === 'tempered' && formula.steps.find((s) => s.adds)?.id !== id

/** By how many degrees seed counts as colder than it is, for what its melting takes. */
const seedTakes = (mix: Mix, celsius: number): number => (SEED_MELTS * mix.fat) / heatCapacity(mix, celsius)

/** What a step puts into the pot: a group, or what a part has become. */
export function additionOf(
  formula: FormulaDocument,
  step: Step,
  grams: GramsByLine,
  roomC: number,
): { mix: Mix; celsius: number } {
  const group = formula.groups.find((g) => g.id === step.adds)
  if (group) {
    const mix = groupMix(formula, group.id, grams)
    return { mix, celsius: group.celsius - (isSeed(formula, step) ? seedTakes(mix, group.celsius) : 0) }
  }
  const part = formula.parts?.find((p) => p.id === step.joins)
  if (part) return { mix: finishedMix(traceSteps(part.formula, grams, roomC)), celsius: part.celsius }
  return { mix: emptyMix, celsius: roomC }
}

/**
 * Follows the steps in order at the standard atmosphere, with `grams` in each line. Compositions hold at any pressure.
 * Cold additions cool the pot; what they would flash off is left to boil away on the way to the next step.
 */
export function traceSteps(formula: FormulaDocument, grams: GramsByLine, roomC = 20): Stop[] {
  let contents = emptyMix
  let celsius = roomC
  let dial = 0
  let poured = false
  return formula.steps.map((step) => {
    const at = due(step, contents, celsius, formula.target?.celsius ?? null)
    const steam = contents.water - at.mix.water
    const middle = Math.max(100, (celsius + at.celsius) / 2)
    const warming = heatContent(at.mix, at.celsius) - heatContent(withWater(contents, at.mix.water), celsius)
    const boiling = (steam / 1000) * (latentHeat(middle) + waterHeat(middle) - waterHeat(celsius))
    const during = dial
    const added = additionOf(formula, step, grams, roomC)
    const puts = poured && step.handwork !== undefined && handworkFacts(step.handwork.kind).puts === 'on'
    const [into, on] = puts ? [emptyMix, added.mix] : [added.mix, emptyMix]
    poured ||= step.empties === true
    const after = addMix(at.mix, into)
    const a = massOf(at.mix) > 0 ? heatCapacity(at.mix, at.celsius) : 0
    const b = massOf(into) > 0 ? heatCapacity(into, added.celsius) : 0
    const afterC = a + b > 0 ? (a * at.celsius + b * added.celsius) / (a + b) : celsius
    contents = after
    celsius = afterC
    if (step.heat !== undefined) dial = step.heat
    if (step.offHeat) dial = 0
    return {
      step,
      before: at.mix,
      beforeC: at.celsius,
      after,
      afterC,
      on,
      steam,
      joules: Math.max(0, warming + boiling),
      dial: during,
    }
  })
}

/** The mass as it is finished: everything in it, boiled to the target; without what lies on it. */
export const massMix = (stops: readonly Stop[]): Mix => stops.at(-1)?.after ?? emptyMix

/** The finished sweet: the mass, and what lies on it. */
export const finishedMix = (stops: readonly Stop[]): Mix => stops.reduce((all, s) => addMix(all, s.on), massMix(stops))
