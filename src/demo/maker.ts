/** A simulated maker at a simulated pot: does each step when it falls due, late or early by a habit, and logs it. */
import {
  advancePot,
  analyse,
  applyToPot,
  type BoiledFormula,
  type Conditions,
  type CookAct,
  contentsOf,
  foreseeFinish,
  type GramsByLine,
  isDue,
  potEventsOf,
  pullNear,
  type Step,
  stageOf,
  startPot,
} from '@/core'
import { normal } from '@/core/quantity/seeded'
import { type ProbeFacts, probeModel } from '@/devices/probe'

export interface Habits {
  /** °C past (or short of) the target at which the pot really comes off, carry-over included. */
  readonly misses: number
  /** True power over what the burner's plate says. */
  readonly power: number
  /** s between readings kept. */
  readonly every: number
}

export interface CookedBoil {
  readonly acts: readonly { readonly at: number; readonly act: CookAct }[]
  readonly readings: readonly { readonly at: number; readonly celsius: number }[]
  /** How far past the target the syrup got, °C; short of it is negative. */
  readonly offBy: number
}

const LONGEST = 3 * 3600

/** Cooks one boil from the first flame to the end of its setting. `random` makes the maker human. */
export function cookBoil(
  formula: BoiledFormula,
  grams: GramsByLine,
  conditions: Conditions,
  probeFacts: ProbeFacts,
  habits: Habits,
  random: () => number,
): CookedBoil {
  const burner = { ...conditions.burner, efficiency: conditions.burner.efficiency * habits.power }
  const pot = startPot({ pot: conditions.pot, burner, roomC: conditions.roomC, pressurePa: conditions.pressurePa })
  const probe = probeModel(probeFacts, conditions.roomC, random)
  const acts: { at: number; act: CookAct }[] = []
  const readings: { at: number; celsius: number }[] = []
  let next = 0
  let doneAt = 0
  let hand = reaction(random)
  let empty = false
  let target = Number.NaN
  let hottest = 0
  let tested = false

  const log = (at: number, act: CookAct): void => {
    acts.push({ at: Math.round(at * 10) / 10, act })
    for (const e of potEventsOf(formula, grams, { id: '', at, ...act })) applyToPot(pot, e)
  }

  while (next < formula.steps.length && !empty && pot.at < LONGEST) {
    const step = formula.steps[next] as Step
    if (isDue(step, pot, formula, conditions, doneAt, habits.misses) && pot.at >= doneAt + hand) {
      const shown = readings.at(-1)?.celsius ?? null
      const pulls = step.when.on === 'target'
      log(pot.at, pulls ? { type: 'pulled', step: step.id, celsius: shown } : { type: 'step', step: step.id })
      if (pulls) {
        target = pullNear(formula, pot, conditions)
        hottest = pot.celsius
      }
      empty = step.empties ?? false
      doneAt = pot.at
      hand = pulls ? 6 : reaction(random)
      next++
      continue
    }
    advancePot(pot, 1)
    hottest = Math.max(hottest, pot.celsius)
    const celsius = probe.read(pot.celsius, 1)
    if (celsius !== null && Math.round(pot.at) % habits.every === 0) readings.push({ at: Math.round(pot.at), celsius })
    if (!tested && step.when.on === 'target' && pot.celsius > pullNear(formula, pot, conditions) - 6) {
      tested = true
      log(pot.at, { type: 'test', test: 'drop', result: stageOf(contentsOf(pot)).id })
    }
  }
  // what is left is waiting: setting, scoring, cutting, each at its moment on a rack
  let at = pot.at
  for (const { step, at: opens } of foreseeFinish(formula, analyse(formula, conditions, grams), conditions)) {
    at = Math.max(at, pot.at + opens) + reaction(random)
    acts.push({ at: Math.round(at), act: { type: 'step', step: step.id } })
  }
  acts.push({ at: Math.round(at + 30), act: { type: 'finished' } })
  return { acts, readings, offBy: hottest - target }
}

const reaction = (random: () => number): number => 4 + Math.abs(normal(random)) * 4
