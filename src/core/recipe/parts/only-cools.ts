/**
 * What is off the heat only cools: a heat that a later one is above is none of the sweet, but how warm that is which goes in there. And what is to
 * cool before the pull is off the heat meanwhile.
 */
import type { BoiledFormula, Step } from '../../formula/document'
import { CLIMBS } from '../sentence/due'
import { MEDIUM } from '../sentence/flame'

/** ◊ °C: two heats so near to each other are one. */
const NEAR_C = 5

/** Whether a step heats the pot again, or waits for that. */
const heats = ({ when, heat }: Step): boolean => heat !== undefined || CLIMBS.has(when.on)

/** How warm what goes in with step `at` is, °C, by the order of the heats; null where that step waits for what it says. */
function warmAt(steps: readonly Step[], at: number): number | null {
  const { when, adds } = steps[at] as Step
  if (when.on !== 'falls' || adds === undefined) return null
  const next = steps.slice(at + 1).find((s) => heats(s) || s.when.on === 'falls')
  return next?.when.on === 'falls' && !heats(next) && next.when.celsius > when.celsius + NEAR_C ? when.celsius : null
}

/** "Boil to 140 °C. Cool to 80 °C, add the nuts. Cook to 150 °C": off the heat in between, and back on it where the text does not say so itself. */
export function cooledOnTheWay(formula: BoiledFormula): BoiledFormula {
  const { steps } = formula
  const pull = steps.findIndex((s) => s.when.on === 'target')
  const cools = (i: number): boolean => i >= 0 && i < pull && steps[i]?.when.on === 'falls'
  const goesOn = (i: number): boolean => steps.slice(i, pull).some((s) => s.heat !== undefined)
  return {
    ...formula,
    steps: steps.map((s, i) => {
      if (cools(i + 1) && !cools(i)) return { ...s, offHeat: true }
      return cools(i) && !cools(i + 1) && !goesOn(i) ? { ...s, heat: MEDIUM } : s
    }),
  }
}

/** "Fold in the nuts at 80 °C. Sheet at 130 °C": the nuts are that warm. */
export function onlyCools(formula: BoiledFormula): BoiledFormula {
  const warm = new Map(
    formula.steps.flatMap((step, i) => {
      const celsius = warmAt(formula.steps, i)
      return celsius === null || step.adds === undefined ? [] : [[step.adds, celsius] as const]
    }),
  )
  if (warm.size === 0) return formula
  return {
    ...formula,
    groups: formula.groups.map((g) => ({ ...g, celsius: warm.get(g.id) ?? g.celsius })),
    steps: formula.steps.map((s) => (s.adds !== undefined && warm.has(s.adds) ? { ...s, when: { on: 'ready' } } : s)),
  }
}
